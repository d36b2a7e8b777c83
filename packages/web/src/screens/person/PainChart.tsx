import type { HistoryEntry } from '@lotus-steady/requests';
import { useCallback } from 'react';
import { charts, useChart, type ColourOf } from '../../parts/use-chart.js';
import { dayWords } from '../../parts/words.js';

const HEIGHT_PX = 200;

/** Pain before and after each class; the same numbers stand in the table below. */
export function PainChart({ classes }: { classes: readonly HistoryEntry[] }) {
  const draw = useCallback(
    (widthPx: number, colour: ColourOf) => {
      const inOrder = [...classes].sort((one, other) => one.day.localeCompare(other.day));
      return charts.levels({
        widthPx,
        heightPx: HEIGHT_PX,
        days: inOrder.map(({ day }) => day),
        most: 10,
        series: [
          { name: 'before', values: inOrder.map(({ before }) => before.pain ?? null), colour: colour('--far'), dashed: true },
          { name: 'after', values: inOrder.map(({ after }) => after.pain ?? null), colour: colour('--near'), dashed: false },
        ],
        colours: { soft: colour('--soft'), rule: colour('--rule') },
      });
    },
    [classes],
  );
  const { place, svg } = useChart(draw);
  const [last] = classes;
  return (
    <figure className="mb-3">
      <div
        ref={place}
        role="img"
        aria-label={`Pain before and after ${classes.length} classes, last on ${dayWords(last!.day)}`}
        className="w-full"
        style={{ height: HEIGHT_PX }}
        // Our own worker drew it from numbers and the words above.
        dangerouslySetInnerHTML={{ __html: svg }}
      />
      <figcaption className="text-sm text-soft">Pain, 0 to 10: dashed before the class, full after it.</figcaption>
    </figure>
  );
}
