import type { Library } from '../asanas/library.js';
import { certaintyOf, signsOf, SURE } from './certainty.js';
import { Doubts, FOR_SOME } from './doubts.js';
import { areNames, counts, idOf, type Hypothesis, type Reading } from './evidence.js';
import type { Lexicon } from './lexicon.js';
import { areDosed, isList, isWordForWordList, SERIES } from './lists.js';
import { isAsanaToTheLetter, meantBy, standsForItself, variationOf } from './meant.js';
import type { Candidate, LineKind } from './read-line.js';
import type { WeighedLine } from './sheet.js';
import { wordKey, type StudioWord } from './studio-words.js';
import { CERTAINTY } from './weights.js';

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
  private readonly doubts: Doubts;

  constructor(
    private readonly library: Library,
    private readonly lexicon: Lexicon,
  ) {
    this.doubts = new Doubts(lexicon);
  }

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
      const isDoubted = undoubted > LEAVING && (!isClear || this.doubts.ofPosture(line, hypothesis));
      const sure = isDoubted ? Math.min(certain, LEAVING) : undoubted;
      return { kind: sure >= SURE ? hypothesis.is : 'ask', hypothesis, sure, candidates, word: null };
    }
    const noPosture = shareOf('way', 'repeat', 'note', 'heading');
    const isNone = share >= LIKELY_NO_STEP || (noPosture >= LIKELY_NO_STEP && shareOf('lacking') < HARDLY_LACKING);
    const isAsked = hypothesis.is === 'lacking' || !isNone || this.doubts.ofNone(line, hypothesis.is, share);
    return { kind: isAsked ? 'ask' : hypothesis.is, hypothesis, sure: share, candidates, word: null };
  }

  /** The reading of the one posture, named to the letter, that a line says how to get to, or for whom; what is done several times is a movement. */
  private pointedAt({ evidence, readings }: WeighedLine, likely: readonly number[]): number | null {
    const { rest, dose } = evidence.tokens;
    const arrives = dose.repetitions === undefined ? ARRIVES.exec(rest)?.[1] : undefined;
    const name = arrives ?? FOR_SOME.exec(rest)?.[1];
    if (name === undefined) return null;
    const [found] = this.lexicon.meaningsOf(name, evidence.surrounding);
    if (!found || !isAsanaToTheLetter(found)) return null;
    const at = readings.findIndex(({ hypothesis }) => hypothesis.is === 'step' && hypothesis.asana.id === idOf(found));
    return at >= 0 && (arrives === undefined || likely[at]! >= LIKELY_ARRIVAL) ? at : null;
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

/** "Press back to child's pose", "lower the knees into child's": how to get there, then the posture. */
const ARRIVES =
  /^\s*(?:(?:and|then|now)\s+)*(?:press|push|sit|lower|walk|come|move|release|melt|sink|settle|drop|shift)(?:ing)?\s+(?:(?:the|your)\s+)*(?:(?:hips|knees|seat|bottom|heels|chest|hands|down|back|up|forwards?|gently|slowly)\s+)*(?:in)?to\s+(?:(?:a|an|the|your)\s+)*(\p{L}[\p{L}'’ -]+?)\s*$/iu;

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
