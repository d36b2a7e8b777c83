import type { Facing, Measure, MeasureSpec } from '../body/measure.js';
import type { Grade } from '../conditions/condition.js';

/** "Unknown" is never "met". */
export type Judgement =
  | { readonly is: 'met'; readonly value: number | Facing }
  | {
      readonly is: 'broken';
      readonly value: number | Facing;
      /** How far outside, in the measure's unit; 1 for a facing. */
      readonly by: number;
    }
  | { readonly is: 'unknown'; readonly missing: string };

/** Where a breach lies. */
export type Where = MeasureSpec['of'];

/** A limit that is not met, as it is told. */
export interface Finding {
  readonly condition: string;
  /** `condition/limit`. */
  readonly limit: string;
  readonly measure: Measure | 'facing' | 'props' | 'leftOut';
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

export const SEVERITY: Record<Grade, number> = { watch: 1, modify: 2, avoid: 3 };

/** What stands against doing it, not only for watching. */
export function isHard({ grade }: Finding): boolean {
  return grade !== 'watch';
}

/** The first finding of each limit where it lies. */
export function uniqueByLimit(list: readonly Finding[]): Finding[] {
  return list.filter(({ limit, where }, i) => list.findIndex((other) => other.limit === limit && other.where === where) === i);
}

/** What a person is told: of several bounds of one measure for one reason, the one that is missed most. */
export function tightest(list: readonly Finding[]): Finding[] {
  const isSaidBy = (one: Finding) => (other: Finding) =>
    other.condition === one.condition &&
    other.measure === one.measure &&
    other.where === one.where &&
    other.text === one.text &&
    (other.by > one.by || (other.by === one.by && list.indexOf(other) < list.indexOf(one)));
  return list.filter((one) => !list.some(isSaidBy(one)));
}

const NONE: readonly Finding[] = [];

/** Findings from several lists that name each limit once, as of the ends of a movement: each limit once in all, at its worst. */
export function worstOf(lists: readonly (readonly Finding[])[]): readonly Finding[] {
  let only: readonly Finding[] = NONE;
  let count = 0;
  for (const list of lists) {
    if (list.length === 0) continue;
    only = list;
    count++;
  }
  // One list names each limit once.
  if (count < 2) return only;
  const worst = new Map<string, Finding>();
  for (const finding of lists.flat()) {
    const known = worst.get(finding.limit);
    if (!known || finding.by > known.by) worst.set(finding.limit, finding);
  }
  return [...worst.values()].sort((a, b) => SEVERITY[b.grade] - SEVERITY[a.grade]);
}
