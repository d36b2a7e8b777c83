import { addedSeconds, aheadText, ownWays, plannedAs, plansOf, Walker, type AdaptOptions, type OwnWays } from '../adaptation/adapt.js';
import type { StepContext } from '../adaptation/place.js';
import type { Participant } from '../adaptation/participant.js';
import type { Chosen, PersonPlan, PlannedStep } from '../adaptation/plan.js';
import { costOf } from '../adaptation/candidates.js';
import { propsOf, type PropsAtHand } from '../adaptation/props.js';
import { bestPath } from '../adaptation/best-path.js';
import { Outlook } from '../adaptation/outlook.js';
import { safeWays, waysLike } from '../adaptation/search.js';
import type { Studio } from '../adaptation/studio.js';
import type { Sequence, Step } from '../sequence/sequence.js';
import { classSeconds } from '../adaptation/fit-time.js';
import { solveColumn, type ColumnLimits, type Way } from './column.js';
import { stepKey } from '../sequence/step-key.js';
import { guideOf, withAhead, type Guide } from './guide.js';
import { ClassMemory } from './memory.js';

/** Different figures in one column that a teacher can still cue (common practice, no source). */
export const USUAL_FIGURES = 3;
/** So many of everybody's own ways are set against each other where not all can have their best. */
const OWN_WAYS = 5;

/** Costs of a class closer than this are the same. */
const SAME = 1e-6;

/** Someone in a class, with their body. */
export interface Member {
  readonly studio: Studio;
  readonly participant: Participant;
}

/** A figure that a teacher chose for someone: it is kept where it is safe. */
export interface Pin {
  /** The participant's id. */
  readonly person: string;
  /** Place of the step in the sequence, from 0. */
  readonly index: number;
  readonly figure: string;
}

/** A pin that can't be met, and why. */
export interface Unmet extends Pin {
  readonly text: string;
}

export interface ClassOptions extends AdaptOptions {
  /** Different figures a column. */
  readonly figures?: number;
  /** What the whole class shares; otherwise everybody has their own. */
  readonly props?: PropsAtHand;
  readonly pins?: readonly Pin[];
  /** What was worked out before for these people: an edit then asks only for what it changes. */
  readonly memory?: ClassMemory;
}

export interface ClassColumn {
  readonly line: number;
  readonly distinct: number;
  /** What giving way to each other costs here, beyond everybody's own best. */
  readonly shared: number;
}

export interface ClassPlan {
  readonly plans: readonly PersonPlan[];
  readonly columns: readonly ClassColumn[];
  readonly seconds: number;
  /** Pins that can't be met, and why. */
  readonly unmet: readonly Unmet[];
  readonly cost: number;
  /** No choice of the ways that were set against each other costs less, in whatever order it is made. */
  readonly bound: number;
  /** Whether no other choice in any single step costs less, on what went before. */
  readonly isBestStepByStep: boolean;
}

function wayOf(chosen: Chosen | null, cost: number): Way {
  return chosen === null
    ? { figure: null, cost, props: new Map() }
    : { figure: chosen.figure, cost, props: propsOf(chosen.ends[0]!.solved) };
}

/** Figures that a class could agree on: those that are someone's best, or safe and near the best for several. */
function figuresToShare(own: readonly (readonly Chosen[])[]): string[] {
  const wanted = new Map<string, number>();
  for (const ways of own) ways.forEach(({ figure }, place) => wanted.set(figure, (wanted.get(figure) ?? 0) + (place === 0 ? 2 : 1)));
  return [...wanted].flatMap(([figure, times]) => (times > 1 ? [figure] : []));
}

