import { useToday } from '../../clock.js';
import { amount } from '../../parts/amounts.js';
import type { AsanaVerdict, Condition, Participant } from '@lotus-steady/core';
import { useQueries } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { measureLabel } from '../../parts/limit-words.js';
import { Thumb } from '../../parts/Thumb.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { verdictsQuery } from '../../worker/queries.js';
import { t } from '../../words/t.js';

const WORDS = { change: t('Only when changed, or not at all'), watch: t('With care'), keep: t('Allowed as it is') } as const;
const FIRST = 24;

function number({ by }: AsanaVerdict): string {
  if (!by) return '';
  return `${measureLabel(by.measure)} ${amount(by.value, by.unit)}`;
}

/** What the limits make of the whole library: asanas by verdict with the number that decided; of two stages what differs. */
export function LibraryFor({ stages, condition }: { stages: readonly Participant[]; condition: Condition }) {
  const nameOf = useAsanaNames();
  const day = useToday();
  const verdicts = useQueries({ queries: stages.map((stage) => verdictsQuery(stage, day)) });
  const [all, setAll] = useState<AsanaVerdict['verdict'] | null>(null);
  const [first, second] = verdicts.map(({ data }) => data);
  if (!nameOf || !first) return <p className="mt-6 text-soft">{t('Judging the library …')}</p>;
  const other = new Map(second?.map((one) => [one.asana, one]));
  return (
    <section aria-label={t('In the library')} className="mt-6">
      <h2 className="mb-2 text-lg">{t('In the library')}</h2>
      {second && (
        <p className="mb-3">
          {t('Allowed in the first, not in the second: {filter}.', {
            filter:
              first
                .filter(({ asana, verdict }) => verdict !== 'change' && other.get(asana)?.verdict === 'change')
                .map(({ asana }) => nameOf.get(asana))
                .join(', ') || t('nothing'),
          })}
        </p>
      )}
      {(['change', 'watch', 'keep'] as const).map((verdict) => {
        const own = first.filter((one) => one.verdict === verdict);
        const drawn = all === verdict ? own : own.slice(0, FIRST);
        return (
          own.length > 0 && (
            <details key={verdict} open={verdict === 'change'} className="mb-3">
              <summary className="cursor-pointer font-semibold">
                {WORDS[verdict]} ({own.length})
              </summary>
              <ul className="mt-2 grid grid-cols-2 gap-2 sm:grid-cols-4 lg:grid-cols-8">
                {drawn.map((one) => (
                  <li key={one.asana}>
                    <Link
                      to={`/asanas/${one.asana}?for=${condition.id}`}
                      className="block h-full rounded border border-rule bg-sheet p-2 hover:border-ink"
                    >
                      <Thumb id={one.asana} className="h-14" />
                      <span className="block text-sm leading-tight">{nameOf.get(one.asana)}</span>
                      <span className="block text-xs text-soft">{number(one)}</span>
                    </Link>
                  </li>
                ))}
              </ul>
              {own.length > drawn.length && (
                <button type="button" className="mt-2 text-sm underline" onClick={() => setAll(verdict)}>
                  {t('All {own}', { own: own.length })}
                </button>
              )}
            </details>
          )
        );
      })}
    </section>
  );
}
