import { HANDS, type Contact } from '../body/contact.js';
import type { Body } from '../body/anthropometry.js';
import { heightOf, trialOf, type Trial } from '../body/pulls.js';
import type { Posture } from '../body/posture.js';
import { memoize } from '../get-or-create.js';
import type { Finding } from '../plan/finding.js';
import type { SolvedPosture } from '../solving/solved-posture.js';
import type { Prop, PropsAtHand } from '../participants/props-at-hand.js';

/** A folded blanket is about this high (cm). */
const BLANKET_CM = 2.75;
const HIGHEST_STACK_CM = 14;

/** The prop that a contact's support is made of, and how many of it. */
function propOf({ on, bears }: Contact): { prop: Prop; count: number } | null {
  if (on.kind === 'wall') return { prop: 'wall', count: 1 };
  if (on.kind === 'strap') return { prop: 'strap', count: 1 };
  if (on.kind === 'between') return { prop: on.prop, count: 1 };
  if (on.kind !== 'level') return null;
  switch (on.surface) {
    case 'floor':
      return null;
    case 'seat':
    case 'chairback':
      return { prop: 'chair', count: 1 };
    case 'block':
    case 'step':
      return { prop: 'block', count: on.height > 24 ? 2 : 1 };
    case 'blanket':
    case 'stack':
    case 'wedge':
      // On a chair seat or another support the blanket itself is thin; a stack this high is a bolster.
      if (on.height > 25 || !bears) return { prop: 'blanket', count: 1 };
      if (on.height > HIGHEST_STACK_CM) return { prop: 'bolster', count: 1 };
      return { prop: 'blanket', count: Math.max(1, Math.round(on.height / BLANKET_CM)) };
    case 'bolster':
      return { prop: 'bolster', count: 1 };
    case 'cushion':
      return { prop: 'cushion', count: 1 };
    case 'table':
      return { prop: 'table', count: 1 };
  }
}

/** Parts in whose pairs each side has a prop of its own (a hand on each block); others share one. */
const ONE_EACH = new Set(['palm', 'hand', 'fingertips', 'fist', 'knee', 'forearm', 'sole']);

/** Parts that a bolster of their own lies under; trunk, head and arms share one, level or as a ramp. */
const LEGS = new Set(['knee', 'thigh', 'shin', 'lowerleg', 'calf', 'ankle', 'heel', 'sole', 'foot', 'instep']);

/** Contacts that one and the same prop can serve have the same key. */
function spreadOf({ part, side, on }: Contact, prop: Prop): string {
  if (on.kind === 'between') return `${prop} between`;
  const height = on.kind === 'level' ? on.height : 0;
  switch (prop) {
    case 'chair':
    case 'wall':
    case 'strap':
    case 'table':
      return prop;
    case 'bolster':
    case 'cushion':
      return `${prop} ${LEGS.has(part) ? 'legs' : 'trunk'}`;
    case 'blanket':
      return `blanket ${height}`;
    case 'block':
      return `block ${height} ${part} ${ONE_EACH.has(part) ? side : ''}`;
  }
}

/** What a posture needs, each prop counted once for all that rests on it. */
export function propsOf({ contacts }: Pick<Posture, 'contacts'>): ReadonlyMap<Prop, number> {
  return countProps(contacts);
}

const countProps = memoize((contacts: Posture['contacts']): ReadonlyMap<Prop, number> => {
  const needed = new Map<Prop, number>();
  const seen = new Set<string>();
  for (const contact of contacts) {
    const found = propOf(contact);
    if (!found) continue;
    const spread = spreadOf(contact, found.prop);
    if (seen.has(spread)) continue;
    seen.add(spread);
    needed.set(found.prop, (needed.get(found.prop) ?? 0) + found.count);
  }
  return needed;
});

/** A finding for each prop that is needed and not at hand. */
export function missingProps(needed: ReadonlyMap<Prop, number>, atHand: PropsAtHand): Finding[] {
  const missing: Finding[] = [];
  for (const [prop, count] of needed) {
    const have = atHand[prop] ?? 0;
    if (count <= have) continue;
    missing.push(
      {
        condition: 'props', limit: `props/${prop}`, measure: 'props' as const, value: count, unit: prop, bound: `<= ${have}`, grade: 'avoid' as const,
        where: 'posture' as const, text: have === 0 ? `There is no ${prop} at hand.` : `Only ${have} of ${prop} at hand.`, source: 'What was said to be at hand.', by: count - have,
      },
    ); // prettier-ignore
  }
  return missing;
}

