import { readBound } from '../conditions/limits.js';
import type { OwnLimit } from '../conditions/own-limits.js';
import { sayInEnglish } from '../messages/message.js';
import type { LeftOut } from '../participants/left-out.js';
import { isChange, painOf, type PastClass, type StepMark } from './past-class.js';
import { proposalsOf } from './proposals.js';

const NOTHING = { leftOut: [], preferences: [], ownLimits: [] };
const past = (day: string, part: Partial<PastClass> = {}): PastClass => ({
  day, present: true, before: {}, after: {}, felt: null, marks: [], decided: [], ...part,
}); // prettier-ignore
const mark = (asana: string, kind: StepMark['mark'], side: StepMark['side'] = null): StepMark => ({
  asana,
  variation: 'plain',
  side,
  mark: kind,
});
const kinds = (history: readonly PastClass[], leftOut: readonly LeftOut[] = [], today = '2026-11-26') =>
  proposalsOf(history, { ...NOTHING, leftOut }, today).map(({ kind, asana }) => `${kind} ${asana}`);

test('two points or 30 percent are a change, less is none (Farrar 2001)', () => {
  expect([isChange(3, 5), isChange(5, 3), isChange(3, 4), isChange(8, 7), isChange(0, 1)]).toEqual([true, true, true, false, false]);
});

test('a step that was stopped twice is proposed to be left out, by its latest day; once is not enough', () => {
  const once = past('2026-11-19', { marks: [mark('bird-dog', 'stopped'), mark('bird-dog', 'stopped', 'left')] });
  expect(kinds([once])).toEqual([]);
  const twice = [past('2026-11-12', { marks: [mark('bird-dog', 'stopped')] }), once];
  const [proposal] = proposalsOf(twice, NOTHING, '2026-11-26');
  expect(proposal).toMatchObject({ kind: 'leave-out', asana: 'bird-dog', leaveOut: { asana: 'bird-dog', on: '2026-11-26', until: null } });
  expect(sayInEnglish(proposal!.evidence)).toBe('Stopped there in 2 of the last 2 classes.');
});

test('what hurt in the last class rests two weeks; above five of ten the pain model is named (Thomeé 1997)', () => {
  const hurt = past('2026-11-25', { before: { pain: 2 }, after: { pain: 6 }, marks: [mark('vrksasana', 'pain')] });
  const [proposal] = proposalsOf([hurt], NOTHING, '2026-11-26');
  expect(proposal).toMatchObject({ kind: 'rest-from', leaveOut: { asana: 'vrksasana', until: '2026-12-10' } });
  expect(proposal!.source).toMatch(/Thomeé/);
  expect(proposalsOf([{ ...hurt, after: { pain: 4 } }], NOTHING, '2026-11-26')[0]!.source).not.toMatch(/Thomeé/);
});

describe('where it is known where it hurts', () => {
  const strain = { asana: 'vrksasana', place: 'hips', measure: 'hipExternalRotation', value: 55, bound: '<= 49' } as const;
  const hurt = past('2026-11-25', { before: { pain: 2 }, after: { pain: 6, where: 'hips' }, marks: [mark('vrksasana', 'pain')] });
  const proposed = (history: readonly PastClass[], strains: Parameters<typeof proposalsOf>[3] = [strain]) =>
    proposalsOf(history, NOTHING, '2026-11-26', strains);

  test('what strained it is held back for two weeks instead of the step being left out (Thomeé 1997)', () => {
    const [proposal, ...others] = proposed([hurt]);
    expect(others).toEqual([]);
    expect(proposal).toMatchObject({
      kind: 'hold-back', leaveOut: null, limit: { measure: 'hipExternalRotation', bound: '<= 49', grade: 'modify', until: '2026-12-10' },
    }); // prettier-ignore
    expect(proposal!.source).toMatch(/Thomeé/);
    expect(sayInEnglish(proposal!.what)).toBe('Thigh turned out: at most 49° until 10 December 2026');
    expect(sayInEnglish(proposal!.evidence)).toMatch(/hips.*thigh turned out at 55°/);
  });

  test('up to five of ten the step rests, unless pain stayed over night', () => {
    const mild = { ...hurt, after: { pain: 5, where: 'hips' } } as const;
    expect(proposed([mild]).map(({ kind }) => kind)).toEqual(['rest-from']);
    const nextDay = past('2026-11-26', { atHome: true, before: { pain: 4 } });
    expect(proposed([mild, nextDay]).map(({ kind }) => kind)).toEqual(['hold-back']);
    expect(proposed([mild, { ...nextDay, before: { pain: 2 } }]).map(({ kind }) => kind)).toEqual(['rest-from']);
    expect(proposed([mild, { ...nextDay, day: '2026-11-28' }]).map(({ kind }) => kind)).toEqual(['rest-from']);
  });

  test('of steps that didn’t hurt in the last class nothing is held back', () =>
    expect(proposed([hurt], [{ ...strain, asana: 'bhujangasana' }]).map(({ kind }) => kind)).toEqual(['rest-from']));

  test('of two steps that strained alike the bound that holds for both, and a step that strained nothing rests', () => {
    const marks = [mark('vrksasana', 'pain'), mark('baddha-konasana', 'pain'), mark('tadasana', 'pain')];
    const lower = { ...strain, asana: 'baddha-konasana', value: 40, bound: '<= 34' };
    expect(proposed([{ ...hurt, marks }], [strain, lower]).map(({ kind, asana, limit }) => [kind, asana, limit?.bound])).toEqual([
      ['hold-back', 'baddha-konasana', '<= 34'],
      ['rest-from', 'tadasana', undefined],
    ]);
  });
});

