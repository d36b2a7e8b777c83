import { library } from '../asanas/all.js';
import { sizeBody, type BodyAnswers } from '../body/anthropometry.js';
import type { Posture } from '../body/posture.js';
import { solve } from '../body/solve.js';
import { postureName, startState } from './start-states.js';

const ALL = library.asanas.flatMap(({ id, variations }) =>
  variations.flatMap(({ id: variation, posture, moves }) =>
    [posture, moves].flatMap((one): [string, Posture][] => (one ? [[`${id}/${variation}`, one]] : [])),
  ),
);

test('every posture of the library has a start of its own', () => {
  const names = new Map<string, string>();
  for (const [, posture] of ALL) {
    const text = JSON.stringify(posture);
    expect(names.get(postureName(posture)) ?? text).toBe(text);
    names.set(postureName(posture), text);
  }
  const without = ALL.filter(([, posture]) => !startState(sizeBody(), posture)).map(([name]) => name);
  // A posture that was changed is still solved, from what its author wrote: `node scripts/solve-starts.mjs` makes it quick again.
  expect(without).toEqual([]);
});

test('a posture that is not the library’s has none', () => {
  const { posture } = library.get('tadasana').variations[0]!;
  expect(startState(sizeBody(), { ...posture, root: { ...posture.root, pitch: 3.25 } })).toBeNull();
});

describe.each<[string, BodyAnswers]>([
  ['the usual body', {}],
  ['someone short', { stature: 154 }],
  ['someone tall and heavy', { stature: 188, mass: 112 }],
  ['someone thin', { stature: 171, mass: 47 }],
  ['late pregnancy', { stature: 166, mass: 75, pregnancyWeek: 34 }],
  ['a child of seven', { stature: 122, mass: 23, age: 7 }],
  ['knees that bend to 110 degrees', { stature: 169, kneeFlexion: 110 }],
])('%s', (_who, answers) => {
  const body = sizeBody(answers);
  const some = ALL.filter((_, i) => i % 4 === 0).map(([, posture]) => posture);
  const begun = some.map((posture) => solve(body, posture, startState(body, posture)));
  const alone = some.map((posture) => solve(body, posture));

  test('comes to where it bears as often as from what is written, in fewer rounds', () => {
    const reached = (all: typeof begun) => all.filter((one) => one.reached).length;
    expect(reached(begun)).toBeGreaterThanOrEqual(reached(alone));
    const rounds = (all: typeof begun) => all.reduce((sum, one) => sum + one.rounds, 0);
    expect(rounds(begun)).toBeLessThan(0.8 * rounds(alone));
  });

  test('and to about the same posture, but for a few that have two', () => {
    const apart = begun.map(
      ({ state }, i) => Math.max(...state.slice(3).map((angle, k) => Math.abs(angle - alone[i]!.state[k + 3]!))) * (180 / Math.PI),
    );
    apart.sort((a, b) => a - b);
    expect(apart[Math.floor(apart.length / 2)]).toBeLessThan(0.8);
    expect(apart.filter((degrees) => degrees > 15).length).toBeLessThan(0.06 * apart.length);
  });
});
