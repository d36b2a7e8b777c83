import { limitsOf } from './active-limits.js';
import { findCondition } from './all.js';
import { isAsked, type Condition, type ConditionAnswer, type Grade, type Outcome } from './condition.js';
import { numbers, someAnswer } from './some-answer.js';

/** A question of a condition. */
export interface Question {
  readonly condition: string;
  readonly parameter: string;
}

/** So many ways to answer everything else, each with another answer to the one question: enough for the order to stand. */
const DRAWS = 24;
const RANK: Readonly<Record<Outcome, number>> = { refer: 2, clearance: 1, note: 0 };
/** Whether somebody may practise weighs as much as so many limits that bar. Common practice, no source. */
const BARRED = 20;
const PRESSURE: ReadonlySet<string> = new Set(['systolic', 'diastolic']);
const WEIGHT: Readonly<Record<Grade, number>> = { avoid: 1, modify: 0.5, watch: 0.1 };

/** What answers mean: whether there is practice, and within which limits. */
function meaningOf(condition: Condition, answer: ConditionAnswer) {
  const rank = Math.max(0, ...condition.screen(answer).map(({ outcome }) => RANK[outcome]));
  return { rank, limits: new Map(limitsOf(condition, answer).map(({ id, spec }) => [id, WEIGHT[spec.grade]])) };
}

function difference(one: ReturnType<typeof meaningOf>, other: ReturnType<typeof meaningOf>): number {
  let sum = BARRED * Math.abs(one.rank - other.rank);
  for (const [id, weight] of one.limits) if (!other.limits.has(id)) sum += weight;
  for (const [id, weight] of other.limits) if (!one.limits.has(id)) sum += weight;
  return sum;
}

/** How much each open question of a condition changes on average, whatever the others are answered. */
function weighed(condition: Condition, given: ConditionAnswer): { readonly question: Question; readonly weight: number }[] {
  const open = Object.keys(condition.parameters).filter((name) => given[name] === undefined && isAsked(condition, name, given));
  const random = numbers(20261130);
  const sums = open.map(() => 0);
  for (let draw = 0; draw < DRAWS; draw++) {
    const answer: Record<string, ConditionAnswer[string]> & { id: string } = { ...given };
    for (const name of open) answer[name] = someAnswer(condition.parameters[name]!, random);
    const meaning = meaningOf(condition, answer);
    open.forEach((name, i) => {
      const another = { ...answer, [name]: someAnswer(condition.parameters[name]!, random) };
      sums[i]! += difference(meaning, meaningOf(condition, another));
    });
  }
  // A pressure of one number is none: both are asked, one after the other.
  const whole = Math.max(...open.map((name, i) => (PRESSURE.has(name) ? sums[i]! : 0)));
  return open.map((name, i) => ({
    question: { condition: condition.id, parameter: name },
    weight: (PRESSURE.has(name) ? whole : sums[i]!) / DRAWS,
  }));
}

/** Of all open questions of somebody's conditions those that decide most, the first first; none that changes nothing. */
export function decidingQuestions(conditions: readonly ConditionAnswer[], most: number): Question[] {
  return conditions
    .flatMap((given) => {
      const condition = findCondition(given.id);
      return condition ? weighed(condition, given) : [];
    })
    .filter(({ weight }) => weight > 0)
    .sort((one, other) => other.weight - one.weight)
    .slice(0, most)
    .map(({ question }) => question);
}
