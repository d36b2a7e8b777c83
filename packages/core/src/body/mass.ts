import { REFERENCE_LENGTHS, type Body } from './anthropometry.js';
import { memoize } from '../get-or-create.js';
import { pointOn, segmentIndex, type PlacedBody, type Segment, type Vec3 } from './skeleton.js';

/** A share of body mass at a point of a segment (metres in the segment's frame). */
export interface MassPoint {
  readonly segment: number;
  readonly local: Vec3;
  readonly mass: number;
}

/** Which link of the straight trunk lies at a height in cm above the hips, and how far up that link. */
function linkAt(height: number): { segment: Segment; z: number } {
  const { pelvis, lumbar, thoracic, neck } = REFERENCE_LENGTHS;
  const links: readonly (readonly [Segment, number])[] = [
    ['pelvis', pelvis],
    ['lumbar1', lumbar / 3], ['lumbar2', lumbar / 3], ['lumbar3', lumbar / 3],
    ['thoracic1', thoracic / 4], ['thoracic2', thoracic / 4], ['thoracic3', thoracic / 4], ['thoracic4', thoracic / 4],
    ['neck1', neck / 2], ['neck2', neck / 2],
  ]; // prettier-ignore
  let rest = height;
  for (const [segment, length] of links) {
    if (rest <= length) return { segment, z: rest };
    rest -= length;
  }
  return { segment: 'head', z: rest };
}

/** The body's mass as points; shares add to 1 within the rounding of the published table. */
export const massPoints: (body: Body) => readonly MassPoint[] = memoize(pointsOf);

function pointsOf(body: Body): MassPoint[] {
  const k = body.scale / 100;
  const points: MassPoint[] = body.axialMasses.map(({ mass, height }) => {
    const { segment, z } = linkAt(height);
    return { segment: segmentIndex(segment), local: [0, 0, z * k], mass };
  });
  const { masses, length } = body;
  for (const side of ['left', 'right'] as const) {
    const limb = (segment: string, mass: number, local: Vec3) =>
      points.push({ segment: segmentIndex(`${side}${segment}` as Segment), local, mass });
    limb('Thigh', masses.thigh.mass, [0, 0, -masses.thigh.centre * length.thigh]);
    limb('Shin', masses.shin.mass, [0, 0, -masses.shin.centre * length.shin]);
    // The foot runs from 4.5 cm behind the ankle to 18.5 cm ahead of it.
    limb('Foot', masses.foot.mass, [(masses.foot.centre * 23 - 4.5) * k, 0, -4 * k]);
    limb('UpperArm', masses.upperArm.mass, [0, 0, -masses.upperArm.centre * length.upperArm]);
    limb('Forearm', masses.forearm.mass, [0, 0, -masses.forearm.centre * length.forearm]);
    limb('Hand', masses.hand.mass, [0, 0, -body.handCentre]);
  }
  if (!body.womb) return points;
  // The weight that was told includes the womb: the rest of the body shares what is left.
  const { share, out } = body.womb;
  const womb: MassPoint = { segment: segmentIndex('lumbar2'), local: [6 * k + out / 2, 0, 1 * k], mass: share };
  return [...points.map((point) => ({ ...point, mass: point.mass * (1 - share) })), womb];
}

export interface CentreOfMass {
  readonly mass: number;
  readonly at: Vec3;
}

/** Centre of mass in metres of those segments that `include` accepts. */
export function centreOfMass(placed: PlacedBody, include: (segment: number) => boolean = () => true): CentreOfMass {
  let mass = 0;
  const at: Vec3 = [0, 0, 0];
  for (const point of massPoints(placed.body)) {
    if (!include(point.segment)) continue;
    const world = pointOn(placed, point.segment, point.local);
    mass += point.mass;
    for (let axis = 0; axis < 3; axis++) at[axis]! += point.mass * world[axis]!;
  }
  return { mass, at: [at[0] / mass, at[1] / mass, at[2] / mass] };
}

/** The segments above the lowest lumbar disc. */
export const ABOVE_DISC: ReadonlySet<number> = new Set([
  'lumbar1', 'lumbar2', 'lumbar3', 'thoracic1', 'thoracic2', 'thoracic3', 'thoracic4', 'neck1', 'neck2', 'head',
  'leftUpperArm', 'leftForearm', 'leftHand', 'rightUpperArm', 'rightForearm', 'rightHand',
].map((name) => segmentIndex(name as Parameters<typeof segmentIndex>[0]))); // prettier-ignore
