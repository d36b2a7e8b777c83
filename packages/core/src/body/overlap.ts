import { memoize } from '../get-or-create.js';
import type { Body } from './anthropometry.js';
import type { SkinBall } from './parts.js';
import { pointOn, segmentIndex, type PlacedBody, type Segment, type Vec3 } from './skeleton.js';

/** A limb or part of the trunk as a rod with a round skin, thinner than its flesh, which gives. Metres. */
export interface Rod {
  readonly name: string;
  readonly segment: number;
  readonly from: Vec3;
  readonly to: Vec3;
  readonly radius: number;
}

/** Two rods, as indices into `rodsOf`. */
export type Pair = readonly [number, number];

/** Where two rods come nearest, and how far their skins lie apart there; below 0 they overlap. */
export interface Nearness {
  readonly pair: Pair;
  readonly a: SkinBall;
  readonly b: SkinBall;
  readonly at: readonly [Vec3, Vec3];
  /** From b to a, of length 1. */
  readonly direction: Vec3;
  readonly gap: number;
}

type Row = readonly [segment: string, from: Vec3, length: 'thigh' | 'shin' | 'upperArm' | 'forearm' | number, radius: number];
/** On the reference body, in cm: bone with about two thirds of its flesh (typical adult values, common practice, no source). */
const LIMBS: readonly Row[] = [
  ['Thigh', [0, 0, -10], 'thigh', 5.5],
  ['Shin', [0, 0, -3], 'shin', 4],
  ['UpperArm', [0, 0, -5], 'upperArm', 3.5],
  ['Forearm', [0, 0, 0], 'forearm', 2.8],
  ['Hand', [0, 0, -2], 14, 1.5],
];
const TRUNK: readonly (readonly [segment: Segment, from: Vec3, to: Vec3, radius: number])[] = [
  ['pelvis', [0, -5, 4], [0, 5, 4], 8.5],
  ['lumbar2', [0, 0, -3], [0, 0, 7], 8],
  ['thoracic2', [0, -5, 0], [0, 5, 0], 8.5],
  ['head', [0, 0, 5], [0, 0, 10], 7.5],
];

const NAMES = [...(['left', 'right'] as const).flatMap((side) => LIMBS.map(([name]) => `${side}${name}`)), ...TRUNK.map(([name]) => name)];

/** The rods of a body. */
export const rodsOf: (body: Body) => readonly Rod[] = memoize(rodsFor);

function rodsFor(body: Body): Rod[] {
  const k = body.scale / 100;
  const scaled = ([x, y, z]: Vec3): Vec3 => [x * k, y * k, z * k];
  const limbs = (['left', 'right'] as const).flatMap((side) =>
    LIMBS.map(([name, from, length, radius]): Rod => {
      const end = typeof length === 'number' ? length * k : body.length[length];
      const full = `${side}${name}`;
      return {
        name: full,
        segment: segmentIndex(full as Segment),
        from: scaled(from),
        to: [0, 0, -end],
        radius: (radius / 100) * body.radiusScale,
      };
    }),
  );
  const trunk = TRUNK.map(([name, from, to, radius]): Rod => ({
    name,
    segment: segmentIndex(name),
    from: scaled(from),
    to: scaled(to),
    radius: (radius / 100) * body.radiusScale,
  }));
  return [...limbs, ...trunk];
}

/** Neighbours in the chain, and parts that lie against each other in every posture, can't be told apart. */
function neighbours(a: string, b: string): boolean {
  const [x, y] = [a.replace(/^(left|right)/, ''), b.replace(/^(left|right)/, '')];
  const trunk = (name: string) => TRUNK.some(([segment]) => segment === name);
  if (trunk(a) && trunk(b)) return true;
  const sameSide = a.startsWith('left') === b.startsWith('left');
  const pair = [x, y].sort().join(' ');
  // Thighs close on each other, hands fold, hands and forearms cradle the head.
  if (['Thigh Thigh', 'Hand Hand', 'Hand head', 'Forearm head'].includes(pair)) return true;
  if (['Thigh pelvis', 'Thigh lumbar2', 'UpperArm thoracic2'].includes(pair)) return true;
  return sameSide && ['Shin Thigh', 'Forearm UpperArm', 'Forearm Hand', 'Hand UpperArm'].includes(pair);
}

