import { numbering } from '../numbering.js';
import { getOrCreate } from '../get-or-create.js';
import type { Step } from './sequence.js';

const KEYS = new WeakMap<Step, number>();
const numberOf = numbering();

/** A number for what a step asks for, wherever it is written: the same for steps that are the same question. */
export function stepKey(step: Step): number {
  return getOrCreate(KEYS, step, () => {
    const { line: _line, text: _text, section: _section, of: _of, note: _note, ...what } = step;
    return numberOf(JSON.stringify(what));
  });
}
