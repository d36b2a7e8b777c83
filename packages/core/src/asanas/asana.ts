import type { Side } from '../angles.js';
import type { ArmSpec, LegSpec, PostureSpec, RootSpec, SpineSpec } from '../body/posture.js';
import type { PurposeWeights } from './purposes.js';

export const BASES = [
  'standing', 'standing-wall', 'standing-chair', 'kneeling', 'all-fours', 'seated-floor', 'seated-chair', 'prone', 'supine',
  'side-lying', 'inverted',
] as const; // prettier-ignore
export type Base = (typeof BASES)[number];

/** Groups of angles, as a variation or the other end of a movement writes them. */
export interface AngleGroups {
  readonly root?: RootSpec;
  readonly spine?: SpineSpec;
  readonly legs?: LegSpec;
  readonly legL?: LegSpec;
  readonly legR?: LegSpec;
  readonly arms?: ArmSpec;
  readonly armL?: ArmSpec;
  readonly armR?: ArmSpec;
  readonly contacts?: readonly string[];
}

/** How much: breaths or seconds or minutes for a hold, repetitions for a movement, each times rounds. */
export interface DoseSpec {
  readonly breaths?: number;
  readonly seconds?: number;
  readonly minutes?: number;
  readonly repetitions?: number;
  readonly rounds?: number;
}

/** What geometry can't tell. Scales: `effort` 1 rest to 5 near maximal; `abdominalLoad` 0 rest to 5 full boat. */
export interface DeclaredSpec {
  readonly effort: 1 | 2 | 3 | 4 | 5;
  readonly impact?: 'step' | 'jump';
  /** Seconds that the breath is held in the asana as written. */
  readonly retention?: number;
  readonly abdominalLoad: 0 | 1 | 2 | 3 | 4 | 5;
  /** 1 brisk, 2 fast. */
  readonly headJolt?: 1 | 2;
  readonly eyesClosed?: boolean;
  /** The breath is watched, counted, held or led; a sound or a sigh is not. */
  readonly breathFocus?: true;
  /** Only where the body hangs from its hands or lifts by them: 3. The rest is seen in the contacts. */
  readonly gripForce?: 3;
  /** -1 let go, 1 lift and let go fully, 2 held lift. */
  readonly pelvicFloorCue?: -1 | 1 | 2;
  /** How far the neck is led round while it moves, in degrees, where the ends don't tell it. */
  readonly neckSweep?: number;
  /** A strap, band or weight goes round an arm or leg; one that is only held in the hand does not. */
  readonly limbStrap?: true;
  /** 1 an easy opening, as in chanting; 2 as wide as it goes. */
  readonly jawOpening?: 1 | 2;
}

export interface VariationSpec extends AngleGroups {
  readonly id: string;
  /** What people call it, where the words of its id are no phrase. */
  readonly name?: string;
  /** Whom or what it is for. */
  readonly for: string;
  /** Parts that no longer touch what they touch in the asana. */
  readonly without?: readonly string[];
  /** The variation is this other asana's posture. */
  readonly as?: string;
  /** Only for movements: what differs at the other end. */
  readonly moves?: AngleGroups;
  /** What geometry can't tell, where it differs from the asana's. */
  readonly declared?: Partial<DeclaredSpec>;
  /** Only for breathing practices: another count. */
  readonly pattern?: BreathPattern;
  /** What is seen close up, where it isn't the asana's. */
  readonly detail?: Detail;
}

/** Seconds of each phase of one breath. */
export interface BreathPattern {
  readonly in: number;
  readonly pauseIn: number;
  readonly out: number;
  readonly pauseOut: number;
}

/** What is seen close up of a breath or a small movement, which the figure as a whole can't show. */
export const DETAILS = [
  'nose', 'nostrils-in-turn', 'nostril-left', 'nostril-right', 'lips', 'tongue', 'teeth', 'roar', 'hum', 'hiss', 'feather', 'voice', 'throat', 'sigh', 'gaze', 'eyes', 'chin', 'belly', 'belly-in', 'drawn-up', 'ribs', 'three-parts', 'pelvic-floor', 'heart', 'hand', 'toes', 'ankle', 'toes-up-and-down', 'heel', 'squeeze', 'seat',
  'pelvis-rolls', 'pelvis-rolls-lying', 'turns-of-the-head', 'shoulders',
] as const; // prettier-ignore
export type Detail = (typeof DETAILS)[number];

export interface StepSpec {
  readonly asana: string;
  readonly side: 'both' | Side;
  readonly breath: string;
  readonly how: string;
  /** A variation of that asana, where it isn't the plain one. */
  readonly variation?: string;
}

/** A named way through a step list: another list, or this one with some of its steps told otherwise. */
export interface ListVariationSpec {
  readonly id: string;
  readonly for: string;
  /** The whole of this other list. */
  readonly as?: string;
  /** What stands in place of a step, by its number from 1. */
  readonly instead?: Readonly<Record<number, readonly StepSpec[]>>;
  /** A word to whoever leads it, where the steps stay as they are. */
  readonly how?: string;
}

/**
 * An asana as it is written in a family's file. No safety tags: what is safe is computed.
 * Angles left out are 0; a group that is written replaces the whole group of `like`.
 * In a variation only the angles that differ are written.
 */
export interface AsanaSpec {
  /** kebab-case, stable. */
  readonly id: string;
  readonly name: string;
  /** Sanskrit in IAST letters, or `null`. */
  readonly iast: string | null;
  /** Other words that teachers write. */
  readonly names: readonly string[];
  readonly kids: string;
  readonly base: Base;
  /** Only where left and right differ: the side that the posture shows, and in words. */
  readonly shown?: { readonly side: Side; readonly as: string };
  /** Done once where nobody asks for both sides: a seat or a rest, in which one changes half way, and what changes sides by itself. */
  readonly once?: true;
  readonly purposes: PurposeWeights;
  readonly posture?: Partial<PostureSpec> & { readonly like?: string; readonly contacts: readonly string[] };
  /** Only for movements: the other end, reached on the breath phase in `when`. */
  readonly moves?: AngleGroups & { readonly when: string };
  /** Only for step lists, in place of a posture. */
  readonly steps?: readonly StepSpec[];
  /** Only for step lists. */
  readonly listVariations?: readonly ListVariationSpec[];
  readonly declared: DeclaredSpec;
  /** Goes on moving, though one moment of it is shown: circles, marching. */
  readonly neverStill?: true;
  readonly dose: DoseSpec;
  /** Breathing practices: seconds of each phase. */
  readonly pattern?: BreathPattern;
  /** What is seen close up beside the figure. */
  readonly detail?: Detail;
  readonly breath: { readonly inhale: string; readonly exhale: string };
  readonly variations: readonly VariationSpec[];
  readonly substitutes: readonly string[];
  readonly counterposes: readonly string[];
  readonly cues: readonly string[];
}
