import { doseTold, HEADER_KEYS, message, type Figure, type Step, type TextEdit, type WordMeaning } from '@lotus-steady/core';
import { memo, useCallback, useMemo, useState } from 'react';
import { Failure } from '../../parts/Failure.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import { useGrowing } from '../../parts/use-growing.js';
import { useLatest } from '../../parts/use-latest.js';
import type { NotesLine, ReadLine, ReadText } from '../../worker/answers.js';
import { Choice } from './Choice.js';
import { MarkedLine, MarksLegend } from './MarkedLine.js';
import { useNextQuestion } from './use-next-question.js';
import { say } from '../../words/say.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

interface Props {
  readonly read: ReadText | undefined;
  readonly failure: unknown;
  readonly onGoTo: (line: number) => void;
  readonly onSettle: (line: NotesLine, means: WordMeaning) => void;
  readonly onEdit: (edit: TextEdit) => void;
}

const SIDE_WORDS = { none: '', left: 'left', right: 'right', both: t('each side') } as const;

function details({ dose, side, way, retention }: Step, form: string | null): string {
  return [
    form ?? '',
    SIDE_WORDS[side],
    say(doseTold(dose)),
    retention !== null && retention > 0 ? t('breath held {retention} s', { retention }) : '',
    way ? say(message(`way.${way}.told`)) : '',
  ].filter((part) => part !== '').join(', '); // prettier-ignore
}

/** Steps of one line, and what each is called and looks like. */
interface Shown {
  readonly step: Step;
  readonly match: ReadLine;
}

/** More figures of one line than this say no more. */
const MOST_FIGURES = 6;

