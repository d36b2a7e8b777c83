import { person, plan, sequence } from '../planning/adapt.fixture.js';
import { limitsFor } from '../planning/adapt.js';
import { CONDITIONS } from './all.js';
import { checkOwn, mayLoosen, mayReplace, type OwnLimit } from './own-limits.js';

const knees: OwnLimit = { measure: 'kneeFlexion', bound: '<= 100', grade: 'avoid', reason: 'Floors here are hard', by: 'the studio' };
const pregnant = person('pregnancy week=20 fetuses=1 complications=none');

describe('an own limit', () => {
  test('bars what was allowed, and says whose word it is', () => {
    const someone = { ...person('beginners classes=50 screen=allNo'), ownLimits: [knees] };
    const [planned] = plan(sequence({ asana: 'vajrasana' }), someone).steps;
    expect(planned!.verdict).not.toBe('keep');
    expect(planned!.reasons[0]).toMatchObject({ limit: 'own/own-1', text: 'Floors here are hard (the studio)' });
  });

  test('that names its last day holds until then, and for good without one', () => {
    const ended: OwnLimit = { ...knees, until: '2026-03-31' };
    const on = (limit: OwnLimit, today: string | null) =>
      limitsFor({ ...person('beginners classes=50 screen=allNo'), ownLimits: [limit] }, today).some(({ condition }) => condition === 'own');
    expect([on(ended, '2026-03-31'), on(ended, '2026-04-01'), on(ended, null), on(knees, '2036-01-01')]).toEqual([true, false, true, true]);
    expect(checkOwn([{ ...knees, until: 'soon' }], [])[0]!.message).toMatch(/until is "soon"/);
  });

  test('never makes anything looser: what a condition bars stays barred', () => {
    const wide: OwnLimit = { ...knees, measure: 'headLoad', bound: '<= 1' };
    expect(plan(sequence({ asana: 'sirsasana' }), { ...pregnant, ownLimits: [wide] }).steps[0]!.verdict).not.toBe('keep');
  });
});

describe('an own limit in place of a school’s', () => {
  // Practitioners disagree on turning upside down in pregnancy: the studio's own number stands where the school's would.
  const ours: OwnLimit = { measure: 'headLoad', bound: '<= 0.3', grade: 'modify', reason: 'Dolphin is taught here', by: 'the studio', replaces: 'pregnancy/prg-10-head' };
  const ids = (one: typeof pregnant) => limitsFor(one).map(({ id }) => id);

  test('stands there alone', () => {
    expect(ids(pregnant)).toContain('pregnancy/prg-10-head');
    expect(ids({ ...pregnant, ownLimits: [ours] })).not.toContain('pregnancy/prg-10-head');
    expect(ids({ ...pregnant, ownLimits: [ours] })).toContain('own/own-1');
  });

  test('touches nobody for whom the school’s limit would not hold', () =>
    expect(ids({ ...person('beginners classes=50 screen=allNo'), ownLimits: [ours] })).not.toContain('own/own-1'));

  test('replaces nothing else, and no published number', () => {
    for (const { id, limits } of CONDITIONS)
      for (const limit of limits) {
        const problem = checkOwn([{ ...ours, measure: limit.measure as never, replaces: `${id}/${limit.id}` }], []).length > 0;
        expect([id, limit.id, problem]).toEqual([id, limit.id, !mayReplace(limit) || limit.measure === 'facing']);
      }
    expect(checkOwn([{ ...ours, measure: 'neckLoad' }], [])[0]!.message).toMatch(/about headLoad, not neckLoad/);
    expect(checkOwn([{ ...ours, replaces: 'pregnancy/prg-99' }], [])[0]!.message).toMatch(/no limit/);
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
