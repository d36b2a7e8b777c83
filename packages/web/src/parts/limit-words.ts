import { MEASURES, type Finding, type Grade, type Measure } from '@lotus-steady/core';

/** What each grade of a limit allows. */
export const GRADE_WORDS: Readonly<Record<Grade, string>> = { avoid: 'not at all', modify: 'only when changed', watch: 'with care' };

export function measureLabel(measure: Finding['measure']): string {
  if (measure === 'facing') return 'Position';
  return measure === 'props' ? 'Props' : MEASURES[measure as Measure].label;
}
