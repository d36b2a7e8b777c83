import fc from 'fast-check';
import { solveQP } from 'quadprog';
import { leastForces, type ForceRow } from './least-forces.js';

/** The same by the general solver of Goldfarb and Idnani; it counts from 1. */
function byQuadprog(price: readonly number[], wanted: readonly number[], rows: readonly ForceRow[]): number[] | null {
  const n = price.length;
  const from1 = (list: readonly number[]) => [0, ...list];
  const soft = rows.filter(({ meets }) => typeof meets === 'number');
  const hard = [...rows.filter(({ meets }) => meets === 'equal'), ...rows.filter(({ meets }) => meets === 'least')];
  const weigh = (i: number, j: number) =>
    soft.reduce((sum, { factors, meets }) => sum + Number(meets) * factors[i]! * factors[j]!, i === j ? price[i]! : 0);
  const D = Array.from({ length: n }, (_, i) => from1(Array.from({ length: n }, (_, j) => weigh(i, j))));
  const d = price.map(
    (one, i) => one * wanted[i]! + soft.reduce((sum, { factors, value, meets }) => sum + Number(meets) * factors[i]! * value, 0),
  );
  const A = Array.from({ length: n }, (_, i) =>
    from1([...hard.map(({ factors }) => factors[i]!), ...price.map((_, j) => (i === j ? 1 : 0))]),
  );
  const b = from1([...hard.map(({ value }) => value), ...price.map(() => 0)]);
  const { solution, message } = solveQP([[], ...D], from1(d), [[], ...A], b, rows.filter(({ meets }) => meets === 'equal').length);
  return message ? null : solution.slice(1);
}

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });
const problem = fc.integer({ min: 2, max: 14 }).chain((n) =>
  fc.record({
    price: fc.array(number(0.5, 60), { minLength: n, maxLength: n }),
    wanted: fc.array(number(0, 0.6), { minLength: n, maxLength: n }),
    arms: fc.array(fc.array(number(-1, 1), { minLength: n, maxLength: n }), { minLength: 2, maxLength: 2 }),
    most: number(0.02, 0.5),
  }),
);

/** Forces that add to 1, as weight does, balance two moments and of which the first bears little. */
function rowsOf({ arms, most, price }: { arms: number[][]; most: number; price: number[] }): ForceRow[] {
  return [
    { factors: price.map(() => 1), value: 1, meets: 'equal' },
    ...arms.map((factors): ForceRow => ({ factors, value: 0, meets: 1000 })),
    { factors: price.map((_, i) => (i === 0 ? -1 : 0)), value: -most, meets: 'least' },
  ];
}

test('the same forces as a general solver finds', () => {
  fc.assert(
    fc.property(problem, (given) => {
      const rows = rowsOf(given);
      const expected = byQuadprog(given.price, given.wanted, rows)!;
      // Where two rows say almost the same it divides by nothing.
      fc.pre(expected.every(Number.isFinite));
      const got = leastForces(Float64Array.from(given.price), Float64Array.from(given.wanted), rows)!;
      got.forEach((force, i) => expect(force).toBeCloseTo(expected[i]!, 6));
    }),
    { numRuns: 300 },
  );
});

test('what can’t be met is told', () => {
  const rows: ForceRow[] = [
    { factors: [1], value: 1, meets: 'equal' },
    { factors: [-1], value: -0.5, meets: 'least' },
  ];
  expect(leastForces(Float64Array.of(1), Float64Array.of(1), rows)).toBeNull();
});
