import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Bound } from '../conditions/condition.js';
import { describeSource } from '../conditions/sources.js';
import { breathSecondsOf, describeDose, rhythmOf, scaleDose, timeOf, type Rhythm, type Timed } from '../sequence/dose.js';
import type { Step } from '../sequence/sequence.js';
import { stepKey } from '../sequence/step-key.js';
import type { DeclaredSpec } from '../asanas/asana.js';
import { headSweep, type Measure } from '../body/measure.js';
import { WAYS, waysBetween, type WayId } from '../sequence/ways.js';
import { extremesOnTheWay, PASSED, type Passed } from './path.js';
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

/** Sums of the class so far, by the measures that look at them. */
const SUMS = {
  supineRun: 'supineRun',
  unrelievedSitting: 'sittingRun',
  minutesHeadDown: 'headDown',
  floorTrips: 'floorTrips',
} as const satisfies Readonly<Record<string, keyof Tally>>;

/** What the posture before decides. */
const ARRIVING: ReadonlySet<string> = new Set<Measure>(['levelChange', 'headDrop', 'headSweep']);

const PLACE: ReadonlySet<string> = new Set<string>([...ARRIVING, ...Object.keys(SUMS), 'transitionTime']);

/** What the place in the class, the dose and the way decide; all else is the same wherever a form is done. */
const MOVING: ReadonlySet<string> = new Set<string>([
  ...PLACE,
  ...(['hold', 'repSeconds', 'breathRetention', 'breathRate', 'standingRun', 'impact'] satisfies Measure[]),
]);

const ON_THE_WAY: ReadonlySet<string> = new Set([...PASSED, ...Object.values(WAYS).flatMap(({ values }) => Object.keys(values))]);

interface Judges {
  readonly moving: readonly ActiveLimit[];
  /** Those of `moving` whose own measure is the posture's: only their clauses look at the place. */
  readonly sometimes: readonly ActiveLimit[];
  /** What a form's ends break of the limits that their place can't change, each at its worst: judged once. */
  readonly fixedOf: (ends: readonly Done[], form: DeclaredSpec) => readonly Finding[];
  /** Sums of the class so far that these limits look at. */
  readonly sums: readonly (keyof Tally)[];
  /** Whether they look at what the posture before decides. */
  readonly arriving: boolean;
  /** Ids of those that look at the place in the class, by their measure or a clause. */
  readonly aboutPlace: ReadonlySet<string>;
  /** Whether they look at how far the head turns over. */
  readonly sweeps: boolean;
  /** Those on what a way itself asks of everybody. */
  readonly ofWay: (way: WayId) => readonly ActiveLimit[];
  /** Those on what this body passes through on a way, and all of that which they look at. */
  readonly ofPassage: readonly ActiveLimit[];
  readonly passed: readonly Passed[];
}
const JUDGES = new WeakMap<readonly ActiveLimit[], Judges>();

export function judgesOf(limits: readonly ActiveLimit[]): Judges {
  const known = JUDGES.get(limits);
  if (known) return known;
  const measuresOf = ({ spec }: ActiveLimit): string[] => [
    spec.measure,
    ...(spec.when ?? []).flatMap((clause) => ('measure' in clause ? [clause.measure] : [])),
  ];
  const moves = (limit: ActiveLimit) => measuresOf(limit).some((measure) => MOVING.has(measure));
  const looked = new Set(limits.flatMap(measuresOf));
  const fixed = limits.filter((limit) => !moves(limit));
  const passing = limits.filter(({ spec }) => ON_THE_WAY.has(spec.measure) && spec.grade !== 'watch');
  const ofPassage = passing.filter(({ spec }) => (PASSED as readonly string[]).includes(spec.measure));
  const seen = new Set(ofPassage.flatMap(measuresOf));
  const byWay = new Map((Object.keys(WAYS) as WayId[]).map((way) => [way, passing.filter(({ spec }) => spec.measure in WAYS[way].values)]));
  const judged = new WeakMap<readonly Done[], readonly Finding[]>();
  const judges: Judges = {
    moving: limits.filter(moves),
    sometimes: limits.filter((limit) => moves(limit) && !MOVING.has(limit.spec.measure)),
    fixedOf: (ends, form) => {
      const before = judged.get(ends);
      if (before) return before;
      const declared = declaredValues(form);
      const found = worstOf(
        ends.map(({ measured: { values, facing, standing } }) => findings(fixed, { values, declared, facing, standing })),
      );
      judged.set(ends, found);
      return found;
    },
    sums: Object.entries(SUMS).flatMap(([measure, sum]) => (looked.has(measure) ? [sum] : [])),
    arriving: [...ARRIVING].some((measure) => looked.has(measure)),
    aboutPlace: new Set(limits.filter((limit) => measuresOf(limit).some((measure) => PLACE.has(measure))).map(({ id }) => id)),
    sweeps: looked.has('headSweep'),
    ofWay: (way) => byWay.get(way)!,
    ofPassage,
    passed: PASSED.filter((measure) => seen.has(measure)),
  };
  JUDGES.set(limits, judges);
  return judges;
}