/** Whether a line is what the sequence is called after. */
function isTitle({ kind, text }: NotesLine, title: string): boolean {
  const bare = text.replace(/^(?:title\s*:|#)?\s*|\s*:?\s*$/gi, '');
  return (kind === 'note' || kind === 'heading') && bare !== '' && bare === title;
}

/** Whether a line is one of those `key: value` lines that stand above the steps. */
function isHeader({ kind, text }: NotesLine): boolean {
  return kind === 'note' && HEADER_KEYS.includes(/^\s*(\w+)\s*:/.exec(text)?.[1]?.toLowerCase() ?? '');
}

/** What a line was taken for, in words. */
function meaning(line: NotesLine, shown: readonly Shown[], names: boolean): string {
  const { kind, word } = line;
  if (names) return t('The title');
  if (isHeader(line)) return t('Holds for the whole class');
  switch (kind) {
    case 'step':
    case 'many':
      return '';
    case 'way':
      return t('The way to what follows');
    case 'repeat':
      return shown.length > 0
        ? tell('Again: {shown, plural, one {# step} other {# steps}}', { shown: shown.length })
        : t('Again, once the line before is settled');
    case 'note':
      return word?.means.is === 'own' ? t('A posture of our own: shown, not judged') : t('A note');
    case 'heading':
      return t('A section');
    case 'ask':
      return t('Which one?');
  }
}

const LineRow = memo(function LineRow({
  line,
  shown,
  names,
  figures,
  says,
  onGoTo,
  onSettle,
  onEdit,
}: Row & { figures: Readonly<Record<string, Figure>>; onEdit: (line: NotesLine, edit: TextEdit) => void } & Pick<
    Props,
    'onGoTo' | 'onSettle'
  >) {
  const [open, setOpen] = useState(false);
  const asked = line.kind === 'ask';
  const salutation = shown[0]?.step.of ?? null;
  const words = meaning(line, shown, names);
  return (
    <li className={`group relative px-2 py-1.5 ${asked ? 'bg-shade' : ''}`}>
      <div className="grid grid-cols-[2.25rem_1fr] gap-x-2">
        <button
          type="button"
          onClick={() => onGoTo(line.line)}
          className="text-left text-sm text-soft underline-offset-2 hover:underline"
          aria-label={t('Go to line {line}', { line: line.line })}
        >
          {line.line}
        </button>
        <div className="grid gap-x-4 sm:grid-cols-2">
          <div className="leading-7">
            <MarkedLine text={line.text} spans={line.spans} />
          </div>
          <div className="leading-tight">
            {words !== '' && <span className={asked ? 'font-semibold' : 'text-sm text-soft'}>{words}</span>}
            {line.kind === 'repeat' || salutation !== null ? (
              <div className="flex flex-wrap items-end gap-1">
                {salutation !== null && (
                  <span className="mr-2 text-sm">{tell('{count, plural, one {# step} other {# steps}}', { count: shown.length })}</span>
                )}
                {shown.slice(0, MOST_FIGURES).map(({ match }, i) => (
                  <FigureDrawing key={i} figure={figures[match.figure]!} label={match.name} className="h-8 w-10" />
                ))}
                {shown.length > MOST_FIGURES && (
                  <span className="text-sm text-soft">{t('and {shown} more', { shown: shown.length - MOST_FIGURES })}</span>
                )}
              </div>
            ) : (
              shown.map(({ step, match }, i) => (
                <div key={i} className="grid grid-cols-[3.5rem_1fr] items-center gap-x-2">
                  <FigureDrawing figure={figures[match.figure]!} className="h-11 w-full" />
                  <div>
                    <span className="font-semibold">{match.name}</span>
                    <span className="block text-sm text-soft">{details(step, match.form)}</span>
                  </div>
                </div>
              ))
            )}
            {says.map((text) => (
              <span key={text} className="block text-sm italic">
                {text}
              </span>
            ))}
            {!asked && line.candidates.length > 1 && line.kind !== 'heading' && line.kind !== 'repeat' && (
              <button
                type="button"
                aria-expanded={open}
                className="absolute right-2 top-1.5 bg-sheet text-sm text-soft underline opacity-0 focus-visible:opacity-100 group-hover:opacity-100 aria-expanded:opacity-100 pointer-coarse:opacity-100"
                onClick={() => setOpen(!open)}
              >
                {open ? t('Leave it') : t('Something else?')}
              </button>
            )}
          </div>
        </div>
      </div>
      {(asked || open) && (
        <Choice
          line={line}
          figures={figures}
          onEdit={(asked) => onEdit(line, asked)}
          onSettle={(settled, means) => {
            setOpen(false);
            onSettle(settled, means);
          }}
        />
      )}
    </li>
  );
});

/** A line with its steps, and what is told of it. */
interface Row {
  readonly line: NotesLine;
  readonly shown: readonly Shown[];
  /** Whether the sequence is called after it. */
  readonly names: boolean;
  readonly says: readonly string[];
}

function rowsOf(read: ReadText | undefined): Row[] {
  if (!read?.sequence) return [];
  const { steps, notes, title } = read.sequence;
  const shown = steps.map((step, i): Shown => ({ step, match: read.lines[i]! }));
  const lines = read.notes.filter(({ text }) => text !== '');
  const first = lines.find((line) => isTitle(line, title));
  return lines.map((line) => ({
    line,
    names: line === first,
    shown: shown.filter(({ step }) => step.line === line.line),
    says: notes.filter((note) => note.line === line.line).map(({ text }) => text),
  }));
}

/** Lines drawn at once; a line with its figures takes a slow tablet some ten milliseconds. */
const LINES_AT_ONCE = 2;

/** Each line as it was understood, its parts marked; a line that isn't sure offers what it may be. */
export function Matches({ read, failure, onGoTo, onSettle, onEdit }: Props) {
  const rows = useMemo(() => rowsOf(read), [read]);
  const drawn = useGrowing(rows.length, LINES_AT_ONCE);
  // The same functions all the time, so that a row is drawn once however many follow.
  const latest = useLatest({ onGoTo, onSettle, onEdit });
  const goTo = useCallback((line: number) => latest.current.onGoTo(line), [latest]);
  const { list, answered } = useNextQuestion(read);
  const settle = useCallback(
    (line: NotesLine, means: WordMeaning) => {
      answered(line.line);
      latest.current.onSettle(line, means);
    },
    [latest, answered],
  );
  const edit = useCallback(
    (line: NotesLine, asked: TextEdit) => {
      answered(line.line);
      latest.current.onEdit(asked);
    },
    [latest, answered],
  );
  if (failure) return <Failure error={failure} />;
  if (!read) return <p className="text-soft">{t('Paste or write your sequence; every line shows here at once what it was taken for.')}</p>;
  if (read.sequence === null)
    return (
      <ul role="alert" className="space-y-2 rounded border border-accent bg-sheet p-4">
        {read.problems.map(({ field, message }) => {
          const line = Number(/^line (\d+)$/.exec(field)?.[1]);
          return (
            <li key={message}>
              {message}{' '}
              {line > 0 && (
                <button type="button" onClick={() => onGoTo(line)} className="underline">
                  {t('Go there')}
                </button>
              )}
            </li>
          );
        })}
      </ul>
    );
  const { steps, unknown } = read.sequence;
  return (
    <>
      <p className="mb-2 text-sm text-soft" role="status">
        {tell(
          '{steps, plural, one {# step} other {# steps}} understood{unknown, plural, =0 {} one {, # line to settle} other {, # lines to settle}}',
          {
            steps: steps.length,
            unknown: unknown.length,
          },
        )}
      </p>
      <ol ref={list} tabIndex={-1} aria-label={t('Understood as')} className="divide-y divide-rule rounded border border-rule bg-sheet">
        {rows.slice(0, drawn).map((row) => (
          <LineRow key={row.line.line} {...row} figures={read.figures} onGoTo={goTo} onSettle={settle} onEdit={edit} />
        ))}
      </ol>
      <MarksLegend />
    </>
  );
}
