import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Bound, Clause, Grade } from '../conditions/condition.js';
import { describeSource } from '../conditions/sources.js';
import { MEASURES, roundMeasure, type Facing, type Measure } from '../body/measure.js';
import { valueOf, type Facts } from './studio.js';

/** "Unknown" is never "met". */
export type Judgement =
  | { readonly is: 'met'; readonly value: number | Facing }
  | {
      readonly is: 'broken';
      readonly value: number | Facing;
      /** How far outside, in the measure's unit; 1 for a facing. */ readonly by: number;
    }
  | { readonly is: 'unknown'; readonly missing: string };

/** Where a breach lies. */
export type Where = 'posture' | 'transition' | 'breath' | 'dose' | 'session';

/** A limit that is not met, as it is told. */
export interface Finding {
  readonly condition: string;
  /** `condition/limit`. */
  readonly limit: string;
  readonly measure: Measure | 'facing' | 'props';
  /** `null` when the measure is not known for this posture. */
  readonly value: number | string | null;
  readonly unit: string;
  readonly bound: string;
  readonly grade: Grade;
  readonly where: Where;
  readonly text: string;
  readonly source: string;
  readonly by: number;
}

/** A clause whose measure is unknown counts as true: the limit stays awake. */
function holds(clause: Clause, facts: Facts): boolean {
  if ('standing' in clause) return facts.standing === clause.standing;
  if ('facing' in clause) {
    if (facts.facing === null) return true;
    return (facts.facing === clause.facing) !== (clause.not === true);
  }
  const raw = valueOf(facts, clause.measure);
  if (raw === undefined) return true;
  const value = roundMeasure(clause.measure, raw);
  return (
    (clause.over === undefined || value > clause.over) &&
    (clause.under === undefined || value < clause.under) &&
    (clause.from === undefined || value >= clause.from) &&
    (clause.equals === undefined || value === clause.equals)
  );
}

/** How far a value lies outside a bound; 0 inside. */
function outside(bound: Bound, value: number): number {
  if ('equals' in bound) return Math.abs(value - bound.equals);
  const above = 'atMost' in bound ? Math.max(0, value - bound.atMost) : 0;
  const below = 'atLeast' in bound ? Math.max(0, bound.atLeast - value) : 0;
  return Math.max(above, below);
}

/** One limit against what is known; `null` while the limit sleeps. */
export function judge(limit: ActiveLimit, facts: Facts): Judgement | null {
  const { spec } = limit;
  if (spec.when && !spec.when.every((clause) => holds(clause, facts))) return null;
  if (spec.measure === 'facing') {
    if (facts.facing === null) return { is: 'unknown', missing: 'facing' };
    const fits = 'is' in spec.bound && spec.bound.is.includes(facts.facing);
    return fits ? { is: 'met', value: facts.facing } : { is: 'broken', value: facts.facing, by: 1 };
  }
  if ('is' in spec.bound) throw new RangeError(`${limit.id}: a facing is bound, but the measure is ${spec.measure}`);
  const raw = valueOf(facts, spec.measure);
  if (raw === undefined) return { is: 'unknown', missing: spec.measure };
  const value = roundMeasure(spec.measure, raw);
  const by = outside(spec.bound, value);
  return by === 0 ? { is: 'met', value } : { is: 'broken', value, by };
}

export function describeBound(bound: ActiveLimit['spec']['bound']): string {
  if ('is' in bound) return bound.is.join(' or ');
  if ('equals' in bound) return `= ${bound.equals}`;
  if ('atLeast' in bound && 'atMost' in bound) return `${bound.atLeast} to ${bound.atMost}`;
  return 'atMost' in bound ? `<= ${bound.atMost}` : `>= ${bound.atLeast}`;
}

export function whereOf(measure: Measure | 'facing'): Where {
  return measure === 'facing' ? 'posture' : MEASURES[measure].of;
}

/** All limits that these facts break or can't show to be met, most severe first. */
export function findings(limits: readonly ActiveLimit[], facts: Facts, where?: Where): Finding[] {
  const found: Finding[] = [];
  for (const limit of limits) {
    const judgement = judge(limit, facts);
    if (judgement === null || judgement.is === 'met') continue;
    const { spec } = limit;
    found.push({
      condition: limit.condition,
      limit: limit.id,
      measure: spec.measure,
      value: judgement.is === 'broken' ? judgement.value : null,
      unit: spec.measure === 'facing' ? '' : MEASURES[spec.measure].unit,
      bound: describeBound(spec.bound),
      grade: spec.grade,
      where: where ?? whereOf(spec.measure),
      text: spec.reason,
      source: describeSource(spec.source),
      by: judgement.is === 'broken' ? judgement.by : 0,
    });
  }
  return found.sort((a, b) => SEVERITY[b.grade] - SEVERITY[a.grade]);
}

export const SEVERITY: Record<Grade, number> = { watch: 1, modify: 2, avoid: 3 };

/** Findings from several ends of a movement: each limit once, at its worst. */
export function worstOf(lists: readonly (readonly Finding[])[]): Finding[] {
  const worst = new Map<string, Finding>();
  for (const finding of lists.flat()) {
    const known = worst.get(finding.limit);
    if (!known || finding.by > known.by) worst.set(finding.limit, finding);
  }
  return [...worst.values()].sort((a, b) => SEVERITY[b.grade] - SEVERITY[a.grade]);
}
