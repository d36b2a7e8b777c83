import type { StepJson } from '@lotus-steady/core';
import type { ClassScore } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';
import type { ScoreStep } from '../../worker/score-steps.js';
import { clock, layOut, staffHeights, type Column } from './layout.js';

const SCALE = 0.72;

function step(width: number, adapted: number | null = null): ScoreStep {
  const picture = (widthCm: number): Picture => ({ key: `${widthCm}`, widthCm, heightCm: widthCm / 2 });
  return {
    given: picture(width),
    givenName: 'x',
    givenDose: '5 breaths',
    givenSeconds: 0,
    adapted: adapted === null ? null : picture(adapted),
    effort: 1,
    headBelowHeart: 0,
  };
}
function columnsOf(steps: readonly ScoreStep[], seconds: readonly number[], sections: readonly string[] = []): Column[] {
  const planned = steps.map((_, i) => ({ seconds: seconds[i], section: sections[i] ?? '' }) as StepJson);
  return layOut([steps], [planned], SCALE);
}

test('a column holds its widest figure, given or adapted', () => {
  const [narrow, lying, adapted] = columnsOf([step(40), step(180), step(40, 200)], [10, 10, 10]);
  expect(narrow!.width).toBe(108);
  expect(lying!.width).toBeGreaterThanOrEqual(180 * SCALE);
  expect(adapted!.width).toBeGreaterThanOrEqual(200 * SCALE);
});

test('what takes longer is wider, up to a bound', () => {
  const widths = columnsOf([step(40), step(40), step(40), step(40)], [30, 120, 300, 3000]).map(({ width }) => width);
  expect(widths[1]).toBeGreaterThan(widths[0]!);
  expect(widths[2]).toBeGreaterThan(widths[1]!);
  expect(widths[3]).toBe(widths[2]);
});

test('time runs on, and a section is named where it begins', () => {
  const columns = columnsOf([step(40), step(40), step(40)], [30, 60, 5], ['Warm', 'Warm', 'Rest']);
  expect(columns.map(({ startsAt }) => startsAt)).toEqual([0, 30, 90]);
  expect(columns.map(({ section }) => section)).toEqual(['Warm', null, 'Rest']);
});

test.each([
  [0, '0:00'],
  [9.6, '0:10'],
  [75, '1:15'],
  [3600, '60:00'],
])('%d seconds are %s', (seconds, text) => expect(clock(seconds)).toBe(text));

test('a staff is as high as what stands on it; one on which nothing changes has no height', () => {
  const score = { given: [step(40), step(400)], staves: [{ steps: [step(40), step(60, 120)] }, { steps: [step(40), step(60)] }] };
  expect(staffHeights(score as unknown as ClassScore)).toEqual({ given: 200, staves: [60, 0] });
});
