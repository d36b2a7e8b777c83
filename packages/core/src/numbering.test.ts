import { numbering } from './numbering.js';

test('a text keeps its number, and no other has it, even when very many were numbered', () => {
  const numberOf = numbering();
  expect([numberOf('a'), numberOf('b'), numberOf('a')]).toEqual([1, 2, 1]);
  const seen = new Set([1, 2]);
  for (let i = 0; i < 60_000; i++) seen.add(numberOf(`text ${i}`));
  expect(seen.size).toBe(60_002);
  expect(numbering()('b')).toBe(1);
});
