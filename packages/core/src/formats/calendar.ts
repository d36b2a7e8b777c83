import { addMinutes, parseISO } from 'date-fns';
import ical, { ICalEventRepeatingFreq, type ICalWeekday } from 'ical-generator';
import type { HomePractice } from '../home/home-practice.js';

/** A class, or a practice at home, in a calendar (RFC 5545). Days as YYYY-MM-DD, a clock time as HH:MM of the studio. */
export interface CalendarAsked {
  readonly title: string;
  readonly day: string;
  readonly minutes: number;
  readonly description: string;
  /** Left out: all day. */
  readonly time?: string;
  readonly timeZone?: string;
}

const WEEKDAYS: Readonly<Record<HomePractice['days'][number], ICalWeekday>> = {
  monday: 'MO', tuesday: 'TU', wednesday: 'WE', thursday: 'TH', friday: 'FR', saturday: 'SA', sunday: 'SU',
} as Readonly<Record<HomePractice['days'][number], ICalWeekday>>; // prettier-ignore

/** A day, and a time of day, by the clock of wherever it is read. */
function localTime(day: string, time = '00:00') {
  return parseISO(`${day}T${time}:00`);
}

/** Properties that one maker's programs ask for say nothing that the standard doesn't. */
function standardOnly(text: string): string {
  return text.replace(/^X-MICROSOFT-.*\r\n/gm, '');
}

/** A class as one event. */
export function classCalendar({ title, day, minutes, description, time, timeZone }: CalendarAsked): string {
  const calendar = ical({ name: title, prodId: { company: 'Lotus Steady', product: 'Lotus Steady' } });
  const start = localTime(day, time);
  calendar.createEvent({
    id: `class-${day}-${title.toLowerCase().replace(/[^a-z0-9]+/g, '-')}@lotus-steady`,
    summary: title,
    description,
    start,
    ...(time === undefined ? { allDay: true } : { end: addMinutes(start, minutes), ...(timeZone && { timezone: timeZone }) }),
  });
  return standardOnly(calendar.toString());
}

/** A practice at home on its days, until it is looked at again. */
export function homeCalendar(practice: HomePractice, title: string, from: string): string {
  const calendar = ical({ name: title, prodId: { company: 'Lotus Steady', product: 'Lotus Steady' } });
  calendar.createEvent({
    id: `home-${from}@lotus-steady`,
    summary: `${title} (${practice.minutes} min)`,
    description: practice.steps.map(({ name, dose }) => `${name}, ${dose}`).join('\n'),
    start: localTime(from),
    allDay: true,
    repeating: { freq: ICalEventRepeatingFreq.WEEKLY, byDay: practice.days.map((day) => WEEKDAYS[day]), until: localTime(practice.review) },
  });
  return standardOnly(calendar.toString());
}
