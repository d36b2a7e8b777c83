import { useCallback, useState, type PointerEvent } from 'react';
import { charts, useChart, type ColourOf } from '../../parts/use-chart.js';
import type { Score } from '../../worker/answers.js';
import { clock, type Column } from './layout.js';
import { t } from '../../words/t.js';

const EFFORT_WORDS = ['rest', 'light', t('clear work'), 'strong', t('near the most')] as const;
const MARGINS_PX = { left: 84, right: 12 };
const HEIGHT_PX = 208;

/** Effort from step to step over the minutes of the class. The pointer reads a step off it. */
export function ClassCurve({ score, columns }: { score: Score; columns: readonly Column[] }) {
  const [read, setRead] = useState('');

  const last = columns.at(-1)!;
  const seconds = last.startsAt + score.answer.participants[0]!.steps[last.index]!.seconds;
  const efforts = columns.map(({ index }) => score.steps[index]!.effort);

  const draw = useCallback(
    (widthPx: number, colour: ColourOf) => {
      const starts = columns.map(({ startsAt, index }): [number, number] => [startsAt / 60, score.steps[index]!.effort]);
      return charts.curve({
        widthPx,
        heightPx: HEIGHT_PX,
        marginsPx: MARGINS_PX,
        points: [...starts, [seconds / 60, starts.at(-1)![1]]],
        words: EFFORT_WORDS,
        colours: { soft: colour('--soft'), rule: colour('--rule'), line: colour('--leg'), area: colour('--leg-far') },
      });
    },
    [score, columns, seconds],
  );
  const { place, svg } = useChart(draw);

  const readOff = ({ clientX, currentTarget }: PointerEvent<HTMLElement>) => {
    const { left, width } = currentTarget.getBoundingClientRect();
    const share = (clientX - left - MARGINS_PX.left) / (width - MARGINS_PX.left - MARGINS_PX.right);
    const column = columns.findLast(({ startsAt }) => startsAt <= share * seconds);
    const step = column && score.steps[column.index]!;
    setRead(step ? `${clock(column.startsAt)} ${step.givenName}: ${EFFORT_WORDS[step.effort - 1]}` : '');
  };

  return (
    <figure onPointerMove={readOff} onPointerLeave={() => setRead('')}>
      <div
        ref={place}
        role="img"
        aria-label={t('Effort from {min} to {max} of 5 over the class', { min: Math.min(...efforts), max: Math.max(...efforts) })}
        className="w-full"
        style={{ height: HEIGHT_PX }}
        // Our own worker drew it from numbers and the words above.
        dangerouslySetInnerHTML={{ __html: svg }}
      />
      <figcaption className="h-5 text-sm text-soft">{read}</figcaption>
    </figure>
  );
}
