import { quat, vec3 } from 'gl-matrix';
import { DEG2RAD, RAD2DEG, SIDES, type Side } from '../angles.js';
import type { Body } from './anthropometry.js';
import type { Contact } from './contact.js';
import type { ArmAngles, LegAngles, Posture } from './posture.js';

/** The 23 rigid segments, each with its origin at the proximal joint. */
export const SEGMENTS = [
  'pelvis', 'lumbar1', 'lumbar2', 'lumbar3', 'thoracic1', 'thoracic2', 'thoracic3', 'thoracic4', 'neck1', 'neck2', 'head',
  'leftThigh', 'leftShin', 'leftFoot', 'rightThigh', 'rightShin', 'rightFoot',
  'leftUpperArm', 'leftForearm', 'leftHand', 'rightUpperArm', 'rightForearm', 'rightHand',
] as const; // prettier-ignore
export type Segment = (typeof SEGMENTS)[number];
const INDEX = Object.fromEntries(SEGMENTS.map((name, i) => [name, i])) as Record<Segment, number>;
export function segmentIndex(segment: Segment): number {
  return INDEX[segment];
}

/** The parent of each segment; the pelvis has none. */
const PARENT: readonly number[] = [
  -1, 0, 1, 2, 3, 4, 5, 6, 7, 8, 9, 0, 11, 12, 0, 14, 15, 7, 17, 18, 7, 20, 21,
]; // prettier-ignore
export function parentOf(segment: number): number {
  return PARENT[segment]!;
}

/**
 * The free numbers of a pose in one row: position of the mid-hips in metres, then angles in radians.
 * The order is that of `toState`.
 */
export const DOFS = [
  'x', 'y', 'z', 'pitch', 'roll', 'axial',
  'lumbar', 'thoracic', 'cervical', 'lateral', 'rotation', 'neckLateral', 'neckRotation',
  ...SIDES.flatMap((side) => ['hipFlexion', 'hipAbduction', 'hipRotation', 'knee', 'ankle', 'inversion'].map((name) => `${side}.${name}`)),
  ...SIDES.flatMap((side) => ['shoulder', 'plane', 'rotation', 'elbow', 'forearm', 'wrist'].map((name) => `${side}.${name}`)),
] as const; // prettier-ignore
export const DOF_COUNT = 37;
const LEG = { left: 13, right: 19 } as const;
const ARM = { left: 25, right: 31 } as const;
export const LEG_DOF = LEG;
export const ARM_DOF = ARM;

export type State = Float64Array<ArrayBuffer>;
export type Vec3 = [number, number, number];

/** One way in which a free number turns the body: about `axis` (not always of length 1) through `pivot`. */
interface Hinge {
  readonly dof: number;
  readonly axis: Vec3;
  readonly pivot: Vec3;
}

export interface PlacedBody {
  readonly body: Body;
  readonly state: State;
  /** Origin of each segment in metres. World: x forward, y to the left, z up. */
  readonly origins: readonly Vec3[];
  readonly turns: readonly quat[];
  readonly hinges: readonly Hinge[];
  readonly contacts: readonly Contact[];
}

const LEG_ORDER = ['hipFlexion', 'hipAbduction', 'hipRotation', 'knee', 'ankle', 'inversion'] as const;
const ARM_ORDER = ['shoulder', 'plane', 'rotation', 'elbow', 'forearm', 'wrist'] as const;

export function toState(posture: Posture): State {
  const { root, spine } = posture;
  const state = new Float64Array(DOF_COUNT);
  const head = [
    root.pitch, root.roll, root.axial,
    spine.lumbar, spine.thoracic, spine.cervical, spine.lateral, spine.rotation, spine.neckLateral, spine.neckRotation,
  ]; // prettier-ignore
  head.forEach((degrees, i) => (state[3 + i] = degrees * DEG2RAD));
  for (const side of SIDES) {
    LEG_ORDER.forEach((name, i) => (state[LEG[side] + i] = posture.legs[side][name] * DEG2RAD));
    ARM_ORDER.forEach((name, i) => (state[ARM[side] + i] = posture.arms[side][name] * DEG2RAD));
  }
  return state;
}