/** Everybody's ways in a column where not all can have their own best: their own first ones, and the others' where those are safe for them too. */
function openWays(
  contexts: readonly StepContext[],
  keys: readonly string[],
  wishes: readonly (Chosen | null)[],
  memory: ClassMemory,
): (readonly (Chosen | null)[])[] {
  const own = contexts.map((context, i) => {
    const ways = memory.once('own', keys[i]!, () => safeWays(context, OWN_WAYS));
    const wish = wishes[i]!;
    return wish && ways.every(({ figure }) => figure !== wish.figure) ? [wish, ...ways] : ways;
  });
  const seen = figuresToShare(own);
  return contexts.map((context, i) => {
    const ways: (Chosen | null)[] = [...own[i]!];
    const asked = memory.once('likes', keys[i]!, () => new Map<string, readonly Chosen[]>());
    for (const figure of seen) {
      if (own[i]!.some((one) => one.figure === figure)) continue;
      let like = asked.get(figure);
      if (!like) asked.set(figure, (like = waysLike(context, [figure])));
      ways.push(...like);
    }
    ways.push(null);
    return ways;
  });
}

function togetherText(chosen: Chosen | null, best: Chosen | null, figures: number): string | null {
  if (chosen?.figure === best?.figure) return null;
  return chosen === null
    ? `Nothing else fits in this class with at most ${figures} different figures and the props it shares.`
    : `Changed so that the class shows at most ${figures} different figures here and shares its props.`;
}

/** The same people where the props are those of the room: whatever it has is at hand for everybody, as long as there is enough. */
export function inRoom(members: readonly Member[], props: PropsAtHand | null): readonly Member[] {
  return props ? members.map(({ studio, participant }) => ({ studio, participant: { ...participant, props } })) : members;
}

/** A class chosen from its first step to its last. */
interface Walked {
  readonly walkers: readonly Walker[];
  readonly columns: readonly Column[];
  readonly unmet: readonly Unmet[];
  readonly cost: number;
}

/** One column after the other, each on what went before. Gives the number of columns done. */
function* walk(
  start: readonly Walker[],
  steps: readonly Step[],
  guides: readonly (readonly Guide[] | null)[],
  options: ClassOptions,
  memory: ClassMemory,
): Generator<number, Walked> {
  const { figures = USUAL_FIGURES, props = null, pins = [] } = options;
  const walkers = start.map((walker) => walker.anew());
  const places = new Map(start.map(({ participant: { id } }, place) => [id, place]));
  const limits: ColumnLimits = { figures, props };
  const columns: Column[] = [];
  const unmet: Unmet[] = [];
  for (const [index, step] of steps.entries()) {
    const held = pins.flatMap((pin): Held[] => {
      const at = places.get(pin.person);
      return pin.index === index && at !== undefined ? [{ at, pin }] : [];
    });
    const led = guides.map((guide) => guide && guide[index]!);
    const column = columnAt(walkers, step, limits, memory, led, held);
    takeColumn(walkers, step, column);
    unmet.push(...column.refused.map(({ place, text }) => ({ ...held[place]!.pin, text })));
    columns.push(column);
    yield columns.length;
  }
  return { walkers, columns, unmet, cost: columns.reduce((sum, { cost }) => sum + cost, 0) };
}

/**
 * What a class costs at the least: everybody's outlook, and in each step where it has to give way, what that costs
 * beyond it. Valid for the ways that were set against each other there, and for all ways elsewhere.
 */
function boundOf(
  walkers: readonly Walker[],
  columns: readonly Column[],
  steps: readonly Step[],
  limits: ColumnLimits,
  memory: ClassMemory,
): number {
  const outlooks = walkers.map(({ who }) => new Outlook(who, steps));
  const given = columns.map((column, i) => {
    const { open } = column;
    if (!open) return 0;
    const key = outlooks.map((outlook) => outlook.keyOf(i)).join('|');
    return memory.onceFor(column, key, () => {
      const ways = open.map((all, person) => all.map((one) => wayOf(one, outlooks[person]!.aboveWith(i, one))));
      return solveColumn(ways, limits)!.bound;
    });
  });
  return [...outlooks.map((outlook) => outlook.least(0)), ...given].reduce((sum, cost) => sum + cost, 0);
}

