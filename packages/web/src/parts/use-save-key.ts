import { useEffect } from 'react';
import { useLatest } from './use-latest.js';

/** Ctrl S, or the Command key, saves what is open; also from within a field. Never the browser's own "save page". */
export function useSaveKey(save: () => void, canSave: boolean): void {
  const latest = useLatest({ save, canSave });
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.shiftKey || event.key.toLowerCase() !== 's') return;
      event.preventDefault();
      if (latest.current.canSave) latest.current.save();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [latest]);
}
