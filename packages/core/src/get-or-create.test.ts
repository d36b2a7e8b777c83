import { getOrCreate, getOrCreateWithin } from './get-or-create.js';

test('what was made once is held, also where it is nothing', () => {
  const map = new Map<string, string | null>();
  const made: string[] = [];
  const ask = (key: string, value: string | null) => getOrCreate(map, key, () => (made.push(key), value));
  expect([ask('a', 'one'), ask('a', 'two'), ask('b', null), ask('b', 'three')]).toEqual(['one', 'one', null, null]);
  expect(made).toEqual(['a', 'b']);
});

test('where only so many are held, one more forgets the others and is held itself', () => {
  const map = new Map<string, number>();
  let made = 0;
  const ask = (key: string) => getOrCreateWithin(map, 2, key, () => ++made);
  expect(['a', 'b', 'a', 'c', 'c', 'a'].map(ask)).toEqual([1, 2, 1, 3, 3, 4]);
  expect([...map.keys()]).toEqual(['c', 'a']);
});
