import { getOrCreate } from '../get-or-create.js';
import { joined, rawWords, sound, stemOf, type Word } from './words.js';

/** So often the phrasebook writes each of two words that may be run together. */
const RUN_TOGETHER = 3;
/** A word that the phrasebook writes so seldom, beside one that it writes so often, is a misspelling. */
const RARE = 3;
/** Words of so many letters don't sound alike by chance. */
const LONG = 8;
const COMMON = 9;
/** So many words of a line are read; a longer line is no step. */
const MOST_WORDS = 48;

/** Damerau's distance in its restricted form: letters added, lost, changed or swapped (Damerau, CACM 1964;7:171). */
function editDistance(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      let cost = Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1));
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) cost = Math.min(cost, before[j - 2]! + 1);
      row.push(cost);
    }
    before = last;
    last = row;
  }
  return last[b.length]!;
}

/** A word without the vowels after its first letter. */
function skeletonOf(stem: string): string {
  return stem.charAt(0) + stem.slice(1).replace(/[aeiou]/g, '');
}

/** Runs of three letters with marks for the beginning and the end; of a short word also what is left with one letter out. */
function lettersOf(word: string): string[] {
  const keys = [`^${word.slice(0, 3)}`, `${word.slice(-3)}$`];
  for (let i = 0; i + 3 <= word.length; i++) keys.push(word.slice(i, i + 3));
  if (word.length <= 9) for (let i = 0; i < word.length; i++) keys.push(`-${word.slice(0, i)}${word.slice(i + 1)}`);
  return [...new Set(keys)];
}

/** A text's words as the phrasebook writes them. */
export interface Corrected {
  /** Each with its place in the text; a word that nothing sounds or looks like stays as it is. */
  readonly found: readonly Word[];
  /** How many of them sound otherwise than what was written. */
  readonly guessed: number;
}

/** Knows the phrasebook's words misspelt, cut short, written as two or run together. */
export class Spelling {
  private readonly bySkeleton = new Map<string, string>();
  private readonly bySound = new Map<string, string>();
  /** What each word of the phrasebook is taken for; words of a teacher's text are not remembered. */
  private readonly commonest = new Map<string, string>();
  private readonly spelled = new Map<string, readonly string[]>();
  private byLetters: ReadonlyMap<string, readonly string[]> | null = null;

  /** @param often how often the phrasebook writes each word */
  constructor(private readonly often: ReadonlyMap<string, number>) {
    for (const [stem, count] of this.told()) {
      const heard = sound(stem);
      if (count > this.countOf(this.bySound.get(heard) ?? '')) this.bySound.set(heard, stem);
      const bare = skeletonOf(stem);
      if (stem.length > 3 && count > this.countOf(this.bySkeleton.get(bare) ?? '')) this.bySkeleton.set(bare, stem);
    }
  }

  /** A rare word that sounds like a common one is a way of spelling it: the phrasebook holds misspellings too. */
  commoner(stem: string): string {
    return stem.length < 4 ? stem : getOrCreate(this.commonest, stem, () => this.heardAs(stem));
  }

  private heardAs(stem: string): string {
    const heard = this.bySound.get(sound(stem));
    if (heard === undefined) return stem;
    // Long words that sound the same are the same Sanskrit: "ushtrasana" and "ustrasana".
    if (stem.length >= LONG) return heard;
    return this.countOf(stem) <= RARE && this.countOf(heard) >= COMMON ? heard : stem;
  }

  /** The words of the phrasebook that a word it does not hold stands for: misspelt, cut short or run together. */
  private spell(stem: string): readonly string[] {
    const known = this.spelled.get(stem);
    if (known) return known;
    // A memory of words, not of texts; it is emptied when a text of nonsense fills it.
    if (this.spelled.size > 20_000) this.spelled.clear();
    const found = this.guess(stem);
    this.spelled.set(stem, found);
    return found;
  }

