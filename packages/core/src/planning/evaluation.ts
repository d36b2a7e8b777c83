import { message, type Message } from '../messages/message.js';
import { stepKey } from '../sequence/step-key.js';
import type { WayId } from '../sequence/ways.js';
import { arrivingOf, levelMismatchCost, standOf, usualWaySeconds } from '../transitions/entry-cost.js';
import { endsOf, type Candidate } from '../candidates/candidates.js';
import { COST } from '../plan/cost.js';
import { fit, type Fitted } from '../dosing/fitting.js';
import { worstOf, type Finding } from '../plan/finding.js';
import { sumsKey, type StepContext } from '../judging/step-context.js';
import type { Chosen } from '../plan/plan.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import { transitionTo, type Transition } from '../transitions/transition.js';

function waySaid(way: WayId): Message {
  return message('change.way', { way: message(`way.${way}`) });
}

/** A candidate judged at its place in a class. */
export class Evaluated {
  readonly chosen: Chosen;
  /** Whether nothing stands against it. */
  readonly isSafe: boolean;

  constructor(
    { profile: { solver }, totals: { last } }: StepContext,
    candidate: Candidate,
    ends: readonly SolvedPosture[],
    given: Candidate,
    private readonly fitted: Fitted,
    private readonly way: Transition,
  ) {
    const { asana, variation, figure, drops } = candidate;
    const { changes, wayAfter, aboutDose, dose, isLonger, timed, retention, transitionSeconds, watch, minCost, missing, hard } = fitted;
    const form = solver.formOf(given.asana, given.variation);
    const apart = candidate === given ? 0 : levelMismatchCost(form, standOf(ends[0]!), last && standOf(last));
    this.isSafe = missing.length === 0 && !way.isBarred && hard.length === 0;
    this.chosen = {
      asana,
      variation,
      figure,
      ends,
      declared: variation.declared,
      changes:
        way.instead.length === 0 ? changes : [...changes.slice(0, wayAfter), ...way.instead.map(waySaid), ...changes.slice(wayAfter)],
      aboutDose,
      dose,
      isLonger,
      timed,
      retention,
      ways: way.ways,
      wayIn: way.wayIn,
      transitionSeconds,
      drops,
      watch,
      cost: fitted.cost + apart + COST.way * way.instead.length,
      minCost,
    };
  }

  /** What still stands against it. */
  get hard(): readonly Finding[] {
    const { missing, hard } = this.fitted;
    return [...missing, ...this.way.hard, ...hard];
  }

  /** All that the form broke before dose, breath and way were fitted. */
  get all(): readonly Finding[] {
    const { asked, missing, broken } = this.fitted;
    return worstOf([asked, missing, this.way.all, broken]);
  }
}

/**
 * All that fitting a candidate looks at of its step and its place in a class: the same for two places where it is the
 * same. Who does it is not part of it.
 */
export function fitKey(context: StepContext, ends: readonly SolvedPosture[], impact: number | null): string {
  const { profile, step, totals } = context;
  const { arriving } = profile.judges;
  const arrival = arriving ? arriving(arrivingOf(context, ends)) : '';
  return `${stepKey(step)} ${usualWaySeconds(totals.last, ends[0]!)} ${impact ?? ''} ${arrival}${sumsKey(context, ends)}`;
}

/** Judges a candidate at its place. `known` may hold what was fitted before. */
export function evaluate(
  context: StepContext,
  candidate: Candidate,
  given: Candidate,
  known: (key: string, fitted: () => Fitted) => Fitted = (_, fitted) => fitted(),
): Evaluated {
  const ends = endsOf(context.profile.solver, candidate);
  const way = transitionTo(context, ends[0]!, candidate === given);
  const { impact } = way;
  const fitted = known(fitKey(context, ends, impact), () => fit(context, candidate, given, impact));
  return new Evaluated(context, candidate, ends, given, fitted, way);
}
