import type { StepJson } from '@lotus-steady/core';
import type { ClassScore } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';
import type { ScoreStep } from '../../worker/score-steps.js';
import { clock, drawnAbove, layOut, staffHeights, type Column } from './layout.js';

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

const NONE = [
  [false, false],
  [false, false],
];

test('a staff is a little higher than what stands on it; one on which nothing changes has no height', () => {
  const score = { given: [step(40), step(400)], staves: [{ steps: [step(40), step(60, 120)] }, { steps: [step(40), step(60)] }] };
  expect(staffHeights(score as unknown as ClassScore, NONE)).toEqual({ given: 212, staves: [72, 0] });
});

test('what neighbouring staves share is drawn on the upper one, and the lower one needs no height for it', () => {
  const stave = (person: number, ...adapted: (number | null)[]) => ({ people: [person], steps: adapted.map((one) => step(60, one)) });
  const does = (...figures: (string | null)[]) => ({
    steps: figures.map((figure) => ({ verdict: figure ? 'modify' : 'keep', to: { figure: figure ?? 'plain' } })),
  });
  const score = {
    given: [step(40), step(40)],
    staves: [stave(0, 120, null), stave(2, 120, 80), stave(1, 120, 80)],
    answer: { participants: [does('chair', null), does('chair', 'wall'), does('chair', 'floor')] },
  } as unknown as ClassScore;
  const above = drawnAbove(score);
  expect(above).toEqual([
    [false, false],
    [true, false],
    [true, false],
  ]);
  expect(staffHeights(score, above).staves).toEqual([72, 52, 52]);
});
