import { polygonArea, polygonHull } from 'd3-polygon';
import { DEG2RAD } from '../angles.js';
import type { Body } from './anthropometry.js';
import type { Contact, Support } from './contact.js';
import { solveSymmetric } from './linear.js';
import { massPoints, type MassPoint } from './mass.js';
import { OUTLINE, partBalls, type SkinBall } from './parts.js';
import { ownEnds, withinReach } from './reach.js';
import { near, PAIRS, rodsOf, type Pair, type Rod } from './overlap.js';
import type { Posture } from './posture.js';
import {
  ARM_DOF, DOF_COUNT, DOFS, HINGES_OF, LEG_DOF, parentOf, place, pointOn, toState,
  type PlacedBody, type State, type Vec3,
} from './skeleton.js'; // prettier-ignore
import { Solved } from './solved.js';

const REACHED_M = 0.01;
const MAX_ROUNDS = 40;
/** So many gains in a row, each below this share of the cost, end the search. */
const SMALL_GAIN = 0.04;
const SMALL_GAINS = 3;
/** How far an angle may move at the cost of one centimetre of contact error: sets data against reach. */
const ANGLE_SIGMA = 12 * DEG2RAD;
const CONTACT_SIGMA_M = 0.002;
const GUIDE_SIGMA_M = 0.03;
const FLOOR_SIGMA_M = 0.004;
const WALL_SIGMA_M = 0.006;
/** Flesh gives: limbs may sink so far into each other before they are pushed apart. */
const SOFT_M = 0.02;
const OVERLAP_SIGMA_M = 0.01;
/** What lies farther beyond a wall than this goes past its edge, as a leg does through a doorway. */
const PAST_WALL_M = 0.25;
/** Limbs that start farther apart than this, skin to skin, don't come near while contacts are met. */
const MAY_MEET_M = 0.1;
const BALANCE_SIGMA_M = 0.006;
/** A body that stands free keeps its centre of mass at least this far inside its base: further on both feet, where ordinary sway asks for more (from memory). */
const BALANCE_INSIDE_M = { both: 0.032, other: 0.015 } as const;

/**
 * The outer ends of each joint's range in degrees (far end of ordinary bodies; common practice, no
 * source). An angle that its author set outside stays where it was set.
 */
const LEG_RANGE: readonly (readonly [number, number])[] = [[-35, 145], [-38, 75], [-48, 82], [0, 160], [-65, 42], [-30, 45]]; // prettier-ignore
const ARM_RANGE: readonly (readonly [number, number])[] = [[0, 182], [-200, 200], [-100, 110], [0, 150], [-100, 100], [-95, 85]]; // prettier-ignore
const SPINE_RANGE: readonly (readonly [number, number])[] = [[-35, 55], [-28, 38], [-65, 75], [-36, 36], [-55, 55], [-45, 45], [-80, 80]]; // prettier-ignore

const RANGE: readonly (readonly [number, number])[] = (() => {
  const all: (readonly [number, number])[] = Array.from({ length: DOF_COUNT }, () => [-1e9, 1e9] as const);
  SPINE_RANGE.forEach((range, i) => (all[6 + i] = range));
  for (const start of Object.values(LEG_DOF)) LEG_RANGE.forEach((range, i) => (all[start + i] = range));
  for (const start of Object.values(ARM_DOF)) ARM_RANGE.forEach((range, i) => (all[start + i] = range));
  return all.map(([low, high], i): readonly [number, number] => (i < 6 ? [low, high] : [low * DEG2RAD, high * DEG2RAD]));
})();

type Ranges = readonly (readonly [number, number])[];

/** The ranges of this body: the ordinary ones, nearer where its own end was measured. */
function rangesOf(body: Body): Ranges {
  const ends = ownEnds(body);
  if (ends.size === 0) return RANGE;
  return RANGE.map(([low, high], i): readonly [number, number] => [low, Math.min(high, ends.get(DOFS[i]!) ?? high)]);
}

/** One thing to be zero: its value in units of its own sigma. */
interface Row {
  readonly value: number;
  /** Adds how each free number changes it: only a state that is gone on from is asked for that. */
  readonly addTo: (slope: Float64Array) => void;
}

