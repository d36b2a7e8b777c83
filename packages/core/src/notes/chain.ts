import { BASES, type Base } from '../asanas/asana.js';
import type { Library } from '../asanas/library.js';
import { getKnown, getOrCreate } from '../get-or-create.js';
import type { WayId } from '../sequence/ways.js';
import { FEATURES, type Evidence, type Feature, type Reading } from './evidence.js';

/** Fitted numbers of the reader. */
export interface Weights {
  /** One for each of `FEATURES`. */
  readonly features: Readonly<Record<Feature, number>>;
  readonly habits: Habits;
}

/** What classes are made of, counted in labelled sheets. */
export interface Habits {
  /** How much likelier one base position is after another than anywhere: log ratios, row by row in the order of `BASES`. */
  readonly after: readonly (readonly number[])[];
  /** The same for each part of a class, first to last; breathing stands behind the base positions. */
  readonly when: readonly (readonly number[])[];
  /** How often an asana is written, against the average one: log ratios; what is not named stands at `seldom`. */
  readonly common: Readonly<Record<string, number>>;
  readonly seldom: number;
}

/** Where no posture stood before. */
const NOWHERE = BASES.length;
const BASE_NUMBER = new Map<Base, number>(BASES.map((base, i) => [base, i]));

/** Base positions that a way leads to; what is not named may lead anywhere. */
const LEADS_TO: Partial<Record<WayId, readonly Base[]>> = {
  'roll-up': ['standing', 'standing-chair', 'standing-wall', 'seated-chair'],
  'fold-up': ['standing', 'standing-chair', 'standing-wall'],
  'hands-to-thighs': ['standing', 'standing-chair', 'standing-wall'],
  'with-chair': ['seated-chair', 'standing-chair', 'standing'],
  'squat-down': ['seated-floor', 'kneeling', 'supine'],
  'fold-down': ['all-fours', 'prone'],
};

/** Whether a way may lead to a posture on this base. */
export function leadsTo(way: WayId, base: Base): boolean {
  return LEADS_TO[way]?.includes(base) ?? true;
}

/** A reading that is so much less likely by itself (log odds) never wins by what stands around it. */
const BEAM = 8;

interface State {
  readonly reading: number;
  /** Where the body is after this line. */
  readonly base: number;
}

/** For each asana those that often follow it. */
export type Followers = ReadonlyMap<string, ReadonlySet<string>>;

/** Asanas that often follow one another: steps of the library's own lists, and counterposes. */
export function followers(library: Library): Followers {
  const pairs = new Map<string, Set<string>>();
  const add = (one: string, next: string) => getOrCreate(pairs, one, () => new Set<string>()).add(next);
  for (const asana of library.asanas) {
    asana.steps.slice(1).forEach(({ asana: next }, i) => add(asana.steps[i]!.asana, next));
    for (const next of asana.counterposes) add(asana.id, next);
  }
  return pairs;
}

const [NEXT_TO, SAME, FOLLOWS, FROM_NOWHERE, WAY_FITS, COMMON, WHEN] = (
  ['next to', 'same asana', 'follows', 'from nowhere', 'way fits', 'common', 'when'] as const
).map((feature) => FEATURES.indexOf(feature)) as [number, number, number, number, number, number, number];
const START: readonly State[] = [{ reading: -1, base: NOWHERE }];

/** A reading as the chain needs it: base positions as numbers, -1 where the body stays as it is. */
interface Link {
  readonly score: number;
  readonly first: number;
  readonly last: number;
  readonly asana: string | null;
  /** Base positions that a way leads to, a bit each; 0 for anywhere. */
  readonly leads: number;
  /** How usual such a posture is, and in this part of a class. */
  readonly common: number;
  readonly when: number;
}

/** How usual a posture is by itself, and in the part of the class that a line stands in. */
function usual({ hypothesis }: Reading, part: number, { common, seldom, when }: Habits): { common: number; when: number } {
  if (hypothesis.is !== 'step') return { common: 0, when: 0 };
  const { id, base, pattern } = hypothesis.asana;
  return { common: common[id] ?? seldom, when: when[part]![pattern === null ? getKnown(BASE_NUMBER, base) : NOWHERE]! };
}

