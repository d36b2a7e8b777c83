import fc from 'fast-check';
import loadHighs from 'highs';
import type { Prop } from '../participants/props-at-hand.js';
import { solveColumn, type ColumnLimits, type Option } from './column.js';

const way = (figure: string | null, cost: number, props: Partial<Record<Prop, number>> = {}): Option => ({
  figure,
  cost,
  props: new Map(Object.entries(props) as [Prop, number][]),
});

describe('one column of a class', () => {
  const two = [[way('a', 0), way('c', 3)], [way('b', 0), way('c', 3)], [way('c', 0)]];

  test('everybody keeps their own while few enough figures are shown', () =>
    expect(solveColumn(two, { figures: 3, props: null })).toEqual({ chosen: [0, 0, 0], cost: 0, bound: 0 }));

  test('one gives way where a figure is too many', () => {
    const answer = solveColumn(two, { figures: 2, props: null })!;
    expect(answer.cost).toBe(3);
    expect(new Set(answer.chosen.map((at, person) => two[person]![at]!.figure)).size).toBe(2);
  });

  test('all share one where only one may be shown', () =>
    expect(solveColumn(two, { figures: 1, props: null })).toEqual({ chosen: [1, 1, 0], cost: 6, bound: 6 }));

  test('two blocks are enough for one of two; the other takes what costs little more', () => {
    const people = [
      [way('block', 0, { block: 2 }), way('plain', 5)],
      [way('block', 0, { block: 2 }), way('plain', 1)],
    ];
    expect(solveColumn(people, { figures: 3, props: { block: 2 } })).toMatchObject({ chosen: [0, 1], cost: 1 });
    expect(solveColumn(people, { figures: 3, props: { block: 4 } })).toMatchObject({ chosen: [0, 0], cost: 0 });
    expect(solveColumn(people, { figures: 3, props: {} })).toMatchObject({ chosen: [1, 1], cost: 6 });
  });

  test('sitting a step out needs no cue', () =>
    expect(solveColumn([[way(null, 2)], [way('a', 0)]], { figures: 1, props: null })!.cost).toBe(2));

  test('nothing that keeps the limits is no answer', () => {
    expect(solveColumn([[way('a', 0)], [way('b', 0)]], { figures: 1, props: null })).toBeNull();
    expect(solveColumn([[way('a', 0, { chair: 1 })]], { figures: 3, props: {} })).toBeNull();
    expect(solveColumn([[]], { figures: 3, props: null })).toBeNull();
  });
});

/** Columns of up to six people with up to five ways each; costs in tenths, so that sums compare exactly enough. */
const COLUMN = fc.record({
  people: fc.array(
    fc.array(
      fc.record({
        figure: fc.constantFrom('a', 'b', 'c', 'd', 'e', 'f', null),
        cost: fc.integer({ min: 0, max: 120 }).map((n) => n / 10),
        block: fc.integer({ min: 0, max: 2 }),
        chair: fc.integer({ min: 0, max: 1 }),
      }),
      { minLength: 1, maxLength: 5 },
    ),
    { minLength: 1, maxLength: 6 },
  ),
  figures: fc.integer({ min: 1, max: 3 }),
  block: fc.integer({ min: 0, max: 5 }),
  chair: fc.integer({ min: 0, max: 3 }),
});

function columnOf({ people, figures, block, chair }: typeof COLUMN extends fc.Arbitrary<infer T> ? T : never) {
  const ways = people.map((own) =>
    own.map((one) => way(one.figure, one.cost, { ...(one.block && { block: one.block }), ...(one.chair && { chair: one.chair }) })),
  );
  const limits: ColumnLimits = { figures, props: { block, chair } };
  return { ways, limits };
}

/** The same column as a mixed-integer program in the LP format: x picks a way, y opens a figure. */
function asProgram(people: readonly (readonly Option[])[], { figures, props }: ColumnLimits): string {
  const all = people.flatMap((ways, p) => ways.map((one, w) => ({ ...one, name: `x${p}_${w}` })));
  const shown = [...new Set(all.flatMap(({ figure }) => figure ?? []))];
  const sum = (terms: readonly string[]) => (terms.length > 0 ? terms.join(' + ') : '0 dummy');
  return [
    'Minimize',
    ` obj: ${sum(all.map(({ cost, name }) => `${cost} ${name}`))}`,
    'Subject To',
    ...people.map((ways, p) => ` one${p}: ${sum(ways.map((_, w) => `x${p}_${w}`))} = 1`),
    ...all.flatMap(({ figure, name }) => (figure === null ? [] : [` open_${name}: ${name} - y_${figure} <= 0`])),
    ...(shown.length > 0 ? [` few: ${sum(shown.map((figure) => `y_${figure}`))} <= ${figures}`] : []),
    ...Object.entries(props ?? {}).map(
      ([prop, have]) => ` ${prop}: ${sum(all.flatMap(({ props: needs, name }) => { const n = needs.get(prop as Prop); return n ? [`${n} ${name}`] : []; }))} <= ${have}`,
    ),
    'Bounds',
    ' dummy = 0',
    'Binary',
    ` ${[...all.map(({ name }) => name), ...shown.map((figure) => `y_${figure}`)].join(' ')}`,
    'End',
  ].join('\n'); // prettier-ignore
}

