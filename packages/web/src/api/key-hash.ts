import { memoize } from '@lotus-steady/core';
import { hashKey, type QueryKey } from '@tanstack/react-query';

const recordHash = memoize((record: object) => hashKey([record]));

/**
 * The hash of a query's key. Whole records of people stand in the keys of what is computed from them, and every render
 * asks for the hash: each record is written down once, as none is ever changed in place.
 */
export function keyHash(key: QueryKey): string {
  return key.map((part) => (typeof part === 'object' && part !== null ? recordHash(part) : hashKey([part]))).join();
}
