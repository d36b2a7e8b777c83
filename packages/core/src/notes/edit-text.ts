import type { DoseSpec } from '../asanas/asana.js';
import { tokensOf, type SpanKind } from './tokens.js';
import { describeDose } from '../sequence/dose.js';
import type { Step } from '../sequence/sequence.js';

/** One edit of a sequence's text. Lines count from 1; `after: 0` is the very beginning. */
export type TextEdit =
  | { readonly do: 'insert'; readonly after: number; readonly text: string }
  /** `after` counts the lines that are left when this one is taken out. */
  | { readonly do: 'move'; readonly line: number; readonly after: number }
  | { readonly do: 'remove'; readonly line: number }
  /** Several lines in place of one. */
  | { readonly do: 'split'; readonly line: number; readonly into: readonly string[] }
  /** Lines that each go behind an earlier one. */
  | { readonly do: 'join'; readonly lines: readonly { readonly line: number; readonly to: number }[] }
  | { readonly do: 'name'; readonly line: number; readonly name: string }
  | { readonly do: 'both-sides'; readonly line: number }
  | { readonly do: 'dose'; readonly line: number; readonly dose: string }
  /** An empty note takes it away. */
  | { readonly do: 'note'; readonly line: number; readonly note: string }
  /** The lines of `from` in another order, each to the place of the one that stood there. */
  | { readonly do: 'order'; readonly lines: readonly number[] };

