import type { BodyAnswers } from '../body/anthropometry.js';

/** Whoever is younger or smaller is built too differently for a proxy body. Years, cm. */
const GROWN_AGE = 18;
const GROWN_STATURE = 145;
/** Stature of every proxy body in cm: angles and shares of weight hardly depend on it. */
const STATURE = 170;
/** Steps of body-mass index (kg/m²), of the week of pregnancy, of ranges of motion (degrees) and of a stack (cm) that share a proxy body. */
const STEP = { bmi: 6, week: 8, range: 15, stack: 2.5 } as const;
const RANGES = ['neckFlexion', 'hamstring', 'hipFlexion', 'kneeFlexion', 'shoulderElevation', 'shoulderExtension'] as const;

function nearest(value: number, step: number): number {
  return Math.round(value / step) * step;
}

/**
 * The answers of a grown body much like this one, the same for all who are alike; `null` for those who are like
 * nobody else, and for the proxy body itself.
 */
export function proxyBodyFor(answers: BodyAnswers): BodyAnswers | null {
  const { stature, mass, age = GROWN_AGE, pregnancyWeek, shoulderStack } = answers;
  // Whose stature nobody told is the usual body already.
  if (stature === undefined || age < GROWN_AGE || stature < GROWN_STATURE) return null;
  const metres = STATURE / 100;
  const like: BodyAnswers = {
    stature: STATURE,
    ...(mass !== undefined && { mass: Math.round(nearest(mass / (stature / 100) ** 2, STEP.bmi) * metres ** 2) }),
    ...(pregnancyWeek !== undefined && { pregnancyWeek: nearest(pregnancyWeek, STEP.week) }),
    ...(shoulderStack !== undefined && { shoulderStack: nearest(shoulderStack, STEP.stack) }),
    ...Object.fromEntries(RANGES.flatMap((range) => (answers[range] === undefined ? [] : [[range, nearest(answers[range], STEP.range)]]))),
  };
  const isSame = Object.entries(answers).every(([name, value]) => value === undefined || like[name as keyof BodyAnswers] === value);
  return isSame ? null : like;
}
