import { getKnown } from '../get-or-create.js';
import { polygonArea, polygonHull } from 'd3-polygon';
import { DEG2RAD } from '../angles.js';
import type { Body } from './anthropometry.js';
import type { Contact, Support } from './contact.js';
import { massPoints, type MassPoint } from './mass.js';
import { near, PAIRS, rodsOf, type Pair, type Rod } from './overlap.js';
import { outlineOf, partBalls, type SkinBall } from './parts.js';
import type { Rows } from './rows.js';
import { LEG_DOF, parentOf, pointOn, type PlacedBody, type Vec3 } from './skeleton.js';

const CONTACT_SIGMA_M = 0.002;
const GUIDE_SIGMA_M = 0.03;
const FLOOR_SIGMA_M = 0.004;
const WALL_SIGMA_M = 0.006;
/** Flesh gives: limbs may sink so far into each other before they are pushed apart. */
const SOFT_M = 0.02;
/** Parts of one body that are to touch may overlap by so much of their soft tissue. */
const TOUCH_M = 0.03;
const OVERLAP_SIGMA_M = 0.01;
/** What lies farther beyond a wall than this goes past its edge, as a leg does through a doorway. */
const PAST_WALL_M = 0.25;
/** Limbs that start farther apart than this, skin to skin, don't come near while contacts are met. */
const MAY_MEET_M = 0.1;
const BALANCE_SIGMA_M = 0.006;
/** A body that stands free keeps its centre of mass at least this far inside its base: further on both feet, where ordinary sway asks for more (from memory). */
const BALANCE_INSIDE_M = { both: 0.032, other: 0.015 } as const;
/** A centre of mass that begins so far inside the base, in metres, is not asked about again. */
const FAR_INSIDE_M = 0.12;
/** How sharply hamstrings stop a hip, in radians. */
const HAMSTRING_SIGMA = 1.5 * DEG2RAD;

const WALL_NORMAL: Record<string, Vec3> = { front: [1, 0, 0], back: [-1, 0, 0], left: [0, 1, 0], right: [0, -1, 0] };
const UP: Vec3 = [0, 0, 1];

/** A contact with the balls of the body that it names. */
interface Target {
  readonly contact: Contact;
  readonly balls: readonly SkinBall[];
  /** The ball of the other part that is touched, where it can be. */
  readonly other: SkinBall | null;
}

/** Limbs are as long as a bone: the nearest point of it is what another part touches. */
const ALONG_BONE: ReadonlySet<string> = new Set(['thigh', 'calf', 'shin', 'upperarm', 'forearm', 'lowerleg']);

/** Parts of the trunk that a left and a right hand touch beside each other, not in one point. */
const MIDLINE: ReadonlySet<string> = new Set(['belly', 'ribs', 'chest', 'lowback', 'midback', 'upperback', 'pelvis', 'sacrum']);
const BESIDE_CM = 5;

function beside(ball: SkinBall, side: 'left' | 'right', { scale }: Body): SkinBall {
  const [x, y, z] = ball.local;
  return { ...ball, local: [x, y + (side === 'left' ? BESIDE_CM : -BESIDE_CM) * (scale / 100), z] };
}

function nearestOnBone(placed: PlacedBody, ball: SkinBall, to: Vec3): SkinBall {
  // The bone runs from its joint (origin of the segment) along -z to the next joint.
  const { length } = placed.body;
  const segment = ball.segment;
  const bone = segment === 11 || segment === 14 ? length.thigh : segment === 12 || segment === 15 ? length.shin : length.forearm;
  const top = placed.origins[segment]!;
  const end = pointOn(placed, segment, [0, 0, -bone]);
  const along: Vec3 = [end[0] - top[0], end[1] - top[1], end[2] - top[2]];
  const share = ((to[0] - top[0]) * along[0] + (to[1] - top[1]) * along[1] + (to[2] - top[2]) * along[2]) / (bone * bone);
  return { ...ball, local: [0, 0, -bone * Math.min(1, Math.max(0, share))] };
}

/** From here on a support is a chair's seat, and no blankets on the floor, in cm. */
const SEAT_CM = 30;

/** Heights that are found by trial, by the body's own names. */
export type Trial = 'shoulderStack' | 'seatHeight';

