import type { Library } from '../asanas/library.js';
import { getOrCreate } from '../get-or-create.js';
import { certaintyOf, isNamed, signsOf } from './certainty.js';
import {
  ARROW_SIGNS,
  areDifferent,
  areNames,
  isNoName,
  CHAIR_BASES,
  counts,
  idOf,
  NEXT_OF_SERIES,
  repeatsItself,
  tellsOtherPosition,
  tellsPosition,
  type Hypothesis,
  type LineEvidence,
  type Part,
  type Reading,
} from './evidence.js';
import type { Agreement, Lexicon, Query } from './lexicon.js';
import type { Candidate, LineKind } from './read-line.js';
import type { WeighedLine } from './sheet.js';
import { wordKey, type StudioWord } from './studio-words.js';
import { CERTAINTY } from './weights.js';

/** So many names, each to the letter, are a list. */
const LIST_PARTS = 3;
/** From here on a posture is taken as understood: of sheets that were never fitted to, one to two lines in a hundred are then taken wrongly. */
export const SURE = 0.82;
/** How often a line that is a name of the library, to the letter, has meant just that. */
const NAMED = 0.99;
/** The same of a list whose parts are each just what somebody calls a posture. */
const LISTED = 0.9;
/** How likely what was taken has to be among all postures, all around it considered: a "pigeon" among postures on the back may be the one there. */
const CLEAR_SHARE = 0.55;
/** The same of the name that the library itself says: "knees to chest" among standing postures is still that. */
const OWN_NAME_SHARE = 0.3;
/** No surer than this where another posture is nearly as likely, one that the line names would be dropped, or most of its words are unknown. */
const LEAVING = 0.5;
/** A posture that a line leads to is taken from here on: "release down to rest" is seldom the rest at the end. */
const LIKELY_ARRIVAL = 0.05;
/** A line is taken as no posture at all where that is likelier than all else together. */
const LIKELY_NO_STEP = 0.5;
/** Or where the kinds that hold none are so together, and it hardly names one that the library lacks. */
const HARDLY_LACKING = 0.05;
/** What has a dose is taken as a remark from here on. */
const CLEARLY_NONE = 0.75;
/** And what takes breaths or minutes from here on: remarks seldom do. */
const CLEARLY_NOT_HELD = 0.9;
/** But in the first lines so many minutes are those of the class. */
const TITLE_LINES = 2;
const CLASS_MINUTES = 20;
const FEW_WORDS = 2;
const MOST_CANDIDATES = 5;
/** What a weighed line was understood as. */
export interface Understood {
  readonly kind: LineKind;
  readonly hypothesis: Hypothesis;
  readonly sure: number;
  readonly candidates: readonly Candidate[];
  readonly word: StudioWord | null;
}

/** Twelve bits of a share, by Veltkamp's splitting (Dekker, Numer. Math. 1971;18:224): a key typed far away changes none of them. */
const SPLIT = 2 ** 41 + 1;
function rounded(share: number): number {
  const split = SPLIT * share;
  return split - (split - share);
}

/** Decides what each line means, once all lines are weighed together. */
export class Understanding {
  private readonly known = new WeakMap<readonly Reading[], { best: number; likely: readonly number[]; understood: Understood }>();
  /** The postures that a line leads from and to, and those that it says are not done. */
  private readonly ends = new WeakMap<LineEvidence, readonly Agreement[]>();
  private readonly denied = new WeakMap<LineEvidence, readonly Agreement[]>();

  constructor(
    private readonly library: Library,
    private readonly lexicon: Lexicon,
  ) {}

  /** What a line means by its `best` reading of all, each of them so `likely`; `own` are the studio's words. */
  of(line: WeighedLine, best: number, likely: readonly number[], own: ReadonlyMap<string, StudioWord>): Understood {
    const shares = likely.map(rounded);
    const word = own.size === 0 ? undefined : own.get(wordKey(line.text));
    if (word) return this.settled(word, this.candidatesOf(line, shares));
    // With a key typed into one line most others mean what they did.
    const known = this.known.get(line.readings);
    if (known && known.best === best && shares.every((share, r) => share === known.likely[r])) return inItsLanguage(line, known.understood);
    const understood = this.decide(line, best, shares);
    this.known.set(line.readings, { best, likely: shares, understood });
    return inItsLanguage(line, understood);
  }

