import Fuse from 'fuse.js';
import type { Asana, Library } from '../asanas/library.js';
import { onceWithin } from '../once.js';

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

/** Words that teachers add without changing the asana. */
const FILLERS = new Set([
  'pose',
  'posture',
  'the',
  'a',
  'an',
  'then',
  'and',
  'into',
  'in',
  'to',
  'of',
  'your',
  'slow',
  'slowly',
  'gentle',
  'gently',
  'asana',
]);
/** What one word means among the steps round it, by base position; the first entry where nothing decides. */
const AMBIGUOUS: Readonly<Record<string, readonly (readonly [string, readonly string[]])[]>> = {
  cat: [['marjaryasana', ['all-fours', 'kneeling']], ['chair-cat-cow', ['seated-chair']], ['seated-cat-cow', ['seated-floor']], ['standing-cat-cow', ['standing']], ['side-lying-cat', ['side-lying']]],
  'cat cow': [['marjaryasana', ['all-fours', 'kneeling']], ['chair-cat-cow', ['seated-chair']], ['seated-cat-cow', ['seated-floor']], ['standing-cat-cow', ['standing']], ['side-lying-cat', ['side-lying']]],
  cow: [['bitilasana', []]],
  chair: [['utkatasana', []]],
  dog: [['adho-mukha-svanasana', []]], down: [['adho-mukha-svanasana', []]],
  'up dog': [['urdhva-mukha-svanasana', []]], 'half dog': [['chair-dog', []], ['wall-dog', ['standing-wall']]], puppy: [['anahatasana', []]],
  warrior: [['virabhadrasana-2', []], ['chair-warrior-2', ['seated-chair']]], 'reverse warrior': [['viparita-virabhadrasana', []], ['chair-reverse-warrior', ['seated-chair']]], 'humble warrior': [['baddha-virabhadrasana', []]], hero: [['virasana', []]],
  fold: [['uttanasana', ['standing']], ['paschimottanasana', ['seated-floor']], ['chair-forward-fold', ['seated-chair']]],
  'forward bend': [['uttanasana', ['standing']], ['paschimottanasana', ['seated-floor']], ['chair-forward-fold', ['seated-chair']]],
  'forward fold': [['uttanasana', ['standing']], ['paschimottanasana', ['seated-floor']], ['chair-forward-fold', ['seated-chair']]],
  twist: [['parivrtta-sukhasana', ['seated-floor']], ['standing-twist', ['standing']], ['chair-twist', ['seated-chair']], ['supine-twist-knees-together', ['supine']]],
  'seated twist': [['parivrtta-sukhasana', ['seated-floor']], ['chair-twist', ['seated-chair']]], 'seated forward fold': [['paschimottanasana', ['seated-floor']], ['chair-forward-fold', ['seated-chair']]],
  'seated side bend': [['parsva-sukhasana', ['seated-floor']], ['chair-side-bend', ['seated-chair']]], 'seated cat cow': [['seated-cat-cow', ['seated-floor']], ['chair-cat-cow', ['seated-chair']]],
  'wide legged forward fold': [['prasarita-padottanasana', []]], 'wide leg forward fold': [['prasarita-padottanasana', []]], 'wide fold': [['prasarita-padottanasana', []]],
  'reclining hand to big toe': [['supta-padangusthasana-1', []]], 'leg stretch with strap': [['supta-padangusthasana-1', []]],
  crocodile: [['makarasana', []]],
  pigeon: [['eka-pada-rajakapotasana', []], ['chair-pigeon', ['seated-chair']], ['supine-figure-four', ['supine']]], 'reclined pigeon': [['supine-figure-four', []]], 'eye of the needle': [['supine-figure-four', []]],
  'half moon': [['ardha-chandrasana', []]], goddess: [['utkata-konasana', []], ['chair-goddess', ['seated-chair']]], 'reclined goddess': [['supta-baddha-konasana', []]],
  butterfly: [['baddha-konasana', []], ['supta-baddha-konasana', ['supine']]], 'bound angle': [['baddha-konasana', []], ['supta-baddha-konasana', ['supine']]],
  frog: [['mandukasana', []], ['malasana', ['standing']], ['prone-half-frog-rest', ['prone']]],
  bridge: [['setu-bandhasana', []]], 'bridge on a block': [['supported-bridge', []]], 'full bridge': [['urdhva-dhanurasana', []]],
  candle: [['sarvangasana-supported', []]], fish: [['matsyasana', []]],
  'legs up': [['viparita-karani', []]], 'legs up the wall': [['viparita-karani', []]],
  'happy baby': [['ananda-balasana', []]], 'half happy baby': [['half-happy-baby', []]],
  'knees to chest': [['apanasana', []]], 'wind release': [['apanasana', []]],
  table: [['all-fours', []]], tabletop: [['all-fours', []]], 'table legs': [['deep-core-tabletop', []]], 'reverse table': [['ardha-purvottanasana', []]],
  plank: [['phalakasana', []]], 'half plank': [['knee-plank', []]], 'reverse plank': [['purvottanasana', []]],
  lunge: [['anjaneyasana', ['kneeling', 'all-fours']], ['high-lunge', ['standing']], ['chair-lunge', ['standing-chair']]], 'low lunge': [['anjaneyasana', []]],
  boat: [['navasana', []], ['chair-boat', ['seated-chair']]],
  rest: [['savasana', []], ['savasana-chair', ['seated-chair']]], 'end rest': [['savasana', []]], 'final relaxation': [['savasana', []]], 'final rest': [['savasana', []]], relaxation: [['savasana', []]], 'flat rest': [['savasana', []]], 'flat on the back': [['savasana', []]],
  sn: [['surya-namaskara-classic', []], ['surya-namaskara-chair', ['seated-chair']]], sun: [['surya-namaskara-classic', []], ['surya-namaskara-chair', ['seated-chair']]], 'sun salute': [['surya-namaskara-classic', []], ['surya-namaskara-chair', ['seated-chair']]], 'sun breath': [['standing-sun-breath', []], ['chair-sun-breath', ['seated-chair']]],
  mountain: [['tadasana', []], ['chair-mountain', ['seated-chair']]], child: [['balasana', []]], childs: [['balasana', []]], cobra: [['bhujangasana', []]],
  'knees chest chin': [['ashtanga-namaskara', []]], 'eight points': [['ashtanga-namaskara', []]], 'half lift': [['ardha-uttanasana', []]], 'arms up': [['urdhva-hastasana', []]], 'standing back bend': [['anuvittasana', []]], 'standing backbend': [['anuvittasana', []]], backbend: [['anuvittasana', []]],
  headstand: [['sirsasana', []]], 'shoulder stand': [['sarvangasana-supported', []]], shoulderstand: [['sarvangasana-supported', []]], plough: [['halasana', []]], plow: [['halasana', []]], squat: [['malasana', []]], lotus: [['padmasana', []]],
}; // prettier-ignore

