import type { Solid } from './raster.js';

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
