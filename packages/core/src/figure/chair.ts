import { polygonHull } from 'd3-polygon';
import type { Vec3 } from '../body/skeleton.js';
import { toView, type View } from './view.js';

/** A box with level faces, in cm: its least corner and its size along x, y and z. */
export interface Solid {
  readonly from: Readonly<Vec3>;
  readonly size: Readonly<Vec3>;
}

const WIDTH = 40;
const LEG = 3;
const SEAT = 4;
const RAIL = 8;

/**
 * The parts of a chair in cm. `centre` is the middle of its seat on the floor plan; whoever sits on it
 * faces `facing` along x, the back behind them.
 */
export function chairSolids(centre: readonly [number, number], facing: 1 | -1, height: number, backHeight: number): Solid[] {
  const [x, y] = centre;
  const half = WIDTH / 2;
  const back = facing > 0 ? x - half : x + half - LEG;
  const legs = [x - half, x + half - LEG].flatMap((at) =>
    [y - half, y + half - LEG].map((side): Solid => ({ from: [at, side, 0], size: [LEG, LEG, height] })),
  );
  return [
    { from: [x - half, y - half, height - SEAT], size: [WIDTH, WIDTH, SEAT] },
    ...legs,
    ...[y - half, y + half - LEG].map((side): Solid => ({ from: [back, side, height], size: [LEG, LEG, backHeight - height] })),
    { from: [back, y - half, backHeight - RAIL], size: [LEG, WIDTH, RAIL] },
  ];
}

/** The outline of a solid as it is seen, in cm, y downwards. */
export function seenOutline({ from, size }: Solid, view: View): [number, number][] {
  const corners = [0, 1].flatMap((x) =>
    [0, 1].flatMap((y) =>
      [0, 1].map((z): [number, number] => {
        const [u, v] = toView([from[0] + x * size[0], from[1] + y * size[1], from[2] + z * size[2]], view);
        return [u, v];
      }),
    ),
  );
  return polygonHull(corners) ?? [];
}
