import { ON_THE_WAY, roundMeasure, type OnTheWay } from '../body/measure.js';
import type { Body } from '../body/anthropometry.js';
import { eyes, heart } from '../body/parts.js';
import { LEG_DOF, pointOn, trunkOf, type State } from '../body/skeleton.js';
import { getOrCreate, memoize } from '../get-or-create.js';
import { measureIndex, rowOf } from '../solving/facts.js';
import type { Row, SolvedPosture } from '../solving/solved-posture.js';
import { RAD2DEG } from '../angles.js';
import type { WayId } from '../sequence/ways.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { PassageBound } from '../judging/judges.js';

/** The postures that a way leads through, as asana, variation and which end of a movement. */
const THROUGH: Readonly<Record<WayId, readonly (readonly [asana: string, variation: string, end: 0 | 1])[]>> = {
  'fold-down': [['uttanasana', 'plain', 0]],
  'fold-up': [['uttanasana', 'plain', 0]],
  'squat-down': [['malasana', 'plain', 0]],
  'split-squat': [['split-squat', 'plain', 1]],
  'with-chair': [['chair-dog', 'plain', 0]],
  'roll-up': [['roll-down', 'plain', 1]],
  'hands-to-thighs': [['standing-cat-cow', 'plain', 0]],
  'jump-back': [['uttanasana', 'plain', 0]],
  'step-back': [],
  'sit-up': [
    ['supine-curl-up', 'plain', 0],
    ['rocking-ball', 'plain', 0],
  ],
  'roll-to-side': [['side-lying-rest', 'plain', 0]],
};

/** Steps in which each leg of a way is walked: what matters lies at the stations. */
const SAMPLES = 3;

const PLACES = Object.fromEntries(ON_THE_WAY.map((measure, place) => [measure, place])) as Readonly<Record<OnTheWay, number>>;

/** The extremes of a way, or of a stretch of it, by the place of their measure in `ON_THE_WAY`. */
interface Stretch {
  readonly least: readonly number[];
  readonly most: readonly number[];
}

const { left, right } = LEG_DOF;
const KNEE = 3;

/** What is passed through in a state, in the order of `ON_THE_WAY`. Degrees and cm. */
function valuesAt(body: Body, state: State): readonly number[] {
  const trunk = trunkOf(body, state);
  const degrees = (dof: number) => state[dof]! * RAD2DEG;
  const height = ({ segment, local }: ReturnType<typeof eyes>) => pointOn(trunk, segment, local)[2] * 100;
  const neck = trunk.origins[7]!;
  const lean = Math.acos(
    Math.min(1, Math.max(-1, (neck[2] - state[2]!) / Math.hypot(neck[0] - state[0]!, neck[1] - state[1]!, neck[2] - state[2]!))),
  );
  const heartHeight = height(heart(body));
  const straight = (hip: number) => degrees(hip) - degrees(hip + KNEE);
  const values: Readonly<Record<OnTheWay, number>> = {
    lumbarFlexion: degrees(6),
    thoracicFlexion: degrees(7),
    cervicalFlexion: degrees(8),
    spineLateral: Math.abs(degrees(9)),
    spineRotation: Math.abs(degrees(10)),
    hipFlexion: Math.max(degrees(left), degrees(right)),
    kneeFlexion: Math.max(degrees(left + KNEE), degrees(right + KNEE)),
    straightLegAngle: Math.max(0, straight(left), straight(right)),
    headBelowHeart: heartHeight - height(eyes(body)),
    pelvisAboveHeart: state[2]! * 100 - heartHeight,
    trunkPitch: lean * RAD2DEG,
  };
  return ON_THE_WAY.map((measure) => values[measure]);
}

/** Of one stretch or more. */
function together(stretches: readonly Stretch[]): Stretch {
  const [first, ...others] = [stretches[0]!, ...stretches.slice(1)];
  const [least, most] = [first.least.slice(), first.most.slice()];
  for (const other of others)
    for (let place = 0; place < least.length; place++) {
      least[place] = Math.min(least[place]!, other.least[place]!);
      most[place] = Math.max(most[place]!, other.most[place]!);
    }
  return { least, most };
}

