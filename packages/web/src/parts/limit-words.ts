import { findLimit, limitJson, MEASURES, type Finding, type Grade, type Measure } from '@lotus-steady/core';
import { allowed } from './amounts.js';
import { findConditionName } from './condition-name.js';
import { t } from '../words/t.js';

/** What each grade of a limit allows. */
export const GRADE_WORDS: Readonly<Record<Grade, string>> = {
  avoid: t('not at all'),
  modify: t('only when changed'),
  watch: t('with care'),
};

export function measureLabel(measure: Finding['measure']): string {
  if (measure === 'facing') return t('Position');
  if (measure === 'leftOut') return t('Left out');
  return measure === 'props' ? t('Props') : t(MEASURES[measure as Measure].label);
}

/** A limit by its name, `condition/limit`, as a person reads it; its name where the knowledge no longer has it. */
export function limitWords(id: string): string {
  const spec = findLimit(id);
  if (!spec) return id;
  const condition = id.split('/')[0]!;
  const { label, bound, unit } = limitJson({ condition, id, spec });
  return `${t(label)} ${allowed(bound, unit)} (${findConditionName(condition)})`;
}
