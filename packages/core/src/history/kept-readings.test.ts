import { CONDITIONS } from '../conditions/all.js';
import { readCondition } from '../conditions/check-answers.js';
import { followed, readingsIn, readingsSection } from './kept-readings.js';

const given = (text: string) => readCondition(text).answer;

test('tests and readings are followed, with the day on which they were told; facts and times since something are not', () => {
  const conditions = [
    { ...given('seniors age=78 sex=f tug=13 tandem=7 falls=1'), asOf: '2026-11-20' },
    given('hypertension systolic=152 diastolic=95 aneurysm=no'),
    given('parkinsons hy=2 minutesSinceDose=40'),
  ];
  expect(readingsIn(conditions)).toEqual([
    { condition: 'seniors', parameter: 'tug', value: 13, day: '2026-11-20' },
    { condition: 'seniors', parameter: 'tandem', value: 7, day: '2026-11-20' },
    { condition: 'hypertension', parameter: 'systolic', value: 152, day: null },
    { condition: 'hypertension', parameter: 'diastolic', value: 95, day: null },
  ]);
});

test('a number of no condition, and an answer that is none, are nothing to follow', () => {
  expect(readingsIn([{ id: 'constructor', tug: 12 }, given('glaucoma')])).toEqual([]);
  expect(() => followed('seniors', 'sex')).toThrow(RangeError);
  expect(() => followed('nobody', 'tug')).toThrow(RangeError);
});

/** STEADI (CDC 2017): 12 s or more is a risk; Studenski et al. 2011: below 0.8 m/s. Values from memory. */
test.each([['tug', 12, 'from'], ['gaitSpeed', 0.8, 'below'], ['oneLeg', 5, 'below']])('%s has its cut-off', (parameter, at, risk) =>
  expect(followed('seniors', parameter).cutOff).toMatchObject({ at, risk }),
); // prettier-ignore

test('what is said of a number is true of a number that is asked', () => {
  const asked = CONDITIONS.flatMap(({ id, parameters }) =>
    Object.entries(parameters).flatMap(([name, spec]) => (spec.kind === 'number' ? [{ id, name, spec }] : [])),
  );
  const known = asked.map((one) => ({ ...one, ...followed(one.id, one.name) })).filter(({ change, cutOff }) => change ?? cutOff);
  expect(known.length).toBeGreaterThan(5);
  for (const { id, name, spec, change, cutOff } of known) {
    expect([id, name, spec.holdsDays !== undefined]).toEqual([id, name, true]);
    if (change) expect([name, change.by > 0 && change.by < spec.to - spec.from]).toEqual([name, true]);
    if (cutOff) expect([name, cutOff.at >= spec.from && cutOff.at <= spec.to]).toEqual([name, true]);
  }
});

test('a clinician reads what was measured more than once, by its days', () => {
  const line = (values: readonly (readonly [string, number])[]) => ({
    condition: 'seniors',
    parameter: 'tug',
    ...followed('seniors', 'tug'),
    values: values.map(([day, value]) => ({ day, value })),
  });
  expect(readingsSection([line([['2026-01-05', 16]])])).toBeNull();
  const section = readingsSection([line([['2026-01-05', 16], ['2026-03-02', 13]])]); // prettier-ignore
  expect(section?.lines).toEqual([
    expect.stringMatching(/^Timed up and go: 16 s on 5 January 2026, 13 s on 2 March 2026; a step counts from 2\.5 s on/),
  ]);
});
