import { Dialog, DialogPanel, DialogTitle } from '@headlessui/react';
import { distinctShapes, type LessonStep } from '@lotus-steady/core/lessons';
import { useState, type KeyboardEvent } from 'react';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { Thumb } from '../../parts/Thumb.js';
import { t } from '../../words/t.js';

const TURNS: Readonly<Record<string, number>> = { ArrowRight: 1, PageDown: 1, ArrowLeft: -1, PageUp: -1 };

/** The shapes of a lesson as cards, each once: a board to print, or one after the other for the whole room. */
export function PictureCards({ steps }: { steps: readonly LessonStep[] }) {
  const cards = distinctShapes(steps);
  const [shown, setShown] = useState<number | null>(null);
  if (cards.length === 0) return null;
  const card = shown === null ? null : cards[shown % cards.length];
  const turn = (by: number) => setShown(((shown ?? 0) + by + cards.length) % cards.length);
  const onKeyDown = ({ key }: KeyboardEvent) => {
    const by = TURNS[key];
    if (by !== undefined) turn(by);
  };
  return (
    <section aria-labelledby="cards" className="mt-6 break-before-page">
      <h2 id="cards" className="text-lg">
        {t('Picture cards')}
      </h2>
      <p className="mb-3 text-soft print:hidden">{t('One click shows a card to the whole room; the arrow keys go on to the next.')}</p>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {cards.map(({ asana, variation, name }, i) => (
          <li key={`${asana} ${variation}`} className="break-inside-avoid">
            <button
              type="button"
              className="w-full rounded border border-rule bg-sheet p-3 text-center hover:border-soft"
              onClick={() => setShown(i)}
            >
              <Thumb id={asana} variation={variation} className="mx-auto h-32 w-full" />
              <span className="mt-2 block font-serif text-lg">{name}</span>
            </button>
          </li>
        ))}
      </ul>
      {card && (
        <Dialog open onClose={() => setShown(null)} className="relative z-20" onKeyDown={onKeyDown}>
          <DialogPanel className="fixed inset-0 flex flex-col gap-4 bg-paper p-6">
            <Thumb key={card.asana} id={card.asana} variation={card.variation} className="min-h-0 w-full grow" />
            <DialogTitle className="text-center font-serif text-5xl sm:text-7xl">{card.name}</DialogTitle>
            <div className="flex flex-wrap justify-center gap-3">
              <button type="button" className={PLAIN} onClick={() => turn(-1)}>
                {t('Before')}
              </button>
              <button type="button" className={PRIMARY} onClick={() => turn(1)}>
                {t('Next')}
              </button>
              <button type="button" className={PLAIN} onClick={() => setShown(null)}>
                {t('Close')}
              </button>
            </div>
          </DialogPanel>
        </Dialog>
      )}
    </section>
  );
}
