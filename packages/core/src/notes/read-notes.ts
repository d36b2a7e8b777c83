import type { DoseSpec, StepSpec } from '../asanas/asana.js';
import { doseProblem } from '../sequence/dose.js';
import { isForChildren, type Asana, type Library } from '../asanas/library.js';
import { leastRecentlyUsed } from '../lru.js';
import { getOrCreate } from '../get-or-create.js';
import type { Problem } from '../problem.js';
import type { ReaderNote, Sequence, Step, StepSide, UnknownLine } from '../sequence/sequence.js';
import type { WayId } from '../sequence/ways.js';
import { certaintyOf, isNamed, signsOf } from './certainty.js';
import { followers, leadsTo, weighChain, type Followers } from './chain.js';
import { FEATURES, idOf, repeatsItself, type Hypothesis, type LineEvidence, type Part, type Reading } from './evidence.js';
import { headingOf } from '../sequence/heading.js';
import { Lexicon, type Query } from './lexicon.js';
import { repeated } from './repeats.js';
import { evidenceOf, weighLines, type EvidenceOf, type SheetLine, type WeighedLine } from './sheet.js';
import { wordKey, type StudioWord } from './studio-words.js';
import { surroundingOf } from './surrounding.js';
import { tokensOf, type Span, type Tokens } from './tokens.js';
import { CERTAINTY, WEIGHTS } from './weights.js';
import { plain } from './words.js';

/** More lines than any class has: a text that is longer is something else. */
export const MOST_LINES = 600;
const MOST_LINE_LENGTH = 500;

/** So many names, each to the letter, are a list. */
const LIST_PARTS = 3;
/** From here on a posture is taken as understood: of all lines of a sheet, one in a hundred is then taken wrongly. */
export const SURE = 0.78;
/** How often a line that is a name of the library, to the letter, has meant just that. */
const NAMED = 0.99;
/** How likely such a name has to be among all postures, all around it considered. */
const NAMED_SHARE = 0.35;
/** The same where another posture is likelier: a cow among chairs sits on one. */
const OVERRULED_SHARE = 0.3;
/** No surer than this where a posture that the line names would be dropped, or most of its words are unknown. */
const LEAVING = 0.5;
/** A line is taken as no posture at all where that is likelier than all else together. */
const LIKELY_NO_STEP = 0.5;
const MOST_CANDIDATES = 5;
/** Another meaning that is so likely is mentioned. */
const MENTIONED = 0.1;

export type LineKind = 'step' | 'many' | 'way' | 'repeat' | 'note' | 'heading' | 'ask';

/** A posture as a line names it; the dose and the side are what the words say. */
export interface ReadStep {
  readonly asana: string;
  readonly variation: string | null;
  readonly side: StepSide;
  readonly dose: DoseSpec;
  /** The salutation that it is a part of. */
  readonly of: string | null;
}

export interface Candidate {
  readonly asana: string;
  readonly variation: string | null;
  /** 0 to 1. */
  readonly likely: number;
}

/** How one line was understood. */
export interface ReadLine {
  /** From 1. */
  readonly line: number;
  readonly text: string;
  readonly kind: LineKind;
  /** How sure the reader is, 0 to 1. */
  readonly sure: number;
  readonly steps: readonly ReadStep[];
  /** Other postures that it may be, likeliest first. */
  readonly candidates: readonly Candidate[];
  /** Parts of the text and what each was taken for, in order, by characters. */
  readonly spans: readonly Span[];
  /** Words that tell something and that nothing explains. */
  readonly unread: readonly string[];
  /** The studio's own word that settled it. */
  readonly word: StudioWord | null;
  /** The line as several, one posture each, where it is asked about and may name more than one. */
  readonly apart: readonly string[];
}

export interface ReadNotes {
  readonly sequence: Sequence;
  readonly lines: readonly ReadLine[];
}

export type ReadResult =
  | ({ readonly problems: readonly [] } & ReadNotes)
  | { readonly sequence: null; readonly lines: readonly []; readonly problems: readonly Problem[] };

/** For whom the class is, where that is known: a name that children's postures share with others is theirs, or isn't. */
export type Audience = 'anybody' | 'grown-ups' | 'children';

