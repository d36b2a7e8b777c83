import { library } from '../asanas/all.js';
import { readCondition } from '../conditions/check-answers.js';
import { CONDITIONS } from '../conditions/all.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody, type Participant } from '../participants/participant.js';
import { adapt } from '../planning/adapt.js';
import { BodySolver } from '../solving/body-solver.js';
import { homeHtml } from './home-sheet.js';
import { FALLERS, homePractice, OFTEN, practiceDays, type HomeAsked } from './home-practice.js';
import { STOP_SIGNS, stopSignsOf } from './stop-signs.js';

const solver = new BodySolver(library);
const sequence = understood(
  notesReader(library)(
    'Mountain 5 breaths\nCat cow x8\nCat cow x8\nTree each side 5 breaths\nHeadstand 1 min\nBridge 5 breaths\nKnees to chest 5 breaths\nSavasana 8 min',
  ),
);
const practice = (asked: Partial<HomeAsked> = {}, participant: Participant = anybody('a')) =>
  homePractice(adapt(solver, sequence, participant, { today: '2026-11-28' }), participant, { minutes: 10, today: '2026-11-28', ...asked });
const withAnswers = (text: string): Participant => ({ ...anybody('a'), conditions: [readCondition(text).answer] });

test('fits into the minutes, at most six steps, in the order of the class, a rest at the end', () => {
  for (const minutes of [4, 8, 12]) {
    const { steps } = practice({ minutes });
    expect(steps.length).toBeGreaterThan(0);
    expect(steps.length).toBeLessThanOrEqual(6);
    expect(steps.reduce((sum, { seconds }) => sum + seconds, 0)).toBeLessThanOrEqual(60 * minutes);
    expect(steps.map(({ line }) => line)).toEqual(steps.map(({ line }) => line).sort((a, b) => a - b));
    expect(steps.at(-1)!.asana).toBe('savasana');
  }
});

test('every step of the class is either done or said why not; the same form is done once', () => {
  const { steps, leftOut } = practice();
  expect([...steps, ...leftOut].map(({ line }) => line).sort((a, b) => a - b)).toEqual(sequence.steps.map(({ line }) => line));
  expect(leftOut).toContainEqual({ line: 3, why: 'Once is enough at home.' });
});

test('nothing upside down alone, and no balance without a hold for who could fall', () => {
  expect(practice().leftOut.find(({ line }) => line === 5)?.why).toMatch(/Upside down/);
  expect(practice({ minutes: 20 }).steps.map(({ asana }) => asana)).toContain('vrksasana');
  const faller = practice({ minutes: 20 }, withAnswers('seniors age=78 tug=13 tandem=8 falls=1'));
  const trees = faller.steps.filter(({ asana }) => asana === 'vrksasana');
  for (const { setup } of trees) expect(setup.map(({ prop }) => prop).some((prop) => prop === 'chair' || prop === 'wall')).toBe(true);
});

test('who may not practise yet gets no steps', () => {
  const waiting = practice({}, withAnswers('hypertension systolic=185 diastolic=115'));
  expect(waiting.decision).not.toBe('practise');
  expect(waiting.steps).toEqual([]);
});

test('a sore back three times a day, otherwise once; the days lie apart; looked at after two weeks', () => {
  expect(practice({}, withAnswers('low-back-pain duration=chronic')).times).toBe(3);
  expect(practice({ days: 3 })).toMatchObject({ times: 1, days: ['monday', 'wednesday', 'friday'], review: '2026-12-12' });
});

test('stop signs are for everybody and for what somebody has, and name conditions that there are', () => {
  const known = new Set(CONDITIONS.map(({ id }) => id));
  expect(STOP_SIGNS.flatMap(({ conditions }) => conditions).filter((id) => !known.has(id))).toEqual([]);
  const pregnant = practice({}, withAnswers('pregnancy week=20 fetuses=1 complications=none experience=experienced'));
  expect(pregnant.stopSigns.length).toBeGreaterThan(practice().stopSigns.length);
  expect(pregnant.askToday.join()).toMatch(/bleeding/);
});

