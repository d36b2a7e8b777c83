import type { LRUCache } from 'lru-cache';
import type { Library } from '../asanas/library.js';
import type { BodyAnswers } from '../body/anthropometry.js';
import { getOrCreate } from '../get-or-create.js';
import { leastRecentlyUsed } from '../lru.js';
import { BodySolver } from './body-solver.js';

/** Bodies whose postures stay solved; the one that was asked for longest ago makes room. */
export class BodySolverCache {
  private readonly known: LRUCache<string, BodySolver>;

  constructor(
    private readonly library: Library,
    most: number,
  ) {
    this.known = leastRecentlyUsed(most);
  }

  of(body: BodyAnswers): BodySolver {
    return getOrCreate(this.known, JSON.stringify(body), () => new BodySolver(this.library, body));
  }
}
