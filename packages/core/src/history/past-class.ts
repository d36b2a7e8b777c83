import type { Side } from '../angles.js';

export const SCALES = ['pain', 'ease', 'breath', 'effort'] as const;
/** Told before and after a class, each 0 (none) to 10 (as much as can be). */
export type Scale = (typeof SCALES)[number];
export type Told = Readonly<Partial<Record<Scale, number>>>;

export const MARK_KINDS = ['stopped', 'pain', 'other', 'fine'] as const;
/** What a teacher saw of someone in a step. */
export type MarkKind = (typeof MARK_KINDS)[number];
export interface StepMark {
  readonly asana: string;
  readonly variation: string;
  readonly side: Side | null;
  readonly mark: MarkKind;
}

/** How someone went home. */
export const FELT = ['worse', 'same', 'better'] as const;
export type Felt = (typeof FELT)[number];

/** One person's part of a class that was held. */
export interface PastClass {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly present: boolean;
  readonly before: Told;
  readonly after: Told;
  /** `null`: not asked. */
  readonly felt: Felt | null;
  readonly marks: readonly StepMark[];
  /** What was proposed after it and decided on, by the proposal's id. */
  readonly decided: readonly string[];
}

/** What counts as a change on a scale of 0 to 10: two points, or 30 % of the first value (Farrar et al., Pain 2001). */
export function isChange(before: number, after: number): boolean {
  const by = Math.abs(after - before);
  return by >= 2 || (before > 0 && by / before >= 0.3 && by >= 1);
}
