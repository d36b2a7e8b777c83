import { EarlyParts } from './early-parts.js';

test('the first part is shown after a moment, the next after twice as long each time', () => {
  const parts = new EarlyParts(1000, 300);
  expect(parts.isDue(1, 1200)).toBe(false);
  expect(parts.isDue(2, 1400)).toBe(true);
  expect(parts.isDue(3, 1700)).toBe(false);
  expect(parts.isDue(5, 1800)).toBe(true);
});

test('a second pass over steps that were shown shows nothing', () => {
  const parts = new EarlyParts(0, 100);
  expect(parts.isDue(6, 200)).toBe(true);
  expect(parts.isDue(3, 5000)).toBe(false);
  expect(parts.isDue(7, 5000)).toBe(true);
});
