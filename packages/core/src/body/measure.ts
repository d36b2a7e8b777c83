import { RAD2DEG, SIDES, type Side } from '../angles.js';
import { balanceMargin } from './balance.js';
import { bellyClosure } from './belly.js';
import { HANDS, isExternal, type BodyPart } from './contact.js';
import { discLoad } from './discs.js';
import { contactLoads, type ContactLoad, type Loads } from './loads.js';
import { centreOfMass } from './mass.js';
import { eyes, heart, partBalls } from './parts.js';
import type { Posture } from './posture.js';
import { NORMAL_RANGE, type NormalMeasure } from './norms.js';
import { BEHIND } from './reach.js';
import { directionOn, pointOn, segmentIndex, type PlacedBody, type Vec3 } from './skeleton.js';
import type { Solved } from './solved.js';

/**
 * What decides a measure's value: the body in a posture; the library, which declares it of a variation; how the step is
 * done (dose, breath and the way that it asks for); the way from the posture before; the pace of that way; the class
 * so far, as a running total; or the class as a whole.
 */
export type DecidedBy = 'posture' | 'library' | 'doing' | 'arrival' | 'pace' | 'totals' | 'class';

export interface MeasureSpec {
  readonly unit: string;
  /** Where a breach of it lies. */
  readonly of: 'posture' | 'breath' | 'dose' | 'transition' | 'session';
  readonly label: string;
  /** What decides its value; the posture where it isn't said. */
  readonly by?: DecidedBy;
  /** Whether it is also looked at on the way between two postures: it follows from joint angles and the lie of the body alone. */
  readonly onTheWay?: true;
}

