import type { Span } from '@lotus-steady/core';
import { t } from '../../words/t.js';

/** How each part of a line is marked: by its shape, never by colour alone. */
const MARKS: Readonly<Record<Span['as'], string>> = {
  name: 'border-b-2 border-ink font-semibold',
  dose: 'border-b-2 border-dotted border-ink',
  side: 'rounded border border-ink px-1',
  way: 'border-b border-ink before:mr-1 before:content-["›"]',
  prop: 'border-b-4 border-double border-ink',
  place: 'border-b border-dashed border-ink',
  breath: 'italic border-b border-soft',
  comment: 'italic text-soft',
  bullet: 'text-soft',
};

/** A line of notes with the parts that it was read in; what nothing was made of stays plain and grey. */
export function MarkedLine({ text, spans }: { text: string; spans: readonly Span[] }) {
  const parts: { readonly text: string; readonly as: Span['as'] | null; readonly from: number }[] = [];
  let at = 0;
  for (const { from, to, as } of spans) {
    if (from < at) continue;
    if (from > at) parts.push({ text: text.slice(at, from), as: null, from: at });
    parts.push({ text: text.slice(from, to), as, from });
    at = to;
  }
  if (at < text.length) parts.push({ text: text.slice(at), as: null, from: at });
  return (
    <span className="break-words">
      {parts.map((part) => (
        <span key={part.from} className={part.as === null ? 'text-soft' : MARKS[part.as]}>
          {part.text}
        </span>
      ))}
    </span>
  );
}

const LEGEND: readonly (readonly [Span['as'], string])[] = [
  ['name', 'posture'],
  ['dose', t('how long')],
  ['side', 'side'],
  ['prop', 'prop'],
  ['place', 'where'],
  ['way', t('way there')],
  ['comment', 'note'],
];

/** What the marks mean. */
export function MarksLegend() {
  return (
    <p className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm text-soft">
      {LEGEND.map(([as, word]) => (
        <span key={as}>
          <span className={`${MARKS[as]} text-ink`}>{word}</span>
        </span>
      ))}
      <span>{t('plain grey: not used')}</span>
    </p>
  );
}
