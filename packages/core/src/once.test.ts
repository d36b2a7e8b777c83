import { onceOf } from './once.js';

test('what was made once is held, also where it is nothing', () => {
  const map = new Map<string, string | null>();
  const made: string[] = [];
  const ask = (key: string, value: string | null) => onceOf(map, key, () => (made.push(key), value));
  expect([ask('a', 'one'), ask('a', 'two'), ask('b', null), ask('b', 'three')]).toEqual(['one', 'one', null, null]);
  expect(made).toEqual(['a', 'b']);
});