/** Adds `weight * direction . d(point)/d(free number)` to a slope. */
function addSlope(slope: Float64Array, placed: PlacedBody, ball: SkinBall, point: Vec3, direction: Vec3, weight: number): void {
  for (let axis = 0; axis < 3; axis++) slope[axis]! += weight * direction[axis]!;
  for (const index of HINGES_OF[ball.segment]!) {
    const { dof, axis, pivot } = placed.hinges[index]!;
    const rx = point[0] - pivot[0];
    const ry = point[1] - pivot[1];
    const rz = point[2] - pivot[2];
    slope[dof]! +=
      weight *
      (direction[0] * (axis[1] * rz - axis[2] * ry) +
        direction[1] * (axis[2] * rx - axis[0] * rz) +
        direction[2] * (axis[0] * ry - axis[1] * rx));
  }
}

const WALL_NORMAL: Record<string, Vec3> = { front: [1, 0, 0], back: [-1, 0, 0], left: [0, 1, 0], right: [0, -1, 0] };
const UP: Vec3 = [0, 0, 1];

interface Target {
  readonly contact: Contact;
  readonly balls: readonly SkinBall[];
}

/** Limbs are as long as a bone: the nearest point of it is what another part touches. */
const ALONG_BONE: ReadonlySet<string> = new Set(['thigh', 'calf', 'shin', 'upperarm', 'forearm', 'lowerleg']);

/** Parts of the trunk that a left and a right hand touch beside each other, not in one point. */
const MIDLINE: ReadonlySet<string> = new Set(['belly', 'ribs', 'chest', 'lowback', 'midback', 'upperback', 'pelvis', 'sacrum']);
const BESIDE_CM = 5;

function beside(ball: SkinBall, side: 'left' | 'right', { scale }: Body): SkinBall {
  const [x, y, z] = ball.local;
  return { ...ball, local: [x, y + (side === 'left' ? BESIDE_CM : -BESIDE_CM) * (scale / 100), z] };
}

function nearestOnBone(placed: PlacedBody, ball: SkinBall, to: Vec3): SkinBall {
  // The bone runs from its joint (origin of the segment) along -z to the next joint.
  const { length } = placed.body;
  const segment = ball.segment;
  const bone = segment === 11 || segment === 14 ? length.thigh : segment === 12 || segment === 15 ? length.shin : length.forearm;
  const top = placed.origins[segment]!;
  const end = pointOn(placed, segment, [0, 0, -bone]);
  const along: Vec3 = [end[0] - top[0], end[1] - top[1], end[2] - top[2]];
  const share = ((to[0] - top[0]) * along[0] + (to[1] - top[1]) * along[1] + (to[2] - top[2]) * along[2]) / (bone * bone);
  return { ...ball, local: [0, 0, -bone * Math.min(1, Math.max(0, share))] };
}

/** Distance rows of one contact, in metres before weighting; also used to report what was reached. */
function contactErrors(
  placed: PlacedBody,
  target: Target,
  walls: Map<string, number>,
): { error: number; add: (slope: Float64Array, weight: number) => void }[] {
  const { contact, balls } = target;
  const on = contact.on;
  if (on.kind === 'strap') return [];
  if (on.kind === 'body') {
    const ball = balls[0]!;
    const point = pointOn(placed, ball.segment, ball.local);
    let other = partBalls(placed.body, on.part, on.side ?? contact.side)[0]!;
    if (other.segment === ball.segment || parentOf(other.segment) === ball.segment) return [];
    if (ALONG_BONE.has(on.part)) other = nearestOnBone(placed, other, point);
    if (contact.side && MIDLINE.has(on.part)) other = beside(other, contact.side, placed.body);
    const place2 = pointOn(placed, other.segment, other.local);
    const gap: Vec3 = [point[0] - place2[0], point[1] - place2[1], point[2] - place2[2]];
    const distance = Math.hypot(...gap);
    const wanted = Math.max(0.02, ball.radius + other.radius);
    // Parts that overlap by soft tissue are as good as touching.
    const error = distance - wanted;
    if (distance < 1e-6 || (error < 0 && error > -0.03)) return [];
    const direction: Vec3 = [gap[0] / distance, gap[1] / distance, gap[2] / distance];
    return [
      {
        error: error < 0 ? error + 0.03 : error,
        add: (slope, weight) => {
          addSlope(slope, placed, ball, point, direction, weight);
          addSlope(slope, placed, other, place2, direction, -weight);
        },
      },
    ];
  }
  return balls.map((ball) => {
    const point = pointOn(placed, ball.segment, ball.local);
    if (on.kind === 'wall') {
      const normal = WALL_NORMAL[on.wall]!;
      const reach = point[0] * normal[0] + point[1] * normal[1] + ball.radius;
      return {
        error: reach - walls.get(on.wall)!,
        add: (slope: Float64Array, weight: number) => addSlope(slope, placed, ball, point, normal, weight),
      };
    }
    return {
      error: point[2] - ball.radius - heightOf(on, placed.body),
      add: (slope: Float64Array, weight: number) => addSlope(slope, placed, ball, point, UP, weight),
    };
  });
}

