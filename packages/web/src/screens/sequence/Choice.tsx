import type { Figure, TextEdit, WordMeaning } from '@lotus-steady/core';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import type { NotesLine } from '../../worker/answers.js';
import { t } from '../../words/t.js';

interface Props {
  readonly line: NotesLine;
  readonly figures: Readonly<Record<string, Figure>>;
  readonly onSettle: (line: NotesLine, means: WordMeaning) => void;
  /** Puts what a line names on a line for each, or a dose on the line above. */
  readonly onEdit: (edit: TextEdit) => void;
}

const CHOICE =
  'flex min-h-24 flex-col items-center justify-end gap-1 rounded border border-soft bg-sheet px-2 pb-1.5 pt-1 text-sm hover:border-ink focus-visible:border-ink';

/** Which posture a line means: up to five, with their figures, by click or by the keys 1 to 5; or none of them. */
export function Choice({ line, figures, onSettle, onEdit }: Props) {
  const { candidates, apart, joins } = line;
  const split = () => onEdit({ do: 'split', line: line.line, into: apart });
  const join = (to: number) => onEdit({ do: 'join', lines: [{ line: line.line, to }] });
  const onKeyDown = (event: React.KeyboardEvent) => {
    const chosen = candidates[Number(event.key) - 1];
    if (chosen) onSettle(line, { is: 'asana', asana: chosen.asana, variation: chosen.variation });
    else if (event.key.toLowerCase() === 's' && apart.length > 0) split();
    else if (event.key.toLowerCase() === 'j' && joins !== null) join(joins);
    else if (event.key === '0') onSettle(line, { is: 'own' });
    else if (event.key.toLowerCase() === 'n') onSettle(line, { is: 'note' });
    else return;
    event.preventDefault();
  };
  return (
    <div
      role="group"
      aria-label={t('What “{text}” means', { text: line.text.trim() })}
      data-question={line.line}
      onKeyDown={onKeyDown}
      className="my-1 rounded border-2 border-ink bg-shade p-2"
    >
      <div className="grid grid-cols-2 gap-2 sm:grid-cols-3 xl:grid-cols-5">
        {candidates.map(({ asana, variation, name, form, figure }, i) => (
          <button
            key={asana}
            type="button"
            className={CHOICE}
            aria-keyshortcuts={String(i + 1)}
            onClick={() => onSettle(line, { is: 'asana', asana, variation })}
          >
            {figure !== null && figures[figure] && <FigureDrawing figure={figures[figure]} className="h-12 w-full" />}
            <span className="leading-tight">
              <kbd className="mr-1 rounded border border-soft px-1">{i + 1}</kbd>
              {name}
              {form !== null && <span className="block text-soft">{form}</span>}
            </span>
          </button>
        ))}
      </div>
      <p className="mt-2 flex flex-wrap gap-x-4 gap-y-1 text-sm">
        {joins !== null && (
          <button type="button" className="underline" aria-keyshortcuts="j" onClick={() => join(joins)}>
            <kbd className="mr-1 rounded border border-soft px-1">J</kbd>
            {t('goes with line {to}: join them', { to: joins })}
          </button>
        )}
        {apart.length > 0 && (
          <button type="button" className="underline" aria-keyshortcuts="s" onClick={split}>
            <kbd className="mr-1 rounded border border-soft px-1">S</kbd>
            {t('several: a line for each')}
          </button>
        )}
        <button type="button" className="underline" aria-keyshortcuts="n" onClick={() => onSettle(line, { is: 'note' })}>
          <kbd className="mr-1 rounded border border-soft px-1">N</kbd>
          {t('no step, only a note')}
        </button>
        <button type="button" className="underline" aria-keyshortcuts="0" onClick={() => onSettle(line, { is: 'own' })}>
          <kbd className="mr-1 rounded border border-soft px-1">0</kbd>
          {t('a posture of our own, not judged')}
        </button>
        <span className="text-soft">{t('Asked once; then it is your word for it.')}</span>
      </p>
    </div>
  );
}
