import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import type { Beat } from '@lotus-steady/core/cues';
import { clock } from '../score/layout.js';
import type { TaughtStep } from './taught.js';
import { t } from '../../words/t.js';

interface Props {
  readonly beats: readonly Beat[];
  readonly taught: readonly TaughtStep[];
  readonly at: number;
  readonly open: boolean;
  readonly onClose: () => void;
  readonly onJump: (beat: number) => void;
}

/** All steps of the class: any of them is one tap away. */
export function Steps({ beats, taught, at, open, onClose, onJump }: Props) {
  const starts: number[] = [];
  beats.reduce((sum, beat) => {
    starts.push(sum);
    return sum + beat.ready + beat.seconds;
  }, 0);
  return (
    <Dialog open={open} onClose={onClose} className="relative z-50">
      <div className="fixed inset-0 bg-ink/40" aria-hidden />
      <div className="fixed inset-0 flex justify-end">
        <DialogPanel className="h-full w-full max-w-md overflow-auto bg-sheet p-5">
          <DialogTitle className="text-2xl">{t('Go to a step')}</DialogTitle>
          <ol className="mt-3">
            {beats.map((beat, i) => (
              <li key={i}>
                <button
                  type="button"
                  className={`flex w-full items-baseline gap-3 rounded px-3 py-2 text-left text-xl hover:bg-shade ${i === at ? 'bg-shade font-semibold' : ''}`}
                  aria-current={i === at ? 'step' : undefined}
                  onClick={() => {
                    onJump(i);
                    onClose();
                  }}
                >
                  <span className="w-14 shrink-0 text-soft tabular-nums">{clock(starts[i]!)}</span>
                  <span>
                    {taught[beat.index]!.figures[0]!.name}
                    {beat.side && `, ${beat.side}`}
                  </span>
                </button>
              </li>
            ))}
          </ol>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
