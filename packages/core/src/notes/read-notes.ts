import type { Library } from '../asanas/library.js';
import { getOrCreate } from '../get-or-create.js';
import { leastRecentlyUsed } from '../lru.js';
import type { Problem } from '../problem.js';
import type { Sequence } from '../sequence/sequence.js';
import { forAudience, type Audience } from './audience.js';
import { followers, weighChain, type Followers } from './chain.js';
import { FEATURES, type LineEvidence } from './evidence.js';
import { checkText, layOut } from './layout.js';
import { Lexicon } from './lexicon.js';
import type { ReadResult } from './read-line.js';
import { evidenceOf, weighLines, type EvidenceOf, type WeighedLine } from './sheet.js';
import { wordKey, type StudioWord } from './studio-words.js';
import { Understanding, type Understood } from './understand.js';
import { WEIGHTS } from './weights.js';
import { rehearsalSheets } from './rehearsal.js';
import { SequenceWriter } from './write-sequence.js';

export interface NotesReader {
  /** Reads a text; `words` are the studio's own. */
  (text: string, words?: readonly StudioWord[], audience?: Audience): ReadResult;
  /** Gets ready in the meantime, bit by bit, so that the first text is read as quickly as the next. */
  rehearse(): Generator<void, void>;
}

/** The evidence of so many lines is remembered: a text is read again with every key that is typed into it. */
const MOST_EVIDENCE = 2_000;

function remembered(evidenceFor: EvidenceOf): EvidenceOf {
  const known = leastRecentlyUsed<string, LineEvidence>(MOST_EVIDENCE);
  return (text, surrounding) => getOrCreate(known, `${[...surrounding].join()}|${text}`, () => evidenceFor(text, surrounding));
}

class Reader {
  private readonly lexicon: Lexicon;
  private readonly follows: Followers;
  private readonly evidenceFor: EvidenceOf;
  private readonly understanding: Understanding;
  private readonly writer: SequenceWriter;
  private readonly weights = Float64Array.from(FEATURES, (feature) => WEIGHTS.features[feature] ?? 0);

  constructor(library: Library) {
    const lexicon = (this.lexicon = new Lexicon(library));
    this.follows = followers(library);
    this.evidenceFor = remembered(evidenceOf(lexicon));
    this.understanding = new Understanding(library, lexicon);
    this.writer = new SequenceWriter(library, lexicon);
  }

  read(raw: string, words: readonly StudioWord[], audience: Audience): ReadResult {
    const text = raw.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
    const wrong = checkText(text);
    if (wrong) return { sequence: null, lines: [], problems: [wrong] };
    const layout = layOut(text);
    const weighed = weighLines(layout.lines, layout.header.place, this.evidenceFor).map((line) => forAudience(line, audience));
    const own = new Map(words.map((word) => [wordKey(word.text), word]));
    const free = weighed.filter(({ heading }) => heading === null);
    return this.writer.write(layout, weighed, this.understand(free, own));
  }

  *rehearse(): Generator<void, void> {
    for (const sheet of rehearsalSheets(this.lexicon.allPhrases().map(({ text }) => text))) yield void this.read(sheet, [], 'anybody');
  }

  private understand(lines: readonly WeighedLine[], own: ReadonlyMap<string, StudioWord>): Map<number, Understood> {
    const { best, likely } = weighChain(
      lines.map(({ readings }) => readings),
      this.weights,
      WEIGHTS.habits,
      this.follows,
    );
    return new Map(lines.map((line, t) => [line.line, this.understanding.of(line, best[t]!, likely[t]!, own)]));
  }
}

/** A reader for a library; make it once, reading is then quick. */
export function notesReader(library: Library): NotesReader {
  let reader: Reader | null = null;
  const made = () => (reader ??= new Reader(library));
  return Object.assign(
    (text: string, words: readonly StudioWord[] = [], audience: Audience = 'anybody') => made().read(text, words, audience),
    { rehearse: () => made().rehearse() },
  );
}

/**
 * The sequence that a text is read as.
 * @throws RangeError with what is wrong with a text that can't be one.
 */
export function understood({
  sequence,
  problems,
}: {
  readonly sequence: Sequence | null;
  readonly problems: readonly Problem[];
}): Sequence {
  if (!sequence) throw new RangeError(problems.map(({ message }) => message).join('; '));
  return sequence;
}
