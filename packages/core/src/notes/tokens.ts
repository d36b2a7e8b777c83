import type { DoseSpec } from '../asanas/asana.js';
import type { StepSide } from '../sequence/sequence.js';
import type { WayId } from '../sequence/ways.js';
import { ENGLISH } from './words.js';

/** What a part of a line was read as. */
export type SpanKind = 'bullet' | 'dose' | 'side' | 'breath' | 'way' | 'comment' | 'name' | 'prop' | 'place';

/** A part of a line, by characters: `from` included, `to` not. */
export interface Span {
  readonly from: number;
  readonly to: number;
  readonly as: SpanKind;
}

/** A line's parts that are not the name, each with its place, and the text with those parts blanked. */
export interface Tokens {
  readonly text: string;
  readonly spans: readonly Span[];
  readonly dose: DoseSpec;
  /** Whether the dose is a number alone: what it counts is left to the posture. */
  readonly isBare: boolean;
  readonly side: StepSide | null;
  readonly way: WayId | null;
  /** Seconds that the breath is held. */
  readonly retention: number | null;
  readonly breath: 'inhale' | 'exhale' | null;
  /** What follows two slashes. */
  readonly note: string | null;
  /** As long as the text: dose, side and bullet are spaces, so that places in it are places in the text. */
  readonly rest: string;
}

const BULLET =
  /^\s*(?:>\s*)?(?:\[[ xX]?\]\s*)?(?:[-*+•–—>→]+\s+|\(?\d{1,3}[a-h]?[.):]\s+|[A-Za-z][.)]\s+|\d{1,2}\s+(?=\p{Lu}|inhale|exhale))?(?:\[[ xX]?\]\s*)?/u;
/** Where in the class a line stands, before what it names: "closing: om". */
const LABEL =
  /^\s*(?:opening|closing|start|end|finish|warm[- ]?up|cool[- ]?down|counter(?:pose|stretch)?|peak|prep|lastly|finally)\s*:\s+(?=[a-zä])/i;
