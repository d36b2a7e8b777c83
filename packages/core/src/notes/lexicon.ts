import { isForChildren, type Asana, type Library } from '../asanas/library.js';
import { getKnown, getOrCreate } from '../get-or-create.js';
import { PHRASEBOOK } from './phrasebook/all.js';
import { HEADING_PHRASES, LACKING_PHRASES, NOTE_PHRASES, REPEAT_PHRASES, WAY_PHRASES } from './phrasebook/lines.js';
import { WORD_TABLE } from './word-table.js';
import { WordModel } from './word-model.js';
import { Spelling } from './spelling.js';
import { joined, plain, rawWords, RUN_STEMS, sound, type Word } from './words.js';

/** What a phrase means. */
export type Meaning =
  | { readonly kind: 'asana'; readonly asana: Asana; readonly variation: string | null }
  | { readonly kind: 'way'; readonly way: keyof typeof WAY_PHRASES }
  | { readonly kind: 'repeat' | 'heading' | 'note' | 'lacking' };

/** A way of writing something, ready to be compared. */
interface Phrase {
  readonly meaning: number;
  readonly words: readonly number[];
  /** Telling weight of all its words and pairs. */
  readonly weight: number;
  /** Where it is right only in some surrounding. */
  readonly tags: readonly string[];
  readonly ambiguous: boolean;
  /** A name of the library itself. */
  readonly name: boolean;
  /** As it is written, without its marks. */
  readonly text: string;
}

/** How well the lexicon's best phrase for one meaning agrees with a line, each share 0 to 1. */
export interface Agreement {
  readonly meaning: Meaning;
  /** Agreement of the best phrase, weighted by how much its words tell; 1 for the same words. */
  readonly best: number;
  /** Share of the line that the best phrase explains. */
  readonly explained: number;
  /** Share of the best phrase that the line holds. */
  readonly held: number;
  /** Share of the line that any phrase for this meaning, or for this asana, explains. */
  readonly covered: number;
  /** Weight of the most telling word that nothing for this meaning explains. */
  readonly leftover: number;
  /** Weight of the most telling word that the best phrase doesn't hold. */
  readonly unheld: number;
  /** Share of all that is written with these words that means this, weighted by how much they tell. */
  readonly owned: number;
  /** Log-odds of all words, against a line of no such meaning. */
  readonly odds: number;
  /** Log of the share that the word model gives to this meaning. */
  readonly likely: number;
  readonly exact: boolean;
  readonly ambiguous: boolean;
  readonly name: boolean;
  readonly tags: readonly string[];
}

interface VariationWords {
  readonly words: Map<number, number>;
  /** The words of each of its phrases. */
  readonly phrases: (readonly number[])[];
  readonly name: ReadonlySet<number>;
}

/** How often the phrases of one asana hold each word. */
interface AsanaWords {
  /** The words of its own names: they tell no variation. */
  readonly names: ReadonlySet<number>;
  readonly plain: Map<number, number>;
  phrases: number;
  readonly variations: Map<string, VariationWords>;
}

/** A line's words as the lexicon knows them. */
export interface Query {
  /** Numbers of known words; -1 for a word that no phrase holds. */
  readonly words: readonly number[];
  readonly known: number;
  /** How many are known only as a misspelling of another word. */
  readonly guessed: number;
  readonly places: readonly Word[];
}

const PAIR_WEIGHT = 0.5;
/** Counted words of the whole lexicon that every class is smoothed with. */
const SMOOTHING = 12;

function phrasesOf(text: string): string[] {
  return text
    .split(';')
    .map((phrase) => phrase.trim())
    .filter((phrase) => phrase !== '');
}

/** A phrase without its marks, and the marks. */
function marksOf(phrase: string): { text: string; tags: string[]; ambiguous: boolean } {
  const tags = [...phrase.matchAll(/\s@([a-z-]+)/g)].map((found) => found[1]!);
  const bare = phrase.replace(/\s@[a-z-]+/g, '');
  return { text: bare.replace(/\s\?\s*$/, ''), tags, ambiguous: /\s\?\s*$/.test(bare) };
}

/** Names of an asana in the library itself. */
export function namesOf(asana: Asana): string[] {
  // A bracketed addition of the Sanskrit name is our own mark: the bare name is that of another asana.
  const iast = asana.iast && !asana.iast.includes('(') ? [asana.iast] : [];
  return [asana.name, asana.id.replaceAll('-', ' '), ...asana.names, ...iast];
}

