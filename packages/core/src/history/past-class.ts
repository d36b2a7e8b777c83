import type { Side } from '../angles.js';
import { message, type Message } from '../messages/message.js';

export const SCALES = ['pain', 'ease', 'breath', 'effort'] as const;
/** Told before and after a class, each 0 (none) to 10 (as much as can be). */
export type Scale = (typeof SCALES)[number];
export function scaleTold(scale: Scale): Message {
  return message(`scale.${scale}`);
}

/** Where pain is, from the head down. */
export const PLACES = ['head', 'neck', 'shoulders', 'hands', 'upper-back', 'low-back', 'belly', 'hips', 'knees', 'feet'] as const;
export type Place = (typeof PLACES)[number];
export function placeTold(place: Place): Message {
  return message(`place.${place}`);
}

/** What somebody told before or after a class. */
export type Told = Readonly<Partial<Record<Scale, number>>> & { readonly where?: Place };

/** Whether something is told on such a scale. */
export function isPoints(value: unknown): value is number {
  return Number.isInteger(value) && Number(value) >= 0 && Number(value) <= 10;
}

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

/** Left and right compared: `alike`, or the side that was the harder one. */
export const SIDES_COMPARED = ['left', 'alike', 'right'] as const;
export type SideCompared = (typeof SIDES_COMPARED)[number];

/** One person's part of a class that was held, or a day on which they practised at home. */
export interface PastClass {
  /** YYYY-MM-DD. */
  readonly day: string;
  readonly atHome?: boolean;
  readonly present: boolean;
  readonly before: Told;
  readonly after: Told;
  /** `null`: not asked. */
  readonly felt: Felt | null;
  /** `null`, or left out: not asked. */
  readonly harder?: SideCompared | null;
  readonly marks: readonly StepMark[];
  /** What was proposed after it and decided on, by the proposal's id. */
  readonly decided: readonly string[];
}

/** What counts as a change on a scale of 0 to 10: two points, or 30 % of the first value (Farrar et al., Pain 2001). */
export function isChange(before: number, after: number): boolean {
  const by = Math.abs(after - before);
  return by >= 2 || (before > 0 && by / before >= 0.3 && by >= 1);
}

/** A scale as those told it who told it before and after, and for how many it was less, or more, by as much as counts as a change. */
export function changesOf(parts: readonly Pick<PastClass, 'before' | 'after'>[], scale: Scale) {
  const told = parts.flatMap((part) => {
    const [before, after] = [part.before[scale], part.after[scale]];
    return before === undefined || after === undefined ? [] : [{ before, after }];
  });
  const changed = told.filter(({ before, after }) => isChange(before, after));
  const less = changed.filter(({ before, after }) => after < before).length;
  return { before: told.map((one) => one.before), after: told.map((one) => one.after), less, more: changed.length - less };
}

/** How pain went in a class as a whole: nobody is named, and nobody can be told apart. */
export interface GroupPain {
  /** How many told it before and after. */
  readonly asked: number;
  /** Means, 0 to 10. */
  readonly before: number;
  readonly after: number;
  /** For how many it was less, or more, by as much as counts as a change. */
  readonly less: number;
  readonly more: number;
}

/** Of fewer people a mean tells who said what. */
const FEWEST = 3;

/** The pain of those who told it before and after; `null` where they are too few not to be known by it. */
export function painOf(parts: readonly Pick<PastClass, 'before' | 'after'>[]): GroupPain | null {
  const { before, after, less, more } = changesOf(parts, 'pain');
  const asked = before.length;
  if (asked < FEWEST) return null;
  const mean = (values: readonly number[]) => values.reduce((sum, one) => sum + one, 0) / asked;
  return { asked, before: mean(before), after: mean(after), less, more };
}
