import { dayWords, words } from './words.js';

test('ids are read as words; those with capitals or hyphens of their own keep them', () => {
  expect(words('sitStand')).toBe('sit stand');
  expect(words('placenta-praevia')).toBe('placenta praevia');
  expect(words('ivf')).toBe('IVF');
});

test('a day is said as people say it', () => expect(dayWords('2026-03-07')).toBe('7 March 2026'));
