export type BloodPressureClass = 'normal' | 'elevated' | 'stage 1' | 'stage 2' | 'crisis';

/**
 * Class of a seated, resting reading in mmHg; the higher of the two numbers' classes counts.
 * Whelton PK, Carey RM, Aronow WS, et al. Hypertension 2018;71:e13-e115 (ACC/AHA 2017).
 */
export function bloodPressureClass(systolic: number, diastolic: number): BloodPressureClass {
  if (systolic > 180 || diastolic > 120) return 'crisis';
  if (systolic >= 140 || diastolic >= 90) return 'stage 2';
  if (systolic >= 130 || diastolic >= 80) return 'stage 1';
  if (systolic >= 120) return 'elevated';
  return 'normal';
}

/** What is wrong with a pair of readings, or `null`. The upper number is at least 15 above the lower. */
export function bloodPressureProblem(systolic: number | undefined, diastolic: number | undefined): string | null {
  if (systolic === undefined || diastolic === undefined) return null;
  if (systolic < diastolic + 15) return `systolic ${systolic} must be at least 15 mmHg above diastolic ${diastolic}; measure again`;
  return null;
}
