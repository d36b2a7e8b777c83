import type { StepEdit, StepJson } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { ArrowLeft, ArrowRight, Minus, Plus, Trash2, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { INPUT, PLAIN } from '../../parts/button-styles.js';
import { StepFigurePair } from '../../parts/StepFigure.js';
import type { ScoreStep } from '../../worker/score-steps.js';
import { findQuery } from '../../worker/queries.js';
import { t } from '../../words/t.js';

/** An edit of the step that the panel shows. */
export type OwnEdit = StepEdit extends infer E ? (E extends StepEdit ? Omit<E, 'index'> : never) : never;

interface Props {
  readonly given: ScoreStep;
  readonly step: StepJson;
  readonly index: number;
  readonly count: number;
  readonly onEdit: (edit: OwnEdit) => void;
  readonly onClose: () => void;
}

const MOST_FOUND = 6;
const ROUND = 'rounded border border-ink p-2 hover:bg-shade disabled:opacity-40';

/** Another asana, found by any of its names. */
function Finder({ label, onTake }: { label: string; onTake: (name: string) => void }) {
  const [words, setWords] = useState('');
  const found = useQuery({ ...findQuery(words), enabled: words.trim().length > 1, placeholderData: (before) => before });
  return (
    <div>
      <label className="block text-sm font-semibold">
        {label}
        <input className={`${INPUT} mt-1 font-normal`} value={words} onChange={(event) => setWords(event.target.value)} />
      </label>
      {words.trim().length > 1 && (
        <ul className="mt-1 flex flex-wrap gap-1">
          {found.data?.slice(0, MOST_FOUND).map(({ id, name }) => (
            <li key={id}>
              <button
                type="button"
                className="rounded border border-rule px-2 py-1 text-sm hover:border-ink"
                onClick={() => {
                  setWords('');
                  onTake(name);
                }}
              >
                {name}
              </button>
            </li>
          ))}
          {found.data?.length === 0 && <li className="text-sm text-soft">{t('Nothing of that name.')}</li>}
        </ul>
      )}
    </div>
  );
}

function Note({ note, onChange }: { note: string; onChange: (note: string) => void }) {
  const [text, setText] = useState(note);
  const keep = () => text.trim() !== note && onChange(text);
  return (
    <label className="block text-sm font-semibold">
      {t('Note to yourself')}
      <input
        className={`${INPUT} mt-1 font-normal`}
        value={text}
        maxLength={200}
        onChange={(event) => setText(event.target.value)}
        onBlur={keep}
        onKeyDown={(event) => event.key === 'Enter' && keep()}
      />
    </label>
  );
}

/** A step of the sequence, changed for everybody. */
export function StepPanel({ given, step, index, count, onEdit, onClose }: Props) {
  const { givenName, givenDose } = given;
  const heading = useRef<HTMLHeadingElement>(null);
  // On a phone it opens below the score.
  useEffect(() => {
    heading.current?.scrollIntoView({ block: 'nearest' });
  }, []);
  return (
    <section
      aria-labelledby="step"
      className="rounded border border-rule bg-sheet p-4"
      onKeyDown={(event) => event.key === 'Escape' && onClose()}
    >
      <div className="flex items-start justify-between gap-3">
        <h2 id="step" ref={heading} className="text-lg">
          {t('{givenName}, for everybody', { givenName })}
        </h2>
        <button type="button" onClick={onClose} className="rounded p-1.5 hover:bg-shade" aria-label={t('Close')}>
          <X size={18} aria-hidden />
        </button>
      </div>
      {step.of !== undefined && <p className="text-sm text-soft">{t('Part of a salutation: its steps change together.')}</p>}
      <StepFigurePair picture={given.given} label={givenName} className="my-3 h-36 w-full" />
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className={ROUND}
          onClick={() => onEdit({ do: 'dose', by: -1 })}
          aria-label={t('Shorter')}
          title={t('Shorter')}
        >
          <Minus size={18} aria-hidden />
        </button>
        <span className="min-w-24 text-center">{givenDose}</span>
        <button type="button" className={ROUND} onClick={() => onEdit({ do: 'dose', by: 1 })} aria-label={t('Longer')} title={t('Longer')}>
          <Plus size={18} aria-hidden />
        </button>
        <span className="grow" />
        <button
          type="button"
          className={ROUND}
          disabled={index === 0}
          onClick={() => onEdit({ do: 'move', to: index - 1 })}
          aria-label={t('Earlier')}
          title={t('Earlier')}
        >
          <ArrowLeft size={18} aria-hidden />
        </button>
        <button
          type="button"
          className={ROUND}
          disabled={index === count - 1}
          onClick={() => onEdit({ do: 'move', to: index + 1 })}
          aria-label={t('Later')}
          title={t('Later')}
        >
          <ArrowRight size={18} aria-hidden />
        </button>
      </div>
      <div className="mt-4 space-y-3">
        <Note key={`${index} ${step.note ?? ''}`} note={step.note ?? ''} onChange={(note) => onEdit({ do: 'note', note })} />
        {step.of === undefined && <Finder label={t('Do something else here')} onTake={(name) => onEdit({ do: 'name', name })} />}
        <Finder label={t('Add a step after it')} onTake={(name) => onEdit({ do: 'insert', text: name })} />
      </div>
      <button type="button" className={`${PLAIN} mt-4`} disabled={count === 1} onClick={() => onEdit({ do: 'remove' })}>
        <Trash2 size={16} aria-hidden /> {t('Take it out')}
      </button>
    </section>
  );
}
