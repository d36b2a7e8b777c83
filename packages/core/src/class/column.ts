import { PROPS, type PropsAtHand, type Prop } from '../participants/props-at-hand.js';
import { getOrCreate } from '../get-or-create.js';

/** One way for one person to do a step. */
export interface Option {
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

/** Sets of figures, and partial choices within them, that are looked at before the best so far is returned with the bound proven by then. */
const MOST_LOOKS = 300_000;
const EPSILON = 1e-9;

/** Dearer than all ways of a class together: for whoever can neither show a figure nor sit out. */
const NEVER = 1e6;

/** A way with its figure and props as numbers. */
interface Numbered {
  readonly index: number;
  /** -1 for sitting out. */
  readonly figure: number;
  readonly cost: number;
  readonly needs: readonly number[];
}

/** A figure that may join those that the class shows. */
interface Joining {
  readonly figure: number;
  readonly spares: number;
}

function moreSparing(one: Joining, other: Joining): Joining {
  return other.spares > one.spares || (other.spares === one.spares && other.figure < one.figure) ? other : one;
}

function byCost(one: Numbered, other: Numbered): number {
  return one.cost - other.cost || one.index - other.index;
}

/** Of ways that are sorted: one that another of the same figure beats in cost and in every prop is never needed. */
function undominated(ways: readonly Numbered[]): Numbered[] {
  const kept: Numbered[] = [];
  for (const way of ways) {
    const beaten = kept.some(({ figure, needs }) => figure === way.figure && needs.every((count, prop) => count <= way.needs[prop]!));
    if (!beaten) kept.push(way);
  }
  return kept;
}

/** None where there is none. */
function cheapestOf(ways: readonly Numbered[], isOpen: (way: Numbered) => boolean): Numbered[] {
  let cheapest: Numbered | null = null;
  for (const way of ways) if (isOpen(way) && (cheapest === null || byCost(way, cheapest) < 0)) cheapest = way;
  return cheapest ? [cheapest] : [];
}

const NO_NEEDS: readonly number[] = [];

/** Everybody's ways, how many figures they show, and of the props that matter how many there are. */
function byNumbers(
  people: readonly (readonly Option[])[],
  props: PropsAtHand | null,
): { ways: Numbered[][]; figures: number; have: readonly number[] } {
  const names = new Map<string, number>();
  const shared = props === null ? [] : [...new Set(people.flatMap((ways) => ways.flatMap(({ props: needs }) => [...needs.keys()])))];
  const have = shared.map((prop) => props?.[prop] ?? 0);
  const isEnough = ({ needs }: Numbered) => needs.every((count, prop) => count <= have[prop]!);
  const ways = people.map((own) => {
    const all = own.map(({ figure, cost, props: needs }, index): Numbered => ({
      index,
      figure: figure === null ? -1 : getOrCreate(names, figure, () => names.size),
      cost,
      needs: shared.length === 0 ? NO_NEEDS : shared.map((prop) => needs.get(prop) ?? 0),
    }));
    return shared.length === 0 ? all : undominated(all.filter(isEnough).sort(byCost));
  });
  return { ways, figures: names.size, have };
}

/** Where everybody has one way, that is it, if the limits are kept. */
function onlyChoice(ways: readonly Option[], { figures, props }: ColumnLimits): ColumnAnswer | null {
  if (new Set(ways.flatMap(({ figure }) => figure ?? [])).size > figures) return null;
  const needed = (prop: Prop) => ways.reduce((sum, { props: needs }) => sum + (needs.get(prop) ?? 0), 0);
  if (props && PROPS.some((prop) => needed(prop) > (props[prop] ?? 0))) return null;
  const cost = ways.reduce((sum, way) => sum + way.cost, 0);
  return { chosen: ways.map(() => 0), cost, bound: cost };
}

function cheaper(one: readonly number[], other: readonly number[]): number[] {
  const least = one.slice();
  for (let person = 0; person < least.length; person++) least[person] = Math.min(least[person]!, other[person]!);
  return least;
}

function costWith(one: readonly number[], other: readonly number[]): number {
  let sum = 0;
  for (let person = 0; person < one.length; person++) sum += Math.min(one[person]!, other[person]!);
  return sum;
}

/** Figures that no other is as cheap as for everybody; of those that cost all the same the first. */
function unbeaten(costs: readonly (readonly number[])[]): number[] {
  const beats = (other: readonly number[], own: readonly number[]) => other.every((cost, person) => cost <= own[person]!);
  return [...costs.keys()].filter((figure) => {
    const own = costs[figure]!;
    return !costs.some((other, at) => at !== figure && beats(other, own) && (at < figure || !beats(own, other)));
  });
}

/**
 * The cheapest choice of one way for everybody such that the class shows few enough figures and shares its
 * props. Sets of figures are built depth-first, what spares the class most first; what may still join a set
 * spares no more than its best figures do, each by itself (branch and bound). Within a full set everybody takes their
 * cheapest way, or, where that needs more props than there are, the cheapest choice by a second search.
 * `null` when no choice keeps the limits. The same input gives the same answer.
 */
export function solveColumn(people: readonly (readonly Option[])[], limits: ColumnLimits, mostLooks = MOST_LOOKS): ColumnAnswer | null {
  if (people.every(({ length }) => length === 1)) return onlyChoice(people.flat(), limits);
  const { have, figures, ways: numbered } = byNumbers(people, limits.props);
  if (numbered.some((ways) => ways.length === 0)) return null;
  const isShared = have.length > 0;

  // The cheapest way of everybody in each figure.
  const n = people.length;
  const nothing = () => new Array<number>(n).fill(NEVER);
  const out = nothing();
  const costs = Array.from({ length: figures }, nothing);
  numbered.forEach((ways, person) => {
    for (const { figure, cost } of ways) {
      const own = figure < 0 ? out : costs[figure]!;
      own[person] = Math.min(own[person]!, cost);
    }
  });

  let best: number[] | null = null;
  let bestCost = Infinity;
  let looks = 0;
  /** The least bound of what was left unsearched. */
  let unsearched = Infinity;
  const open = new Set<number>();

  /** Everybody within the open figures; with props to share by a search of its own. */
  const settle = (): void => {
    const isOpen = ({ figure }: Numbered) => figure < 0 || open.has(figure);
    const within = numbered.map((ways) => (isShared ? ways.filter(isOpen) : cheapestOf(ways, isOpen)));
    if (within.some(({ length }) => length === 0)) return;
    const least = new Array<number>(n + 1).fill(0);
    for (let person = n - 1; person >= 0; person--) least[person] = least[person + 1]! + within[person]![0]!.cost;
    const left = [...have];
    const chosen = new Array<number>(n);
    const place = (person: number, cost: number): void => {
      if (cost + least[person]! >= bestCost - EPSILON) return;
      if (person === n) {
        bestCost = cost;
        best = [...chosen];
        return;
      }
      if (looks++ > mostLooks) {
        unsearched = Math.min(unsearched, cost + least[person]!);
        return;
      }
      for (const { index, cost: own, needs } of within[person]!) {
        if (!needs.every((count, prop) => count <= left[prop]!)) continue;
        for (let prop = 0; prop < left.length; prop++) left[prop] = left[prop]! - needs[prop]!;
        chosen[person] = index;
        place(person + 1, cost + own);
        for (let prop = 0; prop < left.length; prop++) left[prop] = left[prop]! + needs[prop]!;
        // Without props to share the cheapest is the only one that matters.
        if (!isShared) break;
      }
    };
    place(0, 0);
  };
  /** What each figure of `rest` would spare the class as it stands; those that spare nothing are left out. */
  const sparing = (rest: readonly number[], now: readonly number[]): Joining[] => {
    const joining: Joining[] = [];
    for (const figure of rest) {
      const own = costs[figure]!;
      let spares = 0;
      for (let person = 0; person < n; person++) if (own[person]! < now[person]!) spares += now[person]! - own[person]!;
      // Where props are shared, a figure that spares nothing may be the one that needs fewer of them.
      if (spares > 0 || isShared) joining.push({ figure, spares });
    }
    return joining;
  };
  /** For each of them what everybody's cheapest way among those behind it costs. */
  const cheapestLater = (joining: readonly Joining[]): number[][] => {
    const later: number[][] = [];
    let cheapest = new Array<number>(n).fill(NEVER);
    for (let at = joining.length - 1; at >= 0; at--) {
      later[at] = cheapest;
      cheapest = cheaper(cheapest, costs[joining[at]!.figure]!);
    }
    return later;
  };
  const grow = (rest: readonly number[], now: readonly number[]): void => {
    const room = limits.figures - open.size;
    const able = room === 0 ? [] : sparing(rest, now);
    if (able.length === 0) return settle();
    const cost = now.reduce((sum, own) => sum + own, 0);
    // Only the best of them can fill the last place, unless props decide.
    const joining = room === 1 && !isShared ? [able.reduce(moreSparing)] : able.sort((a, b) => b.spares - a.spares || a.figure - b.figure);
    const later = room > 1 ? cheapestLater(joining) : [];
    // Figures spare less together than each by itself.
    const least = (from: number) => joining.slice(from, from + room).reduce((left, { spares }) => left - spares, cost);
    for (const [at, { figure }] of joining.entries()) {
      const bound = least(at);
      if (bound >= bestCost - EPSILON) return;
      if (looks++ > mostLooks) {
        unsearched = Math.min(unsearched, bound);
        return;
      }
      const then = cheaper(now, costs[figure]!);
      // Nor does anybody spare more than by the cheapest figure of all that may still join.
      if (room > 1 && costWith(then, later[at]!) >= bestCost - EPSILON) continue;
      open.add(figure);
      grow(joining.slice(at + 1).map((one) => one.figure), then); // prettier-ignore
      open.delete(figure);
    }
  };
  // Where props are shared, a figure that is dearer for all may be the one that needs fewer of them.
  grow(isShared ? [...costs.keys()] : unbeaten(costs), out);
  return best && { chosen: best, cost: bestCost, bound: Math.min(bestCost, unsearched) };
}