/** From here on a stack is no blankets under shoulders, in cm. */
const SEAT_CM = 30;

/** Height of a level support in metres: given for the reference body, it scales with stature. */
export function heightOf(on: Extract<Support, { kind: 'level' }>, body: Body): number {
  // What was found by trial comes before what is usual; a stack as high as a seat is another thing.
  if (on.surface === 'stack' && body.shoulderStack !== null && on.height < SEAT_CM) return body.shoulderStack;
  return (on.height / 100) * (on.surface === 'floor' ? 0 : body.scale);
}

/** Where each wall stands: at the mean of what touches it, since no wall has a place of its own. */
function placeWalls(placed: PlacedBody, targets: readonly Target[]): Map<string, number> {
  const sums = new Map<string, { sum: number; count: number }>();
  for (const { contact, balls } of targets) {
    if (contact.on.kind !== 'wall') continue;
    const normal = WALL_NORMAL[contact.on.wall]!;
    const entry = sums.get(contact.on.wall) ?? { sum: 0, count: 0 };
    for (const ball of balls) {
      const point = pointOn(placed, ball.segment, ball.local);
      entry.sum += point[0] * normal[0] + point[1] * normal[1] + ball.radius;
      entry.count++;
    }
    sums.set(contact.on.wall, entry);
  }
  return new Map([...sums].map(([wall, { sum, count }]) => [wall, sum / count]));
}

/**
 * One row that draws the centre of mass over the base where it lies outside, or `null` where it is well
 * inside. Walls, straps and other people hold what stands against them, so they excuse the body.
 */
