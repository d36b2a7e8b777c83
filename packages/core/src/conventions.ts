/** How lengths and weeks are written for whoever reads. */
export interface Conventions {
  readonly lengths: (typeof LENGTHS)[number];
  readonly weekBegins: (typeof WEEK_BEGINS)[number];
}
export const LENGTHS = ['cm', 'in'] as const;
export const WEEK_BEGINS = ['monday', 'sunday'] as const;

/** Where nothing else was chosen. */
export const USUAL_CONVENTIONS: Conventions = { lengths: 'cm', weekBegins: 'monday' };

/** What was chosen, and the usual for what was not. */
export function conventionsOf({ lengths, weekBegins }: Partial<Conventions>): Conventions {
  return { lengths: lengths ?? USUAL_CONVENTIONS.lengths, weekBegins: weekBegins ?? USUAL_CONVENTIONS.weekBegins };
}

export const CM_PER_INCH = 2.54;
const QUARTERS = ['', '¼', '½', '¾'] as const;

/** A length in cm as it is read: "12 cm", or to a quarter of an inch "4¾ in". */
export function lengthWords(cm: number, lengths: Conventions['lengths']): string {
  if (lengths === 'cm') return `${cm} cm`;
  const quarters = Math.round((cm / CM_PER_INCH) * 4);
  const [whole, part] = [Math.trunc(quarters / 4), QUARTERS[Math.abs(quarters % 4)]!];
  return `${whole === 0 && part !== '' ? part : `${whole}${part}`} in`;
}

/** Days of a week in the order in which the week is written; those of Monday to Sunday stand in that order before. */
export function inWeek<Day extends string>(days: readonly Day[], weekBegins: Conventions['weekBegins']): readonly Day[] {
  const first = days.filter((day) => day === weekBegins);
  return weekBegins === 'monday' ? days : [...first, ...days.filter((day) => day !== weekBegins)];
}
