import { BASES, type Base } from '../asanas/asana.js';
import type { Library } from '../asanas/library.js';
import { FEATURES, type Feature, type Hypothesis, type Reading } from './evidence.js';

/** Fitted numbers of the reader. */
export interface Weights {
  /** One for each of `FEATURES`. */
  readonly features: Readonly<Record<Feature, number>>;
  /** How much likelier one base position is after another than anywhere: log ratios, row by row in the order of `BASES`. */
  readonly after: readonly (readonly number[])[];
}

/** Where no posture stood before. */
const NOWHERE = BASES.length;
const BASE_NUMBER = new Map<Base, number>(BASES.map((base, i) => [base, i]));

/** Base positions that a way leads to; what is not named may lead anywhere. */
const LEADS_TO: Partial<Record<string, readonly Base[]>> = {
  'roll-up': ['standing', 'standing-chair', 'standing-wall', 'seated-chair'],
  'fold-up': ['standing', 'standing-chair', 'standing-wall'],
  'hands-to-thighs': ['standing', 'standing-chair', 'standing-wall'],
  'with-chair': ['seated-chair', 'standing-chair', 'standing'],
  'squat-down': ['seated-floor', 'kneeling', 'supine'],
  'fold-down': ['all-fours', 'prone'],
};

/** A reading that is so much less likely by itself (log odds) never wins by what stands around it. */
const BEAM = 12;

interface State {
  readonly reading: number;
  /** Where the body is after this line. */
  readonly base: number;
}

/** The first and the last base position of what a line was understood as; `null` where the body stays as it is. */
function endsOf(hypothesis: Hypothesis): { first: number; last: number } | null {
  switch (hypothesis.is) {
    case 'step': {
      const base = BASE_NUMBER.get(hypothesis.asana.base)!;
      return { first: base, last: base };
    }
    case 'many': {
      const bases = hypothesis.parts.flatMap(({ found: { meaning } }) => (meaning.kind === 'asana' ? [BASE_NUMBER.get(meaning.asana.base)!] : []));
      return { first: bases[0]!, last: bases.at(-1)! };
    }
    case 'way':
    case 'repeat':
    case 'note':
    case 'heading':
    case 'lacking':
      return null;
  }
}

/** Asanas that often follow one another: steps of the library's own lists, and counterposes. */
export function followers(library: Library): ReadonlySet<string> {
  const pairs = new Set<string>();
  for (const asana of library.asanas) {
    asana.steps.slice(1).forEach(({ asana: next }, i) => pairs.add(`${asana.steps[i]!.asana} ${next}`));
    for (const next of asana.counterposes) pairs.add(`${asana.id} ${next}`);
  }
  return pairs;
}

const [NEXT_TO, SAME, FOLLOWS, FROM_NOWHERE, WAY_FITS] = (['next to', 'same asana', 'follows', 'from nowhere', 'way fits'] as const).map((feature) =>
  FEATURES.indexOf(feature),
) as [number, number, number, number, number];
const START: readonly State[] = [{ reading: -1, base: NOWHERE }];

/** A reading as the chain needs it: base positions as numbers, -1 where the body stays as it is. */
interface Link {
  readonly score: number;
  readonly first: number;
  readonly last: number;
  readonly asana: string | null;
  /** Base positions that a way leads to, a bit each; 0 for anywhere. */
  readonly leads: number;
}

function linkOf({ hypothesis, evidence }: Reading, weights: Float64Array): Link {
  let score = 0;
  for (const [feature, value] of evidence) score += weights[feature]! * value;
  const ends = endsOf(hypothesis);
  const leads = hypothesis.is === 'way' ? (LEADS_TO[hypothesis.way] ?? []).reduce((bits, base) => bits | (1 << BASE_NUMBER.get(base)!), 0) : 0;
  return { score, first: ends?.first ?? -1, last: ends?.last ?? -1, asana: hypothesis.is === 'step' ? hypothesis.asana.id : null, leads };
}

/** 1 where two postures follow each other as in the library's lists, -1 where they are the same, else 0. */
function succession(before: Link | null, next: Link, follows: ReadonlySet<string>): number {
  if (!before?.asana || !next.asana) return 0;
  if (before.asana === next.asana) return -1;
  return follows.has(`${before.asana} ${next.asana}`) ? 1 : 0;
}

/** 1 where the way before leads to where this posture is, -1 where it leads elsewhere. */
function wayFit(before: Link | null, next: Link): number {
  return before === null || before.leads === 0 ? 0 : (before.leads >> next.first) & 1 ? 1 : -1;
}

