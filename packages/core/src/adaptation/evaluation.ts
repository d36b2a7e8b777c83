import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Bound } from '../conditions/condition.js';
import { describeSource } from '../conditions/sources.js';
import { breathSecondsOf, describeDose, rhythmOf, scaleDose, timeOf, type Rhythm, type Timed } from '../sequence/dose.js';
import type { Step } from '../sequence/sequence.js';
import type { DeclaredSpec } from '../asanas/asana.js';
import { headSweep, type Measure } from '../body/measure.js';
import { WAYS, waysBetween, type WayId } from '../sequence/ways.js';
import { extremesOnTheWay } from './path.js';
import { COST, figureOf, isRest, shapeDistance, type Candidate } from './candidates.js';
import type { Wanted } from './changes.js';
import type { Purpose } from '../asanas/purposes.js';
import { findings, worstOf, type Finding } from './judge.js';
import type { Chosen, Tally } from './plan.js';
import { missingProps, propsOf, type Prop } from './props.js';
import { declaredValues, type Done, type Facts, type Studio } from './studio.js';
import type { Who } from './who.js';

export const START: Tally = { last: null, supineRun: 0, sittingRun: 0, headDown: 0, floorTrips: 0 };

/** All that one step is judged and searched with. */
export interface StepContext {
  readonly who: Who;
  readonly step: Step;
  readonly tally: Tally;
}

const HEAD_DOWN_CM = 5;
/** A way of no special kind takes this long; one with a rise of 30 cm or the head coming up 20, twice that. Seconds. */
const WAY_SECONDS = 3;
const RISE_CM = 30;
const HEAD_RISE_CM = 20;

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

/** What the place in the class, the dose and the way decide; all else is the same wherever a form is done. */
const MOVING: ReadonlySet<string> = new Set<Measure>([
  'hold', 'repSeconds', 'breathRetention', 'breathRate', 'levelChange', 'headDrop', 'headSweep', 'transitionTime',
  'supineRun', 'standingRun', 'unrelievedSitting', 'minutesHeadDown', 'floorTrips', 'impact',
]); // prettier-ignore

interface Judges {
  readonly moving: readonly ActiveLimit[];
  /** Those of `moving` whose own measure is the posture's: only their clauses look at the place. */
  readonly sometimes: readonly ActiveLimit[];
  /** What a posture breaks of the limits that its place can't change: judged once. */
  readonly fixedOf: (done: Done, form: DeclaredSpec) => readonly Finding[];
  /** What a way between two postures breaks: judged once. */
  readonly fixedWay: (from: Done | null, to: Done, way: WayId, judge: () => Finding[]) => Finding[];
}
const JUDGES = new WeakMap<readonly ActiveLimit[], Judges>();

export function judgesOf(limits: readonly ActiveLimit[]): Judges {
  const known = JUDGES.get(limits);
  if (known) return known;
  const moves = ({ spec }: ActiveLimit) =>
    MOVING.has(spec.measure) || (spec.when ?? []).some((clause) => 'measure' in clause && MOVING.has(clause.measure));
  const fixed = limits.filter((limit) => !moves(limit));
  const judged = new WeakMap<Done, Map<DeclaredSpec, readonly Finding[]>>();
  const ways = new WeakMap<Done, Map<string, Finding[]>>();
  const places = new WeakMap<Done, number>();
  let count = 0;
  const placeOf = (done: Done | null) => {
    if (done === null) return 0;
    const known = places.get(done) ?? ++count;
    places.set(done, known);
    return known;
  };
  const judges: Judges = {
    fixedWay: (from, to, way, judge) => {
      const known = ways.get(to) ?? new Map<string, Finding[]>();
      ways.set(to, known);
      const key = `${placeOf(from)} ${way}`;
      const found = known.get(key) ?? judge();
      known.set(key, found);
      return found;
    },
    moving: limits.filter(moves),
    sometimes: limits.filter((limit) => moves(limit) && !MOVING.has(limit.spec.measure)),
    fixedOf: (done, form) => {
      const byForm = judged.get(done) ?? new Map<DeclaredSpec, readonly Finding[]>();
      judged.set(done, byForm);
      const before = byForm.get(form);
      if (before) return before;
      const { values, facing, standing } = done.measured;
      const found = findings(fixed, { values, declared: declaredValues(form), facing, standing });
      byForm.set(form, found);
      return found;
    },
  };
  JUDGES.set(limits, judges);
  return judges;
}

