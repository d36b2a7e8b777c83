import { getOrCreate } from './get-or-create.js';
import { leastRecentlyUsed } from './lru.js';

/** Numbers texts from 1: the same text has the same number, as long as it is remembered, `most` of them; no number is given twice. */
export function numbering(most = 50_000): (text: string) => number {
  const numbers = leastRecentlyUsed<string, number>(most);
  let count = 0;
  return (text) => getOrCreate(numbers, text, () => ++count);
}
