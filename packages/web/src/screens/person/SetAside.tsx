import { type Loosened } from '@lotus-steady/core';
import { useEffect, useId, useRef, useState } from 'react';
import { dayWords } from '../../parts/words.js';
import { INPUT, PLAIN } from '../../parts/button-styles.js';
import { limitWords } from '../../parts/limit-words.js';
import { today } from '../../clock.js';
import { t } from '../../words/t.js';

interface Props {
  readonly loosened: readonly Loosened[];
  /** The limit that is about to be set aside, waiting for its reason. */
  readonly asked: string | null;
  readonly onAsked: (limit: string | null) => void;
  readonly onChange: (loosened: Loosened[]) => void;
}

/** Limits set aside for this person: each with a written reason and its day. Nothing that bars outright, nothing published. */
export function SetAside({ loosened, asked, onAsked, onChange }: Props) {
  const [reason, setReason] = useState('');
  const field = useRef<HTMLInputElement>(null);
  const id = useId();
  useEffect(() => {
    if (asked !== null) field.current?.focus();
  }, [asked]);
  const keep = () => {
    if (asked === null || reason.trim() === '') return;
    onChange([...loosened, { limit: asked, reason: reason.trim(), on: today() }]);
    setReason('');
    onAsked(null);
  };
  return (
    <div className="space-y-3">
      {loosened.length === 0 && asked === null && (
        <p className="text-soft">{t('Nothing is set aside. “Set aside …” beside a limit on the right asks for the reason.')}</p>
      )}
      <ul className="space-y-2">
        {loosened.map((one) => (
          <li key={one.limit} className="flex flex-wrap items-baseline gap-x-3 border-l-2 border-dashed border-ink pl-3">
            <span>
              <strong>{limitWords(one.limit)}</strong> {t('since {day}: {reason}', { day: dayWords(one.on), reason: one.reason })}
            </span>
            <button type="button" className="text-sm underline" onClick={() => onChange(loosened.filter((other) => other !== one))}>
              {t('Hold to it again')}
            </button>
          </li>
        ))}
      </ul>
      {asked !== null && (
        <div className="rounded border border-ink bg-sheet p-4">
          <label htmlFor={id} className="mb-1 block text-sm font-semibold">
            {t('Why is “{limit}” set aside for this person?', { limit: limitWords(asked) })}
          </label>
          <input id={id} ref={field} value={reason} onChange={(event) => setReason(event.target.value)} className={INPUT} />
          <div className="mt-3 flex gap-3">
            <button type="button" className={PLAIN} disabled={reason.trim() === ''} onClick={keep}>
              {t('Set it aside')}
            </button>
            <button type="button" className="underline" onClick={() => onAsked(null)}>
              {t('Leave it')}
            </button>
          </div>
        </div>
      )}
    </div>
  );
}
