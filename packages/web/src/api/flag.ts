import { useSyncExternalStore } from 'react';

/** Something that holds or doesn't, for all screens at once: whoever uses it is told of a change. */
export function flag(initial: boolean) {
  let holds = initial;
  const listeners = new Set<() => void>();
  const subscribe = (tell: () => void) => {
    listeners.add(tell);
    return () => listeners.delete(tell);
  };
  return {
    set(next: boolean): void {
      if (holds === next) return;
      holds = next;
      for (const tell of listeners) tell();
    },
    use: (): boolean => useSyncExternalStore(subscribe, () => holds),
  };
}
