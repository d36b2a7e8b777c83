import { findCondition } from '../conditions/all.js';
import { tScoreClass } from '../conditions/osteoporosis.js';
import { rectusGapClass, rectusGapCm } from '../conditions/postpartum.js';
import { cobbClass, fusedShare } from '../conditions/scoliosis.js';
import { bloodPressureClass } from '../readings/blood-pressure.js';
import { chairStandBelowAverage } from '../readings/functional-tests.js';
import { orthostaticClass } from '../readings/orthostatic.js';

// Whelton PK et al. Hypertension 2018;71:e13-e115 (ACC/AHA 2017), table 6: every boundary at n - 1, n and n + 1.
test.each([
  [119, 79, 'normal'], [120, 79, 'elevated'], [121, 79, 'elevated'], [129, 79, 'elevated'], [130, 79, 'stage 1'], [131, 79, 'stage 1'],
  [119, 80, 'stage 1'], [119, 81, 'stage 1'], [139, 89, 'stage 1'], [140, 89, 'stage 2'], [141, 89, 'stage 2'], [119, 89, 'stage 1'], [119, 90, 'stage 2'], [119, 91, 'stage 2'],
  [179, 89, 'stage 2'], [180, 89, 'stage 2'], [181, 89, 'crisis'], [150, 119, 'stage 2'], [150, 120, 'stage 2'], [150, 121, 'crisis'],
] as const)('ACC/AHA 2017: %i/%i is %s', (systolic, diastolic, expected) => expect(bloodPressureClass(systolic, diastolic)).toBe(expected)); // prettier-ignore

// STEADI, Centers for Disease Control and Prevention, 2017, 30-second chair stand: below average is fewer than this.
test.each([
  [60, 64, 14, 12], [65, 69, 12, 11], [70, 74, 12, 10], [75, 79, 11, 10], [80, 84, 10, 9], [85, 89, 8, 8], [90, 94, 7, 4],
] as const)('STEADI: from %i to %i men rise %i times, women %i', (from, to, men, women) => {
  for (const age of [from, to]) {
    expect([chairStandBelowAverage(men - 1, age, 'm'), chairStandBelowAverage(men, age, 'm'), chairStandBelowAverage(men + 1, age, 'm')]).toEqual([true, false, false]);
    expect([chairStandBelowAverage(women - 1, age, 'f'), chairStandBelowAverage(women, age, 'f'), chairStandBelowAverage(women + 1, age, 'f')]).toEqual([true, false, false]);
    // Who doesn't say takes the stricter of both.
    expect(chairStandBelowAverage(Math.max(men, women) - 1, age)).toBe(true);
  }
}); // prettier-ignore
test('above 94 the last band holds', () =>
  expect([chairStandBelowAverage(6, 99, 'm'), chairStandBelowAverage(7, 99, 'm')]).toEqual([true, false]));

// SOSORT 2016 guidelines (Negrini S et al. Scoliosis Spinal Disord 2018;13:3): low to 20, moderate to 40, joined above.
test.each([
  [9, 'none'], [9.4, 'none'], [9.5, 'low'], [10, 'low'], [11, 'low'], [19, 'low'], [20, 'low'], [20.4, 'low'], [21, 'moderate'], [39, 'moderate'], [40, 'moderate'], [41, 'severe'], [90, 'severe'],
] as const)('a Cobb angle of %f is %s', (cobb, expected) => expect(cobbClass(cobb)).toBe(expected)); // prettier-ignore

// WHO Technical Report 843, 1994.
test.each([
  [-0.9, 'none'], [-1, 'none'], [-1.1, 'penia'], [-2.4, 'penia'], [-2.5, 'op'], [-2.6, 'op'],
] as const)('a T-score of %f is %s', (score, expected) => expect(tScoreClass(score)).toBe(expected)); // prettier-ignore

