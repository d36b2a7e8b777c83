import { describeBound } from './bound.js';
import { MEASURES, whereOf } from '../body/measure.js';
import { CONTRACT, LIBRARY_VERSION } from '../version.js';
import type { ActiveLimit } from './active-limits.js';
import { FLAGS, flagsSpec } from './check-answers.js';
import type { Clause, Condition } from './condition.js';
import { describeSource } from './sources.js';
import { substitutesOf } from './substitutes.js';

export function conditionJson(condition: Condition) {
  return {
    id: condition.id,
    name: condition.name,
    words: condition.words,
    parameters: { ...condition.parameters, [FLAGS]: flagsSpec(condition) },
    stages: condition.stages,
    schools: condition.schools,
    redFlags: condition.redFlags,
    favour: condition.favour,
    substitutes: Object.fromEntries(substitutesOf(condition.id)),
    stopInClass: condition.stopInClass,
    limits: condition.limits.length,
  };
}

export function conditionsJson(conditions: readonly Condition[]) {
  return { contract: CONTRACT, knowledge: LIBRARY_VERSION, conditions: conditions.map(conditionJson) };
}

/** The clauses of a limit in words; empty where it always holds. */
export function describeClause(clause: Clause): string {
  if ('standing' in clause) return clause.standing ? 'when standing' : 'when not standing';
  if ('facing' in clause) return `when ${clause.not ? 'not ' : ''}facing ${clause.facing}`;
  if (clause.measure === 'hold' && clause.over === 0) return 'when held still';
  const { label, unit } = MEASURES[clause.measure];
  const bounds = [
    clause.over !== undefined && `above ${clause.over}`,
    clause.under !== undefined && `below ${clause.under}`,
    clause.from !== undefined && `from ${clause.from}`,
    clause.equals !== undefined && `${clause.equals}`,
  ].filter((part) => part !== false);
  return `when ${label.toLowerCase()} is ${bounds.join(' and ')}${unit === '°' ? '' : ' '}${unit}`;
}

export function limitJson({ condition, id, spec }: ActiveLimit) {
  return {
    condition,
    limit: id,
    measure: spec.measure,
    label: spec.measure === 'facing' ? 'Position' : MEASURES[spec.measure].label,
    unit: spec.measure === 'facing' ? '' : MEASURES[spec.measure].unit,
    bound: describeBound(spec.bound),
    grade: spec.grade,
    where: whereOf(spec.measure),
    when: (spec.when ?? []).map(describeClause),
    stages: spec.stages ?? [],
    school: spec.school ?? null,
    text: spec.reason,
    source: describeSource(spec.source),
    ...(spec.reading && { reading: spec.reading }),
  };
}
export type LimitJson = ReturnType<typeof limitJson>;
