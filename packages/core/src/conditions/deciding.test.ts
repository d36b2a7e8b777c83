import { CONDITIONS } from './all.js';
import { decidingQuestions } from './deciding.js';

const asked = (id: string, most = 3, given: object = {}) => decidingQuestions([{ id, ...given }], most).map(({ parameter }) => parameter);

// What anybody would ask first at the door: facts of the trade (common practice, no source).
test.each([
  ['pregnancy', ['week']],
  ['hypertension', ['systolic', 'diastolic']],
  ['postpartum', ['weeks']],
  ['recent-surgery', ['weeks']],
  ['osteoporosis', ['vertebralFractures']],
  ['glaucoma', ['type']],
  ['lumbar-disc', ['phase', 'spreading']],
])('of %s it asks for %j among the first three', (id, expected) => {
  expect(asked(id)).toEqual(expect.arrayContaining(expected));
});

test('what was answered is not asked, and of several conditions those questions come first that change most', () => {
  expect(asked('pregnancy', 3, { week: 30 })).not.toContain('week');
  const both = decidingQuestions([{ id: 'reflux' }, { id: 'pregnancy' }], 3);
  expect(both).toHaveLength(3);
  expect(both[0]).toEqual({ condition: 'pregnancy', parameter: 'week' });
});

test('every condition has questions that change something, each of its own and in an order that stands', () => {
  for (const { id, parameters } of CONDITIONS) {
    const all = asked(id, 99);
    expect([id, all.length]).not.toEqual([id, 0]);
    for (const name of all) expect(parameters).toHaveProperty(name);
    expect(asked(id, 99)).toEqual(all);
  }
});

test('nobody is asked anything of a condition that is not there', () => {
  expect(decidingQuestions([{ id: 'no-such-condition' }], 3)).toEqual([]);
});
