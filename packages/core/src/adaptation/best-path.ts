import type { Step } from '../sequence/sequence.js';
import { standOf } from './arrival.js';
import { costOf } from './candidates.js';
import { judgesOf } from './judges.js';
import { Outlook } from './outlook.js';
import { START, tallyAfter } from './place.js';
import type { Chosen, Tally } from './plan.js';
import { eachSafeWay, leastFloor, safeWays } from './search.js';
import type { Done } from './studio.js';
import type { Who } from './who.js';

const EPSILON = 1e-9;
/** So many beginnings are followed at once to find a good answer, and to prove that it is the best. */
export const NARROW = 4;
export const WIDE = 200;
const OF_EACH_PLACE = 2;
/** In a narrow search so many ways of a step are tried from one place. */
const FEW_WAYS = 8;
const MANY_WAYS = 16;
/** So many ways are looked at in one search; then the cheapest beginnings go on step by step. */
const MOST_LOOKS = 12_000;

export interface BestPath {
  /** One way for each step; `null` where nothing is safe. */
  readonly chosen: readonly (Chosen | null)[];
  readonly cost: number;
  /** No other choice costs less than this: the cost itself where it is proven to be the best. */
  readonly bound: number;
  /** What each step costs where only the closest way is taken, step after step. */
  readonly stepByStep: readonly number[];
}

/** A beginning of a class: ways for its first steps. */
interface Beginning {
  readonly cost: number;
  readonly tally: Tally;
  readonly chosen: Chosen | null;
  readonly before: Beginning | null;
}
const NOTHING: Beginning = { cost: 0, tally: START, chosen: null, before: null };

function then(before: Beginning, chosen: Chosen | null): Beginning {
  return {
    cost: before.cost + costOf(chosen),
    tally: chosen ? tallyAfter(before.tally, chosen.ends, chosen.timed) : before.tally,
    chosen,
    before,
  };
}

function waysOf(end: Beginning): (Chosen | null)[] {
  const ways: (Chosen | null)[] = [];
  for (let at = end; at.before; at = at.before) ways.unshift(at.chosen);
  return ways;
}

/** Step after step the cheapest way from where the one before has led. */
function stepByStep(who: Who, steps: readonly Step[]): Beginning {
  return steps.reduce((before, step) => then(before, safeWays({ who, step, tally: before.tally }, 1)[0] ?? null), NOTHING);
}

interface Followed {
  readonly best: Beginning;
  /** What was not followed costs at least this in all. */
  readonly letGo: number;
}

/** All beginnings that may still beat the best answer, step by step: the cheapest to each place, the `width` most promising of them. */
function follow(who: Who, steps: readonly Step[], outlook: Outlook, best: Beginning, width: number): Followed {
  const { sums } = judgesOf(who.limits);
  const placeOf = (tally: Tally) => `${tally.last?.id ?? 0} ${sums.map((sum) => tally[sum] as number).join(' ')}`;
  let open = [NOTHING];
  let letGo = Infinity;
  let looks = 0;
  for (const [i, step] of steps.entries()) {
    const total = ({ cost, tally }: Beginning) => cost + outlook.after(i + 1, tally.last);
    const next = new Map<string, Beginning>();
    const ahead = { least: outlook.least(i + 1), after: (last: Done) => outlook.after(i + 1, last) };
    const take = (one: Beginning) => {
      const place = placeOf(one.tally);
      const known = next.get(place);
      if (!known || one.cost < known.cost) next.set(place, one);
    };
    for (const [rank, before] of open.entries()) {
      if (looks > MOST_LOOKS && rank > 0) {
        letGo = Math.min(letGo, before.cost + outlook.after(i, before.tally.last));
        continue;
      }
      const context = { who, step, tally: before.tally };
      const ends = new Set<number>();
      let ways = 0;
      for (const chosen of eachSafeWay(context, best.cost - EPSILON - before.cost, ahead)) {
        ways++;
        take(then(before, chosen));
        ends.add(standOf(chosen.ends.at(-1)!));
        // Enough of them, if they don't all lead to the same place.
        if (width > NARROW || ways < (ends.size > 1 ? FEW_WAYS : MANY_WAYS)) continue;
        letGo = Math.min(letGo, before.cost + outlook.after(i, before.tally.last));
        break;
      }
      looks += ways;
      // A step is left out only where nothing of it is safe.
      if (ways > 0 || safeWays(context, 1).length > 0) continue;
      const without = then(before, null);
      if (total(without) < best.cost - EPSILON) take(without);
    }
    open = [];
    const places = new Map<number, number>();
    for (const one of [...next.values()].sort((a, b) => total(a) - total(b))) {
      const place = one.tally.last ? standOf(one.tally.last) : -1;
      const there = (places.get(place) ?? 0) + 1;
      places.set(place, there);
      // A few of every place go on: what looks dearer now may be the only one that gets up again.
      if (open.length < width || there <= OF_EACH_PLACE) open.push(one);
      else letGo = Math.min(letGo, total(one));
    }
  }
  return { best: open[0] ?? best, letGo };
}

/**
 * The cheapest safe way through all steps for one person: what is dearer at one step and spares more at a later
 * one is found. Dynamic programming over the steps, from the posture and the sums that each beginning leads to;
 * a beginning that can't beat the best so far, whatever follows, is not followed (branch and bound). Exact, but
 * for what is let go where more than `width` beginnings lead to different places: the bound tells of it.
 */
export function bestPath(who: Who, steps: readonly Step[], width = WIDE): BestPath {
  let best = stepByStep(who, steps);
  const costs = waysOf(best).map(costOf);
  let bound = costs.reduce((sum, cost, i) => sum + leastFloor(who, steps[i]!, cost), 0);
  if (bound >= best.cost - EPSILON) return { chosen: waysOf(best), cost: best.cost, bound: best.cost, stepByStep: costs };
  const outlook = new Outlook(who, steps);
  for (const wide of width > NARROW ? [NARROW, width] : [width]) {
    if (bound >= best.cost - EPSILON) break;
    const found = follow(who, steps, outlook, best, wide);
    best = found.best;
    bound = Math.max(bound, Math.min(best.cost, found.letGo));
  }
  return { chosen: waysOf(best), cost: best.cost, bound, stepByStep: costs };
}
