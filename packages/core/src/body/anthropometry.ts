/**
 * Sizes and masses of the body.
 *
 * Joint heights and limb lengths: Drillis R, Contini R. Body Segment Parameters, New York University
 * report 1166-03, 1966 (as fractions of stature), with the trunk split for our jointed spine.
 * Masses and centres of mass: de Leva P. J Biomech 1996;29:1223-1230, table 4.
 */
import { isDay } from '../day.js';
import type { Problem } from '../problem.js';

export type Sex = 'f' | 'm';

/** What is known of a person's body. Lengths in cm, mass in kg, age in years, reach in degrees. */
export interface BodyAnswers {
  readonly stature?: number;
  readonly mass?: number;
  readonly sex?: Sex;
  readonly age?: number;
  /** Floor to the hip joint (the bony top of the thigh), standing. */
  readonly legLength?: number;
  /** Top of the shoulder to the fingertips, arm hanging. */
  readonly armLength?: number;
  /** Chin towards the chest. */
  readonly neckFlexion?: number;
  /** Straight-leg raise, lying: how far the hamstrings let the hip bend while the knee is straight. */
  readonly hamstring?: number;
  readonly hipFlexion?: number;
  readonly kneeFlexion?: number;
  /** Arm raised forward and up. */
  readonly shoulderElevation?: number;
  /** Arm straight back. */
  readonly shoulderExtension?: number;
  /** How high blankets under the shoulders have to be in a shoulder stand, in cm, found by trial. */
  readonly shoulderStack?: number;
  /** How high blankets under the seat have to be for sitting on the floor, in cm, found by trial. */
  readonly seatHeight?: number;
  /** The day on which a height was last found by trial, as YYYY-MM-DD. */
  readonly foundOn?: string;
  /** Comes from the condition of that name, not from measuring. */
  readonly pregnancyWeek?: number;
  /** Round the waist, and round the middle of a thigh, in cm: of a larger body, by its condition. */
  readonly waist?: number;
  readonly thigh?: number;
  /** Figures are drawn with it; nothing is measured by it. */
  readonly headscarf?: boolean;
  /** Comes from the condition of that name: what is sat on has wheels. */
  readonly wheelchair?: boolean;
}

/** The ranges that an entry must lie in; outside, it is refused and not clamped. */
export const BODY_RANGES = {
  stature: { from: 80, to: 230, unit: 'cm' },
  mass: { from: 10, to: 300, unit: 'kg' },
  age: { from: 3, to: 110, unit: 'years' },
  legLength: { from: 30, to: 130, unit: 'cm' },
  armLength: { from: 25, to: 110, unit: 'cm' },
  neckFlexion: { from: 10, to: 90, unit: '°' },
  hamstring: { from: 20, to: 140, unit: '°' },
  hipFlexion: { from: 40, to: 150, unit: '°' },
  kneeFlexion: { from: 30, to: 165, unit: '°' },
  shoulderElevation: { from: 30, to: 190, unit: '°' },
  shoulderExtension: { from: 5, to: 90, unit: '°' },
  shoulderStack: { from: 0, to: 25, unit: 'cm' },
  seatHeight: { from: 0, to: 30, unit: 'cm' },
} as const;

/** Lengths of the reference body of 165 cm, in cm. They scale with stature. */
export const REFERENCE_LENGTHS = {
  halfHips: 8.5,
  pelvis: 10,
  lumbar: 14,
  thoracic: 27,
  halfShoulders: 16.5,
  shoulderDrop: 4,
  neck: 11,
  head: 15.5,
  upperArm: 30.5,
  forearm: 24,
  hand: 17.5,
  thigh: 40.5,
  shin: 40.5,
  ankleHeight: 6.5,
} as const;
export type LengthName = keyof typeof REFERENCE_LENGTHS;

export const REFERENCE_STATURE_CM = 165;
/** Girth 1 belongs to this mass at the reference stature (body mass index 22). */
const REFERENCE_MASS_KG = 60;
/** Round its waist and the middle of its thigh, in cm (values from memory). */
const REFERENCE_WAIST_CM = 74;
const REFERENCE_THIGH_CM = 52;

export interface SegmentMass {
  /** Share of body mass, of one limb where there are two. */
  readonly mass: number;
  /** Centre of mass as a fraction of the length from the first-named end. */
  readonly centre: number;
}

type MassTable = Record<
  'head' | 'trunkUpper' | 'trunkMiddle' | 'trunkLower' | 'upperArm' | 'forearm' | 'hand' | 'thigh' | 'shin' | 'foot',
  SegmentMass
>;

