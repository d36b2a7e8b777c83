import { SPEEDS } from '../solving/movement.js';
import type { ActiveLimit } from '../conditions/active-limits.js';
import type { DeclaredSpec } from '../asanas/asana.js';
import { measuresBy, ON_THE_WAY, type MeasureBy, type OnTheWay } from '../body/measure.js';
import { WAYS, type WayId } from '../sequence/ways.js';
import { declaredFacts, factsFrom, factsOf } from '../solving/facts.js';
import { getKnown, getOrCreate } from '../get-or-create.js';
import { findings, telling } from '../judging/judge.js';
import { rangeOf } from '../conditions/bound.js';
import { worstOf, uniqueByLimit, isHard, type Finding } from '../plan/finding.js';
import type { SolvedPosture } from '../solving/solved-posture.js';

/** Running totals of the class. */
const TOTALS = measuresBy('totals');
export type Total = MeasureBy<'totals'>;

/** What the posture before decides. */
const ARRIVING = measuresBy('arrival');
/** What the way from the posture before comes to. */
export type Arriving = Readonly<Record<MeasureBy<'arrival'>, number>>;

/** What the place in the class decides. */
const PLACE: ReadonlySet<string> = new Set(measuresBy('arrival', 'pace', 'totals'));

/** What the place in the class, the dose and the way decide; all else is the same wherever a form is done. */
const MOVING: ReadonlySet<string> = new Set(measuresBy('arrival', 'pace', 'totals', 'doing'));

/** What the library declares of a form and neither posture, dose nor way changes. */
const DECLARED: ReadonlySet<string> = new Set(measuresBy('library'));

const OF_A_WAY: ReadonlySet<string> = new Set([...ON_THE_WAY, ...Object.values(WAYS).flatMap(({ values }) => Object.keys(values))]);

/** What a form's ends break, whatever their place in a class. */
interface Anywhere {
  /** Of the limits that the place can't change, each at its worst. */
  readonly fixed: readonly Finding[];
  /** What bars them, of these. */
  readonly barring: readonly Finding[];
  /** Each limit that may ask for another posture, with those whose clauses look at the place. */
  readonly broken: readonly Finding[];
  /** How far from its support any of what bears stays, in cm. */
  readonly residualCm: number;
}

/** A bound on what is passed through on a way, whatever else is asked beside it. */
export interface PassageBound {
  readonly measure: OnTheWay;
  readonly least: number;
  readonly most: number;
}

/** Someone's limits, by what they look at. */
export interface Judges {
  readonly moving: readonly ActiveLimit[];
  /** What a form's ends break wherever they are done: judged once. */
  readonly anywhere: (ends: readonly SolvedPosture[], form: DeclaredSpec) => Anywhere;
  /** Whether what is declared of a form bars it: whatever the posture, the dose and the way. */
  readonly isBarredAsDeclared: (form: DeclaredSpec) => boolean;
  /** Running totals of the class that these limits look at. */
  readonly totals: readonly Total[];
  /** While there were fewer trips to the floor than this, one more breaks nothing. */
  readonly fewTrips: number;
  /** Once there were so many trips to the floor, one more breaks all that it can. */
  readonly manyTrips: number;
  /** Tells apart what the posture before decides, as far as they look at it; `null` where they don't. */
  readonly arriving: ((values: Arriving) => string) | null;
  /** Ids of those that look at the place in the class, by their measure or a clause. */
  readonly aboutPlace: ReadonlySet<string>;
  /** Whether they look at how far the head turns over. */
  readonly sweeps: boolean;
  /** Whether they look at how fast joints go. */
  readonly speeds: boolean;
  /** What a way itself breaks, whoever takes it. */
  readonly ofWay: (way: WayId) => readonly Finding[];
  /** Those on what this body passes through on a way: what its lowest values may break, and its highest. */
  readonly ofPassage: { readonly low: readonly ActiveLimit[]; readonly high: readonly ActiveLimit[] };
  /** The bounds of those: that always hold, and that hold where their clauses do. */
  readonly passageBounds: { readonly always: readonly PassageBound[]; readonly sometimes: readonly PassageBound[] };
}