function weighed({ features, values }: Evidence, weights: Float64Array): number {
  let score = 0;
  for (let k = 0; k < features.length; k++) score += weights[features[k]!]! * values[k]!;
  return score;
}

function linkOf(reading: Reading, weights: Float64Array, part: number, habits: Habits): Link {
  const { hypothesis, ends, own, around } = reading;
  const { common, when } = usual(reading, part, habits);
  const score = weights[COMMON]! * common + weights[WHEN]! * when + weighed(own, weights) + weighed(around, weights);
  const leads =
    hypothesis.is === 'way' && hypothesis.way
      ? (LEADS_TO[hypothesis.way] ?? []).reduce((bits, base) => bits | (1 << getKnown(BASE_NUMBER, base)), 0)
      : 0;
  return {
    score,
    first: ends ? getKnown(BASE_NUMBER, ends.first) : -1,
    last: ends ? getKnown(BASE_NUMBER, ends.last) : -1,
    asana: hypothesis.is === 'step' ? hypothesis.asana.id : null,
    leads,
    common,
    when,
  };
}

/** Links of readings that are weighed again with the same weights: with every key that is typed into another line. */
const LINKS = new WeakMap<readonly Reading[], { readonly weights: Float64Array; readonly part: number; readonly links: readonly Link[] }>();

function makeLinks(readings: readonly Reading[], weights: Float64Array, part: number, habits: Habits): readonly Link[] {
  return readings.map((reading) => linkOf(reading, weights, part, habits));
}

function linksOf(readings: readonly Reading[], weights: Float64Array, part: number, habits: Habits): readonly Link[] {
  const known = LINKS.get(readings);
  if (known?.weights === weights && known.part === part) return known.links;
  const links = makeLinks(readings, weights, part, habits);
  LINKS.set(readings, { weights, part, links });
  return links;
}

/** 1 where two postures follow each other as in the library's lists, -1 where they are the same, else 0. */
function succession(before: Link | null, next: Link, follows: Followers): number {
  if (!before?.asana || !next.asana) return 0;
  if (before.asana === next.asana) return -1;
  return follows.get(before.asana)?.has(next.asana) ? 1 : 0;
}

/** 1 where the way before leads to where this posture is, -1 where it leads elsewhere. */
function wayFit(before: Link | null, next: Link): number {
  return before === null || before.leads === 0 ? 0 : (before.leads >> next.first) & 1 ? 1 : -1;
}

/**
 * The states before a state and the score of getting here from each; `from` is `null` where all lead here.
 * These are many and short: plain arrays are made and dropped faster than typed ones.
 */
interface Arrows {
  readonly from: readonly number[] | null;
  readonly scores: readonly number[];
}

/** Adds what the scores and the sums before them stand for: numbers whose logs are given. */
function logSum({ from, scores }: Arrows, before: readonly number[]): number {
  let most = -Infinity;
  for (let k = 0; k < scores.length; k++) {
    const value = scores[k]! + before[from ? from[k]! : k]!;
    if (value > most) most = value;
  }
  if (most === -Infinity) return most;
  let sum = 0;
  for (let k = 0; k < scores.length; k++) sum += Math.exp(scores[k]! + before[from ? from[k]! : k]! - most);
  return most + Math.log(sum);
}

/** What going from one line's reading to the next one's counts. */
interface Between {
  readonly fromNowhere: number;
  readonly nextTo: number;
  readonly wayFits: number;
  readonly same: number;
  readonly followed: number;
  readonly after: Habits['after'];
  readonly follows: Followers;
}

/** The states of a line, and what leads into each. */
interface Join {
  readonly own: readonly State[];
  readonly into: readonly Arrows[];
}

