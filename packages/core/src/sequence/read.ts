import type { DoseSpec, StepSpec } from '../asanas/asana.js';
import type { Asana, Library } from '../asanas/library.js';
import { onceWithin } from '../once.js';
import type { Problem } from '../problem.js';
import { BULLET, HEADING, NOTE } from './edit-text.js';
import { nameIndex, plain, type NameIndex } from './names.js';
import type { ReaderNote, Sequence, Step, StepSide, UnknownLine } from './sequence.js';
import type { WayId } from './ways.js';

/** More lines than any class has: a text that is longer is something else. */
export const MOST_LINES = 600;
const MOST_LINE_LENGTH = 500;

export type ReadResult =
  { readonly sequence: Sequence; readonly problems: readonly [] } | { readonly sequence: null; readonly problems: readonly Problem[] };

/** Takes every match of a pattern out of a text. */
function take(text: string, pattern: RegExp): { rest: string; found: RegExpExecArray | null } {
  const found = pattern.exec(text);
  return found
    ? { rest: `${text.slice(0, found.index)} ${text.slice(found.index + found[0].length)}`, found }
    : { rest: text, found: null };
}

const NUMBER = String.raw`(\d+(?:[.,]\d+)?)(?:\s*(?:-|–|to)\s*(\d+(?:[.,]\d+)?))?`;
/** Units of a dose, in the order in which they are tried. */
const DOSES: readonly { readonly key: keyof DoseSpec; readonly pattern: RegExp }[] = [
  { key: 'minutes', pattern: new RegExp(String.raw`${NUMBER}\s*(?:minutes?|mins?|min\.|m)(?![a-z])`, 'i') },
  { key: 'seconds', pattern: new RegExp(String.raw`${NUMBER}\s*(?:seconds?|secs?|s)(?![a-z])`, 'i') },
  { key: 'breaths', pattern: new RegExp(String.raw`${NUMBER}\s*(?:slow |deep |long )?(?:breaths?|br)(?![a-z])`, 'i') },
  { key: 'rounds', pattern: new RegExp(String.raw`${NUMBER}\s*(?:rounds?|sets?)(?![a-z])`, 'i') },
  { key: 'repetitions', pattern: new RegExp(String.raw`${NUMBER}\s*(?:repetitions?|reps?|times?)(?![a-z])`, 'i') },
  { key: 'repetitions', pattern: new RegExp(String.raw`(?<![\w])[x×]\s*${NUMBER}(?![\w])`, 'i') },
  { key: 'repetitions', pattern: new RegExp(String.raw`${NUMBER}\s*[x×](?![\w])`, 'i') },
];

/** The middle of `1-2`, or the number alone. */
function middle(low: string, high: string | undefined): number {
  const from = Number(low.replace(',', '.'));
  return high === undefined ? from : (from + Number(high.replace(',', '.'))) / 2;
}

