import type { Purpose } from '../asanas/purposes.js';
import type { BodyAnswers } from '../body/anthropometry.js';
import { MEASURES, type Facing, type Measure } from '../body/measure.js';
import { KnowledgeError } from '../knowledge-error.js';
import type { SourceMark } from './sources.js';

/** Asked only once another question has one of these answers. */
type OnlyIf = Readonly<Record<string, readonly (string | boolean)[]>>;

/** What an answer may be, in which unit and range, and how it is asked. */
export type ParameterSpec = {
  readonly ask: string;
  readonly onlyIf?: OnlyIf;
  /** How it is measured or tested. */
  readonly how?: string;
  /** A stopwatch beside it: counting up, or down from so many seconds. */
  readonly clock?: 'up' | number;
  /** How many days an answer holds: 0 for how someone feels today; without it, it holds until it is changed (common practice, no source). */
  readonly holdsDays?: number;
} & (
  | {
      readonly kind: 'number';
      readonly unit: string;
      /** Weeks or days since something, which go on by themselves from the day on which they were told. */
      readonly goesOn?: true;
      /** What of a body's own answers it is. */
      readonly ofBody?: keyof BodyAnswers;
      readonly from: number;
      readonly to: number;
      readonly default?: number;
      /** For weeks that lead up to a day instead of counting from one: how many there are on that day. */
      readonly dueAt?: number;
    }
  | { readonly kind: 'choice'; readonly options: readonly string[]; readonly default?: string }
  /** Several of a list. "None" must be said: an unanswered set is missing, not empty. */
  | { readonly kind: 'set'; readonly options: readonly string[] }
  | { readonly kind: 'yesno'; readonly default?: boolean }
);

type AnswerOf<S extends ParameterSpec> = S extends { kind: 'number' }
  ? number
  : S extends { kind: 'choice'; options: readonly (infer O)[] }
    ? O
    : S extends { kind: 'set'; options: readonly (infer O)[] }
      ? readonly (O | 'none')[]
      : boolean;

export type Parameters = Readonly<Record<string, ParameterSpec>>;
/** What was answered; what is missing was not answered. */
export type Answers<P extends Parameters> = { readonly [K in keyof P]?: AnswerOf<P[K]> };
export type AnyAnswers = Readonly<Record<string, number | string | boolean | readonly string[] | undefined>>;

/** One condition of a person with what was answered: `{ id: 'pregnancy', week: 30 }`. */
export type ConditionAnswer = { readonly id: string } & AnyAnswers;

export type Grade = 'avoid' | 'modify' | 'watch';
/** `refer`: no practice today. `clearance`: written clearance first. `note`: shown, stops nothing. */
export type Outcome = 'refer' | 'clearance' | 'note';

export interface ScreeningFinding {
  /** Which answer it rests on. */
  readonly parameter?: string;
  readonly flag?: string;
  readonly text: string;
  readonly outcome: Outcome;
  /** `emergency`: the local emergency number is to be called now. */
  readonly urgency?: RedFlag['urgency'];
  /** Until cleared only the restricted profile: its limits join the condition's own. */
  readonly restricted?: boolean;
}

export interface RedFlag {
  readonly id: string;
  readonly text: string;
  /** `emergency`: call the local emergency number. `today`: medical contact the same day. */
  readonly urgency: 'emergency' | 'today';
}

/** The row sleeps unless every clause holds. */
export type Clause =
  | { readonly measure: Measure; readonly over?: number; readonly under?: number; readonly from?: number; readonly equals?: number }
  | { readonly standing: boolean }
  | { readonly facing: Facing; readonly not?: true };

export type Bound =
  | { readonly atMost: number }
  | { readonly atLeast: number }
  | { readonly atLeast: number; readonly atMost: number }
  | { readonly equals: number };

interface LimitBase {
  readonly id: string;
  readonly grade: Grade;
  readonly reason: string;
  readonly source: readonly SourceMark[];
  readonly when?: readonly Clause[];
  /** How words of the source became this number. */
  readonly reading?: string;
}
export type LimitSpec<Stage extends string = string, School extends string = string> = LimitBase & {
  /** Left out: in every stage. Several: in any of them. */
  readonly stages?: readonly Stage[];
  /** Only when this position of a school is chosen, as `school:position`. */
  readonly school?: `${School}=${string}`;
} & (
    | {
        readonly measure: Measure;
        readonly bound: Bound;
        /** Where the bound depends on an answer; `bound` is for a missing one. */
        readonly boundOf?: (answers: AnyAnswers) => Bound;
      }
    | { readonly measure: 'facing'; readonly bound: { readonly is: readonly Facing[] } }
  );

