import { useQuery } from '@tanstack/react-query';
import { findQuery } from '../worker/queries.js';
import { namesOf, type LibraryNames } from './library-names.js';

/** Names of the asanas, `undefined` until they are there: the library itself stays in the worker. */
export function useAsanaNames(): LibraryNames | undefined {
  const { data } = useQuery({ ...findQuery(''), select: namesOf });
  return data;
}
