import type { DoseSpec } from '../asanas/asana.js';
import { dayInWords } from '../day.js';
import { message, type Message } from '../messages/message.js';
import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Measure } from '../body/measure.js';
import type { Bound } from '../conditions/condition.js';
import { describeSource } from '../conditions/sources.js';
import { breathSecondsOf, describeDose, doseTold, rhythmOf, scaleDose, timeOf, type Rhythm } from '../sequence/dose.js';
import { arrivingOf, usualWaySeconds } from '../transitions/entry-cost.js';
import { costAnywhere, endsOf, type Candidate } from '../candidates/candidates.js';
import { isRest, COST } from '../plan/cost.js';
import type { Wanted } from '../candidates/changes.js';
import { factsOf, rowOf, type Values } from '../solving/facts.js';
import { secondsAtMost, speedsOf, SPEEDS, sweepOf, type Sweep } from '../solving/movement.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import { findings } from '../judging/judge.js';
import { worstOf, isHard, type Finding } from '../plan/finding.js';
import { totalsAfter, type StepContext } from '../judging/step-context.js';
import type { Chosen } from '../plan/plan.js';
import { missingProps, propsOf } from '../candidates/props-needed.js';
import type { LeftOut } from '../participants/left-out.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

/** Nobody rests in less time than this, and nothing is held for less. Common practice, no source. */
const LEAST_REST_S = 60;
const LEAST_STAY_S = 10;

/** Sums that a step before may have begun, and that a shorter stay keeps within a bound. */
const RUNS: readonly Measure[] = ['supineRun', 'unrelievedSitting'];

function bound(finding: Finding, limits: readonly ActiveLimit[]): Bound | null {
  const spec = limits.find(({ id }) => id === finding.limit)?.spec;
  return spec && !('is' in spec.bound) ? spec.bound : null;
}

/** The tightest bounds that are broken, by measure: what a change has to reach. */
export function wantedOf(broken: readonly Finding[], limits: readonly ActiveLimit[]): Wanted {
  const wanted = new Map<Finding['measure'], Bound>();
  for (const finding of [...broken].sort((a, b) => a.by - b.by)) {
    const wants = bound(finding, limits);
    // Sorted by how far they are broken, so that the tightest comes last.
    if (wants) wanted.set(finding.measure, wants);
  }
  return wanted;
}

/** A form as someone does it at a place: with the dose, breath and pace that their limits leave it. */
export interface Fitted extends Pick<
  Chosen,
  'changes' | 'aboutDose' | 'dose' | 'isLonger' | 'timed' | 'retention' | 'transitionSeconds' | 'watch' | 'minCost'
> {
  /** So many of its changes come before the one that says how to get there. */
  readonly wayAfter: number;
  /** Without what it costs to begin it where the class stands, and to get there another way. */
  readonly cost: number;
  /** What isn't there: props, and what they are not offered. */
  readonly missing: readonly Finding[];
  /** What the last class asks of the dose. */
  readonly asked: readonly Finding[];
  /** All that the form broke before dose, breath and pace were fitted. */
  readonly broken: readonly Finding[];
  /** What still stands against it. */
  readonly hard: readonly Finding[];
}

/** Why a step is not offered to someone. */
function notOffered({ reason, on, until }: LeftOut): Finding {
  return {
    condition: 'own',
    limit: 'own/left-out',
    measure: 'leftOut',
    value: null,
    unit: '',
    bound: '',
    grade: 'avoid',
    where: 'posture',
    text: `Left out since ${dayInWords(on)}${until === null ? '' : `, until ${dayInWords(until)}`}: ${reason}`,
    source: describeSource(['common practice']),
    by: 1,
  };
}

class Fitting {
  private readonly changes: Message[];
  private readonly wayAfter: number;
  private readonly aboutDose: Message[] = [];
  private cost: number;
  /** What of it the place in the class asks for: elsewhere it may be nothing. */
  private costHere = 0;
  /** What it can't be made to cost here, and would in any place where it is possible. */
  private costElsewhere = 0;
  private readonly asked: Finding[] = [];
  private readonly ends: readonly SolvedPosture[];
  private readonly rhythm: Rhythm;
  private dose: DoseSpec;
  /** The dose as it was made longer. */
  private readonly longer: DoseSpec | null = null;
  private timed;
  private retention: number;
  private transitionSeconds: number;

  constructor(
    private readonly context: StepContext,
    private readonly candidate: Candidate,
    private readonly given: Candidate,
    private impact: number | null,
  ) {
    const { step, profile, totals } = context;
    const { asana, variation } = candidate;
    this.ends = endsOf(profile.solver, candidate);
    this.changes = [...candidate.said];
    this.cost = costAnywhere(profile, candidate, given);
    this.dose = asana === given.asana || !asana.pattern ? step.dose : asana.dose;
    const { pattern } = variation;
    this.rhythm = rhythmOf(asana, variation);
    if (pattern === null && variation.declared.effort > 1) {
      if (profile.afterPain) this.takeLess(profile.afterPain);
      else if (profile.longer !== null) this.dose = this.longer = scaleDose(this.dose, profile.longer);
    }
    this.wayAfter = this.changes.length;
    this.timed = timeOf(this.rhythm, this.dose, step.side, profile.breathSeconds);
    const pauses = pattern ? Math.max(pattern.pauseIn, pattern.pauseOut) : 0;
    this.retention =
      asana === given.asana
        ? (step.retention ?? Math.max(variation.declared.retention ?? 0, pauses))
        : (variation.declared.retention ?? pauses);
    this.transitionSeconds = usualWaySeconds(totals.last, this.first);
  }

