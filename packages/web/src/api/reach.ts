import type { Query } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { Unreachable } from './client.js';
import { isKept } from './kept-answers.js';

/** Whether the server answered when it was asked last. */
let reached = true;
const listeners = new Set<() => void>();

function set(next: boolean): void {
  if (reached === next) return;
  reached = next;
  for (const tell of listeners) tell();
}

/** Told of every question that found no server. */
export function noteSilence(error: unknown): void {
  if (error instanceof Unreachable) set(false);
}

/** Told of every answer; what this device works out by itself says nothing of the server. */
export function noteAnswer(query: Pick<Query, 'queryKey'>): void {
  if (isKept(query)) set(true);
}

export function useReached(): boolean {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => reached,
  );
}
