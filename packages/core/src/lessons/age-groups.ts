export const AGE_GROUPS = ['4-5', '6-8', '9-12', 'teens'] as const;
export type AgeGroup = (typeof AGE_GROUPS)[number];

/** The youngest and the oldest that lessons are for. */
export const LESSON_AGES = { from: 4, to: 17 } as const;

export function ageGroup(age: number): AgeGroup {
  if (age < 6) return '4-5';
  if (age < 9) return '6-8';
  return age < 13 ? '9-12' : 'teens';
}
