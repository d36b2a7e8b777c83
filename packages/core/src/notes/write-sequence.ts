import type { DoseSpec, StepSpec } from '../asanas/asana.js';
import type { Asana, Library } from '../asanas/library.js';
import { getKnown, getOrCreate } from '../get-or-create.js';
import { leastRecentlyUsed } from '../lru.js';
import type { Problem } from '../problem.js';
import { doseProblem } from '../sequence/dose.js';
import type { ReaderNote, Step, StepSide, UnknownLine } from '../sequence/sequence.js';
import type { WayId } from '../sequence/ways.js';
import { leadsTo } from './chain.js';
import { counts, isStill, type Hypothesis, type Part } from './evidence.js';
import type { Layout } from './layout.js';
import type { Lexicon } from './lexicon.js';
import type { Candidate, ReadLine, ReadResult, ReadStep } from './read-line.js';
import { repeated } from './repeats.js';
import type { WeighedLine } from './sheet.js';
import { apart, spansOf, unreadOf } from './spans.js';
import type { StudioWord } from './studio-words.js';
import { isDoseAlone, tokensOf, type Tokens } from './tokens.js';
import { isAsanaToTheLetter, variationOf, type StepHypothesis } from './meant.js';
import type { Understood } from './understand.js';
import { plain } from './words.js';

/** Another meaning that is so likely is mentioned. */
const MENTIONED = 0.1;

/** So many steps are remembered. */
const MOST_STEPS = 5_000;
const STEPS = leastRecentlyUsed<string, Step>(MOST_STEPS);

/** A step that is read again is the same object: what was worked out for it is found. */
function sameStep(step: Step): Step {
  return getOrCreate(STEPS, JSON.stringify(step), () => step);
}

/** What the lines before one leave to it. */
interface Carried {
  readonly section: string;
  /** A way that a line told, for the posture after it. */
  readonly way: WayId | null;
  /** Whether the line before is one that is asked about, or what "other side" would repeat holds one. */
  readonly isOpen: boolean;
  /** Whether a line that is asked about was on one side, and none after it that is understood. */
  readonly isSideOpen: boolean;
  /** The last step on one side by name: the same again without a side is the other one. */
  readonly front: { readonly asana: string; readonly side: StepSide } | null;
  /** Whether the whole sheet says that it holds its postures for minutes, or seems to. */
  readonly longHeld: 'said' | 'seen' | null;
}

const START: Omit<Carried, 'longHeld'> = { section: '', way: null, isOpen: false, isSideOpen: false, front: null };

/** A sheet with so many lines in minutes, or in numbers that are, no fewer than count a movement, and none in breaths, counts what is held in minutes. */
const LONG_HELD_LINES = 3;

/** Up to this effort a posture may be held for minutes. */
const EASY = 2;

/** A class that says of itself that it holds long. */
const SAYS_LONG = /(?<!\p{L})(?:yin|restoratives?|restore)(?!\p{L})/iu;

function longHeldIn(weighed: readonly WeighedLine[], understood: ReadonlyMap<number, Understood>): Carried['longHeld'] {
  const lines = weighed
    .filter(({ heading }) => heading === null)
    .map(({ line, evidence: { tokens } }) => {
      const hypothesis = understood.get(line)?.hypothesis;
      return { tokens, asana: hypothesis?.is === 'step' ? hypothesis.asana : null };
    });
  // Breaths of a breathing practice say nothing of how postures are held.
  if (lines.some(({ tokens: { dose }, asana }) => dose.breaths !== undefined && !asana?.pattern)) return null;
  if (lines.some(({ tokens: { text } }) => SAYS_LONG.test(text))) return 'said';
  const inMinutes = lines.filter(({ tokens, asana }) => (asana ? doseGiven(tokens, asana, null) : tokens.dose).minutes !== undefined);
  const counted = lines.filter(({ tokens: { dose }, asana }) => asana && !isStill(asana) && dose.repetitions !== undefined);
  return inMinutes.length >= Math.max(LONG_HELD_LINES, counted.length) ? 'seen' : null;
}

/** A number alone ("savasana 8") counts minutes where a posture is held that long: "frog pose 4" among others held for minutes. */
function doseGiven({ dose, isBare }: Tokens, asana: Asana, longHeld: Carried['longHeld']): DoseSpec {
  // Among rests that are held long, hard work is still counted: "wall squat 8".
  const isEasy = (asana.variations[0]?.declared.effort ?? EASY) <= EASY && asana.dose.repetitions === undefined;
  const isHeld = asana.dose.minutes !== undefined || longHeld === 'said' || (longHeld === 'seen' && isEasy);
  return isBare && isStill(asana) && isHeld && dose.repetitions !== undefined ? { minutes: dose.repetitions } : dose;
}

