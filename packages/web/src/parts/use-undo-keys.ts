import { useEffect } from 'react';

const WRITES = 'input, textarea, select, [contenteditable]';

/** Ctrl Z and Ctrl Shift Z, or the Command key, while nobody writes: a field has an undo of its own. */
export function useUndoKeys({ undo, redo }: { readonly undo: () => void; readonly redo: () => void }) {
  useEffect(() => {
    const press = (event: KeyboardEvent) => {
      if (!(event.ctrlKey || event.metaKey) || event.altKey || event.key.toLowerCase() !== 'z') return;
      if (event.target instanceof Element && event.target.matches(WRITES)) return;
      event.preventDefault();
      if (event.shiftKey) redo();
      else undo();
    };
    window.addEventListener('keydown', press);
    return () => window.removeEventListener('keydown', press);
  }, [undo, redo]);
}
