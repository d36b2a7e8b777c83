import { ARROW_SIGNS, counts, NEXT_OF_SERIES, type Hypothesis, type Part } from './evidence.js';
import type { WeighedLine } from './sheet.js';

/** So many names, each to the letter, are a list. */
export const LIST_PARTS = 3;
/** From one posture to the other, as teachers draw it. */
export const ARROW = new RegExp(`[${ARROW_SIGNS}]|->`, 'u');
/** "And then" in a line: one posture after another. */
export const ONE_AFTER_ANOTHER = new RegExp(`${ARROW.source}|(?<!\\p{L})then(?!\\p{L})`, 'iu');
/** Several of a series: "W1-W3", "Vira II, Vira I". */
export const SERIES =
  /(?<!\p{L})(?:w|war|warriors?|vira\p{L}*|(?:sup(?:ta)?\.?\s+)?pad(?:ang\p{L}*)?|mar[ií]ch?yasana)\s*(?:[1-4]|i{1,3})(?:\s*(?:[-–—,;+&/]|to|and)\s*(?:w|war|warriors?|vira\p{L}*)?|\s+(?:w|war|warriors?|vira\p{L}*))\s*(?:[1-4]|i{1,3})(?![\p{L}\d])/iu;

/** Whether each part of a line has a dose of its own: "locust x3, bow x2". */
export function areDosed(parts: readonly Part[] | null): boolean {
  return parts !== null && parts.every(({ tokens }) => counts(tokens.dose).any);
}

/** Two names may be one and a word more of it ("bound angle, staff"); of a list there are at least three. */
export function isList(hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many' && hypothesis.parts.length >= LIST_PARTS;
}

/** Whether each part of a line is just what somebody calls a posture, and the line sets them one after another. */
export function isWordForWordList({ evidence: { agreements, tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  return (
    hypothesis.is === 'many' &&
    hypothesis.parts.every(({ found: { exact } }) => exact) &&
    !agreements[0]?.exact &&
    (isList(hypothesis) ||
      (areDosed(hypothesis.parts) && !NEXT_OF_SERIES.test(tokens.rest)) ||
      SERIES.test(tokens.rest) ||
      ONE_AFTER_ANOTHER.test(tokens.text))
  );
}
