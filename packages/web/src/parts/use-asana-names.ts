import { useQuery } from '@tanstack/react-query';
import { findQuery } from '../worker/queries.js';

/** Names of the library's asanas by their ids; `undefined` until they are there. The library itself stays in the worker. */
export function useAsanaNames(): ReadonlyMap<string, string> | undefined {
  const { data } = useQuery({ ...findQuery(''), select: namesOf });
  return data;
}

function namesOf(entries: readonly { readonly id: string; readonly name: string }[]): ReadonlyMap<string, string> {
  return new Map(entries.map(({ id, name }) => [id, name]));
}
