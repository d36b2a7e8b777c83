import { onceOf } from '../once.js';
import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Bound } from '../conditions/condition.js';
import { describeSource } from '../conditions/sources.js';
import { breathSecondsOf, describeDose, rhythmOf, scaleDose, timeOf, type Rhythm } from '../sequence/dose.js';
import { headSweep } from '../body/measure.js';
import { WAYS, type WayId } from '../sequence/ways.js';
import { headDrop, levelChange, outOfPlace, standOf, usualWaySeconds, wayTaken } from './arrival.js';
import { COST, isRest, shapeDistance, type Candidate } from './candidates.js';
import type { Wanted } from './changes.js';
import type { Purpose } from '../asanas/purposes.js';
import { factsOf, rowOf, type Row, type Values } from './facts.js';
import { findings, isHard, worstOf, type Finding } from './judge.js';
import { judgesOf } from './judges.js';
import { sumsKey, tallyAfter, type StepContext } from './place.js';
import type { Chosen } from './plan.js';
import { missingProps, propsOf, type Prop } from './props.js';
import type { Done, Studio } from './studio.js';
import type { Who } from './who.js';

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

const ENDS = new WeakMap<Studio, WeakMap<Candidate, readonly Done[]>>();

/** A candidate's postures as this body does them: the same array whenever it is asked. */
export function endsOf(studio: Studio, candidate: Candidate): readonly Done[] {
  const { asana, variation, posture, moves, changes } = candidate;
  if (changes.length === 0) return studio.formOf(asana, variation).ends;
  const known = onceOf(ENDS, studio, () => new WeakMap<Candidate, readonly Done[]>());
  return onceOf(known, candidate, () => [posture, moves].flatMap((one) => (one ? [studio.posture(one)] : [])));
}

/** What a candidate costs someone wherever it is done: its place, dose and way can only add to it. */
export function costAnywhere(who: Who, candidate: Candidate, given: Candidate, props: number): number {
  const { asana, posture, base } = candidate;
  let cost = base + COST.prop * props + COST.shape * shapeDistance(posture, given.posture);
  if (asana !== given.asana) {
    if (!Object.keys(asana.purposes).some((one) => who.favoured.has(one as Purpose))) cost += COST.notFavoured;
    if (who.named.get(given.asana.id)?.has(asana.id) === false) cost += COST.notNamed;
  }
  return cost;
}

/**
 * All that a candidate's evaluation looks at of its place in a class: the same for two places where it is the
 * same. The step itself, and who does it, are not part of it.
 */
export function placeKey(context: StepContext, candidate: Candidate, given: Candidate): string {
  const { who, tally } = context;
  const { last } = tally;
  const ends = endsOf(who.studio, candidate);
  const [first] = ends;
  const before = judgesOf(who.limits).arriving ? String(last?.id ?? 0) : last ? `${last.level} ${last.measured.lying}` : '';
  return `${before} ${usualWaySeconds(last, first!)} ${wayTaken(context, first!, candidate === given).key}${sumsKey(context, ends)}`;
}

export interface Evaluated {
  readonly chosen: Chosen;
  /** What still stands against it. */
  readonly hard: readonly Finding[];
  /** All that the form broke before dose, breath and way were fitted. */
  readonly all: readonly Finding[];
}

/** What the place adds to one evaluation at a time: findings keep nothing of it. */
const HERE: Row = rowOf({});

/** Judges one candidate at its place, fitting dose, breath and way to the limits as it goes. */
export class Evaluation {
  private readonly changes: string[];
  private readonly aboutDose: string[] = [];
  private cost: number;
  /** What of it the place in the class asks for: elsewhere it may be nothing. */
  private costHere = 0;
  private readonly all: (readonly Finding[])[] = [];
  private readonly hard: Finding[] = [];
  private readonly watch = new Map<string, Finding>();
  private readonly ends: readonly Done[];
  private readonly needs: ReadonlyMap<Prop, number>;
  private readonly rhythm: Rhythm;
  private dose;
  private timed;
  private retention: number;
  private impact: number | null = null;
  private readonly ways: WayId[] = [];
  private transitionSeconds: number;

