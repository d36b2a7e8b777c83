import { editText, type TextEdit, wordKey, wordText, type StudioWord, type WordMeaning } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useState, type ReactNode } from 'react';
import { wordsQuery } from '../../api/queries.js';
import { useWordChanges } from '../../api/use-words.js';
import { explain } from '../../parts/Failure.js';
import type { NotesLine } from '../../worker/answers.js';
import { today } from '../../clock.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** What was settled last, and what was there before: `null` where it was nobody's word. */
type Settled =
  | { readonly is: 'word'; readonly word: StudioWord; readonly before: StudioWord | null }
  | { readonly is: 'edit'; readonly edit: TextEdit; readonly before: string; readonly after: string };

/** What an edit of the text has done, in words. */
function done(edit: TextEdit): string {
  if (edit.do === 'split') return t('Put on {lines} lines.', { lines: edit.into.length });
  return edit.do === 'join'
    ? tell('{count, plural, one {# line} other {# lines}} put behind an earlier one.', { count: edit.lines.length })
    : '';
}

/** Settles what a line means, as the studio's word or by an edit of the text, and takes that back. Lines that belong to an earlier one, `joining`, go there together. */
export function useSettling(
  text: string,
  onChange: (text: string) => void,
  joining: Extract<TextEdit, { do: 'join' }>['lines'],
): {
  settle: (line: NotesLine, means: WordMeaning) => void;
  edit: (edit: TextEdit) => void;
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
  const edit = (asked: TextEdit) => {
    const whole: TextEdit = asked.do === 'join' ? { do: 'join', lines: joining } : asked;
    const after = editText(text, whole);
    onChange(after);
    setLast({ is: 'edit', edit: whole, before: text, after });
  };
  const undo = (settled: Settled) => {
    if (settled.is === 'edit') {
      onChange(settled.before);
      setLast(null);
    } else if (settled.before) keep.mutate([settled.before], { onSuccess: () => setLast(null) });
    else forget.mutate(settled.word.text, { onSuccess: () => setLast(null) });
  };
  const failed = [keep, forget].find(({ isError }) => isError);
  const status = (
    <p role="status" className="min-h-6 text-sm">
      {failed && t('Not kept: {reason}', { reason: explain(failed.error) })}
      {/* Once something else is typed, taking the edit back would lose it. */}
      {!failed && last && (last.is === 'word' || last.after === text) && (
        <>
          {last.is === 'word' ? t('“{text}” is your word now.', { text: last.word.text }) : done(last.edit)}{' '}
          <button type="button" className="underline" onClick={() => undo(last)}>
            {t('Undo')}
          </button>
        </>
      )}
    </p>
  );
  return { settle, edit, status };
}
