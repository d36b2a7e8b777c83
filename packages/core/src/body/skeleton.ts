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

/** Numbers of one turn: a rotation matrix, row by row. */
const TURN = 9;
/** Numbers of one hinge: its axis (not always of length 1) and the axis's moment about the origin. */
export const HINGE = 6;

export interface PlacedBody {
  readonly body: Body;
  readonly state: State;
  /** Origin of each segment in metres. World: x forward, y to the left, z up. */
  readonly origins: readonly Vec3[];
  /** How each segment is turned: nine numbers a segment, from its own frame to the world. */
  readonly turns: readonly number[];
  /** The ways in which free numbers turn the body: six numbers each; `HINGE_DOFS` says which number it is. */
  readonly hinges: readonly number[];
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
/** The columns of a turn that a rotation about an axis mixes, in the order of its sense. */
const MIXES: Record<AxisName, readonly [number, number]> = { x: [1, 2], y: [2, 0], z: [0, 1] };
const COLUMN: Record<AxisName, number> = { x: 0, y: 1, z: 2 };

/**
 * Walks the chain from the pelvis out, collecting where each segment is and what turns it. In flat rows of numbers: a
 * library's vectors and quaternions took a third of the time of solving (`npm run bench`).
 */
class Chain {
  readonly origins: Vec3[] = [];
  readonly turns: number[] = [];
  readonly hinges: number[] = [];
  private turn: number[] = [];
  private at: Vec3 = [0, 0, 0];

  constructor(
    private readonly state: State,
    /** Whether what turns each segment is asked for: half of the work. */
    private readonly isHinged: boolean,
  ) {}

  startAt(x: number, y: number, z: number): this {
    this.at = [x, y, z];
    this.turn = [1, 0, 0, 0, 1, 0, 0, 0, 1];
    return this;
  }
  /** Continues from a point of a finished segment. */
  startFrom(segment: number, local: Vec3): this {
    this.at = pointOn(this, segment, local);
    this.turn = this.turns.slice(segment * TURN, (segment + 1) * TURN);
    return this;
  }
  /** Turns by `share` of a free number about an axis of the frame reached so far. */
  by(dof: number, axis: AxisName, share = 1): this {
    const { turn, at } = this;
    if (this.isHinged) {
      const column = COLUMN[axis];
      const [x, y, z] = [share * turn[column]!, share * turn[column + 3]!, share * turn[column + 6]!];
      this.hinges.push(x, y, z, y * at[2] - z * at[1], z * at[0] - x * at[2], x * at[1] - y * at[0]);
    }
    const angle = this.state[dof]! * share;
    if (angle === 0) return this;
    const [first, second] = MIXES[axis];
    const cos = Math.cos(angle);
    const sin = Math.sin(angle);
    for (let row = 0; row < TURN; row += 3) {
      const a = turn[row + first]!;
      const b = turn[row + second]!;
      turn[row + first] = a * cos + b * sin;
      turn[row + second] = b * cos - a * sin;
    }
    return this;
  }
  segment(): this {
    const { turn } = this;
    this.turns.push(turn[0]!, turn[1]!, turn[2]!, turn[3]!, turn[4]!, turn[5]!, turn[6]!, turn[7]!, turn[8]!);
    this.origins.push(this.at);
    return this;
  }
  forward(z: number): this {
    const { at, turn } = this;
    this.at = [at[0] + z * turn[2]!, at[1] + z * turn[5]!, at[2] + z * turn[8]!];
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

/** The free numbers that turn each segment against its parent, in the order in which `place` walks. */
const OWN_TURNS: readonly (readonly number[])[] = [
  [3, 4, 5],
  ...Array.from({ length: 3 }, () => [6, 9, 10]),
  ...Array.from({ length: 4 }, () => [7, 9, 10]),
  ...Array.from({ length: 3 }, () => [8, 11, 12]),
  ...SIDES.flatMap((side) => [[LEG[side], LEG[side] + 1, LEG[side] + 2], [LEG[side] + 3], [LEG[side] + 4, LEG[side] + 5]]),
  ...SIDES.flatMap((side) => [[ARM[side] + 1, ARM[side], ARM[side] + 1, ARM[side] + 2], [ARM[side] + 3], [ARM[side] + 4, ARM[side] + 5]]),
];
/** The free number of each hinge. */
export const HINGE_DOFS: readonly number[] = OWN_TURNS.flat();

/** For each segment, the hinges that move it (indices into `HINGE_DOFS`). */
export const HINGES_OF: readonly (readonly number[])[] = (() => {
  const all: number[][] = [];
  let next = 0;
  OWN_TURNS.forEach((own, segment) => {
    const parent = PARENT[segment]!;
    all.push([...(parent < 0 ? [] : all[parent]!), ...own.map(() => next++)]);
  });
  return all;
})();

/** World position in metres of a point given in a segment's own frame. */
export function pointOn({ origins, turns }: Pick<PlacedBody, 'origins' | 'turns'>, segment: number, [x, y, z]: Readonly<Vec3>): Vec3 {
  const origin = origins[segment]!;
  const at = segment * TURN;
  return [
    origin[0] + turns[at]! * x + turns[at + 1]! * y + turns[at + 2]! * z,
    origin[1] + turns[at + 3]! * x + turns[at + 4]! * y + turns[at + 5]! * z,
    origin[2] + turns[at + 6]! * x + turns[at + 7]! * y + turns[at + 8]! * z,
  ];
}

/** World direction of a direction given in a segment's own frame. */
export function directionOn({ turns }: PlacedBody, segment: number, [x, y, z]: Readonly<Vec3>): Vec3 {
  const at = segment * TURN;
  return [
    turns[at]! * x + turns[at + 1]! * y + turns[at + 2]! * z,
    turns[at + 3]! * x + turns[at + 4]! * y + turns[at + 5]! * z,
    turns[at + 6]! * x + turns[at + 7]! * y + turns[at + 8]! * z,
  ];
}
