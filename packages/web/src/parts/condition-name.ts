import { findCondition, OWN } from '@lotus-steady/core';

export function findConditionName(id: string): string {
  const own: Readonly<Record<string, string>> = { props: 'Props at hand', [OWN]: 'Own limit' };
  return findCondition(id)?.name ?? own[id] ?? id;
}
