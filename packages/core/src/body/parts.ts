import { SIDES, type Side } from '../angles.js';
import { memoize } from '../get-or-create.js';
import type { BodyPart } from './contact.js';
import { segmentIndex, type Segment, type Vec3 } from './skeleton.js';
import type { Body } from './anthropometry.js';

/**
 * A ball of the body's surface: a point in a segment's frame with the distance to the skin.
 * Metres. A radius of 0 is a point of the skin itself (the corners of a sole).
 */
export interface SkinBall {
  readonly segment: number;
  readonly local: Vec3;
  readonly radius: number;
}

/** Segment (without side), x, y (outward for paired parts), z and radius in cm on the reference body. */
type Row = readonly [segment: string, x: number, y: number, z: number, radius: number];

const SOLE = -6.5;
/**
 * The balls that make up each part, on the reference body of 165 cm: bearing radii from joint centre
 * to skin (typical adult values, common practice, no source).
 */
const ROWS: Record<BodyPart, readonly Row[]> = {
  sole: [['Foot', -4.5, -2.5, SOLE, 0], ['Foot', -4.5, 2.5, SOLE, 0], ['Foot', 12, -4, SOLE, 0], ['Foot', 12, 4.5, SOLE, 0]],
  heel: [['Foot', -0.8, 0, -2.8, 3.7]],
  ball: [['Foot', 12, -4, SOLE, 0], ['Foot', 12, 4.5, SOLE, 0]],
  edge: [['Foot', -2, 2.5, SOLE + 1, 1], ['Foot', 11, 3.8, SOLE + 1, 1]],
  inneredge: [['Foot', -2, -2.5, SOLE + 1, 1], ['Foot', 11, -3.5, SOLE + 1, 1]],
  arch: [['Foot', 4, -3, SOLE, 0]],
  instep: [['Foot', 1.5, 0, 0.5, 4], ['Foot', 13, 0, -4, 2]],
  foot: [['Foot', 4, 0, -3.5, 3]],
  ankle: [['Foot', 0, 0, 0, 4]],
  shin: [['Shin', 0, 0, 0, 5], ['Foot', 0, 0, 0, 4]],
  calf: [['Shin', 0, 0, -15, 5.5]],
  lowerleg: [['Shin', 0, 0, 0, 5], ['Foot', 0, 0, 0, 4.2]],
  knee: [['Shin', 0, 0, 0, 5]],
  thigh: [['Thigh', 0, 0, -20, 7]],
  sitbone: [['pelvis', 0, 8.5, 0, 8.5]],
  hipside: [['pelvis', 0, 8.5, 0, 8.5]],
  hip: [['pelvis', 2, 13, 9, 2]],
  shoulder: [['UpperArm', 0, 0, 0, 7]],
  upperarm: [['UpperArm', 0, 0, -16, 4.5]],
  elbow: [['Forearm', 0, 0, 0, 3.5]],
  forearm: [['Forearm', 0, 0, 0, 3.5], ['Hand', 0, 0, 0, 3]],
  wrist: [['Hand', 0, 0, 0, 3]],
  palm: [['Hand', 0, -2, -2, 0], ['Hand', 0, -2, -9.5, 0]],
  hand: [['Hand', 0, 0, -8, 2]],
  handback: [['Hand', 0, 0, -8, 2]],
  fist: [['Hand', 0, 0, -8, 3]],
  fingertips: [['Hand', 0, 0, -16.5, 1]],
  ribside: [['thoracic2', 0, 6, 3, 9]],
  pelvis: [['pelvis', 0, 0, 5, 9]],
  sacrum: [['pelvis', 0, 0, 7, 9]],
  pubis: [['pelvis', 0, 0, 4, 9]],
  belly: [['lumbar2', 0, 0, 2, 9.5]],
  waist: [['lumbar2', 0, 0, 2, 11]],
  ribs: [['thoracic2', 0, 0, 3, 10]],
  chest: [['thoracic3', 0, 0, 3, 10]],
  lowback: [['lumbar2', 0, 0, 2, 9.5]],
  midback: [['thoracic2', 0, 0, 0, 9.5]],
  upperback: [['thoracic4', 0, 0, 0, 9.5]],
  headback: [['head', 0, 0, 7, 9]],
  temple: [['head', 0, 0, 7, 8]],
  forehead: [['head', 0, 0, 7, 9]],
  crown: [['head', 0, 0, 6.8, 8.7]],
  chin: [['head', 2, 0, 2, 9]],
  head: [['head', 0, 0, 7, 9]],
}; // prettier-ignore

const SIDED: ReadonlySet<string> = new Set(['Foot', 'Shin', 'Thigh', 'UpperArm', 'Forearm', 'Hand']);

function ballsOf(body: Body, part: BodyPart, side: Side): readonly SkinBall[] {
  const out = side === 'right' ? -1 : 1;
  const k = body.scale / 100;
  return ROWS[part].map(([segment, x, y, z, radius]) => ({
    segment: segmentIndex((SIDED.has(segment) ? `${side}${segment}` : segment) as Segment),
    // A radius grows with girth; a corner of the skin with the length of its bone.
    local: [x * k, out * y * k, z * k],
    radius: (radius / 100) * (radius > 0 ? body.radiusScale : 0),
  }));
}

/** All parts of a body, worked out once: they are asked for in every round of solving. */
const partsOf = memoize((body: Body) => {
  const sideOf = (side: Side) => Object.fromEntries(Object.keys(ROWS).map((part) => [part, ballsOf(body, part as BodyPart, side)]));
  return { left: sideOf('left'), right: sideOf('right') } as Record<Side, Record<BodyPart, readonly SkinBall[]>>;
});

/** The balls of a part of this body, in metres. `side` is needed for paired parts only. */
export function partBalls(body: Body, part: BodyPart, side: Side | null): readonly SkinBall[] {
  return partsOf(body)[side ?? 'left'][part];
}

const OUTLINE: readonly (readonly [BodyPart, isPaired: boolean])[] = [
  ['ball', true], ['heel', true], ['ankle', true], ['knee', true], ['sitbone', true], ['shoulder', true], ['elbow', true], ['wrist', true],
  ['fingertips', true], ['head', false], ['belly', false], ['chest', false],
]; // prettier-ignore

/** Balls that must never sink below the floor, whatever bears: the outline of the body. */
export const outlineOf = memoize((body: Body): readonly SkinBall[] =>
  OUTLINE.flatMap(([part, isPaired]) => (isPaired ? SIDES : [null]).flatMap((side) => partBalls(body, part, side))),
);

/** Eyes and heart in their segments, in cm on the reference body. */
export function eyes(body: Body): { segment: number; local: Vec3 } {
  const k = body.scale / 100;
  return { segment: segmentIndex('head'), local: [8 * k, 0, 6.5 * k] };
}
/** 60 % up the thoracic spine (in its third link of four), 3 cm forward. */
export function heart(body: Body): { segment: number; local: Vec3 } {
  const k = body.scale / 100;
  return { segment: segmentIndex('thoracic3'), local: [3 * k, 0, 0.4 * (27 / 4) * k] };
}