function balanceRow(placed: PlacedBody, targets: readonly Target[], masses: readonly MassPoint[]): Row | null {
  if (targets.some(({ contact }) => contact.on.kind === 'wall' || contact.on.kind === 'strap')) return null;
  const corners = targets
    .filter(({ contact }) => contact.bears && contact.on.kind === 'level')
    .flatMap(({ balls }) => balls.map((ball) => ({ ball, at: pointOn(placed, ball.segment, ball.local) })));
  const hull = polygonHull(corners.map(({ at }): [number, number] => [at[0], at[1]]));
  if (!hull) return null;
  const centre: Vec3 = [0, 0, 0];
  for (const { segment, local, mass } of masses) {
    const at = pointOn(placed, segment, local);
    for (let axis = 0; axis < 3; axis++) centre[axis]! += mass * at[axis]!;
  }
  // The nearest edge, its normal pointing in; d3's hulls run anticlockwise on these axes or the reverse.
  let best = { gap: Infinity, from: 0, normal: [0, 0] as [number, number], share: 0 };
  const turn = Math.sign(polygonArea(hull)) || 1;
  hull.forEach((a, from) => {
    const b = hull[(from + 1) % hull.length]!;
    const edge = [b[0] - a[0], b[1] - a[1]] as const;
    const length = Math.hypot(...edge);
    const normal: [number, number] = [(turn * edge[1]) / length, (-turn * edge[0]) / length];
    const gap = (centre[0] - a[0]) * normal[0] + (centre[1] - a[1]) * normal[1];
    const along = ((centre[0] - a[0]) * edge[0] + (centre[1] - a[1]) * edge[1]) / length ** 2;
    if (gap < best.gap) best = { gap, from, normal, share: Math.min(1, Math.max(0, along)) };
  });
  const bearing = targets.filter(({ contact }) => contact.bears && contact.on.kind === 'level');
  const onBothFeet = bearing.length === 2 && bearing.every(({ contact }) => contact.part === 'sole');
  const inside = BALANCE_INSIDE_M[onBothFeet ? 'both' : 'other'];
  if (best.gap >= inside) return null;
  const addTo = (slope: Float64Array) => {
    const inward: Vec3 = [best.normal[0], best.normal[1], 0];
    for (const { segment, local, mass } of masses)
      addSlope(slope, placed, { segment, local, radius: 0 }, pointOn(placed, segment, local), inward, mass / BALANCE_SIGMA_M);
    const ends = [best.from, (best.from + 1) % hull.length].map((i) =>
      corners.find(({ at }) => at[0] === hull[i]![0] && at[1] === hull[i]![1])!,
    );
    ends.forEach(({ ball, at }, i) =>
      addSlope(slope, placed, ball, at, inward, -(i === 0 ? 1 - best.share : best.share) / BALANCE_SIGMA_M),
    );
  };
  return { value: (best.gap - inside) / BALANCE_SIGMA_M, addTo };
}

/** How sharply hamstrings stop a hip, in radians. */
const HAMSTRING_SIGMA = 1.5 * DEG2RAD;

/** A row for each leg whose hamstrings are stretched beyond what was measured; they let go by half the knee's bend. */
function hamstringRows(placed: PlacedBody): Row[] {
  const end = placed.body.reach.hamstring;
  if (end === undefined) return [];
  return Object.values(LEG_DOF).flatMap((hip): Row[] => {
    const over = placed.state[hip]! - placed.state[hip + 3]! / 2 - end * DEG2RAD;
    if (over <= 0) return [];
    const addTo = (slope: Float64Array) => {
      slope[hip] = 1 / HAMSTRING_SIGMA;
      slope[hip + 3] = -0.5 / HAMSTRING_SIGMA;
    };
    return [{ value: over / HAMSTRING_SIGMA, addTo }];
  });
}

/** What of a body doesn't change while it is being solved. */
interface Fixed {
  readonly outline: readonly SkinBall[];
  readonly masses: readonly MassPoint[];
  readonly rods: readonly Rod[];
  /** Only those that start near enough to meet. */
  readonly pairs: readonly Pair[];
}

/** A row for each two limbs that pass through each other beyond what flesh gives. */
function overlapRows(placed: PlacedBody, { rods, pairs }: Fixed): Row[] {
  return near(placed, rods, pairs, -SOFT_M).map(({ a, b, at, direction, gap }) => ({
    value: (gap + SOFT_M) / OVERLAP_SIGMA_M,
    addTo: (slope) => {
      addSlope(slope, placed, a, at[0], direction, 1 / OVERLAP_SIGMA_M);
      addSlope(slope, placed, b, at[1], direction, -1 / OVERLAP_SIGMA_M);
    },
  }));
}

