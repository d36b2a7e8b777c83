import type { Base } from '../asanas/asana.js';
import { isForChildren } from '../asanas/library.js';
import { getOrCreate } from '../get-or-create.js';
import { leastRecentlyUsed } from '../lru.js';
import {
  baseIn,
  CHAIR_BASES,
  lineEvidence,
  lineText,
  readingsOf,
  type LineEvidence,
  type LinePlace,
  type LineText,
  type Reading,
} from './evidence.js';
import type { Agreement, Lexicon } from './lexicon.js';
import { surroundingOf, tellsOf, toldPosition } from './surrounding.js';

/** A line of a sheet that holds words. */
export interface SheetLine {
  /** From 1. */
  readonly line: number;
  readonly text: string;
  /** As it is read, place by place: without what else stands in its row of a table. */
  readonly reads: string;
  /** What it is called where it is marked as a title or a section. */
  readonly heading: string | null;
  /** The line that it hangs on, and whether it is set in under that one or seems to be the rest of it. */
  readonly hangs: { readonly on: number; readonly as: 'detail' | 'rest' } | null;
}

/** A line with the ways to understand it. */
export interface WeighedLine extends SheetLine {
  readonly evidence: LineEvidence;
  /** What kind of class the lines around it speak of. */
  readonly surrounding: ReadonlySet<string>;
  readonly readings: readonly Reading[];
  /** Whether it holds words that no phrase has, in a text whose words are mostly so: that of another language. */
  readonly isForeign: boolean;
}

/** A position told by a line counts for less with every line after it; after so many it counts no more. */
const TOLD_LINES = 12;

/** How much more it counts that the whole class is said to be somewhere, than that a line just before is. */
const EVERYWHERE = 2;

/** Fewer lines are no sheet with a title, a beginning and an end. */
const SHEET_LINES = 6;

/** Shares of the sheet are rounded, so that a key typed into one line seldom changes those of the others. */
const SHARE_STEPS = 25;

function sumOf(values: readonly number[]): number {
  return values.reduce((sum, one) => sum + one, 0);
}

/** What the words of a line alone make of it: likeliest base positions, as shares. */
function sharesOf(agreements: readonly Agreement[], surrounding: ReadonlySet<string>): Map<Base, number> {
  const steps = agreements.filter(({ meaning }) => meaning.kind === 'asana').slice(0, 5);
  const most = Math.max(...steps.map(({ best, odds }) => best * 12 + odds));
  const weights = steps.map(({ best, odds }) => Math.exp(best * 12 + odds - most));
  const whole = sumOf(weights);
  const shares = new Map<Base, number>();
  steps.forEach(({ meaning, best }, i) => {
    if (meaning.kind !== 'asana') return;
    const base = baseIn(meaning.asana, surrounding);
    if (!base) return;
    shares.set(base, (shares.get(base) ?? 0) + (weights[i]! / whole) * Math.min(1, best));
  });
  return shares;
}

/** Whether the words agree with a children's posture much better than with any other. */
function isForChildrenOnly(agreements: readonly Agreement[]): boolean {
  const best = [0, 0];
  for (const { meaning, best: own } of agreements) {
    if (meaning.kind !== 'asana') continue;
    const i = isForChildren(meaning.asana) ? 1 : 0;
    best[i] = Math.max(best[i]!, own);
  }
  return best[1]! > best[0]! + CHILDREN_LEAD;
}
const CHILDREN_LEAD = 0.15;

/** Evidence of one line alone, kept by whoever reads the same sheet again and again. */
export type EvidenceOf = (text: string, surrounding: ReadonlySet<string>) => LineEvidence;

/** The words of so many lines are kept: a sheet is weighed twice where it first seemed to be done on chairs. */
const MOST_TEXTS = 400;

export function evidenceOf(lexicon: Lexicon): EvidenceOf {
  const texts = leastRecentlyUsed<string, LineText>(MOST_TEXTS);
  return (text, surrounding) =>
    lineEvidence(
      lexicon,
      getOrCreate(texts, text, () => lineText(lexicon, text)),
      surrounding,
    );
}

/** Where fewer of its lines are done on chairs than this share, a class that speaks of chairs does not sit on them. */
const SEATED_SHARE = 0.15;
const FLOOR_BASES: ReadonlySet<Base> = new Set<Base>(['supine', 'prone', 'side-lying', 'all-fours', 'kneeling', 'inverted']);
/** Nor does one of which so much is done lying or kneeling. */
const FLOOR_SHARE = 0.45;

function shareOn(sums: ReadonlyMap<Base, number>, bases: ReadonlySet<Base>): number {
  const on = [...sums].filter(([base]) => bases.has(base)).map(([, value]) => value);
  return sums.size === 0 ? 1 : sumOf(on) / sumOf([...sums.values()]);
}

function withoutChair(surrounding: ReadonlySet<string>): ReadonlySet<string> {
  return new Set([...surrounding].filter((word) => word !== 'chair'));
}

