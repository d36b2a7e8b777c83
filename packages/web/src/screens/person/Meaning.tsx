import { useToday } from '../../clock.js';
import { findCondition, type Answered, type Grade } from '@lotus-steady/core';
import { allowed } from '../../parts/amounts.js';
import type { Studio } from '@lotus-steady/requests';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { findConditionName } from '../../parts/condition-name.js';

import { DecisionWord } from '../../parts/Verdict.js';
import { meaningQuery } from '../../worker/queries.js';
import type { PersonDraft } from './person-draft.js';
import { sentence } from '../../words/say.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const GRADES: readonly { readonly grade: Grade; readonly title: string }[] = [
  { grade: 'avoid', title: t('Not at all') },
  { grade: 'modify', title: t('Only when changed') },
  { grade: 'watch', title: t('With care') },
];

interface Props {
  readonly draft: PersonDraft;
  readonly studio: Studio;
  readonly valid: boolean;
  readonly onLoosen: (limit: string) => void;
}

/** What the answers so far mean: may they practise, and within which limits. */
export function Meaning({ draft, studio, valid, onLoosen }: Props) {
  const { conditions, schools, clearances, ownLimits, loosened } = draft;
  const answered = useMemo(
    (): Answered | null =>
      valid
        ? { conditions, clearances, loosened, schools: { ...studio.schools, ...schools }, ownLimits: [...studio.limits, ...ownLimits] }
        : null,
    [conditions, schools, clearances, ownLimits, loosened, studio, valid],
  );
  const { data } = useQuery(meaningQuery(answered, useToday()));
  const meaning = valid ? data : undefined;
  return (
    <aside aria-labelledby="meaning" className="rounded border border-rule bg-sheet p-4 lg:sticky lg:top-4">
      <h2 id="meaning" className="text-lg">
        {t('What this means')}
      </h2>
      {!valid && <p className="mt-2">{t('Correct the marked answers first; until then nothing is worked out.')}</p>}
      {meaning && (
        <div role="status">
          <p className="mt-2 text-lg">
            <DecisionWord decision={meaning.screening.decision} />
          </p>
          <ul className="mt-1 list-disc pl-5">
            {meaning.screening.reasons.map((reason) => (
              <li key={reason.text}>{sentence(reason)}</li>
            ))}
          </ul>
          {meaning.screening.notes.length > 0 && (
            <ul className="mt-2 list-disc pl-5 text-sm text-soft">
              {meaning.screening.notes.map((note) => (
                <li key={note.text}>{sentence(note)}</li>
              ))}
            </ul>
          )}
          {meaning.say !== null && (
            <p className="mt-3 border-l-2 border-ink pl-3">
              <strong>{t('What to say:')} </strong>“{meaning.say}”
            </p>
          )}
          {meaning.conflicts.length > 0 && (
            <div className="mt-3 border-l-2 border-dashed border-ink pl-3">
              <h3 className="font-semibold">{t('Opposed directions')}</h3>
              <ul className="list-disc pl-5">
                {meaning.conflicts.map((text) => (
                  <li key={text}>{text}</li>
                ))}
              </ul>
            </div>
          )}
          {conditions.length === 0 && <p className="mt-2 text-soft">{t('No condition, no limits.')}</p>}
          {GRADES.map(({ grade, title }) => {
            const limits = meaning.limits.filter((limit) => limit.grade === grade);
            return (
              limits.length > 0 && (
                <details key={grade} className="mt-3">
                  <summary className="cursor-pointer font-semibold">
                    {title} ({tell('{count, plural, one {# limit} other {# limits}}', { count: limits.length })})
                  </summary>
                  <ul className="mt-1 space-y-1.5 text-sm">
                    {limits.map(({ limit, label, bound, unit, when, text, asking, loose }) => (
                      <li key={limit}>
                        <strong>{label}</strong> {allowed(bound, unit)}
                        {when.map((one) => `, ${one}`)}.{' '}
                        <span className="text-soft">
                          {text}
                          {asking.length > 1 && ` ${t('Asked for by {asking}.', { asking: asking.map(findConditionName).join(', ') })}`}
                        </span>
                        {loose && (
                          <button
                            type="button"
                            className="ml-1 underline"
                            onClick={() => onLoosen(limit)}
                            aria-label={t('Set aside: {label} {allowed}', { label, allowed: allowed(bound, unit) })}
                          >
                            {t('set aside …')}
                          </button>
                        )}
                      </li>
                    ))}
                  </ul>
                </details>
              )
            );
          })}
          {conditions.length > 0 && (
            <p className="mt-4 border-t border-rule pt-3 text-sm">
              <strong>{t('Stop in class:')} </strong>
              {conditions.map(({ id }) => findCondition(id)?.stopInClass).join(' ')}
            </p>
          )}
        </div>
      )}
    </aside>
  );
}
