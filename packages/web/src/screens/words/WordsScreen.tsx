import type { StudioWord, WordMeaning } from '@lotus-steady/core';
import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { wordsQuery } from '../../api/queries.js';
import { useWordChanges } from '../../api/use-words.js';
import { dayWords } from '../../parts/words.js';
import { PLAIN } from '../../parts/button-styles.js';
import { download } from '../../parts/download.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { formWords, type LibraryNames } from '../../parts/library-names.js';
import { useAsanaNames } from '../../parts/use-asana-names.js';
import { hasFailed } from '../../api/failed.js';
import { OpenFile } from '../../parts/OpenFile.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

function meaningWords(means: WordMeaning, names: LibraryNames | undefined): string {
  switch (means.is) {
    case 'asana': {
      const name = names?.get(means.asana) ?? means.asana.replaceAll('-', ' ');
      return means.variation === null ? name : `${name}, ${formWords(names, means.asana, means.variation)}`;
    }
    case 'note':
      return t('no step, a note');
    case 'own':
      return t('a posture of our own, not judged');
  }
}

/** The words of a file; a message where it holds none. */
async function wordsOf(file: File): Promise<readonly StudioWord[] | string> {
  try {
    const read = JSON.parse(await file.text()) as { words?: unknown };
    if (Array.isArray(read.words) && read.words.length > 0) return read.words as readonly StudioWord[];
    return t('{name} holds no list "words"', { name: file.name });
  } catch {
    return t('{name} is no JSON file', { name: file.name });
  }
}

/** What the studio means by its own words; each can be forgotten, all can be taken along. */
export function WordsScreen() {
  const words = useQuery(wordsQuery);
  const names = useAsanaNames();
  const { keep, forget } = useWordChanges();
  const [gone, setGone] = useState<StudioWord | null>(null);
  const [problem, setProblem] = useState<string | null>(null);
  if (hasFailed(words)) return <ScreenFailure title={t('Our words')} error={words.error} onRetry={() => void words.refetch()} />;
  if (words.data === undefined) return <ScreenLoading title={t('Our words')} what={t('Opening the words')} />;
  const failed = [keep, forget].find(({ isError }) => isError);
  return (
    <>
      <PageTitle>{t('Our words')}</PageTitle>
      <h1 className="mb-1 text-2xl">{t('Our words')}</h1>
      <p className="max-w-prose text-soft">
        {t('What you settled in your notes. Every text is read with these words; where one is used, the line says “your word”.')}
      </p>
      <p role="status" className="my-3 min-h-6 text-sm">
        {failed && t('Not kept: {reason}', { reason: explain(failed.error) })}
        {problem}
        {!failed && gone && (
          <>
            {t('“{text}” is forgotten. ', { text: gone.text })}
            <button type="button" className="underline" onClick={() => keep.mutate([gone], { onSuccess: () => setGone(null) })}>
              {t('Undo')}
            </button>
          </>
        )}
      </p>
      {words.data.length === 0 ? (
        <p>{t('None yet. Where the reader is not sure of a line, it asks; your answer is kept here.')}</p>
      ) : (
        <ul className="max-w-3xl divide-y divide-rule rounded border border-rule bg-sheet">
          {words.data.map((word) => (
            <li key={word.text} className="flex flex-wrap items-baseline gap-x-4 gap-y-1 px-3 py-2">
              <strong>{word.text}</strong>
              <span className="grow">{meaningWords(word.means, names)}</span>
              <span className="text-sm text-soft">{t('since {day}', { day: dayWords(word.since) })}</span>
              <button
                type="button"
                className="text-sm underline"
                aria-label={t('Forget “{text}”', { text: word.text })}
                onClick={() => forget.mutate(word.text, { onSuccess: () => setGone(word) })}
              >
                {t('Forget')}
              </button>
            </li>
          ))}
        </ul>
      )}
      <div className="mt-4 flex flex-wrap gap-2">
        <button
          type="button"
          className={PLAIN}
          disabled={words.data.length === 0}
          onClick={() => download('studio-words.json', JSON.stringify({ words: words.data }, null, 2), 'application/json')}
        >
          {t('Export to a file')}
        </button>
        <OpenFile
          label={t('Import from a file')}
          name={t('A file of words')}
          accept="application/json"
          onFile={async (chosen) => {
            const found = await wordsOf(chosen);
            setProblem(typeof found === 'string' ? found : null);
            if (typeof found !== 'string') keep.mutate(found);
          }}
        />
      </div>
    </>
  );
}
