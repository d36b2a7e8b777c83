import { SIDES, type Side } from '../angles.js';
import { isExternal } from '../body/contact.js';
import { directionOn, pointOn, segmentIndex, type PlacedBody, type Segment, type Vec3 } from '../body/skeleton.js';
import { BONE_NUMBER, type Bone } from './bones.js';

/** A ball of the drawn body: its centre and radius in cm, and the number of the part that it belongs to. */
export interface Ball {
  readonly at: Vec3;
  readonly radius: number;
  readonly bone: number;
}

/** A place along a limb: in the frame of a segment, in cm of the reference body, with its radius. */
type Station = readonly [segment: Segment, x: number, y: number, z: number, radius: number];

/** Balls between two stations stand so close, in radii, that their outline is a limb's. */
const SPACING = 0.28;

/** A cross section of the trunk: half its width and half its depth, in cm of the reference body. */
type Ring = readonly [bone: Bone, segment: Segment, x: number, z: number, halfWidth: number, halfDepth: number];
/** Typical adult girths; common practice, no source. */
const RINGS: readonly Ring[] = [
  ['hips', 'pelvis', -1.5, -5, 11.5, 7.6],
  ['hips', 'pelvis', -1, 1, 14.2, 9],
  ['trunk', 'pelvis', -0.2, 7, 13, 8.6],
  ['trunk', 'lumbar2', 0.3, 2, 11.2, 7.9],
  ['trunk', 'thoracic1', 0.4, 3, 11.8, 8.4],
  ['trunk', 'thoracic2', 0.4, 4, 12.6, 8.9],
  ['trunk', 'thoracic3', 0.3, 4, 13.6, 9],
  ['trunk', 'thoracic4', 0, 0.5, 14, 7.2],
  ['trunk', 'thoracic4', -0.4, 4.4, 11.4, 5],
  ['trunk', 'thoracic4', -0.5, 7.6, 6.6, 4.9],
  ['neck', 'neck1', -0.3, 2, 5, 4.9],
  ['neck', 'head', 0, 1, 4.7, 4.7],
];
const RING_STEPS = 5;
const ACROSS = 5;

/** How much the fingers of a hand are bent, in degrees. */
const CURL = { flat: 4, resting: 22, holding: 50 } as const;

class Builder {
  readonly balls: Ball[] = [];
  private readonly length: number;
  private readonly girth: number;

  constructor(private readonly placed: PlacedBody) {
    this.length = placed.body.scale;
    this.girth = placed.body.radiusScale;
  }

  /** A point of the reference body in the world, in cm. */
  at(segment: Segment, x: number, y: number, z: number): Vec3 {
    const k = this.length / 100;
    const point = pointOn(this.placed, segmentIndex(segment), [x * k, y * k, z * k]);
    return [point[0] * 100, point[1] * 100, point[2] * 100];
  }

  add(bone: Bone, at: Vec3, radius: number): void {
    this.balls.push({ at, radius, bone: BONE_NUMBER[bone] });
  }

  /** One limb, one shape: balls along the stations; `girth` tells whether flesh or bone sets the radius. */
  sweep(bone: Bone, stations: readonly Station[], scale = this.girth): void {
    const places = stations.map(([segment, x, y, z, radius]) => ({ at: this.at(segment, x, y, z), radius: radius * scale }));
    for (let i = 1; i < places.length; i++) {
      const [from, to] = [places[i - 1]!, places[i]!];
      const apart = Math.hypot(to.at[0] - from.at[0], to.at[1] - from.at[1], to.at[2] - from.at[2]);
      const steps = Math.max(1, Math.ceil(apart / (SPACING * Math.max(0.7, Math.min(from.radius, to.radius)))));
      for (let k = i === 1 ? 0 : 1; k <= steps; k++) {
        const share = k / steps;
        this.add(bone, between(from.at, to.at, share), from.radius + share * (to.radius - from.radius));
      }
    }
  }

  trunk(): void {
    const rings = RINGS.map(([bone, segment, x, z, width, depth]) => ({
      bone,
      at: this.at(segment, x, 0, z),
      across: directionOn(this.placed, segmentIndex(segment), [0, 1, 0]),
      width: width * this.girth,
      depth: depth * this.girth,
    }));
    for (let i = 1; i < rings.length; i++) {
      const [from, to] = [rings[i - 1]!, rings[i]!];
      for (let k = i === 1 ? 0 : 1; k <= RING_STEPS; k++) {
        const share = k / RING_STEPS;
        const at = smooth(rings[Math.max(0, i - 2)]!.at, from.at, to.at, rings[Math.min(rings.length - 1, i + 1)]!.at, share);
        const across = between(from.across, to.across, share);
        const depth = from.depth + share * (to.depth - from.depth);
        const reach = Math.max(0, from.width + share * (to.width - from.width) - depth);
        for (let n = 0; n < ACROSS; n++) {
          const out = reach * (n / ((ACROSS - 1) / 2) - 1);
          this.add(share < 0.5 ? from.bone : to.bone, [at[0] + out * across[0], at[1] + out * across[1], at[2] + out * across[2]], depth);
        }
      }
    }
    const { womb } = this.placed.body;
    if (womb)
      for (let share = 0; share <= 1; share += 0.2)
        this.add(
          'trunk',
          this.at('lumbar2', 2 + (share * womb.out * 85) / this.length, 0, 3 - 5 * share),
          8.6 * this.girth + womb.out * 12,
        );
  }

