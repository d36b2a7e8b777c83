import type { ClassScore, Score } from '../../worker/answers.js';
import { GIVEN, type Place } from './Cell.js';

/** The step that is open: of a person, wherever their stave is drawn, or as it is given. */
export interface OpenStep {
  readonly person: number | null;
  readonly index: number;
}

type Staves = ClassScore['staves'];

/** Where a step that is open is drawn. */
export function placeOfStep(staves: Staves, { person, index }: OpenStep): Place {
  return { stave: person === null ? GIVEN : staves.findIndex(({ people }) => people.includes(person)), index };
}

/** The step that is drawn in a place. */
export function stepAt(staves: Staves, { stave, index }: Place): OpenStep {
  return { person: staves[stave]?.people[0] ?? null, index };
}

/** The control of the step in a place, where it is drawn within a part of the page. */
export function controlAt({ stave, index }: Place, within: ParentNode): HTMLElement | null {
  return within.querySelector<HTMLElement>(`[data-place="${stave} ${index}"]`);
}

/** One person's part of a class, as their own score. */
export function scoreOf({ answer, staves }: ClassScore, person: number): Score {
  const stave = staves.find(({ people }) => people.includes(person));
  if (!stave) throw new RangeError(`No stave for person ${person}`);
  return { answer: { ...answer, participants: [answer.participants[person]!] }, steps: stave.steps };
}
