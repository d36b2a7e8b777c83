import type { Problem } from '../problem.js';
import { headingOf, letteredSections, positionSections } from '../sequence/heading.js';
import { BARE_HEADER, HEADER_KEYS, type Header } from '../sequence/header.js';
import type { Sequence } from '../sequence/sequence.js';
import type { SheetLine } from './sheet.js';
import { tableRows } from './table.js';

/** More lines than any class has: a text that is longer is something else. */
export const MOST_LINES = 600;
const MOST_LINE_LENGTH = 500;

const MOST_TAGS = 12;
const MOST_TAG_LENGTH = 30;

/** Words that a sequence is filed under, each once. */
function tagsIn(value: string): readonly string[] {
  const tags = value.split(/[,;#]/).map((tag) => tag.trim().replace(/\s+/g, ' ')).filter((tag) => tag !== ''); // prettier-ignore
  const same = tags.map((tag) => tag.toLowerCase());
  return tags.filter((_, i) => same.indexOf(same[i]!) === i);
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
    case 'senses':
      if (![0, 1, 2, 3].includes(number)) return `senses is "${value}"; expected 0 (quiet) to 3 (gong, loud music or incense)`;
      header.senses = number as 0 | 1 | 2 | 3;
      return null;
    case 'tags':
      header.tags = tagsIn(value);
      if (header.tags.length > MOST_TAGS) return `tags are ${header.tags.length}; expected at most ${MOST_TAGS}`;
      return header.tags.some((tag) => tag.length > MOST_TAG_LENGTH) ? `a tag has more than ${MOST_TAG_LENGTH} letters` : null;
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

/** What is wrong with a text that can't be a sequence; `null` where nothing is. */
export function checkText(text: string): Problem | null {
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

/** A line's text with the lines that hold no step taken out: title, sections and `key: value` lines. */
export interface Layout {
  readonly header: Header;
  readonly lines: readonly SheetLine[];
  /** The `key: value` lines of the header, by their numbers. */
  readonly set: ReadonlyMap<number, string>;
  readonly problems: readonly Problem[];
}

/** A line without how it begins; its places are kept. */
const blankedTo = (text: string, to: number): string => ' '.repeat(to) + text.slice(to);

/** So many lines that are counted from 1 are a list. */
const LISTED_LINES = 4;
const NUMBERED = /^(\s*)(\d{1,2})(?=\s+\p{Ll})/u;

/** Lines of a list that is counted without dots ("1 march on the spot", "2 hip extension x10"), as they are read: without the number. */
function numberedLines(lines: readonly string[]): ReadonlyMap<number, string> {
  const reads = new Map<number, string>();
  let next = 1;
  lines.forEach((text, i) => {
    const [found = '', , number] = NUMBERED.exec(text) ?? [];
    if (Number(number) !== next) return;
    reads.set(i, blankedTo(text, found.length));
    next++;
  });
  return reads.size >= LISTED_LINES ? reads : new Map();
}

/** So many lines that each begin later than the one before are a timetable. */
const TIMED_LINES = 3;
/** When a line begins, by the clock of the room or of the class: "10:05 – Mountain", "0:15 sphinx", "5-10 min: standing". */
const BEGINS =
  /^\s*(?:[-*•]\s+)?[([]?(?:(?<hours>\d{1,2})[:.h](?<minutes>[0-5]\d)(?:\s*[-–—]\s*\d{1,2}[:.h]\d{2})?|(?<from>\d{1,3})\s*[-–—]\s*(?<to>\d{1,3}))(?:\s*(?:[ap]m|h|min(?:ute)?s?|m|[\u0027′’]))?[)\]]?\s*[:.–—-]?\s+(?=\p{L})/iu;

/** Lines of a timetable as they are read: without when each begins. */
function timedLines(lines: readonly string[]): ReadonlyMap<number, string> {
  const timed = lines.flatMap((text, i) => {
    const found = BEGINS.exec(text);
    if (!found?.groups) return [];
    const { hours, minutes, from, to } = found.groups;
    // "5-10 heel raises" counts; from 5 to 10 and then from 10 to 15 is a timetable.
    const [begins, ends] = hours !== undefined ? [Number(hours) * 60 + Number(minutes), null] : [Number(from), Number(to)];
    return [{ i, begins, ends, reads: blankedTo(text, found[0].length) }];
  });
  const goesOn = timed.every(
    ({ begins, ends }, k) => k === 0 || (begins > timed[k - 1]!.begins && (ends === null || timed[k - 1]!.ends === begins)),
  );
  return timed.length >= TIMED_LINES && goesOn ? new Map(timed.map(({ i, reads }) => [i, reads])) : new Map();
}

const setIn = (text: string): number => text.replaceAll('\t', '    ').search(/\S|$/);
/** A line that begins with a capital, whatever bullet or number stands before it. */
const CAPITAL = /^[^\p{L}]*\p{Lu}/u;
/** A line that begins so goes on with the class and not with the line above. */
const GOES_ON =
  /^(?:or|and|then|now|next|again|repeat|same|other|back|come|go|roll|from|to|finally|end|r|l|left|right|both|each|x)(?![\p{Ll}])/u;
/** So many lines, and such a share of them, begin with capitals where a small letter means that a line was broken. */
const CAPITAL_LINES = 6;
const CAPITAL_SHARE = 0.5;
const ENDS = /[.:;!?]$/;

/** Which line each line hangs on: set in deeper than it, or begun with a small letter straight below it where lines begin with capitals. */
function hangingLines(lines: readonly Pick<SheetLine, 'line' | 'text' | 'heading'>[]): SheetLine['hangs'][] {
  const capitals = lines.filter(({ text }) => CAPITAL.test(text)).length;
  const areCapital = capitals >= CAPITAL_LINES && capitals >= CAPITAL_SHARE * lines.length;
  /** The lines that are open above, each set in deeper than the one before. */
  const open: number[] = [];
  return lines.map(({ line, text, heading }, i) => {
    const depth = setIn(text);
    while (open.length > 0 && setIn(lines[open.at(-1)!]!.text) >= depth) open.pop();
    const above = open.at(-1);
    open.push(i);
    const before = lines[i - 1];
    if (heading !== null || !before || before.heading !== null) return null;
    if (above !== undefined) return lines[above]!.heading === null ? { on: lines[above]!.line, as: 'detail' } : null;
    const isRest =
      areCapital &&
      before.line === line - 1 &&
      /^\p{Ll}/u.test(text) &&
      !GOES_ON.test(text) &&
      !ENDS.test(before.text) &&
      CAPITAL.test(before.text);
    return isRest ? { on: before.line, as: 'rest' } : null;
  });
}

export function layOut(text: string): Layout {
  const header: Header = { ...BARE_HEADER };
  const lines: Pick<SheetLine, 'line' | 'text' | 'heading'>[] = [];
  const set = new Map<number, string>();
  const problems: Problem[] = [];
  let isHead = true;
  text.split('\n').forEach((full, i) => {
    const line = i + 1;
    if (full.trim() === '') return;
    const heading = headingOf(full);
    if (heading) {
      if (heading.level === 1 && header.title === '') header.title = heading.name;
      lines.push({ line, text: full.trimEnd(), heading: heading.name });
      return;
    }
    const [, name = '', value = ''] = /^\s*([a-z]+):\s*(.+)$/i.exec(full) ?? [];
    const key = name.toLowerCase();
    if (isHead && HEADER_KEYS.includes(key)) {
      const problem = readHeader(key, value.trim(), header);
      if (problem) problems.push({ field: `line ${line}`, message: problem });
      set.set(line, full.trimEnd());
      return;
    }
    // A title may stand above it.
    isHead &&= lines.length === 0;
    lines.push({ line, text: full.trimEnd(), heading: null });
  });
  header.senses ??= sensesOf(text);
  const texts = lines.map((line) => line.text);
  const sections = new Map([...positionSections(texts), ...letteredSections(texts)]);
  const rows = tableRows(texts);
  const numbered = numberedLines(texts);
  const timed = timedLines(texts);
  const hangs = hangingLines(lines);
  return {
    header,
    lines: lines.map((line, i) => ({
      ...line,
      reads: rows.get(i) ?? timed.get(i) ?? numbered.get(i) ?? line.text,
      heading: line.heading ?? sections.get(i) ?? null,
      hangs: rows.has(i) ? null : hangs[i]!,
    })),
    set,
    problems,
  };
}