function isSame(one: Carried, other: Carried): boolean {
  return (
    one.section === other.section &&
    one.way === other.way &&
    one.isOpen === other.isOpen &&
    one.isSideOpen === other.isSideOpen &&
    one.front?.asana === other.front?.asana &&
    one.front?.side === other.front?.side &&
    one.longHeld === other.longHeld
  );
}

/** What one line makes, and what it leaves to the next. */
interface Written {
  readonly before: Carried;
  readonly after: Carried;
  readonly line: ReadLine;
  readonly steps: readonly Step[];
  readonly unknown: UnknownLine | null;
  readonly notes: readonly ReaderNote[];
  readonly problem: Problem | null;
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

function plainLine(line: number, text: string, kind: 'heading' | 'note'): ReadLine {
  return { line, text, kind, sure: 1, steps: [], candidates: [], spans: [], unread: [], word: null, apart: [], joins: null };
}

/** Whether a dose says how long something is held, or on which sides alone: that repeats nothing. */
function isHeldAlone({ dose }: Tokens): boolean {
  const { timed, breaths, any } = counts(dose);
  return timed || breaths || !any;
}

/** The one dose of a line, where it stands before or behind all its parts; `null` for none. */
function sharedDose({ spans, text }: Tokens, parts: readonly Part[]): DoseSpec | null {
  const first = parts[0]!;
  const doses = spans.filter(({ as }) => as === 'dose');
  const name = first.from + (/\p{L}/u.exec(first.tokens.rest)?.index ?? 0);
  const [dose, other] = doses;
  if (!dose || other) return null;
  if (dose.to <= name) return tokensOf(text.slice(0, dose.to), true).dose;
  // With the posture before it, which says what a number alone counts.
  return dose.from >= parts.at(-1)!.to ? tokensOf(text.slice(parts.at(-1)!.from), true).dose : null;
}

/** Part of a dose for several: their time is parted, in whole 5 s; what is counted is done by each. */
function shareOf({ minutes, seconds, ...counted }: DoseSpec, parts: number): DoseSpec {
  const whole = minutes !== undefined ? minutes * 60 : seconds;
  return whole === undefined ? counted : { ...counted, seconds: Math.max(5, 5 * Math.round(whole / parts / 5)) };
}

const readStepOf = ({ asana, variation, side, dose, of }: Step): ReadStep => ({ asana, variation, side, dose, of });

/** Makes what lines were understood as into a sequence. What a line makes is remembered while it is understood the same. */
export class SequenceWriter {
  private readonly known = new WeakMap<Understood, Written>();

  constructor(
    private readonly library: Library,
    private readonly lexicon: Lexicon,
  ) {}

  write(layout: Layout, weighed: readonly WeighedLine[], understood: ReadonlyMap<number, Understood>): ReadResult {
    const header = { ...layout.header };
    const problems = [...layout.problems];
    const lines: ReadLine[] = [];
    const steps: Step[] = [];
    const unknown: UnknownLine[] = [];
    const notes: ReaderNote[] = [];
    for (const [line, text] of layout.set) lines.push(plainLine(line, text, 'note'));
    let carried: Carried = { ...START, longHeld: longHeldIn(weighed, understood) };
    const dosesBelow = weighed.some(({ heading, evidence: { tokens } }) => heading === null && isDoseAlone(tokens) && isHeldAlone(tokens));
    for (const line of weighed) {
      if (line.heading !== null) {
        const name = line.heading;
        if (name !== header.title) carried = { ...carried, section: name };
        lines.push(plainLine(line.line, line.text, 'heading'));
        continue;
      }
      const what = getKnown(understood, line.line);
      const written =
        this.hanging(line, what, carried, lines, dosesBelow) ??
        (what.kind === 'repeat' ? this.repeat(line, what, carried, steps) : this.writtenOf(line, what, carried));
      carried = written.after;
      steps.push(...written.steps);
      lines.push(written.line);
      notes.push(...written.notes);
      if (written.unknown) unknown.push(written.unknown);
      if (written.problem) problems.push(written.problem);
    }
    if (problems.length > 0) return { sequence: null, lines: [], problems };
    lines.sort((a, b) => a.line - b.line);
    if (header.title === '') header.title = titleIn(lines);
    return { sequence: { ...header, steps, unknown, notes }, lines, problems: [] };
  }

