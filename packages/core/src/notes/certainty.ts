import type { Hypothesis, LineEvidence } from './evidence.js';
import type { Agreement } from './lexicon.js';

/** What the certainty of a posture is told by, besides how likely the whole sheet makes it. */
export const SIGNS = [
  'always', 'log odds', 'best', 'unheld', 'leftover', 'exact', 'exact ambiguous', 'unknown words', 'guessed words', 'words', 'many', 'list left', 'odds', 'name',
] as const; // prettier-ignore
export type Sign = (typeof SIGNS)[number];

/** The signs of one line, as numbers in the order of `SIGNS`. */
export function signsOf(line: LineEvidence, hypothesis: Hypothesis, likely: number): number[] {
  const found: Agreement | null = hypothesis.is === 'step' ? hypothesis.found : null;
  const { words, known, guessed } = line.query;
  const share = Math.min(1 - 1e-6, Math.max(1e-6, likely));
  const signs: Record<Sign, number> = {
    always: 1,
    'log odds': Math.log(share / (1 - share)),
    best: found?.best ?? 0,
    unheld: found ? found.unheld / 3 : 1,
    leftover: found ? found.leftover / 3 : 1,
    exact: found?.exact ? 1 : 0,
    'exact ambiguous': found?.exact && found.ambiguous ? 1 : 0,
    'unknown words': words.length === 0 ? 0 : 1 - known / words.length,
    'guessed words': guessed,
    words: Math.min(8, words.length) / 8,
    many: hypothesis.is === 'many' ? 1 : 0,
    'list left': line.parts && hypothesis.is !== 'many' ? 1 : 0,
    odds: found ? Math.max(-1, Math.min(4, found.odds / 5)) : 0,
    name: found?.name ? 1 : 0,
  };
  return SIGNS.map((sign) => signs[sign]);
}

/** How often such a line has been understood rightly, 0 to 1: a logistic model over the signs. */
export function certaintyOf(signs: readonly number[], weights: readonly number[]): number {
  const sum = signs.reduce((total, sign, i) => total + sign * weights[i]!, 0);
  return 1 / (1 + Math.exp(-sum));
}