/** Whoever sits a step out may have been led to where they can't go on from. */
function needsGuide({ steps }: Walker): boolean {
  return steps.some(({ chosen }) => chosen === null);
}

/**
 * A sequence adapted to people who practise together. Step by step everybody's safe ways are set against each
 * other: the cheapest choice that shows few enough figures and shares the props (exact for the ways that are
 * considered, see `solveColumn`). Where that leads someone to where they can't go on from, a good way through
 * of their own (see `nearPath`) guides a second choice, and the cheaper class is taken. Nobody's limits are ever traded
 * for it. The same input gives the same plan.
 * Gives the number of steps done after each, so that whoever drives it may tell of it, or stop.
 */
export function* adaptingClass(members: readonly Member[], sequence: Sequence, options: ClassOptions = {}): Generator<number, ClassPlan> {
  const { figures = USUAL_FIGURES, props = null, memory = new ClassMemory() } = options;
  const { steps } = sequence;
  const today = options.today ?? null;
  const present = inRoom(members, props).map(({ studio, participant }) =>
    // Kept with the body: who is forgotten takes it along.
    memory.onceFor(studio, JSON.stringify([participant, today]), () => new Walker(studio, participant, today)),
  );
  const nobody = members.map(() => null);
  let walked = yield* walk(present, steps, nobody, options, memory);
  // Where everybody may have a figure of their own, the class is everybody's best way.
  const areFew = members.length <= figures;
  const paths = areFew
    ? walked.walkers.map(({ who }) => memory.once('path', `${who.id} ${steps.map(stepKey).join()}`, () => bestPath(who, steps)))
    : null;
  const guides = walked.walkers.map((walker, i) => (paths || needsGuide(walker) ? guideOf(walker.who, steps, paths?.[i]!.way) : null));
  if (guides.some((guide) => guide?.some(({ elsewhere }) => elsewhere > 0))) {
    const guided = yield* walk(present, steps, guides, options, memory);
    if (guided.cost < walked.cost - 1e-9) walked = guided;
  }
  const { walkers, columns, unmet, cost } = walked;
  // A class is never cheaper than everybody by themselves.
  const alone = (paths ?? []).reduce((sum, path) => sum + path.bound, 0);
  const plans = plansOf(walkers, sequence, options.minutes ?? sequence.minutes);
  const extra = Math.max(0, ...plans.map(({ inserted }) => addedSeconds(inserted)));
  const bound = Math.max(boundOf(walkers, columns, steps, { figures, props }, memory), alone);
  return {
    plans,
    columns: columns.map(({ distinct, shared }, i) => ({ line: steps[i]!.line, distinct, shared })),
    unmet,
    seconds: classSeconds(plans) + extra,
    cost,
    bound: cost - bound < SAME ? cost : bound,
    isBestStepByStep: columns.every((column) => column.cost <= column.bound + 1e-9),
  };
}

/** A choice by hand, and whose. */
interface Held {
  readonly at: number;
  readonly pin: Pin;
}

/** One column, worked out. */
interface Column {
  readonly ways: readonly OwnWays[];
  readonly chosen: readonly (Chosen | null)[];
  /** Why someone's way isn't the closest one. */
  readonly why: readonly Partial<Pick<PlannedStep, 'together' | 'ahead'>>[];
  readonly distinct: number;
  readonly shared: number;
  readonly cost: number;
  /** No choice costs less, on what went before. */
  readonly bound: number;
  /** Where the class had to give way: all that was set against each other. */
  readonly open: readonly (readonly (Chosen | null)[])[] | null;
  /** Choices by hand, by their place among them, that can't be kept. */
  readonly refused: readonly { readonly place: number; readonly text: string }[];
}