/**
 * de Leva 1996, table 4. Ends: head vertex to C7; upper trunk C7 to xiphion; middle xiphion to
 * omphalion; lower omphalion to mid-hip; hand wrist to third metacarpal; foot heel to longest toe;
 * the rest from the proximal joint to the distal one.
 */
export const DE_LEVA_1996: Record<Sex, MassTable> = {
  f: {
    head: { mass: 0.0668, centre: 0.4841 },
    trunkUpper: { mass: 0.1545, centre: 0.505 },
    trunkMiddle: { mass: 0.1465, centre: 0.4512 },
    trunkLower: { mass: 0.1247, centre: 0.492 },
    upperArm: { mass: 0.0255, centre: 0.5754 },
    forearm: { mass: 0.0138, centre: 0.4559 },
    hand: { mass: 0.0056, centre: 0.7474 },
    thigh: { mass: 0.1478, centre: 0.3612 },
    shin: { mass: 0.0481, centre: 0.4352 },
    foot: { mass: 0.0129, centre: 0.4014 },
  },
  m: {
    head: { mass: 0.0694, centre: 0.5002 },
    trunkUpper: { mass: 0.1596, centre: 0.5066 },
    trunkMiddle: { mass: 0.1633, centre: 0.4502 },
    trunkLower: { mass: 0.1117, centre: 0.6115 },
    upperArm: { mass: 0.0271, centre: 0.5772 },
    forearm: { mass: 0.0162, centre: 0.4574 },
    hand: { mass: 0.0061, centre: 0.79 },
    thigh: { mass: 0.1416, centre: 0.4095 },
    shin: { mass: 0.0433, centre: 0.4395 },
    foot: { mass: 0.0137, centre: 0.4415 },
  },
};

/** Lengths between de Leva's landmarks as fractions of the trunk (mid-hip to C7), from the hips up. */
const TRUNK_FRACTIONS: Record<Sex, { readonly navel: number; readonly xiphion: number }> = {
  f: { navel: 181.5 / 614.8, xiphion: (181.5 + 205.3) / 614.8 },
  m: { navel: 145.7 / 603.1, xiphion: (145.7 + 215.5) / 603.1 },
};
/** de Leva: vertex to C7, and wrist to third metacarpal, as fractions of stature. */
const HEAD_LENGTH: Record<Sex, number> = { f: 243.7 / 1735, m: 242.9 / 1741 };
const HAND_LENGTH: Record<Sex, number> = { f: 78 / 1735, m: 86.2 / 1741 };

/** Mass points of the trunk and head, as heights in cm on the straight reference body. */
interface AxialMass {
  readonly name: 'head' | 'trunkUpper' | 'trunkMiddle' | 'trunkLower';
  readonly mass: number;
  /** cm above the hips of the reference body. */
  readonly height: number;
}

export interface Body {
  readonly statureCm: number;
  readonly massKg: number;
  readonly sex: Sex | null;
  /** Lengths in metres. */
  readonly length: Readonly<Record<LengthName, number>>;
  /** Factor on all reference lengths. */
  readonly scale: number;
  /** Factor on all reference radii: scale times girth. */
  readonly radiusScale: number;
  /** The same of the front of the trunk and of the thighs, where they were measured. */
  readonly frontScale: number;
  readonly thighScale: number;
  readonly masses: Readonly<MassTable>;
  readonly axialMasses: readonly AxialMass[];
  /** Metres from the wrist to the hand's centre of mass. */
  readonly handCentre: number;
  /** How far this person's joints go, in degrees, where it was measured. */
  readonly reach: Reach;
  /** A belly in pregnancy: its share of body mass, and how far (m) it stands out. `null` without one. */
  readonly womb: { readonly share: number; readonly out: number } | null;
  /** Metres of blankets under the shoulders, where they were found by trial. */
  readonly shoulderStack: number | null;
  /** Metres of blankets under the seat on the floor, where they were found by trial. */
  readonly seatHeight: number | null;
  /** What figures show of the person; the posture is the same. */
  readonly shown: { readonly headscarf: boolean; readonly wheelchair: boolean };
}

const REACHES = ['neckFlexion', 'hamstring', 'hipFlexion', 'kneeFlexion', 'shoulderElevation', 'shoulderExtension'] as const;
export type Reach = Readonly<Partial<Record<(typeof REACHES)[number], number>>>;

function reachOf(answers: BodyAnswers): Reach {
  return Object.fromEntries(REACHES.flatMap((name) => (answers[name] === undefined ? [] : [[name, answers[name]]])));
}

/** At term the womb with child and water weighs about this (kg), and the belly stands out by this (m) (values from memory). */
const WOMB_KG = 6.5;
const WOMB_OUT_M = 0.11;
const SHOWS_FROM_WEEK = 12;
const TERM_WEEK = 40;

