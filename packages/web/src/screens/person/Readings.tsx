import { findConditionName } from '../../parts/condition-name.js';
import type { ReadingLine } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { lazy, Suspense } from 'react';
import { readingsQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { dayWords, numberWords } from '../../parts/words.js';

const ReadingChart = lazy(async () => ({ default: (await import('./ReadingChart.js')).ReadingChart }));

/** What the last number says beside the first: a step that counts, or none. */
function stepWords({ values, change, unit }: ReadingLine): string {
  if (values.length < 2) return 'measured once';
  const by = values.at(-1)!.value - values[0]!.value;
  const step = by === 0 ? 'as at first' : `${numberWords(Math.abs(by))} ${unit} ${by > 0 ? 'more' : 'less'} than at first`;
  if (by === 0 || change === null) return step;
  return `${step}${Math.abs(by) >= change.by ? '' : ', which may be chance'}`;
}

function sourcesOf({ change, cutOff, unit }: ReadingLine): string {
  return [
    ...(change ? [`A step counts from ${numberWords(change.by)} ${unit} on (${change.source}).`] : []),
    ...(cutOff ? [`Risk ${cutOff.risk} ${numberWords(cutOff.at)} ${unit}${cutOff.risk === 'from' ? ' on' : ''} (${cutOff.source}).`] : []),
  ].join(' ');
}

/** Their tests and readings over time, each with what counts as a change. */
export function Readings({ person }: { person: number }) {
  const readings = useQuery(readingsQuery(person));
  if (readings.isError && !readings.data) return <Failure error={readings.error} />;
  const lines = readings.data ?? [];
  if (lines.length === 0)
    return <p className="text-soft">Nothing was measured yet. Tests and readings that are answered above are kept here by their day.</p>;
  return (
    <ul className="space-y-5">
      {lines.map((line) => (
        <li key={`${line.condition}.${line.parameter}`}>
          <h3 className="font-semibold">
            {line.ask} <span className="font-normal text-soft">({findConditionName(line.condition)})</span>
          </h3>
          <p className="mb-1">{stepWords(line)}</p>
          {line.values.length > 1 && (
            <Suspense fallback={<p className="text-soft">Drawing …</p>}>
              <ReadingChart line={line} />
            </Suspense>
          )}
          <div className="overflow-x-auto" tabIndex={0} role="region" aria-label={line.ask}>
            <table className="text-left text-sm">
              <tbody>
                <tr>
                  <th className="py-1 pr-4">Day</th>
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