test('pain that rose without a step to name is asked about, a small rise is not', () => {
  expect(kinds([past('2026-11-25', { before: { pain: 2 }, after: { pain: 5 } })])).toEqual(['ask null']);
  expect(kinds([past('2026-11-25', { before: { pain: 8 }, after: { pain: 9 } })])).toEqual([]);
});

test('a form that went well in two classes goes before others as good, once, and not one that was stopped as well', () => {
  const fine = ['2026-11-12', '2026-11-19'].map((day) => past(day, { marks: [mark('trikonasana', 'fine')] }));
  const [proposal] = proposalsOf(fine, NOTHING, '2026-12-24');
  expect(proposal).toMatchObject({
    kind: 'liked',
    prefer: { asana: 'trikonasana', variation: 'plain', firstSide: null, on: '2026-12-24' },
  });
  expect(proposalsOf(fine, { ...NOTHING, preferences: [proposal!.prefer!] }, '2026-12-24').map(({ kind }) => kind)).toEqual(['ask']);
  const stopped = past('2026-11-20', { marks: [mark('trikonasana', 'stopped')] });
  expect(kinds([...fine, stopped], [], '2026-12-24')).toEqual(['ask null']);
});

test('one side marked in two classes goes second', () => {
  const history = ['2026-11-12', '2026-11-19'].map((day) => past(day, { marks: [mark('trikonasana', 'pain', 'left')] }));
  const proposal = proposalsOf(history, NOTHING, '2026-12-24').find(({ kind }) => kind === 'other-side-first')!;
  expect(sayInEnglish(proposal.what)).toContain('right');
  expect(proposal.prefer).toMatchObject({ asana: 'trikonasana', firstSide: 'right', variation: null });
  expect(proposalsOf(history, { ...NOTHING, preferences: [proposal.prefer!] }, '2026-12-24').map(({ kind }) => kind)).not.toContain(
    'other-side-first',
  );
  const both = [history[0]!, past('2026-11-19', { marks: [mark('trikonasana', 'pain', 'right')] })];
  expect(proposalsOf(both, NOTHING, '2026-12-24').some(({ kind }) => kind === 'other-side-first')).toBe(false);
});

test('a side that was the harder one in two classes is looked at; not where it changes, nor where both are alike', () => {
  const compared = (...harder: PastClass['harder'][]) => harder.map((one, i) => past(`2026-11-${12 + i}`, { harder: one }));
  const [proposal] = proposalsOf(compared('left', 'alike', 'left'), NOTHING, '2026-11-20');
  expect(proposal).toMatchObject({ kind: 'ask', leaveOut: null, prefer: null });
  expect(sayInEnglish(proposal!.evidence)).toBe('The left side was the harder one in 2 of 3 classes in which it was asked.');
  expect(kinds(compared('left', 'right'), [], '2026-11-20')).toEqual([]);
  expect(kinds(compared('alike', 'alike', null), [], '2026-11-20')).toEqual([]);
});

describe('what was left out', () => {
  const out: LeftOut = { asana: 'bird-dog', on: '2026-11-01', until: null, reason: 'stopped' };
  const good = (day: string) => past(day, { felt: 'better' });

  test('may come back after two good classes, not after one, nor after one that was not asked about', () => {
    expect(kinds([good('2026-11-10'), good('2026-11-17')], [out])).toEqual(['take-back bird-dog']);
    expect(kinds([good('2026-11-17')], [out])).toEqual([]);
    expect(kinds([good('2026-11-10'), past('2026-11-17')], [out])).toEqual([]);
  });

  test('may come back when its time is over', () => expect(kinds([], [{ ...out, until: '2026-11-15' }])).toEqual(['take-back bird-dog']));

  test('is not proposed again', () =>
    expect(
      kinds(
        [past('2026-11-12', { marks: [mark('bird-dog', 'stopped')] }), past('2026-11-19', { marks: [mark('bird-dog', 'stopped')] })],
        [out],
      ),
    ).toEqual([]));
});

