/** One of each zone: they are dear to make, and every render asks for the day. */
const FORMATS = new Map<string, Intl.DateTimeFormat>();

/** The day in a time zone (IANA name), as YYYY-MM-DD. @throws RangeError for a zone that doesn't exist. */
export function dayIn(timeZone: string, at: Date = new Date()): string {
  let format = FORMATS.get(timeZone);
  // Sweden writes days as ISO 8601 does.
  format ??= new Intl.DateTimeFormat('sv-SE', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' });
  FORMATS.set(timeZone, format);
  return format.format(at);
}

/** The time zone of this machine. */
export function ownTimeZone(): string {
  return new Intl.DateTimeFormat().resolvedOptions().timeZone;
}

const DAY_MS = 86_400_000;

/** The day so many days after another, or before it; both as YYYY-MM-DD. */
export function shifted(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}
