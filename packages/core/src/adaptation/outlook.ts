import { numbering } from '../numbering.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { WAYS, waysBetween, type Level, type WayId } from '../sequence/ways.js';
import { COST, figureOf, isRest, SIT_OUT } from './candidates.js';
import { endsOf, judgesOf, START } from './evaluation.js';
import { findings } from './judge.js';
import type { Chosen } from './plan.js';
import { prospectsOf } from './prospects.js';
import type { Done } from './studio.js';
import type { Who } from './who.js';

const LEVELS: readonly Level[] = ['up', 'floor', 'supine'];
/** So many places a body may be in after a step: its level, lying or not. */
const STANDS = 2 * LEVELS.length;
/** Ways to do a step are told apart up to so much above the cheapest; dearer ones may lead anywhere. */
const SPAN = 2;

/** Where a posture leaves the body, from 0 to `STANDS`. */
export function standOf({ level, measured }: Done): number {
  return 2 * LEVELS.indexOf(level) + (measured.lying ? 1 : 0);
}
const isUp = (stand: number) => stand < 2;
const isLying = (stand: number) => stand % 2 === 1;

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
  /** Where the step as it is given begins. */
  readonly given: number;
  readonly isRest: boolean;
}

const COARSE = new WeakMap<Who, Map<number, Coarse>>();

function coarseOf(who: Who, step: Step): Coarse {
  const byStep = COARSE.get(who) ?? new Map<number, Coarse>();
  COARSE.set(who, byStep);
  const key = stepKey(step);
  const known = byStep.get(key);
  if (known) return known;
  const form = who.studio.form(step.asana, step.variation);
  const prospects = prospectsOf(who, form);
  const context = { who, step, tally: START };
  const groups = new Map<string, Group>();
  let least = Infinity;
  for (let place = 0; ; place++) {
    const prospect = prospects.at(place, least + SPAN);
    if (!prospect) break;
    const { candidate } = prospect;
    const { floor } = prospects.evaluate(context, candidate).chosen;
    least = Math.min(least, floor);
    const ends = endsOf(who.studio, candidate);
    const [isGiven, first, last] = [candidate === prospects.given, standOf(ends[0]!), standOf(ends.at(-1)!)];
    const at = `${isGiven} ${first} ${last}`;
    const group = groups.get(at);
    if (!group) groups.set(at, { isGiven, first, last, floor });
    else group.floor = Math.min(group.floor, floor);
  }
  const coarse = { groups: [...groups.values()], beyond: least + SPAN, given: standOf(form.ends[0]!), isRest: isRest(form.asana) };
  byStep.set(key, coarse);
  return coarse;
}

const CROSSINGS = new WeakMap<Who, Float64Array>();

/** What getting from one level to another costs someone at the least: each pair of levels at `3 * from + to`. */
function crossingsOf(who: Who): Float64Array {
  const known = CROSSINGS.get(who);
  if (known) return known;
  const { ofWay } = judgesOf(who.limits);
  const isBarred = (way: WayId) => findings(ofWay(way), { values: WAYS[way].values, facing: null, standing: false }).length > 0;
  const hop = ([ordinary, ...others]: readonly WayId[]) => (!isBarred(ordinary!) ? 0 : others.every(isBarred) ? Infinity : COST.way);
  const made = Float64Array.from({ length: 9 }, (_, i) =>
    waysBetween(LEVELS[Math.floor(i / 3)]!, LEVELS[i % 3]!).reduce((sum, ways) => sum + hop(ways), 0),
  );
  CROSSINGS.set(who, made);
  return made;
}

/** What the last steps of a class cost someone at the least: worked out once for all classes that end with them. */
interface Rest {
  /** From each stand. */
  readonly costs: Float64Array;
  readonly least: number;
  /** A number for what changes with one step more, but for a sum that all of it costs more or less. */
  readonly shape: number;
  /** With one step more before them, by what that asks for. */
  readonly longer: Map<number, Rest>;
}

