import type { BreathPattern, DoseSpec } from '../asanas/asana.js';
import { counted } from '../counted.js';
import { message, sayInEnglish, type Message, type Say } from '../messages/message.js';
import type { StepSide } from './sequence.js';

/** Seconds of one breath where the person's own is not known (common practice, no source). */
export const USUAL_BREATH_SECONDS = 5;

/** A dose as time on one side. */
export interface Timed {
  /** Seconds held still at a stretch; 0 for a movement. */
  readonly holdSeconds: number;
  /** Seconds of one repetition of a movement; `null` for a hold. */
  readonly repSeconds: number | null;
  /** Seconds of the whole step: all rounds and both sides, without the way there. */
  readonly seconds: number;
}

/** What of an asana tells its time: whether it moves, and its breath where that is the practice. */
export interface Rhythm {
  readonly movesWhen: string | null;
  readonly neverStill: boolean;
  readonly pattern: BreathPattern | null;
}

/** A variation may have a breath of its own. */
export function rhythmOf(
  { movesWhen, neverStill }: Pick<Rhythm, 'movesWhen' | 'neverStill'>,
  { pattern }: Pick<Rhythm, 'pattern'>,
): Rhythm {
  return { movesWhen, neverStill, pattern };
}

/** Seconds of one breath of a breathing practice, or this person's own. */
export function breathSecondsOf({ pattern }: Rhythm, breathSeconds: number): number {
  return pattern ? pattern.in + pattern.pauseIn + pattern.out + pattern.pauseOut : breathSeconds;
}

/** How often a step is done: twice where it is done on both sides. */
function sidesOf(side: StepSide): number {
  return side === 'both' ? 2 : 1;
}

/**
 * Time of a dose. Breaths of a movement are its repetitions; a repetition takes a whole breath, in and
 * out. Rounds multiply.
 */
export function timeOf(rhythm: Rhythm, dose: DoseSpec, side: StepSide, breathSeconds = USUAL_BREATH_SECONDS): Timed {
  const breath = breathSecondsOf(rhythm, breathSeconds);
  const times = (dose.rounds ?? 1) * sidesOf(side);
  const moves = rhythm.movesWhen !== null;
  const still = dose.minutes !== undefined ? dose.minutes * 60 : dose.seconds;
  // Marching for a minute keeps no place longer than a breath.
  if (rhythm.neverStill) {
    const seconds = still ?? (dose.repetitions ?? dose.breaths ?? 1) * breath;
    return { holdSeconds: Math.min(breath, seconds), repSeconds: breath, seconds: seconds * times };
  }
  if (still !== undefined) return { holdSeconds: moves ? 0 : still, repSeconds: moves ? breath : null, seconds: still * times };
  const repetitions = dose.repetitions ?? (moves || rhythm.pattern ? dose.breaths : undefined);
  if (repetitions !== undefined) {
    const held = !moves && !rhythm.pattern && dose.repetitions !== undefined;
    return { holdSeconds: held ? breath : 0, repSeconds: breath, seconds: repetitions * breath * times };
  }
  // Rounds alone, as breathing practices are dosed: one breath each.
  const breaths = dose.breaths ?? 1;
  return { holdSeconds: moves ? 0 : breaths * breath, repSeconds: moves ? breath : null, seconds: breaths * breath * times };
}

/** Below so many minutes half a minute is too coarse a step. */
const SHORT_MINUTES = 1.5;

/** A share of a dose, in whole breaths and times, half minutes, and 5 s where it is short; never nothing. */
export function scaleDose(dose: DoseSpec, share: number): DoseSpec {
  const whole = (n: number) => Math.max(1, Math.round(n * share));
  const fives = (seconds: number) => Math.max(10, Math.floor(seconds / 5 + 1e-9) * 5);
  if (dose.minutes !== undefined) {
    const { minutes, ...rest } = dose;
    const halves = Math.floor(minutes * share * 2 + 1e-9) / 2;
    return minutes * share >= SHORT_MINUTES || halves === minutes * share
      ? { ...rest, minutes: halves }
      : { ...rest, seconds: fives(60 * minutes * share) };
  }
  if (dose.seconds !== undefined) return { ...dose, seconds: fives(dose.seconds * share) };
  if (dose.breaths !== undefined && dose.breaths > 1) return { ...dose, breaths: whole(dose.breaths) };
  if (dose.repetitions !== undefined) return { ...dose, repetitions: whole(dose.repetitions) };
  if (dose.rounds !== undefined) return { ...dose, rounds: whole(dose.rounds) };
  return dose;
}

const AMOUNTS = ['breaths', 'repetitions', 'seconds', 'minutes', 'rounds'] as const satisfies readonly (keyof DoseSpec)[];
type AmountUnit = (typeof AMOUNTS)[number];

/** What a dose counts, in the order in which it is told; one round of something else is not. */
function amountsOf(dose: DoseSpec): [AmountUnit, number][] {
  return AMOUNTS.flatMap((unit): [AmountUnit, number][] => {
    const count = dose[unit];
    return count === undefined || (unit === 'rounds' && count <= 1 && Object.keys(dose).length > 1) ? [] : [[unit, count]];
  });
}

const NOTED: Readonly<Record<AmountUnit, (count: number) => string>> = {
  breaths: (count) => counted(count, 'breath'),
  repetitions: (count) => counted(count, 'time'),
  seconds: (count) => `${count} s`,
  minutes: (count) => `${count} min`,
  rounds: (count) => counted(count, 'round'),
};

/** A dose as it is told: `5 breaths`, `6 times, 2 rounds`, `10 min`. */
export function doseTold(dose: DoseSpec): Message {
  return message('dose', { amounts: amountsOf(dose).map(([unit, count]) => message(`dose.${unit}`, { count })) });
}

/** A dose as notes have it: `5 breaths`, `6 times, 2 rounds`, `10 min`. */
export function describeDose(dose: DoseSpec): string {
  return amountsOf(dose)
    .map(([unit, count]) => NOTED[unit](count))
    .join(', ');
}

/** A dose that can't be done, in words, or `null`. */
export function doseProblem(dose: DoseSpec): string | null {
  for (const [key, value] of Object.entries(dose)) {
    if (!(value > 0)) return `${value} ${key}: a step needs more than that`;
    const most = key === 'minutes' ? 60 : key === 'seconds' ? 3600 : 200;
    if (value > most) return `${value} ${key}: expected at most ${most}`;
  }
  return null;
}

/** A dose, as it is told, with the side that it is for. */
export function doseWithSide(dose: string, side: StepSide, say: Say = sayInEnglish): string {
  return say(message('dose.with-side', { dose, side }));
}
