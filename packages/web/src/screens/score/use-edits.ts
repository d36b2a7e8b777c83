import type { Pin, StepEdit } from '@lotus-steady/core';
import { useCallback, useEffect, useReducer, useRef } from 'react';
import { useSearchParams } from 'react-router';
import { core } from '../../worker/core.js';
import { readPins, withPins } from './class-address.js';

/** What a teacher changes on the score: the sequence itself, and figures chosen for people. */
export interface Edits {
  readonly text: string;
  readonly pins: readonly Pin[];
}

interface History {
  readonly past: readonly Edits[];
  readonly now: Edits;
  readonly future: readonly Edits[];
}
type Action = { readonly do: 'set'; readonly next: Edits } | { readonly do: 'undo' } | { readonly do: 'redo' };

function reduce({ past, now, future }: History, action: Action): History {
  if (action.do === 'set') return { past: [...past, now], now: action.next, future: [] };
  const [from, onto] = action.do === 'undo' ? [past, future] : [future, past];
  const next = from.at(-1);
  if (next === undefined) return { past, now, future };
  const [left, gained] = [from.slice(0, -1), [...onto, now]];
  return action.do === 'undo' ? { past: left, now: next, future: gained } : { past: gained, now: next, future: left };
}

/**
 * Edits on the score, with undo and redo without end. Figures that were chosen stay in the address and the text
 * goes to `keep`, so that a reload loses nothing.
 */
export function useEdits(text: string, keep: (text: string) => void) {
  const [search, setSearch] = useSearchParams();
  const [{ past, now, future }, act] = useReducer(reduce, null, () => ({ past: [], now: { text, pins: readPins(search) }, future: [] }));
  const { pins } = now;
  useEffect(() => {
    setSearch((before) => withPins(before, pins), { replace: true });
  }, [pins, setSearch]);
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