export function toPosture(state: State, contacts: readonly Contact[]): Posture {
  const degrees = (i: number) => state[i]! * RAD2DEG;
  const leg = (side: Side) => Object.fromEntries(LEG_ORDER.map((name, i) => [name, degrees(LEG[side] + i)])) as unknown as LegAngles;
  const arm = (side: Side) => Object.fromEntries(ARM_ORDER.map((name, i) => [name, degrees(ARM[side] + i)])) as unknown as ArmAngles;
  return {
    root: { pitch: degrees(3), roll: degrees(4), axial: degrees(5) },
    spine: {
      lumbar: degrees(6),
      thoracic: degrees(7),
      cervical: degrees(8),
      lateral: degrees(9),
      rotation: degrees(10),
      neckLateral: degrees(11),
      neckRotation: degrees(12),
    },
    legs: { left: leg('left'), right: leg('right') },
    arms: { left: arm('left'), right: arm('right') },
    contacts,
  };
}

type AxisName = 'x' | 'y' | 'z';
const UNIT: Record<AxisName, Vec3> = { x: [1, 0, 0], y: [0, 1, 0], z: [0, 0, 1] };

/** Walks the chain from the pelvis out, collecting where each segment is and what turns it. */
class Chain {
  readonly origins: Vec3[] = [];
  readonly turns: quat[] = [];
  readonly hinges: Hinge[] = [];
  private turn: quat = [0, 0, 0, 1];
  private at: Vec3 = [0, 0, 0];

  constructor(
    private readonly state: State,
    /** Whether what turns each segment is asked for: half of the work. */
    private readonly isHinged: boolean,
  ) {}

  startAt(x: number, y: number, z: number): this {
    this.at = [x, y, z];
    this.turn = [0, 0, 0, 1];
    return this;
  }
  /** Continues from a point of a finished segment. */
  startFrom(segment: number, local: Vec3): this {
    this.turn = [...this.turns[segment]!] as quat;
    this.at = vec3.transformQuat([0, 0, 0], local, this.turn) as Vec3;
    vec3.add(this.at, this.at, this.origins[segment]!);
    return this;
  }
  /** Turns by `share` of a free number about an axis of the frame reached so far. */
  by(dof: number, axis: AxisName, share = 1): this {
    if (this.isHinged) {
      const world = vec3.transformQuat([0, 0, 0], UNIT[axis], this.turn) as Vec3;
      vec3.scale(world, world, share);
      this.hinges.push({ dof, axis: world, pivot: this.at });
    }
    const angle = this.state[dof]! * share;
    if (axis === 'x') quat.rotateX(this.turn, this.turn, angle);
    else if (axis === 'y') quat.rotateY(this.turn, this.turn, angle);
    else quat.rotateZ(this.turn, this.turn, angle);
    return this;
  }
  segment(): this {
    this.origins.push([...this.at]);
    this.turns.push([...this.turn] as quat);
    return this;
  }
  forward(z: number): this {
    const step = vec3.transformQuat([0, 0, 0], [0, 0, z], this.turn);
    this.at = [this.at[0] + step[0]!, this.at[1] + step[1]!, this.at[2] + step[2]!];
    return this;
  }
}

/** How the sideways bend and the turn are shared between the lumbar and thoracic spine. */
const LATERAL_LUMBAR = 0.4;
const ROTATION_LUMBAR = 0.15;

