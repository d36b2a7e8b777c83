import { givenSeconds } from '../planning/adapt.js';
import { PersonPlanner } from '../planning/person-planner.js';
import { anybody } from '../participants/participant.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { Base } from '../asanas/asana.js';
import { isForChildren, type Asana, type Library } from '../asanas/library.js';
import type { Purpose } from '../asanas/purposes.js';
import type { PropsAtHand } from '../participants/props-at-hand.js';
import { inRoom, USUAL_FIGURES, type Member } from '../class/adapt-class.js';
import { ClassState } from '../class/class-state.js';
import type { ColumnLimits } from '../class/column.js';
import { nameSurely } from '../class/edit.js';
import { BARE_HEADER } from '../sequence/header.js';
import { PlanningCache } from '../judging/planning-cache.js';
import { reviewOf } from '../review/review.js';
import { describeDose } from '../sequence/dose.js';
import { editText, textEditOf } from '../notes/edit-text.js';
import type { ReadResult } from '../notes/read-line.js';
import { understood } from '../notes/read-notes.js';
import { usualStep, type Sequence, type Step } from '../sequence/sequence.js';

/** How a class of the same purposes may feel. */
export const CHARACTERS = ['gentle', 'steady', 'lively'] as const;
export type Character = (typeof CHARACTERS)[number];

export interface BuildAsked {
  /** What the class is for; with none it is a round of everything. */
  readonly purposes: readonly Purpose[];
  /** Whole minutes, 5 to 120. */
  readonly minutes: number;
  readonly place: 'mat' | 'chair';
  readonly character: Character;
  /** What the class shares; otherwise everybody has their own. */
  readonly props?: PropsAtHand | null;
  readonly title?: string;
  readonly today?: string;
}

type Worth = Partial<Record<Purpose, number>>;

/*
 * What each part of a class is for, its share of the time before the rest, its most effort (1 to 5); what a
 * character adds. All of them common practice, no source.
 */
const PARTS: readonly { readonly name: string; readonly share: number; readonly worth: Worth; readonly effort: number; readonly asked: number }[] = [
  { name: 'Arrive', share: 0.08, worth: { 'breath-awareness': 1, calm: 0.7, 'posture-awareness': 1, 'lengthen-spine': 0.7 }, effort: 2, asked: 0.2 },
  { name: 'Warm', share: 0.22, worth: { 'warm-up': 2, 'mobilise-spine-flexion': 1, 'mobilise-spine-extension': 1, 'mobilise-shoulders': 0.7, 'mobilise-hips': 0.7 }, effort: 2, asked: 0.5 },
  { name: 'Main', share: 0.5, worth: { balance: 0.4, 'strengthen-legs': 0.4, 'strengthen-back': 0.4, 'mobilise-spine-lateral': 0.4, 'mobilise-spine-rotation': 0.3 }, effort: 4, asked: 2 },
  { name: 'Cool', share: 0.2, worth: { calm: 1, 'ease-back': 1, 'mobilise-spine-rotation': 0.6, 'stretch-hamstrings': 0.4, 'open-hips': 0.4 }, effort: 2, asked: 1 },
]; // prettier-ignore
const CHARACTER: Record<Character, { readonly effort: number; readonly worth: Worth }> = {
  gentle: { effort: 2, worth: { calm: 0.6, 'ease-back': 0.5, 'lengthen-exhale': 0.5, 'breath-awareness': 0.4 } },
  steady: { effort: 3, worth: { 'posture-awareness': 0.3, balance: 0.4, 'lengthen-spine': 0.3 } },
  lively: { effort: 4, worth: { energise: 0.8, 'strengthen-legs': 0.6, 'strengthen-core': 0.5, 'strengthen-arms': 0.4 } },
};
/** From what stands to what lies, so that a class goes down once. */
const DOWNWARDS: readonly Base[] = ['standing', 'standing-wall', 'standing-chair', 'seated-chair', 'all-fours', 'kneeling', 'seated-floor', 'prone', 'side-lying', 'supine']; // prettier-ignore
const BASES = {
  mat: { Arrive: ['standing', 'seated-floor', 'supine'], Warm: ['standing', 'all-fours', 'supine', 'kneeling'], Main: ['standing', 'all-fours', 'kneeling', 'seated-floor', 'prone'], Cool: ['seated-floor', 'supine', 'prone', 'side-lying'] },
  chair: { Arrive: ['seated-chair'], Warm: ['seated-chair'], Main: ['seated-chair', 'standing-chair'], Cool: ['seated-chair'] },
} as const satisfies Record<BuildAsked['place'], Record<string, readonly Base[]>>; // prettier-ignore
/** So many of the best by purpose are tried on the people: what most need not change is seldom among the first. */
const TRIED = 40;
/** What a step may cost the people on average, set against one purpose of weight 1. */
const COST_WEIGHT = 2;
/** Rests that may end a class, the usual one first. */
const RESTS: Readonly<Record<BuildAsked['place'], readonly string[]>> = { mat: ['savasana', 'savasana-side'], chair: ['savasana-chair'] };
const REST = { share: 0.15, most: 12, floor: 5, floorShare: 0.2 };
/** More steps than one in so many minutes can't be told apart by whoever does them. */
const MINUTES_A_STEP = 1.5;
const MOST_REPAIRS = 14;
const MOST_DOSES = 160;