  /**
   * What a line is that hangs on the one above it: its dose or its rest, which is asked about, or a remark on how it is
   * done. "x3" alone repeats what stands above, unless doses stand below their postures in this text (`dosesBelow`).
   * `null` for a line that stands by itself.
   */
  private hanging(line: WeighedLine, what: Understood, carried: Carried, lines: readonly ReadLine[], dosesBelow: boolean): Written | null {
    const { tokens, agreements, head } = line.evidence;
    if (what.word) return null;
    const as = (kind: 'ask' | 'note', joins: number | null = null) =>
      new LineWriter(this.library, this.lexicon, line, carried).written({ ...what, kind, sure: kind === 'ask' ? 0 : 1 }, [], joins);
    const isPosture = what.kind === 'step' || what.kind === 'many';
    const { hangs } = line;
    const on = hangs && lines.find((one) => one.line === hangs.on);
    const before = lines.at(-1);
    const above = on ?? (before?.line === line.line - 1 ? before : null);
    if (!isPosture && what.kind !== 'way' && isDoseAlone(tokens)) {
      const isHeld = isHeldAlone(tokens);
      if (!dosesBelow && !isHeld && !on) return null;
      const told = new Set(tokens.spans.map(({ as: kind }) => kind));
      const joins = above?.kind === 'step' && !above.spans.some(({ as: kind }) => kind !== 'bullet' && told.has(kind));
      return joins || isHeld ? as('ask', joins ? above.line : null) : null;
    }
    if (hangs?.as === 'rest')
      return (isPosture || what.kind === 'ask') && ![...agreements, ...(head ?? [])].some(isAsanaToTheLetter) ? as('ask', hangs.on) : null;
    if (!on || (on.kind !== 'step' && on.kind !== 'many' && on.kind !== 'ask')) return null;
    const isNamed = agreements.some(isAsanaToTheLetter);
    // What stands above may be the name of a flow.
    if (isNamed && on.kind === 'ask') return null;
    if (isPosture || what.kind === 'ask') return isNamed || counts(tokens.dose).any ? as('ask') : as('note');
    return what.kind === 'heading' ? as('note') : null;
  }

  private writtenOf(line: WeighedLine, what: Understood, carried: Carried): Written {
    const known = this.known.get(what);
    if (known && known.line.line === line.line && isSame(known.before, carried)) return known;
    const written = new LineWriter(this.library, this.lexicon, line, carried).write(what);
    this.known.set(what, written);
    return written;
  }

  /** A line that repeats some of the steps before it, whose sides it may make known. */
  private repeat(line: WeighedLine, what: Understood, carried: Carried, before: Step[]): Written {
    const writer = new LineWriter(this.library, this.lexicon, line, carried);
    // What it repeats is not settled yet.
    if (carried.isOpen) return writer.written(what, []);
    const { steps, sided } = repeated(before, line.evidence.tokens, line.line, line.text.trim());
    for (const [at, step] of sided) before[at] = step;
    writer.steps.push(...steps);
    return writer.written(what, steps.map(readStepOf));
  }
}

/** Writes one line. */
class LineWriter {
  readonly steps: Step[] = [];
  private readonly notes: ReaderNote[] = [];
  private section: string;
  private way: WayId | null;
  private front: Carried['front'];

  constructor(
    private readonly library: Library,
    private readonly lexicon: Lexicon,
    private readonly line: WeighedLine,
    private readonly before: Carried,
  ) {
    ({ section: this.section, way: this.way, front: this.front } = before);
  }

  write(what: Understood): Written {
    return this.written(what, this.read(what));
  }

  /** All that the line makes; `read` are the steps that it names. */
  written({ kind, hypothesis, sure, candidates, word }: Understood, read: readonly ReadStep[], joins: number | null = null): Written {
    const { line, steps, notes, before } = this;
    // A dose that can't be done is told; nothing of the text is read with it.
    const bad = steps.map(({ dose }) => doseProblem(dose)).find((problem) => problem !== null);
    const { side } = line.evidence.tokens;
    const isOneSided = side === 'left' || side === 'right';
    const isSideOpen = isOneSided ? kind === 'ask' : before.isSideOpen && kind !== 'repeat';
    const isOpen = kind === 'ask' || isSideOpen || ((kind === 'repeat' || kind === 'note') && before.isOpen);
    return {
      before,
      after: { section: this.section, way: this.way, isOpen, isSideOpen, front: this.front, longHeld: before.longHeld },
      line: {
        line: line.line,
        text: line.text,
        kind,
        sure,
        steps: read,
        candidates,
        spans: spansOf(line, kind, hypothesis),
        unread: kind === 'step' ? unreadOf(line, hypothesis) : [],
        word,
        apart: kind === 'ask' && joins === null ? apart(line) : [],
        joins,
      },
      steps: kind === 'repeat' ? steps : steps.map(sameStep),
      unknown:
        kind === 'ask'
          ? {
              line: line.line,
              text: line.text.trim(),
              nearest: candidates.slice(0, 3).map(({ asana }) => ({ id: asana, name: this.library.get(asana).name })),
            }
          : null,
      notes,
      problem: bad ? { field: `line ${line.line}`, message: `line ${line.line}: ${bad}` } : null,
    };
  }

