import { counted, describeDose, editText, WAYS, type Step } from '@lotus-steady/core';
import { Failure } from '../../parts/Failure.js';
import { FigureDrawing } from '../../parts/FigureDrawing.js';
import type { ReadText } from '../../worker/core.worker.js';

interface Props {
  readonly text: string;
  readonly read: ReadText | undefined;
  readonly failure: unknown;
  readonly onChange: (text: string) => void;
  readonly onGoTo: (line: number) => void;
}

const SIDE_WORDS = { none: '', left: 'left', right: 'right', both: 'each side' } as const;

function details({ dose, side, variation, way, retention }: Step): string {
  return [
    variation?.replaceAll('-', ' '),
    SIDE_WORDS[side],
    describeDose(dose),
    retention !== null && retention > 0 ? `breath held ${retention} s` : '',
    way ? WAYS[way].say : '',
  ].filter((part) => part !== undefined && part !== '').join(', '); // prettier-ignore
}

/** Each line as it was understood; a line that wasn't offers the three nearest names. */
export function Matches({ text, read, failure, onChange, onGoTo }: Props) {
  if (failure) return <Failure error={failure} />;
  if (!read) return <p className="text-soft">Paste or write your sequence; every line shows here at once what it was taken for.</p>;
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
                  Go there
                </button>
              )}
            </li>
          );
        })}
      </ul>
    );
  const { steps, unknown, notes } = read.sequence;
  const rows = [
    ...steps.map((step, i) => ({ line: step.line, step, match: read.lines[i]!, lost: null })),
    ...unknown.map((lost) => ({ line: lost.line, step: null, match: null, lost })),
  ].sort((a, b) => a.line - b.line);
  return (
    <>
      <p className="mb-2 text-sm text-soft" role="status">
        {counted(steps.length, 'step')} understood{unknown.length > 0 ? `, ${unknown.length} not` : ''}
      </p>
      <ol className="divide-y divide-rule rounded border border-rule bg-sheet">
        {rows.map(({ line, step, match, lost }, i) => (
          <li key={`${line}-${i}`} className="grid grid-cols-[2.25rem_3.5rem_1fr] items-center gap-x-2 px-2 py-1">
            <button
              type="button"
              onClick={() => onGoTo(line)}
              className="text-left text-sm text-soft underline-offset-2 hover:underline"
              aria-label={`Go to line ${line}`}
            >
              {line}
            </button>
            {step && match ? (
              <>
                <FigureDrawing figure={read.figures[match.figure]!} className="h-11 w-full" />
                <div className="leading-tight">
                  <span className="font-semibold">{match.name}</span>
                  <span className="block text-sm text-soft">{details(step)}</span>
                  {notes
                    .filter((note) => note.line === line && step.of === null)
                    .map((note) => (
                      <span key={note.text} className="block text-sm italic">
                        {note.text}
                      </span>
                    ))}
                </div>
              </>
            ) : (
              lost && (
                <div className="col-span-2 py-1.5">
                  <p>
                    <span aria-hidden>? </span>
                    <strong>“{lost.text}”</strong> is not understood. Did you mean
                  </p>
                  <div className="mt-1.5 flex flex-wrap gap-2">
                    {lost.nearest.map(({ id, name }) => (
                      <button
                        key={id}
                        type="button"
                        onClick={() => onChange(editText(text, { do: 'name', line: line, name: name }))}
                        className="rounded border border-soft px-2.5 py-1 text-sm hover:bg-shade"
                      >
                        {name}
                      </button>
                    ))}
                  </div>
                </div>
              )
            )}
          </li>
        ))}
      </ol>
    </>
  );
}