export interface Match {
  readonly asana: Asana;
  /** Words of the text that the name left over. */
  readonly rest: string;
  /** What to tell the teacher: a guess that was made. */
  readonly note: string | null;
}

export interface NameIndex {
  /** The asana that a text names, or `null`. `near` are the base positions of the steps round it. */
  match(text: string, near?: readonly string[]): Match | null;
  /** Asanas of which some name holds all these words, best first; the whole library for no words. */
  search(words: string): readonly Asana[];
  /** The three asanas whose names come nearest. */
  nearest(text: string): { id: string; name: string }[];
}

/** So many texts are remembered with what they name; then all are forgotten. */
const MOST_WORDS = 2_000;

/** How many letters may be wrong in a name that is still taken for it: one in seven. */
const TYPO_SHARE = 7;

/** Damerau's distance in its restricted form: letters added, lost, changed or swapped (Damerau, CACM 1964;7:171). */
function editDistance(a: string, b: string, most: number): number {
  if (Math.abs(a.length - b.length) > most) return most + 1;
  let before: number[] = [];
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++) {
      let cost = Math.min(last[j]! + 1, row[j - 1]! + 1, last[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1));
      if (i > 1 && j > 1 && a[i - 1] === b[j - 2] && a[i - 2] === b[j - 1]) cost = Math.min(cost, before[j - 2]! + 1);
      row.push(cost);
    }
    before = last;
    last = row;
  }
  return last[b.length]!;
}

function namesOf(asana: Asana): string[] {
  // A bracketed addition of the Sanskrit name is our own mark, not part of the name.
  const iast = asana.iast ? [asana.iast, asana.iast.replace(/\s*\(.*?\)/g, '')] : [];
  return [asana.name, asana.id.replaceAll('-', ' '), ...asana.names, ...iast, asana.kids];
}

