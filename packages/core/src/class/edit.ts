import type { Library } from '../asanas/library.js';
import { editText, lineAfter, textEditOf, type StepEdit } from '../notes/edit-text.js';
import type { ReadResult } from '../notes/read-line.js';
import { understood } from '../notes/read-notes.js';
import type { Step } from '../sequence/sequence.js';
import type { Pin } from './choose-column.js';
import { carriedPins } from './pins.js';

/** A text after an edit, with the choices by hand that go on holding. */
export interface Edited {
  readonly text: string;
  readonly pins: readonly Pin[];
  /** Where the edited step stands now; -1 where no step is left. */
  readonly index: number;
}

/** The text with a line's name written so that it means an asana there; as it was where none of its names does. */
export function nameSurely(library: Library, stepsOf: (text: string) => readonly Step[], text: string, line: number, id: string): string {
  const { name, iast, names } = library.get(id);
  const written = [name, iast, ...names, id.replaceAll('-', ' ')]
    .flatMap((one) => (one === null ? [] : [editText(text, { do: 'name', line, name: one })]))
    .find((one) => stepsOf(one).find((step) => step.line === line)?.asana === id);
  return written ?? text;
}

/**
 * A step's edit carried out in a text. Every other step stays what it was: a name that its neighbours decide
 * ("cat-cow" standing or on all fours) is written out where it would change its meaning.
 * @throws RangeError for a text that isn't understood.
 */
export function editStep(library: Library, read: (text: string) => ReadResult, text: string, pins: readonly Pin[], edit: StepEdit): Edited {
  const stepsOf = (one: string) => (one.trim() === '' ? [] : understood(read(one)).steps);
  const before = stepsOf(text);
  const made = textEditOf(before, edit);
  if (!made) return { text, pins, index: edit.index };
  const lineOf = (line: number) => lineAfter(made, line);
  const { line } = before[edit.index]!;
  let after = editText(text, made);
  let steps = stepsOf(after);
  for (const step of before) {
    const at = lineOf(step.line);
    const isRenamed = made.do === 'name' && step.line === line;
    if (at === null || isRenamed || step.of !== null) continue;
    if (steps.find((one) => one.line === at)?.asana === step.asana) continue;
    after = nameSurely(library, stepsOf, after, at, step.asana);
    steps = stepsOf(after);
  }
  const to = made.do === 'insert' ? line + 1 : lineOf(line);
  const index = steps.findIndex((step) => step.line === to);
  return {
    text: after,
    pins: carriedPins(pins, before, steps, lineOf),
    index: index < 0 ? Math.min(edit.index, steps.length - 1) : index,
  };
}
