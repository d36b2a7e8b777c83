import type { Message } from '../messages/message.js';
import type { MeasureBy } from '../body/measure.js';
import type { DeclaredSpec, DoseSpec } from '../asanas/asana.js';
import type { Asana, Variation } from '../asanas/library.js';
import type { Purpose } from '../asanas/purposes.js';
import type { Timed } from '../sequence/dose.js';
import type { Preference } from '../participants/preference.js';
import type { Step } from '../sequence/sequence.js';
import type { WayId } from '../sequence/ways.js';
import type { Screening } from '../screening/screen.js';
import type { Finding } from './finding.js';
import type { SolvedPosture } from '../solving/solved-posture.js';

export type Verdict = 'keep' | 'modify' | 'substitute' | 'omit';

/** What has gone before in the class, as far as limits look back: minutes, and trips to the floor. */
export interface RunningTotals extends Readonly<Record<MeasureBy<'totals'>, number>> {
  readonly last: SolvedPosture | null;
}

/** A way to get to a posture that isn't the one that most would take. It is told beside a verdict, and never part of one. */
export interface WayIn {
  readonly ways: readonly WayId[];
  /** What stands against the way that most would take. */
  readonly reasons: readonly Finding[];
}

/** One way to do a step, worked out for one person at its place in the class. */
export interface Chosen {
  readonly asana: Asana;
  readonly variation: Variation;
  /** What it looks like to a teacher: two people with the same figure need one cue. */
  readonly figure: string;
  readonly ends: readonly SolvedPosture[];
  readonly declared: DeclaredSpec;
  /** What differs from the given step. */
  readonly changes: readonly Message[];
  /** Those of them that speak of the dose. */
  readonly aboutDose: readonly Message[];
  readonly dose: DoseSpec;
  /** Whether it is done longer than given, as was decided before. */
  readonly isLonger: boolean;
  readonly timed: Timed;
  readonly retention: number;
  /** How to get there, where a special way is taken. */
  readonly ways: readonly WayId[];
  /** Why, where nobody asked for a special way; `null` where most would take the same. */
  readonly wayIn: WayIn | null;
  readonly transitionSeconds: number;
  /** Purposes of weight 3 that are lost. */
  readonly drops: readonly Purpose[];
  /** Cautions that go with it. */
  readonly watch: readonly Finding[];
  readonly cost: number;
  /** What it would cost at the least, wherever in a class it stood. */
  readonly minCost: number;
}

export interface PlannedStep {
  readonly step: Step;
  /** The step as it was given, at this place. */
  readonly given: Chosen;
  readonly verdict: Verdict;
  /** `null` when it is left out. */
  readonly chosen: Chosen | null;
  /** Why it is not kept: what the given step breaks, most severe first. */
  readonly reasons: readonly Finding[];
  /** Seconds of the step as planned, with the way there. */
  readonly seconds: number;
  /** What the class asked beyond this person's own limits; `null` where nothing. */
  readonly together: Message | null;
  /** Why a way was taken that isn't the closest one here, for the sake of what follows; `null` where nothing. */
  readonly ahead: Message | null;
}

export interface SessionFinding {
  readonly measure: string;
  readonly value: number;
  readonly unit: string;
  readonly bound: string;
  readonly met: boolean;
  readonly grade: Finding['grade'];
  readonly text: string;
  readonly limit: string;
}

export interface Inserted {
  /** Line after which it goes. */
  readonly after: number;
  readonly asana: string;
  readonly name: Message;
  readonly seconds: number;
  /** What it does good for, or what a limit asks for. */
  readonly why: 'counterpose' | 'rest' | Message;
  /** Only proposed: it takes no time of the plan. */
  readonly proposed?: true;
}

export interface PersonPlan {
  readonly id: string;
  readonly preferences: readonly Preference[];
  readonly screening: Screening;
  /** Opposed directions of its conditions, in words. */
  readonly conflicts: readonly Message[];
  readonly steps: readonly PlannedStep[];
  readonly inserted: readonly Inserted[];
  readonly session: readonly SessionFinding[];
  /** Seconds of the whole class as given, and as planned. */
  readonly before: number;
  readonly after: number;
}
