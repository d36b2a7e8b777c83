import { person } from '../planning/adapt.fixture.js';
import { limitsFor } from '../planning/adapt.js';
import { assess } from '../screening/assess.js';
import { checkAnswers } from './check-answers.js';
import { sayInEnglish } from '../messages/message.js';
import { findCondition } from './all.js';
import { answersOn, daysBetween, newsOf, stageWords, weeksOn } from './over-time.js';

const news = (...asked: Parameters<typeof newsOf>) => newsOf(...asked).map(sayInEnglish);

const pregnant = { id: 'pregnancy', week: 27, fetuses: 1, complications: ['none'], asOf: '2026-03-02' };

test.each([
  ['2026-03-02', '2026-03-02', 0], ['2026-03-02', '2026-03-03', 1], ['2026-02-28', '2026-03-01', 1], ['2028-02-28', '2028-03-01', 2],
  // Clocks change in between.
  ['2026-03-28', '2026-03-30', 2], ['2026-10-24', '2026-10-26', 2], ['2026-03-03', '2026-03-02', -1],
])('from %s to %s: %i days', (from, to, days) => expect(daysBetween(from, to)).toBe(days)); // prettier-ignore

test.each([
  // Naegele's rule, 280 days from the first day of the last period to the day it is due (common practice, no source).
  ['the last period began today', '2026-01-01', '2026-10-08', 40, 0],
  ['half way', '2026-05-21', '2026-10-08', 40, 20],
  ['on the day', '2026-10-08', '2026-10-08', 40, 40],
  ['five days over', '2026-10-13', '2026-10-08', 40, 40 + 5 / 7],
  ['six weeks after a birth', '2026-04-13', '2026-03-02', undefined, 6],
])('weeks from a date: %s', (_, today, date, dueAt, weeks) => expect(weeksOn(today, date, dueAt)).toBeCloseTo(weeks, 9));

describe('weeks go on counting', () => {
  test.each([
    ['2026-03-02', 27, 't2'],
    ['2026-03-08', 27 + 6 / 7, 't2'],
    ['2026-03-09', 28, 't3'],
    ['2026-03-10', 28 + 1 / 7, 't3'],
  ])('on %s it is week %f', (today, week, stage) => {
    const { answer } = answersOn(pregnant, today);
    expect(answer['week']).toBeCloseTo(week, 9);
    const third = limitsFor({ ...person('pregnancy week=1'), conditions: [pregnant] }, today).some(({ id }) => id === 'pregnancy/prg-05');
    expect(third).toBe(stage === 't3');
  });

  test('twice is once', () => {
    const once = answersOn(pregnant, '2026-03-09').answer;
    expect(answersOn(once, '2026-03-09').answer).toEqual(once);
  });

  test('never beyond what a question takes', () => {
    const { answer } = answersOn(pregnant, '2027-03-02');
    expect(answer['week']).toBe(42.86);
    expect(checkAnswers(answer)).toEqual([]);
  });

  test('undated answers, or a day before them, stay as they are', () => {
    const { asOf: _asOf, ...undated } = pregnant;
    expect(answersOn(undated as typeof pregnant, '2026-06-01').answer).toEqual(undated);
    expect(answersOn(pregnant, '2026-02-01').answer).toBe(pregnant);
    expect(answersOn(pregnant, null).answer).toBe(pregnant);
  });
});

describe('readings grow old', () => {
  const pressure = { id: 'hypertension', systolic: 122, diastolic: 76, controlled: 'yes', aneurysm: false, asOf: '2026-03-02' };
  test('a blood pressure holds seven days, then it counts as missing', () => {
    expect(answersOn(pressure, '2026-03-09').stale).toEqual([]);
    expect(answersOn(pressure, '2026-03-10').stale).toEqual(['systolic', 'diastolic']);
    const { screening } = assess({ conditions: [pressure], schools: {}, clearances: [], ownLimits: [], loosened: [] }, '2026-03-10');
    expect(screening.notes.some(({ text }) => text.startsWith('No reading'))).toBe(true);
  });

  test('what was told of today holds today', () => {
    const disc = { id: 'neck-pain', painNow: 2, armSymptoms: 'none', asOf: '2026-03-02' };
    expect(answersOn(disc, '2026-03-03')).toMatchObject({ stale: ['painNow'], answer: { armSymptoms: 'none' } });
  });
});

describe('what is told before class', () => {
  test('a pregnancy that enters week 28', () => {
    expect(news({ conditions: [pregnant], clearances: [] }, '2026-03-08')).toEqual([]);
    expect(news({ conditions: [pregnant], clearances: [] }, '2026-03-09')).toEqual(['Pregnancy: now in the stage “from 28 weeks”']);
  });

  test('six weeks after a birth', () => {
    const birth = { id: 'postpartum', weeks: 5, birth: 'vaginal', checkDone: true, doming: false, gapFingers: 1, pelvicFloor: ['none'], lochia: 'none', breastfeeding: false, asOf: '2026-03-02' }; // prettier-ignore
    expect(news({ conditions: [birth], clearances: [] }, '2026-03-09').join()).toMatch(/After birth: now in the stage “to 12 weeks, after the check”/);
  });

  test('a clearance that ends soon, and one that ended', () => {
    const until = (day: string) => news({ conditions: [], clearances: [{ condition: 'pregnancy', until: day }] }, '2026-03-09');
    expect(until('2026-04-09')).toEqual([]);
    expect(until('2026-03-23')).toEqual(['Pregnancy: the written clearance ends on 23 March 2026']);
    expect(until('2026-03-09')).toEqual(['Pregnancy: the written clearance ends on 9 March 2026']);
    expect(until('2026-03-08')).toEqual(['Pregnancy: the written clearance ended on 8 March 2026']);
  });

  test('a reading that is too old, and what has to be asked anew', () => {
    const pressure = { id: 'hypertension', systolic: 122, diastolic: 76, controlled: 'yes', aneurysm: false, asOf: '2026-03-02' };
    expect(news({ conditions: [pressure], clearances: [] }, '2026-03-20').join()).toMatch(/too old, ask again: upper number.*; lower number/);
    const pain = { id: 'elbow', painNow: 2, asOf: '2026-03-02' };
    expect(news({ conditions: [pain], clearances: [] }, '2026-03-03')).toEqual(['Elbow trouble: ask today: pain now, before class']);
  });
});

test('a day that is none is refused', () => {
  expect(checkAnswers({ id: 'elbow', asOf: 'yesterday' }).map(({ message }) => message)).toEqual(['asOf is yesterday; expected a day such as 2026-03-01']);
});

test('the stages told are those that somebody is in, not what several have in common for a limit', () => {
  const told = (id: string, answer = {}) => stageWords(findCondition(id)!, { id, ...answer });
  expect(told('lumbar-disc')).toEqual(['Acute', 'Bending makes it worse']);
  expect(told('arthritis', { type: 'ra', flare: true, joints: ['wrist'], neckInvolved: 'no' })).toEqual(['Flare']);
  // A stage that is told first is told, however it is put together.
  expect(told('retinal-disease', { kind: ['vitrectomy'], weeksSince: 2, gasBubble: true })).toEqual(['Gas in the eye', 'High risk']);
  expect(told('sacroiliac-pain')).toEqual(['Some pain, or not asked']);
  // What is one fact, however it is worded, is told beside others.
  expect(told('lupus', { activity: 'mild', aps: true })).toContain('Clots easily, or on a full blood thinner');
  expect(told('pregnancy', { week: 30, pelvicGirdlePain: 5 })).toContain('Pelvic girdle pain of 4 or more');
});