/** The whole minutes of the rest at the end. */
function restMinutes(minutes: number): number {
  const least = Math.min(REST.floor, REST.floorShare * minutes);
  return Math.max(1, Math.round(Math.min(REST.most, Math.max(least, REST.share * minutes))));
}

/** Everybody on the way through what is being built. */
class Company {
  private readonly limits: ColumnLimits;
  private readonly count: number;
  private at: ClassState;

  constructor(members: readonly Member[], { props = null, today }: BuildAsked, cache: PlanningCache) {
    const people = inRoom(members, props).map(
      ({ solver, participant }) => new PersonPlanner(solver, participant, today ?? null, cache).profile,
    );
    this.count = people.length;
    this.at = ClassState.start(people, cache);
    this.limits = { figures: USUAL_FIGURES, props };
  }

  /** What a step costs them on average when they do it together, in the units of an adaptation. */
  costOf(step: Step): number {
    return this.at.next(step, this.limits).column.cost / this.count;
  }

  take(step: Step): void {
    this.at = this.at.next(step, this.limits).to;
  }
}

/** Steps for each part: the worth of their purposes, less what they cost the people, until its time is full. */
function chooseSteps(library: Library, solver: BodySolver, company: Company, asked: BuildAsked, cache: PlanningCache): Step[] {
  const seconds = (asked.minutes - restMinutes(asked.minutes)) * 60;
  const secondsOf = (step: Step) => givenSeconds(solver, bare([step]), cache);
  const covered = new Map<Purpose, number>();
  const used = new Set<string>();
  const character = CHARACTER[asked.character];
  const isChild = asked.purposes.includes('play');

  return PARTS.flatMap((part) => {
    const bases: readonly Base[] = BASES[asked.place][part.name as keyof (typeof BASES)['mat']];
    const worthOf = (purpose: Purpose) =>
      (part.worth[purpose] ?? 0) + (character.worth[purpose] ?? 0) + (asked.purposes.includes(purpose) ? part.asked : 0);
    // What was served already is worth less the next time.
    const worth = ({ purposes }: Asana) =>
      Object.entries(purposes).reduce(
        (sum, [purpose, weight]) => sum + (worthOf(purpose as Purpose) * weight) / (1 + (covered.get(purpose as Purpose) ?? 0) / 2),
        0,
      );
    const fits = ({ id, base, variations, pattern, purposes }: Asana) =>
      !used.has(id) &&
      bases.includes(base) &&
      variations.length > 0 &&
      pattern === null &&
      purposes.rest !== 3 &&
      isForChildren({ id }) === isChild &&
      variations[0]!.declared.effort <= Math.min(part.effort, character.effort);
    const chosen: Step[] = [];
    let left = seconds * part.share;
    const most = Math.max(1, Math.round((asked.minutes * part.share) / MINUTES_A_STEP));
    while (left > 20 && chosen.length < most) {
      const best = library.asanas
        .filter(fits)
        .map((asana) => ({ asana, worth: worth(asana) }))
        .sort((a, b) => b.worth - a.worth)
        .slice(0, TRIED)
        .map(({ asana, worth: good }) => {
          const step = usualStep(asana, part.name);
          return { asana, step, good: good - COST_WEIGHT * company.costOf(step) };
        })
        .sort((a, b) => b.good - a.good)[0];
      if (!best) break;
      used.add(best.asana.id);
      for (const [purpose, weight] of Object.entries(best.asana.purposes))
        covered.set(purpose as Purpose, (covered.get(purpose as Purpose) ?? 0) + weight);
      chosen.push(best.step);
      left -= secondsOf(best.step);
    }
    const rank = ({ asana }: Step) => DOWNWARDS.indexOf(library.get(asana).base);
    const ordered = chosen.sort((a, b) => rank(a) - rank(b));
    ordered.forEach((step) => company.take(step));
    return ordered;
  });
}

function bare(steps: readonly Step[]): Sequence {
  return { ...BARE_HEADER, steps, unknown: [], notes: [] };
}

