import { rhythmOf, scaleDose, timeOf } from '../sequence/dose.js';
import type { Chosen, PlannedStep } from './plan.js';

/** The final rest keeps at least this many seconds, or all it had where that was less (common practice, no source). */
const REST_FLOOR_SECONDS = 300;
/** No dose is cut below this share of what it was. */
const LEAST_SHARE = 0.5;

function isRest({ chosen }: PlannedStep): boolean {
  return chosen?.asana.purposes.rest === 3;
}

function shorter(step: PlannedStep, share: number, breathSeconds: number): PlannedStep {
  const { chosen } = step;
  if (!chosen) return step;
  const dose = scaleDose(chosen.dose, share);
  const timed = timeOf(rhythmOf(chosen.asana, chosen.variation), dose, step.step.side, breathSeconds);
  if (timed.seconds >= chosen.timed.seconds) return step;
  const next: Chosen = { ...chosen, dose, timed };
  return { ...step, chosen: next, seconds: timed.seconds + chosen.transitionSeconds };
}

/**
 * Shortens doses, all alike, until the class fits; the last step's rest only after the others, and never
 * below its floor. A class that still doesn't fit is returned as short as it gets: the times say so.
 */
export function shortenToFit(steps: readonly PlannedStep[], seconds: number, breathSeconds: number): PlannedStep[] {
  const total = (some: readonly PlannedStep[]) => some.reduce((sum, step) => sum + step.seconds, 0);
  let fitted = [...steps];
  for (let share = 0.95; total(fitted) > seconds && share >= LEAST_SHARE - 1e-9; share -= 0.05)
    fitted = steps.map((step) => (isRest(step) ? step : shorter(step, share, breathSeconds)));
  const last = fitted.at(-1);
  if (total(fitted) <= seconds || !last?.chosen || !isRest(last)) return fitted;
  const wanted = Math.max(Math.min(REST_FLOOR_SECONDS, last.chosen.timed.seconds), last.chosen.timed.seconds - (total(fitted) - seconds));
  return [...fitted.slice(0, -1), shorter(last, wanted / last.chosen.timed.seconds, breathSeconds)];
}