/** What a teacher notes for themselves follows two slashes. */
const NOTE = /(?:^|\s+)\/\/\s*(.*)$/;
const SOME_LETTER = /[a-zä]/i;
/** For whom or when a posture is not, behind its name: "triangle – skip if dizzy", "cobra (not when pregnant)". */
const UNLESS =
  /(?:\s[-–—]+|[,;(])\s*(?:please )?(?:skip|omit|avoid|leave (?:it )?out|not|miss(?: it)?(?: out)?|no)(?: (?:this|it|one))? (?:if|for|with|w\/|when)(?![a-zä]).*$/i;

const NUMBER_WORDS = {
  half: 0.5, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10, eleven: 11, twelve: 12,
  fifteen: 15, sixteen: 16, twenty: 20, thirty: 30, forty: 40, fifty: 50, sixty: 60, once: 1, twice: 2, thrice: 3, a: 1, an: 1, couple: 2,
} as const satisfies Record<string, number>; // prettier-ignore
const FRACTIONS: Readonly<Record<string, number>> = { '½': 0.5, '¼': 0.25, '¾': 0.75 };

const DIGITS = String.raw`\d+(?:[.,]\d+)?(?:\s?[½¼¾]|\s1\/2)?|[½¼¾]|1\/2`;
const SPELT = 'half an?|one|two|three|four|five|six|seven|eight|nine|ten|eleven|twelve|fifteen|sixteen|twenty|thirty|forty|fifty|sixty';
const TO = String.raw`\s*(?:-|–|—|to|or)\s*`;
/** One number, or two with a dash or "to" between them: both in figures or both in words, "figure four – 1 min" is one. */
const N = String.raw`(?<![\w./:])(?<low>${DIGITS}|(?:${SPELT}))(?:${TO}(?<high>(?<=[\d½¼¾]${TO})(?:${DIGITS})|(?<=[a-z]${TO})(?:${SPELT})))?\+?`;
const OF_KIND = String.raw`(?:more |very |nice |good )?(?:(?:slow|deep|long|full|easy|soft|quiet|big|normal|gentle|calm|even|whole|smooth|natural|belly|ujjayi|small)[,]? (?:and |& )?)*`;

const UNITS = {
  minutes: String.raw`(?:minutes?|minuten?|mins?\.?|m)(?![a-zä\d])|['′’](?![a-zä\d'′’])`,
  seconds: String.raw`(?:seconds?|secs?\.?|s)(?![a-zä\d])|["″”“]|(?:''|′′|’’)`,
  breaths: String.raw`${OF_KIND}(?:(?:out-?|in-?)?breaths?|breathes|brs?\.?|bths?|b|resp\.?|respirations?|exhales?|exhalations?|inhales?|inhalations?)(?![a-zä\d])`,
  rounds: String.raw`${OF_KIND}(?:rounds?|sets?|cycles?|rnds?|rds|(?<!\d)rd)(?![a-zä])(?: of(?= \d))?`,
  repetitions: String.raw`${OF_KIND}(?:repetitions?|repeats|reps?\.?|times?|strokes?|pumps?|goes|lifts?|pulses|contractions|squeezes|circles|each (?:way|direction|arm|leg|hand|foot)|ones?)(?![a-zä])`,
} as const;
type Unit = keyof typeof UNITS;

function numberOf(text: string): number {
  const word = text.trim().toLowerCase();
  if (/^half/.test(word)) return 0.5;
  const spelt = NUMBER_WORDS[word as keyof typeof NUMBER_WORDS] as number | undefined;
  if (spelt !== undefined) return spelt;
  const fraction = /[½¼¾]/.exec(word)?.[0];
  const plain = word
    .replace(/[½¼¾]/, '')
    .replace(/\s*1\/2$/, '')
    .trim();
  const part = fraction ? FRACTIONS[fraction]! : /1\/2$/.test(word) ? 0.5 : 0;
  return (plain === '' ? 0 : Number(plain.replace(',', '.'))) + part;
}

/** The middle of `1-2`, or the number alone. */
function amount({ low = '', high }: Partial<Record<string, string>>): number {
  const from = numberOf(low);
  return high === undefined ? from : (from + numberOf(high)) / 2;
}

type Doses = { -readonly [K in keyof DoseSpec]: DoseSpec[K] };

/** One form of a dose: its pattern, and what it sets. Patterns are tried in this order, each over the whole line. */
interface DoseForm {
  /** Without this no such dose is written: quicker to find than the pattern. */
  readonly sign: RegExp;
  readonly pattern: RegExp;
  readonly read: (groups: Partial<Record<string, string>>, dose: Doses) => void;
}

const flags = 'gi';
const second = N.replace('<low>', '<low2>').replace('<high>', '<high2>').replace('(?<![\\w./:])', '');
const set = (dose: Doses, unit: Unit, value: number) => (dose[unit] ??= value);

/** "10 x 2" are ten in each of two rounds: from here on a number counts repetitions, up to here rounds. */
const FEW_REPETITIONS = 6;
const MANY_ROUNDS = 4;
const TIMES = /[x×*]/i;
const OF = /of/i;
/** What the words and signs of each unit hold. */
const SIGNS: Readonly<Record<Unit, RegExp>> = {
  minutes: /m|['′’]/i,
  seconds: /s|["″”“'′’]/i,
  breaths: /b|hal|resp/i,
  rounds: /r|sets?|cycl/i,
  repetitions: /rep|contr|squeez|time|stroke|pump|goes|lift|pulse|circle|each|one/i,
};

const DOSE_FORMS: readonly DoseForm[] = [
  // "Hold for a count of 10", "stay 5 counts", "count to 10": about as many seconds, where it is no breath that is counted.
  {
    sign: /^(?!.*(?:breath|inh|exh|(?<![a-zä])(?:in|out)(?![a-zä]))).*(?:count|hold)/i,
    pattern:
      /(?<![a-zä])(?:(?:for\s+)?(?:(?:a|the)\s+)?(?:slow\s+)?count(?:ing)?\s+(?:of|to)\s+(?<low>\d{1,2})|hold(?:ing)?\s+to\s+(?<low2>\d{1,2})|(?<=(?:hold|stay)(?:ing)?\s+(?:for\s+)?)(?<low3>\d{1,2})\s+counts)(?![\w.,:]*\d)/gi,
    read: ({ low, low2, low3 }, dose) => void set(dose, 'seconds', numberOf(low ?? low2 ?? low3 ?? '')),
  },
  // "3 x 20 s", "5x5br", "2 x 10 reps": rounds of something.
  ...(['minutes', 'seconds', 'breaths', 'repetitions'] as const).map((unit) => ({
    sign: TIMES,
    pattern: new RegExp(String.raw`${N}\s*[x×*]\s*${second}\s*(?:${UNITS[unit]})`, flags),
    read: (found: Partial<Record<string, string>>, dose: Doses) => {
      set(dose, 'rounds', amount(found));
      set(dose, unit, amount({ low: found['low2'], high: found['high2'] }));
    },
  })),
  // "3 of each".
  { sign: OF, pattern: new RegExp(String.raw`${N}\s*of\s+(?:each|ea)(?![a-zä])`, flags), read: (found, dose) => void set(dose, 'repetitions', amount(found)) },
  // "3x10", "10 x 2": rounds and repetitions; "3 x each" is none of these.
  {
    sign: /[x×*]|of/i,
    pattern: new RegExp(String.raw`${N}\s*(?:(?:rounds?|sets?)\s*)?(?:[x×*]|of)\s*${second}(?![a-zä\d:])`, flags),
    read: (found, dose) => {
      const [first, other] = [amount(found), amount({ low: found['low2'], high: found['high2'] })];
      const isTurned = first >= FEW_REPETITIONS && other <= MANY_ROUNDS;
      set(dose, 'rounds', isTurned ? other : first);
      set(dose, 'repetitions', isTurned ? first : other);
    },
  },
  ...(['minutes', 'seconds', 'breaths', 'rounds', 'repetitions'] as const).map((unit) => ({
    sign: SIGNS[unit],
    pattern: new RegExp(String.raw`${N}(?:(?<=\d|[½¼¾])[\s-]*|[\s-]+)(?:${UNITS[unit]})`, flags),
    read: (found: Partial<Record<string, string>>, dose: Doses) => void set(dose, unit, amount(found)),
  })),
  // "x5 breaths", "5x breaths".
  { sign: TIMES, pattern: new RegExp(String.raw`(?<![a-zä])[x×]\s?${second}\s*(?:${UNITS.breaths})`, flags), read: (found, dose) => void set(dose, 'breaths', amount({ low: found['low2'], high: found['high2'] })) },
  { sign: TIMES, pattern: new RegExp(String.raw`${N}\s*[x×]\s*(?:${UNITS.breaths})`, flags), read: (found, dose) => void set(dose, 'breaths', amount(found)) },
  // "0:30" and ":30" at the end of a line.
  { sign: /:/, pattern: /(?=[\d:])(?<=[a-zä)\u0001][\s,–—-]*)(?<whole>[0-2])?:(?<part>[0-5]\d)(?=\s*$)/gi, read: ({ whole = '0', part = '' }, dose) => void set(dose, 'seconds', 60 * Number(whole) + Number(part)) },
  // "a minute", "half a minute".
  { sign: /min/i, pattern: /(?<![a-zä\d])(?<low>a|an|one|half(?: an?)?)\s+(?:full |long |good )?min(?:ute)?(?![a-zä])/gi, read: ({ low = '' }, dose) => void set(dose, 'minutes', /half/i.test(low) ? 0.5 : 1) },
  // "x6", "6x", "×8", "6 x each".
  { sign: TIMES, pattern: new RegExp(String.raw`(?<![a-zä])[x×]\s*${second}(?![a-zä\d])`, flags), read: (found, dose) => void set(dose, 'repetitions', amount({ low: found['low2'], high: found['high2'] })) },
  { sign: TIMES, pattern: new RegExp(String.raw`(?<=[a-zä])[x×](?<low>\d+)(?![a-zä\d])`, flags), read: (found, dose) => void set(dose, 'repetitions', amount(found)) },
  { sign: TIMES, pattern: new RegExp(String.raw`${N}\s*[x×](?![a-zä\d])`, flags), read: (found, dose) => void set(dose, 'repetitions', amount(found)) },
  { sign: /once|twice|thrice/i, pattern: /(?<![a-zä])(?:once or )?(?<low>once|twice|thrice)(?![a-zä])/gi, read: ({ low = '' }, dose) => void set(dose, 'repetitions', NUMBER_WORDS[low.toLowerCase() as 'once']) },
]; // prettier-ignore

const SPELT_BARE = Object.keys(NUMBER_WORDS)
  .filter((word) => NUMBER_WORDS[word as keyof typeof NUMBER_WORDS] >= 4)
  .join('|');
/** A number without a unit, once all others are out: "rolls 6", "poorna titali 30", "5 each", "leg lifts - 8 each". */
const BARE: readonly RegExp[] = [
  /(?<=[a-zä)\u0001]\s*[,–—-]\s*|[a-zä)\u0001]\.?\s+|:\s*)(?<low>\d{1,3})(?=\s*(?:$|[,;.)](?!\d)|\/\s|\/(?:side|leg|arm)|(?<=\s)(?:with|w\/)\s|(?:on )?(?:(?:each|ea|es|e\/s(?:ide)?|e(?=\s*$)|both|per|either)\b|a (?:side|leg|arm)\b|alternat)))/gi,
  // Not the minutes of a whole class: "Yin 75 – hips".
  /(?<=[a-zä]\s+)(?<low>[1-3]?\d)(?=\s*(?:\(|[–—-]\s))/gi,
  /^\s*(?<low>\d{1,3})\s*(?=(?:each|ea)\b)/gi,
  // The same number for each side: "dead bug 5/5", "dragon R, dragon L 3+3", "leg lifts 8 R / 8 L".
  /(?<=[a-zä)\u0001][\s,]+)(?<low>\d{1,2})\s*[+/]\s*\k<low>(?=\s*(?:$|[,;(]))/gi,
  /(?<=[a-zä)\u0001]\s+)(?<low>\d{1,2})\s*(?:r|right|l|left)\s*[,&+/]\s*\k<low>\s*(?:r|right|l|left)(?=\s*$)/gi,
  // "Leg lift r10 l10".
  /(?<=[a-zä)\u0001][\s,:–—-]+)(?:r|right|l|left)\s*x?(?<low>\d{1,2})(?:\s*[,&+/]\s*|\s+)(?:r|right|l|left)\s*x?\k<low>(?=\s*$)/gi,
  // And for each way: "shoulder rolls 6 fwd 6 back".
  /(?=\d)(?<=[a-zä)\u0001][\s,:–—-]+)(?<low>\d{1,2})\s*x?\s*(?:fwd|forwards?|front|back(?:wards?)?|clockwise|cw|up|one way)[\s,;/&+]*(?:(?:and|then)\s+)?\k<low>\s*x?\s*(?:fwd|forwards?|front|back(?:wards?)?|(?:anti|counter)-?clockwise|a?cw|ccw|down|(?:the )?other way)(?![a-zä])/gi,
  // "Legs up the wall 5-10", "cat cow [8]", "shrugs - six".
  /(?=\d)(?<=[a-zä)\u0001]\s*[,–—-]?\s+)(?<!(?:ages?|aged|kids|children|years?)\s+)(?<low>\d{1,2})\s?[-–]\s?(?<high>\d{1,2})(?=\s*$)/gi,
  /(?=[[(])(?<=[a-zä)\u0001]\s*)[[(](?<low>\d{1,2})[\])](?=\s*$)/gi,
  new RegExp(String.raw`(?<=[a-zä)\u0001]\s*[,–—-]\s*)(?<low>${SPELT_BARE})(?=\s*$)`, 'gi'),
];
/** The same beside how long each is held, or how many rounds there are: "bird dog 5 each, 5 sec", "locust 3, hold 5 s", "bridge, 8 (2 sets)". */
const BARE_BESIDE: readonly RegExp[] = [
  String.raw`\s*(?:each|ea|e\/s(?:ide)?)(?![a-zä])`,
  String.raw`\s*(?:[,;(–—-]|w\/|with)\s*hold`,
  String.raw`\s*\(\s*\)\s*$`,
].map((behind) => new RegExp(String.raw`(?=\d)(?<=[a-zä)\u0001]\s*[,–—-]\s*|[a-zä)\u0001]\.?\s+)(?<low>\d{1,2})(?=${behind})`, 'gi'));
/** Postures and breaths whose number is a part of the name. */
const NUMBERED_NAMES = String.raw`warr?i[eo]r|hero|v[ei]{1,2}ra?(?:bh?adra\w*)?|wa?|war|mari[a-z]*|padang[a-z]*|sup(?:ta)?\.? pad|viloma`;
/** The same, and other words whose number tells which one is meant, up to the number. */
const NUMBERED = new RegExp(
  String.raw`(?<![a-zä])(?:${NUMBERED_NAMES}|sh?irsh?asana|surya|salutation|sun|series|part|week|wk|level|no|nr|number|stage|fig(?:ure)?|of|on|by|the|all)\.?[\s–-]*(?:[1-4\u0001]\s*(?:[,;+&/–-]|and)\s*)*$`,
  'i',
);

