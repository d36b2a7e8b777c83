import type { Question, Told } from '@lotus-steady/core';
import { useState } from 'react';
import { dropDraft, readDraft, writeDraft } from '../../drafts/drafts.js';

/** What was told at the door and belongs to no record, kept on this device until the class begins. */
interface Door {
  readonly told: Readonly<Record<number, Told>>;
  /** Who came and wasn't expected, and what is asked of them. */
  readonly added: readonly { readonly id: number; readonly asks: readonly Question[] }[];
}

const SHUT: Door = { told: {}, added: [] };
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
    add: (id: number, asks: readonly Question[]) => change((before) => ({ added: [...before.added, { id, asks }] })),
    /** What was told is handed on. */
    shut: () => dropDraft(key),
  };
}
