import { vec3 } from 'gl-matrix';
import { SIDES, type Side } from '../angles.js';
import type { BodyPart } from '../body/contact.js';
import { partBalls } from '../body/parts.js';
import { pointOn, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import type { DrawnProp } from './drawn-prop.js';
import { partPlace } from './part-place.js';
import type { Ball } from './volumes.js';

/** Half the width of a strap, and how far apart its balls stand, in cm. */
const HALF_CM = 0.95;
const SPACING_CM = 1.2;
/** Where the foot has one of these, it bears: nothing lifts it by a strap. */
const FOOT: ReadonlySet<BodyPart> = new Set<BodyPart>(['sole', 'heel', 'ball', 'edge', 'inneredge', 'instep', 'foot', 'ankle']);

/** What a strap runs between: from each hand that holds it to a foot, or from hand to hand. */
function ends(placed: PlacedBody): readonly (readonly [Vec3, Vec3])[] {
  const holding = SIDES.filter((side) => placed.contacts.some((one) => one.on.kind === 'strap' && one.side === side));
  if (holding.length === 0) return [];
  const hands = holding.map((side) => partPlace(placed, 'hand', side));
  const bears = (side: Side) => placed.contacts.some((one) => one.bears && one.side === side && FOOT.has(one.part));
  const free = SIDES.filter((side) => !bears(side));
  const hips = placed.origins[0]![0] * 100;
  if (free.length === 0 && hands.length === 2 && hands.some(([x]) => x < hips)) return [[hands[0]!, hands[1]!]];
  // A foot that only its heel holds is stretched; one that stands on its sole isn't.
  const raised =
    free.length > 0 ? free : SIDES.filter((side) => !placed.contacts.some((one) => one.bears && one.side === side && one.part === 'sole'));
  const feet = (raised.length > 0 ? raised : SIDES).map((side) => partPlace(placed, 'ball', side));
  const far = (foot: Vec3) => hands.reduce((sum, hand) => sum + vec3.distance(hand, foot), 0);
  const held = feet.reduce((one, other) => (far(other) < far(one) ? other : one));
  return hands.map((hand) => [hand, held] as const);
}

/** From its side to its other side the chest measures more than from front to back, and a strap lies on it. */
const CHEST_WIDER = 1.5;
const ON_SKIN = 1.03;

/** A strap round the ribs. */
function roundRibs(placed: PlacedBody): Omit<Ball, 'bone'>[] {
  if (!placed.contacts.some(({ on, part }) => on.kind === 'strap' && part === 'ribs')) return [];
  const { segment, local, radius } = partBalls(placed.body, 'ribs', null)[0]!;
  const deep = radius * ON_SKIN;
  const steps = Math.ceil((200 * Math.PI * deep * CHEST_WIDER) / SPACING_CM);
  return Array.from({ length: steps }, (_, i) => {
    const turn = (2 * Math.PI * i) / steps;
    const skin: Vec3 = [local[0] + deep * Math.cos(turn), local[1] + deep * CHEST_WIDER * Math.sin(turn), local[2]];
    return { at: pointOn(placed, segment, skin).map((metres) => metres * 100) as Vec3, radius: HALF_CM };
  });
}

/** The strap that hands hold, from where to where it runs, or that lies round the ribs; none where nothing is held by one. */
export function strapIn(placed: PlacedBody): DrawnProp[] {
  const ring = roundRibs(placed);
  const lines = ends(placed);
  if (lines.length === 0 && ring.length === 0) return [];
  const held = lines.flatMap(([from, to]) => {
    const steps = Math.max(1, Math.ceil(vec3.distance(from, to) / SPACING_CM));
    return Array.from({ length: steps + 1 }, (_, i) => ({
      at: vec3.lerp([0, 0, 0], from, to, i / steps) as Vec3,
      radius: HALF_CM,
    }));
  });
  return [{ boxes: [], balls: [...ring, ...held], top: 'woodSide', sides: 'woodSide' }];
}
