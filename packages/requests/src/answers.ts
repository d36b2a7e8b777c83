import type {
  AdaptationJson,
  Decision,
  PastClass,
  OwnLimit,
  GroupPain,
  Participant,
  PersonJson,
  Pin,
  PropsAtHand,
  SchoolChoices,
} from '@lotus-steady/core';
import type { LoggedClass } from '@lotus-steady/core/formats';
import type { ZoneOffset } from './day.js';

/** What the server answers, as its rows make it and the screens read it. */
export interface Teacher {
  readonly id: number;
  readonly name: string;
  readonly demo: boolean;
}

/** An entry of the trail: what was done to whose record, or to the account, and when. */
export interface AuditEntry {
  readonly id: number;
  readonly personId: number | null;
  /** The person's name while they are here. */
  readonly name: string | null;
  readonly action: string;
  readonly at: string;
}

/** Whether the first account has still to be made, and whether the demo's may be entered by one click. */
export interface InstallationState {
  readonly needsTeacher: boolean;
  /** Whether this is the demo itself. */
  readonly demo: boolean;
  /** Where the demo is, beside an installation of one's own. */
  readonly demoAddress: string | null;
}

/** A line of the list of people: enough to find someone, with the decision for today. */
export interface PersonSummary {
  readonly id: number;
  readonly name: string;
  /** By their names: a list needs nothing else of them. */
  readonly conditionNames: readonly string[];
  readonly decision: Decision;
  /** What stands in the way of practice today, then what has changed since they were last asked: stages entered, readings too old, clearances at their end. */
  readonly news: readonly string[];
  readonly updatedAt: string;
}

/** What a studio decides for everyone in it. */
export interface Studio {
  readonly schools: SchoolChoices;
  readonly limits: readonly OwnLimit[];
  /** By whose clock a day begins (IANA name). */
  readonly timeZone: string;
}

/** A studio with the clock of its zone, so that a browser needs no names of zones. */
export interface StudioAnswer extends Studio {
  readonly offsets: readonly ZoneOffset[];
}

export interface Person extends Omit<Participant, 'id'> {
  readonly id: number;
  readonly name: string;
  readonly note: string;
  /** Of the studio they practise in; not theirs to save. */
  readonly studio: Studio;
  readonly version: number;
  readonly updatedAt: string;
}

export interface SequenceSummary {
  readonly id: number;
  readonly title: string;
  readonly steps: number;
  readonly unknown: number;
  readonly minutes: number | null;
  /** What its `tags:` line files it under. */
  readonly tags: readonly string[];
  readonly updatedAt: string;
}

/** A sequence as it was written; what it means is read from its text. */
export interface StoredSequence {
  readonly id: number;
  readonly title: string;
  readonly text: string;
  readonly version: number;
  readonly updatedAt: string;
}

/** A sequence's text as it once was. */
export interface SequenceVersion {
  readonly version: number;
  readonly text: string;
  readonly savedAt: string;
}

/** A class that was kept, as a list shows it. */
export interface ClassSummary {
  readonly id: number;
  /** `null` when its sequence is there no more. */
  readonly sequenceId: number | null;
  readonly title: string;
  readonly day: string;
  readonly personIds: readonly number[];
  readonly figures: number;
  readonly shared: PropsAtHand | null;
  readonly pins: readonly Pin[];
}

/** The same with its text and everybody's part. */
export interface StoredClass extends ClassSummary {
  readonly text: string;
  readonly libraryVersion: string;
  readonly participants: readonly PersonJson[];
}

/** One person's part of a class that was held, as it is kept. */
export interface LogPart extends Omit<PastClass, 'day'> {
  readonly personId: number;
  readonly note: string;
}

/** What happened in a class. */
export interface ClassLog extends Omit<LoggedClass, 'people'> {
  readonly key: string;
  readonly people: readonly LogPart[];
  readonly version: number;
}

/** A line of the class register. */
export interface RegisterLine {
  readonly key: string;
  readonly title: string;
  readonly day: string;
  /** Between start and end; `null` where the clock was not used. */
  readonly minutes: number | null;
  readonly present: number;
  readonly incident: boolean;
  /** `null` where too few told it not to be known by it. */
  readonly pain: GroupPain | null;
}

/** One class of one person's history. */
export interface HistoryEntry extends PastClass {
  readonly key: string;
  readonly title: string;
  readonly note: string;
}

/** An adaptation that was kept, with the versions of all that made it. */
export interface StoredPlan {
  readonly id: number;
  readonly sequenceId: number;
  readonly personId: number;
  readonly sequenceVersion: number;
  readonly personVersion: number;
  readonly libraryVersion: string;
  readonly answer: AdaptationJson;
  readonly createdAt: string;
}

/** The participant that the core knows: a person without name and note, with what their studio decides. */
export function toParticipant({
  id,
  body,
  conditions,
  props,
  schools,
  clearances,
  ownLimits,
  loosened,
  leftOut,
  preferences,
  breathSeconds,
  studio,
}: Person): Participant {
  return {
    id: String(id), body, conditions, props, clearances, loosened, leftOut, preferences, breathSeconds,
    schools: { ...studio.schools, ...schools },
    ownLimits: [...studio.limits, ...ownLimits],
  }; // prettier-ignore
}
