import type { LRUCache } from 'lru-cache';
import { getOrCreate } from '../get-or-create.js';
import { leastRecentlyUsed } from '../lru.js';

/** How many answers of each kind are remembered; then the one that was asked for longest ago is forgotten. */
export const BOUNDS = {
  // About one body.
  /** People who are judged differently. */
  profiles: 64,
  /** People with their day. */
  planners: 64,

  // About one person's limits on one body.
  /** What may be done in place of a form. */
  searches: 2_000,
  /** The same at a place in a class. */
  candidatesAtStep: 10_000,
  /** A candidate fitted to a place in a class. */
  fitted: 40_000,
  /** What a candidate costs at the least. */
  minCosts: 40_000,
  /** The way from one posture to another. */
  transitions: 20_000,
  /** Whether a part of a way keeps within bounds. */
  passages: 20_000,
  /** A step, told apart by nothing but where it begins and ends. */
  coarseSteps: 2_000,
  /** The end of a class with one step more before it. */
  endings: 5_000,
  /** The most promising beginnings after one step more. */
  beginnings: 3_000,

  // About a class. What is about everybody at once takes some kilobytes each.
  /** How everybody stands between two steps. */
  states: 5_000,
  /** From one of those, a step more. */
  onward: 200,
  /** One step for everybody. */
  columns: 5_000,
  /** Someone's own ways to a step. */
  ownWays: 50_000,
  /** Someone's own best path. */
  paths: 2_000,
  /** What a column costs at the least. */
  columnBounds: 1_000,
} as const;
export type CacheKind = keyof typeof BOUNDS;

type Key = string | number | object;
type Value = object | string | number;

/**
 * What was worked out while planning, kept for the next time: after an edit only the steps are asked again that stand
 * after another posture, or at other sums that a limit looks at. It is made by whoever asks for plans, passed along, and
 * dropped with all that it holds.
 */
export class PlanningCache {
  private readonly kinds = new Map<CacheKind, LRUCache<Key, Value>>();
  private readonly byObject = new WeakMap<object, PlanningCache>();

  /** What is remembered of one kind. Each kind has one type of key and of value, which whoever asks for it names. */
  of<K extends Key, V extends Value>(kind: CacheKind): LRUCache<K, V> {
    return getOrCreate(this.kinds, kind, () => leastRecentlyUsed<Key, Value>(BOUNDS[kind])) as unknown as LRUCache<K, V>;
  }

  /** What is remembered about an object, for as long as both are there. */
  about(object: object): PlanningCache {
    return getOrCreate(this.byObject, object, () => new PlanningCache());
  }
}
