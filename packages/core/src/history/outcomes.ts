import type { Library } from '../asanas/library.js';
import { message, sayInEnglish, type Message, type Say } from '../messages/message.js';
import type { NoteSection } from '../screening/clinician-note.js';
import { changesOf, FELT, placeTold, PLACES, scaleTold, SCALES, SIDES_COMPARED, type PastClass, type Scale } from './past-class.js';

/** So many postures in which somebody stopped or hurt are named. */
const MOST_NAMED = 5;

function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const half = sorted.length / 2;
  return sorted.length % 2 === 1 ? sorted[Math.floor(half)]! : (sorted[half - 1]! + sorted[half]!) / 2;
}

/** Of each of some answers how often it was given; without those that nobody gave. */
function counts<One>(all: readonly One[], timesOf: (one: One) => number): { readonly one: One; readonly times: number }[] {
  return all.map((one) => ({ one, times: timesOf(one) })).filter(({ times }) => times > 0);
}

function scaleLine(classes: readonly PastClass[], scale: Scale, isHome = false): Message[] {
  const { before, after, less, more } = changesOf(classes, scale);
  if (before.length === 0) return [];
  const home = isHome ? 'yes' : 'no';
  const values = { scale: scaleTold(scale), home, count: before.length, before: median(before), after: median(after), less, more };
  return [message('note.scale', values)];
}

function troubles(classes: readonly PastClass[], library: Library): Message[] {
  const stopped = classes.flatMap(({ marks }) =>
    marks.flatMap(({ asana, mark }) => (mark === 'stopped' || mark === 'pain' ? [asana] : [])),
  );
  if (stopped.length === 0) return [];
  const named = counts([...new Set(stopped)], (asana) => stopped.filter((one) => one === asana).length)
    .sort((a, b) => b.times - a.times)
    .slice(0, MOST_NAMED)
    .map(({ one, times }) => message('note.asana', { asana: library.find(one)?.name ?? one, times }));
  return [message('note.trouble', { asanas: named })];
}

/** Left and right as they were compared; nothing where nobody asked. */
function sidesLine(classes: readonly PastClass[]): Message[] {
  const told = counts(SIDES_COMPARED, (side) => classes.filter(({ harder }) => harder === side).length);
  return told.length === 0
    ? []
    : [message('note.sides', { sides: told.map(({ one, times }) => message('note.side', { side: one, times })) })];
}

/** Where pain was told, the most often told place first; nothing where nobody asked. */
function placesLine(classes: readonly PastClass[]): Message[] {
  const told = counts(PLACES, (place) => classes.filter(({ before, after }) => before.where === place || after.where === place).length);
  const words = told.sort((a, b) => b.times - a.times).map(({ one, times }) => message('note.times', { what: placeTold(one), times }));
  return words.length === 0 ? [] : [message('note.hurt-at', { places: words })];
}

function feltLine(classes: readonly PastClass[]): Message[] {
  const told = counts(FELT, (felt) => classes.filter((past) => past.felt === felt).length);
  return told.length === 0
    ? []
    : [message('note.felt', { felt: told.map(({ one, times }) => message('note.felt-one', { felt: one, times })) })];
}

/** How classes went, for a clinician: what was told and seen, no judgement; `null` where nobody has noted anything yet. */
export function outcomes(history: readonly PastClass[], library: Library, say: Say = sayInEnglish): NoteSection | null {
  const held = history.filter(({ atHome }) => !atHome);
  const classes = held.filter(({ present }) => present).sort((a, b) => (a.day < b.day ? -1 : 1));
  if (classes.length === 0) return null;
  const alone = history.filter(({ atHome }) => atHome);
  const [first, last] = [classes[0]!.day, classes.at(-1)!.day];
  const lines = [
    message('note.took-part', { times: classes.length, held: held.length, first, last }),
    ...SCALES.flatMap((scale) => scaleLine(classes, scale)),
    ...placesLine(classes),
    ...feltLine(classes),
    ...sidesLine(classes),
    ...troubles(classes, library),
    ...(alone.length > 0 ? [message('note.at-home', { days: alone.length }), ...scaleLine(alone, 'pain', true)] : []),
    message('note.change-counts'),
  ];
  return { heading: say(message('note.classes')), lines: lines.map(say) };
}
