import type { Decision, Verdict } from '@lotus-steady/core';
import { t } from '../words/t.js';

const WORDS: Record<Verdict, string> = { keep: t('Kept'), modify: t('Changed'), substitute: t('Replaced'), omit: t('Left out') };

/** Verdicts are told by word and by an ink mark: a line, a dashed line, an open ring, a hatch. */
export function VerdictMark({ verdict }: { verdict: Verdict }) {
  return (
    <svg
      width="18"
      height="12"
      viewBox="0 0 18 12"
      aria-hidden
      className="inline-block align-middle"
      stroke="currentColor"
      fill="none"
      strokeWidth="2"
    >
      {verdict === 'keep' && <path d="M2 6h14" />}
      {verdict === 'modify' && <path d="M1 6h16" strokeDasharray="4 2.5" />}
      {verdict === 'substitute' && <circle cx="9" cy="6" r="4.5" />}
      {verdict === 'omit' && <path d="M3 11 9 1M8 11l6-10M13 11l3-5" />}
    </svg>
  );
}

export function VerdictWord({ verdict }: { verdict: Verdict }) {
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap">
      <VerdictMark verdict={verdict} />
      {WORDS[verdict]}
    </span>
  );
}

export const DECISIONS: Record<Decision, { readonly mark: string; readonly word: string }> = {
  practise: { mark: '○', word: t('May practise') },
  clearance: { mark: '◐', word: t('Written clearance first') },
  refer: { mark: '●', word: t('Not today: refer') },
};

export function DecisionWord({ decision }: { decision: Decision }) {
  const { mark, word } = DECISIONS[decision];
  return (
    <span className={`inline-flex items-center gap-1.5 ${decision === 'practise' ? '' : 'font-semibold'}`}>
      <span aria-hidden>{mark}</span>
      {word}
    </span>
  );
}