/** The pairs of rods that must not pass through each other: the same in every body. */
export const PAIRS: readonly Pair[] = NAMES.flatMap((a, i) =>
  NAMES.slice(i + 1).flatMap((b, k) => (neighbours(a, b) ? [] : [[i, i + 1 + k] as const])),
);

function dot(a: Vec3, b: Vec3): number {
  return a[0] * b[0] + a[1] * b[1] + a[2] * b[2];
}
function along(from: Vec3, d: Vec3, share: number): Vec3 {
  return [from[0] + d[0] * share, from[1] + d[1] * share, from[2] + d[2] * share];
}
function clamp(share: number): number {
  return Math.min(1, Math.max(0, share));
}

/**
 * The nearest points of two segments, as shares of their lengths: Ericson C. Real-Time Collision
 * Detection, 2005, section 5.1.9 (degenerate segments left out: rods have length).
 */
export function nearestShares(p: Vec3, d1: Vec3, q: Vec3, d2: Vec3): readonly [number, number] {
  const r: Vec3 = [p[0] - q[0], p[1] - q[1], p[2] - q[2]];
  const a = dot(d1, d1);
  const e = dot(d2, d2);
  const f = dot(d2, r);
  const c = dot(d1, r);
  const b = dot(d1, d2);
  const denominator = a * e - b * b;
  const s = denominator > 1e-12 ? clamp((b * f - c * e) / denominator) : 0;
  const t = (b * s + f) / e;
  if (t < 0) return [clamp(-c / a), 0];
  if (t > 1) return [clamp((b - c) / a), 1];
  return [s, t];
}

/**
 * Pairs of rods that come nearer than `within` metres, skin to skin, in a placed body. Where two bones cross
 * in one point there is no direction to leave by, and the pair is left out.
 */
export function near(placed: PlacedBody, rods: readonly Rod[], pairs: readonly Pair[], within: number): Nearness[] {
  if (pairs.length === 0) return [];
  const ends: { readonly start: Vec3; readonly d: Vec3; readonly middle: Vec3; readonly half: number }[] = [];
  // Few rods are in any pair, once those that never meet are left out.
  const endsOf = (index: number) => {
    const known = ends[index];
    if (known) return known;
    const { segment, from, to } = rods[index]!;
    const start = pointOn(placed, segment, from);
    const end = pointOn(placed, segment, to);
    const d: Vec3 = [end[0] - start[0], end[1] - start[1], end[2] - start[2]];
    return (ends[index] = { start, d, middle: along(start, d, 0.5), half: Math.hypot(...d) / 2 });
  };
  const found: Nearness[] = [];
  for (const pair of pairs) {
    const [i, j] = pair;
    const [a, b] = [rods[i]!, rods[j]!];
    const [x, y] = [endsOf(i), endsOf(j)];
    const reach = x.half + y.half + a.radius + b.radius + within;
    const mx = x.middle[0] - y.middle[0];
    const my = x.middle[1] - y.middle[1];
    const mz = x.middle[2] - y.middle[2];
    if (mx * mx + my * my + mz * mz > reach * reach) continue;
    const [s, t] = nearestShares(x.start, x.d, y.start, y.d);
    const at: readonly [Vec3, Vec3] = [along(x.start, x.d, s), along(y.start, y.d, t)];
    const apart: Vec3 = [at[0][0] - at[1][0], at[0][1] - at[1][1], at[0][2] - at[1][2]];
    const distance = Math.hypot(...apart);
    const gap = distance - a.radius - b.radius;
    if (gap >= within || distance < 1e-4) continue;
    const local = ({ from, to }: Rod, share: number) => along(from, [to[0] - from[0], to[1] - from[1], to[2] - from[2]], share);
    found.push({
      pair,
      a: { segment: a.segment, local: local(a, s), radius: a.radius },
      b: { segment: b.segment, local: local(b, t), radius: b.radius },
      at,
      direction: [apart[0] / distance, apart[1] / distance, apart[2] / distance],
      gap,
    });
  }
  return found;
}
