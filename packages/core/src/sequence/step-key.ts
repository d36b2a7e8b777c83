import { numbering } from '../numbering.js';
import type { Step } from './sequence.js';

const KEYS = new WeakMap<Step, number>();
const numberOf = numbering();

/** A number for what a step asks for, wherever it is written: the same for steps that are the same question. */
export function stepKey(step: Step): number {
  const known = KEYS.get(step);
  if (known !== undefined) return known;
  const { line: _line, text: _text, section: _section, of: _of, note: _note, ...what } = step;
  const key = numberOf(JSON.stringify(what));
  KEYS.set(step, key);
  return key;
}
