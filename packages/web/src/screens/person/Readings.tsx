import { findConditionName } from '../../parts/condition-name.js';
import type { ReadingLine } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { readingsQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { dayWords, numberWords } from '../../parts/words.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const ReadingChart = lazy(async () => ({ default: (await import('./ReadingChart.js')).ReadingChart }));

/** What the last number says beside the first: a step that counts, or none. */
function stepWords({ values, change, unit }: ReadingLine): string {
  if (values.length < 2) return t('measured once');
  const by = values.at(-1)!.value - values[0]!.value;
  const step =
    by === 0
      ? t('as at first')
      : tell('{by, select, more {{size} {unit} more than at first} other {{size} {unit} less than at first}}', {
          size: numberWords(Math.abs(by)),
          unit,
          by: by > 0 ? 'more' : 'less',
        });
  if (by === 0 || change === null) return step;
  return Math.abs(by) >= change.by ? step : t('{step}, which may be chance', { step });
}

function sourcesOf({ change, cutOff, unit }: ReadingLine): string {
  return [
    ...(change
      ? [t('A step counts from {value} {unit} on ({source}).', { value: numberWords(change.by), unit, source: change.source })]
      : []),
    ...(cutOff
      ? [
          tell('{risk, select, from {Risk from {value} {unit} on ({source}).} other {Risk below {value} {unit} ({source}).}}', {
            risk: cutOff.risk,
            value: numberWords(cutOff.at),
            unit,
            source: cutOff.source,
          }),
        ]
      : []),
  ].join(' ');
}

/** Their tests and readings over time, each with what counts as a change. */
export function Readings({ person }: { person: number }) {
  const readings = useQuery(readingsQuery(person));
  if (readings.isError && !readings.data) return <Failure error={readings.error} />;
  const lines = readings.data ?? [];
  if (lines.length === 0)
    return (
      <p className="text-soft">{t('Nothing was measured yet. Tests and readings that are answered above are kept here by their day.')}</p>
    );
  return (
    <ul className="space-y-5">
      {lines.map((line) => (
        <li key={`${line.condition}.${line.parameter}`}>
          <h3 className="font-semibold">
            {t(line.ask)} <span className="font-normal text-soft">({findConditionName(line.condition)})</span>
          </h3>
          <p className="mb-1">{stepWords(line)}</p>
          {line.values.length > 1 && (
            <Suspense fallback={<p className="text-soft">{t('Drawing …')}</p>}>
              <ReadingChart line={line} />
            </Suspense>
          )}
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={t(line.ask)}>
            <table className="text-left text-sm">
              <tbody>
                <tr>
                  <th className="py-1 pr-4">{t('Day')}</th>
                  {line.values.map(({ day }) => (
                    <td key={day} className="py-1 pr-4 whitespace-nowrap">
                      {dayWords(day)}
                    </td>
                  ))}
                </tr>
                <tr>
                  <th className="py-1 pr-4">{line.unit}</th>
                  {line.values.map(({ day, value }) => (
                    <td key={day} className="py-1 pr-4">
                      {numberWords(value)}
                    </td>
                  ))}
                </tr>
              </tbody>
            </table>
          </div>
          <p className="text-xs text-soft">{sourcesOf(line)}</p>
        </li>
      ))}
    </ul>
  );
}
