import { memoize } from '../get-or-create.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import type { Timed } from '../sequence/dose.js';
import type { Finding } from '../plan/finding.js';
import type { Total } from '../judging/judges.js';
import type { RunningTotals } from '../plan/plan.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** So far the eyes are below the heart, on the way through a movement's ends as well: a cat that becomes a cow is level. */
const HEAD_DOWN_CM = 5;

export const START: RunningTotals = { last: null, supineRun: 0, unrelievedSitting: 0, minutesHeadDown: 0, floorTrips: 0 };

/** All that one step is judged and searched with. */
export interface StepContext {
  readonly profile: JudgingProfile;
  readonly step: Step;
  readonly totals: RunningTotals;
}

/** Sums that a step of some postures adds to. */
type Adds = Readonly<Record<Total, boolean>>;
const addsOf = memoize((ends: readonly SolvedPosture[]): Adds => {
  const { measured, level } = ends[0]!;
  return {
    supineRun: measured.facing === 'supine' && (measured.values.trunkPitch ?? 0) >= 60,
    unrelievedSitting: !measured.standing && !measured.lying && measured.facing === 'upright',
    minutesHeadDown: ends.reduce((sum, { measured: { values } }) => sum + (values.headBelowHeart ?? 0), 0) > HEAD_DOWN_CM * ends.length,
    floorTrips: level !== 'up',
  };
});

function isDown({ last }: RunningTotals): boolean {
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
export function totalsAfter(totals: RunningTotals, ends: readonly SolvedPosture[], timed: Timed): RunningTotals {
  const adds = addsOf(ends);
  const minutes = timed.seconds / 60;
  return {
    last: ends.at(-1)!,
    supineRun: adds.supineRun ? sumOf(totals.supineRun, minutes) : 0,
    unrelievedSitting: adds.unrelievedSitting ? sumOf(totals.unrelievedSitting, minutes) : 0,
    minutesHeadDown: adds.minutesHeadDown ? sumOf(totals.minutesHeadDown, minutes) : totals.minutesHeadDown,
    floorTrips: totals.floorTrips + (adds.floorTrips && !isDown(totals) ? 1 : 0),
  };
}

/** A sum as far as places are told apart by it: trips past every bound are all alike. */
function sumOfPlace({ judges }: JudgingProfile, totals: RunningTotals, sum: Total): number {
  return sum === 'floorTrips' ? Math.min(totals.floorTrips, judges.manyTrips) : inMilliseconds(totals[sum]);
}

/** All that what follows may cost someone depends on: two beginnings that lead to the same place go on alike. */
export function stateKey(profile: JudgingProfile, totals: RunningTotals): string {
  const sums = profile.judges.totals.map((sum) => sumOfPlace(profile, totals, sum));
  return [totals.last?.id ?? 0, ...sums].join(' ');
}

/**
 * What the limits look at of the sums before a step: equal where it makes no difference to them. With the postures
 * that the step would take, only the sums that those add to.
 */
export function sumsKey({ profile, totals }: StepContext, ends?: readonly SolvedPosture[]): string {
  const { totals: looked, fewTrips } = profile.judges;
  const adds = ends && addsOf(ends);
  let key = '';
  for (const sum of looked) {
    if (adds && !adds[sum]) continue;
    // Whoever is on the floor already makes no trip to it, and the first ones are all alike.
    if (sum === 'floorTrips' && (isDown(totals) || totals.floorTrips < fewTrips)) continue;
    key += ` ${sum} ${sumOfPlace(profile, totals, sum)}`;
  }
  return key;
}

/** Once no bound on trips to the floor is left, all places are judged alike (see `sumOfPlace`): here each is told its own trip. */
export function tripTold({ judges }: JudgingProfile, { floorTrips }: RunningTotals, found: readonly Finding[]): readonly Finding[] {
  const isOfTrips = ({ measure }: Finding) => measure === 'floorTrips';
  if (floorTrips < judges.manyTrips || !found.some(isOfTrips)) return found;
  return found.map((one) =>
    isOfTrips(one) && typeof one.value === 'number' ? { ...one, value: floorTrips + 1, by: one.by + floorTrips + 1 - one.value } : one,
  );
}

/** All that a step's ways look at of its place in a class: the same for two places where it is the same question. Whose it is, is not part of it. */
export function contextKey(context: StepContext): string {
  return `${stepKey(context.step)} ${context.totals.last?.id ?? 0}${sumsKey(context)}`;
}

/** The same for everybody whose ways to a step are the same question. */
export function personContextKey(context: StepContext): string {
  return `${context.profile.id} ${contextKey(context)}`;
}
