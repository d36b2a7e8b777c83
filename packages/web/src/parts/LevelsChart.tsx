import { useCallback } from 'react';
import { charts, useChart, type ColourOf } from './use-chart.js';

const HEIGHT_PX = 200;

export interface LevelsSeries {
  readonly name: string;
  readonly values: readonly (number | null)[];
  readonly dashed: boolean;
}

interface Props {
  /** What a reader who does not see it is told. */
  readonly label: string;
  readonly caption: string;
  readonly days: readonly string[];
  readonly least?: number;
  readonly most: number;
  readonly mark?: number | null;
  readonly series: readonly LevelsSeries[];
}

/** Numbers over days as lines; the same numbers stand in a table beside it. */
export function LevelsChart({ label, caption, days, least = 0, most, mark = null, series }: Props) {
  const draw = useCallback(
    (widthPx: number, colour: ColourOf) =>
      charts.levels({
        widthPx,
        heightPx: HEIGHT_PX,
        days,
        least,
        most,
        mark,
        series: series.map((one) => ({ ...one, colour: colour(one.dashed ? '--soft' : '--leg') })),
        colours: { soft: colour('--soft'), rule: colour('--rule') },
      }),
    [days, least, most, mark, series],
  );
  const { place, svg } = useChart(draw);
  return (
    <figure className="mb-3">
      <div
        ref={place}
        role="img"
        aria-label={label}
        className="w-full"
        style={{ height: HEIGHT_PX }}
        // Our own worker drew it from numbers and the words above.
        dangerouslySetInnerHTML={{ __html: svg }}
      />
      <figcaption className="text-sm text-soft">{caption}</figcaption>
    </figure>
  );
}