// ACOG: first trimester to 13 weeks 6 days, second to 27 weeks 6 days.
test.each([
  [12, 't1'], [13, 't1'], [13 + 6 / 7, 't1'], [14, 't2'], [15, 't2'], [26, 't2'], [27, 't2'], [27 + 6 / 7, 't2'], [28, 't3'], [29, 't3'],
] as const)('week %f is in %s alone', (week, trimester) => {
  const stages = findCondition('pregnancy')!.stagesOf({ week });
  expect(stages.filter((stage) => ['t1', 't2', 't3'].includes(stage))).toEqual([trimester]);
}); // prettier-ignore
test.each([
  [19, false], [20, true], [21, true], [27.9, true], [28, false],
])('flat on the back at week %f: the middle stage %s', (week, holds) =>
  expect(findCondition('pregnancy')!.stagesOf({ week }).includes('w20-27')).toBe(holds)); // prettier-ignore

// Freeman R et al. Clin Auton Res 2011;21:69-72: a drop of 20 or 10; 30 where the lying pressure is high (from memory).
test.each([
  ['a drop of 19 and 9', { lyingSystolic: 120, lyingDiastolic: 80, standSystolic: 101, standDiastolic: 71 }, 'none'],
  ['a drop of 20', { lyingSystolic: 120, lyingDiastolic: 80, standSystolic: 100, standDiastolic: 75 }, 'drop'],
  ['a drop of 10 below', { lyingSystolic: 120, lyingDiastolic: 80, standSystolic: 118, standDiastolic: 70 }, 'drop'],
  ['a drop of 29 from a high pressure', { lyingSystolic: 150, lyingDiastolic: 80, standSystolic: 121, standDiastolic: 75 }, 'none'],
  ['a drop of 30 from a high pressure', { lyingSystolic: 150, lyingDiastolic: 80, standSystolic: 120, standDiastolic: 75 }, 'drop'],
  ['low, and no drop', { lyingSystolic: 88, lyingDiastolic: 58, standSystolic: 86, standDiastolic: 56 }, 'low'],
  ['a pulse that rises by 30', { lyingSystolic: 120, lyingDiastolic: 80, standSystolic: 118, standDiastolic: 78, lyingPulse: 70, standPulse: 100 }, 'racing'],
  ['a pulse that rises by 30 at 16', { lyingSystolic: 120, lyingDiastolic: 80, standSystolic: 118, standDiastolic: 78, lyingPulse: 70, standPulse: 100, age: 16 }, 'none'],
  ['a pulse that rises by 40 at 16', { lyingSystolic: 120, lyingDiastolic: 80, standSystolic: 118, standDiastolic: 78, lyingPulse: 70, standPulse: 110, age: 16 }, 'racing'],
  ['nothing measured', {}, 'unknown'],
  ['only lying', { lyingSystolic: 120, lyingDiastolic: 80 }, 'unknown'],
] as const)('standing up: %s', (_name, reading, expected) => expect(orthostaticClass(reading)).toBe(expected)); // prettier-ignore

// Candido G et al. J Assoc Chart Physiother Womens Health 2005;97:49-54, begun at 2.0 cm on the cautious side (from memory).
test.each([
  [1.9, 'g0'], [2, 'g1'], [3.4, 'g1'], [3.5, 'g2'], [5, 'g2'], [5.1, 'g3'],
] as const)('a gap of %f cm is %s', (cm, expected) => expect(rectusGapClass(cm)).toBe(expected)); // prettier-ignore
test('the larger of fingers and centimetres counts; three fingers where nobody measured', () => {
  expect(rectusGapCm({ gapFingers: 2, gapCm: 2 })).toBeCloseTo(3.2);
  expect(rectusGapCm({ gapFingers: 1, gapCm: 4 })).toBe(4);
  expect(rectusGapClass(rectusGapCm({}))).toBe('g2');
});

// White AA, Panjabi MM 1990 (from memory): a fusion from T4 to L1 takes 46 of the 80 degrees of turning.
test('the share of turning that a fusion takes', () => {
  expect(fusedShare('T4', 'L1', 'spineRotation')).toBeCloseTo(46 / 80, 6);
  expect(fusedShare('T1', 'S1', 'spineLateral')).toBe(1);
  expect(fusedShare('L4', 'S1', 'thoracicFlexion')).toBe(0);
  expect(fusedShare('L4', 'S1', 'lumbarFlexion')).toBeCloseTo(33 / 74, 6);
});
