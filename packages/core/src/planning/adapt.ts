import type { ActiveLimit } from '../conditions/active-limits.js';
import { PlanningCache } from '../judging/planning-cache.js';
import { anybody, type Participant } from '../participants/participant.js';
import type { Chosen, PersonPlan } from '../plan/plan.js';
import { assess } from '../screening/assess.js';
import type { Sequence } from '../sequence/sequence.js';
import type { BodySolver } from '../solving/body-solver.js';
import { PersonPlanner, plansOf } from './person-planner.js';

export interface AdaptOptions {
  /** Length to fit, in minutes; otherwise that of the sequence's own text. */
  readonly minutes?: number;
  /** The day, as YYYY-MM-DD, for clearances that run out. */
  readonly today?: string;
  /** What was worked out before: whoever plans again passes the same one. */
  readonly cache?: PlanningCache;
}

/** The limits that hold for a participant on a day. */
export function limitsFor(participant: Participant, today: string | null = null): readonly ActiveLimit[] {
  return assess(participant, today).limits;
}

/**
 * A sequence adapted to one participant: what is allowed is kept, what isn't takes the least change that is, and
 * what can't be changed is replaced by purpose or left out, so that all steps together cost least (see `bestPath`).
 * The same input gives the same plan.
 */
export function adapt(solver: BodySolver, sequence: Sequence, participant: Participant, options: AdaptOptions = {}): PersonPlan {
  const { today, cache = new PlanningCache() } = options;
  const walker = new PersonPlanner(solver, participant, today ?? null, cache);
  walker.walk(sequence.steps);
  return plansOf([walker], sequence, options.minutes ?? sequence.minutes)[0]!;
}

/** Safe ways for one step of someone's plan, on what goes before in it, cheapest first: what a teacher may pick instead. */
export function otherWays(
  solver: BodySolver,
  participant: Participant,
  { steps }: PersonPlan,
  index: number,
  count: number,
  { today, cache = new PlanningCache() }: Omit<AdaptOptions, 'minutes'> = {},
): Chosen[] {
  const walker = new PersonPlanner(solver, participant, today ?? null, cache);
  steps.slice(0, index).forEach((step) => walker.take(step));
  return walker.ways(steps[index]!.step, count);
}

/** Seconds of a sequence as it is given, for nobody in particular. */
export function givenSeconds(solver: BodySolver, sequence: Sequence, cache = new PlanningCache()): number {
  return adapt(solver, { ...sequence, minutes: null }, anybody('anybody'), { cache }).before;
}
