import {
  adaptClass, adaptingClass, bestFigures, bestView, figureSvg, assess, betterOrder, bodyOf, buildSequence, PlanningCache, classJson, reviewOf, conflictTold, drawFigure, editStep, formName, inRoom, jointPoints, judgeLibrary, library, limitJson, limitsFor, mayLoosen, mentionedConditions, mergeLimits, nameSearch, notesReader, OWN, otherWays, readLetter, setupOf, stepFigures, strainsOf, BodySolver, BodySolverCache, understood, whatToSay,
  type Answered, type StepSide, type StudioWord, type AsanaVerdict, type BetterOrder, type BodyAnswers, type BuildAsked, type ClassOptions, type ClassPlan, type Review, type Edited, type Figure, type Member, type Participant, type LetterReading, type PersonPlan, type Pin, type Place, type StepMark, type Strain,
  type Sequence, type StepEdit,
} from '@lotus-steady/core'; // prettier-ignore
import type { Beat, Cue, CueOptions, Listener } from '@lotus-steady/core/cues';
import type { HomeAsked } from '@lotus-steady/core/home';
import type { Conventions } from '@lotus-steady/core/sheets';
import type { Lesson, LessonAsked, LessonForChild } from '@lotus-steady/core/lessons';
import type { TaskProgress, TrainingClient } from '@lotus-steady/core/training';
import { expose } from 'comlink';
import { asanaPage, entryOf, type AsanaEntry, type AsanaPage } from './asana-page.js';
import { EarlyParts } from './early-parts.js';
import { FigureCache, smallFigure, type Pair } from './figure-cache.js';
import { Sender } from './delta-message.js';
import type {
  ClassAsked,
  ClassScore,
  Fits,
  Home,
  Meaning,
  NotesLine,
  OtherWay,
  ReadLine,
  ReadText,
  StandingFigures,
  StepAsked,
  TrainingCase,
} from './answers.js';
import { packScore, type ScoreDelta } from './score-delta.js';
import { alike, givenStep, inSharingOrder, scoreStep } from './score-steps.js';
import { PostureStore } from './posture-store.js';
import { CooperativeRunner } from './cooperative-runner.js';
import { say } from '../words/say.js';
import { setLanguage, type Texts } from '../words/t.js';
import { icuFormat } from '../words/tell.js';

const bodies = (members: readonly Member[]) => members.map(({ solver }) => solver);

const search = nameSearch(library);
const reader = notesReader(library);
/** The studio's own words, as long as its teacher is signed in. */
let words: readonly StudioWord[] = [];
const read = (text: string) => reader(text, words);
const anySolver = new BodySolver(library);
/** Going back and forth between the people of a class is common. */
const solvers = new BodySolverCache(library, 24);
/** The name of this file tells the version of the core, but where it is being developed. */
const store = new PostureStore(import.meta.env.DEV ? String(Date.now()) : import.meta.url);

const pictures = new FigureCache();
const runner = new CooperativeRunner();
/** Of each score the page gets what it doesn't hold yet. */
const sender = new Sender();

function parse(text: string): Sequence {
  return understood(read(text));
}

/** What was worked out for classes so far: a change asks only for what it touches. */
const cache = new PlanningCache();

function membersOf(participants: readonly Participant[], today: string): Member[] {
  return participants.map((participant) => ({ solver: solvers.of(bodyOf(participant, today)), participant }));
}

function optionsOf({ shared, ...options }: ClassAsked, today: string): ClassOptions {
  return { ...options, ...(shared && { props: shared }), cache, today };
}

/** What a score shows of a class. */
function scoreOf(sequence: Sequence, plan: ClassPlan, members: readonly Member[], today: string): ClassScore {
  const limits = members.map(({ participant }) => limitsFor(participant, today).map(({ id }) => id).join()); // prettier-ignore
  const staves = inSharingOrder(alike(plan.plans, limits), plan.plans).map((people) => ({
    people,
    steps: plan.plans[people[0]!]!.steps.map((step) => scoreStep(pictures, members[people[0]!]!.solver, step)),
  }));
  const given = plan.plans[0]!.steps.map(({ step }) => givenStep(pictures, anySolver, step));
  return { answer: classJson(sequence, plan, sequence.minutes, say), given, staves };
}

function* collected<Bit>(bits: Iterable<Bit>): Generator<Bit, Bit[]> {
  const all: Bit[] = [];
  for (const bit of bits) {
    all.push(bit);
    yield bit;
  }
  return all;
}