/** Whose a name is where several asanas bear it: theirs whose id it is, then whose first name, then grown-ups', then the first. */
function ownersOf(library: Library): Map<string, Asana> {
  const owners = new Map<string, { asana: Asana; claim: number }>();
  for (const asana of library.asanas) {
    const [own, called] = [sound(asana.id), plain(asana.name)];
    for (const name of namesOf(asana).map(plain)) {
      const first = called === name ? 2 : 0;
      const claim = (own === sound(name) ? 4 : 0) + first + (isForChildren(asana) ? 0 : 1);
      if (claim > (owners.get(name)?.claim ?? -1)) owners.set(name, { asana, claim });
    }
  }
  return new Map([...owners].map(([name, { asana }]) => [name, asana]));
}

/** The classes that hold each word, one word's after the other's, how much it speaks for each, and where those of each word begin. */
interface WordClasses {
  readonly classes: Int32Array;
  readonly speaks: Float64Array;
  /** One more for the end. */
  readonly from: Int32Array;
}

/** Sanskrit in the letters of English: "nāḍī śodhana" is written "nadi shodhana". */
function asTeachersSpell(iast: string): string {
  return iast
    .replace(/[śṣ]/g, 'sh')
    .replace(/ṛ/g, 'ri')
    .replace(/c(?!h)/g, 'ch');
}

/** What the name of a variation says it is not. */
const NOT_THIS = /-(?:instead-of|not|no|without)-.*$/;
/** Movements that make another posture of one that has none of them. */
const MOVEMENTS = 'twist circle swing kick bound revolved';
/** Words that tell no variation by themselves. */
const LIMBS = 'arms legs hands head only just';
/** Said of one thing they deny each other. */
const OPPOSITES = ['open closed', 'bent straight', 'high low', 'wide together', 'arm leg', 'head hand', 'forward back', 'between under'];

export class Lexicon {
  readonly meanings: Meaning[] = [];
  private readonly phrases: Phrase[] = [];
  private readonly numbers = new Map<string, number>();
  /** Whether a number is that of a pair of neighbours. */
  private readonly arePairs: boolean[] = [];
  private readonly spelling: Spelling;
  /** Phrases that hold a word or a pair of words, those of each number together; and where those of each begin. */
  private readonly holders: Int32Array;
  private readonly holdersFrom: Int32Array;
  private readonly scores: Float64Array;
  /** The phrases that a line touches, as many as it does. */
  private readonly touched: Int32Array;
  private readonly bestScores: Float64Array;
  private readonly bestPhrases: Int32Array;
  private readonly classScores: Float64Array;
  private readonly classMeanings: Int32Array;
  private readonly meaningOf: Int32Array;
  /** What the score of each phrase counts: less for a long one and for an ambiguous one. */
  private readonly worths: Float64Array;
  /** The kinds of class that each phrase is right in, a bit each; 0 for all of them. */
  private readonly tagBits: Int32Array;
  private readonly tagNumbers = new Map<string, number>();
  /** Of each class: log odds of a word that it doesn't hold. */
  private readonly shortness: Float64Array;
  /** Pairs of neighbours by the numbers of both. */
  private readonly pairs = new Map<number, number>();
  /** How telling a word is: rare among meanings is much. */
  private readonly weights: Float64Array;
  /** Classes for the odds: an asana with all its variations, or a kind of line. */
  private readonly classes: string[] = [];
  private readonly classNumbers = new Map<string, number>();
  private readonly classOf: number[] = [];
  private readonly classWords: Map<number, number>[] = [];
  private readonly classTotals: number[] = [];
  private readonly wordClasses: WordClasses;
  private readonly oddsOf: Float64Array;
  /** The number of each class among the word model's answers, -1 where it has none. */
  private readonly modelNumbers: Int32Array;
  /** Of each class that a line's words speak for: the log of its share in the word model, and how much all evidence is worth. */
  private readonly likely: Float64Array;
  private readonly classWorths: Float64Array;
  private readonly wordTotals = new Map<number, number>();
  private total = 0;
  /** Words that tell no variation. */
  private readonly small: ReadonlySet<number>;
  private readonly things: ReadonlySet<number>;
  private readonly limbs: ReadonlySet<number>;
  private readonly furniture: ReadonlySet<number>;
  private readonly movements: ReadonlySet<number>;
  /** A phrase with one of these is said only by a line with one. */
  private readonly negations: ReadonlySet<number>;
  /** Words that deny each other, both ways round. */
  private readonly opposites: readonly (readonly number[])[];
  /** How each asana's plain way and variations are written, for telling them apart. */
  private readonly groups = new Map<string, AsanaWords>();
  /** What a line was found to ask of each asana, and whether it says a variation: a line is asked again with every key. */
  private readonly variations = new WeakMap<Query, Map<string, string | null>>();
  private readonly saids = new WeakMap<Query, Map<string, boolean>>();
  /** The words of each asana's name, as the library says it. */
  private readonly ownNames = new Map<string, string>();

