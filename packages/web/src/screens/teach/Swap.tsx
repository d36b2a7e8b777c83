import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { PLAIN } from '../../parts/button-styles.js';
import { Failure } from '../../parts/Failure.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { othersQuery, type StepOf } from '../../worker/queries.js';
import { t } from '../../words/t.js';

/** So many ways are looked at in the middle of a class. */
const MOST_WAYS = 4;

/** A step of someone, and the figure that they have in it now; `null` where they sit it out. */
export interface SwapOf {
  readonly step: StepOf;
  readonly now: string | null;
}

interface Props {
  readonly open: boolean;
  readonly onClose: () => void;
  /** What the step is called. */
  readonly step: string;
  readonly people: readonly { readonly id: number; readonly name: string }[];
  /** The step of someone as the worker is asked about it, and the figure that they have now. */
  readonly of: (personId: number) => SwapOf;
  readonly onTake: (personId: number, figure: string) => void;
}

function Ways({ of: { step, now }, onTake }: { of: SwapOf; onTake: (figure: string) => void }) {
  const ways = useQuery(othersQuery(step));
  if (ways.isError) return <Failure error={ways.error} onRetry={() => void ways.refetch()} />;
  if (!ways.data) return <p className="py-4 text-xl text-soft">{t('Looking …')}</p>;
  const others = ways.data.filter(({ figure }) => figure !== now);
  if (others.length === 0) return <p className="py-4 text-xl">{t('No other safe way was found: let them rest.')}</p>;
  return (
    <ul className="mt-3 grid gap-3 sm:grid-cols-2">
      {others.slice(0, MOST_WAYS).map(({ figure, name, changes, drawn }) => (
        <li key={figure}>
          <button
            type="button"
            className="h-full w-full rounded border-2 border-rule p-3 text-left hover:border-ink"
            onClick={() => onTake(figure)}
          >
            <FigureDrawing figure={drawn[0]!} ghost={drawn[1]} className="mx-auto h-28 w-full" />
            <strong className="block text-xl leading-tight">{name}</strong>
            <span className="block text-lg leading-tight">{changes.join('; ')}</span>
          </button>
        </li>
      ))}
    </ul>
  );
}

/** Another safe way for one person, from this class on: whose, then which. */
export function Swap({ open, onClose, step, people, of, onTake }: Props) {
  const [chosen, setChosen] = useState<number | null>(null);
  const only = people.length === 1 ? people[0]!.id : null;
  const person = only ?? chosen;
  const close = () => {
    setChosen(null);
    onClose();
  };
  return (
    <Dialog open={open} onClose={close} className="relative z-50">
      <div className="fixed inset-0 bg-ink/40" aria-hidden />
      <div className="fixed inset-0 flex items-center justify-center p-3">
        <DialogPanel className="max-h-full w-full max-w-2xl overflow-auto rounded-lg border border-rule bg-sheet p-5">
          <DialogTitle className="text-2xl">
            {person === null
              ? t('{step}: another way for whom?', { step })
              : t('{step}: another way for {name}', { step, name: people.find(({ id }) => id === person)?.name ?? '' })}
          </DialogTitle>
          {person === null ? (
            <ul className="mt-3 flex flex-wrap gap-2">
              {people.map(({ id, name }) => (
                <li key={id}>
                  <button
                    type="button"
                    className="h-14 rounded border-2 border-rule px-4 text-xl hover:border-ink"
                    onClick={() => setChosen(id)}
                  >
                    {name}
                  </button>
                </li>
              ))}
            </ul>
          ) : (
            <Ways
              of={of(person)}
              onTake={(figure) => {
                onTake(person, figure);
                close();
              }}
            />
          )}
          <button type="button" className={`${PLAIN} mt-4`} onClick={close}>
            {t('Leave it as it is')}
          </button>
        </DialogPanel>
      </div>
    </Dialog>
  );
}
