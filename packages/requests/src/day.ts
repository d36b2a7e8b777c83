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

/** How far a zone's clock is ahead of universal time from a moment on (ISO 8601), in minutes. */
export interface ZoneOffset {
  readonly from: string;
  readonly minutes: number;
}

const HOUR_MS = 3_600_000;
const WEEK_MS = 168 * HOUR_MS;
/** So far ahead a change of the clock is looked for. */
const WEEKS_AHEAD = 53;

/** Minutes that a zone is ahead at any moment, by one formatter: they are dear to make. */
function clockOf(timeZone: string): (at: number) => number {
  const format = new Intl.DateTimeFormat('en', { timeZone, timeZoneName: 'longOffset' });
  return (at) => {
    const [, sign, hours = '0', minutes = '0'] = /GMT([+-])(\d+):(\d+)/.exec(format.format(at)) ?? [];
    return (sign === '-' ? -1 : 1) * (Number(hours) * 60 + Number(minutes));
  };
}

/** The offset of a zone (IANA name) at a moment, and the next one where its clock changes within a year. @throws RangeError for a zone that doesn't exist. */
export function offsetsOf(timeZone: string, at: Date = new Date()): readonly ZoneOffset[] {
  const now = at.getTime();
  const minutesAhead = clockOf(timeZone);
  const minutes = minutesAhead(now);
  const offset = (from: number) => ({ from: new Date(from).toISOString(), minutes: minutesAhead(from) });
  for (let week = 1; week <= WEEKS_AHEAD; week++) {
    let [before, after] = [now + (week - 1) * WEEK_MS, now + week * WEEK_MS];
    if (minutesAhead(after) === minutes) continue;
    while (after - before > 1000) {
      const middle = Math.floor((before + after) / 2);
      if (minutesAhead(middle) === minutes) before = middle;
      else after = middle;
    }
    return [offset(now), offset(after)];
  }
  return [offset(now)];
}

/** The day by a zone's offsets, as YYYY-MM-DD. */
export function dayBy(offsets: readonly ZoneOffset[], at: Date = new Date()): string {
  const { minutes } = offsets.findLast(({ from }) => Date.parse(from) <= at.getTime()) ?? offsets[0]!;
  return new Date(at.getTime() + minutes * 60_000).toISOString().slice(0, 10);
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
