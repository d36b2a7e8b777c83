import { getOrCreate } from '../get-or-create.js';
import { numbering } from '../numbering.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { levelMismatchCost, standOf, STANDS } from '../transitions/entry-cost.js';
import { endsOf } from '../candidates/candidates.js';
import { SIT_OUT } from '../plan/cost.js';
import type { Chosen } from '../plan/plan.js';
import { candidateSearchFor } from '../planning/candidate-search.js';
import type { SolvedPosture, SolvedVariation } from '../solving/solved-posture.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** Ways to do a step are told apart up to so much above the cheapest; dearer ones may lead anywhere. */
const SPAN = 0.5;

/** The cheapest of the ways to do a step that begin and end in the same places. */
interface Group {
  readonly isGiven: boolean;
  readonly first: number;
  readonly last: number;
  floor: number;
}

/** What a step may cost someone, told apart by nothing but where it begins and ends. */
interface Coarse {
  readonly groups: readonly Group[];
  /** All others cost at least this. */
  readonly beyond: number;
  /** What the step as it is given looks like. */
  readonly figure: string;
  /** What it costs at the least to begin it in one place, given or another way, when the class stands in another: see `arrivalsOf`. */
  readonly arrivals: Float64Array;
}

function arrivalAt(isGiven: boolean, first: number, stand: number): number {
  return ((isGiven ? STANDS : 0) + first) * STANDS + stand;
}

function arrivalsOf(form: SolvedVariation): Float64Array {
  const arrivals = new Float64Array(2 * STANDS * STANDS);
  for (const isGiven of [true, false])
    for (let first = 0; first < STANDS; first++)
      for (let stand = 0; stand < STANDS; stand++)
        arrivals[arrivalAt(isGiven, first, stand)] = isGiven ? 0 : levelMismatchCost(form, first, stand);
  return arrivals;
}

function coarseOf(profile: JudgingProfile, step: Step): Coarse {
  return getOrCreate(profile.cache.about(profile).of<number, Coarse>('coarseSteps'), stepKey(step), () => workedOut(profile, step));
}

function workedOut(profile: JudgingProfile, step: Step): Coarse {
  const form = profile.solver.form(step.asana, step.variation);
  const search = candidateSearchFor(profile, form);
  const groups = new Map<string, Group>();
  let least = Infinity;
  for (let place = 0; ; place++) {
    const bounded = search.at(place, least + SPAN);
    if (!bounded) break;
    const { candidate } = bounded;
    const floor = search.minCostOf(step, candidate);
    // Nowhere safe: it is no way at all.
    if (floor === Infinity) continue;
    least = Math.min(least, floor);
    const ends = endsOf(profile.solver, candidate);
    const [isGiven, first, last] = [candidate === search.given, standOf(ends[0]!), standOf(ends.at(-1)!)];
    const at = `${isGiven} ${first} ${last}`;
    const group = groups.get(at);
    if (!group) groups.set(at, { isGiven, first, last, floor });
    else group.floor = Math.min(group.floor, floor);
  }
  return {
    groups: [...groups.values()],
    beyond: least + SPAN,
    figure: search.given.figure,
    arrivals: arrivalsOf(form),
  };
}

/** A way to do a step, without its postures as long as they aren't solved. */
type ReckonedWay = Pick<Chosen, 'figure' | 'minCost'> & Partial<Pick<Chosen, 'ends'>>;

/** What the last steps of a class cost someone from each stand, above the least of them: the same for all classes that end alike. */
interface Rest {
  readonly above: Float64Array;
  /** Its costs in words. */
  readonly key: string;
}

function restOf(above: Float64Array): Rest {
  return { above, key: above.join(' ') };
}

/** Nothing follows. */
const NONE = restOf(new Float64Array(STANDS));

/** The end of a class with one step more before it. */
interface Ending {
  readonly rest: Rest;
  /** What the step adds to the least. */
  readonly adds: number;
  /** The same for all steps that add the same, from the same to the same. */
  readonly shape: number;
}

const shapeOf = numbering();

