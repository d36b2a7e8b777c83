import type { Side } from '../angles.js';
import { KnowledgeError } from '../knowledge-error.js';
import { parseContact, type Contact } from './contact.js';

/**
 * A number of degrees, or with a letter to the person's own side: `R20` is 20 to the right.
 * Conventions: clinical neutral-zero, anatomical standing is 0, flexion positive.
 */
export type Turn = number | `L${number}` | `R${number}`;

export interface RootSpec {
  /** 0 upright, 90 face down, -90 on the back. */
  readonly pitch?: number;
  readonly roll?: Turn;
  readonly axial?: Turn;
}
export interface SpineSpec {
  readonly lumbar?: number;
  readonly thoracic?: number;
  readonly cervical?: number;
  readonly rotation?: Turn;
  readonly lateral?: Turn;
  readonly neckRotation?: Turn;
  readonly neckLateral?: Turn;
}
export interface LegSpec {
  readonly hipFlexion?: number;
  readonly hipAbduction?: number;
  readonly hipRotation?: number;
  readonly knee?: number;
  readonly ankle?: number;
  readonly inversion?: number;
}
export interface ArmSpec {
  readonly shoulder?: number;
  readonly plane?: number;
  readonly rotation?: number;
  readonly elbow?: number;
  readonly forearm?: number;
  readonly wrist?: number;
}

/** A posture as an author writes it: angles left out are 0, a group left out is all 0. */
export interface PostureSpec {
  readonly root?: RootSpec;
  readonly spine?: SpineSpec;
  readonly legs?: LegSpec;
  readonly legL?: LegSpec;
  readonly legR?: LegSpec;
  readonly arms?: ArmSpec;
  readonly armL?: ArmSpec;
  readonly armR?: ArmSpec;
  readonly contacts: readonly string[];
}

export type LegAngles = Required<LegSpec>;
export type ArmAngles = Required<ArmSpec>;
/** All in degrees. Turning and bending sideways: rotation and axial plus to the left, lateral and roll plus to the right. */
export interface Posture {
  readonly root: { readonly pitch: number; readonly roll: number; readonly axial: number };
  readonly spine: {
    readonly lumbar: number;
    readonly thoracic: number;
    readonly cervical: number;
    readonly rotation: number;
    readonly lateral: number;
    readonly neckRotation: number;
    readonly neckLateral: number;
  };
  readonly legs: Readonly<Record<Side, LegAngles>>;
  readonly arms: Readonly<Record<Side, ArmAngles>>;
  readonly contacts: readonly Contact[];
}

/** Signed degrees of a turn; `plus` is the side that counts positive for this angle. */
function signed(turn: Turn | undefined, plus: 'L' | 'R', where: string): number {
  if (turn === undefined) return 0;
  if (typeof turn === 'number') return turn;
  const degrees = Number(turn.slice(1));
  if (!Number.isFinite(degrees)) throw new KnowledgeError(`${where}: "${turn}" is no angle`);
  return turn[0] === plus ? degrees : -degrees;
}

function leg(spec: LegSpec = {}): LegAngles {
  return { hipFlexion: 0, hipAbduction: 0, hipRotation: 0, knee: 0, ankle: 0, inversion: 0, ...spec };
}
function arm(spec: ArmSpec = {}): ArmAngles {
  return { shoulder: 0, plane: 0, rotation: 0, elbow: 0, forearm: 0, wrist: 0, ...spec };
}

/**
 * The posture that a spec describes.
 * @throws KnowledgeError naming `where` when an angle or a contact can't be read.
 */
export function readPosture(spec: PostureSpec, where: string): Posture {
  const { root = {}, spine = {} } = spec;
  return {
    root: {
      pitch: root.pitch ?? 0,
      roll: signed(root.roll, 'R', `${where} root.roll`),
      axial: signed(root.axial, 'L', `${where} root.axial`),
    },
    spine: {
      lumbar: spine.lumbar ?? 0,
      thoracic: spine.thoracic ?? 0,
      cervical: spine.cervical ?? 0,
      rotation: signed(spine.rotation, 'L', `${where} spine.rotation`),
      lateral: signed(spine.lateral, 'R', `${where} spine.lateral`),
      neckRotation: signed(spine.neckRotation, 'L', `${where} spine.neckRotation`),
      neckLateral: signed(spine.neckLateral, 'R', `${where} spine.neckLateral`),
    },
    legs: { left: leg(spec.legL ?? spec.legs), right: leg(spec.legR ?? spec.legs) },
    arms: { left: arm(spec.armL ?? spec.arms), right: arm(spec.armR ?? spec.arms) },
    contacts: spec.contacts.flatMap((text) => parseContact(text, where)),
  };
}

/** The same posture done to the other side: a mirror in the person's own middle plane. */
export function mirrorPosture(posture: Posture): Posture {
  const swap = (side: Side | null): Side | null => (side === null ? null : side === 'left' ? 'right' : 'left');
  const { root, spine } = posture;
  return {
    root: { pitch: root.pitch, roll: -root.roll, axial: -root.axial },
    spine: {
      ...spine,
      rotation: -spine.rotation,
      lateral: -spine.lateral,
      neckRotation: -spine.neckRotation,
      neckLateral: -spine.neckLateral,
    },
    legs: { left: posture.legs.right, right: posture.legs.left },
    arms: { left: posture.arms.right, right: posture.arms.left },
    contacts: posture.contacts.map((contact) => ({
      ...contact,
      side: swap(contact.side),
      on:
        contact.on.kind === 'body'
          ? { ...contact.on, side: swap(contact.on.side) }
          : contact.on.kind === 'wall' && (contact.on.wall === 'left' || contact.on.wall === 'right')
            ? { ...contact.on, wall: contact.on.wall === 'left' ? 'right' : 'left' }
            : contact.on,
    })),
  };
}
