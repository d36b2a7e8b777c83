import { MEASURES, type AllowedRange, type Joint } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useId } from 'react';
import { standingQuery } from '../../worker/queries.js';
import { fan } from './fan.js';
import { FigureShapes } from '../../parts/FigureShapes.js';
import { t } from '../../words/t.js';

type Ranged = AllowedRange['measure'];

/**
 * Where a range is drawn: in which view, at which joint, which way its zero points (degrees, 0 right, 90 up), and
 * which way it grows (1 towards the figure's front or left, -1 the other way).
 */
const PLACES: Partial<
  Record<
    Ranged,
    { readonly view: 'side' | 'front'; readonly joint: Joint; readonly zero: number; readonly turn: 1 | -1; readonly radius: number }
  >
> = {
  cervicalFlexion: { view: 'side', joint: 'neck', zero: 90, turn: -1, radius: 30 },
  thoracicFlexion: { view: 'side', joint: 'upperBack', zero: 90, turn: -1, radius: 26 },
  lumbarFlexion: { view: 'side', joint: 'lowBack', zero: 90, turn: -1, radius: 34 },
  hipFlexion: { view: 'side', joint: 'hip', zero: 270, turn: 1, radius: 38 },
  hipExtension: { view: 'side', joint: 'hip', zero: 270, turn: -1, radius: 38 },
  kneeFlexion: { view: 'side', joint: 'knee', zero: 270, turn: -1, radius: 32 },
  shoulderElevation: { view: 'side', joint: 'shoulder', zero: 270, turn: 1, radius: 44 },
  shoulderExtension: { view: 'side', joint: 'shoulder', zero: 270, turn: -1, radius: 44 },
  ankleDorsiflexion: { view: 'side', joint: 'ankle', zero: 0, turn: 1, radius: 20 },
  anklePlantarflexion: { view: 'side', joint: 'ankle', zero: 0, turn: -1, radius: 20 },
  spineLateral: { view: 'front', joint: 'lowBack', zero: 90, turn: 1, radius: 40 },
  cervicalLateral: { view: 'front', joint: 'neck', zero: 90, turn: 1, radius: 30 },
  hipAbduction: { view: 'front', joint: 'hip', zero: 270, turn: -1, radius: 40 },
  hipAdduction: { view: 'front', joint: 'hip', zero: 270, turn: 1, radius: 40 },
};

const ROOM = { left: -62, right: 66, top: -172, bottom: 6 };

/** What limits leave of the joints' ranges, drawn on a standing figure: full where free, hatched where barred. */
export function RangeFigure({ ranges, name }: { ranges: readonly AllowedRange[]; name: string }) {
  const standing = useQuery(standingQuery);
  const hatch = useId();
  if (!standing.data) return null;
  return (
    <div className="flex gap-2">
      {(['side', 'front'] as const).map((view) => {
        const { figure, at } = standing.data[view];
        const drawn = ranges.filter(({ measure }) => PLACES[measure]?.view === view);
        if (drawn.length === 0) return null;
        const told = drawn
          .map(({ measure, free }) =>
            t('{label} {from} to {to} degrees', {
              label: t(MEASURES[measure].label),
              from: Math.round(free[0]),
              to: Math.round(free[1]),
            }),
          )
          .join(', ');
        return (
          <svg
            key={view}
            role="img"
            aria-label={t('{name}, seen from the {view}: {told}', { name, view, told })}
            viewBox={`${ROOM.left} ${ROOM.top} ${ROOM.right - ROOM.left} ${ROOM.bottom - ROOM.top}`}
            className="max-h-96 w-full max-w-72"
          >
            <defs>
              <pattern id={`${hatch}-${view}`} width="3" height="3" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
                <line x1="0" y1="0" x2="0" y2="3" style={{ stroke: 'var(--accent)', strokeWidth: 1.2 }} />
              </pattern>
            </defs>
            <g className="figure" opacity="0.45">
              <FigureShapes figure={figure} />
            </g>
            {drawn.map(({ measure, ordinary, free }) => {
              const { joint, zero, turn, radius } = PLACES[measure]!;
              const centre = at[joint];
              const sector = (from: number, to: number) => fan(centre, radius, zero + turn * from, zero + turn * to);
              return (
                <g key={measure}>
                  {free[0] > ordinary[0] && (
                    <path d={sector(ordinary[0], free[0])} fill={`url(#${hatch}-${view})`} stroke="var(--accent)" strokeWidth="0.6" />
                  )}
                  {free[1] < ordinary[1] && (
                    <path d={sector(free[1], ordinary[1])} fill={`url(#${hatch}-${view})`} stroke="var(--accent)" strokeWidth="0.6" />
                  )}
                  {free[1] > free[0] && (
                    <path d={sector(free[0], free[1])} fill="var(--near)" fillOpacity="0.28" stroke="var(--near)" strokeWidth="0.8" />
                  )}
                </g>
              );
            })}
          </svg>
        );
      })}
    </div>
  );
}
