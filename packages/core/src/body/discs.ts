import type { Contact } from './contact.js';
import type { Loads } from './loads.js';
import { ABOVE_DISC, centreOfMass } from './mass.js';
import { directionOn, pointOn, segmentIndex, type PlacedBody, type Vec3 } from './skeleton.js';

/** Lever of the back muscles behind the disc and of the belly wall in front of it, in metres (common textbook values, 5 to 7.5 and about 11 cm). */
const BACK_LEVER = 0.075;
const BELLY_LEVER = 0.11;
/** Load of a disc that carries nothing, from muscle tone and ligaments: set so that lying stays under a third of standing (Wilke 1999: a fifth). */
const TONE = 0.25;
/** Most weight that arms resting on the thighs take off the back, as a share of body weight. */
const ARMS_ON_LEGS = 0.12;
/** The weight of the trunk passes this far (m) ahead of the disc even when standing straight. */
const STANDING_LEVER = 0.02;
/** A rounded lumbar spine presses its discs by its stretched ligaments: body weights at 50 degrees. */
const ROUNDING = 0.35;
/** Sitting flattens the low back even when it feels straight: the same pull, without the rounding. */
const SITTING = 0.2;

const ARM_PARTS = new Set(['palm', 'hand', 'forearm', 'elbow', 'fist', 'fingertips']);
const LEG_PARTS = new Set(['thigh', 'knee', 'shin', 'calf']);

function restsOnLegs({ part, on }: Contact): boolean {
  return on.kind === 'body' && ARM_PARTS.has(part) && LEG_PARTS.has(on.part);
}

/** Compression of the lowest lumbar disc in body weights, before it is set against standing. */
function compression(placed: PlacedBody, loads: Loads, lumbarFlexion: number, seated: boolean): number {
  const lumbar = segmentIndex('lumbar1');
  const disc = pointOn(placed, lumbar, [0, 0, 0]);
  const axis = directionOn(placed, lumbar, [0, 0, 1]);
  const forward = directionOn(placed, lumbar, [1, 0, 0]);
  const upper = centreOfMass(placed, (segment) => ABOVE_DISC.has(segment));

  const force: Vec3 = [0, 0, -upper.mass];
  const moment: Vec3 = [0, 0, 0];
  const act = (at: Vec3, f: Vec3) => {
    const r: Vec3 = [at[0] - disc[0], at[1] - disc[1], at[2] - disc[2]];
    moment[0] += r[1] * f[2] - r[2] * f[1];
    moment[1] += r[2] * f[0] - r[0] * f[2];
    moment[2] += r[0] * f[1] - r[1] * f[0];
  };
  act(upper.at, force);
  for (const { points } of loads.contacts)
    for (const { at, segment, force: push } of points) {
      if (!ABOVE_DISC.has(segment)) continue;
      for (let i = 0; i < 3; i++) force[i]! += push[i]!;
      act(at, push);
    }

  // Positive bends the trunk forward over the disc, about the person's own left-right axis.
  const side: Vec3 = [
    axis[1] * forward[2] - axis[2] * forward[1],
    axis[2] * forward[0] - axis[0] * forward[2],
    axis[0] * forward[1] - axis[1] * forward[0],
  ];
  const dot = (a: Vec3, b: Vec3) => a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
  let bending = dot(moment, side) + STANDING_LEVER * Math.max(0, upper.mass * axis[2]);
  const leaning = dot(moment, forward);
  const arms = placed.contacts.filter(restsOnLegs);
  if (arms.length > 0 && bending > 0) {
    // Arms on the legs hold up as much of the trunk as helps, up to what they can carry.
    const lever = arms
      .map(({ part, side: of }) =>
        pointOn(placed, segmentIndex(of === 'right' ? 'rightHand' : 'leftHand'), [0, 0, part === 'elbow' ? 0.24 : 0]),
      )
      .reduce((sum, at) => sum + Math.abs(dot([at[0] - disc[0], at[1] - disc[1], 0], forward)) / arms.length, 0);
    const lift = Math.min(ARMS_ON_LEGS * (arms.length / 2), bending / Math.max(0.1, lever));
    bending -= lift * lever;
    force[2] += lift;
  }
  const pressed = Math.max(0, -dot(force, axis));
  const muscle = (bending > 0 ? bending / BACK_LEVER : -bending / BELLY_LEVER) + Math.abs(leaning) / BACK_LEVER;
  const upright = Math.max(0, axis[2]);
  const passive = ROUNDING * Math.max(0, lumbarFlexion / 50) ** 2 + (seated ? SITTING * upright : 0);
  return TONE + pressed + muscle + passive;
}

/** Compression in quiet standing, from the same formula with the trunk straight over the disc. */
function standing(placed: PlacedBody): number {
  const upper = centreOfMass(placed, (segment) => ABOVE_DISC.has(segment));
  return TONE + upper.mass + (upper.mass * STANDING_LEVER) / BACK_LEVER;
}

/**
 * Load of the lowest lumbar disc, quiet standing = 1: weight and contact forces above the disc, and the
 * pull of the muscles that balance them, in one cut. A static model without co-contraction: it orders
 * postures and lies within the ranges measured in living discs (Wilke 1999, Sato 1999), no more.
 */
export function discLoad(placed: PlacedBody, loads: Loads, lumbarFlexion: number, seated: boolean): number {
  return compression(placed, loads, lumbarFlexion, seated) / standing(placed);
}
