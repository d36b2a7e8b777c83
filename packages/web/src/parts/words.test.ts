import { counted, dayWords, words } from './words.js';

test('ids are read as words; those with capitals or hyphens of their own keep them', () => {
  expect(words('sitStand')).toBe('sit stand');
  expect(words('placenta-praevia')).toBe('placenta praevia');
  expect(words('ivf')).toBe('IVF');
});

test('a day is said as people say it', () => expect(dayWords('2026-03-07')).toBe('7 March 2026'));

test('one of something is one', () => {
  expect([0, 1, 2].map((count) => counted(count, 'step'))).toEqual(['0 steps', '1 step', '2 steps']);
  expect([1, 12].map((count) => counted(count, 'person', 'people'))).toEqual(['1 person', '12 people']);
});
