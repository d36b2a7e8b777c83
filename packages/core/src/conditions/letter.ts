import type { Condition, ConditionAnswer, ParameterSpec } from './condition.js';
import { checkAnswers } from './check-answers.js';
import { getCondition } from './all.js';
import { numberIn } from './from-words.js';
import { namedConditions } from './search.js';

/** A condition that a letter speaks of, with the numbers it gives, to be looked through: nothing of it is taken unasked. */
export interface LetterFinding {
  readonly answer: ConditionAnswer;
  /** The sentences that it was found in, as they are written. */
  readonly quotes: readonly string[];
}

/** A condition that a letter names and that this person is not said to have. */
export interface LetterDenial {
  readonly condition: string;
  /** The letter denies it, or tells it of the family. */
  readonly why: 'denied' | 'family';
  readonly quote: string;
}

export interface LetterReading {
  readonly found: readonly LetterFinding[];
  readonly not: readonly LetterDenial[];
}

/** Words that deny what follows them; the idea is NegEx's (Chapman et al., J Biomed Inform 2001;34:301). */
const DENIED_AHEAD =
  /\b(?:no (?:known |past |personal |previous |current )?(?:history|evidence|signs?|symptoms?|suspicion|indication) (?:of|for)|no|not|denies|denied|without|negative for|free of|never (?:had|been)|rules? out|ruled out|excludes?|excluded)\b/i;
