import type { ActiveLimit } from '../conditions/active-limits.js';
import type { LimitSpec } from '../conditions/condition.js';
import { findings, judge } from '../judging/judge.js';
import { describeBound } from '../conditions/bound.js';
import { worstOf } from '../plan/finding.js';
import { factsFrom, type Facts, type Values } from '../solving/facts.js';

function limit(spec: Partial<LimitSpec>): ActiveLimit {
  const whole = {
    id: 'x',
    grade: 'avoid',
    reason: 'because',
    source: ['common practice'],
    measure: 'headBelowHeart',
    bound: { atMost: 10 },
    ...spec,
  } as LimitSpec;
  return { condition: 'test', id: `test/${whole.id}`, spec: whole };
}
function facts(values: Values, part: Partial<Facts> = {}): Facts {
  return factsFrom(values, { facing: 'upright', ...part });
}

describe('a bound states what is allowed, after rounding to whole centimetres', () => {
  test.each([
    [{ atMost: 10 }, 9, 'met'],
    [{ atMost: 10 }, 10, 'met'],
    [{ atMost: 10 }, 10.4, 'met'],
    [{ atMost: 10 }, 10.5, 'broken'],
    [{ atMost: 10 }, 11, 'broken'],
    [{ atLeast: -20 }, -20, 'met'],
    [{ atLeast: -20 }, -21, 'broken'],
    [{ atLeast: 5, atMost: 20 }, 5, 'met'],
    [{ atLeast: 5, atMost: 20 }, 4, 'broken'],
    [{ atLeast: 5, atMost: 20 }, 21, 'broken'],
    [{ equals: 2 }, 2, 'met'],
    [{ equals: 2 }, 1, 'broken'],
  ] as const)('%j with %d is %s', (bound, value, is) => {
    expect(judge(limit({ bound }), facts({ headBelowHeart: value }))?.is).toBe(is);
  });

  test('how far outside is told', () => {
    expect(judge(limit({}), facts({ headBelowHeart: 24 }))).toEqual({ is: 'broken', value: 24, by: 14 });
  });
});

test('an unknown measure is unknown, never met, and stands as a finding', () => {
  expect(judge(limit({}), facts({}))).toEqual({ is: 'unknown', missing: 'headBelowHeart' });
  const [finding] = findings([limit({})], facts({}));
  expect(finding).toMatchObject({ value: null, grade: 'avoid', bound: '<= 10', unit: 'cm' });
});

describe('when', () => {
  const standing = limit({ measure: 'support', bound: { atLeast: 1 }, when: [{ measure: 'feetDown', equals: 1 }, { standing: true }] });
  test('the limit sleeps while a clause is false', () => {
    expect(judge(standing, facts({ support: 0, feetDown: 2 }, { standing: true }))).toBeNull();
    expect(judge(standing, facts({ support: 0, feetDown: 1 }, { standing: false }))).toBeNull();
  });
  test('and wakes when all hold', () => {
    expect(judge(standing, facts({ support: 0, feetDown: 1 }, { standing: true }))?.is).toBe('broken');
  });
  test('a clause on an unknown measure counts as true', () => {
    expect(judge(standing, facts({ support: 0 }, { standing: true }))?.is).toBe('broken');
  });
  test.each([
    ['supine', null],
    ['prone', 'broken'],
  ] as const)('facing %s', (facing, is) => {
    const upright = limit({ when: [{ facing: 'supine', not: true }] });
    expect(judge(upright, facts({ headBelowHeart: 20 }, { facing }))?.is ?? null).toBe(is);
  });
});

test('a facing is bound too', () => {
  const upright = limit({ measure: 'facing', bound: { is: ['upright'] } } as Partial<LimitSpec>);
  expect(judge(upright, facts({}, { facing: 'prone' }))?.is).toBe('broken');
  expect(judge(upright, facts({}, { facing: 'upright' }))?.is).toBe('met');
  expect(judge(upright, facts({}, { facing: null }))?.is).toBe('unknown');
});

test('the most severe comes first; of two ends of a movement the worse counts', () => {
  const limits = [limit({ id: 'a', grade: 'watch' }), limit({ id: 'b', grade: 'avoid' })];
  const found = worstOf([findings(limits, facts({ headBelowHeart: 12 })), findings(limits, facts({ headBelowHeart: 30 }))]);
  expect(found.map(({ limit: id, value }) => [id, value])).toEqual([['test/b', 30], ['test/a', 30]]); // prettier-ignore
});

test.each([
  [{ atMost: 3 }, '<= 3'],
  [{ atLeast: -5 }, '>= -5'],
  [{ equals: 2 }, '= 2'],
  [{ atLeast: 5, atMost: 20 }, '5 to 20'],
])('%j is written %s', (bound, text) => expect(describeBound(bound)).toBe(text));