function rowsAt(placed: PlacedBody, targets: readonly Target[], fixed: Fixed): Row[] {
  const { outline, masses } = fixed;
  const rows: Row[] = [];
  const walls = placeWalls(placed, targets);
  for (const target of targets) {
    const sigma = target.contact.bears && target.contact.on.kind !== 'body' ? CONTACT_SIGMA_M : GUIDE_SIGMA_M;
    for (const { error, add } of contactErrors(placed, target, walls)) {
      rows.push({ value: error / sigma, addTo: (slope) => add(slope, 1 / sigma) });
    }
  }
  for (const ball of outline) {
    const point = pointOn(placed, ball.segment, ball.local);
    const depth = point[2] - ball.radius;
    if (depth >= 0) continue;
    rows.push({ value: depth / FLOOR_SIGMA_M, addTo: (slope) => addSlope(slope, placed, ball, point, UP, 1 / FLOOR_SIGMA_M) });
  }
  for (const [wall, at] of walls) {
    const normal = WALL_NORMAL[wall]!;
    for (const ball of outline) {
      const point = pointOn(placed, ball.segment, ball.local);
      const beyond = point[0] * normal[0] + point[1] * normal[1] + ball.radius - at - SOFT_M;
      if (beyond <= 0 || beyond > PAST_WALL_M) continue;
      rows.push({ value: beyond / WALL_SIGMA_M, addTo: (slope) => addSlope(slope, placed, ball, point, normal, 1 / WALL_SIGMA_M) });
    }
  }
  const balance = balanceRow(placed, targets, masses);
  if (balance) rows.push(balance);
  rows.push(...hamstringRows(placed), ...overlapRows(placed, fixed));
  return rows;
}

/** How stiffly each free number is held at what its author set, as 1/sigma. */
function stiffness(): Float64Array {
  const stiff = new Float64Array(DOF_COUNT).fill(1 / ANGLE_SIGMA);
  stiff[0] = stiff[1] = 1 / 0.05;
  stiff[2] = 0;
  // The foot turns in and the wrist gives more readily than a hip or the spine does.
  for (const start of Object.values(LEG_DOF)) stiff[start + 5] = 1 / (25 * DEG2RAD);
  for (const start of Object.values(ARM_DOF)) stiff[start + 5] = 1 / (25 * DEG2RAD);
  for (let i = 6; i <= 12; i++) stiff[i] = 1.5 / ANGLE_SIGMA;
  return stiff;
}
const STIFF = stiffness();

/** Lowest point of what bears decides how high the body starts, so that few rounds are needed. */
function dropToSupports(body: Body, state: State, targets: readonly Target[]): void {
  const placed = place(body, state);
  const drops: number[] = [];
  for (const { contact, balls } of targets)
    if (contact.on.kind === 'level' && contact.bears)
      for (const ball of balls) drops.push(pointOn(placed, ball.segment, ball.local)[2] - ball.radius - heightOf(contact.on, body));
  state[2] = -(drops.length > 0 ? drops.reduce((a, b) => a + b, 0) / drops.length : 0);
}

/** Where a body much like this one came to: all but the height is about the same. */
function startedFrom(like: Solved, body: Body, targets: readonly Target[]): State {
  const state = like.state.slice();
  state[2] = 0;
  dropToSupports(body, state, targets);
  return state;
}

/**
 * Brings the contacts of a posture on to their supports with the least change of its angles:
 * damped least squares (Levenberg, Q Appl Math 1944;2:164; Marquardt, J SIAM 1963;11:431) over the
 * place of the pelvis and all joint angles. Level supports fix a height, walls a common plane.
 * It begins where a body much like this one ended, if that is given: fewer rounds lead to about the same place.
 * Changes nothing it is given; the same input gives the same output.
 */
