import type { Problem } from '../problem.js';
import { CONDITIONS, getCondition } from './all.js';
import type { ConditionAnswer, Condition, LimitSpec } from './condition.js';
import { RESTRICTED_PROFILE } from './restricted.js';

/** A limit that holds for this person now, known everywhere as `condition/limit`. */
export interface ActiveLimit {
  readonly condition: string;
  readonly id: string;
  readonly spec: LimitSpec;
}

/** Which position of each school was chosen, by school; one that isn't here takes its default. */
export type SchoolChoices = Readonly<Record<string, string>>;

function schoolHolds(condition: Condition, spec: LimitSpec, choices: SchoolChoices): boolean {
  if (spec.school === undefined) return true;
  const [school = '', position] = spec.school.split('=');
  return (choices[school] ?? condition.schools[school]?.default) === position;
}

/** Whether any limit depends on which position of a school is chosen; others are told, and change nothing. */
export function schoolMatters(condition: Condition, school: string): boolean {
  return condition.limits.some((limit) => limit.school?.startsWith(`${school}=`) === true);
}

/** Whether a condition has written clearance: `cleared` names it, or it asks for the clearance itself. */
export function isCleared(answer: ConditionAnswer, cleared: ReadonlySet<string>): boolean {
  return cleared.has(answer.id) || answer['cleared'] === true;
}

/** The limits of one condition in its present stages and schools, without the restricted profile. */
export function limitsOf(condition: Condition, answers: ConditionAnswer, choices: SchoolChoices = {}): ActiveLimit[] {
  const stages = new Set(condition.stagesOf(answers));
  return condition.limits
    .filter(
      (spec) => (spec.stages === undefined || spec.stages.some((stage) => stages.has(stage))) && schoolHolds(condition, spec, choices),
    )
    .map((spec) => ({
      condition: condition.id,
      id: `${condition.id}/${spec.id}`,
      spec: 'boundOf' in spec && spec.boundOf ? { ...spec, bound: spec.boundOf(answers) } : spec,
    }));
}

/**
 * All limits of a person, strictest and looser ones alike: each is judged, and what breaks most
 * severely counts. `cleared` names conditions with written clearance, which lifts the restricted profile.
 * @throws RangeError for a condition that doesn't exist.
 */
export function activeLimits(
  answers: readonly ConditionAnswer[],
  choices: SchoolChoices = {},
  cleared: ReadonlySet<string> = new Set(),
): ActiveLimit[] {
  return answers.flatMap((answer) => {
    const condition = getCondition(answer.id);
    const restricted = !isCleared(answer, cleared) && condition.screen(answer).some((finding) => finding.restricted === true);
    return [
      ...limitsOf(condition, answer, choices),
      ...(restricted ? RESTRICTED_PROFILE.map((spec) => ({ condition: condition.id, id: `${condition.id}/${spec.id}`, spec })) : []),
    ];
  });
}

/** Problems of school choices: an unknown school or position. */
export function checkSchools(choices: SchoolChoices): Problem[] {
  const schools = CONDITIONS.flatMap((condition) => Object.entries(condition.schools));
  return Object.entries(choices).flatMap(([name, position]) => {
    const found = schools.find(([id]) => id === name);
    if (!found) return [{ field: name, message: `no school "${name}"; known are ${schools.map(([id]) => id).join(', ')}` }];
    const positions = Object.keys(found[1].positions);
    if (positions.includes(position)) return [];
    return [{ field: name, message: `school ${name} is "${position}"; expected one of ${positions.join(', ')}` }];
  });
}