  constructor(
    readonly library: Library,
    private readonly model = new WordModel(library, WORD_TABLE),
  ) {
    const meaningOf = new Map<string, number>();
    // Before words that mean the same are joined.
    const often = new Map<string, number>();
    const written: (Omit<Phrase, 'words' | 'weight'> & { readonly raw: readonly Word[] })[] = [];
    const add = (key: string, make: () => Meaning, text: string, name = false) => {
      const { text: bare, tags, ambiguous } = marksOf(text);
      let meaning = meaningOf.get(key);
      if (meaning === undefined) {
        meaningOf.set(key, (meaning = this.meanings.length));
        this.meanings.push(make());
      }
      const raw = rawWords(bare);
      for (const { stem } of raw) often.set(stem, (often.get(stem) ?? 0) + 1);
      written.push({ meaning, raw, tags, ambiguous, name, text: bare });
    };
    const asanaKey = (id: string, variation: string | null) => `${id}/${variation ?? ''}`;
    const ofAsana = (asana: Asana, variation: string | null, text: string, name = false) =>
      add(asanaKey(asana.id, variation), () => ({ kind: 'asana', asana, variation }), text, name);
    const owners = ownersOf(library);
    for (const asana of library.asanas) {
      for (const name of namesOf(asana)) if (owners.get(plain(name)) === asana) ofAsana(asana, null, name, true);
      ofAsana(asana, null, `${asana.kids} @kids`);
      const ids = new Set([...asana.variations.map(({ id }) => id), ...asana.listVariations.map(({ id }) => id)]);
      for (const id of ids) if (id !== 'plain') ofAsana(asana, id, `${asana.name} ${id.replaceAll('-', ' ')}`);
      for (const [variation, texts] of Object.entries(PHRASEBOOK[asana.id] ?? {}))
        for (const text of phrasesOf(texts)) {
          if (variation !== 'not') ofAsana(asana, variation === 'plain' ? null : variation, text);
          else {
            const [phrase, id] = text.split(' = ') as [string, string];
            const meant = library.find(id);
            if (meant) ofAsana(meant, null, `${phrase} ?`);
            else add('lacking', () => ({ kind: 'lacking' }), phrase);
          }
        }
    }
    // What teachers write and this library lacks is known as that, so that it is not taken for something near.
    for (const [id, ways] of Object.entries(PHRASEBOOK))
      if (!library.find(id))
        for (const [variation, texts] of Object.entries(ways))
          if (variation !== 'not') for (const text of phrasesOf(texts)) add(`lacking/${id}`, () => ({ kind: 'lacking' }), text);
    for (const [way, texts] of Object.entries(WAY_PHRASES))
      for (const text of phrasesOf(texts)) add(`way/${way}`, () => ({ kind: 'way', way: way as keyof typeof WAY_PHRASES }), text);
    for (const [kind, texts] of [
      ['repeat', REPEAT_PHRASES],
      ['heading', HEADING_PHRASES],
      ['note', NOTE_PHRASES],
      ['lacking', LACKING_PHRASES],
    ] as const)
      for (const text of phrasesOf(texts)) add(kind, () => ({ kind }), text);
    for (const stem of RUN_STEMS) often.set(stem, often.get(stem) ?? 1);
    this.spelling = new Spelling(often);
    for (const { raw, ...phrase } of written) {
      const words = this.numbered(raw);
      if (words.length > 0) this.phrases.push({ ...phrase, words, weight: 0 });
    }
    this.small = new Set(this.known(SMALL_WORDS));
    this.things = new Set(this.known(THINGS));
    this.limbs = new Set(this.known(LIMBS));
    this.furniture = new Set(this.known(FURNITURE));
    this.movements = new Set(this.known(MOVEMENTS));
    this.negations = new Set(this.known('no not without'));
    this.opposites = OPPOSITES.map((pair) => this.known(pair)).flatMap((pair) => [pair, [...pair].reverse()]);
    this.classify();
    ({ holders: this.holders, from: this.holdersFrom } = holdersOf(this.phrases, this.arePairs.length));
    this.weights = this.weigh();
    this.wordClasses = this.count();
    this.oddsOf = new Float64Array(this.classes.length);
    this.modelNumbers = Int32Array.from(this.classes, (name) => this.model.numberOf(name));
    this.likely = new Float64Array(this.classes.length);
    this.classWorths = new Float64Array(this.classes.length);
    this.scores = new Float64Array(this.phrases.length);
    this.touched = new Int32Array(this.phrases.length);
    this.bestScores = new Float64Array(this.meanings.length);
    this.bestPhrases = new Int32Array(this.meanings.length);
    this.classScores = new Float64Array(this.classes.length);
    this.classMeanings = new Int32Array(this.classes.length);
    this.meaningOf = Int32Array.from(this.phrases, ({ meaning }) => meaning);
    this.worths = Float64Array.from(this.phrases, ({ weight, ambiguous }) => (ambiguous ? AMBIGUOUS : 1) / Math.sqrt(weight));
    for (const tag of this.phrases.flatMap(({ tags }) => tags)) getOrCreate(this.tagNumbers, tag, () => this.tagNumbers.size);
    this.tagBits = Int32Array.from(this.phrases, ({ tags }) => this.bitsOf(tags));
    this.shortness = Float64Array.from(this.classTotals, (total) => Math.log(SMOOTHING / (total + SMOOTHING)));
  }