/** Every measure with its unit and what it is of: the only place where that is written. */
export const MEASURES = {
  lumbarFlexion: { unit: '°', of: 'posture', label: 'Low back rounding', onTheWay: true },
  thoracicFlexion: { unit: '°', of: 'posture', label: 'Upper back rounding', onTheWay: true },
  cervicalFlexion: { unit: '°', of: 'posture', label: 'Neck bending forward', onTheWay: true },
  spineRotation: { unit: '°', of: 'posture', label: 'Trunk twist', onTheWay: true },
  cervicalRotation: { unit: '°', of: 'posture', label: 'Head turn' },
  spineLateral: { unit: '°', of: 'posture', label: 'Trunk side-bend', onTheWay: true },
  cervicalLateral: { unit: '°', of: 'posture', label: 'Neck side-bend' },
  hipFlexion: { unit: '°', of: 'posture', label: 'Hip bend', onTheWay: true },
  trunkThigh: { unit: '°', of: 'posture', label: 'Angle between trunk and thigh' },
  hipExtension: { unit: '°', of: 'posture', label: 'Hip stretch to the back' },
  hipAbduction: { unit: '°', of: 'posture', label: 'Leg out to the side' },
  hipAdduction: { unit: '°', of: 'posture', label: 'Leg across the middle' },
  hipExternalRotation: { unit: '°', of: 'posture', label: 'Thigh turned out' },
  hipInternalRotation: { unit: '°', of: 'posture', label: 'Thigh turned in' },
  kneeFlexion: { unit: '°', of: 'posture', label: 'Knee bend', onTheWay: true },
  kneeFlexionLoaded: { unit: '°', of: 'posture', label: 'Knee bend under load' },
  ankleDorsiflexion: { unit: '°', of: 'posture', label: 'Ankle bent up' },
  anklePlantarflexion: { unit: '°', of: 'posture', label: 'Foot pointed' },
  shoulderElevation: { unit: '°', of: 'posture', label: 'Arm raised' },
  shoulderExtension: { unit: '°', of: 'posture', label: 'Arm behind' },
  wristExtensionLoaded: { unit: '°', of: 'posture', label: 'Wrist bent back under load' },
  elbowFlexion: { unit: '°', of: 'posture', label: 'Elbow bend' },
  elbowFlexionLoaded: { unit: '°', of: 'posture', label: 'Elbow bend under load' },
  wristFlexion: { unit: '°', of: 'posture', label: 'Wrist bent forward' },
  wristExtension: { unit: '°', of: 'posture', label: 'Wrist bent back' },
  shoulderInternalRotation: { unit: '°', of: 'posture', label: 'Upper arm turned in' },
  shoulderExternalRotation: { unit: '°', of: 'posture', label: 'Upper arm turned out' },
  shoulderHorizontalAdduction: { unit: '°', of: 'posture', label: 'Arm across the chest' },
  ankleInversion: { unit: '°', of: 'posture', label: 'Sole turned inwards' },
  toeExtensionLoaded: { unit: '°', of: 'posture', label: 'Big toe bent back under load' },
  spineRangeUsed: { unit: 'ratio', of: 'posture', label: 'Share of the spine’s range' },
  jointRangeUsed: { unit: 'ratio', of: 'posture', label: 'Share of the joints’ range' },
  hipRangeUsed: { unit: 'ratio', of: 'posture', label: 'Share of the hips’ range' },
  legAsymmetry: { unit: '°', of: 'posture', label: 'Difference between the legs' },
  straightLegAngle: { unit: '°', of: 'posture', label: 'Straight-leg raise', onTheWay: true },
  headBelowHeart: { unit: 'cm', of: 'posture', label: 'Eyes below the heart', onTheWay: true },
  pelvisAboveHeart: { unit: 'cm', of: 'posture', label: 'Hips above the heart', onTheWay: true },
  feetAboveHeart: { unit: 'cm', of: 'posture', label: 'Feet above the heart' },
  elbowAboveHeart: { unit: 'cm', of: 'posture', label: 'Elbow above the heart' },
  trunkPitch: { unit: '°', of: 'posture', label: 'Trunk from upright', onTheWay: true },
  handLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the hands' },
  oneHandLoad: { unit: 'body weight', of: 'posture', label: 'Weight on one hand' },
  forearmLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the forearms' },
  kneeLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the knees' },
  footLoad: { unit: 'body weight', of: 'posture', label: 'Weight on one foot' },
  feetLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the feet' },
  chestLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the chest' },
  headLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the head' },
  neckLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the neck' },
  chinLoad: { unit: 'body weight', of: 'posture', label: 'Weight on the chin' },
  discLoad: { unit: '× standing', of: 'posture', label: 'Load on the lumbar discs' },
  balanceMargin: { unit: 'cm', of: 'posture', label: 'Distance to tipping' },
  feetDown: { unit: 'feet', of: 'posture', label: 'Feet on the ground' },
  fallHeight: { unit: 'cm', of: 'posture', label: 'Height to fall from' },
  bellyClosure: { unit: '1', of: 'posture', label: 'Belly pressed by thighs or floor' },
  support: { unit: 'grade 0-3', of: 'posture', label: 'Something to hold' },
  comHeight: { unit: 'cm', of: 'posture', label: 'Height of the centre of mass' },
  kneeGap: { unit: 'cm', of: 'posture', label: 'Free height under the lower knee' },
  shoulderLift: { unit: 'cm', of: 'posture', label: 'Shoulder blade off the floor' },
  abdominalLoad: { unit: 'grade 0-5', of: 'posture', label: 'Work of the belly wall', by: 'library' },
  effort: { unit: 'grade 1-5', of: 'posture', label: 'Effort', by: 'library' },
  met: { unit: 'MET', of: 'posture', label: 'Energy', by: 'library' },
  headJolt: { unit: 'grade 0-2', of: 'posture', label: 'Quick head movement', by: 'library' },
  eyesClosed: { unit: 'yes 1', of: 'posture', label: 'Eyes closed', by: 'library' },
  breathFocus: { unit: 'yes 1', of: 'posture', label: 'Attention on the breath', by: 'library' },
  gripForce: { unit: 'grade 0-3', of: 'posture', label: 'Strength of the grip' },
  neckSweep: { unit: '°', of: 'posture', label: 'How far the neck is led round in a movement', by: 'library' },
  pelvicFloorCue: { unit: 'grade -1-2', of: 'posture', label: 'Work of the pelvic floor', by: 'library' },
  limbStrap: { unit: 'yes 1', of: 'posture', label: 'A strap round an arm or leg', by: 'library' },
  jawOpening: { unit: 'grade 0-2', of: 'posture', label: 'How wide the mouth opens', by: 'library' },
  kneeRotation: { unit: '°', of: 'posture', label: 'Twist in the knee' },
  breathRetention: { unit: 's', of: 'breath', label: 'Breath held', by: 'doing' },
  breathRate: { unit: 'breaths/min', of: 'breath', label: 'Breaths a minute', by: 'doing' },
  hold: { unit: 's', of: 'dose', label: 'Time held still', by: 'doing' },
  repSeconds: { unit: 's', of: 'dose', label: 'Time of one repetition', by: 'doing' },
  neckSpeed: { unit: '°/s', of: 'dose', label: 'Speed of the neck', by: 'doing' },
  lumbarSpeed: { unit: '°/s', of: 'dose', label: 'Speed of the low back', by: 'doing' },
  kneeSpeedLoaded: { unit: '°/s', of: 'dose', label: 'Speed of a knee under load', by: 'doing' },
  impact: { unit: 'grade 0-3', of: 'transition', label: 'Impact', by: 'doing' },
  levelChange: { unit: 'cm', of: 'transition', label: 'Rise of the centre of mass', by: 'arrival' },
  headDrop: { unit: 'cm', of: 'transition', label: 'Fall of the eyes against the heart', by: 'arrival' },
  headSweep: { unit: '°', of: 'transition', label: 'Turn of the head in space', by: 'arrival' },
  transitionTime: { unit: 's', of: 'transition', label: 'Time for the way there', by: 'pace' },
  supineRun: { unit: 'min', of: 'session', label: 'Flat on the back without a break', by: 'totals' },
  standingRun: { unit: 'min', of: 'session', label: 'Standing still', by: 'doing' },
  minutesHeadDown: { unit: 'min', of: 'session', label: 'Minutes with the head low', by: 'totals' },
  floorTrips: { unit: 'trips', of: 'session', label: 'Trips to the floor', by: 'totals' },
  sessionMinutes: { unit: 'min', of: 'session', label: 'Length of the class', by: 'class' },
  coolMinutes: { unit: 'min', of: 'session', label: 'Quiet minutes at the end', by: 'class' },
  unrelievedSitting: { unit: 'min', of: 'session', label: 'Sitting without a break', by: 'totals' },
  restShare: { unit: '1', of: 'session', label: 'Share of rest in the class', by: 'class' },
  leftRightDifference: { unit: 'ratio', of: 'session', label: 'Left against right', by: 'class' },
  touch: { unit: 'yes 1', of: 'session', label: 'Hands-on help planned', by: 'class' },
  heat: { unit: '°C', of: 'session', label: 'Room temperature', by: 'class' },
  sensoryLoad: { unit: 'grade 0-3', of: 'session', label: 'Sound, light and scent', by: 'class' },
} as const satisfies Record<string, MeasureSpec>;
export type Measure = keyof typeof MEASURES;
/** All of them, in the order of `MEASURES`. */
export const MEASURE_NAMES = Object.keys(MEASURES) as readonly Measure[];

