import {
  adapt, adaptationJson, adaptClass, adaptingClass, assess, bestView, betterOrder, bodyOf, buildSequence, ClassMemory, classJson, craftOf, describeConflict, describeDose, describePart, drawFigure, editStep, inRoom, jointPoints, judgeLibrary, library, limitJson, limitsFor, mayLoosen, mentionedConditions, mergeLimits, nameIndex, OWN, otherWays, propsOf, sequenceReader, setupOf, stepFigures, Studio, Studios, understood, whatToSay,
  type Answered, type AdaptationJson, type Asana, type AsanaVerdict, type Base, type BetterOrder, type BodyAnswers, type BuildAsked, type Chosen, type ClassJson, type ClassOptions, type Craft, type Done, type Edited, type Figure, type Joint, type LimitJson, type Measure, type Member, type Participant, type PersonPlan, type Pin, type PlannedStep,
  type Problem, type Prop, type PropsAtHand, type Purpose, type Screening, type Sequence, type SetupItem, type Step, type StepEdit, type StepSide,
} from '@lotus-steady/core'; // prettier-ignore
import { expose } from 'comlink';
import { Shelf } from './shelf.js';

/** A step's figure from both sides; a movement has two ends. */
export interface Drawing {
  readonly side: readonly Figure[];
  readonly front: readonly Figure[];
  /** The view that shows more of it: from the front where the stance or the bend runs sideways. */
  readonly best: 'side' | 'front';
}

/** A figure that is drawn once it comes in sight: a class has more of them than a screen. */
export interface Picture {
  readonly key: string;
  /** About how wide it is from its best side. */
  readonly widthCm: number;
}

export interface ReadLine {
  readonly line: number;
  readonly name: string;
  readonly asana: string;
  readonly variation: string | null;
  /** Names its figure in `figures`. */
  readonly figure: string;
}

/** What a text means, with a small figure for each step. */
export type ReadText =
  | {
      readonly sequence: Sequence;
      readonly lines: readonly ReadLine[];
      readonly figures: Readonly<Record<string, Figure>>;
      readonly problems: readonly [];
    }
  | {
      readonly sequence: null;
      readonly lines: readonly [];
      readonly figures: Readonly<Record<string, Figure>>;
      readonly problems: readonly Problem[];
    };

export interface ScoreStep {
  readonly given: Picture;
  readonly givenName: string;
  readonly givenDose: string;
  readonly givenSeconds: number;
  /** `null` where the step is kept as it is or left out. */
  readonly adapted: Picture | null;
  readonly effort: number;
  readonly headBelowHeart: number | null;
}

