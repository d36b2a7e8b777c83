import 'reflect-metadata';
import { plainToInstance, type ClassConstructor } from 'class-transformer';
import { validate, type ValidationError } from 'class-validator';
import { AdaptBody, ClassBody, FirstTeacherBody, PersonBody, SequenceBody, SequenceChangeBody, SignInBody } from './index.js';

function fieldsOf(errors: readonly ValidationError[], at = ''): string[] {
  return errors.flatMap(({ property, constraints, children = [] }) => [
    ...(constraints ? [`${at}${property}`] : []),
    ...fieldsOf(children, `${at}${property}.`),
  ]);
}

/** Fields of a request that are refused. */
async function refused(body: ClassConstructor<object>, raw: object): Promise<string[]> {
  return fieldsOf(await validate(plainToInstance(body, raw)));
}

const PERSON = {
  name: 'Orla Finch',
  body: { stature: 170 },
  conditions: [{ id: 'glaucoma' }],
  props: { chair: 1 },
  schools: {},
  clearances: [{ condition: 'glaucoma', by: 'Dr Brand', on: '2026-03-01', until: '2026-09-01' }],
  ownLimits: [{ measure: 'headBelowHeart', bound: '<= 0', grade: 'avoid', reason: 'her own wish', by: 'Orla' }],
  loosened: [{ limit: 'glaucoma/gla-01', reason: 'agreed with her doctor', on: '2026-03-01' }],
  breathSeconds: 5,
  note: '',
};
const CLASS = {
  sequenceId: 1,
  text: 'Mountain',
  day: '2026-03-01',
  personIds: [1, 2],
  figures: 3,
  pins: [{ person: '1', index: 0, figure: 'tadasana/plain' }],
};

test('whole requests pass', async () => {
  expect(await refused(PersonBody, PERSON)).toEqual([]);
  expect(await refused(PersonBody, { ...PERSON, version: 3 })).toEqual([]);
  expect(await refused(ClassBody, CLASS)).toEqual([]);
  expect(await refused(ClassBody, { ...CLASS, shared: { block: 8 } })).toEqual([]);
});

test('a record from before limits of one’s own were kept has none of them', () => {
  const { ownLimits: _own, loosened: _loosened, ...older } = PERSON;
  expect(plainToInstance(PersonBody, older)).toMatchObject({ ownLimits: [], loosened: [] });
});

test.each([
  [{ name: '' }, 'name'],
  [{ name: 'x'.repeat(81) }, 'name'],
  [{ body: 'tall' }, 'body'],
  [{ conditions: ['glaucoma'] }, 'conditions'],
  [{ conditions: Array.from({ length: 61 }, () => ({ id: 'glaucoma' })) }, 'conditions'],
  [{ props: null }, 'props'],
  [{ clearances: [{ ...PERSON.clearances[0], by: '' }] }, 'clearances.0.by'],
  [{ clearances: [{ ...PERSON.clearances[0], on: '2026-02-30' }] }, 'clearances.0.on'],
  [{ clearances: [{ ...PERSON.clearances[0], until: 'next spring' }] }, 'clearances.0.until'],
  [{ ownLimits: [{ ...PERSON.ownLimits[0], grade: 'perhaps' }] }, 'ownLimits.0.grade'],
  [{ ownLimits: [PERSON.ownLimits[0], { ...PERSON.ownLimits[0], reason: '' }] }, 'ownLimits.1.reason'],
  [{ loosened: [{ ...PERSON.loosened[0], reason: 'x'.repeat(301) }] }, 'loosened.0.reason'],
  [{ breathSeconds: '5' }, 'breathSeconds'],
  [{ note: 'x'.repeat(4001) }, 'note'],
  [{ version: 0 }, 'version'],
])('of a person %j is refused at %s', async (change, field) =>
  expect(await refused(PersonBody, { ...PERSON, ...change })).toEqual([field]),
);

test.each([
  [{ sequenceId: 0 }, 'sequenceId'],
  [{ text: 'x'.repeat(200_001) }, 'text'],
  [{ day: '2026-13-01' }, 'day'],
  [{ personIds: [] }, 'personIds'],
  [{ personIds: [1, 1] }, 'personIds'],
  [{ personIds: Array.from({ length: 61 }, (_, i) => i) }, 'personIds'],
  [{ figures: 0 }, 'figures'],
  [{ figures: 2.5 }, 'figures'],
  [{ shared: 'all' }, 'shared'],
  [{ pins: [{ person: '1', index: -1, figure: 'tadasana/plain' }] }, 'pins.0.index'],
  [{ pins: [{ person: '', index: 0, figure: 'tadasana/plain' }] }, 'pins.0.person'],
  [{ pins: [{ person: '1', index: 0, figure: '' }] }, 'pins.0.figure'],
])('of a class %j is refused at %s', async (change, field) => expect(await refused(ClassBody, { ...CLASS, ...change })).toEqual([field]));

test('who signs in may have an old short password; who is new may not', async () => {
  expect(await refused(SignInBody, { name: 'Rue', password: 'short' })).toEqual([]);
  expect(await refused(FirstTeacherBody, { name: 'Rue', password: 'short' })).toEqual(['password']);
  expect(await refused(FirstTeacherBody, { name: '', password: 'a long enough one' })).toEqual(['name']);
});

test('a text that is changed says which version it was; one to adapt may stand alone', async () => {
  expect(await refused(SequenceBody, { text: 'Mountain' })).toEqual([]);
  expect(await refused(SequenceChangeBody, { text: 'Mountain' })).toEqual(['version']);
  expect(await refused(AdaptBody, {})).toEqual(['text']);
});