const core = {
  /** Tells everything from here on in the language of the page. */
  speak(tag: string, texts: Texts): void {
    setLanguage({ tag, texts, format: icuFormat(tag) });
  },

  /** Asanas whose name, in any language of the library, holds these words; all of them for no words. */
  find(words: string): AsanaEntry[] {
    return search(words).map(entryOf);
  },

  /** A text's steps as a JSON file. */
  async sequenceFile(text: string): Promise<string> {
    const { sequenceFile } = await import('@lotus-steady/core/formats');
    return JSON.stringify(sequenceFile(parse(text)), null, 2);
  },

  /** A small figure of an asana; without a variation as it is usually done. */
  thumb(id: string, variation: string | null): Figure | null {
    const asana = library.get(id);
    if (!asana.variations[0]) return null;
    return smallFigure(anySolver, anySolver.form(id, variation), 'none');
  },

  /** A picture that an answer promised. */
  picture(key: string): Figure[] {
    return pictures.drawn(key);
  },

  /** The same from two sides. */
  pair(key: string): Pair {
    return pictures.drawnPair(key);
  },

  /** Everything about one asana, as this body does it. */
  asana(id: string, body: BodyAnswers): AsanaPage | null {
    const asana = library.find(id);
    return asana ? asanaPage(library, solvers.of(body), asana) : null;
  },

  /** One form from any side, in degrees on the way from the side to the front; mirrored on demand. */
  turned(id: string, variation: string, body: BodyAnswers, yaw: number, mirrored: boolean): Figure[] {
    const solver = solvers.of(body);
    const form = solver.form(id, variation);
    const { shown } = form.asana;
    const side = mirrored && shown ? (shown.side === 'left' ? 'right' : 'left') : 'none';
    return stepFigures(solver, form, side, { azimuth: yaw, elevation: bestView(form).elevation });
  },

  /** A standing figure from side and front with its joints, to draw ranges on. */
  standing(): StandingFigures {
    const { placed } = anySolver.form('tadasana').ends[0]!.solved;
    const seen = (view: 'side' | 'front') => {
      const figure = drawFigure(placed, view);
      return { figure, at: jointPoints(placed, figure) };
    };
    return { side: seen('side'), front: seen('front') };
  },

  /** Ids of the conditions that a text speaks of. */
  mentioned(text: string): string[] {
    return mentionedConditions(text).map(({ id }) => id);
  },

  /** What a letter says of somebody; nothing of it is kept. */
  letter(text: string): LetterReading {
    return readLetter(text);
  },

  /** Whether someone may practise on a day, and within which limits. */
  meaning(answered: Answered, today: string): Meaning {
    const { screening, limits, conflicts } = assess(answered, today);
    const toSay = whatToSay({ screening });
    return {
      screening,
      limits: mergeLimits(limits).map(({ strictest, by }) => ({
        ...limitJson(strictest),
        loose: mayLoosen(strictest.spec) && strictest.condition !== OWN,
        asking: [...new Set(by.map(({ condition }) => condition))],
      })),
      conflicts: conflicts.map((conflict) => say(conflictTold(conflict))),
      say: toSay && say(toSay),
    };
  },

  /** What every asana means for one person. */
  async verdicts(participant: Participant, today: string): Promise<AsanaVerdict[]> {
    const solver = solvers.of(bodyOf(participant, today));
    const judged = collected(judgeLibrary(solver, participant, { today, cache }));
    // In turns with the figures on the screen; nothing stops it.
    return (await runner.work(judged, judged, undefined, (go) => store.around([solver], go))) ?? [];
  },

  /** Gets ready to read notes, before the first are typed or pasted. */
  async rehearse(): Promise<void> {
    const rehearsal = reader.rehearse();
    await runner.work(rehearsal, rehearsal);
  },

  read(text: string): ReadText {
    const result = read(text);
    if (!result.sequence) return { sequence: null, lines: [], notes: [], figures: {}, problems: result.problems };
    const figures: Record<string, Figure> = {};
    const shownAs = (
      asana: string,
      variation: string | null,
      side: StepSide,
    ): { name: string; form: string | null; figure: string | null } => {
      const { name, variations, steps } = library.get(asana);
      const formed = variations.find(({ id }) => id === variation);
      const form = formed && formed.id !== 'plain' ? formName(formed) : null;
      // A salutation is shown by the step in its middle.
      const drawn = variations[0] ? { asana, variation } : steps[Math.floor(steps.length / 2)];
      if (!drawn) return { name, form, figure: null };
      const key = `${drawn.asana} ${drawn.variation ?? null} ${side}`;
      figures[key] ??= smallFigure(anySolver, anySolver.form(drawn.asana, drawn.variation ?? null), side);
      return { name, form, figure: key };
    };
    const lines = result.sequence.steps.map(({ line, asana, variation, side }): ReadLine => {
      const { figure, ...called } = shownAs(asana, variation, side);
      return { line, asana, variation, ...called, figure: figure ?? '' };
    });
    const notes = result.lines.map((line): NotesLine => ({
      ...line,
      candidates: line.candidates.map((one) => ({ ...one, ...shownAs(one.asana, one.variation, 'none') })),
    }));
    return { sequence: result.sequence, lines, notes, figures, problems: [] };
  },

  /** From now on texts are read with these words of the studio's own; `false` where they were before. */
  useWords(next: readonly StudioWord[]): boolean {
    const isNew = JSON.stringify(next) !== JSON.stringify(words);
    words = next;
    return isNew;
  },

  /** A class for people, from nothing. */
  build(participants: readonly Participant[], asked: BuildAsked, today: string): string {
    return buildSequence(anySolver, read, membersOf(participants, today), { ...asked, today });
  },

  /** What one person does at home, as data and as a file that needs nothing else. */
  async home(text: string, participant: Participant, asked: HomeAsked, title: string, conventions: Conventions): Promise<Home> {
    const { homeFigures, homeHtml, homePractice } = await import('@lotus-steady/core/home');
    const members = membersOf([participant], asked.today);
    const [{ solver }] = members as [Member];
    const { plans } = await store.around([solver], () =>
      adaptClass(members, { ...parse(text), minutes: null }, { today: asked.today, cache }),
    );
    const [plan] = plans as [PersonPlan];
    const practice = homePractice(plan, participant, asked, say);
    const pictures = homeFigures(practice, plan, solver);
    return { practice, figures: pictures.map((ends) => ends[0]!), html: homeHtml(practice, title, pictures.map((ends) => figureSvg(ends)), conventions, say) }; // prettier-ignore
  },

  async lesson(asked: LessonAsked): Promise<Lesson> {
    const { lessonFor } = await import('@lotus-steady/core/lessons');
    return lessonFor(library, asked);
  },

  /** What strained a place of someone's body, in the steps that hurt. */
  strains(participant: Participant, marks: readonly StepMark[], place: Place, today: string): Promise<Strain[]> {
    const solver = solvers.of(bodyOf(participant, today));
    return store.around([solver], () => strainsOf(solver, marks, place));
  },

  /** What single children do otherwise in a lesson. */
  async lessonForChildren(asked: LessonAsked, participants: readonly Participant[], today: string): Promise<LessonForChild[]> {
    const { lessonFor, lessonForChild } = await import('@lotus-steady/core/lessons');
    const lesson = lessonFor(library, asked);
    const members = membersOf(participants, today);
    return store.around(bodies(members), () =>
      members.map(({ solver, participant }) => lessonForChild(solver, lesson, participant, today, cache)),
    );
  },

  /** What somebody who learns to judge is asked next, worked out; `null` where nothing is left to ask now. */
  async training(
    own: readonly TrainingClient[],
    progress: readonly TaskProgress[],
    now: string,
    today: string,
  ): Promise<TrainingCase | null> {
    const { isSingleStep, levelAt, nextTask, optionsOf, solveTask, tasksWith } = await import('@lotus-steady/core/training');
    let tasks = tasksWith(own);
    let task = nextTask(tasks, progress, now);
    // What names no step of this library can't be asked.
    while (task?.isSet && !isSingleStep(reader, task.text)) {
      const { id } = task;
      tasks = tasks.filter((one) => one.id !== id);
      task = nextTask(tasks, progress, now);
    }
    if (!task) return null;
    const { asana, variation, dose, side, step } = await store.around([anySolver], () => solveTask(anySolver, reader, task, today));
    const { name, about } = task.client;
    return {
      task: task.id, level: levelAt(tasks, progress), of: tasks.length, client: { name, about }, asana: asana.name, dose, side, step,
      picture: pictures.promise(anySolver, anySolver.form(asana.id, variation), side),
      options: optionsOf(task, step),
    }; // prettier-ignore
  },

  /** Those of some lines that name no single step of the library. */
  async unclearSteps(texts: readonly string[]): Promise<string[]> {
    const { isSingleStep } = await import('@lotus-steady/core/training');
    return texts.filter((text) => !isSingleStep(reader, text));
  },

  /** How a text would go for people who practise together: minutes, and for each how many steps change or are left out. */
  async fits(text: string, participants: readonly Participant[], today: string): Promise<Fits> {
    const members = membersOf(participants, today);
    const { plans, seconds } = await store.around(bodies(members), () => adaptClass(members, parse(text), { today, cache }));
    const count = ({ steps }: PersonPlan, isMeant: (step: PersonPlan['steps'][number]) => boolean) => steps.filter(isMeant).length;
    return {
      minutes: Math.round(seconds / 60),
      people: plans.map((plan) => ({
        changed: count(plan, ({ verdict }) => verdict === 'modify' || verdict === 'substitute'),
        out: count(plan, ({ verdict }) => verdict === 'omit'),
      })),
    };
  },

  /** A step's edit carried out in a text, with the choices by hand that go on holding. */
  edited(text: string, pins: readonly Pin[], edit: StepEdit): Edited {
    return editStep(library, read, text, pins, edit);
  },

  /** What a teacher's craft says of a text; `null` for one that isn't understood. */
  review(text: string): Review | null {
    const { sequence } = read(text);
    return sequence && reviewOf(anySolver, sequence);
  },

  /** What is said in a class, and when. */
  async cues(beats: readonly Beat[], people: readonly Listener[], options: CueOptions): Promise<readonly Cue[]> {
    // The lines are large: only who teaches waits for them.
    const { cueScript, paceOf } = await import('@lotus-steady/core/cues');
    return cueScript(library, beats, { ...options, pace: paceOf(people) });
  },

  /**
   * A text adapted to people who practise together. `onStep` hears how many steps are done, `onPart`, where anybody listens,
   * the score of the first steps if all of them take longer; `stopClass` ends it.
   */
  async classScore(
    job: number,
    text: string,
    participants: readonly Participant[],
    asked: ClassAsked,
    today: string,
    onStep: (done: number, of: number) => void,
    onPart: ((part: ScoreDelta) => void) | null,
  ): Promise<ScoreDelta | null> {
    const sequence = parse(text);
    const members = membersOf(participants, today);
    const parts = new EarlyParts(performance.now());
    const told = (done: number) => {
      onStep(done, sequence.steps.length);
      if (!onPart || done === sequence.steps.length || !parts.isDue(done, performance.now())) return;
      // What the whole class comes to isn't known yet: doses are as they are before they are fitted to its time.
      const first = { ...sequence, steps: sequence.steps.slice(0, done), minutes: null };
      const pins = asked.pins.filter(({ index }) => index < done);
      const plan = adaptClass(members, first, optionsOf({ ...asked, pins }, today));
      // Complete in itself: it may come after what was packed later.
      onPart(packScore(new Sender(), scoreOf(first, plan, members, today)));
    };
    const plan = await runner.work(job, adaptingClass(members, sequence, optionsOf(asked, today)), told, (go) =>
      store.around(bodies(members), go),
    );
    return plan && packScore(sender, scoreOf(sequence, plan, members, today));
  },

  /** The steps of a class in a better order inside their sections; `null` where there is none, or where it was stopped. */
  async betterOrder(
    job: number,
    text: string,
    participants: readonly Participant[],
    asked: ClassAsked,
    today: string,
  ): Promise<BetterOrder | null> {
    const members = membersOf(participants, today);
    const steps = betterOrder(anySolver, read, members, text, optionsOf(asked, today));
    return runner.work(job, steps, undefined, (go) => store.around(bodies(members), go));
  },

  stopClass(job: number): void {
    runner.stop(job);
  },

  /** Other safe ways for one step, cheapest first. */
  async others({ text, people, whose, asked, index, day }: StepAsked): Promise<OtherWay[]> {
    // Doses as they are before they are fitted to the time: ways are chosen by those.
    const sequence = { ...parse(text), minutes: null };
    const members = inRoom(membersOf(people, day), asked && asked.shared);
    const { solver, participant } = members[whose]!;
    const ways = await store.around(bodies(members), () => {
      const plan = adaptClass(members, sequence, asked ? optionsOf(asked, day) : { today: day, cache }).plans[whose]!;
      return otherWays(solver, participant, plan, index, 6, { today: day, cache });
    });
    return ways.map((chosen) => ({
      figure: chosen.figure,
      asana: chosen.asana.id,
      name: chosen.asana.name,
      variation: chosen.variation.id,
      changes: chosen.changes.map(say),
      cost: chosen.cost,
      drawn: bestFigures(solver, chosen, sequence.steps[index]!.side),
      setup: setupOf(chosen.ends[0]!),
    }));
  },

  /** What was kept on this device leaves it with whoever signs out. */
  forget(): Promise<void> {
    return store.clear();
  },
};
export type CoreWorker = typeof core;

expose(core);
