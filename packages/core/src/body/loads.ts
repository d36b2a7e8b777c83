import { polygonHull } from 'd3-polygon';
import { HANDS, isExternal, type BodyPart, type Contact } from './contact.js';
import { hullMargin } from './hull.js';
import { leastForces, type ForceRow } from './least-forces.js';
import { SymmetricSolver } from './linear.js';
import { ABOVE_DISC, centreOfMass, massPoints } from './mass.js';
import { partBalls } from './parts.js';
import { SEGMENTS, parentOf, pointOn, segmentIndex, type PlacedBody, type Vec3 } from './skeleton.js';

/** A contact with the share of body weight that it carries (normal force over body weight). */
export interface ContactLoad {
  readonly contact: Contact;
  readonly share: number;
  /** Where it bears, in metres, each point with its own share and force (x, y, z over body weight). */
  readonly points: readonly { readonly at: Vec3; readonly segment: number; readonly share: number; readonly force: Vec3 }[];
}

export interface Loads {
  readonly contacts: readonly ContactLoad[];
  /**
   * How far from balance the forces stay: the length in cm that the weight's line of action would have
   * to shift. About 0 for a body that can stay where it is.
   */
  readonly residualCm: number;
}

interface BearingPoint {
  readonly load: number;
  readonly at: Vec3;
  readonly segment: number;
  readonly normal: Vec3;
}

const INWARD: Record<string, Vec3> = { front: [-1, 0, 0], back: [1, 0, 0], left: [0, -1, 0], right: [0, 1, 0] };
/** Skin or sock on a mat, and hand on a wall: a usual low value (common practice, no source). */
const FRICTION = 0.6;
/** Metres that a contact adds to the way down to it: soft tissue gives a little everywhere. */
const CONTACT_PATH = 0.1;
/** How many times longer a level bone counts than an upright one. */
const LEVEL_BONE = 2;
/** Cost of a moment that stays open (per (body weight x metre) squared): balance comes before everything. */
const BALANCED = 1e6;
/** The neck bends most readily of all: a head that lies on something rests there by its own weight alone. */
const LEVEL_NECK = 80;
/** Cost of a bending moment at the low back (per (body weight x metre) squared): standing or lying, people settle so that the back can rest. */
const BACK_REST = 300;
const BACK_REST_LYING = 5000;
const NECK = new Set((['neck1', 'neck2', 'head'] as const).map(segmentIndex));
/** What an arm weighs, over body weight: a hand that only lies there can't press more (de Leva P. J Biomech 1996;29:1223-1230, from memory). */
const ARM_WEIGHT = 0.05;
/** What a hand presses on the floor that somebody who stands over their feet touches with it (common practice, no source). */
const TOUCH = 0.12;
/** What a hand helps where the back lifts the chest off the floor (common practice, no source). */
const HELPS = 0.15;
const LIES_ON_BACK = new Set<BodyPart>(['upperback', 'midback', 'sacrum']);
const LIES_ON_FRONT = new Set<BodyPart>(['pubis', 'belly']);
const FEET = new Set<BodyPart>(['sole', 'ball', 'heel', 'edge', 'foot']);
const BACK_PARTS = new Set<BodyPart>(['pelvis', 'sacrum', 'hipside', 'lowback', 'midback', 'upperback', 'belly', 'ribs', 'ribside']);

const SEGMENT_SOLVER = new SymmetricSolver(SEGMENTS.length);

function bearingPoints(placed: PlacedBody, contacts: readonly Contact[]): BearingPoint[] {
  return contacts.flatMap((contact, load) =>
    partBalls(placed.body, contact.part, contact.side).map((ball) => {
      const centre = pointOn(placed, ball.segment, ball.local);
      const normal: Vec3 = contact.on.kind === 'wall' ? INWARD[contact.on.wall]! : [0, 0, 1];
      const at: Vec3 = [centre[0] - normal[0] * ball.radius, centre[1] - normal[1] * ball.radius, centre[2] - normal[2] * ball.radius];
      return { load, at, segment: ball.segment, normal };
    }),
  );
}

/**
 * Where the weight would go if every part rested on the supports nearest to it along the body: mass
 * flows down the chain of segments like a current to the contacts, each bone resisting by its length.
 * It decides only what equilibrium leaves open (a body that lies on many places).
 */
