import type { StudioWord } from '@lotus-steady/core';
import { infiniteQueryOptions, queryOptions, skipToken } from '@tanstack/react-query';
import { request } from './client.js';
import type {
  AuditEntry,
  ClassSummary,
  StoredClass,
  SequenceVersion,
  InstallationState,
  Person,
  PersonSummary,
  SequenceSummary,
  StoredPlan,
  StoredSequence,
  Studio,
  Teacher,
} from '@lotus-steady/requests';

export const stateQuery = queryOptions({ queryKey: ['state'], queryFn: () => request<InstallationState>('GET', 'state') });
export const sessionQuery = queryOptions({
  queryKey: ['session'],
  queryFn: () => request<Teacher>('GET', 'session'),
  staleTime: 5 * 60_000,
});
export const studioQuery = queryOptions({ queryKey: ['studio'], queryFn: () => request<Studio>('GET', 'studio') });
export const trailQuery = infiniteQueryOptions({
  queryKey: ['trail'],
  queryFn: ({ pageParam }) => request<AuditEntry[]>('GET', pageParam === null ? 'audit' : `audit?before=${pageParam}`),
  initialPageParam: null as number | null,
  getNextPageParam: (page) => page.at(-1)?.id,
});
export const wordsQuery = queryOptions({ queryKey: ['words'], queryFn: () => request<StudioWord[]>('GET', 'words') });
export const peopleQuery = queryOptions({ queryKey: ['people'], queryFn: () => request<PersonSummary[]>('GET', 'people') });
export const personQuery = (id: number) =>
  queryOptions({ queryKey: ['people', id], queryFn: () => request<Person>('GET', `people/${id}`) });
export const sequencesQuery = queryOptions({ queryKey: ['sequences'], queryFn: () => request<SequenceSummary[]>('GET', 'sequences') });
export const sequenceQuery = (id: number) =>
  queryOptions({ queryKey: ['sequences', id], queryFn: () => request<StoredSequence>('GET', `sequences/${id}`) });
export const plansQuery = (sequence: number, person: number) =>
  queryOptions({
    queryKey: ['plans', sequence, person],
    queryFn: () => request<StoredPlan[]>('GET', `plans?sequence=${sequence}&person=${person}`),
  });
export const versionsQuery = (sequence: number) =>
  queryOptions({
    queryKey: ['sequences', sequence, 'versions'],
    queryFn: () => request<SequenceVersion[]>('GET', `sequences/${sequence}/versions`),
  });
export const classesQuery = queryOptions({ queryKey: ['classes'], queryFn: () => request<ClassSummary[]>('GET', 'classes') });
export const classQuery = (id: number | null) =>
  queryOptions({ queryKey: ['classes', id], queryFn: id === null ? skipToken : () => request<StoredClass>('GET', `classes/${id}`) });
