import type { ConditionAnswer, ParameterSpec } from './condition.js';
import { checkAnswers } from './check-answers.js';
import { mentionedConditions } from './search.js';

/** How a number of each kind is said: "30 weeks", "week 30", "150/95", "71 years". */
const SAID: readonly { readonly fits: (name: string, spec: ParameterSpec & { kind: 'number' }) => boolean; readonly pattern: RegExp }[] = [
  { fits: (_, { unit }) => unit === 'week', pattern: /(\d+(?:\.\d+)?)\s*(?:weeks?|wks?|w)\b|\b(?:week|wk)\s*(\d+(?:\.\d+)?)/i },
  { fits: (name) => name === 'systolic', pattern: /\b(\d{2,3})\s*(?:\/|over)\s*\d{2,3}\b/i },
  { fits: (name) => name === 'diastolic', pattern: /\b\d{2,3}\s*(?:\/|over)\s*(\d{2,3})\b/i },
  { fits: (_, { unit }) => unit === 'year' || unit === 'years', pattern: /\b(\d{1,3})\s*(?:years?|yrs?|yo)\b|\baged?\s*(\d{1,3})\b/i },
];

/** The number that a text gives for a parameter; `undefined` where it gives none, or one out of its range. */
export function numberIn(text: string, name: string, spec: ParameterSpec): number | undefined {
  if (spec.kind !== 'number') return undefined;
  const found = SAID.find(({ fits }) => fits(name, spec))?.pattern.exec(text);
  const value = found ? Number(found[1] ?? found[2]) : Number.NaN;
  return value >= spec.from && value <= spec.to ? value : undefined;
}

/**
 * What a few words say of somebody: conditions by their names, with the weeks, ages and blood pressures that stand
 * beside them. What isn't said stays unanswered, and is judged most cautiously.
 */
export function answersFromWords(text: string): ConditionAnswer[] {
  return mentionedConditions(text).map(({ id, parameters }) => {
    const said = Object.entries(parameters).flatMap(([name, spec]) => {
      const value = numberIn(text, name, spec);
      return value === undefined ? [] : [[name, value] as const];
    });
    const answer: ConditionAnswer = { id, ...Object.fromEntries(said) };
    return checkAnswers(answer).length === 0 ? answer : { id };
  });
}
