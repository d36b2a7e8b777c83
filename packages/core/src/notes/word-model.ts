import type { Library } from '../asanas/library.js';
import { readNumbers, withSign } from '../numbers-as-text.js';
import { traitsOf } from './traits.js';

/** Kinds of lines that hold no posture of the library. */
const OTHER_KINDS = ['way', 'repeat', 'note', 'heading', 'lacking'] as const;

/** Fitted weights of words for meanings and for traits of asanas; made by `scripts/fit-words.mjs`. */
export interface WordTable {
  /** Words and pairs of words, one a line. */
  readonly words: string;
  /** Names of the meanings, and of the traits that asanas share. */
  readonly meanings: readonly string[];
  readonly traits: readonly string[];
  /** The worth of one step of a weight. */
  readonly step: number;
  /**
   * Of each word in turn how many meanings and how many traits it speaks for; then of each of these how far its number
   * lies above the one before; then its weight. Each is a text of whole numbers, as `writeNumbers` writes them.
   */
  readonly counts: string;
  readonly targets: string;
  readonly weights: string;
}

/** A meaning whose log share lies so far behind the likeliest adds nothing to the sum that a double could tell. */
const NEGLIGIBLE = 40;

/** What a line's words are to the model: each word, each pair of neighbours in either order, and what the class is like. */
export function wordFeatures(stems: readonly string[], surrounding: Iterable<string>): string[] {
  const features = new Set(stems);
  for (let i = 1; i < stems.length; i++) features.add([stems[i - 1]!, stems[i]!].sort().join(' '));
  if (stems.length === 1) features.add(`only ${stems[0]}`);
  for (const word of surrounding) features.add(`@${word}`);
  return [...features];
}

/** What the model can answer: every asana of the library, then the other kinds of lines. */
export function meaningsOf(library: Library): string[] {
  return [...library.asanas.map(({ id }) => id), ...OTHER_KINDS];
}

/**
 * How likely words mean each asana or another kind of line: a log-linear model whose weights are shared
 * between asanas with the same traits, so that "R arm up, leaning over" speaks for all that lean over.
 */
export class WordModel {
  private readonly numbers: ReadonlyMap<string, number>;
  /** Where the weights of each word begin, and where those of its traits do; one more for the end. */
  private readonly begins: Int32Array;
  private readonly traitBegins: Int32Array;
  private readonly targets: Int16Array;
  private readonly weights: Int8Array;
  private readonly step: number;
  /** Of each trait the meanings that have it: a word speaks for few traits, and a meaning has many. */
  private readonly bearers: readonly Int16Array[];
  private readonly meaningNumbers: ReadonlyMap<string, number>;
  /** Of each word that was met, how much it speaks for each meaning. */
  private readonly votes: Int16Array[] = [];
  /** Filled anew for each line. */
  private readonly sums: Int32Array;
  private readonly shares: Float64Array;

  constructor(library: Library, table: WordTable) {
    const words = table.words === '' ? [] : table.words.split('\n');
    const counts = readNumbers(table.counts);
    const steps = readNumbers(table.targets);
    this.numbers = new Map(words.map((word, i) => [word, i]));
    this.begins = new Int32Array(words.length + 1);
    this.traitBegins = new Int32Array(words.length);
    this.targets = new Int16Array(steps.length);
    let at = 0;
    const take = (count: number) => {
      for (let k = 0, number = 0; k < count; k++, at++) this.targets[at] = number += steps[at]!;
    };
    for (let word = 0; word < words.length; word++) {
      this.begins[word] = at;
      take(counts[2 * word]!);
      this.traitBegins[word] = at;
      take(counts[2 * word + 1]!);
    }
    this.begins[words.length] = at;
    this.weights = Int8Array.from(readNumbers(table.weights), withSign);
    this.step = table.step;
    this.meaningNumbers = new Map(table.meanings.map((meaning, i) => [meaning, i]));
    this.sums = new Int32Array(table.meanings.length);
    this.shares = new Float64Array(table.meanings.length);
    const bearers = new Map(table.traits.map((trait) => [trait, [] as number[]]));
    table.meanings.forEach((meaning, i) => {
      const asana = library.find(meaning);
      if (asana) for (const trait of traitsOf(asana)) bearers.get(trait)?.push(i);
    });
    this.bearers = [...bearers.values()].map((meanings) => Int16Array.from(meanings));
  }

  /** The number of an asana's id or of another kind of line among the answers; -1 for one that the model has not met. */
  numberOf(meaning: string): number {
    return this.meaningNumbers.get(meaning) ?? -1;
  }

  /** What a word speaks for each meaning, by itself and through the meaning's traits. */
  private votesOf(word: number): Int16Array {
    const known = this.votes[word];
    if (known) return known;
    const { targets, weights, bearers } = this;
    const votes = (this.votes[word] = new Int16Array(this.meaningNumbers.size));
    const traitsBegin = this.traitBegins[word]!;
    for (let k = this.begins[word]!; k < traitsBegin; k++) votes[targets[k]!]! += weights[k]!;
    for (let k = traitsBegin, to = this.begins[word + 1]!; k < to; k++) {
      const weight = weights[k]!;
      for (const meaning of bearers[targets[k]!]!) votes[meaning]! += weight;
    }
    return votes;
  }

  /** The log of each meaning's share, given a line's words and what its class is like; overwritten by the next question. */
  logShares(stems: readonly string[], surrounding: Iterable<string>): Float64Array {
    const features = wordFeatures(stems, surrounding);
    const count = this.meaningNumbers.size;
    const sums = this.sums.fill(0);
    for (const feature of features) {
      const word = this.numbers.get(feature);
      if (word === undefined) continue;
      const votes = this.votesOf(word);
      for (let i = 0; i < count; i++) sums[i]! += votes[i]!;
    }
    // A long line holds more words, not more certainty.
    const scale = this.step / Math.sqrt(Math.max(1, features.length));
    const { shares } = this;
    let most = -Infinity;
    for (let i = 0; i < count; i++) {
      const share = sums[i]! * scale;
      shares[i] = share;
      if (share > most) most = share;
    }
    const least = most - NEGLIGIBLE;
    let total = 0;
    for (let i = 0; i < count; i++) if (shares[i]! > least) total += Math.exp(shares[i]! - most);
    const log = most + Math.log(total);
    for (let i = 0; i < count; i++) shares[i]! -= log;
    return shares;
  }
}