/** From the pelvis to the head. */
function placeTrunk({ length }: Body, state: State, isHinged: boolean): Chain {
  const chain = new Chain(state, isHinged);
  chain.startAt(state[0]!, state[1]!, state[2]!).by(3, 'y').by(4, 'x').by(5, 'z').segment().forward(length.pelvis);
  for (let link = 0; link < 3; link++)
    chain.by(6, 'y', 1 / 3).by(9, 'x', LATERAL_LUMBAR / 3).by(10, 'z', ROTATION_LUMBAR / 3).segment().forward(length.lumbar / 3); // prettier-ignore
  for (let link = 0; link < 4; link++)
    chain.by(7, 'y', 1 / 4).by(9, 'x', (1 - LATERAL_LUMBAR) / 4).by(10, 'z', (1 - ROTATION_LUMBAR) / 4).segment().forward(length.thoracic / 4); // prettier-ignore
  for (let link = 0; link < 3; link++)
    chain
      .by(8, 'y', 1 / 3)
      .by(11, 'x', 1 / 3)
      .by(12, 'z', 1 / 3)
      .segment()
      .forward(length.neck / 2);
  return chain;
}

/** Where the trunk and the head are, without legs and arms. */
export function trunkOf(body: Body, state: State): Pick<PlacedBody, 'origins' | 'turns'> {
  return placeTrunk(body, state, false);
}

/**
 * Forward kinematics: where every segment is for a row of free numbers.
 * The order of rotations is fixed by the library's data; see `posture.ts` for signs. Without hinges where only the
 * places are asked for.
 */
export function place(body: Body, state: State, contacts: readonly Contact[] = [], isHinged = true): PlacedBody {
  const { length } = body;
  const chain = placeTrunk(body, state, isHinged);
  for (const side of SIDES) {
    const out = side === 'left' ? 1 : -1;
    const leg = LEG[side];
    chain.startFrom(0, [0, out * length.halfHips, 0]);
    chain.by(leg, 'y', -1).by(leg + 1, 'x', out).by(leg + 2, 'z', out).segment().forward(-length.thigh); // prettier-ignore
    chain
      .by(leg + 3, 'y')
      .segment()
      .forward(-length.shin);
    chain
      .by(leg + 4, 'y', -1)
      .by(leg + 5, 'x', -out)
      .segment();
  }
  for (const side of SIDES) {
    const out = side === 'left' ? 1 : -1;
    const arm = ARM[side];
    chain.startFrom(INDEX.thoracic4, [0, out * length.halfShoulders, length.thoracic / 4 - length.shoulderDrop]);
    // The arm swings the shortest way out of hanging, then turns about itself.
    chain.by(arm + 1, 'z', -out).by(arm, 'x', out).by(arm + 1, 'z', out).by(arm + 2, 'z', out).segment().forward(-length.upperArm); // prettier-ignore
    chain
      .by(arm + 3, 'y', -1)
      .segment()
      .forward(-length.forearm);
    chain
      .by(arm + 4, 'z', -out)
      .by(arm + 5, 'x', -out)
      .segment();
  }
  return { body, state, origins: chain.origins, turns: chain.turns, hinges: chain.hinges, contacts };
}

/** For each segment, the hinges that move it (indices into `hinges`): fixed by how `place` walks. */
export const HINGES_OF: readonly (readonly number[])[] = (() => {
  const own: number[][] = [[0, 1, 2]];
  let next = 3;
  const take = (count: number) => Array.from({ length: count }, () => next++);
  for (let link = 0; link < 10; link++) own.push(take(3));
  for (let leg = 0; leg < 2; leg++) own.push(take(3), take(1), take(2));
  for (let arm = 0; arm < 2; arm++) own.push(take(4), take(1), take(2));
  const all: number[][] = [];
  own.forEach((hinges, segment) => all.push([...(PARENT[segment]! < 0 ? [] : all[PARENT[segment]!]!), ...hinges]));
  return all;
})();

/** World position in metres of a point given in a segment's own frame. */
export function pointOn(placed: Pick<PlacedBody, 'origins' | 'turns'>, segment: number, local: Readonly<Vec3>): Vec3 {
  const point = vec3.transformQuat([0, 0, 0], local as Vec3, placed.turns[segment]!) as Vec3;
  return vec3.add(point, point, placed.origins[segment]!) as Vec3;
}

/** World direction of a direction given in a segment's own frame. */
export function directionOn(placed: PlacedBody, segment: number, local: Readonly<Vec3>): Vec3 {
  return vec3.transformQuat([0, 0, 0], local as Vec3, placed.turns[segment]!) as Vec3;
}
