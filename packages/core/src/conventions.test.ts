import { inWeek, lengthWords } from './conventions.js';

// An inch is 2.54 cm exactly (international yard and pound agreement, 1959).
test.each([
  [12, '4¾ in'],
  [2.54, '1 in'],
  [30.48, '12 in'],
  [1, '½ in'],
  [0, '0 in'],
])('%f cm are %s, to a quarter', (cm, words) => {
  expect(lengthWords(cm, 'in')).toBe(words);
  expect(lengthWords(cm, 'cm')).toBe(`${cm} cm`);
});

test('a week that begins on Sunday is written from there', () => {
  expect(inWeek(['monday', 'wednesday', 'sunday'], 'sunday')).toEqual(['sunday', 'monday', 'wednesday']);
  expect(inWeek(['monday', 'wednesday'], 'sunday')).toEqual(['monday', 'wednesday']);
  expect(inWeek(['monday', 'sunday'], 'monday')).toEqual(['monday', 'sunday']);
});