/** One step for people who practise together, on what went before. */
export function columnAt(
  walkers: readonly Walker[],
  step: Step,
  limits: ColumnLimits,
  memory: ClassMemory,
  led: readonly (Guide | null)[] = walkers.map(() => null),
  held: readonly Held[] = [],
): Column {
  const contexts = walkers.map((walker) => walker.context(step));
  const keys = contexts.map((context) => memory.keyOf(context));
  const key = [
    JSON.stringify(limits),
    ...held.map(({ at, pin }) => `${at} ${pin.figure}`),
    ...keys.map((own, i) => `${own}${led[i] ? JSON.stringify(led[i]) : ''}`),
  ].join('|');
  return memory.once('column', key, () => chooseColumn(contexts, keys, led, memory, limits, held));
}

export function takeColumn(walkers: readonly Walker[], step: Step, { ways, chosen, why }: Column): void {
  walkers.forEach((walker, i) => walker.take(plannedAs(step, ways[i]!, chosen[i]!, why[i])));
}

function chooseColumn(
  contexts: readonly StepContext[],
  keys: readonly string[],
  guides: readonly (Guide | null)[],
  memory: ClassMemory,
  limits: ColumnLimits,
  pins: readonly Held[],
): Column {
  const { figures } = limits;
  const ways = contexts.map((context, i) => memory.once('best', keys[i]!, () => ownWays(context)));
  const costFor = (chosen: Chosen | null, person: number) =>
    withAhead(costOf(chosen), chosen ? chosen.ends.at(-1)! : contexts[person]!.tally.last, guides[person]!);
  const wishes = contexts.map((context, i) => (guides[i]?.figure ? (waysLike(context, [guides[i].figure])[0] ?? null) : null));
  const best = ways.map((one, i) => (wishes[i] && costFor(wishes[i], i) < costFor(one.best, i) ? wishes[i] : one.best));
  type Open = readonly (readonly (Chosen | null)[])[];
  const solve = (open: Open, cost: typeof costFor = costFor) => {
    const found = solveColumn(
      open.map((all, person) => all.map((one) => wayOf(one, cost(one, person)))),
      limits,
    );
    return found && { ...found, open, taken: found.chosen.map((at, person) => open[person]![at]!) };
  };
  const kept = new Map<number, readonly Chosen[]>();
  const refused: { place: number; text: string }[] = [];
  for (const [place, { at, pin }] of pins.entries()) {
    const safe = waysLike(contexts[at]!, [pin.figure]);
    if (safe.length === 0) refused.push({ place, text: 'What was chosen is not safe here; another way was taken.' });
    else if (!solve([...kept.values(), safe], costOf))
      refused.push({ place, text: `What was chosen would need more than ${figures} different figures, or props that the class doesn’t have.` }); // prettier-ignore
    else kept.set(at, safe);
  }
  const pinned = (open: Open) => open.map((all, i) => kept.get(i) ?? all);
  // Sitting out needs neither figure nor prop, so there is always an answer.
  const together = solve(pinned(best.map((one) => [one])));
  const answer = together ?? solve(pinned(openWays(contexts, keys, wishes, memory)))!;
  const { taken: chosen } = answer;
  const cost = chosen.reduce((sum, one) => sum + costOf(one), 0);
  return {
    ways,
    chosen,
    why: chosen.map((one, i) => {
      if (kept.has(i)) return {};
      const together = togetherText(one, best[i]!, figures);
      return together === null ? { ahead: aheadText(one, ways[i]!.best) } : { together };
    }),
    distinct: new Set(chosen.flatMap((one) => one?.figure ?? [])).size,
    shared: cost - best.reduce((sum, one) => sum + costOf(one), 0),
    cost,
    bound: cost - (answer.cost - answer.bound),
    open: together ? null : answer.open,
    refused,
  };
}

/** `adaptingClass` from beginning to end. */
export function adaptClass(members: readonly Member[], sequence: Sequence, options: ClassOptions = {}): ClassPlan {
  const steps = adaptingClass(members, sequence, options);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
