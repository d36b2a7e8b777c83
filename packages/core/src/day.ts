import { format, isValid, parseISO } from 'date-fns';

const DAY = /^(\d{4})-\d{2}-\d{2}$/;
const YEARS = { from: 1900, to: 2200 };

/** Whether a text is a day of the calendar as YYYY-MM-DD, in a year that somebody lives in. */
export function isDay(text: unknown): text is string {
  const year = typeof text === 'string' ? Number(DAY.exec(text)?.[1]) : Number.NaN;
  return year >= YEARS.from && year <= YEARS.to && isValid(parseISO(text as string));
}

/** Whether what ends with a day still holds on another, both as YYYY-MM-DD. Without an end it always does, and without a day nothing has run out. */
export function holdsUntil(until: string | null | undefined, today: string | null): boolean {
  return today === null || until === null || until === undefined || today <= until;
}

/** A day, as YYYY-MM-DD, as it is read: "14 December 2026". */
export function dayInWords(day: string): string {
  return format(parseISO(day), 'd MMMM yyyy');
}

/** Full years on a day of somebody who was born on YYYY-MM-DD, in YYYY-MM or in YYYY; `null` where that is no life. */
export function yearsOn(born: unknown, today: string): number | null {
  if (typeof born !== 'string' || !/^\d{4}(?:-\d{2}){0,2}$/.test(born)) return null;
  const years = Number(today.slice(0, 4)) - Number(born.slice(0, 4)) - (today.slice(5) < born.slice(5) ? 1 : 0);
  return years >= 0 && years <= 120 ? years : null;
}
