import { sayInEnglish } from '../messages/message.js';
import { activeLimits, type ActiveLimit, type SchoolChoices } from '../conditions/active-limits.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import { withOwn, type Loosened, type OwnLimit } from '../conditions/own-limits.js';
import { answersOn } from '../conditions/over-time.js';
import { RESTRICTED_PROFILE } from '../conditions/restricted.js';
import { conflictsOf, conflictTold, type Conflict } from '../conditions/together.js';
import { clearedConditions, screen, type Clearance, type Screening } from './screen.js';

/** What a person answered, chose and was cleared for. */
export interface Answered {
  readonly conditions: readonly ConditionAnswer[];
  readonly schools: SchoolChoices;
  readonly clearances: readonly Clearance[];
  readonly ownLimits: readonly OwnLimit[];
  readonly loosened: readonly Loosened[];
}

/** Whether a person may practise on a day, within which limits, and where those pull in opposite directions. */
export interface Assessment {
  readonly screening: Screening;
  readonly limits: readonly ActiveLimit[];
  readonly conflicts: readonly Conflict[];
}

/**
 * Limits of all conditions together. Where two leave less than a narrow window between them, written clearance
 * is needed, and until then the restricted profile holds too. Without a day no clearance has run out.
 */
export function assess({ conditions: given, schools, clearances, ownLimits, loosened }: Answered, today: string | null = null): Assessment {
  const conditions = given.map((answer) => answersOn(answer, today).answer);
  const cleared = clearedConditions(clearances, today);
  const screening = screen(conditions, cleared);
  const aside = new Set(loosened.map(({ limit }) => limit));
  const limits = withOwn(activeLimits(conditions, schools, cleared), ownLimits, today).filter(({ id }) => !aside.has(id));
  const conflicts = conflictsOf(limits);
  const open = conflicts.filter(({ narrow, below, above }) => narrow && !(cleared.has(below.condition) && cleared.has(above.condition)));
  if (open.length === 0) return { screening, limits, conflicts };
  const { condition } = open[0]!.below;
  return {
    screening: {
      ...screening,
      decision: screening.decision === 'refer' ? 'refer' : 'clearance',
      reasons: [
        ...screening.reasons,
        ...open.map((conflict) => {
          const said = conflictTold(conflict);
          return { condition: conflict.below.condition, text: sayInEnglish(said), said, outcome: 'clearance' as const };
        }),
      ],
    },
    limits: [...limits, ...RESTRICTED_PROFILE.map((spec) => ({ condition, id: `${condition}/${spec.id}`, spec }))],
    conflicts,
  };
}
