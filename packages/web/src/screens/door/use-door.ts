import type { Question, Told } from '@lotus-steady/core';
import { useState } from 'react';
import { dropDraft, readDraft, writeDraft } from '../../drafts/drafts.js';

/** What was told at the door and belongs to no record, kept on this device until the class begins. */
interface Door {
  readonly told: Readonly<Record<number, Told>>;
  /** Who came and wasn't expected. */
  readonly added: readonly number[];
  /** What decides of the conditions that somebody told of here for the first time. */
  readonly asks: Readonly<Record<number, readonly Question[]>>;
}

const SHUT: Door = { told: {}, added: [], asks: {} };
/** So many of somebody's questions are asked: they stand at the door and wait. */
export const MOST_ASKED = 3;
export const NOTHING_ASKED: readonly Question[] = [];

export function useDoor(key: string) {
  const kept = () => readDraft<Door>(key)?.value ?? SHUT;
  const [door, set] = useState(kept);
  const change = (part: (before: Door) => Partial<Door>) => {
    const before = kept();
    const next = { ...before, ...part(before) };
    writeDraft(key, { version: null, value: next });
    set(next);
  };
  return {
    ...door,
    tell: (id: number, told: Told) => change((before) => ({ told: { ...before.told, [id]: told } })),
    add: (id: number) => change(({ added }) => ({ added: [...added, id] })),
    ask: (id: number, questions: readonly Question[]) =>
      change(({ asks }) => ({ asks: { ...asks, [id]: [...(asks[id] ?? []), ...questions] } })),
    /** What was told is handed on. */
    shut: () => dropDraft(key),
  };
}
