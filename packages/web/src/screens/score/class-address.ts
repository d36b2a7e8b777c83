import { readProps, USUAL_FIGURES, type Pin, type PropsAtHand } from '@lotus-steady/core';

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

/** Pins as the address keeps them: `person.step.figure`, one each. */
export function readPins(search: URLSearchParams): Pin[] {
  return search.getAll(KEY).flatMap((text) => {
    const [, person, index, figure] = /^(\d+)\.(\d+)\.(.+)$/.exec(text) ?? [];
    return person === undefined ? [] : [{ person, index: Number(index), figure: figure! }];
  });
}

/** An address with other pins. */
export function withPins(search: URLSearchParams, pins: readonly Pin[]): URLSearchParams {
  const next = new URLSearchParams(search);
  next.delete(KEY);
  for (const { person, index, figure } of pins) next.append(KEY, `${person}.${index}.${figure}`);
  return next;
}
