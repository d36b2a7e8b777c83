import { library } from '../asanas/all.js';
import { sizeBody } from './anthropometry.js';
import { near, nearestShares, PAIRS, rodsOf } from './overlap.js';
import { readPosture } from './posture.js';
import { solve } from './solve.js';
import { pointOn, type PlacedBody, type Vec3 } from './skeleton.js';
import { chairsOf } from '../figure/props.js';
import type { Solid } from '../figure/raster.js';
import { partBalls } from './parts.js';

const body = sizeBody();
const rods = rodsOf(body);

describe('the nearest points of two segments', () => {
  test.each<[string, Vec3, Vec3, Vec3, Vec3, number, number]>([
    ['crossing at right angles', [0, 0, 0], [2, 0, 0], [1, -1, 1], [0, 2, 0], 0.5, 0.5],
    ['beyond the end of the first', [0, 0, 0], [1, 0, 0], [3, -1, 0], [0, 2, 0], 1, 0.5],
    ['before the start of the second', [0, 0, 0], [2, 0, 0], [1, 1, 0], [0, 1, 0], 0.5, 0],
    ['beyond the end of the second', [0, 0, 0], [2, 0, 0], [0.5, -3, 0], [0, 1, 0], 0.25, 1],
  ])('%s', (_name, p, d1, q, d2, s, t) => {
    const [a, b] = nearestShares(p, d1, q, d2);
    expect(a).toBeCloseTo(s, 9);
    expect(b).toBeCloseTo(t, 9);
  });

  test('parallel segments have some nearest pair', () => {
    const [a, b] = nearestShares([0, 0, 0], [2, 0, 0], [0.5, 1, 0], [2, 0, 0]);
    expect(Math.abs(2 * a - (0.5 + 2 * b))).toBeLessThan(1e-9);
  });
});

test('arms set to pass through the thighs are pushed out of them', () => {
  const shape = { root: { pitch: 60 }, legs: { hipFlexion: 100, knee: 80 }, contacts: ['sole>floor'] };
  const through = readPosture({ ...shape, arms: { shoulder: 40, plane: 85 } }, 'crouch');
  const { placed } = solve(body, through);
  for (const { pair, gap } of near(placed, rods, PAIRS, -0.001)) {
    const [a, b] = pair.map((index) => rods[index]!.name);
    expect([a, b, gap > -0.04]).toEqual([a, b, true]);
  }
});

/** Postures in which limbs lie deeper in each other than rods may, and why that is right. */
const WRAPPED: Readonly<Record<string, string>> = {
  'chair-eagle-arms/self-hug': 'upper arms crossed over the chest press into each other',
  'garudasana/self-hug-arms': 'upper arms crossed over the chest press into each other',
};

/** How deep in cm a point lies in a box, below 0 outside it. */
function depthIn({ from, size }: Solid, at: Vec3): number {
  const out = at.map((value, axis) => Math.max(from[axis]! - value, value - from[axis]! - size[axis]!, 0));
  const inside = Math.min(...at.map((value, axis) => Math.min(value - from[axis]!, from[axis]! + size[axis]! - value)));
  return inside > 0 ? inside : -Math.hypot(...out);
}

/** Points along every rod of a placed body in cm, each with its rod. */
function along(placed: PlacedBody) {
  return rods.flatMap(({ name, segment, from, to, radius }) =>
    [0, 0.2, 0.4, 0.6, 0.8, 1].map((t) => {
      const [x, y, z] = pointOn(placed, segment, [0, 1, 2].map((i) => from[i]! + (to[i]! - from[i]!) * t) as Vec3);
      return { name, at: [x * 100, y * 100, z * 100] as Vec3, radius: radius * 100 };
    }),
  );
}

const EVERY = library.asanas.flatMap(({ id, variations }) =>
  variations.flatMap(({ id: variation, posture, moves }) =>
    [posture, moves].flatMap((one) => (one ? [{ name: `${id}/${variation}`, posture: one }] : [])),
  ),
);

test('no limb passes through the chair that is drawn for it: flesh gives, bones stay out', () => {
  const through = EVERY.filter(({ posture }) =>
    posture.contacts.some(({ on }) => on.kind === 'level' && /seat|chairback/.test(on.surface)),
  ).flatMap(({ name, posture }) => {
    const { placed } = solve(body, posture);
    const solids = chairsOf(placed);
    return along(placed).flatMap(({ name: rod, at }) => {
      const deepest = Math.max(...solids.map((solid) => depthIn(solid, at)));
      // The chair is drawn where it is met, to two centimetres.
      return deepest > 2 ? [`${name}: ${rod} ${deepest.toFixed(1)} cm in`] : [];
    });
  });
  expect(through).toEqual([]);
});

/** Whose other leg goes past the wall's edge. */
const DOORWAY = 'supta-padangusthasana-1/in-a-doorway-or-at-a-wall-corner';

test('nothing passes through a wall', () => {
  const normals = { front: [1, 0], back: [-1, 0], left: [0, 1], right: [0, -1] } as const;
  const through = EVERY.filter(({ name }) => name !== DOORWAY).flatMap(({ name, posture }) => {
    const { placed } = solve(body, posture);
    return (Object.keys(normals) as (keyof typeof normals)[]).flatMap((wall) => {
      const touching = posture.contacts.filter(({ on }) => on.kind === 'wall' && on.wall === wall);
      if (touching.length === 0) return [];
      const out = ([x, y]: Vec3, radius: number) => x * normals[wall][0] + y * normals[wall][1] + radius;
      const balls = touching.flatMap(({ part, side }) => partBalls(body, part, side));
      const plane = balls.reduce((sum, ball) => sum + out(pointOn(placed, ball.segment, ball.local), ball.radius) * 100, 0) / balls.length;
      return along(placed).flatMap(({ name: rod, at, radius }) =>
        out(at, radius) - plane > 6 ? [`${name}: ${rod} ${(out(at, radius) - plane).toFixed(1)} cm beyond the wall`] : [],
      );
    });
  });
  expect(through).toEqual([]);
});

test('in the whole library no limb passes through another: rods overlap by 3 cm at most, flesh and a centimetre of contact', () => {
  const deep = library.asanas.flatMap(({ id, variations }) =>
    variations.flatMap(({ id: variation, posture, moves }) =>
      [posture, moves].flatMap((one) =>
        one && !(`${id}/${variation}` in WRAPPED)
          ? near(solve(body, one).placed, rods, PAIRS, -0.03).map(
              ({ pair, gap }) => `${id}/${variation}: ${pair.map((index) => rods[index]!.name).join(' in ')} ${(gap * 100).toFixed(1)} cm`,
            )
          : [],
      ),
    ),
  );
  expect(deep).toEqual([]);
});