/** Measures that one of these decides. */
export type MeasureBy<By extends DecidedBy> = { [M in Measure]: (typeof MEASURES)[M] extends { readonly by: By } ? M : never }[Measure];

/** The measures that any of these decides, in the order of `MEASURES`. */
export function measuresBy<By extends DecidedBy>(...kinds: readonly By[]): readonly MeasureBy<By>[] {
  return MEASURE_NAMES.filter((measure): measure is MeasureBy<By> => (kinds as readonly DecidedBy[]).includes(decidedBy(measure)));
}

function decidedBy(measure: Measure): DecidedBy {
  const spec: MeasureSpec = MEASURES[measure];
  return spec.by ?? 'posture';
}

/** A measure that is also looked at on the way between two postures. */
export type OnTheWay = { [M in Measure]: (typeof MEASURES)[M] extends { readonly onTheWay: true } ? M : never }[Measure];
export const ON_THE_WAY = MEASURE_NAMES.filter((measure): measure is OnTheWay => 'onTheWay' in MEASURES[measure]);

/** Where a breach of a bound on a measure, or on the facing, lies. */
export function whereOf(measure: Measure | 'facing'): MeasureSpec['of'] {
  return measure === 'facing' ? 'posture' : MEASURES[measure].of;
}

export type Facing = 'upright' | 'prone' | 'supine' | 'left side' | 'right side';

/** What is known of a posture. A measure that is missing is unknown, and never counts as met. */
export interface MeasuredPosture {
  readonly values: Readonly<Partial<Record<Measure, number>>>;
  readonly facing: Facing;
  /** On the feet, not seated or lying, with fewer than four firm contacts. */
  readonly standing: boolean;
  /** Trunk on floor or prop and level within 40 degrees. */
  readonly lying: boolean;
  readonly loads: Loads;
  readonly centreOfMass: Vec3;
}

