import { DIRECTIONS, editText } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { PLAIN } from '../../parts/button-styles.js';
import { reviewQuery } from '../../worker/queries.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';

interface Props {
  readonly text: string;
  readonly onChange: (text: string) => void;
  readonly onGoTo: (line: number) => void;
}

function minutes(seconds: number): string {
  if (seconds === 0) return t('not at all');
  return seconds < 60 ? `${Math.round(seconds)} s` : t('{seconds} min', { seconds: Math.round(seconds / 6) / 10 });
}

/** Sides, directions, counterposes, order and rest of a sequence: what is missing, each with one action that mends it. */
export function ReviewPanel({ text, onChange, onGoTo }: Props) {
  // While the text is read anew, its lines are no longer those that the findings speak of.
  const { data, isPlaceholderData } = useQuery(reviewQuery(text));
  if (!data) return null;
  const { directions, findings } = data;
  const most = Math.max(1, ...Object.values(directions));
  return (
    <section aria-labelledby="review" className="mt-6">
      <h2 id="review" className="mb-2 text-base">
        {t('Balance')}
      </h2>
      <dl
        className="grid max-w-md grid-cols-[7rem_1fr_5rem] items-center gap-x-3 gap-y-1 text-sm"
        aria-label={t('Directions of the spine')}
      >
        {DIRECTIONS.map((direction) => (
          <div key={direction} className="contents">
            <dt>{direction}</dt>
            <dd aria-hidden className="h-2 rounded bg-shade">
              <span className="block h-2 rounded bg-ink" style={{ width: `${(100 * directions[direction]) / most}%` }} />
            </dd>
            <dd className={directions[direction] === 0 ? 'font-semibold' : 'text-soft'}>{minutes(directions[direction])}</dd>
          </div>
        ))}
      </dl>
      {findings.length === 0 && <p className="mt-2 text-soft">{t('Both sides, all directions, counterposes and rest are there.')}</p>}
      <ul className="mt-3 space-y-2" aria-label={t('To be put right')}>
        {findings.map(({ rule, line, says, repair }) => (
          <li
            key={`${rule} ${line} ${JSON.stringify(says)}`}
            className="flex flex-wrap items-center justify-between gap-2 border-l-2 border-ink pl-3"
          >
            <span>
              {say(says)}{' '}
              {line !== null && (
                <button type="button" className="text-sm underline" onClick={() => onGoTo(line)}>
                  {t('line {line}', { line })}
                </button>
              )}
            </span>
            <button type="button" className={PLAIN} disabled={isPlaceholderData} onClick={() => onChange(editText(text, repair))}>
              {say(repair.label)}
            </button>
          </li>
        ))}
      </ul>
    </section>
  );
}
