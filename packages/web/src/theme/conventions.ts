import { LENGTHS, USUAL_CONVENTIONS, WEEK_BEGINS, type Conventions } from '@lotus-steady/core/sheets';
import { useSyncExternalStore } from 'react';

const KEY = 'lotus.conventions';
const told = new Set<() => void>();

function read(): Conventions {
  const kept = new URLSearchParams(localStorage.getItem(KEY) ?? '');
  return {
    lengths: LENGTHS.find((one) => one === kept.get('lengths')) ?? USUAL_CONVENTIONS.lengths,
    weekBegins: WEEK_BEGINS.find((one) => one === kept.get('weekBegins')) ?? USUAL_CONVENTIONS.weekBegins,
  };
}

/** The same object until it is changed. */
let now: Conventions | null = null;

export function currentConventions(): Conventions {
  return (now ??= read());
}

/** Kept on this device, and shown wherever a length or a week stands. */
export function setConventions(next: Conventions): void {
  localStorage.setItem(KEY, new URLSearchParams({ ...next }).toString());
  now = next;
  for (const tell of told) tell();
}

export function useConventions(): Conventions {
  return useSyncExternalStore((tell) => {
    told.add(tell);
    return () => told.delete(tell);
  }, currentConventions);
}