test('the same optimum as a general mixed-integer solver (HiGHS: Huangfu Q, Hall JAJ. Math Program Comput 2018;10:119-142)', async () => {
  const highs = await loadHighs();
  fc.assert(
    fc.property(COLUMN, (raw) => {
      const { ways, limits } = columnOf(raw);
      const ours = solveColumn(ways, limits);
      const theirs = highs.solve(asProgram(ways, limits));
      if (ours === null) expect(theirs.Status).toBe('Infeasible');
      else {
        expect(theirs.Status).toBe('Optimal');
        expect(ours.cost).toBeCloseTo(theirs.ObjectiveValue, 6);
        expect(ours.bound).toBeCloseTo(ours.cost, 9);
      }
    }),
    { numRuns: 300, seed: 7 },
  );
});

test('an answer keeps its limits, and more figures or props never make it dearer', () => {
  fc.assert(
    fc.property(COLUMN, (raw) => {
      const { ways, limits } = columnOf(raw);
      const answer = solveColumn(ways, limits);
      if (!answer) return;
      const taken = answer.chosen.map((at, person) => ways[person]![at]!);
      expect(new Set(taken.flatMap(({ figure }) => figure ?? [])).size).toBeLessThanOrEqual(limits.figures);
      for (const prop of ['block', 'chair'] as const)
        expect(taken.reduce((sum, { props }) => sum + (props.get(prop) ?? 0), 0)).toBeLessThanOrEqual(limits.props![prop]!);
      expect(taken.reduce((sum, { cost }) => sum + cost, 0)).toBeCloseTo(answer.cost, 9);
      expect(solveColumn(ways, { ...limits, figures: limits.figures + 1 })!.cost).toBeLessThanOrEqual(answer.cost + 1e-9);
      expect(solveColumn(ways, { ...limits, props: null })!.cost).toBeLessThanOrEqual(answer.cost + 1e-9);
    }),
    { numRuns: 300, seed: 8 },
  );
});

/** The cheapest choice by trying every set of so many figures; everybody has their own props. */
function byTrying(people: readonly (readonly Option[])[], figures: number): number {
  const names = [...new Set(people.flatMap((ways) => ways.flatMap(({ figure: name }) => name ?? [])))];
  const costOf = (shown: ReadonlySet<string>) =>
    people.reduce((sum, ways) => sum + Math.min(...ways.flatMap(({ figure: name, cost }) => (name === null || shown.has(name) ? [cost] : []))), 0); // prettier-ignore
  const sets = (from: number, size: number): string[][] =>
    size === 0 ? [[]] : [[], ...names.slice(from).flatMap((name, i) => sets(from + i + 1, size - 1).map((rest) => [name, ...rest]))];
  return Math.min(...sets(0, figures).map((set) => costOf(new Set(set))));
}

test('in a class where everybody has their own props, the same as by trying every set of figures', () => {
  const person = fc.record({
    ways: fc.uniqueArray(fc.record({ figure: fc.nat(8).map(String), cost: fc.integer({ min: 0, max: 90 }).map((n) => n / 10) }), {
      selector: ({ figure }) => figure,
      minLength: 1,
      maxLength: 7,
    }),
    // Some can't sit out.
    out: fc.constantFrom(null, 9, 30),
  });
  let infeasible = 0;
  fc.assert(
    fc.property(fc.array(person, { minLength: 1, maxLength: 12 }), fc.integer({ min: 1, max: 4 }), (raw, figures) => {
      const people = raw.map(({ ways, out }) => [...ways.map(({ figure, cost }) => way(figure, cost)), ...(out === null ? [] : [way(null, out)])]); // prettier-ignore
      const answer = solveColumn(people, { figures, props: null });
      const least = byTrying(people, figures);
      if (answer === null) {
        infeasible++;
        expect(least).toBe(Infinity);
        return;
      }
      expect(answer.cost).toBeCloseTo(least, 9);
      expect(answer.bound).toBeCloseTo(least, 9);
      const taken = answer.chosen.map((at, i) => people[i]![at]!);
      expect(new Set(taken.flatMap(({ figure }) => figure ?? [])).size).toBeLessThanOrEqual(figures);
      expect(taken.reduce((sum, { cost }) => sum + cost, 0)).toBeCloseTo(answer.cost, 9);
    }),
    { numRuns: 400, seed: 9 },
  );
  expect(infeasible).toBeGreaterThan(0);
});