function wombOf(week: number | undefined, massKg: number): Body['womb'] {
  if (week === undefined || week <= SHOWS_FROM_WEEK) return null;
  const grown = Math.min(1, (week - SHOWS_FROM_WEEK) / (TERM_WEEK - SHOWS_FROM_WEEK));
  return { share: (WOMB_KG * grown) / massKg, out: WOMB_OUT_M * grown };
}

type Factors = Readonly<Partial<Record<LengthName, number>>>;
/** Age from which proportions are a grown body's. */
const GROWN_AT = 16;
const YOUNGEST = 3;

/** Whether somebody of an age has a child's body. */
export function isChild(age: number | undefined): age is number {
  return age !== undefined && age < GROWN_AT;
}

/**
 * Age in years, with the median stature in cm and body mass index of girls and boys together. WHO child growth standards
 * (2006) and growth reference (2007); values from memory.
 */
const GROWTH: readonly (readonly [age: number, cm: number, bmi: number])[] = [
  [3, 95.5, 15.5], [5, 109.5, 15.3], [7, 121, 15.6], [9, 132.5, 16.1], [11, 144, 17.1], [13, 156.5, 18.5], [15, 165, 19.8],
]; // prettier-ignore

/** What a child of an age measures at the median; whoever is grown takes the reference body. */
function medianAt(age: number | undefined): { readonly cm: number; readonly kg: number } {
  if (!isChild(age)) return { cm: REFERENCE_STATURE_CM, kg: REFERENCE_MASS_KG };
  const above = GROWTH.findIndex(([at]) => at > age);
  const [from, cm, bmi] = GROWTH.at(above < 0 ? -1 : Math.max(0, above - 1))!;
  const [to, cmAbove, bmiAbove] = GROWTH.at(above)!;
  const share = to === from ? 0 : Math.max(0, (age - from) / (to - from));
  const stature = cm + share * (cmAbove - cm);
  return { cm: stature, kg: (bmi + share * (bmiAbove - bmi)) * (stature / 100) ** 2 };
}

/**
 * Lengths as factors on those of a grown body of the same stature: a child's head is larger and the legs
 * are shorter, the younger the more (common practice, no source).
 */
function childFactors(age: number | undefined): Factors {
  if (!isChild(age)) return {};
  const young = Math.min(1, (GROWN_AT - age) / (GROWN_AT - YOUNGEST));
  const legs = 1 - 0.13 * young;
  const head = 1 + 0.45 * young;
  const arms = 1 - 0.06 * young;
  const ref = REFERENCE_LENGTHS;
  // What the legs lose and the head gains the trunk makes up for, so that stature stays.
  const trunk = ref.pelvis + ref.lumbar + ref.thoracic;
  const trunkFactor = (trunk + (1 - legs) * (ref.thigh + ref.shin) - (head - 1) * ref.head) / trunk;
  return { thigh: legs, shin: legs, head, pelvis: trunkFactor, lumbar: trunkFactor, thoracic: trunkFactor, upperArm: arms, forearm: arms };
}

/** Factors that make measured limbs as long as they were measured, the trunk taking up the difference in stature. */
function measuredFactors({ legLength, armLength }: BodyAnswers, scale: number, child: Factors): Factors {
  const sum = (...names: readonly LengthName[]) =>
    names.reduce((total, name) => total + REFERENCE_LENGTHS[name] * (child[name] ?? 1) * scale, 0);
  const times = (by: number, ...names: readonly LengthName[]) => Object.fromEntries(names.map((name) => [name, (child[name] ?? 1) * by]));
  let factors: Factors = {};
  if (legLength !== undefined) {
    const own = sum('thigh', 'shin');
    const wanted = legLength - REFERENCE_LENGTHS.ankleHeight * scale;
    const trunk = sum('pelvis', 'lumbar', 'thoracic');
    factors = { ...times(wanted / own, 'thigh', 'shin'), ...times((trunk + own - wanted) / trunk, 'pelvis', 'lumbar', 'thoracic') };
  }
  if (armLength !== undefined) {
    // The hand keeps its size; arms that were measured longer are so in their bones.
    const hand = sum('hand');
    factors = { ...factors, ...times((armLength - hand) / sum('upperArm', 'forearm'), 'upperArm', 'forearm') };
  }
  return factors;
}

function mean(a: MassTable, b: MassTable): MassTable {
  const entries = (Object.keys(a) as (keyof MassTable)[]).map((key) => [
    key,
    { mass: (a[key].mass + b[key].mass) / 2, centre: (a[key].centre + b[key].centre) / 2 },
  ]);
  return Object.fromEntries(entries) as MassTable;
}

