import { useQueries, useQuery } from '@tanstack/react-query';
import { classesQuery, classQuery, personQuery, sequenceQuery } from '../../api/queries.js';
import { today } from '../../clock.js';

/** Fetches what today's classes need before anybody opens them: the hall may have no network. */
export function useFetchedAhead(): void {
  const { data: classes } = useQuery(classesQuery);
  const now = (classes ?? []).filter(({ day }) => day === today());
  const people = [...new Set(now.flatMap(({ personIds }) => personIds))];
  useQueries({
    queries: now.flatMap(({ id, sequenceId }) => [classQuery(id), ...(sequenceId === null ? [] : [sequenceQuery(sequenceId)])]),
  });
  useQueries({ queries: people.map((id) => personQuery(id)) });
}
