import { COMMON_PROPS } from '@lotus-steady/core';
import type { PersonBody } from '@lotus-steady/requests';
import { shifted } from '@lotus-steady/requests';

/** The hall and everyone in it are invented. */
export const DEMO_TEACHER = 'Imre Vandal (Ferry Street Hall)';
/** Who came last week. */
export const DEMO_CLASS = ['Ansa Kettil', 'Dov Hallmar', 'Etta Brandvik', 'Maret Ostby'] as const;

const empty = { schools: {}, clearances: [], ownLimits: [], loosened: [], leftOut: [], preferences: [], breathSeconds: 5, note: '' };
const room = { props: COMMON_PROPS };

type DemoPerson = Omit<PersonBody, 'version'> & {
  /** Days since the questions were answered; today where nothing is said. */
  readonly askedDaysAgo?: number;
  /** A written clearance that ends in so many days. */
  readonly clearedFor?: { readonly condition: string; readonly by: string; readonly endsInDays: number };
};

const PEOPLE: readonly DemoPerson[] = [
  {
    ...empty,
    ...room,
    name: 'Ansa Kettil',
    body: { stature: 168, mass: 70, sex: 'f', age: 31 },
    conditions: [{ id: 'pregnancy', week: 32, experience: 'experienced', fetuses: 1, complications: ['none'] }],
    note: 'Midwife is happy with gentle practice. Likes the left side.',
  },
  {
    ...empty,
    ...room,
    name: 'Bero Talman',
    askedDaysAgo: 9,
    body: { stature: 181, mass: 92, sex: 'm', age: 58 },
    conditions: [{ id: 'hypertension', systolic: 150, diastolic: 92, controlled: 'no', aneurysm: false }],
    note: 'Measures at home, brings the book.',
  },
  {
    ...empty,
    ...room,
    name: 'Cilla Marrow',
    body: { stature: 160, mass: 58, sex: 'f', age: 63 },
    conditions: [{ id: 'glaucoma', type: 'openAngle', severity: 'early', iop: 19 }],
  },
  {
    ...empty,
    ...room,
    name: 'Dov Hallmar',
    body: { stature: 176, mass: 78, sex: 'm', age: 44 },
    conditions: [{ id: 'lumbar-disc', phase: 'acute', direction: 'flexion', legSymptoms: 'pain', surgery: 'none', painNow: 4 }],
    note: 'Sitting is the worst. Long car rides for work.',
  },
  {
    ...empty,
    ...room,
    name: 'Etta Brandvik',
    body: { stature: 158, mass: 61, sex: 'f', age: 78 },
    conditions: [{ id: 'seniors', age: 78, sex: 'f', tug: 13, tandem: 7, falls: 0, injuriousFall: false, bone: 'unknown' }],
  },
  {
    ...empty,
    props: { chair: 2, blanket: 2, block: 1, wall: 1 },
    name: 'Folke Ordin',
    body: { stature: 172, mass: 84, sex: 'm', age: 70 },
    conditions: [{ id: 'chair-ambulatory', transfer: 'hands', floor: 'never', chairOk: true, standing: true }],
    note: 'Knees: does not go down to the floor any more.',
  },
  {
    ...empty,
    ...room,
    name: 'Gretel Sund',
    body: { stature: 165, mass: 60, sex: 'f', age: 27 },
    conditions: [{ id: 'menstruation', flow: 'heavy', cramps: 5 }],
  },
  {
    ...empty,
    ...room,
    name: 'Hanno Vey',
    body: { stature: 185, mass: 80, sex: 'm', age: 35 },
    conditions: [],
    note: 'Nothing to watch. Wants a quiet end.',
  },
  {
    ...empty,
    ...room,
    name: 'Isolde Carran',
    body: { stature: 163, mass: 64, sex: 'f', age: 82 },
    conditions: [
      { id: 'seniors', age: 82, sex: 'f', falls: 2, injuriousFall: true, tug: 16, bone: 'osteoporosis' },
      { id: 'hypertension', systolic: 128, diastolic: 76, controlled: 'yes', betaBlocker: true, aneurysm: false },
    ],
    clearances: [],
    note: 'Fell twice in spring. The physiotherapist has been asked for a letter.',
  },
  {
    ...empty,
    ...room,
    name: 'Jory Penrick',
    body: { stature: 178, mass: 75, sex: 'm', age: 52 },
    conditions: [{ id: 'lumbar-disc', phase: 'recovering', direction: 'flexion', legSymptoms: 'none', surgery: 'none', painNow: 2 }],
    note: 'Ten weeks since it began; better every week.',
  },
  {
    ...empty,
    ...room,
    name: 'Kalle Widmer',
    body: { stature: 170, mass: 68, sex: 'm', age: 67 },
    conditions: [
      { id: 'glaucoma', type: 'suspect', iop: 22 },
      { id: 'seniors', age: 67, sex: 'm', tug: 8, chairStand: 14, tandem: 10, oneLeg: 20, falls: 0, injuriousFall: false, bone: 'normal' },
    ],
  },
  {
    ...empty,
    ...room,
    name: 'Lovis Adair',
    body: { stature: 171, mass: 66, sex: 'f', age: 29 },
    conditions: [{ id: 'pregnancy', week: 11, experience: 'experienced', fetuses: 1, complications: ['none'] }],
    note: 'Has told nobody in the class yet.',
  },
  {
    ...empty,
    ...room,
    name: 'Maret Ostby',
    body: { stature: 166, mass: 68, sex: 'f', age: 34 },
    conditions: [
      {
        id: 'postpartum', weeks: 5, birth: 'vaginal', tear: 1, gapFingers: 2, doming: false, pelvicFloor: ['none'], checkDone: true, lochia: 'none', breastfeeding: true,
      },
    ],
    askedDaysAgo: 9,
    note: 'Wants to carry the little one without a sore back.',
  },
  {
    ...empty,
    ...room,
    name: 'Nils Hagre',
    body: { stature: 174, mass: 82, sex: 'm', age: 66 },
    conditions: [
      { id: 'hip-replacement', approach: 'posterior', weeksSinceSurgery: 10, highRisk: false, side: 'right', painNow: 1 },
      { id: 'varicose-veins', severity: 'swelling' },
    ],
    clearedFor: { condition: 'hip-replacement', by: 'Dr Sunniva Ekre, surgeon', endsInDays: 6 },
  },
  {
    ...empty,
    ...room,
    name: 'Oda Rimbert',
    body: { stature: 159, mass: 55, sex: 'f', age: 69 },
    conditions: [
      { id: 'osteoporosis', tScore: -2.8, vertebralFractures: 0, falls12m: 0, painNow: 1 },
      { id: 'spinal-stenosis', walkMinutes: 8, deficit: 'none', painNow: 2 },
      { id: 'reflux', hiatus: 'sliding-small', symptomsToday: 1, minutesSinceMeal: 240 },
    ],
    note: 'Swims twice a week. Does not like to be touched.',
  },
  {
    ...empty,
    ...room,
    name: 'Pim Lorenz',
    body: { stature: 126, mass: 26, sex: 'm', age: 8 },
    conditions: [
      { id: 'children', age: 8, hypermobile: true, downSyndrome: false, growthSpurt: false, guardianConsent: true, touchConsent: false },
      { id: 'wrist', kind: 'sprain', weeksSince: 5, side: 'left', extensionFree: 40, painNow: 2 },
    ],
    note: 'Comes with the school class on Thursdays.',
  },
]; // prettier-ignore

