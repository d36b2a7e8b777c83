import type { Library } from '../asanas/library.js';
import { tokensOf } from './tokens.js';
import { wordsOf } from './words.js';

/** What a studio means by its own word: an asana of the library, a note, or a posture of its own that nobody judges. */
export type WordMeaning =
  { readonly is: 'asana'; readonly asana: string; readonly variation: string | null } | { readonly is: 'note' } | { readonly is: 'own' };

/** A studio's own word for something, as a teacher settled it. */
export interface StudioWord {
  /** As it was written. */
  readonly text: string;
  readonly means: WordMeaning;
  /** Day on which it was settled, `2026-11-28`. */
  readonly since: string;
}

/** What two texts have alike that are the same word: their words without dose, side and spelling of no matter. */
export function wordKey(text: string): string {
  return wordsOf(tokensOf(text).rest)
    .map(({ stem }) => stem)
    .join(' ');
}

/** What is wrong with a word, or `null`. */
export function wordProblem(library: Library, { text, means }: StudioWord): string | null {
  if (wordKey(text) === '') return `"${text}" holds no word that could be known again`;
  if (text.length > 200) return `the word has ${text.length} characters; expected at most 200`;
  if (!['asana', 'note', 'own'].includes(means.is))
    return `what "${text}" means is ${JSON.stringify(means.is)}; expected asana, note or own`;
  if (means.is !== 'asana') return null;
  const asana = library.find(means.asana);
  if (!asana) return `no asana "${means.asana}"`;
  const ways = [...asana.variations, ...asana.listVariations].map(({ id }) => id);
  return means.variation === null || ways.includes(means.variation) ? null : `${asana.id} has no variation "${means.variation}"`;
}

/** The part of a line that is the studio's word: without dose, side and note. */
export function wordText(line: string): string {
  return tokensOf(line)
    .rest.replace(/\s+/g, ' ')
    .replace(/^[\s,;|(–—-]+|[\s,;|()–—:-]+$/g, '')
    .slice(0, 200);
}
