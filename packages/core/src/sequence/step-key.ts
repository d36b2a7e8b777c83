import { numbering } from '../numbering.js';
import { memoize } from '../get-or-create.js';
import type { Step } from './sequence.js';

const numberOf = numbering();

/** A number for what a step asks for, wherever it is written: the same for steps that are the same question. */
export const stepKey = memoize((step: Step): number => {
  const { line: _line, text: _text, section: _section, of: _of, note: _note, ...what } = step;
  return numberOf(JSON.stringify(what));
});
