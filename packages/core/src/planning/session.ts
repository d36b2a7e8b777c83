import { message } from '../messages/message.js';
import type { ActiveLimit } from '../conditions/active-limits.js';
import { describeBound } from '../conditions/bound.js';
import { MEASURES } from '../body/measure.js';
import { judge } from '../judging/judge.js';
import type { StepContext } from '../judging/step-context.js';
import type { Inserted, PlannedStep, SessionFinding } from '../plan/plan.js';
import type { Step } from '../sequence/sequence.js';
import { factsFrom, type Values } from '../solving/facts.js';
import { safeWays } from './search.js';

/** Steps at effort 2 or less at the end of the class, in seconds. */
export function quietEnd(steps: readonly PlannedStep[]): number {
  let sum = 0;
  for (const { chosen, seconds } of [...steps].reverse()) {
    if (!chosen) continue;
    if (chosen.declared.effort > 2) break;
    sum += seconds;
  }
  return sum;
}

/** Seconds of steps done at rest. */
export function restSeconds(steps: readonly PlannedStep[]): number {
  return steps.reduce((sum, { chosen, seconds }) => sum + (chosen?.declared.effort === 1 ? seconds : 0), 0);
}

/** |left - right| / (left + right) of the seconds of one-sided steps; 0 where there are none. */
export function leftRightDifference(steps: readonly PlannedStep[]): number {
  const on = (side: 'left' | 'right') =>
    steps.reduce((sum, { step, chosen }) => sum + (chosen && step.side === side ? chosen.timed.seconds : 0), 0);
  const both = steps.reduce((sum, { step, chosen }) => sum + (chosen && step.side === 'both' ? chosen.timed.seconds : 0), 0);
  const sum = on('left') + on('right') + both;
  return sum === 0 ? 0 : Math.abs(on('left') - on('right')) / sum;
}

/** The limits on these measures of the class as a whole, met or not. */
export function sessionFindings(limits: readonly ActiveLimit[], values: Values): SessionFinding[] {
  const facts = factsFrom(values);
  return limits.flatMap((limit) => {
    const { spec } = limit;
    if (spec.measure === 'facing' || !(spec.measure in values)) return [];
    const judgement = judge(limit, facts);
    if (judgement === null || judgement.is === 'unknown') return [];
    const { unit } = MEASURES[spec.measure];
    return [
      {
        measure: spec.measure,
        value: Number(judgement.value),
        unit,
        bound: describeBound(spec.bound),
        met: judgement.is === 'met',
        grade: spec.grade,
        text: spec.reason,
        limit: limit.id,
      },
    ];
  });
}

/** A quiet end that a limit asks for and the class doesn't have: a rest that this person may take. */
export function missingRest(limits: readonly ActiveLimit[], context: Omit<StepContext, 'step'>, steps: readonly PlannedStep[]): Inserted[] {
  const limit = limits.find(({ spec }) => spec.measure === 'coolMinutes' && spec.grade !== 'watch');
  if (!limit || steps.length === 0 || !('atLeast' in limit.spec.bound)) return [];
  const missing = limit.spec.bound.atLeast * 60 - quietEnd(steps);
  if (missing <= 0) return [];
  const last = steps.at(-1)!.step;
  const step: Step = {
    ...last,
    asana: 'savasana',
    variation: null,
    side: 'none',
    dose: { seconds: Math.ceil(missing) },
    retention: null,
    way: null,
    of: null,
    breath: null,
    note: null,
    text: 'rest',
  };
  const rest = safeWays({ ...context, step }, 1)[0];
  if (!rest) return [];
  return [
    {
      after: last.line,
      asana: rest.asana.id,
      name: message('inserted', { asana: rest.asana.name }),
      seconds: Math.ceil(missing),
      why: message('inserted.quiet-end', { reason: limit.spec.reason, minutes: limit.spec.bound.atLeast }),
    },
  ];
}
