import type { ActiveLimit } from '../conditions/active-limits.js';
import { answersOn } from '../conditions/over-time.js';
import { doseAfterPain } from '../conditions/pain.js';
import { namedSubstitutes } from '../conditions/substitutes.js';
import { describeConflict, favouredPurposes } from '../conditions/together.js';
import { assess, type Assessment } from '../screening/assess.js';
import { getOrCreate } from '../get-or-create.js';
import { usualStep, type Sequence, type Step } from '../sequence/sequence.js';
import { judge } from '../judging/judge.js';
import { describeBound } from '../conditions/bound.js';
import { uniqueByLimit, isHard, type Finding } from '../plan/finding.js';
import { anybody, type Participant } from '../participants/participant.js';
import type { Chosen, Inserted, PersonPlan, PlannedStep, SessionFinding, RunningTotals, Verdict } from '../plan/plan.js';
import { MEASURES } from '../body/measure.js';
import { factsFrom, type Values } from '../solving/facts.js';
import { START, totalsAfter, tripTold, type StepContext } from '../judging/step-context.js';
import { bestPath } from './best-path.js';
import { evaluateGiven, safeWays } from './search.js';
import { sharedProfile, stepLimits, withoutLimits, type JudgingProfile } from '../judging/judging-profile.js';
import type { BodySolver } from '../solving/body-solver.js';
import { shortenToFit } from '../dosing/fit-time.js';

/** Temperature of a room in which nobody says otherwise, in degrees Celsius. */
const USUAL_ROOM = 22;

export interface AdaptOptions {
  /** Length to fit, in minutes; otherwise that of the sequence's own text. */
  readonly minutes?: number;
  /** The day, as YYYY-MM-DD, for clearances that run out. */
  readonly today?: string;
}

/** The limits that hold for a participant on a day. */
export function limitsFor(participant: Participant, today: string | null = null): readonly ActiveLimit[] {
  return assess(participant, today).limits;
}

/** What every step of a participant is judged with. */
function whoOf(solver: BodySolver, participant: Participant, limits: readonly ActiveLimit[], today: string | null): JudgingProfile {
  return sharedProfile({
    solver,
    limits: stepLimits(limits),
    props: participant.props,
    breathSeconds: participant.breathSeconds,
    favoured: favouredPurposes(participant.conditions),
    named: namedSubstitutes(participant.conditions),
    afterPain: doseAfterPain(participant.conditions.map((answer) => answersOn(answer, today).answer)),
  });
}

function verdictOf(step: Step, chosen: Chosen | null): Verdict {
  if (!chosen) return 'omit';
  if (chosen.asana.id !== step.asana) return 'substitute';
  const same = chosen.variation.id === (step.variation ?? 'plain');
  return same && chosen.changes.length === 0 ? 'keep' : 'modify';
}

/** What someone makes of a step at its place, before others are asked. */
export interface OwnWays {
  /** The step with its own dose and way, whatever a limit would make of them. */
  readonly shown: Chosen;
  /** `null` where nothing is safe. */
  readonly best: Chosen | null;
  /** What stands against the given step, most severe first. */
  readonly against: readonly Finding[];
}

export function ownWays(context: StepContext): OwnWays {
  const given = evaluateGiven(context);
  // What fits only after its dose or the way there was changed still has to stand against the other ways.
  const kept = given.isSafe && given.chosen.changes.length === 0;
  // Only of the class that is taken in the end it is asked how its steps were given, and what stands against that.
  let shown: Chosen | null = null;
  let against: readonly Finding[] | null = null;
  return {
    get shown() {
      return (shown ??= evaluateGiven({ ...context, profile: withoutLimits(context.profile) }).chosen);
    },
    best: kept ? given.chosen : (safeWays(context, 1)[0] ?? null),
    get against() {
      return (against ??= uniqueByLimit([...given.hard, ...given.all.filter(isHard)]));
    },
  };
}

