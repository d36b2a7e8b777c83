import type { StudioWord } from '@lotus-steady/core';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { core } from '../worker/core.js';
import { request } from './client.js';
import { wordsQuery } from './queries.js';

/** Whatever follows from how texts are read. */
const READ_KEYS = ['read', 'review', 'score', 'sequences'];

/** Keeps the reader told of the studio's own words; what was read before is read again with them. */
export function useStudioWords(): void {
  const queries = useQueryClient();
  const { data } = useQuery(wordsQuery);
  useEffect(() => {
    if (!data) return;
    const readAgain = async (key: string) => {
      // What is being read for the first time goes on when it is only invalidated: it would be read without the words.
      await queries.cancelQueries({ queryKey: [key] });
      await queries.invalidateQueries({ queryKey: [key] });
    };
    // A studio without words of its own has nothing to read again.
    void core.useWords(data).then((isNew) => (isNew ? Promise.all(READ_KEYS.map(readAgain)) : null));
  }, [data, queries]);
}

/** Keeps words, and forgets one. */
export function useWordChanges() {
  const queries = useQueryClient();
  const onSuccess = (kept: StudioWord[]) => {
    queries.setQueryData(wordsQuery.queryKey, kept);
  };
  const keep = useMutation({ mutationFn: (words: readonly StudioWord[]) => request<StudioWord[]>('PUT', 'words', { words }), onSuccess });
  const forget = useMutation({ mutationFn: (text: string) => request<StudioWord[]>('POST', 'words/forget', { text }), onSuccess });
  return { keep, forget };
}