const ENDS = new WeakMap<Studio, WeakMap<Candidate, readonly Done[]>>();

/** A candidate's postures as this body does them: the same array whenever it is asked. */
export function endsOf(studio: Studio, candidate: Candidate): readonly Done[] {
  const { asana, variation, posture, moves, changes } = candidate;
  if (changes.length === 0) return studio.formOf(asana, variation).ends;
  const known = ENDS.get(studio) ?? new WeakMap<Candidate, readonly Done[]>();
  ENDS.set(studio, known);
  const ends = known.get(candidate) ?? [posture, moves].flatMap((one) => (one ? [studio.posture(one)] : []));
  known.set(candidate, ends);
  return ends;
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

/** How far the body rises from one posture to the next, in cm. */
function levelChange(from: Done | null, to: Done): number {
  return from ? Math.max(0, (to.measured.values.comHeight ?? 0) - (from.measured.values.comHeight ?? 0)) : 0;
}

/** How far the head comes up or goes down against the heart, in cm. */
function headDrop(from: Done | null, to: Done): number {
  return from ? Math.abs((from.measured.values.headBelowHeart ?? 0) - (to.measured.values.headBelowHeart ?? 0)) : 0;
}

function usualWaySeconds(from: Done | null, to: Done): number {
  return levelChange(from, to) >= RISE_CM || headDrop(from, to) > HEAD_RISE_CM ? 2 * WAY_SECONDS : WAY_SECONDS;
}

/** How someone gets to a posture. */
interface WayTaken {
  /** Equal where nothing tells two of them apart. */
  readonly key: string;
  readonly ways: readonly { readonly way: WayId; /** Another than was meant. */ readonly instead: boolean }[];
  /** What the way that was meant breaks. */
  readonly all: readonly Finding[];
  /** What no other way mends. */
  readonly hard: readonly Finding[];
  readonly impact: number | null;
}

/** So many are kept for one person; then all are forgotten. */
const MOST_TAKEN = 10_000;
const TAKEN = new WeakMap<Who, Map<string | number, WayTaken>>();
/** Postures are numbered below this. */
const MOST_IDS = 2 ** 26;

/** The ordinary way to a posture, or the first other one that no limit bars: worked out once. */
function wayTaken({ who, step, tally: { last } }: StepContext, to: Done, isGiven: boolean): WayTaken {
  const known = TAKEN.get(who) ?? new Map<string | number, WayTaken>();
  TAKEN.set(who, known);
  // Only a way that is asked for may be left to whoever does the step as it is given.
  const key = step.way === null ? (last?.id ?? 0) * MOST_IDS + to.id : `${last?.id ?? 0} ${to.id} ${step.way} ${isGiven ? '' : 'other'}`;
  const taken = known.get(key);
  if (taken) return taken;
  if (known.size >= MOST_TAKEN) known.clear();
  const now = takenBetween(who, last, to, step.way, isGiven);
  known.set(key, now);
  return now;
}

function takenBetween(who: Who, from: Done | null, to: Done, asked: WayId | null, isGiven: boolean): WayTaken {
  const { limits, studio, props } = who;
  const ways: { way: WayId; instead: boolean }[] = [];
  const all: Finding[] = [];
  const hard: Finding[] = [];
  const jumps = asked === 'jump-back';
  const hops = from ? waysBetween(from.level, to.level) : [];
  const { ofWay, ofPassage, passed } = judgesOf(limits);
  const breaks = (about: readonly ActiveLimit[], values: Facts['values']) =>
    findings(about, { values, facing: null, standing: false }, 'transition');
  const hardOf = (way: WayId): Finding[] => {
    const own = breaks(ofWay(way), WAYS[way].values);
    if (!from || ofPassage.length === 0) return own;
    const { least, most } = extremesOnTheWay(studio, from, to, way, passed);
    return worstOf([own, breaks(ofPassage, least), breaks(ofPassage, most)]);
  };
  const takeOther = (others: readonly WayId[], broken: readonly Finding[]): void => {
    all.push(...broken);
    const other = others.find((way) => (way !== 'with-chair' || (props.chair ?? 0) > 0) && hardOf(way).length === 0);
    if (other) ways.push({ way: other, instead: true });
    else hard.push(...broken);
  };
  let impact: number | null = null;
  // Whoever needs an easier form doesn't jump into it.
  if (jumps && !isGiven) ways.push({ way: 'step-back', instead: false });
  else if (asked !== null) {
    const broken = hardOf(asked);
    if (broken.length === 0) {
      ways.push({ way: asked, instead: false });
      if (jumps) impact = 2;
    } else {
      const others: readonly WayId[] = jumps ? ['step-back'] : hops.length > 0 ? hops.flat() : ['split-squat', 'hands-to-thighs'];
      takeOther(
        others.filter((way) => way !== asked),
        broken,
      );
    }
  } else {
    for (const [ordinary, ...others] of hops) {
      const broken = hardOf(ordinary!);
      if (broken.length > 0) takeOther(others, broken);
    }
  }
  const told = all.length + hard.length > 0 ? ` ${from?.id ?? 0} ${to.id}` : '';
  return { key: `${ways.map(({ way }) => way).join()} ${impact ?? ''}${told}`, ways, all, hard, impact };
}

/** All that a step's ways look at of its place in a class: the same for two places where it is the same question. Whose it is, is not part of it. */
export function contextKey({ who, step, tally }: StepContext): string {
  let key = `${stepKey(step)} ${tally.last?.id ?? 0}`;
  for (const sum of judgesOf(who.limits).sums) key += ` ${tally[sum] as number}`;
  return key;
}

/**
 * All that a candidate's evaluation looks at of its place in a class: the same for two places where it is the
 * same. The step itself, and who does it, are not part of it.
 */
export function placeKey(context: StepContext, candidate: Candidate, given: Candidate): string {
  const { who, tally } = context;
  const { last } = tally;
  const [first] = endsOf(who.studio, candidate);
  const { sums, arriving } = judgesOf(who.limits);
  const before = arriving ? String(last?.id ?? 0) : last ? `${last.level} ${last.measured.lying}` : '';
  let key = `${before} ${usualWaySeconds(last, first!)} ${wayTaken(context, first!, candidate === given).key}`;
  for (const sum of sums) key += ` ${tally[sum] as number}`;
  return key;
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
  private readonly aboutDose: string[] = [];
  private cost: number;
  /** What of it the place in the class asks for: elsewhere it may be nothing. */
  private costHere = 0;
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
  private readonly ways: WayId[] = [];
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
      if (!fits(({ measured }) => measured.lying)) this.payHere(COST.lyingDown);
      if (!fits(({ level }) => level === 'up')) this.payHere(COST.otherLevel);
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
    this.transitionSeconds = usualWaySeconds(context.tally.last, this.first);
  }

  run(): Evaluated {
    // What needs props that aren't there is no candidate, unless it is given.
    if (this.candidate === this.given) this.note(missingProps(this.needs, this.context.who.props));
    this.takeWay();
    // Dose, breath and way may be fitted, and fitting one may leave another: twice is enough for what they share.
    for (let round = 0; round < 3; round++) {
      const broken = this.judged();
      if (round === 0) this.all.push(...broken);
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
      all: worstOf([this.all]),
      hard: this.hard,
      chosen: {
        asana,
        variation,
        figure: figureOf(this.candidate),
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
    const hard = broken.filter(({ grade }) => grade !== 'watch');
    if (hard.length === 0) return false;
    return [...wantedOf(hard, this.context.who.limits)].filter(([measure, wants]) => this.fit(measure, wants)).length > 0;
  }

  private takeLess({ share, condition }: NonNullable<Who['afterPain']>): void {
    const less = scaleDose(this.dose, share);
    if (describeDose(less) === describeDose(this.dose)) return;
    this.dose = less;
    this.sayDose(`${describeDose(less)} only`);
    this.cost += COST.shorter;
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
    const here = this.here();
    const { declared: form } = this.candidate.variation;
    const { moving, fixedOf } = judgesOf(this.context.who.limits);
    const declared = declaredValues(form);
    const moved = this.ends.map(({ measured: { values, facing, standing } }) =>
      findings(moving, { values, declared, here, facing, standing }),
    );
    const fixed = fixedOf(this.ends, form);
    return moved.every(({ length }) => length === 0) ? fixed : worstOf([fixed, ...moved]);
  }

  private takeWay(): void {
    const { ways, all, hard, impact } = wayTaken(this.context, this.first, this.candidate === this.given);
    this.ways.push(...ways.map(({ way }) => way));
    this.all.push(...all);
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
