import type { Pin } from '@lotus-steady/core';
import { useState } from 'react';
import type { Person, StoredSequence } from '@lotus-steady/requests';
import { TOOL } from '../../parts/button-styles.js';
import { UndoButtons } from '../../parts/UndoButtons.js';
import type { ClassScore } from '../../worker/answers.js';
import { BetterOrder } from './BetterOrder.js';
import { Differences } from './Differences.js';
import { NotUnderstood } from './Notes.js';
import { Settings } from './Settings.js';
import type { useClassScore } from './use-class-score.js';
import { ZOOMS } from './zooms.js';
import { t } from '../../words/t.js';

/** A score with its people, and what is asked of it. */
export interface ScoreInHand {
  readonly score: ClassScore;
  readonly people: readonly Person[];
  readonly sequence: StoredSequence;
  /** What its address asks for, and what is edited and kept of it. */
  readonly asked: ReturnType<typeof useClassScore>;
  /** What is shown is being worked out anew. */
  readonly busy: boolean;
}

interface Props extends ScoreInHand {
  /** Which of the sizes. */
  readonly zoom: number;
  readonly onZoom: (zoom: number) => void;
}

/** What stands above a score: choices that could not be kept, its tools, what has changed, what was not understood. */
export function AboveScore({ score, people, sequence, asked: of, busy, zoom, onZoom }: Props) {
  const { options, day, edits } = of;
  const { answer } = score;
  const [opened] = useState(answer);
  const [comparing, setComparing] = useState(false);
  const isMet = ({ person, index, figure }: Pin) =>
    !answer.unmet.some((one) => one.person === person && one.index === index && one.figure === figure);
  return (
    <>
      {answer.unmet.length > 0 && (
        <div role="alert" className="mb-2 rounded border border-accent bg-sheet p-3 text-sm">
          <ul className="list-disc pl-5">
            {answer.unmet.map(({ person: id, index, text }) => (
              <li key={`${id} ${index}`}>
                {people.find((one) => String(one.id) === id)?.name ?? t('Someone else')}
                {score.given[index] && `, ${score.given[index].givenName}`}: {text}
              </li>
            ))}
          </ul>
          <button type="button" className="mt-1 underline" onClick={() => edits.setPins(edits.now.pins.filter(isMet))}>
            {t('Leave this to the search')}
          </button>
        </div>
      )}
      <div className="mb-2 flex items-center gap-2 text-sm print:hidden">
        <Settings asked={of} alone={people.length === 1} />
        <div className="flex min-w-0 items-center gap-2 overflow-x-auto py-1 pr-1" role="group" aria-label={t('Changes by hand, and size')}>
          <UndoButtons {...edits} />
          <BetterOrder people={people} asked={options} day={day} edits={edits} />
          <button type="button" className={TOOL} aria-pressed={comparing} onClick={() => setComparing(!comparing)}>
            {t('Compare')}
          </button>
          <button type="button" className={TOOL} disabled={zoom === 0} onClick={() => onZoom(zoom - 1)} aria-label={t('Smaller')}>
            −
          </button>
          <button
            type="button"
            className={TOOL}
            disabled={zoom === ZOOMS.length - 1}
            onClick={() => onZoom(zoom + 1)}
            aria-label={t('Larger')}
          >
            +
          </button>
          {busy && (
            <span role="status" className="whitespace-nowrap">
              {t('Working it out anew …')}
            </span>
          )}
        </div>
      </div>
      {comparing && (
        <section aria-labelledby="compared" tabIndex={0} className="mb-3 max-h-80 overflow-auto rounded border border-rule bg-sheet p-4">
          <h2 id="compared" className="mb-2 text-base">
            {t('Since you opened it')}
          </h2>
          <Differences
            before={opened}
            after={answer}
            names={new Map(people.map(({ id, name }) => [String(id), name]))}
            none={t('Nothing has changed.')}
          />
        </section>
      )}
      <NotUnderstood unknown={answer.unknown} sequence={sequence.id} />
    </>
  );
}
