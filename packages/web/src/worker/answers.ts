import type {
  AdaptationJson, Candidate, ClassJson, Figure, Joint, LimitJson, Measure, Participant, Pin, Problem, PropsAtHand, ReadLine as CoreLine, Screening, Sequence, SetupItem, StepJson, StepSide,
} from '@lotus-steady/core'; // prettier-ignore
import type { HomePractice } from '@lotus-steady/core/home';
import type { Picture } from './figure-cache.js';
import type { ScoreStep } from './score-steps.js';

export interface ReadLine {
  readonly line: number;
  readonly name: string;
  readonly asana: string;
  readonly variation: string | null;
  /** The form's name; `null` for the asana as it is usually done. */
  readonly form: string | null;
  /** Names its figure in `figures`. */
  readonly figure: string;
}

/** A line as the reader understood it; what it may be instead has its name and its figure. */
export type NotesLine = Omit<CoreLine, 'candidates'> & {
  readonly candidates: readonly (Candidate & { readonly name: string; readonly form: string | null; readonly figure: string | null })[];
};

/** What a text means, with a small figure for each step. */
export type ReadText =
  | {
      readonly sequence: Sequence;
      readonly lines: readonly ReadLine[];
      readonly notes: readonly NotesLine[];
      readonly figures: Readonly<Record<string, Figure>>;
      readonly problems: readonly [];
    }
  | {
      readonly sequence: null;
      readonly lines: readonly [];
      readonly notes: readonly [];
      readonly figures: Readonly<Record<string, Figure>>;
      readonly problems: readonly Problem[];
    };

export interface Score {
  readonly answer: AdaptationJson;
  readonly steps: readonly ScoreStep[];
}

/** A practice for home, its figures, and the file to take along. */
export interface Home {
  readonly practice: HomePractice;
  readonly figures: readonly Figure[];
  readonly html: string;
}

/** A step of somebody invented, and what is right about it. */
export interface TrainingCase {
  readonly task: string;
  readonly level: number;
  /** How many tasks there are. */
  readonly of: number;
  readonly client: { readonly name: string; readonly about: string };
  readonly asana: string;
  readonly dose: string;
  readonly side: StepSide;
  readonly picture: Picture;
  readonly step: StepJson;
  /** Measures to choose the reason from. */
  readonly options: readonly Measure[];
}

/** How a text would go for people who practise together. */
export interface Fits {
  readonly minutes: number;
  readonly people: readonly { readonly changed: number; readonly out: number }[];
}

/** What a teacher asks of a class. */
export interface ClassAsked {
  readonly figures: number;
  readonly pins: readonly Pin[];
  /** Props that the class shares; `null` where everybody has their own. */
  readonly shared: PropsAtHand | null;
}

/** A class on one sequence. People of the same limits whose steps are all alike share a stave. */
export interface ClassScore {
  readonly answer: ClassJson;
  /** The sequence as given, on nobody's body in particular. */
  readonly given: readonly ScoreStep[];
  readonly staves: readonly { readonly people: readonly number[]; readonly steps: readonly ScoreStep[] }[];
}

/** A step of someone: by themselves, or among others in a class. */
export interface StepAsked {
  /** The sequence as it is now. */
  readonly text: string;
  readonly people: readonly Participant[];
  /** Their place among the people. */
  readonly whose: number;
  /** `null` for someone by themselves. */
  readonly asked: ClassAsked | null;
  readonly index: number;
  /** The day that it is judged for. */
  readonly day: string;
}

export interface OtherWay {
  readonly figure: string;
  readonly asana: string;
  readonly name: string;
  readonly variation: string;
  readonly changes: readonly string[];
  readonly cost: number;
  readonly drawn: readonly Figure[];
  readonly setup: readonly SetupItem[];
}

/** What a person's answers mean. */
export interface Meaning {
  readonly screening: Screening;
  readonly limits: readonly (LimitJson & {
    /** Whether it may be set aside with a reason. */
    readonly loose: boolean;
    /** Conditions that ask for it. */
    readonly asking: readonly string[];
  })[];
  readonly conflicts: readonly string[];
  readonly say: string | null;
}

interface StandingFigure {
  readonly figure: Figure;
  readonly at: Readonly<Record<Joint, readonly [number, number]>>;
}
export interface StandingFigures {
  readonly side: StandingFigure;
  readonly front: StandingFigure;
}
