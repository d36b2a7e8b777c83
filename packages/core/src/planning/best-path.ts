import type { Step } from '../sequence/sequence.js';
import { fewOf, NOTHING, stepByStep, then, wayTo, type Beginning, type Few } from '../planning/beginning.js';
import { costOf } from '../plan/cost.js';
import { nearPath } from './near-path.js';
import { CostToGo } from './cost-to-go.js';
import { stateKey } from '../judging/step-context.js';
import { eachSafeWay, leastMinCost, safeWays } from './search.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

const EPSILON = 1e-9;
/** So many beginnings are followed at once to prove that an answer is the best. */
const MANY: Few = { width: 200, ofEachStand: 2 };
/** So many ways are looked at in one search; then the cheapest beginnings go on step by step. */
const MOST_LOOKS = 12_000;

export interface BestPath {
  readonly way: readonly Beginning[];
  readonly cost: number;
  /** No other choice costs less than this: the cost itself where it is proven to be the best. */
  readonly bound: number;
}

interface Followed {
  readonly best: Beginning;
  /** What was not followed costs at least this in all. */
  readonly letGo: number;
}

/** All beginnings that may still beat the best answer, step by step: the cheapest to each place, the most promising of them. */
function follow(profile: JudgingProfile, steps: readonly Step[], costToGo: CostToGo, best: Beginning): Followed {
  let open = [NOTHING];
  let letGo = Infinity;
  let looks = 0;
  for (const [i, step] of steps.entries()) {
    const total = ({ cost, totals }: Beginning) => cost + costToGo.after(i + 1, totals.last);
    const next = new Map<string, Beginning>();
    const ahead = { least: costToGo.least(i + 1), after: (last: SolvedPosture) => costToGo.after(i + 1, last) };
    const take = (one: Beginning) => {
      const place = stateKey(profile, one.totals);
      const known = next.get(place);
      if (!known || one.cost < known.cost) next.set(place, one);
    };
    for (const [rank, before] of open.entries()) {
      if (looks > MOST_LOOKS && rank > 0) {
        letGo = Math.min(letGo, before.cost + costToGo.after(i, before.totals.last));
        continue;
      }
      const context = { profile, step, totals: before.totals };
      let ways = 0;
      for (const chosen of eachSafeWay(context, best.cost - EPSILON - before.cost, ahead)) {
        ways++;
        take(then(before, chosen));
      }
      looks += ways;
      // A step is left out only where nothing of it is safe.
      if (ways > 0 || safeWays(context, 1).length > 0) continue;
      const without = then(before, null);
      if (total(without) < best.cost - EPSILON) take(without);
    }
    const few = fewOf(
      [...next.values()].sort((a, b) => total(a) - total(b)),
      MANY,
    );
    open = few.kept;
    letGo = few.letGo.reduce((least, one) => Math.min(least, total(one)), letGo);
  }
  return { best: open[0] ?? best, letGo };
}

/**
 * The cheapest safe way through all steps for one person: what is dearer at one step and spares more at a later
 * one is found. Dynamic programming over the steps, from the posture and the sums that each beginning leads to;
 * a beginning that can't beat the best so far, whatever follows, is not followed (branch and bound). Exact, but
 * for what is let go where more than `MANY` beginnings lead to different places: the bound tells of it.
 */
export function bestPath(profile: JudgingProfile, steps: readonly Step[]): BestPath {
  const closest = stepByStep(profile, steps);
  let least = wayTo(closest).reduce((sum, { chosen }, i) => sum + leastMinCost(profile, steps[i]!, costOf(chosen)), 0);
  const pathTo = (end: Beginning, letGo: number) => ({ way: wayTo(end), cost: end.cost, bound: Math.max(least, Math.min(end.cost, letGo)) }); // prettier-ignore
  if (least >= closest.cost - EPSILON) return pathTo(closest, Infinity);
  const costToGo = new CostToGo(profile, steps);
  least = Math.max(least, costToGo.least(0));
  if (least >= closest.cost - EPSILON) return pathTo(closest, Infinity);
  const near = nearPath(profile, steps, closest, costToGo).at(-1)!;
  if (least >= near.cost - EPSILON) return pathTo(near, Infinity);
  const { best, letGo } = follow(profile, steps, costToGo, near);
  return pathTo(best, letGo);
}