  private candidatesOf({ readings, evidence }: WeighedLine, likely: readonly number[]): Candidate[] {
    return readings
      .flatMap(({ hypothesis }, r) => meantBy(hypothesis).map((meant) => ({ meant, likely: likely[r]! })))
      .sort((a, b) => b.likely - a.likely)
      .filter(({ meant }, i, all) => all.findIndex((one) => one.meant.asana === meant.asana) === i)
      .slice(0, MOST_CANDIDATES)
      .map(({ meant, likely: share }): Candidate => ({
        asana: meant.asana.id,
        variation: variationOf(this.lexicon, evidence.asks, meant),
        likely: share,
      }));
  }

  private decide(line: WeighedLine, best: number, likely: readonly number[]): Understood {
    const { readings } = line;
    const candidates = this.candidatesOf(line, likely);
    const pointed = this.pointedAt(line, likely);
    const chosen = pointed ?? preferred(line, best);
    const { hypothesis } = readings[chosen]!;
    const share = likely[chosen]!;
    const shareOf = (...kinds: readonly Hypothesis['is'][]) =>
      likely.reduce((sum, one, r) => sum + (kinds.includes(readings[r]!.hypothesis.is) ? one : 0), 0);
    if (hypothesis.is === 'step' || hypothesis.is === 'many') {
      const postures = shareOf('step', 'many');
      const certain = certaintyOf(signsOf(line, chosen, likely), CERTAINTY);
      const isOwnName = hypothesis.is === 'step' && this.lexicon.isOwnName(line.evidence.query, hypothesis.asana);
      const clear = isOwnName ? OWN_NAME_SHARE : CLEAR_SHARE;
      const isClear = isList(hypothesis) || pointed !== null || share > clear * postures;
      const isName = standsForItself(hypothesis) && (hypothesis.is === 'step' || isList(hypothesis));
      const least = isName ? NAMED : pointed !== null || isWordForWordList(line, hypothesis) ? LISTED : 0;
      const undoubted = Math.max(least, certain);
      // What is not sure in any case needs no doubts.
      const isDoubted = undoubted > LEAVING && (!isClear || this.isDoubtful(line, hypothesis));
      const sure = isDoubted ? Math.min(certain, LEAVING) : undoubted;
      return { kind: sure >= SURE ? hypothesis.is : 'ask', hypothesis, sure, candidates, word: null };
    }
    const noPosture = shareOf('way', 'repeat', 'note', 'heading');
    const isNone = share >= LIKELY_NO_STEP || (noPosture >= LIKELY_NO_STEP && shareOf('lacking') < HARDLY_LACKING);
    const isAsked =
      hypothesis.is === 'lacking' ||
      !isNone ||
      mayHoldPosture(line, hypothesis.is, share) ||
      (hypothesis.is === 'note' && ((line.line > 1 && this.namesBehindLabel(line)) || this.namesForSome(line) || namesParts(line)));
    return { kind: isAsked ? 'ask' : hypothesis.is, hypothesis, sure: share, candidates, word: null };
  }

  /** Whether a line says more, or other, than the posture that it was taken for. */
  private isDoubtful(line: WeighedLine, hypothesis: Hypothesis): boolean {
    return (
      leavesPart(line, hypothesis) ||
      this.leavesOwnName(line, hypothesis) ||
      leavesHead(line, hypothesis) ||
      isEitherOr(line, hypothesis) ||
      isNameAndMore(line, hypothesis) ||
      isRow(line, hypothesis) ||
      (hypothesis.is === 'many' && OTHER_SIDE_LAST.test(line.evidence.tokens.text)) ||
      this.leadsElsewhere(line, hypothesis) ||
      this.goesOn(line, hypothesis) ||
      this.leavesExercise(line, hypothesis) ||
      this.offersAnother(line, hypothesis) ||
      this.isDenied(line, hypothesis) ||
      isOnlyInBrackets(line, hypothesis) ||
      isAnotherToTheLetter(line, hypothesis) ||
      (hypothesis.is === 'step' && this.lexicon.saysOtherMovement(line.evidence.query, hypothesis.asana)) ||
      this.isElsewhere(line, hypothesis) ||
      isMostlyUnknown(line, hypothesis) ||
      isOfSomebody(line)
    );
  }

