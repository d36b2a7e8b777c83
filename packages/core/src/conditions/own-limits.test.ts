import { person, plan, sequence } from '../adaptation/adapt.fixture.js';
import { limitsFor } from '../adaptation/adapt.js';
import { CONDITIONS } from './all.js';
import { checkOwn, mayLoosen, type OwnLimit } from './own-limits.js';

const knees: OwnLimit = { measure: 'kneeFlexion', bound: '<= 100', grade: 'avoid', reason: 'Floors here are hard', by: 'the studio' };
const pregnant = person('pregnancy week=20 fetuses=1 complications=none');

describe('an own limit', () => {
  test('bars what was allowed, and says whose word it is', () => {
    const someone = { ...person('beginners classes=50 screen=allNo'), ownLimits: [knees] };
    const [planned] = plan(sequence({ asana: 'vajrasana' }), someone).steps;
    expect(planned!.verdict).not.toBe('keep');
    expect(planned!.reasons[0]).toMatchObject({ limit: 'own/own-1', text: 'Floors here are hard (the studio)' });
  });

  test('never makes anything looser: what a condition bars stays barred', () => {
    const wide: OwnLimit = { ...knees, measure: 'headLoad', bound: '<= 1' };
    expect(plan(sequence({ asana: 'sirsasana' }), { ...pregnant, ownLimits: [wide] }).steps[0]!.verdict).not.toBe('keep');
  });
});

describe('a limit that is set aside for one person', () => {
  const aside = { ...pregnant, loosened: [{ limit: 'pregnancy/prg-07', reason: 'Her physiotherapist practises it with her', on: '2026-03-01' }] };
  test('no longer holds', () => {
    expect(limitsFor(pregnant).some(({ id }) => id === 'pregnancy/prg-07')).toBe(true);
    expect(limitsFor(aside).some(({ id }) => id === 'pregnancy/prg-07')).toBe(false);
  });

  test('one that bars outright, or whose number is published, can’t be', () => {
    for (const { id, limits } of CONDITIONS)
      for (const limit of limits) {
        const published = limit.source.some((mark) => mark !== 'common practice' && !mark.endsWith('*'));
        expect([id, limit.id, mayLoosen(limit)]).toEqual([id, limit.id, limit.grade !== 'avoid' && !published]);
      }
  });
});

test.each([
  [[{ ...knees, measure: 'kneeBend' as never }], [], /no measure "kneeBend"/],
  [[{ ...knees, bound: 'about 5' }], [], /"about 5" is no bound/],
  [[{ ...knees, reason: ' ' }], [], /write why/],
  [[{ ...knees, by: '' }], [], /whose word/],
  [[{ ...knees, grade: 'never' as never }], [], /grade is "never"/],
  [[], [{ limit: 'pregnancy/prg-99', reason: 'x', on: '2026-03-01' }], /no limit "pregnancy\/prg-99"/],
  [[], [{ limit: 'pregnancy/prg-26', reason: 'x', on: '2026-03-01' }], /bars outright/],
  [[], [{ limit: 'pregnancy/prg-07', reason: '', on: '2026-03-01' }], /write why it is set aside/],
  [[], [{ limit: 'pregnancy/prg-07', reason: 'x', on: 'today' }], /expected a day/],
])('%# is refused', (limits, loosened, message) => expect(checkOwn(limits, loosened)[0]?.message).toMatch(message));

test('what is right passes', () => expect(checkOwn([knees], [{ limit: 'pregnancy/prg-07', reason: 'x', on: '2026-03-01' }])).toEqual([]));