const FOREARMS = new Set<BodyPart>(['forearm', 'elbow']);
const FEET = new Set<BodyPart>(['sole', 'ball', 'edge', 'inneredge', 'foot', 'arch']);
const KNEES = new Set<BodyPart>(['knee', 'shin', 'lowerleg']);
const SHANK = new Set<BodyPart>(['ankle', 'instep', 'calf', 'shin', 'lowerleg', 'knee']);
const HEAD = new Set<BodyPart>(['head', 'headback', 'crown', 'forehead', 'temple', 'chin']);
const CHIN = new Set<BodyPart>(['temple', 'chin']);
const OVER_NECK = new Set<BodyPart>(['upperback', 'shoulder', 'upperarm', 'elbow', 'headback']);
/**
 * A quarter of what rests on shoulders, upper arms and the back of the head presses on the bent neck when
 * the trunk stands on end over them, none while it lies; between, in proportion to its lean (common
 * practice, no source: a shoulder stand 0.25, a bridge below 0.05).
 */
const NECK_SHARE = 0.25;
/** How much a seat under the sacrum takes statics leaves open: shoulders that lie down carry at least this share. */
const LEAST_OVER_NECK = 0.3;
const UPTURNED_FROM = 102;
const UPTURNED_TO = 150;
/**
 * How far a hip that is bent turns out or in before the shin has to follow, in degrees: beyond it the knee
 * takes the twist. Out: the far end of the ordinary range; in: little, since sitting between the heels twists
 * the knee (common practice, no source).
 */
const HIP_TURNS_OUT = 60;
const HIP_TURNS_IN = 10;
/** A straighter knee than this lets the shin turn with the foot. */
const KNEE_LOCKS_FROM = 90;
const CHEST = new Set<BodyPart>(['chest', 'ribs']);
const SEAT = new Set<BodyPart>(['sitbone', 'thigh']);
const TRUNK = new Set<BodyPart>(['pelvis', 'sacrum', 'lowback', 'midback', 'upperback', 'belly', 'ribs', 'ribside', 'chest', 'pubis', 'hipside', 'shoulder', 'waist']); // prettier-ignore

function sum(loads: readonly ContactLoad[], test: (load: ContactLoad) => boolean): number {
  return loads.reduce((total, load) => total + (test(load) ? load.share : 0), 0);
}

/** Angle in degrees between the line from one point to another and the vertical. */
function leanOf(from: Vec3, to: Vec3): number {
  const d: Vec3 = [to[0] - from[0], to[1] - from[1], to[2] - from[2]];
  return Math.acos(Math.min(1, Math.max(-1, d[2] / Math.hypot(...d)))) * RAD2DEG;
}

function facingOf(placed: PlacedBody, trunkPitch: number, onFeetOrSeat: number, onTrunk: number): Facing {
  if (onFeetOrSeat >= 0.62 || (trunkPitch < 45 && onTrunk < 0.2)) return 'upright';
  const chest = segmentIndex('thoracic2');
  const front = directionOn(placed, chest, [1, 0, 0]);
  if (trunkPitch > 130) return directionOn(placed, segmentIndex('head'), [1, 0, 0])[2] > 0.3 ? 'supine' : 'prone';
  if (front[2] <= -0.5) return 'prone';
  if (front[2] >= 0.5) return 'supine';
  const left = directionOn(placed, chest, [0, 1, 0]);
  return left[2] < 0 ? 'left side' : 'right side';
}

/** 0 nothing, 1 fingertips or one hand on something fixed, 2 a firm grip or both hands, 3 seated, lying or four firm contacts. */
function supportGrade(loads: readonly ContactLoad[], posture: Posture, resting: boolean, firm: number): number {
  if (resting || firm >= 4) return 3;
  const held = posture.contacts.filter(
    ({ part, on }) => (HANDS.has(part) || FOREARMS.has(part)) && (on.kind === 'wall' || (on.kind === 'level' && on.surface !== 'floor')),
  );
  if (held.length >= 2) return 2;
  const back = loads.some(({ contact }) => contact.on.kind === 'wall' && TRUNK.has(contact.part));
  return held.length === 1 || back ? 1 : 0;
}

/** How far the toes bend back where the ball of the foot bears: the lean of the sole, in degrees. */
function heelLift(placed: PlacedBody, side: Side): number {
  const sole = directionOn(placed, segmentIndex(`${side}Foot`), [0, 0, -1]);
  return Math.acos(Math.min(1, Math.max(-1, -sole[2]))) * RAD2DEG;
}

