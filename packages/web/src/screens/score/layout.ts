import type { StepJson } from '@lotus-steady/core';
import type { Score } from '../../worker/answers.js';
import type { ScoreStep } from '../../worker/score-steps.js';

/** Pixels of one centimetre of body in the score. */
export const SCALE = 0.72;
/** Height above the ground in cm that every staff shows: someone tall with the arms up. */
export const STAFF_CM = 225;
const ROOM_CM = 14;
const NARROWEST = 108;
/** Pixels of one minute, so that a long rest looks longer than three breaths, up to a bound. */
const PER_MINUTE = 34;
const WIDEST_FOR_TIME = 230;

export interface Column {
  readonly index: number;
  readonly width: number;
  /** Seconds from the start of the class as planned. */
  readonly startsAt: number;
  readonly section: string | null;
}

function widest({ given, adapted }: ScoreStep): number {
  return Math.max(given.widthCm, adapted?.widthCm ?? 0) + ROOM_CM;
}

/**
 * Columns from left to right: wide enough for their figures at `scale` pixels a centimetre, and wider the longer
 * a step takes. Everybody waits for the longest in each step.
 */
export function layOutClass(staves: readonly (readonly ScoreStep[])[], planned: readonly (readonly StepJson[])[], scale: number): Column[] {
  let startsAt = 0;
  let section = '';
  return (staves[0] ?? []).map((_, index) => {
    const seconds = Math.max(...planned.map((steps) => steps[index]!.seconds));
    const own = planned[0]![index]!.section;
    const forTime = Math.min(WIDEST_FOR_TIME, (seconds / 60) * PER_MINUTE + 70);
    const forFigures = Math.max(...staves.map((steps) => widest(steps[index]!))) * scale;
    const column: Column = {
      index,
      startsAt,
      width: Math.round(Math.max(NARROWEST, forTime, forFigures)),
      section: own !== '' && own !== section ? own : null,
    };
    section = own;
    startsAt += seconds;
    return column;
  });
}

/** The columns of one person's score. */
export function layOut({ answer, steps }: Score): Column[] {
  return layOutClass([steps], [answer.participants[0]!.steps], SCALE);
}

/** Seconds as `m:ss`. */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
