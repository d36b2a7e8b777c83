import type { Person } from '@lotus-steady/requests';
import { request } from './client.js';

/** A record as it is sent: who it is of and when it changed are the server's to say. */
type SentPerson = Omit<Person, 'id' | 'studio' | 'updatedAt'>;

/**
 * Changes somebody's record as it is on the server now: someone else may have written meanwhile.
 * @throws ApiError when the server refuses, with 409 where another write came between; Unreachable when it can't be asked.
 */
export async function changePerson(person: number, change: (now: SentPerson) => SentPerson): Promise<Person> {
  const { id, studio: _studio, updatedAt: _updatedAt, ...now } = await request<Person>('GET', `people/${person}`);
  return request<Person>('PUT', `people/${id}`, change(now));
}
