import type { ReadingLine } from '@lotus-steady/core';
import { useMemo } from 'react';
import { LevelsChart } from '../../parts/LevelsChart.js';
import { numberWords } from '../../parts/words.js';
import { tell } from '../../words/tell.js';

/** Room above and below what was measured, as a share of its span. */
const ROOM = 0.2;

/** A test or reading over the days on which it was taken. */
export function ReadingChart({ line: { ask, unit, values, cutOff } }: { line: ReadingLine }) {
  const { days, series, least, most } = useMemo(() => {
    const shown = [...values.map(({ value }) => value), ...(cutOff ? [cutOff.at] : [])];
    const [low, high] = [Math.min(...shown), Math.max(...shown)];
    const room = Math.max(1, (high - low) * ROOM);
    return {
      days: values.map(({ day }) => day),
      series: [{ name: ask, values: values.map(({ value }) => value), dashed: false }],
      least: Math.max(0, Math.floor(low - room)),
      most: Math.ceil(high + room),
    };
  }, [ask, values, cutOff]);
  const told = values.map(({ value }) => numberWords(value)).join(', ');
  return (
    <LevelsChart
      label={`${ask}: ${told} ${unit}`}
      caption={`${ask}, ${unit}${cutOff ? tell('{risk, select, from {; the dotted line is where risk begins, from {value} on} other {; the dotted line is where risk begins, below {value} on}}', { risk: cutOff.risk, value: numberWords(cutOff.at) }) : ''}.`}
      days={days}
      least={least}
      most={most}
      mark={cutOff?.at ?? null}
      series={series}
    />
  );
}
