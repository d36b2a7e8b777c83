import { useMutation, useQueryClient, type QueryKey } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { ApiError } from '../api/client.js';
import { mayPass } from '../api/failed.js';
import { dropDraft, readDraft, writeDraft } from './drafts.js';
import { changed, isSame, readHistory, redone, undone, writeHistory, type History } from './history.js';

/** How what is on the screen stands to what the server has. */
export type SaveState =
  | { readonly is: 'saved' }
  | { readonly is: 'edited'; readonly restored: boolean }
  | { readonly is: 'saving' }
  | { readonly is: 'waiting' }
  | { readonly is: 'refused'; readonly error: ApiError }
  | { readonly is: 'conflict'; readonly error: ApiError };

interface Options<T, R extends { readonly version: number }> {
  /** Names the draft on this device. */
  readonly key: string;
  readonly version: number | null;
  readonly value: T;
  readonly send: (value: T, version: number | null) => Promise<R>;
  /** What the server's answer looks like as an edited value. */
  readonly read: (answer: R) => T;
  readonly invalidate: readonly QueryKey[];
  readonly onSaved?: (answer: R) => void;
}

const RETRY_MS = 4000;
/** What is typed without such a pause is undone as one. */
const PAUSE_MS = 1000;

/**
 * One edited thing: every change is kept on this device until the server has it. When the server is away
 * the save waits and is sent again; when someone else saved in between, both versions are there. Changes are undone and
 * redone, after a save and a reload too.
 */
export function useSaved<T, R extends { readonly version: number }>({
  key,
  version: serverVersion,
  value: serverValue,
  send,
  read,
  invalidate,
  onSaved,
}: Options<T, R>) {
  const [draft] = useState(() => readDraft<T>(key));
  const [version, setVersion] = useState(draft ? draft.version : serverVersion);
  const [edited, setEdited] = useState<'no' | 'here' | 'restored'>(draft ? 'restored' : 'no');
  const [history, setHistory] = useState(() => readHistory(key, draft ? draft.value : serverValue));
  const changedAt = useRef(0);
  // What the server has; `null` once somebody else has saved.
  const [saved, setSaved] = useState<{ readonly value: T } | null>({ value: serverValue });
  const queries = useQueryClient();
  // What is on the screen now, for answers that come later.
  const latest = useRef(history);
  const show = useCallback((next: History<T>) => {
    latest.current = next;
    setHistory(next);
  }, []);

  const mutation = useMutation({
    mutationFn: (sent: { value: T; version: number | null }) => send(sent.value, sent.version),
    // The server's silence is handled below, by waiting; a paused mutation would say nothing.
    networkMode: 'always',
    onSuccess: async (answer, sent) => {
      setVersion(answer.version);
      // Typing may have gone on meanwhile; only what was sent is saved.
      if (latest.current.now !== sent.value) writeDraft(key, { version: answer.version, value: latest.current.now });
      else {
        dropDraft(key);
        setEdited('no');
        show({ ...latest.current, now: read(answer) });
      }
      setSaved({ value: read(answer) });
      // What is typed after a save is undone by itself.
      changedAt.current = 0;
      await Promise.all(invalidate.map((queryKey) => queries.invalidateQueries({ queryKey: [...queryKey] })));
      onSaved?.(answer);
    },
  });

  /** Shows a value, and keeps it where the server hasn't got it. */
  const go = useCallback(
    (next: History<T>) => {
      show(next);
      writeHistory(key, next);
      if (saved && isSame(next.now, saved.value)) {
        setEdited('no');
        dropDraft(key);
      } else {
        setEdited('here');
        writeDraft(key, { version, value: next.now });
      }
    },
    [key, saved, version, show],
  );
  const change = useCallback(
    (next: T) => {
      const now = Date.now();
      const isTyped = now - changedAt.current < PAUSE_MS;
      changedAt.current = now;
      go(changed(latest.current, next, isTyped));
    },
    [go],
  );
  const steps = {
    canUndo: history.past.length > 0,
    canRedo: history.future.length > 0,
    canDiscard: edited !== 'no' && saved !== null,
    undo: useCallback(() => go(undone(latest.current)), [go]),
    redo: useCallback(() => go(redone(latest.current)), [go]),
    /** Back to what the server has; this can be undone as well. */
    discard: useCallback(() => {
      if (saved) go(changed(latest.current, saved.value));
    }, [go, saved]),
  };
  const value = history.now;
  const { mutate, error, isPending } = mutation;
  const save = useCallback(() => mutate({ value, version }), [mutate, value, version]);

  const away = error !== null && mayPass(error);
  useEffect(() => {
    if (!away) return;
    const again = setTimeout(save, RETRY_MS);
    window.addEventListener('online', save);
    return () => {
      clearTimeout(again);
      window.removeEventListener('online', save);
    };
  }, [away, save, mutation.submittedAt]);

  /** Goes on from another version: the server's value, or one's own on top of it. */
  const takeOver = useCallback(
    (next: T, nextVersion: number) => {
      setVersion(nextVersion);
      setSaved(null);
      show({ ...latest.current, now: next });
      setEdited('here');
      writeDraft(key, { version: nextVersion, value: next });
      mutation.reset();
    },
    [key, mutation, show],
  );

  let state: SaveState;
  if (isPending) state = { is: 'saving' };
  else if (away) state = { is: 'waiting' };
  else if (error instanceof ApiError && error.status === 409) state = { is: 'conflict', error };
  else if (error instanceof ApiError) state = { is: 'refused', error };
  else state = edited === 'no' ? { is: 'saved' } : { is: 'edited', restored: edited === 'restored' };
  return { value, change, save, state, takeOver, steps };
}
