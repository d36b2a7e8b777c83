import { headSweep } from '../body/measure.js';
import type { Level } from '../sequence/ways.js';
import { isRest, COST } from '../plan/cost.js';
import type { Arriving } from '../judging/judges.js';
import type { StepContext } from '../judging/step-context.js';
import type { SolvedPosture, SolvedVariation } from '../solving/solved-posture.js';

const LEVELS: readonly Level[] = ['up', 'floor', 'supine'];
/** So many places a body may be in after a step: its level, lying or not. */
export const STANDS = 2 * LEVELS.length;

/** Where a posture leaves the body, from 0 to `STANDS`. */
export function standOf({ level, measured }: SolvedPosture): number {
  return 2 * LEVELS.indexOf(level) + (measured.lying ? 1 : 0);
}
const isUp = (stand: number) => stand < 2;
const isLying = (stand: number) => stand % 2 === 1;

/**
 * What another way than the given costs for where it begins: lying down in the middle of a standing row, or the
 * reverse, breaks the class apart. `from` is where the class stands.
 */
export function levelMismatchCost({ asana, ends }: SolvedVariation, first: number, from: number | null): number {
  const given = standOf(ends[0]!);
  // A rest is lain down for, wherever the class stood before.
  const fits = (of: (stand: number) => boolean) => of(first) === of(given) || (!isRest(asana) && from !== null && of(first) === of(from));
  return (fits(isLying) ? 0 : COST.lyingDown) + (fits(isUp) ? 0 : COST.otherLevel);
}

/** A way of no special kind takes this long; one with a rise of 30 cm or the head coming up 20, twice that. Seconds. */
const WAY_SECONDS = 3;
const RISE_CM = 30;
const HEAD_RISE_CM = 20;

/** How far the body rises from one posture to the next, in cm. */
export function levelChange(from: SolvedPosture | null, to: SolvedPosture): number {
  return from ? Math.max(0, (to.measured.values.comHeight ?? 0) - (from.measured.values.comHeight ?? 0)) : 0;
}

/** How far the head comes up or goes down against the heart, in cm. */
export function headDrop(from: SolvedPosture | null, to: SolvedPosture): number {
  return from ? Math.abs((from.measured.values.headBelowHeart ?? 0) - (to.measured.values.headBelowHeart ?? 0)) : 0;
}

export function usualWaySeconds(from: SolvedPosture | null, to: SolvedPosture): number {
  return levelChange(from, to) >= RISE_CM || headDrop(from, to) > HEAD_RISE_CM ? 2 * WAY_SECONDS : WAY_SECONDS;
}

/** How far the head turns over, from one posture to the next and between the ends of a movement. Degrees. */
function headSweepOf(last: SolvedPosture | null, ends: readonly SolvedPosture[]): number {
  const path = [last, ...ends].flatMap((done) => (done ? [done.solved.placed] : []));
  return Math.max(0, ...path.slice(1).map((placed, i) => headSweep(path[i]!, placed)));
}

/** What the way from the posture before comes to. */
export function arrivingOf({ profile, totals: { last } }: StepContext, ends: readonly SolvedPosture[]): Arriving {
  const first = ends[0]!;
  return {
    levelChange: levelChange(last, first),
    headDrop: headDrop(last, first),
    headSweep: profile.judges.sweeps ? headSweepOf(last, ends) : 0,
  };
}
