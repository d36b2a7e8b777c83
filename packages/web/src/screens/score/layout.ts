import type { StepJson } from '@lotus-steady/core';
import type { ClassScore } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';
import type { ScoreStep } from '../../worker/score-steps.js';

/** The most that a staff shows above its ground, in cm: someone tall with the arms up. */
const STAFF_CM = 225;
const ROOM_CM = 14;
/** Heights are told to within so much of what is drawn. */
const ABOVE_CM = 12;
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
export function layOut(staves: readonly (readonly ScoreStep[])[], planned: readonly (readonly StepJson[])[], scale: number): Column[] {
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

/** Of each stave in each column whether the one above it shows the same: there it is drawn, once for both. */
export function drawnAbove({ answer, staves }: ClassScore): boolean[][] {
  const figureOf = (stave: number, index: number) => {
    const { people, steps } = staves[stave]!;
    const { verdict, to } = answer.participants[people[0]!]!.steps[index]!;
    return steps[index]!.adapted && to ? `${verdict} ${to.figure}` : null;
  };
  return staves.map(({ steps }, stave) =>
    steps.map((_, index) => {
      const own = stave === 0 ? null : figureOf(stave, index);
      return own !== null && own === figureOf(stave - 1, index);
    }),
  );
}

/** Heights above the ground in cm that a staff is drawn for: what stands on it, never more than `STAFF_CM`. */
export function staffHeights(
  { given, staves }: ClassScore,
  above: readonly (readonly boolean[])[],
): { readonly given: number; readonly staves: readonly number[] } {
  const highest = (pictures: readonly (Picture | null)[]) =>
    Math.ceil(Math.min(STAFF_CM, Math.max(0, ...pictures.map((picture) => (picture ? picture.heightCm + ABOVE_CM : 0)))));
  return {
    given: highest(given.map((step) => step.given)),
    staves: staves.map(({ steps }, stave) => highest(steps.map(({ adapted }, index) => (above[stave]![index] ? null : adapted)))),
  };
}

/** Seconds as `m:ss`. */
export function clock(seconds: number): string {
  const whole = Math.round(seconds);
  return `${Math.floor(whole / 60)}:${String(whole % 60).padStart(2, '0')}`;
}
