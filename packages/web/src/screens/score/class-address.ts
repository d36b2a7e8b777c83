import { readProps, USUAL_FIGURES, type Pin, type PropsAtHand } from '@lotus-steady/core';
import type { ClassSummary } from '@lotus-steady/requests';
import { addDays, differenceInCalendarDays, formatISO, isValid, parseISO } from 'date-fns';

const KEY = 'chosen';

/** What a teacher may ask for. */
export const FIGURES = [1, 2, 3, 4, 5, 6] as const;

/** The most figures a step that an address asks for; the usual number for anything else. */
export function readFigures(search: URLSearchParams): number {
  return FIGURES.find((count) => String(count) === search.get('figures')) ?? USUAL_FIGURES;
}

/** Whom an address names, each once: `3,5,8`. */
export function readPeople(text: string): number[] {
  return [...new Set(text.split(',').map(Number))];
}

/** What the class shares, as an address keeps it: `block:8,chair:3`; `null` where everybody has their own. */
export function readShared(search: URLSearchParams): PropsAtHand | null {
  const text = search.get('shared');
  return text === null ? null : readProps(text).props;
}

/** The same in the address's words. */
export function writeShared(props: PropsAtHand): string {
  return Object.entries(props)
    .map(([prop, count]) => `${prop}:${count}`)
    .join(',');
}

/** An address with something else under a name, or without it. */
export function withParameter(search: URLSearchParams, name: string, value: string | null): URLSearchParams {
  const next = new URLSearchParams(search);
  if (value === null) next.delete(name);
  else next.set(name, value);
  return next;
}

/** Pins as the address keeps them: `person.step.figure`, one each. */
export function readPins(search: URLSearchParams): Pin[] {
  return search.getAll(KEY).flatMap((text) => {
    const [, person, index, figure] = /^(\d+)\.(\d+)\.(.+)$/.exec(text) ?? [];
    return person === undefined || figure === undefined ? [] : [{ person, index: Number(index), figure }];
  });
}

/** An address with other pins. */
export function withPins(search: URLSearchParams, pins: readonly Pin[]): URLSearchParams {
  const next = new URLSearchParams(search);
  next.delete(KEY);
  for (const { person, index, figure } of pins) next.append(KEY, `${person}.${index}.${figure}`);
  return next;
}

/** The day that an address is for; `today` for anything that is none. */
export function readDay(search: URLSearchParams, today: string): string {
  const day = search.get('day') ?? '';
  return /^\d{4}-\d{2}-\d{2}$/.test(day) && isValid(parseISO(day)) ? day : today;
}

/** The kept class that an address is set against. */
export function readSince(search: URLSearchParams): number | null {
  const id = Number(search.get('since'));
  return Number.isInteger(id) && id > 0 ? id : null;
}

/** The same weekday as a class's, its next one from today on; never the day of the class itself. */
export function nextDay(day: string, today: string): string {
  const weeks = Math.max(1, Math.ceil(differenceInCalendarDays(parseISO(today), parseISO(day)) / 7));
  return formatISO(addDays(parseISO(day), 7 * weeks), { representation: 'date' });
}

/** The kept class that an address shows. */
export function readKept(search: URLSearchParams): number | null {
  const id = Number(search.get('kept'));
  return Number.isInteger(id) && id > 0 ? id : null;
}

/** A kept class opened again for another day: with its people, figures, props and choices, set against what it was. */
export function againAddress({ id, sequenceId, personIds, figures, shared, pins }: ClassSummary, day: string): string {
  const search = withPins(
    new URLSearchParams({ figures: String(figures), ...(shared && { shared: writeShared(shared) }), day, since: String(id) }),
    pins,
  );
  return `/sequences/${sequenceId}/for/${personIds.join(',')}?${search}`;
}

/** A kept class as it was kept, on its own day. */
export function keptAddress({ id, sequenceId, personIds, figures, shared, pins, day }: ClassSummary): string {
  const search = withPins(
    new URLSearchParams({ figures: String(figures), ...(shared && { shared: writeShared(shared) }), day, kept: String(id) }),
    pins,
  );
  return `/sequences/${sequenceId}/for/${personIds.join(',')}?${search}`;
}

/** The same, to be taught. */
export function teachAddress(kept: ClassSummary): string {
  return keptAddress(kept).replace('?', '/teach?');
}

/** The same, at the door. */
export function doorAddress(kept: ClassSummary): string {
  return keptAddress(kept).replace('?', '/door?');
}
