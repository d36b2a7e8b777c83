import { useRef, type KeyboardEvent, type MouseEvent } from 'react';

/** A press that lasts so long means something else than a tap. */
const LONG_MS = 550;
/** The click that ends a press is past by then, and closes nothing that was opened. */
const AFTER_MS = 50;

/** What a button listens to where a tap and a longer press differ: the latter counts as it ends. A second button, its key, or N do the same. */
export function useLongPress(onTap: () => void, onLong: () => void) {
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const press = useRef<'none' | 'short' | 'long'>('none');
  const forget = () => {
    clearTimeout(timer.current);
    press.current = 'none';
  };
  return {
    onPointerDown: () => {
      press.current = 'short';
      clearTimeout(timer.current);
      timer.current = setTimeout(() => (press.current = 'long'), LONG_MS);
    },
    onPointerUp: () => {
      clearTimeout(timer.current);
      if (press.current === 'long') setTimeout(onLong, AFTER_MS);
    },
    // A finger that is lifted leaves as well, before its click.
    onPointerLeave: () => clearTimeout(timer.current),
    onPointerCancel: forget,
    onContextMenu: (event: MouseEvent) => {
      event.preventDefault();
      // A finger that stays down asks for a menu as well; its press counts when it ends.
      if (press.current === 'none' || event.button === 2) onLong();
    },
    onKeyDown: (event: KeyboardEvent) => {
      if (event.key !== 'n') return;
      event.preventDefault();
      onLong();
    },
    onClick: () => {
      if (press.current !== 'long') onTap();
      forget();
    },
  };
}
