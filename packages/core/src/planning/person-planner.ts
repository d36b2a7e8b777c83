import { getOrCreate, memoize } from '../get-or-create.js';
import { conflictTold, favouredPurposes } from '../conditions/together.js';
import { answersOn } from '../conditions/over-time.js';
import { doseAfterPain } from '../conditions/pain.js';
import { namedSubstitutes } from '../conditions/substitutes.js';
import { assess, type Assessment } from '../screening/assess.js';
import { shortenToFit } from '../dosing/fit-time.js';
import { sharedProfile, stepLimits, type JudgingProfile } from '../judging/judging-profile.js';
import type { PlanningCache } from '../judging/planning-cache.js';
import { START, totalsAfter, tripTold, type StepContext } from '../judging/step-context.js';
import { leftOutOn } from '../participants/left-out.js';
import type { Participant } from '../participants/participant.js';
import { likedForms, longerShare } from '../participants/preference.js';
import type { Chosen, Inserted, PersonPlan, PlannedStep, RunningTotals } from '../plan/plan.js';
import type { Sequence, Step } from '../sequence/sequence.js';
import type { BodySolver } from '../solving/body-solver.js';
import { bestPath } from './best-path.js';
import { aheadSaid, ownWays, plannedAs } from './own-ways.js';
import { proposals } from './proposals.js';
import { safeWays } from './search.js';
import { leftRightDifference, missingRest, quietEnd, restSeconds, sessionFindings } from './session.js';

/** Temperature of a room in which nobody says otherwise, in degrees Celsius. */
const USUAL_ROOM = 22;
/** Sound, light and scent of a class that says nothing of them: soft and steady. */
const USUAL_SENSES = 1;

/** What every step of a participant is judged with. */
export function profileOf(
  solver: BodySolver,
  participant: Participant,
  { limits }: Pick<Assessment, 'limits'>,
  today: string | null,
  cache: PlanningCache,
): JudgingProfile {
  return sharedProfile({
    solver,
    cache,
    limits: stepLimits(limits),
    props: participant.props,
    breathSeconds: participant.breathSeconds,
    leftOut: leftOutOn(participant.leftOut, today),
    liked: likedForms(participant.preferences),
    longer: longerShare(participant.preferences),
    favoured: favouredPurposes(participant.conditions),
    named: namedSubstitutes(participant.conditions),
    afterPain: doseAfterPain(participant.conditions.map((answer) => answersOn(answer, today).answer)),
  });
}

/** Steps that tell which trip to the floor they are (see `tripTold`), by its number. */
const toldByTrip = memoize((_: PlannedStep) => new Map<number, PlannedStep>());

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
    private readonly cache: PlanningCache,
    same: PersonPlanner | null = null,
  ) {
    this.assessment = same?.assessment ?? assess(participant, today);
    this.profile = same?.profile ?? profileOf(solver, participant, this.assessment, today, cache);
  }

  /** The same participant at the beginning of a class. */
  anew(): PersonPlanner {
    return new PersonPlanner(this.profile.solver, this.participant, this.today, this.cache, this);
  }

  context(step: Step): StepContext {
    return { profile: this.profile, step, totals: this.totals };
  }

  /** The best way through all steps. */
  walk(steps: readonly Step[]): void {
    const { way } = bestPath(this.profile, steps);
    for (const [i, step] of steps.entries()) {
      const [ways, { chosen }] = [ownWays(this.context(step)), way[i]!];
      this.take(plannedAs(step, ways, chosen, { ahead: aheadSaid(chosen, ways.best) }));
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
    return getOrCreate(toldByTrip(planned), totals.floorTrips, () => {
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
      preferences: this.participant.preferences,
      screening,
      conflicts: conflicts.map(conflictTold),
      steps,
      inserted: [
        ...inserted,
        ...proposals(this.profile, steps, this.totalsOfAll).filter(({ why }) => why !== 'rest' || inserted.length === 0),
      ],
      session: sessionFindings(limits, {
        sessionMinutes: after / 60,
        coolMinutes: (quietEnd(steps) + extra) / 60,
        heat: sequence.room ?? USUAL_ROOM,
        touch: sequence.assists ? 1 : 0,
        sensoryLoad: sequence.senses ?? USUAL_SENSES,
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

/** Seconds of what is added at the end; what is only proposed takes none. */
export function addedSeconds(inserted: readonly Inserted[]): number {
  return inserted.reduce((sum, { seconds, proposed }) => sum + (proposed ? 0 : seconds), 0);
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
