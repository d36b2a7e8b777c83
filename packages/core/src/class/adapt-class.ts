import { addedSeconds, ownWays, plannedAs, plansOf, Walker, type AdaptOptions, type OwnWays } from '../adaptation/adapt.js';
import type { StepContext } from '../adaptation/evaluation.js';
import type { Participant } from '../adaptation/participant.js';
import type { Chosen, PersonPlan } from '../adaptation/plan.js';
import { propsOf, type PropsAtHand } from '../adaptation/props.js';
import { safeWays, waysLike } from '../adaptation/search.js';
import type { Studio } from '../adaptation/studio.js';
import type { Sequence } from '../sequence/sequence.js';
import { classSeconds } from '../adaptation/fit-time.js';
import { solveColumn, type ColumnLimits, type Way } from './column.js';
import { ClassMemory } from './memory.js';

/** Different figures in one column that a teacher can still cue (common practice, no source). */
export const USUAL_FIGURES = 3;
/** Sitting a step out costs more than any way that was found. */
export const SIT_OUT = 30;
/** So many of everybody's own ways are set against each other where not all can have their best. */
const OWN_WAYS = 5;

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
  /** No choice in any column, given what went before, costs less than these together. */
  readonly bound: number;
}

function wayOf(chosen: Chosen | null): Way {
  return chosen === null
    ? { figure: null, cost: SIT_OUT, props: new Map() }
    : { figure: chosen.figure, cost: chosen.cost, props: propsOf(chosen.ends[0]!.solved.posture) };
}

/** Figures that a class could agree on: those that are someone's best, or safe and near the best for several. */
function figuresToShare(own: readonly (readonly Chosen[])[]): string[] {
  const wanted = new Map<string, number>();
  for (const ways of own) ways.forEach(({ figure }, place) => wanted.set(figure, (wanted.get(figure) ?? 0) + (place === 0 ? 2 : 1)));
  return [...wanted].flatMap(([figure, times]) => (times > 1 ? [figure] : []));
}

/** Everybody's ways in a column where not all can have their own best: their own first ones, and the others' where those are safe for them too. */
function openWays(contexts: readonly StepContext[], keys: readonly string[], memory: ClassMemory): (readonly (Chosen | null)[])[] {
  const own = contexts.map((context, i) => memory.once('own', keys[i]!, () => safeWays(context, OWN_WAYS)));
  const seen = figuresToShare(own);
  return contexts.map((context, i) => {
    const known = new Set(own[i]!.map(({ figure }) => figure));
    const likes = seen.flatMap((figure) =>
      known.has(figure) ? [] : (memory.once('like', `${keys[i]} ${figure}`, () => waysLike(context, [figure])[0] ?? null) ?? []),
    );
    return [...own[i]!, ...likes, null];
  });
}

function togetherText(chosen: Chosen | null, best: Chosen | null, figures: number): string | null {
  if (chosen?.figure === best?.figure) return null;
  return chosen === null
    ? `Nothing else fits in this class with at most ${figures} different figures and the props it shares.`
    : `Changed so that the class shows at most ${figures} different figures here and shares its props.`;
}

/**
 * A sequence adapted to people who practise together. Step by step everybody's safe ways are set against each
 * other: the cheapest choice that shows few enough figures and shares the props (exact for the ways that are
 * considered, see `solveColumn`). Nobody's limits are ever traded for it. The same input gives the same plan.
 * Gives the number of steps done after each, so that whoever drives it may tell of it, or stop.
 */
export function* adaptingClass(members: readonly Member[], sequence: Sequence, options: ClassOptions = {}): Generator<number, ClassPlan> {
  const { figures = USUAL_FIGURES, props = null, memory = new ClassMemory() } = options;
  const walkers = members.map(({ studio, participant }) => new Walker(studio, participant, options.today ?? null));
  const places = new Map(members.map(({ participant: { id } }, place) => [id, place]));
  const shared = JSON.stringify([figures, props]);
  const columns: ClassColumn[] = [];
  const unmet: Unmet[] = [];
  let cost = 0;
  let bound = 0;
  for (const [index, step] of sequence.steps.entries()) {
    const contexts = walkers.map((walker) => walker.context(step));
    const keys = contexts.map((context) => memory.keyOf(context));
    const pins = (options.pins ?? []).flatMap((pin): Held[] => {
      const at = places.get(pin.person);
      return pin.index === index && at !== undefined ? [{ at, pin }] : [];
    });
    const column = memory.once('column', [shared, ...pins.map(({ at, pin }) => `${at} ${pin.figure}`), ...keys].join('|'), () =>
      chooseColumn(contexts, keys, memory, { figures, props }, pins),
    );
    cost += column.cost;
    bound += column.bound;
    unmet.push(...column.refused.map(({ held, text }) => ({ ...pins[held]!.pin, text })));
    walkers.forEach((walker, i) => walker.take(plannedAs(step, column.ways[i]!, column.chosen[i]!, column.together[i]!)));
    columns.push({ line: step.line, distinct: column.distinct, shared: column.shared });
    yield columns.length;
  }
  const plans = plansOf(walkers, sequence, options.minutes ?? sequence.minutes);
  const extra = Math.max(0, ...plans.map(({ inserted }) => addedSeconds(inserted)));
  return { plans, columns, unmet, seconds: classSeconds(plans) + extra, cost, bound };
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
  readonly together: readonly (string | null)[];
  readonly distinct: number;
  readonly shared: number;
  readonly cost: number;
  readonly bound: number;
  /** Choices by hand, by their place among them, that can't be kept. */
  readonly refused: readonly { readonly held: number; readonly text: string }[];
}

function chooseColumn(
  contexts: readonly StepContext[],
  keys: readonly string[],
  memory: ClassMemory,
  limits: ColumnLimits,
  pins: readonly Held[],
): Column {
  const { figures } = limits;
  const ways = contexts.map((context, i) => memory.once('best', keys[i]!, () => ownWays(context)));
  const best = ways.map((one) => one.best);
  const solve = (open: readonly (readonly (Chosen | null)[])[]) => {
    const found = solveColumn(
      open.map((all) => all.map(wayOf)),
      limits,
    );
    return found && { ...found, taken: found.chosen.map((at, person) => open[person]![at]!) };
  };
  const kept = new Map<number, readonly Chosen[]>();
  const refused: { held: number; text: string }[] = [];
  pins.forEach(({ at, pin }, held) => {
    const safe = waysLike(contexts[at]!, [pin.figure]);
    if (safe.length === 0) refused.push({ held, text: 'What was chosen is not safe here; another way was taken.' });
    else if (!solve([...kept.values(), safe]))
      refused.push({
        held,
        text: `What was chosen would need more than ${figures} different figures, or props that the class doesn’t have.`,
      });
    else kept.set(at, safe);
  });
  const pinned = (open: readonly (readonly (Chosen | null)[])[]) => open.map((all, i) => kept.get(i) ?? all);
  // Sitting out needs neither figure nor prop, so there is always an answer.
  const answer = solve(pinned(best.map((one) => [one]))) ?? solve(pinned(openWays(contexts, keys, memory)))!;
  const { taken: chosen, cost, bound } = answer;
  return {
    ways,
    chosen,
    together: chosen.map((one, i) => (kept.has(i) ? null : togetherText(one, best[i]!, figures))),
    distinct: new Set(chosen.flatMap((one) => one?.figure ?? [])).size,
    shared: cost - best.reduce((sum, one) => sum + wayOf(one).cost, 0),
    cost,
    bound,
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
