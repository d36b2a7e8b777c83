import type { Figure } from '@lotus-steady/core';
import type { Pair } from '../worker/figure-cache.js';
import { GROUND_CM } from './FigureDrawing.js';
import { FigureShapes } from './FigureShapes.js';
import { t } from '../words/t.js';

const ROOM = 6;

/** Centimetres between the two views. */
const APART = 22;

function span(ends: readonly Figure[]) {
  return {
    left: Math.min(...ends.map(({ box }) => box.left)) - ROOM,
    right: Math.max(...ends.map(({ box }) => box.right)) + ROOM,
    top: Math.min(...ends.map(({ box }) => box.top)) - ROOM,
  };
}

/** One body from the two sides that tell most, both at the same size; a movement's other end as a ghost. */
export function FigurePair({ drawing, label, className = '' }: { drawing: Pair; label: string; className?: string }) {
  const [best, other] = [span(drawing.best), span(drawing.other)];
  const bestWidth = best.right - best.left;
  const width = bestWidth + APART + other.right - other.left;
  const top = Math.min(best.top, other.top);
  const views = [
    { ends: drawing.best, shift: -best.left },
    { ends: drawing.other, shift: bestWidth + APART - other.left },
  ];
  return (
    <svg
      className={`figure ${className}`}
      viewBox={`0 ${top} ${width} ${GROUND_CM - top}`}
      preserveAspectRatio="xMidYMax meet"
      role="img"
      aria-label={t('{label}, from two sides', { label })}
    >
      {views.map(({ ends, shift }) => (
        <g key={shift} transform={`translate(${shift} 0)`}>
          {[...ends].reverse().map((figure, i) => (
            <g key={i} opacity={ends.length > 1 && i === 0 ? 0.28 : 1}>
              <FigureShapes figure={figure} />
            </g>
          ))}
          {ends[1] && <FigureShapes figure={ends[1]} only="path" />}
        </g>
      ))}
    </svg>
  );
}