/** Which height of a body, found by trial, a contact stands on; `null` where none is tried. */
export function trialOf({ part, on }: Pick<Contact, 'part' | 'on'>): Trial | null {
  if (on.kind !== 'level' || on.height >= SEAT_CM) return null;
  if (on.surface === 'stack') return 'shoulderStack';
  return part === 'sitbone' && on.surface === 'blanket' ? 'seatHeight' : null;
}

/** Height of a level support in metres: given for the reference body, it scales with stature; 0 for what has no level. */
export function heightOf({ part, on }: Pick<Contact, 'part' | 'on'>, body: Body): number {
  if (on.kind !== 'level') return 0;
  // What was found by trial comes before what is usual.
  const trial = trialOf({ part, on });
  const found = trial && body[trial];
  if (found !== null) return found;
  return (on.height / 100) * (on.surface === 'floor' ? 0 : body.scale);
}

/** Where one part of a body is to touch another, and how far the two skins lie apart. */
interface Touch {
  readonly from: SkinBall;
  readonly to: SkinBall;
  readonly at: readonly [Vec3, Vec3];
  readonly direction: Vec3;
  readonly gap: number;
}

function targetOf(body: Body, contact: Contact): Target {
  const { on, part, side } = contact;
  const balls = partBalls(body, part, side);
  if (on.kind !== 'body') return { contact, balls, other: null };
  const [from, to] = [balls[0]!, partBalls(body, on.part, on.side ?? side)[0]!];
  if (to.segment === from.segment || parentOf(to.segment) === from.segment) return { contact, balls, other: null };
  return { contact, balls, other: side && MIDLINE.has(on.part) ? beside(to, side, body) : to };
}

function touchOf(placed: PlacedBody, { balls, other: touched }: Target, on: Extract<Support, { kind: 'body' }>): Touch | null {
  if (!touched) return null;
  const from = balls[0]!;
  const point = pointOn(placed, from.segment, from.local);
  const to = ALONG_BONE.has(on.part) ? nearestOnBone(placed, touched, point) : touched;
  const other = pointOn(placed, to.segment, to.local);
  const apart: Vec3 = [point[0] - other[0], point[1] - other[1], point[2] - other[2]];
  const distance = Math.hypot(...apart);
  if (distance < 1e-6) return null;
  const direction: Vec3 = [apart[0] / distance, apart[1] / distance, apart[2] / distance];
  return { from, to, at: [point, other], direction, gap: distance - Math.max(0.02, from.radius + to.radius) };
}

const NOTHING_EXPECTED: ReadonlySet<number> = new Set();
const NO_WALLS: ReadonlyMap<string, number> = new Map();

/**
 * What pulls at one body in one posture while it is solved: contacts to be met, and what stops it (floor, walls, its
 * own limbs, hamstrings, the edge of its base). It fills rows for a placed body; see `Rows`.
 */
export class Pulls {
  private readonly targets: readonly Target[];
  private readonly outline: readonly SkinBall[];
  private readonly masses: readonly MassPoint[];
  private readonly rods: readonly Rod[];
  /** Only those that start near enough to meet. */
  private readonly pairs: readonly Pair[];
  /** Whether walls, straps or other people hold what stands against them. */
  private readonly isHeld: boolean;
  private readonly bearing: readonly Target[];
  private readonly inside: number;
  /** A body that begins well inside its base stays there. */
  private mayTip = true;
  private expected = NOTHING_EXPECTED;
  private id = 0;

  /** @param start about where the body begins, at any height */
  constructor(
    private readonly body: Body,
    contacts: readonly Contact[],
    start: PlacedBody,
  ) {
    this.targets = contacts.map((contact) => targetOf(body, contact));
    this.outline = outlineOf(body);
    this.masses = massPoints(body);
    this.rods = rodsOf(body);
    this.pairs = near(start, this.rods, PAIRS, MAY_MEET_M).map(({ pair }) => pair);
    this.isHeld = contacts.some(({ on }) => on.kind === 'wall' || on.kind === 'strap');
    this.bearing = this.targets.filter(({ contact }) => contact.bears && contact.on.kind === 'level');
    const onBothFeet = this.bearing.length === 2 && this.bearing.every(({ contact }) => contact.part === 'sole');
    this.inside = BALANCE_INSIDE_M[onBothFeet ? 'both' : 'other'];
  }

