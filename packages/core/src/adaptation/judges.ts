import type { ActiveLimit } from '../conditions/active-limits.js';
import type { DeclaredSpec } from '../asanas/asana.js';
import type { Measure } from '../body/measure.js';
import { WAYS, type WayId } from '../sequence/ways.js';
import { factsOf } from './facts.js';
import { findings, isHard, uniqueByLimit, worstOf, type Finding } from './judge.js';
import { PASSED, type Passed } from './path.js';
import type { Tally } from './plan.js';
import type { Done } from './studio.js';

/** Sums of the class so far, by the measures that look at them. */
const SUMS = {
  supineRun: 'supineRun',
  unrelievedSitting: 'sittingRun',
  minutesHeadDown: 'headDown',
  floorTrips: 'floorTrips',
} as const satisfies Readonly<Record<string, keyof Tally>>;
export type Sum = (typeof SUMS)[keyof typeof SUMS];

/** What the posture before decides. */
const ARRIVING: ReadonlySet<string> = new Set<Measure>(['levelChange', 'headDrop', 'headSweep']);

const PLACE: ReadonlySet<string> = new Set<string>([...ARRIVING, ...Object.keys(SUMS), 'transitionTime']);

/** What the place in the class, the dose and the way decide; all else is the same wherever a form is done. */
const MOVING: ReadonlySet<string> = new Set<string>([
  ...PLACE,
  ...(['hold', 'repSeconds', 'breathRetention', 'breathRate', 'standingRun', 'impact'] satisfies Measure[]),
]);

const ON_THE_WAY: ReadonlySet<string> = new Set([...PASSED, ...Object.values(WAYS).flatMap(({ values }) => Object.keys(values))]);

/** What a form's ends break, whatever their place in a class. */
interface Anywhere {
  /** Of the limits that the place can't change, each at its worst. */
  readonly fixed: readonly Finding[];
  /** What bars them, of these. */
  readonly barring: readonly Finding[];
  /** Each limit that may ask for another posture, with those whose clauses look at the place. */
  readonly broken: readonly Finding[];
}

interface Judges {
  readonly moving: readonly ActiveLimit[];
  /** What a form's ends break wherever they are done: judged once. */
  readonly anywhere: (ends: readonly Done[], form: DeclaredSpec) => Anywhere;
  /** Sums of the class so far that these limits look at. */
  readonly sums: readonly Sum[];
  /** While there were fewer trips to the floor than this, one more breaks nothing. */
  readonly fewTrips: number;
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

/** The least number of trips that any limit allows; 0 where one looks at them in another way than by a most. */
function fewTripsOf(limits: readonly ActiveLimit[]): number {
  const isTrips = ({ measure }: { readonly measure: string }) => measure === 'floorTrips';
  const inClauses = limits.some(({ spec }) => spec.when?.some((clause) => 'measure' in clause && isTrips(clause)));
  const most = limits
    .filter(({ spec }) => isTrips(spec))
    .map(({ spec: { bound } }) => ('atMost' in bound && !('atLeast' in bound) ? bound.atMost : 0));
  return inClauses ? 0 : Math.min(...most);
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
  // Those of `moving` whose own measure is the posture's: only their clauses look at the place.
  const sometimes = limits.filter((limit) => moves(limit) && !MOVING.has(limit.spec.measure));
  const judged = new WeakMap<readonly Done[], Anywhere>();
  const judges: Judges = {
    moving: limits.filter(moves),
    anywhere: (ends, form) => {
      const before = judged.get(ends);
      if (before) return before;
      const facts = ends.map((done) => factsOf(done, form));
      const found = worstOf(facts.map((one) => findings(fixed, one)));
      const barring = found.filter(isHard);
      // What the place decides is not known: a clause about it counts as true, so that its change is there if it is.
      const perhaps = facts.flatMap((one) => findings(sometimes, one).filter(isHard));
      const now = { fixed: found, barring, broken: perhaps.length === 0 ? barring : uniqueByLimit([...barring, ...perhaps]) };
      judged.set(ends, now);
      return now;
    },
    sums: Object.entries(SUMS).flatMap(([measure, sum]) => (looked.has(measure) ? [sum] : [])),
    fewTrips: fewTripsOf(limits),
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