/** The rest that costs the people least. */
function chooseRest(library: Library, company: Company, { place, minutes }: BuildAsked): Asana {
  const rests = RESTS[place].map((id) => {
    const asana = library.get(id);
    return { asana, cost: company.costOf({ ...usualStep(asana, 'Rest'), dose: { minutes: restMinutes(minutes) } }) };
  });
  return rests.reduce((best, one) => (one.cost < best.cost ? one : best)).asana;
}

function writeText(library: Library, steps: readonly Step[], rest: Asana, asked: BuildAsked): string {
  const lines = steps.map((step, i) => {
    const heading = step.section !== steps[i - 1]?.section ? [`\n## ${step.section}`] : [];
    return [...heading, `${library.get(step.asana).name}${step.side === 'both' ? ', each side' : ''}, ${describeDose(step.dose)}`].join(
      '\n',
    );
  });
  return [
    `# ${asked.title ?? `A ${asked.character} class`}`,
    `minutes: ${asked.minutes}`,
    ...(asked.place === 'chair' ? ['place: chair'] : []),
    ...lines,
    `\n## Rest\n${rest.name}, ${restMinutes(asked.minutes)} min`,
  ].join('\n');
}

/** Doses a size longer or shorter, step after step, until the class takes its minutes. */
function fitDoses(solver: BodySolver, parse: (text: string) => Sequence, text: string, minutes: number, cache: PlanningCache): string {
  const secondsOf = (one: string) => givenSeconds(solver, parse(one), cache);
  let fitted = text;
  const by = secondsOf(text) < minutes * 60 ? 1 : -1;
  const off = (one: string) => Math.abs(secondsOf(one) - minutes * 60);
  for (let turn = 0; turn < MOST_DOSES && off(fitted) > 45; turn++) {
    const { steps } = parse(fitted);
    // The rest keeps its length.
    const index = turn % Math.max(1, steps.length - 1);
    const edit = textEditOf(steps, { do: 'dose', index, by });
    const next = edit && editText(fitted, edit);
    if (next && off(next) < off(fitted)) fitted = next;
  }
  return fitted;
}

/** What the review finds, mended one after the other. */
function mended(solver: BodySolver, parse: (text: string) => Sequence, text: string): string {
  let now = text;
  for (let turn = 0; turn < MOST_REPAIRS; turn++) {
    const [finding] = reviewOf(solver, parse(now)).findings;
    if (!finding) break;
    now = editText(now, finding.repair);
    // A relief that was put in twice is one.
    const { steps } = parse(now);
    const twin = steps.find(({ asana, line }, i) => asana === steps[i - 1]?.asana && line !== steps[i - 1]!.line);
    if (twin) now = editText(now, { do: 'remove', line: twin.line });
  }
  return now;
}

/** What stands against a class on chairs in a room for so many people; `null` where everybody has one. */
export function missingChairs(props: PropsAtHand | null, people: number): string | null {
  const chairs = props?.chair ?? 0;
  if (props === null || chairs >= people) return null;
  return `A class on chairs needs one for everybody: the room has ${chairs} for ${people}.`;
}

/**
 * A whole class from its purposes, people, minutes, place, props and character: parts from arriving to rest, what serves
 * the purposes and costs these people least to adapt, from standing down to lying, balanced by the rules of the
 * craft and fitted to its minutes. The text is a sequence like any other. The same input gives the same text.
 * @throws RangeError for minutes outside 5 to 120, and for a class on chairs with fewer than people.
 */
export function buildSequence(
  solver: BodySolver,
  read: (text: string) => ReadResult,
  members: readonly Member[],
  asked: BuildAsked,
): string {
  if (!(asked.minutes >= 5 && asked.minutes <= 120)) throw new RangeError(`minutes is ${asked.minutes}; expected 5 to 120`);
  const seats = asked.place === 'chair' ? missingChairs(asked.props ?? null, Math.max(1, members.length)) : null;
  if (seats !== null) throw new RangeError(seats);
  const { library } = solver;
  const parse = (one: string): Sequence => understood(read(one));
  const cache = new PlanningCache();
  const company = new Company(members.length > 0 ? members : [{ solver, participant: anybody('anybody') }], asked, cache);
  const steps = chooseSteps(library, solver, company, asked, cache);
  let text = writeText(library, steps, chooseRest(library, company, asked), asked);
  // Names that neighbours decide are written so that they mean what was chosen.
  const lines = text.split('\n');
  let line = 0;
  for (const { asana } of steps) {
    line = lines.findIndex((one, i) => i > line && one.startsWith(library.get(asana).name));
    if (parse(text).steps.find((step) => step.line === line + 1)?.asana !== asana)
      text = nameSurely(library, (one) => parse(one).steps, text, line + 1, asana);
  }
  // What is mended takes time, and what is made longer may ask for mending again.
  for (let round = 0; round < 3; round++) text = fitDoses(solver, parse, mended(solver, parse, text), asked.minutes, cache);
  return text;
}
