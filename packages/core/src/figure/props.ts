import { vec3 } from 'gl-matrix';
import type { Side } from '../angles.js';
import { isExternal, type BodyPart, type Contact, type LevelSurface, type WallName } from '../body/contact.js';
import { partBalls } from '../body/parts.js';
import { pointOn, segmentIndex, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { heightOf } from '../body/pulls.js';
import { chairSolids, SEAT_CM, wheelchair } from './chair.js';
import type { DrawnProp } from './drawn-prop.js';
import type { Solid } from './raster.js';
import { strapIn } from './strap.js';
import type { Axes } from './view.js';
import type { Ball } from './volumes.js';

type Prop = Exclude<LevelSurface, 'floor' | 'seat' | 'chairback' | 'table'>;

/** Length and width in cm that each prop lies with, and what it is made of. Common practice, no source. */
const LOOK: Readonly<
  Record<Prop, { readonly long: number; readonly wide: number; readonly of: 'wood' | 'wool'; readonly isRound?: boolean }>
> = {
  step: { long: 60, wide: 34, of: 'wood' },
  block: { long: 23, wide: 15, of: 'wood' },
  blanket: { long: 52, wide: 38, of: 'wool' },
  bolster: { long: 66, wide: 24, of: 'wool', isRound: true },
  cushion: { long: 40, wide: 30, of: 'wool' },
  stack: { long: 60, wide: 46, of: 'wool' },
  wedge: { long: 46, wide: 22, of: 'wood' },
};

/** Parts of the trunk lie along a prop; limbs and the head lie across it. */
const ALONG: ReadonlySet<BodyPart> = new Set<BodyPart>([
  'belly', 'waist', 'ribs', 'chest', 'lowback', 'midback', 'upperback', 'pelvis',
]); // prettier-ignore

interface Spot {
  readonly contact: Contact;
  readonly at: Vec3;
}

function spotsOf(placed: PlacedBody): Spot[] {
  return placed.contacts.filter(isExternal).flatMap((contact) =>
    partBalls(placed.body, contact.part, contact.side).map((ball) => ({
      contact,
      at: pointOn(placed, ball.segment, ball.local),
    })),
  );
}

/** Spots that one prop can serve: each lies within its reach of another. */
function clusters(spots: readonly Spot[], reach: number): Spot[][] {
  const found: Spot[][] = [];
  for (const spot of spots) {
    const near = found.filter((group) => group.some(({ at }) => Math.hypot(at[0] - spot.at[0], at[1] - spot.at[1]) * 100 <= reach));
    for (const group of near) found.splice(found.indexOf(group), 1);
    found.push([spot, ...near.flat()]);
  }
  return found;
}

/** How far apart in cm two spots may lie on one prop: both legs lie across one bolster. */
function reachOf(surface: Prop, group: readonly Spot[]): number {
  const { long, wide, isRound } = LOOK[surface];
  const parts = new Set(group.map(({ contact }) => contact.part));
  const sides = new Set(group.map(({ contact }) => contact.side));
  const isPair = parts.size === 1 && sides.has('left') && sides.has('right');
  return isRound && isPair ? 0.7 * long : wide;
}

/** A prop under a group of spots: as long as it is made, longer where it has to serve more. */
function propUnder(placed: PlacedBody, group: readonly Spot[], surface: Prop, height: number, bottom: number): DrawnProp {
  const { long, wide, of, isRound } = LOOK[surface];
  const [head, hips] = [placed.origins[segmentIndex('thoracic4')]!, placed.origins[0]!];
  const bodyAlongX = Math.abs(head[0] - hips[0]) >= Math.abs(head[1] - hips[1]);
  const lies = group.some(({ contact }) => ALONG.has(contact.part));
  const isAlongX = lies === bodyAlongX;
  const ranges = [0, 1].map((axis) => {
    const places = group.map(({ at }) => at[axis as 0 | 1] * 100);
    return { from: Math.min(...places), to: Math.max(...places) };
  }) as [{ from: number; to: number }, { from: number; to: number }];
  const sizes = [isAlongX ? long : wide, isAlongX ? wide : long].map((size, i) => Math.max(size, ranges[i]!.to - ranges[i]!.from + 12));
  const from = ranges.map(({ from: least, to }, i) => (least + to - sizes[i]!) / 2) as [number, number];
  const thick = Math.max(1.5, height - bottom);
  // What is thicker than a bolster is several, one on another.
  const layers = isRound ? Math.ceil(thick / (wide + 2)) : 1;
  if (!isRound || layers > 1) {
    const boxes = Array.from({ length: layers }, (_, layer): Solid => ({
      from: [from[0], from[1], bottom + (layer * thick) / layers],
      size: [sizes[0]!, sizes[1]!, thick / layers],
    }));
    return { boxes, balls: [], top: of, sides: of === 'wood' ? 'woodSide' : 'woolSide' };
  }
  const radius = thick / 2;
  const balls: Omit<Ball, 'bone'>[] = [];
  const [length, width] = isAlongX ? [sizes[0]!, sizes[1]!] : [sizes[1]!, sizes[0]!];
  const reach = Math.max(0, width / 2 - radius);
  for (let l = radius; l <= length - radius; l += radius * 0.3)
    for (const w of [-reach, 0, reach]) {
      const [x, y] = isAlongX ? [from[0] + l, from[1] + sizes[1]! / 2 + w] : [from[0] + sizes[0]! / 2 + w, from[1] + l];
      balls.push({ at: [x, y, bottom + radius], radius });
    }
  return { boxes: [], balls, top: of, sides: of };
}

const WALL_CM = { thick: 4, high: 190, wide: 130 } as const;
const WALLS: Readonly<Record<WallName, { readonly axis: 0 | 1; readonly out: 1 | -1 }>> = {
  front: { axis: 0, out: 1 },
  back: { axis: 0, out: -1 },
  left: { axis: 1, out: 1 },
  right: { axis: 1, out: -1 },
};

/** The walls that a posture touches; none that would stand between it and the eye. */
function wallsOf(placed: PlacedBody, spots: readonly Spot[], axes: Axes): DrawnProp[] {
  return (Object.keys(WALLS) as WallName[]).flatMap((wall): DrawnProp[] => {
    const group = spots.filter(({ contact: { on } }) => on.kind === 'wall' && on.wall === wall);
    const { axis, out } = WALLS[wall];
    if (group.length === 0 || axes.near[axis] * out > 0.25) return [];
    const faces = group.map(
      ({ contact, at }) => (at[axis] + out * (partBalls(placed.body, contact.part, contact.side)[0]?.radius ?? 0)) * 100,
    );
    const face = faces.reduce((a, b) => a + b, 0) / faces.length;
    const other = axis === 0 ? 1 : 0;
    const middle = (group.reduce((sum, { at }) => sum + at[other], 0) / group.length) * 100;
    const scale = placed.body.scale;
    const from: Vec3 = [0, 0, 0];
    const size: Vec3 = [0, 0, WALL_CM.high * scale];
    from[axis] = out > 0 ? face : face - WALL_CM.thick;
    size[axis] = WALL_CM.thick;
    from[other] = middle - (WALL_CM.wide * scale) / 2;
    size[other] = WALL_CM.wide * scale;
    return [{ boxes: [{ from, size }], balls: [], top: 'wall', sides: 'wall' }];
  });
}

function tableOf(group: readonly Spot[], height: number): DrawnProp {
  const [x, y] = [0, 1].map((axis) => group.reduce((sum, { at }) => sum + at[axis as 0 | 1], 0) * (100 / group.length)) as [number, number];
  const [from, long, wide] = [[x - 12, y - 45] as const, 62, 90];
  const leg = (dx: number, dy: number): Solid => ({ from: [from[0] + dx, from[1] + dy, 0], size: [4, 4, height - 3] });
  return {
    boxes: [
      { from: [from[0], from[1], height - 3], size: [long, wide, 3] },
      leg(2, 2), leg(long - 6, 2), leg(2, wide - 6), leg(long - 6, wide - 6),
    ],
    balls: [], top: 'wood', sides: 'woodSide',
  }; // prettier-ignore
}

/** Size in cm of what is held between the legs, and how thick a leg is there. Common practice, no source. */
const SQUEEZED = { along: 20, deep: 15, least: 6, leg: 11 } as const;

/** A block or a cushion between the knees or the thighs. */
function squeezedIn({ contacts, origins }: PlacedBody): DrawnProp[] {
  const held = contacts.find(({ on, side }) => on.kind === 'between' && side === 'left');
  if (held?.on.kind !== 'between') return [];
  const share = held.part === 'knee' ? 1 : 0.6;
  const placeOn = (side: Side): Vec3 => {
    const [hip, knee] = [origins[segmentIndex(`${side}Thigh`)]!, origins[segmentIndex(`${side}Shin`)]!];
    return vec3.scale([0, 0, 0], vec3.lerp([0, 0, 0], hip, knee, share), 100) as Vec3;
  };
  const [left, right] = [placeOn('left'), placeOn('right')];
  const [x, y, z] = vec3.lerp([0, 0, 0], left, right, 0.5) as Vec3;
  if (held.on.prop === 'cushion')
    return [{ boxes: [], balls: [-5, 0, 5].map((up) => ({ at: [x, y, z + up], radius: SQUEEZED.deep / 2 })), top: 'wool', sides: 'wool' }];
  const size: Vec3 = [SQUEEZED.deep, Math.max(SQUEEZED.least, Math.abs(left[1] - right[1]) - SQUEEZED.leg), SQUEEZED.along];
  return [{ boxes: [{ from: [x - size[0] / 2, y - size[1] / 2, z - size[2] / 2], size }], balls: [], top: 'wood', sides: 'woodSide' }];
}

/** The props and walls that a posture's contacts name, where the body meets them. */
export function propsIn(placed: PlacedBody, axes: Axes): DrawnProp[] {
  const spots = spotsOf(placed);
  const props: DrawnProp[] = [];
  const groups = new Map<string, Spot[]>();
  for (const spot of spots) {
    const { on } = spot.contact;
    if (on.kind !== 'level' || on.surface === 'floor') continue;
    const key = on.surface === 'seat' || on.surface === 'chairback' ? 'chair' : `${on.surface}@${on.height}`;
    groups.set(key, [...(groups.get(key) ?? []), spot]);
  }
  for (const [key, group] of groups) {
    const { on } = group[0]!.contact;
    if (on.kind !== 'level') continue;
    if (key === 'chair') {
      const seat = placed.body.shown.wheelchair ? ownSeat(placed) : null;
      if (seat) props.push(...wheelchair(seat, placed.body.scale));
      const boxes = chairsOf(placed, seat === null);
      if (boxes.length > 0) props.push({ boxes, balls: [], top: 'wood', sides: 'woodSide' });
      continue;
    }
    const height = heightOf(group[0]!.contact, placed.body) * 100;
    if (on.surface === 'table') props.push(tableOf(group, height));
    else if (on.surface !== 'seat' && on.surface !== 'chairback' && on.surface !== 'floor') {
      // A low thing on a seat lies on the seat, not on the floor.
      const bottom = groups.has('chair') && height > SEAT_CM + 1 && height < 75 && on.surface !== 'block' ? SEAT_CM * placed.body.scale : 0;
      for (const one of clusters(group, reachOf(on.surface, group))) props.push(propUnder(placed, one, on.surface, height, bottom));
    }
  }
  return [...props, ...strapIn(placed), ...squeezedIn(placed), ...wallsOf(placed, spots, axes)];
}

const SITTING = new Set(['sitbone', 'thigh', 'sacrum', 'pelvis', 'hipside']);

/** From the axis of a thigh to its underside, pressed by sitting. */
const THIGH_CM = 4;
/** A hand this near (m) to where someone sits holds on to that same chair. */
const OWN_CHAIR_M = 0.62;

/** How far forward in cm a seat of this height may reach: a thigh that slopes down leaves it there. */
function frontEdge(placed: PlacedBody, height: number): number {
  const edges = (['left', 'right'] as const).map((side) => {
    const [hip, knee] = [placed.origins[segmentIndex(`${side}Thigh`)]!, placed.origins[segmentIndex(`${side}Shin`)]!];
    if (knee[0] <= hip[0] || knee[2] * 100 - THIGH_CM >= height) return Infinity;
    const share = (hip[2] * 100 - THIGH_CM - height) / ((hip[2] - knee[2]) * 100);
    return (hip[0] + Math.max(0, share) * (knee[0] - hip[0])) * 100;
  });
  return Math.min(...edges);
}

const onChairs = (placed: PlacedBody): Spot[] =>
  spotsOf(placed).filter(({ contact: { on } }) => on.kind === 'level' && (on.surface === 'seat' || on.surface === 'chairback'));
const mean = (spots: readonly Spot[], axis: 0 | 1): number => (spots.reduce((sum, { at }) => sum + at[axis], 0) / spots.length) * 100;

/** Where someone sits upright on a seat, in cm: the middle of the seat on the floor plan; `null` for whoever doesn't. */
function ownSeat(placed: PlacedBody): readonly [number, number] | null {
  const sitting = onChairs(placed).filter(({ contact }) => SITTING.has(contact.part));
  if (sitting.length === 0 || isHanging(placed)) return null;
  return [Math.min(mean(sitting, 0) + 5, frontEdge(placed, SEAT_CM * placed.body.scale) - 20), mean(sitting, 1)];
}

/** Who hangs head down from a seat has its front edge under the sacrum or the thighs, and the back beyond. */
function isHanging(placed: PlacedBody): boolean {
  return placed.origins[segmentIndex('thoracic4')]![2] < placed.origins[0]![2];
}

/** The chairs that a posture's contacts name, in cm: the one that is sat on unless it is left out, and another that is held or leant on. */
export function chairsOf(placed: PlacedBody, withOwn = true): Solid[] {
  const group = onChairs(placed);
  const scale = placed.body.scale;
  const height = SEAT_CM * scale;
  const backHeight = 85 * scale;
  const own = placed.origins[0]![0] * 100;
  const sitting = group.filter(({ contact }) => SITTING.has(contact.part));
  const railed = group.filter(({ contact }) => contact.on.kind === 'level' && contact.on.surface === 'chairback');
  const nearSeat = ({ at }: Spot) => sitting.some((seat) => Math.hypot(at[0] - seat.at[0], at[1] - seat.at[1]) < OWN_CHAIR_M);
  const others = group.filter((spot) => !sitting.includes(spot) && !railed.includes(spot) && !nearSeat(spot));
  const solids: Solid[] = [];
  const seat = ownSeat(placed);
  if (sitting.length > 0 && withOwn) {
    const from = sitting[0]!.contact.part === 'thigh' ? 'pelvis' : 'thoracic4';
    const away = mean(sitting, 0) >= placed.origins[segmentIndex(from)]![0] * 100 ? 1 : -1;
    if (!seat) solids.push(...chairSolids([mean(sitting, 0) + away * 17, mean(sitting, 1)], away > 0 ? -1 : 1, height, backHeight));
    else solids.push(...chairSolids(seat, 1, height, backHeight));
  }
  if (railed.length > 0 && sitting.length === 0) {
    // The rail is what is held: the seat lies beyond it, away from the person.
    const beyond = mean(railed, 0) >= own ? 1 : -1;
    solids.push(...chairSolids([mean(railed, 0) + beyond * 20, mean(railed, 1)], beyond, height, backHeight));
  }
  if (others.length > 0) {
    const beyond = mean(others, 0) >= (sitting.length > 0 ? mean(sitting, 0) : own) ? -1 : 1;
    solids.push(...chairSolids([mean(others, 0) - beyond * 6, mean(others, 1)], beyond, height, backHeight));
  }
  return solids;
}
