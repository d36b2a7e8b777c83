import { useSyncExternalStore } from 'react';

const NARROW = '(max-width: 639px)';

function listen(changed: () => void): () => void {
  const query = window.matchMedia(NARROW);
  query.addEventListener('change', changed);
  return () => query.removeEventListener('change', changed);
}

/** Whether the page is as narrow as a phone. */
export function useIsNarrow(): boolean {
  return useSyncExternalStore(listen, () => window.matchMedia(NARROW).matches);
}
