import { hashKey } from '@tanstack/react-query';
import { keyHash } from './key-hash.js';

test('keys that say the same have one hash, whatever the order of their fields', () => {
  expect(keyHash(['score', [{ id: 1, name: 'Oda' }], { figures: 2 }])).toBe(keyHash(['score', [{ name: 'Oda', id: 1 }], { figures: 2 }]));
  expect(keyHash(['score', undefined])).toBe(keyHash(['score', null]));
});

test('keys that differ have different hashes, as the library’s own would', () => {
  const keys = [['a', 'b'], ['a,b'], [['a', 'b']], [['a'], 'b'], ['a', { b: 1 }], ['a', { b: '1' }], ['a', { b: 2 }], ['a', null], ['a']];
  expect(new Set(keys.map(keyHash)).size).toBe(new Set(keys.map(hashKey)).size);
});

test('a record is written down once', () => {
  let read = 0;
  const person = Object.defineProperty({ id: 1 }, 'name', { enumerable: true, get: () => `Oda ${++read}` });
  expect(keyHash(['score', person])).toBe(keyHash(['score', person]));
  expect(read).toBe(1);
});
