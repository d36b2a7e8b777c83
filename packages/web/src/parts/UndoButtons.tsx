import { Redo2, Undo2 } from 'lucide-react';
import { TOOL } from './button-styles.js';
import { useUndoKeys } from './use-undo-keys.js';
import { t } from '../words/t.js';

interface Steps {
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly undo: () => void;
  readonly redo: () => void;
}

/** Undo and redo, by button and by Ctrl Z and Ctrl Shift Z. */
export function UndoButtons({ canUndo, canRedo, undo, redo }: Steps) {
  useUndoKeys({ undo, redo });
  return (
    <>
      <button type="button" className={TOOL} disabled={!canUndo} onClick={undo} title={t('Undo (Ctrl Z)')}>
        <Undo2 size={18} aria-hidden /> <span className="max-sm:sr-only">{t('Undo')}</span>
      </button>
      <button type="button" className={TOOL} disabled={!canRedo} onClick={redo} title={t('Redo (Ctrl Shift Z)')}>
        <Redo2 size={18} aria-hidden /> <span className="max-sm:sr-only">{t('Redo')}</span>
      </button>
    </>
  );
}
