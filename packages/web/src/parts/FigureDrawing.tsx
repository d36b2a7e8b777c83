import type { Figure } from '@lotus-steady/core';
import { FigureShapes } from './FigureShapes.js';

interface Props {
  readonly figure: Figure;
  /** In words; left out where words stand beside the figure. */
  readonly label?: string;
  readonly className?: string;
  /** Pixels of one centimetre; left out, the figure fills its place. */
  readonly scale?: number;
  /** Height above the ground in cm that the drawing shows; left out, as high as the figure. */
  readonly height?: number;
  readonly ghost?: Figure | undefined;
}

const ROOM = 6;
/** Ground shown below the feet, in cm. */
export const GROUND_CM = 3;

/** One figure in ink on its mat. The paths come from the core: the picture can't disagree with the measures. */
export function FigureDrawing({ figure, label, className = '', scale, height, ghost }: Props) {
  const left = Math.min(figure.box.left, ghost?.box.left ?? Infinity) - ROOM;
  const right = Math.max(figure.box.right, ghost?.box.right ?? -Infinity) + ROOM;
  const top = height === undefined ? Math.min(figure.box.top, ghost?.box.top ?? Infinity) - ROOM : -height;
  const size = scale === undefined ? {} : { width: (right - left) * scale, height: (GROUND_CM - top) * scale };
  return (
    <svg
      className={`figure ${className}`}
      viewBox={`${left} ${top} ${right - left} ${GROUND_CM - top}`}
      {...size}
      {...(label === undefined ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
    >
      {ghost && (
        <g opacity="0.28">
          <FigureShapes figure={ghost} />
        </g>
      )}
      <FigureShapes figure={figure} />
      {ghost && <FigureShapes figure={ghost} only="path" />}
    </svg>
  );
}
