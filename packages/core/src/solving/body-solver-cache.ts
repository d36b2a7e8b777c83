import type { Library } from '../asanas/library.js';
import type { BodyAnswers } from '../body/anthropometry.js';
import { BodySolver } from './body-solver.js';

/** Bodies whose postures stay solved; the one that was asked for longest ago makes room. */
export class BodySolverCache {
  private readonly known = new Map<string, BodySolver>();

  constructor(
    private readonly library: Library,
    private readonly most: number,
  ) {}

  of(body: BodyAnswers): BodySolver {
    const key = JSON.stringify(body);
    const solver = this.known.get(key) ?? new BodySolver(this.library, body);
    this.known.delete(key);
    this.known.set(key, solver);
    if (this.known.size > this.most) this.known.delete(this.known.keys().next().value!);
    return solver;
  }
}