/** Reads a text; `words` are the studio's own. */
export type NotesReader = (text: string, words?: readonly StudioWord[], audience?: Audience) => ReadResult;

interface Header {
  title: string;
  minutes: number | null;
  room: number | null;
  assists: boolean;
  senses: Sequence['senses'];
  place: string | null;
}
const HEADER_KEYS = new Set(['title', 'minutes', 'room', 'assists', 'senses', 'place']);

function readHeader(key: string, value: string, header: Header): string | null {
  const number = Number.parseFloat(value.replace(',', '.'));
  switch (key) {
    case 'title':
      header.title = value;
      return null;
    case 'minutes':
      if (!(number >= 1 && number <= 240)) return `minutes is "${value}"; expected 1 to 240`;
      header.minutes = number;
      return null;
    case 'room':
      if (!(number >= 5 && number <= 45)) return `room is "${value}"; expected 5 to 45 degrees`;
      header.room = number;
      return null;
    case 'assists':
      if (!/^(yes|no)$/i.test(value.trim())) return `assists is "${value}"; expected yes or no`;
      header.assists = /yes/i.test(value);
      return null;
    case 'senses':
      if (![0, 1, 2, 3].includes(number)) return `senses is "${value}"; expected 0 (quiet) to 3 (gong, loud music or incense)`;
      header.senses = number as 0 | 1 | 2 | 3;
      return null;
    default:
      header.place = value;
      return null;
  }
}

const LOUD = /\b(?:gongs?|singing bowls?|incense|drums?|drumming)\b/i;
const MUSIC = /\bmusic\b/i;
/** What is heard, seen and smelt, where the words of a text tell of it. */
function sensesOf(text: string): Sequence['senses'] {
  return LOUD.test(text) ? 3 : MUSIC.test(text) ? 2 : null;
}

function checkText(text: string): Problem | null {
  if (/[\0\uFFFD]|[\x01-\x08\x0E-\x1F]/.test(text))
    return { field: 'text', message: 'this is no plain text (it holds binary characters); paste the words alone' };
  if (text.trim() === '') return { field: 'text', message: 'the text is empty; write one step a line, as in: cat-cow, 6x' };
  const lines = text.split('\n');
  if (lines.length > MOST_LINES) return { field: 'text', message: `the text has ${lines.length} lines; expected at most ${MOST_LINES}` };
  const long = lines.findIndex((line) => line.length > MOST_LINE_LENGTH);
  if (long < 0) return null;
  return {
    field: `line ${long + 1}`,
    message: `line ${long + 1} has ${lines[long]!.length} characters; expected at most ${MOST_LINE_LENGTH}`,
  };
}

/** So many steps are remembered. */
const MOST_STEPS = 5_000;
const STEPS = leastRecentlyUsed<string, Step>(MOST_STEPS);

/** A step that is read again is the same object: what was worked out for it is found. */
function sameStep(step: Step): Step {
  return getOrCreate(STEPS, JSON.stringify(step), () => step);
}

/** The evidence of so many lines is remembered: a text is read again with every key that is typed into it. */
const MOST_EVIDENCE = 2_000;

function remembered(evidenceFor: EvidenceOf): EvidenceOf {
  const known = leastRecentlyUsed<string, LineEvidence>(MOST_EVIDENCE);
  return (text, surrounding) => getOrCreate(known, `${[...surrounding].join()}|${text}`, () => evidenceFor(text, surrounding));
}

/** A line's text with the lines that hold no step taken out: title, sections and `key: value` lines. */
interface Layout {
  readonly header: Header;
  readonly lines: readonly SheetLine[];
  /** Lines that were read as a header, a title or a section, with what they are. */
  readonly set: ReadonlyMap<number, 'heading' | 'note'>;
  readonly problems: readonly Problem[];
}

