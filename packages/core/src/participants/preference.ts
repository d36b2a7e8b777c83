import { SIDES, type Side } from '../angles.js';
import { isDay } from '../day.js';
import type { Problem } from '../problem.js';

/** What somebody does rather than what is as good: found in the log of classes, or said by them. */
export interface Preference {
  /** `null` for all that takes effort. */
  readonly asana: string | null;
  /** The way to do it that goes before others as good; `null` where only the side is meant. */
  readonly variation: string | null;
  /** The side that it begins with where it is done on both; `null` where only the way is meant. */
  readonly firstSide: Side | null;
  /** How many times as long as given it is done; `null` or left out where the length stays. */
  readonly longer?: number | null;
  readonly reason: string;
  /** The day it was decided, as YYYY-MM-DD. */
  readonly on: string;
}

const MOST_TEXT = 300;
/** Longer than this is another class. Common practice, no source. */
export const MOST_LONGER = 1.5;

/** Why preferences can't be taken, each named `preferences[0]`. */
export function checkPreferences(list: readonly Preference[]): Problem[] {
  return list.flatMap(({ asana, variation, firstSide, longer = null, reason, on }, i): Problem[] => {
    const refuse = (message: string) => [{ field: `preferences[${i}]`, message }];
    const of = asana ?? 'all that takes effort';
    if (asana?.trim() === '') return refuse('which asana?');
    if (firstSide !== null && !SIDES.includes(firstSide))
      return refuse(`${of}: firstSide is "${String(firstSide)}"; expected left, right or null`);
    if (longer !== null && !(longer > 1 && longer <= MOST_LONGER))
      return refuse(`${of}: longer is ${String(longer)}; expected more than 1, at most ${MOST_LONGER}, or null`);
    if ([variation, firstSide, longer].filter((one) => one !== null).length !== 1)
      return refuse(`${of}: give a variation, a firstSide or longer, one of the three`);
    if ((asana === null) !== (longer !== null)) return refuse(`${of}: longer is for all that takes effort, the others for one asana`);
    if (reason.trim() === '' || reason.length > MOST_TEXT) return refuse(`${of}: write why (1 to ${MOST_TEXT} characters)`);
    return isDay(on) ? [] : refuse(`${of}: on is "${on}"; expected a day such as 2026-03-01`);
  });
}

/** The name of a form among those that are liked. */
export function likedKey(asana: string, variation: string): string {
  return `${asana}/${variation}`;
}

/** Forms that go before others as good. */
export function likedForms(list: readonly Preference[]): ReadonlySet<string> {
  return new Set(list.flatMap(({ asana, variation }) => (asana === null || variation === null ? [] : [likedKey(asana, variation)])));
}

/** The side that each asana begins with where that was decided; of two decisions the later one. */
export function firstSides(list: readonly Preference[]): Readonly<Record<string, Side>> {
  return Object.fromEntries(list.flatMap(({ asana, firstSide }) => (asana === null || firstSide === null ? [] : [[asana, firstSide]])));
}

/** How many times as long as given all that takes effort is done; `null` where nothing was decided. Of two decisions the later one. */
export function longerShare(list: readonly Preference[]): number | null {
  return list.findLast(({ longer }) => typeof longer === 'number')?.longer ?? null;
}
