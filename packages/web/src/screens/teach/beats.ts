import type { Side } from '@lotus-steady/core';
import type { StepJson } from '@lotus-steady/core';

/** One thing that the class does at a time: a step, or one side of it. */
export interface Beat {
  /** Place of its step in the plan. */
  readonly index: number;
  readonly side: Side | null;
  readonly seconds: number;
}

/** The plan's steps in the order they are taught; a step on both sides is two beats, left out ones are none. */
export function beatsOf(steps: readonly StepJson[]): Beat[] {
  return steps.flatMap((step, index): Beat[] => {
    if (step.to === null || step.seconds <= 0) return [];
    // The right side first: choices made where practice differs.
    if (step.side === 'both') return (['right', 'left'] as const).map((side) => ({ index, side, seconds: step.seconds / 2 }));
    return [{ index, side: step.side === 'none' ? null : step.side, seconds: step.seconds }];
  });
}
