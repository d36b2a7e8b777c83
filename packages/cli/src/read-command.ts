import { notesJson } from '@lotus-steady/core';
import { BadInput, refuse } from './bad-input.js';
import { readText } from './files.js';
import type { Options } from './options.js';
import { readNotes } from './read-notes.js';

/** How notes are understood, line by line, without judging anybody. */
export function readCommand(files: readonly string[], options: Options): string {
  if (files.length === 0) throw new BadInput('read: name one or more sequence files, as in: lotus read morning.md');
  const sheets = files.map((file) => {
    const result = readNotes(readText(file));
    refuse(result.problems, file);
    if (!result.sequence) throw new BadInput(`${file}: no sequence in it`);
    return notesJson(result);
  });
  if (options.json) return JSON.stringify(sheets.length === 1 ? sheets[0] : sheets, null, 1);
  return sheets
    .map(({ title, lines }) =>
      [
        title || 'Sequence',
        ...lines.map(({ line, text, kind, steps, candidates, sure }) => {
          const meant =
            kind === 'ask'
              ? `? ${candidates.map(({ asana }) => asana).join(', ')}`
              : steps.map(({ asana, variation }) => (variation ? `${asana}/${variation}` : asana)).join(' + ');
          return `${String(line).padStart(4)} ${kind.padEnd(7)} ${sure.toFixed(2)}  ${text.trim()}${meant === '' ? '' : `  =>  ${meant}`}`;
        }),
      ].join('\n'),
    )
    .join('\n\n');
}
