import type { Base, DoseSpec } from '../asanas/asana.js';
import { getOrCreate } from '../get-or-create.js';
import { isForChildren, type Asana } from '../asanas/library.js';
import { UNLIKELY, type Agreement, type Lexicon, type Query } from './lexicon.js';
import type { WayId } from '../sequence/ways.js';
import { tokensOf, type Tokens } from './tokens.js';

/** One part of a line that names several postures. */
export interface Part {
  readonly tokens: Tokens;
  /** Where the part stands in the line. */
  readonly from: number;
  readonly to: number;
  readonly found: Agreement;
  /** How many words name it. */
  readonly words: number;
}

/** A way to understand a line. */
export type Hypothesis =
  /** `found` is `null` where the studio's own word settled it. */
  | { readonly is: 'step'; readonly asana: Asana; readonly variation: string | null; readonly found: Agreement | null }
  | { readonly is: 'many'; readonly parts: readonly Part[] }
  /** `way` is `null` where no phrase tells which one. */
  | { readonly is: 'way'; readonly way: WayId | null }
  | { readonly is: 'repeat' | 'note' | 'heading' | 'lacking' };

/** What speaks for and against each feature's hypothesis; the weights are fitted, `weights.ts`. */
export const FEATURES = [
  'step', 'step best', 'step explained', 'step held', 'step covered', 'step leftover', 'step odds', 'step odds behind', 'step best behind',
  'step exact', 'step exact ambiguous', 'step name', 'step tag fits', 'step tag misfits', 'step position fits', 'step position misfits',
  'step share of sheet', 'step told fits', 'step told misfits', 'step side fits', 'step side misfits', 'step repetitions move', 'step repetitions still', 'step time still', 'step time moves',
  'step unknown words', 'step guessed', 'step chair foreign', 'step floor foreign', 'step split', 'step split left', 'step split exact', 'step split other', 'step left of best', 'step weak', 'step colon', 'step owned', 'step head', 'step head exact', 'step head other', 'step agree', 'step one word', 'step children', 'step rest at end', 'step long rest', 'step first line', 'step dosed', 'step breath dosed', 'step odds kinds', 'step way', 'step close', 'step far', 'step long effort', 'step kids sheet', 'step words', 'step words behind', 'step words first',
  'many', 'many least', 'many mean', 'many exact', 'many names', 'many parts', 'many whole', 'many list sign', 'many arrow', 'many explained', 'many whole explained', 'many same', 'many short', 'many words', 'many words mean', 'many words whole',
  'way', 'way best', 'way odds', 'way exact', 'way dosed', 'way covered', 'way first', 'way verb', 'way taken out', 'way words', 'way asana',
  'repeat', 'repeat best', 'repeat odds', 'repeat exact', 'repeat tokens only', 'repeat first', 'repeat covered', 'repeat verb', 'repeat words', 'repeat asana',
  'note', 'note best', 'note odds', 'note exact', 'note first', 'note dosed', 'note sided', 'note covered', 'note unknown', 'note long', 'note after end', 'note mark', 'note second', 'note all caps', 'note words', 'note asana',
  'heading', 'heading best', 'heading odds', 'heading exact', 'heading short', 'heading colon', 'heading caps', 'heading dosed', 'heading after blank', 'heading covered', 'heading lettered', 'heading sided', 'heading words', 'heading asana',
  'lacking', 'lacking best', 'lacking exact', 'lacking dosed', 'lacking step best', 'lacking step covered', 'lacking step leftover', 'lacking unknown', 'lacking sided', 'lacking words', 'lacking asana',
  'next to', 'same asana', 'follows', 'from nowhere', 'way fits', 'common', 'when',
] as const; // prettier-ignore
export type Feature = (typeof FEATURES)[number];
const INDEX = Object.fromEntries(FEATURES.map((feature, i) => [feature, i])) as Readonly<Record<Feature, number>>;

/** Features by their place in `FEATURES`, and the value of each. */
export interface Evidence {
  readonly features: readonly number[];
  readonly values: readonly number[];
}

/** A hypothesis with its evidence: what the line's own words say, and what its place in the sheet does. */
export interface Reading {
  readonly hypothesis: Hypothesis;
  /** Where the body is at the beginning and the end; `null` where it stays as it is. */
  readonly ends: { readonly first: Base; readonly last: Base } | null;
  readonly own: Evidence;
  readonly around: Evidence;
}

/** The words of a line, and what they agree with. */
interface LineWords {
  readonly tokens: Tokens;
  readonly query: Query;
  /** The words that may ask for a variation. */
  readonly asks: Query;
  readonly agreements: readonly Agreement[];
  /** What the words before the first comma, dash or bracket alone mean; `null` where there is no such sign. */
  readonly head: readonly Agreement[] | null;
  /** Several postures, where the line may hold a list. */
  readonly parts: readonly Part[] | null;
  readonly words: readonly string[];
  readonly surrounding: ReadonlySet<string>;
}

