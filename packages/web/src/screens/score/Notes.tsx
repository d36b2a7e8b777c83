import type { AdaptationJson } from '@lotus-steady/core';
import { Link } from 'react-router';
import { t } from '../../words/t.js';

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
export function Added({ inserted, name: whose }: { inserted: readonly Inserted[]; name?: string }) {
  const whom = whose === undefined ? '' : t(' for {whose}', { whose });
  return inserted.map(({ asana, name, after, why, seconds, proposed }) => (
    <p key={`${after} ${asana}`} className="mt-3">
      {proposed
        ? t('Would do good{whom} {seconds}.', {
            whom,
            seconds:
              why === 'rest'
                ? t('at the end: a rest, {seconds} min', { seconds: Math.round(seconds / 60) })
                : t('after line {after}, as a counterpose: {name}', { after, name }),
          })
        : t('Added at the end{whom}: {name}, {seconds} min. {why}', { whom, name, seconds: Math.round(seconds / 60), why })}
    </p>
  ));
}
