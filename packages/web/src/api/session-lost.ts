import { useSyncExternalStore } from 'react';
import { ApiError } from './client.js';

/** Whether the server has said, while somebody was at work, that they have to sign in again. */
let lost = false;
const listeners = new Set<() => void>();

function set(next: boolean): void {
  if (lost === next) return;
  lost = next;
  for (const tell of listeners) tell();
}

/** Told of every failed request. */
export function noteFailure(error: unknown): void {
  if (error instanceof ApiError && error.status === 401) set(true);
}

export function sessionFound(): void {
  set(false);
}

export function useSessionLost(): boolean {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => lost,
  );
}
