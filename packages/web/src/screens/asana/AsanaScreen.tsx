import { bodyOf } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useParams, useSearchParams } from 'react-router';
import { personQuery } from '../../api/queries.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { asanaQuery } from '../../worker/queries.js';
import { AsanaView } from './AsanaView.js';

const ANY_BODY = {};

export function AsanaScreen() {
  const { asana: id = '' } = useParams();
  const [search, setSearch] = useSearchParams();
  const personId = search.get('for') === null ? null : Number(search.get('for'));
  const person = useQuery({ ...personQuery(personId ?? 0), enabled: personId !== null });
  const body = personId === null ? ANY_BODY : person.data && bodyOf(person.data);
  const asana = useQuery({ ...asanaQuery(id, body ?? ANY_BODY), enabled: body !== undefined });
  const failed = [person, asana].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  if (asana.data === null) return <p className="py-8">There is no asana “{id}” in the library.</p>;
  if (!asana.data) return <Loading what="Working out this asana" />;
  const choose = (next: number | null) => setSearch(next === null ? {} : { for: String(next) }, { replace: true });
  return (
    <AsanaView
      key={id}
      page={asana.data}
      person={personId === null ? null : (person.data ?? null)}
      body={body ?? ANY_BODY}
      onPerson={choose}
    />
  );
}