  /** The steps that the line names. */
  private read({ kind, hypothesis, candidates, word }: Understood): readonly ReadStep[] {
    const { tokens, asks } = this.line.evidence;
    switch (kind) {
      case 'step': {
        const step = hypothesis as StepHypothesis;
        const { asana } = step;
        this.tellGuess(tokens, asana, candidates, word);
        return this.addStep(tokens, asana, word ? step.variation : variationOf(this.lexicon, asks, step), tokens.side);
      }
      case 'many':
        return this.addParts(tokens, (hypothesis as Extract<Hypothesis, { is: 'many' }>).parts);
      case 'way':
        this.way = (hypothesis as Extract<Hypothesis, { is: 'way' }>).way;
        return [];
      case 'heading':
        this.section = tokens.text.replace(/[:#\s]+$/, '').trim();
        return [];
      case 'ask':
      case 'note':
      case 'repeat':
        return [];
      default: {
        const never: never = kind;
        throw new RangeError(`no kind of line "${String(never)}"`);
      }
    }
  }

  /** What the reader took though another meaning was near is told. */
  private tellGuess(tokens: Tokens, asana: Asana, candidates: readonly Candidate[], word: StudioWord | null): void {
    const { line } = this.line;
    if (word) this.notes.push({ line, text: `your word since ${word.since}: "${word.text}"` });
    const other = candidates.find((one) => one.asana !== asana.id && one.likely > MENTIONED);
    const said = tokens.rest.replace(/[\s,;:.-]+$/, '').trim();
    // By its own name it means itself.
    if (!word && other && plain(said) !== plain(asana.name))
      this.notes.push({ line, text: `"${said}" can mean several asanas; taken as ${asana.name}` });
  }

  private addStep(tokens: Tokens, asana: Asana, variation: string | null, told: StepSide | null): ReadStep[] {
    const { line, text } = this.line;
    const at = { line, text: text.trim(), section: this.section, note: tokens.note };
    if (asana.steps.length > 0) {
      const list = asana.listVariations.find(({ id }) => id === variation)?.steps ?? asana.steps;
      const steps = this.expand(asana, list, at, tokens);
      this.steps.push(...steps);
      this.front = null;
      this.way = null;
      return steps.map((step) => ({
        asana: step.asana,
        variation: step.variation,
        side: told ?? step.side,
        dose: tokens.dose,
        of: asana.id,
      }));
    }
    let side: StepSide = asana.shown ? (told ?? asana.usualSide) : told === 'both' ? 'both' : 'none';
    // "Low lunge, right" and again "low lunge": the second is the other side.
    if (asana.shown && told === null && this.front?.asana === asana.id && (this.front.side === 'left' || this.front.side === 'right'))
      side = this.front.side === 'left' ? 'right' : 'left';
    if (asana.shown) this.front = { asana: asana.id, side };
    const dose = doseGiven(tokens, asana, this.before.longHeld);
    this.steps.push({
      ...at,
      asana: asana.id,
      variation,
      side,
      dose: Object.keys(dose).length > 0 ? dose : asana.dose,
      retention: tokens.retention,
      breath: tokens.breath,
      way: tokens.way ?? (this.way && leadsTo(this.way, asana.base) ? this.way : null),
      of: null,
    });
    this.way = null;
    return [{ asana: asana.id, variation, side: told ?? side, dose, of: null }];
  }

  /** The steps of a line that names several; a side before or after all of them, and a dose before them, is that of all. */
  private addParts(tokens: Tokens, parts: readonly Part[]): ReadStep[] {
    const leading = tokensOf(tokens.text.slice(0, parts[0]!.from));
    const shared = parts.every(({ tokens: own }) => own.side === null) ? tokens.side : leading.side;
    const dose = sharedDose(tokens, parts);
    return parts.flatMap(({ tokens: own, found }) => {
      if (found.meaning.kind !== 'asana') return [];
      const { asana, variation } = found.meaning;
      const named = variationOf(this.lexicon, this.lexicon.query(own.rest), { asana, variation, found });
      const side = own.side ?? shared;
      const sides = asana.shown && (side ?? asana.usualSide) === 'both' ? 2 : 1;
      return this.addStep({ ...own, ...(dose && { dose: shareOf(dose, parts.length * sides) }), note: tokens.note }, asana, named, side);
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
}
