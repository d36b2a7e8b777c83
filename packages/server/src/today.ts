import { dayIn, ownTimeZone } from '@lotus-steady/requests';

/** The day where the server stands, as YYYY-MM-DD: the demo's, which has no studio of its own yet. */
export function today(): string {
  return dayIn(ownTimeZone());
}
