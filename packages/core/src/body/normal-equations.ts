import { SymmetricSolver } from './linear.js';
import type { Rows } from './rows.js';
import { DOF_COUNT, type PlacedBody, type State } from './skeleton.js';
import type { Unknowns } from './unknowns.js';

/** The lowest and the highest that each free number may become. */
export interface Ranges {
  readonly low: Float64Array;
  readonly high: Float64Array;
}

/** Joints that may come to their ends in one step before the rest is only cut. */
const MOST_ENDED = 12;
/** Keeps what nothing holds, such as the height of a body that hangs in the air, from making the system singular. */
const LEAST_HOLD = 1e-9;

/**
 * The normal equations of a damped least-squares problem over a body's unknowns: J'J, its upper right half, and -J'r,
 * both with what holds each free number at what its author set. Its room is kept from problem to problem.
 */
export class NormalEquations {
  private readonly n: number;
  private readonly matrix: Float64Array;
  private readonly change: Float64Array;
  private readonly damped: Float64Array;
  private readonly move: Float64Array;
  private readonly slope = new Float64Array(DOF_COUNT);
  private readonly own: Float64Array;
  private readonly solver: SymmetricSolver;
  private readonly wanted = new Float64Array(DOF_COUNT);
  private readonly low = new Float64Array(DOF_COUNT);
  private readonly high = new Float64Array(DOF_COUNT);
  /** What rows that are only expected to pull would add to the cost. */
  private expected = 0;

  /** @param stiff how stiffly each free number is held, as 1/sigma */
  constructor(
    private readonly unknowns: Unknowns,
    private readonly stiff: Float64Array,
  ) {
    this.n = unknowns.count;
    this.matrix = new Float64Array(this.n * this.n);
    this.damped = new Float64Array(this.n * this.n);
    this.change = new Float64Array(this.n);
    this.move = new Float64Array(this.n);
    this.own = new Float64Array(this.n);
    this.solver = new SymmetricSolver(this.n);
  }

  /** Begins another problem: what each free number is held at, and its range; what is wanted beyond a range may stay there. */
  begin(wanted: State, { low, high }: Ranges): void {
    this.wanted.set(wanted);
    for (let dof = 0; dof < DOF_COUNT; dof++) {
      this.low[dof] = Math.min(low[dof]!, wanted[dof]!);
      this.high[dof] = Math.max(high[dof]!, wanted[dof]!);
    }
  }

  /** Takes in all rows at a placed body. */
  gather(rows: Rows, placed: PlacedBody): void {
    const { n, matrix, change, wanted, stiff } = this;
    const { of } = this.unknowns;
    matrix.fill(0);
    change.fill(0);
    this.expected = 0;
    for (let row = 0; row < rows.count; row++) {
      const value = rows.values[row]!;
      if (!rows.counts[row]) this.expected += value * value;
      this.add(rows, row, placed);
    }
    for (let dof = 0; dof < DOF_COUNT; dof++) {
      const i = of[dof]!;
      if (i < 0) continue;
      const hold = stiff[dof]! ** 2;
      matrix[i * n + i]! += hold;
      change[i]! -= hold * (placed.state[dof]! - wanted[dof]!);
    }
  }

  private add(rows: Rows, row: number, placed: PlacedBody): void {
    const { n, matrix, change, slope, own } = this;
    const { of } = this.unknowns;
    slope.fill(0);
    own.fill(0);
    rows.addSlope(row, placed, slope);
    for (let dof = 0; dof < DOF_COUNT; dof++) if (slope[dof] !== 0 && of[dof]! >= 0) own[of[dof]!]! += slope[dof]!;
    const value = rows.values[row]!;
    for (let i = 0; i < n; i++) {
      // A row touches the hinges of one or two limbs.
      const a = own[i]!;
      if (a === 0) continue;
      change[i]! -= a * value;
      const line = i * n;
      for (let j = i; j < n; j++) matrix[line + j]! += a * own[j]!;
    }
  }

  /**
   * One damped step from `state` inside the joints' ranges, and what the cost would fall by if all were as straight as
   * there. A joint that would pass its end goes to it, and the others make up for that.
   */
  step(state: State, damping: number): { readonly next: State; readonly gain: number } {
    const { n, matrix, change, damped, move } = this;
    const ended = this.atTheirEnds(state);
    for (;;) {
      damped.set(matrix);
      move.set(change);
      for (let i = 0; i < n; i++) damped[i * n + i] = damped[i * n + i]! * (1 + damping) + LEAST_HOLD;
      for (const [i, by] of ended) holdAt(damped, move, i, by);
      this.solver.solve(damped, move);
      const before = ended.size;
      for (let dof = 0; dof < DOF_COUNT; dof++) {
        const i = this.unknowns.of[dof]!;
        if (i < 0 || ended.has(i)) continue;
        const moved = state[dof]! + move[i]!;
        const inside = this.inRange(dof, moved);
        if (Math.abs(inside - moved) > 1e-9) ended.set(i, inside - state[dof]!);
      }
      if (ended.size === before || ended.size > MOST_ENDED) break;
    }
    for (const [i, by] of ended) move[i] = by;
    const next = state.slice();
    for (let dof = 0; dof < DOF_COUNT; dof++) {
      const i = this.unknowns.of[dof]!;
      if (i >= 0) next[dof] = this.inRange(dof, state[dof]! + move[i]!);
    }
    return { next, gain: this.gainOf(move) };
  }

  /** Unknowns at an end of their range that are drawn past it. */
  private atTheirEnds(state: State): Map<number, number> {
    const ended = new Map<number, number>();
    for (let dof = 0; dof < DOF_COUNT; dof++) {
      const i = this.unknowns.of[dof]!;
      if (i < 0 || this.change[i] === 0) continue;
      if (this.inRange(dof, state[dof]! + Math.sign(this.change[i]!) * 1e-9) === state[dof]) ended.set(i, 0);
    }
    return ended;
  }

  /** The nearest value that a free number may have. */
  inRange(dof: number, value: number): number {
    return Math.min(Math.max(value, this.low[dof]!), this.high[dof]!);
  }

  /** What the cost falls by on a straight way. */
  private gainOf(move: Float64Array): number {
    const { n, matrix, change } = this;
    let gain = -this.expected;
    for (let i = 0; i < n; i++) {
      let pull = 2 * change[i]! - matrix[i * n + i]! * move[i]!;
      for (let j = i + 1; j < n; j++) pull -= 2 * matrix[i * n + j]! * move[j]!;
      gain += move[i]! * pull;
    }
    return gain;
  }
}

/** Makes one unknown of a symmetric system, given by its upper right half, be `by`. */
function holdAt(matrix: Float64Array, right: Float64Array, i: number, by: number): void {
  const n = right.length;
  for (let j = 0; j < n; j++) {
    if (j === i) continue;
    const at = j < i ? j * n + i : i * n + j;
    right[j]! -= matrix[at]! * by;
    matrix[at] = 0;
  }
  matrix[i * n + i] = 1;
  right[i] = by;
}
