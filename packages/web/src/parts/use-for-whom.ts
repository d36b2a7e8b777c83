import { answersFromWords, anybody, findCondition, type Participant } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { toParticipant } from '@lotus-steady/requests';
import { useMemo } from 'react';
import { personQuery } from '../api/queries.js';

/** Whom the library is judged for. */
export interface ForWhom {
  /** As it stands in the address: the number of a person, the id of a condition, or words about somebody. */
  readonly key: string;
  readonly name: string;
  readonly isPerson: boolean;
  readonly participant: Participant;
}

/** Somebody told of in words, such as "30 weeks pregnant"; `null` where they name no condition. */
function toldOf(key: string): ForWhom | null {
  const condition = findCondition(key);
  const conditions = condition ? [{ id: condition.id }] : answersFromWords(key);
  if (conditions.length === 0) return null;
  return { key, name: condition?.name ?? key, isPerson: false, participant: { ...anybody('told'), conditions } };
}

/**
 * Whom a key of the address means: a person, anyone with what it names and of which nothing else is known, or
 * (`null`) nobody in particular. `undefined` while a person is being fetched.
 */
export function useForWhom(key: string) {
  const isPerson = /^\d+$/.test(key);
  const person = useQuery({ ...personQuery(isPerson ? Number(key) : 0), enabled: isPerson });
  const whom = useMemo((): ForWhom | null | undefined => {
    if (!isPerson) return toldOf(key);
    return person.data && { key, name: person.data.name, isPerson: true, participant: toParticipant(person.data) };
  }, [key, isPerson, person.data]);
  return { whom, query: person };
}
