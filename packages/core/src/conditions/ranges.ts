import { NORMAL_RANGE, type NormalMeasure } from '../body/norms.js';
import type { ActiveLimit } from './active-limits.js';
import type { Grade } from './condition.js';

/** What limits leave of one ordinary range of motion, in degrees. Bounds with clauses are left out: they hold only together with something else. */
export interface AllowedRange {
  readonly measure: NormalMeasure;
  readonly ordinary: readonly [number, number];
  /** What is free of `avoid` and `modify` alike. */
  readonly free: readonly [number, number];
  /** The most severe grade among the bounds. */
  readonly grade: Grade;
}

/** Every range that some limit narrows, in the order of the ordinary ranges. */
export function allowedRanges(limits: readonly ActiveLimit[]): AllowedRange[] {
  return (Object.keys(NORMAL_RANGE) as NormalMeasure[]).flatMap((measure): AllowedRange[] => {
    const ordinary = NORMAL_RANGE[measure];
    const bounds = limits.filter(({ spec }) => spec.measure === measure && spec.when === undefined && spec.grade !== 'watch');
    let [low, high]: [number, number] = [ordinary[0], ordinary[1]];
    for (const { spec } of bounds) {
      if ('atLeast' in spec.bound) low = Math.max(low, spec.bound.atLeast);
      if ('atMost' in spec.bound) high = Math.min(high, spec.bound.atMost);
    }
    if (low === ordinary[0] && high === ordinary[1]) return [];
    const grade = bounds.some(({ spec }) => spec.grade === 'avoid') ? 'avoid' : 'modify';
    return [{ measure, ordinary: [...ordinary], free: [low, Math.max(low, high)], grade }];
  });
}