  /** Whether a line ends with what the library itself calls an asana of no common word: "neck circles (half), shoulder shrugs". */
  private leavesOwnName({ evidence: { parts, asks } }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact || !parts) return false;
    const own = this.lexicon.query(hypothesis.asana.name).words;
    const others = parts.slice(1).filter(({ tokens, found: { meaning }, words: count }) => {
      if (meaning.kind !== 'asana' || count < 2) return false;
      const { words } = this.lexicon.query(tokens.rest);
      return this.lexicon.isOwnName({ words }, meaning.asana) && !words.some((word) => own.includes(word));
    });
    return others.length > 0 && variationOf(this.lexicon, asks, hypothesis) === null;
  }

  /** Whether a line leads from one posture to another by "to", each named to the letter, and one of them would be dropped. */
  private leadsElsewhere({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact) return false;
    const { rest } = evidence.tokens;
    if (!TO.test(rest)) return false;
    const named = getOrCreate(this.ends, evidence, () => (LEADS.exec(rest)?.slice(1) ?? []).flatMap((end) => this.nameOf(end, evidence)));
    return named.length === 2 && named.every(isNamed) && named.some((found) => idOf(found) !== hypothesis.asana.id);
  }

  /** Whether a line goes on to what seems another posture: "knees to chest, then windscreen", "plank and knees, chest, chin". */
  private goesOn({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact) return false;
    const { rest } = evidence.tokens;
    const named = (words: string, least: number) => {
      const [found] = this.nameOf(words, evidence);
      return found !== undefined && found.meaning.kind === 'asana' && found.best >= least ? idOf(found) : null;
    };
    const next = THEN.exec(rest)?.[1];
    if (next !== undefined && ![null, hypothesis.asana.id].includes(named(next, NEXT_PART))) return true;
    const doses = evidence.tokens.spans.filter(({ as }) => as === 'dose');
    return [...rest.matchAll(AND_MORE)].slice(0, MOST_SIGNS).some(({ index, 0: sign }) => {
      const to = index + sign.length;
      // Each with a dose of its own is done by itself.
      const least = doses.some((dose) => dose.to <= to) && doses.some((dose) => dose.from >= to) ? NEAR_PART : ALSO_PART;
      const [first, second] = [rest.slice(0, index), rest.slice(to)].map((part) => (isNoName(part) ? null : named(part, least)));
      return first !== null && second !== null && first !== second;
    });
  }

  /** Whether behind a comma stands some other exercise, by whatever name: "shoulder circles, chest stretch". */
  private leavesExercise({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step') return false;
    const exercise = EXERCISE.exec(evidence.tokens.rest)?.[1];
    return exercise !== undefined && !this.lexicon.holds(hypothesis.asana, exercise);
  }

  /** Whether a line says that one stands, sits or lies, and nobody calls the posture so: "revolved triangle on the back". */
  private isElsewhere({ evidence: { query, tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact || ON_BELLY.test(tokens.rest)) return false;
    const { asana } = hypothesis;
    return query.places.some(
      ({ stem }, i) => query.words[i]! >= 0 && tellsOtherPosition(stem, asana) && !this.lexicon.holdsWord(asana, query.words[i]!),
    );
  }

  /** Whether some are offered another posture behind it: "bridge 3x, wheel for those who do". */
  private offersAnother({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step') return false;
    const { rest } = evidence.tokens;
    const offered = FOR_WHOM.test(rest) ? OFFERED.exec(rest)?.[1] : undefined;
    const [found] = offered === undefined ? [] : this.nameOf(offered, evidence);
    return found !== undefined && isAsanaToTheLetter(found) && idOf(found) !== hypothesis.asana.id;
  }

  /** Whether the line says that the posture is not done, or not now: "no savasana today", "next week: crow". */
  private isDenied({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    const { text, rest } = evidence.tokens;
    if (NOT_NOW.test(rest) || ONE_ALONE.test(rest) || (NEGATION.test(text) && DENIED_AFTER.test(text))) return true;
    if (hypothesis.is !== 'step' || !NEGATION.test(text)) return false;
    const denied = getOrCreate(this.denied, evidence, () =>
      (DENIED.exec(evidence.tokens.rest)?.slice(1) ?? []).flatMap((rest) => this.nameOf(rest, evidence)),
    );
    return denied.some((found) => found.best >= NEAR_PART && idOf(found) === hypothesis.asana.id);
  }

  /** The reading of the one posture, named to the letter, that a line says how to get to, or for whom; what is done several times is a movement. */
  private pointedAt({ evidence, readings }: WeighedLine, likely: readonly number[]): number | null {
    const { rest, dose } = evidence.tokens;
    const arrives = dose.repetitions === undefined ? ARRIVES.exec(rest)?.[1] : undefined;
    const name = arrives ?? FOR_SOME.exec(rest)?.[1];
    if (name === undefined) return null;
    const [found] = this.nameOf(name, evidence);
    if (!found || !isAsanaToTheLetter(found)) return null;
    const at = readings.findIndex(({ hypothesis }) => hypothesis.is === 'step' && hypothesis.asana.id === idOf(found));
    return at >= 0 && (arrives === undefined || likely[at]! >= LIKELY_ARRIVAL) ? at : null;
  }

  /** Whether a line is some words, a colon and a posture's name to the letter: "if time: triangle". */
  private namesBehindLabel({ evidence }: WeighedLine): boolean {
    const name = BEHIND_LABEL.exec(evidence.tokens.rest)?.[1];
    return name !== undefined && this.nameOf(name, evidence).some(isAsanaToTheLetter);
  }

  /** Whether a line seems to name a posture, and then for whom it is: "pigeon legs only if hips are fine". */
  private namesForSome({ evidence }: WeighedLine): boolean {
    const name = FOR_SOME.exec(evidence.tokens.rest)?.[1];
    return name !== undefined && this.nameOf(name, evidence).some(({ meaning, best }) => meaning.kind === 'asana' && best >= CLEAR_PART);
  }

  /** What some words of a line name by themselves, if anything. */
  private nameOf(words: string, { surrounding }: LineEvidence): Agreement[] {
    return this.lexicon.agreements(this.lexicon.query(words), 1, surrounding);
  }

  private settled(word: StudioWord, candidates: readonly Candidate[]): Understood {
    const { means } = word;
    const asana = means.is === 'asana' ? this.library.find(means.asana) : null;
    if (means.is !== 'asana' || !asana) return { kind: 'note', hypothesis: { is: 'note' }, sure: 1, candidates, word };
    return { kind: 'step', hypothesis: { is: 'step', asana, variation: means.variation, found: null }, sure: 1, candidates, word };
  }
}

/** What has words of another language is asked about, but for the title. */
function inItsLanguage({ isForeign, line }: WeighedLine, understood: Understood): Understood {
  const isTitle = line === 1 && (understood.kind === 'note' || understood.kind === 'heading');
  return isForeign && !isTitle ? { ...understood, kind: 'ask', sure: Math.min(understood.sure, LEAVING) } : understood;
}

/** Whether a name is just what somebody calls one asana, and no other. */
export function isAsanaToTheLetter({ meaning, exact, ambiguous }: Agreement): boolean {
  return meaning.kind === 'asana' && exact && !ambiguous;
}

const SOME_LETTER = /\p{L}/u;
/** A word or a picture of something: "🐱🐮 x8" counts what it shows. */
const SOMETHING = /\p{L}|\p{Extended_Pictographic}/u;
/** Whether a line that was taken for no posture may hold one after all. */
function mayHoldPosture({ evidence, line }: WeighedLine, is: Hypothesis['is'], share: number): boolean {
  const { query, tokens, agreements, parts } = evidence;
  const { minutes, breaths, rounds } = tokens.dose;
  const isDosed = counts(tokens.dose).any;
  const head = evidence.head ?? [];
  // What is repeated, or a way, is hardly held.
  const isForTime = (minutes ?? breaths) !== undefined;
  const isClassLong = line <= TITLE_LINES && minutes !== undefined && minutes >= CLASS_MINUTES;
  const isHeld = isForTime && share < SURE;
  switch (is) {
    case 'note': {
      // "Candle" is a light in the room, and the shoulder stand; "savasana | eye bag", "clams – only if allowed" are more than a remark.
      const isTold = isDosed || tokens.rest.includes('|') || CONDITION.test(tokens.rest);
      const told = isTold ? [...agreements, ...head, ...(parts ?? []).map(({ found }) => found)] : agreements;
      // Words of another language that are held or counted are no remark either.
      const isForeign = query.words.length > 0 && query.known === 0;
      // Nor is a word or two that nobody knows, below the title: "blsana".
      if (isForeign && line > TITLE_LINES && query.words.length <= FEW_WORDS) return true;
      const isNear = head.slice(0, 1).some(({ meaning, best }) => meaning.kind === 'asana' && best >= NEAR_PART);
      // What is counted or held, and hardly a remark: "turn the head as if to say no, slowly, 4".
      const isDoubted = isForeign || isNear || share < (isForTime ? CLEARLY_NOT_HELD : CLEARLY_NONE);
      // "Scorpion – demo" is a posture all the same, though the library lacks it.
      const isLacking = line > 1 && head.some(({ meaning, exact }) => meaning.kind === 'lacking' && exact);
      return told.some(isAsanaToTheLetter) || isLacking || (isDosed && !isClassLong && isDoubted);
    }
    case 'repeat':
      // What is repeated is said in words that are known, and is hardly anything else.
      return (
        isHeld || share < CLEARLY_NONE || query.known < query.words.length || (query.words.length === 0 && SOMETHING.test(tokens.rest))
      );
    case 'way':
      return isHeld;
    case 'heading':
      // A part of a class has its minutes; what is counted is done, and so may be what has a posture's name ("MOUNTAIN POSE").
      return (
        breaths !== undefined ||
        rounds !== undefined ||
        tokens.dose.repetitions !== undefined ||
        (minutes === undefined && agreements.some(isAsanaToTheLetter))
      );
    default:
      return false;
  }
}

/** Whether several parts of a line are like some posture: "inh arms up, exh fold, inh half lift". */
function namesParts({ evidence: { parts }, line }: WeighedLine): boolean {
  const like = (least: number) => (parts ?? []).filter(({ found: { meaning, best } }) => meaning.kind === 'asana' && best >= least).length;
  return like(CLEAR_PART) >= OTHER_NAMES || (line > 1 && like(NEAR_PART) >= LIST_PARTS);
}

/** Another way is told in a bracket: "pigeon (or figure four on the back)". */
const OR_ELSE = /\p{L}[^()]*\(\s*(?:or|alt)(?!\p{L})/iu;
/** Whether a posture is spoken of in a bracket alone, behind the name of another one. */
function isOnlyInBrackets({ evidence: { head, tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step' || !head || !tokens.rest.includes('(')) return false;
  const isMeant = ({ meaning }: Agreement) => meaning.kind === 'asana' && meaning.asana === hypothesis.asana;
  if (OR_ELSE.test(tokens.rest)) return !head.slice(0, 1).some(isMeant);
  return head.some(isAsanaToTheLetter) && !head.some(isMeant);
}

/** Whether the line is just what somebody calls another posture: "ardha halasana" is no plough. On a chair many have the name that they have on the floor. */
function isAnotherToTheLetter({ evidence: { agreements } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step' || hypothesis.found?.exact || CHAIR_BASES.has(hypothesis.asana.base)) return false;
  return agreements.some((found) => isAsanaToTheLetter(found) && idOf(found) !== hypothesis.asana.id);
}

/** A name, as it seems, before what follows: "Jonna: pigeon on her back". */
const SOMEBODY = /^\s*(?:\p{Lu}\p{Ll}+\s*[,&+]?\s*){1,2}[:–—]\s*(?=\p{L})/u;
/** Whether a line seems to tell what one person does: it begins with a word that nobody uses of a class. */
function isOfSomebody({ evidence: { query, tokens } }: WeighedLine): boolean {
  const to = SOMEBODY.exec(tokens.rest)?.[0].length ?? 0;
  const before = query.places.map((place, i) => ({ ...place, isKnown: query.words[i]! >= 0 })).filter((place) => place.to <= to);
  return before.length > 0 && before.every(({ isKnown }) => !isKnown);
}

const SHORT_WORD = 5;
const COUNTING = /^(?:one|two|three|four|half|\d.*)$/;
/** Whether of a line's words only numbers are known, or its only word is never a whole name: two onions are no posture. */
function isMostlyUnknown({ evidence: { query } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step' || hypothesis.found === null || (hypothesis.found.exact && query.guessed === 0)) return false;
  const knowsAWord = query.places.some(({ stem }, i) => query.words[i]! >= 0 && !COUNTING.test(stem));
  const [first] = query.places;
  const isOneWord = query.words.length === 1 && first !== undefined;
  // One short word that is known only as a misspelling may be any.
  return !knowsAWord || (isOneWord && ((query.guessed === 0 && !hypothesis.found.exact) || first.to - first.from < SHORT_WORD));
}

/** "Press back to child's pose", "lower the knees into child's": how to get there, then the posture. */
const ARRIVES =
  /^\s*(?:(?:and|then|now)\s+)*(?:press|push|sit|lower|walk|come|move|release|melt|sink|settle|drop|shift)(?:ing)?\s+(?:(?:the|your)\s+)*(?:(?:hips|knees|seat|bottom|heels|chest|hands|down|back|up|forwards?|gently|slowly)\s+)*(?:in)?to\s+(?:(?:a|an|the|your)\s+)*(\p{L}[\p{L}'’ -]+?)\s*$/iu;
/** "Bow if backs are happy", "chair pose, only as low as you like": a posture, then for whom or how far. What begins with a plain verb says what to do then: "rest if tired", "stand at the wall if ...". */
const FOR_SOME =
  /^\s*(?!(?:rest|relax|sit|stand|kneel|lie|breathe|pause|wait|hold|stay|stop|move)(?!\p{L}))(\p{L}[\p{L}'’ -]*?)\s*[,–—(-]?\s+(?:or sit up |or not )?(?:only )?(?:if|unless|when|as (?:low|far|deep|high|long|much|slow(?:ly)?) as|for (?:those|whoever|anybody|anyone|some))(?!\p{L}).*$/iu;
/** What somebody does only under a condition. */
const CONDITION =
  /(?<!\p{L})(?:only|just) (?:if|when|where)(?!\p{L})|(?<!\p{L})(?:if|unless) (?:allowed|needed|possible|comfortable|ok|okay|time)(?!\p{L})/iu;
/** Behind a sign, another posture and for whom it is. */
const OFFERED = /[,;]\s*(\p{L}[^,;]*?)\s+(?:for (?:those|whoever|anyone|anybody|some)|optional|option)(?!\p{L})/iu;
/** What stands behind a colon, but for what a class is about, hears or brings. */
const BEHIND_LABEL =
  /^\s*(?!(?:theme|focus|intention|quote|poem|story|reading|playlist|music|song|bring|props?|equipment|homework|next|last)(?!\p{L}))[^:]{2,24}:\s+(\p{L}[^:]*?)\s*$/iu;
/** Without such words nobody is offered anything. */
const FOR_WHOM = /for (?:those|whoever|anyone|anybody|some)|option/i;
/** From one posture to the next: "warrior 3 to half moon". The word alone is found at once. */
const TO = /\sto\s/i;
const LEADS = /^(.*?\p{L}.*?)\s+to\s+(\p{L}.*)$/iu;
/** "Hands on the belly" says nothing of where one lies. */
const ON_BELLY =
  /(?:hands?|palms?|fingers|weight|sandbag|bag|book|toy|teddy|baby|blanket|cushion)\s+on\s+(?:the |your )?(?:belly|bellies|tummy|stomach|front)/i;
/** What stands behind a sign and is called an exercise; the word for what it is. */
const EXERCISE =
  /[,;+&]\s*(?:and\s+)?(?!(?:with|w\/|no|then|on|in|at|hold)(?!\p{L}))[\p{L}’' -]*?(?<!\p{L})(stretch(?:es)?|taps?|circles?|rolls?|lifts?|raises?|press(?:es)?|curls?|squeezes?|shrugs?|twists?|pose|\p{L}+asana|openers?|massage|swings?|kicks?|folds?|bends?|walks?|planks?)(?!\p{L})/iu;
/** What may lead on to another posture. */
const AND_MORE = /\s(?:and|&|\+|[-–—/])\s+|;\s*|\s*→\s*/giu;
const THEN = /\p{L}\W+(?:and )?then\s+(?!to\s)(\p{L}.*)$/iu;
/** Without such a word nothing is denied. */
const NEGATION = /no|skip|avoid|never|instead|rather|left|leave|cancel|too much/i;
/** What a line says is not done, up to the next sign. */
const DENIED = /(?<!\p{L})(?:no|not|skip|avoid|never|instead of|rather than)\s+(?:(?:the|a|any|full|into)\s+)*(\p{L}[^,;:.()–—/]*)/iu;
/** The same behind its name: "hover – NO". */
const DENIED_AFTER =
  /\p{L}.*(?:[-–—:?!(,;]\s*|\s)(?:no|not (?:today|tonight|yet|this (?:week|time))|(?:skip(?:ped)?(?: it| this)?|(?:leave|left) (?:it |this )?out|was too much|cancel(?:led)?)(?: (?:today|tonight|now|this (?:week|time)|again))?)\W*$/iu;
/** What a line tells instead of what is done now: what is left out, what was or will be, what the class is about. */
const NOT_NOW =
  /^\W*(?:(?:no(?! (?:hands?|arms?|feet|legs?|knees?|hold(?:s|ing)?|pauses?)(?!\p{L}))(?= )|skip|avoid|omit|leave out|ask (?:about|for|if)|do ?n[o’']?t do|never|(?:next|last) (?:week|time|term|class))(?!\p{L})|(?:theme|focus|intention|homework|quote|idea)\s*:|(?:maybe|perhaps|possibly)(?!\p{L}).*\?\W*$)/iu;
/** Behind a posture, the one person whom it is for: "bow – only Signe". */
const ONE_ALONE = /(?<!\p{L})(?:[Oo]nly|[Jj]ust) (?:for )?\p{Lu}\p{Ll}{2,}\W*$/u;
/** From one posture to the other, as teachers draw it. */
const ARROW = new RegExp(`[${ARROW_SIGNS}]|->`, 'u');
/** Several postures on one side, and then the other: "lunge R → half split R → L". */
const OTHER_SIDE_LAST = new RegExp(`(?:${ARROW.source}|;)\\uFE0F?\\s*(?:l|r|left|right|other side)\\W*$`, 'iu');
/** "And then" in a line: one posture after another. */
const ONE_AFTER_ANOTHER = new RegExp(`${ARROW.source}|(?<!\\p{L})then(?!\\p{L})`, 'iu');
/** Several of a series: "W1-W3", "Vira II, Vira I". */
const SERIES =
  /(?<!\p{L})(?:w|war|warriors?|vira\p{L}*|padangusthasana|mar[ií]ch?yasana)\s*(?:[1-4]|i{1,3})(?:\s*(?:[-–—,;+&/]|to|and)\s*(?:w|war|warriors?|vira\p{L}*)?|\s+(?:w|war|warriors?|vira\p{L}*))\s*(?:[1-4]|i{1,3})(?![\p{L}\d])/iu;
/** A posture, then one that is revolved: "triangle, rev triangle", "side angle, then revolved side angle". */
const AND_REVOLVED = /\p{L}{2}\s*(?:[,;+&/>→]|(?<!\p{L})then)\s*(?:then\s+)?(?:rev(?:olved)?\.?|pari?vri?t+a)\s+\p{L}{3}/iu;
/** Several forms of one posture by their letters: "prasarita A C". */
const LETTERED = /\p{L}{4}\s+[A-D](?:\s*[,+&/]\s*|\s+)[A-D](?!\p{L})/u;
/** Parts set apart by dashes or arrows go one after another too, where there are several. */
const STEPWISE = /(?:(?:\s[-–—]\s|→|>).*){2}/;
/** So are parts that each agree so well with some posture. */
const CLEAR_PART = 0.8;
const NEAR_PART = 0.5;
const NEXT_PART = 0.6;
const ALSO_PART = 0.8;
/** So many signs of a line are looked at. */
const MOST_SIGNS = 4;
/** So many other names are a list, whatever stands between them. */
const OTHER_NAMES = 2;

/** Whether each part of a line has a dose of its own: "locust x3, bow x2". */
function areDosed(parts: readonly Part[] | null): boolean {
  return parts !== null && parts.every(({ tokens }) => counts(tokens.dose).any);
}

/** Whether parts with a dose of their own are different postures, as far as their words tell. */
function areApart(parts: readonly Part[]): boolean {
  return (
    areDosed(parts) && parts.every(({ found }) => found.best >= NEAR_PART) && parts.some(({ found }) => found.exact) && areDifferent(parts)
  );
}

/** Whether all parts but one are just what somebody calls a posture, and that one is near to it. */
function areAllButOneExact(parts: readonly Part[]): boolean {
  const [other, second] = parts.filter(({ found }) => !found.exact);
  return other !== undefined && second === undefined && other.found.best >= NEAR_PART;
}

/** Whether a line holds, beside the posture it was taken for, others that are named to the letter and would be dropped. */
function leavesPart({ evidence: { parts, tokens, query } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step') return false;
  if ([SERIES, AND_REVOLVED, LETTERED].some((several) => several.test(tokens.rest))) return true;
  const isExact = hypothesis.found?.exact === true;
  const isSeries = NEXT_OF_SERIES.test(tokens.rest);
  const isTwice = isExact && repeatsItself(query, tokens.rest);
  // A posture named to the letter is the whole line, unless it stands there twice, is of a series, or an arrow leads on.
  if ((isExact && !isTwice && !isSeries && !ARROW.test(tokens.text)) || !parts) return false;
  // "Plank 30 s, side plank 15 s": what has a dose of its own is done by itself.
  if (areApart(parts) && hypothesis.asana.pattern === null) return true;
  const areClear = parts.every(({ found }) => found.best >= CLEAR_PART) || areAllButOneExact(parts);
  const isListed = parts.length >= LIST_PARTS && (STEPWISE.test(tokens.rest) || areClear);
  const others = parts.filter(
    ({ found }) => (isNamed(found) || ((isListed || isSeries) && found.exact && !found.ambiguous)) && idOf(found) !== hypothesis.asana.id,
  );
  const isOneEnough = isTwice || isListed || isSeries || ONE_AFTER_ANOTHER.test(tokens.text);
  return others.length >= (isOneEnough ? 1 : OTHER_NAMES);
}

/** Whether more stands before a list than where it is done: "at home: bird dog, bridge", "cross-legged: shoulder rolls, neck". */
function leavesHead({ evidence: { query } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'many') return false;
  const begins = hypothesis.parts[0]!.from;
  return query.places.some(({ stem, to }) => to <= begins && SOME_LETTER.test(stem) && !tellsPosition(stem));
}

/** Whether a stroke may leave the choice between two postures that stand in for each other: "padmasana / sukhasana". */
function isEitherOr({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'many' || hypothesis.parts.length !== 2) return false;
  const [first, second] = hypothesis.parts as [Part, Part];
  if (!/^\s*\/\s*$/.test(tokens.text.slice(first.to, second.from)) || areDosed(hypothesis.parts)) return false;
  const [one, other] = meantBy(hypothesis).map(({ asana }) => asana);
  return one !== undefined && other !== undefined && (one.substitutes.includes(other.id) || other.substitutes.includes(one.id));
}

/** Whether two seem to be one after another, and the second may tell how the first is done: "tandem, look over the shoulder". */
function isNameAndMore({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'many' || hypothesis.parts.length !== 2 || areDosed(hypothesis.parts)) return false;
  const [first, second] = hypothesis.parts as [Part, Part];
  return /^\s*,\s*$/.test(tokens.text.slice(first.to, second.from)) && !second.found.name;
}

/** Whether what seems to be several postures are cells of a row: "savasana | 10 min | bolster under knees". */
function isRow({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many' && tokens.text.slice(hypothesis.parts[0]!.to, hypothesis.parts.at(-1)!.from).includes('|');
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
  if (hypothesis.is === 'step' && (SERIES.test(evidence.tokens.rest) || areDosed(evidence.parts))) {
    const several = readings.findIndex(({ hypothesis: one }) => one.is === 'many' && areNames(one.parts));
    if (several >= 0) return several;
  }
  const named = readings.findIndex(({ hypothesis: one }) => standsForItself(one) && (one.is === 'step' || isList(one)));
  if (named < 0) return best;
  switch (hypothesis.is) {
    case 'step':
      return hypothesis.found?.exact && !hypothesis.found.ambiguous ? best : named;
    case 'way':
    case 'repeat':
    case 'note':
      // What is held or counted is no remark.
      if (hypothesis.is === 'note' && counts(evidence.tokens.dose).any) return named;
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

/** Whether each part of a line is just what somebody calls a posture, and the line sets them one after another. */
function isWordForWordList({ evidence: { agreements, tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  return (
    hypothesis.is === 'many' &&
    hypothesis.parts.every(({ found: { exact } }) => exact) &&
    !agreements[0]?.exact &&
    (isList(hypothesis) ||
      (areDosed(hypothesis.parts) && !NEXT_OF_SERIES.test(tokens.rest)) ||
      SERIES.test(tokens.rest) ||
      ONE_AFTER_ANOTHER.test(tokens.text))
  );
}

export type StepHypothesis = Extract<Hypothesis, { is: 'step' }>;
/** A posture with what in the line names it. */
type Meant = Omit<StepHypothesis, 'is'>;

/** The way to do an asana that a line's words ask for. */
export function variationOf(lexicon: Lexicon, query: Query, { asana, variation, found }: Meant): string | null {
  if (
    variation !== null &&
    (found?.exact || lexicon.saysVariation(query, asana, variation)) &&
    !lexicon.deniesVariation(query, asana, variation)
  )
    return variation;
  // The asana's own name and nothing more is its plain way.
  return found?.exact ? null : lexicon.variation(query, asana);
}
