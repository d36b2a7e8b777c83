const DAY = /^(\d{4})-(\d{2})-(\d{2})$/;
const YEARS = { from: 1900, to: 2200 };

/** Whether a text is a day of the calendar as YYYY-MM-DD, in a year that somebody lives in. */
export function isDay(text: unknown): text is string {
  const [, year, month, day] = (typeof text === 'string' && DAY.exec(text)) || [];
  if (year === undefined || Number(year) < YEARS.from || Number(year) > YEARS.to) return false;
  const date = new Date(Date.UTC(Number(year), Number(month) - 1, Number(day)));
  // The 30th of February would be another day.
  return date.getUTCMonth() === Number(month) - 1 && date.getUTCDate() === Number(day);
}
