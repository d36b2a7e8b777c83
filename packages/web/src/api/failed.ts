import { ApiError } from './client.js';

/** What of a query decides whether there is something to show. */
interface Asked {
  readonly isError: boolean;
  readonly error: unknown;
  readonly data: unknown;
}

/**
 * Whether a query leaves nothing to show: it failed and nothing is there, or what was there is gone. What is on
 * the screen stays when only asking again failed: a class that is being taught doesn't end with the network.
 */
export function hasFailed({ isError, error, data }: Asked): boolean {
  return isError && (data === undefined || (error instanceof ApiError && error.status === 404));
}

/** A server that is away or makes a mistake, or a session that has ended: it may be past in a moment, and what was typed waits for it. */
export function mayPass(error: unknown): boolean {
  return !(error instanceof ApiError) || error.status === 401 || error.status >= 500;
}
