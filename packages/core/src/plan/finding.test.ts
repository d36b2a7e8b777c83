import { tightest, type Finding } from './finding.js';

const eyes: Finding = {
  condition: 'glaucoma',
  limit: 'glaucoma/held',
  measure: 'headBelowHeart',
  value: 23,
  unit: 'cm',
  bound: '<= 5',
  grade: 'avoid',
  where: 'posture',
  text: 'Raised pressure can cost nerve fibres.',
  source: '',
  by: 18,
};

test('of several bounds of one measure for one reason the tightest is told, once', () => {
  const passing = { ...eyes, limit: 'glaucoma/passing', bound: '<= 15', by: 8 };
  const other = { ...eyes, limit: 'glaucoma/other', text: 'Another reason.', by: 8 };
  const wayIn = { ...passing, where: 'transition' as const };
  expect(tightest([passing, eyes, other, wayIn])).toEqual([eyes, other, wayIn]);
  expect(tightest([eyes, { ...eyes, limit: 'glaucoma/same' }])).toEqual([eyes]);
});
