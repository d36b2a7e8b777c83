import type { Side } from '../angles.js';
import type { BodyPart } from '../body/contact.js';
import { partBalls } from '../body/parts.js';
import { pointOn, type PlacedBody, type Vec3 } from '../body/skeleton.js';

/** Where a part of a placed body is in the room, in cm. */
export function partPlace(placed: PlacedBody, part: BodyPart, side: Side | null): Vec3 {
  const { segment, local } = partBalls(placed.body, part, side)[0]!;
  return pointOn(placed, segment, local).map((metres) => metres * 100) as Vec3;
}