function joinOf(
  links: readonly Link[],
  previous: readonly Link[] | null,
  before: readonly State[],
  { fromNowhere, nextTo, wayFits, same, followed, after, follows }: Between,
  allowed?: readonly boolean[],
): Join {
  const byBase = Array.from({ length: NOWHERE + 1 }, (): number[] => []);
  before.forEach(({ base }, s) => byBase[base]!.push(s));
  const own: State[] = [];
  const into: Arrows[] = [];
  const least = Math.max(...links.map(({ score }, reading) => (allowed && !allowed[reading] ? -Infinity : score))) - BEAM;
  links.forEach((link, reading) => {
    if (link.score < least || (allowed && !allowed[reading])) return;
    if (link.first < 0) {
      byBase.forEach((from, base) => {
        if (from.length === 0) return;
        own.push({ reading, base });
        into.push({ from, scores: new Array<number>(from.length).fill(link.score) });
      });
      return;
    }
    const scores = before.map(({ reading: r, base }) => {
      const last = previous && previous[r]!;
      const next = succession(last, link, follows);
      return (
        link.score +
        (base === NOWHERE ? fromNowhere : nextTo * after[base]![link.first]!) +
        wayFits * wayFit(last, link) +
        (next === 0 ? 0 : next < 0 ? same : followed)
      );
    });
    own.push({ reading, base: link.last });
    into.push({ from: null, scores });
  });
  return { own, into };
}

/** Joins of two lines that are weighed again with the same links: with every key that is typed into another line. */
const JOINS = new WeakMap<readonly Link[], Join & { readonly previous: readonly Link[] | null; readonly before: readonly State[] }>();

function isSameStates(one: readonly State[], other: readonly State[]): boolean {
  return (
    one === other ||
    (one.length === other.length && one.every(({ reading, base }, s) => reading === other[s]!.reading && base === other[s]!.base))
  );
}

function knownJoin(links: readonly Link[], previous: readonly Link[] | null, before: readonly State[], between: Between): Join {
  const known = JOINS.get(links);
  if (known && known.previous === previous && isSameStates(known.before, before)) return known;
  const join = joinOf(links, previous, before, between);
  JOINS.set(links, { ...join, previous, before });
  return join;
}

const ZERO = [0];

/** For each state of a line, the sum over all that may follow it. */
function backwards(arrows: readonly Arrows[], after: readonly number[], states: number): number[] {
  const most = new Array<number>(states).fill(-Infinity);
  arrows.forEach(({ from, scores }, state) => {
    for (let k = 0; k < scores.length; k++) {
      const s = from ? from[k]! : k;
      const value = scores[k]! + after[state]!;
      if (value > most[s]!) most[s] = value;
    }
  });
  const sums = new Array<number>(states).fill(0);
  arrows.forEach(({ from, scores }, state) => {
    for (let k = 0; k < scores.length; k++) {
      const s = from ? from[k]! : k;
      sums[s]! += Math.exp(scores[k]! + after[state]! - most[s]!);
    }
  });
  return sums.map((sum, s) => most[s]! + Math.log(sum));
}

/** So many parts a class is looked at in. */
export const CLASS_PARTS = 5;

/** The part of a class that a line stands in, from 0. */
export function partOf(line: number, count: number): number {
  return Math.floor((line * CLASS_PARTS) / count);
}

export interface ChainResult {
  /** The likeliest reading of each line, all lines together. */
  readonly best: readonly number[];
  /** How likely each reading of each line is, all else considered. */
  readonly likely: readonly (readonly number[])[];
  /** Log of the sum over all paths. */
  readonly logZ: number;
  /** Expected values of the features, where asked for. */
  readonly expected: Float64Array | null;
}

/**
 * Weighs the readings of all lines together: a linear-chain conditional model (Lafferty, McCallum, Pereira,
 * ICML 2001:282-289), its best path by Viterbi, its shares by forward and backward sums. Time grows with
 * the number of lines. `allowed` keeps only some readings of each line, as the fit needs it.
 */
