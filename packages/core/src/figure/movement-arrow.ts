import type { BodyPart } from '../body/contact.js';
import { partBalls } from '../body/parts.js';
import { place, pointOn, type PlacedBody, type State, type Vec3 } from '../body/skeleton.js';
import { SIDES, type Side } from '../angles.js';
import type { Figure, Shape } from './shape.js';
import { toView, type Axes } from './view.js';

/** What an eye follows, and how readily: hands and feet before what leads where they rest, whose way runs across the body. */
const FOLLOWED: readonly (readonly [BodyPart, isPaired: boolean, worth: number])[] = [['fingertips', true, 1], ['ball', true, 1], ['crown', false, 0.6], ['knee', true, 0.7], ['pelvis', false, 0.5]]; // prettier-ignore
/** What keeps a followed part where it is: what bears at both ends does not lead. */
const HELD_BY: Readonly<Partial<Record<BodyPart, ReadonlySet<BodyPart>>>> = {
  fingertips: new Set<BodyPart>(['palm', 'hand', 'fingertips', 'fist', 'wrist', 'forearm', 'elbow']),
  ball: new Set<BodyPart>(['sole', 'heel', 'ball', 'edge', 'inneredge', 'instep', 'foot', 'ankle', 'shin', 'lowerleg', 'knee']),
  knee: new Set<BodyPart>(['shin', 'lowerleg', 'knee', 'ankle']),
};
/** Hair above the crown, in cm: an arrow there hides no face. */
const HAIR_CM = 3;
/** Places on the way that are worked out. */
const PLACES = 7;
/** A way that looks shorter, in cm, is no movement that an eye could follow. */
const LEAST_CM = 3.5;
/** A short way is drawn longer, straight on from where it begins: both ends look the same without. */
const SHOWN_CM = 14;
/** The arrow leaves what moves, and ends before it gets there: shares of the way. */
const FROM = 0.08;
const TO = 0.94;
const HEAD_CM = 7;
const HEAD_ANGLE = 0.5;
const LINE_CM = 2;

type Point = readonly [u: number, v: number];

function lengthOf(way: readonly Point[]): number {
  return way.slice(1).reduce((sum, [u, v], i) => sum + Math.hypot(u - way[i]![0], v - way[i]![1]), 0);
}

/** Where a part goes as all joints turn evenly from one end to the other, as it is seen; in cm. */
function wayOf(stations: readonly PlacedBody[], part: BodyPart, side: Side | null, axes: Axes): Point[] {
  return stations.map((placed) => {
    const { segment, local, radius } = partBalls(placed.body, part, side)[0]!;
    const [x, y, z] = local;
    const point: Vec3 = part === 'crown' ? [x, y, z + radius + HAIR_CM / 100] : [x, y, z];
    const [u, v] = toView(pointOn(placed, segment, point).map((metres) => metres * 100) as Vec3, axes);
    return [u, v];
  });
}

function isHeld({ contacts }: PlacedBody, part: BodyPart, side: Side | null): boolean {
  const held = HELD_BY[part];
  return held !== undefined && contacts.some((contact) => contact.bears && contact.side === side && held.has(contact.part));
}

function between(from: State, to: State, share: number): State {
  return from.map((value, dof) => value + share * (to[dof]! - value));
}

function pathOf(way: readonly Point[]): string {
  const text = ([u, v]: Point) => `${u.toFixed(1)} ${v.toFixed(1)}`;
  const middle = (i: number): Point => [(way[i]![0] + way[i + 1]![0]) / 2, (way[i]![1] + way[i + 1]![1]) / 2];
  const last = way.at(-1)!;
  const before = way.at(-2)!;
  const angle = Math.atan2(last[1] - before[1], last[0] - before[0]);
  const barb = (turn: number): Point => [last[0] - HEAD_CM * Math.cos(angle + turn), last[1] - HEAD_CM * Math.sin(angle + turn)];
  const curve = way.slice(1, -1).map((point, i) => `Q${text(point)} ${text(i + 2 < way.length - 1 ? middle(i + 1) : last)}`);
  return `M${text(way[0]!)}${curve.join('')}M${text(barb(HEAD_ANGLE))}L${text(last)}L${text(barb(-HEAD_ANGLE))}`;
}

function shownWay(way: readonly Point[]): readonly Point[] {
  const length = lengthOf(way);
  if (length === 0 || length >= SHOWN_CM) return way;
  const [[fromU, fromV], [toU, toV]] = [way[0]!, way.at(-1)!];
  const straight = Math.hypot(toU - fromU, toV - fromV) || 1;
  return way.map((_, i): Point => {
    const share = (i / (way.length - 1)) * (SHOWN_CM / straight);
    return [fromU + share * (toU - fromU), fromV + share * (toV - fromV)];
  });
}

/**
 * The way that an eye follows in a movement, as it is seen, in cm: that of the part that is followed most readily.
 * Empty where all of it looks short, and where nothing moves.
 */
export function movementWay([from, to]: readonly PlacedBody[], axes: Axes): readonly Point[] {
  if (!from || !to) return [];
  const stations = Array.from({ length: PLACES }, (_, i) => {
    const share = FROM + ((TO - FROM) * i) / (PLACES - 1);
    return place(to.body, between(from.state, to.state, share), [], false);
  });
  let most = 0;
  let followed: readonly Point[] = [];
  for (const [part, isPaired, worth] of FOLLOWED)
    for (const side of isPaired ? SIDES : [null]) {
      if (isHeld(from, part, side) && isHeld(to, part, side)) continue;
      const way = wayOf(stations, part, side, axes);
      const length = lengthOf(way);
      if (length < LEAST_CM || length * worth <= most) continue;
      most = length * worth;
      followed = way;
    }
  return shownWay(followed);
}

/** The figures of a movement's two ends with an arrow in the second. */
export function withMovementArrow(figures: readonly Figure[], ends: readonly PlacedBody[], axes: Axes): Figure[] {
  const [first, second] = figures;
  const way = movementWay(ends, axes);
  if (!first || !second || way.length === 0) return [...figures];
  const { box, lift } = second;
  const points = way.map(([u, v]): Point => [u, v - lift]);
  const [us, vs] = [points.map(([u]) => u), points.map(([, v]) => v)];
  const arrow: Shape = { tone: 'path', d: pathOf(points), width: LINE_CM };
  return [
    first,
    {
      ...second,
      shapes: [...second.shapes, arrow],
      box: {
        left: Math.min(box.left, ...us),
        right: Math.max(box.right, ...us),
        top: Math.min(box.top, ...vs),
        bottom: Math.max(box.bottom, ...vs),
      },
    },
  ];
}
