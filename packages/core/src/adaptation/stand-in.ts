import type { Library } from '../asanas/library.js';
import type { BodyAnswers } from '../body/anthropometry.js';
import { Studio } from './studio.js';

/** Whoever is younger or smaller is built too differently for a stand-in. Years, cm. */
const GROWN_AGE = 18;
const GROWN_STATURE = 145;
/** Stature of every stand-in in cm: angles and shares of weight hardly depend on it. */
const STATURE = 170;
/** Steps of body-mass index (kg/m²), of the week of pregnancy and of ranges of motion (degrees) that share a stand-in. */
const STEP = { bmi: 6, week: 8, range: 15 } as const;

function nearest(value: number, step: number): number {
  return Math.round(value / step) * step;
}

const STAND_INS = new WeakMap<Library, Map<string, Studio>>();

/** A grown body much like this one, shared by all who are alike; `null` for those who are like nobody else. */
export function standInFor({ library, answers }: Studio): Studio | null {
  const { stature, mass, age = GROWN_AGE } = answers;
  // Whose stature nobody told is the usual body already.
  if (stature === undefined || age < GROWN_AGE || stature < GROWN_STATURE) return null;
  const like = likeness(answers, stature, mass);
  const known = STAND_INS.get(library) ?? new Map<string, Studio>();
  STAND_INS.set(library, known);
  const key = JSON.stringify(like);
  const studio = known.get(key) ?? new Studio(library, like);
  known.set(key, studio);
  return studio;
}

function likeness(answers: BodyAnswers, stature: number, mass: number | undefined): BodyAnswers {
  const ranges = ['neckFlexion', 'hamstring', 'hipFlexion', 'kneeFlexion', 'shoulderElevation', 'shoulderExtension'] as const;
  const metres = STATURE / 100;
  return {
    stature: STATURE,
    ...(mass !== undefined && { mass: Math.round(nearest(mass / (stature / 100) ** 2, STEP.bmi) * metres ** 2) }),
    ...(answers.pregnancyWeek !== undefined && { pregnancyWeek: nearest(answers.pregnancyWeek, STEP.week) }),
    ...Object.fromEntries(ranges.flatMap((range) => (answers[range] === undefined ? [] : [[range, nearest(answers[range], STEP.range)]]))),
  };
}
