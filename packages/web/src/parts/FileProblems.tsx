import type { FileProblem } from '@lotus-steady/core/formats';
import { t } from '../words/t.js';

/** What of a file could not be read, each with its place; nothing where all could. */
export function FileProblems({ problems }: { problems: readonly FileProblem[] }) {
  if (problems.length === 0) return null;
  return (
    <div role="alert" className="my-3 rounded border border-accent bg-sheet p-3">
      <p className="font-semibold">{t('What could not be read:')}</p>
      <ul className="list-disc pl-5 text-sm">
        {problems.map(({ where, message }, i) => (
          <li key={i}>
            {where}: {message}
          </li>
        ))}
      </ul>
    </div>
  );
}
