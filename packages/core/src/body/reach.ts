import { DEG2RAD, SIDES } from '../angles.js';
import type { Body, Reach } from './anthropometry.js';
import type { ArmAngles, LegAngles, Posture } from './posture.js';

/** How far a hip bends at most: its own end, or what the hamstrings leave it; they let go as the knee bends. */
export function hipEnd(reach: Reach, knee: number): number {
  return Math.min(reach.hipFlexion ?? Infinity, reach.hamstring === undefined ? Infinity : reach.hamstring + knee / 2);
}

function leg(angles: LegAngles, reach: Reach): LegAngles {
  const knee = Math.min(angles.knee, reach.kneeFlexion ?? Infinity);
  return { ...angles, knee, hipFlexion: Math.min(angles.hipFlexion, hipEnd(reach, knee)) };
}

/** The plane of an arm's rise, in degrees, beyond which it counts as behind the body and not to its side. */
export const BEHIND = -50;

function arm(angles: ArmAngles, reach: Reach): ArmAngles {
  const end = angles.plane < BEHIND ? reach.shoulderExtension : reach.shoulderElevation;
  return { ...angles, shoulder: Math.min(angles.shoulder, end ?? Infinity) };
}

export function isMeasured({ reach }: Body): boolean {
  return Object.keys(reach).length > 0;
}

/**
 * A posture as far as this body goes into it. Where the hips stop, the pelvis and all above it stop too,
 * so that a fold ends in the air. The same posture where nothing was measured.
 */
export function withinReach(body: Body, posture: Posture): Posture {
  if (!isMeasured(body)) return posture;
  const { reach } = body;
  const legs = { left: leg(posture.legs.left, reach), right: leg(posture.legs.right, reach) };
  // The leg that is held back least still holds the pelvis.
  const held = Math.min(...SIDES.map((side) => posture.legs[side].hipFlexion - legs[side].hipFlexion));
  const { root, spine, arms } = posture;
  return {
    ...posture,
    root: { ...root, pitch: root.pitch > -45 ? root.pitch - held : root.pitch },
    spine: { ...spine, cervical: Math.min(spine.cervical, reach.neckFlexion ?? Infinity) },
    legs,
    arms: { left: arm(arms.left, reach), right: arm(arms.right, reach) },
  };
}

/** The far ends of single joints for this body, in radians, by the name of the free number; only those that were measured. */
export function ownEnds({ reach }: Body): ReadonlyMap<string, number> {
  const ends: [string, number | undefined][] = [
    ['cervical', reach.neckFlexion],
    ...SIDES.flatMap((side): [string, number | undefined][] => [
      [`${side}.hipFlexion`, reach.hipFlexion],
      [`${side}.knee`, reach.kneeFlexion],
    ]),
  ];
  return new Map(ends.flatMap(([name, degrees]) => (degrees === undefined ? [] : [[name, degrees * DEG2RAD] as const])));
}
