import type { DoseSpec } from '../asanas/asana.js';
import type { Problem } from '../problem.js';
import type { Sequence, StepSide } from '../sequence/sequence.js';
import type { StudioWord } from './studio-words.js';
import type { Span } from './tokens.js';

export type LineKind = 'step' | 'many' | 'way' | 'repeat' | 'note' | 'heading' | 'ask';

/** A posture as a line names it; the dose and the side are what the words say. */
export interface ReadStep {
  readonly asana: string;
  readonly variation: string | null;
  readonly side: StepSide;
  readonly dose: DoseSpec;
  /** The salutation that it is a part of. */
  readonly of: string | null;
}

export interface Candidate {
  readonly asana: string;
  readonly variation: string | null;
  /** 0 to 1. */
  readonly likely: number;
}

/** How one line was understood. */
export interface ReadLine {
  /** From 1. */
  readonly line: number;
  readonly text: string;
  readonly kind: LineKind;
  /** How sure the reader is, 0 to 1. */
  readonly sure: number;
  readonly steps: readonly ReadStep[];
  /** Other postures that it may be, likeliest first. */
  readonly candidates: readonly Candidate[];
  /** Parts of the text and what each was taken for, in order, by characters. */
  readonly spans: readonly Span[];
  /** Words that tell something and that nothing explains. */
  readonly unread: readonly string[];
  /** The studio's own word that settled it. */
  readonly word: StudioWord | null;
  /** The line as several, one posture each, where it is asked about and may name more than one. */
  readonly apart: readonly string[];
  /** An earlier line whose dose or rest it seems to be, where that is asked. */
  readonly joins: number | null;
}

export interface ReadNotes {
  readonly sequence: Sequence;
  readonly lines: readonly ReadLine[];
}

export type ReadResult =
  | ({ readonly problems: readonly [] } & ReadNotes)
  | { readonly sequence: null; readonly lines: readonly []; readonly problems: readonly Problem[] };
