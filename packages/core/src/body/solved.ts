import { leastRecentlyUsed } from '../lru.js';
import type { Body } from './anthropometry.js';
import type { Contact } from './contact.js';
import type { Posture } from './posture.js';
import { place, toPosture, type PlacedBody, type State } from './skeleton.js';

/** How well a posture was met. */
export interface Met {
  /** Whether every bearing contact lies within 1 cm of its support. */
  readonly reached: boolean;
  /** The farthest bearing contact from its support, in cm. */
  readonly residualCm: number;
  readonly rounds: number;
  /** What could not be met, in words. */
  readonly warnings: readonly string[];
}

/** Bodies that were placed last: whoever asks once asks again soon. */
const LATELY = leastRecentlyUsed<Solved, PlacedBody>(200);

/**
 * A posture as a body does it. Thousands are kept, so only its free numbers are: where every segment lies follows
 * from them, and is worked out when it is asked for.
 */
export class Solved implements Met {
  readonly reached: boolean;
  readonly residualCm: number;
  readonly rounds: number;
  readonly warnings: readonly string[];

  constructor(
    readonly body: Body,
    readonly state: State,
    readonly contacts: readonly Contact[],
    { reached, residualCm, rounds, warnings }: Met,
    placed: PlacedBody | null = null,
  ) {
    this.reached = reached;
    this.residualCm = residualCm;
    this.rounds = rounds;
    this.warnings = warnings;
    if (placed) LATELY.set(this, placed);
  }

  get posture(): Posture {
    return toPosture(this.state, this.contacts);
  }

  get placed(): PlacedBody {
    const known = LATELY.get(this);
    if (known) return known;
    const placed = place(this.body, this.state, this.contacts, false);
    LATELY.set(this, placed);
    return placed;
  }
}
