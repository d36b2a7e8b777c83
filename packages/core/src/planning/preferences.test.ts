import { beatsOf } from '../cues/beats.js';
import { library } from '../asanas/all.js';
import { readCondition } from '../conditions/check-answers.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody, checkParticipant } from '../participants/participant.js';
import type { Preference } from '../participants/preference.js';
import { BodySolver } from '../solving/body-solver.js';
import { adapt } from './adapt.js';
import { firstSideOf, personJson, takenFromBefore } from './json.js';

const solver = new BodySolver(library, {});
const sequence = understood(notesReader(library)('Triangle, each side 4 breaths\nTree, each side 4 breaths'));
const decided = (one: Partial<Preference>): Preference => ({
  asana: 'trikonasana',
  variation: null,
  firstSide: null,
  reason: 'It went well.',
  on: '2026-11-01',
  ...one,
});
const planOf = (id: string, preferences: readonly Preference[]) => personJson(adapt(solver, sequence, { ...anybody(id), preferences }));

test('a class begins on the left where somebody’s step does and nobody’s begins on the right', () => {
  const [left, right] = (['left', 'right'] as const).map((firstSide) => planOf(firstSide, [decided({ firstSide })]));
  const sides = (...people: Parameters<typeof beatsOf>[0]) => beatsOf(people).map(({ side }) => side);
  const nobody = planOf('nobody', []);
  expect(sides(nobody)).toEqual(['right', 'left', 'right', 'left']);
  expect(sides(nobody, left!)).toEqual(['left', 'right', 'right', 'left']);
  expect(sides(right!, left!)).toEqual(['right', 'left', 'right', 'left']);
  expect(firstSideOf(left!, 0)).toBe('left');
  expect(takenFromBefore(left!, 0)).toEqual(['Begins with the left side. It went well.']);
  expect(takenFromBefore(left!, 1)).toEqual([]);
});

test('a liked form goes before one that is about as good, not before one that is clearly better', () => {
  const camel = understood(notesReader(library)('Camel, 4 breaths'));
  const conditions = [readCondition('glaucoma').answer];
  const taken = (variation: string | null) => {
    const preferences = variation === null ? [] : [decided({ asana: 'ustrasana', variation })];
    return adapt(solver, camel, { ...anybody('a'), conditions, preferences }).steps[0]!.chosen!.variation.id;
  };
  expect(taken(null)).toBe('hands-on-chair-seat-behind');
  expect(taken('hands-on-low-back')).toBe('hands-on-low-back');
  expect(taken('standing')).toBe('hands-on-chair-seat-behind');
});

test('a preference names one thing and a day, or is refused by its place', () => {
  const problems = (one: Partial<Preference>) =>
    checkParticipant({ ...anybody('a'), preferences: [decided(one)] }).map(({ field, message }) => `${field}: ${message}`);
  expect(problems({ firstSide: 'left' })).toEqual([]);
  expect(problems({})).toEqual(['preferences[0]: trikonasana: give a variation or a firstSide, one of the two']);
  expect(problems({ firstSide: 'left', variation: 'plain' })).toHaveLength(1);
  expect(problems({ firstSide: 'left', on: 'soon' })[0]).toMatch(/day such as/);
  expect(problems({ firstSide: 'up' as 'left' })[0]).toMatch(/expected left, right/);
});
