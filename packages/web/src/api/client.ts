import type { Problem } from '@lotus-steady/core';
import { t } from '../words/t.js';

/** The server answered, and the answer was no. */
export class ApiError extends Error {
  constructor(
    readonly status: number,
    message: string,
    readonly problems: readonly Problem[],
    /** What the server added, such as both versions of a conflict. */
    readonly details: Readonly<Record<string, unknown>>,
  ) {
    super(message);
    this.name = 'ApiError';
  }
}

/** The server couldn't be asked. */
export class Unreachable extends Error {}

function isProblems(value: unknown): value is Problem[] {
  return Array.isArray(value) && value.every((one) => typeof one === 'object' && one !== null && 'field' in one && 'message' in one);
}

/**
 * One request to the server. The type of an answer is the server's word; both are built from the same types.
 * @throws ApiError when it refuses; Unreachable when it can't be asked.
 */
export async function request<T>(method: 'GET' | 'POST' | 'PUT' | 'DELETE', path: string, body?: unknown): Promise<T> {
  const response = await fetch(`/api/${path}`, {
    method,
    credentials: 'same-origin',
    ...(body !== undefined && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  }).catch((error: unknown) => {
    throw new Unreachable(String(error), { cause: error });
  });
  if (response.status === 204) return undefined as T;
  const isJson = response.headers.get('content-type')?.includes('json') === true;
  // A proxy that stands in for a server that is away answers without JSON.
  if (!isJson) throw new Unreachable(`The server could not be reached (${response.status})`);
  const answer = (await response.json()) as unknown;
  if (response.ok) return answer as T;
  const details = (typeof answer === 'object' && answer !== null ? answer : {}) as Record<string, unknown>;
  const message =
    typeof details['message'] === 'string' ? details['message'] : t('The server answered {status}', { status: response.status });
  throw new ApiError(response.status, message, isProblems(details['problems']) ? details['problems'] : [], details);
}
