import { message, type Message } from '../messages/message.js';
import { type AdaptOptions } from '../planning/adapt.js';
import { addedSeconds, plansOf, PersonPlanner } from '../planning/person-planner.js';
import type { Participant } from '../participants/participant.js';
import type { PersonPlan } from '../plan/plan.js';
import type { PropsAtHand } from '../participants/props-at-hand.js';
import { bestPath, type BestPath } from '../planning/best-path.js';
import { CostToGo } from '../planning/cost-to-go.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { Sequence, Step } from '../sequence/sequence.js';
import { classSeconds } from '../dosing/fit-time.js';
import { plannedIn, type Column, type Held, type Pin } from './choose-column.js';
import { OUT } from './agree.js';
import { ClassState } from './class-state.js';
import { solveColumn, type ColumnLimits } from './column.js';
import { stepKey } from '../sequence/step-key.js';
import { guideOf, type Guide } from './guide.js';
import { PlanningCache } from '../judging/planning-cache.js';
import { getOrCreate } from '../get-or-create.js';

/** Different figures in one column that a teacher can still cue (common practice, no source). */
export const USUAL_FIGURES = 3;

/** Costs of a class closer than this are the same. */
const SAME = 1e-6;

/** Someone in a class, with their body. */
export interface Member {
  readonly solver: BodySolver;
  readonly participant: Participant;
}

/** A pin that can't be met, and why. */
export interface Unmet extends Pin {
  readonly said: Message;
}

export interface ClassOptions extends AdaptOptions {
  /** Different figures a column. */
  readonly figures?: number;
  /** What the whole class shares; otherwise everybody has their own. */
  readonly props?: PropsAtHand;
  readonly pins?: readonly Pin[];
}

export interface ClassColumn {
  readonly line: number;
  readonly distinct: number;
  /** What giving way to each other costs here, beyond everybody's own best. */
  readonly shared: number;
}

export interface ClassPlan {
  readonly plans: readonly PersonPlan[];
  readonly columns: readonly ClassColumn[];
  readonly seconds: number;
  /** Pins that can't be met, and why. */
  readonly unmet: readonly Unmet[];
  readonly cost: number;
  /** No choice of the ways that were set against each other costs less, in whatever order it is made. */
  readonly bound: number;
  /** Whether no other choice in any single step costs less, on what went before. */
  readonly isBestStepByStep: boolean;
}

/** The same people where the props are those of the room: whatever it has is at hand for everybody, as long as there is enough. */
export function inRoom(members: readonly Member[], props: PropsAtHand | null): readonly Member[] {
  return props ? members.map(({ solver, participant }) => ({ solver, participant: { ...participant, props } })) : members;
}

/** Pins for nobody of the class, or for none of its steps. */
function astray(pins: readonly Pin[], people: readonly PersonPlanner[], steps: readonly Step[]): Unmet[] {
  const ids = new Set(people.map(({ participant: { id } }) => id));
  return pins.flatMap((pin): Unmet[] => {
    if (!ids.has(pin.person)) return [{ ...pin, said: message('choice.nobody') }];
    return steps[pin.index] ? [] : [{ ...pin, said: message('choice.no-step', { step: pin.index + 1 }) }];
  });
}

/** A class chosen from its first step to its last. */
interface Walked {
  readonly columns: readonly Column[];
  readonly unmet: readonly Unmet[];
  readonly cost: number;
}

/** One column after the other, each on what went before. Gives the number of columns done. */
function* walk(
  people: readonly PersonPlanner[],
  steps: readonly Step[],
  guides: readonly (readonly Guide[] | null)[],
  options: ClassOptions,
  cache: PlanningCache,
): Generator<number, Walked> {
  const { figures = USUAL_FIGURES, props = null, pins = [] } = options;
  const places = new Map(people.map(({ participant: { id } }, place) => [id, place]));
  const limits: ColumnLimits = { figures, props };
  const columns: Column[] = [];
  const unmet: Unmet[] = [];
  let at = ClassState.start(
    people.map(({ profile }) => profile),
    cache,
  );
  for (const [index, step] of steps.entries()) {
    const held = pins.flatMap((pin): Held[] => {
      const place = places.get(pin.person);
      return pin.index === index && place !== undefined ? [{ at: place, pin }] : [];
    });
    const led = guides.map((guide) => guide && guide[index]!);
    const { column, to } = at.next(step, limits, led, held);
    unmet.push(...column.refused.map(({ place, said }) => ({ ...held[place]!.pin, said })));
    columns.push(column);
    at = to;
    yield columns.length;
  }
  return { columns, unmet, cost: columns.reduce((sum, { cost }) => sum + cost, 0) };
}

