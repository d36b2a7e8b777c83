/** One folded blanket under load, in cm (common practice, no source). */
export const BLANKET_CM = 2.5;

/** A height in cm, to a tenth, and the folded blankets that come nearest to it. */
export function inBlankets(height: number, each: number) {
  return {
    height: { value: Math.round(height * 10) / 10, unit: 'cm' },
    blankets: { count: Math.round(height / each), each, unit: 'cm' },
  } as const;
}
