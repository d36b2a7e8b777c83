import type { Measure } from '../body/measure.js';
import { eyes, heart } from '../body/parts.js';
import { place, pointOn, toPosture, toState, type State } from '../body/skeleton.js';
import { RAD2DEG, SIDES } from '../angles.js';
import type { WayId } from '../sequence/ways.js';
import type { Done, Studio } from './studio.js';

/** Lowest and highest value of measures passed through on a way. */
export interface Extremes<M extends Passed = Passed> {
  readonly least: Readonly<Record<M, number>>;
  readonly most: Readonly<Record<M, number>>;
}

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

/** What is looked at on a way: it follows from joint angles and the lie of the body alone, wherever it is put down. */
export const PASSED = [
  'lumbarFlexion', 'thoracicFlexion', 'cervicalFlexion', 'spineRotation', 'spineLateral', 'hipFlexion', 'kneeFlexion',
  'straightLegAngle', 'headBelowHeart', 'pelvisAboveHeart', 'trunkPitch',
] as const satisfies readonly Measure[]; // prettier-ignore

export type Passed = (typeof PASSED)[number];
type Values = Readonly<Record<Passed, number>>;

function valuesAt(studio: Studio, state: State): Values {
  const placed = place(studio.body, state);
  const { spine, legs } = toPosture(state, []);
  const height = ({ segment, local }: ReturnType<typeof eyes>) => pointOn(placed, segment, local)[2] * 100;
  const neck = placed.origins[7]!;
  const lean = Math.acos(
    Math.min(1, Math.max(-1, (neck[2] - state[2]!) / Math.hypot(neck[0] - state[0]!, neck[1] - state[1]!, neck[2] - state[2]!))),
  );
  const heartHeight = height(heart(studio.body));
  return {
    lumbarFlexion: spine.lumbar,
    thoracicFlexion: spine.thoracic,
    cervicalFlexion: spine.cervical,
    spineRotation: Math.abs(spine.rotation),
    spineLateral: Math.abs(spine.lateral),
    hipFlexion: Math.max(...SIDES.map((side) => legs[side].hipFlexion)),
    kneeFlexion: Math.max(...SIDES.map((side) => legs[side].knee)),
    straightLegAngle: Math.max(0, ...SIDES.map((side) => legs[side].hipFlexion - legs[side].knee)),
    headBelowHeart: heartHeight - height(eyes(studio.body)),
    pelvisAboveHeart: state[2]! * 100 - heartHeight,
    trunkPitch: lean * RAD2DEG,
  };
}

const ENDS = new WeakMap<Done, Extremes>();
const LEGS = new WeakMap<Done, WeakMap<Done, Extremes>>();

function merged<M extends Passed>([first, ...others]: readonly Extremes[], measures: readonly M[]): Extremes<M> {
  const least = {} as Record<M, number>;
  const most = {} as Record<M, number>;
  for (const measure of measures) {
    let low = first!.least[measure];
    let high = first!.most[measure];
    for (const other of others) {
      low = Math.min(low, other.least[measure]);
      high = Math.max(high, other.most[measure]);
    }
    least[measure] = low;
    most[measure] = high;
  }
  return { least, most };
}

function at(studio: Studio, states: readonly State[]): Extremes {
  const values = states.map((state) => valuesAt(studio, state));
  return merged(
    values.map((one) => ({ least: one, most: one })),
    PASSED,
  );
}

/** Between two postures, without them. */
function leg(studio: Studio, from: Done, to: Done): Extremes {
  const byTo = LEGS.get(from) ?? new WeakMap<Done, Extremes>();
  LEGS.set(from, byTo);
  const known = byTo.get(to);
  if (known) return known;
  const [a, b] = [from, to].map(({ solved }) => toState(solved.posture)) as [State, State];
  const samples = Array.from({ length: SAMPLES - 1 }, (_, i) => (i + 1) / SAMPLES);
  const extremes = at(
    studio,
    samples.map((share) => a.map((value, i) => value + (b[i]! - value) * share) as State),
  );
  byTo.set(to, extremes);
  return extremes;
}

function station(studio: Studio, done: Done): Extremes {
  const known = ENDS.get(done) ?? at(studio, [toState(done.solved.posture)]);
  ENDS.set(done, known);
  return known;
}

/**
 * The body is led from one posture to the next by a named way, every joint at a steady pace, and the extremes
 * between its ends are kept; the ends themselves are judged as postures. Contacts are let go meanwhile: heights
 * against each other are right, heights above the floor are not and aren't given. Only these measures are looked at.
 */
export function extremesOnTheWay<M extends Passed = Passed>(
  studio: Studio,
  from: Done,
  to: Done,
  way: WayId,
  measures: readonly M[] = PASSED as readonly Passed[] as readonly M[],
): Extremes<M> {
  const through = THROUGH[way].map(([asana, variation, end]) => studio.form(asana, variation).ends[end]!);
  const stops = [from, ...through, to];
  // Legs to and from a station serve all ways through it.
  const parts = [...stops.slice(1).map((next, i) => leg(studio, stops[i]!, next)), ...through.map((done) => station(studio, done))];
  return merged(parts, measures);
}
