import { SIDES } from '../angles.js';
import { partBalls } from '../body/parts.js';
import { pointOn, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { propsOf } from '../candidates/props-needed.js';
import type { Prop } from '../participants/props-at-hand.js';
import type { Chosen } from '../plan/plan.js';
import { roomForCloseUp } from './close-up.js';
import { movementWay } from './movement-arrow.js';
import { matUnder } from './scene.js';
import { axesOf, toView, type View } from './view.js';

/** How far props reach beyond whom they serve, and how high they stand above the ground, in cm. */
const BEYOND: Readonly<Partial<Record<Prop, number>>> = { chair: 11, table: 20, wall: 4, bolster: 12, blanket: 6, block: 4 };
const HIGH: Readonly<Partial<Record<Prop, number>>> = { chair: 88, table: 76 };
/** How far these stand on behind hands that rest on them, in cm. */
const DEEP: Readonly<Partial<Record<Prop, number>>> = { chair: 45, table: 60 };
/** Flesh round the outermost joints and tips, and hair above the head, in cm. */
const FLESH = { round: 7, above: 5 } as const;
const HANDS: ReadonlySet<string> = new Set(['palm', 'fingertips', 'forearm', 'elbow']);
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

/**
 * About how wide the figures of a form are and how high they reach above their ground, in cm, without drawing
 * them: a movement's ends share one place.
 */
export function figureSize(
  { variation, ends }: Pick<Chosen, 'variation' | 'ends'>,
  view: View,
): { readonly widthCm: number; readonly heightCm: number } {
  const axes = axesOf(view);
  const props = [...propsOf(ends[0]!.solved).keys()];
  const seen = ends.flatMap(({ solved }) => {
    const points = outermost(solved.placed).map((point) => point.map((metres) => metres * 100) as Vec3);
    const mat = matUnder(points.map((at) => ({ at, radius: FLESH.round, bone: 0 })));
    const [farU, farV] = points.map(([x, y]) => toView([x, y, 0], axes)).reduce((far, one) => (one[1] < far[1] ? one : far));
    const isLeantOn = solved.placed.contacts.some(({ part, on }) => HANDS.has(part) && on.kind === 'level' && on.surface !== 'floor');
    const tops = props.map((prop) => {
      const at = [farU, farV + axes.down[2] * (HIGH[prop] ?? 0) - axes.near[2] * (isLeantOn ? (DEEP[prop] ?? 0) : 0)];
      return { from: at, to: at };
    });
    const flesh = [...points.map((at) => ({ at, radius: FLESH.round })), ...mat.map((at) => ({ at, radius: 0 }))];
    return [
      ...tops,
      ...flesh.map(({ at, radius }) => {
        const [u, v] = toView(at, axes);
        return { from: [u - radius, v - radius], to: [u + radius, v + radius] };
      }),
    ];
  });
  const way = movementWay(
    ends.map(({ solved }) => solved.placed),
    axes,
  );
  seen.push(...way.map(([u, v]) => ({ from: [u, v], to: [u, v] })));
  const span = (axis: 0 | 1) => {
    return Math.max(...seen.map(({ to }) => to[axis]!)) - Math.min(...seen.map(({ from }) => from[axis]!));
  };
  const beyond = Math.max(0, ...props.map((prop) => BEYOND[prop] ?? 0));
  const room = roomForCloseUp(variation, ends.at(-1)!.solved.placed);
  return { widthCm: span(0) + beyond + room.beside, heightCm: Math.max(span(1) + FLESH.above, room.height) + room.above };
}