/** Adds numbers whose logs are given. */
function logSum(values: readonly number[]): number {
  let most = -Infinity;
  for (const value of values) if (value > most) most = value;
  if (most === -Infinity) return most;
  let sum = 0;
  for (const value of values) sum += Math.exp(value - most);
  return most + Math.log(sum);
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
  after: Weights['after'],
  follows: ReadonlySet<string>,
  { allowed, expect = false }: { allowed?: readonly (readonly boolean[])[]; expect?: boolean } = {},
): ChainResult {
  const count = lines.length;
  if (count === 0) return { best: [], likely: [], logZ: 0, expected: null };
  const links = lines.map((readings) => readings.map((reading) => linkOf(reading, weights)));
  const states: State[][] = [];
  const forward: number[][] = [];
  const viterbi: number[][] = [];
  const origins: number[][] = [];
  /** For each line, for each state, the states before it and the score of getting here from there. */
  const arrows: { readonly from: readonly number[]; readonly scores: readonly number[] }[][] = [];
  for (let t = 0; t < count; t++) {
    const before = t === 0 ? START : states[t - 1]!;
    const own: State[] = [];
    const into: { from: number[]; scores: number[] }[] = [];
    const least = Math.max(...links[t]!.map(({ score }, reading) => (allowed && !allowed[t]![reading] ? -Infinity : score))) - BEAM;
    links[t]!.forEach((link, reading) => {
      if (link.score < least || (allowed && !allowed[t]![reading])) return;
      if (link.first >= 0) {
        const scores = before.map(({ reading: r, base }) => {
          const previous = t === 0 ? null : links[t - 1]![r]!;
          const next = succession(previous, link, follows);
          return (
            link.score +
            (base === NOWHERE ? weights[FROM_NOWHERE]! : weights[NEXT_TO]! * after[base]![link.first]!) +
            weights[WAY_FITS]! * wayFit(previous, link) +
            (next === 0 ? 0 : next < 0 ? weights[SAME]! : weights[FOLLOWS]!)
          );
        });
        own.push({ reading, base: link.last });
        into.push({ from: before.map((_, s) => s), scores });
        return;
      }
      for (let base = 0; base <= NOWHERE; base++) {
        const from: number[] = [];
        before.forEach((state, s) => {
          if (state.base === base) from.push(s);
        });
        if (from.length === 0) continue;
        own.push({ reading, base });
        into.push({ from, scores: from.map(() => link.score) });
      }
    });
    states.push(own);
    arrows.push(into);
    const alpha = t === 0 ? [0] : forward[t - 1]!;
    const best = t === 0 ? [0] : viterbi[t - 1]!;
    forward.push(into.map(({ from, scores }) => logSum(from.map((s, k) => alpha[s]! + scores[k]!))));
    const origin: number[] = [];
    viterbi.push(
      into.map(({ from, scores }, state) => {
        let most = -Infinity;
        from.forEach((s, k) => {
          const total = best[s]! + scores[k]!;
          if (total > most) [most, origin[state]] = [total, s];
        });
        return most;
      }),
    );
    origins.push(origin);
  }
  const backward: number[][] = [];
  backward[count - 1] = states[count - 1]!.map(() => 0);
  for (let t = count - 1; t > 0; t--) {
    const gathered: number[][] = states[t - 1]!.map(() => []);
    arrows[t]!.forEach(({ from, scores }, state) => from.forEach((s, k) => gathered[s]!.push(scores[k]! + backward[t]![state]!)));
    backward[t - 1] = gathered.map(logSum);
  }
  const logZ = logSum(forward[count - 1]!);
  const likely = lines.map((readings, t) => {
    const shares = readings.map(() => 0);
    states[t]!.forEach(({ reading }, s) => {
      shares[reading]! += Math.exp(forward[t]![s]! + backward[t]![s]! - logZ);
    });
    return shares;
  });
  const best: number[] = [];
  let at = viterbi[count - 1]!.indexOf(Math.max(...viterbi[count - 1]!));
  for (let t = count - 1; t >= 0; t--) {
    best[t] = states[t]![at]!.reading;
    at = origins[t]![at]!;
  }
  if (!expect) return { best, likely, logZ, expected: null };

  const expected = new Float64Array(FEATURES.length);
  lines.forEach((readings, t) => {
    readings.forEach(({ evidence }, r) => {
      for (const [feature, value] of evidence) expected[feature]! += likely[t]![r]! * value;
    });
    const alpha = t === 0 ? [0] : forward[t - 1]!;
    arrows[t]!.forEach(({ from, scores }, state) => {
      const link = links[t]![states[t]![state]!.reading]!;
      if (link.first < 0) return;
      from.forEach((s, k) => {
        const share = Math.exp(alpha[s]! + scores[k]! + backward[t]![state]! - logZ);
        if (share < 1e-9) return;
        const { reading, base } = t === 0 ? START[0]! : states[t - 1]![s]!;
        const previous = t === 0 ? null : links[t - 1]![reading]!;
        if (base === NOWHERE) expected[FROM_NOWHERE]! += share;
        else expected[NEXT_TO]! += share * after[base]![link.first]!;
        expected[WAY_FITS]! += share * wayFit(previous, link);
        const next = succession(previous, link, follows);
        if (next !== 0) expected[next < 0 ? SAME : FOLLOWS]! += share;
      });
    });
  });
  return { best, likely, logZ, expected };
}