function layOut(text: string): Layout {
  const header: Header = { title: '', minutes: null, room: null, assists: false, senses: null, place: null };
  const lines: SheetLine[] = [];
  const set = new Map<number, 'heading' | 'note'>();
  const problems: Problem[] = [];
  let isHead = true;
  text.split('\n').forEach((full, i) => {
    const line = i + 1;
    if (full.trim() === '') return;
    const heading = headingOf(full);
    if (heading) {
      if (heading.level === 1 && header.title === '') header.title = heading.name;
      set.set(line, 'heading');
      lines.push({ line, text: full.trimEnd(), marked: true });
      return;
    }
    const pair = /^\s*([a-z]+):\s*(.+)$/i.exec(full);
    const key = pair?.[1]!.toLowerCase();
    if (isHead && key !== undefined && HEADER_KEYS.has(key)) {
      const problem = readHeader(key, pair![2]!.trim(), header);
      if (problem) problems.push({ field: `line ${line}`, message: problem });
      set.set(line, 'note');
      return;
    }
    isHead = false;
    lines.push({ line, text: full.trimEnd(), marked: false });
  });
  header.senses ??= sensesOf(text);
  return { header, lines, set, problems };
}

/** The line without other postures, if its words name a children's one to the letter. */
function forChildren(line: WeighedLine): WeighedLine {
  const isTheirs = ({ hypothesis }: Reading) => hypothesis.is === 'step' && isForChildren(hypothesis.asana);
  const isNamedSo = line.readings.some((one) => isTheirs(one) && one.hypothesis.is === 'step' && one.hypothesis.found?.exact);
  return isNamedSo ? { ...line, readings: line.readings.filter((one) => one.hypothesis.is !== 'step' || isTheirs(one)) } : line;
}

/** Where nothing speaks of a chair, the line without postures on one, if its words are those of another to the letter: the commoner of two meanings. */
function offTheChair(line: WeighedLine): WeighedLine {
  if (line.surrounding.has('chair') || surroundingOf(line.text).has('chair')) return line;
  const onChair = ({ hypothesis }: Reading) => hypothesis.is === 'step' && hypothesis.asana.base === 'seated-chair';
  const isExact = ({ hypothesis }: Reading) => hypothesis.is === 'step' && hypothesis.found?.exact === true;
  if (!line.readings.some((one) => isExact(one) && !onChair(one))) return line;
  return { ...line, readings: line.readings.filter((one) => !onChair(one)) };
}

/** The line without children's postures, unless its words speak of children or name one by a name that no other has. */
function forGrownUps(line: WeighedLine): WeighedLine {
  if (surroundingOf(line.text).has('kids')) return line;
  const isOurs = ({ hypothesis }: Reading) => hypothesis.is === 'step' && !isForChildren(hypothesis.asana);
  const isShared = line.readings.some((one) => isOurs(one) && one.hypothesis.is === 'step' && one.hypothesis.found?.exact);
  const readings = line.readings.filter(
    (one) => one.hypothesis.is !== 'step' || isOurs(one) || (isNamed(one.hypothesis.found) && !isShared),
  );
  return readings.some(isOurs) ? { ...line, readings } : line;
}

/** What a weighed line was understood as. */
interface Understood {
  readonly kind: LineKind;
  readonly hypothesis: Hypothesis;
  readonly sure: number;
  readonly candidates: readonly Candidate[];
  readonly word: StudioWord | null;
}

function isPosture({ is }: Hypothesis): boolean {
  return is === 'step' || is === 'many';
}

class Reader {
  private readonly lexicon: Lexicon;
  private readonly follows: Followers;
  private readonly evidenceFor: EvidenceOf;
  private readonly weights = Float64Array.from(FEATURES, (feature) => WEIGHTS.features[feature] ?? 0);

  constructor(private readonly library: Library) {
    this.lexicon = new Lexicon(library);
    this.follows = followers(library);
    this.evidenceFor = remembered(evidenceOf(this.lexicon));
  }

  read(raw: string, words: readonly StudioWord[], audience: Audience): ReadResult {
    const text = raw.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
    const wrong = checkText(text);
    if (wrong) return { sequence: null, lines: [], problems: [wrong] };
    const layout = layOut(text);
    const all = weighLines(layout.lines, layout.header.place, this.evidenceFor).map(offTheChair);
    const weighed = audience === 'grown-ups' ? all.map(forGrownUps) : audience === 'children' ? all.map(forChildren) : all;
    const free = weighed.filter(({ marked }) => !marked);
    const own = new Map(words.map((word) => [wordKey(word.text), word]));
    const understood = this.understand(free, own);
    return new Writer(this.library, this.lexicon, layout, weighed, understood).write();
  }