/** Costs are told apart by this much, and never said too high by more than rounding: steps in another order come to the same. */
const GRAIN = 2 ** -36;
function grained(cost: number): number {
  return Math.floor(cost / GRAIN + 0.01) * GRAIN;
}

/**
 * What the rest of a class costs someone at the least, by where a step leaves them. Sums of the class, and what is
 * passed through between two postures, are left out of it: it never says too much.
 */
export class CostToGo {
  /** After each count of steps: the rest, and the least that it costs. */
  private readonly rests: readonly Rest[];
  private readonly leasts: readonly number[];
  private readonly shapes: readonly number[];

  constructor(
    private readonly profile: JudgingProfile,
    private readonly steps: readonly Step[],
  ) {
    const known = profile.cache.about(profile).of<string, Ending>('endings');
    const [rests, leasts, shapes] = [[NONE], [0], [0]];
    for (const step of [...steps].reverse()) {
      const next = rests.at(-1)!;
      const { rest, adds, shape } = getOrCreate(known, `${stepKey(step)}|${next.key}`, () => this.endingWith(step, next));
      rests.push(rest);
      leasts.push(leasts.at(-1)! + adds);
      shapes.push(shape);
    }
    this.rests = rests.reverse();
    this.leasts = leasts.reverse();
    this.shapes = shapes.reverse();
  }

  /** The same wherever the cost to go around a step is the same but for a sum that all of it costs more or less. */
  keyOf(index: number): number {
    return this.shapes[index]!;
  }

  /** After the first `count` steps, from where the last of them left the body; the least of all where nothing was done yet. */
  after(count: number, last: SolvedPosture | null): number {
    return this.leasts[count]! + this.above(count, last);
  }

  least(count: number): number {
    return this.leasts[count]!;
  }

  /** What a step adds to the least. */
  adds(index: number): number {
    return this.leasts[index]! - this.leasts[index + 1]!;
  }

  /** As `after`, above the least. */
  above(count: number, last: SolvedPosture | null): number {
    return last ? this.rests[count]!.above[standOf(last)]! : 0;
  }

  /** How much more than the least the class costs at the least with a way at a step, from whatever place it is begun. */
  aboveWith(index: number): (way: ReckonedWay | null) => number {
    const { figure, arrivals, beyond } = coarseOf(this.profile, this.steps[index]!);
    const [here, next] = [this.rests[index]!.above, this.rests[index + 1]!.above];
    const adds = this.adds(index);
    return (way) => {
      let least = Infinity;
      if (!way) {
        for (let stand = 0; stand < STANDS; stand++) least = Math.min(least, SIT_OUT + next[stand]! - here[stand]! - adds);
        return least;
      }
      const { minCost, ends } = way;
      // Where it begins and ends isn't known before it is solved.
      if (!ends) return Math.max(minCost, beyond - SPAN) - adds - Math.max(...here);
      const isGiven = way.figure === figure;
      const [first, last] = [standOf(ends[0]!), standOf(ends.at(-1)!)];
      for (let stand = 0; stand < STANDS; stand++)
        least = Math.min(least, minCost + arrivals[arrivalAt(isGiven, first, stand)]! + next[last]! - here[stand]! - adds);
      return least;
    };
  }

  private endingWith(step: Step, next: Rest): Ending {
    const costs = this.before(step, next);
    const adds = Math.min(...costs);
    const rest = restOf(costs.map((cost) => grained(cost - adds)));
    return { rest, adds, shape: shapeOf(`${Math.round(adds * 1e6)}|${rest.key}|${next.key}`) };
  }

  /** From each stand what a step and those after it cost at the least, above the least of those. */
  private before(step: Step, { above }: Rest): Float64Array {
    const { groups, beyond, arrivals } = coarseOf(this.profile, step);
    const costs = above.map((sittingOut) => Math.min(beyond, SIT_OUT + sittingOut));
    for (let stand = 0; stand < STANDS; stand++)
      for (const { isGiven, first, last, floor } of groups)
        costs[stand] = Math.min(costs[stand]!, floor + arrivals[arrivalAt(isGiven, first, stand)]! + above[last]!);
    return costs;
  }
}
