import type { Measure } from '../body/measure.js';
import { measureIndex } from './facts.js';
import type { SolvedPosture } from './solved-posture.js';

/** How far joints go between the two ends of a movement, in degrees. */
export interface Sweep {
  readonly neck: number;
  readonly lowBack: number;
  /** Of a knee that bears in either end. */
  readonly loadedKnee: number;
}

const NECK = (['cervicalFlexion', 'cervicalRotation', 'cervicalLateral'] as const).map(measureIndex);
const LOW_BACK = (['lumbarFlexion', 'spineRotation', 'spineLateral'] as const).map(measureIndex);
const [KNEE, KNEE_LOADED] = [measureIndex('kneeFlexion'), measureIndex('kneeFlexionLoaded')];

/** A foot that carries so much of the body loads its knee. */
const FOOT_BEARS = 0.2;
const FOOT = measureIndex('footLoad');

/** `ledRound` is how far the neck is led round where the ends don't tell it. A movement of one end comes to it from the middle. */
export function sweepOf([one, other]: readonly SolvedPosture[], ledRound = 0): Sweep {
  const between = (place: number) => Math.abs((one?.row[place] ?? 0) - (other?.row[place] ?? 0)) || 0;
  const bears = [one, other].some((end) => end && (end.row[KNEE_LOADED]! > 0 || end.row[FOOT]! >= FOOT_BEARS));
  return {
    neck: Math.max(ledRound, ...NECK.map(between)),
    lowBack: Math.max(...LOW_BACK.map(between)),
    loadedKnee: other && bears ? between(KNEE) : 0,
  };
}

/** Which joint each speed is of. */
export const SPEEDS = { neckSpeed: 'neck', lumbarSpeed: 'lowBack', kneeSpeedLoaded: 'loadedKnee' } as const satisfies Partial<
  Record<Measure, keyof Sweep>
>;

/** Mean speeds of a movement, in degrees a second; a repetition goes there and back, and what is held takes for ever. The peak of a smooth one is some 1.6 times as high. */
export function speedsOf(sweep: Sweep, repSeconds: number): Record<keyof typeof SPEEDS, number> {
  const speed = (degrees: number) => (degrees === 0 ? 0 : degrees / (repSeconds / 2));
  return { neckSpeed: speed(sweep.neck), lumbarSpeed: speed(sweep.lowBack), kneeSpeedLoaded: speed(sweep.loadedKnee) };
}

/** Seconds of a repetition in which a joint goes no faster than that. */
export function secondsAtMost(degrees: number, speed: number): number {
  return (2 * degrees) / speed;
}