  private understand(lines: readonly WeighedLine[], own: ReadonlyMap<string, StudioWord>): Map<number, Understood> {
    const { best, likely } = weighChain(
      lines.map(({ readings }) => readings),
      this.weights,
      WEIGHTS.habits,
      this.follows,
    );
    return new Map(lines.map((line, t) => [line.line, this.decide(line, best[t]!, likely[t]!, own)]));
  }

  private decide(line: WeighedLine, best: number, likely: readonly number[], own: ReadonlyMap<string, StudioWord>): Understood {
    const { readings, evidence } = line;
    const candidates = readings
      .flatMap(({ hypothesis }, r) => meantBy(hypothesis).map((meant) => ({ meant, likely: likely[r]! })))
      .sort((a, b) => b.likely - a.likely)
      .filter(({ meant }, i, all) => all.findIndex((one) => one.meant.asana === meant.asana) === i)
      .slice(0, MOST_CANDIDATES)
      .map(({ meant, likely: share }): Candidate => ({
        asana: meant.asana.id,
        variation: variationOf(this.lexicon, evidence.query, meant),
        likely: share,
      }));
    const word = own.size === 0 ? undefined : own.get(wordKey(line.text));
    if (word) return this.settled(word, candidates);
    const chosen = preferred(line, best);
    const { hypothesis } = readings[chosen]!;
    const share = likely[chosen]!;
    if (hypothesis.is === 'step' || hypothesis.is === 'many') {
      const postures = likely.reduce((sum, one, r) => sum + (isPosture(readings[r]!.hypothesis) ? one : 0), 0);
      const certain = certaintyOf(signsOf(line, chosen, likely), CERTAINTY);
      const isName =
        standsForItself(hypothesis) && (isList(hypothesis) || share > (chosen === best ? NAMED_SHARE : OVERRULED_SHARE) * postures);
      const isDoubtful = leavesPart(line, hypothesis) || isMostlyUnknown(line, hypothesis);
      const sure = isDoubtful ? Math.min(certain, LEAVING) : isName ? Math.max(NAMED, certain) : certain;
      return { kind: sure >= SURE ? hypothesis.is : 'ask', hypothesis, sure, candidates, word: null };
    }
    // What is repeated is said in words that are known.
    const isGuess =
      hypothesis.is === 'repeat' &&
      evidence.query.words.length > 0 &&
      evidence.query.known === 0 &&
      evidence.tokens.dose.rounds === undefined;
    if (hypothesis.is === 'lacking' || share < LIKELY_NO_STEP || isGuess)
      return { kind: 'ask', hypothesis, sure: share, candidates, word: null };
    return { kind: hypothesis.is, hypothesis, sure: share, candidates, word: null };
  }

  private settled(word: StudioWord, candidates: readonly Candidate[]): Understood {
    const { means } = word;
    const asana = means.is === 'asana' ? this.library.find(means.asana) : null;
    if (means.is !== 'asana' || !asana) return { kind: 'note', hypothesis: { is: 'note' }, sure: 1, candidates, word };
    return { kind: 'step', hypothesis: { is: 'step', asana, variation: means.variation, found: null }, sure: 1, candidates, word };
  }
}

