import { getOrCreate, memoize } from './get-or-create.js';

test('what was made once is held, also where it is nothing', () => {
  const map = new Map<string, string | null>();
  const made: string[] = [];
  const ask = (key: string, value: string | null) => getOrCreate(map, key, () => (made.push(key), value));
  expect([ask('a', 'one'), ask('a', 'two'), ask('b', null), ask('b', 'three')]).toEqual(['one', 'one', null, null]);
  expect(made).toEqual(['a', 'b']);
});

test('what is worked out of an object is worked out once, and for an equal object anew', () => {
  let worked = 0;
  const sizeOf = memoize(({ items }: { items: readonly number[] }) => (worked++, items.length));
  const [one, equal] = [{ items: [1, 2] }, { items: [1, 2] }];
  expect([sizeOf(one), sizeOf(one), sizeOf(equal)]).toEqual([2, 2, 2]);
  expect(worked).toBe(2);
});