  leg(side: Side): void {
    const { thigh, shin } = lengths(this.placed, this.length);
    const [upper, lower, foot] = [`${side}Thigh`, `${side}Shin`, `${side}Foot`] as const;
    this.sweep(`${side}Thigh`, [
      [upper, 0, 0, 0, 8.4],
      [upper, 0.3, 0, -thigh * 0.2, 8.1],
      [upper, 0.4, 0, -thigh * 0.5, 7],
      [upper, 0.2, 0, -thigh * 0.8, 5.6],
      [lower, 0, 0, 0, 5],
    ]);
    this.sweep(`${side}Shin`, [
      [lower, 0, 0, 0, 5],
      [lower, -1, 0, -shin * 0.3, 5],
      [lower, -0.4, 0, -shin * 0.75, 3.3],
      [lower, 0, 0, -shin * 0.86, 3.1],
    ]);
    const bone: Bone = `${side}Foot`;
    const out = side === 'left' ? 1 : -1;
    this.sweep(bone, [
      [lower, 0, 0, -shin * 0.86, 3],
      [foot, 0, 0, 0, 3.1],
      [foot, -1.6, 0, -3.6, 2.9],
    ]);
    this.sweep(bone, [
      [foot, 0, 0, 0, 3.1],
      [foot, 5, -out * 0.3, -2.6, 2.6],
      [foot, 11.5, -out * 0.6, -4.6, 1.9],
    ]);
    for (const [from, to] of [
      [-1, -2.6],
      [0, -0.4],
      [1, 2.2],
    ] as const)
      this.sweep(bone, [
        [foot, -2.4, out * from, -4.2, 2.3],
        [foot, 6, out * (0.4 + to * 0.7), -4.9, 1.6],
        [foot, 12, out * to, -5.1, 1.5],
      ]);
    for (const y of [-2.9, -1.3, 0, 1.3, 2.5]) {
      const tip = this.at(foot, 17 - Math.max(0, y) * 0.9, out * y, -5.7);
      const root = this.at(foot, 12, out * y, -5.1);
      // Toes lie flat where the ball of the foot bears with the heel up.
      const bent: Vec3 = tip[2] < 0.9 ? [tip[0], tip[1], 0.9] : tip;
      for (let share = 0; share <= 1; share += 0.2) this.add(bone, between(root, bent, share), (y === -2.9 ? 1.25 : 1) * this.length);
    }
  }

  arm(side: Side): void {
    const { upperArm, forearm } = lengths(this.placed, this.length);
    const [upper, lower, hand] = [`${side}UpperArm`, `${side}Forearm`, `${side}Hand`] as const;
    this.sweep(`${side}UpperArm`, [
      [upper, 0, 0, -0.8, 4.6],
      [upper, 0, 0, -upperArm * 0.2, 4.6],
      [upper, 0, 0, -upperArm * 0.5, 4.2],
      [lower, 0, 0, 0, 3.3],
    ]);
    this.sweep(`${side}Forearm`, [
      [lower, 0, 0, 0, 3.3],
      [lower, 0, 0, -forearm * 0.15, 3.4],
      [lower, 0, 0, -forearm * 0.65, 2.8],
      [lower, 0, 0, -forearm * 0.92, 2.3],
    ]);
    this.hand(side, hand, [lower, 0, 0, -forearm * 0.92, 2.2]);
  }

  private hand(side: Side, hand: Segment, wrist: Station): void {
    const bone: Bone = `${side}Hand`;
    const out = side === 'left' ? 1 : -1;
    const own = this.placed.contacts.filter(({ part, side: of }) => of === side && /palm|^hand|fingertips|fist/.test(part));
    const curl = own.some(({ part }) => part === 'fist')
      ? 95
      : own.some((contact) => !isExternal(contact))
        ? CURL.holding
        : own.length > 0
          ? CURL.flat
          : CURL.resting;
    this.sweep(bone, [wrist, [hand, 0, 0, -1.5, 2.2]]);
    for (const x of [-2.4, 0, 2.4]) this.sweep(bone, [[hand, x * 0.5, 0, -0.5, 1.7], [hand, x, 0, -8.2, 1.35]], this.length); // prettier-ignore
    // The palm faces the body where an arm hangs: fingers bend towards it.
    const bend = (curl * Math.PI) / 180;
    for (const [x, long] of [
      [-3, 6.2],
      [-1, 7.6],
      [1, 8.2],
      [3, 7.4],
    ] as const) {
      const middle: Station = [hand, x, -out * Math.sin(bend / 2) * long * 0.5, -8.2 - Math.cos(bend / 2) * long * 0.5, 0.95];
      const tip: Station = [
        hand,
        x,
        middle[2] - out * Math.sin(bend * 1.4) * long * 0.5,
        middle[3] - Math.cos(bend * 1.4) * long * 0.5,
        0.8,
      ];
      this.sweep(bone, [[hand, x, 0, -8, 1.1], middle, tip], this.length);
    }
    this.sweep(bone, [[hand, 2.6, -out * 0.4, -1.5, 1.5], [hand, 5, -out * 1.4, -4.5, 1.2], [hand, 5.6, -out * 1.8, -8, 0.9]], this.length); // prettier-ignore
  }

