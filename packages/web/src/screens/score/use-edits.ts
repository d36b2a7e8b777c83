import type { Pin, StepEdit } from '@lotus-steady/core';
import { useCallback, useEffect, useReducer, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { core } from '../../worker/core.js';
import { changed, readHistory, redone, undone, writeHistory, type History } from '../../drafts/history.js';
import { readPins, withPins } from './class-address.js';

/** What a teacher changes on the score: the sequence itself, and figures chosen for people. */
export interface Edits {
  readonly text: string;
  readonly pins: readonly Pin[];
}

type Action = { readonly do: 'set'; readonly next: Edits } | { readonly do: 'undo' } | { readonly do: 'redo' };

function reduce(history: History<Edits>, action: Action): History<Edits> {
  switch (action.do) {
    case 'set':
      return changed(history, action.next);
    case 'undo':
      return undone(history);
    case 'redo':
      return redone(history);
  }
}

function written(pins: readonly Pin[]): string {
  return withPins(new URLSearchParams(), pins).toString();
}

/**
 * Edits on the score, with undo and redo, after a reload and a class that was taught from it too; `of` names what is
 * edited. Figures that were chosen stay in the address and the text goes to `keep`, so that a reload loses nothing.
 */
export function useEdits(of: string, text: string, keep: (text: string) => void) {
  const [search, setSearch] = useSearchParams();
  const [history, act] = useReducer(reduce, null, () => readHistory<Edits>(`score.${of}`, { text, pins: readPins(search) }));
  const { past, now, future } = history;
  const { pins } = now;
  useEffect(() => {
    writeHistory(`score.${of}`, history);
  }, [of, history]);
  useEffect(() => {
    // An address that holds them is left alone: a late answer must not take back what was asked since.
    if (written(readPins(search)) !== written(pins)) setSearch((before) => withPins(before, pins), { replace: true });
  }, [pins, search, setSearch]);
  const kept = useRef(text);
  useEffect(() => {
    if (kept.current === now.text) return;
    kept.current = now.text;
    keep(now.text);
  }, [now.text, keep]);

  // Edits follow each other, each on what the one before has left.
  const latest = useRef(now);
  useEffect(() => {
    latest.current = now;
  }, [now]);
  const queue = useRef<Promise<unknown>>(Promise.resolve());
  const edit = useCallback((change: StepEdit): Promise<number> => {
    const done = queue.current.then(async () => {
      const before = latest.current;
      const { index, ...next } = await core.edited(before.text, before.pins, change);
      if (next.text === before.text) return index;
      latest.current = next;
      act({ do: 'set', next });
      return index;
    });
    queue.current = done.catch(() => undefined);
    return done;
  }, []);

  return {
    now,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    setPins: (next: readonly Pin[]) => act({ do: 'set', next: { text: now.text, pins: next } }),
    apply: (next: Edits) => act({ do: 'set', next }),
    /** Gives the place of the edited step afterwards. */
    edit,
    undo: () => act({ do: 'undo' }),
    redo: () => act({ do: 'redo' }),
  };
}
