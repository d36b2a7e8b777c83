import type { ConditionAnswer } from '@lotus-steady/core';

export type Answer = ConditionAnswer[string];

/** An answer with one of its values set, or taken back; weeks go on counting from the day it is said (YYYY-MM-DD), readings grow old. */
export function answered(answer: ConditionAnswer, name: string, value: Answer, day: string): ConditionAnswer {
  const others = Object.entries(answer).filter(([key]) => key !== name && key !== 'id');
  return { id: answer.id, ...Object.fromEntries(value === undefined ? others : [...others, [name, value]]), asOf: day };
}
