import { addedSeconds, bestWay, plannedAs, plansOf, Walker, type AdaptOptions } from '../adaptation/adapt.js';
import type { StepContext } from '../adaptation/evaluation.js';
import type { Participant } from '../adaptation/participant.js';
import type { Chosen, PersonPlan } from '../adaptation/plan.js';
import { propsOf, type PropsAtHand } from '../adaptation/props.js';
import { safeWays, waysLike } from '../adaptation/search.js';
import type { Studio } from '../adaptation/studio.js';
import type { Sequence } from '../sequence/sequence.js';
import { classSeconds } from '../adaptation/fit-time.js';
import { solveColumn, type Way } from './column.js';

/** Different figures in one column that a teacher can still cue (common practice, no source). */
export const USUAL_FIGURES = 3;
/** Sitting a step out costs more than any way that was found. */
const SIT_OUT = 30;
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

export interface ClassOptions extends AdaptOptions {
  /** Different figures a column. */
  readonly figures?: number;
  /** What the whole class shares; otherwise everybody has their own. */
  readonly props?: PropsAtHand;
  readonly pins?: readonly Pin[];
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
  readonly unmet: readonly (Pin & { readonly text: string })[];
  readonly cost: number;
  /** No choice in any column, given what went before, costs less than these together. */
  readonly bound: number;
}

function wayOf(chosen: Chosen | null): Way {
  return chosen === null
    ? { figure: null, cost: SIT_OUT, props: new Map() }
    : { figure: chosen.figure, cost: chosen.cost, props: propsOf(chosen.ends[0]!.solved.posture) };
}

const LIMITS_KEYS = new WeakMap<StepContext['limits'], string>();
function limitsKey(limits: StepContext['limits']): string {
  const key = LIMITS_KEYS.get(limits) ?? JSON.stringify(limits.map(({ id, spec }) => [id, spec.bound]));
  LIMITS_KEYS.set(limits, key);
  return key;
}

/** People whose way to a step is the same question: asked once for all of them. */
function remembered<T>(ask: (context: StepContext) => T): (context: StepContext) => T {
  const known = new Map<string, T>();
  const ids = new Map<object, number>();
  const idOf = (one: object) => {
    if (!ids.has(one)) ids.set(one, ids.size);
    return ids.get(one)!;
  };
  return (context) => {
    const { studio, limits, props, breathSeconds, afterPain, tally } = context;
    const { last, ...sums } = tally;
    const key = JSON.stringify([
      idOf(studio),
      limitsKey(limits),
      props,
      breathSeconds,
      afterPain,
      last && idOf(last),
      sums,
      [...context.favoured],
      [...context.named.keys()],
    ]);
    if (!known.has(key)) known.set(key, ask(context));
    return known.get(key)!;
  };
}

/** Everybody's ways in a column where not all can have their own best: their own first ones, and the others' where those are safe for them too. */
function openWays(contexts: readonly StepContext[]): (readonly (Chosen | null)[])[] {
  const own = contexts.map(remembered((context) => safeWays(context, OWN_WAYS)));
  const seen = [...new Set(own.flat().map(({ figure }) => figure))];
  const alike = remembered((context) => waysLike(context, seen));
  return contexts.map((context, i) => {
    const known = new Set(own[i]!.map(({ figure }) => figure));
    return [...own[i]!, ...alike(context).filter(({ figure }) => !known.has(figure)), null];
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
  const figures = options.figures ?? USUAL_FIGURES;
  const props = options.props ?? null;
  const walkers = members.map(({ studio, participant }) => new Walker(studio, participant, options.today ?? null));
  const columns: ClassColumn[] = [];
  const unmet: (Pin & { readonly text: string })[] = [];
  let cost = 0;
  let bound = 0;
  for (const [index, step] of sequence.steps.entries()) {
    const contexts = walkers.map((walker) => walker.context(step));
    const own = contexts.map(remembered(bestWay));
    const best = own.map((one) => one.best);
    const solve = (ways: readonly (readonly (Chosen | null)[])[]) => {
      const found = solveColumn(
        ways.map((all) => all.map(wayOf)),
        { figures, props },
      );
      return found && { ...found, taken: found.chosen.map((at, person) => ways[person]![at]!) };
    };
    const kept = new Map<number, readonly Chosen[]>();
    const refuse = (pin: Pin, text: string) => unmet.push({ ...pin, text });
    for (const pin of (options.pins ?? []).filter((one) => one.index === index)) {
      const at = members.findIndex(({ participant }) => participant.id === pin.person);
      if (at < 0) continue;
      const safe = waysLike(contexts[at]!, [pin.figure]);
      if (safe.length === 0) refuse(pin, 'What was chosen is not safe here; another way was taken.');
      else if (!solve([...kept.values(), safe]))
        refuse(pin, `What was chosen would need more than ${figures} different figures, or props that the class doesn’t have.`);
      else kept.set(at, safe);
    }
    const pinned = (ways: readonly (readonly (Chosen | null)[])[]) => ways.map((all, i) => kept.get(i) ?? all);
    // Sitting out needs neither figure nor prop, so there is always an answer.
    const answer = solve(pinned(best.map((one) => [one]))) ?? solve(pinned(openWays(contexts)))!;
    const chosen = answer.taken;
    cost += answer.cost;
    bound += answer.bound;
    walkers.forEach((walker, i) =>
      walker.take(plannedAs(contexts[i]!, own[i]!.given, chosen[i]!, kept.has(i) ? null : togetherText(chosen[i]!, best[i]!, figures))),
    );
    columns.push({
      line: step.line,
      distinct: new Set(chosen.flatMap((one) => one?.figure ?? [])).size,
      shared: answer.cost - best.reduce((sum, one) => sum + wayOf(one).cost, 0),
    });
    yield columns.length;
  }
  const plans = plansOf(walkers, sequence, options.minutes ?? sequence.minutes);
  const extra = Math.max(0, ...plans.map(({ inserted }) => addedSeconds(inserted)));
  return { plans, columns, unmet, seconds: classSeconds(plans) + extra, cost, bound };
}

/** `adaptingClass` from beginning to end. */
export function adaptClass(members: readonly Member[], sequence: Sequence, options: ClassOptions = {}): ClassPlan {
  const steps = adaptingClass(members, sequence, options);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