function between(f: number, m: number, sex: Sex | null): number {
  if (sex === 'f') return f;
  if (sex === 'm') return m;
  return (f + m) / 2;
}

/**
 * The jointed body of a person: lengths in metres. What is not known takes the reference body
 * (165 cm, body mass index 22, mean of the sexes), a child the median of the age.
 */
export function sizeBody(answers: BodyAnswers = {}): Body {
  const median = medianAt(answers.age);
  const statureCm = answers.stature ?? median.cm;
  const scale = statureCm / REFERENCE_STATURE_CM;
  const taller = statureCm / median.cm;
  const massKg = answers.mass ?? median.kg * taller * taller;
  const sex = answers.sex ?? null;
  const girth = Math.sqrt(massKg / REFERENCE_MASS_KG / scale);
  const masses = sex ? DE_LEVA_1996[sex] : mean(DE_LEVA_1996.f, DE_LEVA_1996.m);
  const child = childFactors(answers.age);
  const own: Factors = { ...child, ...measuredFactors(answers, scale, child) };
  const lengths = (Object.entries(REFERENCE_LENGTHS) as [LengthName, number][]).map(([name, cm]) => [
    name,
    (cm * scale * (own[name] ?? 1)) / 100,
  ]);

  const ref = REFERENCE_LENGTHS;
  const crown = ref.pelvis + ref.lumbar + ref.thoracic + ref.neck + ref.head;
  const headLength = between(HEAD_LENGTH.f, HEAD_LENGTH.m, sex) * REFERENCE_STATURE_CM;
  const c7 = crown - headLength;
  const navel = c7 * between(TRUNK_FRACTIONS.f.navel, TRUNK_FRACTIONS.m.navel, sex);
  const xiphion = c7 * between(TRUNK_FRACTIONS.f.xiphion, TRUNK_FRACTIONS.m.xiphion, sex);
  const from = (top: number, bottom: number, centre: number) => top - centre * (top - bottom);

  return {
    statureCm,
    massKg,
    sex,
    scale,
    radiusScale: girth,
    frontScale: answers.waist === undefined ? girth : answers.waist / REFERENCE_WAIST_CM,
    thighScale: answers.thigh === undefined ? girth : answers.thigh / REFERENCE_THIGH_CM,
    length: Object.fromEntries(lengths) as Record<LengthName, number>,
    masses,
    axialMasses: [
      { name: 'head', mass: masses.head.mass, height: from(crown, c7, masses.head.centre) },
      { name: 'trunkUpper', mass: masses.trunkUpper.mass, height: from(c7, xiphion, masses.trunkUpper.centre) },
      {
        name: 'trunkMiddle',
        mass: masses.trunkMiddle.mass,
        height: from(xiphion, navel, masses.trunkMiddle.centre),
      },
      { name: 'trunkLower', mass: masses.trunkLower.mass, height: from(navel, 0, masses.trunkLower.centre) },
    ],
    handCentre: between(HAND_LENGTH.f, HAND_LENGTH.m, sex) * (statureCm / 100) * masses.hand.centre,
    reach: reachOf(answers),
    womb: wombOf(answers.pregnancyWeek, massKg),
    shoulderStack: answers.shoulderStack === undefined ? null : answers.shoulderStack / 100,
    seatHeight: answers.seatHeight === undefined ? null : answers.seatHeight / 100,
    shown: { headscarf: answers.headscarf === true, wheelchair: answers.wheelchair === true },
  };
}

/** Problems of body answers in words, each naming the field; empty when all is well. */
export function checkBody(answers: BodyAnswers): Problem[] {
  const problems: Problem[] = [];
  for (const [field, range] of Object.entries(BODY_RANGES)) {
    const value = answers[field as keyof typeof BODY_RANGES];
    if (value === undefined) continue;
    if (!Number.isFinite(value) || value < range.from || value > range.to)
      problems.push({
        field,
        message: `${field} is ${value}; expected ${range.from} to ${range.to} ${range.unit}`,
      });
  }
  if (answers.sex !== undefined && answers.sex !== 'f' && answers.sex !== 'm')
    problems.push({ field: 'sex', message: `sex is "${String(answers.sex)}"; expected f or m` });
  if (answers.headscarf !== undefined && typeof answers.headscarf !== 'boolean')
    problems.push({ field: 'headscarf', message: `headscarf is "${String(answers.headscarf)}"; expected true or false` });
  if (answers.foundOn !== undefined && !isDay(answers.foundOn))
    problems.push({ field: 'foundOn', message: `foundOn is "${String(answers.foundOn)}"; expected a day such as 2026-03-01` });
  return problems;
}