/** Why someone takes a way of their own that isn't the closest one here. */
export function aheadText(chosen: Chosen | null, closest: Chosen | null): string | null {
  if (!chosen || !closest || chosen.cost <= closest.cost + 1e-9) return null;
  const way = [closest.asana.name.toLowerCase(), ...closest.changes].join(', ');
  return `Taken with what follows in mind: closer here would be ${way}; that costs more later.`;
}

/** A step of one person as it is planned, once its way was chosen; with why, where it isn't the closest one. */
export function plannedAs(
  step: Step,
  { shown, against }: OwnWays,
  chosen: Chosen | null,
  { together = null, ahead = null }: Partial<Pick<PlannedStep, 'together' | 'ahead'>> = {},
): PlannedStep {
  const verdict = verdictOf(step, chosen);
  return {
    step,
    given: shown,
    verdict,
    chosen,
    reasons: verdict === 'keep' ? [] : against,
    seconds: chosen ? chosen.timed.seconds + chosen.transitionSeconds : 0,
    together,
    ahead,
  };
}

/** Steps at effort 2 or less at the end of the class, in seconds. */
function quietEnd(steps: readonly PlannedStep[]): number {
  let sum = 0;
  for (const { chosen, seconds } of [...steps].reverse()) {
    if (!chosen) continue;
    if (chosen.declared.effort > 2) break;
    sum += seconds;
  }
  return sum;
}

/** Seconds of steps done at rest. */
function restSeconds(steps: readonly PlannedStep[]): number {
  return steps.reduce((sum, { chosen, seconds }) => sum + (chosen?.declared.effort === 1 ? seconds : 0), 0);
}

/** |left - right| / (left + right) of the seconds of one-sided steps; 0 where there are none. */
function leftRightDifference(steps: readonly PlannedStep[]): number {
  const on = (side: 'left' | 'right') =>
    steps.reduce((sum, { step, chosen }) => sum + (chosen && step.side === side ? chosen.timed.seconds : 0), 0);
  const both = steps.reduce((sum, { step, chosen }) => sum + (chosen && step.side === 'both' ? chosen.timed.seconds : 0), 0);
  const sum = on('left') + on('right') + both;
  return sum === 0 ? 0 : Math.abs(on('left') - on('right')) / sum;
}

/** The limits on these measures of the class as a whole, met or not. */
function sessionFindings(limits: readonly ActiveLimit[], values: Values): SessionFinding[] {
  const facts = factsFrom(values);
  return limits.flatMap((limit) => {
    const { spec } = limit;
    if (spec.measure === 'facing' || !(spec.measure in values)) return [];
    const judgement = judge(limit, facts);
    if (judgement === null || judgement.is === 'unknown') return [];
    const { unit } = MEASURES[spec.measure];
    return [
      {
        measure: spec.measure,
        value: Number(judgement.value),
        unit,
        bound: describeBound(spec.bound),
        met: judgement.is === 'met',
        grade: spec.grade,
        text: spec.reason,
        limit: limit.id,
      },
    ];
  });
}

/** A quiet end that a limit asks for and the class doesn't have: a rest that this person may take. */
function missingRest(limits: readonly ActiveLimit[], context: Omit<StepContext, 'step'>, steps: readonly PlannedStep[]): Inserted[] {
  const limit = limits.find(({ spec }) => spec.measure === 'coolMinutes' && spec.grade !== 'watch');
  if (!limit || steps.length === 0 || !('atLeast' in limit.spec.bound)) return [];
  const missing = limit.spec.bound.atLeast * 60 - quietEnd(steps);
  if (missing <= 0) return [];
  const last = steps.at(-1)!.step;
  const step: Step = {
    ...last,
    asana: 'savasana',
    variation: null,
    side: 'none',
    dose: { seconds: Math.ceil(missing) },
    retention: null,
    way: null,
    of: null,
    breath: null,
    note: null,
    text: 'rest',
  };
  const rest = safeWays({ ...context, step }, 1)[0];
  if (!rest) return [];
  return [
    {
      after: last.line,
      asana: rest.asana.id,
      seconds: Math.ceil(missing),
      why: `${limit.spec.reason} At least ${limit.spec.bound.atLeast} quiet minutes end the class.`,
    },
  ];
}

