import { library } from '../asanas/all.js';
import type { Contact, LevelSurface } from '../body/contact.js';
import { COMMON_PROPS, PROPS } from '../participants/props-at-hand.js';
import { BodySolver } from '../solving/body-solver.js';
import { missingProps, propsOf, setupOf } from './props-needed.js';

const on = (part: Contact['part'], surface: LevelSurface, height: number, side: Contact['side'] = null, bears = true): Contact => ({
  part,
  side,
  bears,
  on: { kind: 'level', surface, height },
});
const both = (part: Contact['part'], surface: LevelSurface, height: number) => [
  on(part, surface, height, 'left'),
  on(part, surface, height, 'right'),
];
const needs = (...contacts: readonly Contact[]) => Object.fromEntries(propsOf({ contacts }));

test('the floor is no prop; a hand on each block takes two, both hands on one chair take one', () => {
  expect(needs(...both('sole', 'floor', 0))).toEqual({});
  expect(needs(...both('palm', 'block', 12))).toEqual({ block: 2 });
  expect(needs(...both('palm', 'block', 30))).toEqual({ block: 4 });
  expect(needs(...both('palm', 'seat', 41))).toEqual({ chair: 1 });
  expect(needs(...both('palm', 'chairback', 85), ...both('sitbone', 'seat', 41))).toEqual({ chair: 1 });
});

test('a thin lift is blankets, each some 3 cm; one that is higher is a bolster', () => {
  expect([3, 5.5, 11].map((height) => needs(on('pelvis', 'blanket', height)))).toEqual([{ blanket: 1 }, { blanket: 2 }, { blanket: 4 }]);
  expect(needs(on('pelvis', 'blanket', 18))).toEqual({ bolster: 1 });
});

test('the trunk and the head share a bolster, the legs have one of their own', () => {
  expect(needs(on('chest', 'bolster', 16), on('forehead', 'bolster', 16))).toEqual({ bolster: 1 });
  expect(needs(on('chest', 'bolster', 16), ...both('knee', 'bolster', 16))).toEqual({ bolster: 2 });
});

test('walls, straps and tables are there once', () => {
  const wall: Contact = { part: 'palm', side: 'left', bears: true, on: { kind: 'wall', wall: 'front' } };
  expect(needs(wall, { ...wall, side: 'right' }, ...both('forearm', 'table', 68))).toEqual({ wall: 1, table: 1 });
});

test('what isn’t at hand is told with what there is; what is at hand is not', () => {
  expect(missingProps(new Map([['block', 2]]), { block: 2 })).toEqual([]);
  expect(missingProps(new Map([['block', 2], ['bolster', 1]]), { block: 1 }).map(({ limit, text, by }) => [limit, text, by])).toEqual([
    ['props/block', 'Only 1 of block at hand.', 1],
    ['props/bolster', 'There is no bolster at hand.', 1],
  ]); // prettier-ignore
});

describe('the library', () => {
  const solver = new BodySolver(library);

  test('asks for no more of anything than a room usually has', () => {
    for (const { id, variations } of library.asanas)
      for (const { id: variation, posture } of variations)
        expect([id, variation, missingProps(propsOf(posture), COMMON_PROPS)]).toEqual([id, variation, []]);
  });

  test('every prop that a form needs is set up somewhere, at a height for this body, under something', () => {
    for (const { id, variations } of library.asanas.filter((_, i) => i % 3 === 0))
      for (const { id: variation, posture } of variations) {
        const items = setupOf(solver.form(id, variation).ends[0]!);
        expect([id, variation, new Set(items.map(({ prop }) => prop))]).toEqual([id, variation, new Set(propsOf(posture).keys())]);
        for (const { prop, count, height, place } of items) {
          expect(PROPS).toContain(prop);
          expect(count).toBeGreaterThan(0);
          if (height !== null) expect(height).toBeGreaterThan(0);
          expect(place).toMatch(prop === 'strap' ? /^(?:in the hands|round the ribs)$/ : /^(?:under|at|between|behind) the \w/);
        }
      }
  });

  test('a taller body sits on the same blankets, and reaches for a higher chair back', () => {
    const tall = new BodySolver(library, { stature: 190 });
    const height = (one: BodySolver) => setupOf(one.form('vrksasana', 'hand-on-wall-or-chair').ends[0]!).map(({ prop }) => prop);
    expect(height(tall)).toEqual(height(solver));
  });
});

describe('what a form is called after is brought for it', () => {
  const solver = new BodySolver(library);
  const placed = (asana: string, variation: string | null = null) =>
    setupOf(solver.form(asana, variation).ends[0]!).map(({ prop, count, place }) => `${count} ${prop} ${place}`);

  test('a roll under the knees, also where it meets the legs just below them', () => {
    expect(placed('savasana-knees-bolster')).toContain('1 bolster under the knees');
    expect(placed('savasana', 'bolster-under-knees')).toContain('1 bolster under the knees');
    expect(placed('dandasana', 'knees-over-a-roll')).toContain('1 bolster under the knees');
  });

  test('what is squeezed between the legs, once for both of them', () => {
    expect(placed('utkatasana', 'block-between-thighs')).toEqual(['1 block between the thighs']);
    expect(placed('chair-adductor-squeeze')).toContain('1 cushion between the knees');
    expect(placed('wall-mountain', 'cushion-behind-the-head')).toContain('1 cushion behind the head');
  });

  test('a strap', () => {
    for (const [asana, variation] of [
      ['dhanurasana', 'strap-round-the-ankles'],
      ['paschimottanasana', 'flat-back-with-strap'],
      ['natarajasana', 'strap-round-the-foot'],
    ] as const)
      expect(placed(asana, variation)).toContain('1 strap in the hands');
    expect(placed('rib-breath', 'strap-round-the-ribs')).toContain('1 strap round the ribs');
  });
});