/** Matches the names of a library: English, Sanskrit with or without diacritics, aliases, common misspellings. */
export function nameIndex(library: Library): NameIndex {
  const exact = new Map<string, Asana>();
  const bySound = new Map<string, Asana>();
  const entries: { name: string; key: string; asana: Asana }[] = [];
  // Names first, children's names last, so that a play name never hides a plain one.
  for (let rank = 0; rank < 12; rank++)
    for (const asana of library.asanas) {
      const name = namesOf(asana)[rank];
      if (name === undefined) continue;
      const key = plain(name);
      if (!exact.has(key)) exact.set(key, asana);
      const heard = sound(name);
      if (!bySound.has(heard)) bySound.set(heard, asana);
      entries.push({ name, key, asana });
    }
  const fuse = new Fuse(entries, { keys: ['key'], threshold: 0.5, ignoreLocation: true });

  const ambiguous = (key: string, near: readonly string[]): { asana: Asana; note: string | null } | null => {
    const meanings = AMBIGUOUS[key];
    if (!meanings) return null;
    const fitting = meanings.find(([, bases]) => bases.some((base) => near.includes(base)));
    const asana = library.get((fitting ?? meanings[0]!)[0]);
    // Where one meaning holds everywhere, the word alone is clear enough.
    const note =
      !fitting && meanings.every(([, bases]) => bases.length > 0) ? `"${key}" can mean several asanas; taken as ${asana.name}` : null;
    return { asana, note };
  };
  const look = (words: readonly string[], near: readonly string[]): { asana: Asana; note: string | null } | null => {
    const key = words.join(' ');
    if (key === '') return null;
    const meant = ambiguous(key, near);
    if (meant) return meant;
    const found = exact.get(key) ?? bySound.get(sound(key));
    return found ? { asana: found, note: null } : null;
  };
  const misspelt = (key: string): Asana | null => {
    const most = Math.floor(key.length / TYPO_SHARE);
    if (most === 0) return null;
    let best: { asana: Asana; distance: number } | null = null;
    for (const entry of entries) {
      const distance = editDistance(key, entry.key, most);
      if (distance <= most && (!best || distance < best.distance)) best = { asana: entry.asana, distance };
    }
    return best?.asana ?? null;
  };

  const named = (text: string, near: readonly string[]): Match | null => {
    const words = plain(text)
      .split(' ')
      .filter((word) => word !== '');
    const bare = words.filter((word) => !FILLERS.has(word));
    for (const list of [words, bare]) {
      const found = look(list, near);
      if (found) return { ...found, rest: '' };
    }
    // The longest run of words from the front, then from any place, that is a name.
    for (const list of [words, bare])
      for (let length = list.length - 1; length >= 1; length--)
        for (let from = 0; from + length <= list.length; from++) {
          const found = look(list.slice(from, from + length), near);
          // One word out of a long line is no name of it: `carpet` in a list of things to bring.
          if (found && (length > 1 || list.length <= 4))
            return { ...found, rest: [...list.slice(0, from), ...list.slice(from + length)].join(' ') };
        }
    const guess = misspelt(bare.join(' '));
    return guess ? { asana: guess, rest: '', note: `"${text.trim()}" read as ${guess.name}` } : null;
  };
  const nearestTo = (text: string) => {
    const found = fuse.search(plain(text)).map(({ item }) => item.asana);
    const unique = [...new Map(found.map((asana) => [asana.id, asana])).values()];
    for (const word of plain(text).split(' '))
      if (unique.length < 3) for (const { item } of fuse.search(word)) if (!unique.includes(item.asana)) unique.push(item.asana);
    return [...unique, ...library.asanas].slice(0, 3).map(({ id, name }) => ({ id, name }));
  };
  // A text is read again with every key that is typed into it.
  const matched = new Map<string, Match | null>();
  const guessed = new Map<string, { id: string; name: string }[]>();

  return {
    match: (text, near = []) => onceWithin(matched, MOST_WORDS, `${near.join()}|${text}`, () => named(text, near)),
    search(text) {
      const wanted = plain(text)
        .split(' ')
        .filter((word) => word !== '');
      if (wanted.length === 0) return library.asanas;
      const holds = (key: string) => wanted.every((word) => key.includes(word));
      const heard = sound(text);
      const rank = (asana: Asana) => {
        const keys = namesOf(asana).map(plain);
        if (keys.includes(wanted.join(' '))) return 0;
        if (keys.some((key) => holds(key))) return keys[0]!.startsWith(wanted[0]!) ? 1 : 2;
        return heard.length > 3 && namesOf(asana).some((name) => sound(name).includes(heard)) ? 3 : 9;
      };
      return library.asanas
        .map((asana) => ({ asana, at: rank(asana) }))
        .filter(({ at }) => at < 9)
        .sort((a, b) => a.at - b.at)
        .map(({ asana }) => asana);
    },
    nearest: (text) => onceWithin(guessed, MOST_WORDS, text, () => nearestTo(text)),
  };
}
