import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Clause } from '../conditions/condition.js';
import { describeSource } from '../conditions/sources.js';
import { MEASURES, roundMeasure, whereOf, type Facing, type Measure } from '../body/measure.js';
import { memoize } from '../get-or-create.js';
import { measureIndex, valueAt, type Facts } from '../solving/facts.js';
import { SEVERITY, type Judgement, type Where, type Finding } from '../plan/finding.js';
import { describeBound, rangeOf } from '../conditions/bound.js';

/** A clause whose measure is unknown counts as true: the limit stays awake. */
function holds({ clause, place }: Check['when'][number], facts: Facts): boolean {
  if ('standing' in clause) return facts.standing === clause.standing;
  if ('facing' in clause) {
    if (facts.facing === null) return true;
    return (facts.facing === clause.facing) !== (clause.not === true);
  }
  return holdsOf(clause, valueAt(facts, place));
}

/** The same for a clause on a measure, by its value. */
function holdsOf(clause: Extract<Clause, { readonly measure: Measure }>, value: number): boolean {
  if (Number.isNaN(value)) return true;
  return (
    (clause.over === undefined || value > clause.over) &&
    (clause.under === undefined || value < clause.under) &&
    (clause.from === undefined || value >= clause.from) &&
    (clause.equals === undefined || value === clause.equals)
  );
}

/** A limit unpacked, for the many times that it is asked. */
interface Check {
  readonly limit: ActiveLimit;
  /** Its bound and its source as they are told. */
  readonly bound: string;
  readonly source: string;
  readonly when: readonly { readonly clause: Clause; readonly place: number }[];
  readonly asks: { readonly facings: readonly Facing[] } | { readonly place: number; readonly least: number; readonly most: number };
}

const checkOf = memoize((limit: ActiveLimit): Check => {
  const { id, spec } = limit;
  const when = (spec.when ?? []).map((clause) => ({ clause, place: 'measure' in clause ? measureIndex(clause.measure) : -1 }));
  const told = { limit, bound: describeBound(spec.bound), source: describeSource(spec.source), when };
  if (spec.measure === 'facing') return { ...told, asks: { facings: 'is' in spec.bound ? spec.bound.is : [] } };
  if ('is' in spec.bound) throw new RangeError(`${id}: a facing is bound, but the measure is ${spec.measure}`);
  const { bound, measure } = spec;
  return { ...told, asks: { place: measureIndex(measure), ...rangeOf(bound) } };
});

/** Limits unpacked, with what they ask for side by side: the place of each measure (-1 for a facing), and its range. */
interface Checks {
  readonly all: readonly Check[];
  readonly places: Int16Array;
  readonly leasts: Float64Array;
  readonly mosts: Float64Array;
}
const checksOf = memoize((limits: readonly ActiveLimit[]): Checks => {
  const all = limits.map(checkOf);
  const ranges = all.map(({ asks }) => ('facings' in asks ? { place: -1, least: NaN, most: NaN } : asks));
  return {
    all,
    places: Int16Array.from(ranges, ({ place }) => place),
    leasts: Float64Array.from(ranges, ({ least }) => least),
    mosts: Float64Array.from(ranges, ({ most }) => most),
  };
});

/** Of those from a place on, the first that isn't plainly met; their number where all are. */
function nextUnmet({ places, leasts, mosts }: Checks, facts: Facts, from: number): number {
  for (let i = from; i < places.length; i++) {
    const value = valueAt(facts, places[i]!);
    // What isn't known is no number, and so is the range of a facing: neither is within anything.
    if (!(value >= leasts[i]! && value <= mosts[i]!)) return i;
  }
  return places.length;
}

/**
 * How far facts lie outside a limit, in the measure's unit: 0 where it is met, 1 for a facing, NaN where that isn't
 * known, `null` while the limit sleeps.
 */
function breach({ when, asks }: Check, facts: Facts): number | null {
  for (const clause of when) if (!holds(clause, facts)) return null;
  if ('facings' in asks) return facts.facing === null ? NaN : asks.facings.includes(facts.facing) ? 0 : 1;
  const value = valueAt(facts, asks.place);
  if (Number.isNaN(value)) return NaN;
  return value > asks.most ? value - asks.most : value < asks.least ? asks.least - value : 0;
}

function valueFor({ spec: { measure } }: ActiveLimit, facts: Facts): number | Facing {
  return measure === 'facing' ? (facts.facing ?? NaN) : valueAt(facts, measureIndex(measure));
}

/** One limit against what is known; `null` while the limit sleeps. */
export function judge(limit: ActiveLimit, facts: Facts): Judgement | null {
  const by = breach(checkOf(limit), facts);
  if (by === null) return null;
  if (Number.isNaN(by)) return { is: 'unknown', missing: limit.spec.measure };
  const value = valueFor(limit, facts);
  return by === 0 ? { is: 'met', value } : { is: 'broken', value, by };
}

/** All limits that these facts break or can't show to be met, most severe first. The same list of limits is unpacked once. */
export function findings(limits: readonly ActiveLimit[], facts: Facts, where?: Where): Finding[] {
  const found: Finding[] = [];
  const checks = checksOf(limits);
  const count = checks.all.length;
  // Most limits are met: only of the others it is asked whether they are awake.
  for (let i = nextUnmet(checks, facts, 0); i < count; i = nextUnmet(checks, facts, i + 1)) {
    const check = checks.all[i]!;
    const by = breach(check, facts);
    if (by === null || by === 0) continue;
    const { limit, bound, source } = check;
    const { spec } = limit;
    const isUnknown = Number.isNaN(by);
    found.push({
      condition: limit.condition,
      limit: limit.id,
      measure: spec.measure,
      value: isUnknown ? null : valueFor(limit, facts),
      unit: spec.measure === 'facing' ? '' : MEASURES[spec.measure].unit,
      bound,
      grade: spec.grade,
      where: where ?? whereOf(spec.measure),
      text: spec.reason,
      source,
      by: isUnknown ? 0 : by,
    });
  }
  return found.length > 1 ? found.sort((a, b) => SEVERITY[b.grade] - SEVERITY[a.grade]) : found;
}

/**
 * Tells values of some measures apart, no further than it makes a difference to these limits: by whether each clause on
 * one of them holds, and where one isn't within a bound, by itself.
 */
export function telling<M extends Measure>(
  limits: readonly ActiveLimit[],
  measures: readonly M[],
): (values: Readonly<Record<M, number>>) => string {
  const isOne = (measure: Measure | 'facing'): measure is M => (measures as readonly string[]).includes(measure);
  const clauses = limits.flatMap(({ spec: { when = [] } }) =>
    when.flatMap((clause) => ('measure' in clause && isOne(clause.measure) ? [{ clause, measure: clause.measure }] : [])),
  );
  const bounds = limits.flatMap(({ spec: { measure, bound } }) => (isOne(measure) ? [{ measure, ...rangeOf(bound) }] : []));
  return (values) => {
    let told = '';
    const valueOf = (measure: M) => roundMeasure(measure, values[measure]);
    for (const { clause, measure } of clauses) told += holdsOf(clause, valueOf(measure)) ? '+' : '-';
    for (const { measure, least, most } of bounds) {
      const value = valueOf(measure);
      told += value >= least && value <= most ? '.' : ` ${value} `;
    }
    return told;
  };
}
