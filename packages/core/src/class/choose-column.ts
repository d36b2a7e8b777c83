import { message, type Message } from '../messages/message.js';
import { aheadSaid, ownWays, plannedAs, type OwnWays } from '../planning/own-ways.js';
import { costOf } from '../plan/cost.js';
import { personContextKey, type StepContext } from '../judging/step-context.js';
import type { Chosen, PlannedStep } from '../plan/plan.js';
import { wayLike } from '../planning/search.js';
import type { Step } from '../sequence/sequence.js';
import { getOrCreate, memoize } from '../get-or-create.js';
import { agree, optionOf, type CostFor, type Offer, type Own } from './agree.js';
import { solveColumn, type ColumnLimits } from './column.js';
import { withAhead, type Guide } from './guide.js';
import type { PlanningCache } from '../judging/planning-cache.js';

/** A figure that a teacher chose for someone: it is kept where it is safe. */
export interface Pin {
  /** The participant's id. */
  readonly person: string;
  /** Place of the step in the sequence, from 0. */
  readonly index: number;
  readonly figure: string;
}

/** A choice by hand, and whose. */
export interface Held {
  readonly at: number;
  readonly pin: Pin;
}

/** One column, worked out. */
export interface Column {
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
  readonly open: readonly (readonly (Offer | null)[])[] | null;
  /** Choices by hand, by their place among them, that can't be kept. */
  readonly refused: readonly { readonly place: number; readonly said: Message }[];
}

function togetherSaid(chosen: Chosen | null, best: Chosen | null, figures: number): Message | null {
  if (chosen?.figure === best?.figure) return null;
  return message(chosen === null ? 'why.sits-out' : 'why.together', { figures });
}

/** One step for people who practise together, each on what went before. */
export function columnAt(
  contexts: readonly StepContext[],
  limits: ColumnLimits,
  cache: PlanningCache,
  led: readonly (Guide | null)[],
  held: readonly Held[],
): Column {
  const keys = contexts.map(personContextKey);
  const key = [
    JSON.stringify(limits),
    ...held.map(({ at, pin }) => `${at} ${pin.figure}`),
    ...keys.map((own, i) => `${own}${led[i]?.key ?? ''}`),
  ].join('|');
  return getOrCreate(cache.of<string, Column>('columns'), key, () => chooseColumn(contexts, keys, led, cache, limits, held));
}

function chooseColumn(
  contexts: readonly StepContext[],
  keys: readonly string[],
  guides: readonly (Guide | null)[],
  cache: PlanningCache,
  limits: ColumnLimits,
  pins: readonly Held[],
): Column {
  const { figures } = limits;
  const ways = contexts.map((context, i) => getOrCreate(cache.of<string, OwnWays>('ownWays'), keys[i]!, () => ownWays(context)));
  const costFor = (chosen: Chosen | null, person: number) =>
    withAhead(costOf(chosen), chosen ? chosen.ends.at(-1)! : contexts[person]!.totals.last, guides[person] ?? null);
  const wishes = contexts.map((context, i) => (guides[i]?.figure ? wayLike(context, guides[i].figure) : null));
  const best = ways.map((one, i) => (wishes[i] && costFor(wishes[i], i) < costFor(one.best, i) ? wishes[i] : one.best));
  const solve = (ways: readonly (readonly (Chosen | null)[])[], cost: CostFor) => {
    const found = solveColumn(
      ways.map((all, person) => all.map((one) => optionOf(one, cost(one, person)))),
      limits,
    );
    return found && { ...found, open: null, taken: found.chosen.map((at, person) => ways[person]![at]!) };
  };
  const kept = new Map<number, readonly Chosen[]>();
  const refused: { place: number; said: Message }[] = [];
  for (const [place, { at, pin }] of pins.entries()) {
    const safe = wayLike(contexts[at]!, pin.figure);
    if (!safe) refused.push({ place, said: message('choice.unsafe') });
    else if (!solve([...kept.values(), [safe]], costOf)) refused.push({ place, said: message('choice.does-not-fit', { figures }) });
    else kept.set(at, [safe]);
  }
  const together = solve(
    best.map((one, i) => kept.get(i) ?? [one]),
    costFor,
  );
  const ownOf = (i: number): Own => {
    const held = kept.get(i);
    return { safe: held ?? [best[i], wishes[i], ways[i]!.best].flatMap((one) => one ?? []), isHeld: held !== undefined };
  };
  const answer = together ?? agree(contexts, contexts.map((_, i) => ownOf(i)), costFor, limits); // prettier-ignore
  if (!answer) throw new Error('A column without an answer');
  const { taken: chosen } = answer;
  const cost = chosen.reduce((sum, one) => sum + costOf(one), 0);
  return {
    ways,
    chosen,
    why: chosen.map((one, i) => {
      if (kept.has(i)) return {};
      const together = togetherSaid(one, best[i]!, figures);
      return together === null ? { ahead: aheadSaid(one, ways[i]!.best) } : { together };
    }),
    distinct: new Set(chosen.flatMap((one) => one?.figure ?? [])).size,
    shared: cost - best.reduce((sum, one) => sum + costOf(one), 0),
    cost,
    bound: cost - (answer.cost - answer.bound),
    open: answer.open,
    refused,
  };
}

const plannedSteps = memoize((_: Column) => new WeakMap<Step, readonly PlannedStep[]>());

/** A column as it is planned for everybody: the same objects whenever it is asked for the same step, so that what an edit left as it was is told by itself. */
export function plannedIn(column: Column, step: Step): readonly PlannedStep[] {
  const { ways, chosen, why } = column;
  return getOrCreate(plannedSteps(column), step, () => ways.map((own, i) => plannedAs(step, own, chosen[i]!, why[i])));
}
