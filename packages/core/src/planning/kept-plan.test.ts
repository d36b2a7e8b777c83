import { sequence, plan } from './adapt.fixture.js';
import { anybody } from '../participants/participant.js';
import { readCondition } from '../conditions/check-answers.js';
import { adaptationInCodes, adaptationInWords, adaptationJson, personInCodes, personInWords, personJson } from './json.js';

const asked = sequence({ asana: 'uttanasana' }, { asana: 'phalakasana' }, { asana: 'setu-bandhasana' }, { asana: 'savasana' });
const planned = plan(asked, {
  ...anybody('a'),
  conditions: [readCondition('pregnancy week=30 fetuses=1 complications=none').answer],
});
/** As a database hands it out. */
const kept = JSON.parse(JSON.stringify(personInCodes(planned))) as ReturnType<typeof personInCodes>;
const told = personJson(planned);

test('something is told of it at all', () => {
  expect(told.steps.flatMap(({ to }) => to?.changes ?? []).length).toBeGreaterThan(0);
});

test('what is kept of a step are codes with values', () => {
  const codes = kept.steps.flatMap(({ to }) => to?.changes ?? []);
  expect(codes.map(({ id }) => id)).toEqual(planned.steps.flatMap(({ chosen }) => chosen?.changes.map(({ id }) => id) ?? []));
  const words = JSON.stringify(kept.steps.map(({ to, ways }) => [to?.changes, to?.shape, ways]));
  const said = told.steps.flatMap(({ to, ways }) => [...(to?.shape ?? []), ...ways.map(({ say }) => say)]);
  expect(said.length).toBeGreaterThan(1);
  for (const one of said) expect(words).not.toContain(one);
});

test('read again it says the same', () => {
  expect(personInWords(kept)).toEqual(JSON.parse(JSON.stringify(told)));
  expect(adaptationInWords(adaptationInCodes(asked, [planned]))).toEqual(adaptationJson(asked, [planned]));
});

test('a plan that an older version kept in words is shown as it is', () => {
  const old = JSON.parse(JSON.stringify(told)) as typeof told;
  expect(personInWords(old)).toEqual(old);
});
