import { message, type Message } from '../messages/message.js';
import { uniqueByLimit, isHard, type Finding } from '../plan/finding.js';
import type { Chosen, PlannedStep, Verdict } from '../plan/plan.js';
import type { Step } from '../sequence/sequence.js';
import type { StepContext } from '../judging/step-context.js';
import { withoutLimits } from '../judging/judging-profile.js';
import { evaluateGiven, safeWays } from './search.js';

function verdictOf(step: Step, chosen: Chosen | null): Verdict {
  if (!chosen) return 'omit';
  if (chosen.asana.id !== step.asana) return 'substitute';
  const same = chosen.variation.id === (step.variation ?? 'plain');
  return same && chosen.changes.length === 0 ? 'keep' : 'modify';
}

/** What someone makes of a step at its place, before others are asked. */
export interface OwnWays {
  /** The step with its own dose and way, whatever a limit would make of them. */
  readonly shown: Chosen;
  /** `null` where nothing is safe. */
  readonly best: Chosen | null;
  /** What stands against the given step, most severe first. */
  readonly against: readonly Finding[];
}

export function ownWays(context: StepContext): OwnWays {
  const given = evaluateGiven(context);
  // What fits only after its dose or the way there was changed still has to stand against the other ways.
  const kept = given.isSafe && given.chosen.changes.length === 0;
  // Only of the class that is taken in the end it is asked how its steps were given, and what stands against that.
  let shown: Chosen | null = null;
  let against: readonly Finding[] | null = null;
  return {
    get shown() {
      return (shown ??= evaluateGiven({ ...context, profile: withoutLimits(context.profile) }).chosen);
    },
    best: kept ? given.chosen : (safeWays(context, 1)[0] ?? null),
    get against() {
      return (against ??= uniqueByLimit([...given.hard, ...given.all.filter(isHard)]));
    },
  };
}

/** Why someone takes a way of their own that isn't the closest one here. */
export function aheadSaid(chosen: Chosen | null, closest: Chosen | null): Message | null {
  if (!chosen || !closest || chosen.cost <= closest.cost + 1e-9) return null;
  return message('why.ahead', { way: [closest.asana.name.toLowerCase(), ...closest.changes] });
}

/** A step of one person as it is planned, once its way was chosen; with why, where it isn't the closest one. */
export function plannedAs(
  step: Step,
  { shown, against }: OwnWays,
  chosen: Chosen | null,
  { together = null, ahead = null }: Partial<Pick<PlannedStep, 'together' | 'ahead'>> = {},
): PlannedStep {
  const verdict = verdictOf(step, chosen);
  return {
    step,
    given: shown,
    verdict,
    chosen,
    // A way in that nobody asked for is told by itself.
    reasons: verdict === 'keep' ? [] : against.filter(({ where }) => where !== 'transition' || step.way !== null),
    seconds: chosen ? chosen.timed.seconds + chosen.transitionSeconds : 0,
    together,
    ahead,
  };
}
