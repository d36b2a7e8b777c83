import { opposite, type Side } from '../angles.js';
import { saidCues } from '../asanas/cues.js';
import type { Asana } from '../asanas/library.js';
import { SPOKEN } from './lines/all.js';
import type { OptionKind, SpokenForm } from './spoken-lines.js';

/** What is said for one form, with what sort of change it is from the plain one; `change` is `null` for the plain one. */
export interface FormLines extends SpokenForm {
  readonly kind: OptionKind;
  readonly change: string | null;
}

/** Without lines of its own an asana speaks by its cues: the first lead in, the others belong to the stay. */
function fromCues(asana: Asana): SpokenForm {
  const [first = `Come into ${asana.name.toLowerCase()}.`, ...others] = saidCues(asana).map(sentence);
  return {
    in: [first],
    breath: { inhale: asana.breath.inhale, exhale: asana.breath.exhale },
    hold: others,
    feel: '',
    notFeel: '',
    stop: 'Come out if anything hurts, tingles or makes you dizzy.',
    out: ['Come out the way you came in.'],
    short: first,
    words: [asana.name.toLowerCase()],
  };
}

/** The lines of an asana's variation; `plain` or `null` for the asana as it is usually done. */
export function formLines(asana: Asana, variation: string | null): FormLines {
  const spoken = Object.hasOwn(SPOKEN, asana.id) ? SPOKEN[asana.id]! : null;
  const { vary = {}, ...plain } = spoken ?? { ...fromCues(asana) };
  if (variation === null || variation === 'plain') return { ...plain, kind: 'other-way', change: null };
  const own = Object.hasOwn(vary, variation) ? vary[variation]! : null;
  // The short lines of the plain form would lead into the plain form.
  if (own) return { ...plain, short: own.change, words: [bare(own.change)], ...own, breath: { ...plain.breath, ...own.breath } };
  const name = asana.variations.find(({ id }) => id === variation)?.name ?? variation;
  const change = sentence(name);
  return { ...plain, in: [...plain.in, change], short: `${plain.short} ${change}`, kind: 'other-way', change };
}

function bare(line: string): string {
  return line.replace(/[.!?]+$/, '');
}

export function sentence(text: string): string {
  const words = text.trim();
  const begun = words.charAt(0).toUpperCase() + words.slice(1);
  return /[.!?]$/.test(begun) ? begun : `${begun}.`;
}

/** A line with its sides named; it begins with a capital. Without a side the words say "one" and "other". */
export function withSide(line: string, side: Side | null): string {
  const filled = line.replaceAll('{side}', side ?? 'one').replaceAll('{other}', side === null ? 'other' : opposite(side));
  return filled.charAt(0).toUpperCase() + filled.slice(1);
}