  head(): void {
    const skin = (x: number, y: number, z: number, radius: number) => this.add('face', this.at('head', x, y, z), radius * this.length);
    const hair = (x: number, y: number, z: number, radius: number) => this.add('hair', this.at('head', x, y, z), radius * this.length);
    skin(1.2, 0, 9, 7);
    skin(1.8, 0, 7, 6.6);
    for (let share = 0; share <= 1; share += 0.2) skin(2.2 + 2.4 * share, 0, 5.5 - 3.6 * share, 5.6 - 2.2 * share);
    for (let share = 0; share <= 1; share += 0.25) skin(7.8 + 1.2 * share, 0, 8 - 2.6 * share, 0.8 + 0.3 * share);
    if (this.placed.body.shown.headscarf) return this.scarf();
    for (const y of [-6.7, 6.7]) {
      skin(-0.6, y, 7.2, 1.5);
      skin(-0.4, y, 5.8, 1.1);
    }
    hair(-1.5, 0, 9.2, 7.8);
    hair(-0.6, 0, 10.4, 7.2);
    hair(-3, 0, 6, 6.2);
    hair(-3.6, 0, 3.4, 4.2);
    // Lying on the back, the knot sits on the crown.
    const back = directionOn(this.placed, segmentIndex('head'), [-1, 0, 0]);
    const knot: [number, number] = back[2] < -0.35 ? [-1.5, 18.4] : [-9.4, 11.6];
    hair(knot[0], 0, knot[1], 3.1);
    hair((knot[0] - 1.5) / 2, 0, (knot[1] + 10) / 2, 3);
  }

  /** A headscarf in place of hair: round the face, below the chin, over the neck and down to the collar. */
  private scarf(): void {
    const add = (segment: Segment, x: number, y: number, z: number, radius: number) =>
      this.add('scarf', this.at(segment, x, y, z), radius * this.length);
    add('head', -1.5, 0, 9.4, 8.2);
    add('head', -0.6, 0, 10.8, 7.6);
    add('head', -3, 0, 6, 6.9);
    add('head', -2.6, 0, 2.6, 6);
    for (let share = 0; share <= 1; share += 0.25)
      for (const side of [-1, 1]) add('head', -1 + 2 * share, side * (3.4 - 1.6 * share), 6 - 6.4 * share, 4.6 - 0.6 * share);
    for (let share = 0; share <= 1; share += 0.25) add('neck1', 0.4, 0, 5 - 6 * share, 5.6 + 0.8 * share);
    for (const side of [-1, 1]) for (const out of [1.5, 4.5]) add('thoracic4', 0.6, side * out, 8.4 - 0.35 * out, 5.2);
  }
}

function between(from: Readonly<Vec3>, to: Readonly<Vec3>, share: number): Vec3 {
  return [0, 1, 2].map((i) => from[i]! + share * (to[i]! - from[i]!)) as Vec3;
}

/** A point of Catmull and Rom's curve between the second and the third of four points. */
function smooth(a: Readonly<Vec3>, b: Readonly<Vec3>, c: Readonly<Vec3>, d: Readonly<Vec3>, t: number): Vec3 {
  return [0, 1, 2].map(
    (i) =>
      0.5 *
      (2 * b[i]! +
        (c[i]! - a[i]!) * t +
        (2 * a[i]! - 5 * b[i]! + 4 * c[i]! - d[i]!) * t * t +
        (3 * b[i]! - a[i]! - 3 * c[i]! + d[i]!) * t * t * t),
  ) as Vec3;
}

/** Lengths of the bones in cm of the reference body, as stations are given. */
function lengths({ body }: PlacedBody, scale: number) {
  const { thigh, shin, upperArm, forearm } = body.length;
  const own = (metres: number) => (metres * 100) / scale;
  return { thigh: own(thigh), shin: own(shin), upperArm: own(upperArm), forearm: own(forearm) };
}

/** The drawn body as balls, in cm. */
export function bodyBalls(placed: PlacedBody): Ball[] {
  const builder = new Builder(placed);
  builder.trunk();
  for (const side of SIDES) {
    builder.leg(side);
    builder.arm(side);
  }
  builder.head();
  return builder.balls;
}
