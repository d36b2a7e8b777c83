import { useQuery } from '@tanstack/react-query';
import { Plus } from 'lucide-react';
import { INPUT } from '../../parts/button-styles.js';
import { findConditionName } from '../../parts/condition-name.js';
import { mentionedQuery } from '../../worker/queries.js';
import { t } from '../../words/t.js';

const MOST_SUGGESTIONS = 6;

interface Props {
  readonly note: string;
  readonly present: readonly string[];
  readonly onNote: (note: string) => void;
  readonly onAdd: (id: string) => void;
}

/** Why they are here, in their own words, and what those words may mean. */
export function Why({ note, present, onNote, onAdd }: Props) {
  const mentioned = useQuery(mentionedQuery(note));
  const suggestions = (mentioned.data ?? []).filter((id) => !present.includes(id)).slice(0, MOST_SUGGESTIONS);
  return (
    <div>
      <label htmlFor="note" className="mb-1 block text-sm font-semibold">
        {t('In their own words')}
      </label>
      <textarea
        id="note"
        rows={4}
        value={note}
        onChange={(event) => onNote(event.target.value)}
        placeholder={t('a bulging disc since spring, high blood pressure, wants to sleep better …')}
        className={INPUT}
      />
      {suggestions.length > 0 && (
        <div className="mt-3" role="group" aria-label={t('Heard in these words')}>
          <p className="text-sm text-soft">{t('Heard in these words; add what is meant:')}</p>
          <ul className="mt-1 flex flex-wrap gap-2">
            {suggestions.map((id) => (
              <li key={id}>
                <button
                  type="button"
                  onClick={() => onAdd(id)}
                  className="inline-flex items-center gap-1.5 rounded border border-dashed border-ink px-3 py-1.5 hover:bg-shade"
                >
                  <Plus size={16} aria-hidden /> {findConditionName(id)}
                </button>
              </li>
            ))}
          </ul>
        </div>
      )}
    </div>
  );
}