/** The number of such a name: in "Warrior 2 - 5 breaths" it is no part of the dose. */
const NAME_NUMBER = new RegExp(
  String.raw`(?=[1-4])(?<=(?<![a-zä])(?:${NUMBERED_NAMES})\.?[\s–-]*)[1-4](?![\d½¼¾:.x×*])(?!\s*(?:(?:-|–|—|to|or)\s*)?(?:${Object.values(UNITS).join('|')}))`,
  'gi',
);

/** Up to here the number of such a name tells which one it is: "humble warrior 5 each" counts five. */
const MOST_OF_NAME = 4;
const NUMBERED_NAME = new RegExp(String.raw`(?<![a-zä])(?:${NUMBERED_NAMES})\.?\s*$`, 'i');

/** Things of which a small number tells which one it is. */
const COUNTED_THINGS =
  /(?<![a-zä])(?:phase|variations?|version|day|class|session|term|flow|option|round|set|side|step|group|module|unit|block|plan|lesson|circuit|combo|chapter|salute|namaskara?)\s*$/i;

const R = String.raw`(?:right|rt?(?![a-zä'’]))`;
const L = String.raw`(?:left|lt?(?![a-zä'’]))`;
const BETWEEN = String.raw`\s*(?:\/|&|\+|,|;|\||and|then|or|-|–|→|>|\s)\s*(?:then\s+|and\s+|the\s+|on\s+(?:the\s+)?|to\s+the\s+)*`;
const AFTER_SIDE = String.raw`(?:\s+(?:sides?|legs?(?!\s+(?:up|back|out|over|behind|across|long|straight|bent|slide|lift|raise))))?`;

