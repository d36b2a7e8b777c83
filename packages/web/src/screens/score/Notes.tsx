import type { AdaptationJson } from '@lotus-steady/core';
import { Link } from 'react-router';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

type Inserted = AdaptationJson['participants'][number]['inserted'][number];

/** Lines that were not understood: never left out without a word. */
export function NotUnderstood({ unknown, sequence }: { unknown: AdaptationJson['unknown']; sequence: number }) {
  if (unknown.length === 0) return null;
  return (
    <p className="mb-3">
      {t('Not settled yet, so without a column here and not to be taught: {unknown}. ', {
        unknown: unknown.map(({ text, line }) => t('“{text}” (line {line})', { text, line })).join(', '),
      })}
      <Link to={`/sequences/${sequence}`} className="underline">
        {t('Fix it')}
      </Link>
    </p>
  );
}

/** What a limit adds at the end of the class, and what would do good in between. */
export function Added({ inserted, name: whose = '' }: { inserted: readonly Inserted[]; name?: string }) {
  const hasOne = whose === '' ? 'no' : 'yes';
  return inserted.map(({ asana, name, after, why, seconds, proposed }) => {
    const minutes = Math.round(seconds / 60);
    return (
      <p key={`${after} ${asana}`} className="mt-3">
        {!proposed
          ? tell('Added at the end{hasOne, select, yes { for {whose}} other {}}: {name}, {minutes} min. {why}', {
              hasOne,
              whose,
              name,
              minutes,
              why,
            })
          : why === 'rest'
            ? tell('Would do good{hasOne, select, yes { for {whose}} other {}} at the end: a rest, {minutes} min.', {
                hasOne,
                whose,
                minutes,
              })
            : tell('Would do good{hasOne, select, yes { for {whose}} other {}} after line {after}, as a counterpose: {name}.', {
                hasOne,
                whose,
                after,
                name,
              })}
      </p>
    );
  });
}
