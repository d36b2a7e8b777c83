import type { RegisterLine } from '@lotus-steady/requests';
import { useMemo } from 'react';
import { LevelsChart } from '../../parts/LevelsChart.js';

/** How pain went in classes as a whole, by their days; the same numbers stand in the table below. */
export function GroupChart({ classes }: { classes: readonly RegisterLine[] }) {
  const { days, series } = useMemo(() => {
    const inOrder = [...classes].sort((one, other) => one.day.localeCompare(other.day));
    return {
      days: inOrder.map(({ day }) => day),
      series: [
        { name: 'before', values: inOrder.map(({ pain }) => pain?.before ?? null), dashed: true },
        { name: 'after', values: inOrder.map(({ pain }) => pain?.after ?? null), dashed: false },
      ],
    };
  }, [classes]);
  return (
    <LevelsChart
      label={`Mean pain before and after ${classes.length} classes`}
      caption="Mean pain of a class, 0 to 10: dashed before it, full after it."
      days={days}
      most={10}
      series={series}
    />
  );
}