function nearestSupports(placed: PlacedBody, points: readonly BearingPoint[]): number[] {
  const n = SEGMENTS.length;
  const conductance = new Float64Array(n * n);
  const current = new Float64Array(n);
  const link = (i: number, j: number, value: number) => {
    conductance[Math.min(i, j) * n + Math.max(i, j)]! -= value;
    conductance[i * n + i]! += value;
    conductance[j * n + j]! += value;
  };
  for (let segment = 1; segment < n; segment++) {
    const parent = parentOf(segment);
    const a = placed.origins[segment]!;
    const b = placed.origins[parent]!;
    const length = Math.max(0.02, Math.hypot(a[0] - b[0], a[1] - b[1], a[2] - b[2]));
    // A level bone carries by bending and gives way far more than an upright one, which is pressed along.
    const level = Math.hypot(a[0] - b[0], a[1] - b[1]) / length;
    const give = NECK.has(segment) ? LEVEL_NECK : LEVEL_BONE;
    link(segment, parent, 1 / (length * (1 + give * level * level)));
  }
  const toGround = points.map(({ segment, at, normal }) => {
    const origin = placed.origins[segment]!;
    // A wall takes weight only by friction, so it counts as far away.
    return 1 / (CONTACT_PATH + Math.hypot(at[0] - origin[0], at[1] - origin[1], at[2] - origin[2]) + (normal[2] > 0 ? 0 : 1));
  });
  points.forEach(({ segment }, i) => (conductance[segment * n + segment]! += toGround[i]!));
  for (const { segment, mass } of massPoints(placed.body)) current[segment]! += mass;
  SEGMENT_SOLVER.solve(conductance, current);
  return points.map(({ segment }, i) => current[segment]! * toGround[i]!);
}

/** Hands on the ground that bear no more than a little, by the place of their contact: they lie beside a body on its back, or touch while feet or seat could carry alone. */
function lightHands(contacts: readonly Contact[], points: readonly BearingPoint[], centre: Vec3): { load: number; most: number }[] {
  const onGround = contacts.flatMap(({ part, on }, load) =>
    HANDS.has(part) && on.kind === 'level' && (on.surface === 'floor' || on.surface === 'block') ? [load] : [],
  );
  if (onGround.length === 0) return [];
  const lies = contacts.some(({ part }) => LIES_ON_BACK.has(part));
  if (contacts.some(({ part }) => LIES_ON_FRONT.has(part))) return onGround.map((load) => ({ load, most: HELPS }));
  if (!lies && !standsOrSits(contacts, points, centre)) return [];
  return onGround.map((load) => ({ load, most: lies ? ARM_WEIGHT : TOUCH }));
}

/** So far beyond the feet, in metres, a body that stands is drawn rather than leaning on its hands: people sway their hips back by more (common practice, no source). */
const SWAY = 0.03;
/** Whether the centre of mass lies over feet or seat, so that they alone could carry. */
function standsOrSits(contacts: readonly Contact[], points: readonly BearingPoint[], [x, y]: Vec3): boolean {
  const sits = contacts.some(({ part }) => part === 'sitbone');
  const base = points.filter(({ load }) => FEET.has(contacts[load]!.part) || (sits && !HANDS.has(contacts[load]!.part)));
  const hull = base.length < 3 ? null : polygonHull(base.map(({ at }): [number, number] => [at[0], at[1]]));
  return hull !== null && hullMargin(hull, [x, y]) > -SWAY;
}

/**
 * The share of body weight on each contact that bears outside the body. Static equilibrium of forces
 * and moments with forces that only push, see `leastForces`; what equilibrium leaves open goes to the
 * nearest supports. Friction is used only where a wall takes part: on level supports it cancels. Shares
 * on level ground add to 1.
 */
