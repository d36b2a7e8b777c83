import { getOrCreate } from '../get-or-create.js';
import { BOUNDS, PlanningCache } from './planning-cache.js';

test('what is remembered is not asked again, and each kind and each object remembers its own', () => {
  const cache = new PlanningCache();
  const person = {};
  let asked = 0;
  const ask = (where: PlanningCache, kind: 'columns' | 'paths') => getOrCreate(where.of<string, number>(kind), 'key', () => ++asked);
  expect([ask(cache, 'columns'), ask(cache, 'columns'), ask(cache, 'paths')]).toEqual([1, 1, 2]);
  expect([ask(cache.about(person), 'columns'), ask(cache.about(person), 'columns'), ask(cache.about({}), 'columns')]).toEqual([3, 3, 4]);
});

test('beyond the bound of a kind the answer that was asked for longest ago is forgotten', () => {
  const known = new PlanningCache().of<number, string>('onward');
  for (let i = 0; i < BOUNDS.onward; i++) known.set(i, 'kept');
  expect(known.get(0)).toBe('kept');
  known.set(BOUNDS.onward, 'one more');
  expect([known.get(0), known.get(1), known.get(2)]).toEqual(['kept', undefined, 'kept']);
});