test('who was away for more than three weeks is asked first', () => {
  expect(kinds([past('2026-10-29')])).toEqual(['ask null']);
  expect(kinds([past('2026-11-12')])).toEqual([]);
});

test('what was decided on is not proposed again, and who was not there is not judged', () => {
  const history = [
    past('2026-11-12', { marks: [mark('bird-dog', 'stopped')] }),
    past('2026-11-19', { marks: [mark('bird-dog', 'stopped')] }),
  ];
  const { id } = proposalsOf(history, NOTHING, '2026-11-26')[0]!;
  expect(proposalsOf([history[0]!, { ...history[1]!, decided: [id] }], NOTHING, '2026-11-26')).toEqual([]);
  expect(kinds(history.map((one) => ({ ...one, present: false })))).toEqual([]);
});

test('a class as a whole: means and changes of those who told both, and nothing where they would be known by it', () => {
  const told = (before: number | undefined, after: number | undefined) => ({
    before: before === undefined ? {} : { pain: before },
    after: after === undefined ? {} : { pain: after },
  });
  expect(painOf([told(6, 3), told(2, 5), told(4, 4), told(7, undefined)])).toEqual({ asked: 3, before: 4, after: 4, less: 1, more: 1 });
  expect(painOf([told(6, 3), told(2, 5), told(undefined, 4)])).toBeNull();
  expect(painOf([])).toBeNull();
});

/** Common practice, no source: longer, then further, then heavier, one at a time. */
test('two good classes allow one step up, the next kind after two more; none after pain, none for whoever was not asked', () => {
  const good = (day: string, decided: readonly string[] = []) => past(day, { felt: 'better', after: { pain: 1 }, decided });
  const first = [good('2026-11-12'), good('2026-11-19')];
  expect(proposalsOf(first, NOTHING, '2026-11-26').map(({ id }) => id)).toEqual(['step-up dose 2026-11-19']);
  expect(kinds([good('2026-11-12'), past('2026-11-19')])).toEqual([]);
  expect(kinds([good('2026-11-12'), past('2026-11-19', { felt: 'same', after: { pain: 4 } })])).toEqual([]);
  const taken = [good('2026-11-12'), good('2026-11-19', ['step-up dose 2026-11-19'])];
  expect(kinds(taken)).toEqual([]);
  expect(kinds([...taken, good('2026-11-24')])).toEqual([]);
  expect(proposalsOf([...taken, good('2026-11-24'), good('2026-11-26')], NOTHING, '2026-11-27').map(({ id }) => id)).toEqual([
    'step-up range 2026-11-26',
  ]);
});

/** Common practice, no source: what was held back comes back in steps, the range before the load. */
test('what the log holds back is held back less, further first and heavier next; what a clinician asks for stays', () => {
  const good = (day: string, decided: readonly string[] = []) => past(day, { felt: 'better', after: { pain: 1 }, decided });
  const limit = (measure: OwnLimit['measure'], bound: string, by = 'the class log'): OwnLimit => ({
    measure, bound, grade: 'modify', reason: 'It hurt on 2026-11-10: low back.', by, until: '2026-12-01',
  }); // prettier-ignore
  const held = [limit('lumbarFlexion', '<= 20', 'Dr Anker'), limit('handLoad', '<= 0.5'), limit('lumbarFlexion', '>= -10')];
  const decided = ['step-up dose 2026-11-12'];
  const proposed = (history: readonly PastClass[], ownLimits: readonly OwnLimit[], today: string) =>
    proposalsOf(history, { ...NOTHING, ownLimits }, today).filter(({ kind }) => kind === 'step-up');
  const [further] = proposed([good('2026-11-12', decided), good('2026-11-19'), good('2026-11-24')], held, '2026-11-26');
  const { atLeast } = readBound(further!.limit!.bound) as { atLeast: number };
  expect(atLeast).toBeLessThan(-10);
  expect(further).toMatchObject({ id: 'step-up range 2026-11-24', prefer: null, limit: { measure: 'lumbarFlexion', until: '2026-12-10' } });
  const next = [good('2026-11-24', [...decided, further!.id]), good('2026-11-26'), good('2026-11-27')];
  expect(proposed(next, held, '2026-11-28')[0]?.limit).toMatchObject({ measure: 'handLoad', bound: '<= 0.55' });
  // Nothing of the log's is held back, or not any more: it is for the teacher to see.
  for (const today of ['2026-11-28', '2026-12-02'])
    expect(proposed(next, today < '2026-12' ? held.slice(0, 1) : held, today)[0]?.limit).toBe(null);
});
