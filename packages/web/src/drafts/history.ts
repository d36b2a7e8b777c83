import { dropDraft, draftKeys, HISTORY, readDraft, writeDraftLater } from './drafts.js';

/** An edited value with those before it and those that were undone, the nearest last. */
export interface History<T> {
  readonly past: readonly T[];
  readonly now: T;
  readonly future: readonly T[];
}

/** So many steps back are kept on this device. */
const MOST_STEPS = 30;
/** Of so many things; of one that was edited long ago nothing is undone. */
const MOST_KEPT = 8;

function keyOf(key: string): string {
  return `${HISTORY}.${key}`;
}

export function begun<T>(now: T): History<T> {
  return { past: [], now, future: [] };
}

/** A new value; `merged` into the one before it, where both are one thing that is typed. */
export function changed<T>({ past, now }: History<T>, next: T, merged = false): History<T> {
  return { past: merged && past.length > 0 ? past : [...past, now], now: next, future: [] };
}

export function undone<T>(history: History<T>): History<T> {
  const { past, now, future } = history;
  return past.length === 0 ? history : { past: past.slice(0, -1), now: past.at(-1)!, future: [...future, now] };
}

export function redone<T>(history: History<T>): History<T> {
  const { past, now, future } = history;
  return future.length === 0 ? history : { past: [...past, now], now: future.at(-1)!, future: future.slice(0, -1) };
}

export function isSame(one: unknown, other: unknown): boolean {
  return JSON.stringify(one) === JSON.stringify(other);
}

/** The history that was left on this device, where it ends with what there is now; else one that begins here. */
export function readHistory<T>(key: string, now: T): History<T> {
  const kept = readDraft<History<T>>(keyOf(key))?.value;
  return kept && isSame(kept.now, now) ? { ...kept, now } : begun(now);
}

/** Keeps a history on this device, sealed like a draft; those that were kept longest go. */
export function writeHistory<T>(key: string, { past, now, future }: History<T>): void {
  if (past.length + future.length === 0) {
    dropDraft(keyOf(key));
    return;
  }
  writeDraftLater(keyOf(key), { version: null, value: { past: past.slice(-MOST_STEPS), now, future: future.slice(-MOST_STEPS) } });
  const kept = draftKeys().filter((one) => one.startsWith(keyOf('')));
  for (const old of kept.slice(0, Math.max(0, kept.length - MOST_KEPT))) dropDraft(old);
}
