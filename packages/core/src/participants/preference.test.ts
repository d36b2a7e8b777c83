import { checkPreferences, firstSides, likedForms, longerShare, MOST_LONGER, type Preference } from './preference.js';

const base = { asana: 'vrksasana', variation: null, firstSide: null, reason: 'It went well.', on: '2026-05-01' } as const;
const liked: Preference = { ...base, variation: 'hand-on-wall-or-chair' };
const sided: Preference = { ...base, firstSide: 'left' };
const longer: Preference = { ...base, asana: null, longer: 1.2 };

test('one thing a preference is taken, and read again', () => {
  expect(checkPreferences([liked, sided, longer])).toEqual([]);
  expect([...likedForms([liked, sided, longer])]).toEqual(['vrksasana/hand-on-wall-or-chair']);
  expect(firstSides([liked, sided, longer])).toEqual({ vrksasana: 'left' });
  expect(longerShare([liked, sided, longer])).toBe(1.2);
  expect([likedForms([]).size, firstSides([]), longerShare([])]).toEqual([0, {}, null]);
});

test('of two decisions the later one holds', () => {
  expect(firstSides([sided, { ...sided, firstSide: 'right' }])).toEqual({ vrksasana: 'right' });
  expect(longerShare([longer, { ...longer, longer: 1.4 }])).toBe(1.4);
});

test.each<[string, Partial<Preference>, RegExp]>([
  ['no asana', { asana: ' ' }, /which asana/],
  ['a side that is none', { firstSide: 'up' as never, variation: null }, /expected left, right or null/],
  ['two things at once', { variation: 'plain', firstSide: 'left' }, /one of the three/],
  ['nothing at all', { variation: null }, /one of the three/],
  ['longer for one asana', { variation: null, longer: 1.2 }, /longer is for all that takes effort/],
  ['far longer', { asana: null, variation: null, longer: MOST_LONGER + 0.1 }, /at most 1.5/],
  ['shorter', { asana: null, variation: null, longer: 0.9 }, /more than 1/],
  ['no reason', { reason: '' }, /write why/],
  ['a page of reasons', { reason: 'x'.repeat(301) }, /write why/],
  ['no day', { on: 'yesterday' }, /expected a day/],
])('%s is told by its place', (_name, part, told) => {
  const problems = checkPreferences([sided, { ...liked, ...part }]);
  expect(problems).toEqual([{ field: 'preferences[1]', message: expect.stringMatching(told) as string }]);
});