/** Steps that tell which trip to the floor they are (see `tripTold`), by its number. */
const TOLD = new WeakMap<PlannedStep, Map<number, PlannedStep>>();

/** A participant on the way through a class: what holds for them, and how they stand after the steps so far. */
export class PersonPlanner {
  readonly assessment: Assessment;
  readonly steps: PlannedStep[] = [];
  readonly profile: JudgingProfile;
  private totals: RunningTotals = START;
  private readonly totalsOfAll: RunningTotals[] = [];

  constructor(
    solver: BodySolver,
    readonly participant: Participant,
    private readonly today: string | null,
    same: PersonPlanner | null = null,
  ) {
    this.assessment = same?.assessment ?? assess(participant, today);
    this.profile = same?.profile ?? whoOf(solver, participant, this.assessment.limits, today);
  }

  /** The same participant at the beginning of a class. */
  anew(): PersonPlanner {
    return new PersonPlanner(this.profile.solver, this.participant, this.today, this);
  }

  context(step: Step): StepContext {
    return { profile: this.profile, step, totals: this.totals };
  }

  /** The best way through all steps. */
  walk(steps: readonly Step[]): void {
    const { way } = bestPath(this.profile, steps);
    for (const [i, step] of steps.entries()) {
      const [ways, { chosen }] = [ownWays(this.context(step)), way[i]!];
      this.take(plannedAs(step, ways, chosen, { ahead: aheadText(chosen, ways.best) }));
    }
  }

  take(planned: PlannedStep): void {
    const { chosen } = planned;
    this.steps.push(this.toldStep(planned));
    if (chosen) this.totals = totalsAfter(this.totals, chosen.ends, chosen.timed);
    this.totalsOfAll.push(this.totals);
  }

  /** The safe ways to do a step next, cheapest first. */
  ways(step: Step, count: number): Chosen[] {
    return safeWays(this.context(step), count).map((chosen) => this.told(chosen));
  }

  /** The same object for the same trip. */
  private toldStep(planned: PlannedStep): PlannedStep {
    const { profile, totals } = this;
    if (totals.floorTrips < profile.judges.manyTrips) return planned;
    const byTrip = getOrCreate(TOLD, planned, () => new Map<number, PlannedStep>());
    return getOrCreate(byTrip, totals.floorTrips, () => {
      const { chosen } = planned;
      const told = { chosen: chosen && this.told(chosen), reasons: tripTold(profile, totals, planned.reasons) };
      return told.chosen === chosen && told.reasons === planned.reasons ? planned : { ...planned, ...told };
    });
  }

  private told(chosen: Chosen): Chosen {
    const watch = tripTold(this.profile, this.totals, chosen.watch);
    return watch === chosen.watch ? chosen : { ...chosen, watch };
  }

  /** A quiet end that a limit asks for and the steps don't have. */
  missingRest(): Inserted[] {
    return missingRest(this.assessment.limits, { profile: this.profile, totals: this.totals }, this.steps);
  }

  /** The plan, once its steps have their length. */
  plan(sequence: Sequence, steps: readonly PlannedStep[], inserted: readonly Inserted[]): PersonPlan {
    const { limits, screening, conflicts } = this.assessment;
    const extra = addedSeconds(inserted);
    const total = (of: (step: PlannedStep) => number) => steps.reduce((sum, step) => sum + of(step), 0);
    const after = total(({ seconds }) => seconds) + extra;
    const most = (of: (at: RunningTotals) => number) => Math.max(0, ...this.totalsOfAll.map(of));
    return {
      id: this.participant.id,
      screening,
      conflicts: conflicts.map(describeConflict),
      steps,
      inserted,
      session: sessionFindings(limits, {
        sessionMinutes: after / 60,
        coolMinutes: (quietEnd(steps) + extra) / 60,
        heat: sequence.room ?? USUAL_ROOM,
        touch: sequence.assists ? 1 : 0,
        restShare: after === 0 ? 0 : (restSeconds(steps) + extra) / after,
        leftRightDifference: leftRightDifference(steps),
        // Running sums at their highest.
        supineRun: most((at) => at.supineRun),
        unrelievedSitting: most((at) => at.unrelievedSitting),
        minutesHeadDown: most((at) => at.minutesHeadDown),
        floorTrips: most((at) => at.floorTrips),
      }),
      before: total(({ given }) => given.timed.seconds + given.transitionSeconds),
      after,
    };
  }
}

