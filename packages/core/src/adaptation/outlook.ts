import { numbering } from '../numbering.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import { leastCrossing, outOfPlace, standOf, STANDS } from './arrival.js';
import { figureOf, SIT_OUT } from './candidates.js';
import { endsOf } from './evaluation.js';
import { START } from './place.js';
import type { Chosen } from './plan.js';
import { prospectsOf } from './prospects.js';
import type { Done, Form } from './studio.js';
import type { Who } from './who.js';

/** Ways to do a step are told apart up to so much above the cheapest; dearer ones may lead anywhere. */
const SPAN = 2;

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
  /** The step as it is given, and what it looks like. */
  readonly form: Form;
  readonly figure: string;
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
  const coarse = { groups: [...groups.values()], beyond: least + SPAN, form, figure: figureOf(prospects.given) };
  byStep.set(key, coarse);
  return coarse;
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
      isGiven: chosen.figure === coarseOf(this.who, step).figure,
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
    const { form } = coarseOf(this.who, step);
    return (isGiven ? 0 : outOfPlace(form, first, stand)) + leastCrossing(this.who, step, stand, first);
  }
}
