import { DEG2RAD } from '../angles.js';
import type { Body } from '../body/anthropometry.js';
import type { Posture } from '../body/posture.js';
import { DOF_COUNT, toState, type State } from '../body/skeleton.js';
import { unknownsOf, type Unknowns } from '../body/unknowns.js';
import { memoize } from '../get-or-create.js';
import { readNumbers, withoutSign, withSign, writeNumbers } from '../numbers-as-text.js';
import { START_TABLE } from './start-table.js';

/** Steps in which states are kept: radians, and metres for the place of the pelvis. */
const ANGLE_STEP = 0.1 * DEG2RAD;
const PLACE_STEP = 0.001;
const PLACES = 2;
/** The height is found from what bears. */
const HEIGHT = 2;
/** Bodies whose states are further apart in one angle than this have come to another solution: the nearer one counts. */
const APART = 12 * DEG2RAD;

/** A short name for what a posture asks for: FNV-1a, 32 bits (Fowler, Noll, Vo). */
export function postureName(posture: Posture): string {
  let hash = 0x811c9dc5;
  for (const sign of JSON.stringify(posture)) hash = Math.imul(hash ^ sign.charCodeAt(0), 0x01000193);
  return (hash >>> 0).toString(36);
}

/** Free numbers that are kept: one for each unknown but the height. */
function keptOf({ of }: Unknowns): number[] {
  return of.flatMap((unknown, dof) => (unknown >= 0 && dof !== HEIGHT && of.indexOf(unknown) === dof ? [dof] : []));
}

function stepOf(dof: number): number {
  return dof < PLACES ? PLACE_STEP : ANGLE_STEP;
}

/** The states of bodies in one posture as a text: the first against what its author set, the others against the one before. */
export function writeStart(posture: Posture, states: readonly State[]): string {
  const numbers: number[] = [];
  for (const dof of keptOf(unknownsOf(posture))) {
    let before = toState(posture)[dof]!;
    for (const state of states) {
      const steps = Math.round((state[dof]! - before) / stepOf(dof));
      numbers.push(withoutSign(steps));
      before += steps * stepOf(dof);
    }
  }
  return writeNumbers(numbers);
}

function readStart(text: string, posture: Posture, count: number): State[] {
  const unknowns = unknownsOf(posture);
  const numbers = readNumbers(text);
  const wanted = toState(posture);
  const states = Array.from({ length: count }, () => new Float64Array(DOF_COUNT));
  keptOf(unknowns).forEach((first, place) => {
    let value = wanted[first]!;
    states.forEach((state, i) => {
      value += withSign(numbers[place * count + i]!) * stepOf(first);
      unknowns.of.forEach((unknown, dof) => {
        if (unknown === unknowns.of[first]) state[dof] = value;
      });
    });
  });
  return states;
}

const PLACE_OF = new Map(START_TABLE.postures.split(' ').map((name, place) => [name, place]));

const statesOf = memoize((posture: Posture): readonly State[] => {
  const place = PLACE_OF.get(postureName(posture));
  return place === undefined ? [] : readStart(START_TABLE.states[place]!, posture, START_TABLE.girths.length);
});

/** How thick a body is for its stature, 1 for the reference body. */
export function girthOf({ radiusScale, scale }: Body): number {
  return radiusScale / scale;
}

/**
 * A state near to the one that a body comes to in a posture, between those of thinner and thicker bodies; `null` for
 * a posture that is not the library's. The height is open.
 */
export function startState(body: Body, posture: Posture): State | null {
  const states = statesOf(posture);
  if (states.length === 0) return null;
  const { girths } = START_TABLE;
  const girth = girthOf(body);
  const above = Math.min(
    Math.max(
      1,
      girths.findIndex((one) => one >= girth),
    ),
    girths.length - 1,
  );
  const upper = girth > girths.at(-1)! ? girths.length - 1 : above;
  const [from, to] = [states[upper - 1]!, states[upper]!];
  const share = Math.min(1, Math.max(0, (girth - girths[upper - 1]!) / (girths[upper]! - girths[upper - 1]!)));
  const isOtherPlace = from.some((value, dof) => dof > HEIGHT && Math.abs(value - to[dof]!) > APART);
  const way = isOtherPlace ? Math.round(share) : share;
  return from.map((value, dof) => (value + way * (to[dof]! - value)) * (dof < PLACES ? body.scale : 1));
}
