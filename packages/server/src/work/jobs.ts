import {
  adaptClass,
  adaptationInCodes,
  bodyOf,
  BodySolver,
  BodySolverCache,
  classJson,
  library,
  measureJson,
  notesReader,
  type AdaptationInCodes,
  type ClassJson,
  type ClassOptions,
  type Participant,
  type Problem,
  type Sequence,
  type StudioWord,
} from '@lotus-steady/core';
import { beatsOf, cueScript, cuesJson, paceOf, type CueOptions, type CuesJson } from '@lotus-steady/core/cues';
import { homeFigures, homePractice, type HomeAsked, type HomePractice } from '@lotus-steady/core/home';
import { lessonFor, type LessonAsked } from '@lotus-steady/core/lessons';
import { homeSheet, lessonFigures, lessonSheet, type Conventions, type PrintOptions, type Sheet } from '@lotus-steady/core/sheets';

/** A full class, and none of its bodies is solved twice. */
const MOST_BODIES = 24;

/** Participants who practise together, what they practise, and what of the answer is wanted. */
export interface PlanJob {
  readonly participants: readonly Participant[];
  readonly sequence: Sequence;
  readonly options: Omit<ClassOptions, 'cache'>;
}
export interface PlanAnswer {
  readonly class: ClassJson;
  /** The same as it is kept. */
  readonly adaptation: AdaptationInCodes;
}

export interface ReadJob {
  readonly text: string;
  readonly words: readonly StudioWord[];
}
export interface ReadAnswer {
  readonly sequence: Sequence | null;
  readonly problems: readonly Problem[];
}

const solvers = new BodySolverCache(library, MOST_BODIES);
const read = notesReader(library);
let usual: BodySolver | undefined;

function adapted({ participants, sequence, options }: PlanJob) {
  const today = options.today ?? null;
  const members = participants.map((participant) => ({ solver: solvers.of(bodyOf(participant, today)), participant }));
  return { sequence, planned: adaptClass(members, sequence, options), minutes: options.minutes ?? sequence.minutes };
}

/** A sequence adapted to people who practise together, as the terminal and the database know it. */
export function plan(job: PlanJob): PlanAnswer {
  const { sequence, planned, minutes } = adapted(job);
  return {
    class: classJson(sequence, planned, minutes),
    adaptation: adaptationInCodes(sequence, planned.plans, minutes),
  };
}

export interface CuesJob extends PlanJob {
  readonly cues: CueOptions;
}
/** What is said in a class, as programs read it. */
export function cues({ cues: asked, ...job }: CuesJob): CuesJson {
  const { sequence, planned, minutes } = adapted(job);
  const { participants } = classJson(sequence, planned, minutes);
  return cuesJson(cueScript(library, beatsOf(participants), { pace: paceOf(job.participants), ...asked }));
}

export interface HomeJob extends PlanJob {
  readonly home: HomeAsked;
}
function homeOf({ home: asked, participants, sequence, options }: HomeJob) {
  const [participant] = participants as [Participant];
  const solver = solvers.of(bodyOf(participant, asked.today));
  // Doses as the text gives them: they are fitted to the time at home.
  const { plans } = adaptClass([{ solver, participant }], { ...sequence, minutes: null }, options);
  return { practice: homePractice(plans[0]!, participant, asked), plan: plans[0]!, solver };
}

/** What the first of the participants does at home. */
export function home(job: HomeJob): HomePractice {
  return homeOf(job).practice;
}

/** A sheet as a PDF; its faces are large, so that only who asks for one waits for them. */
async function printed(sheet: Sheet, print: PrintOptions): Promise<Uint8Array> {
  const { sheetPdf } = await import('@lotus-steady/sheets');
  return sheetPdf(sheet, print);
}

export interface HomeSheetJob extends HomeJob {
  readonly title: string;
  readonly conventions: Conventions;
  readonly print: PrintOptions;
}
/** The same on paper, as a PDF. */
export function homePdf({ title, print, conventions, ...job }: HomeSheetJob): Promise<Uint8Array> {
  const { practice, plan, solver } = homeOf(job);
  const figures = homeFigures(practice, plan, solver);
  return printed(
    homeSheet(practice, title, (step) => figures[step]!, conventions),
    print,
  );
}

export interface LessonSheetJob {
  readonly asked: LessonAsked;
  readonly print: PrintOptions;
}
/** A lesson for children on paper, as a PDF. */
export function lessonPdf({ asked, print }: LessonSheetJob): Promise<Uint8Array> {
  return printed(lessonSheet(lessonFor(library, asked), lessonFigures(library)), print);
}

/** What a text means to a studio. */
export function readText({ text, words }: ReadJob): ReadAnswer {
  const { sequence, problems } = read(text, words);
  return { sequence, problems };
}

export interface SummariseJob {
  readonly texts: readonly string[];
  readonly words: readonly StudioWord[];
}
/** What a list tells of a sequence. */
export interface Summary {
  readonly steps: number;
  readonly unknown: number;
  readonly minutes: number | null;
  readonly tags: readonly string[];
}

export function summarise({ texts, words }: SummariseJob): Summary[] {
  return texts.map((text) => {
    const { sequence } = read(text, words);
    const { steps = [], unknown = [], minutes = null, tags = [] } = sequence ?? {};
    return { steps: steps.length, unknown: unknown.length, minutes, tags };
  });
}

/** An asana's variations, measured on the usual body. */
export function measure(id: string): ReturnType<typeof measureJson>[] {
  const solver = (usual ??= new BodySolver(library));
  const asana = library.get(id);
  return asana.variations.map((variation) => measureJson(solver.formOf(asana, variation)));
}