/** The twist of a bent knee whose foot or shin is held, where the hip can't turn so far. */
function kneeTwist({ knee, hipRotation }: Posture['legs'][Side], held: boolean): number {
  if (!held || knee < KNEE_LOCKS_FROM) return 0;
  return Math.max(0, hipRotation - HIP_TURNS_OUT, -hipRotation - HIP_TURNS_IN);
}

const HELD_BY_HAND = new Set<BodyPart>(['foot', 'ankle', 'heel', 'ball', 'instep', 'edge']);
/** 0 open hands, 1 a strap held, 2 a foot pulled; hanging (3) is declared. */
function gripGrade({ contacts }: Posture): number {
  const hands = contacts.filter(({ part }) => HANDS.has(part));
  if (hands.some(({ on }) => on.kind === 'body' && HELD_BY_HAND.has(on.part))) return 2;
  return hands.some(({ on }) => on.kind === 'strap') ? 1 : 0;
}

/** The direction up in the head's own frame: what the balance organs feel. */
export function upInHead(placed: PlacedBody): Vec3 {
  const head = segmentIndex('head');
  return [0, 1, 2].map((axis) => directionOn(placed, head, [axis === 0 ? 1 : 0, axis === 1 ? 1 : 0, axis === 2 ? 1 : 0])[2]) as Vec3;
}

/** How far the head turns against gravity from one posture to another, in degrees. */
export function headSweep(from: PlacedBody, to: PlacedBody): number {
  const a = upInHead(from);
  const b = upInHead(to);
  return Math.acos(Math.min(1, Math.max(-1, a[0] * b[0] + a[1] * b[1] + a[2] * b[2]))) * RAD2DEG;
}

/** The largest share of its ordinary range that any of these measures uses. */
function rangeUsed(values: Readonly<Partial<Record<Measure, number>>>, measures: readonly NormalMeasure[]): number {
  return Math.max(
    ...measures.map((measure) => {
      const [low, high] = NORMAL_RANGE[measure];
      const value = values[measure] ?? 0;
      return value >= 0 ? value / high : low < 0 ? value / low : 0;
    }),
  );
}
const SPINE_RANGES = ['lumbarFlexion', 'thoracicFlexion', 'spineRotation', 'spineLateral'] as const;
const JOINT_RANGES = (Object.keys(NORMAL_RANGE) as NormalMeasure[]).filter(
  (measure) => !(SPINE_RANGES as readonly string[]).includes(measure),
);
const HIP_RANGES = JOINT_RANGES.filter((measure) => measure.startsWith('hip'));

/** A pelvis no higher than this, in metres, sinks to the floor rather than falls, as out of an upward dog (common practice, no source). */
const SINKS = 0.25;
/** A leg weighs 16 % of the body (Dempster 1955): what of it rests on the floor in sitting is less than that. */
const LEG_RESTS = 0.145;

