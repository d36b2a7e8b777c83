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
  expect(problems({})).toEqual(['preferences[0]: trikonasana: give a variation, a firstSide or longer, one of the three']);
  expect(problems({ asana: null, longer: 1.2 })).toEqual([]);
  expect(problems({ longer: 1.2 })[0]).toMatch(/for all that takes effort/);
  expect(problems({ asana: null, longer: 3 })[0]).toMatch(/at most 1.5/);
  expect(problems({ firstSide: 'left', variation: 'plain' })).toHaveLength(1);
  expect(problems({ firstSide: 'left', on: 'soon' })[0]).toMatch(/day such as/);
  expect(problems({ firstSide: 'up' as 'left' })[0]).toMatch(/expected left, right/);
});

test('what takes effort is done a little longer where that was decided, up to what limits leave it', () => {
  const text = understood(notesReader(library)('Warrior II, each side 5 breaths\nPlank, 30 s\nSavasana, 5 min'));
  const preferences = [decided({ asana: null, longer: 1.2, reason: 'The last 2 classes went well.' })];
  const planned = (...conditions: readonly string[]) =>
    personJson(adapt(solver, text, { ...anybody('a'), preferences, conditions: conditions.map((one) => readCondition(one).answer) }));
  const free = planned();
  expect(free.steps.map(({ verdict, dose }) => `${verdict} ${dose}`)).toEqual(['keep 6 breaths', 'keep 35 s', 'keep 5 min']);
  expect(takenFromBefore(free, 0)).toEqual(['A little longer than given. The last 2 classes went well.']);
  expect(takenFromBefore(free, 2)).toEqual([]);
  // Held no longer than 20 s at such a pressure.
  const pressed = planned('hypertension systolic=152 diastolic=95 aneurysm=no');
  expect(pressed.steps[0]!.dose).not.toBe('6 breaths');
  expect(takenFromBefore(pressed, 0)).toEqual([]);
});
