import { checkClearance, clearedConditions } from './screen.js';

describe('the days on which a clearance holds', () => {
  const given = (on: string, until: string | null) => ({ condition: 'glaucoma', by: 'her eye doctor', on, until });
  test.each([
    ['from the first day to the last', given('2026-03-01', '2026-09-01'), ['2026-03-01', '2026-09-01'], ['2026-02-28', '2026-09-02']],
    ['one that begins later', given('2030-01-01', '2031-01-01'), ['2030-06-01'], ['2026-03-01']],
    ['until it is taken back', given('2026-03-01', null), ['2026-03-01', '2099-01-01'], ['2026-02-28']],
    // As text "2026-10-1" would come before "2026-9-1".
    ['one that ended before it began', given('2026-09-01', '2026-03-01'), [], ['2026-03-01', '2026-06-01', '2026-09-01']],
    ['days that don’t exist', given('2026-02-30', '2027-01-01'), [], ['2026-06-01']],
    ['days written otherwise', given('2026-W09', '2026-W48'), [], ['2026-06-01']],
  ])('%s', (_, clearance, holds, not) => {
    for (const day of holds) expect([day, clearedConditions([clearance], day).has('glaucoma')]).toEqual([day, true]);
    for (const day of not) expect([day, clearedConditions([clearance], day).has('glaucoma')]).toEqual([day, false]);
  });
  test('what can’t be taken is named with its field', () => {
    expect(checkClearance(given('2026-09-01', '2026-03-01'))).toEqual([
      { field: 'glaucoma.until', message: 'until is 2026-03-01, before it was given on 2026-09-01' },
    ]);
    expect(checkClearance(given('2026-03-01', null))).toEqual([]);
  });
});
