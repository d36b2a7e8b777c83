import { useQueries, type UseQueryResult } from '@tanstack/react-query';
import type { Person } from '@lotus-steady/requests';
import { personQuery } from './queries.js';
import { hasFailed } from './failed.js';

function together(all: readonly UseQueryResult<Person>[]) {
  const data = all.flatMap(({ data: person }) => person ?? []);
  return { failed: all.find(hasFailed), data: data.length === all.length ? data : undefined };
}

/** Several people's records, once all of them are there. */
export function usePeople(ids: readonly number[]) {
  return useQueries({ queries: ids.map((id) => personQuery(id)), combine: together });
}