const legsFrom = memoize((_: SolvedPosture) => new WeakMap<SolvedPosture, Stretch>());

/** Between two postures, without them. */
function leg(from: SolvedPosture, to: SolvedPosture): Stretch {
  return getOrCreate(legsFrom(from), to, () => between(from, to));
}

function between(from: SolvedPosture, to: SolvedPosture): Stretch {
  const [a, b] = [from.solved.state, to.solved.state];
  const samples = Array.from({ length: SAMPLES - 1 }, (_, i) => {
    const share = (i + 1) / SAMPLES;
    return valuesAt(
      from.solved.body,
      a.map((value, dof) => value + (b[dof]! - value) * share),
    );
  });
  return together(samples.map((values) => ({ least: values, most: values })));
}

const station = memoize(({ solved }: SolvedPosture): Stretch => {
  const values = valuesAt(solved.body, solved.state);
  return { least: values, most: values };
});

const stationsOn = memoize((_: BodySolver) => new Map<WayId, readonly SolvedPosture[]>());

function stationsOf(solver: BodySolver, way: WayId): readonly SolvedPosture[] {
  return getOrCreate(stationsOn(solver), way, () =>
    THROUGH[way].map(([asana, variation, end]) => solver.form(asana, variation).ends[end]!),
  );
}

/** What is passed through on a named way from one posture to another, or on a part of it. */
export type Passage = Stretch;

/** Whether a way leads through any posture, and not straight from one to the other. */
export function leadsThrough(way: WayId): boolean {
  return THROUGH[way].length > 0;
}

/** As far as the first posture that a way leads through, and in it. */
export function passageInto(solver: BodySolver, from: SolvedPosture, way: WayId): Passage {
  const first = stationsOf(solver, way)[0]!;
  return together([leg(from, first), station(first)]);
}

/** From the first posture that a way leads through on. */
export function passageOnward(solver: BodySolver, way: WayId, to: SolvedPosture): Passage {
  const stations = stationsOf(solver, way);
  const stretches: Stretch[] = [];
  let at = stations[0]!;
  for (const done of stations.slice(1)) {
    stretches.push(leg(at, done), station(done));
    at = done;
  }
  stretches.push(leg(at, to));
  return together(stretches);
}

/**
 * The body is led from one posture to the next by a named way, every joint at a steady pace, and the extremes
 * between its ends are kept; the ends themselves are judged as postures. Contacts are let go meanwhile: heights
 * against each other are right, heights above the floor are not and aren't given. Legs to and from a station serve all
 * ways through it.
 */
export function passageOf(solver: BodySolver, from: SolvedPosture, to: SolvedPosture, way: WayId): Passage {
  if (!leadsThrough(way)) return leg(from, to);
  return together([passageInto(solver, from, way), passageOnward(solver, way, to)]);
}

/** Whether all of a way keeps within all of the bounds, as they are told. */
export function keepsWithin({ least, most }: Passage, bounds: readonly PassageBound[]): boolean {
  return bounds.every(({ measure, least: atLeast, most: atMost }) => {
    const place = PLACES[measure];
    return (
      (atLeast === -Infinity || roundMeasure(measure, least[place]!) >= atLeast) &&
      (atMost === Infinity || roundMeasure(measure, most[place]!) <= atMost)
    );
  });
}

const IN_ROW = ON_THE_WAY.map(measureIndex);

/** What is passed through as it is set against bounds (see `rowOf`): at its lowest or at its highest. */
export function passedRow(values: Passage['least'], row?: Row): Row {
  const filled = rowOf({}, row);
  for (let place = 0; place < IN_ROW.length; place++) filled[IN_ROW[place]!] = roundMeasure(ON_THE_WAY[place]!, values[place]!);
  return filled;
}
