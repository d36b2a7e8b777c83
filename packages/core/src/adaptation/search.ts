import type { Asana, Library, Variation } from '../asanas/library.js';
import type { Purpose } from '../asanas/purposes.js';
import type { Measure } from '../body/measure.js';
import type { Posture } from '../body/posture.js';
import type { ActiveLimit } from '../conditions/active-limits.js';
import type { Bound } from '../conditions/condition.js';
import { breathSecondsOf, timeOf } from '../sequence/dose.js';
import type { Step } from '../sequence/sequence.js';
import { WAYS, waysBetween, type WayId } from '../sequence/ways.js';
import { POSTURE_CHANGES, type PostureChange, type Wanted } from './changes.js';
import { findings, worstOf, type Finding } from './judge.js';
import type { Chosen, Tally } from './plan.js';
import { missingProps, propsOf, type Prop, type PropsAtHand } from './props.js';
import { declaredValues, type Done, type Facts, type Studio } from './studio.js';

export const START: Tally = { last: null, supineRun: 0, sittingRun: 0, headDown: 0, floorTrips: 0 };

/** All that one step is judged and searched with. */
export interface StepContext {
  readonly studio: Studio;
  readonly limits: readonly ActiveLimit[];
  readonly props: PropsAtHand;
  readonly breathSeconds: number;
  readonly step: Step;
  readonly tally: Tally;
}

/** One candidate: an asana's form, changed or not. */
interface Candidate {
  readonly asana: Asana;
  readonly variation: Variation;
  readonly changes: readonly PostureChange[];
  readonly wanted: Wanted;
  readonly texts: readonly string[];
  /** Cost before anything is solved: never more than the final cost. */
  readonly base: number;
  readonly drops: readonly Purpose[];
  readonly posture: Posture;
  readonly moves: Posture | null;
}

/** Weights of the search, in units of the smallest change (common practice, no source). */
const COST = {
  variation: 1.5, otherAsana: 0.8, pair: 0.5, substitute: 5, placeInList: 0.2, otherBase: 1, library: 7.5, dropped: 2,
  shape: 0.03, prop: 0.15, watch: 0.2, way: 0.6, slower: 0.2, shorter: 0.4, shortenRest: 6, noHold: 0.3, otherLevel: 1.5, lyingDown: 2.5,
} as const; // prettier-ignore
/** More candidates than this are not looked at for one step. */
const MOST_CANDIDATES = 260;
const HEAD_DOWN_CM = 5;
/** A way of no special kind takes this long; one with a rise of 30 cm or the head coming up 20, twice that. Seconds. */
const WAY_SECONDS = 3;
const RISE_CM = 30;
const HEAD_RISE_CM = 20;
/** What can only be said of the class as a whole. */
export const CLASS_MEASURES: ReadonlySet<Measure | 'facing'> = new Set(['sessionMinutes', 'coolMinutes', 'heat']);

/** What the library declares of a form and neither posture, dose nor way changes. */
const DECLARED: ReadonlySet<Measure | 'facing'> = new Set(['effort', 'met', 'abdominalLoad', 'headJolt', 'eyesClosed']);

function isRest(asana: Asana): boolean {
  return asana.purposes.rest === 3;
}

/** Angles of postures that were compared before: the library's postures are, again and again. */
const ANGLES = new WeakMap<Posture, readonly number[]>();
function anglesOf(posture: Posture): readonly number[] {
  const known = ANGLES.get(posture);
  if (known) return known;
  const { root, spine, legs, arms } = posture;
  const angles = [root, spine, legs.left, legs.right, arms.left, arms.right].flatMap((group) => Object.values(group) as number[]);
  ANGLES.set(posture, angles);
  return angles;
}

/** Mean difference of two postures over their angles, in degrees. */
function shapeDistance(a: Posture, b: Posture): number {
  const from = anglesOf(a);
  const to = anglesOf(b);
  let sum = 0;
  for (let i = 0; i < from.length; i++) sum += Math.min(90, Math.abs(from[i]! - to[i]!));
  return sum / from.length;
}

function bound(finding: Finding, limits: readonly ActiveLimit[]): Bound | null {
  const spec = limits.find(({ id }) => id === finding.limit)?.spec;
  return spec && !('is' in spec.bound) ? spec.bound : null;
}

/** The tightest bounds that are broken, by measure: what a change has to reach. */
function wantedOf(broken: readonly Finding[], limits: readonly ActiveLimit[]): Wanted {
  const wanted = new Map<Finding['measure'], Bound>();
  for (const finding of [...broken].sort((a, b) => a.by - b.by)) {
    const wants = bound(finding, limits);
    // Sorted by how far they are broken, so that the tightest comes last.
    if (wants) wanted.set(finding.measure, wants);
  }
  return wanted;
}

