import { stemmer } from 'stemmer';

/** Lower case, without diacritics and punctuation: how names are compared. */
export function plain(text: string): string {
  return text
    .normalize('NFD')
    .replace(/\p{M}/gu, '')
    .toLowerCase()
    .replace(/[’'`]/g, '')
    .replace(/[^a-z0-9]+/g, ' ')
    .trim();
}

/**
 * How a Sanskrit word sounds to those who write it by ear: `vrksasana` and `vrikshasana`, `ustrasana` and
 * `ushtrasana`, `svanasana` and `shwanasana` give the same.
 */
export function sound(text: string): string {
  return plain(text)
    .replace(/sh/g, 's')
    .replace(/ch/g, 'c')
    .replace(/([bcdgjkpt])h/g, '$1')
    .replace(/w/g, 'v')
    .replace(/ee|ii/g, 'i')
    .replace(/oo|uu/g, 'u')
    .replace(/aa/g, 'a')
    .replace(/ri(?=[a-z])/g, 'r')
    .replace(/([a-z]{3})s\b/g, '$1')
    .replace(/([a-z])\1/g, '$1')
    .replace(/\s+/g, '');
}

/** A word of a text as it is compared, with its place. */
export interface Word {
  readonly stem: string;
  readonly from: number;
  readonly to: number;
}

/** Words that say nothing of a posture. */
const EMPTY = new Set(
  'a an the of your yr yer my our their his her its it is are be am pose posture position asana pos you we they i me them please just so that this these those oneself'.split(
    ' ',
  ),
);

/**
 * Words and runs of words that mean the same; the first stands for all. Stems are made of both sides, so
 * one form of a word is enough. Common practice, no source.
 */
const SAME = `
  supine: on back; on backs; on the back; on your back; lying on back; lie on back; laying on back; lie back; lying face up; face up; supta; reclining; reclined; recline; reclines; lying down; lie down; laying down; lay down; hook lying supine
  prone: on belly; on the belly; on tummy; on tummies; on the tummy; on stomach; on the stomach; on front; on the front; on your front; belly down; bellydown; face down; lying face down; lie face down; on your tummy; on your belly; lie on belly; lying on belly; lying on front; lying on tummy; lie on front; lie on tummy
  sideline: on side; on the side; on your side; on one side; side lying; lying on side; lie on side; on their side
  allfours: all fours; all four; all 4s; all 4; on 4s; on fours; four legs; hands and knees; hands knees; quadruped; four point kneel; four point kneeling; 4 pt kneel; 4 pt kneeling; 4 point kneeling; four foot stand; tabletop; table top
  butt: bum; bottom; butt; buttocks; buttock; backside; bums; tush; glutes; glute; gluteal
  lift: lift; raise; raising; raised; lifting; hoist
  belly: tummy; stomach; abdomen; abdominal; tum; tums; bump; abs
  forehead: brow
  chest: sternum; breastbone; breast; heart
  block: brick
  strap: belt; band; yoga belt; tie
  cushion: pillow
  bent: bent; bend; bends; bending; bending
  fold: fold; forward bend; forward bending; bend forward; bend forwards; forward fold; fold forward; fwd fold; fwd bend; ff; folding; bending forward; bow forward; forwardbend
  forward: fwd; forwards; fwds; fw; frwd
  side bent: sidebend; sidebends; sidebending
  twist: rotate; rotation; rotating; spinal twist; twisting; twists
  revolved: rev; revolving; parivrtta; parivritta; parivrita; parivrta; parivritti; rvlvd
  opposite: opp; contrary; contralateral; oppo
  straight: extend; extended; extending; straighten; straightened
  wide: wide; apart; widen; straddle; straddled
  circle: circle; circles; circling; circular
  relax: rest; resting; relaxation; relaxing; chill
  final: end; closing; last; ending
  breath: breathe; breathing; breaths; breathes; br; pranayama
  hug: embrace; embracing; cuddle
  sway: swing; swinging; swaying
  stretch: stretches; stretching
  stand: standing; stands; stood
  sit: sitting; seated; sits; sat
  kneel: kneeling; kneels; kneel; on knees; on the knees
  lie: lying; laying; lay; lies
  overhead: over head; above head; over the head; above the head; up high
  knees: knee; kn
  down dog: dd; dfd; dwd; ddog; downdog; down ward dog; downward dog; downward facing dog; down facing dog; dog head down; dog face down; dog facing down; dwn dog; downward; looking down dog; face down dog; facing down dog; adho mukha
  up dog: updog; ud; ufd; upward dog; upward facing dog; upward; urdhva mukha
  child: childs; child; cp; chids; kid s
  cat cow: cc; c c; catcow; cat camel; cat and cow; cat n cow; cats and cows; cats; cat cows
  sun salutation: sn; sunsal; sun sal; sun salute; sun salutes; sun salutations; surya; surya namaskar; surya namaskara; suryanamaskar; suryanamaskara; soorya; namaskar
  warrior: warrior; virabhadrasana; vira; veera; virabhadra; veerabhadrasana; war; virbhadrasana; warriors
  mountain: mtn; mtn pose; mount; tada; tadasana
  savasana: sav; shav; savasan; shavasan; shavasana; corpse; svasana; savs; corps; shava; dead man; dead body
  pigeon: pidgeon
  triangle: tri; trikonasana; trikona; trikon
  lunge: lunges; lunging
  plank: planks
  one: 1; single
  two: 2; both; double; ii
  three: 3; iii
  four: 4; iv
  palmtree: palm tree; palm trees
  hands: hand; palms; palm
  feet: foot; soles; sole
  legs: leg
  arms: arm
  toes: toe
  hips: hip; pelvis; pelvic
  shoulders: shoulder; shldr; shldrs
  elbows: elbow
  heels: heel
  thighs: thigh
  shins: shin; calf; calves
  ears: ear
  against: near
  squeeze: squeezing; squash; press together
  ankles: ankle
  hamstring: hammie; hammy; hams; hamstrings; hammies
  quad: quads; quadriceps
  pelvic floor: pf
  slow: slowly; slo
  gentle: gently; easy
  small: little; tiny; mini; wee; baby
  big: large; giant; great
  supported: support; supports; supporting; propped; prop; salamba; supp
  dynamic: flow; flowing
  head: head; heads
  one leg: eka pada; single leg
  butterfly: bfly; b fly
`;

/** How a word is compared: its stem, or its last letters of Sanskrit left on. */
const stems = new Map<string, string>();
export function stemOf(word: string): string {
  let stem = stems.get(word);
  if (stem === undefined) {
    stem = /\d/.test(word) || word.length < 4 ? word : stemmer(word);
    // What is compared are words of one class; the memory holds no more than a dictionary.
    if (stems.size > 20_000) stems.clear();
    stems.set(word, stem);
  }
  return stem;
}

const WORD = /\bw\/o\b|\bw\/|[\p{L}\p{M}’'`]+|\d+(?:[.,]\d+)?|[½¼¾]/gu;
/** The same where there are only the letters of English: to tell those of all scripts takes several times as long. */
const ENGLISH_WORD = /\bw\/o\b|\bw\/|[a-z'`]+|\d+(?:[.,]\d+)?/gi;
/** Nothing beyond the letters of English. */
export const ENGLISH = /^[\0-\x7f]*$/;
const SIGNS: ReadonlyMap<string, string> = new Map([
  ['w/', 'with'],
  ['w/o', 'without'],
  ['½', 'half'],
  ['¼', 'quarter'],
  ['¾', 'most'],
  // Its stem would be that of a side.
  ['sidelying', 'sideline'],
]);

const PLAIN = /^[a-z0-9]+$/;

/** "Padangusthasana a, b", "warrior I": a letter at the end counts a series. */
function countsSeries(word: string, text: string, at: number): boolean {
  if (word === 'I') return true;
  const low = word.toLowerCase();
  if (low !== 'a' && low !== 'i') return false;
  const after = text.slice(at + word.length);
  return low === 'a' ? /^\s*(?:$|[,;+/&])/.test(after) : /^\s*(?:$|[^\p{L}\s])/u.test(after);
}

/** "Bridge w block": a letter in the midst of a line that counts no warrior stands for "with". */
function standsForWith(text: string, to: number): boolean {
  return /^\s+(?!(?:i{1,3}|one|two|three|first|second|third)(?![a-z]))[a-z]/i.test(text.slice(to, to + 12));
}

const INFANT = 'infant';
/** "Bridge with baby on hips": somebody's baby; "baby cobra" is a small one. */
function isInfant(text: string, from: number, to: number): boolean {
  return (
    /(?:^|[^\p{L}])(?:with|w\/?|over|your|holding)\s+$/iu.test(text.slice(Math.max(0, from - 12), from)) ||
    /^\s+(?:on|in|at|over)(?!\p{L})/iu.test(text.slice(to, to + 12))
  );
}

/** The words of a text, each as its stem, before words that mean the same are joined. */
export function rawWords(text: string): Word[] {
  const found: Word[] = [];
  for (const match of text.matchAll(ENGLISH.test(text) ? ENGLISH_WORD : WORD)) {
    const low = match[0].toLowerCase();
    if (low === 'baby' && isInfant(text, match.index, match.index + 4)) {
      found.push({ stem: INFANT, from: match.index, to: match.index + 4 });
      continue;
    }
    // Most words are plain already.
    const isWith = low === 'w' && found.length > 0 && standsForWith(text, match.index + 1);
    const word = isWith ? 'with' : (SIGNS.get(low) ?? (PLAIN.test(low) ? low : plain(low).replaceAll(' ', '')));
    if (word === '' || (EMPTY.has(word) && !(found.length > 0 && countsSeries(match[0], text, match.index)))) continue;
    found.push({ stem: stemOf(word), from: match.index, to: match.index + match[0].length });
  }
  return found;
}

/** The three warriors under all their names: the number is a part of the name, so that one is never taken for another. */
const WARRIORS =
  'warrior virabhadrasana virabhadra veerabhadrasana veerabhadra virbhadrasana virabadrasana vira veera war wa w hero fighter'.split(' ');
const WARRIOR_NUMBERS = {
  warriorone: ['1', 'one', 'i', 'first'],
  warriortwo: ['2', 'two', 'ii', 'second'],
  warriorthree: ['3', 'three', 'iii', 'third'],
};
/** A hero by himself kneels: an "i" before the word is no number. */
function before(number: string, name: string): string[] {
  return number === 'i' && name === 'hero' ? [] : [`${number} ${name}`];
}
const WARRIOR_RUNS = Object.entries(WARRIOR_NUMBERS)
  .map(
    ([as, numbers]) =>
      `${as}: ${WARRIORS.flatMap((name) => numbers.flatMap((number) => [`${name} ${number}`, ...before(number, name), `${name}${number}`])).join('; ')}`,
  )
  .join('\n');

interface Run {
  readonly words: readonly string[];
  readonly as: readonly string[];
}

/** Runs of words with what stands for them, by their first word, the longest first. */
const RUNS = (() => {
  const runs = new Map<string, Run[]>();
  for (const line of `${SAME.trim()}\n${WARRIOR_RUNS}`.split('\n')) {
    const [first = '', rest = ''] = line.split(':');
    const as = rawWords(first).map(({ stem }) => stem);
    for (const form of [first, ...rest.split(';')]) {
      const words = rawWords(form).map(({ stem }) => stem);
      if (words.length === 0 || words.join(' ') === as.join(' ')) continue;
      const known = runs.get(words[0]!) ?? [];
      known.push({ words, as });
      runs.set(words[0]!, known);
    }
  }
  for (const known of runs.values()) known.sort((a, b) => b.words.length - a.words.length);
  return runs;
})();

/** Stands words and runs of words that mean the same for one of them. */
export function joined(raw: readonly Word[]): Word[] {
  const found: Word[] = [];
  for (let i = 0; i < raw.length;) {
    const run = RUNS.get(raw[i]!.stem)?.find(({ words }) => words.every((word, k) => raw[i + k]?.stem === word));
    if (run) {
      const [from, to] = [raw[i]!.from, raw[i + run.words.length - 1]!.to];
      for (const stem of run.as) found.push({ stem, from, to });
      i += run.words.length;
    } else found.push(raw[i++]!);
  }
  return found;
}

/** The words of a text as they are compared, each with its place. */
export function wordsOf(text: string): Word[] {
  return joined(rawWords(text));
}

/** Every stem that some run of words begins with or holds. */
export const RUN_STEMS: ReadonlySet<string> = new Set(
  [...RUNS.values()].flatMap((runs) => runs.flatMap(({ words, as }) => [...words, ...as])),
);
