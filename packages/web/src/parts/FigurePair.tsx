import type { Figure } from '@lotus-steady/core';
import type { Drawing } from '../worker/figure-cache.js';
import { GROUND_CM } from './FigureDrawing.js';
import { FigureShapes } from './FigureShapes.js';

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

/** One body from the side and from the front, both at the same size; a movement's other end as a ghost. */
export function FigurePair({ drawing, label, className = '' }: { drawing: Drawing; label: string; className?: string }) {
  const side = span(drawing.side);
  const front = span(drawing.front);
  const sideWidth = side.right - side.left;
  const width = sideWidth + APART + front.right - front.left;
  const top = Math.min(side.top, front.top);
  const views = [
    { ends: drawing.side, shift: -side.left },
    { ends: drawing.front, shift: sideWidth + APART - front.left },
  ];
  return (
    <svg
      className={`figure ${className}`}
      viewBox={`0 ${top} ${width} ${GROUND_CM - top}`}
      preserveAspectRatio="xMidYMax meet"
      role="img"
      aria-label={`${label}, from the side and from the front`}
    >
      {views.map(({ ends, shift }) => (
        <g key={shift}>
          {[...ends].reverse().map((figure, i) => (
            <g key={i} transform={`translate(${shift} 0)`} opacity={ends.length > 1 && i === 0 ? 0.28 : 1}>
              <FigureShapes figure={figure} />
            </g>
          ))}
        </g>
      ))}
    </svg>
  );
}
