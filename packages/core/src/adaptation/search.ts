import { Evaluation, type Evaluated, type StepContext } from './evaluation.js';
import type { Chosen } from './plan.js';
import { prospectsOf, type Prospect, type Prospects } from './prospects.js';

function prospectsFor({ who, step }: StepContext): Prospects {
  return prospectsOf(who, who.studio.form(step.asana, step.variation));
}

/** The step just as it was given. */
export function evaluateGiven(context: StepContext): Evaluated {
  const { given } = prospectsFor(context);
  return new Evaluation(context, given, given).run();
}

function safeAt(context: StepContext, { given }: Prospects, { candidate }: Prospect): Chosen | null {
  const { hard, chosen } = new Evaluation(context, candidate, given).run();
  return hard.length === 0 ? chosen : null;
}

/**
 * The safe ways to do a step at its place, cheapest first, at most `count` of them. Complete up to the first
 * `count`: a prospect is passed over only when even its cost before solving is above what was found.
 */
export function safeWays(context: StepContext, count: number): Chosen[] {
  const prospects = prospectsFor(context);
  const found: Chosen[] = [];
  const worst = () => (found.length < count ? Infinity : found.at(-1)!.cost);
  for (let place = 0; ; place++) {
    const prospect = prospects.at(place, worst());
    if (!prospect) return found;
    if (prospect.floor >= worst()) continue;
    const chosen = safeAt(context, prospects, prospect);
    if (!chosen || chosen.cost >= worst()) continue;
    found.push(chosen);
    found.sort((a, b) => a.cost - b.cost);
    if (found.length > count) found.pop();
  }
}

/** These figures of a step as this person would do them, those that are safe; changed ones with the same changes. */
export function waysLike(context: StepContext, figures: readonly string[]): Chosen[] {
  const prospects = prospectsFor(context);
  return figures.flatMap((figure) => {
    const prospect = prospects.like(figure);
    return (prospect && safeAt(context, prospects, prospect)) ?? [];
  });
}
