import type { Query } from '@tanstack/react-query';
import { Unreachable } from './client.js';
import { flag } from './flag.js';
import { isKept } from './kept-answers.js';

/** Whether the server answered when it was asked last. */
const reached = flag(true);

/** Told of every question that found no server. */
export function noteSilence(error: unknown): void {
  if (error instanceof Unreachable) reached.set(false);
}

/** Told of every answer; what this device works out by itself says nothing of the server. */
export function noteAnswer(query: Pick<Query, 'queryKey'>): void {
  if (isKept(query)) reached.set(true);
}

export const useReached = reached.use;
