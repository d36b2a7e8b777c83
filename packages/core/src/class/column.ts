import type { Prop, PropsAtHand } from '../adaptation/props.js';

/** One way for one person to do a step. */
export interface Way {
  /** What the class would see; `null` for sitting the step out, which nobody has to cue. */
  readonly figure: string | null;
  readonly cost: number;
  readonly props: ReadonlyMap<Prop, number>;
}

export interface ColumnLimits {
  /** Different figures that a teacher can cue at once. */
  readonly figures: number;
  /** What the class shares; `null` where everybody has their own. */
  readonly props: PropsAtHand | null;
}

export interface ColumnAnswer {
  /** For each person the place of the chosen way among theirs. */
  readonly chosen: readonly number[];
  readonly cost: number;
  /** No answer can cost less than this: the cost itself where the search went to its end. */
  readonly bound: number;
}

/** Partial choices that are looked at before the best so far is returned with the bound that is proven by then. */
const MOST_LOOKS = 100_000;
const EPSILON = 1e-9;

/** A way with its figure and props as numbers. */
interface Numbered {
  readonly index: number;
  /** -1 for sitting out. */
  readonly figure: number;
  readonly cost: number;
  readonly needs: readonly number[];
}

/** Ways that another of the same figure beats in cost and in every prop are never needed. */
function undominated(ways: readonly Numbered[]): Numbered[] {
  const kept: Numbered[] = [];
  for (const way of ways) {
    const beaten = kept.some(({ figure, needs }) => figure === way.figure && needs.every((count, prop) => count <= way.needs[prop]!));
    if (!beaten) kept.push(way);
  }
  return kept;
}

/**
 * The cheapest choice of one way for everybody such that the class shows few enough figures and shares its
 * props: depth-first branch and bound. Below a choice the rest cost at least their cheapest way among the
 * figures that are still open, or any figure while more may open. `null` when no choice keeps the limits.
 * The same input gives the same answer.
 */
export function solveColumn(people: readonly (readonly Way[])[], limits: ColumnLimits): ColumnAnswer | null {
  const names = new Map<string, number>();
  const shared = limits.props === null ? [] : [...new Set(people.flatMap((ways) => ways.flatMap(({ props }) => [...props.keys()])))];
  const have = shared.map((prop) => limits.props![prop] ?? 0);
  const numbered = people.map((ways) =>
    undominated(
      ways
        .map(({ figure, cost, props }, index): Numbered => {
          if (figure !== null && !names.has(figure)) names.set(figure, names.size);
          return { index, figure: figure === null ? -1 : names.get(figure)!, cost, needs: shared.map((prop) => props.get(prop) ?? 0) };
        })
        .filter(({ needs }) => needs.every((count, prop) => count <= have[prop]!))
        .sort((a, b) => a.cost - b.cost || a.index - b.index),
    ),
  );
  if (numbered.some((ways) => ways.length === 0)) return null;
  // Who loses most by not getting their first way is placed first: the bound rises early.
  const regret = numbered.map((ways) => (ways[1] ? ways[1].cost - ways[0]!.cost : Infinity));
  const order = numbered.map((_, person) => person).sort((a, b) => regret[b]! - regret[a]! || a - b);

  const chosen = new Array<number>(people.length).fill(-1);
  const left = [...have];
  const shows = new Array<number>(names.size).fill(0);
  let shown = 0;
  let best: number[] | null = null;
  let bestCost = Infinity;
  let looks = 0;
  /** The least bound of what was left unsearched. */
  let unsearched = Infinity;

  const may = ({ figure, needs }: Numbered): boolean => {
    if (figure >= 0 && shows[figure] === 0 && shown >= limits.figures) return false;
    for (let prop = 0; prop < needs.length; prop++) if (needs[prop]! > left[prop]!) return false;
    return true;
  };
  const take = ({ figure, needs }: Numbered, by: 1 | -1): void => {
    if (figure >= 0) {
      if (by > 0 ? shows[figure] === 0 : shows[figure] === 1) shown += by;
      shows[figure] = shows[figure]! + by;
    }
    for (let prop = 0; prop < needs.length; prop++) left[prop] = left[prop]! - by * needs[prop]!;
  };
  const restFrom = (depth: number, most: number): number => {
    let sum = 0;
    for (let i = depth; i < order.length && sum < most; i++) sum += numbered[order[i]!]!.find(may)?.cost ?? Infinity;
    return sum;
  };
  const search = (depth: number, cost: number): void => {
    if (depth === order.length) {
      bestCost = cost;
      best = [...chosen];
      return;
    }
    const person = order[depth]!;
    for (const way of numbered[person]!) {
      if (!may(way)) continue;
      take(way, 1);
      chosen[person] = way.index;
      const sofar = cost + way.cost;
      const bound = sofar + restFrom(depth + 1, bestCost - sofar);
      if (bound < bestCost - EPSILON) {
        if (looks++ < MOST_LOOKS) search(depth + 1, sofar);
        else unsearched = Math.min(unsearched, bound);
      }
      take(way, -1);
    }
  };
  search(0, 0);
  return best && { chosen: best, cost: bestCost, bound: Math.min(bestCost, unsearched) };
}
