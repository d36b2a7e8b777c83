import { LRUCache } from 'lru-cache';

/** Holds `most` values; with one more, the one that was asked for longest ago is forgotten. It takes room only as it fills. */
export function leastRecentlyUsed<Key extends string | number | object, Value extends object | string | number>(
  most: number,
): LRUCache<Key, Value> {
  // Counted by size: a cache bounded by `max` takes all of its room at once.
  return new LRUCache<Key, Value>({ maxSize: most, sizeCalculation: () => 1 });
}
