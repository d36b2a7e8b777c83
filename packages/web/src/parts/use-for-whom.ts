import { anybody, findCondition, type Participant } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { toParticipant } from '@lotus-steady/requests';
import { useMemo } from 'react';
import { personQuery } from '../api/queries.js';

/** Whom the library is judged for. */
export interface ForWhom {
  /** As it stands in the address: the number of a person or the id of a condition. */
  readonly key: string;
  readonly name: string;
  readonly isPerson: boolean;
  readonly participant: Participant;
}

/**
 * Whom a key of the address means: a person, anyone with one condition of which nothing else is known, or
 * (`null`) nobody in particular. `undefined` while a person is being fetched.
 */
export function useForWhom(key: string) {
  const condition = findCondition(key);
  const isPerson = key !== '' && !condition;
  const person = useQuery({ ...personQuery(isPerson ? Number(key) : 0), enabled: isPerson });
  const whom = useMemo((): ForWhom | null | undefined => {
    if (condition)
      return { key, name: condition.name, isPerson: false, participant: { ...anybody(key), conditions: [{ id: condition.id }] } };
    if (!isPerson) return null;
    return person.data && { key, name: person.data.name, isPerson: true, participant: toParticipant(person.data) };
  }, [key, condition, isPerson, person.data]);
  return { whom, query: person };
}
