import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { StoredClass, StoredSequence } from '@lotus-steady/requests';
import { request } from '../../api/client.js';
import { classesQuery, classQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { useToday } from '../../clock.js';
import { useSequenceText } from '../../drafts/use-sequence-text.js';
import { classScoreQuery } from '../../worker/queries.js';
import { readDay, readFigures, readShared, readSince } from './class-address.js';
import { useEdits } from './use-edits.js';

/** A class on a sequence: what its address asks for, its people, its score, and what is edited and kept of it. */
export function useClassScore(sequence: StoredSequence, ids: readonly number[]) {
  const [search, setSearch] = useSearchParams();
  const figures = readFigures(search);
  const shared = useMemo(() => readShared(search), [search]);
  const day = readDay(search, useToday());
  const since = useQuery(classQuery(readSince(search)));
  const classes = useQuery(classesQuery);
  const earlier = classes.data?.filter(({ sequenceId }) => sequenceId === sequence.id) ?? [];
  const ask = (key: string, value: string | null) =>
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        if (value === null) next.delete(key);
        else next.set(key, value);
        return next;
      },
      { replace: true },
    );
  const { value, change, save, state, takeOver } = useSequenceText(sequence);
  const edits = useEdits(value, change);
  const goOnFrom = (text: string, version: number) => {
    takeOver(text, version);
    edits.apply({ text, pins: edits.now.pins });
  };
  const [done, setDone] = useState<readonly [number, number]>([0, 1]);
  const people = usePeople(ids);
  const score = useQuery(
    classScoreQuery(edits.now.text, people.data, { figures, pins: edits.now.pins, shared }, day, (step, of) => setDone([step, of])),
  );
  const queries = useQueryClient();
  const asked = {
    sequenceId: sequence.id,
    text: edits.now.text,
    day,
    personIds: ids,
    figures,
    pins: edits.now.pins,
    ...(shared && { shared }),
  };
  const keep = useMutation({
    mutationFn: (body: typeof asked) => request<StoredClass>('POST', 'classes', body),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['classes'] }),
  });
  const isKept = keep.isSuccess && JSON.stringify(keep.variables) === JSON.stringify(asked);
  return {
    search, figures, shared, day, since, earlier, ask, edits, people, score,
    /** Steps worked out, of how many. */
    done,
    saving: { value, save, state, goOnFrom },
    keeping: { keep: () => keep.mutate(asked), isKept, isPending: keep.isPending, error: keep.error },
  }; // prettier-ignore
}
