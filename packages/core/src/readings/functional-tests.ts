/**
 * 30-second chair stand, below average: fewer rises than this, by age band, men and women.
 * STEADI, Centers for Disease Control and Prevention, 2017. Above 94 the last band is used.
 */
const CHAIR_STAND: readonly { readonly from: number; readonly m: number; readonly f: number }[] = [
  { from: 60, m: 14, f: 12 },
  { from: 65, m: 12, f: 11 },
  { from: 70, m: 12, f: 10 },
  { from: 75, m: 11, f: 10 },
  { from: 80, m: 10, f: 9 },
  { from: 85, m: 8, f: 8 },
  { from: 90, m: 7, f: 4 },
];

/** Whether that many rises are below average for the age (60 and over). An unknown sex takes the stricter norm. */
export function chairStandBelowAverage(rises: number, age: number, sex?: 'f' | 'm'): boolean {
  const band = CHAIR_STAND.findLast(({ from }) => age >= from) ?? CHAIR_STAND[0]!;
  const norm = sex === undefined ? Math.max(band.m, band.f) : band[sex];
  return rises < norm;
}
