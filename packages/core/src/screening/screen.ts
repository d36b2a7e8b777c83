import { isCleared } from '../conditions/active-limits.js';
import { getCondition } from '../conditions/all.js';
import { FLAGS } from '../conditions/check-answers.js';
import type { ConditionAnswer, RedFlag } from '../conditions/condition.js';
import { holdsUntil, isDay } from '../day.js';
import { message, sayInEnglish, type Message } from '../messages/message.js';
import type { Problem } from '../problem.js';

export type Decision = 'practise' | 'clearance' | 'refer';

export interface ScreeningReason {
  readonly condition: string;
  readonly parameter?: string;
  readonly flag?: string;
  readonly text: string;
  /** The code of a text that is put together. */
  readonly said?: Message;
  readonly outcome: 'refer' | 'clearance' | 'note';
  /** `emergency`: the local emergency number is to be called now. */
  readonly urgency?: RedFlag['urgency'];
}

export interface Screening {
  readonly decision: Decision;
  /** What stands in the way: red flags, missing clearances, blocking questions without an answer. */
  readonly reasons: readonly ScreeningReason[];
  /** What was assumed, or settled by a clearance; stops nothing. */
  readonly notes: readonly ScreeningReason[];
}

/** Written clearance of a licensed person for one condition. Dates as YYYY-MM-DD; `until` is `null` where it holds until it is taken back. */
export interface Clearance {
  readonly condition: string;
  readonly by: string;
  readonly on: string;
  readonly until: string | null;
}

/** Why a clearance can't be taken; empty when it can. */
export function checkClearance({ condition, on, until }: Clearance): Problem[] {
  const refuse = (field: string, message: string) => [{ field: `${condition}.${field}`, message }];
  if (!isDay(on)) return refuse('on', `on is "${on}"; expected a date such as 2026-03-01`);
  if (until !== null && !isDay(until))
    return refuse('until', `until is "${String(until)}"; expected a date such as 2026-09-01, or null while it holds`);
  return until !== null && until < on ? refuse('until', `until is ${until}, before it was given on ${on}`) : [];
}

/** The conditions whose clearance holds on a day. Without a day, none is taken to have run out. */
export function clearedConditions(clearances: readonly Clearance[], today: string | null): Set<string> {
  const holds = (one: Clearance) => checkClearance(one).length === 0 && (today === null || one.on <= today) && holdsUntil(one.until, today);
  return new Set(clearances.filter(holds).map(({ condition }) => condition));
}

/**
 * Whether a person may practise today. A `refer` can't be cleared here; a `clearance` is settled by a
 * written one for that condition.
 */
export function screen(answers: readonly ConditionAnswer[], cleared: ReadonlySet<string> = new Set()): Screening {
  const settled = new Set(answers.filter((answer) => isCleared(answer, cleared)).map(({ id }) => id));
  const found = answers.flatMap((answer): ScreeningReason[] => {
    const condition = getCondition(answer.id);
    const flags = (answer[FLAGS] as readonly string[] | undefined) ?? [];
    return [
      ...condition.redFlags
        .filter(({ id }) => flags.includes(id))
        .map(({ id, text, urgency }) => {
          const said = message('screening.flag', { flag: text, urgency });
          return { condition: condition.id, flag: id, text: sayInEnglish(said), said, outcome: 'refer' as const, urgency };
        }),
      ...condition.screen(answer).map(({ parameter, flag, text, outcome, urgency }) => ({
        condition: condition.id,
        ...(parameter && { parameter }),
        ...(flag && { flag }),
        text,
        outcome,
        ...(urgency && { urgency }),
      })),
    ];
  });
  const open = (reason: ScreeningReason) =>
    reason.outcome === 'refer' || (reason.outcome === 'clearance' && !settled.has(reason.condition));
  const reasons = found.filter(open);
  return {
    decision: reasons.some(({ outcome }) => outcome === 'refer') ? 'refer' : reasons.length > 0 ? 'clearance' : 'practise',
    reasons,
    notes: found.filter((reason) => !open(reason)),
  };
}
