import { REFERENCE_STATURE_CM, type BodyAnswers } from '../body/anthropometry.js';
import { CONTRACT } from '../version.js';
import { BLANKET_CM, inBlankets } from './blankets.js';

/** From the seventh cervical prominence to where the back of the head touches, as a share of stature: 19 cm at 1.70 m (value from memory). */
const NECK_TO_HEAD = 0.112;
/** No usual neck bends further than this many degrees; unmeasured ones are taken to reach the usual middle. */
const USUAL_NECK = 55;
/** Tops of the shoulders lie two to three finger widths in from the folded edge, in cm (common practice, no source). */
const EDGE_CM = { from: 3.5, to: 5.5 } as const;

/** How the stack is laid and what stands round it (common practice, no source). */
const LAID: readonly string[] = [
  'Lay the folded edges slightly stepped, not straight above each other: they follow the neck.',
  'A bolster behind, where the pelvis lands.',
  'A wall a leg away to walk up and down.',
];

const TESTS: readonly string[] = [
  'Swallow and speak: if either is hard, the stack is too low or too high.',
  'The throat is soft and the base of the neck hangs free of the mat.',
  'Nothing rolls off the edge: move the shoulders further in if it does.',
  'Expect about three trials; write down what was found.',
];

/**
 * How high the shoulders must lie for a shoulder stand on blankets, in cm: with the trunk upright over
 * them the line from the neck to the back of the head slopes by what the neck lacks of a right angle, so
 * that h = L cos f, with L the length of that line and f the neck's flexion. Never below 0.
 */
export function shoulderStandSetup({ stature = REFERENCE_STATURE_CM, neckFlexion = USUAL_NECK }: BodyAnswers, blanketCm = BLANKET_CM) {
  const height = Math.max(0, NECK_TO_HEAD * stature * Math.cos((neckFlexion * Math.PI) / 180));
  const { height: shoulderHeight, blankets } = inBlankets(height, blanketCm);
  return {
    contract: CONTRACT,
    shoulderHeight,
    blankets,
    edge: { ...EDGE_CM, unit: 'cm' },
    laid: LAID,
    tests: TESTS,
  };
}
