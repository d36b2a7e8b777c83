import { getOrCreate } from '../get-or-create.js';
import { isNamed, SURE } from './certainty.js';
import {
  areDifferent,
  CHAIR_BASES,
  counts,
  idOf,
  isNoName,
  NEXT_OF_SERIES,
  repeatsItself,
  tellsOtherPosition,
  tellsPosition,
  type Hypothesis,
  type LineEvidence,
  type Part,
} from './evidence.js';
import type { Agreement, Lexicon } from './lexicon.js';
import { areDosed, ARROW, LIST_PARTS, ONE_AFTER_ANOTHER, SERIES } from './lists.js';
import { isAsanaToTheLetter, meantBy, variationOf, type StepHypothesis } from './meant.js';
import type { WeighedLine } from './sheet.js';

/** What makes a line be asked about, however likely its reading is. */
export class Doubts {
  /** What words of a line mean by themselves: asked again with every key that is typed into another one. */
  private readonly meanings = new WeakMap<LineEvidence, Map<string, Agreement | null>>();

  constructor(private readonly lexicon: Lexicon) {}

  /** Whether a line says more, or other, than the posture that it was taken for. */
  ofPosture(line: WeighedLine, hypothesis: Hypothesis): boolean {
    return (
      leavesPart(line, hypothesis) ||
      this.leavesOwnName(line, hypothesis) ||
      leavesHead(line, hypothesis) ||
      isEitherOr(line, hypothesis) ||
      isNameAndMore(line, hypothesis) ||
      isRow(line, hypothesis) ||
      sharesTime(line, hypothesis) ||
      isTooLong(line, hypothesis) ||
      (hypothesis.is === 'many' && OTHER_SIDE_LAST.test(line.evidence.tokens.text)) ||
      this.leadsElsewhere(line, hypothesis) ||
      this.goesOn(line, hypothesis) ||
      this.isDosedTwice(line, hypothesis) ||
      this.leavesFirst(line, hypothesis) ||
      this.leavesExercise(line, hypothesis) ||
      this.offersAnother(line, hypothesis) ||
      this.isSecondChoice(line, hypothesis) ||
      this.isOfOtherLimb(line, hypothesis) ||
      this.isDenied(line, hypothesis) ||
      isOnlyInBrackets(line, hypothesis) ||
      isAnotherToTheLetter(line, hypothesis) ||
      (hypothesis.is === 'step' && this.lexicon.saysOtherMovement(line.evidence.query, hypothesis.asana)) ||
      this.isElsewhere(line, hypothesis) ||
      this.leavesFurniture(line, hypothesis) ||
      isMostlyUnknown(line, hypothesis) ||
      isOfSomebody(line)
    );
  }