export interface Evaluated {
  readonly chosen: Chosen;
  /** What still stands against it. */
  readonly hard: readonly Finding[];
  /** All that the form broke before dose, breath and way were fitted. */
  readonly all: readonly Finding[];
}

/** Judges one candidate at its place, fitting dose, breath and way to the limits as it goes. */
class Evaluation {
  private readonly changes: string[];
  private cost: number;
  private readonly all: Finding[] = [];
  private readonly hard: Finding[] = [];
  private readonly watch = new Map<string, Finding>();
  private readonly ends: readonly Done[];
  private readonly needs: ReadonlyMap<Prop, number>;
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
    const { studio, step, breathSeconds } = context;
    const { asana, variation, posture, moves, changes } = candidate;
    const key = `${asana.id}/${variation.id}${changes.map(({ id }) => `+${id}${wantedKey(candidate.wanted)}`).join('')}`;
    this.ends = changes.length === 0
      ? studio.formOf(asana, variation).ends
      : [posture, moves].flatMap((one, end) => (one ? [studio.posture(`${key}/${end}`, one)] : []));
    this.changes = [...candidate.texts];
    this.needs = propsOf(posture);
    this.cost = candidate.base + COST.prop * this.needs.size;
    if (candidate !== given) {
      this.cost += COST.shape * shapeDistance(posture, given.posture);
      // Lying down in the middle of a standing row, or the reverse, breaks the class apart.
      const [was] = studio.formOf(given.asana, given.variation).ends;
      const { last } = context.tally;
      // A rest is lain down for, wherever the class stood before.
      const fits = (of: (done: Done) => unknown) => of(this.first) === of(was!) || (!isRest(given.asana) && last !== null && of(this.first) === of(last));
      if (!fits(({ measured }) => measured.lying)) this.cost += COST.lyingDown;
      if (!fits(({ level }) => level === 'up')) this.cost += COST.otherLevel;
    }
    this.dose = asana === given.asana || !asana.pattern ? step.dose : asana.dose;
    this.timed = timeOf(asana, this.dose, step.side, breathSeconds);
    const { pattern } = asana;
    const pauses = pattern ? Math.max(pattern.pauseIn, pattern.pauseOut) : 0;
    this.retention = asana === given.asana ? (step.retention ?? Math.max(variation.declared.retention ?? 0, pauses)) : (variation.declared.retention ?? pauses);
    this.transitionSeconds = this.usualWaySeconds();
  }

  run(): Evaluated {
    this.note(missingProps(this.needs, this.context.props));
    this.takeWay();
    // Dose, breath and way may be fitted, and fitting one may leave another: twice is enough for what they share.
    for (let round = 0; round < 3; round++) {
      const broken = this.judged();
      if (round === 0) this.all.push(...broken);
      const wanted = wantedOf(broken.filter(({ grade }) => grade !== 'watch'), this.context.limits);
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
        tally: this.tally(),
        cost: this.cost + COST.watch * watch.length,
      },
    };
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

  /** What the class would look back on after this step. Minutes. */
  private runs() {
    const { tally } = this.context;
    const { measured } = this.first;
    const minutes = this.timed.seconds / 60;
    const supine = measured.facing === 'supine' && (measured.values.trunkPitch ?? 0) >= 60;
    const seated = !measured.standing && !measured.lying && measured.facing === 'upright';
    const headDown = this.ends.some(({ measured: { values } }) => (values.headBelowHeart ?? 0) > HEAD_DOWN_CM);
    const down = this.first.level !== 'up';
    const wasDown = tally.last !== null && tally.last.level !== 'up';
    return {
      supineRun: supine ? tally.supineRun + minutes : 0,
      sittingRun: seated ? tally.sittingRun + minutes : 0,
      standingRun: measured.standing && this.timed.holdSeconds > 0 ? this.timed.holdSeconds / 60 : 0,
      headDown: tally.headDown + (headDown ? minutes : 0),
      floorTrips: tally.floorTrips + (down && !wasDown ? 1 : 0),
    };
  }

  /** What the place in the class, the dose and the way add to the measures of each end. */
  private here(): Facts['values'] {
    const { asana, variation } = this.candidate;
    const { breathSeconds, tally } = this.context;
    const runs = this.runs();
    return {
      ...declaredValues(variation.declared),
      ...(this.impact !== null && { impact: this.impact }),
      hold: this.timed.holdSeconds,
      // Someone who stays once takes the whole hold for one repetition.
      repSeconds: this.timed.repSeconds ?? this.timed.holdSeconds,
      breathRetention: this.retention,
      breathRate: 60 / breathSecondsOf(asana, breathSeconds),
      levelChange: this.levelChange(),
      headDrop: this.headDrop(),
      transitionTime: this.transitionSeconds,
      supineRun: runs.supineRun,
      standingRun: runs.standingRun,
      unrelievedSitting: runs.sittingRun,
      // Only the step that adds to a sum answers for it.
      minutesHeadDown: runs.headDown > tally.headDown ? runs.headDown : 0,
      floorTrips: runs.floorTrips > tally.floorTrips ? runs.floorTrips : 0,
    };
  }

  private judged(): Finding[] {
    const here = this.here();
    const { limits } = this.context;
    return worstOf(this.ends.map(({ measured: { values, facing, standing } }) => findings(limits, { values, here, facing, standing })));
  }

  /** Chooses the ordinary way there, or the first other one that no limit bars. */
  private takeWay(): void {
    const { step, tally, limits } = this.context;
    const hops = tally.last ? waysBetween(tally.last.level, this.first.level) : [];
    const asked = step.way;
    const hardOf = (way: WayId) => {
      const { values } = WAYS[way] as { values: Facts['values'] };
      const about = limits.filter(({ spec }) => spec.measure !== 'facing' && spec.measure in values);
      return findings(about, { values, facing: null, standing: false }, 'transition').filter(({ grade }) => grade !== 'watch');
    };
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
      const others = jumps ? (['step-back'] as const) : (hops.flat().length > 0 ? hops.flat() : (['split-squat', 'hands-to-thighs'] as const));
      this.takeOther(others.filter((way) => way !== asked), hardOf, broken);
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
    const hasChair = (this.context.props.chair ?? 0) > 0;
    const other = others.find((way) => (way !== 'with-chair' || hasChair) && hardOf(way).length === 0);
    if (!other) {
      this.hard.push(...broken);
      return;
    }
    this.ways.push(other);
    this.changes.push(`get there: ${WAYS[other].say}`);
    this.cost += COST.way;
  }

  /** Fits dose, breath or way to a bound; `false` where only another posture can help. */
  private fit(measure: Finding['measure'], wants: Bound): boolean {
    const most = 'atMost' in wants ? wants.atMost : 'equals' in wants ? wants.equals : null;
    switch (measure) {
      case 'hold':
        return most !== null && most >= 5 && this.shortenHold(most);
      case 'breathRetention':
        if (most === null || (this.candidate.asana.pattern && this.needsPause(most))) return false;
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
        return most !== null && this.shortenTo((most - this.context.tally.supineRun) * 60, isRest(this.given.asana) ? COST.shortenRest : COST.shorter);
      case 'unrelievedSitting':
        return most !== null && this.shortenTo((most - this.context.tally.sittingRun) * 60, isRest(this.given.asana) ? COST.shortenRest : COST.shorter);
      case 'standingRun':
        return most !== null && most > 0 && this.shortenHold(most * 60);
      default:
        return false;
    }
  }

  /** Whether the practice is its pause: a box breath without pauses is another practice. */
  private needsPause(most: number): boolean {
    const { pattern } = this.candidate.asana;
    return pattern !== null && pattern !== undefined && Math.max(pattern.pauseIn, pattern.pauseOut) > most;
  }

  private say(text: string, cost: number): void {
    this.changes.push(text);
    this.cost += cost;
  }

  /** Shorter stays with more rounds, at most three, so that the dose is kept where it can be. */
  private shortenHold(seconds: number): boolean {
    if (this.timed.repSeconds !== null || seconds <= 0) return false;
    const { step, breathSeconds } = this.context;
    const rounds = Math.min(3, (this.dose.rounds ?? 1) * Math.ceil(this.timed.holdSeconds / seconds));
    this.dose = { seconds: Math.floor(seconds), rounds };
    this.timed = timeOf(this.candidate.asana, this.dose, step.side, breathSeconds);
    this.say(rounds > 1 ? `hold ${Math.floor(seconds)} s, ${rounds} times` : `hold ${Math.floor(seconds)} s`, COST.shorter);
    return true;
  }

  private shortenTo(seconds: number, cost: number): boolean {
    if (seconds < 10) return false;
    const { step, breathSeconds } = this.context;
    const times = step.side === 'both' ? 2 : 1;
    this.dose = { seconds: Math.floor(seconds / times) };
    this.timed = timeOf(this.candidate.asana, this.dose, step.side, breathSeconds);
    this.say(`no longer than ${Math.round(seconds)} s`, cost);
    return true;
  }

  private tally(): Tally {
    const { supineRun, sittingRun, headDown, floorTrips } = this.runs();
    return { last: this.ends.at(-1)!, supineRun, sittingRun, headDown, floorTrips };
  }
}

