import { message, type Message } from '../messages/message.js';
import { MEASURES, type Facing, type Measure } from '../body/measure.js';
import type { Purpose } from '../asanas/purposes.js';
import type { ActiveLimit } from './active-limits.js';
import { findCondition } from './all.js';
import type { ConditionAnswer, Bound, Grade } from './condition.js';

/** A window narrower than this, in degrees, leaves too little to practise in. */
const NARROW_DEGREES = 15;

/** Two conditions that bound one measure from opposite sides, as one bars rounding and another arching. */
export interface Conflict {
  readonly measure: Measure;
  readonly atLeast: number;
  readonly atMost: number;
  readonly below: ActiveLimit;
  readonly above: ActiveLimit;
  /** Nothing, or less than 15 degrees, is left: lying, sitting, breath and limb work until there is clearance. */
  readonly narrow: boolean;
}

function low(bound: Bound | { is: readonly Facing[] }): number | null {
  return 'atLeast' in bound ? bound.atLeast : 'equals' in bound ? bound.equals : null;
}
function high(bound: Bound | { is: readonly Facing[] }): number | null {
  return 'atMost' in bound ? bound.atMost : 'equals' in bound ? bound.equals : null;
}

/** The angles of the spine: bounds of other measures lie on one side, or their two sides don't bar directions. */
const BOTH_WAYS: readonly Measure[] = ['lumbarFlexion', 'thoracicFlexion', 'cervicalFlexion'];

/** Opposed directions among the limits of several conditions: the tightest bound of each side, from two conditions. */
export function conflictsOf(limits: readonly ActiveLimit[]): Conflict[] {
  return BOTH_WAYS.flatMap((measure): Conflict[] => {
    const bounding = limits.filter(({ spec }) => spec.measure === measure && spec.grade !== 'watch' && spec.when === undefined);
    const tightest = (of: (bound: ActiveLimit['spec']['bound']) => number | null, tighter: (a: number, b: number) => boolean) =>
      bounding.reduce<ActiveLimit | null>((best, one) => {
        const value = of(one.spec.bound);
        if (value === null) return best;
        const known = best === null ? null : of(best.spec.bound);
        return known === null || tighter(value, known) ? one : best;
      }, null);
    const below = tightest(low, (a, b) => a > b);
    const above = tightest(high, (a, b) => a < b);
    if (!below || !above || below.condition === above.condition) return [];
    const [atLeast, atMost] = [low(below.spec.bound), high(above.spec.bound)];
    if (atLeast === null || atMost === null) return [];
    return [{ measure, atLeast, atMost, below, above, narrow: atMost - atLeast < NARROW_DEGREES }];
  });
}

/** A conflict as it is told. */
export function conflictTold({ measure, atLeast, atMost, below, above, narrow }: Conflict): Message {
  const name = (limit: ActiveLimit) => findCondition(limit.condition)?.name ?? limit.condition;
  const { label, unit } = MEASURES[measure];
  const left = atMost < atLeast ? message('conflict.nothing-left') : message('conflict.left', { atLeast, atMost, unit });
  const conflict = message('conflict', { measure: label, below: name(below), above: name(above), left });
  return narrow ? message('conflict.clearance', { conflict }) : conflict;
}

/** Several limits that say the same of one measure, at the strictest of them. */
export interface MergedLimit {
  readonly strictest: ActiveLimit;
  /** All that ask for it, the strictest first. */
  readonly by: readonly ActiveLimit[];
}

const GRADES: Record<Grade, number> = { avoid: 3, modify: 2, watch: 1 };

/** How tight a bound is: comparable only between bounds of one kind. */
function tightness({ spec: { bound } }: ActiveLimit): number {
  if ('is' in bound) return -bound.is.length;
  if ('equals' in bound) return Infinity;
  if ('atMost' in bound && 'atLeast' in bound) return bound.atLeast - bound.atMost;
  return 'atMost' in bound ? -bound.atMost : bound.atLeast;
}
function kind({ spec: { bound, measure, when } }: ActiveLimit): string {
  const side = 'is' in bound ? bound.is.join() : 'equals' in bound ? '=' : `${'atLeast' in bound ? '>' : ''}${'atMost' in bound ? '<' : ''}`;
  return `${measure} ${side} ${JSON.stringify(when ?? [])}`;
}

/**
 * Limits of several conditions as a person reads them: of those that bound one measure from one side under
 * one clause, the strictest; a looser one stays apart only where its grade is more severe.
 */
export function mergeLimits(limits: readonly ActiveLimit[]): MergedLimit[] {
  const groups = new Map<string, ActiveLimit[]>();
  for (const limit of limits) groups.set(kind(limit), [...(groups.get(kind(limit)) ?? []), limit]);
  return [...groups.values()].flatMap((group) => {
    const sorted = [...group].sort(
      (a, b) => tightness(b) - tightness(a) || GRADES[b.spec.grade] - GRADES[a.spec.grade],
    );
    // Tightest first; a looser bound matters again where it is more severe.
    const merged: { strictest: ActiveLimit; by: ActiveLimit[] }[] = [];
    for (const limit of sorted) {
      const covering = merged.find(({ strictest }) => GRADES[strictest.spec.grade] >= GRADES[limit.spec.grade]);
      if (covering) covering.by.push(limit);
      else merged.push({ strictest: limit, by: [limit] });
    }
    return merged;
  });
}

/** What does good in all these conditions: the purposes that any of them favours. */
export function favouredPurposes(answers: readonly ConditionAnswer[]): ReadonlySet<Purpose> {
  return new Set(answers.flatMap(({ id }) => findCondition(id)?.favour ?? []));
}