/** A candidate's postures as this body does them. */
export function endsOf(studio: Studio, { asana, variation, posture, moves, changes }: Candidate): readonly Done[] {
  if (changes.length === 0) return studio.formOf(asana, variation).ends;
  return [posture, moves].flatMap((one) => (one ? [studio.posture(one)] : []));
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

/** How the class stands after a step of these postures. Minutes. */
export function tallyAfter(tally: Tally, ends: readonly Done[], timed: Timed): Tally {
  const [first] = ends;
  const { measured } = first!;
  const minutes = timed.seconds / 60;
  const supine = measured.facing === 'supine' && (measured.values.trunkPitch ?? 0) >= 60;
  const seated = !measured.standing && !measured.lying && measured.facing === 'upright';
  const headDown = ends.some(({ measured: { values } }) => (values.headBelowHeart ?? 0) > HEAD_DOWN_CM);
  const down = first!.level !== 'up';
  const wasDown = tally.last !== null && tally.last.level !== 'up';
  return {
    last: ends.at(-1)!,
    supineRun: supine ? tally.supineRun + minutes : 0,
    sittingRun: seated ? tally.sittingRun + minutes : 0,
    headDown: tally.headDown + (headDown ? minutes : 0),
    floorTrips: tally.floorTrips + (down && !wasDown ? 1 : 0),
  };
}

export interface Evaluated {
  readonly chosen: Chosen;
  /** What still stands against it. */
  readonly hard: readonly Finding[];
  /** All that the form broke before dose, breath and way were fitted. */
  readonly all: readonly Finding[];
}

/** Judges one candidate at its place, fitting dose, breath and way to the limits as it goes. */
export class Evaluation {
  private readonly changes: string[];
  private cost: number;
  private readonly all: Finding[] = [];
  private readonly hard: Finding[] = [];
  private readonly watch = new Map<string, Finding>();
  private readonly ends: readonly Done[];
  private readonly needs: ReadonlyMap<Prop, number>;
  private readonly rhythm: Rhythm;
  private dose;
  private timed;
  private retention: number;
  private impact: number | null = null;
  private ways: WayId[] = [];
  private transitionSeconds: number;

  constructor(
    private readonly context: StepContext,
    private readonly candidate: Candidate,
    private readonly given: Candidate,
  ) {
    const { step, who } = context;
    const { studio, breathSeconds } = who;
    const { asana, variation, posture } = candidate;
    this.ends = endsOf(studio, candidate);
    this.changes = [...candidate.texts];
    this.needs = propsOf(posture);
    this.cost = costAnywhere(who, candidate, given, this.needs.size);
    if (candidate !== given) {
      // Lying down in the middle of a standing row, or the reverse, breaks the class apart.
      const [was] = studio.formOf(given.asana, given.variation).ends;
      const { last } = context.tally;
      // A rest is lain down for, wherever the class stood before.
      const fits = (of: (done: Done) => unknown) =>
        of(this.first) === of(was!) || (!isRest(given.asana) && last !== null && of(this.first) === of(last));
      if (!fits(({ measured }) => measured.lying)) this.cost += COST.lyingDown;
      if (!fits(({ level }) => level === 'up')) this.cost += COST.otherLevel;
    }
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
    this.transitionSeconds = this.usualWaySeconds();
  }

  run(): Evaluated {
    this.note(missingProps(this.needs, this.context.who.props));
    this.takeWay();
    // Dose, breath and way may be fitted, and fitting one may leave another: twice is enough for what they share.
    for (let round = 0; round < 3; round++) {
      const broken = this.judged();
      if (round === 0) this.all.push(...broken);
      const wanted = wantedOf(
        broken.filter(({ grade }) => grade !== 'watch'),
        this.context.who.limits,
      );
      const fitted = round < 2 && [...wanted].filter(([measure, wants]) => this.fit(measure, wants)).length > 0;
      if (!fitted) {
        this.note(broken);
        break;
      }
    }
    const { asana, variation } = this.candidate;
    const watch = [...this.watch.values()];
    return {
      all: worstOf([this.all]),
      hard: this.hard,
      chosen: {
        asana,
        variation,
        figure: figureOf(this.candidate),
        ends: this.ends,
        declared: variation.declared,
        changes: this.changes,
        dose: this.dose,
        timed: this.timed,
        retention: this.retention,
        ways: this.ways,
        transitionSeconds: this.transitionSeconds,
        drops: this.candidate.drops,
        watch,
        cost: this.cost + COST.watch * watch.length,
      },
    };
  }

  private takeLess({ share, condition }: NonNullable<Who['afterPain']>): void {
    const less = scaleDose(this.dose, share);
    if (describeDose(less) === describeDose(this.dose)) return;
    this.dose = less;
    this.say(`${describeDose(less)} only`, COST.shorter);
    this.all.push({
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

  private note(broken: readonly Finding[]): void {
    for (const finding of broken) {
      if (finding.grade === 'watch') this.watch.set(finding.limit, finding);
      else this.hard.push(finding);
      if (finding.measure === 'props') this.all.push(finding);
    }
  }

  private get first(): Done {
    return this.ends[0]!;
  }

  private usualWaySeconds(): number {
    return this.levelChange() >= RISE_CM || this.headDrop() > HEAD_RISE_CM ? 2 * WAY_SECONDS : WAY_SECONDS;
  }
  private levelChange(): number {
    const { last } = this.context.tally;
    return last ? Math.max(0, (this.first.measured.values.comHeight ?? 0) - (last.measured.values.comHeight ?? 0)) : 0;
  }
  private headDrop(): number {
    const { last } = this.context.tally;
    return last ? Math.abs((last.measured.values.headBelowHeart ?? 0) - (this.first.measured.values.headBelowHeart ?? 0)) : 0;
  }

  /** From the step before, and between the ends of a movement. Degrees. */
  private headSweep(): number {
    const path = [this.context.tally.last, ...this.ends].flatMap((done) => (done ? [done.solved.placed] : []));
    return Math.max(0, ...path.slice(1).map((placed, i) => headSweep(path[i]!, placed)));
  }

  /** What the place in the class, the dose and the way add to the measures of each end. */
  private here(): Facts['values'] {
    const { who, tally } = this.context;
    const runs = tallyAfter(tally, this.ends, this.timed);
    const standing = this.first.measured.standing && this.timed.holdSeconds > 0;
    const values = {
      hold: this.timed.holdSeconds,
      // Someone who stays once takes the whole hold for one repetition.
      repSeconds: this.timed.repSeconds ?? this.timed.holdSeconds,
      breathRetention: this.retention,
      breathRate: 60 / breathSecondsOf(this.rhythm, who.breathSeconds),
      levelChange: this.levelChange(),
      headDrop: this.headDrop(),
      headSweep: this.headSweep(),
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

  private judged(): Finding[] {
    const here = this.here();
    const { declared: form } = this.candidate.variation;
    const { moving, fixedOf } = judgesOf(this.context.who.limits);
    const declared = declaredValues(form);
    return worstOf(
      this.ends.map((done) => {
        const { values, facing, standing } = done.measured;
        const moved = findings(moving, { values, declared, here, facing, standing });
        const fixed = fixedOf(done, form);
        return moved.length === 0 ? fixed : [...fixed, ...moved];
      }),
    );
  }

  /** Chooses the ordinary way there, or the first other one that no limit bars. */
  private takeWay(): void {
    const { step, tally, who } = this.context;
    const { limits } = who;
    const hops = tally.last ? waysBetween(tally.last.level, this.first.level) : [];
    const asked = step.way;
    const { fixedWay } = judgesOf(limits);
    const hardOf = (way: WayId) =>
      fixedWay(tally.last, this.first, way, () => {
        const { values } = WAYS[way] as { values: Facts['values'] };
        // The ways' own worst values, and what this body passes through on them, at either extreme.
        const seen = [values, ...(tally.last ? Object.values(extremesOnTheWay(this.context.who.studio, tally.last, this.first, way)) : [])];
        return worstOf(
          seen.map((extreme) => {
            const about = limits.filter(({ spec }) => spec.measure !== 'facing' && spec.measure in extreme);
            return findings(about, { values: extreme, facing: null, standing: false }, 'transition');
          }),
        ).filter(({ grade }) => grade !== 'watch');
      });
    const jumps = asked === 'jump-back';
    // Whoever needs an easier form doesn't jump into it.
    if (jumps && this.candidate !== this.given) {
      this.ways.push('step-back');
      return;
    }
    if (asked !== null) {
      const broken = hardOf(asked);
      if (broken.length === 0) {
        this.ways.push(asked);
        if (jumps) this.impact = 2;
        return;
      }
      this.all.push(...broken);
      const others = jumps
        ? (['step-back'] as const)
        : hops.flat().length > 0
          ? hops.flat()
          : (['split-squat', 'hands-to-thighs'] as const);
      this.takeOther(
        others.filter((way) => way !== asked),
        hardOf,
        broken,
      );
      return;
    }
    for (const [ordinary, ...others] of hops) {
      const broken = hardOf(ordinary!);
      if (broken.length === 0) continue;
      this.all.push(...broken);
      this.takeOther(others, hardOf, broken);
    }
  }

  private takeOther(others: readonly WayId[], hardOf: (way: WayId) => Finding[], broken: readonly Finding[]): void {
    const hasChair = (this.context.who.props.chair ?? 0) > 0;
    const other = others.find((way) => (way !== 'with-chair' || hasChair) && hardOf(way).length === 0);
    if (!other) {
      this.hard.push(...broken);
      return;
    }
    this.ways.push(other);
    this.changes.push(`get there ${WAYS[other].name}`);
    this.cost += COST.way;
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
        this.say(`take ${least} s to get there`, COST.slower);
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

  /** Shorter stays with more rounds, at most three, so that the dose is kept where it can be. */
  private shortenHold(seconds: number): boolean {
    if (this.timed.repSeconds !== null || seconds <= 0) return false;
    const { step, who } = this.context;
    const rounds = Math.min(3, (this.dose.rounds ?? 1) * Math.ceil(this.timed.holdSeconds / seconds));
    this.dose = { seconds: Math.floor(seconds), rounds };
    this.timed = timeOf(this.rhythm, this.dose, step.side, who.breathSeconds);
    this.say(rounds > 1 ? `hold ${Math.floor(seconds)} s, ${rounds} times` : `hold ${Math.floor(seconds)} s`, COST.shorter);
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
    this.say(`no longer than ${Math.round(seconds)} s`, isRest(this.given.asana) ? COST.shortenRest : COST.shorter);
    return true;
  }
}