/** A line with the ways to understand it, weighed by its words alone: what of it stays whatever stands around it. */
export interface LineEvidence extends LineWords {
  readonly readings: readonly Omit<Reading, 'around'>[];
}

/** What a line has around it. */
export interface LinePlace {
  readonly surrounding: ReadonlySet<string>;
  /** Whether it is the first, the second or one of the last lines that hold words; 0 to 1 from top to bottom. */
  readonly first: boolean;
  readonly second: boolean;
  readonly fromEnd: number;
  readonly afterBlank: boolean;
  /** The position that a line before it spoke of, and how much that still counts, 1 to 0. */
  readonly told: { readonly bases: readonly Base[]; readonly strength: number } | null;
  /** Share of each base position in the sheet, by what its other lines seem to be; empty where they are too few to tell. */
  readonly share: ReadonlyMap<Base, number>;
  /** Share of the other lines that seem to be children's postures. */
  readonly kids: number;
}

/** A rest is usual in so many lines before the last one. */
const LAST_LINES = 3;

/** So many meanings of a line are weighed. */
const MOST_MEANINGS = 16;
/** The same of a part of a line. */
const MOST_PART_MEANINGS = 6;
/** Signs that lead from one posture to the next. */
export const ARROW_SIGNS = '→➔➜➤➡⟶⇒►▶';
/** A stroke between single letters parts no names: "c/c". */
const LIST = new RegExp(
  String.raw`\s*(?:->|[${ARROW_SIGNS}]\uFE0F?|>|\+|;|,|(?<!(?<!\p{L})\p{L})\/|\||&|:(?=\s)|(?<!\p{L})(?:and then|then|and|into|to)(?!\p{L})|\s[-–—]\s)\s*`,
  'giu',
);
/** Teachers name a posture first and tell more of it behind a comma, a dash, a bracket, a stroke or such a word. */
const HEAD_ENDS = /[,;:(|]|\s[-–—=](?=\s)|\s(?:w\/|with|on|at|over)(?=\s)|\sw(?=\s\p{L})/gu;
const SOME_WORD = /\p{L}{2}/u;
export const ARROW = new RegExp(`[${ARROW_SIGNS}>+]`);
const LIST_SIGN = new RegExp(`[${ARROW_SIGNS}>+,/]`);

/** The positions that words of a line speak of. */
const POSITIONS: Readonly<Record<string, readonly Base[]>> = {
  supin: ['supine', 'inverted'],
  supine: ['supine', 'inverted'],
  prone: ['prone'],
  sidelin: ['side-lying'],
  allfour: ['all-fours'],
  chair: ['seated-chair', 'standing-chair'],
  sit: ['seated-floor', 'seated-chair', 'kneeling'],
  stand: ['standing', 'standing-chair', 'standing-wall'],
  kneel: ['kneeling', 'all-fours'],
  wall: ['standing-wall'],
  lie: ['supine', 'prone', 'side-lying'],
};

/** Whether a word speaks of a position. */
export function tellsPosition(stem: string): boolean {
  return Object.hasOwn(POSITIONS, stem);
}

/** Whether a word speaks of a position, and of another one than that of an asana; whoever stands may do so near a wall. */
export function tellsOtherPosition(stem: string, { base, pattern }: Asana): boolean {
  if (pattern !== null || !tellsPosition(stem) || POSITIONS[stem]!.includes(base)) return false;
  return stem !== 'wall' || !base.startsWith('standing');
}

/** A line's parts and words, whatever stands around it. */
export interface LineText {
  readonly tokens: Tokens;
  readonly query: Query;
  /** The words before the first sign that more is told of it; `null` where there is none. */
  readonly head: Query | null;
  /** All but another posture that may be done instead: "headstand or dolphin". */
  readonly asks: Query;
}

/** Between two ways that a line leaves open. */
const OR = /[\s(]or\s+(?=\p{L})/iu;

/** What some do, behind what the class does: "vajrasana, those with knee pain on a chair", "split (half is fine)". */
const WHAT_SOME_DO =
  /[,;(–—-]\s*(?:(?:those|anyone|anybody|people|whoever|some)\s+(?:with|who|whose)(?!\p{L})|[^,;(–—-]*\s(?:is|are)\s+(?:fine|ok(?:ay)?|enough|also good)\W*$)/iu;

function asksOf(lexicon: Lexicon, line: string, query: Query): Query {
  const some = WHAT_SOME_DO.exec(line)?.index ?? 0;
  if (some > 0) return lexicon.query(line.slice(0, some));
  const between = OR.exec(line);
  if (!between) return query;
  const first = lexicon.query(line.slice(0, between.index));
  const [named] = lexicon.agreements(lexicon.query(line.slice(between.index + between[0].length)), 1, new Set());
  return first.words.length > 0 && named?.exact && named.meaning.kind === 'asana' ? first : query;
}

export function lineText(lexicon: Lexicon, text: string): LineText {
  const tokens = tokensOf(text);
  const head = headOf(tokens.rest);
  const query = lexicon.query(tokens.rest);
  return { tokens, query, head: head === null ? null : lexicon.query(head), asks: asksOf(lexicon, tokens.rest, query) };
}

export function lineEvidence(
  lexicon: Lexicon,
  { tokens, query, head: headQuery, asks }: LineText,
  surrounding: ReadonlySet<string>,
  without = -1,
): LineEvidence {
  // What stands before a comma is the first part of a list as well.
  const known = new Map<string, readonly Agreement[]>();
  const agree = (part: Query) =>
    getOrCreate(known, part.words.join(), () => lexicon.agreements(part, MOST_PART_MEANINGS, surrounding, without));
  const head = headQuery && headQuery.words.length > 0 && headQuery.words.length < query.words.length ? agree(headQuery) : null;
  // "Chair pose, only as low as you want": so much may follow a name that other postures agree with more of it.
  const named = head?.find(({ meaning, exact }) => exact && meaning.kind === 'asana');
  const agreements = query.words.length === 0 ? [] : lexicon.agreements(query, MOST_MEANINGS, surrounding, without, named && idOf(named));
  const words: LineWords = {
    tokens,
    query,
    asks,
    agreements,
    head,
    parts: partsOf(lexicon, tokens, query, surrounding, agreements, agree),
    words: query.places.map(({ stem }) => stem),
    surrounding,
  };
  return { ...words, readings: ownReadings(words) };
}

/** What stands before the first sign that more is told of it; `null` where there is none, or no word before it. */
function headOf(line: string): string | null {
  // A time of day in a table goes before the name.
  const text = line.replace(/^\s*[\d:.]+\s*\|/, '');
  for (const { index, 0: end } of text.matchAll(HEAD_ENDS)) {
    const head = text.slice(0, index);
    if (SOME_WORD.test(head)) return head;
    if (/[,;:(]/.test(end)) return null;
  }
  return null;
}

/** A phrase for a way must agree so well with a line to tell which way it is. */
const CLEAR_WAY = 0.65;

/** Props or a place alone, however they are brought in. */
const ONLY_THINGS =
  /^\W*(?:(?:with|w\/|on|a|an|the|one|two|2|and|&|\+|or)\W+)*(?:blocks?|bricks?|bolsters?|blankets?|cushions?|pillows?|straps?|belts?|props?|(?:backs?|feet|hands?|heels?|soles?) (?:to|at|on|against) (?:the )?wall)\W*$/i;

/** "Sun salutation A x 2, B x 1". */
export const NEXT_OF_SERIES = /[,;+&]\s*(?:[b-d]|ii|iii)(?!\p{L})/iu;
const ONLY_NUMBER = /^\s*(?:[1-4]|[a-d]|i{1,3})\s*$/i;
/** A kind of the posture before it. */
const ONLY_KIND = /^\s*(?:rev(?:olved|\.)?|pari?vri?tta|twist(?:ed)?|bound|baddha|half|ardha)\s*$/i;
/** How the posture before it is done, in full: "down dog, knees bent". */
const ONLY_SHAPE =
  /^\W*(?:with\s+)?(?:(?:the|your|both|front|back)\s+)*(?:knees?|elbows?|legs?|arms?)\s+(?:soft(?:ly)?|slightly|gently|a (?:little|bit))?\s*(?:bent|soft|straight|wide|together|apart)\W*$/i;
/** How to do the posture before it, in full: "down dog, bend the knees". */
const ONLY_ADVICE =
  /^\W*(?:(?:and|but|just|gently|slightly|softly)\s+)*(?:keep|bend|micro-?bend|soften|relax|lengthen|tuck|spread|engage|root|ground|unlock|release|drop)\s+(?:(?:the|your|both|front|back|inner|outer|lower|upper)\s+)*(?:knees?|elbows?|shoulders?|heels?|jaw|face|neck|spine|chin|tail(?:bone)?|belly|ribs|chest|hands?|fingers|feet|toes|legs?|arms?|back|head)(?:\s+(?:soft|straight|long|bent|down|wide|relaxed|loose|heavy|close|strong|active))?\W*$/i;

/** So many postures stand in a line at the most, and so many pieces with the doses and props between them. */
const MOST_PARTS = 10;
const MOST_CUTS = 24;

/** A part may be no longer than this to be a name among others. */
const MOST_PART_WORDS = 6;

/** Whether a line says one of its words twice: "tri, rev tri". A word that stands for two is one. */
export function repeatsItself({ places }: Query, text: string): boolean {
  const said = new Map<string, number>();
  return places.some(({ from, to }) => {
    const word = text.slice(from, to).toLowerCase();
    const before = said.get(word);
    said.set(word, from);
    return before !== undefined && before !== from;
  });
}

/** A part's words, with the name before it where it is only a number, a letter or a kind of that. */
function withNameBefore({ rest }: Tokens, before: string): string {
  if (ONLY_NUMBER.test(rest)) return `${before} ${rest}`;
  return ONLY_KIND.test(rest) ? `${rest} ${before}` : rest;
}

/** Whether the words on both sides of a stroke are a name together. */
function isOneName(lexicon: Lexicon, text: string, from: number, to: number, agree: (part: Query) => readonly Agreement[]): boolean {
  const before = /[\p{L}’']+$/u.exec(text.slice(0, from))?.[0];
  const after = /^[\p{L}’']+/u.exec(text.slice(to))?.[0];
  if (before === undefined || after === undefined) return false;
  const [best] = agree(lexicon.query(`${before} ${after}`));
  return best !== undefined && best.exact && best.name;
}

/** Whether both of what a word stands between are names: what is before it since the last cut, and what follows up to the next separator. */
function joinsNames(lexicon: Lexicon, text: string, word: string, at: number, agree: (part: Query) => readonly Agreement[]): boolean {
  const after = text.slice(at + word.length);
  const next = after.search(LIST);
  return [text.slice(0, at), next < 0 ? after : after.slice(0, next)].every((part) => {
    const { rest } = tokensOf(part, true);
    const query = lexicon.query(rest);
    const isShort = query.words.length > 0 && query.words.length <= MOST_PART_WORDS && !NO_NAME.test(rest);
    const [best] = isShort ? agree(query) : [];
    return best !== undefined && best.exact && best.name && best.meaning.kind === 'asana';
  });
}

/** A prop or a limb by itself names no posture, though "palms" and "chair" do elsewhere. */
const NO_NAME =
  /^\W*(?:(?:the|a|your|both)\s+)?(?:chair|seat|stool|table|sofa|wall|floor|mat|blocks?|bricks?|bolster|blanket|strap|belt|hands?|palms?|feet|foot|heels?|toes?|knees?|hips?|legs?|arms?|elbows?|shoulders?|head)\W*$/i;

/** Whether words name no posture by themselves. */
export function isNoName(words: string): boolean {
  return !SOME_WORD.test(words) || NO_NAME.test(words);
}

/** Whether each part is of another posture. */
export function areDifferent(parts: readonly Part[]): boolean {
  return new Set(parts.map(({ found }) => idOf(found))).size === parts.length;
}

/** Whether each part is a posture's name to the letter, and each of another one. */
export function areNames(parts: readonly Part[]): boolean {
  return parts.every(({ tokens, found }) => found.exact && !NO_NAME.test(tokens.rest)) && areDifferent(parts);
}

/** Whether a dose stands between words: "bridge x2 / wheel" is two. */
function isDosedWithin({ text, spans }: Tokens): boolean {
  return spans.some(({ as, from, to }) => as === 'dose' && SOME_WORD.test(text.slice(0, from)) && SOME_WORD.test(text.slice(to)));
}

function partsOf(
  lexicon: Lexicon,
  tokens: Tokens,
  query: Query,
  surrounding: ReadonlySet<string>,
  whole: readonly Agreement[],
  agree: (part: Query) => readonly Agreement[],
): Part[] | null {
  if (!LIST.test(tokens.rest)) return null;
  LIST.lastIndex = 0;
  // An arrow leads from one posture to the next, and a word said twice names twice, even where all together are a name.
  const isOne = whole[0]?.exact && !whole[0].ambiguous;
  const isInTwo = ARROW.test(tokens.rest) || NEXT_OF_SERIES.test(tokens.rest) || repeatsItself(query, tokens.rest) || isDosedWithin(tokens);
  if (isOne && !isInTwo) return null;
  const cuts: { from: number; to: number }[] = [];
  let from = 0;
  for (const match of tokens.text.matchAll(LIST)) {
    // A separator inside a dose or a side parts nothing.
    if (tokens.spans.some((span) => span.as !== 'bullet' && match.index >= span.from && match.index < span.to)) continue;
    if (tokens.spans.some((span) => span.as === 'bullet' && match.index < span.to)) continue;
    // "Warrior 3 to half moon", not "hands to the wall".
    if (/^\s*to\s*$/i.test(match[0]) && !joinsNames(lexicon, tokens.text.slice(from), match[0], match.index - from, agree)) continue;
    // "Cat/cow" is one of many names with a stroke in it.
    if (match[0].trim() === '/' && isOneName(lexicon, tokens.text, match.index, match.index + match[0].length, agree)) continue;
    cuts.push({ from, to: match.index });
    if (cuts.length > MOST_CUTS) return null;
    from = match.index + match[0].length;
  }
  cuts.push({ from, to: tokens.text.length });
  // Each is read before any is compared: a line with one that is no name has no parts.
  const pieces: { tokens: Tokens; readonly query: Query; readonly from: number; to: number }[] = [];
  let before = '';
  for (const cut of cuts) {
    const own = tokensOf(tokens.text.slice(cut.from, cut.to), cut.from > 0);
    // "Warrior 1 + 2", "triangle, revolved".
    const rest = before === '' ? own.rest : withNameBefore(own, before);
    // "0.35 | ...": a time of day is no part.
    if (!/\p{L}/u.test(rest)) continue;
    const part = lexicon.query(rest);
    // "R 20 s / L 20 s", "Seated: eagle arms": no name of its own.
    if (part.words.length === 0 || (pieces.length === 0 && /:\s*$/.test(tokens.text.slice(cut.from, cut.to + 1)))) continue;
    // "Half moon, block": what the posture before it is done with, or how.
    const last = pieces.at(-1);
    if (last && [ONLY_THINGS, ONLY_SHAPE, ONLY_ADVICE].some((only) => only.test(rest))) {
      last.tokens = tokensOf(tokens.text.slice(last.from, cut.to));
      last.to = cut.to;
      continue;
    }
    if (part.words.length > MOST_PART_WORDS) return null;
    pieces.push({ tokens: own, query: part, from: cut.from, to: cut.to });
    // "Warrior 1, 2, 3": the name goes on through its numbers.
    if (!ONLY_NUMBER.test(own.rest)) before = own.rest.replace(/\s*(?:\d|[a-d]|i{1,3})\s*$/i, '');
  }
  if (pieces.length < 2 || pieces.length > MOST_PARTS) return null;
  const parts: Part[] = [];
  for (const { tokens: own, query: part, from: begins, to } of pieces) {
    const found = likeliest(agree(part), surrounding);
    if (!found || found.best < 0.35) return null;
    parts.push({ tokens: own, from: begins, to, found, words: part.words.length });
  }
  return parts;
}

/** The asana that a part by itself most likely names in such a class. */
function likeliest(agreements: readonly Agreement[], surrounding: ReadonlySet<string>): Agreement | undefined {
  const score = (found: Agreement) => {
    if (found.meaning.kind !== 'asana') return -Infinity;
    const { asana } = found.meaning;
    const foreign =
      (isForChildren(asana) && !surrounding.has('kids')) || (asana.base === 'seated-chair' && !surrounding.has('chair') && !found.name);
    return found.best * 12 + found.odds + 2 * found.likely - (foreign ? FOREIGN : 0);
  };
  return [...agreements].filter(({ meaning }) => meaning.kind === 'asana').sort((a, b) => score(b) - score(a))[0];
}
/** What being of another kind of class counts against a part's meaning, in the unit of its score. */
const FOREIGN = 4;

/** The id of the asana, or the kind of line, that words agree with. */
export function idOf({ meaning }: Agreement): string {
  return meaning.kind === 'asana' ? meaning.asana.id : meaning.kind;
}

function isResting({ base, variations }: Asana): boolean {
  return (
    (variations[0]?.declared.effort ?? 2) === 1 &&
    (base === 'supine' || base === 'side-lying' || base === 'prone' || base === 'seated-chair')
  );
}

/** What a dose counts in. */
export function counts(dose: DoseSpec): { repeated: boolean; timed: boolean; breaths: boolean; any: boolean } {
  const repeated = dose.repetitions !== undefined || dose.rounds !== undefined;
  const timed = dose.minutes !== undefined || dose.seconds !== undefined;
  return { repeated, timed, breaths: dose.breaths !== undefined, any: repeated || timed || dose.breaths !== undefined };
}

export const CHAIR_BASES: ReadonlySet<Base> = new Set<Base>(['seated-chair', 'standing-chair']);

/**
 * Where an asana is done in such a class: breathing is done wherever one is, and what the library keeps for
 * the chair ("shoulder circles") is done on the floor where there are no chairs. `null` for anywhere.
 */
export function baseIn({ base, pattern }: Asana, surrounding: ReadonlySet<string>): Base | null {
  if (pattern !== null) return null;
  return base === 'seated-chair' && !surrounding.has('chair') ? 'seated-floor' : base;
}

function endsOf(hypothesis: Hypothesis, surrounding: ReadonlySet<string>): Reading['ends'] {
  const asanas =
    hypothesis.is === 'step'
      ? [hypothesis.asana]
      : hypothesis.is === 'many'
        ? hypothesis.parts.flatMap(({ found: { meaning } }) => (meaning.kind === 'asana' ? [meaning.asana] : []))
        : [];
  const bases = asanas.flatMap((asana) => baseIn(asana, surrounding) ?? []);
  return bases.length === 0 ? null : { first: bases[0]!, last: bases.at(-1)! };
}

/** Whether an asana neither moves, nor is a breath, nor a series. */
export function isStill({ movesWhen, pattern, steps }: Asana): boolean {
  return movesWhen === null && pattern === null && steps.length === 0;
}

type Weigh = (feature: Feature, value?: number) => void;

function weighStep(
  weigh: Weigh,
  line: LineWords,
  found: Agreement,
  asana: Asana,
  top: { best: number; odds: number; kinds: number; likely: number },
): void {
  const { surrounding } = line;
  const { dose, side, isBare } = line.tokens;
  const { repeated, timed, breaths, any } = counts(dose);
  const minutes = (dose.minutes ?? 0) + (dose.seconds ?? 0) / 60;
  const moves = !isStill(asana);
  weigh('step');
  weigh('step best', found.best);
  weigh('step explained', found.explained);
  weigh('step held', found.held);
  weigh('step covered', found.covered);
  weigh('step leftover', found.leftover / 3);
  weigh('step odds', Math.max(-2, Math.min(4, found.odds / 5)));
  weigh('step odds behind', Math.min(4, (top.odds - found.odds) / 3));
  weigh('step odds kinds', Math.max(-3, Math.min(3, (found.odds - top.kinds) / 5)));
  weigh('step best behind', top.best - found.best);
  if (found.exact) weigh(found.ambiguous ? 'step exact ambiguous' : 'step exact');
  if (found.name) weigh('step name');
  if (found.tags.length > 0) weigh(found.tags.some((tag) => surrounding.has(tag)) ? 'step tag fits' : 'step tag misfits');
  for (const word of new Set(line.words)) {
    const bases = tellsPosition(word) ? POSITIONS[word] : undefined;
    if (bases) weigh(bases.includes(asana.base) ? 'step position fits' : 'step position misfits');
  }
  if (side !== null) weigh(asana.shown || asana.steps.length > 0 ? 'step side fits' : 'step side misfits');
  // A number alone may as well be minutes or breaths.
  if (repeated && !(isBare && !moves)) weigh(moves ? 'step repetitions move' : 'step repetitions still');
  if (timed) weigh(moves && !asana.pattern ? 'step time moves' : 'step time still');
  if (breaths && asana.pattern) weigh('step breath dosed');
  weigh('step unknown words', line.query.words.length === 0 ? 0 : 1 - line.query.known / line.query.words.length);
  weigh('step guessed', line.query.words.length === 0 ? 0 : line.query.guessed / line.query.words.length);
  if (asana.base === 'seated-chair' && asana.pattern === null && !surrounding.has('chair')) weigh('step chair foreign');
  if (surrounding.has('chair') && !CHAIR_BASES.has(asana.base)) weigh('step floor foreign');
  if (line.parts && !found.exact) {
    weigh('step split');
    weigh('step split left', 1 - found.explained);
    if (line.parts.some(({ found: part }) => part.exact && idOf(part) !== asana.id)) weigh('step split other');
    weigh(
      'step split exact',
      line.parts.filter(({ found: part }) => part.best > 0.85 && idOf(part) !== asana.id).length / line.parts.length,
    );
  }
  weigh('step left of best', found.unheld / 3);
  weigh('step owned', found.owned);
  if (line.head) {
    const named = line.head.find(({ meaning }) => meaning.kind === 'asana' && meaning.asana === asana);
    weigh('step head', named?.best ?? 0);
    if (named?.exact) weigh('step head exact');
    else if (line.head.some(({ meaning, exact, tags }) => meaning.kind === 'asana' && exact && tags.length === 0)) weigh('step head other');
  }
  if (found.best >= top.best && found.odds >= top.odds) weigh('step agree');
  weigh('step weak', Math.max(0, 0.6 - found.best));
  if (/:\s*$/.test(line.tokens.rest)) weigh('step colon');
  if (line.query.words.length === 1) weigh('step one word');
  if (isForChildren(asana)) weigh('step children', surrounding.has('kids') ? -1 : 1);
  if (minutes >= 3 && isResting(asana)) weigh('step long rest');
  if (minutes >= 2) weigh('step long effort', ((asana.variations[0]?.declared.effort ?? 2) - 2) / 2);
  weigh('step close', Math.max(0, found.best - 0.85) * 5);
  weigh('step far', Math.max(0, 0.75 - found.best));
  weigh('step words', found.likely / 3);
  weigh('step words behind', Math.min(4, (top.likely - found.likely) / 2));
  if (found.likely >= top.likely) weigh('step words first');
  if (any) weigh('step dosed');
  if (line.tokens.way !== null) weigh('step way');
}

/** What a line's place in the sheet says of a step. */
function weighStepHere(weigh: Weigh, { asana, found }: Extract<Hypothesis, { is: 'step' }>, place: LinePlace): void {
  const base = baseIn(asana, place.surrounding);
  if (base && place.share.size > 0) weigh('step share of sheet', Math.log((place.share.get(base) ?? 0) + 0.03) + 2);
  if (place.told && base) weigh(place.told.bases.includes(base) ? 'step told fits' : 'step told misfits', place.told.strength);
  // A children's posture that is named to the letter needs no children around it.
  if (isForChildren(asana) && !(found?.exact && found.name)) weigh('step kids sheet', Math.log(place.kids + 0.03) + 2);
  if (place.fromEnd <= LAST_LINES && isResting(asana)) weigh('step rest at end');
  if (place.first) weigh('step first line');
}

/** What a line's place in the sheet says of a hypothesis. */
function weighHere(weigh: Weigh, hypothesis: Hypothesis, place: LinePlace): void {
  switch (hypothesis.is) {
    case 'step':
      weighStepHere(weigh, hypothesis, place);
      break;
    case 'way':
      if (place.first) weigh('way first');
      break;
    case 'repeat':
      if (place.first) weigh('repeat first');
      break;
    case 'note':
      if (place.first) weigh('note first');
      if (place.second) weigh('note second');
      if (place.fromEnd === 0) weigh('note after end');
      break;
    case 'heading':
      if (place.afterBlank) weigh('heading after blank');
      break;
    default:
  }
}

function gathered(say: (weigh: Weigh) => void): Evidence {
  const features: number[] = [];
  const values: number[] = [];
  say((feature, value = 1) => {
    if (value === 0) return;
    features.push(INDEX[feature]);
    values.push(value);
  });
  return { features, values };
}

/** All ways to understand a line, each with its evidence. */
export function readingsOf(line: LineEvidence, place: LinePlace): readonly Reading[] {
  const known = PLACED.get(line);
  if (known && isSamePlace(known.place, place)) return known.readings;
  const readings = line.readings.map(({ hypothesis, ends, own }) => ({
    hypothesis,
    ends,
    own,
    around: gathered((weigh) => weighHere(weigh, hypothesis, place)),
  }));
  PLACED.set(line, { place, readings });
  return readings;
}

/** What a line was last weighed as, for the next key that is typed into another one. */
const PLACED = new WeakMap<LineEvidence, { readonly place: LinePlace; readonly readings: readonly Reading[] }>();

function isSamePlace(one: LinePlace, other: LinePlace): boolean {
  return (
    one.first === other.first &&
    one.second === other.second &&
    one.afterBlank === other.afterBlank &&
    one.kids === other.kids &&
    (one.fromEnd === other.fromEnd || Math.min(one.fromEnd, other.fromEnd) > LAST_LINES) &&
    one.told?.strength === other.told?.strength &&
    (one.told?.bases.join() ?? '') === (other.told?.bases.join() ?? '') &&
    one.share.size === other.share.size &&
    [...one.share].every(([base, share]) => other.share.get(base) === share)
  );
}

/** The best agreement for a kind of line, or none. */
function kindOf(agreements: readonly Agreement[], kind: 'way' | 'repeat' | 'note' | 'heading' | 'lacking'): Agreement | undefined {
  return agreements.find(({ meaning }) => meaning.kind === kind);
}
const clipped = (odds: number | undefined): number => (odds === undefined ? -2 : Math.max(-2, Math.min(4, odds / 5)));

const WAY_VERB =
  /^\s*(?:\W*)(?:then |and |now |slowly |gently )?(?:come|roll|walk|step|sit|stand|turn|get|rise|lower|release|slide|jump|hop|transition|move|back|go|push|press|lie|lying|unwind|unroll|make|swing|shift|rock|climb|down|up|over|return|transfer|find|through|log|curl|crawl|melt|kneel|release|flip|inhale come)\b/i;
const REPEAT_VERB = /\b(?:repeat|rep|same|other|again|switch|swap|second|2nd|next|rounds?|ditto|idem|all|opposite|change|more)\b/i;
/** The name of some posture, even one that nobody knows. */
const SANSKRIT = /asan(?:a|am)?\b/i;
const NOTE_MARK = /[?!"“:]|\bif\b|\bno\b|\bnot\b|\bor\b.*\?|@|£|\$|&c/i;

function ownReadings(line: LineWords): Omit<Reading, 'around'>[] {
  const readings: Omit<Reading, 'around'>[] = [];
  const add = (hypothesis: Hypothesis, say: (weigh: Weigh) => void) =>
    readings.push({ hypothesis, ends: endsOf(hypothesis, line.surrounding), own: gathered(say) });
  const { tokens, agreements, query } = line;
  const steps = agreements.filter(({ meaning }) => meaning.kind === 'asana');
  const { any, timed } = counts(tokens.dose);
  const words = query.words.length;
  const unknown = words === 0 ? 0 : 1 - query.known / words;
  const bare = tokens.rest.trim();
  const kinds = {
    way: kindOf(agreements, 'way'),
    repeat: kindOf(agreements, 'repeat'),
    note: kindOf(agreements, 'note'),
    heading: kindOf(agreements, 'heading'),
    lacking: kindOf(agreements, 'lacking'),
  };
  const top = {
    best: Math.max(0, ...steps.map(({ best }) => best)),
    odds: Math.max(-20, ...steps.map(({ odds }) => odds)),
    likely: Math.max(UNLIKELY, ...steps.map(({ likely }) => likely)),
    kinds: Math.max(-20, ...Object.values(kinds).map((found) => found?.odds ?? -20)),
  };
  for (const found of steps)
    if (found.meaning.kind === 'asana') {
      const { asana, variation } = found.meaning;
      add({ is: 'step', asana, variation, found }, (weigh) => weighStep(weigh, line, found, asana, top));
    }
  if (line.parts) {
    const { parts } = line;
    const best = parts.map(({ found }) => found.best);
    add({ is: 'many', parts }, (weigh) => {
      weigh('many');
      weigh('many least', Math.min(...best));
      weigh('many mean', best.reduce((a, b) => a + b, 0) / best.length);
      weigh('many exact', parts.filter(({ found }) => found.exact).length / parts.length);
      if (areNames(parts)) weigh('many names');
      weigh('many parts', Math.min(3, parts.length - 2));
      weigh('many whole', top.best);
      if (LIST_SIGN.test(tokens.rest)) weigh('many list sign');
      if (ARROW.test(tokens.rest)) weigh('many arrow');
      weigh('many explained', parts.reduce((sum, { found }) => sum + found.explained, 0) / parts.length);
      weigh('many whole explained', steps[0]?.explained ?? 0);
      if (parts.some(({ found }, i) => i > 0 && idOf(found) === idOf(parts[i - 1]!.found))) weigh('many same');
      weigh('many words', Math.min(...parts.map(({ found }) => found.likely)) / 3);
      weigh('many words mean', parts.reduce((sum, { found }) => sum + found.likely, 0) / parts.length / 3);
      weigh('many words whole', top.likely / 3);
      weigh('many short', parts.filter(({ words: own }) => own <= 2).length / parts.length);
    });
  }
  const allCaps = bare.length > 2 && bare === bare.toUpperCase() && /[A-Z]/.test(bare);
  const told = kinds.way?.meaning.kind === 'way' && kinds.way.best > CLEAR_WAY ? kinds.way.meaning.way : 'open';
  const way = told === 'open' ? null : told;
  add({ is: 'way', way }, (weigh) => {
    weigh('way');
    if (SANSKRIT.test(bare)) weigh('way asana');
    weigh('way words', (kinds.way?.likely ?? UNLIKELY) / 3);
    weigh('way best', kinds.way?.best ?? 0);
    weigh('way odds', clipped(kinds.way?.odds));
    if (kinds.way?.exact) weigh('way exact');
    if (any) weigh('way dosed');
    weigh('way covered', kinds.way?.covered ?? 0);
    if (WAY_VERB.test(bare)) weigh('way verb');
    if (tokens.way !== null && words > 0) weigh('way taken out');
  });
  add({ is: 'repeat' }, (weigh) => {
    weigh('repeat');
    if (SANSKRIT.test(bare)) weigh('repeat asana');
    weigh('repeat words', (kinds.repeat?.likely ?? UNLIKELY) / 3);
    weigh('repeat best', kinds.repeat?.best ?? 0);
    weigh('repeat odds', clipped(kinds.repeat?.odds));
    if (kinds.repeat?.exact) weigh('repeat exact');
    if (words === 0 && (tokens.side !== null || any)) weigh('repeat tokens only');
    weigh('repeat covered', kinds.repeat?.covered ?? 0);
    if (REPEAT_VERB.test(tokens.text)) weigh('repeat verb');
  });
  add({ is: 'note' }, (weigh) => {
    weigh('note');
    if (SANSKRIT.test(bare)) weigh('note asana');
    weigh('note words', (kinds.note?.likely ?? UNLIKELY) / 3);
    weigh('note best', kinds.note?.best ?? 0);
    weigh('note odds', clipped(kinds.note?.odds));
    if (kinds.note?.exact) weigh('note exact');
    if (any) weigh('note dosed');
    if (tokens.side !== null) weigh('note sided');
    weigh('note covered', kinds.note?.covered ?? 0);
    weigh('note unknown', unknown);
    weigh('note long', Math.min(2, words / 8));
    if (NOTE_MARK.test(bare)) weigh('note mark');
    if (allCaps) weigh('note all caps');
  });
  add({ is: 'heading' }, (weigh) => {
    weigh('heading');
    if (SANSKRIT.test(bare)) weigh('heading asana');
    weigh('heading words', (kinds.heading?.likely ?? UNLIKELY) / 3);
    weigh('heading best', kinds.heading?.best ?? 0);
    weigh('heading odds', clipped(kinds.heading?.odds));
    if (kinds.heading?.exact) weigh('heading exact');
    weigh('heading short', Math.max(0, 1 - words / 5));
    if (/:\s*$/.test(bare)) weigh('heading colon');
    if (allCaps) weigh('heading caps');
    if (any || timed) weigh('heading dosed');
    if (tokens.side !== null) weigh('heading sided');
    weigh('heading covered', kinds.heading?.covered ?? 0);
    if (/^\s*(?:[A-F][.)]|(?:part|block|section|side|phase)\s+(?:[a-d]|\d|one|two|three|left|right)(?!\p{L}))/iu.test(tokens.text))
      weigh('heading lettered');
  });
  add({ is: 'lacking' }, (weigh) => {
    weigh('lacking');
    if (SANSKRIT.test(bare)) weigh('lacking asana');
    weigh('lacking words', (kinds.lacking?.likely ?? UNLIKELY) / 3);
    weigh('lacking best', kinds.lacking?.best ?? 0);
    if (kinds.lacking?.exact) weigh('lacking exact');
    if (any) weigh('lacking dosed');
    if (tokens.side !== null) weigh('lacking sided');
    weigh('lacking step best', top.best);
    weigh('lacking step covered', Math.max(0, ...steps.map(({ covered }) => covered)));
    weigh('lacking step leftover', steps.length === 0 ? 1 : Math.min(...steps.map(({ leftover }) => leftover)) / 3);
    weigh('lacking unknown', unknown);
  });
  return readings;
}
