import type { Score } from '../../worker/answers.js';
import type { Picture } from '../../worker/figure-cache.js';
import type { ScoreStep } from '../../worker/score-steps.js';
import { clock, layOut, SCALE } from './layout.js';

function step(width: number, adapted: number | null = null): ScoreStep {
  const picture = (widthCm: number): Picture => ({ key: `${widthCm}`, widthCm });
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
function score(steps: readonly ScoreStep[], seconds: readonly number[], sections: readonly string[] = []): Score {
  const planned = steps.map((_, i) => ({ seconds: seconds[i], section: sections[i] ?? '' }));
  return { answer: { participants: [{ steps: planned }] } as unknown as Score['answer'], steps };
}

test('a column holds its widest figure, given or adapted', () => {
  const [narrow, lying, adapted] = layOut(score([step(40), step(180), step(40, 200)], [10, 10, 10]));
  expect(narrow!.width).toBe(108);
  expect(lying!.width).toBeGreaterThanOrEqual(180 * SCALE);
  expect(adapted!.width).toBeGreaterThanOrEqual(200 * SCALE);
});

test('what takes longer is wider, up to a bound', () => {
  const widths = layOut(score([step(40), step(40), step(40), step(40)], [30, 120, 300, 3000])).map(({ width }) => width);
  expect(widths[1]).toBeGreaterThan(widths[0]!);
  expect(widths[2]).toBeGreaterThan(widths[1]!);
  expect(widths[3]).toBe(widths[2]);
});

test('time runs on, and a section is named where it begins', () => {
  const columns = layOut(score([step(40), step(40), step(40)], [30, 60, 5], ['Warm', 'Warm', 'Rest']));
  expect(columns.map(({ startsAt }) => startsAt)).toEqual([0, 30, 90]);
  expect(columns.map(({ section }) => section)).toEqual(['Warm', null, 'Rest']);
});

test.each([
  [0, '0:00'],
  [9.6, '0:10'],
  [75, '1:15'],
  [3600, '60:00'],
])('%d seconds are %s', (seconds, text) => expect(clock(seconds)).toBe(text));