const SIDE_FORMS: readonly { readonly pattern: RegExp; readonly side: StepSide }[] = [
  { pattern: /(?<![a-zä])(?:on |to |for )?(?:(?:each|per|every|ea\.?|e\/?|(?<=[\s\d])\/)\s*(?:sides?|legs?|arms?|feet|foot|hands?|ways?|directions?|knees?|hips?)|(?<=\d |\s{3})a (?:sides?|legs?|arms?)|(?:both|either)\s*(?:sides?|ways?|directions?))(?![a-zä]| of )|(?<![a-zä])e\/s(?![a-zä])|(?<=\d\s*)es(?![a-zä])|(?<![a-zä])(?:b\/s|bs)(?![a-zä])/gi, side: 'both' },
  { pattern: new RegExp(String.raw`(?<![a-zä])(?:on the |to the |on |to )?(?:${R}(?![a-zä])${AFTER_SIDE}${BETWEEN}${L}|${L}(?![a-zä])${AFTER_SIDE}${BETWEEN}${R})(?![a-zä])${AFTER_SIDE}`, flags), side: 'both' },
  { pattern: /[,;–—-]\s*both (?:feet|legs|arms|hands|knees)\s*$|(?<=\s)\(?both\)?\s*$/gi, side: 'both' },
  { pattern: /(?<=[a-zä)][\s,]+)(?:bilat(?:eral(?:ly)?)?\.?|(?:2|two|alt\.?|alternate|alternating) sides?|(?:left|right|l|r) (?:side )?first)\s*$/gi, side: 'both' },
  { pattern: /(?<=[a-zä)]\s+)(?:(?:and|then|&|\+) )?(?:swap|switch|change|the other side|other side)(?: sides?| legs?)?(?: too)?\s*$/gi, side: 'both' },
  { pattern: /(?<=[\s\d,])(?:each|ea\.?)(?=\s*$|\s*[,;.)(–—:/-]|\s+(?:with|w\/|then|x?\d))/gi, side: 'both' },
  // "Clams 12 e".
  { pattern: /(?<=\s)e(?=\s*$)/gi, side: 'both' },
  { pattern: /[,;:–—-]\s*(?:then |and )?(?:swap|switch|change|other side|the other side|repeat other side|then the other|other)(?: sides?| legs?| over)?\s*$/gi, side: 'both' },
  { pattern: /(?<![a-zä])(?:,\s*)?then (?:the |to the |on the )?other(?: side| leg| way)?\s*$/gi, side: 'both' },
  { pattern: /(?<![a-zä])(?:first one side|one side)[, ]+(?:and |then )+(?:the )?other(?: side)?(?![a-zä])/gi, side: 'both' },
  { pattern: /(?<![a-zä])one (?:side|leg|knee|arm)[^,;]{0,20}[,;] (?:then |and )(?:the )?other(?: side)?(?![a-zä])/gi, side: 'both' },
]; // prettier-ignore
/** The breath through one nostril and the handstand shaped like an L have no side of the class. */
const NO_SIDE = String.raw`(?![\s-]*(?:nostril|handstand|shape))`;
const ONE_SIDE = new RegExp(String.raw`(?<![a-zä'’])(?:${R}|${L})(?![a-zä])${NO_SIDE}`, flags);