export interface Score {
  readonly answer: AdaptationJson;
  readonly steps: readonly ScoreStep[];
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
  readonly drawing: Drawing;
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

const index = nameIndex(library);
const read = sequenceReader(library, index);
const anyStudio = new Studio(library);
/** Going back and forth between the people of a class is common. */
const studios = new Studios(library, 24);
/** The name of this file tells the version of the core, but where it is being developed. */
const shelf = new Shelf(import.meta.env.DEV ? String(Date.now()) : import.meta.url);

type Shown = Pick<Chosen, 'asana' | 'variation' | 'ends' | 'changes'>;

function draw(studio: Studio, chosen: Shown, stepSide: StepSide): Drawing {
  const [side, front] = (['side', 'front'] as const).map((view) => stepFigures(studio, chosen, stepSide, view)) as [Figure[], Figure[]];
  return { side, front, best: bestView(chosen.ends).view };
}

/** Pictures that were promised, drawn when they are asked for; the oldest are forgotten. */
const pictures = new Map<string, { readonly picture: Picture; readonly draw: () => Drawing }>();
const MOST_PICTURES = 20_000;
const postures = new WeakMap<Done, number>();
let postureCount = 0;

/** A body's posture has one number: what looks the same keeps its key from one answer to the next. */
function postureNumber(done: Done): number {
  const known = postures.get(done) ?? ++postureCount;
  postures.set(done, known);
  return known;
}

function pictureOf(studio: Studio, chosen: Shown, side: StepSide): Picture {
  const key = `${chosen.ends.map(postureNumber).join('-')} ${side}`;
  const known = pictures.get(key);
  if (known) return known.picture;
  const picture = { key, widthCm: bestView(chosen.ends).widthCm };
  pictures.set(key, { picture, draw: () => draw(studio, chosen, side) });
  if (pictures.size > MOST_PICTURES) pictures.delete(pictures.keys().next().value!);
  return picture;
}

function parse(text: string): Sequence {
  return understood(read(text));
}

function scoreStep(studio: Studio, { step, given, chosen, verdict }: PlannedStep): ScoreStep {
  const shown = chosen ?? given;
  return {
    given: pictureOf(studio, given, step.side),
    givenName: given.asana.name,
    givenDose: describeDose(given.dose),
    givenSeconds: given.timed.seconds + given.transitionSeconds,
    adapted: chosen && verdict !== 'keep' ? pictureOf(studio, chosen, step.side) : null,
    effort: shown.declared.effort,
    headBelowHeart: shown.ends[0]!.measured.values.headBelowHeart ?? null,
  };
}

/** A step as the sequence gives it, on nobody's body in particular. */
function givenStep({ asana, variation, side, dose }: Step): ScoreStep {
  const form = anyStudio.form(asana, variation);
  return {
    given: pictureOf(anyStudio, { ...form, changes: [] }, side),
    givenName: form.asana.name,
    givenDose: describeDose(dose),
    givenSeconds: 0,
    adapted: null,
    effort: form.variation.declared.effort,
    headBelowHeart: null,
  };
}

/** Who has the same limits and the same steps, by their places. */
function alike(plans: readonly PersonPlan[], limits: readonly string[]): number[][] {
  const groups = new Map<string, number[]>();
  plans.forEach(({ steps }, i) => {
    const key = `${limits[i]} ${steps.map(({ chosen }) => `${chosen?.figure} ${chosen?.changes.join()}`).join(';')}`;
    groups.set(key, [...(groups.get(key) ?? []), i]);
  });
  return [...groups.values()];
}

/** What was worked out for classes so far: a change asks only for what it touches. */
const memory = new ClassMemory();

function membersOf(participants: readonly Participant[], today: string): Member[] {
  return participants.map((participant) => ({ studio: studios.of(bodyOf(participant, today)), participant }));
}

function optionsOf({ shared, ...options }: ClassAsked, today: string): ClassOptions {
  return { ...options, ...(shared && { props: shared }), memory, today };
}

/** Classes that are being worked out and were not stopped. */
const running = new Set<number>();

/** So long it works without a look at what else the screen asks: a timer waits 4 ms each time. */
const TURN_MS = 40;

const bodies = (members: readonly Member[]) => members.map(({ studio }) => studio);

/** Works something out for these people bit by bit, unless its job is stopped: then there is no answer. */
async function worked<Bit, Answer>(
  job: number,
  members: readonly Member[],
  bits: Generator<Bit, Answer>,
  onBit: (bit: Bit) => void,
): Promise<Answer | null> {
  running.add(job);
  await shelf.fill(bodies(members));
  const answer = running.has(job) ? await inTurns(job, bits, onBit) : null;
  void shelf.keep(bodies(members));
  return answer;
}

async function inTurns<Bit, Answer>(job: number, bits: Generator<Bit, Answer>, onBit: (bit: Bit) => void): Promise<Answer | null> {
  let since = performance.now();
  for (;;) {
    const { done, value } = bits.next();
    if (done) {
      running.delete(job);
      return value;
    }
    if (performance.now() - since < TURN_MS) continue;
    onBit(value);
    // Lets a stop, and whatever else the screen asks, in between.
    await new Promise((resolve) => setTimeout(resolve));
    if (!running.has(job)) return null;
    since = performance.now();
  }
}

/** What an asana is called, for search and lists. */
export interface AsanaEntry {
  readonly id: string;
  readonly name: string;
  readonly iast: string | null;
  readonly base: Base;
  readonly purposes: readonly Purpose[];
  readonly props: readonly Prop[];
}

export interface MeasuredEnd {
  readonly measures: readonly { readonly measure: Measure; readonly value: number }[];
  readonly loads: readonly { readonly part: string; readonly on: string; readonly share: number }[];
}

export interface VariationPage {
  readonly id: string;
  readonly name: string;
  readonly for: string;
  readonly drawing: Drawing;
  readonly ends: readonly MeasuredEnd[];
  readonly setup: readonly SetupItem[];
  readonly reached: boolean;
  readonly warnings: readonly string[];
}

/** One way through a step list. */
export interface ListWay {
  readonly id: string;
  readonly name: string;
  readonly for: string;
  readonly how: string | null;
  readonly steps: readonly {
    readonly id: string;
    readonly variation: string | null;
    readonly name: string;
    readonly how: string;
    /** Whether it stands in place of a step of the usual way. */
    readonly differs: boolean;
  }[];
}

export interface AsanaPage {
  readonly entry: AsanaEntry;
  readonly names: readonly string[];
  readonly kids: string;
  readonly shown: Asana['shown'];
  readonly weights: Asana['purposes'];
  readonly dose: string;
  readonly breath: Asana['breath'];
  readonly cues: readonly string[];
  readonly variations: readonly VariationPage[];
  /** Only of step lists: the usual way first. */
  readonly ways: readonly ListWay[];
  readonly substitutes: readonly AsanaEntry[];
  readonly counterposes: readonly AsanaEntry[];
}

function entryOf({ id, name, iast, base, purposes, variations }: Asana): AsanaEntry {
  const plain = variations[0];
  return { id, name, iast, base, purposes: Object.keys(purposes) as Purpose[], props: plain ? [...propsOf(plain.posture).keys()] : [] };
}

function measuredEnd({ measured }: Done): MeasuredEnd {
  return {
    measures: (Object.entries(measured.values) as [Measure, number][]).map(([measure, value]) => ({ measure, value })),
    loads: measured.shares
      .filter(({ share }) => share > 0.005)
      .map(({ contact, share }) => ({
        part: describePart(contact),
        on: contact.on.kind === 'level' ? contact.on.surface : contact.on.kind,
        share,
      })),
  };
}

interface StandingFigure {
  readonly figure: Figure;
  readonly at: Readonly<Record<Joint, readonly [number, number]>>;
}
export interface StandingFigures {
  readonly side: StandingFigure;
  readonly front: StandingFigure;
}

function waysOf(asana: Asana): ListWay[] {
  if (asana.steps.length === 0) return [];
  const usual = { id: 'plain', name: 'As usually led', for: 'as usually taught', how: null, steps: asana.steps };
  return [usual, ...asana.listVariations].map(({ steps, ...way }) => ({
    ...way,
    // Another list from end to end differs as a whole: there is nothing to mark.
    steps: steps.map((step) => ({
      id: step.asana,
      variation: step.variation ?? null,
      name: library.get(step.asana).name,
      how: step.how,
      differs: !asana.steps.includes(step) && steps.some((one) => asana.steps.includes(one)),
    })),
  }));
}

const core = {
  /** Asanas whose name, in any language of the library, holds these words; all of them for no words. */
  find(words: string): AsanaEntry[] {
    return index.search(words).map(entryOf);
  },

  /** A small figure of an asana; without a variation as it is usually done. */
  thumb(id: string, variation: string | null): Figure | null {
    const asana = library.get(id);
    if (!asana.variations[0]) return null;
    const drawing = draw(anyStudio, { ...anyStudio.form(id, variation), changes: [] }, 'none');
    return drawing[drawing.best].at(-1)!;
  },

  /** A picture that an answer promised. */
  picture(key: string): Drawing {
    const promised = pictures.get(key);
    if (!promised) throw new Error('This picture was promised too long ago.');
    return promised.draw();
  },

  /** Everything about one asana, as this body does it. */
  asana(id: string, body: BodyAnswers): AsanaPage | null {
    const asana = library.find(id);
    if (!asana) return null;
    const studio = studios.of(body);
    const others = (ids: readonly string[]) => ids.map((other) => entryOf(library.get(other)));
    return {
      entry: entryOf(asana),
      names: asana.names,
      kids: asana.kids,
      shown: asana.shown,
      weights: asana.purposes,
      dose: describeDose(asana.dose),
      breath: asana.breath,
      cues: asana.cues,
      variations: asana.variations.map((variation): VariationPage => {
        const form = studio.formOf(asana, variation);
        const [start] = form.ends;
        return {
          id: variation.id,
          name: variation.name,
          for: variation.for,
          drawing: draw(studio, { ...form, changes: [] }, 'none'),
          ends: form.ends.map(measuredEnd),
          setup: setupOf(start!),
          reached: start!.solved.reached,
          warnings: start!.solved.warnings,
        };
      }),
      ways: waysOf(asana),
      substitutes: others(asana.substitutes),
      counterposes: others(asana.counterposes),
    };
  },

  /** One form from any side, in degrees on the way from the side to the front; mirrored on demand. */
  turned(id: string, variation: string, body: BodyAnswers, yaw: number, mirrored: boolean): Figure[] {
    const studio = studios.of(body);
    const form = studio.form(id, variation);
    const { shown } = form.asana;
    const side = mirrored && shown ? (shown.side === 'left' ? 'right' : 'left') : 'none';
    return stepFigures(studio, { ...form, changes: [] }, side, yaw);
  },

  /** A standing figure from side and front with its joints, to draw ranges on. */
  standing(): StandingFigures {
    const { placed } = anyStudio.form('tadasana').ends[0]!.solved;
    const seen = (view: 'side' | 'front') => ({ figure: drawFigure(placed, view), at: jointPoints(placed, view) });
    return { side: seen('side'), front: seen('front') };
  },

  /** Ids of the conditions that a text speaks of. */
  mentioned(text: string): string[] {
    return mentionedConditions(text).map(({ id }) => id);
  },

  /** Whether someone may practise on a day, and within which limits. */
  meaning(answered: Answered, today: string): Meaning {
    const { screening, limits, conflicts } = assess(answered, today);
    return {
      screening,
      limits: mergeLimits(limits).map(({ strictest, by }) => ({
        ...limitJson(strictest),
        loose: mayLoosen(strictest.spec) && strictest.condition !== OWN,
        asking: [...new Set(by.map(({ condition }) => condition))],
      })),
      conflicts: conflicts.map(describeConflict),
      say: whatToSay({ screening }),
    };
  },

  /** What every asana means for one person. */
  async verdicts(participant: Participant, today: string): Promise<AsanaVerdict[]> {
    const verdicts: AsanaVerdict[] = [];
    const studio = studios.of(bodyOf(participant, today));
    await shelf.fill([studio]);
    let since = performance.now();
    for (const verdict of judgeLibrary(studio, participant, { today })) {
      verdicts.push(verdict);
      if (performance.now() - since < 20) continue;
      // Lets the figures on the screen in between.
      await new Promise((resolve) => setTimeout(resolve));
      since = performance.now();
    }
    void shelf.keep([studio]);
    return verdicts;
  },

  read(text: string): ReadText {
    const { sequence, problems } = read(text);
    if (!sequence) return { sequence: null, lines: [], figures: {}, problems };
    const figures: Record<string, Figure> = {};
    const lines = sequence.steps.map(({ line, asana, variation, side }): ReadLine => {
      const form = anyStudio.form(asana, variation);
      const key = `${asana} ${variation} ${side}`;
      if (!(key in figures)) {
        const drawing = draw(anyStudio, { ...form, changes: [] }, side);
        figures[key] = drawing[drawing.best].at(-1)!;
      }
      return { line, asana, variation, name: form.asana.name, figure: key };
    });
    return { sequence, lines, figures, problems: [] };
  },

  /** A class for people, from nothing. */
  build(participants: readonly Participant[], asked: BuildAsked, today: string): string {
    return buildSequence(anyStudio, read, membersOf(participants, today), { ...asked, today });
  },

  /** A step's edit carried out in a text, with the choices by hand that go on holding. */
  edited(text: string, pins: readonly Pin[], edit: StepEdit): Edited {
    return editStep(library, read, text, pins, edit);
  },

  /** What a teacher's craft says of a text; `null` for one that isn't understood. */
  craft(text: string): Craft | null {
    const { sequence } = read(text);
    return sequence && craftOf(anyStudio, sequence);
  },

  /** A text adapted to one person, with all that the score draws. */
  async score(text: string, participant: Participant, today: string): Promise<Score> {
    const sequence = parse(text);
    const studio = studios.of(bodyOf(participant, today));
    await shelf.fill([studio]);
    const plan = adapt(studio, sequence, participant, { today });
    void shelf.keep([studio]);
    return { answer: adaptationJson(sequence, [plan]), steps: plan.steps.map((step) => scoreStep(studio, step)) };
  },

  /** A text adapted to people who practise together. `onStep` hears how many steps are done; `stopClass` ends it. */
  async classScore(
    job: number,
    text: string,
    participants: readonly Participant[],
    asked: ClassAsked,
    today: string,
    onStep: (done: number, of: number) => void,
  ): Promise<ClassScore | null> {
    const sequence = parse(text);
    const members = membersOf(participants, today);
    const steps = adaptingClass(members, sequence, optionsOf(asked, today));
    const plan = await worked(job, members, steps, (done) => onStep(done, sequence.steps.length));
    if (!plan) return null;
    const limits = participants.map((participant) => limitsFor(participant, today).map(({ id }) => id).join()); // prettier-ignore
    const staves = alike(plan.plans, limits).map((people) => ({
      people,
      steps: plan.plans[people[0]!]!.steps.map((step) => scoreStep(members[people[0]!]!.studio, step)),
    }));
    const given = plan.plans[0]!.steps.map(({ step }) => givenStep(step));
    return { answer: classJson(sequence, plan), given, staves };
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
    const steps = betterOrder(anyStudio, read, members, text, optionsOf(asked, today));
    return worked(job, members, steps, () => undefined);
  },
  stopClass(job: number): void {
    running.delete(job);
  },

  /** Other safe ways for one step, cheapest first. */
  async others({ text, people, whose, asked, index, day }: StepAsked): Promise<OtherWay[]> {
    // Doses as they are before they are fitted to the time: ways are chosen by those.
    const sequence = { ...parse(text), minutes: null };
    const members = inRoom(membersOf(people, day), asked && asked.shared);
    const { studio, participant } = members[whose]!;
    await shelf.fill(bodies(members));
    const plan = asked
      ? adaptClass(members, sequence, optionsOf(asked, day)).plans[whose]!
      : adapt(studio, sequence, participant, { today: day });
    return otherWays(studio, participant, plan, index, 6, { today: day }).map((chosen) => ({
      figure: chosen.figure,
      asana: chosen.asana.id,
      name: chosen.asana.name,
      variation: chosen.variation.id,
      changes: chosen.changes,
      cost: chosen.cost,
      drawing: draw(studio, chosen, sequence.steps[index]!.side),
      setup: setupOf(chosen.ends[0]!),
    }));
  },

  /** What was kept on this device leaves it with whoever signs out. */
  forget(): Promise<void> {
    return shelf.clear();
  },
};
export type CoreWorker = typeof core;

expose(core);
