import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { INPUT, PRIMARY } from '../../parts/button-styles.js';
import { Dictate } from '../../parts/Dictate.js';
import { MOST_NOTED } from '../log/log-draft.js';
import { t } from '../../words/t.js';

interface Props {
  /** Of whom; `null` while nothing is noted. */
  readonly name: string | null;
  readonly text: string;
  readonly onChange: (text: string) => void;
  readonly onClose: () => void;
}

/** A word on somebody while the class goes on: kept with every letter, and taken along to the log. */
export function NoteDialog({ name, text, onChange, onClose }: Props) {
  return (
    <Dialog open={name !== null} onClose={onClose} className="relative z-50">
      <div className="fixed inset-0 flex items-end justify-center p-3">
        <DialogPanel className="w-full max-w-2xl rounded-lg border border-ink bg-sheet p-4">
          <DialogTitle className="text-xl">{t('A note on {name}', { name: name ?? '' })}</DialogTitle>
          <textarea
            aria-label={t('A note on {name}', { name: name ?? '' })}
            className={`${INPUT} mt-2 h-24 text-xl`}
            value={text}
            maxLength={MOST_NOTED}
            onChange={({ target }) => onChange(target.value)}
          />
          <div className="mt-2 flex items-center justify-between gap-3">
            <Dictate
              text={text}
              onChange={(next) => onChange(next.slice(0, MOST_NOTED))}
              into={t('the note on {name}', { name: name ?? '' })}
            />
            <button type="button" className={PRIMARY} onClick={onClose}>
              {t('Back to the class')}
            </button>
          </div>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