const SIDES: readonly { readonly pattern: RegExp; readonly side: StepSide }[] = [
  {
    pattern:
      /\b(?:each|both|per|every|other) sides?\b|\bea\.? side\b|\b[LR]\s*(?:\/|&|and|then|\+)\s*[LR]\b|\bleft (?:and|then|&) right\b|\bright (?:and|then|&) left\b/i,
    side: 'both',
  },
  { pattern: /\b(?:on the |to the )?left(?: side| leg(?: forward)?| foot(?: forward)?)?\b|(?<![A-Za-z])L(?![A-Za-z'])/, side: 'left' },
  { pattern: /\b(?:on the |to the )?right(?: side| leg(?: forward)?| foot(?: forward)?)?\b|(?<![A-Za-z])R(?![A-Za-z'])/, side: 'right' },
];

const WAYS_IN: readonly { readonly pattern: RegExp; readonly way: WayId }[] = [
  { pattern: /\b(?:jump(?:ing)?|hop)(?: (?:back|forward|in|through))?\b/i, way: 'jump-back' },
  { pattern: /\b(?:via |by )?(?:a )?split[- ]squat\b/i, way: 'split-squat' },
  { pattern: /\bstep(?:ping)? back\b/i, way: 'step-back' },
  { pattern: /\broll(?:ing)? up\b/i, way: 'roll-up' },
  { pattern: /\broll(?:ing)? to (?:the|one|your) side\b/i, way: 'roll-to-side' },
  { pattern: /\b(?:by |via )?fold(?:ing)? down\b/i, way: 'fold-down' },
  { pattern: /\bhands? (?:to|up) (?:the )?thighs?\b/i, way: 'hands-to-thighs' },
  { pattern: /\bsit(?:ting)? up\b/i, way: 'sit-up' },
];

/** Words that ask for a variation, with the words of a variation's id or contacts that answer them. */
const PHRASES: readonly { readonly pattern: RegExp; readonly words: readonly string[] }[] = [
  { pattern: /\b(?:hands? )?(?:to|on|with) (?:a |the |two |2 )?(?:yoga )?blocks?\b/i, words: ['block', 'blocks'] },
  { pattern: /\b(?:on|with) (?:a |the |\d+ |two |three |folded )*(?:blankets?|cushions?)\b/i, words: ['blanket', 'blankets', 'cushion'] },
  { pattern: /\b(?:on|with|over) (?:a |the )?bolster\b/i, words: ['bolster'] },
  { pattern: /\b(?:with|using) (?:a |the )?(?:strap|belt)\b/i, words: ['strap'] },
  { pattern: /\b(?:at|against|on|facing|to|near) (?:a |the )?wall\b/i, words: ['wall'] },
  { pattern: /\b(?:hands? )?(?:on|to|with|in|at|behind) (?:a |the )?chair(?: (?:seat|back))?\b/i, words: ['chair', 'seat'] },
  { pattern: /\bknees? down\b/i, words: ['knee', 'knees', 'down'] },
  { pattern: /\bbent knees?\b|\bknees? bent\b/i, words: ['bent', 'knees'] },
  { pattern: /\bwide (?:knees?|legs?|feet|stance)\b|\b(?:knees?|feet|legs) wide\b/i, words: ['wide'] },
  { pattern: /\bsupported\b|\bwith (?:a )?support\b/i, words: ['supported', 'bolster', 'block'] },
];

interface Parsed {
  readonly dose: DoseSpec;
  readonly side: StepSide | null;
  readonly way: WayId | null;
  readonly retention: number | null;
  readonly breath: Step['breath'];
  readonly phrases: readonly (readonly string[])[];
  readonly name: string;
  /** The line with the phrases left in, in case they belong to the name (`legs up the wall`). */
  readonly nameWithPhrases: string;
  /** The same with the breath left in (`extended exhale`). */
  readonly nameWithAll: string;
}

/** Reads all that is not the name out of one step's text. */
function parseStep(text: string): Parsed {
  let rest = text;
  const dose: { -readonly [K in keyof DoseSpec]: DoseSpec[K] } = {};
  let retention: number | null = null;
  const noHold = take(rest, /\bno (?:hold(?:ing)?|retention|pause)\b/i);
  if (noHold.found) [retention, rest] = [0, noHold.rest];
  const hold = take(
    rest,
    /\b(?:hold|retain|pause)(?: the breath)?(?: for)?\s+(\d+)(?:\s*s(?:ec(?:onds?)?)?)?(?!\s*(?:\w*breath|min|m\b|\d|x))\b/i,
  );
  if (hold.found && retention === null) [retention, rest] = [Number(hold.found[1]), hold.rest];
  for (const { key, pattern } of DOSES) {
    if (dose[key] !== undefined) continue;
    const { rest: less, found } = take(rest, pattern);
    if (!found) continue;
    dose[key] = middle(found[1]!, found[2]);
    rest = less;
  }
  let side: StepSide | null = null;
  // "Left leg back" in a lunge puts the right foot forward, and the front foot names the side.
  const back = take(rest, /\b(left|right) (?:leg|foot) (?:steps? |goes )?back\b/i);
  if (back.found) [side, rest] = [back.found[1]!.toLowerCase() === 'left' ? 'right' : 'left', back.rest];
  for (const { pattern, side: named } of SIDES) {
    const { rest: less, found } = take(rest, pattern);
    if (!found) continue;
    // Left and right both named, apart from each other, are both sides.
    side = side === null || side === named ? named : 'both';
    rest = less;
  }
  let way: WayId | null = null;
  for (const { pattern, way: named } of WAYS_IN) {
    const { rest: less, found } = take(rest, pattern);
    if (found && way === null) [way, rest] = [named, less];
  }
  const nameWithAll = rest;
  const breath = take(rest, /\b(inhale|exhale|breathe in|breathe out)\b/i);
  rest = breath.rest;
  const nameWithPhrases = rest;
  const phrases: (readonly string[])[] = [];
  for (const { pattern, words } of PHRASES) {
    const { rest: less, found } = take(rest, pattern);
    if (found) (phrases.push(words), (rest = less));
  }
  return {
    dose, side, way, retention, phrases, name: rest, nameWithPhrases, nameWithAll,
    breath: breath.found ? (/in/i.test(breath.found[1]!) ? 'inhale' : 'exhale') : null,
  }; // prettier-ignore
}

/** The variation that words left over from the name ask for, or `null`. */
function variationFor(asana: Asana, phrases: Parsed['phrases'], rest: string): string | null {
  if (asana.variations.length === 0) return bestByWords(asana.listVariations, phrases, rest);
  const surfaces = new Set(
    asana.variations[0]!.posture.contacts.flatMap(({ on }) => (on.kind === 'level' ? [on.surface as string] : [on.kind as string])),
  );
  const open = phrases.filter((phrase) => !phrase.some((word) => surfaces.has(word)));
  return bestByWords(asana.variations.slice(1), open, rest);
}

/** The one whose id shares most with the phrases and the words left over. */
function bestByWords(variations: readonly { readonly id: string }[], open: Parsed['phrases'], rest: string): string | null {
  const wanted = new Set(
    plain(rest)
      .split(' ')
      .filter((word) => word.length > 2),
  );
  const asked = open.flat();
  let best: { id: string; hits: number } | null = null;
  for (const { id } of variations) {
    const words = id.split('-');
    const byPhrase = open.filter((phrase) => phrase.some((word) => words.includes(word))).length;
    const byWord = words.filter((word) => wanted.has(word) && !asked.includes(word)).length;
    const hits = byPhrase * 2 + byWord;
    if (hits > 0 && (!best || hits > best.hits)) best = { id, hits };
  }
  return best?.id ?? null;
}

interface Header {
  title: string;
  minutes: number | null;
  room: number | null;
  assists: boolean;
  place: string | null;
}

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
    case 'place':
      header.place = value;
      return null;
    default:
      return null;
  }
}

/** The steps that a salutation stands for; its rounds become rounds of each. */
function expand(list: Asana, steps: readonly StepSpec[], at: Pick<Step, 'line' | 'text' | 'section' | 'note'>, parsed: Parsed): Step[] {
  const rounds = parsed.dose.rounds ?? parsed.dose.repetitions ?? list.dose.rounds ?? 1;
  return steps.map(({ asana, side, breath, variation }) => ({
    ...at,
    asana,
    variation: variation ?? null,
    side: side === 'both' ? 'none' : side,
    dose: { breaths: 1, rounds },
    retention: parsed.retention,
    breath: breath === 'inhale' || breath === 'exhale' ? breath : null,
    way: null,
    of: list.id,
  }));
}

function checkText(text: string): Problem | null {
  if (/[\0\uFFFD]|[\x01-\x08\x0E-\x1F]/.test(text))
    return { field: 'text', message: 'this is no plain text (it holds binary characters); paste the words alone' };
  if (text.trim() === '') return { field: 'text', message: 'the text is empty; write one step a line, as in: cat-cow, 6x' };
  const lines = text.split('\n');
  if (lines.length > MOST_LINES) return { field: 'text', message: `the text has ${lines.length} lines; expected at most ${MOST_LINES}` };
  const long = lines.findIndex((line) => line.length > MOST_LINE_LENGTH);
  if (long >= 0)
    return {
      field: `line ${long + 1}`,
      message: `line ${long + 1} has ${lines[long]!.length} characters; expected at most ${MOST_LINE_LENGTH}`,
    };
  return null;
}

/** A dose that can't be done, in words, or `null`. */
export function doseProblem(dose: DoseSpec): string | null {
  for (const [key, value] of Object.entries(dose)) {
    if (!(value > 0)) return `${value} ${key}: a step needs more than that`;
    const most = key === 'minutes' ? 60 : key === 'seconds' ? 3600 : 200;
    if (value > most) return `${value} ${key}: expected at most ${most}`;
  }
  return null;
}

/** A line without its bullet or number. */
function stripLine(full: string): string {
  return full.replace(BULLET, '').trim();
}

/** A step's text with its separators as spaces. */
function cleanLine(stripped: string): string {
  return stripped
    .replace(/(?<!\d),|,(?!\d)/g, ' ')
    .replace(/[|;()[\]]/g, ' ')
    .replace(/\s[-–—]+\s/g, ' ')
    .replace(/:(?=\s)/g, ' ');
}

/** So many steps are remembered; then all are forgotten. */
const MOST_STEPS = 5_000;
const STEPS = new Map<string, Step>();

/** A step that is read again is the same object: what was worked out for it is found. */
function sameStep(step: Step): Step {
  return onceWithin(STEPS, MOST_STEPS, JSON.stringify(step), () => step);
}

/** A reader for a library; make it once, reading is then quick. */
export function sequenceReader(library: Library, index: NameIndex = nameIndex(library)): (text: string) => ReadResult {
  return (raw) => {
    const text = raw.replace(/^\uFEFF/, '').replace(/\r\n?/g, '\n');
    const wrong = checkText(text);
    if (wrong) return { sequence: null, problems: [wrong] };
    const header: Header = { title: '', minutes: null, room: null, assists: false, place: null };
    const steps: Step[] = [];
    const unknown: UnknownLine[] = [];
    const notes: ReaderNote[] = [];
    const problems: Problem[] = [];
    let section = '';
    let place: string | null = null;
    let before: string | null = null;
    let lastFront: { asana: string; side: StepSide } | null = null;

    const lines = text.split('\n');
    /** The base position of the next line that names an asana by itself. */
    const baseAfter = (line: number): string | null => {
      const next = lines
        .slice(line, line + 3)
        .map((full) => stripLine(full.replace(NOTE, '')))
        .find((stripped) => stripped !== '' && !stripped.startsWith('#'));
      if (next === undefined) return null;
      const parsed = parseStep(cleanLine(next));
      return index.match(parsed.nameWithPhrases)?.asana.base ?? null;
    };
    lines.forEach((full, i) => {
      const line = i + 1;
      const heading = HEADING.exec(full);
      if (heading) {
        if (heading[1] === '#' && header.title === '') header.title = heading[2]!;
        else section = heading[2]!;
        return;
      }
      const note = NOTE.exec(full)?.[1]?.trim() || null;
      const stripped = stripLine(full.replace(NOTE, ''));
      if (stripped === '') return;
      const pair = /^([a-z][a-z ]{1,20}):\s*(.+)$/i.exec(stripped);
      if (pair && steps.length === 0 && unknown.length === 0) {
        const key = pair[1]!.toLowerCase();
        const problem = readHeader(key, pair[2]!, header);
        if (problem) problems.push({ field: `line ${line}`, message: problem });
        if (['title', 'minutes', 'room', 'assists', 'place'].includes(key)) {
          if (key === 'place' && /chair/i.test(header.place ?? '')) place = 'seated-chair';
          return;
        }
      }
      const parsed = parseStep(cleanLine(stripped));
      const bad = doseProblem(parsed.dose);
      if (bad) {
        problems.push({ field: `line ${line}`, message: `line ${line}: ${bad}` });
        return;
      }
      // A way in alone ("jump back") is the way to what follows in the same line; the phrases may belong to the name.
      // Where the first step stands nothing but the place and the next step tells.
      const near = [before ?? place, baseAfter(line)].filter((base) => base !== null);
      const wholes = [parsed.nameWithAll, parsed.nameWithPhrases].map((name) => index.match(name, near));
      const whole = wholes.find((match) => match !== null && match.rest === '');
      const isWhole = whole !== undefined;
      const found = whole ?? index.match(parsed.name, near) ?? wholes[1];
      if (!found) {
        unknown.push({ line, text: stripped, nearest: index.nearest(parsed.name.trim() || stripped) });
        return;
      }
      const { asana } = found;
      if (found.note) notes.push({ line, text: found.note });
      if (asana.steps.length > 0) {
        const named = variationFor(asana, isWhole ? [] : parsed.phrases, found.rest);
        const told = asana.listVariations.find(({ id }) => id === named)?.steps ?? asana.steps;
        steps.push(...expand(asana, told, { line, text: stripped, section, note }, parsed));
        before = asana.base;
        lastFront = null;
        return;
      }
      const variation = variationFor(asana, isWhole ? [] : parsed.phrases, found.rest);
      let side: StepSide = asana.shown ? (parsed.side ?? 'both') : 'none';
      // "Low lunge, right" and again "low lunge": the second is the other side.
      if (asana.shown && parsed.side === null && lastFront?.asana === asana.id && lastFront.side !== 'both')
        side = lastFront.side === 'left' ? 'right' : 'left';
      lastFront = asana.shown ? { asana: asana.id, side } : lastFront;
      const dose = Object.keys(parsed.dose).length > 0 ? parsed.dose : asana.dose;
      steps.push({
        line,
        text: stripped,
        section,
        asana: asana.id,
        variation,
        side,
        dose,
        retention: parsed.retention,
        breath: parsed.breath,
        way: parsed.way,
        of: null,
        note,
      });
      before = asana.base;
    });
    if (problems.length > 0) return { sequence: null, problems };
    return { sequence: { ...header, steps: steps.map(sameStep), unknown, notes }, problems: [] };
  };
}

/**
 * The sequence that a text is read as.
 * @throws RangeError with what is wrong with a text that can't be one.
 */
export function understood({ sequence, problems }: ReadResult): Sequence {
  if (!sequence) throw new RangeError(problems.map(({ message }) => message).join('; '));
  return sequence;
}