/** The same people after all of that, each with the steps of their own. */
function walkersThrough(people: readonly PersonPlanner[], steps: readonly Step[], columns: readonly Column[]): readonly PersonPlanner[] {
  const planned = columns.map((column, index) => plannedIn(column, steps[index]!));
  return people.map((person, i) => {
    const walker = person.anew();
    for (const everybody of planned) walker.take(everybody[i]!);
    return walker;
  });
}

/**
 * What a class costs at the least: everybody's cost to go, and in each step where it has to give way, what that costs
 * beyond it. Valid for the ways that were set against each other there, and for all ways elsewhere.
 */
function boundOf(
  people: readonly PersonPlanner[],
  columns: readonly Column[],
  steps: readonly Step[],
  limits: ColumnLimits,
  cache: PlanningCache,
): number {
  const costsToGo = people.map(({ profile }) => new CostToGo(profile, steps));
  const given = columns.map((column, i) => {
    const { open } = column;
    if (!open) return 0;
    const key = costsToGo.map((costToGo) => costToGo.keyOf(i)).join('|');
    return getOrCreate(cache.about(column).of<string, number>('columnBounds'), key, () => {
      const ways = open.map((all, person) => {
        const above = costsToGo[person]!.aboveWith(i);
        return all.map((one) => ({ ...(one ?? OUT), cost: above(one && (one.chosen ?? one)) }));
      });
      return solveColumn(ways, limits)?.bound ?? 0;
    });
  });
  return [...costsToGo.map((costToGo) => costToGo.least(0)), ...given].reduce((sum, cost) => sum + cost, 0);
}

/**
 * A sequence adapted to people who practise together. Step by step everybody's safe ways are set against each
 * other: the cheapest choice that shows few enough figures and shares the props (exact for the ways that are
 * considered, see `solveColumn`). Where that leads someone to where they can't go on from, a good way through
 * of their own (see `nearPath`) guides a second choice, and the cheaper class is taken. Nobody's limits are ever traded
 * for it. The same input gives the same plan.
 * Gives the number of steps done after each, so that whoever drives it may tell of it, or stop.
 */
export function* adaptingClass(members: readonly Member[], sequence: Sequence, options: ClassOptions = {}): Generator<number, ClassPlan> {
  const { figures = USUAL_FIGURES, props = null, cache = new PlanningCache() } = options;
  const { steps } = sequence;
  const today = options.today ?? null;
  const present = inRoom(members, props).map(({ solver, participant }) =>
    // Remembered with the body: who is forgotten takes it along.
    getOrCreate(
      cache.about(solver).of<string, PersonPlanner>('planners'),
      JSON.stringify([participant, today]),
      () => new PersonPlanner(solver, participant, today, cache),
    ),
  );
  const nobody = members.map(() => null);
  let walked = yield* walk(present, steps, nobody, options, cache);
  // Where everybody may have a figure of their own, the class is everybody's best way.
  const areFew = members.length <= figures;
  const paths = areFew
    ? present.map(({ profile }) =>
        getOrCreate(cache.of<string, BestPath>('paths'), `${profile.id} ${steps.map(stepKey).join()}`, () => bestPath(profile, steps)),
      )
    : null;
  // Whoever sits a step out may have been led to where they can't go on from.
  const sitsOut = (i: number) => walked.columns.some(({ chosen }) => chosen[i] === null);
  const guides = present.map(({ profile }, i) => (paths || sitsOut(i) ? guideOf(profile, steps, paths?.[i]!.way) : null));
  if (guides.some((guide) => guide?.some(({ elsewhere }) => elsewhere > 0))) {
    const guided = yield* walk(present, steps, guides, options, cache);
    if (guided.cost < walked.cost - 1e-9) walked = guided;
  }
  const { columns, unmet, cost } = walked;
  const walkers = walkersThrough(present, steps, columns);
  // A class is never cheaper than everybody by themselves.
  const alone = (paths ?? []).reduce((sum, path) => sum + path.bound, 0);
  const plans = plansOf(walkers, sequence, options.minutes ?? sequence.minutes);
  const extra = Math.max(0, ...plans.map(({ inserted }) => addedSeconds(inserted)));
  const bound = Math.max(boundOf(present, columns, steps, { figures, props }, cache), alone);
  return {
    plans,
    columns: columns.map(({ distinct, shared }, i) => ({ line: steps[i]!.line, distinct, shared })),
    unmet: [...unmet, ...astray(options.pins ?? [], present, steps)],
    seconds: classSeconds(plans) + extra,
    cost,
    bound: cost - bound < SAME ? cost : bound,
    isBestStepByStep: columns.every((column) => column.cost <= column.bound + 1e-9),
  };
}

/** `adaptingClass` from beginning to end. */
export function adaptClass(members: readonly Member[], sequence: Sequence, options: ClassOptions = {}): ClassPlan {
  const steps = adaptingClass(members, sequence, options);
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
