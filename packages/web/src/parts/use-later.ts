import { useEffect } from 'react';

/** Loads, so long after a page is there, what its first sight doesn't need: before a server that is away could keep it from opening. */
export function useLater(load: () => Promise<unknown>, afterMs: number): void {
  useEffect(() => {
    // Without a network it is asked for again when it is needed.
    const timer = setTimeout(() => void load().catch(() => undefined), afterMs);
    return () => clearTimeout(timer);
  }, [load, afterMs]);
}
