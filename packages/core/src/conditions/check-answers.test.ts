import { bloodPressureProblem } from '../readings/blood-pressure.js';
import { CONDITIONS } from './all.js';
import { checkAnswers, checkConditions, readCondition } from './check-answers.js';
import { SOURCES } from './sources.js';

function problems(text: string): string[] {
  const { answer, problems: form } = readCondition(text);
  return [...form, ...checkAnswers(answer)].map(({ field, message }) => `${field}: ${message}`);
}

test.each([
  ['pregnancy week=0', 0],
  ['pregnancy week=42.86', 0],
  ['pregnancy week=43', 1],
  ['pregnancy week=55', 1],
  ['pregnancy week=soon', 1],
  ['pregnancy week=', 1],
  ['pregnancy weeks=30', 1],
  ['pregnancy complications=none', 0],
  ['pregnancy complications=breech,ivf', 0],
  ['pregnancy complications=none,ivf', 1],
  ['pregnancy complications=', 1],
  ['pregnancy flags=bleeding', 0],
  ['pregnancy flags=nonsense', 1],
  ['hypertension systolic=80 diastolic=90', 1],
  ['hypertension systolic=105 diastolic=90', 0],
  ['hypertension systolic=104 diastolic=90', 1],
  ['seniors fear=yes', 0],
  ['seniors fear=perhaps', 1],
  ['gout', 1],
  ['pregnancy week=30 week=31', 1],
  ['pregnancy thirty', 1],
])('"%s" has %i problems', (text, count) => expect(problems(text)).toHaveLength(count));

test('a problem names parameter, value and what was expected', () => {
  expect(problems('pregnancy week=55')).toEqual(['pregnancy.week: week is 55; expected a number from 0 to 42.8 (week)']);
});

test('a condition given twice is told', () => {
  expect(checkConditions([{ id: 'seniors' }, { id: 'seniors' }]).map(({ message }) => message)).toEqual([
    'seniors is given twice; put all its answers in one',
  ]);
});

test('a missing reading is no problem of the pair', () => expect(bloodPressureProblem(150, undefined)).toBeNull());

describe('every condition', () => {
  test.each(CONDITIONS)('$id: every limit has reason, source, grade and stages that exist', (condition) => {
    for (const limit of condition.limits) {
      expect(limit.reason).not.toBe('');
      expect(limit.source.length).toBeGreaterThan(0);
      for (const mark of limit.source) if (mark !== 'common practice') expect(SOURCES).toHaveProperty(mark.replace('*', ''));
      for (const stage of limit.stages ?? []) expect(condition.stages).toHaveProperty(stage);
      const [school, position] = limit.school?.split('=') ?? [];
      if (school !== undefined) expect(condition.schools[school]?.positions).toHaveProperty(position!);
    }
  });

  test.each(CONDITIONS)('$id: nothing answered takes stages that exist, and screens', (condition) => {
    for (const stage of condition.stagesOf({})) expect(condition.stages).toHaveProperty(stage);
    expect(Array.isArray(condition.screen({}))).toBe(true);
    expect(condition.redFlags.length).toBeGreaterThan(0);
  });
});

// ACOG trimesters; a stage "14 to 27" runs from 14 weeks 0 days to 27 weeks 6 days.
test.each([
  [13.86, ['t1'], ['t2']],
  [14, ['t2'], ['t1', 't3']],
  [27.86, ['t2'], ['t3']],
  [28, ['t3'], ['t2']],
  [19.99, ['t2-early'], ['w20-27']],
  [20, ['w20-27'], ['t2-early']],
  [33.99, [], ['w34']],
  [34, ['w34'], []],
] as const)('week %d is in %j and not in %j', (week, inside, outside) => {
  const stages = CONDITIONS.find(({ id }) => id === 'pregnancy')!.stagesOf({ week });
  for (const stage of inside) expect(stages).toContain(stage);
  for (const stage of outside) expect(stages).not.toContain(stage);
});

test('a week that nobody told takes the strictest rows of all stages', () => {
  expect(CONDITIONS.find(({ id }) => id === 'pregnancy')!.stagesOf({})).toEqual(expect.arrayContaining(['t1', 't2', 't3', 'w34']));
});
