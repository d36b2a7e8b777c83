import { SIDES } from '../angles.js';
import { partBalls } from '../body/parts.js';
import { pointOn, type PlacedBody } from '../body/skeleton.js';
import { propsOf } from '../candidates/props-needed.js';
import { type Prop } from '../participants/props-at-hand.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import { toView, type View } from './view.js';

/** How far props reach beyond whom they serve, in cm. */
const BEYOND: Readonly<Partial<Record<Prop, number>>> = { chair: 11, table: 20, wall: 4, bolster: 4, blanket: 2, block: 2 };
/** Flesh round the outermost joints, on both sides together, in cm. */
const FLESH = { side: 18, front: 8 } as const;
/** Flesh and hair above the highest joint, in cm. */
const FLESH_ABOVE = 10;
const TIPS = ['fingertips', 'ball', 'heel', 'crown'] as const;

/** Joints and the tips of hands, feet and head. */
function outermost(placed: PlacedBody) {
  const tips = TIPS.flatMap((part) =>
    (part === 'crown' ? [null] : SIDES).flatMap((side) =>
      partBalls(placed.body, part, side).map(({ segment, local }) => pointOn(placed, segment, local)),
    ),
  );
  return [...placed.origins, ...tips];
}

function bodySpan(placed: PlacedBody, view: View): readonly [number, number] {
  const places = outermost(placed).map((point) => toView(point, view)[0] * 100);
  return [Math.min(...places), Math.max(...places)];
}

/**
 * About how wide the figures of a form are from a side, in cm, without drawing them: a movement's ends share
 * one place.
 */
export function figureSpan(ends: readonly SolvedPosture[], view: 'side' | 'front'): number {
  const spans = ends.map(({ solved }) => bodySpan(solved.placed, view));
  const beyond = Math.max(0, ...[...propsOf(ends[0]!.solved).keys()].map((prop) => BEYOND[prop] ?? 0));
  return Math.max(...spans.map(([, right]) => right)) - Math.min(...spans.map(([left]) => left)) + FLESH[view] + beyond;
}

/** The side that shows more of a form: the front where its stance or its bend runs sideways. */
export function bestView(ends: readonly SolvedPosture[]): { readonly view: 'side' | 'front'; readonly widthCm: number } {
  const side = figureSpan(ends, 'side');
  const front = figureSpan(ends, 'front');
  // Standing straight is about 50 cm wide from the front: only what reaches well beyond shows more from there.
  return front > 62 && front > 1.3 * side ? { view: 'front', widthCm: front } : { view: 'side', widthCm: side };
}

/** How high props stand above the ground, in cm; a wall goes on as far as one looks. */
const HIGH: Readonly<Partial<Record<Prop, number>>> = { chair: 88, table: 76 };

/** About how high the figures of a form reach above the ground, in cm, without drawing them. */
export function figureHeight(ends: readonly SolvedPosture[]): number {
  const tops = ends.flatMap(({ solved }) => outermost(solved.placed).map((point) => -toView(point, 'side')[1] * 100));
  const props = Math.max(0, ...[...propsOf(ends[0]!.solved).keys()].map((prop) => HIGH[prop] ?? 0));
  return Math.max(...tops, props) + FLESH_ABOVE;
}
