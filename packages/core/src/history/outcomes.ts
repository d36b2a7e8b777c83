import { counted } from '../counted.js';
import type { Library } from '../asanas/library.js';
import type { NoteSection } from '../screening/clinician-note.js';
import {
  changesOf,
  PLACES,
  placeWords,
  SIDES_COMPARED,
  FELT,
  SCALES,
  SCALE_WORDS,
  type Felt,
  type PastClass,
  type Scale,
} from './past-class.js';

const FELT_WORDS: Readonly<Record<Felt, string>> = { worse: 'worse', same: 'the same', better: 'better' };
/** So many postures in which somebody stopped or hurt are named. */
const MOST_NAMED = 5;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

function scaleLine(
  classes: readonly PastClass[],
  scale: Scale,
  unit: readonly [one: string, more: string] = ['class', 'classes'],
): string[] {
  const { before, after, less, more } = changesOf(classes, scale);
  if (before.length === 0) return [];
  const medians = `${median(before)} before, ${median(after)} after`;
  return [
    `${SCALE_WORDS[scale]}, 0 to 10, median of ${counted(before.length, ...unit)}: ${medians}; clearly less in ${less}, clearly more in ${more}`,
  ];
}

function troubles(classes: readonly PastClass[], library: Library): string[] {
  const counts = new Map<string, number>();
  for (const { marks } of classes)
    for (const { asana, mark } of marks) if (mark === 'stopped' || mark === 'pain') counts.set(asana, (counts.get(asana) ?? 0) + 1);
  if (counts.size === 0) return [];
  const named = [...counts]
    .sort(([, a], [, b]) => b - a)
    .slice(0, MOST_NAMED)
    .map(([asana, times]) => `${library.find(asana)?.name ?? asana}${times > 1 ? ` (${times} times)` : ''}`);
  return [`Stopped or had pain in: ${named.join(', ')}`];
}

/** Left and right as they were compared; nothing where nobody asked. */
function sidesLine(classes: readonly PastClass[]): string[] {
  const told = SIDES_COMPARED.map((one) => ({ one, times: classes.filter(({ harder }) => harder === one).length })).filter(
    ({ times }) => times > 0,
  );
  const words = told.map(({ one, times }) => `${one === 'alike' ? 'both alike' : `${one} harder`} ${times}`);
  return words.length > 0 ? [`Left compared with right: ${words.join(', ')}`] : [];
}

/** Where pain was told, the most often told place first; nothing where nobody asked. */
function placesLine(classes: readonly PastClass[]): string[] {
  const told = PLACES.map((place) => ({
    place,
    times: classes.filter(({ before, after }) => before.where === place || after.where === place).length,
  })).filter(({ times }) => times > 0);
  const words = told.sort((a, b) => b.times - a.times).map(({ place, times }) => `${placeWords(place)} ${times}`);
  return words.length > 0 ? [`Where it hurt: ${words.join(', ')}`] : [];
}

/** How classes went, for a clinician: what was told and seen, no judgement; `null` where nobody has noted anything yet. */
export function outcomes(history: readonly PastClass[], library: Library): NoteSection | null {
  const held = history.filter(({ atHome }) => !atHome);
  const classes = held.filter(({ present }) => present).sort((a, b) => (a.day < b.day ? -1 : 1));
  if (classes.length === 0) return null;
  const alone = history.filter(({ atHome }) => atHome);
  const felt = FELT.map((one) => ({ one, times: classes.filter((past) => past.felt === one).length })).filter(({ times }) => times > 0);
  return {
    heading: 'How classes went',
    lines: [
      `Took part in ${classes.length} of ${counted(held.length, 'class', 'classes')}, from ${classes[0]!.day} to ${classes.at(-1)!.day}`,
      ...SCALES.flatMap((scale) => scaleLine(classes, scale)),
      ...placesLine(classes),
      ...(felt.length > 0 ? [`Went home ${felt.map(({ one, times }) => `${FELT_WORDS[one]} ${times}`).join(', ')}`] : []),
      ...sidesLine(classes),
      ...troubles(classes, library),
      ...(alone.length > 0
        ? [`Practised at home on ${counted(alone.length, 'day')}`, ...scaleLine(alone, 'pain', ['day at home', 'days at home'])]
        : []),
      'A change counts from two points on, or 30 % of the first value (Farrar et al., Pain 2001).',
    ],
  };
}
