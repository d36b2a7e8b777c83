import { findCondition, OWN } from '@lotus-steady/core';
import { t } from '../words/t.js';

export function findConditionName(id: string): string {
  const own: Readonly<Record<string, string>> = { props: t('Props at hand'), [OWN]: t('Own limit') };
  const name = findCondition(id)?.name;
  return name === undefined ? (own[id] ?? id) : t(name);
}
