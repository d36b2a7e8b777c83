import { propsOf } from '../candidates/props-needed.js';
import type { StepContext } from '../judging/step-context.js';
import { SIT_OUT } from '../plan/cost.js';
import type { Chosen } from '../plan/plan.js';
import type { Promised } from '../planning/candidate-search.js';
import { candidatesAt } from '../planning/search.js';
import { solveColumn, type ColumnLimits, type Option } from './column.js';

/** Many columns are solved until a class agrees: each looks at so much, see `solveColumn`. */
const MOST_LOOKS = 20_000;

/** What a way costs a person of the class, by their place, with what follows in mind. */
export type CostFor = (chosen: Chosen | null, person: number) => number;

/** Sitting out needs neither figure nor prop. */
export const OUT: Option = { figure: null, cost: SIT_OUT, props: new Map() };

export function optionOf(chosen: Chosen | null, cost: number): Option {
  return chosen === null ? { ...OUT, cost } : { figure: chosen.figure, cost, props: propsOf(chosen.ends[0]!.solved) };
}

/** Ways of someone that are known to be safe, their best among them; none where nothing is. */
export interface Own {
  readonly safe: readonly Chosen[];
  /** Whether it is one that was chosen by hand: then they have no other. */
  readonly isHeld: boolean;
}

/** A way that is set against others. As long as it wasn't judged it is reckoned at the least that it may cost. */
export interface Offer extends Option {
  readonly figure: string;
  /** What it costs at the least, wherever in a class it is. */
  readonly minCost: number;
  readonly chosen: Chosen | null;
}

/** What everybody does where not all can have their own best. */
interface Agreed {
  readonly taken: readonly (Chosen | null)[];
  readonly cost: number;
  /** No choice of the ways that were offered costs less. */
  readonly bound: number;
  /** Everybody's offers, `null` for sitting out. */
  readonly open: readonly (readonly (Offer | null)[])[];
}

/** What is offered to one person of a class at a step, by figure. */
class Offers {
  private readonly byFigure: Map<string, Offer>;
  private readonly refused = new Set<string>();
  private readonly here;

  constructor(
    context: StepContext,
    private readonly own: Own,
    private readonly costFor: (chosen: Chosen | null) => number,
  ) {
    this.here = candidatesAt(context);
    this.byFigure = new Map(own.safe.map((chosen) => [chosen.figure, this.judged(chosen)]));
    this.add(this.here.search.promised.values());
  }

  get options(): readonly (Offer | Option)[] {
    const out = this.own.isHeld ? [] : [optionOf(null, this.costFor(null))];
    return [...this.byFigure.values(), ...out];
  }

  get open(): readonly (Offer | null)[] {
    return [...this.byFigure.values(), null];
  }

  /** `null` for sitting out. */
  of({ figure }: Option): Offer | null {
    return figure === null ? null : (this.byFigure.get(figure) ?? null);
  }

  /** Offers what others show. */
  addLike(figures: Iterable<string>): void {
    this.add([...figures].flatMap((figure) => this.here.search.promise(figure) ?? []));
  }

  /** Judges what was offered: `false` where it isn't safe, and what it may be changed to is offered instead. */
  judge(figure: string): boolean {
    const chosen = this.here.like(figure);
    if (chosen) {
      this.byFigure.set(figure, this.judged(chosen));
      return true;
    }
    this.byFigure.delete(figure);
    this.refused.add(figure);
    this.add(this.here.search.changesOf(figure));
    return false;
  }

  private judged(chosen: Chosen): Offer {
    const { figure, minCost } = chosen;
    return { ...optionOf(chosen, this.costFor(chosen)), figure, minCost, chosen };
  }

  private add(promises: Iterable<Promised>): void {
    const { safe, isHeld } = this.own;
    if (isHeld || safe.length === 0) return;
    // Nobody has a way that costs less than the best of their own.
    const least = Math.min(...safe.map(({ cost }) => cost));
    for (const { figure, minCost, props } of promises) {
      if (this.byFigure.has(figure) || this.refused.has(figure)) continue;
      this.byFigure.set(figure, { figure, minCost, props, cost: Math.max(least, minCost), chosen: null });
    }
  }
}

/**
 * One step where not all can have their own best. Everybody's best, and whatever the library has in place of the step, are
 * set against each other, each at the least that it may cost; what is chosen so is judged, and set again at what it
 * costs, until all that is chosen was judged. Nothing that was left unjudged could have cost less: most of it is
 * never solved. `null` where no choice keeps the limits.
 */
export function agree(contexts: readonly StepContext[], own: readonly Own[], costFor: CostFor, limits: ColumnLimits): Agreed | null {
  const offers = contexts.map((context, person) => new Offers(context, own[person]!, (chosen) => costFor(chosen, person)));
  const shown = new Set(own.flatMap(({ safe }) => safe.map(({ figure }) => figure)));
  for (const one of offers) one.addLike(shown);
  for (;;) {
    const options = offers.map((one) => one.options);
    const found = solveColumn(options, limits, MOST_LOOKS);
    if (!found) return null;
    const taken = offers.map((one, person) => one.of(options[person]![found.chosen[person]!]!));
    const isJudged = taken.every((one) => one === null || one.chosen !== null);
    if (isJudged) return { ...found, taken: taken.map((one) => one && one.chosen), open: offers.map(({ open }) => open) };
    for (const [person, one] of taken.entries()) {
      if (!one || one.chosen || !offers[person]!.judge(one.figure) || shown.has(one.figure)) continue;
      // What is safe for one of them may be for others.
      shown.add(one.figure);
      for (const other of offers) other.addLike([one.figure]);
    }
  }
}