function wantedKey(wanted: Wanted): string {
  return [...wanted].map(([measure, bound]) => `${measure}${JSON.stringify(bound)}`).join();
}

function candidateOf(asana: Asana, variation: Variation, base: number, texts: readonly string[], drops: readonly Purpose[] = []): Candidate {
  return { asana, variation, changes: [], wanted: new Map(), texts, base, drops, posture: variation.posture, moves: variation.moves };
}

function withChanges(candidate: Candidate, changes: readonly PostureChange[], wanted: Wanted, extra: number): Candidate | null {
  let { posture, moves } = candidate;
  for (const change of changes) {
    const changed = change.apply(posture, wanted);
    const changedMoves = moves && change.apply(moves, wanted);
    if (!changed && !changedMoves) return null;
    posture = changed ?? posture;
    moves = changedMoves ?? moves;
  }
  return {
    ...candidate,
    changes: [...candidate.changes, ...changes],
    wanted,
    texts: [...candidate.texts, ...changes.map(({ text }) => text)],
    base: candidate.base + changes.reduce((sum, { cost }) => sum + cost, 0) + extra,
    posture,
    moves,
  };
}

/** The changes that can improve something that is broken. */
function helpful(broken: readonly Finding[]): PostureChange[] {
  const measures = new Set(broken.map(({ measure }) => measure as Measure));
  return POSTURE_CHANGES.filter(({ helps }) => helps.some((measure) => measures.has(measure)));
}