/** So many are kept for one person; then all are forgotten. */
const MOST_RESTS = 5_000;
const RESTS = new WeakMap<Who, { readonly none: Rest; count: number }>();
const shapeOf = numbering();

function restOf(costs: Float64Array, next: Rest | null): Rest {
  const base = next?.least ?? 0;
  const shape = shapeOf([...costs, ...(next?.costs ?? [])].map((cost) => Math.round((cost - base) * 1e6)).join(' '));
  return { costs, least: Math.min(...costs), shape, longer: new Map() };
}

/**
 * What the rest of a class costs someone at the least, by where a step leaves them. Sums of the class, and what is
 * passed through between two postures, are left out of it: it never says too much.
 */
export class Outlook {
  /** After each count of steps. */
  private readonly rests: readonly Rest[];

  constructor(
    private readonly who: Who,
    private readonly steps: readonly Step[],
  ) {
    let known = RESTS.get(who);
    if (!known || known.count > MOST_RESTS) known = { none: restOf(new Float64Array(STANDS), null), count: 0 };
    RESTS.set(who, known);
    const rests = [known.none];
    for (const step of [...steps].reverse()) {
      const next = rests.at(-1)!;
      const key = stepKey(step);
      let rest = next.longer.get(key);
      if (!rest) {
        rest = restOf(this.before(step, next), next);
        next.longer.set(key, rest);
        known.count++;
      }
      rests.push(rest);
    }
    this.rests = rests.reverse();
  }

  /** The same wherever the outlook around a step is the same but for a sum that all of it costs more or less. */
  keyOf(index: number): number {
    return this.rests[index]!.shape;
  }

  /** After the first `count` steps, from where the last of them left the body; the least of all where nothing was done yet. */
  after(count: number, last: Done | null): number {
    const { costs, least } = this.rests[count]!;
    return last ? costs[standOf(last)]! : least;
  }

  least(count: number): number {
    return this.rests[count]!.least;
  }

  /** How much more than the least the class costs at the least with this way at a step, from whatever place it is begun. */
  above(index: number, chosen: Chosen | null): number {
    const step = this.steps[index]!;
    const [rests, next] = [this.rests[index]!.costs, this.rests[index + 1]!.costs];
    if (!chosen) return rests.reduce((least, rest, stand) => Math.min(least, SIT_OUT + next[stand]! - rest), Infinity);
    const group = {
      isGiven: figureOf(prospectsOf(this.who, this.who.studio.form(step.asana, step.variation)).given) === chosen.figure,
      first: standOf(chosen.ends[0]!),
      last: standOf(chosen.ends.at(-1)!),
    };
    return rests.reduce(
      (least, rest, stand) => Math.min(least, chosen.floor + this.arriving(step, group, stand) + next[group.last]! - rest),
      Infinity,
    );
  }

  /** From each stand what a step and those after it cost at the least. */
  private before(step: Step, { costs, least: rest }: Rest): Float64Array {
    const { groups, beyond } = coarseOf(this.who, step);
    return Float64Array.from({ length: STANDS }, (_, stand) =>
      groups.reduce(
        (least, group) => Math.min(least, group.floor + this.arriving(step, group, stand) + costs[group.last]!),
        Math.min(beyond + rest, SIT_OUT + costs[stand]!),
      ),
    );
  }

  /** What it costs at the least to begin a step's way in one place when the class stands in another. */
  private arriving(step: Step, { isGiven, first }: Pick<Group, 'isGiven' | 'first'>, stand: number): number {
    const { given, isRest: rests } = coarseOf(this.who, step);
    const fits = (of: (stand: number) => boolean) => isGiven || of(first) === of(given) || (!rests && of(first) === of(stand));
    const apart = (fits(isLying) ? 0 : COST.lyingDown) + (fits(isUp) ? 0 : COST.otherLevel);
    // A way that the step asks for is taken or not by its postures: nothing is certain about it here.
    return step.way === null ? apart + crossingsOf(this.who)[3 * (stand >> 1) + (first >> 1)]! : apart;
  }
}