test('every condition has signs of its own, and nobody reads those of another', () => {
  const without = CONDITIONS.filter(({ id }) => !STOP_SIGNS.some(({ conditions }) => conditions.includes(id)));
  expect(without.map(({ id }) => id)).toEqual([]);
  for (const { conditions, stopNow, today, emergency } of STOP_SIGNS)
    for (const sign of [...stopNow, ...today, ...emergency])
      if (typeof sign !== 'string') expect(conditions).toEqual(expect.arrayContaining([...sign.of]));
  const high = practice({}, withAnswers('hypertension systolic=138 diastolic=86 aneurysm=no'));
  expect([...high.stopSigns, ...high.askToday, ...high.emergency].join()).not.toMatch(/device|shock|vein|calf pain/);
  const paced = practice({}, withAnswers('cardiac-device kind=pacemaker'));
  expect(paced.askToday.join()).toMatch(/the device beeps/);
});

test('a sign is said once, where it is most urgent, and so is whom to ask', () => {
  const old = stopSignsOf(['seniors', 'menopause']);
  expect(old.emergency).toContain('new confusion');
  expect(old.askToday).not.toContain('new confusion');
  expect(old.askToday.filter((sign) => sign.includes('calf'))).toEqual([
    'one calf swollen, warm or sore',
    'one calf swollen on hormone tablets',
  ]);
  expect(stopSignsOf(['seniors']).call).toEqual(['doctor’s practice', 'the family or neighbour who was agreed']);
  expect(stopSignsOf(['arrhythmia', 'kidney-disease']).call).toEqual([
    'heart clinic or doctor’s practice',
    'the dialysis or transplant unit',
  ]);
});

test('who could fall, and whom little and often helps, are conditions that there are', () => {
  const known = new Set(CONDITIONS.map(({ id }) => id));
  expect([...FALLERS, ...OFTEN].filter((id) => !known.has(id))).toEqual([]);
});

test('a step is found in its plan where several share a line', () => {
  const text = understood(notesReader(library)('Sun salutation A, 2 rounds\nSavasana 5 min'));
  const plan = adapt(solver, text, anybody('a'), { today: '2026-11-28' });
  const { steps } = homePractice(plan, anybody('a'), { minutes: 20, today: '2026-11-28' });
  expect(new Set(steps.map(({ line }) => line)).size).toBeLessThan(steps.length);
  for (const { index, asana, variation } of steps) {
    expect(plan.steps[index]!.chosen!.asana.id).toBe(asana);
    expect(plan.steps[index]!.chosen!.variation.id).toBe(variation);
  }
});

test('the sheet stands alone: nothing is fetched, text is no markup', () => {
  const html = homeHtml(practice(), 'For <Ann> & "Ben"');
  expect(html).not.toMatch(/(src|href)=|https?:|@import|url\(/);
  expect(html).toContain('For &lt;Ann&gt; &amp; &quot;Ben&quot;');
});

test('the first week asks for less, never for more; a rest is what it is', () => {
  const { steps } = practice({ minutes: 20 });
  const firstOf = (asana: string) => steps.find((step) => step.asana === asana)?.firstWeek;
  expect(steps.find(({ asana }) => asana === 'marjaryasana')!.dose).toBe('8 times');
  expect(firstOf('marjaryasana')).toBe('6 times');
  expect(firstOf('savasana')).toBeNull();
  expect(homeHtml(practice({ minutes: 20 }), 'At home')).toMatch(/8 times \(first week 6 times\)[\s\S]*What you did/);
});

test('the days to tick off are those of the practice, until it is looked at again', () => {
  // 28 November 2026 is a Saturday.
  const given = practice({ days: 2 });
  expect(given.days).toEqual(['monday', 'thursday']);
  expect(practiceDays(given)).toEqual(['2026-11-30', '2026-12-03', '2026-12-07', '2026-12-10']);
  expect([...homeHtml(given, 'At home').matchAll(/<tr data-day="([^"]+)"/g)].map(([, day]) => day)).toEqual(practiceDays(given));
});
