import type { DoseSpec } from '../asanas/asana.js';
import { describeDose } from './dose.js';
import type { Step } from './sequence.js';

/** One edit of a sequence's text. Lines count from 1; `after: 0` is the very beginning. */
export type TextEdit =
  | { readonly do: 'insert'; readonly after: number; readonly text: string }
  /** `after` counts the lines that are left when this one is taken out. */
  | { readonly do: 'move'; readonly line: number; readonly after: number }
  | { readonly do: 'remove'; readonly line: number }
  | { readonly do: 'name'; readonly line: number; readonly name: string }
  | { readonly do: 'both-sides'; readonly line: number }
  | { readonly do: 'dose'; readonly line: number; readonly dose: string }
  /** An empty note takes it away. */
  | { readonly do: 'note'; readonly line: number; readonly note: string }
  /** The lines of `from` in another order, each to the place of the one that stood there. */
  | { readonly do: 'order'; readonly lines: readonly number[] };

export const BULLET = /^\s*(?:[-*+•–]|\(?\d{1,3}[.):])\s+/;
/** `# Title` or `## Section`. */
export const HEADING = /^\s*(#+)\s*(.*?)\s*#*\s*$/;
/** What a teacher notes for themselves follows two slashes. */
export const NOTE = /(?:^|\s+)\/\/\s*(.*)$/;
const SIDE = /[,;|–-]?\s*\(?\b(?:on the |to the )?(?:left|right|l|r)\b(?: side| leg| foot| hand)?(?: forward| back)?\)?/i;
const DOSE = /[,;|–-]?\s*\b\d+(?:[.,]\d+)?(?:\s*-\s*\d+)?\s*(?:breaths?|min(?:utes?)?|s|sec(?:onds?)?|rounds?|reps?|times?|x)\b/gi;
/** What follows the first comma, dash, bracket or number is dose, side or prop. */
const TAIL = /(?:\s*[,;|([]|\s[-–—]\s|\s+(?=[x×]?\d)).*$/;

/** One line without its note, changed, and the note again. */
function besideNote(line: string, change: (text: string) => string): string {
  const note = NOTE.exec(line)?.[1];
  const changed = change(line.replace(NOTE, ''));
  return note === undefined ? changed : `${changed} // ${note}`;
}

function changedLine(line: string, edit: Extract<TextEdit, { do: 'name' | 'both-sides' | 'dose' | 'note' }>): string {
  switch (edit.do) {
    case 'note':
      return edit.note.trim() === '' ? line.replace(NOTE, '') : `${line.replace(NOTE, '')} // ${edit.note.trim()}`;
    case 'both-sides':
      return besideNote(line, (text) => `${text.replace(SIDE, '').trimEnd()}, each side`);
    case 'dose':
      return besideNote(line, (text) => `${text.replace(DOSE, '').trimEnd()}, ${edit.dose}`);
    case 'name':
      return besideNote(line, (text) => {
        const bullet = BULLET.exec(text)?.[0] ?? '';
        return `${bullet}${edit.name}${TAIL.exec(text.slice(bullet.length))?.[0] ?? ''}`;
      });
  }
}

/** The text with an edit carried out; a bullet of the lines around is taken over. */
export function editText(text: string, edit: TextEdit): string {
  const lines = text.split('\n');
  switch (edit.do) {
    case 'insert': {
      const bullet = BULLET.exec(lines[edit.after - 1] ?? '')?.[0];
      // A numbered list would count wrongly: its new line goes without a number.
      const before = bullet && !/\d/.test(bullet) ? bullet : '';
      return [...lines.slice(0, edit.after), `${before}${edit.text}`, ...lines.slice(edit.after)].join('\n');
    }
    case 'move': {
      const [moved] = lines.splice(edit.line - 1, 1);
      lines.splice(edit.after, 0, moved!);
      return lines.join('\n');
    }
    case 'remove':
      return lines.filter((_, i) => i !== edit.line - 1).join('\n');
    case 'order': {
      const places = [...edit.lines].sort((a, b) => a - b);
      return lines.map((line, i) => (places.includes(i + 1) ? lines[edit.lines[places.indexOf(i + 1)]! - 1]! : line)).join('\n');
    }
    default:
      return lines.map((line, i) => (i === edit.line - 1 ? changedLine(line, edit) : line)).join('\n');
  }
}

/** Where a line stands after an edit; `null` when it is gone. */
export function lineAfter(edit: TextEdit, line: number): number | null {
  switch (edit.do) {
    case 'insert':
      return line > edit.after ? line + 1 : line;
    case 'remove':
      return line === edit.line ? null : line - (line > edit.line ? 1 : 0);
    case 'move': {
      if (line === edit.line) return edit.after + 1;
      const left = line - (line > edit.line ? 1 : 0);
      return left > edit.after ? left + 1 : left;
    }
    case 'order': {
      const at = edit.lines.indexOf(line);
      return at < 0 ? line : [...edit.lines].sort((a, b) => a - b)[at]!;
    }
    default:
      return line;
  }
}

/** Sizes in which a dose is changed by hand. */
const DOSE_STEPS = [
  ['minutes', 0.5],
  ['seconds', 5],
  ['breaths', 1],
  ['repetitions', 1],
  ['rounds', 1],
] as const satisfies readonly (readonly [keyof DoseSpec, number])[];

/** A step's dose one size longer or shorter, as its line would say it; `null` where it gets no shorter. Salutations go by their rounds. */
export function nextDose({ dose, of }: Pick<Step, 'dose' | 'of'>, by: 1 | -1): string | null {
  if (of !== null) {
    const rounds = (dose.rounds ?? 1) + by;
    return rounds < 1 ? null : describeDose({ rounds });
  }
  const [key, size] = DOSE_STEPS.find(([one]) => dose[one] !== undefined) ?? ['breaths', 1];
  const next = (dose[key] ?? 1) + by * size;
  return next < size ? null : describeDose({ ...dose, [key]: next });
}

/** An edit of a step where it stands in the sequence, from 0. */
export type StepEdit = { readonly index: number } & (
  | { readonly do: 'dose'; readonly by: 1 | -1 }
  /** To the place of another step. */
  | { readonly do: 'move'; readonly to: number }
  | { readonly do: 'remove' }
  | { readonly do: 'name'; readonly name: string }
  | { readonly do: 'note'; readonly note: string }
  /** A line of its own after it. */
  | { readonly do: 'insert'; readonly text: string }
);

/** The same as an edit of the text; `null` where there is nothing to do. A salutation's steps go together. */
export function textEditOf(steps: readonly Step[], edit: StepEdit): TextEdit | null {
  const step = steps[edit.index];
  if (!step) return null;
  const { line } = step;
  switch (edit.do) {
    case 'dose': {
      const dose = nextDose(step, edit.by);
      return dose === null ? null : { do: 'dose', line, dose };
    }
    case 'move': {
      const to = steps[edit.to];
      return !to || to.line === line ? null : { do: 'move', line, after: to.line - 1 };
    }
    case 'remove':
      return { do: 'remove', line };
    case 'insert':
      return { do: 'insert', after: line, text: edit.text };
    default:
      return { ...edit, line };
  }
}
