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

/** What a moment that stays open costs. */
const MISS = 1000;
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
    ...arms.map((factors): ForceRow => ({ factors, value: 0, meets: MISS })),
    { factors: price.map((_, i) => (i === 0 ? -1 : 0)), value: -most, meets: 'least' },
  ];
}

/** What is to be the least. */
function costOf(forces: readonly number[], { price, wanted, arms }: { price: number[]; wanted: number[]; arms: number[][] }): number {
  const missed = arms.reduce((sum, factors) => sum + (MISS / 2) * factors.reduce((at, factor, i) => at + factor * forces[i]!, 0) ** 2, 0);
  return price.reduce((sum, one, i) => sum + (one / 2) * (forces[i]! - wanted[i]!) ** 2, missed);
}

test('no dearer than what a general solver finds, and all is met', () => {
  fc.assert(
    fc.property(problem, (given) => {
      const rows = rowsOf(given);
      const expected = byQuadprog(given.price, given.wanted, rows)!;
      // Where two rows say almost the same it divides by nothing.
      fc.pre(expected.every(Number.isFinite));
      const got = [...leastForces(Float64Array.from(given.price), Float64Array.from(given.wanted), rows)!];
      expect(got.reduce((sum, force) => sum + force, 0)).toBeCloseTo(1, 6);
      expect(Math.min(...got)).toBeGreaterThan(-1e-8);
      expect(got[0]).toBeLessThan(given.most + 1e-6);
      expect(costOf(got, given)).toBeLessThan(costOf(expected, given) * (1 + 1e-6) + 1e-8);
    }),
    { numRuns: 300 },
  );
});

test('where the solution is plain the forces are the same', () => {
  const given = { price: [2, 1, 4, 3], wanted: [0.4, 0.1, 0.2, 0.5], arms: [[1, -1, 0.5, -0.5], [0.2, 0.4, -0.6, 0.1]], most: 0.1 }; // prettier-ignore
  const rows = rowsOf(given);
  const expected = byQuadprog(given.price, given.wanted, rows)!;
  const got = leastForces(Float64Array.from(given.price), Float64Array.from(given.wanted), rows)!;
  expected.forEach((force, i) => expect(got[i]).toBeCloseTo(force, 6));
});

test('what can’t be met is told', () => {
  const rows: ForceRow[] = [
    { factors: [1], value: 1, meets: 'equal' },
    { factors: [-1], value: -0.5, meets: 'least' },
  ];
  expect(leastForces(Float64Array.of(1), Float64Array.of(1), rows)).toBeNull();
});