/** Ways in that a line names in passing; a line that is a way as a whole is told by the phrasebook. */
const WAYS_IN: readonly { readonly pattern: RegExp; readonly way: WayId }[] = [
  // Behind a comma: "plank, step back".
  { pattern: /[,;(–—-]\s*step(?:ping)? back\)?\s*$/gi, way: 'step-back' },
  { pattern: /[,;(–—-]\s*jump(?:ing)? back\)?\s*$/gi, way: 'jump-back' },
  { pattern: /[,;(–—-]\s*roll(?:ing)? up\)?\s*$/gi, way: 'roll-up' },
  { pattern: /[,;(–—-]\s*sit(?:ting)? up\)?\s*$/gi, way: 'sit-up' },
  { pattern: /[,;(–—-]\s*roll(?:ing)? to (?:the|one|your) side\)?\s*$/gi, way: 'roll-to-side' },
  { pattern: /[,;(–—-]\s*split[- ]squat\)?\s*$/gi, way: 'split-squat' },
  { pattern: /(?<![a-zä])(?:via|by|through|from)\s+(?:a\s+)?(?:split[- ]squat|half[- ]kneel(?:ing)?)(?![a-zä])/gi, way: 'split-squat' },
  { pattern: /(?<![a-zä])(?:jump(?:ing)?|hop) (?:back|forward|in|through)(?![a-zä])(?: (?:to|into)(?![a-zä]))?/gi, way: 'jump-back' },
  { pattern: /(?<![a-zä])step(?:ping)? back (?:to|into)(?![a-zä])/gi, way: 'step-back' },
  { pattern: /(?<![a-zä])(?:via|by) (?:a )?roll(?:ing)? up(?![a-zä])/gi, way: 'roll-up' },
  { pattern: /(?<![a-zä])(?:via|by) (?:the )?(?:side|rolling to (?:the|one|your) side)(?![a-zä])/gi, way: 'roll-to-side' },
  { pattern: /(?<![a-zä])(?:by |via )(?:a )?fold(?:ing)? down(?![a-zä])/gi, way: 'fold-down' },
  { pattern: /(?<![a-zä])(?:via |with )hands (?:to|up|on) (?:the )?thighs(?=\s*(?:,|$))/gi, way: 'hands-to-thighs' },
]; // prettier-ignore

