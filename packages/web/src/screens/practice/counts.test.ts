import { answersOf, countsOf } from './counts.js';

test('misses and false alarms are counted apart, over all tasks', () => {
  const progress = [{ counts: { right: 2, missed: 1 } }, { counts: { 'false-alarm': 3 } }];
  expect(countsOf(progress)).toEqual({ right: 2, half: 0, missed: 1, 'false-alarm': 3 });
  expect(answersOf(progress)).toBe(6);
  expect(answersOf([])).toBe(0);
});