  private bitsOf(tags: Iterable<string>): number {
    let bits = 0;
    for (const tag of tags) {
      const number = this.tagNumbers.get(tag);
      if (number !== undefined) bits |= 1 << number;
    }
    return bits;
  }

  private number(stem: string): number {
    return getOrCreate(this.numbers, stem, () => this.newNumber(false));
  }

  private newNumber(isPair: boolean): number {
    return this.arePairs.push(isPair) - 1;
  }

  /** Words and pairs of neighbours as numbers; a word counts once. */
  private numbered(raw: readonly Word[]): number[] {
    const words = joined(raw.map((word) => ({ ...word, stem: this.spelling.commoner(word.stem) }))).map(({ stem }) => stem);
    const numbers = words.map((word) => this.number(word));
    const pairs = numbers.slice(1).map((number, i) => getOrCreate(this.pairs, pairKey(numbers[i]!, number), () => this.newNumber(true)));
    return [...new Set([...numbers, ...pairs])];
  }

  /** The number of two neighbours, -1 where no phrase holds them together. */
  private pairOf(one: number, next: number): number {
    return one < 0 || next < 0 ? -1 : (this.pairs.get(pairKey(one, next)) ?? -1);
  }

  private weigh(): Float64Array {
    const { holders, holdersFrom } = this;
    const spoken = new Set(this.phrases.map(({ meaning }) => this.classOf[meaning]!)).size;
    // The word for which each class was counted last.
    const counted = new Int32Array(this.classes.length).fill(-1);
    const weights = Float64Array.from(this.arePairs, (isPair, word) => {
      let among = 0;
      for (let k = holdersFrom[word]!; k < holdersFrom[word + 1]!; k++) {
        const group = this.classOf[this.phrases[holders[k]!]!.meaning]!;
        if (counted[group] !== word) among++;
        counted[group] = word;
      }
      return Math.log(1 + spoken / among) * (isPair ? PAIR_WEIGHT : 1);
    });
    this.phrases.forEach((phrase, i) => {
      this.phrases[i] = { ...phrase, weight: phrase.words.reduce((sum, word) => sum + weights[word]!, 0) };
    });
    return weights;
  }

  private groupOf(meaning: number): string {
    const meant = this.meanings[meaning]!;
    return meant.kind === 'asana' ? meant.asana.id : meant.kind;
  }

  private classify(): void {
    for (let i = 0; i < this.meanings.length; i++) {
      const group = this.groupOf(i);
      const number = getOrCreate(this.classNumbers, group, () => {
        this.classWords.push(new Map());
        this.classTotals.push(0);
        return this.classes.push(group) - 1;
      });
      this.classOf.push(number);
    }
  }

  /** Counts the words of each class and of each variation. */
  private count(): WordClasses {
    for (const { meaning, words } of this.phrases) {
      const meant = this.meanings[meaning]!;
      if (meant.kind === 'asana') this.countVariation(meant.asana, meant.variation, words);
      const group = this.classOf[meaning]!;
      for (const word of words) {
        if (this.arePairs[word]) continue;
        this.classWords[group]!.set(word, (this.classWords[group]!.get(word) ?? 0) + 1);
        this.classTotals[group]! += 1;
        this.wordTotals.set(word, (this.wordTotals.get(word) ?? 0) + 1);
        this.total++;
      }
    }
    // Pairs of words are not counted by class.
    const classesOf = this.arePairs.map((): number[] => []);
    this.classWords.forEach((words, group) => {
      for (const word of words.keys()) classesOf[word]!.push(group);
    });
    const from = new Int32Array(classesOf.length + 1);
    classesOf.forEach(({ length }, word) => (from[word + 1] = from[word]! + length));
    const speaks = classesOf.flatMap((classes, word) => {
      const background = (this.wordTotals.get(word) ?? 1) / this.total;
      return classes.map((group) => Math.log(1 + getKnown(this.classWords[group]!, word) / (SMOOTHING * background)));
    });
    return { classes: Int32Array.from(classesOf.flat()), speaks: Float64Array.from(speaks), from };
  }