/** Purposes that a step is mainly for and that another asana doesn't serve. */
function dropped(given: Asana, other: Asana): Purpose[] {
  return Object.entries(given.purposes)
    .filter(([purpose, weight]) => weight === 3 && other.purposes[purpose as Purpose] === undefined)
    .map(([purpose]) => purpose as Purpose);
}

/** How much of what an asana is for another one serves, 0 to 1. */
function overlap(given: Asana, other: Asana): number {
  let kept = 0;
  let all = 0;
  for (const [purpose, weight] of Object.entries(given.purposes)) {
    all += weight;
    kept += Math.min(weight, other.purposes[purpose as Purpose] ?? 0);
  }
  return all === 0 ? 0 : kept / all;
}

const STANDING_BASES = new Set(['standing', 'standing-wall', 'standing-chair']);
function sameBase(a: Asana, b: Asana): boolean {
  return a.base === b.base || (STANDING_BASES.has(a.base) && STANDING_BASES.has(b.base));
}

/** What a variation changes, as a teacher would say it. */
function variationText(variation: Variation): string {
  return variation.name.toLowerCase();
}

/** What a substitute drops, in words, for the changes list. */
function dropText(drops: readonly Purpose[]): string[] {
  return drops.length > 0 ? [`leaves out: ${drops.map((purpose) => purpose.replaceAll('-', ' ')).join(', ')}`] : [];
}

function substitutes(library: Library, given: Candidate): Candidate[] {
  const listed = given.asana.substitutes.map((id) => library.get(id));
  const further = listed.flatMap(({ substitutes: next }) => next.map((id) => library.get(id)));
  const seen = new Set<string>([given.asana.id]);
  const out: Candidate[] = [];
  const add = (asana: Asana, base: number) => {
    if (seen.has(asana.id) || asana.variations.length === 0) return;
    seen.add(asana.id);
    const drops = dropped(given.asana, asana);
    const cost = base + COST.dropped * drops.length + (sameBase(given.asana, asana) ? 0 : COST.otherBase);
    asana.variations.forEach((variation, i) => {
      if (variation.as !== null) return;
      out.push(candidateOf(asana, variation, cost + (i === 0 ? 0 : 0.6 + i * 0.1), [...(i === 0 ? [] : [variationText(variation)]), ...dropText(drops)], drops));
    });
  };
  listed.forEach((asana, i) => add(asana, COST.substitute + i * COST.placeInList));
  further.forEach((asana) => add(asana, COST.substitute + 1.5 + 2 * (1 - overlap(given.asana, asana))));
  const kids = given.asana.id.startsWith('kids-');
  library.asanas
    .filter((asana) => !seen.has(asana.id) && asana.id.startsWith('kids-') === kids && (asana.pattern !== undefined && asana.pattern !== null) === (given.asana.pattern !== undefined && given.asana.pattern !== null))
    .map((asana) => ({ asana, fit: overlap(given.asana, asana) }))
    .filter(({ fit }) => fit >= 0.3)
    .sort((a, b) => b.fit - a.fit)
    .slice(0, 30)
    .forEach(({ asana, fit }) => add(asana, COST.library + 4 * (1 - fit)));
  return out;
}