/** Words that deny what stands before them. */
const DENIED_BEHIND = /\b(?:(?:is|was|were|has been|have been|been) (?:ruled out|excluded)|(?:is|was) (?:unlikely|negative|absent|not (?:found|seen|present)))\b/i;
const OF_FAMILY =
  /\b(?:family history|runs in (?:the|her|his|their) family|(?:her|his|their|the patient’s|the patient's) (?:mother|father|sister|brother|aunt|uncle|grandmother|grandfather|parents?|son|daughter)|(?:mother|father|sister|brother) (?:had|has|with))\b/i;
/** From here on something else is said: a denial goes no further. */
const TURNS = /;|\b(?:but|however|although|though|except|apart from|yet)\b|(?:,|\band\b)\s+(?:(?:she|he|they|who)\s+)?(?:has|have|had|is|was|suffers?|presents?|takes?)\b/i;

const ROMAN: Readonly<Record<string, number>> = { i: 1, ii: 2, iii: 3, iv: 4, v: 5 };
const NUMBER = String.raw`(-?\d+(?:[.,]\d+)?)`;
const IS = String.raw`\s*(?:score|index|level|value|angle|class|stage|grade)?\s*(?:is|was|of|:|=|now|currently|positive)?\s*(?:at|to)?\s*`;
const named = (name: string) => new RegExp(String.raw`(?:${name})${IS}${NUMBER}`, 'i');
const classed = (name: string) => new RegExp(String.raw`(?:${name})${IS}(iv|v|i{1,3}|\d+(?:\.\d)?)\b`, 'i');

/** How letters write what is measured, by the parameter that asks for it. Common practice, no source. */
const MEASURED: Readonly<Record<string, RegExp>> = {
  tScore: named(String.raw`t[- ]?score`),
  cobb: named('cobb'),
  kyphosis: named('kyphosis'),
  ef: named(String.raw`(?:lv)?ef\b|ejection fraction`),
  nyha: classed('nyha'),
  angina: classed('ccs'),
  hb: named(String.raw`hb\b|ha?emoglobin`),
  platelets: named('platelets?(?: count)?'),
  neutrophils: named('neutrophils?(?: count)?'),
  inr: named(String.raw`inr\b`),
  iop: named(String.raw`iop\b|(?:intraocular|eye) pressure`),
  spo2: named(String.raw`spo2|o2 sat\w*|oxygen saturation|saturation`),
  potassium: named('potassium'),
  glucose: named('glucose|blood sugar'),
  restingPulse: named('(?:resting )?(?:pulse|heart rate)'),
  moca: named(String.raw`moca\b`),
  miniCog: named('mini-?cog'),
  phq9: named('phq-?9'),
  gad7: named('gad-?7'),
  isi: named(String.raw`isi\b`),
  tug: named(String.raw`tug\b|timed up[- ]and[- ]go`),
  berg: named('berg(?: balance)?(?: scale)?'),
  edss: named(String.raw`edss\b`),
  hy: classed('hoehn (?:and|&) yahr'),
  das28: named('das-?28'),
  mmrc: classed('mmrc'),
  abi: named(String.raw`abi\b|ankle[- ]brachial`),
  slrAngle: named('straight[- ]leg rais\\w*|slr'),
  bmi: named(String.raw`bmi\b`),
  beighton: named('beighton'),
  slipPercent: /(\d+)\s*%\s*(?:slip|anterolisthesis|listhesis)/i,
  gapFingers: /(\d(?:[.,]\d)?)\s*finger(?:s|[- ]?breadths?)?(?: gap| separation| diastasis)?/i,
  painNow: /\b(?:pain|nrs|vas)\b[^.;]{0,24}?(\d{1,2})\s*(?:\/|of|out of)\s*10\b/i,
  falls12m: /(\d+|two|three|four)\s+falls?\b/i,
  vertebralFractures: /(\d+|one|two|three|four)\s+(?:vertebral (?:compression )?|compression )?fractures?\b/i,
};
const SPELT: Readonly<Record<string, number>> = { one: 1, two: 2, three: 3, four: 4 };

function valueOf(written: string): number {
  const low = written.toLowerCase();
  return ROMAN[low] ?? SPELT[low] ?? Number(low.replace(',', '.'));
}

/** Of which event a number of weeks is counted, where a condition counts from several. */
const EVENTS: readonly { readonly said: RegExp; readonly name: RegExp }[] = [
  { said: /surg|operat|replac|repair|arthroplast|decompress|fusion|section|hysterectom|post-?op/i, name: /surger|repair|fusion|fundo|^weeks$|procedure|transplant/i },
  { said: /fractur|broke/i, name: /fracture/i },
  { said: /dislocat/i, name: /dislocation/i },
  { said: /relapse/i, name: /relapse/i },
  { said: /infus/i, name: /infusion/i },
  { said: /ablation/i, name: /ablation/i },
  { said: /stroke|infarct|event|attack/i, name: /^weeksSince$/i },
  { said: /onset|began|started|since/i, name: /onset|start/i },
  { said: /pregnan|gestation|gravid|weeks? of gestation/i, name: /^week$/i },
  { said: /deliver|birth|post-?partum|postnatal/i, name: /^weeks$|postpartum/i },
]; // prettier-ignore

function isWeeks(spec: ParameterSpec): boolean {
  return spec.kind === 'number' && spec.unit === 'week';
}

/** A value that a sentence gives for a parameter; `undefined` where it gives none, or one that can't be. */
function valueIn(sentence: string, name: string, spec: ParameterSpec, isOnlyWeeks: boolean): number | undefined {
  if (spec.kind !== 'number') return undefined;
  const measured = Object.hasOwn(MEASURED, name) ? MEASURED[name] : undefined;
  if (measured) {
    const written = measured.exec(sentence)?.[1];
    const value = written === undefined ? Number.NaN : valueOf(written);
    return value >= spec.from && value <= spec.to ? value : undefined;
  }
  if (isWeeks(spec) && !isOnlyWeeks && !EVENTS.some((event) => event.said.test(sentence) && event.name.test(name))) return undefined;
  return numberIn(sentence, name, spec);
}

/** Sentences of a letter: a line that ends without a full stop may be cut by the width of a page. */
function sentencesOf(text: string): string[] {
  return text
    .replace(/\r\n?/g, '\n')
    .split(/\n\s*\n|\n(?=\s*(?:[-*•]|\d+[.)]\s))/)
    .flatMap((paragraph) => paragraph.replace(/\s+/g, ' ').split(/(?<=[.!?])\s+(?=[\p{Lu}\d])/u))
    .map((sentence) => sentence.trim())
    .filter((sentence) => sentence !== '');
}

/** Words that tell of a condition where somebody is asked about it, and of anything at all in a letter. */
const EVERYDAY: ReadonlySet<string> = new Set(['bp', 'blood pressure', 'period', 'periods', 'child', 'children', 'kids', 'chair', 'falls', 'aged', 'older', 'monthly', 'office', 'kneel', 'kneeling', 'youth']);

interface Mention {
  readonly condition: Condition;
  readonly why: LetterDenial['why'] | null;
}

/** Whom or what each part of a sentence speaks of. */
function mentionsIn(sentence: string): Mention[] {
  const isFamily = OF_FAMILY.test(sentence);
  return sentence.split(TURNS).flatMap((part = ''): Mention[] => {
    const told = (text: string, why: Mention['why']) =>
      namedConditions(text, EVERYDAY).map((condition) => ({ condition, why: isFamily ? ('family' as const) : why }));
    if (DENIED_BEHIND.test(part)) return told(part, 'denied');
    const denied = DENIED_AHEAD.exec(part);
    return denied ? [...told(part.slice(0, denied.index), null), ...told(part.slice(denied.index), 'denied')] : told(part, null);
  });
}

/**
 * What a referral letter or a report says of somebody: conditions by their names, with the numbers that stand beside
 * them or are measured by name anywhere in it. What is denied, or told of the family, is listed and never proposed.
 * Read in English; what isn't said stays unanswered.
 */
export function readLetter(text: string): LetterReading {
  const sentences = sentencesOf(text);
  const quotes = new Map<string, string[]>();
  const not: LetterDenial[] = [];
  for (const sentence of sentences)
    for (const { condition, why } of mentionsIn(sentence)) {
      if (why !== null) not.push({ condition: condition.id, why, quote: sentence });
      else quotes.set(condition.id, [...new Set([...(quotes.get(condition.id) ?? []), sentence])]);
    }
  const found = [...quotes].map(([id, own]): LetterFinding => {
    const { parameters } = getCondition(id);
    const isOnlyWeeks = Object.values(parameters).filter(isWeeks).length === 1;
    const used = new Set(own);
    const said = Object.entries(parameters).flatMap(([name, spec]): [string, number][] => {
      // Weeks and ages belong to what they stand beside; a measure has a name of its own.
      const isNamed = Object.hasOwn(MEASURED, name) || name === 'systolic' || name === 'diastolic';
      for (const sentence of isNamed ? [...own, ...sentences] : own) {
        const value = valueIn(sentence, name, spec, isOnlyWeeks);
        if (value === undefined) continue;
        used.add(sentence);
        return [[name, value]];
      }
      return [];
    });
    const answer: ConditionAnswer = { id, ...Object.fromEntries(said) };
    return { answer: checkAnswers(answer).length === 0 ? answer : { id }, quotes: [...used] };
  });
  const taken = new Set(found.map(({ answer }) => answer.id));
  return { found, not: not.filter(({ condition }, i) => !taken.has(condition) && not.findIndex((one) => one.condition === condition) === i) };
}
