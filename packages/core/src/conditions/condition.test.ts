import { condition, type LimitSpec } from './condition.js';
import { limits } from './limits.js';
import { CONDITIONS } from './all.js';

const input = (limits: readonly LimitSpec[]) => ({
  id: 'made-up',
  name: 'Made up',
  words: [],
  parameters: {},
  stages: { now: 'Now' },
  stagesOf: () => ['now' as const],
  screen: () => [],
  redFlags: [],
  limits: limits as never,
  favour: [],
  stopInClass: '',
});
const LIMIT: LimitSpec = { id: 'one', measure: 'hold', bound: { atMost: 5 }, grade: 'avoid', reason: 'Why.', source: ['common practice'] };

test.each<[string, object]>([
  ['no measure "holt"', { measure: 'holt' }],
  ['no stage "then"', { stages: ['then'] }],
  ['no measure "efort" in a clause', { when: [{ measure: 'efort', over: 2 }] }],
  ['no school "none=free"', { school: 'none=free' }],
  ["hold can't be bound by is", { bound: { is: ['prone'] } }],
])('a limit that no compiler saw is refused when it is loaded: %s', (message, wrong) => {
  expect(() => condition(input([LIMIT]))).not.toThrow();
  expect(() => condition(input([{ ...LIMIT, ...wrong } as LimitSpec]))).toThrow(`made-up/one: ${message}`);
});

test('two limits of one id are refused', () => {
  expect(() => condition(input([LIMIT, LIMIT]))).toThrow('two limits have this id');
});

test('an answer that says how someone is today holds for today, one that counts goes on', () => {
  const specs = CONDITIONS.flatMap(({ id, parameters }) => Object.entries(parameters).map(([name, spec]) => ({ name: `${id}.${name}`, spec })));
  for (const { name, spec } of specs) {
    if (/\.painNow$/.test(name)) expect([name, spec.holdsDays]).toEqual([name, 0]);
    if (spec.kind === 'number' && /weeks?Since/.test(name)) expect([name, spec.goesOn]).toEqual([name, true]);
  }
});

test('limits of a row are told apart by what they say, or as they are told to', () => {
  const ids = (...rows: Parameters<typeof limits>[3][]) => limits('one', 'Why.', 'common practice', ...rows).map(({ id }) => id);
  expect(ids(['hold', '<= 20', 'avoid'])).toEqual(['one']);
  expect(ids(['hold', '<= 20', 'avoid'], ['effort', '<= 3', 'avoid'])).toEqual(['one-hold', 'one-effort']);
  expect(ids(['hold', '<= 20', 'avoid'], ['hold', '<= 40', 'watch', undefined, { as: 'later' }])).toEqual(['one', 'one-later']);
});

test('a row says why once for all its limits, or for each measure', () => {
  const rows: Parameters<typeof limits>[3][] = [
    ['hold', '<= 20', 'avoid'],
    ['effort', '<= 3', 'avoid'],
  ];
  const reasons = (reason: Parameters<typeof limits>[1]) => limits('one', reason, 'common practice', ...rows).map((limit) => limit.reason);
  expect(reasons('It tires.')).toEqual(['It tires.', 'It tires.']);
  expect(reasons({ hold: 'It tires.', effort: 'It strains.' })).toEqual(['It tires.', 'It strains.']);
  expect(() => reasons({ hold: 'It tires.' })).toThrow('one: no reason for effort');
  expect(() => reasons({ hold: 'It tires.', effort: 'It strains.', impact: 'It jolts.' })).toThrow("one: a reason for impact, which it doesn't limit");
});

test('every reason is a sentence that names no measure of the code', () => {
  for (const { id, reason } of CONDITIONS.flatMap(({ limits: all }) => all)) {
    expect([id, reason]).toEqual([id, expect.stringMatching(/^[“A-Z]\S*( \S+){2,}[.”]$/)]);
    expect([id, reason]).toEqual([id, expect.not.stringMatching(/[a-z][A-Z]/)]);
  }
});
