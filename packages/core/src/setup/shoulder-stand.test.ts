import { shoulderStandSetup } from './shoulder-stand.js';

// Worked table: L = 0.112 of stature, h = L cos f; stature in cm, neck in degrees, height in cm (common practice, no source).
test.each([
  [150, 50, 10.8],
  [150, 60, 8.4],
  [160, 55, 10.3],
  [170, 50, 12.2],
  [170, 55, 10.9],
  [170, 60, 9.5],
  [180, 60, 10.1],
  [190, 50, 13.7],
])('%i cm tall, neck bends %i: shoulders %f cm up', (stature, neckFlexion, cm) => {
  expect(Math.abs(shoulderStandSetup({ stature, neckFlexion }).shoulderHeight.value - cm)).toBeLessThanOrEqual(0.1);
});

test('the rule of three to five blankets for necks that bend 50 to 60', () => {
  for (const stature of [150, 165, 180, 190])
    for (const neckFlexion of [50, 55, 60]) {
      const { count } = shoulderStandSetup({ stature, neckFlexion }).blankets;
      expect(count).toBeGreaterThanOrEqual(3);
      expect(count).toBeLessThanOrEqual(5);
    }
});

test('a neck that bends a right angle needs nothing; thinner blankets are more of them', () => {
  expect(shoulderStandSetup({ neckFlexion: 90 }).blankets.count).toBe(0);
  expect(shoulderStandSetup({}, 1.25).blankets.count).toBeGreaterThan(shoulderStandSetup({}).blankets.count);
});

test('the stack is laid in steps, with a landing behind it and a wall to walk up', () => {
  const laid = shoulderStandSetup({}).laid.join(' ');
  for (const word of ['stepped', 'bolster', 'wall']) expect(laid).toContain(word);
});
