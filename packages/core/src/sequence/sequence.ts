import type { DoseSpec } from '../asanas/asana.js';
import type { Asana } from '../asanas/library.js';
import type { WayId } from './ways.js';

/** `none` for an asana that is the same on both sides. */
export type StepSide = 'none' | 'left' | 'right' | 'both';

/** An asana or one of its variations at one place of a sequence, as it was written. */
export interface Step {
  /** Line of the text, from 1. Steps of a salutation written in one line share it. */
  readonly line: number;
  readonly text: string;
  readonly section: string;
  readonly asana: string;
  readonly variation: string | null;
  readonly side: StepSide;
  readonly dose: DoseSpec;
  /** Seconds that the breath is held, where the text says so. */
  readonly retention: number | null;
  readonly breath: 'inhale' | 'exhale' | null;
  /** How to get there, where the text says so. */
  readonly way: WayId | null;
  /** The salutation that this step is a part of. */
  readonly of: string | null;
  /** What the teacher noted for themselves. */
  readonly note: string | null;
}

export interface UnknownLine {
  readonly line: number;
  readonly text: string;
  readonly nearest: readonly { readonly id: string; readonly name: string }[];
}

/** What the reader did on its own account and the teacher should see. */
export interface ReaderNote {
  readonly line: number;
  readonly text: string;
}

export interface Sequence {
  readonly title: string;
  /** Length that the text asks for, in minutes. */
  readonly minutes: number | null;
  /** Room temperature in degrees Celsius, where the text says so. */
  readonly room: number | null;
  /** Whether the teacher means to help with the hands. */
  readonly assists: boolean;
  /** Sound, light and scent: 0 quiet, 1 soft and steady, 2 music with words, changing light or scent, 3 a gong, loud music or incense; `null` where the text says nothing. */
  readonly senses: 0 | 1 | 2 | 3 | null;
  readonly place: string | null;
  /** What the teacher files it under. */
  readonly tags: readonly string[];
  readonly steps: readonly Step[];
  readonly unknown: readonly UnknownLine[];
  readonly notes: readonly ReaderNote[];
}

/** An asana as it is usually done, as a step of its own. */
export function usualStep({ id, dose, usualSide }: Pick<Asana, 'id' | 'dose' | 'usualSide'>, section = ''): Step {
  return {
    line: 1,
    text: '',
    section,
    asana: id,
    variation: null,
    side: usualSide,
    dose,
    retention: null,
    breath: null,
    way: null,
    of: null,
    note: null,
  };
}
