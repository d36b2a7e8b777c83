export interface OrthostaticReading {
  readonly lyingSystolic?: number | undefined;
  readonly lyingDiastolic?: number | undefined;
  readonly standSystolic?: number | undefined;
  readonly standDiastolic?: number | undefined;
  readonly lyingPulse?: number | undefined;
  readonly standPulse?: number | undefined;
  readonly age?: number | undefined;
}

export type OrthostaticClass = 'drop' | 'racing' | 'low' | 'none' | 'unknown';

/**
 * What standing up does to pressure (mmHg) and pulse (beats a minute): Freeman R et al. Clin Auton Res
 * 2011;21:69-72 (the cut-off of 30 for a high lying pressure from memory). `low` is a lying pressure below
 * 90/60 without a drop; `unknown` where lying or standing was not measured.
 */
export function orthostaticClass(reading: OrthostaticReading): OrthostaticClass {
  const { lyingSystolic, lyingDiastolic, standSystolic, standDiastolic, lyingPulse, standPulse, age } = reading;
  if (lyingSystolic === undefined || lyingDiastolic === undefined) return 'unknown';
  const low = lyingSystolic < 90 || lyingDiastolic < 60;
  // A low pressure that was measured lying alone is known to be low; whether it drops is not asked further.
  if (standSystolic === undefined || standDiastolic === undefined) return low ? 'low' : 'unknown';
  const most = lyingSystolic >= 140 ? 30 : 20;
  if (lyingSystolic - standSystolic >= most || lyingDiastolic - standDiastolic >= 10) return 'drop';
  const racing = age !== undefined && age >= 12 && age < 20 ? 40 : 30;
  if (lyingPulse !== undefined && standPulse !== undefined && standPulse - lyingPulse >= racing) return 'racing';
  return low ? 'low' : 'none';
}