export interface SetupItem {
  readonly prop: Prop;
  readonly count: number;
  /** Height of its top above the floor in cm, for this body; `null` where it has none (wall, strap). */
  readonly height: number | null;
  readonly unit: 'cm';
  readonly place: string;
  /** Which height of the body it is, where that one is found by trial. */
  readonly trial?: Trial;
}

/** A contact as high as this person found it by trial: it takes so many blankets. */
function asFound(contact: Contact, body: Body): Contact {
  const { on } = contact;
  const trial = trialOf(contact);
  return on.kind === 'level' && trial && body[trial] !== null ? { ...contact, on: { ...on, height: body[trial] * 100 } } : contact;
}

const PART_WORDS: Readonly<Record<string, string>> = {
  palm: 'the hands', hand: 'the hands', fingertips: 'the fingertips', fist: 'the fists', handback: 'the hands', sole: 'the feet', ball: 'the feet', heel: 'the heels', foot: 'the feet',
  sitbone: 'the seat', pelvis: 'the pelvis', sacrum: 'the sacrum', hipside: 'the hip', headback: 'the head', head: 'the head', crown: 'the crown', temple: 'the head', forehead: 'the forehead', chin: 'the chin',
  knee: 'the knees', shin: 'the shins', lowerleg: 'the lower legs', calf: 'the calves', thigh: 'the thighs', ankle: 'the ankles', instep: 'the feet', upperback: 'the upper back', midback: 'the back', lowback: 'the low back',
  forearm: 'the forearms', elbow: 'the elbows', chest: 'the chest', ribs: 'the ribs', ribside: 'the side of the ribs', belly: 'the belly', waist: 'the waist', pubis: 'the front of the pelvis', shoulder: 'the shoulders', upperarm: 'the upper arms', hip: 'the hips',
}; // prettier-ignore

const PREPOSITIONS: Readonly<Record<Contact['on']['kind'], string>> = {
  strap: 'in',
  wall: 'at',
  level: 'under',
  between: 'between',
  body: 'on',
};

function prepositionOf({ part, side, on }: Contact): string {
  if (on.kind === 'strap' && !HANDS.has(part)) return 'round';
  return on.kind === 'between' && side === null ? 'behind' : PREPOSITIONS[on.kind];
}

/** A roll that lifts the knees meets the legs just below them. */
function wordsOf({ part, on }: Contact): string {
  const isRoll = part === 'calf' && on.kind === 'level' && on.surface === 'bolster';
  return PART_WORDS[isRoll ? 'knee' : part] ?? part;
}

/** Which props, how high for this body, and under what. */
export function setupOf(done: SolvedPosture): SetupItem[] {
  const items = new Map<string, SetupItem & { preposition: string; parts: Set<string> }>();
  const { body } = done.solved;
  const contacts = done.solved.contacts.map((contact) => asFound(contact, body));
  for (const contact of contacts) {
    const found = propOf(contact);
    if (!found) continue;
    const height = contact.on.kind === 'level' ? Math.round(heightOf(contact, body) * 100) : null;
    const trial = trialOf(contact);
    const key = `${found.prop} ${contact.on.kind === 'between' ? 'between' : height}`;
    const words = wordsOf(contact);
    const known = items.get(key);
    if (known) known.parts.add(words);
    else
      items.set(key, {
        ...found,
        height,
        unit: 'cm',
        ...(trial && { trial }),
        preposition: prepositionOf(contact),
        place: '',
        parts: new Set([words]),
      });
  }
  const needed = propsOf({ contacts });
  return [...items.values()].map(({ parts, preposition, ...item }) => {
    const alone = [...items.values()].filter(({ prop }) => prop === item.prop).length === 1;
    return {
      ...item,
      count: alone ? (needed.get(item.prop) ?? item.count) : item.count,
      place: `${preposition} ${[...parts].join(' and ')}`,
    };
  });
}
