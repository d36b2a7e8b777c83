import Fuse from 'fuse.js';
import { CONDITIONS } from './all.js';
import type { Condition } from './condition.js';

/** Words that say nothing of which condition is meant. */
const IDLE = new Set(['and', 'the', 'with', 'have', 'has', 'had', 'from', 'for', 'her', 'his', 'their', 'pain', 'trouble', 'disease', 'problem', 'problems', 'bad', 'poor', 'just', 'when', 'down', 'all', 'time', 'out', 'can', 'cant', 'cannot', 'new', 'old', 'year', 'years', 'weeks', 'week', 'since', 'very', 'some', 'left', 'right']); // prettier-ignore

/** Levels of the spine ("L4/5", "C5-6") tell the region and nothing else. */
function plainWords(text: string): string {
  return text
    .toLowerCase()
    .normalize('NFD')
    .replace(/\p{Mn}/gu, '')
    .replace(/\b[lc]\d(?:\s*[/-]\s*[lcs]?\d)?\b/g, ' ')
    .replace(/[^a-z0-9/ -]/g, ' ')
    .replace(/\s+/g, ' ')
    .trim();
}

const ENTRIES = CONDITIONS.flatMap((condition) =>
  [condition.name, condition.id.replaceAll('-', ' '), ...condition.words].map((text) => ({ condition, text: plainWords(text) })),
).filter(({ text }) => text !== '');
let index: Fuse<(typeof ENTRIES)[number]> | undefined;
/** Made when it is first asked: a page that only names conditions needs none. */
function search(phrase: string) {
  index ??= new Fuse(ENTRIES, { keys: ['text'], includeScore: true, ignoreLocation: true, threshold: 0.34, minMatchCharLength: 2 });
  return index.search(phrase);
}

/** What merely looks alike comes after what is written. */
const LOOKS_ALIKE = 0.12;

/** The words of a phrase that say which condition is meant. */
function tellingWords(phrase: string): string[] {
  return phrase.split(' ').filter((word) => word.length >= 2 && !IDLE.has(word));
}

/** How well a condition answers to one phrase, 0 exactly to 1 hardly. */
function scores(phrase: string, weight: number, into: Map<Condition, number>): void {
  const telling = tellingWords(phrase).join(' ');
  const alike = telling === '' || telling === phrase ? null : new Set(search(telling).map(({ item }) => item));
  for (const { item, score = 1 } of search(phrase)) {
    const isWritten = ` ${item.text} `.includes(` ${phrase} `);
    // "Bad knees" looks like "bad sleep" by the word alone that says nothing.
    if (!isWritten && alike?.has(item) === false) continue;
    // A short abbreviation inside a longer word is an accident: "ms" is no part of "spasms".
    if (phrase.length <= 3 && !isWritten) continue;
    const value = (item.text === phrase ? 0 : score + (isWritten ? 0.01 : LOOKS_ALIKE)) + weight;
    if (value < (into.get(item.condition) ?? Infinity)) into.set(item.condition, value);
  }
}

/** One form of a word: "knees" is the knee, "kneeling" is to kneel. */
function stem(word: string): string {
  return word.length <= 3 ? word : word.replace(/(?:ies|y)$/, 'i').replace(/(?:ing|ed|(?<=[sx]|ch|sh)es|(?<!s)s)$/, '');
}

/** How many entries hold a word, by its stem: the fewer, the more it tells. */
const HOLDERS = new Map<string, Set<Condition>>();
for (const { condition, text } of ENTRIES)
  for (const word of new Set(text.split(' ').map(stem)))
    HOLDERS.set(word, (HOLDERS.get(word) ?? new Set<Condition>()).add(condition));

/** What a word that is written exactly counts at best: after a whole phrase, before what merely looks alike. */
const EXACT_WORD = 0.12;
const EACH_HOLDER = 0.04;

/** Conditions whose own words hold a word of the phrase, the rarer the better; several count together. */
function wordScores(parts: readonly string[], into: Map<Condition, number>): void {
  const hits = new Map<Condition, number>();
  for (const holders of parts.map((word) => HOLDERS.get(stem(word)) ?? new Set<Condition>()))
    for (const condition of holders) hits.set(condition, (hits.get(condition) ?? 1) * (EXACT_WORD + EACH_HOLDER * holders.size));
  for (const [condition, score] of hits) if (score < (into.get(condition) ?? Infinity)) into.set(condition, score);
}

/**
 * Conditions that plain words, abbreviations or common misspellings mean, best first: "high BP", "slipped disk",
 * "C-section", "bulging disc L4/5". All conditions for no words.
 */
export function findConditions(words: string): Condition[] {
  const phrase = plainWords(words);
  if (phrase === '') return [...CONDITIONS];
  const best = new Map<Condition, number>();
  scores(phrase, 0, best);
  // A sentence is tried word by word and two by two; single words count less than what matches as a whole.
  const parts = tellingWords(phrase);
  wordScores(parts, best);
  if (parts.length > 1) {
    parts.slice(1).forEach((word, i) => scores(`${parts[i]!} ${word}`, 0.3, best));
    parts.filter((word) => word.length > 3 || best.size === 0).forEach((word) => scores(word, 0.6, best));
  }
  return [...best].sort(([, a], [, b]) => a - b).map(([condition]) => condition);
}

/** A fuzzy match this good counts as meant where nothing was written exactly. */
const SURE = 0.2;

/** Conditions whose words a phrase holds, just as they are written. The longest words tell most: "blood pressure" inside "low blood pressure" is not meant. */
function writtenIn(plain: string, without?: ReadonlySet<string>): Condition[] {
  const longest = ENTRIES.filter((entry) => plain.includes(` ${entry.text} `) && !without?.has(entry.text)).sort((a, b) => b.text.length - a.text.length);
  return longest.filter(({ text: own }, i) => !longest.slice(0, i).some((longer) => longer.text.includes(own))).map(({ condition }) => condition);
}

/** Conditions that a text names in just their words, in the order of the text; `without` holds words that tell nothing there. */
export function namedConditions(text: string, without?: ReadonlySet<string>): Condition[] {
  return [...new Set(text.split(/[.,;\n]/).flatMap((phrase) => writtenIn(` ${plainWords(phrase)} `, without)))];
}

/** Conditions that a text speaks of: by one of their words as it is written, or a clear misspelling of it. In the order of the text. */
export function mentionedConditions(text: string): Condition[] {
  const found = text.split(/[.,;\n]/).flatMap((phrase): Condition[] => {
    const plain = ` ${plainWords(phrase)} `;
    const exact = writtenIn(plain);
    if (exact.length > 0) return exact;
    const parts = plain.trim().split(' ').filter((word) => word.length > 4 && !IDLE.has(word));
    return parts.flatMap((word) => {
      const [best] = search(word);
      return best && (best.score ?? 1) <= SURE && Math.abs(best.item.text.length - word.length) <= 2 ? [best.item.condition] : [];
    });
  });
  return [...new Set(found)];
}
