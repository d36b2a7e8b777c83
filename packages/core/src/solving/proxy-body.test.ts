import { library } from '../asanas/all.js';
import { solveMeetingHands } from '../body/meet-hands.js';
import type { Posture } from '../body/posture.js';
import { proxyBodyFor } from './proxy-body.js';
import { BodySolver } from './body-solver.js';

test('grown bodies that are alike share one; a child, someone small and the usual body have none', () => {
  const like = proxyBodyFor({ stature: 158, mass: 60, age: 41 });
  expect(like).toEqual({ stature: 170, mass: 69 });
  expect(proxyBodyFor({ stature: 186, mass: 84 })).toEqual(like);
  expect(proxyBodyFor({ stature: 158, mass: 95 })).not.toEqual(like);
  for (const alone of [{}, { stature: 120, age: 8 }, { stature: 140 }, like!]) expect(proxyBodyFor(alone)).toBeNull();
});

test('pregnancy and measured ranges go along, in coarse steps', () => {
  expect(proxyBodyFor({ stature: 165, pregnancyWeek: 30, hamstring: 66 })).toEqual({ stature: 170, pregnancyWeek: 32, hamstring: 60 });
});

describe.each([
  ['someone short', { stature: 154 }],
  ['someone tall and heavy', { stature: 188, mass: 112 }],
  ['late pregnancy', { stature: 166, mass: 75, pregnancyWeek: 34 }],
])('%s', (_who, answers) => {
  const own = new BodySolver(library, answers);
  const every = (one: number) => library.asanas.filter((_, i) => i % 3 === one).flatMap(({ variations }) => variations);
  const postures = every(0).map(({ posture }): Posture => posture);
  const begun = postures.map((posture) => own.posture(posture).solved);
  const alone = postures.map((posture) => solveMeetingHands(own.body, posture));

  test('comes to where it bears as often as by itself, in fewer rounds', () => {
    const count = (all: typeof begun) => all.filter(({ reached }) => reached).length;
    expect(count(begun)).toBeGreaterThanOrEqual(count(alone));
    const rounds = (all: typeof begun) => all.reduce((sum, one) => sum + one.rounds, 0);
    expect(rounds(begun)).toBeLessThan(0.85 * rounds(alone));
  });

  test('and to the same posture, but for a few that have two', () => {
    const angles = ({ posture: { root, spine, legs, arms } }: (typeof begun)[number]) =>
      [root, spine, legs.left, legs.right, arms.left, arms.right].flatMap((group) => Object.values(group) as number[]);
    const apart = begun.map((one, i) => {
      const other = angles(alone[i]!);
      return Math.max(...angles(one).map((angle, k) => Math.abs(angle - other[k]!)));
    });
    apart.sort((a, b) => a - b);
    expect(apart[Math.floor(apart.length / 2)]).toBeLessThan(0.5);
    expect(apart.filter((degrees) => degrees > 15).length).toBeLessThan(0.04 * apart.length);
  });
});