  private countVariation(asana: Asana, variation: string | null, words: readonly number[]): void {
    const group = getOrCreate(this.groups, asana.id, () => ({
      names: new Set([asana.name, asana.iast ?? '', asTeachersSpell(asana.iast ?? '')].flatMap((name) => this.query(name).words)),
      plain: new Map(),
      phrases: 0,
      variations: new Map(),
    }));
    let into = group.plain;
    if (variation === null) group.phrases++;
    else {
      const own = getOrCreate(group.variations, variation, () => ({
        words: new Map(),
        phrases: [],
        name: new Set(this.known(variation.replace(NOT_THIS, '').replaceAll('-', ' '))),
      }));
      own.phrases.push(words.filter((word) => !this.arePairs[word]));
      into = own.words;
    }
    for (const word of words) if (!this.arePairs[word]) into.set(word, (into.get(word) ?? 0) + 1);
  }

  private known(text: string): number[] {
    return joined(rawWords(text)).flatMap(({ stem }) => this.numbers.get(stem) ?? []);
  }

  /** The words of a text as numbers; -1 for one that nothing holds or sounds like. */
  query(text: string): Query {
    const { found, guessed } = this.spelling.corrected(text);
    const words = found.map(({ stem }) => this.numbers.get(stem) ?? -1);
    return { words, known: words.filter((word) => word >= 0).length, guessed, places: found };
  }

  /** What words mean by themselves: the meaning that agrees best, if any. */
  meaningsOf(text: string, surrounding: ReadonlySet<string>): Agreement[] {
    return this.agreements(this.query(text), 1, surrounding);
  }

  /** How telling a word is; one that no phrase holds tells as much as the rarest. */
  weight(word: number): number {
    return word < 0 ? UNKNOWN_WEIGHT : this.weights[word]!;
  }

  /** The variation of an asana that a line's words ask for, or `null` for the plain way. */
  variation(query: Query, asana: Asana): string | null {
    const known = getOrCreate(this.variations, query, () => new Map<string, string | null>());
    return getOrCreate(known, asana.id, () => this.findVariation(query, asana));
  }

  private findVariation({ words }: Query, asana: Asana): string | null {
    const group = this.groups.get(asana.id);
    if (!group) return null;
    const single = this.tellingIn(words);
    let best: { variation: string; score: number } | null = null;
    for (const [variation, own] of group.variations) {
      if (this.denies(words, own.name) || !this.hasThing(own, single)) continue;
      let score = 0;
      for (const word of single) {
        const often = own.words.get(word);
        if (often !== undefined && isTelling(group, word)) score += this.weight(word) * Math.min(1, (1.5 * often) / own.phrases.length);
      }
      // The words of its very name.
      for (const word of single) if (own.name.has(word) && !group.plain.has(word)) score += this.weight(word) * 0.4;
      if (score <= WHOLE_PHRASE_LEAD || (best && score <= best.score)) continue;
      if (this.saidOf(group, own, single) >= (score > VARIATION_LEAD ? MOSTLY_SAID : WHOLLY_SAID)) best = { variation, score };
    }
    return best?.variation ?? null;
  }

  /** Whether a line says enough for a variation that some phrase speaks for: "hands on blocks" is not yet the head on a block. */
  saysVariation(query: Query, asana: Asana, variation: string): boolean {
    const known = getOrCreate(this.saids, query, () => new Map<string, boolean>());
    return getOrCreate(known, `${asana.id}/${variation}`, () => {
      const group = this.groups.get(asana.id);
      const own = group?.variations.get(variation);
      if (!group || !own) return false;
      const words = this.tellingIn(query.words);
      return this.hasThing(own, words) && this.saidOf(group, own, words) >= MOSTLY_SAID;
    });
  }

  /**
   * Whether a line names some thing where every phrase for a variation does: without one, no foot is on a seat. Nor is the
   * head on a seat where it is said to be on a bolster.
   */
  private hasThing({ phrases, name }: VariationWords, words: ReadonlySet<number>): boolean {
    const isThing = (word: number) => this.things.has(word);
    const said = [...words].filter(isThing);
    if (said.length === 0) return !phrases.every((phrase) => phrase.some(isThing));
    const isFurnished = [...name].some((word) => this.furniture.has(word));
    return !isFurnished || said.some((word) => this.furniture.has(word) || name.has(word));
  }

  private tellingIn(words: readonly number[]): Set<number> {
    return new Set(words.filter((word) => word >= 0 && !this.small.has(word)));
  }

