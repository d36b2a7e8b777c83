import { findCondition, limitJson, limitsOf, schoolMatters, type ConditionAnswer, type LimitJson, type StepJson } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';

/** What practitioners disagree on, with the condition that asks. */
export interface Dispute {
  readonly id: string;
  readonly condition: string;
  readonly name: string;
  readonly because: string;
  readonly default: string;
  readonly positions: Readonly<Record<string, string>>;
}

/** All that practitioners disagree on about what someone has. */
export function disputesOf({ conditions }: Pick<Person, 'conditions'>): Dispute[] {
  return conditions.flatMap(({ id }) => {
    const condition = findCondition(id);
    if (!condition) return [];
    return Object.entries(condition.schools).flatMap(([school, spec]) =>
      schoolMatters(condition, school) ? [{ id: school, condition: condition.name, ...spec }] : [],
    );
  });
}

/** The position to set against another one: the person's own, or the product's where that is the same. */
export function otherThan({ positions, default: ours }: Dispute, taken: string): string {
  return ours === taken ? (Object.keys(positions).find((position) => position !== taken) ?? ours) : ours;
}

/** The limits that a position asks for of someone as they are now. */
export function limitsOfPosition({ id }: Dispute, position: string, conditions: readonly ConditionAnswer[]): LimitJson[] {
  const choice = `${id}=${position}`;
  return conditions.flatMap((answers) => {
    const condition = findCondition(answers.id);
    if (!condition || !(id in condition.schools)) return [];
    return limitsOf(condition, answers, { [id]: position })
      .filter(({ spec }) => spec.school === choice)
      .map(limitJson);
  });
}

/** A step as it comes out, without why. */
function outcomeOf({ verdict, to, dose, setup }: StepJson): string {
  return JSON.stringify([verdict, to && [to.asana, to.variation, to.changes], dose, setup]);
}

/** The places of the steps that come out otherwise. */
export function placesApart(one: readonly StepJson[], other: readonly StepJson[]): number[] {
  return one.flatMap((step, index) => (outcomeOf(step) === outcomeOf(other[index]!) ? [] : [index]));
}