const COUNTING = /^(?:one|two|three|four|half|\d.*)$/;
/** Whether of a line's words only numbers are known, or its only word is never a whole name: two onions are no posture. */
function isMostlyUnknown({ evidence: { query } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step' || hypothesis.found === null || hypothesis.found.exact) return false;
  const knowsAWord = query.places.some(({ stem }, i) => query.words[i]! >= 0 && !COUNTING.test(stem));
  return !knowsAWord || (query.words.length === 1 && query.guessed === 0);
}

/** "And then" in a line: one posture after another. */
const ONE_AFTER_ANOTHER = /→|➔|⇒|->|(?<!\p{L})then(?!\p{L})/iu;
/** From one of a series to another: "W1-W3". */
const RANGE =
  /(?<!\p{L})(?:w|war|warriors?|vira\p{L}*|padangusthasana|mar[ií]ch?yasana)\s*(?:[1-4]|i{1,3})\s*(?:[-–—]|to)\s*(?:w|war|warriors?|vira\p{L}*)?\s*(?:[1-4]|i{1,3})(?![\p{L}\d])/iu;
/** So many other names are a list, whatever stands between them. */
const OTHER_NAMES = 2;

/** Whether a line holds, beside the posture it was taken for, others that are named to the letter and would be dropped. */
function leavesPart({ evidence: { parts, tokens, query } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step') return false;
  if (RANGE.test(tokens.text)) return true;
  const isExact = hypothesis.found?.exact === true;
  const isTwice = isExact && repeatsItself(query, tokens.rest);
  if ((isExact && !isTwice) || !parts) return false;
  const others = parts.filter(({ found }) => isNamed(found) && idOf(found) !== hypothesis.asana.id);
  return others.length >= (isTwice || ONE_AFTER_ANOTHER.test(tokens.text) ? 1 : OTHER_NAMES);
}

/** The postures that a hypothesis speaks of: of a line that may name several, each may be the one that is meant. */
function meantBy(hypothesis: Hypothesis): Meant[] {
  if (hypothesis.is === 'step') return [hypothesis];
  if (hypothesis.is !== 'many') return [];
  return hypothesis.parts.flatMap(({ found }) =>
    found.meaning.kind === 'asana' ? [{ asana: found.meaning.asana, variation: found.meaning.variation, found }] : [],
  );
}

/**
 * The library's own name, to the letter, stands for itself; only what is written in just these words too, or
 * what its neighbours speak for in these words, may mean something else.
 */
function preferred({ readings, evidence }: WeighedLine, best: number): number {
  const { hypothesis } = readings[best]!;
  const named = readings.findIndex(({ hypothesis: one }) => standsForItself(one) && (one.is === 'step' || isList(one)));
  if (named < 0) return best;
  switch (hypothesis.is) {
    case 'step':
      return hypothesis.found?.exact && !hypothesis.found.ambiguous ? best : named;
    case 'way':
    case 'note':
      return evidence.agreements.some(({ meaning, exact }) => exact && meaning.kind === hypothesis.is) ? best : named;
    case 'lacking':
      return named;
    default:
      return best;
  }
}

/** Whether a line is, to the letter, a name of the library, or several. */
function standsForItself(hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many'
    ? hypothesis.parts.every(({ found }) => isNamed(found))
    : hypothesis.is === 'step' && isNamed(hypothesis.found);
}

/** Two names may be one and a word more of it ("bound angle, staff"); of a list there are at least three. */
function isList(hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many' && hypothesis.parts.length >= LIST_PARTS;
}

type StepHypothesis = Extract<Hypothesis, { is: 'step' }>;
/** A posture with what in the line names it. */
type Meant = Omit<StepHypothesis, 'is'>;

/** The way to do an asana that a line's words ask for. */
function variationOf(lexicon: Lexicon, query: Query, { asana, variation, found }: Meant): string | null {
  // The asana's own name and nothing more is its plain way.
  return variation ?? (found?.exact ? null : lexicon.variation(query, asana));
}

/** Longer first lines are a remark. */
const MOST_TITLE = 60;
const NO_TITLE = /[.!?]\s*$/;

/** The title of a text that marks none: its first line, where that is neither a step nor a sentence. */
function titleIn([first]: readonly ReadLine[]): string {
  if (!first || (first.kind !== 'note' && first.kind !== 'heading') || first.word) return '';
  const text = first.text.replace(/^[#\s]+/, '').trim();
  return text.length > MOST_TITLE || NO_TITLE.test(text) ? '' : text.replace(/\s*:$/, '');
}

/** Makes the lines' understanding into a sequence, one line after another. */
class Writer {
  private readonly steps: Step[] = [];
  private readonly unknown: UnknownLine[] = [];
  private readonly notes: ReaderNote[] = [];
  private readonly problems: Problem[];
  private readonly lines: ReadLine[] = [];
  private section = '';
  private way: WayId | null = null;
  /** Whether the line before is one that is asked about. */
  private isOpen = false;
  /** The last step on one side by name: the same again without a side is the other one. */
  private lastFront: { asana: string; side: StepSide } | null = null;

  constructor(
    private readonly library: Library,
    private readonly lexicon: Lexicon,
    private readonly layout: Layout,
    private readonly weighed: readonly WeighedLine[],
    private readonly understood: ReadonlyMap<number, Understood>,
  ) {
    this.problems = [...layout.problems];
  }

  write(): ReadResult {
    const { header } = this.layout;
    for (const [line, kind] of this.layout.set)
      if (!this.weighed.some((one) => one.line === line)) this.lines.push(this.plainLine(line, '', kind));
    for (const line of this.weighed) {
      if (line.marked) {
        const { name } = headingOf(line.text)!;
        if (name !== header.title) this.section = name;
        this.lines.push(this.plainLine(line.line, line.text, 'heading'));
      } else this.add(line, this.understood.get(line.line)!);
    }
    if (this.problems.length > 0) return { sequence: null, lines: [], problems: this.problems };
    this.lines.sort((a, b) => a.line - b.line);
    if (header.title === '') header.title = titleIn(this.lines);
    const sequence = { ...header, steps: this.steps.map(sameStep), unknown: this.unknown, notes: this.notes };
    return { sequence, lines: this.lines, problems: [] };
  }

  private plainLine(line: number, text: string, kind: 'heading' | 'note'): ReadLine {
    return { line, text, kind, sure: 1, steps: [], candidates: [], spans: [], unread: [], word: null, apart: [] };
  }

  private add(line: WeighedLine, { kind, hypothesis, sure, candidates, word }: Understood): void {
    const { tokens, query } = line.evidence;
    const from = this.steps.length;
    let read: readonly ReadStep[] = [];
    switch (kind) {
      case 'step': {
        const step = hypothesis as StepHypothesis;
        const { asana } = step;
        read = this.addStep(line, tokens, asana, word ? step.variation : variationOf(this.lexicon, query, step), tokens.side);
        this.tellGuess(line, tokens, asana, candidates, word);
        break;
      }
      case 'many': {
        const { parts } = hypothesis as Extract<Hypothesis, { is: 'many' }>;
        read = this.addParts(line, tokens, parts);
        break;
      }
      case 'repeat': {
        // What it repeats is not settled yet.
        if (this.isOpen) break;
        const { steps, sided } = repeated(this.steps, tokens, line.line, line.text.trim());
        for (const [at, side] of sided) this.steps[at] = { ...this.steps[at]!, side };
        this.steps.push(...steps);
        read = steps.map(({ asana, variation, side, dose, of }) => ({ asana, variation, side, dose, of }));
        break;
      }
      case 'way':
        this.way = (hypothesis as Extract<Hypothesis, { is: 'way' }>).way;
        break;
      case 'heading':
        this.section = tokens.text.replace(/[:#\s]+$/, '').trim();
        break;
      case 'ask':
        this.unknown.push({
          line: line.line,
          text: line.text.trim(),
          nearest: candidates.slice(0, 3).map(({ asana }) => ({ id: asana, name: this.library.get(asana).name })),
        });
        break;
      case 'note':
        break;
      default: {
        const never: never = kind;
        throw new RangeError(`no kind of line "${String(never)}"`);
      }
    }
    // A dose that can't be done is told; nothing of the text is read with it.
    const bad = this.steps
      .slice(from)
      .map(({ dose }) => doseProblem(dose))
      .find((problem) => problem !== null);
    if (bad) this.problems.push({ field: `line ${line.line}`, message: `line ${line.line}: ${bad}` });
    if (kind !== 'note') this.isOpen = kind === 'ask' || (kind === 'repeat' && this.isOpen);
    this.lines.push({
      line: line.line,
      text: line.text,
      kind,
      sure,
      steps: read,
      candidates,
      spans: this.spansOf(line, kind, hypothesis),
      unread: kind === 'step' ? unreadOf(line, hypothesis) : [],
      word,
      apart: kind === 'ask' ? apart(line) : [],
    });
  }

  /** What the reader took though another meaning was near is told. */
  private tellGuess({ line }: WeighedLine, tokens: Tokens, asana: Asana, candidates: readonly Candidate[], word: StudioWord | null): void {
    if (word) this.notes.push({ line, text: `your word since ${word.since}: "${word.text}"` });
    const other = candidates.find((one) => one.asana !== asana.id && one.likely > MENTIONED);
    const said = tokens.rest.replace(/[\s,;:.-]+$/, '').trim();
    // By its own name it means itself.
    if (!word && other && plain(said) !== plain(asana.name))
      this.notes.push({ line, text: `"${said}" can mean several asanas; taken as ${asana.name}` });
  }

  private addStep(line: WeighedLine, tokens: Tokens, asana: Asana, variation: string | null, told: StepSide | null): ReadStep[] {
    const at = { line: line.line, text: line.text.trim(), section: this.section, note: tokens.note };
    if (asana.steps.length > 0) {
      const list = asana.listVariations.find(({ id }) => id === variation)?.steps ?? asana.steps;
      const steps = this.expand(asana, list, at, tokens);
      this.steps.push(...steps);
      this.lastFront = null;
      this.way = null;
      return steps.map((step) => ({
        asana: step.asana,
        variation: step.variation,
        side: told ?? step.side,
        dose: tokens.dose,
        of: asana.id,
      }));
    }
    let side: StepSide = asana.shown ? (told ?? 'both') : told === 'both' ? 'both' : 'none';
    // "Low lunge, right" and again "low lunge": the second is the other side.
    if (asana.shown && told === null && this.lastFront?.asana === asana.id && this.lastFront.side !== 'both')
      side = this.lastFront.side === 'left' ? 'right' : 'left';
    if (asana.shown) this.lastFront = { asana: asana.id, side };
    const dose = Object.keys(tokens.dose).length > 0 ? tokens.dose : asana.dose;
    this.steps.push({
      ...at,
      asana: asana.id,
      variation,
      side,
      dose,
      retention: tokens.retention,
      breath: tokens.breath,
      way: tokens.way ?? (this.way && leadsTo(this.way, asana.base) ? this.way : null),
      of: null,
    });
    this.way = null;
    return [{ asana: asana.id, variation, side: told ?? side, dose: tokens.dose, of: null }];
  }

  /** The steps of a line that names several; a side or a dose that stands before or after all of them is that of all. */
  private addParts(line: WeighedLine, tokens: Tokens, parts: readonly Part[]): ReadStep[] {
    const leading = tokensOf(tokens.text.slice(0, parts[0]!.from));
    const shared = parts.every(({ tokens: own }) => own.side === null) ? tokens.side : leading.side;
    return parts.flatMap(({ tokens: own, found }) => {
      if (found.meaning.kind !== 'asana') return [];
      const { asana, variation } = found.meaning;
      const named = variationOf(this.lexicon, this.lexicon.query(own.rest), { asana, variation, found });
      return this.addStep(line, { ...own, note: tokens.note }, asana, named, own.side ?? shared);
    });
  }

  /** The steps that a salutation stands for; its rounds become rounds of each. */
  private expand(
    list: Asana,
    steps: readonly StepSpec[],
    at: Pick<Step, 'line' | 'text' | 'section' | 'note'>,
    { dose, retention }: Tokens,
  ): Step[] {
    const rounds = dose.rounds ?? dose.repetitions ?? list.dose.rounds ?? 1;
    return steps.map(({ asana, side, breath, variation }) => ({
      ...at,
      asana,
      variation: variation ?? null,
      side: side === 'both' ? 'none' : side,
      dose: { breaths: 1, rounds },
      retention,
      breath: breath === 'inhale' || breath === 'exhale' ? breath : null,
      way: null,
      of: list.id,
    }));
  }

  private spansOf({ evidence: { tokens, query } }: WeighedLine, kind: LineKind, hypothesis: Hypothesis): Span[] {
    // A number in a note is no dose.
    if (kind === 'note' || kind === 'heading') return tokens.spans.filter(({ as }) => as === 'bullet' || as === 'comment');
    const spans: Span[] = [...tokens.spans];
    const parts = hypothesis.is === 'many' && kind === 'many' ? hypothesis.parts : null;
    if (kind === 'step' || kind === 'many') {
      const from = parts?.[0]?.from ?? query.places[0]?.from;
      const last = parts?.at(-1)?.to ?? query.places.at(-1)?.to;
      // "Pose" tells nothing, and is a part of the name all the same.
      const to = last && last + (/^\s+(?:pose|posture|asana|position)(?!\p{L})/iu.exec(tokens.rest.slice(last))?.[0].length ?? 0);
      if (from !== undefined && to !== undefined)
        spans.push(...gapsOf(from, to, tokens.spans).flatMap((name) => withThings(tokens.text, name)));
    } else if (kind === 'ask') spans.push(...gapsOf(0, tokens.text.length, tokens.spans).flatMap((gap) => thingsIn(tokens.text, gap)));
    else if (kind === 'way') spans.push(...gapsOf(0, tokens.text.length, tokens.spans).map((span) => ({ ...span, as: 'way' as const })));
    return spans.sort((a, b) => a.from - b.from);
  }
}

/** What is left of a part of a line between spans, as its name. */
function gapsOf(from: number, to: number, spans: readonly Span[]): Span[] {
  const gaps: Span[] = [];
  let at = from;
  for (const span of spans) {
    if (span.from >= to) break;
    if (span.from > at) gaps.push({ from: at, to: Math.min(span.from, to), as: 'name' });
    at = Math.max(at, span.to);
  }
  if (at < to) gaps.push({ from: at, to, as: 'name' });
  return gaps;
}

/** Props and places as teachers write them; a chair pose is no chair. */
const THINGS: readonly { readonly as: 'prop' | 'place'; readonly pattern: RegExp }[] = [
  {
    as: 'prop',
    pattern:
      /(?<!\p{L})(?:blocks?|bricks?|bolsters?|blankets?|cushions?|pillows?|straps?|belts?|bands?|chairs?(?! pose)|stools?|towels?|balls?|wedges?|sandbags?)(?!\p{L})/giu,
  },
  { as: 'place', pattern: /(?<!\p{L})(?:wall|floor|mat|bed|doorway|desk|table)(?!\p{L})/giu },
];

/** The props and places that a part of a line speaks of. */
function thingsIn(text: string, { from, to }: Span): Span[] {
  return THINGS.flatMap(({ as, pattern }) =>
    [...text.slice(from, to).matchAll(pattern)].map(({ index, 0: word }) => ({ from: from + index, to: from + index + word.length, as })),
  ).sort((a, b) => a.from - b.from);
}

/** A name with the props and places in it marked as such. */
function withThings(text: string, name: Span): Span[] {
  const things = thingsIn(text, name);
  return [...things, ...gapsOf(name.from, name.to, things).filter(({ from, to }) => /\p{L}/u.test(text.slice(from, to)))];
}

/** A line that may name several postures as one line for each; a side before all of them goes with each. */
function apart({ evidence: { parts, tokens } }: WeighedLine): string[] {
  if (!parts) return [];
  const before = tokens.text.slice(0, parts[0]!.from);
  const side = tokensOf(before).side === null ? '' : before.trimEnd() + ' ';
  return parts.map(({ from, to }) => side + tokens.text.slice(from, to).trim());
}

/** Words of a line that its posture's phrases don't explain. */
function unreadOf({ evidence: { query, tokens } }: WeighedLine, hypothesis: Hypothesis): string[] {
  if (hypothesis.is !== 'step' || hypothesis.found === null) return [];
  return query.places.filter((_, i) => query.words[i] === -1).map(({ from, to }) => tokens.text.slice(from, to));
}

/** A reader for a library; make it once, reading is then quick. */
export function notesReader(library: Library): NotesReader {
  let reader: Reader | null = null;
  return (text, words = [], audience = 'anybody') => (reader ??= new Reader(library)).read(text, words, audience);
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
