import { isExternal, type Contact, type LevelSurface } from '../body/contact.js';
import { partBalls } from '../body/parts.js';
import { pointOn, segmentIndex, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { heightOf } from '../body/solve.js';
import type { Shape, Tone } from './shape.js';
import { chairSolids, seenOutline, type Solid } from './chair.js';
import { path } from './path.js';
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
      const outlines = chairsOf(placed).map((solid) => seenOutline(solid, view));
      draw('wood', outlines.map(path).join(''));
      corners.push(...outlines.flat());
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
    // Only a wall that is seen edge-on hides nobody.
    const alongX = wall === 'front' || wall === 'back';
    const turned = view === 'side' ? 0 : view === 'front' ? 90 : ((view % 180) + 180) % 180;
    const seen = alongX ? turned < 12 || turned > 168 : Math.abs(turned - 90) < 12;
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

/** The chairs that a posture's contacts name, in cm: the one that is sat on, and another that is held or leant on. */
export function chairsOf(placed: PlacedBody): Solid[] {
  const group = spotsOf(placed).filter(
    ({ contact: { on } }) => on.kind === 'level' && (on.surface === 'seat' || on.surface === 'chairback'),
  );
  const scale = placed.body.scale;
  const height = 41 * scale;
  const backHeight = 85 * scale;
  const mean = (spots: readonly Spot[], axis: 0 | 1) => (spots.reduce((sum, { at }) => sum + at[axis], 0) / spots.length) * 100;
  const own = placed.origins[0]![0] * 100;
  const sitting = group.filter(({ contact }) => SITTING.has(contact.part));
  const railed = group.filter(({ contact }) => contact.on.kind === 'level' && contact.on.surface === 'chairback');
  const nearSeat = ({ at }: Spot) => sitting.some((seat) => Math.hypot(at[0] - seat.at[0], at[1] - seat.at[1]) < OWN_CHAIR_M);
  const others = group.filter((spot) => !sitting.includes(spot) && !railed.includes(spot) && !nearSeat(spot));
  const solids: Solid[] = [];
  // Who hangs head down from a seat has its front edge under the sacrum or the thighs, and the back beyond.
  const hanging = placed.origins[segmentIndex('thoracic4')]![2] < placed.origins[0]![2];
  if (sitting.length > 0) {
    const from = sitting[0]!.contact.part === 'thigh' ? 'pelvis' : 'thoracic4';
    const away = mean(sitting, 0) >= placed.origins[segmentIndex(from)]![0] * 100 ? 1 : -1;
    if (hanging) solids.push(...chairSolids([mean(sitting, 0) + away * 17, mean(sitting, 1)], away > 0 ? -1 : 1, height, backHeight));
    else {
      const centre = Math.min(mean(sitting, 0) + 5, frontEdge(placed, height) - 20);
      solids.push(...chairSolids([centre, mean(sitting, 1)], 1, height, backHeight));
    }
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
