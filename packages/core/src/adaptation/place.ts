import { onceOf } from '../once.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import type { Timed } from '../sequence/dose.js';
import type { Finding } from './judge.js';
import type { Sum } from './judges.js';
import type { Tally } from './plan.js';
import type { Done } from './studio.js';
import type { Who } from './who.js';

const HEAD_DOWN_CM = 5;

export const START: Tally = { last: null, supineRun: 0, sittingRun: 0, headDown: 0, floorTrips: 0 };

/** All that one step is judged and searched with. */
export interface StepContext {
  readonly who: Who;
  readonly step: Step;
  readonly tally: Tally;
}

/** Sums that a step of some postures adds to. */
type Adds = Readonly<Record<Sum, boolean>>;
const ADDS = new WeakMap<readonly Done[], Adds>();

function addsOf(ends: readonly Done[]): Adds {
  return onceOf(ADDS, ends, () => {
    const { measured, level } = ends[0]!;
    return {
      supineRun: measured.facing === 'supine' && (measured.values.trunkPitch ?? 0) >= 60,
      sittingRun: !measured.standing && !measured.lying && measured.facing === 'upright',
      headDown: ends.some(({ measured: { values } }) => (values.headBelowHeart ?? 0) > HEAD_DOWN_CM),
      floorTrips: level !== 'up',
    };
  });
}

function isDown({ last }: Tally): boolean {
  return last !== null && last.level !== 'up';
}

function inMilliseconds(minutes: number): number {
  return Math.round(minutes * 6e4);
}

/** To the millisecond, so that steps in another order come to the same sum. */
function sumOf(one: number, other: number): number {
  return inMilliseconds(one + other) / 6e4;
}

/** How the class stands after a step of these postures. Minutes. */
export function tallyAfter(tally: Tally, ends: readonly Done[], timed: Timed): Tally {
  const adds = addsOf(ends);
  const minutes = timed.seconds / 60;
  return {
    last: ends.at(-1)!,
    supineRun: adds.supineRun ? sumOf(tally.supineRun, minutes) : 0,
    sittingRun: adds.sittingRun ? sumOf(tally.sittingRun, minutes) : 0,
    headDown: adds.headDown ? sumOf(tally.headDown, minutes) : tally.headDown,
    floorTrips: tally.floorTrips + (adds.floorTrips && !isDown(tally) ? 1 : 0),
  };
}

/** A sum as far as places are told apart by it: trips past every bound are all alike. */
function sumOfPlace({ judges }: Who, tally: Tally, sum: Sum): number {
  return sum === 'floorTrips' ? Math.min(tally.floorTrips, judges.manyTrips) : inMilliseconds(tally[sum]);
}

/** All that what follows may cost someone depends on: two beginnings that lead to the same place go on alike. */
export function placeOf(who: Who, tally: Tally): string {
  const sums = who.judges.sums.map((sum) => sumOfPlace(who, tally, sum));
  return [tally.last?.id ?? 0, ...sums].join(' ');
}

/**
 * What the limits look at of the sums before a step: equal where it makes no difference to them. With the postures
 * that the step would take, only the sums that those add to.
 */
export function sumsKey({ who, tally }: StepContext, ends?: readonly Done[]): string {
  const { sums, fewTrips } = who.judges;
  const adds = ends && addsOf(ends);
  let key = '';
  for (const sum of sums) {
    if (adds && !adds[sum]) continue;
    // Whoever is on the floor already makes no trip to it, and the first ones are all alike.
    if (sum === 'floorTrips' && (isDown(tally) || tally.floorTrips < fewTrips)) continue;
    key += ` ${sum} ${sumOfPlace(who, tally, sum)}`;
  }
  return key;
}

/** Once no bound on trips to the floor is left, all places are judged alike (see `sumOfPlace`): here each is told its own trip. */
export function tripTold({ judges }: Who, { floorTrips }: Tally, found: readonly Finding[]): readonly Finding[] {
  const isOfTrips = ({ measure }: Finding) => measure === 'floorTrips';
  if (floorTrips < judges.manyTrips || !found.some(isOfTrips)) return found;
  return found.map((one) =>
    isOfTrips(one) && typeof one.value === 'number' ? { ...one, value: floorTrips + 1, by: one.by + floorTrips + 1 - one.value } : one,
  );
}

/** All that a step's ways look at of its place in a class: the same for two places where it is the same question. Whose it is, is not part of it. */
export function contextKey(context: StepContext): string {
  return `${stepKey(context.step)} ${context.tally.last?.id ?? 0}${sumsKey(context)}`;
}
