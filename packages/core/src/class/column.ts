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
const MOST_LOOKS = 200_000;
const EPSILON = 1e-9;

/**
 * The cheapest choice of one way for everybody such that the class shows few enough figures and shares its
 * props: depth-first branch and bound. Below a choice the rest cost at least their cheapest way among the
 * figures that are still open, or any figure while more may open. `null` when no choice keeps the limits.
 * The same input gives the same answer.
 */
export function solveColumn(people: readonly (readonly Way[])[], limits: ColumnLimits): ColumnAnswer | null {
  if (people.some((ways) => ways.length === 0)) return null;
  const sorted = people.map((ways) => ways.map((way, index) => ({ ...way, index })).sort((a, b) => a.cost - b.cost || a.index - b.index));
  // Who loses most by not getting their first way is placed first: the bound rises early.
  const regret = sorted.map((ways) => (ways[1] ? ways[1].cost - ways[0]!.cost : Infinity));
  const order = sorted.map((_, person) => person).sort((a, b) => regret[b]! - regret[a]! || a - b);

  const chosen = new Array<number>(people.length).fill(-1);
  const used = new Map<Prop, number>();
  const open = new Map<string, number>();
  let best: number[] | null = null;
  let bestCost = Infinity;
  let looks = 0;
  /** The least bound of what was left unsearched. */
  let unsearched = Infinity;

  const fits = ({ props }: Way) =>
    limits.props === null || [...props].every(([prop, count]) => (used.get(prop) ?? 0) + count <= (limits.props![prop] ?? 0));
  const shows = ({ figure }: Way) => figure === null || open.has(figure) || open.size < limits.figures;
  const restFrom = (depth: number): number => {
    let sum = 0;
    for (let i = depth; i < order.length; i++) {
      const way = sorted[order[i]!]!.find((one) => shows(one) && fits(one));
      if (!way) return Infinity;
      sum += way.cost;
    }
    return sum;
  };
  const search = (depth: number, cost: number): void => {
    if (depth === order.length) {
      bestCost = cost;
      best = [...chosen];
      return;
    }
    const person = order[depth]!;
    for (const way of sorted[person]!) {
      if (!shows(way) || !fits(way)) continue;
      if (way.figure !== null) open.set(way.figure, (open.get(way.figure) ?? 0) + 1);
      for (const [prop, count] of way.props) used.set(prop, (used.get(prop) ?? 0) + count);
      chosen[person] = way.index;
      const bound = cost + way.cost + restFrom(depth + 1);
      if (bound < bestCost - EPSILON) {
        if (looks++ < MOST_LOOKS) search(depth + 1, cost + way.cost);
        else unsearched = Math.min(unsearched, bound);
      }
      for (const [prop, count] of way.props) used.set(prop, used.get(prop)! - count);
      if (way.figure !== null) {
        if (open.get(way.figure) === 1) open.delete(way.figure);
        else open.set(way.figure, open.get(way.figure)! - 1);
      }
    }
  };
  search(0, 0);
  return best && { chosen: best, cost: bestCost, bound: Math.min(bestCost, unsearched) };
}
