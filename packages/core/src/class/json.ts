import { sayInEnglish, type Say } from '../messages/message.js';
import { adaptationJson } from '../planning/json.js';
import type { Sequence } from '../sequence/sequence.js';
import type { ClassPlan } from './adapt-class.js';

/**
 * The answer for a class, as programs read it: that of one adaptation, with what the columns ask of the class.
 * `within` is how far in percent all choices together may lie above the best ones, 0 where that is proven;
 * `bestInEachStep` tells whether no single step could be chosen better on what went before.
 */
export function classJson(sequence: Sequence, plan: ClassPlan, minutesAsked: number | null = sequence.minutes, say: Say = sayInEnglish) {
  const { plans, columns, seconds, unmet, cost, bound, isBestStepByStep } = plan;
  const answer = adaptationJson(sequence, plans, minutesAsked, say);
  return {
    ...answer,
    minutes: { ...answer.minutes, after: Math.round(seconds / 6) / 10 },
    columns: [...columns],
    unmet: unmet.map(({ said, ...pin }) => ({ ...pin, text: say(said) })),
    choice: {
      cost: round(cost),
      bound: round(bound),
      bestInEachStep: isBestStepByStep,
      within: cost <= bound + 1e-9 ? 0 : Math.ceil(((cost - bound) / Math.max(bound, 1)) * 100),
    },
  };
}
export type ClassJson = ReturnType<typeof classJson>;

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