/** What follows the name of a step: a comma, a bracket, a dash between spaces. */
const AFTER_NAME = /\s*[,;|([]|\s[-–—]\s/;

/** What of a line stands before its remarks, changed, and the remarks again. */
function besideNote(line: string, change: (text: string) => string): string {
  const from = tokensOf(line).spans.find(({ as }) => as === 'comment')?.from;
  if (from === undefined) return change(line);
  const told = line.slice(0, from).replace(/[\s,;(–—-]+$/u, '');
  return change(told) + line.slice(told.length);
}

/** A line with the spans of one kind taken out and something else in place of the first of them, else behind all. */
function replaceSpans(line: string, kind: SpanKind, text: string): string {
  const spans = tokensOf(line).spans.filter(({ as }) => as === kind);
  if (spans.length === 0) return `${line.trimEnd()}, ${text}`;
  let changed = line;
  [...spans].reverse().forEach(({ from, to }, i) => {
    const isFirst = i === spans.length - 1;
    // What parted a span from the rest goes with it: commas, dashes, the bracket round it.
    const before = changed
      .slice(0, from)
      .replace(isFirst ? /[\s,;|–—-]*\(?\s*$/ : /[\s,;|–—/&+-]*(?:\b(?:then|and)\b)?[\s,;|–—/&+(-]*$/i, '');
    const after = changed.slice(to).replace(/^\s*\)/, '');
    changed = isFirst ? `${before}${before === '' ? '' : ', '}${text}${after}` : `${before}${after}`;
  });
  return changed;
}

/** A line with another name; bullet, dose, side and all behind the name stay. */
function renamed(line: string, name: string): string {
  const { spans } = tokensOf(line);
  const bullet = spans.find(({ as }) => as === 'bullet')?.to ?? line.length - line.trimStart().length;
  const tells = spans.filter(({ as, from }) => as !== 'bullet' && from >= bullet).map(({ from }) => from);
  const sign = AFTER_NAME.exec(line.slice(bullet));
  const end = Math.min(line.length, ...tells, sign ? bullet + sign.index : line.length);
  const rest = line.slice(end);
  // A dose that stood before the name now follows the new one.
  if (end <= bullet) return `${line.slice(0, bullet)}${name}, ${rest.trimStart()}`;
  return `${line.slice(0, bullet)}${name}${/^[\s,;|([]/.test(rest) || rest === '' ? '' : ' '}${rest}`;
}

function changedLine(line: string, edit: Extract<TextEdit, { do: 'name' | 'both-sides' | 'dose' | 'note' }>): string {
  switch (edit.do) {
    case 'note': {
      const bare = besideNote(line, (text) => text).replace(/\s*\/\/.*$/, '');
      return edit.note.trim() === '' ? bare : `${bare} // ${edit.note.trim()}`;
    }
    case 'both-sides':
      return besideNote(line, (text) => replaceSpans(text, 'side', 'each side'));
    case 'dose':
      return besideNote(line, (text) => replaceSpans(text, 'dose', edit.dose));
    case 'name':
      return besideNote(line, (text) => renamed(text, edit.name));
  }
}

/** Where a line's bullet ends, if it has one. */
function bulletEnd(line: string): number | undefined {
  return tokensOf(line).spans.find(({ as }) => as === 'bullet')?.to;
}

/** A line with another one, without its bullet, behind it and before its remarks. */
function joined(line: string, other: string): string {
  return besideNote(line.trimEnd().replace(/[,;:]$/, ''), (text) => `${text}, ${other.slice(bulletEnd(other)).trim()}`);
}

/** The text with an edit carried out; a bullet of the lines around is taken over. */
export function editText(text: string, edit: TextEdit): string {
  const lines = text.split('\n');
  switch (edit.do) {
    case 'insert': {
      const around = lines[edit.after - 1] ?? '';
      const bullet = around.slice(0, bulletEnd(around) ?? 0);
      // A numbered list would count wrongly: its new line goes without a number.
      const before = bullet && !/\d/.test(bullet) ? bullet : '';
      return [...lines.slice(0, edit.after), `${before}${edit.text}`, ...lines.slice(edit.after)].join('\n');
    }
    case 'move': {
      lines.splice(edit.after, 0, ...lines.splice(edit.line - 1, 1));
      return lines.join('\n');
    }
    case 'split':
      return lines.flatMap((line, i) => (i === edit.line - 1 ? edit.into : [line])).join('\n');
    case 'join':
      return lines
        .flatMap((text, i) =>
          edit.lines.some(({ line }) => line === i + 1)
            ? []
            : [edit.lines.filter(({ to }) => to === i + 1).reduce((whole, { line }) => joined(whole, lines[line - 1] ?? ''), text)],
        )
        .join('\n');
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
    case 'split':
      return line > edit.line ? line + edit.into.length - 1 : line;
    case 'join': {
      const to = edit.lines.find((one) => one.line === line)?.to ?? line;
      return to - edit.lines.filter((one) => one.line <= to).length;
    }
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

/** How often a step's time is in that of its line: several share what stands before them ("10 min: warrior II, tree"). */
function timesShared(steps: readonly Step[], { line, text }: Step): number {
  const together = steps.filter((step) => step.line === line && step.of === null);
  const [dose, other] = tokensOf(text).spans.filter(({ as }) => as === 'dose');
  const isShared = together.length > 1 && dose !== undefined && other === undefined && !/\p{L}/u.test(text.slice(0, dose.from));
  return isShared ? together.reduce((times, { side }) => times + (side === 'both' ? 2 : 1), 0) : 1;
}

/**
 * A step's dose one size longer or shorter, as its line would say it, which holds its time so many times; `null` where it
 * gets no shorter. Salutations go by their rounds.
 */
export function nextDose({ dose, of }: Pick<Step, 'dose' | 'of'>, by: 1 | -1, times = 1): string | null {
  if (of !== null) {
    const rounds = (dose.rounds ?? 1) + by;
    return rounds < 1 ? null : describeDose({ rounds });
  }
  const [key, size] = DOSE_STEPS.find(([one]) => dose[one] !== undefined) ?? ['breaths', 1];
  const next = (dose[key] ?? 1) + by * size;
  return next < size ? null : describeDose({ ...dose, [key]: key === 'seconds' ? next * times : next });
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
      const dose = nextDose(step, edit.by, timesShared(steps, step));
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
