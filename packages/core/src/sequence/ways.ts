import type { Measure } from '../body/measure.js';
import { message, type Message, type MessageId } from '../messages/message.js';

/** A named way from one posture to the next, with the worst values passed through on it; its words are the message `way.<id>`. */
export interface Way {
  readonly values: Readonly<Partial<Record<Measure, number>>>;
}

/**
 * The ways between floor, standing and lying, with the worst point of each on the reference body.
 * Common practice, no source; where a measure is not named, the postures at both ends bound it.
 */
export const WAYS = {
  'fold-down': {
    values: { lumbarFlexion: 45, thoracicFlexion: 25, headBelowHeart: 36, straightLegAngle: 110 },
  },
  'fold-up': {
    values: { lumbarFlexion: 45, thoracicFlexion: 25, headBelowHeart: 36, straightLegAngle: 110 },
  },
  'squat-down': {
    values: { lumbarFlexion: 25, kneeFlexionLoaded: 140, hipFlexion: 120 },
  },
  'split-squat': {
    values: { lumbarFlexion: 10, kneeFlexionLoaded: 95, legAsymmetry: 80, kneeLoad: 0.6 },
  },
  'with-chair': {
    values: { lumbarFlexion: 10, kneeFlexionLoaded: 95, support: 2 },
  },
  'roll-up': { values: { lumbarFlexion: 50, thoracicFlexion: 30 } },
  'hands-to-thighs': {
    values: { lumbarFlexion: 15 },
  },
  'jump-back': {
    values: { lumbarFlexion: 45, impact: 2, abdominalLoad: 5, wristExtensionLoaded: 90 },
  },
  'step-back': { values: { impact: 0 } },
  'sit-up': { values: { lumbarFlexion: 35, thoracicFlexion: 30, abdominalLoad: 4 } },
  'roll-to-side': {
    values: { lumbarFlexion: 10, spineRotation: 5, hipFlexion: 90, abdominalLoad: 1, handLoad: 0.3 },
  },
} as const satisfies Record<string, Way>;
export type WayId = keyof typeof WAYS;

/** Ways that are gone in both directions: to this level they are told in other words. */
const TURNED: Partial<Record<WayId, { readonly to: Level; readonly told: MessageId }>> = {
  'split-squat': { to: 'up', told: 'way.split-squat.told.up' },
  'with-chair': { to: 'up', told: 'way.with-chair.told.up' },
  'sit-up': { to: 'supine', told: 'way.sit-up.told.down' },
  'roll-to-side': { to: 'supine', told: 'way.roll-to-side.told.down' },
};

/** How a way to a level is told. */
export function wayTold(way: WayId, to: Level): Message {
  const turned = TURNED[way];
  return message(turned?.to === to ? turned.told : `way.${way}.told`);
}

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