  constructor(
    private readonly context: StepContext,
    private readonly candidate: Candidate,
    private readonly given: Candidate,
  ) {
    const { step, who, tally } = context;
    const { last } = tally;
    const { studio, breathSeconds } = who;
    const { asana, variation, posture } = candidate;
    this.ends = endsOf(studio, candidate);
    this.changes = [...candidate.texts];
    this.needs = propsOf(posture);
    this.cost = costAnywhere(who, candidate, given, this.needs.size);
    if (candidate !== given)
      this.payHere(outOfPlace(studio.formOf(given.asana, given.variation), standOf(this.first), last && standOf(last)));
    this.dose = asana === given.asana || !asana.pattern ? step.dose : asana.dose;
    const { pattern } = variation;
    this.rhythm = rhythmOf(asana, variation);
    if (who.afterPain && pattern === null && variation.declared.effort > 1) this.takeLess(who.afterPain);
    this.timed = timeOf(this.rhythm, this.dose, step.side, breathSeconds);
    const pauses = pattern ? Math.max(pattern.pauseIn, pattern.pauseOut) : 0;
    this.retention =
      asana === given.asana
        ? (step.retention ?? Math.max(variation.declared.retention ?? 0, pauses))
        : (variation.declared.retention ?? pauses);
    this.transitionSeconds = usualWaySeconds(last, this.first);
  }

  run(): Evaluated {
    // What needs props that aren't there is no candidate, unless it is given.
    if (this.candidate === this.given) this.note(missingProps(this.needs, this.context.who.props));
    this.takeWay();
    // Dose, breath and way may be fitted, and fitting one may leave another: twice is enough for what they share.
    for (let round = 0; round < 3; round++) {
      const broken = this.judged();
      if (round === 0) this.all.push(broken);
      if (round === 2 || !this.fitAll(broken)) {
        this.note(broken);
        break;
      }
    }
    const { asana, variation } = this.candidate;
    const watch = [...this.watch.values()];
    const { aboutPlace } = judgesOf(this.context.who.limits);
    const cost = this.cost + COST.watch * watch.length;
    return {
      all: worstOf(this.all),
      hard: this.hard,
      chosen: {
        asana,
        variation,
        figure: this.candidate.figure,
        ends: this.ends,
        declared: variation.declared,
        changes: this.changes,
        aboutDose: this.aboutDose,
        dose: this.dose,
        timed: this.timed,
        retention: this.retention,
        ways: this.ways,
        transitionSeconds: this.transitionSeconds,
        drops: this.candidate.drops,
        watch,
        cost,
        floor: cost - this.costHere - COST.watch * watch.filter(({ limit }) => aboutPlace.has(limit)).length,
      },
    };
  }

  /** Whether anything that is broken could be fitted. */
  private fitAll(broken: readonly Finding[]): boolean {
    const hard = broken.filter(isHard);
    if (hard.length === 0) return false;
    return [...wantedOf(hard, this.context.who.limits)].filter(([measure, wants]) => this.fit(measure, wants)).length > 0;
  }

  private takeLess({ share, condition }: NonNullable<Who['afterPain']>): void {
    const less = scaleDose(this.dose, share);
    if (describeDose(less) === describeDose(this.dose)) return;
    this.dose = less;
    this.sayDose(`${describeDose(less)} only`);
    this.cost += COST.shorter;
    this.all.push([
      {
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
      },
    ]);
  }

  private note(broken: readonly Finding[]): void {
    for (const finding of broken) {
      if (finding.grade === 'watch') this.watch.set(finding.limit, finding);
      else this.hard.push(finding);
      if (finding.measure === 'props') this.all.push([finding]);
    }
  }

  private get first(): Done {
    return this.ends[0]!;
  }

  /** From the step before, and between the ends of a movement. Degrees. */
  private headSweep(): number {
    const path = [this.context.tally.last, ...this.ends].flatMap((done) => (done ? [done.solved.placed] : []));
    return Math.max(0, ...path.slice(1).map((placed, i) => headSweep(path[i]!, placed)));
  }

  /** What the place in the class, the dose and the way add to the measures of each end. */
  private here(): Values {
    const { who, tally } = this.context;
    const runs = tallyAfter(tally, this.ends, this.timed);
    const standing = this.first.measured.standing && this.timed.holdSeconds > 0;
    const values = {
      hold: this.timed.holdSeconds,
      // Someone who stays once takes the whole hold for one repetition.
      repSeconds: this.timed.repSeconds ?? this.timed.holdSeconds,
      breathRetention: this.retention,
      breathRate: 60 / breathSecondsOf(this.rhythm, who.breathSeconds),
      levelChange: levelChange(tally.last, this.first),
      headDrop: headDrop(tally.last, this.first),
      headSweep: judgesOf(who.limits).sweeps ? this.headSweep() : 0,
      transitionTime: this.transitionSeconds,
      supineRun: runs.supineRun,
      standingRun: standing ? this.timed.holdSeconds / 60 : 0,
      unrelievedSitting: runs.sittingRun,
      // Only the step that adds to a sum answers for it.
      minutesHeadDown: runs.headDown > tally.headDown ? runs.headDown : 0,
      floorTrips: runs.floorTrips > tally.floorTrips ? runs.floorTrips : 0,
    };
    return this.impact === null ? values : { ...values, impact: this.impact };
  }

