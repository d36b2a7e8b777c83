import { KnowledgeError } from '../knowledge-error.js';
import { library } from './all.js';
import { GRADINGS } from './easier-than.js';
import type { AsanaSpec } from './asana.js';
import { buildLibrary } from './library.js';

const standing: AsanaSpec = {
  id: 'stand', name: 'Stand', iast: null, names: [], kids: 'Post', base: 'standing', purposes: { balance: 3 },
  posture: { contacts: ['sole>floor'] }, declared: { effort: 1, abdominalLoad: 0 }, dose: { breaths: 5 },
  breath: { inhale: '', exhale: '' }, variations: [], substitutes: [], counterposes: [], cues: [],
}; // prettier-ignore

describe('a mistake in an asana fails when it is loaded, naming it', () => {
  test.each([
    ['unknown purpose', { purposes: { 'stretch-ears': 3 } as never }, /stand: unknown purpose "stretch-ears"/],
    ['unknown substitute', { substitutes: ['fly'] }, /stand names an unknown asana "fly"/],
    ['unknown contact', { posture: { contacts: ['sole>cloud'] } }, /unknown surface "cloud"/],
    ['unknown part', { posture: { contacts: ['wing>floor'] } }, /unknown part "wing"/],
    ['unreadable contact', { posture: { contacts: ['sole'] } }, /can't be read/],
    ['a turn without a side', { posture: { spine: { rotation: 'Rx' as never }, contacts: ['sole>floor'] } }, /is no angle/],
    ['no dose', { dose: {} }, /stand: no dose/],
    ['a posture like nobody’s', { posture: { like: 'ghost', contacts: ['sole>floor'] } }, /unknown asana "ghost"/],
  ])('%s', (_name, part, message) => {
    expect(() => buildLibrary([{ ...standing, ...part }])).toThrow(KnowledgeError);
    expect(() => buildLibrary([{ ...standing, ...part }])).toThrow(message);
  });

  test('two of one id', () => expect(() => buildLibrary([standing, standing])).toThrow('stand: two asanas have this id'));
});

test('a variation lists only what differs; new contacts take the place of those of the same limb', () => {
  const { variations } = buildLibrary([
    { ...standing, posture: { legs: { knee: 10 }, contacts: ['sole>floor', 'palm>floor'] }, variations: [{ id: 'blocks', for: 'x', legL: { hipFlexion: 20 }, contacts: ['fingertips>block@12'] }] },
  ]).get('stand'); // prettier-ignore
  const [, blocks] = variations;
  expect(blocks!.posture.legs.left).toMatchObject({ knee: 10, hipFlexion: 20 });
  expect(blocks!.posture.legs.right).toMatchObject({ knee: 10, hipFlexion: 0 });
  expect(blocks!.posture.contacts.map(({ part, side }) => `${side} ${part}`)).toEqual([
    'left sole',
    'right sole',
    'left fingertips',
    'right fingertips',
  ]);
});

describe('ways through a list of steps', () => {
  const step = { asana: 'stand', side: 'both', breath: 'exhale', how: 'stand' } as const;
  const { posture: _posture, ...bare } = standing;
  const list: AsanaSpec = { ...bare, id: 'list', steps: [step, { ...step, how: 'again' }] };
  const build = (...listVariations: NonNullable<AsanaSpec['listVariations']>) =>
    buildLibrary([standing, { ...list, listVariations }]).get('list').listVariations[0]!;

  test('some steps told otherwise, the rest as they are', () => {
    const twice = { ...step, how: 'instead' };
    expect(build({ id: 'x', for: 'y', instead: { 2: [twice, twice] } }).steps).toEqual([step, twice, twice]);
  });
  test.each([
    ['a step beyond the last', { instead: { 3: [step] } }, 'list/x: there is no step 3'],
    ['an unknown asana', { instead: { 1: [{ ...step, asana: 'fly' }] } }, 'list/x names an unknown asana "fly"'],
    ['an unknown variation', { instead: { 1: [{ ...step, variation: 'wild' }] } }, 'list/x: stand has no variation "wild"'],
    ['a list that is none', { as: 'stand' }, 'list/x: stand is no list of steps'],
  ])('%s is named', (_name, part, message) => expect(() => build({ id: 'x', for: 'y', ...part })).toThrow(message));
});

describe('the library', () => {
  test('holds the 19 ways through its lists of steps', () =>
    expect(library.asanas.reduce((sum, { listVariations }) => sum + listVariations.length, 0)).toBe(19));

  test('holds 395 asanas', () => expect(library.asanas).toHaveLength(395));

  test('every asana has cues, a dose, a children’s name, and a posture or steps', () => {
    const bare = library.asanas.filter(
      ({ cues, kids, variations, steps }) => cues.length === 0 || kids === '' || (variations.length === 0 && steps.length === 0),
    );
    expect(bare.map(({ id }) => id)).toEqual([]);
  });

  test('ids of variations are unique within an asana', () => {
    for (const { id, variations } of library.asanas)
      expect([id, new Set(variations.map((one) => one.id)).size]).toEqual([id, variations.length]);
  });

  test('get names what is missing', () => expect(() => library.get('nope')).toThrow('No asana "nope"'));
});

test('a form is judged by the effort that it is offered by', () => {
  const apart = library.asanas.flatMap(({ id, variations }) =>
    variations.flatMap((variation) => {
      const graded = GRADINGS[id]?.forms?.[variation.id]?.effort;
      return graded === undefined || graded === variation.declared.effort ? [] : [`${id}/${variation.id}`];
    }),
  );
  expect(apart).toEqual([]);
  expect(library.get('chair-squat').variations.map(({ id, declared }) => [id, declared.effort])).toEqual([['plain', 3], ['mini', 2], ['wide-toes-out', 3]]); // prettier-ignore
});
