import type { Vec3 } from '../body/skeleton.js';
import type { DrawnProp } from './drawn-prop.js';
import type { Solid } from './raster.js';

/** Height of a usual seat at the reference stature. */
export const SEAT_CM = 41;
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

/** A manual wheelchair, in cm at the reference stature: common practice, no source. */
const WHEEL = { radius: 30.5, rim: 1.1, out: 26, back: -8, caster: 9, front: 30 } as const;
const BACK_TO = 72;

/** A wheel that stands along x, as balls on its rim, its spokes left out. */
function wheel([x, y, z]: Readonly<Vec3>, radius: number, thick: number): { readonly at: Vec3; readonly radius: number }[] {
  const count = Math.ceil((2 * Math.PI * radius) / thick);
  return Array.from({ length: count }, (_, i) => {
    const turn = (2 * Math.PI * i) / count;
    return { at: [x + radius * Math.cos(turn), y, z + radius * Math.sin(turn)] as Vec3, radius: thick };
  });
}

/** A wheelchair whose seat has its middle at `centre` on the floor plan, in cm; whoever sits in it faces along x. */
export function wheelchair([x, y]: readonly [number, number], scale: number): DrawnProp[] {
  const s = (cm: number): number => cm * scale;
  const half = s(WIDTH / 2);
  const sides = [-1, 1] as const;
  const wheels = sides.flatMap((side) => {
    const hub: Vec3 = [x + s(WHEEL.back), y + side * s(WHEEL.out), s(WHEEL.radius)];
    return [...wheel(hub, s(WHEEL.radius - WHEEL.rim), s(WHEEL.rim)), ...wheel(hub, s(3), s(1.4))];
  });
  const casters = sides.flatMap((side) => wheel([x + s(WHEEL.front), y + side * s(16), s(WHEEL.caster)], s(WHEEL.caster - 1.5), s(1.5)));
  const frame: Solid[] = [
    ...sides.map((side): Solid => ({
      from: [x + half - LEG, y + side * s(17) - 1, s(WHEEL.caster)],
      size: [LEG, 2, s(SEAT_CM - SEAT - WHEEL.caster)],
    })),
    { from: [x + half + s(4), y - s(15), s(3)], size: [s(16), s(30), s(2)] },
  ];
  const cloth: Solid[] = [
    { from: [x - half, y - half, s(SEAT_CM - SEAT)], size: [2 * half, 2 * half, s(SEAT)] },
    { from: [x - half - s(2), y - half, s(SEAT_CM)], size: [s(LEG), 2 * half, s(BACK_TO - SEAT_CM)] },
  ];
  return [
    { boxes: cloth, balls: [], top: 'wool', sides: 'woolSide' },
    { boxes: [], balls: wheels, top: 'hair', sides: 'hair' },
    { boxes: frame, balls: casters, top: 'woolSide', sides: 'woolSide' },
  ];
}