  run(): Fitted {
    const { judges, props, leftOut } = this.context.profile;
    const out = leftOut.get(this.candidate.asana.id);
    const before = this.judged();
    let broken = before;
    // Fitting one may leave another: twice is enough for what they share.
    for (let round = 0; round < 2 && this.fitAll(broken); round++) broken = this.judged();
    const watch = broken.filter((finding) => !isHard(finding));
    const hard = broken.filter(isHard);
    const cost = this.cost + COST.watch * watch.length;
    return {
      changes: this.changes,
      wayAfter: this.wayAfter,
      aboutDose: this.aboutDose,
      dose: this.dose,
      // What a limit asks of the dose comes after it.
      isLonger: this.dose === this.longer && describeDose(this.dose) !== describeDose(this.context.step.dose),
      timed: this.timed,
      retention: this.retention,
      transitionSeconds: this.transitionSeconds,
      watch,
      cost,
      minCost: hard.some((finding) => this.isAnywhere(finding))
        ? Infinity
        : cost - this.costHere + this.costElsewhere - COST.watch * watch.filter(({ limit }) => judges.aboutPlace.has(limit)).length,
      // What needs props that aren't there is no candidate, unless it is given.
      missing:
        this.candidate === this.given ? [...missingProps(propsOf(this.candidate.posture), props), ...(out ? [notOffered(out)] : [])] : [],
      asked: this.asked,
      broken: before,
      hard,
    };
  }

  /** Whether what still stands against it would in any other place of a class as well. */
  private isAnywhere(finding: Finding): boolean {
    const { judges, limits } = this.context.profile;
    if (!judges.aboutPlace.has(finding.limit)) return true;
    // Too long by itself, and no stay is so short as what it would have to become.
    const wants = bound(finding, limits);
    const most = RUNS.includes(finding.measure as Measure) && wants && 'atMost' in wants ? wants.atMost * 60 : Infinity;
    return this.timed.seconds > most && most < this.leastSeconds;
  }

  /** A stay that is shortened lasts so long at the least. */
  private get leastSeconds(): number {
    return isRest(this.given.asana) ? LEAST_REST_S : LEAST_STAY_S;
  }

  /** Whether anything that is broken could be fitted. */
  private fitAll(broken: readonly Finding[]): boolean {
    const hard = broken.filter(isHard);
    if (hard.length === 0) return false;
    return [...wantedOf(hard, this.context.profile.limits)].filter(([measure, wants]) => this.fit(measure, wants)).length > 0;
  }

  private takeLess({ share, condition }: NonNullable<JudgingProfile['afterPain']>): void {
    const less = scaleDose(this.dose, share);
    if (describeDose(less) === describeDose(this.dose)) return;
    this.dose = less;
    this.sayDose(message('dose.only', { dose: doseTold(less) }));
    this.cost += COST.shorter;
    this.asked.push({
      condition,
      limit: `${condition}/pain-next-day`,
      measure: 'hold',
      value: null,
      unit: 's',
      bound: `${share} of the dose`,
      grade: 'modify',
      where: 'dose',
      text: 'Pain was worse the day after the last class: less of everything that takes effort.',
      source: describeSource(['common practice']),
      by: 0,
    });
  }

  private get first(): SolvedPosture {
    return this.ends[0]!;
  }

  /** What the place in the class, the dose and the way add to the measures of each end. */
  private here(): Values {
    const { profile, totals } = this.context;
    const runs = totalsAfter(totals, this.ends, this.timed);
    const standing = this.first.measured.standing && this.timed.holdSeconds > 0;
    const { repSeconds } = this.timed;
    const values = {
      hold: this.timed.holdSeconds,
      // Someone who stays once takes the whole hold for one repetition.
      repSeconds: repSeconds ?? this.timed.holdSeconds,
      ...(profile.judges.speeds && speedsOf(this.sweep, repSeconds ?? Infinity)),
      breathRetention: this.retention,
      breathRate: 60 / breathSecondsOf(this.rhythm, profile.breathSeconds),
      ...arrivingOf(this.context, this.ends),
      transitionTime: this.transitionSeconds,
      supineRun: runs.supineRun,
      standingRun: standing ? this.timed.holdSeconds / 60 : 0,
      unrelievedSitting: runs.unrelievedSitting,
      // Only the step that adds to a sum answers for it.
      minutesHeadDown: runs.minutesHeadDown > totals.minutesHeadDown ? runs.minutesHeadDown : 0,
      floorTrips: runs.floorTrips > totals.floorTrips ? runs.floorTrips : 0,
    };
    return this.impact === null ? values : { ...values, impact: this.impact };
  }

