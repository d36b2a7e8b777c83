import { holdsUntil, isDay } from '../day.js';
import type { Problem } from '../problem.js';

/** An asana that someone is not offered, whatever their limits say: it hurt, or was stopped again and again. */
export interface LeftOut {
  readonly asana: string;
  readonly reason: string;
  /** The day it was decided, as YYYY-MM-DD. */
  readonly on: string;
  /** The last day it holds for; `null` until it is taken back. */
  readonly until: string | null;
}

const MOST_TEXT = 300;

/** Why what is left out can't be taken, each named `leftOut[0]`. */
export function checkLeftOut(list: readonly LeftOut[]): Problem[] {
  return list.flatMap(({ asana, reason, on, until }, i): Problem[] => {
    const refuse = (message: string) => [{ field: `leftOut[${i}]`, message }];
    if (asana.trim() === '') return refuse('which asana?');
    if (reason.trim() === '' || reason.length > MOST_TEXT) return refuse(`${asana}: write why (1 to ${MOST_TEXT} characters)`);
    if (!isDay(on)) return refuse(`${asana}: on is "${on}"; expected a day such as 2026-03-01`);
    if (until === null) return [];
    if (!isDay(until)) return refuse(`${asana}: until is "${until}"; expected a day such as 2026-03-01, or null`);
    return until < on ? refuse(`${asana}: until is ${until}, before it was decided on ${on}`) : [];
  });
}

/** What is left out on a day, by asana; without a day none is taken to have run out. */
export function leftOutOn(list: readonly LeftOut[], today: string | null): ReadonlyMap<string, LeftOut> {
  return new Map(list.filter(({ until }) => holdsUntil(until, today)).map((one) => [one.asana, one]));
}
