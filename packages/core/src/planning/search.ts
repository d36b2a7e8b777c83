import type { Step } from '../sequence/sequence.js';
import type { Evaluated } from '../planning/evaluation.js';
import type { StepContext } from '../judging/step-context.js';
import type { Chosen } from '../plan/plan.js';
import { candidateSearchFor, type CandidatesAtStep, type CandidateSearch } from '../planning/candidate-search.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

function searchFor({ profile, step }: Omit<StepContext, 'totals'>): CandidateSearch {
  return candidateSearchFor(profile, profile.solver.form(step.asana, step.variation));
}

/** All that someone may do in place of a step, at its place. */
export function candidatesAt(context: StepContext): CandidatesAtStep {
  return searchFor(context).here(context);
}

/** The step just as it was given. */
export function evaluateGiven(context: StepContext): Evaluated {
  const search = searchFor(context);
  return search.evaluate(context, search.given);
}

/** The safe ways to do a step at its place, cheapest first, at most `count` of them (see `CandidatesAtStep`). */
export function safeWays(context: StepContext, count: number): readonly Chosen[] {
  return candidatesAt(context).cheapest(count);
}

/** No way to do a step costs someone less than this, wherever in a class it stands; ways of `most` or more aren't looked at. */
export function leastMinCost(profile: JudgingProfile, step: Step, most: number): number {
  const search = searchFor({ profile, step });
  let least = most;
  for (let place = 0; ; place++) {
    const bounded = search.at(place, least);
    if (!bounded) return least;
    if (bounded.minCost < least) least = Math.min(least, search.minCostOf(step, bounded.candidate));
  }
}

/** What follows a step costs at the least. */
export interface Ahead {
  /** Wherever the step leads. */
  readonly least: number;
  /** From the posture that it ends in. */
  readonly after: (last: SolvedPosture) => number;
}
const NOTHING_AHEAD: Ahead = { least: 0, after: () => 0 };

/** Every safe way to do a step at its place that costs less than `below`, with what follows it. */
export function* eachSafeWay(context: StepContext, below: number, { least, after }: Ahead = NOTHING_AHEAD): Generator<Chosen> {
  const here = candidatesAt(context);
  for (let place = 0; ; place++) {
    const bounded = here.at(place, below - least);
    if (!bounded) return;
    const ahead = after(here.lastOf(bounded));
    if (here.least(place, bounded) + ahead >= below) continue;
    const chosen = here.safe(place, bounded);
    if (chosen && chosen.cost + ahead < below) yield chosen;
  }
}

/** A figure of a step as this person would do it, changed with the same changes; `null` where that isn't safe. */
export function wayLike(context: StepContext, figure: string): Chosen | null {
  return candidatesAt(context).like(figure);
}
