import { isExternal, type Contact, type LevelSurface } from '../body/contact.js';
import { partBalls } from '../body/parts.js';
import { pointOn, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { heightOf } from '../body/solve.js';
import type { Shape, Tone } from './draw.js';
import { toView, type View } from './view.js';

interface Drawn {
  readonly behind: Shape[];
  readonly before: Shape[];
  readonly corners: readonly [number, number][];
}

/** Least width in cm that a prop is drawn with, and whether it is wood or wool. */
const LOOK: Record<Exclude<LevelSurface, 'floor' | 'seat' | 'chairback' | 'table'>, { width: number; tone: Tone; round: number }> = {
  step: { width: 34, tone: 'wood', round: 1 },
  block: { width: 16, tone: 'wood', round: 1.5 },
  blanket: { width: 34, tone: 'wool', round: 1.5 },
  bolster: { width: 24, tone: 'wool', round: 8 },
  cushion: { width: 26, tone: 'wool', round: 4 },
  stack: { width: 44, tone: 'wool', round: 2 },
  wedge: { width: 24, tone: 'wood', round: 1 },
};

function box(left: number, top: number, width: number, height: number, round: number): string {
  const r = Math.min(round, width / 2, height / 2);
  return `M${(left + r).toFixed(1)} ${top.toFixed(1)}h${(width - 2 * r).toFixed(1)}a${r} ${r} 0 0 1 ${r} ${r}v${(height - 2 * r).toFixed(1)}a${r} ${r} 0 0 1 ${-r} ${r}h${(-(width - 2 * r)).toFixed(1)}a${r} ${r} 0 0 1 ${-r} ${-r}v${(-(height - 2 * r)).toFixed(1)}a${r} ${r} 0 0 1 ${r} ${-r}Z`;
}

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

/** Runs of places along the screen that one prop can serve. */
function runs(places: readonly number[], reach: number): [number, number][] {
  const sorted = [...places].sort((a, b) => a - b);
  const found: [number, number][] = [];
  for (const place of sorted) {
    const last = found.at(-1);
    if (last && place - last[1] <= reach) last[1] = place;
    else found.push([place, place]);
  }
  return found;
}

/** A chair seen from the side, its back at `back` (cm) away from `seatAt`; or from the front. */
function chair(seatAt: number, facing: 1 | -1, height: number, view: View, backHeight: number): string[] {
  const width = 40;
  if (view === 'front') {
    const left = seatAt - width / 2;
    return [
      box(left, -height, width, 4, 1.5), box(left, -height, 3, height, 1), box(left + width - 3, -height, 3, height, 1),
      box(left, -backHeight, 3, backHeight - height, 1), box(left + width - 3, -backHeight, 3, backHeight - height, 1), box(left, -backHeight, width, 8, 2),
    ]; // prettier-ignore
  }
  // The back stands behind whoever sits facing `facing`.
  const front = seatAt + facing * (width / 2);
  const back = seatAt - facing * (width / 2);
  const left = Math.min(front, back);
  return [
    box(left, -height, width, 4, 1.5),
    box(left, -height, 3, height, 1),
    box(left + width - 3, -height, 3, height, 1),
    box(facing > 0 ? left : left + width - 3, -backHeight, 3, backHeight - height + 2, 1.5),
  ];
}

/** The props and walls that a posture's contacts name, drawn where the body meets them. */
export function drawProps(placed: PlacedBody, view: View): Drawn {
  const behind: Shape[] = [];
  const before: Shape[] = [];
  const corners: [number, number][] = [];
  const spots = spotsOf(placed);
  const across = (at: Vec3) => toView(at, view)[0] * 100;
  const draw = (tone: Tone, d: string) => behind.push({ tone, d });

  const groups = new Map<string, Spot[]>();
  for (const spot of spots) {
    const { on } = spot.contact;
    if (on.kind !== 'level' || on.surface === 'floor') continue;
    const chairLike = on.surface === 'seat' || on.surface === 'chairback';
    const key = chairLike ? 'chair' : `${on.surface}@${on.height}`;
    groups.set(key, [...(groups.get(key) ?? []), spot]);
  }

  for (const [key, group] of groups) {
    const on = group[0]!.contact.on;
    if (on.kind !== 'level') continue;
    if (key === 'chair') {
      drawChair(placed, group, view, draw, corners);
      continue;
    }
    const height = heightOf(on, placed.body) * 100;
    if (on.surface === 'table') {
      const at = group.map((spot) => across(spot.at));
      const from = Math.min(...at) - 10;
      const to = Math.max(...at, from + 50) + 10;
      draw('wood', box(from, -height, to - from, 4, 1) + box(from + 4, -height, 3, height, 1) + box(to - 7, -height, 3, height, 1));
      corners.push([from, -height], [to, -height]);
      continue;
    }
    if (on.surface === 'chairback' || on.surface === 'seat' || on.surface === 'floor') continue;
    const look = LOOK[on.surface];
    for (const [from, to] of runs(
      group.map((spot) => across(spot.at)),
      look.width * 0.9,
    )) {
      const width = Math.max(look.width, to - from + 12);
      const left = (from + to) / 2 - width / 2;
      // A low thing on a seat lies on the seat, not on the floor.
      const bottom = groups.has('chair') && height > 42 && height < 75 && on.surface !== 'block' ? 41 * placed.body.scale : 0;
      draw(look.tone, box(left, -height, width, Math.max(1.5, height - bottom), look.round));
      corners.push([left, -height], [left + width, -height]);
    }
  }

  for (const wall of ['front', 'back', 'left', 'right'] as const) {
    const group = spots.filter(({ contact }) => contact.on.kind === 'wall' && contact.on.wall === wall);
    if (group.length === 0) continue;
    const seen = view === 'side' ? wall === 'front' || wall === 'back' : wall === 'left' || wall === 'right';
    if (!seen) continue;
    const balls = group.map(
      ({ contact, at }) =>
        across(at) +
        (wall === 'front' || wall === 'left' ? 1 : -1) * 100 * (partBalls(placed.body, contact.part, contact.side)[0]?.radius ?? 0),
    );
    const at = balls.reduce((a, b) => a + b, 0) / balls.length;
    const out = wall === 'front' || wall === 'left' ? 1 : -1;
    draw('woodFar', box(out > 0 ? at : at - 4, -190 * placed.body.scale, 4, 190 * placed.body.scale, 0.5));
    corners.push([at + out * 4, -150]);
  }
  return { behind, before, corners };
}

const SITTING = new Set(['sitbone', 'thigh', 'sacrum', 'pelvis', 'hipside']);

function drawChair(
  placed: PlacedBody,
  group: readonly Spot[],
  view: View,
  draw: (tone: Tone, d: string) => void,
  corners: [number, number][],
): void {
  const scale = placed.body.scale;
  const height = 41 * scale;
  const backHeight = 85 * scale;
  const across = (at: Vec3) => toView(at, view)[0] * 100;
  const mean = (spots: readonly Spot[]) => spots.reduce((sum, { at }) => sum + across(at), 0) / spots.length;
  const sitting = group.filter(({ contact }) => SITTING.has(contact.part));
  const railed = group.filter(({ contact }) => contact.on.kind === 'level' && contact.on.surface === 'chairback');
  const others = group.filter((spot) => !sitting.includes(spot) && !railed.includes(spot));
  const pieces: string[] = [];
  if (sitting.length > 0) pieces.push(...chair(mean(sitting) + (view === 'side' ? 5 : 0), 1, height, view, backHeight));
  if (railed.length > 0 && sitting.length === 0) {
    // The rail is what is held: the seat lies beyond it, away from the person.
    const rail = mean(railed);
    const own = across(placed.origins[0]!);
    const beyond = rail >= own ? 1 : -1;
    pieces.push(...chair(view === 'side' ? rail + beyond * 20 : rail, view === 'side' ? beyond : 1, height, view, backHeight));
  }
  if (others.length > 0) {
    const at = mean(others);
    const own = sitting.length > 0 ? mean(sitting) : across(placed.origins[0]!);
    const beyond = at >= own ? -1 : 1;
    pieces.push(...chair(view === 'side' ? at - beyond * 6 : at, view === 'side' ? beyond : 1, height, view, backHeight));
  }
  draw('wood', pieces.join(''));
  for (const { at } of group) corners.push([across(at) - 22, -height], [across(at) + 22, -height]);
}