  private judged(): readonly Finding[] {
    rowOf(this.here(), HERE);
    const { declared: form } = this.candidate.variation;
    const { moving, anywhere } = judgesOf(this.context.who.limits);
    const moved = this.ends.map((done) => findings(moving, factsOf(done, form, HERE)));
    const { fixed } = anywhere(this.ends, form);
    return moved.every(({ length }) => length === 0) ? fixed : worstOf([fixed, ...moved]);
  }

  private takeWay(): void {
    const { ways, all, hard, impact } = wayTaken(this.context, this.first, this.candidate === this.given);
    this.ways.push(...ways.map(({ way }) => way));
    this.all.push(all);
    this.hard.push(...hard);
    this.impact = impact;
    for (const { way, instead } of ways) if (instead) this.sayHere(`get there ${WAYS[way].name}`, COST.way);
  }

  /** Fits dose, breath or way to a bound; `false` where only another posture can help. */
  private fit(measure: Finding['measure'], wants: Bound): boolean {
    const most = 'atMost' in wants ? wants.atMost : 'equals' in wants ? wants.equals : null;
    switch (measure) {
      case 'hold':
        return most !== null && most >= 5 && this.shortenHold(most);
      case 'breathRetention':
        if (most === null || this.needsPause(most)) return false;
        this.retention = most;
        this.say(most === 0 ? 'no breath hold: let the breath flow' : `hold the breath ${most} s at most`, COST.noHold);
        return true;
      case 'transitionTime': {
        const least = 'atLeast' in wants ? wants.atLeast : null;
        if (least === null) return false;
        this.transitionSeconds = least;
        this.sayHere(`take ${least} s to get there`, COST.slower);
        return true;
      }
      case 'repSeconds': {
        const least = 'atLeast' in wants ? wants.atLeast : null;
        if (least === null || this.timed.repSeconds === null) return false;
        this.timed = { ...this.timed, seconds: (this.timed.seconds * least) / this.timed.repSeconds, repSeconds: least };
        this.say(`slowly, ${least} s each time`, COST.slower);
        return true;
      }
      case 'impact':
        if (this.impact === null) return false;
        this.impact = 0;
        return true;
      case 'supineRun':
        return most !== null && this.shortenRun(most - this.context.tally.supineRun);
      case 'unrelievedSitting':
        return most !== null && this.shortenRun(most - this.context.tally.sittingRun);
      case 'standingRun':
        return most !== null && most > 0 && this.shortenHold(most * 60);
      default:
        return false;
    }
  }

  /** Whether the practice is its pause: a box breath without pauses is another practice. */
  private needsPause(most: number): boolean {
    const { pattern } = this.rhythm;
    return pattern !== null && Math.max(pattern.pauseIn, pattern.pauseOut) > most;
  }

  private say(text: string, cost: number): void {
    this.changes.push(text);
    this.cost += cost;
  }

  private sayDose(text: string): void {
    this.changes.push(text);
    this.aboutDose.push(text);
  }

  private payHere(cost: number): void {
    this.cost += cost;
    this.costHere += cost;
  }
  private sayHere(text: string, cost: number): void {
    this.say(text, cost);
    this.costHere += cost;
  }

  /** Shorter stays with more rounds, at most three, so that the dose is kept where it can be. */
  private shortenHold(seconds: number): boolean {
    if (this.timed.repSeconds !== null || seconds <= 0) return false;
    const { step, who } = this.context;
    const rounds = Math.min(3, (this.dose.rounds ?? 1) * Math.ceil(this.timed.holdSeconds / seconds));
    this.dose = { seconds: Math.floor(seconds), rounds };
    this.timed = timeOf(this.rhythm, this.dose, step.side, who.breathSeconds);
    this.sayDose(rounds > 1 ? `hold ${Math.floor(seconds)} s, ${rounds} times` : `hold ${Math.floor(seconds)} s`);
    this.cost += COST.shorter;
    return true;
  }

  /** Shortens to the minutes that a running sum leaves. */
  private shortenRun(minutes: number): boolean {
    const seconds = minutes * 60;
    if (seconds < 10) return false;
    const { step, who } = this.context;
    const times = step.side === 'both' ? 2 : 1;
    this.dose = { seconds: Math.floor(seconds / times) };
    this.timed = timeOf(this.rhythm, this.dose, step.side, who.breathSeconds);
    this.sayDose(`no longer than ${Math.round(seconds)} s`);
    this.payHere(isRest(this.given.asana) ? COST.shortenRest : COST.shorter);
    return true;
  }
}
