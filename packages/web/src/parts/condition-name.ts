import { findCondition } from '@lotus-steady/core';

export function findConditionName(id: string): string {
  return findCondition(id)?.name ?? (id === 'props' ? 'Props at hand' : id);
}
