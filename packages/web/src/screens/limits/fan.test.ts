import { fan } from './fan.js';

test.each([
  ['a quarter from right to up', 0, 90, 'M0 0L10 0A10 10 0 0 0 0 -10Z'],
  ['a quarter from up to right', 90, 0, 'M0 0L0 -10A10 10 0 0 1 10 0Z'],
  ['more than half goes the long way', 0, 270, 'M0 0L10 0A10 10 0 1 0 0 10Z'],
])('%s', (_name, from, to, path) => expect(fan([0, 0], 10, from, to).replaceAll('-0 ', '0 ')).toBe(path));

test('round its own centre', () => expect(fan([5, -20], 10, 0, 90)).toBe('M5 -20L15 -20A10 10 0 0 0 5 -30Z'));