  /**
   * Fills the rows for a placed body.
   * @param expected numbers of what will pull next though it doesn't yet: such rows don't count.
   */
  fill(rows: Rows, placed: PlacedBody, expected = NOTHING_EXPECTED): void {
    rows.clear();
    this.expected = expected;
    this.id = 0;
    const walls = this.wallsOf(placed);
    for (const target of this.targets) this.contactRows(rows, placed, target, walls);
    const skin = this.outline.map(({ segment, local }) => pointOn(placed, segment, local));
    this.outline.forEach((ball, i) => {
      const at = skin[i]!;
      if (this.stops(rows, (at[2] - ball.radius) / FLOOR_SIGMA_M)) rows.push(ball.segment, at, UP, 1 / FLOOR_SIGMA_M);
    });
    for (const [wall, place] of walls) {
      const normal = WALL_NORMAL[wall]!;
      this.outline.forEach((ball, i) => {
        const at = skin[i]!;
        const beyond = at[0] * normal[0] + at[1] * normal[1] + ball.radius - place - SOFT_M;
        const value = beyond > PAST_WALL_M ? 1 : -beyond / WALL_SIGMA_M;
        if (this.stops(rows, value)) rows.push(ball.segment, at, normal, -1 / WALL_SIGMA_M);
      });
    }
    this.balanceRows(rows, placed);
    this.hamstringRows(rows, placed);
    this.overlapRows(rows, placed);
  }

  /** How far each contact that bears outside the body lies from its support, at its worst, in metres. */
  missed(placed: PlacedBody): { readonly contact: Contact; readonly by: number }[] {
    const walls = this.wallsOf(placed);
    return this.targets
      .filter(({ contact }) => contact.bears && contact.on.kind !== 'body')
      .map(({ contact, balls }) => ({
        contact,
        by: Math.max(0, ...balls.map((ball) => Math.abs(this.missOf(contact, ball, pointOn(placed, ball.segment, ball.local), walls)))),
      }));
  }

  /** Mean height of what bears above its supports, in metres. */
  heightAbove(placed: PlacedBody): number {
    let sum = 0;
    let count = 0;
    for (const { contact, balls } of this.bearing)
      for (const ball of balls) {
        sum += this.missOf(contact, ball, pointOn(placed, ball.segment, ball.local), NO_WALLS);
        count++;
      }
    return count === 0 ? 0 : sum / count;
  }

  /** Begins the row of something that only stops: it pulls where its value is below 0, or is expected to be. */
  private stops(rows: Rows, value: number): boolean {
    const id = this.id++;
    if (value >= 0 && !this.expected.has(id)) return false;
    rows.row(value, id, value < 0);
    return true;
  }

  /** Where each wall stands: at the mean of what touches it, since no wall has a place of its own. */
  private wallsOf(placed: PlacedBody): ReadonlyMap<string, number> {
    if (!this.isHeld) return NO_WALLS;
    const walls = new Map<string, number>();
    const counts = new Map<string, number>();
    for (const { contact, balls } of this.targets) {
      if (contact.on.kind !== 'wall') continue;
      const { wall } = contact.on;
      const normal = WALL_NORMAL[wall]!;
      for (const { segment, local, radius } of balls) {
        const at = pointOn(placed, segment, local);
        const count = counts.get(wall) ?? 0;
        const mean = walls.get(wall) ?? 0;
        walls.set(wall, mean + (at[0] * normal[0] + at[1] * normal[1] + radius - mean) / (count + 1));
        counts.set(wall, count + 1);
      }
    }
    return walls;
  }

  /** How far a ball, placed at `at`, lies from the wall or the level that it is to meet, in metres. */
  private missOf(contact: Contact, { radius }: SkinBall, at: Vec3, walls: ReadonlyMap<string, number>): number {
    const { on } = contact;
    if (on.kind === 'wall') {
      const normal = WALL_NORMAL[on.wall]!;
      return at[0] * normal[0] + at[1] * normal[1] + radius - getKnown(walls, on.wall);
    }
    return on.kind === 'level' ? at[2] - radius - heightOf(contact, this.body) : 0;
  }