export function contactLoads(placed: PlacedBody): Loads {
  const contacts = placed.contacts.filter((contact) => contact.bears && isExternal(contact));
  const points = bearingPoints(placed, contacts);
  if (points.length === 0) return { contacts: [], residualCm: Infinity };
  const prior = nearestSupports(placed, points);
  const centre = centreOfMass(placed).at;
  const light = lightHands(contacts, points, centre);
  const walls = points.some(({ normal }) => normal[2] === 0);
  // Each force that may act: at which point, in which direction, how dear it is, what is expected of it.
  const forces: { point: number; direction: Vec3; cost: number; wanted: number }[] = [];
  const neckFrom = placed.origins[segmentIndex('neck1')]!;
  const neckTo = placed.origins[segmentIndex('head')]!;
  const neckLevel = Math.hypot(neckTo[0] - neckFrom[0], neckTo[1] - neckFrom[1]) / placed.body.length.neck;
  points.forEach(({ normal, segment }, point) => {
    const give = NECK.has(segment) ? 1 + LEVEL_NECK * 4 * neckLevel * neckLevel : 1;
    forces.push({ point, direction: normal, cost: give / (prior[point]! + 0.02), wanted: prior[point]! });
    if (!walls) return;
    const tangents: Vec3[] = normal[2] > 0 ? [[1, 0, 0], [0, 1, 0]] : [[0, 0, 1], [normal[1], normal[0], 0]]; // prettier-ignore
    for (const t of tangents)
      for (const sign of [1, -1]) forces.push({ point, direction: [sign * t[0], sign * t[1], sign * t[2]], cost: 30, wanted: 0 });
  });

  const moments: number[][] = [];
  const row = (of: (force: Vec3, arm: Vec3) => number) =>
    moments.push(
      forces.map(({ point, direction }) => {
        const { at } = points[point]!;
        return of(direction, [at[0] - centre[0], at[1] - centre[1], at[2] - centre[2]]);
      }),
    );
  row((f, r) => r[0] * f[2] - r[2] * f[0]);
  row((f, r) => r[1] * f[2] - r[2] * f[1]);
  if (walls) {
    row((f, r) => r[0] * f[1] - r[1] * f[0]);
    row((f) => f[0]);
    row((f) => f[1]);
  }

  // The bending moment about the lowest lumbar disc: what the upper body's weight and its own contacts make.
  const disc = placed.origins[segmentIndex('lumbar1')]!;
  const upper = centreOfMass(placed, (segment) => ABOVE_DISC.has(segment));
  // Whoever lifts the chest off the floor does it with the back: the hands are not there to spare it.
  const lifts = contacts.some(({ part }) => LIES_ON_FRONT.has(part)) && contacts.some(({ part }) => HANDS.has(part));
  const ease = contacts.some(({ part }) => BACK_PARTS.has(part)) ? BACK_REST_LYING : BACK_REST;
  const bending = [0, 1].map((axis): ForceRow => ({
    factors: forces.map(({ point, direction }) => {
      const { at, segment } = points[point]!;
      if (!ABOVE_DISC.has(segment)) return 0;
      return (at[axis]! - disc[axis]!) * direction[2] - (at[2] - disc[2]) * direction[axis]!;
    }),
    value: (upper.at[axis]! - disc[axis]!) * upper.mass,
    meets: ease,
  }));

  const rub = (p: number): ForceRow => ({
    factors: forces.map(({ point, direction }) => (point !== p ? 0 : direction === points[p]!.normal ? FRICTION : -1)),
    value: 0,
    meets: 'least',
  });
  const size = leastForces(
    Float64Array.from(forces, ({ cost }) => cost),
    Float64Array.from(forces, ({ wanted }) => wanted),
    [
      { factors: forces.map(({ direction }) => direction[2]), value: 1, meets: 'equal' },
      ...moments.map((factors): ForceRow => ({ factors, value: 0, meets: BALANCED })),
      ...(lifts ? [] : bending),
      ...(walls ? points.map((_, p) => rub(p)) : []),
      ...light.map(({ load, most }): ForceRow => ({
        factors: forces.map(({ point, direction }) => (points[point]!.load === load && direction[2] > 0 ? -1 : 0)),
        value: -most,
        meets: 'least',
      })),
    ],
  );
  if (!size) return { contacts: [], residualCm: Infinity };
  const off = moments.map((m) => m.reduce((sum, value, i) => sum + value * size[i]!, 0));

  const pointLoads = points.map(({ at, segment, load }, p) => {
    const force: Vec3 = [0, 0, 0];
    let share = 0;
    forces.forEach(({ point, direction }, i) => {
      if (point !== p) return;
      if (direction === points[p]!.normal) share = size[i]!;
      for (let axis = 0; axis < 3; axis++) force[axis]! += direction[axis]! * size[i]!;
    });
    return { load, at, segment, share, force };
  });
  return {
    contacts: contacts.map((contact, load) => {
      const own = pointLoads.filter((point) => point.load === load);
      return { contact, share: own.reduce((sum, point) => sum + point.share, 0), points: own };
    }),
    residualCm: Math.hypot(...off) * 100,
  };
}
