import { setImmediate } from 'node:timers/promises';
import {
  adaptingClass,
  bodyOf,
  BodySolverCache,
  library,
  type ClassOptions,
  type ClassPlan,
  type Participant,
  type Sequence,
} from '@lotus-steady/core';
import { Injectable } from '@nestjs/common';

/** A full class, and none of its bodies is solved twice. */
const MOST_BODIES = 24;

/** Everything that this server plans, for one person or for many. */
@Injectable()
export class PlanningService {
  private readonly solvers = new BodySolverCache(library, MOST_BODIES);

  /** A sequence adapted to people who practise together, worked out step by step, so that others are answered in between. */
  async plan(
    participants: readonly Participant[],
    sequence: Sequence,
    options: Omit<ClassOptions, 'cache'> & { readonly today: string },
  ): Promise<ClassPlan> {
    const members = participants.map((participant) => ({ solver: this.solvers.of(bodyOf(participant, options.today)), participant }));
    const steps = adaptingClass(members, sequence, options);
    for (;;) {
      const { done, value } = steps.next();
      if (done) return value;
      await setImmediate();
    }
  }
}
