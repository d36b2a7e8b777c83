import { useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { request } from '../../api/client.js';
import { sequencesQuery } from '../../api/queries.js';

/** So long a removal can be taken back. */
const UNDO_MS = 8000;

interface Removed {
  readonly id: number;
  readonly title: string;
}

/** A sequence that is removed is gone from the list at once, and from the server once nobody has taken it back. */
export function useRemoval() {
  const queries = useQueryClient();
  const [removed, setRemoved] = useState<Removed | null>(null);
  const [error, setError] = useState<unknown>(null);
  const waiting = useRef<Removed | null>(null);
  const send = useCallback(() => {
    const gone = waiting.current;
    waiting.current = null;
    if (!gone) return;
    // It stays away from the list while the server is asked, and comes back where that refuses.
    queries.setQueryData(sequencesQuery.queryKey, (all) => all?.filter(({ id }) => id !== gone.id));
    void request('DELETE', `sequences/${gone.id}`)
      .catch((problem: unknown) => setError(problem))
      .then(() => queries.invalidateQueries({ queryKey: sequencesQuery.queryKey }));
  }, [queries]);
  useEffect(() => {
    if (!removed) return;
    const timer = setTimeout(() => {
      send();
      setRemoved(null);
    }, UNDO_MS);
    return () => clearTimeout(timer);
  }, [removed, send]);
  // Whoever leaves the page has decided.
  useEffect(() => {
    return () => send();
  }, [send]);
  return {
    removed,
    error,
    remove: (sequence: Removed) => {
      send();
      waiting.current = sequence;
      setError(null);
      setRemoved(sequence);
    },
    undo: () => {
      waiting.current = null;
      setRemoved(null);
    },
  };
}
