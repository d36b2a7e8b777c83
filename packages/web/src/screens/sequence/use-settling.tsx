import { wordKey, wordText, type StudioWord, type WordMeaning } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { wordsQuery } from '../../api/queries.js';
import { useWordChanges } from '../../api/use-words.js';
import { explain } from '../../parts/Failure.js';
import type { NotesLine } from '../../worker/core.worker.js';
import { today } from '../../worker/queries.js';

/** What a settled word meant before; `null` where it was nobody's word. */
interface Settled {
  readonly word: StudioWord;
  readonly before: StudioWord | null;
}

/** Settles what a line means as the studio's word, and takes that back. */
export function useSettling(): { settle: (line: NotesLine, means: WordMeaning) => void; status: ReactNode } {
  const { data: words = [] } = useQuery(wordsQuery);
  const { keep, forget } = useWordChanges();
  const [last, setLast] = useState<Settled | null>(null);
  const settle = (line: NotesLine, means: WordMeaning) => {
    const word = { text: wordText(line.text), means, since: today() };
    const before = words.find(({ text }) => wordKey(text) === wordKey(word.text)) ?? null;
    keep.mutate([word], { onSuccess: () => setLast({ word, before }) });
  };
  const undo = ({ word, before }: Settled) => {
    if (before) keep.mutate([before], { onSuccess: () => setLast(null) });
    else forget.mutate(word.text, { onSuccess: () => setLast(null) });
  };
  const failed = [keep, forget].find(({ isError }) => isError);
  const status = (
    <p role="status" className="min-h-6 text-sm">
      {failed && `Not kept: ${explain(failed.error)}`}
      {!failed && last && (
        <>
          “{last.word.text}” is your word now.{' '}
          <button type="button" className="underline" onClick={() => undo(last)}>
            Undo
          </button>
        </>
      )}
    </p>
  );
  return { settle, status };
}
