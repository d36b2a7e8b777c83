import type { Side } from '../angles.js';
import { KnowledgeError } from '../knowledge-error.js';

export type WallName = 'front' | 'back' | 'left' | 'right';
/** Level supports: a top at some height above the floor. */
export const LEVEL_SURFACES = [
  'floor', 'seat', 'chairback', 'table', 'step', 'block', 'blanket', 'bolster', 'cushion', 'stack', 'wedge',
] as const; // prettier-ignore
export type LevelSurface = (typeof LEVEL_SURFACES)[number];

export const SQUEEZED_PROPS = ['block', 'cushion'] as const;
export type SqueezedProp = (typeof SQUEEZED_PROPS)[number];

export type Support =
  | { readonly kind: 'level'; readonly surface: LevelSurface; /** cm above the floor, for the reference body. */ readonly height: number }
  | { readonly kind: 'wall'; readonly wall: WallName }
  | { readonly kind: 'body'; readonly part: BodyPart; readonly side: Side | null }
  | { readonly kind: 'strap' }
  /** Held between the same parts of both sides, or between the head and a wall. */
  | { readonly kind: 'between'; readonly prop: SqueezedProp };

/** A place of the body that bears on something (`>`), or touches and is guided without bearing (`~`). */
export interface Contact {
  readonly part: BodyPart;
  /** `null` for a part on the middle line. */
  readonly side: Side | null;
  readonly on: Support;
  readonly bears: boolean;
}

export const PAIRED_PARTS = [
  'sole', 'heel', 'ball', 'edge', 'inneredge', 'arch', 'instep', 'foot', 'ankle', 'shin', 'calf', 'lowerleg', 'knee',
  'thigh', 'sitbone', 'hipside', 'hip', 'shoulder', 'upperarm', 'elbow', 'forearm', 'wrist', 'palm', 'hand', 'handback',
  'fist', 'fingertips', 'ribside',
] as const; // prettier-ignore
export const MIDDLE_PARTS = [
  'pelvis', 'sacrum', 'pubis', 'belly', 'waist', 'ribs', 'chest', 'lowback', 'midback', 'upperback', 'headback',
  'temple', 'forehead', 'crown', 'chin', 'head',
] as const; // prettier-ignore
export type PairedPart = (typeof PAIRED_PARTS)[number];
export type MiddlePart = (typeof MIDDLE_PARTS)[number];
export type BodyPart = PairedPart | MiddlePart;

const FORM = /^(?:([LR])\.)?([a-z]+)([>~])(?:([LR])\.)?([a-z]+)(?:\.([a-z]+))?(?:@([\d.]+))?$/;
/** Usual heights in cm for the reference body, where a contact names a prop without a height. */
const USUAL_HEIGHT: Partial<Record<LevelSurface, number>> = { seat: 41, chairback: 85, table: 70, bolster: 20, block: 12, blanket: 3, cushion: 8, stack: 10, step: 20, wedge: 5 }; // prettier-ignore

function isOneOf<T extends string>(list: readonly T[], word: string): word is T {
  return (list as readonly string[]).includes(word);
}

function sideOf(letter: string | undefined): Side | null {
  if (letter === undefined) return null;
  return letter === 'L' ? 'left' : 'right';
}

function support(
  text: string,
  letter: string | undefined,
  word: string,
  dotted: string | undefined,
  height: string | undefined,
  where: string,
): Support {
  if (word === 'strap') return { kind: 'strap' };
  if (word === 'between') {
    const prop = dotted ?? '';
    if (!isOneOf(SQUEEZED_PROPS, prop))
      throw new KnowledgeError(`${where}: contact "${text}" needs between.${SQUEEZED_PROPS.join(' or .')}`);
    return { kind: 'between', prop };
  }
  if (word === 'wall') {
    if (!isOneOf(['front', 'back', 'left', 'right'] as const, dotted ?? ''))
      throw new KnowledgeError(`${where}: contact "${text}" needs wall.front, .back, .left or .right`);
    return { kind: 'wall', wall: dotted as WallName };
  }
  if (isOneOf(LEVEL_SURFACES, word)) {
    const usual = word === 'floor' ? 0 : USUAL_HEIGHT[word];
    return { kind: 'level', surface: word, height: height === undefined ? (usual ?? 0) : Number(height) };
  }
  if (isOneOf(PAIRED_PARTS, word) || isOneOf(MIDDLE_PARTS, word)) return { kind: 'body', part: word, side: sideOf(letter) };
  throw new KnowledgeError(`${where}: contact "${text}" names an unknown surface "${word}"`);
}

/**
 * Reads one contact such as `R.fingertips>block@12` or `palm~palm`. A paired part without a letter
 * stands for both sides, so that one text may give two contacts.
 * @throws KnowledgeError naming `where` and the text.
 */
export function parseContact(text: string, where: string): Contact[] {
  const found = FORM.exec(text);
  if (!found) throw new KnowledgeError(`${where}: contact "${text}" can't be read; expected part>surface@height`);
  const [, letter, part = '', sign, onLetter, onWord = '', dotted, height] = found;
  const on = support(text, onLetter, onWord, dotted, height, where);
  const bears = sign === '>';
  if (isOneOf(MIDDLE_PARTS, part)) return [{ part, side: null, on, bears }];
  if (!isOneOf(PAIRED_PARTS, part)) throw new KnowledgeError(`${where}: contact "${text}" names an unknown part "${part}"`);
  const sides: Side[] = letter ? [sideOf(letter) as Side] : ['left', 'right'];
  return sides.map((side) => ({
    part,
    side,
    bears,
    // Without a letter like meets like: `hand~thigh` is each hand on its own thigh.
    on: on.kind === 'body' && on.side === null && isOneOf(PAIRED_PARTS, on.part) ? { ...on, side } : on,
  }));
}

/** Whatever of a hand touches or bears. */
export const HANDS: ReadonlySet<BodyPart> = new Set<BodyPart>(['palm', 'hand', 'fingertips', 'fist', 'handback', 'wrist']);

/** Where a contact bears outside the body (floor, prop or wall), not on another part of it. */
export function isExternal(contact: Contact): boolean {
  return contact.on.kind === 'level' || contact.on.kind === 'wall';
}

export function describePart(contact: Contact): string {
  if (contact.side === null) return contact.part;
  return contact.side + contact.part[0]!.toUpperCase() + contact.part.slice(1);
}
