import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { startTransition, useDeferredValue, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import type { StoredClass, StoredSequence } from '@lotus-steady/requests';
import { request } from '../../api/client.js';
import { classesQuery, classQuery } from '../../api/queries.js';
import { usePeople } from '../../api/use-people.js';
import { useToday } from '../../clock.js';
import { useSequenceText } from '../../drafts/use-sequence-text.js';
import type { ClassAsked, ClassScore } from '../../worker/answers.js';
import { classScoreQuery } from '../../worker/queries.js';
import { readDay, readFigures, readKept, readShared, readSince, withParameter } from './class-address.js';
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
  const ask = (key: string, value: string | null) => setSearch((before) => withParameter(before, key, value), { replace: true });
  const { value, change, save, state, takeOver } = useSequenceText(sequence);
  const edits = useEdits(`${sequence.id}.${ids.join(',')}`, value, change);
  const goOnFrom = (text: string, version: number) => {
    takeOver(text, version);
    edits.apply({ text, pins: edits.now.pins });
  };
  const [done, setDone] = useState<readonly [number, number]>([0, 1]);
  const [part, setPart] = useState<ClassScore | null>(null);
  const people = usePeople(ids);
  const options: ClassAsked = { figures, pins: edits.now.pins, shared };
  const score = useQuery(
    classScoreQuery(edits.now.text, people.data, options, day, {
      onStep: (step, of) => setDone([step, of]),
      onPart: (first) => startTransition(() => setPart(first)),
    }),
  );
  // A score is large and drawn in pieces: whoever taps meanwhile is answered first.
  const drawn = useDeferredValue(score.data);
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
  // A class that was kept is kept again in its place.
  const keptId = readKept(search);
  const stored = useQuery(classQuery(keptId));
  const keep = useMutation({
    mutationFn: (body: typeof asked) =>
      stored.data ? request<StoredClass>('PUT', `classes/${stored.data.id}`, body) : request<StoredClass>('POST', 'classes', body),
    onSuccess: async (kept) => {
      queries.setQueryData(classQuery(kept.id).queryKey, kept);
      ask('kept', String(kept.id));
      await queries.invalidateQueries({ queryKey: classesQuery.queryKey });
    },
  });
  const isKept = stored.data !== undefined && isSameClass(stored.data, asked);
  return {
    search, figures, shared, options, day, since, earlier, ask, edits, people,
    score: { data: drawn, error: score.error, isError: score.isError, isOld: score.isPlaceholderData || drawn !== score.data, refetch: score.refetch },
    /** Steps worked out, of how many. */
    done,
    /** The score of the first steps, as long as not all are worked out. */
    part: drawn ? null : part,
    saving: { value, save, state, goOnFrom },
    keeping: { keep: () => keep.mutate(asked), isKept, isChange: stored.data !== undefined, isPending: keep.isPending, error: keep.error },
  }; // prettier-ignore
}

/** Whether what is kept is what is on the screen. */
function isSameClass(
  kept: StoredClass,
  asked: Pick<StoredClass, 'text' | 'day' | 'figures' | 'pins' | 'personIds'> & Partial<Pick<StoredClass, 'shared'>>,
) {
  const whole = ({ text, day, figures, personIds }: typeof asked) => JSON.stringify([text, day, figures, personIds]);
  const pinned = ({ pins }: typeof asked) => pins.map(({ person, index, figure }) => `${person}.${index}.${figure}`).sort().join(); // prettier-ignore
  const props = ({ shared }: typeof asked) => JSON.stringify(Object.entries(shared ?? {}).sort());
  return whole(kept) === whole(asked) && pinned(kept) === pinned(asked) && props(kept) === props(asked);
}
