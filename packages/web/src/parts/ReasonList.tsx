import { getOrCreate } from '@lotus-steady/core';
import type { Score } from '../worker/answers.js';
import { allowed, amount } from './amounts.js';
import { findConditionName } from './condition-name.js';
import { GRADE_WORDS, measureLabel } from './limit-words.js';
import { t } from '../words/t.js';
import { tell } from '../words/tell.js';

export type Reason = Score['answer']['participants'][number]['steps'][number]['reasons'][number];

function measured({ measure: id, value, unit, bound, where }: Reason): string {
  const measure = measureLabel(id);
  return bound === ''
    ? tell('{measure}{where, select, transition { (on the way there)} session { (over the class)} other {}}', { measure, where })
    : tell('{measure}: {amount}, allowed {allowed}{where, select, transition { (on the way there)} session { (over the class)} other {}}', {
        measure,
        amount: amount(value, unit),
        allowed: allowed(bound, unit),
        where,
      });
}

/** Why a step is changed, or what to heed: each sentence once, then what was measured for it against what is allowed, then whose limit it is. */
export function ReasonList({ reasons, className = 'space-y-3' }: { reasons: readonly Reason[]; className?: string }) {
  const alike = new Map<string, Reason[]>();
  for (const reason of reasons)
    getOrCreate(alike, [reason.text, reason.condition, reason.grade, reason.source].join('\n'), () => []).push(reason);
  return (
    <ul className={className}>
      {[...alike].map(([key, group]) => {
        const { text, condition, grade, source } = group[0]!;
        return (
          <li key={key} className="border-l-2 border-ink pl-3">
            <p className="font-semibold">{t(text)}</p>
            {[...new Set(group.map(measured))].map((line) => (
              <p key={line}>{line}</p>
            ))}
            <p className="text-sm text-soft">
              {findConditionName(condition)}: {GRADE_WORDS[grade]}. {source}
            </p>
          </li>
        );
      })}
    </ul>
  );
}