  private contactRows(rows: Rows, placed: PlacedBody, target: Target, walls: ReadonlyMap<string, number>): void {
    const { contact, balls } = target;
    const { on } = contact;
    if (on.kind === 'strap' || on.kind === 'between') return;
    if (on.kind === 'body') {
      const touch = touchOf(placed, target, on);
      // Neither farther apart than touching nor deeper in each other than soft tissue gives.
      for (const sign of [-1, 1]) {
        const room = touch ? (sign < 0 ? -touch.gap : touch.gap + TOUCH_M) : 1;
        if (!this.stops(rows, room / GUIDE_SIGMA_M) || !touch) continue;
        rows.push(touch.from.segment, touch.at[0], touch.direction, sign / GUIDE_SIGMA_M);
        rows.push(touch.to.segment, touch.at[1], touch.direction, -sign / GUIDE_SIGMA_M);
      }
      return;
    }
    const sigma = contact.bears ? CONTACT_SIGMA_M : GUIDE_SIGMA_M;
    const direction = on.kind === 'wall' ? WALL_NORMAL[on.wall]! : UP;
    for (const ball of balls) {
      const at = pointOn(placed, ball.segment, ball.local);
      rows.row(this.missOf(contact, ball, at, walls) / sigma);
      rows.push(ball.segment, at, direction, 1 / sigma);
    }
  }

  /** Draws the centre of mass over the base from each edge that it lies beyond or too near. */
  private balanceRows(rows: Rows, placed: PlacedBody): void {
    if (this.isHeld || !this.mayTip) return;
    const corners = this.bearing.flatMap(({ balls }) => balls.map((ball) => ({ ball, at: pointOn(placed, ball.segment, ball.local) })));
    const hull = polygonHull(corners.map(({ at }): [number, number] => [at[0], at[1]]));
    const first = this.id;
    this.id += corners.length;
    if (!hull) return;
    const masses = this.masses.map(({ segment, local, mass }) => ({ segment, mass, at: pointOn(placed, segment, local) }));
    const centre = [0, 1].map((axis) => masses.reduce((sum, { mass, at }) => sum + mass * at[axis]!, 0)) as [number, number];
    // d3's hulls run anticlockwise on these axes or the reverse.
    const turn = Math.sign(polygonArea(hull)) || 1;
    let least = Infinity;
    const places = hull.map(([x, y]) => corners.findIndex(({ at }) => at[0] === x && at[1] === y));
    hull.forEach(([x, y], i) => {
      const next = hull[(i + 1) % hull.length]!;
      const [alongX, alongY] = [next[0] - x, next[1] - y];
      const length = Math.hypot(alongX, alongY);
      const inward: Vec3 = [(turn * alongY) / length, (-turn * alongX) / length, 0];
      const gap = (centre[0] - x) * inward[0] + (centre[1] - y) * inward[1];
      least = Math.min(least, gap);
      this.id = first + places[i]!;
      if (!this.stops(rows, (gap - this.inside) / BALANCE_SIGMA_M)) return;
      for (const { segment, mass, at } of masses) rows.push(segment, at, inward, mass / BALANCE_SIGMA_M);
      const share = Math.min(1, Math.max(0, ((centre[0] - x) * alongX + (centre[1] - y) * alongY) / length ** 2));
      for (const [place, part] of [
        [places[i]!, 1 - share],
        [places[(i + 1) % hull.length]!, share],
      ] as const)
        rows.push(corners[place]!.ball.segment, corners[place]!.at, inward, -part / BALANCE_SIGMA_M);
    });
    this.id = first + corners.length;
    if (least > FAR_INSIDE_M) this.mayTip = false;
  }

  /** Stops each leg whose hamstrings are stretched beyond what was measured; they let go by half the knee's bend. */
  private hamstringRows(rows: Rows, { body, state }: PlacedBody): void {
    const end = body.reach.hamstring;
    if (end === undefined) return;
    for (const hip of Object.values(LEG_DOF)) {
      const room = end * DEG2RAD + state[hip + 3]! / 2 - state[hip]!;
      if (!this.stops(rows, room / HAMSTRING_SIGMA)) continue;
      rows.turn(hip, -1 / HAMSTRING_SIGMA);
      rows.turn(hip + 3, 0.5 / HAMSTRING_SIGMA);
    }
  }

  /** Pushes limbs apart that pass through each other beyond what flesh gives. */
  private overlapRows(rows: Rows, placed: PlacedBody): void {
    const within = this.expected.size > 0 ? MAY_MEET_M : -SOFT_M;
    const first = this.id;
    for (const { pair, a, b, at, direction, gap } of near(placed, this.rods, this.pairs, within)) {
      this.id = first + this.pairs.indexOf(pair);
      if (!this.stops(rows, (gap + SOFT_M) / OVERLAP_SIGMA_M)) continue;
      rows.push(a.segment, at[0], direction, 1 / OVERLAP_SIGMA_M);
      rows.push(b.segment, at[1], direction, -1 / OVERLAP_SIGMA_M);
    }
  }
}