/** Each line by its own words, in a class of which so much is told. */
function weighedAlone(lines: readonly SheetLine[], whole: ReadonlySet<string>, evidenceFor: EvidenceOf) {
  let around = whole;
  const surroundings = lines.map(({ reads }, i) => {
    const { surrounding: own, leavesChair } = tellsOf(reads);
    if (i > 1 && around.has('chair') && leavesChair) around = withoutChair(around);
    else if (own.has('chair') && whole.has('chair')) around = whole;
    return own.size === 0 ? around : new Set([...around, ...own]);
  });
  const evidence = lines.map(({ reads }, i) => evidenceFor(reads, surroundings[i]!));
  const shares = evidence.map(({ agreements }, i) =>
    lines[i]!.heading !== null ? new Map<Base, number>() : sharesOf(agreements, surroundings[i]!),
  );
  const sums = new Map<Base, number>();
  for (const share of shares) for (const [base, value] of share) sums.set(base, (sums.get(base) ?? 0) + value);
  return { surroundings, evidence, shares, sums };
}

/** A text of so many words is of another language where no more than this share of them is known as it is spelt. */
const FOREIGN_WORDS = 12;
const FOREIGN_SHARE = 0.65;

function wordsKnown({ query: { words, known, guessed } }: LineEvidence): { all: number; known: number } {
  return { all: words.length, known: known - guessed };
}

/** Which lines hold words of another language, in a text that is mostly so. */
function foreignIn(evidence: readonly LineEvidence[]): boolean[] {
  const lines = evidence.map(wordsKnown);
  const all = sumOf(lines.map((line) => line.all));
  const isText = all >= FOREIGN_WORDS && sumOf(lines.map((line) => line.known)) <= FOREIGN_SHARE * all;
  return lines.map((line) => isText && line.known < line.all);
}

/** All lines of a sheet with the ways to understand each, and what speaks for each by itself and its place. */
export function weighLines(lines: readonly SheetLine[], place: string | null, evidenceFor: EvidenceOf): WeighedLine[] {
  const whole = surroundingOf(
    [
      place ?? '',
      ...lines.slice(0, 2).map(({ text }) => text),
      ...lines
        .filter(({ heading }) => heading !== null)
        .slice(0, 1)
        .map(({ text }) => text),
    ].join('\n'),
  );
  const first = weighedAlone(lines, whole, evidenceFor);
  // A desk in the title, or a chair under the calves, seats nobody.
  const isSeated =
    !whole.has('chair') ||
    surroundingOf(place ?? '').has('chair') ||
    (shareOn(first.sums, CHAIR_BASES) >= SEATED_SHARE && shareOn(first.sums, FLOOR_BASES) < FLOOR_SHARE);
  const { surroundings, evidence, shares, sums } = isSeated ? first : weighedAlone(lines, withoutChair(whole), evidenceFor);
  const kids = evidence.map(({ agreements }, i) => Number(lines[i]!.heading === null && isForChildrenOnly(agreements)));
  const allKids = sumOf(kids);
  const total = sumOf([...sums.values()]);
  const foreign = foreignIn(evidence);

  // What is said of the whole class holds until a line tells otherwise, and again when that line is far.
  const everywhere = place === null ? [] : toldPosition(place);
  let told: { bases: readonly Base[]; age: number; holds: boolean } | null = null;
  return lines.map((line, i) => {
    const own = shares[i]!;
    const others = Math.max(0.5, total - sumOf([...own.values()]));
    const rounded = (sum: number) => Math.round((SHARE_STEPS * sum) / others) / SHARE_STEPS;
    const share = new Map(
      lines.length < SHEET_LINES ? [] : [...sums].map(([base, value]) => [base, rounded(value - (own.get(base) ?? 0))] as const),
    );
    const at: LinePlace = {
      surrounding: surroundings[i]!,
      first: i === 0 && lines.length >= SHEET_LINES,
      second: i === 1 && lines.length >= SHEET_LINES,
      fromEnd: lines.length >= SHEET_LINES ? lines.length - 1 - i : lines.length,
      afterBlank: i > 0 && line.line > lines[i - 1]!.line + 1,
      share,
      kids: rounded(allKids - kids[i]!),
      told:
        told && (told.holds || told.age < TOLD_LINES || everywhere.length === 0)
          ? { bases: told.bases, strength: told.holds ? EVERYWHERE : Math.max(0, 1 - told.age / TOLD_LINES) }
          : everywhere.length > 0
            ? { bases: everywhere, strength: EVERYWHERE }
            : null,
    };
    const readings = readingsOf(evidence[i]!, at);
    const { position: now } = tellsOf(line.reads);
    // What a heading tells holds for all that stands under it.
    told = now.length > 0 ? { bases: now, age: 0, holds: line.heading !== null } : told && { ...told, age: told.age + 1 };
    return { ...line, evidence: evidence[i]!, surrounding: surroundings[i]!, readings, isForeign: foreign[i]! };
  });
}