  private guess(stem: string): readonly string[] {
    if (stem.length < 4 || stem.length > 30 || /\d/.test(stem)) return [];
    // A letter typed twice: "beend" is no "bind", though it sounds so.
    const once = stem.replace(/(\p{L})\1/gu, '$1');
    if (once !== stem && this.countOf(once) > 0) return [once];
    // Written without vowels: "brth".
    const full = stem === skeletonOf(stem) ? this.bySkeleton.get(stem) : undefined;
    if (full !== undefined) return [full];
    const heard = this.bySound.get(sound(stem));
    if (heard !== undefined) return [heard];
    // Two words run together: "catcow".
    for (let cut = 3; cut <= stem.length - 3; cut++) {
      const a = stemOf(stem.slice(0, cut));
      if (this.countOf(a) < RUN_TOGETHER) continue;
      const b = stemOf(stem.slice(cut));
      if (this.countOf(b) >= RUN_TOGETHER) return [a, b];
    }
    const most = stem.length >= 8 ? 2 : 1;
    const shared = new Map<string, number>();
    for (const key of lettersOf(stem)) for (const other of this.like(key)) shared.set(other, (shared.get(other) ?? 0) + 1);
    let best: { stem: string; distance: number } | null = null;
    for (const [other, count] of shared) {
      if ((count < 2 && stem.length > 9) || this.countOf(other) < 2) continue;
      const letters = editDistance(stem, other, most);
      // The first letter is seldom the wrong one: "urdha" is "urdhva" rather than "ardha".
      const distance = letters + (other[0] === stem[0] ? 0 : 0.5);
      if (
        letters <= most &&
        (!best || distance < best.distance || (distance === best.distance && this.countOf(other) > this.countOf(best.stem)))
      )
        best = { stem: other, distance };
    }
    if (best) return [best.stem];
    // Cut short: "parsvakon".
    return stem.length < 5 ? [] : this.longer(stem);
  }

  /** The commonest word that begins so, if any. */
  private longer(stem: string): readonly string[] {
    const longer = this.like(`^${stem.slice(0, 3)}`).filter((other) => other.startsWith(stem));
    return longer.sort((a, b) => this.countOf(b) - this.countOf(a)).slice(0, 1);
  }

  /** The word that a word with a full stop behind it stands for: "padm." is no misspelt palm. */
  private cutShort(stem: string): readonly string[] {
    const longer = stem.length < 4 ? [] : this.longer(stem);
    return longer.length > 0 ? longer : this.spell(stem);
  }

  private countOf(stem: string): number {
    return this.often.get(stem) ?? 0;
  }

  /** The first words of a text, as the phrasebook writes them. */
  corrected(text: string): Corrected {
    const raw = rawWords(text).slice(0, MOST_WORDS);
    const found: Word[] = [];
    let guessed = 0;
    for (let i = 0; i < raw.length; i++) {
      const word = raw[i]!;
      const next = raw[i + 1];
      const count = this.countOf(word.stem);
      // "bal asana", "rag doll": one word written as two.
      if (next && word.stem.length + next.stem.length >= 6) {
        const together = stemOf(word.stem + next.stem);
        if (this.countOf(together) >= 2 && (count === 0 || this.countOf(next.stem) === 0)) {
          found.push({ stem: together, from: word.from, to: next.to });
          i++;
          continue;
        }
      }
      if (count > 0) found.push({ ...word, stem: this.commoner(word.stem) });
      else {
        const meant = text[word.to] === '.' ? this.cutShort(word.stem) : this.spell(word.stem);
        if (meant.length === 0) found.push(word);
        else for (const stem of meant) found.push({ ...word, stem: this.commoner(stem) });
        if (meant.length > 0 && sound(meant[0]!) !== sound(word.stem)) guessed++;
      }
    }
    return { found: joined(found), guessed };
  }

  /** Words that are long enough to tell something by how they sound and look. */
  private told(): [stem: string, count: number][] {
    return [...this.often].filter(([stem]) => stem.length >= 3 && !/\d/.test(stem));
  }

  /** The phrasebook's words by their runs of letters; made when the first word is met that isn't known by ear. */
  private like(letters: string): readonly string[] {
    return (this.byLetters ??= this.lettered()).get(letters) ?? [];
  }

  private lettered(): ReadonlyMap<string, readonly string[]> {
    const lettered = new Map<string, string[]>();
    for (const [stem] of this.told()) for (const letters of lettersOf(stem)) getOrCreate(lettered, letters, () => []).push(stem);
    return lettered;
  }
}