  private judged(): readonly Finding[] {
    const { judges, scratch } = this.context.profile;
    const here = rowOf(this.here(), scratch.step);
    const { declared: form } = this.candidate.variation;
    const { moving, anywhere } = judges;
    const moved = this.ends.map((done) => findings(moving, factsOf(done, form, here)));
    const { fixed } = anywhere(this.ends, form);
    return moved.every(({ length }) => length === 0) ? fixed : worstOf([fixed, ...moved]);
  }

  /** Fits dose, breath or pace to a bound; `false` where only another posture can help. */
  private fit(measure: Finding['measure'], wants: Bound): boolean {
    const most = 'atMost' in wants ? wants.atMost : 'equals' in wants ? wants.equals : null;
    switch (measure) {
      case 'hold':
        return most !== null && most >= 5 && this.shortenHold(most);
      case 'breathRetention':
        if (most === null || this.needsPause(most)) return false;
        this.retention = most;
        this.say(most === 0 ? message('breath.flows') : message('breath.held-at-most', { seconds: most }), COST.noHold);
        return true;
      case 'transitionTime': {
        const least = 'atLeast' in wants ? wants.atLeast : null;
        if (least === null) return false;
        this.transitionSeconds = least;
        return true;
      }
      case 'repSeconds': {
        const least = 'atLeast' in wants ? wants.atLeast : null;
        return least !== null && this.takeLonger(least);
      }
      case 'neckSpeed':
      case 'lumbarSpeed':
      case 'kneeSpeedLoaded':
        return most !== null && this.takeLonger(Math.ceil(secondsAtMost(this.sweep[SPEEDS[measure]], most)));
      case 'impact':
        if (this.impact === null) return false;
        this.impact = 0;
        return true;
      case 'supineRun':
        return most !== null && this.shortenRun(most, this.context.totals.supineRun);
      case 'unrelievedSitting':
        return most !== null && this.shortenRun(most, this.context.totals.unrelievedSitting);
      case 'standingRun':
        return most !== null && most > 0 && this.shortenHold(most * 60);
      default:
        return false;
    }
  }

  /** So many seconds for each repetition. */
  private takeLonger(seconds: number): boolean {
    if (this.timed.repSeconds === null) return false;
    this.timed = { ...this.timed, seconds: (this.timed.seconds * seconds) / this.timed.repSeconds, repSeconds: seconds };
    this.say(message('pace.each-time', { seconds }), COST.slower);
    return true;
  }

  private get sweep(): Sweep {
    return sweepOf(this.ends, this.candidate.variation.declared.neckSweep);
  }

  /** Whether the practice is its pause: a box breath without pauses is another practice. */
  private needsPause(most: number): boolean {
    const { pattern } = this.rhythm;
    return pattern !== null && Math.max(pattern.pauseIn, pattern.pauseOut) > most;
  }

  private say(said: Message, cost: number): void {
    this.changes.push(said);
    this.cost += cost;
  }

  private sayDose(said: Message): void {
    this.changes.push(said);
    this.aboutDose.push(said);
  }

  /** Shorter stays with more rounds, at most three, so that the dose is kept where it can be. */
  private shortenHold(seconds: number): boolean {
    if (this.timed.repSeconds !== null || seconds <= 0) return false;
    const { step, profile } = this.context;
    const rounds = Math.min(3, (this.dose.rounds ?? 1) * Math.ceil(this.timed.holdSeconds / seconds));
    this.dose = { seconds: Math.floor(seconds), rounds };
    this.timed = timeOf(this.rhythm, this.dose, step.side, profile.breathSeconds);
    this.sayDose(message('dose.hold', { seconds: Math.floor(seconds), rounds }));
    this.cost += COST.shorter;
    return true;
  }

  /** Shortens to the minutes that a running sum leaves of the most that is allowed. */
  private shortenRun(most: number, before: number): boolean {
    const cost = isRest(this.given.asana) ? COST.shortenRest : COST.shorter;
    // As it was asked for, it is too long in any place.
    const isTooLong = this.timed.seconds > most * 60;
    const seconds = (most - before) * 60;
    if (seconds < this.leastSeconds) {
      if (isTooLong) this.costElsewhere = cost;
      return false;
    }
    const { step, profile } = this.context;
    const times = step.side === 'both' ? 2 : 1;
    this.dose = { seconds: Math.floor(seconds / times) };
    this.timed = timeOf(this.rhythm, this.dose, step.side, profile.breathSeconds);
    this.sayDose(message('dose.no-longer', { seconds: Math.round(seconds) }));
    this.cost += cost;
    if (!isTooLong) this.costHere += cost;
    return true;
  }
}

/** A candidate with dose, breath and pace fitted to someone's limits. `impact` is that of the way there, in body weights. */
export function fit(context: StepContext, candidate: Candidate, given: Candidate, impact: number | null): Fitted {
  return new Fitting(context, candidate, given, impact).run();
}