/** Without one of these words no way is told. */
const MOVING = /step|jump|hop|roll|sit|split|kneel|side|fold|thigh/i;

const RATIO = /(?<!\d)\d{1,2}(?:\s*[:-]\s*\d{1,2}){2,}(?!\d)|(?<!\d)\d:\d(?!\d)/g;
const IN_OUT =
  /(?<![a-zä])(?:in|inhale|breathe? in)\s*(?:for\s*)?\d+\D{1,18}?(?:out|exhale)\s*(?:for\s*)?\d+(?:\D{1,14}hold\s*\d+)?|(?<!\d)\d+\s*(?:counts?\s*)?in\D{1,12}?\d+\s*(?:counts?\s*)?out(?![a-zä])/gi;
/** A breath called by its counts, in and out, or by all four sides of a box; "4-6 breaths" is a dose. */
const COUNTED_BREATH = new RegExp(
  String.raw`^\s*(?:[1-9]|${SPELT})\s*[-–:/]\s*(?:[1-9]|${SPELT})(?=\s*breath(?:ing)?(?![a-zä]))|^\s*([1-9])\s*[x×]\s*\1(?=\s*breath)`,
  'i',
);
const CLOCK = /(?<!\d)(?![0-2]:[0-5]\d\s*$)\d{1,2}[:.h]\d{2}(?!\d)(?:\s*[ap]m)?|(?<!\d)\d{1,2}\s*[ap]m(?![a-zä])/gi;
/** Numbers that are a shape too: a breath into the whole girth of the ribs ("360 breath"), a figure of 8, all 4s, legs at 90. */
const ANGLE =
  /(?<!\d)\d{2,3}\/\d{2,3}(?!\d)|(?<!\d)360(?=[\s-]+(?:breath|rib))|(?<=figures?(?: of)?[ -])8s?(?![a-zä\d])|(?<=(?<![a-zä])all[ -])4s(?![a-zä])|(?<=(?<![a-zä])(?:at|to) )(?:45|90)(?=\s*(?:[,;.)]|$))|\d+\s*(?:°|deg(?:rees?)?|cm|wks?|weeks?|o'?clock|%|kg|yrs?|years?)(?![a-zä])/gi;
const NO_HOLD = /(?<![a-zä])no (?:hold(?:ing)?s?(?: (?:of )?(?:(?:the|your) )?breath)?|retention|pauses?|breath holds?)(?![a-zä])/i;
const HOLD =
  /(?<![a-zä])(?:retain|pause|hold the breath|hold breath|hold|kumbhaka?)(?: (?:in|out|full|empty))?(?: for)?\s+(?<low>\d+)(?:\s*(?:s|secs?|seconds?|counts?)(?![a-zä]))?(?!\s*(?:s(?![a-zä])|sec|count|[a-zä]*\s?breath|min|m(?![a-zä])|\d|x|'|"|br?(?![a-zä])|times|rounds))/i;

const BREATH = /(?<![a-zä])(?:inhal(?:e|ing)|exhal(?:e|ing)|breathe (?:in|out)|(?:in|out|ex|inh|exh)(?=\s*:))(?![a-zä])/i;
const BREATH_BEHIND = /[,;–—-]\s*(?:inhale|exhale|breathe in|breathe out)\s*$/i;

/**
 * Takes found parts out of a text, keeping its length. Patterns look at `rest`, in which one letter stands for every
 * letter beyond a to z: to tell the letters of all scripts makes a pattern many times slower.
 */
class Blanks {
  readonly spans: Span[] = [];
  rest: string;

  /** `left` is the text without what was taken. */
  constructor(public left: string) {
    this.rest = ENGLISH.test(left)
      ? left
      : left.replace(/\p{L}/gu, (letter) => (ENGLISH.test(letter) ? letter : 'ä'.repeat(letter.length)));
  }

  take(from: number, to: number, as: SpanKind): void {
    const lead = /^[\s,;–—-]*/.exec(this.rest.slice(from, to))?.[0].length ?? 0;
    this.spans.push({ from: from + (lead < to - from ? lead : 0), to, as });
    const blanked = (text: string) => text.slice(0, from) + ' '.repeat(to - from) + text.slice(to);
    this.rest = blanked(this.rest);
    this.left = blanked(this.left);
  }

  /** Hides what only looks like a dose behind \u0001, as the patterns call it. */
  hide(pattern: RegExp): void {
    this.rest = this.rest.replace(pattern, (found) => '\u0001'.repeat(found.length));
  }
}
/** "Hold for 5 breaths", "stay here 2 min" say no more than the dose itself. */
const HELD_FOR = /(?<![a-zä])(?:hold(?:ing)?|stay(?:ing)?|remain)\s+(?:(?:it|here|there|for|about|around|approx\.?|ca\.?|up to)\s+)+$/i;

/** Letters before a dose that belong to it. */
function leadOf(before: string, { minutes, seconds, breaths }: DoseSpec): number {
  return (minutes ?? seconds ?? breaths) === undefined ? 0 : (HELD_FOR.exec(before)?.[0].length ?? 0);
}

/** Without a number in figures or words there is no dose. */
const QUANTITY = new RegExp(String.raw`[\d½¼¾]|(?<![a-zä])(?:${Object.keys(NUMBER_WORDS).join('|')})(?![a-zä])`, 'i');

function readDoses(blanks: Blanks): Pick<Tokens, 'dose' | 'isBare'> {
  const dose: Doses = {};
  let isBare = false;
  if (!QUANTITY.test(blanks.rest)) return { dose, isBare };
  for (const { sign, pattern, read } of DOSE_FORMS) {
    if (!sign.test(blanks.rest)) continue;
    for (const found of [...blanks.rest.matchAll(pattern)]) {
      const before = { ...dose };
      read(found.groups ?? {}, dose);
      // A second amount of one unit ("R 1 min, L 1 min") says the same again.
      if (Object.keys(dose).length > Object.keys(before).length || Object.keys(before).length > 0)
        blanks.take(found.index - leadOf(blanks.rest.slice(0, found.index), dose), found.index + found[0].length, 'dose');
    }
  }
  const isNone = Object.keys(dose).length === 0;
  if (dose.repetitions === undefined)
    for (const pattern of isNone ? BARE : BARE_BESIDE)
      for (const found of [...blanks.rest.matchAll(pattern)]) {
        const value = amount(found.groups ?? {});
        const [before, behind] = [blanks.rest.slice(0, found.index), blanks.rest.slice(found.index + found[0].length)];
        const isOfName = NUMBERED.test(before) && !(value > MOST_OF_NAME && NUMBERED_NAME.test(before));
        if (dose.repetitions !== undefined || value < 1 || isOfName) continue;
        if (isNone && value <= 3 && !/[,:–—-]\s*$/.test(before) && !/^\s*(?:each|ea|both|on)/i.test(behind)) {
          // "Salabhasana 3" at the end of a line counts; "flow 2" is a second flow.
          if (value === 1 || behind.trim() !== '' || COUNTED_THINGS.test(before)) continue;
        }
        const isOfBreaths = /(?<!hold(?:ing)?\s+(?:(?:the|your)\s+)?)breaths?\W*$/i.test(before);
        dose[isOfBreaths ? 'breaths' : 'repetitions'] = value;
        isBare = isNone && !isOfBreaths;
        blanks.take(found.index, found.index + found[0].length, 'dose');
      }
  return { dose, isBare };
}

/** What stands around a dose that is all that a line says: "hold for 5 breaths", "stay 2 min". */
const AROUND_DOSE = /(?<![a-zä])(?:hold|stay|keep|here|for|about|approx|ca|each|rest|up to|x)(?![a-zä])/gi;

/** Whether a line says how long, how often or on both sides, and nothing of what. */
export function isDoseAlone({ dose, side, rest }: Tokens): boolean {
  return (Object.keys(dose).length > 0 || side === 'both') && !SOME_LETTER.test(rest.replace(AROUND_DOSE, ''));
}

/** Without one of these words no side is told. */
const SIDED =
  /\b(?:rt?|lt?|right|left|bilat\w*|two|2|alt\w*|each|per|every|ea?|both|either|b|bs|other|swap|switch|change|sides?|legs?|arms?)(?![a-z])|\//i;

function readSide(blanks: Blanks): StepSide | null {
  let side: StepSide | null = null;
  if (!SIDED.test(blanks.rest)) return side;
  for (const { pattern, side: named } of SIDE_FORMS)
    for (const found of [...blanks.rest.matchAll(pattern)]) {
      side = named;
      blanks.take(found.index, found.index + found[0].length, 'side');
    }
  // "Left leg back" in a lunge puts the right foot forward, and the front foot names the side.
  const back = /(?<![a-zä])(?<side>left|right|l|r)\.? (?:leg|foot|ft) (?:steps? |goes )?back(?![a-zä])/i.exec(blanks.rest);
  if (back) {
    side ??= /^l/i.test(back[0]) ? 'right' : 'left';
    blanks.take(back.index, back.index + back[0].length, 'side');
  }
  const ones = [...blanks.rest.matchAll(ONE_SIDE)];
  if (side === null && ones.length > 0) {
    const sides = ones.map(([word]) => (/^r/i.test(word) ? 'right' : 'left'));
    const between = ones.length > 1 ? blanks.rest.slice(ones[0]!.index, ones[1]!.index) : '';
    // "R ankle over L knee" is one side; "R under, then L under" are both.
    side =
      new Set(sides).size === 1 ||
      (!/[,;./]|\bthen\b/.test(between) && /\b(?:over|to|on|toward|towards|behind|under|across|onto|and|with|in)\b/.test(between))
        ? sides[0]!
        : /\b(?:bent|long|straight|strap)\b|(?<!\d\s*)\+/.test(blanks.rest)
          ? sides[0]!
          : 'both';
  }
  for (const found of ones) blanks.take(found.index, found.index + found[0].length, 'side');
  return side;
}

/** "Back to dog" says where a line leads again; "back to the wall" is how the body stands, "back to centre" and "back to standing" are ways. */
const RETURNS =
  /^\s*(?:(?:and|then|now)\s+)*(?:(?:come|go|return)(?:ing)?\s+)?back\s+(?:in)?to\s+(?:(?:a|an|the|your)\s+)*(?!(?:wall|back|start|cent|middle|neutral|front|top|bed|stand|sit|seat|lying|all|hands|floor|mat|base|begin|where|feet|foot|room|life|earth|ground|breath|rest)[a-zä]*)(?=[a-zä]{3})/i;

/** Reads all that is not the name out of a line; `text` is one line, its places are kept. A part of one begins with no bullet. */
export function tokensOf(text: string, isPart = false): Tokens {
  const blanks = new Blanks(text.replace(/\t/g, ' '));
  const comment = NOTE.exec(blanks.left);
  const note = comment?.[1]?.trim() || null;
  if (comment) blanks.take(comment.index, text.length, 'comment');
  const unless = UNLESS.exec(blanks.rest);
  if (unless && SOME_LETTER.test(blanks.rest.slice(0, unless.index))) blanks.take(unless.index, unless.index + unless[0].length, 'comment');
  const bullet = isPart ? '' : (BULLET.exec(blanks.left)?.[0] ?? '');
  if (bullet.trim() !== '' && blanks.rest.slice(bullet.length).trim() !== '') blanks.take(0, bullet.length, 'bullet');
  const label = LABEL.exec(blanks.rest);
  if (label) blanks.take(label.index, label[0].length, 'bullet');
  const again = RETURNS.exec(blanks.rest);
  if (again) blanks.take(again.index, again[0].length, 'bullet');

  let retention: number | null = null;
  const noHold = NO_HOLD.exec(blanks.rest);
  if (noHold) {
    retention = 0;
    blanks.take(noHold.index, noHold.index + noHold[0].length, 'breath');
  }
  const hold = HOLD.exec(blanks.rest);
  // Seconds of a hold with repetitions are how long each is held ("hold 5 sec x10"); the breath is named or nothing is.
  if (hold && retention === null && (/breath|retain|pause|kumbhak/i.test(hold[0]) || !/s\w*\s*$/i.test(hold[0]))) {
    retention = Number(hold.groups?.['low']);
    blanks.take(hold.index, hold.index + hold[0].length, 'breath');
  }
  for (const pattern of [NAME_NUMBER, COUNTED_BREATH, IN_OUT, RATIO, CLOCK, ANGLE]) blanks.hide(pattern);
  const { dose, isBare } = readDoses(blanks);
  const side = readSide(blanks);
  let way: WayId | null = null;
  for (const { pattern, way: named } of MOVING.test(blanks.rest) ? WAYS_IN : [])
    for (const found of [...blanks.rest.matchAll(pattern)]) {
      way ??= named;
      blanks.take(found.index, found.index + found[0].length, 'way');
    }
  const breath = BREATH.exec(blanks.rest);
  // Alone behind a comma it tells when to move and names nothing.
  const behind = BREATH_BEHIND.exec(blanks.rest);
  if (behind) blanks.take(behind.index, behind.index + behind[0].length, 'breath');
  return {
    text, spans: blanks.spans.sort((a, b) => a.from - b.from), dose, isBare, side, way, retention, note, rest: blanks.left,
    breath: breath ? (/^in|breathe in/i.test(breath[0]) ? 'inhale' : 'exhale') : null,
  }; // prettier-ignore
}