  /** How much of what tells it from the plain way some phrase for a variation has among the words of a line, 0 to 1. */
  private saidOf(group: AsanaWords, { phrases }: VariationWords, words: ReadonlySet<number>): number {
    const sum = (of: readonly number[]) => of.reduce((whole, word) => whole + this.weight(word), 0);
    const isNegated = [...this.negations].some((word) => words.has(word));
    const shares = phrases.map((phrase) => {
      if (!isNegated && phrase.some((word) => this.negations.has(word))) return 0;
      const own = phrase.filter((word) => !this.small.has(word));
      const telling = own.filter((word) => isTelling(group, word));
      if (telling.length === 0) return 0;
      // Arms by themselves tell nothing: of "superman arms" both words have to be there.
      if (telling.every((word) => this.limbs.has(word))) return own.every((word) => words.has(word)) ? 1 : 0;
      return sum(telling.filter((word) => words.has(word))) / sum(telling);
    });
    return Math.max(0, ...shares);
  }

  /** Whether a line speaks of a turn, a circle or a swing, and no phrase for the asana does. */
  saysOtherMovement({ words }: Query, asana: Asana): boolean {
    return words.some((word) => this.movements.has(word) && !this.holdsWord(asana, word));
  }

  /** The number of an asana's class, -1 where no phrase means it. */
  private classOfId(asana: string): number {
    return this.classNumbers.get(asana) ?? -1;
  }

  /** Whether phrases for an asana hold a word of a line. */
  holdsWord(asana: Asana, word: number): boolean {
    return this.classWords[this.classOfId(asana.id)]?.has(word) ?? false;
  }

  /** Whether a line names what stands in a room ("at the wall or chair"), and no phrase for the asana's plain way does. */
  saysOtherFurniture({ words }: Query, asana: Asana): boolean {
    const plainWords = this.groups.get(asana.id)?.plain;
    return words.some((word) => this.furniture.has(word) && !plainWords?.has(word));
  }

  /** Whether phrases for an asana hold each of some words. */
  holds(asana: Asana, words: string): boolean {
    return this.known(words).every((word) => this.holdsWord(asana, word));
  }

  /** Whether a line is, word for word, what the library calls an asana. */
  isOwnName({ words }: Pick<Query, 'words'>, asana: Asana): boolean {
    return getOrCreate(this.ownNames, asana.id, () => this.query(asana.name).words.join()) === words.join();
  }

  /** Whether a line says the opposite of a variation: "eyes open" is not done with closed eyes. */
  deniesVariation({ words }: Query, asana: Asana, variation: string): boolean {
    const vocabulary = this.groups.get(asana.id)?.variations.get(variation);
    return vocabulary !== undefined && this.denies(words, vocabulary.name);
  }

  private denies(words: readonly number[], name: ReadonlySet<number>): boolean {
    return this.opposites.some(
      ([one = -1, other = -1]) => name.has(other) && !name.has(one) && words.includes(one) && !words.includes(other),
    );
  }

  /** All phrases in their order, each with the id of its asana or its kind of line. */
  allPhrases(): { readonly text: string; readonly meaning: string; readonly tags: readonly string[]; readonly ambiguous: boolean }[] {
    return this.phrases.map(({ meaning, text, tags, ambiguous }) => ({ text, meaning: this.groupOf(meaning), tags, ambiguous }));
  }

  /** The phrases for an asana, as they are written, with their numbers. */
  phrasesFor(asana: string): { readonly phrase: number; readonly text: string; readonly tags: readonly string[] }[] {
    return this.phrases.flatMap(({ meaning, text, tags }, phrase) => {
      const meant = this.meanings[meaning]!;
      return meant.kind === 'asana' && meant.asana.id === asana ? [{ phrase, text, tags }] : [];
    });
  }

  /** Words and pairs of neighbours that phrases hold, the telling ones first, with what the words and all of them weigh. */
  private termsOf(words: readonly number[], single: readonly number[]): { terms: number[]; weight: number; wholeWeight: number } {
    const pairs = new Set<number>();
    for (let i = 1; i < words.length; i++) {
      const pair = this.pairOf(words[i - 1]!, words[i]!);
      if (pair >= 0) pairs.add(pair);
    }
    let weight = 0;
    for (const word of single) weight += this.weight(word);
    let wholeWeight = weight;
    for (const pair of pairs) wholeWeight += this.weights[pair]!;
    const terms = [...single.filter((word) => word >= 0), ...pairs];
    terms.sort((x, y) => this.weights[y]! - this.weights[x]!);
    return { terms, weight, wholeWeight };
  }

