import { getOrCreate, memoize } from '../get-or-create.js';
import { rhythmOf, scaleDose, timeOf } from '../sequence/dose.js';
import type { Chosen, PlannedStep } from '../plan/plan.js';

/** The final rest keeps at least this many seconds, or all it had where that was less (common practice, no source). */
const REST_FLOOR_SECONDS = 300;
/** No dose is cut below this share of what it was. */
const LEAST_SHARE = 0.5;

function isRest({ chosen }: PlannedStep): boolean {
  return chosen?.asana.purposes.rest === 3;
}

const shorterOnes = memoize((_: PlannedStep) => new Map<string, PlannedStep>());

/** The same object for the same share. */
function shorter(step: PlannedStep, share: number, breathSeconds: number): PlannedStep {
  return getOrCreate(shorterOnes(step), `${share} ${breathSeconds}`, () => shortened(step, share, breathSeconds));
}

function shortened(step: PlannedStep, share: number, breathSeconds: number): PlannedStep {
  const { chosen } = step;
  if (!chosen) return step;
  const dose = scaleDose(chosen.dose, share);
  const timed = timeOf(rhythmOf(chosen.asana, chosen.variation), dose, step.step.side, breathSeconds);
  if (timed.seconds >= chosen.timed.seconds) return step;
  // What was said of the dose no longer holds; the dose says it itself.
  const changes = chosen.changes.filter((one) => !chosen.aboutDose.includes(one));
  const next: Chosen = { ...chosen, changes, aboutDose: [], dose, isLonger: false, timed };
  return { ...step, chosen: next, seconds: timed.seconds + chosen.transitionSeconds };
}

/** Someone's steps while they are fitted to the time. */
interface Timely {
  readonly steps: readonly PlannedStep[];
  readonly breathSeconds: number;
}

/** Seconds of a class: everybody waits for the longest in each step. */
export function classSeconds(people: readonly Pick<Timely, 'steps'>[]): number {
  const [first] = people;
  return first ? first.steps.reduce((sum, _, i) => sum + Math.max(...people.map(({ steps }) => steps[i]!.seconds)), 0) : 0;
}

/**
 * Shortens doses, all alike and everybody's, until the class fits; the last step's rest only after the others,
 * and never below its floor. A class that still doesn't fit is returned as short as it gets: the times say so.
 */
export function shortenToFit<P extends Timely>(people: readonly P[], seconds: number): P[] {
  let fitted = [...people];
  const isLong = () => classSeconds(fitted) > seconds;
  for (let share = 0.95; isLong() && share >= LEAST_SHARE - 1e-9; share -= 0.05)
    fitted = people.map((one) => ({
      ...one,
      steps: one.steps.map((step) => (isRest(step) ? step : shorter(step, share, one.breathSeconds))),
    }));
  const over = classSeconds(fitted) - seconds;
  if (over <= 0) return fitted;
  return fitted.map((one) => {
    const last = one.steps.at(-1);
    if (!last?.chosen || !isRest(last)) return one;
    const has = last.chosen.timed.seconds;
    const wanted = Math.max(Math.min(REST_FLOOR_SECONDS, has), has - over);
    return { ...one, steps: [...one.steps.slice(0, -1), shorter(last, wanted / has, one.breathSeconds)] };
  });
}
