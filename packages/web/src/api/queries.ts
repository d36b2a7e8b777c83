import type { TrainingClient } from '@lotus-steady/core/training';
import type { ReadingLine, StudioWord } from '@lotus-steady/core';
import { infiniteQueryOptions, queryOptions, skipToken } from '@tanstack/react-query';
import { givenIds, isIdOfThisDevice } from '../drafts/guest-ids.js';
import { ApiError, request } from './client.js';
import type {
  AuditEntry,
  ClassLog,
  ClassSummary,
  HistoryEntry,
  RegisterLine,
  StoredClass,
  SequenceVersion,
  InstallationState,
  Person,
  PersonSummary,
  SequenceSummary,
  StoredSequence,
  StudioAnswer,
  Teacher,
  TrainingProgress,
} from '@lotus-steady/requests';
import { t } from '../words/t.js';

export const stateQuery = queryOptions({ queryKey: ['state'], queryFn: () => request<InstallationState>('GET', 'state') });
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => request<Teacher>('GET', 'session'),
  staleTime: 5 * 60_000,
});
export const studioQuery = queryOptions({ queryKey: ['studio'], queryFn: () => request<StudioAnswer>('GET', 'studio') });
export const trailQuery = infiniteQueryOptions({
  queryKey: ['trail'],
  queryFn: ({ pageParam }) => request<AuditEntry[]>('GET', pageParam === null ? 'audit' : `audit?before=${pageParam}`),
  initialPageParam: null as number | null,
  getNextPageParam: (page) => page.at(-1)?.id,
});
export const trainingProgressQuery = queryOptions({
  queryKey: ['training'],
  queryFn: () => request<TrainingProgress[]>('GET', 'training'),
});
export const trainingCasesQuery = queryOptions({
  queryKey: ['training-cases'],
  queryFn: () => request<TrainingClient[]>('GET', 'training/cases'),
});
export const wordsQuery = queryOptions({ queryKey: ['words'], queryFn: () => request<StudioWord[]>('GET', 'words') });
export const peopleQuery = queryOptions({ queryKey: ['people'], queryFn: () => request<PersonSummary[]>('GET', 'people') });
export const personQuery = (id: number) =>
  queryOptions({ queryKey: ['people', id], queryFn: () => (isIdOfThisDevice(id) ? guestOf(id) : request<Person>('GET', `people/${id}`)) });

/** A guest whom this device took in, as it has them or, once the server gave them an id, as the server does. */
async function guestOf(id: number): Promise<Person> {
  const { guestHere } = await import('../drafts/waiting.js');
  const given = givenIds()[id];
  const guest = given === undefined ? guestHere(id) : { ...(await request<Person>('GET', `people/${given}`)), id };
  if (!guest) throw new ApiError(404, t('This guest was taken in on another device, or is not here any more'), [], {});
  return guest;
}
export const sequencesQuery = queryOptions({ queryKey: ['sequences'], queryFn: () => request<SequenceSummary[]>('GET', 'sequences') });
export const sequenceQuery = (id: number) =>
  queryOptions({ queryKey: ['sequences', id], queryFn: () => request<StoredSequence>('GET', `sequences/${id}`) });
export const versionsQuery = (sequence: number) =>
  queryOptions({
    queryKey: ['sequences', sequence, 'versions'],
    queryFn: () => request<SequenceVersion[]>('GET', `sequences/${sequence}/versions`),
  });
export const registerQuery = queryOptions({ queryKey: ['logs'], queryFn: () => request<RegisterLine[]>('GET', 'logs') });
/** `null` where nothing was logged of the class yet. */
export const logQuery = (key: string) =>
  queryOptions({
    queryKey: ['logs', key],
    queryFn: () =>
      request<ClassLog>('GET', `logs/${key}`).catch((error: unknown) => {
        if (error instanceof ApiError && error.status === 404) return null;
        throw error;
      }),
  });
export const readingsQuery = (person: number) =>
  queryOptions({ queryKey: ['people', person, 'readings'], queryFn: () => request<ReadingLine[]>('GET', `people/${person}/readings`) });

export const historyQuery = (person: number) =>
  queryOptions({ queryKey: ['people', person, 'history'], queryFn: () => request<HistoryEntry[]>('GET', `people/${person}/history`) });
export const classesQuery = queryOptions({ queryKey: ['classes'], queryFn: () => request<ClassSummary[]>('GET', 'classes') });
export const classQuery = (id: number | null) =>
  queryOptions({ queryKey: ['classes', id], queryFn: id === null ? skipToken : () => request<StoredClass>('GET', `classes/${id}`) });
