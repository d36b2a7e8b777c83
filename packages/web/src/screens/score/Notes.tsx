import type { AdaptationJson } from '@lotus-steady/core';
import { Link } from 'react-router';

type Inserted = AdaptationJson['participants'][number]['inserted'][number];

/** Lines that were not understood: never left out without a word. */
export function NotUnderstood({ unknown, sequence }: { unknown: AdaptationJson['unknown']; sequence: number }) {
  if (unknown.length === 0) return null;
  return (
    <p className="mb-3">
      Not settled yet, so without a column here and not to be taught:{' '}
      {unknown.map(({ text, line }) => `“${text}” (line ${line})`).join(', ')}.{' '}
      <Link to={`/sequences/${sequence}`} className="underline">
        Fix it
      </Link>
    </p>
  );
}

/** What a limit adds at the end of the class, and what would do good in between. */
export function Added({ inserted, name: whose }: { inserted: readonly Inserted[]; name?: string }) {
  const whom = whose === undefined ? '' : ` for ${whose}`;
  return inserted.map(({ asana, name, after, why, seconds, proposed }) => (
    <p key={`${after} ${asana}`} className="mt-3">
      {proposed
        ? `Would do good${whom} ${why === 'rest' ? `at the end: a rest, ${Math.round(seconds / 60)} min` : `after line ${after}, as a counterpose: ${name}`}.`
        : `Added at the end${whom}: ${name}, ${Math.round(seconds / 60)} min. ${why}`}
    </p>
  ));
}
