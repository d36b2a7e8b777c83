import { SIDES } from '../angles.js';

/** Parts of the drawn body. A line stands between two of them where one lies before the other. */
export const BONES = [
  'hips', 'trunk', 'neck', 'face', 'hair', 'scarf',
  'leftThigh', 'leftShin', 'leftFoot', 'leftUpperArm', 'leftForearm', 'leftHand',
  'rightThigh', 'rightShin', 'rightFoot', 'rightUpperArm', 'rightForearm', 'rightHand',
] as const; // prettier-ignore
export type Bone = (typeof BONES)[number];

export type Cloth = 'leg' | 'top' | 'skin' | 'hair' | 'scarf';

/** What each part wears. */
export const CLOTH: Readonly<Record<Bone, Cloth>> = {
  hips: 'leg', trunk: 'top', neck: 'skin', face: 'skin', hair: 'hair', scarf: 'scarf',
  leftThigh: 'leg', leftShin: 'leg', leftFoot: 'skin', leftUpperArm: 'top', leftForearm: 'top', leftHand: 'skin',
  rightThigh: 'leg', rightShin: 'leg', rightFoot: 'skin', rightUpperArm: 'top', rightForearm: 'top', rightHand: 'skin',
}; // prettier-ignore

/** Numbers of the parts on a grid of pixels; 0 is nothing. */
export const BONE_NUMBER = Object.fromEntries(BONES.map((bone, i) => [bone, i + 1])) as Readonly<Record<Bone, number>>;

/** The limbs that come in pairs, by the parts that make them. */
export const PAIRS = [
  ['Thigh', 'Shin', 'Foot'],
  ['UpperArm', 'Forearm', 'Hand'],
].map((parts) => SIDES.map((side) => parts.map((part) => `${side}${part}` as Bone)));
