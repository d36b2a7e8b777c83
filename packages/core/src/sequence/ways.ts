import type { Measure } from '../body/measure.js';

/** A named way from one posture to the next, with the worst values passed through on the way. */
export interface Way {
  /** Short, to follow "get there". */
  readonly name: string;
  /** How it is told to a class. */
  readonly say: string;
  readonly values: Readonly<Partial<Record<Measure, number>>>;
}

/**
 * The ways between floor, standing and lying, with the worst point of each on the reference body.
 * Common practice, no source; where a measure is not named, the postures at both ends bound it.
 */
export const WAYS = {
  'fold-down': {
    name: 'by a fold',
    say: 'fold forward, hands to the floor, walk or step back',
    values: { lumbarFlexion: 45, thoracicFlexion: 25, headBelowHeart: 36, straightLegAngle: 110 },
  },
  'fold-up': {
    name: 'out of a fold',
    say: 'step to the hands and rise out of the fold',
    values: { lumbarFlexion: 45, thoracicFlexion: 25, headBelowHeart: 36, straightLegAngle: 110 },
  },
  'squat-down': {
    name: 'by a squat',
    say: 'squat down, hands to the floor, sit',
    values: { lumbarFlexion: 25, kneeFlexionLoaded: 140, hipFlexion: 120 },
  },
  'split-squat': {
    name: 'by a split squat',
    say: 'step one foot back, that knee down, then knees together',
    values: { lumbarFlexion: 10, kneeFlexionLoaded: 95, legAsymmetry: 80, kneeLoad: 0.6 },
  },
  'with-chair': {
    name: 'with hands on a chair',
    say: 'with both hands on a chair seat, one knee after the other',
    values: { lumbarFlexion: 10, kneeFlexionLoaded: 95, support: 2 },
  },
  'roll-up': { name: 'by rolling up', say: 'roll up, bone by bone', values: { lumbarFlexion: 50, thoracicFlexion: 30 } },
  'hands-to-thighs': {
    name: 'with hands on the thighs',
    say: 'knees bent, hands up the thighs, with a long back',
    values: { lumbarFlexion: 15 },
  },
  'jump-back': {
    name: 'by a jump',
    say: 'jump back',
    values: { lumbarFlexion: 45, impact: 2, abdominalLoad: 5, wristExtensionLoaded: 90 },
  },
  'step-back': { name: 'by a step', say: 'step back, one foot after the other', values: { impact: 0 } },
  'sit-up': { name: 'straight up or down', say: 'sit straight up', values: { lumbarFlexion: 35, thoracicFlexion: 30, abdominalLoad: 4 } },
  'roll-to-side': {
    name: 'over the side',
    say: 'bend the knees, roll to the side in one piece, push up with the hands',
    values: { lumbarFlexion: 10, spineRotation: 5, hipFlexion: 90, abdominalLoad: 1, handLoad: 0.3 },
  },
} as const satisfies Record<string, Way>;
export type WayId = keyof typeof WAYS;

/** Where the body is, as far as getting from one to the other matters. */
export type Level = 'up' | 'floor' | 'supine';

/**
 * The hops from one level to another, each with its ways, the ordinary one first. Empty where nothing
 * special is passed through; two hops from lying on the back to standing.
 */
export function waysBetween(from: Level, to: Level): readonly (readonly WayId[])[] {
  if (from === to) return [];
  const hops: (readonly WayId[])[] = [];
  if (from === 'up') hops.push(['fold-down', 'split-squat', 'with-chair', 'squat-down']);
  if (from === 'supine' || to === 'supine') hops.push(['sit-up', 'roll-to-side']);
  if (to === 'up') hops.push(['fold-up', 'split-squat', 'with-chair']);
  return hops;
}
