import type { MessageId } from '../messages/message.js';
import { SIDES, type Side } from '../angles.js';
import type { Contact, LevelSurface } from '../body/contact.js';
import type { Measure } from '../body/measure.js';
import type { LegAngles, Posture } from '../body/posture.js';
import type { Bound } from '../conditions/condition.js';

/** The bounds that a change has to reach, by measure. */
export type Wanted = ReadonlyMap<Measure | 'facing' | 'props' | 'leftOut', Bound>;

/** Each has its words, `change.<id>`, among the messages. */
export type PostureChangeId = Exclude<
  Extract<MessageId, `change.${string}`> extends `change.${infer Id}` ? Id : never,
  'variation' | 'leaves-out' | 'way'
>;

/** A small change of a posture's angles or supports. */
export interface PostureChange {
  readonly id: PostureChangeId;
  /** How much it disturbs, set against 1 for the smallest. */
  readonly cost: number;
  /** Of changes that place the same limbs only one is taken. */
  readonly places?: 'hands';
  /** What it can improve; it is tried only where one of these is broken. */
  readonly helps: readonly Measure[];
  /** What it costs on top where it takes much away. */
  readonly extra?: (posture: Posture, wanted: Wanted) => number;
  /** The changed posture, or `null` where there is nothing to change. */
  readonly apply: (posture: Posture, wanted: Wanted) => Posture | null;
}

const HANDS = new Set(['palm', 'hand', 'fingertips', 'fist']);
/** A face that lies on something; a crown that bears stands there. */
const FACE = new Set(['forehead', 'chin', 'temple']);
const RESTING = new Set(['chest', 'ribs', 'belly', 'forearm']);
const KNEES = new Set(['knee', 'lowerleg', 'thigh']);

function onFeet(posture: Posture): boolean {
  return SIDES.every((side) =>
    posture.contacts.some(
      (contact) =>
        contact.side === side && (contact.part === 'sole' || contact.part === 'ball') && contact.bears && contact.on.kind === 'level',
    ),
  );
}

function mapLegs(posture: Posture, of: (leg: LegAngles, side: Side) => LegAngles): Posture {
  return { ...posture, legs: { left: of(posture.legs.left, 'left'), right: of(posture.legs.right, 'right') } };
}

/** Moves what the hands rest on up to a level; the solver lets the trunk follow. */
function raiseHands(surface: LevelSurface, height: number) {
  return (posture: Posture): Posture | null => {
    const lower = (contact: Contact) =>
      HANDS.has(contact.part) &&
      contact.on.kind === 'level' &&
      contact.on.height < height - 2 &&
      contact.on.surface !== 'seat' &&
      contact.on.surface !== 'chairback';
    // Only where the front looks down: hands under a body that is bent back are no support that is raised.
    if (!posture.contacts.some(lower) || posture.root.pitch < 0) return null;
    // The trunk starts where its hands will end, so that the solver has little left to do.
    const lift = Math.min(40, height * 0.7);
    const { root } = posture;
    const standing = onFeet(posture) && root.pitch > 40;
    return {
      ...posture,
      root: standing ? { ...root, pitch: root.pitch - lift * 0.7 } : root,
      legs: standing ? mapLegs(posture, (leg) => ({ ...leg, hipFlexion: leg.hipFlexion - lift * 0.7 })).legs : posture.legs,
      contacts: posture.contacts.map((contact) =>
        lower(contact) ? { ...contact, bears: true, on: { kind: 'level' as const, surface, height } } : contact,
      ),
    };
  };
}

/** Puts what the head lies on up to a height. */
function raiseHead(parts: ReadonlySet<string>, surface: LevelSurface, height: number, neck: number, faceDown: boolean) {
  return (posture: Posture): Posture | null => {
    if (posture.root.pitch > 0 !== faceDown) return null;
    const lower = (contact: Contact) => parts.has(contact.part) && contact.on.kind === 'level' && contact.on.height < height - 1;
    if (!posture.contacts.some(lower)) return null;
    return {
      ...posture,
      spine: { ...posture.spine, cervical: posture.spine.cervical + neck },
      contacts: posture.contacts.map((contact) =>
        lower(contact) ? { ...contact, bears: true, on: { kind: 'level' as const, surface, height } } : contact,
      ),
    };
  };
}

/** The nearest value inside a bound, one step in from its edge. */
function inside(bound: Bound, value: number): number {
  if ('equals' in bound) return bound.equals;
  let next = value;
  if ('atMost' in bound) next = Math.min(next, bound.atMost - Math.min(1, Math.abs(bound.atMost)));
  if ('atLeast' in bound) next = Math.max(next, bound.atLeast + Math.min(1, Math.abs(bound.atLeast)));
  return next;
}

