import { findCondition, OWN, stageWords, type Condition, type ConditionAnswer } from '@lotus-steady/core';
import { t } from '../words/t.js';

export function findConditionName(id: string): string {
  const own: Readonly<Record<string, string>> = { props: t('Props at hand'), [OWN]: t('Own limit') };
  const name = findCondition(id)?.name;
  return name === undefined ? (own[id] ?? id) : t(name);
}

/** The stages of a condition that hold, as they are shown: each by itself. */
export function stagesShown(condition: Condition, answer: ConditionAnswer): string[] {
  return stageWords(condition, answer).map((stage) => t(stage));
}

/** The same in a line. */
export function stagesTold(condition: Condition, answer: ConditionAnswer): string {
  return stagesShown(condition, answer).join('; ') || t('no stage that limits');
}
