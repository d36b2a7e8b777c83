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

/** What a limit adds at the end of the class. */
export function Added({ inserted, name }: { inserted: readonly Inserted[]; name?: string }) {
  return inserted.map(({ asana, why, seconds }) => (
    <p key={asana} className="mt-3">
      Added at the end{name !== undefined && ` for ${name}`}: {asana.replaceAll('-', ' ')}, {Math.round(seconds / 60)} min. {why}
    </p>
  ));
}
