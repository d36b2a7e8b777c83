import { SIDES, type Side } from '../angles.js';
import { isDay } from '../day.js';
import type { Problem } from '../problem.js';

/** What somebody does rather than what is as good: found in the log of classes, or said by them. */
export interface Preference {
  readonly asana: string;
  /** The way to do it that goes before others as good; `null` where only the side is meant. */
  readonly variation: string | null;
  /** The side that it begins with where it is done on both; `null` where only the way is meant. */
  readonly firstSide: Side | null;
  readonly reason: string;
  /** The day it was decided, as YYYY-MM-DD. */
  readonly on: string;
}

const MOST_TEXT = 300;

/** Why preferences can't be taken, each named `preferences[0]`. */
export function checkPreferences(list: readonly Preference[]): Problem[] {
  return list.flatMap(({ asana, variation, firstSide, reason, on }, i): Problem[] => {
    const refuse = (message: string) => [{ field: `preferences[${i}]`, message }];
    if (asana.trim() === '') return refuse('which asana?');
    if (firstSide !== null && !SIDES.includes(firstSide))
      return refuse(`${asana}: firstSide is "${String(firstSide)}"; expected left, right or null`);
    if ((variation === null) === (firstSide === null)) return refuse(`${asana}: give a variation or a firstSide, one of the two`);
    if (reason.trim() === '' || reason.length > MOST_TEXT) return refuse(`${asana}: write why (1 to ${MOST_TEXT} characters)`);
    return isDay(on) ? [] : refuse(`${asana}: on is "${on}"; expected a day such as 2026-03-01`);
  });
}

/** The name of a form among those that are liked. */
export function likedKey(asana: string, variation: string): string {
  return `${asana}/${variation}`;
}

/** Forms that go before others as good. */
export function likedForms(list: readonly Preference[]): ReadonlySet<string> {
  return new Set(list.flatMap(({ asana, variation }) => (variation === null ? [] : [likedKey(asana, variation)])));
}

/** The side that each asana begins with where that was decided; of two decisions the later one. */
export function firstSides(list: readonly Preference[]): Readonly<Record<string, Side>> {
  return Object.fromEntries(list.flatMap(({ asana, firstSide }) => (firstSide === null ? [] : [[asana, firstSide]])));
}
