import { dayIn, ownTimeZone } from '@lotus-steady/requests';

const DAY_MS = 86_400_000;

/** The day where the server stands, as YYYY-MM-DD: the demo's, which has no studio of its own yet. */
export function today(): string {
  return dayIn(ownTimeZone());
}

/** The day so many days after another, or before it; both as YYYY-MM-DD. */
export function shifted(day: string, days: number): string {
  return new Date(Date.parse(`${day}T00:00:00Z`) + days * DAY_MS).toISOString().slice(0, 10);
}
