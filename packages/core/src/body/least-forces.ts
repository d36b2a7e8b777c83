import { SymmetricSolver } from './linear.js';

/** Something that the forces' weighted sum has to be. */
export interface ForceRow {
  /** A factor for each force. */
  readonly factors: ArrayLike<number>;
  readonly value: number;
  /** `equal`: exactly `value`; `least`: no less than it; a number: near it, missing it by 1 costs half of that. */
  readonly meets: 'equal' | 'least' | number;
}

/** Keeps the small system solvable where two rows say the same. */
const GIVE = 1e-12;
const NOTHING = 1e-9;
const MET = 1e-6;
/** So often all that is wrong is turned at once; after that one at a time, which always comes to an end. */
const TOGETHER = 12;
const MOST_ROUNDS = 300;

/**
 * The forces, none below 0, that are nearest to those wanted, each by its own price, and meet the rows: the least of
 * the sum of price / 2 (force - wanted)² and of what missing the rows costs. Forces are many and rows few, so each
 * round solves for the rows alone. Which forces rest at 0 and which rows bind is found by block pivoting with
 * Murty's rule behind it (Júdice JJ, Pires FM. Comput Oper Res 1994;21:587-596, from memory).
 *
 * Prices are above 0. `null` where no forces meet the rows.
 */
export function leastForces(price: Float64Array, wanted: Float64Array, rows: readonly ForceRow[]): Float64Array | null {
  const n = price.length;
  const count = rows.length;
  const isFree = new Uint8Array(n).fill(1);
  const binds = Uint8Array.from(rows, ({ meets }) => (meets === 'least' ? 0 : 1));
  const force = new Float64Array(n);
  const pulled = new Float64Array(n);
  const pulls = new Float64Array(count);
  let fewest = Infinity;
  let together = TOGETHER;
  for (let round = 0; round < MOST_ROUNDS; round++) {
    const bound: number[] = [];
    for (let r = 0; r < count; r++) if (binds[r]) bound.push(r);
    pullsOf(rows, bound, price, wanted, isFree, pulls);
    for (let i = 0; i < n; i++) {
      let pull = 0;
      for (const r of bound) pull += pulls[r]! * rows[r]!.factors[i]!;
      pulled[i] = price[i]! * wanted[i]! + pull;
      force[i] = isFree[i] ? pulled[i]! / price[i]! : 0;
    }

    let wrong = 0;
    let lastForce = -1;
    let lastRow = -1;
    for (let i = 0; i < n; i++) {
      if (isFree[i] ? force[i]! >= -NOTHING : pulled[i]! <= NOTHING) continue;
      wrong++;
      lastForce = i;
    }
    for (let r = 0; r < count; r++) {
      if (!isRowWrong(rows[r]!, binds[r] === 1, pulls[r]!, force)) continue;
      wrong++;
      lastRow = r;
    }
    if (wrong === 0) return rows.every((row) => isMet(row, force)) ? force : null;
    if (wrong < fewest) {
      fewest = wrong;
      together = TOGETHER;
    } else together--;
    if (together > 0) {
      for (let i = 0; i < n; i++) if (isFree[i] ? force[i]! < -NOTHING : pulled[i]! > NOTHING) isFree[i] = isFree[i] ? 0 : 1;
      for (let r = 0; r < count; r++) if (isRowWrong(rows[r]!, binds[r] === 1, pulls[r]!, force)) binds[r] = binds[r] ? 0 : 1;
    } else if (lastRow >= 0) binds[lastRow] = binds[lastRow] ? 0 : 1;
    else isFree[lastForce] = isFree[lastForce] ? 0 : 1;
  }
  return null;
}

function isRowWrong(row: ForceRow, binds: boolean, pull: number, force: Float64Array): boolean {
  if (row.meets !== 'least') return false;
  return binds ? pull < -NOTHING : sumOf(row, force) < row.value - NOTHING;
}

function sumOf({ factors }: ForceRow, force: Float64Array): number {
  let sum = 0;
  for (let i = 0; i < force.length; i++) sum += factors[i]! * force[i]!;
  return sum;
}

function isMet(row: ForceRow, force: Float64Array): boolean {
  const over = sumOf(row, force) - row.value;
  return row.meets === 'equal' ? Math.abs(over) < MET : row.meets !== 'least' || over > -MET;
}

/** How hard each row that binds pulls at the free forces. Where they can't meet it, it pulls very hard. */
function pullsOf(
  rows: readonly ForceRow[],
  bound: readonly number[],
  price: Float64Array,
  wanted: Float64Array,
  isFree: Uint8Array,
  pulls: Float64Array,
): void {
  const m = bound.length;
  const matrix = new Float64Array(m * m);
  const right = new Float64Array(m);
  for (let p = 0; p < m; p++) {
    const { factors, value, meets } = rows[bound[p]!]!;
    right[p] = value;
    matrix[p * m + p] = typeof meets === 'number' ? 1 / meets : GIVE;
    for (let i = 0; i < price.length; i++) {
      const factor = factors[i]!;
      if (!isFree[i] || factor === 0) continue;
      right[p]! -= factor * wanted[i]!;
      const share = factor / price[i]!;
      for (let q = p; q < m; q++) matrix[p * m + q]! += share * rows[bound[q]!]!.factors[i]!;
    }
  }
  new SymmetricSolver(m).solve(matrix, right);
  pulls.fill(0);
  for (let p = 0; p < m; p++) pulls[bound[p]!] = right[p]!;
}
