import { proposalsOf, type PastClass } from '@lotus-steady/core';
import { leftOutAfter, ownLimitsAfter, preferencesAfter } from './ProposalCard.js';

const held = (day: string, side: 'left' | 'right'): PastClass => ({
  day,
  present: true,
  before: {},
  after: {},
  felt: null,
  marks: [{ asana: 'trikonasana', variation: 'plain', side, mark: 'pain' }],
  decided: [],
});
const proposed = (side: 'left' | 'right') =>
  proposalsOf([held('2026-11-10', side), held('2026-11-17', side)], { leftOut: [], preferences: [], ownLimits: [] }, '2026-12-05').find(
    ({ kind }) => kind === 'other-side-first',
  )!;

test('of one asana the later side goes first; a form that is liked stays beside it', () => {
  const liked = { asana: 'trikonasana', variation: 'hand-on-block', firstSide: null, reason: 'It went well.', on: '2026-11-01' };
  const once = preferencesAfter([liked], proposed('left'));
  expect(once.map(({ firstSide }) => firstSide)).toEqual([null, 'right']);
  expect(preferencesAfter(once, proposed('right')).map(({ firstSide }) => firstSide)).toEqual([null, 'left']);
});

test('a proposal of a side leaves out nothing', () => {
  expect(leftOutAfter([], proposed('left'))).toEqual([]);
});

test('of one measure the log holds one bound each way; what others said stays', () => {
  const clinician = { measure: 'lumbarFlexion', bound: '<= 30', grade: 'avoid', reason: 'Op', by: 'Dr Ekre' } as const;
  const fromLog = (bound: string) =>
    ({ measure: 'lumbarFlexion', bound, grade: 'modify', reason: 'It hurt.', by: 'the class log' }) as const;
  const taken = (bound: string) => ({ ...proposed('left'), limit: fromLog(bound) });
  const once = ownLimitsAfter([clinician], taken('<= 40'));
  expect(once.map(({ bound }) => bound)).toEqual(['<= 30', '<= 40']);
  expect(ownLimitsAfter(once, taken('<= 35')).map(({ bound }) => bound)).toEqual(['<= 30', '<= 35']);
  expect(ownLimitsAfter(once, taken('>= -10')).map(({ bound }) => bound)).toEqual(['<= 30', '<= 40', '>= -10']);
  expect(ownLimitsAfter(once, proposed('left'))).toBe(once);
});