export function weighChain(
  lines: readonly (readonly Reading[])[],
  weights: Float64Array,
  habits: Habits,
  follows: Followers,
  { allowed, expect = false }: { allowed?: readonly (readonly boolean[])[]; expect?: boolean } = {},
): ChainResult {
  const count = lines.length;
  if (count === 0) return { best: [], likely: [], logZ: 0, expected: null };
  // The fit changes its weights in place: nothing is remembered for it.
  const linksFor = expect ? makeLinks : linksOf;
  const links = lines.map((readings, t) => linksFor(readings, weights, partOf(t, count), habits));
  const states: (readonly State[])[] = [];
  const forward: number[][] = [];
  const viterbi: number[][] = [];
  const origins: number[][] = [];
  const arrows: (readonly Arrows[])[] = [];
  const between: Between = {
    fromNowhere: weights[FROM_NOWHERE]!,
    nextTo: weights[NEXT_TO]!,
    wayFits: weights[WAY_FITS]!,
    same: weights[SAME]!,
    followed: weights[FOLLOWS]!,
    after: habits.after,
    follows,
  };
  for (let t = 0; t < count; t++) {
    const before = t === 0 ? START : states[t - 1]!;
    const previous = t === 0 ? null : links[t - 1]!;
    const { own, into } =
      expect || allowed ? joinOf(links[t]!, previous, before, between, allowed?.[t]) : knownJoin(links[t]!, previous, before, between);
    states.push(own);
    arrows.push(into);
    const alpha = t === 0 ? ZERO : forward[t - 1]!;
    const best = t === 0 ? ZERO : viterbi[t - 1]!;
    forward.push(into.map((one) => logSum(one, alpha)));
    const origin: number[] = [];
    viterbi.push(
      into.map(({ from, scores }) => {
        let [most, at] = [-Infinity, 0];
        for (let k = 0; k < scores.length; k++) {
          const s = from ? from[k]! : k;
          const total = best[s]! + scores[k]!;
          if (total > most) {
            most = total;
            at = s;
          }
        }
        origin.push(at);
        return most;
      }),
    );
    origins.push(origin);
  }
  const backward: number[][] = [];
  backward[count - 1] = states[count - 1]!.map(() => 0);
  for (let t = count - 1; t > 0; t--) backward[t - 1] = backwards(arrows[t]!, backward[t]!, states[t - 1]!.length);
  const last = forward[count - 1]!;
  const logZ = logSum({ from: null, scores: last.map(() => 0) }, last);
  const likely = lines.map((readings, t) => {
    const shares = readings.map(() => 0);
    states[t]!.forEach(({ reading }, s) => {
      shares[reading]! += Math.exp(forward[t]![s]! + backward[t]![s]! - logZ);
    });
    return shares;
  });
  const best: number[] = [];
  const ends = viterbi[count - 1]!;
  let at = ends.indexOf(Math.max(...ends));
  for (let t = count - 1; t >= 0; t--) {
    best[t] = states[t]![at]!.reading;
    at = origins[t]![at]!;
  }
  if (!expect) return { best, likely, logZ, expected: null };

  const expected = new Float64Array(FEATURES.length);
  lines.forEach((readings, t) => {
    readings.forEach(({ own, around }, r) => {
      const share = likely[t]![r]!;
      for (const { features, values } of [own, around])
        for (let k = 0; k < features.length; k++) expected[features[k]!]! += share * values[k]!;
      expected[COMMON]! += share * links[t]![r]!.common;
      expected[WHEN]! += share * links[t]![r]!.when;
    });
    const alpha = t === 0 ? ZERO : forward[t - 1]!;
    arrows[t]!.forEach(({ from, scores }, state) => {
      const link = links[t]![states[t]![state]!.reading]!;
      if (link.first < 0) return;
      scores.forEach((score, k) => {
        const s = from ? from[k]! : k;
        const share = Math.exp(alpha[s]! + score + backward[t]![state]! - logZ);
        if (share < 1e-9) return;
        const { reading, base } = t === 0 ? START[0]! : states[t - 1]![s]!;
        const previous = t === 0 ? null : links[t - 1]![reading]!;
        if (base === NOWHERE) expected[FROM_NOWHERE]! += share;
        else expected[NEXT_TO]! += share * habits.after[base]![link.first]!;
        expected[WAY_FITS]! += share * wayFit(previous, link);
        const next = succession(previous, link, follows);
        if (next !== 0) expected[next < 0 ? SAME : FOLLOWS]! += share;
      });
    });
  });
  return { best, likely, logZ, expected };
}
