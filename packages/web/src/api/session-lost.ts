import { ApiError } from './client.js';
import { flag } from './flag.js';

/** Whether the server has said, while somebody was at work, that they have to sign in again. */
const lost = flag(false);

/** Told of every failed request. */
export function noteFailure(error: unknown): void {
  if (error instanceof ApiError && error.status === 401) lost.set(true);
}

export function sessionFound(): void {
  lost.set(false);
}

export const useSessionLost = lost.use;
