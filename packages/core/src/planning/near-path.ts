import { getOrCreate } from '../get-or-create.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { fewOf, NOTHING, rounded, stepByStep, then, wayTo, type Beginning, type Few } from '../planning/beginning.js';
import { costOf } from '../plan/cost.js';
import { stateKey } from '../judging/step-context.js';
import { CostToGo } from '../planning/cost-to-go.js';
import type { Chosen } from '../plan/plan.js';
import { eachSafeWay, safeWays } from './search.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** So many beginnings are followed at once. */
const FEW: Few = { width: 2, ofEachStand: 1 };
/** So many ways of a step are tried from one place. */
const WAYS = 16;
/**
 * What promises to cost so much more than the best beginning isn't followed: the last is more than getting up and down
 * again costs. The first that still holds whatever may beat the answer that is known: few, so that an edit elsewhere in
 * a class seldom changes which it is.
 */
const SLACKS = [0.25, 0.5, 1, 1.5, 2, 3, 4, 6, 8] as const;

function slackFor(room: number): number {
  return SLACKS.find((slack) => slack >= room) ?? SLACKS.at(-1)!;
}

/** A beginning that goes on: one of those before, by its place among them, with a way for one step more. */
interface Onward {
  readonly from: number;
  readonly chosen: Chosen | null;
}

/**
 * The beginnings that go on after one step more, most promising first. Nothing is looked at that the key of it
 * doesn't tell: the same beginnings with the same cost to go continue the same way, before an edit and after it.
 */
function onward(
  profile: JudgingProfile,
  step: Step,
  open: readonly Beginning[],
  costToGo: CostToGo,
  index: number,
  toBeat: number,
): readonly Onward[] {
  const costs = open.map(({ cost }) => rounded(cost - open[0]!.cost));
  const slack = slackFor(toBeat - open[0]!.cost - costToGo.after(index, open[0]!.totals.last));
  const key = [
    stepKey(step),
    costToGo.keyOf(index),
    slack,
    ...open.map(({ totals }, i) => `${stateKey(profile, totals)} ${costs[i]!}`),
  ].join('|');
  return getOrCreate(profile.cache.about(profile).of<string, readonly Onward[]>('beginnings'), key, () =>
    wentOn(profile, step, open, costs, costToGo, index, slack),
  );
}

function wentOn(
  profile: JudgingProfile,
  step: Step,
  open: readonly Beginning[],
  costs: readonly number[],
  costToGo: CostToGo,
  index: number,
  slack: number,
): readonly Onward[] {
  const adds = rounded(costToGo.adds(index));
  const after = (last: SolvedPosture | null) => costToGo.above(index + 1, last);
  const promised = open.map(({ totals }, i) => costs[i]! + adds + costToGo.above(index, totals.last));
  const most = Math.min(...promised) + slack;
  const next = new Map<string, Onward & Pick<Beginning, 'totals' | 'cost'> & { readonly total: number }>();
  const take = (from: number, chosen: Chosen | null) => {
    const { totals } = then(open[from]!, chosen);
    const cost = costs[from]! + costOf(chosen);
    const place = stateKey(profile, totals);
    const known = next.get(place);
    if (!known || cost < known.cost) next.set(place, { from, chosen, totals, cost, total: cost + after(totals.last) });
  };
  for (const [from, { totals }] of open.entries()) {
    const context = { profile, step, totals };
    let ways = 0;
    for (const chosen of eachSafeWay(context, most - costs[from]!, { least: 0, after })) {
      take(from, chosen);
      if (++ways >= WAYS) break;
    }
    // A step is left out only where nothing of it is safe.
    if (ways === 0) take(from, safeWays(context, 1)[0] ?? null);
  }
  return fewOf([...next.values()].sort((a, b) => a.total - b.total), FEW).kept.map(({ from, chosen }) => ({ from, chosen })); // prettier-ignore
}

/**
 * A good way through all steps for one person, found with little looking: a few of the most promising beginnings
 * are followed, step by step (beam search). Never dearer than going step by step. What an edit leaves as it was isn't
 * looked at again.
 */
export function nearPath(
  profile: JudgingProfile,
  steps: readonly Step[],
  closest = stepByStep(profile, steps),
  costToGo = new CostToGo(profile, steps),
): readonly Beginning[] {
  let open: readonly Beginning[] = [NOTHING];
  for (const [i, step] of steps.entries())
    open = onward(profile, step, open, costToGo, i, closest.cost).map(({ from, chosen }) => then(open[from]!, chosen));
  const found = open[0]!;
  return wayTo(found.cost < closest.cost ? found : closest);
}
