import type { Loads } from './loads.js';
import { pointOn, segmentIndex, type PlacedBody, type Segment, type Vec3 } from './skeleton.js';

/** Between these gaps (m, on the reference body, upper belly to thigh) the belly goes from free to closed: set so that an upright seat is 0, a child's pose 1. */
const FREE_GAP = 0.145;
const CLOSED_GAP = 0.07;
const THIGH_RADIUS = 0.07;
/** Front of the trunk: segment, height along it and depth of the skin, in cm on the reference body. */
const FRONT: readonly (readonly [Segment, number, number])[] = [
  ['lumbar3', 2, 9.5],
  ['thoracic2', 2, 10],
];
const FRONT_PARTS = new Set(['belly', 'ribs', 'pubis', 'chest', 'waist']);

function distanceToBone(point: Vec3, top: Vec3, end: Vec3): number {
  const along: Vec3 = [end[0] - top[0], end[1] - top[1], end[2] - top[2]];
  const from: Vec3 = [point[0] - top[0], point[1] - top[1], point[2] - top[2]];
  const share = (from[0] * along[0] + from[1] * along[1] + from[2] * along[2]) / (along[0] ** 2 + along[1] ** 2 + along[2] ** 2);
  const t = Math.min(1, Math.max(0.2, share));
  return Math.hypot(from[0] - t * along[0], from[1] - t * along[1], from[2] - t * along[2]);
}

/**
 * How closed the belly is, 0 open to 1 closed: how near a thigh comes to the front of the trunk, or
 * how much of the body's weight lies on that front (0.4 of body weight counts as fully prone).
 */
export function bellyClosure(placed: PlacedBody, loads: Loads): number {
  const { scale, frontScale, thighScale, length } = placed.body;
  let nearest = Infinity;
  for (const [segment, z, depth] of FRONT) {
    const skin = pointOn(placed, segmentIndex(segment), [(depth / 100) * frontScale, 0, (z / 100) * scale]);
    for (const thigh of ['leftThigh', 'rightThigh'] as const) {
      const index = segmentIndex(thigh);
      const top = placed.origins[index]!;
      const gap = distanceToBone(skin, top, pointOn(placed, index, [0, 0, -length.thigh])) - THIGH_RADIUS * thighScale;
      nearest = Math.min(nearest, gap);
    }
  }
  const byThigh = Math.min(1, Math.max(0, (FREE_GAP * scale - nearest) / ((FREE_GAP - CLOSED_GAP) * scale)));
  const onFront = loads.contacts.reduce((sum, { contact, share }) => sum + (FRONT_PARTS.has(contact.part) ? share : 0), 0);
  return Math.max(byThigh, Math.min(1, onFront / 0.4));
}
