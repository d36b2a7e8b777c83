import { readProps, USUAL_FIGURES, type Pin, type PropsAtHand } from '@lotus-steady/core';
import { useEffect, useReducer } from 'react';
import { useSearchParams } from 'react-router';

interface History {
  readonly past: readonly (readonly Pin[])[];
  readonly now: readonly Pin[];
  readonly future: readonly (readonly Pin[])[];
}
type Action = { readonly do: 'set'; readonly pins: readonly Pin[] } | { readonly do: 'undo' } | { readonly do: 'redo' };

function reduce({ past, now, future }: History, action: Action): History {
  if (action.do === 'set') return { past: [...past, now], now: action.pins, future: [] };
  const [from, onto] = action.do === 'undo' ? [past, future] : [future, past];
  const next = from.at(-1);
  if (next === undefined) return { past, now, future };
  const [left, gained] = [from.slice(0, -1), [...onto, now]];
  return action.do === 'undo' ? { past: left, now: next, future: gained } : { past: gained, now: next, future: left };
}

const KEY = 'chosen';

/** What a teacher may ask for. */
export const FIGURES = [1, 2, 3, 4, 5, 6] as const;

/** The most figures a step that an address asks for; the usual number for anything else. */
export function readFigures(search: URLSearchParams): number {
  return FIGURES.find((count) => String(count) === search.get('figures')) ?? USUAL_FIGURES;
}

/** Whom an address names, each once: `3,5,8`. */
export function readPeople(text: string): number[] {
  return [...new Set(text.split(',').map(Number))];
}

/** What the class shares, as an address keeps it: `block:8,chair:3`; `null` where everybody has their own. */
export function readShared(search: URLSearchParams): PropsAtHand | null {
  const text = search.get('shared');
  return text === null ? null : readProps(text).props;
}

/** The same in the address's words. */
export function writeShared(props: PropsAtHand): string {
  return Object.entries(props)
    .map(([prop, count]) => `${prop}:${count}`)
    .join(',');
}

/** Pins as the address keeps them: `person.step.figure`, one each. */
export function readPins(search: URLSearchParams): Pin[] {
  return search.getAll(KEY).flatMap((text) => {
    const [, person, index, figure] = /^(\d+)\.(\d+)\.(.+)$/.exec(text) ?? [];
    return person === undefined ? [] : [{ person, index: Number(index), figure: figure! }];
  });
}

/** What a teacher chose by hand, with undo and redo without end. It stays in the address, so that a reload loses nothing. */
export function usePins() {
  const [search, setSearch] = useSearchParams();
  const [{ past, now, future }, act] = useReducer(reduce, null, () => ({ past: [], now: readPins(search), future: [] }));
  useEffect(() => {
    setSearch(
      (before) => {
        const next = new URLSearchParams(before);
        next.delete(KEY);
        for (const { person, index, figure } of now) next.append(KEY, `${person}.${index}.${figure}`);
        return next;
      },
      { replace: true },
    );
  }, [now, setSearch]);
  return {
    now,
    canUndo: past.length > 0,
    canRedo: future.length > 0,
    set: (pins: readonly Pin[]) => act({ do: 'set', pins }),
    undo: () => act({ do: 'undo' }),
    redo: () => act({ do: 'redo' }),
  };
}