export interface SchoolSpec {
  readonly name: string;
  readonly positions: Readonly<Record<string, string>>;
  readonly default: string;
  readonly because: string;
}

export interface Condition {
  readonly id: string;
  readonly name: string;
  /** Plain words and abbreviations that people use for it. */
  readonly words: readonly string[];
  readonly parameters: Parameters;
  /** What it makes of the body of whoever has it, whatever they answer. */
  readonly body?: BodyAnswers;
  /** Stage ids with what they mean. */
  readonly stages: Readonly<Record<string, string>>;
  /** Stages that gather others for a limit, or divide one: they tell nothing more of a person. */
  readonly gathering: readonly string[];
  /** The stages and flags that hold for these answers; a missing answer takes the cautious ones. */
  readonly stagesOf: (answers: AnyAnswers) => readonly string[];
  readonly screen: (answers: AnyAnswers) => readonly ScreeningFinding[];
  readonly redFlags: readonly RedFlag[];
  readonly schools: Readonly<Record<string, SchoolSpec>>;
  readonly limits: readonly LimitSpec[];
  readonly favour: readonly Purpose[];
  readonly stopInClass: string;
}

interface ConditionInput<P extends Parameters, Stage extends string, School extends string> {
  readonly id: string;
  readonly name: string;
  readonly words: readonly string[];
  readonly parameters: P;
  readonly body?: BodyAnswers;
  readonly stages: Readonly<Record<Stage, string>>;
  readonly gathering?: readonly NoInfer<Stage>[];
  readonly stagesOf: (answers: Answers<P>) => readonly NoInfer<Stage>[];
  readonly screen: (answers: Answers<P>) => readonly ScreeningFinding[];
  readonly redFlags: readonly RedFlag[];
  readonly schools?: Readonly<Record<School, SchoolSpec>>;
  readonly limits: readonly LimitSpec<NoInfer<Stage>, NoInfer<School>>[];
  readonly favour: readonly Purpose[];
  readonly stopInClass: string;
}

/**
 * A condition as its file writes it: the compiler checks measures, stages, schools and answers.
 * @throws KnowledgeError when two limits share an id, when one names a measure, stage or school that isn't there, or when
 * a school has no such default.
 */
export function condition<const P extends Parameters, const Stage extends string, const School extends string = never>(
  input: ConditionInput<P, Stage, School>,
): Condition {
  const seen = new Set<string>();
  for (const limit of input.limits) {
    if (seen.has(limit.id)) throw new KnowledgeError(`${input.id}/${limit.id}: two limits have this id`);
    seen.add(limit.id);
    checkLimit(limit, input);
  }
  const schools: Readonly<Record<string, SchoolSpec>> = input.schools ?? {};
  for (const [key, school] of Object.entries(schools))
    if (!(school.default in school.positions)) throw new KnowledgeError(`${input.id}: school ${key} has no position "${school.default}"`);
  // The answers are checked against the parameters before they reach these functions (check-answers.ts).
  return { gathering: [], ...input, schools } as unknown as Condition;
}

/** What the compiler checks where a limit is written as it is, and what it can't where one was merged or read. */
function checkLimit(limit: LimitSpec, { id, stages, schools = {} }: Pick<Condition, 'id' | 'stages'> & Partial<Pick<Condition, 'schools'>>): void {
  const refuse = (what: string) => {
    throw new KnowledgeError(`${id}/${limit.id}: ${what}`);
  };
  const isMeasure = (measure: string) => Object.hasOwn(MEASURES, measure);
  if (limit.measure !== 'facing' && !isMeasure(limit.measure)) refuse(`no measure "${limit.measure}"`);
  if ((limit.measure === 'facing') !== 'is' in limit.bound) refuse(`${limit.measure} can't be bound by ${Object.keys(limit.bound).join(', ')}`);
  for (const stage of limit.stages ?? []) if (!(stage in stages)) refuse(`no stage "${stage}"`);
  for (const clause of limit.when ?? [])
    if ('measure' in clause && !isMeasure(clause.measure)) refuse(`no measure "${clause.measure}" in a clause`);
  const [school, position] = limit.school?.split('=') ?? [];
  if (school !== undefined && schools[school]?.positions[position ?? ''] === undefined) refuse(`no school "${limit.school}"`);
}

/** Whether a question matters to what was said so far. What was answered already stays in sight. */
export function isAsked(condition: Condition, name: string, answers: AnyAnswers): boolean {
  const { onlyIf } = condition.parameters[name]!;
  if (onlyIf === undefined || answers[name] !== undefined) return true;
  return Object.entries(onlyIf).every(([other, values]) => {
    const value = answers[other];
    return Array.isArray(value) ? values.some((one) => value.includes(one as string)) : values.includes(value as string | boolean);
  });
}