type SpineAngle = keyof Posture['spine'];
/**
 * Whether a pose is about this bend, so that it has no form without: a neck bent back to its end, or a whole back that is
 * rolled up, or bent back with the hips. Degrees.
 */
function isThePose({ spine, legs }: Posture, angle: SpineAngle): boolean {
  if (angle === 'cervical') return spine.cervical < -35;
  if (angle !== 'lumbar' && angle !== 'thoracic') return false;
  const isRolledUp = spine.lumbar > 30 && spine.thoracic > 25;
  return isRolledUp || (spine.lumbar < -20 && Math.max(legs.left.hipFlexion, legs.right.hipFlexion) < -15);
}

/** Degrees taken away that cost as much as a change of their own. */
const DEGREES_PER_COST = 15;
/** Brings one angle of the spine inside its bound; `unsigned` for measures that count either side alike. */
function lessSpine(id: PostureChangeId, angle: SpineAngle, measure: Measure, unsigned: boolean): PostureChange {
  const target = (bound: Bound, now: number) => (unsigned ? Math.sign(now) * inside(bound, Math.abs(now)) : inside(bound, now));
  return {
    id, cost: 1, helps: [measure],
    extra: (posture, wanted) => {
      const bound = wanted.get(measure);
      return bound ? Math.abs(target(bound, posture.spine[angle]) - posture.spine[angle]) / DEGREES_PER_COST : 0;
    },
    apply: (posture, wanted) => {
      const bound = wanted.get(measure);
      if (!bound) return null;
      const now = posture.spine[angle];
      if (isThePose(posture, angle)) return null;
      const next = target(bound, now);
      if (Math.abs(next - now) < 0.5) return null;
      // What the spine no longer bends, the hips take over where a fold is meant.
      const root = angle === 'lumbar' && now > 0 && onFeet(posture) ? { ...posture.root, pitch: posture.root.pitch + (now - next) * 0.3 } : posture.root;
      return { ...posture, root, spine: { ...posture.spine, [angle]: next } };
    },
  }; // prettier-ignore
}

function hold(sides: readonly Side[]) {
  return (posture: Posture): Posture | null => {
    if (!posture.contacts.some(({ part, bears }) => bears && (part === 'sole' || part === 'ball'))) return null;
    if (
      posture.root.pitch > 50 ||
      posture.contacts.some(({ part, bears, on }) => bears && (HANDS.has(part) || part === 'sitbone') && on.kind === 'level')
    )
      return null;
    const arm = {
      shoulder: sides.length === 2 ? 40 : 34,
      plane: sides.length === 2 ? 85 : 45,
      rotation: 0,
      elbow: 62,
      forearm: 60,
      wrist: -50,
    };
    const arms = { ...posture.arms };
    for (const side of sides) arms[side] = arm;
    const free = ({ part, side, on }: Contact) =>
      !(
        (HANDS.has(part) || part === 'elbow' || part === 'forearm') &&
        (sides.includes(side ?? 'left') || (on.kind === 'body' && HANDS.has(on.part)))
      );
    return {
      ...posture,
      arms,
      contacts: [
        ...posture.contacts.filter(free),
        ...sides.map((side): Contact => ({ part: 'palm', side, bears: true, on: { kind: 'level', surface: 'chairback', height: 85 } })),
      ],
    };
  };
}

/** Never less than a third of the step that was meant. */
const LEAST_STEP = 0.35;
/** The share of its step that a stance keeps so that a difference, or a leg led back, comes within its bound. */
function shareOfStep(wanted: Wanted, apart: number, back: number): number {
  const within = (measure: Measure, value: number) => {
    const bound = wanted.get(measure);
    return bound && 'atMost' in bound && value > 0 ? (bound.atMost - 3) / value : null;
  };
  const asked = [within('legAsymmetry', apart), within('hipExtension', back)].filter((share) => share !== null);
  return asked.length > 0 ? Math.min(0.75, Math.max(LEAST_STEP, Math.min(...asked))) : 0.65;
}