/** All measures that follow from a solved posture alone. Degrees, cm, shares of body weight. */
export function measurePosture(solved: Solved): MeasuredPosture {
  const { placed, posture } = solved;
  const loads = contactLoads(placed);
  const on = loads.contacts;
  const { spine, legs, arms } = posture;
  const body = placed.body;
  const both = (of: (side: Side) => number) => Math.max(of('left'), of('right'));
  const eyeZ = pointOn(placed, eyes(body).segment, eyes(body).local)[2];
  const heartZ = pointOn(placed, heart(body).segment, heart(body).local)[2];
  const pelvis = placed.origins[0]!;
  const trunkPitch = leanOf(pelvis, placed.origins[segmentIndex('neck1')]!);
  const footZ = both((side) => placed.origins[segmentIndex(`${side}Foot`)]![2]);
  const com = centreOfMass(placed).at;
  const known = on.length > 0;

  const bears = (parts: ReadonlySet<BodyPart>, side?: Side) =>
    sum(on, ({ contact }) => parts.has(contact.part) && (side === undefined || contact.side === side));
  const footDown = (side: Side) => {
    const sole = directionOn(placed, segmentIndex(`${side}Foot`), [0, 0, -1]);
    const flat = (part: BodyPart) => part === 'ball' || sole[2] < -0.75;
    return on.some(
      ({ contact, share }) =>
        contact.side === side &&
        (FEET.has(contact.part) || contact.part === 'heel') &&
        contact.on.kind === 'level' &&
        flat(contact.part) &&
        share > 0.005,
    );
  };
  const feetShare = bears(FEET);
  const seatShare = bears(SEAT);
  const trunkShare = bears(TRUNK);
  const facing = facingOf(placed, trunkPitch, feetShare + seatShare, trunkShare);
  const lying = trunkShare >= 0.3 && Math.abs(trunkPitch - 90) <= 40;
  const firm = new Set(on.filter(({ share }) => share > 0.03).map(({ contact }) => `${contact.part} ${contact.side}`)).size;
  const seated = seatShare > 0.25 && feetShare < 0.7;
  const standing = feetShare >= 0.5 && !seated && !lying && firm < 4;
  // Sitting, feet, shins and knees on blocks carry little but the legs themselves; in a bridge, or on blocks while reclining, the knee is bent, not pressed.
  const kneeBears = (side: Side) =>
    facing !== 'supine' && ((!seated && bears(FEET, side) > 0.1) || (!lying && bears(KNEES, side) > (seated ? LEG_RESTS : 0.05)));
  const pelvisFree = !on.some(({ contact }) => SEAT.has(contact.part) || ['pelvis', 'sacrum', 'hipside', 'pubis'].includes(contact.part));
  const lowest = (part: BodyPart, side: Side) => {
    const { segment, local, radius } = partBalls(body, part, side)[0]!;
    return pointOn(placed, segment, local)[2] - radius;
  };
  const lowKnee = Math.min(...SIDES.map((side) => lowest('knee', side)));
  const kneeRests = posture.contacts.some(
    (contact) => ['knee', 'lowerleg', 'ankle', 'thigh'].includes(contact.part) && contact.bears && isExternal(contact),
  );
  const bladeZ = SIDES.map((side) => lowest('shoulder', side));

  // An arm goes behind when the plane of its rise points back.
  const behind = (side: Side) => arms[side].plane < BEHIND;
  const values: Partial<Record<Measure, number>> = {
    lumbarFlexion: spine.lumbar,
    thoracicFlexion: spine.thoracic,
    cervicalFlexion: spine.cervical,
    spineRotation: Math.abs(spine.rotation),
    cervicalRotation: Math.abs(spine.neckRotation),
    spineLateral: Math.abs(spine.lateral),
    cervicalLateral: Math.abs(spine.neckLateral),
    hipFlexion: both((side) => legs[side].hipFlexion),
    // Arcs of equal links, exact to a degree up to 60 degrees of bend (derived): hip precautions mean this angle, whoever bends.
    trunkThigh: Math.min(...SIDES.map((side) => 180 - legs[side].hipFlexion - 0.71 * spine.lumbar - 0.33 * spine.thoracic)),
    hipExtension: both((side) => Math.max(0, -legs[side].hipFlexion)),
    hipAbduction: both((side) => Math.max(0, legs[side].hipAbduction)),
    hipAdduction: both((side) => Math.max(0, -legs[side].hipAbduction)),
    hipExternalRotation: both((side) => Math.max(0, legs[side].hipRotation)),
    hipInternalRotation: both((side) => Math.max(0, -legs[side].hipRotation)),
    kneeFlexion: both((side) => legs[side].knee),
    ankleDorsiflexion: both((side) => Math.max(0, legs[side].ankle)),
    anklePlantarflexion: both((side) => Math.max(0, -legs[side].ankle)),
    shoulderElevation: both((side) => (behind(side) ? 0 : arms[side].shoulder)),
    shoulderExtension: both((side) => (behind(side) ? arms[side].shoulder : 0)),
    elbowFlexion: both((side) => arms[side].elbow),
    wristFlexion: both((side) => Math.max(0, arms[side].wrist)),
    wristExtension: both((side) => Math.max(0, -arms[side].wrist)),
    shoulderInternalRotation: both((side) => Math.max(0, -arms[side].rotation)),
    shoulderExternalRotation: both((side) => Math.max(0, arms[side].rotation)),
    // Beyond straight ahead the plane of the rise points across the chest; near the ribs that is nothing.
    shoulderHorizontalAdduction: both((side) => (arms[side].shoulder > 45 ? Math.max(0, arms[side].plane - 90) : 0)),
    ankleInversion: both((side) => Math.max(0, legs[side].inversion)),
    legAsymmetry: Math.max(
      Math.abs(legs.left.hipFlexion - legs.right.hipFlexion),
      Math.abs(legs.left.hipAbduction - legs.right.hipAbduction),
    ),
    straightLegAngle: both((side) => Math.max(0, legs[side].hipFlexion - legs[side].knee)),
    headBelowHeart: (heartZ - eyeZ) * 100,
    pelvisAboveHeart: (pelvis[2] - heartZ) * 100,
    feetAboveHeart: (footZ - heartZ) * 100,
    elbowAboveHeart: (both((side) => placed.origins[segmentIndex(`${side}Forearm`)]![2]) - heartZ) * 100,
    trunkPitch,
    comHeight: com[2] * 100,
    kneeGap: kneeRests ? 0 : Math.max(0, lowKnee * 100),
    gripForce: gripGrade(posture),
    kneeRotation: both((side) =>
      kneeTwist(
        legs[side],
        posture.contacts.some((contact) => contact.side === side && (FEET.has(contact.part) || SHANK.has(contact.part))),
      ),
    ),
    shoulderLift: facing === 'supine' ? Math.max(0, Math.abs(bladeZ[0]! - bladeZ[1]!) * 100) : 0,
  };
  values.spineRangeUsed = rangeUsed(values, SPINE_RANGES);
  values.jointRangeUsed = rangeUsed(values, JOINT_RANGES);
  values.hipRangeUsed = rangeUsed(values, HIP_RANGES);
  if (known) {
    const feetDown = SIDES.filter(footDown).length;
    const onFoot = (side: Side) => sum(on, ({ contact }) => contact.side === side && (FEET.has(contact.part) || contact.part === 'heel'));
    Object.assign(values, {
      kneeFlexionLoaded: Math.max(0, ...SIDES.map((side) => (kneeBears(side) ? legs[side].knee : 0))),
      wristExtensionLoaded: Math.max(0, ...SIDES.map((side) => (bears(HANDS, side) > 0.05 ? -arms[side].wrist : 0))),
      handLoad: bears(HANDS),
      oneHandLoad: both((side) => bears(HANDS, side)),
      forearmLoad: bears(FOREARMS),
      kneeLoad: lying ? 0 : bears(KNEES),
      footLoad: both(onFoot),
      feetLoad: onFoot('left') + onFoot('right'),
      chestLoad: bears(CHEST),
      elbowFlexionLoaded: Math.max(0, ...SIDES.map((side) => (bears(HANDS, side) > 0.05 ? arms[side].elbow : 0))),
      toeExtensionLoaded: both((side) =>
        on.some(({ contact, share }) => contact.part === 'ball' && contact.side === side && share > 0.02) ? heelLift(placed, side) : 0,
      ),
      headLoad: bears(HEAD),
      chinLoad: bears(CHIN),
      neckLoad:
        Math.max(
          bears(OVER_NECK),
          on.some(({ contact }) => contact.part === 'shoulder' || contact.part === 'upperback') ? LEAST_OVER_NECK : 0,
        ) *
        NECK_SHARE *
        Math.min(1, Math.max(0, (trunkPitch - UPTURNED_FROM) / (UPTURNED_TO - UPTURNED_FROM))),
      discLoad: discLoad(placed, loads, spine.lumbar, seated),
      feetDown,
      fallHeight: feetDown === 0 && pelvisFree && !lying && bears(KNEES) < 0.05 && pelvis[2] > SINKS ? pelvis[2] * 100 : 0,
      bellyClosure: bellyClosure(placed, loads),
      support: supportGrade(on, posture, seated || lying, firm),
    } satisfies Partial<Record<Measure, number>>);
    const margin = balanceMargin(com, loads);
    if (margin !== null) values.balanceMargin = margin;
  }
  return { values, facing, standing, lying, loads, centreOfMass: com };
}

const HUNDREDTHS = new Set(['body weight', '1', '× standing', 'ratio']);
const TENTHS = new Set(['min', 'MET']);
const FINE = Object.fromEntries(
  Object.entries(MEASURES).map(([measure, { unit }]) => [measure, HUNDREDTHS.has(unit) ? 100 : TENTHS.has(unit) ? 10 : 1]),
) as Record<Measure, number>;

/** Rounding before a value is set against a bound: 1 cm, 1 degree, 0.01 of body weight, 1 s; 0.1 min. */
export function roundMeasure(measure: Measure, value: number): number {
  const fine = FINE[measure];
  // Adding 0 turns -0 into 0.
  return Math.round(value * fine + 1e-9) / fine + 0;
}
