import { editText, wordKey, wordText, type StudioWord, type WordMeaning } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { wordsQuery } from '../../api/queries.js';
import { useWordChanges } from '../../api/use-words.js';
import { explain } from '../../parts/Failure.js';
import type { NotesLine } from '../../worker/answers.js';
import { today } from '../../clock.js';
import { t } from '../../words/t.js';

/** What was settled last, and what was there before: `null` where it was nobody's word. */
type Settled =
  | { readonly is: 'word'; readonly word: StudioWord; readonly before: StudioWord | null }
  | { readonly is: 'split'; readonly lines: number; readonly before: string; readonly after: string };

/** Settles what a line means, as the studio's word or on a line for each posture that it names, and takes that back. */
export function useSettling(
  text: string,
  onChange: (text: string) => void,
): {
  settle: (line: NotesLine, means: WordMeaning) => void;
  split: (line: NotesLine) => void;
  status: ReactNode;
} {
  const { data: words = [] } = useQuery(wordsQuery);
  const { keep, forget } = useWordChanges();
  const [last, setLast] = useState<Settled | null>(null);
  const settle = (line: NotesLine, means: WordMeaning) => {
    const word = { text: wordText(line.text), means, since: today() };
    const before = words.find(({ text }) => wordKey(text) === wordKey(word.text)) ?? null;
    keep.mutate([word], { onSuccess: () => setLast({ is: 'word', word, before }) });
  };
  const split = ({ line, apart }: NotesLine) => {
    const after = editText(text, { do: 'split', line, into: apart });
    onChange(after);
    setLast({ is: 'split', lines: apart.length, before: text, after });
  };
  const undo = (settled: Settled) => {
    if (settled.is === 'split') {
      onChange(settled.before);
      setLast(null);
    } else if (settled.before) keep.mutate([settled.before], { onSuccess: () => setLast(null) });
    else forget.mutate(settled.word.text, { onSuccess: () => setLast(null) });
  };
  const failed = [keep, forget].find(({ isError }) => isError);
  const status = (
    <p role="status" className="min-h-6 text-sm">
      {failed && t('Not kept: {reason}', { reason: explain(failed.error) })}
      {/* Once something else is typed, taking the split back would lose it. */}
      {!failed && last && (last.is === 'word' || last.after === text) && (
        <>
          {last.is === 'word'
            ? t('“{text}” is your word now.', { text: last.word.text })
            : t('Put on {lines} lines.', { lines: last.lines })}{' '}
          <button type="button" className="underline" onClick={() => undo(last)}>
            {t('Undo')}
          </button>
        </>
      )}
    </p>
  );
  return { settle, split, status };
}
