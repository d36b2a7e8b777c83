import type { Measure } from '../body/measure.js';
import { eyes, heart } from '../body/parts.js';
import { place, pointOn, toPosture, toState, type State } from '../body/skeleton.js';
import { RAD2DEG, SIDES } from '../angles.js';
import type { WayId } from '../sequence/ways.js';
import type { Done, Studio } from './studio.js';

/** Lowest and highest value of each measure passed through on a way. */
export interface Extremes {
  readonly least: Readonly<Partial<Record<Measure, number>>>;
  readonly most: Readonly<Partial<Record<Measure, number>>>;
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

/** What follows from joint angles and the lie of the body alone, wherever it is put down. */
function valuesAt(studio: Studio, state: State): Partial<Record<Measure, number>> {
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

const KNOWN = new WeakMap<Done, WeakMap<Done, Map<WayId | null, Extremes>>>();

/**
 * The body is led from one posture to the next, straight or by a named way, every joint at a steady pace,
 * and the extremes between its ends are kept. Contacts are let go meanwhile: heights against
 * each other are right, heights above the floor are not and aren't given.
 */
export function extremesOnTheWay(studio: Studio, from: Done, to: Done, way: WayId | null): Extremes {
  const byTo = KNOWN.get(from) ?? new WeakMap<Done, Map<WayId | null, Extremes>>();
  KNOWN.set(from, byTo);
  const byWay = byTo.get(to) ?? new Map<WayId | null, Extremes>();
  byTo.set(to, byWay);
  const known = byWay.get(way);
  if (known) return known;

  const through = way === null ? [] : THROUGH[way].map(([asana, variation, end]) => studio.form(asana, variation).ends[end]!);
  const stations = [from, ...through, to].map(({ solved }) => toState(solved.posture));
  const least: Partial<Record<Measure, number>> = {};
  const most: Partial<Record<Measure, number>> = {};
  stations.slice(1).forEach((next, leg) => {
    const last = stations[leg]!;
    // The ends themselves are judged as postures.
    const upTo = leg === stations.length - 2 ? SAMPLES - 1 : SAMPLES;
    for (let sample = 1; sample <= upTo; sample++) {
      const at = last.map((value, i) => value + ((next[i]! - value) * sample) / SAMPLES) as State;
      for (const [measure, value] of Object.entries(valuesAt(studio, at)) as [Measure, number][]) {
        least[measure] = Math.min(least[measure] ?? Infinity, value);
        most[measure] = Math.max(most[measure] ?? -Infinity, value);
      }
    }
  });
  const extremes = { least, most };
  byWay.set(way, extremes);
  return extremes;
}
