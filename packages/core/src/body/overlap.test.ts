import { library } from '../asanas/all.js';
import { sizeBody } from './anthropometry.js';
import { near, nearestShares, PAIRS, rodsOf } from './overlap.js';
import { readPosture } from './posture.js';
import { solve } from './solve.js';
import type { Vec3 } from './skeleton.js';

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