export function solve(body: Body, asWritten: Posture, like: Solved | null = null): Solved {
  const posture = withinReach(body, asWritten);
  const ranges = rangesOf(body);
  const wanted = toState(posture);
  const targets = posture.contacts.map((contact) => ({ contact, balls: partBalls(body, contact.part, contact.side) }));
  const outline = OUTLINE.flatMap(({ part, paired }) =>
    paired ? [...partBalls(body, part, 'left'), ...partBalls(body, part, 'right')] : partBalls(body, part, null),
  );
  dropToSupports(body, wanted, targets);

  let state = like ? startedFrom(like, body, targets) : wanted.slice();
  let placed = place(body, state, posture.contacts);
  const rods = rodsOf(body);
  const fixed: Fixed = { outline, masses: massPoints(body), rods, pairs: near(placed, rods, PAIRS, MAY_MEET_M).map(({ pair }) => pair) };
  let rows = rowsAt(placed, targets, fixed);
  const costOf = (some: readonly Row[], at: State) => {
    let sum = 0;
    for (const row of some) sum += row.value * row.value;
    for (let i = 0; i < DOF_COUNT; i++) sum += ((at[i]! - wanted[i]!) * STIFF[i]!) ** 2;
    return sum;
  };
  let cost = costOf(rows, state);
  let damping = 1e-3;
  let rounds = 0;
  let slow = 0;
  let slopes = normalOf(rows, state, wanted);
  while (rounds < MAX_ROUNDS) {
    rounds++;
    const next = step(state, wanted, slopes, damping, ranges);
    const nextPlaced = place(body, next, posture.contacts);
    const nextRows = rowsAt(nextPlaced, targets, fixed);
    const nextCost = costOf(nextRows, next);
    if (nextCost <= cost) {
      const gain = cost - nextCost;
      state = next;
      placed = nextPlaced;
      rows = nextRows;
      cost = nextCost;
      damping = Math.max(1e-7, damping / 5);
      if (gain < 2e-3 * (1 + cost)) break;
      // Floor rows that come and go make the last rounds creep: a run of small gains is as good as none.
      slow = gain < SMALL_GAIN * (1 + cost) ? slow + 1 : 0;
      if (slow >= SMALL_GAINS) break;
      slopes = normalOf(rows, state, wanted);
    } else {
      damping *= 6;
      if (damping > 1e6) break;
    }
  }

  const walls = placeWalls(placed, targets);
  const warnings: string[] = [];
  let residual = 0;
  for (const target of targets) {
    if (!target.contact.bears || target.contact.on.kind === 'body') continue;
    const worst = Math.max(0, ...contactErrors(placed, target, walls).map(({ error }) => Math.abs(error)));
    residual = Math.max(residual, worst);
    if (worst > REACHED_M) {
      const { part, side } = target.contact;
      warnings.push(`${side ? `${side} ` : ''}${part} stays ${(worst * 100).toFixed(1)} cm from its support`);
    }
  }
  return new Solved(body, state, posture.contacts, { reached: residual <= REACHED_M, residualCm: residual * 100, rounds, warnings });
}

/** The normal equations at a state: J'J, its upper right half, and -J'r, both with what holds the angles. */
interface Normal {
  readonly matrix: Float64Array;
  readonly change: Float64Array;
}

function normalOf(rows: readonly Row[], state: State, wanted: State): Normal {
  const n = DOF_COUNT;
  const matrix = new Float64Array(n * n);
  const change = new Float64Array(n);
  // A row touches the hinges of one or two limbs: only those columns are worth walking.
  const columns = new Int32Array(n);
  const slopes = new Float64Array(n);
  const slope = new Float64Array(n);
  for (const { value, addTo } of rows) {
    slope.fill(0);
    addTo(slope);
    let count = 0;
    for (let i = 0; i < n; i++) {
      const a = slope[i]!;
      if (a === 0) continue;
      columns[count] = i;
      slopes[count++] = a;
    }
    for (let p = 0; p < count; p++) {
      const i = columns[p]!;
      const a = slopes[p]!;
      const line = i * n;
      change[i] = change[i]! - a * value;
      for (let q = p; q < count; q++) {
        const at = line + columns[q]!;
        matrix[at] = matrix[at]! + a * slopes[q]!;
      }
    }
  }
  for (let i = 0; i < n; i++) {
    const hold = STIFF[i]! ** 2;
    matrix[i * n + i]! += hold;
    change[i]! -= hold * (state[i]! - wanted[i]!);
  }
  return { matrix, change };
}

/** One damped step from `state`, kept inside the joints' ranges. */
function step(state: State, wanted: State, { matrix, change }: Normal, damping: number, ranges: Ranges): State {
  const n = DOF_COUNT;
  const damped = matrix.slice();
  const move = change.slice();
  for (let i = 0; i < n; i++) damped[i * n + i] = damped[i * n + i]! * (1 + damping) + 1e-9;
  solveSymmetric(damped, move);
  const next = new Float64Array(n);
  for (let i = 0; i < n; i++) {
    const [low, high] = ranges[i]!;
    const moved = state[i]! + move[i]!;
    next[i] = Math.min(Math.max(moved, Math.min(low, wanted[i]!)), Math.max(high, wanted[i]!));
  }
  return next;
}
