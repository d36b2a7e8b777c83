import { REFERENCE_STATURE_CM, type BodyAnswers } from '../body/anthropometry.js';
import { CONTRACT } from '../version.js';
import { BLANKET_CM, inBlankets } from './blankets.js';

/** A usual seat of folded blankets for somebody of the reference stature, in cm (common practice, no source). */
const USUAL_CM = 10;
/** Hips that bend less than this lift the knees above the pelvis, and each ten degrees less ask for another blanket (common practice, no source). */
const FREE_HIPS = 110;
const DEGREES_A_BLANKET = 10;

const TESTS: readonly string[] = [
  'The knees lie no higher than the front of the hips.',
  'The low back keeps its own curve without effort: if it rounds, sit higher.',
  'The feet do not go to sleep, and nothing tips forward: if it does, sit lower.',
];

/** How high the seat is for sitting on the floor, in cm: the usual height for the stature, and a blanket more for each ten degrees that stiff hips lack. */
export function seatSetup({ stature = REFERENCE_STATURE_CM, hipFlexion = FREE_HIPS }: BodyAnswers, blanketCm = BLANKET_CM) {
  const lacking = Math.max(0, FREE_HIPS - hipFlexion) / DEGREES_A_BLANKET;
  const height = (USUAL_CM * stature) / REFERENCE_STATURE_CM + Math.min(4, lacking) * blanketCm;
  const { height: seatHeight, blankets } = inBlankets(height, blanketCm);
  return { contract: CONTRACT, seatHeight, blankets, tests: TESTS };
}
