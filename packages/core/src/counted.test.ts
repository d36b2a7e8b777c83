import { counted } from './counted.js';

test('one of something is one', () => {
  expect([0, 1, 2].map((count) => counted(count, 'step'))).toEqual(['0 steps', '1 step', '2 steps']);
  expect([1, 12].map((count) => counted(count, 'person', 'people'))).toEqual(['1 person', '12 people']);
});