/** Candidates besides the given form, cheapest first; they depend on the library alone and are made once. */
const OTHERS = new WeakMap<Library, Map<Variation, readonly Candidate[]>>();
function othersFor(library: Library, given: Candidate): readonly Candidate[] {
  const byVariation = OTHERS.get(library) ?? new Map<Variation, readonly Candidate[]>();
  OTHERS.set(library, byVariation);
  const known = byVariation.get(given.variation);
  if (known) return known;
  const own = given.asana.variations
    .filter((variation) => variation !== given.variation)
    .map((variation, i) => candidateOf(given.asana, variation, COST.variation + i * 0.05 + (variation.as ? COST.otherAsana : 0), [variationText(variation)]));
  const others = [...own, ...substitutes(library, given)].sort((a, b) => a.base - b.base);
  byVariation.set(given.variation, others);
  return others;
}

/** The step just as it was given. */
export function givenOf(context: StepContext): Candidate {
  const { asana, variation } = context.studio.form(context.step.asana, context.step.variation);
  return candidateOf(asana, variation, 0, []);
}

export function evaluateGiven(context: StepContext): Evaluated {
  const given = givenOf(context);
  return new Evaluation(context, given, given).run();
}

/**
 * The safe ways to do a step, cheapest first, at most `count` of them: its variations, small changes,
 * pairs of changes, then other asanas with the same purpose. Complete up to the first `count`: a
 * candidate is passed over only when even its cost before solving is above what was found.
 */
export function safeWays(context: StepContext, count: number): Chosen[] {
  const given = givenOf(context);
  const declaredLimits = context.limits.filter(({ spec }) => spec.when === undefined && DECLARED.has(spec.measure));
  const found: Chosen[] = [];
  const worst = () => (found.length < count ? Infinity : found.at(-1)!.cost);
  const consider = (candidate: Candidate): Evaluated | null => {
    const needs = propsOf(candidate.posture);
    const least = candidate.base + COST.prop * needs.size + COST.shape * shapeDistance(candidate.posture, given.posture);
    if (least >= worst() || missingProps(needs, context.props).length > 0) return null;
    // What is declared no change of posture can mend: such a form needs no solving.
    if (findings(declaredLimits, { values: declaredValues(candidate.variation.declared), facing: null, standing: false }).some(({ grade }) => grade !== 'watch')) return null;
    const evaluated = new Evaluation(context, candidate, given).run();
    if (evaluated.hard.length === 0 && evaluated.chosen.ends.every(({ solved }) => solved.residualCm < 3)) {
      found.push(evaluated.chosen);
      found.sort((a, b) => a.cost - b.cost);
      if (found.length > count) found.pop();
    }
    return evaluated;
  };

  let looked = 0;
  for (const candidate of [given, ...othersFor(context.studio.library, given)]) {
    if (candidate.base >= worst() || looked > MOST_CANDIDATES) break;
    looked++;
    const evaluated = consider(candidate);
    // Only what nearly passes is worth changing further.
    if (!evaluated || evaluated.hard.length === 0 || evaluated.hard.length > 5) continue;
    const changes = helpful(evaluated.hard);
    const wanted = wantedOf(evaluated.hard, context.limits);
    const own = candidate.asana === given.asana;
    const pairs = new Set<string>();
    const singles = changes.flatMap((change) => withChanges(candidate, [change], wanted, 0) ?? []);
    for (const single of singles) {
      looked++;
      const result = consider(single);
      // A first change that mended nothing makes no pair.
      if (!result || result.hard.length === 0 || result.hard.length >= evaluated.hard.length || result.hard.length > (own ? 4 : 1)) continue;
      const now = new Map([...wanted, ...wantedOf(result.hard, context.limits)]);
      for (const second of helpful(result.hard)) {
        const key = [second.id, single.changes[0]!.id].sort().join();
        if (second.id === single.changes[0]!.id || pairs.has(key)) continue;
        pairs.add(key);
        const pair = withChanges(candidate, [single.changes[0]!, second], now, COST.pair);
        if (pair) consider(pair), looked++;
      }
    }
  }
  return found;
}
