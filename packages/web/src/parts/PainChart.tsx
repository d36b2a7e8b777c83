import { useMemo } from 'react';
import { LevelsChart } from './LevelsChart.js';

interface Props {
  readonly label: string;
  readonly caption: string;
  /** 0 to 10; `null` where nobody told it. */
  readonly classes: readonly { readonly day: string; readonly before: number | null; readonly after: number | null }[];
}

/** Pain before and after classes, by their days; the same numbers stand in a table beside it. */
export function PainChart({ label, caption, classes }: Props) {
  const { days, series } = useMemo(() => {
    const inOrder = [...classes].sort((one, other) => one.day.localeCompare(other.day));
    return {
      days: inOrder.map(({ day }) => day),
      series: [
        { name: 'before', values: inOrder.map(({ before }) => before), dashed: true },
        { name: 'after', values: inOrder.map(({ after }) => after), dashed: false },
      ],
    };
  }, [classes]);
  return <LevelsChart label={label} caption={caption} days={days} most={10} series={series} />;
}