/** Seconds of what is added at the end. */
export function addedSeconds(inserted: readonly Inserted[]): number {
  return inserted.reduce((sum, { seconds }) => sum + seconds, 0);
}

/** The plans of people who practise together, fitted to the minutes that were asked for. */
export function plansOf(walkers: readonly PersonPlanner[], sequence: Sequence, minutes: number | null): PersonPlan[] {
  const people = walkers.map((walker) => ({
    walker,
    steps: walker.steps as readonly PlannedStep[],
    breathSeconds: walker.participant.breathSeconds,
    inserted: walker.missingRest(),
  }));
  const extra = Math.max(0, ...people.map(({ inserted }) => addedSeconds(inserted)));
  const fitted = minutes === null ? people : shortenToFit(people, minutes * 60 - extra);
  return fitted.map(({ walker, steps, inserted }) => walker.plan(sequence, steps, inserted));
}

/**
 * A sequence adapted to one participant: what is allowed is kept, what isn't takes the least change that is, and
 * what can't be changed is replaced by purpose or left out, so that all steps together cost least (see `bestPath`).
 * The same input gives the same plan.
 */
export function adapt(solver: BodySolver, sequence: Sequence, participant: Participant, options: AdaptOptions = {}): PersonPlan {
  const walker = new PersonPlanner(solver, participant, options.today ?? null);
  walker.walk(sequence.steps);
  return plansOf([walker], sequence, options.minutes ?? sequence.minutes)[0]!;
}

/** Safe ways for one step of someone's plan, on what goes before in it, cheapest first: what a teacher may pick instead. */
export function otherWays(
  solver: BodySolver,
  participant: Participant,
  { steps }: PersonPlan,
  index: number,
  count: number,
  { today = null }: { readonly today?: string | null } = {},
): Chosen[] {
  const walker = new PersonPlanner(solver, participant, today);
  steps.slice(0, index).forEach((step) => walker.take(step));
  return walker.ways(steps[index]!.step, count);
}

/** Seconds of a sequence as it is given, for nobody in particular. */
export function givenSeconds(solver: BodySolver, sequence: Sequence): number {
  return adapt(solver, { ...sequence, minutes: null }, anybody('anybody')).before;
}

/** What one asana, as it is usually done, means for someone. */
export interface AsanaVerdict {
  readonly asana: string;
  /** `keep`: allowed as it is; `watch`: allowed with a caution; `change`: only when changed or not at all. */
  readonly verdict: 'keep' | 'watch' | 'change';
  /** The finding that decided, if one did. */
  readonly by: Finding | null;
}

/** Every asana of the library for one person, done once by itself, one after the other. Step lists are left out. */
export function* judgeLibrary(solver: BodySolver, participant: Participant, options: AdaptOptions = {}): Generator<AsanaVerdict> {
  const profile = whoOf(solver, participant, limitsFor(participant, options.today), options.today ?? null);
  for (const asana of solver.library.asanas) {
    if (asana.variations.length === 0) continue;
    const { id } = asana;
    const { hard, chosen, all } = evaluateGiven({ profile, step: usualStep(asana), totals: START });
    const broken = hard[0] ?? (chosen.changes.length > 0 ? all[0] : undefined);
    const caution = chosen.watch[0];
    if (broken) yield { asana: id, verdict: 'change', by: broken };
    else if (caution) yield { asana: id, verdict: 'watch', by: caution };
    else yield { asana: id, verdict: 'keep', by: null };
  }
}
