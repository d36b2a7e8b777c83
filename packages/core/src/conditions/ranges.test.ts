import { activeLimits } from './active-limits.js';
import { allowedRanges } from './ranges.js';

const rangeOf = (answer: Parameters<typeof activeLimits>[0][number], measure: string) =>
  allowedRanges(activeLimits([answer])).find((one) => one.measure === measure);

test('a bound on one side narrows the ordinary range there alone', () => {
  expect(rangeOf({ id: 'osteoporosis', tScore: -2.8, vertebralFractures: 0 }, 'lumbarFlexion')).toEqual({
    measure: 'lumbarFlexion',
    ordinary: [-30, 55],
    free: [-30, 20],
    grade: 'avoid',
  });
});

test('bounds on both sides leave what is between them', () => {
  const answers = [{ id: 'lumbar-disc', phase: 'acute', surgery: 'none' }, { id: 'spinal-stenosis', walkMinutes: 8 }];
  const range = allowedRanges(activeLimits(answers)).find(({ measure }) => measure === 'lumbarFlexion');
  expect(range!.free).toEqual([-5, 15]);
});

test('a condition without bounds on joints narrows nothing', () => expect(allowedRanges(activeLimits([{ id: 'varicose-veins' }]))).toEqual([]));

test('a caution narrows nothing', () => {
  expect(rangeOf({ id: 'low-back-pain', weeksSinceOnset: 40, worse: ['flexion'], hoursSinceWaking: 4 }, 'lumbarFlexion')).toBeUndefined();
});
