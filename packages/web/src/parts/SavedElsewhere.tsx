import type { StoredSequence } from '@lotus-steady/requests';
import type { SaveState } from '../drafts/use-saved.js';
import { PLAIN } from './button-styles.js';
import { t } from '../words/t.js';

interface Props {
  readonly state: SaveState;
  readonly text: string;
  readonly onTakeOver: (text: string, version: number) => void;
}

/** A sequence that someone saved in between: both versions are there, and neither is taken unasked. */
export function SavedElsewhere({ state, text, onTakeOver }: Props) {
  if (state.is !== 'conflict') return null;
  const theirs = state.error.details['theirs'] as StoredSequence;
  return (
    <section aria-labelledby="conflict" className="mb-4 rounded border border-accent bg-sheet p-4">
      <h2 id="conflict" className="text-base">
        {t('Saved elsewhere meanwhile')}
      </h2>
      <pre className="mt-2 max-h-64 overflow-auto rounded bg-shade p-3 font-sans text-sm whitespace-pre-wrap">{theirs.text}</pre>
      <div className="mt-3 flex flex-wrap gap-2">
        <button type="button" className={PLAIN} onClick={() => onTakeOver(theirs.text, theirs.version)}>
          {t('Go on from that one')}
        </button>
        <button type="button" className={PLAIN} onClick={() => onTakeOver(text, theirs.version)}>
          {t('Keep mine instead')}
        </button>
      </div>
    </section>
  );
}