  /** Gives each phrase that holds some of the terms its score; returns how many there are, listed in `touched`. */
  private scorePhrases(terms: readonly number[], without: number): number {
    const { scores, touched, holders, holdersFrom, weights } = this;
    let count = 0;
    for (const word of terms) {
      const telling = weights[word]!;
      for (let k = holdersFrom[word]!, end = holdersFrom[word + 1]!; k < end; k++) {
        const phrase = holders[k]!;
        const score = scores[phrase]!;
        if (score === 0) {
          // What the telling words don't find, a common one needn't.
          if (count > MOST_TOUCHED || phrase === without) continue;
          touched[count++] = phrase;
        }
        scores[phrase] = score + telling;
      }
    }
    return count;
  }

  /** Keeps the best phrase of each meaning and the best meaning of each class; lists those that some phrase speaks for. */
  private keepBest(count: number, rootWhole: number, surrounding: ReadonlySet<string>): { meant: number[]; groups: number[] } {
    const { scores, touched, worths, tagBits, meaningOf, bestScores, bestPhrases, classOf, classScores, classMeanings } = this;
    const around = this.bitsOf(surrounding);
    const meant: number[] = [];
    for (let k = 0; k < count; k++) {
      const phrase = touched[k]!;
      const meaning = meaningOf[phrase]!;
      let score = (scores[phrase]! * worths[phrase]!) / rootWhole;
      const tags = tagBits[phrase]!;
      if (tags !== 0 && (tags & around) === 0) score *= TAG_MISFIT;
      const best = bestScores[meaning]!;
      if (best === 0) meant.push(meaning);
      if (score > best) {
        bestScores[meaning] = score;
        bestPhrases[meaning] = phrase;
      }
    }
    const groups: number[] = [];
    for (const meaning of meant) {
      const group = classOf[meaning]!;
      if (classScores[group] === 0) groups.push(group);
      if (bestScores[meaning]! > classScores[group]!) {
        classScores[group] = bestScores[meaning]!;
        classMeanings[group] = meaning;
      }
    }
    return { meant, groups };
  }

  /** Log odds of the words for each class, in `oddsOf`. */
  private weighOdds(single: readonly number[], groups: readonly number[]): Float64Array {
    const odds = this.oddsOf.fill(0);
    const { classes, speaks, from } = this.wordClasses;
    for (const word of single) {
      if (word < 0) continue;
      for (let k = from[word]!, end = from[word + 1]!; k < end; k++) odds[classes[k]!]! += speaks[k]!;
    }
    for (const group of groups) odds[group]! += single.length * this.shortness[group]!;
    return odds;
  }

  /**
   * The meanings that agree best with a line, the likeliest first; at most one for each asana and kind.
   * `without` leaves one phrase out, as if nobody had written it down: how the fit learns from phrases. `also` is the id
   * of an asana that is answered with wherever some word speaks for it, however likely.
   */
  agreements({ words, places }: Query, most: number, surrounding: ReadonlySet<string>, without = -1, also?: string): Agreement[] {
    const left =
      without < 0 ? null : { group: this.classOf[this.phrases[without]!.meaning]!, words: new Set(this.phrases[without]!.words) };
    const countIn = (group: number, word: number) =>
      (this.classWords[group]!.get(word) ?? 0) - (left?.group === group && left.words.has(word) ? 1 : 0);
    const single = [...new Set(words)];
    const { terms, weight, wholeWeight } = this.termsOf(words, single);
    const count = this.scorePhrases(terms, without);
    const { meant, groups } = this.keepBest(count, Math.sqrt(wholeWeight), surrounding);
    const odds = this.weighOdds(single, groups);
    if (left)
      for (const word of single)
        if (word >= 0 && left.words.has(word)) {
          const background = SMOOTHING * ((this.wordTotals.get(word) ?? 1) / this.total);
          odds[left.group]! +=
            Math.log(1 + countIn(left.group, word) / background) - Math.log(1 + (countIn(left.group, word) + 1) / background);
        }
    const { scores, touched, bestScores, bestPhrases, classScores, classMeanings } = this;
    const shares = this.model.logShares(
      places.map(({ stem }) => stem),
      surrounding,
    );
    const { likely, classWorths, modelNumbers } = this;
    for (const group of groups) {
      const number = modelNumbers[group]!;
      likely[group] = number < 0 ? UNLIKELY : Math.max(UNLIKELY, shares[number]!);
      classWorths[group] = classScores[group]! * 12 + odds[group]! + 2 * likely[group]!;
    }
    const chosen = likeliest(groups, classWorths, most);
    const asked = also === undefined ? -1 : this.classOfId(also);
    if (groups.includes(asked) && !chosen.includes(asked)) chosen.push(asked);
    const ranked = chosen.map((group) => {
      const meaning = classMeanings[group]!;
      const phrase = bestPhrases[meaning]!;
      return { group, meaning, score: classScores[group]!, match: scores[phrase]!, phrase, odds: odds[group]!, likely: likely[group]! };
    });
    for (const meaning of meant) bestScores[meaning] = 0;
    for (const group of groups) classScores[group] = 0;
    for (let k = 0; k < count; k++) scores[touched[k]!] = 0;
    return ranked.map(({ group, meaning, score, match, phrase, odds: logOdds, likely: logShare }) => {
      const { words: held, weight: whole, tags, ambiguous, name } = this.phrases[phrase]!;
      let [covered, explained, leftover, unheld, owned] = [0, 0, 0, 0, 0];
      for (const word of single) {
        if (word >= 0 && held.includes(word)) explained += this.weight(word);
        else unheld = Math.max(unheld, this.weight(word));
        const count = word < 0 ? 0 : countIn(group, word);
        if (count > 0) {
          covered += this.weight(word);
          owned += (this.weight(word) * count) / getKnown(this.wordTotals, word);
        } else leftover = Math.max(leftover, this.weight(word));
      }
      return {
        meaning: this.meanings[meaning]!, best: score, explained: weight === 0 ? 0 : explained / weight, held: Math.min(1, match / whole),
        covered: weight === 0 ? 0 : covered / weight, leftover, unheld, owned: weight === 0 ? 0 : owned / weight, odds: logOdds, likely: logShare, exact: explained >= weight - 1e-9 && match >= whole - 1e-9 && (tags.length === 0 || tags.some((tag) => surrounding.has(tag))), ambiguous, name, tags,
      }; // prettier-ignore
    });
  }
}

