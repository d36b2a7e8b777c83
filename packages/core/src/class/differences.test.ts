import { person, plan, sequence } from '../planning/adapt.fixture.js';
import { adaptationJson } from '../planning/json.js';
import { differencesOf, type Compared } from './differences.js';

const TODAY = '2026-06-01';
const STEPS = sequence({ asana: 'tadasana' }, { asana: 'uttanasana' }, { asana: 'savasana', dose: { minutes: 5 } });
const of = (steps: typeof STEPS, ...people: readonly (readonly [id: string, condition?: string])[]): Compared =>
  adaptationJson(
    steps,
    people.map(([id, condition]) => plan(steps, { ...person(...(condition ? [condition] : [])), id }, { today: TODAY })),
  );

test('nothing differs from itself', () => expect(differencesOf(of(STEPS, ['a']), of(STEPS, ['a']))).toEqual([]));

test('a stage later: the steps that it changes, with what was and what is', () => {
  const week = (n: number) => `pregnancy week=${n} fetuses=1 complications=none`;
  const found = differencesOf(of(STEPS, ['a', week(8)], ['b']), of(STEPS, ['a', week(30)], ['b']));
  expect(found.length).toBeGreaterThan(0);
  for (const one of found) expect(one.person).toBe('a');
  // Flat on the back is left in the last third (common practice, no source).
  expect(found.find(({ step }) => step === 'savasana')).toMatchObject({
    was: expect.arrayContaining([expect.stringMatching(/^Final rest/)]),
  });
});

test('a step put in, taken out or dosed otherwise is said once, and the others are not', () => {
  const one = (text: string) => ({ ...STEPS.steps[0]!, asana: text });
  const without = { ...STEPS, steps: STEPS.steps.slice(1) };
  expect(differencesOf(of(STEPS, ['a']), of(without, ['a']))).toEqual([
    {
      person: 'a',
      step: 'tadasana',
      about: 'step',
      was: expect.arrayContaining([expect.stringMatching(/^Mountain/)]),
      now: ['not in the sequence'],
    },
  ]);
  const added = { ...STEPS, steps: [...STEPS.steps.slice(0, 2), one('balasana'), ...STEPS.steps.slice(2)] };
  expect(differencesOf(of(STEPS, ['a']), of(added, ['a']))).toMatchObject([{ step: 'balasana', was: ['not in the sequence'] }]);
  const dosed = { ...STEPS, steps: STEPS.steps.map((step, i) => (i === 1 ? { ...step, dose: { breaths: 9 } } : step)) };
  expect(differencesOf(of(STEPS, ['a']), of(dosed, ['a']))).toMatchObject([
    { step: 'uttanasana', now: expect.arrayContaining([expect.stringMatching(/9 breaths/)]) },
  ]);
});

test('whoever may not practise any more, comes new or stays away is said', () => {
  const before = of(STEPS, ['a'], ['b']);
  const now = of(STEPS, ['a', 'pregnancy week=30 fetuses=1 complications=none bleeding=yes'], ['c']);
  const about = differencesOf(before, now).filter(({ step }) => step === null);
  expect(about).toContainEqual({ person: 'b', step: null, about: 'person', was: ['there'], now: ['not there'] });
  expect(about).toContainEqual({ person: 'c', step: null, about: 'person', was: ['not there'], now: ['there'] });
});
