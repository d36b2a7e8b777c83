import type { PlacedBody, Vec3 } from '../body/skeleton.js';
import type { DrawnProp } from './drawn-prop.js';
import { propsIn } from './props.js';
import { toView, type Axes } from './view.js';
import { bodyBalls, type Ball } from './volumes.js';

interface Range {
  readonly from: number;
  readonly to: number;
}

const MAT_CM = { wide: 60, beyond: 10, least: 34 } as const;
/** Whoever reaches higher stands, in cm. */
const STANDING_CM = 115;
/** Whoever reaches no higher lies, kneels low or sits bent, in cm. */
const LYING_CM = 70;
/** What hangs lower than this over the floor, in cm, throws a shadow on it. */
export const SHADOW_CM = 22;

export interface Scene {
  readonly balls: readonly Ball[];
  readonly props: readonly DrawnProp[];
  readonly mat: readonly Vec3[];
}

const cornersOf = ({ boxes, balls }: DrawnProp): { at: Vec3; radius: number }[] => [
  ...boxes.flatMap(({ from, size }) =>
    [0, 1].flatMap((x) =>
      [0, 1].flatMap((y) =>
        [0, 1].map((z) => ({ at: [from[0] + x * size[0], from[1] + y * size[1], from[2] + z * size[2]] as Vec3, radius: 0 })),
      ),
    ),
  ),
  ...balls.map(({ at, radius }) => ({ at, radius })),
];

/** The mat under a body: along it where it lies, and no larger than is needed. */
export function matUnder(balls: readonly Ball[]): Vec3[] {
  // All of whoever lies is on the mat; of others, what is near the floor.
  const highest = Math.max(...balls.map(({ at }) => at[2]));
  const low = balls.filter(({ at, radius }) => at[2] - radius < (highest < LYING_CM ? LYING_CM : SHADOW_CM));
  if (low.length === 0) return [];
  const range = (axis: 0 | 1): Range => {
    const places = low.map(({ at }) => at[axis]);
    return { from: Math.min(...places), to: Math.max(...places) };
  };
  const [x, y] = [range(0), range(1)];
  // Under who stands a whole mat would be the larger part of the picture.
  if (highest > STANDING_CM)
    return cornersAround(x, y, Math.max(MAT_CM.least, x.to - x.from + 20), Math.max(MAT_CM.least, y.to - y.from + 14));
  const hips = balls[0]!.at;
  const head = balls.at(-1)!.at;
  const isAlongX = Math.abs(hips[0] - head[0]) >= Math.abs(hips[1] - head[1]);
  const size = ({ from, to }: Range, isLong: boolean) => Math.max(MAT_CM.wide, to - from + (isLong ? 2 * MAT_CM.beyond : 6));
  return cornersAround(x, y, size(x, isAlongX), size(y, !isAlongX));
}

function cornersAround(x: Range, y: Range, wide: number, deep: number): Vec3[] {
  const [middleX, middleY] = [(x.from + x.to) / 2, (y.from + y.to) / 2];
  const corners = [[-1, -1], [1, -1], [1, 1], [-1, 1]] as const; // prettier-ignore
  return corners.map(([a, b]): Vec3 => [middleX + (a * wide) / 2, middleY + (b * deep) / 2, 0]);
}

/** What is to be drawn of a posture from where an eye is. */
export function sceneOf(placed: PlacedBody, axes: Axes): Scene {
  const balls = bodyBalls(placed);
  return { balls, props: propsIn(placed, axes), mat: matUnder(balls) };
}

/** What a scene fills on the screen, in cm: right and down from the middle of the floor. */
export interface Bounds {
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

export function boundsOf({ balls, props, mat }: Scene, axes: Axes): Bounds {
  const all = [...balls, ...props.flatMap(cornersOf), ...mat.map((at) => ({ at, radius: 0 }))];
  let [left, right, top, bottom] = [Infinity, -Infinity, Infinity, -Infinity];
  for (const { at, radius } of all) {
    const [u, v] = toView(at, axes);
    left = Math.min(left, u - radius);
    right = Math.max(right, u + radius);
    top = Math.min(top, v - radius);
    bottom = Math.max(bottom, v + radius);
  }
  return { left, right, top, bottom };
}
