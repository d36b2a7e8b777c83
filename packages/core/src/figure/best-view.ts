import { vec3 } from 'gl-matrix';
import type { Asana } from '../asanas/library.js';
import type { BodyPart } from '../body/contact.js';
import { pointOn, segmentIndex, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { getOrCreate } from '../get-or-create.js';
import type { Chosen } from '../plan/plan.js';
import type { StepSide } from '../sequence/sequence.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import { BONE_NUMBER, type Bone } from './bones.js';
import { Raster } from './raster.js';
import { propsIn } from './props.js';
import { boundsOf, type Scene } from './scene.js';
import { axesOf, eyeOf, toView, type Axes, type Eye } from './view.js';
import { bodyBalls, type Ball } from './volumes.js';

/** Cells of this size, in cm, tell well enough what is seen. */
const CELL_CM = 3;
/** Whoever reaches no higher, in cm, is looked at a little more from above. */
const LOW_CM = 85;
/** No part of whoever lies flat is higher, in cm: from above, a knee or a leg that is raised is not seen to be. */
const LYING_CM = 34;
/** Nor is the chest so much higher than the hips. */
const LIFTED_CM = 8;

/**
 * How much it counts that a part is seen: by head, hands and feet a posture is known. These numbers, and what other
 * things count below, were chosen by looking at the contact sheets of the whole library.
 */
const COUNTS: Readonly<Partial<Record<Bone, number>>> = {
  face: 2, hair: 0.3, trunk: 0.9, hips: 0.3,
  leftHand: 0.9, rightHand: 0.9, leftFoot: 0.8, rightFoot: 0.8,
  leftThigh: 0.6, rightThigh: 0.6, leftShin: 0.7, rightShin: 0.7,
  leftUpperArm: 0.5, rightUpperArm: 0.5, leftForearm: 0.6, rightForearm: 0.6,
}; // prettier-ignore

interface Candidate {
  readonly eye: Eye;
  /** What such a view is worth beforehand: the plain ones are read most easily. */
  readonly bonus: number;
}
const UPRIGHT: readonly Candidate[] = [
  { eye: eyeOf('side'), bonus: 1.2 },
  { eye: eyeOf('front'), bonus: 0.8 },
  { eye: { azimuth: 50, elevation: 12 }, bonus: 0.2 },
  { eye: { azimuth: 130, elevation: 12 }, bonus: 0 },
  { eye: { azimuth: 180, elevation: 10 }, bonus: 0.4 },
];
const LOW: readonly Candidate[] = [
  { eye: { azimuth: 0, elevation: 16 }, bonus: 1.1 },
  { eye: { azimuth: 40, elevation: 24 }, bonus: 0.4 },
  { eye: { azimuth: 86, elevation: 16 }, bonus: 0.5 },
];
/** Legs that lie against a wall hide behind it from the front. */
const FROM_THE_HEAD: Candidate = { eye: { azimuth: 270, elevation: 30 }, bonus: 0 };
const LYING: readonly Candidate[] = [
  { eye: { azimuth: 0, elevation: 16 }, bonus: 1.2 },
  { eye: { azimuth: 0, elevation: 42 }, bonus: 0.1 },
  { eye: { azimuth: 0, elevation: 74 }, bonus: 0.5 },
  { eye: { azimuth: 90, elevation: 40 }, bonus: 0.3 },
  { eye: { azimuth: 180, elevation: 42 }, bonus: 0 },
];

/** On a chair: straight from the front nobody is seen to sit. */
const SEATED: readonly Candidate[] = [
  { eye: eyeOf('side'), bonus: 1.2 },
  { eye: { azimuth: 38, elevation: 14 }, bonus: 1 },
  { eye: eyeOf('front'), bonus: 0.2 },
  { eye: { azimuth: 142, elevation: 14 }, bonus: 0.5 },
];

/** How much of each part is seen from a place, in cells. */
function seenFrom(placed: PlacedBody, body: readonly Ball[], eye: Eye): Float64Array {
  const axes = axesOf(eye);
  const scene: Scene = { balls: body, props: propsIn(placed, axes), mat: [] };
  const { left, top, right, bottom } = boundsOf(scene, axes);
  const raster = new Raster(axes, left, top, right, bottom, CELL_CM);
  for (const ball of body) raster.ball(ball);
  for (const { boxes, balls, top: kind } of scene.props) {
    const label = kind === 'wall' ? WALL_SEEN : PROP;
    for (const box of boxes) raster.box(box, label, label);
    for (const ball of balls) raster.ball({ ...ball, bone: label });
  }
  const seen = new Float64Array(WALL_SEEN + 1);
  for (const label of raster.labels) seen[label]!++;
  const own = boundsOf({ ...scene, props: scene.props.filter(({ top: kind }) => kind !== 'wall') }, axes);
  seen[SPREAD] = Math.ceil((own.right - own.left) / CELL_CM) * Math.ceil((own.bottom - own.top) / CELL_CM);
  return seen;
}
const PROP = 40;
/** A wall is known by its edge as well as by its face: how much of it is seen counts nothing. */
const WALL_SEEN = 41;
/** What the whole takes up on the screen is counted where nothing else is. */
const SPREAD = 0;

/** Parts by their numbers, with the props, and how much each counts. */
const PARTS: readonly (readonly [number, number])[] = [
  ...Object.entries(COUNTS).map(([bone, counts]) => [BONE_NUMBER[bone as Bone], counts] as const),
  [PROP, 1.3],
  [SPREAD, 2.5],
];

function candidatesFor(placed: PlacedBody, straddle: Vec3 | null): readonly Candidate[] {
  const heights = placed.origins.map(([, , z]) => z * 100);
  if (placed.contacts.some(({ on, part }) => on.kind === 'level' && on.surface === 'seat' && SITS.has(part))) return SEATED;
  const highest = Math.max(...heights);
  const lifted = heights[segmentIndex('thoracic4')]! - heights[0]!;
  if (highest <= LYING_CM && lifted < LIFTED_CM) return LYING;
  if (highest > LOW_CM) return UPRIGHT;
  return straddle ? [...LOW, FROM_THE_HEAD] : LOW;
}
const SITS: ReadonlySet<BodyPart> = new Set<BodyPart>(['sitbone', 'thigh', 'pelvis']);

/** The views that show most of a posture: of each part as much as the place that shows most of that part. */
function viewsOf(ends: readonly SolvedPosture[]): readonly [Eye, Eye] {
  const { placed } = ends.at(-1)!.solved;
  const straddle = straddleOf(placed);
  const candidates = candidatesFor(placed, straddle);
  const body = bodyBalls(placed).filter(({ radius }, i) => i % 2 === 0 || radius < CELL_CM);
  const seen = candidates.map(({ eye }) => seenFrom(placed, body, eye));
  // A squat close to the ground is known from the front, by its knees.
  const squat = candidates === UPRIGHT || kneels(placed) ? squatOf(placed) : [];
  const worth = candidates.map(({ eye, bonus }, c) => {
    const plus =
      bonus +
      MOVEMENT * movementSeen(ends, eye) +
      BEND * bendSeen(placed, eye) +
      SQUAT * squatSeen(squat, eye) +
      STRADDLE * (straddle ? shareSeen(straddle, axesOf(eye)) : 0) -
      (hidesWall(placed, eye) ? WALL : 0);
    return PARTS.reduce((sum, [number, counts]) => {
      const most = Math.max(...seen.map((one) => one[number]!), 1);
      return sum + (counts * seen[c]![number]!) / most;
    }, plus);
  });
  const ranked = candidates.map(({ eye }, c) => ({ eye, worth: worth[c]! })).sort((one, other) => other.worth - one.worth);
  const best = ranked[0]!;
  const other = ranked.find(({ eye }) => Math.abs(cosineBetween(eye, best.eye)) < APART) ?? ranked[1]!;
  return [best.eye, other.eye];
}

/** Two places tell more than one if they lie so far apart, and not straight opposite: the cosine of 35 degrees. */
const APART = 0.82;

function cosineBetween(one: Eye, other: Eye): number {
  return vec3.dot(axesOf(one).near as Vec3, axesOf(other).near as Vec3);
}

/** How much it counts that a bend of the back is seen as one, and the bend in cm from which it counts in full. */
const BEND = 2;
const FULL_BEND_CM = 9;
const SPINE = (['lumbar2', 'thoracic1', 'thoracic3'] as const).map(segmentIndex);

/** How much of a line is seen, 0 to 1. */
function shareSeen(line: Vec3, axes: Axes): number {
  return Math.hypot(...toView(line, axes).slice(0, 2)) / vec3.length(line);
}

/** How much of the line from hips to head is seen: an arch over the floor is no arch along it. Of other bends it doesn't count. */
function lineSeen(placed: PlacedBody, line: Vec3, axes: Axes): number {
  const chest = segmentIndex('thoracic3');
  const front = pointOn(placed, chest, [1, 0, 0])[2] - placed.origins[chest]![2];
  return front < FACING_UP ? 1 : shareSeen(line, axes);
}
/** The chest faces upwards: the rise of a line straight out of it. */
const FACING_UP = 0.5;

/** How much of the bend of a back is seen from a place, 0 to 1; 0 for a straight back. */
function bendSeen(placed: PlacedBody, eye: Eye): number {
  const { origins } = placed;
  const axes = axesOf(eye);
  const [hips, neck] = [origins[0]!, origins[segmentIndex('head')]!];
  const line = vec3.subtract([0, 0, 0], neck, hips);
  const bends = SPINE.map((segment) => {
    const from = vec3.subtract([0, 0, 0], origins[segment]!, hips);
    // What lies across the line from hips to head.
    return vec3.scaleAndAdd([0, 0, 0], from, line, -vec3.dot(from, line) / vec3.squaredLength(line)) as Vec3;
  });
  const all = Math.max(...bends.map((bend) => vec3.length(bend)));
  const seen = Math.max(...bends.map((bend) => Math.hypot(...toView(bend, axes).slice(0, 2))));
  return all < 0.01 ? 0 : lineSeen(placed, line as Vec3, axes) * (seen / all) * Math.min(1, (all * 100) / FULL_BEND_CM);
}

/** How much it counts that thighs which go forward are seen to: straight from the front nobody is seen to squat or to sit on their heels. */
const SQUAT = 8;
const [LEFT_HIP, RIGHT_HIP, LEFT_KNEE, RIGHT_KNEE] = [
  segmentIndex('leftThigh'), segmentIndex('rightThigh'), segmentIndex('leftShin'), segmentIndex('rightShin'),
]; // prettier-ignore
/** Who stands upright: the trunk's rise from hips to neck as a share of its length. */
const UPRIGHT_TRUNK = 0.7;
/** Who leans to a side, by as much of it, is known from the front. */
const LEANS = 0.15;
/** Who squats: how far both thighs go forward, as a share of their length. */
const SQUATS = 0.35;

const KNEELS: ReadonlySet<BodyPart> = new Set<BodyPart>(['knee', 'shin', 'lowerleg', 'instep']);

function kneels({ contacts }: PlacedBody): boolean {
  return contacts.some(({ part, on }) => on.kind === 'level' && KNEELS.has(part));
}

/** How each thigh of a squat with an upright trunk goes forward, as a share of its length; none where nobody squats. */
function squatOf({ origins, contacts }: PlacedBody): readonly Vec3[] {
  if (contacts.some(({ part, on }) => on.kind === 'level' && SITS.has(part))) return [];
  const trunk = vec3.subtract([0, 0, 0], origins[segmentIndex('head')]!, origins[0]!) as Vec3;
  if (trunk[2] < UPRIGHT_TRUNK * vec3.length(trunk)) return [];
  const across = vec3.normalize([0, 0, 0], vec3.subtract([0, 0, 0], origins[LEFT_HIP]!, origins[RIGHT_HIP]!));
  if (Math.abs(vec3.dot(trunk, across)) > LEANS * vec3.length(trunk)) return [];
  const forward = (hip: number, knee: number): Vec3 => {
    const thigh = vec3.subtract([0, 0, 0], origins[knee]!, origins[hip]!);
    const own = vec3.scaleAndAdd([0, 0, 0], thigh, across, -vec3.dot(thigh, across)) as Vec3;
    const length = vec3.length(thigh);
    return [own[0] / length, own[1] / length, 0];
  };
  const thighs = [forward(LEFT_HIP, LEFT_KNEE), forward(RIGHT_HIP, RIGHT_KNEE)];
  return thighs.some((one) => vec3.length(one) < SQUATS) ? [] : thighs;
}

/** How much of the thighs of a squat is seen from a place, 0 to 1; 0 where nobody squats. */
function squatSeen(thighs: readonly Vec3[], eye: Eye): number {
  const axes = axesOf(eye);
  return thighs.length === 0 ? 0 : Math.min(...thighs.map((one) => Math.hypot(...toView(one, axes).slice(0, 2))));
}

/** How much it counts that legs which are spread in the air are seen to be, and how far apart in m they are spread. */
const STRADDLE = 5;
const SPREAD_M = 0.8;
/** So high above the hips, in m, legs are in the air. */
const IN_THE_AIR_M = 0.4;
const FEET = [segmentIndex('leftFoot'), segmentIndex('rightFoot')] as const;

/** From one foot to the other where the legs are spread in the air. */
function straddleOf({ origins }: PlacedBody): Vec3 | null {
  const [left, right] = FEET.map((foot) => origins[foot]!) as [Vec3, Vec3];
  if (Math.min(left[2], right[2]) - origins[0]![2] < IN_THE_AIR_M) return null;
  const apart = vec3.subtract([0, 0, 0], left, right) as Vec3;
  return vec3.length(apart) < SPREAD_M ? null : apart;
}

/** How much it counts against a place that it lies behind the wall that a posture uses. */
const WALL = 6;

function hidesWall(placed: PlacedBody, eye: Eye): boolean {
  const touched = new Set(placed.contacts.flatMap(({ on }) => (on.kind === 'wall' ? [on.wall] : [])));
  return touched.size > 0 && propsIn(placed, axesOf(eye)).filter(({ top }) => top === 'wall').length < touched.size;
}

/** How much it counts that a movement runs across the line of sight and not along it. */
const MOVEMENT = 4;

/** The share of a movement that is seen from a place, 0 to 1; 0 where nothing moves. */
function movementSeen(ends: readonly SolvedPosture[], eye: Eye): number {
  if (ends.length < 2) return 0;
  const axes = axesOf(eye);
  const [from, to] = ends.map(({ solved }) => solved.placed.origins) as [readonly Vec3[], readonly Vec3[]];
  let [seen, all] = [0, 0];
  from.forEach((start, i) => {
    const [u, v, near] = toView(vec3.subtract([0, 0, 0], to[i]!, start) as Vec3, axes);
    seen += Math.hypot(u, v);
    all += Math.hypot(u, v, near);
  });
  return all < 0.01 ? 0 : seen / all;
}

const VIEWS = new WeakMap<Chosen['variation'], readonly [Eye, Eye]>();

/** Whether a form is done on the other side than the one that it is shown on. */
export function isTurned({ shown }: Pick<Asana, 'shown'>, side: StepSide): boolean {
  return shown !== null && (side === 'left' || side === 'right') && side !== shown.side;
}

/** From the side and the front both sides look alike; an eye between them goes to the other side as well. */
function mirrored({ azimuth, elevation }: Eye): Eye {
  const isBetween = azimuth % 90 > 10 && azimuth % 90 < 80;
  return { azimuth: isBetween ? 180 - azimuth : azimuth, elevation };
}

type Form = Pick<Chosen, 'asana' | 'variation' | 'ends'>;

/**
 * Where a form done on a side is best seen from, and where one sees most of what that hides: the same places for all
 * who do it, so that their figures can be compared. A movement is known by its other end.
 */
export function bestViews({ asana, variation, ends }: Form, side: StepSide = 'none'): readonly [Eye, Eye] {
  const [best, other] = getOrCreate(VIEWS, variation, () => viewsOf(ends));
  return isTurned(asana, side) ? [mirrored(best), mirrored(other)] : [best, other];
}

export function bestView(form: Form, side: StepSide = 'none'): Eye {
  return bestViews(form, side)[0];
}