/** The log of a share that is as good as none: of a meaning that no word speaks for. */
export const UNLIKELY = -12;
/** More than there are words and pairs. */
const MOST_NUMBERS = 2 ** 20;
/** What is left of a phrase's agreement where it may mean something else. */
const AMBIGUOUS = 0.97;
/** What is left of a phrase's agreement where it is right in other surroundings only. */
const TAG_MISFIT = 0.5;
/** How much better the words must speak for a variation than for the plain way. */
const VARIATION_LEAD = 1.4;
/** The same where a line says all that some phrase for the variation says. */
const WHOLE_PHRASE_LEAD = 0.7;
/** How much of some phrase for a variation a line has to say; all of it, but for rounding, where they speak for it little. */
const MOSTLY_SAID = 0.5;
const WHOLLY_SAID = 0.999;
/** Small words, what is held, and what is done "with" something tell of anything. */
/** What stands in a room; nothing that is brought to the mat does its work. */
const FURNITURE = 'chair seat stool bench sofa bed table desk wall door rail rope bar';
/** The same, and props. */
const THINGS = `${FURNITURE} block brick book bolster pillow cushion blanket towel rug strap belt band ball wedge sandbag weight stick`;
const SMALL_WORDS = 'hold with on onto to in into at of and or from by for as';
/** A word in so large a share of the plain phrases is the asana's own. */
const PLAIN_SHARE = 0.06;
const UNKNOWN_WEIGHT = 3;
/** So many phrases are weighed at the most that hold some word of a line. */
const MOST_TOUCHED = 1_200;
/** The phrases that hold each number, one number's after the other's, and where those of each begin; one more for the end. */
function holdersOf(phrases: readonly Phrase[], count: number): { readonly holders: Int32Array; readonly from: Int32Array } {
  const from = new Int32Array(count + 1);
  for (const { words } of phrases) for (const word of words) from[word + 1]!++;
  for (let word = 0; word < count; word++) from[word + 1]! += from[word]!;
  const holders = new Int32Array(from[count]!);
  const next = from.slice();
  phrases.forEach(({ words }, i) => {
    for (const word of words) holders[next[word]!++] = i;
  });
  return { holders, from };
}

/** Whether a word tells something of an asana beside its plain way; one that this is written with as well tells nothing. */
function isTelling({ names, plain: often, phrases }: AsanaWords, word: number): boolean {
  return !names.has(word) && (often.get(word) ?? 0) / Math.max(1, phrases) < PLAIN_SHARE;
}

/** Neighbours in whichever order: a twist standing is a standing twist. */
function pairKey(one: number, next: number): number {
  return Math.min(one, next) * MOST_NUMBERS + Math.max(one, next);
}

/** The `most` with the highest worth, the highest first; of equals the one that comes first. */
function likeliest(all: readonly number[], worths: Float64Array, most: number): number[] {
  const found: number[] = [];
  for (const one of all) {
    const worth = worths[one]!;
    if (found.length === most && worth <= worths[found[most - 1]!]!) continue;
    let at = found.length < most ? found.length : most - 1;
    for (; at > 0 && worths[found[at - 1]!]! < worth; at--) found[at] = found[at - 1]!;
    found[at] = one;
  }
  return found;
}