/** Everyone in the invented hall, as they would have been asked by a day (YYYY-MM-DD). */
export function demoPeople(today: string): PersonBody[] {
  return PEOPLE.map(({ askedDaysAgo = 0, clearedFor, ...person }) => ({
    ...person,
    conditions: person.conditions.map((answer) => ({ ...answer, asOf: shifted(today, -askedDaysAgo) })),
    clearances: clearedFor
      ? [{ condition: clearedFor.condition, by: clearedFor.by, on: shifted(today, -30), until: shifted(today, clearedFor.endsInDays) }]
      : person.clearances,
  }));
}

/** Earlier tests and readings of some: the parameter, and its values by the days ago. */
const READINGS = [
  { name: 'Etta Brandvik', condition: 'seniors', parameter: 'tug', values: [[182, 16.5], [91, 15], [0, 13]] },
  { name: 'Etta Brandvik', condition: 'seniors', parameter: 'tandem', values: [[182, 4], [91, 5], [0, 7]] },
  { name: 'Bero Talman', condition: 'hypertension', parameter: 'systolic', values: [[37, 158], [23, 154], [9, 150]] },
  { name: 'Bero Talman', condition: 'hypertension', parameter: 'diastolic', values: [[37, 96], [23, 94], [9, 92]] },
] as const; // prettier-ignore

/** What was measured of the demo's people before. */
export function demoReadings(today: string) {
  return READINGS.flatMap(({ values, ...of }) => values.map(([ago, value]) => ({ ...of, day: shifted(today, -ago), value })));
}