/** The least and the greatest number of trips that any limit allows; all of them where one looks at them in another way than by a most. */
function tripsAllowed(limits: readonly ActiveLimit[]): { fewTrips: number; manyTrips: number } {
  const isTrips = ({ measure }: { readonly measure: string }) => measure === 'floorTrips';
  const about = limits.filter(({ spec }) => isTrips(spec));
  const most = about.flatMap(({ spec: { bound } }) => ('atMost' in bound && !('atLeast' in bound) ? bound.atMost : 'equals' in bound && bound.equals === 0 ? 0 : [])); // prettier-ignore
  const otherwise =
    most.length < about.length || limits.some(({ spec }) => spec.when?.some((clause) => 'measure' in clause && isTrips(clause)));
  if (otherwise) return { fewTrips: 0, manyTrips: Infinity };
  return { fewTrips: Math.min(...most), manyTrips: most.length === 0 ? Infinity : Math.max(...most) };
}

function passageBounds(limits: readonly ActiveLimit[]): PassageBound[] {
  return limits.map(({ spec: { measure, bound } }) => ({ measure: measure as OnTheWay, ...rangeOf(bound) }));
}

/** Limits made ready for the many times that they are asked. */
export function judging(limits: readonly ActiveLimit[]): Judges {
  const measuresOf = ({ spec }: ActiveLimit): string[] => [
    spec.measure,
    ...(spec.when ?? []).flatMap((clause) => ('measure' in clause ? [clause.measure] : [])),
  ];
  const moves = (limit: ActiveLimit) => measuresOf(limit).some((measure) => MOVING.has(measure));
  const looked = new Set(limits.flatMap(measuresOf));
  const fixed = limits.filter((limit) => !moves(limit));
  const passing = limits.filter(({ spec }) => OF_A_WAY.has(spec.measure) && spec.grade !== 'watch');
  const ofPassage = passing.filter(({ spec }) => (ON_THE_WAY as readonly string[]).includes(spec.measure));
  const byWay = new Map(
    (Object.keys(WAYS) as WayId[]).map((way) => {
      const { values } = WAYS[way];
      const about = passing.filter(({ spec }) => spec.measure in values);
      return [way, findings(about, factsFrom(values), 'transition')];
    }),
  );
  // Those of `moving` whose own measure is the posture's: only their clauses look at the place.
  const sometimes = limits.filter((limit) => moves(limit) && !MOVING.has(limit.spec.measure));
  const judged = new WeakMap<readonly SolvedPosture[], Anywhere>();
  const declared = limits.filter(({ spec }) => spec.when === undefined && DECLARED.has(spec.measure));
  const asDeclared = new WeakMap<DeclaredSpec, boolean>();
  return {
    moving: limits.filter(moves),
    anywhere: (ends, form) =>
      getOrCreate(judged, ends, () => {
        const facts = ends.map((done) => factsOf(done, form));
        const found = worstOf(facts.map((one) => findings(fixed, one)));
        const barring = found.filter(isHard);
        // What the place decides is not known: a clause about it counts as true, so that its change is there if it is.
        const perhaps = facts.flatMap((one) => findings(sometimes, one).filter(isHard));
        return {
          fixed: found,
          barring,
          broken: perhaps.length === 0 ? barring : uniqueByLimit([...barring, ...perhaps]),
          residualCm: Math.max(...ends.map(({ solved }) => solved.residualCm)),
        };
      }),
    isBarredAsDeclared: (form) => getOrCreate(asDeclared, form, () => findings(declared, declaredFacts(form)).some(isHard)),
    totals: TOTALS.filter((measure) => looked.has(measure)),
    ...tripsAllowed(limits),
    arriving: ARRIVING.some((measure) => looked.has(measure)) ? telling(limits, ARRIVING) : null,
    aboutPlace: new Set(limits.filter((limit) => measuresOf(limit).some((measure) => PLACE.has(measure))).map(({ id }) => id)),
    sweeps: looked.has('headSweep'),
    speeds: Object.keys(SPEEDS).some((measure) => looked.has(measure)),
    ofWay: (way) => getKnown(byWay, way),
    ofPassage: {
      low: ofPassage.filter(({ spec: { bound, when } }) => when || rangeOf(bound).least > -Infinity),
      high: ofPassage.filter(({ spec: { bound, when } }) => when || rangeOf(bound).most < Infinity),
    },
    passageBounds: {
      always: passageBounds(ofPassage.filter(({ spec: { when } }) => !when)),
      sometimes: passageBounds(ofPassage.filter(({ spec: { when } }) => when)),
    },
  };
}
