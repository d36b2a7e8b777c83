import type { HistoryEntry } from '@lotus-steady/requests';
import { useMemo } from 'react';
import { LevelsChart } from '../../parts/LevelsChart.js';
import { dayWords } from '../../parts/words.js';

/** Pain before and after each class; the same numbers stand in the table below. */
export function PainChart({ classes }: { classes: readonly HistoryEntry[] }) {
  const { days, series } = useMemo(() => {
    const inOrder = [...classes].sort((one, other) => one.day.localeCompare(other.day));
    return {
      days: inOrder.map(({ day }) => day),
      series: [
        { name: 'before', values: inOrder.map(({ before }) => before.pain ?? null), dashed: true },
        { name: 'after', values: inOrder.map(({ after }) => after.pain ?? null), dashed: false },
      ],
    };
  }, [classes]);
  return (
    <LevelsChart
      label={`Pain before and after ${classes.length} classes, last on ${dayWords(classes[0]!.day)}`}
      caption="Pain, 0 to 10: dashed before the class, full after it."
      days={days}
      most={10}
      series={series}
    />
  );
}
