import { HINGE, HINGE_DOFS, HINGES_OF, type PlacedBody, type Vec3 } from './skeleton.js';

/** Numbers of one push: segment, point and weighted direction. */
const PUSH = 7;

/**
 * Rows of a least-squares problem over a body's free numbers: each has a value, in units of its own sigma, and pushes
 * that say how the free numbers change it. Filled anew in each round, so the room is kept.
 */
export class Rows {
  count = 0;
  readonly values: number[] = [];
  /** The number of what may or may not pull, -1 for what always does. */
  readonly ids: number[] = [];
  /** Whether a row's value is part of the cost; one that is only expected to matter is not. */
  readonly counts: boolean[] = [];
  private readonly ends: number[] = [];
  private readonly pushes: number[] = [];
  private used = 0;

  clear(): void {
    this.count = 0;
    this.used = 0;
  }

  /** Begins a row; its pushes follow. */
  row(value: number, id = -1, counts = true): void {
    const { count } = this;
    this.values[count] = value;
    this.ids[count] = id;
    this.counts[count] = counts;
    this.ends[count] = this.used;
    this.count++;
  }

  /** The last row grows by `weight` for each metre that `point` of a segment moves along `direction`. */
  push(segment: number, point: Vec3, direction: Vec3, weight: number): void {
    const { pushes, used } = this;
    pushes[used] = segment;
    for (let axis = 0; axis < 3; axis++) {
      pushes[used + 1 + axis] = point[axis]!;
      pushes[used + 4 + axis] = weight * direction[axis]!;
    }
    this.ends[this.count - 1] = this.used = used + PUSH;
  }

  /** The last row grows by `slope` for each radian of one free number. */
  turn(dof: number, slope: number): void {
    this.pushes[this.used] = -1 - dof;
    this.pushes[this.used + 1] = slope;
    this.ends[this.count - 1] = this.used += PUSH;
  }

  /** Adds how each free number changes a row. */
  addSlope(row: number, { hinges }: PlacedBody, slope: Float64Array): void {
    const { pushes, ends } = this;
    for (let at = row === 0 ? 0 : ends[row - 1]!; at < ends[row]!; at += PUSH) {
      const segment = pushes[at]!;
      if (segment < 0) {
        slope[-1 - segment]! += pushes[at + 1]!;
        continue;
      }
      const px = pushes[at + 1]!;
      const py = pushes[at + 2]!;
      const pz = pushes[at + 3]!;
      const dx = pushes[at + 4]!;
      const dy = pushes[at + 5]!;
      const dz = pushes[at + 6]!;
      slope[0]! += dx;
      slope[1]! += dy;
      slope[2]! += dz;
      // A turn moves the point by axis x (point - pivot): along the push that is axis . (point x push) - push . (axis x pivot).
      const mx = py * dz - pz * dy;
      const my = pz * dx - px * dz;
      const mz = px * dy - py * dx;
      for (const hinge of HINGES_OF[segment]!) {
        const start = hinge * HINGE;
        slope[HINGE_DOFS[hinge]!]! +=
          hinges[start]! * mx + hinges[start + 1]! * my + hinges[start + 2]! * mz -
          hinges[start + 3]! * dx - hinges[start + 4]! * dy - hinges[start + 5]! * dz; // prettier-ignore
      }
    }
  }
}