  /** Whether a line that was taken for no posture, so likely, may hold one after all. */
  ofNone(line: WeighedLine, is: Hypothesis['is'], share: number): boolean {
    const isNamedInNote = is === 'note' && ((line.line > 1 && this.namesByASign(line)) || this.namesForSome(line) || namesParts(line));
    return mayHoldPosture(line, is, share) || isNamedInNote;
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

  /** Whether a line leads from one posture to another by "to", the first named to the letter ("W2 to ext side"), and one of them would be dropped. */
  private leadsElsewhere({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact) return false;
    const { rest } = evidence.tokens;
    if (!TO.test(rest)) return false;
    const [first, second] = (LEADS.exec(rest)?.slice(1) ?? []).map((end) => this.meaning(end, evidence));
    if (!first || !second || !isNamed(first) || second.meaning.kind !== 'asana') return false;
    return second.best >= NEXT_PART && [first, second].some((found) => idOf(found) !== hypothesis.asana.id);
  }

  /** What words of a line mean by themselves; `null` for nothing, and where there are none. */
  private meaning(words: string | undefined, evidence: LineEvidence): Agreement | null {
    if (words === undefined) return null;
    const known = getOrCreate(this.meanings, evidence, () => new Map<string, Agreement | null>());
    return getOrCreate(known, words, () => this.lexicon.meaningsOf(words, evidence.surrounding)[0] ?? null);
  }

  /** The same of words that may name a posture; `null` for none. */
  private named(words: string | undefined, evidence: LineEvidence): Agreement | null {
    const found = words === undefined || isNoName(words) ? null : this.meaning(words, evidence);
    return found?.meaning.kind === 'asana' ? found : null;
  }

  /** Whether a line goes on to what seems another posture: "knees to chest, then windscreen", "plank and knees, chest, chin". */
  private goesOn({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact) return false;
    const { rest, spans } = evidence.tokens;
    const next = this.named(THEN.exec(rest)?.[1], evidence);
    if (next !== null && next.best >= NEXT_PART && !isOf(next, hypothesis)) return true;
    const doses = spans.filter(({ as }) => as === 'dose');
    return [...rest.matchAll(AND_MORE)].slice(0, MOST_SIGNS).some(({ index, 0: sign }) => {
      const to = index + sign.length;
      // Each with a dose of its own is done by itself; what a sign clearly parts need not be named well on both sides.
      const areDosedApart = doses.some((dose) => dose.to <= to) && doses.some((dose) => dose.from >= to);
      const [first, second] = [rest.slice(0, index), rest.slice(to).replace(ON_CONDITION, '')];
      const least = areDosedApart || PARTS.test(sign) ? NEAR_PART : ALSO_PART;
      return areTwo(this.named(first, evidence), this.named(second, evidence), least, areDosedApart ? NEAR_PART : ALSO_PART);
    });
  }

  /** Whether two postures have a dose each, whatever parts them: "bridge x2 wheel x1", "leg swings 10 each, heel lifts 10". */
  private isDosedTwice({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    const { rest, spans } = evidence.tokens;
    const [dose, another] = spans.filter(({ as }) => as === 'dose');
    // A second number alone is no part of the dose that was read.
    const end = another?.from ?? NUMBER_AT_END.exec(rest)?.index;
    if (hypothesis.is !== 'step' || !dose || end === undefined) return false;
    const [first, second] = [rest.slice(0, dose.from), rest.slice(dose.to, end)];
    return !ONLY_HELD.test(second) && areTwo(this.named(first, evidence), this.named(second, evidence), NEAR_PART, NEXT_PART);
  }

  /** Whether a line was taken for what stands behind a comma, and another posture's name before it: "warrior II, peaceful warrior". */
  private leavesFirst({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact) return false;
    const { head, tokens, query } = evidence;
    const names = head?.filter(isNamed) ?? [];
    const comma = tokens.rest.indexOf(',');
    if (comma < 0 || SAYS_HOW.test(tokens.rest) || names.length === 0 || names.some((found) => isOf(found, hypothesis))) return false;
    // "All fours, tail wags" says where.
    if (query.places.every(({ stem, to }) => to > comma || tellsPosition(stem))) return false;
    const behind = this.meaning(tokens.rest.slice(comma + 1), evidence);
    return behind !== null && behind.best >= ALSO_PART && isOf(behind, hypothesis);
  }

  /** Whether behind a comma stands some other exercise, by whatever name: "shoulder circles, chest stretch". */
  private leavesExercise({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step') return false;
    const exercise = EXERCISE.exec(evidence.tokens.rest)?.[1];
    return exercise !== undefined && !this.lexicon.holds(hypothesis.asana, exercise);
  }

  /** Whether a line says that one stands, sits or lies, and nobody calls the posture so: "revolved triangle on the back". */
  private isElsewhere({ evidence: { query, tokens, surrounding } }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact) return false;
    const { asana } = hypothesis;
    if (CHAIR_BASES.has(asana.base) && !surrounding.has('chair') && [SITS_ON, TABLE].some((where) => where.test(tokens.rest))) return true;
    if (ON_BELLY.test(tokens.rest)) return false;
    return query.places.some(
      ({ stem }, i) => query.words[i]! >= 0 && tellsOtherPosition(stem, asana) && !this.lexicon.holdsWord(asana, query.words[i]!),
    );
  }

  /** Whether a line says at what it is done, and neither the posture nor the way to do it is so: "downward dog at wall or chair". */
  private leavesFurniture({ evidence: { asks, tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step' || hypothesis.found?.exact || AT_FURNITURE.has(hypothesis.asana.base)) return false;
    if (TABLE.test(tokens.rest)) return false;
    return this.lexicon.saysOtherFurniture(asks, hypothesis.asana) && variationOf(this.lexicon, asks, hypothesis) === null;
  }

  /** Whether some are offered another posture behind it: "bridge 3x, wheel for those who do". */
  private offersAnother({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step') return false;
    const { rest } = evidence.tokens;
    const offered = FOR_WHOM.test(rest) ? OFFERED.exec(rest)?.[1] : undefined;
    return isAnother(this.meaning(offered, evidence), hypothesis);
  }

  /** Whether a line was taken for what may be done instead of what it names first: "half pigeon or figure 4 on the back". */
  private isSecondChoice({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    const { rest } = evidence.tokens;
    const at = rest.search(OR_ANOTHER);
    if (hypothesis.is !== 'step' || at < 0 || SAYS_HOW.test(rest)) return false;
    return isAnother(this.meaning(rest.slice(0, at), evidence), hypothesis);
  }

  /** Whether a line counts for each of some limbs, and nobody says them of the posture: "squeeze a ball, 10 each hand". */
  private isOfOtherLimb({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
    if (hypothesis.is !== 'step') return false;
    const limb = EACH_LIMB.exec(tokens.text)?.[1];
    return limb !== undefined && !this.lexicon.holds(hypothesis.asana, limb);
  }

  /** Whether the line says that the posture is not done, or not now: "no savasana today", "next week: crow". */
  private isDenied({ evidence }: WeighedLine, hypothesis: Hypothesis): boolean {
    const { text, rest } = evidence.tokens;
    if (NOT_NOW.test(rest) || ONE_ALONE.test(rest)) return true;
    if (!NEGATION.test(text)) return false;
    if (DENIED_AFTER.test(text)) return true;
    if (hypothesis.is !== 'step') return false;
    const denied = this.meaning(DENIED.exec(rest)?.[1], evidence);
    return denied !== null && denied.best >= NEAR_PART && isOf(denied, hypothesis);
  }

  /** Whether a posture is named to the letter behind some words and a colon, or before a question mark: "if time: triangle", "crow?? see energy". */
  private namesByASign({ evidence }: WeighedLine): boolean {
    return [BEHIND_LABEL, OPEN].some((sign) => {
      const found = this.meaning(sign.exec(evidence.tokens.rest)?.[1], evidence);
      return found !== null && isAsanaToTheLetter(found);
    });
  }

  /** Whether a line seems to name a posture, and then for whom it is: "pigeon legs only if hips are fine". */
  private namesForSome({ evidence }: WeighedLine): boolean {
    const { rest } = evidence.tokens;
    const found = this.meaning(FOR_SOME.exec(rest)?.[1], evidence);
    return found !== null && found.meaning.kind === 'asana' && found.best >= (CONDITION.test(rest) ? NEXT_PART : CLEAR_PART);
  }
}

/** Where a posture is done at a chair or a wall anyway. */
const AT_FURNITURE: ReadonlySet<string> = new Set([...CHAIR_BASES, 'standing-wall']);
/** What has a dose is taken as a remark from here on. */
const CLEARLY_NONE = 0.75;
/** And what takes breaths or minutes from here on: remarks seldom do. */
const CLEARLY_NOT_HELD = 0.9;
/** But in the first lines so many minutes are those of the class. */
const TITLE_LINES = 2;
const CLASS_MINUTES = 20;
/** Nobody works from this effort on for so many minutes. */
const HARD = 3;
const LONG_MINUTES = 5;
/** So many words that nobody knows may be a name. */
const FEW_WORDS = 2;
/** Breaths by another name: "both feet down, 3 deep sighs". */
const COUNTED_SIGHS = /(?<!\p{L})(?:\d+|two|three|four|five)\s+(?:\p{L}+\s+)?(?:sighs?|exhales?|inhales?|oms?)(?!\p{L})/iu;
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
      if (line > 1 && COUNTED_SIGHS.test(tokens.rest)) return true;
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
      // "Roll up, mountain" gets to a posture that is named.
      return isHeld || (share < CLEARLY_NONE && (query.known === 0 || (parts ?? []).some(({ found }) => isAsanaToTheLetter(found))));
    case 'heading':
      // A part of a class has its minutes; what is counted is done, and so may be what has a posture's name ("MOUNTAIN POSE").
      return (
        breaths !== undefined ||
        rounds !== undefined ||
        tokens.dose.repetitions !== undefined ||
        (minutes === undefined && agreements.some(isAsanaToTheLetter)) ||
        OTHER_SIDE.test(tokens.text)
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

/** Whether the line is just what somebody calls another posture, or what the library lacks: "ardha halasana" is no plough. On a chair many have the name that they have on the floor. */
function isAnotherToTheLetter({ evidence: { agreements } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step' || (hypothesis.found?.exact && !hypothesis.found.ambiguous)) return false;
  if (agreements.some(({ meaning, exact, ambiguous }) => meaning.kind === 'lacking' && exact && !ambiguous)) return true;
  if (CHAIR_BASES.has(hypothesis.asana.base)) return false;
  return agreements.some((found) => isAnother(found, hypothesis));
}

/** A name, as it seems, before what follows: "Jonna: pigeon on her back". */
const SOMEBODY = /^\s*(?:\p{Lu}\p{Ll}+\s*[,&+]?\s*){1,2}[:–—]\s*(?=\p{L})/u;
/** Whether a line seems to tell what one person does: it begins with a word that nobody uses of a class. */
function isOfSomebody({ evidence: { query, tokens } }: WeighedLine): boolean {
  const to = SOMEBODY.exec(tokens.rest)?.[0].length ?? 0;
  const before = query.places.map((place, i) => ({ ...place, isKnown: query.words[i]! >= 0 })).filter((place) => place.to <= to);
  return before.length > 0 && before.every(({ isKnown }) => !isKnown);
}

/** In letters as it was typed. */
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

/** "Bow if backs are happy", "chair pose, only as low as you like": a posture, then for whom or how far. What begins with a plain verb says what to do then: "rest if tired", "stand at the wall if ...". */
export const FOR_SOME =
  /^\s*(?!(?:rest|relax|sit|stand|kneel|lie|breathe|pause|wait|hold|stay|stop|move)(?!\p{L}))(\p{L}[\p{L}'’ -]*?)\s*[,–—(-]?\s+(?:or sit up |or not )?(?:only )?(?:if|unless|when|as (?:low|far|deep|high|long|much|slow(?:ly)?) as|for (?:those|whoever|anybody|anyone|some))(?!\p{L}).*$/iu;
/** A name that is not yet settled: "crow?? see energy". */
const OPEN = /^[^\p{L}]*((?:\p{L}+ ){0,2}\p{L}+)\s*\?/u;
/** What is done again is no name of a part. */
const OTHER_SIDE = /(?<!\p{L})(?:other|same) side\W*$/iu;
/** What somebody does only under a condition. */
const CONDITION =
  /(?<!\p{L})(?:only|just) (?:if|when|where)(?!\p{L})|(?<!\p{L})(?:if|unless) (?:allowed|needed|possible|comfortable|ok|okay|time)(?!\p{L})/iu;
/** Before another way that may be taken instead. */
const OR_ANOTHER = /\sor\s+\p{L}/iu;
const EACH_LIMB = /(?<!\p{L})(?:each|ea|per)\s+(hand|foot|arm|elbow|wrist|ankle)(?!\p{L})/iu;
/** Behind a sign, another posture and for whom it is. */
const OFFERED = /[,;]\s*(\p{L}[^,;]*?)\s+(?:for (?:those|whoever|anyone|anybody|some)|optional|option)(?!\p{L})/iu;
/** What stands behind a colon, but for what a class is about, hears or brings. */
const BEHIND_LABEL =
  /^\s*(?!(?:theme|focus|intention|quote|poem|story|reading|playlist|music|song|bring|props?|equipment|homework|next|last)(?!\p{L}))[^:]{2,24}:\s+(\p{L}[^:]*?)\s*$/iu;
/** Without such words nobody is offered anything. */
const FOR_WHOM = /for (?:those|whoever|anyone|anybody|some)|option/i;
/** From one posture to the next: "warrior 3 to half moon". The word alone is found at once. */
const TO = /\sto\s/i;
const LEADS = /^(.*?\p{L}.*?)\s+to\s+(?!(?:(?:the|a)\s+)?(?:walls?|chairs?|seats?|tables?|floor|mat)(?!\p{L}))(\p{L}.*)$/iu;
/** Before a sign, where the limbs are, or no more than that one rests. */
const SAYS_HOW = /^\W*(?:rest|relax|legs?|knees?|feet|arms?|hands?|palms?)(?!\p{L})/iu;
/** Nobody sits so on a chair. */
const SITS_ON =
  /(?<!\p{L})(?:sit(?:ting)?|seated|seat)(?!\p{L})[^,;]*?\son\s+(?:(?:a|the|your|some|two|2|folded|rolled|high|low)\s+)*(?:blankets?|bolsters?|blocks?|bricks?|cushions?|pillows?|mats?|floor)(?!\p{L})/iu;
/** The shape on hands and knees, above what is done in it. */
const TABLE = /^\W*table(?:[ -]?top)?\s*:/i;
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
/** Several postures on one side, and then the other: "lunge R → half split R → L". */
const OTHER_SIDE_LAST = new RegExp(`(?:${ARROW.source}|;)\\uFE0F?\\s*(?:l|r|left|right|other side)\\W*$`, 'iu');
/** A posture, then one that is revolved: "triangle, rev triangle", "side angle, then revolved side angle". */
const AND_REVOLVED = /\p{L}{2}\s*(?:[,;+&/>→]|(?<!\p{L})then)\s*(?:then\s+)?(?:rev(?:olved)?\.?|pari?vri?t+a)\s+\p{L}{3}/iu;
/** Several forms of one posture by their letters: "prasarita A C". */
const LETTERED = /\p{L}{4}\s+[A-D](?:\s*[,+&/]\s*|\s+)(?:(?:and|then)\s+)?[A-D](?!\p{L})/u;
/** Both salutations, however often each: "sun A x3 (knees down), sun B x2". */
const SUNS = /(?<!\p{L})(?:sun|surya|salut\p{L}*|namaskara?)\W*(?:sal\p{L}*\W*)?a(?!\p{L}).*(?<!\p{L})b(?!\p{L})/iu;
/** Parts set apart by dashes or arrows go one after another too, where there are several. */
const STEPWISE = /(?:(?:\s[-–—]\s|→|>).*){2}/;
/** So are parts that each agree so well with some posture. */
const CLEAR_PART = 0.8;
const NEAR_PART = 0.5;
const NEXT_PART = 0.6;
const ALSO_PART = 0.8;
/** Signs that part postures more than they join a remark to one. */
const PARTS = /[;→]/;
const NUMBER_AT_END = /(?<=\p{L}\W+)\d{1,2}\s*$/u;
/** Between two doses of one posture: "x10, hold 5 s". */
const ONLY_HELD = /^\W*(?:(?:and|then|with)\s+)?(?:hold(?:ing)?|held|stay|keep|rest|pause)?\W*$/i;
/** On what the second depends may name the first again: "sphinx; press-up if sphinx feels fine". */
const ON_CONDITION = /\s(?:if|unless|when|as long as)\s.*$/iu;
/** So many signs of a line are looked at. */
const MOST_SIGNS = 4;
/** So many other names are a list, whatever stands between them. */
const OTHER_NAMES = 2;

/** Whether what was found is the posture that a line was taken for. */
function isOf(found: Agreement, { asana }: StepHypothesis): boolean {
  return idOf(found) === asana.id;
}

/** Whether what was found is, to the letter, another posture than a line was taken for. */
function isAnother(found: Agreement | null, hypothesis: StepHypothesis): boolean {
  return found !== null && isAsanaToTheLetter(found) && !isOf(found, hypothesis);
}

/** Whether two are named, each at least so well and one of them better. */
function areTwo(first: Agreement | null, second: Agreement | null, least: number, better: number): boolean {
  if (first === null || second === null || idOf(first) === idOf(second)) return false;
  return Math.min(first.best, second.best) >= least && Math.max(first.best, second.best) >= better;
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
  if ([SERIES, SUNS, AND_REVOLVED, LETTERED].some((several) => several.test(tokens.rest))) return true;
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

/** The sign between the postures of a line that seems to name two, without a dose for each; `null` for any other line. */
function signBetweenTwo({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): string | null {
  if (hypothesis.is !== 'many' || hypothesis.parts.length !== 2 || areDosed(hypothesis.parts)) return null;
  const [first, second] = hypothesis.parts as [Part, Part];
  return tokens.text.slice(first.to, second.from).trim();
}

/** Whether a stroke may leave the choice between two postures that stand in for each other: "padmasana / sukhasana". */
function isEitherOr(line: WeighedLine, hypothesis: Hypothesis): boolean {
  if (signBetweenTwo(line, hypothesis) !== '/') return false;
  const [one, other] = meantBy(hypothesis).map(({ asana }) => asana);
  return one !== undefined && other !== undefined && (one.substitutes.includes(other.id) || other.substitutes.includes(one.id));
}

/** Whether two seem to be one after another, and the second may tell how the first is done: "tandem, look over the shoulder". */
function isNameAndMore(line: WeighedLine, hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many' && signBetweenTwo(line, hypothesis) === ',' && !hypothesis.parts[1]!.found.name;
}

/** Whether it is open how a time behind several is meant, of each or of all: "triangle, side angle, 1 min". What is counted is done by each. */
function sharesTime({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'many' || !counts(tokens.dose).timed) return false;
  const end = hypothesis.parts.at(-1)!.to;
  return tokens.spans.some(({ as, from }) => as === 'dose' && from >= end);
}

/** Whether nobody works so hard for so long: "cycle 10 min" is done on a bicycle. A series or a breath may take as long, and so does what is named to the letter. */
function isTooLong({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  if (hypothesis.is !== 'step' || isNamed(hypothesis.found)) return false;
  if (hypothesis.asana.steps.length > 0 || hypothesis.asana.pattern !== null) return false;
  return (tokens.dose.minutes ?? 0) >= LONG_MINUTES && (hypothesis.asana.variations[0]?.declared.effort ?? 0) >= HARD;
}

/** Whether what seems to be several postures are cells of a row: "savasana | 10 min | bolster under knees". */
function isRow({ evidence: { tokens } }: WeighedLine, hypothesis: Hypothesis): boolean {
  return hypothesis.is === 'many' && tokens.text.slice(hypothesis.parts[0]!.to, hypothesis.parts.at(-1)!.from).includes('|');
}