/** Legs that are led less far apart, as far as is asked. */
function legsNearer(posture: Posture, wanted: Wanted): Posture | null {
  const { left, right } = posture.legs;
  const apart = Math.abs(left.hipFlexion - right.hipFlexion);
  if (apart < 25 && Math.min(left.hipAbduction, right.hipAbduction) < 20) return null;
  const share = shareOfStep(wanted, apart, Math.max(0, -left.hipFlexion, -right.hipFlexion));
  const mean = (left.hipFlexion + right.hipFlexion) / 2;
  return mapLegs(posture, (leg) => ({
    ...leg,
    hipFlexion: leg.hipFlexion * share,
    hipAbduction: leg.hipAbduction * 0.75,
    knee: leg.hipFlexion > mean ? leg.knee * (share + 0.1) : leg.knee,
    ankle: leg.ankle * (share + 0.1),
  }));
}

/** A kneeling lunge with the back knee nearer to the hip: the front leg stays a right angle, as in half kneeling. */
function backKneeNearer(posture: Posture, wanted: Wanted): Posture | null {
  const bound = wanted.get('hipExtension');
  const isKneeling = posture.contacts.some(({ part, on }) => part === 'knee' && on.kind === 'level');
  const most = bound && 'atMost' in bound ? bound.atMost - 3 : Infinity;
  const [least, greatest] = [posture.legs.left.hipFlexion, posture.legs.right.hipFlexion].sort((a, b) => a - b) as [number, number];
  if (!isKneeling || least >= -most || greatest < 60) return null;
  return mapLegs(posture, (leg) =>
    leg.hipFlexion < 0 ? { ...leg, hipFlexion: -most, knee: 90 } : { ...leg, hipFlexion: Math.min(leg.hipFlexion, 88), knee: 90, ankle: 2 },
  );
}

