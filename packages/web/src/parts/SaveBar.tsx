import type { SaveState } from '../drafts/use-saved.js';
import { PRIMARY, TOOL } from './button-styles.js';
import { UndoButtons } from './UndoButtons.js';
import { explain } from './Failure.js';
import { useSaveKey } from './use-save-key.js';
import { t } from '../words/t.js';

const SAID: Record<Exclude<SaveState['is'], 'refused' | 'conflict' | 'edited'>, string> = {
  saved: t('Saved'),
  saving: t('Saving …'),
  waiting: t('Not saved yet: the server can’t be reached. It is kept on this device and will be sent as soon as the server is back.'),
};

function words(state: SaveState): string {
  switch (state.is) {
    case 'edited':
      return state.restored ? t('Changes from last time are still here, not saved yet') : t('Not saved yet');
    case 'refused':
      return t('Not saved: {reason}', { reason: explain(state.error) });
    case 'conflict':
      return t('Not saved: it was changed elsewhere meanwhile. Both versions are below.');
    default:
      return SAID[state.is];
  }
}

interface Props {
  readonly state: SaveState;
  readonly onSave: () => void;
  readonly label?: string;
  /** Changes to be undone; left out where that is offered elsewhere. */
  readonly steps?: {
    readonly canUndo: boolean;
    readonly canRedo: boolean;
    readonly canDiscard: boolean;
    readonly undo: () => void;
    readonly redo: () => void;
    readonly discard: () => void;
  };
}

export function SaveBar({ state, onSave, label = t('Save'), steps }: Props) {
  const canSave = state.is !== 'saving' && state.is !== 'saved';
  useSaveKey(onSave, canSave);
  return (
    <div className="flex flex-wrap items-center gap-3">
      {steps && <UndoButtons {...steps} />}
      {steps?.canDiscard && state.is !== 'saving' && (
        <button type="button" className={TOOL} onClick={steps.discard} title={t('Back to what was saved; this can be undone')}>
          {t('Discard changes')}
        </button>
      )}
      <button type="button" onClick={onSave} disabled={!canSave} className={PRIMARY} title={t('{label} (Ctrl S)', { label })}>
        {label}
      </button>
      <p role="status" className={`text-sm ${state.is === 'saved' ? 'text-soft' : ''}`}>
        {words(state)}
      </p>
    </div>
  );
}
