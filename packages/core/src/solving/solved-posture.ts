import type { Asana, Variation } from '../asanas/library.js';
import type { ContactLoad } from '../body/loads.js';
import type { MeasuredPosture } from '../body/measure.js';
import type { Solved } from '../body/solved.js';
import type { Level } from '../sequence/ways.js';

/** Rounded values of measures, each at its `measureIndex`; NaN where one isn't known. */
export type Row = Float64Array;

/** What is kept of a posture's measures: where its weight rests, without the points and forces that it was worked out from. */
export interface Measured extends Omit<MeasuredPosture, 'loads' | 'centreOfMass'> {
  readonly shares: readonly Pick<ContactLoad, 'contact' | 'share'>[];
}

/** One posture as this body does it, with all that follows from it. */
export interface SolvedPosture {
  /** Its own number among all that were done. */
  readonly id: number;
  readonly solved: Solved;
  readonly measured: Measured;
  /** Its measures as they are set against bounds. */
  readonly row: Row;
  readonly level: Level;
}

/** A way to do an asana as this body does it: the posture and, for a movement, its other end. */
export interface SolvedVariation {
  readonly asana: Asana;
  readonly variation: Variation;
  readonly ends: readonly SolvedPosture[];
}