/** Every change that is tried, gentlest first. Sizes are what teachers say: a hand's width, half the way (common practice, no source). */
export const POSTURE_CHANGES: readonly PostureChange[] = [
  {
    id: 'wider-feet', cost: 0.8, helps: ['balanceMargin', 'bellyClosure'],
    apply: (posture) => {
      if (!onFeet(posture) || Math.max(posture.legs.left.hipAbduction, posture.legs.right.hipAbduction) > 25) return null;
      return mapLegs(posture, (leg) => ({ ...leg, hipAbduction: leg.hipAbduction + 9, hipRotation: leg.hipRotation + 6 }));
    },
  },
  lessSpine('round-less', 'lumbar', 'lumbarFlexion', false),
  lessSpine('upper-round-less', 'thoracic', 'thoracicFlexion', false),
  lessSpine('neck-easy', 'cervical', 'cervicalFlexion', false),
  lessSpine('turn-less', 'rotation', 'spineRotation', true),
  lessSpine('head-turn-less', 'neckRotation', 'cervicalRotation', true),
  lessSpine('lean-less', 'lateral', 'spineLateral', true),
  {
    id: 'bend-knees', cost: 0.9, helps: ['straightLegAngle', 'lumbarFlexion', 'discLoad'],
    apply: (posture) => {
      const { left, right } = posture.legs;
      if (Math.max(left.knee, right.knee) > 60 || Math.max(left.hipFlexion, right.hipFlexion) <= 40) return null;
      return mapLegs(posture, (leg) => (leg.hipFlexion > 40 ? { ...leg, knee: leg.knee + 28, ankle: onFeet(posture) ? leg.ankle + 14 : leg.ankle } : leg));
    },
  },
  {
    id: 'shorter-stance',
    cost: 1,
    helps: ['legAsymmetry', 'hipAbduction', 'kneeFlexionLoaded', 'balanceMargin', 'hipExtension'],
    apply: (posture, wanted) => (onFeet(posture) ? legsNearer(posture, wanted) : null),
  },
  {
    id: 'legs-nearer',
    cost: 1,
    helps: ['legAsymmetry', 'hipAbduction', 'hipExtension'],
    apply: (posture, wanted) => (onFeet(posture) ? null : (backKneeNearer(posture, wanted) ?? legsNearer(posture, wanted))),
  },
  {
    id: 'half-bend', cost: 1, helps: ['kneeFlexionLoaded', 'kneeFlexion'],
    apply: (posture) => {
      if (!onFeet(posture) || Math.min(posture.legs.left.knee, posture.legs.right.knee) < 50) return null;
      return mapLegs({ ...posture, root: { ...posture.root, pitch: posture.root.pitch * 0.7 } }, (leg) => ({ ...leg, knee: leg.knee * 0.6, hipFlexion: leg.hipFlexion * 0.6, ankle: leg.ankle * 0.6 }));
    },
  },
  {
    id: 'knees-wide', cost: 1, helps: ['bellyClosure'],
    apply: (posture) => {
      if (onFeet(posture) || Math.max(posture.legs.left.hipAbduction, posture.legs.right.hipAbduction) > 30) return null;
      return mapLegs(posture, (leg) => ({ ...leg, hipAbduction: leg.hipAbduction + 24, hipRotation: leg.hipRotation + 10 }));
    },
  },
  {
    id: 'arms-lower', cost: 0.9, helps: ['shoulderElevation'],
    apply: (posture, wanted) => {
      const bound = wanted.get('shoulderElevation');
      if (!bound || !('atMost' in bound)) return null;
      if (Math.max(posture.arms.left.shoulder, posture.arms.right.shoulder) <= bound.atMost - 2) return null;
      const lower = (side: Side) => ({ ...posture.arms[side], shoulder: Math.min(posture.arms[side].shoulder, bound.atMost - 2) });
      return { ...posture, arms: { left: lower('left'), right: lower('right') } };
    },
  },
  { id: 'head-blanket', cost: 0.7, helps: ['headBelowHeart'], apply: raiseHead(new Set(['headback']), 'blanket', 6, 14, false) },
  { id: 'forehead-block', cost: 1, helps: ['headBelowHeart'], apply: raiseHead(FACE, 'block', 12, -4, true) },
  {
    id: 'support-higher',
    cost: 0.9,
    helps: ['headBelowHeart', 'bellyClosure'],
    apply: (posture) => {
      const raised = ({ part, on }: Contact) =>
        (RESTING.has(part) || FACE.has(part)) && on.kind === 'level' && on.surface !== 'floor' && on.surface !== 'seat';
      if (posture.root.pitch <= 0 || !posture.contacts.some(raised)) return null;
      return {
        ...posture,
        root: { ...posture.root, pitch: posture.root.pitch - 10 },
        contacts: posture.contacts.map((contact) =>
          raised(contact) && contact.on.kind === 'level' ? { ...contact, on: { ...contact.on, height: contact.on.height + 10 } } : contact,
        ),
      };
    },
  },
  {
    id: 'knees-propped',
    cost: 0.9,
    helps: ['spineRotation', 'kneeGap', 'shoulderLift'],
    apply: (posture) => {
      const low = ({ part, on }: Contact) => KNEES.has(part) && on.kind === 'level' && on.height < 28;
      // Only lying twists: there the knees' height sets how far the trunk turns.
      if (posture.root.pitch > -60 || Math.abs(posture.spine.rotation) < 15 || !posture.contacts.some(low)) return null;
      const half = (angle: number) => angle * 0.5;
      return {
        ...mapLegs(posture, (leg) => ({ ...leg, hipAbduction: half(leg.hipAbduction) })),
        root: { ...posture.root, axial: half(posture.root.axial) },
        spine: { ...posture.spine, rotation: half(posture.spine.rotation), neckRotation: half(posture.spine.neckRotation) },
        contacts: posture.contacts
          // The hip comes down again to the back of the pelvis.
          .map((contact): Contact => (contact.part === 'hipside' ? { part: 'pelvis', side: null, bears: true, on: contact.on } : contact))
          .map((contact) =>
            low(contact) ? { ...contact, bears: true, on: { kind: 'level' as const, surface: 'bolster' as const, height: 34 } } : contact,
          ),
      };
    },
  },
  { id: 'hands-low-block', cost: 1, places: 'hands', helps: ['headBelowHeart', 'pelvisAboveHeart', 'straightLegAngle', 'lumbarFlexion', 'bellyClosure', 'discLoad'], apply: raiseHands('block', 12) },
  { id: 'hands-high-block', cost: 1.1, places: 'hands', helps: ['headBelowHeart', 'pelvisAboveHeart', 'straightLegAngle', 'lumbarFlexion', 'bellyClosure', 'discLoad'], apply: raiseHands('block', 23) },
  { id: 'hands-seat', cost: 1.4, places: 'hands', helps: ['headBelowHeart', 'pelvisAboveHeart', 'straightLegAngle', 'lumbarFlexion', 'bellyClosure', 'discLoad', 'support', 'balanceMargin', 'handLoad'], apply: raiseHands('seat', 41) },
  { id: 'hands-back', cost: 1.6, places: 'hands', helps: ['headBelowHeart', 'pelvisAboveHeart', 'straightLegAngle', 'lumbarFlexion', 'bellyClosure', 'discLoad', 'support', 'balanceMargin', 'handLoad'], apply: raiseHands('chairback', 85) },
  { id: 'hold-one', cost: 1, places: 'hands', helps: ['support', 'balanceMargin'], apply: hold(['left']) },
  { id: 'hold-both', cost: 1.2, places: 'hands', helps: ['support', 'balanceMargin'], apply: hold(['left', 'right']) },
]; // prettier-ignore
