import fc from 'fast-check';
import { anybody } from '../participants/participant.js';
import { plan, sequence } from '../planning/adapt.fixture.js';
import { sayInEnglish } from '../messages/message.js';
import { classSeconds, shortenToFit } from './fit-time.js';

const given = sequence(
  { asana: 'tadasana', dose: { breaths: 10 } },
  { asana: 'virabhadrasana-2', side: 'both', dose: { seconds: 60 } },
  { asana: 'marjaryasana', dose: { repetitions: 12 } },
  { asana: 'savasana', dose: { minutes: 8 } },
);
const quick = { steps: plan(given, anybody('quick')).steps, breathSeconds: 5 };
const slow = { steps: plan(given, { ...anybody('slow'), breathSeconds: 8 }).steps, breathSeconds: 8 };
const restOf = ({ steps }: typeof quick) => steps.at(-1)!.chosen!.timed.seconds;
/** As short as it gets. */
const LEAST = classSeconds(shortenToFit([quick, slow], 0));

test('everybody waits for the longest in each step', () => {
  expect(classSeconds([quick])).toBe(quick.steps.reduce((sum, { seconds }) => sum + seconds, 0));
  expect(classSeconds([quick, slow])).toBe(classSeconds([slow]));
  expect(classSeconds([])).toBe(0);
});

test('a class that fits is left as it is', () => {
  expect(shortenToFit([quick, slow], classSeconds([quick, slow]))).toEqual([quick, slow]);
});

test('a class fits whatever minutes there are, down to its least; the rest goes last and keeps five minutes', () => {
  fc.assert(
    fc.property(fc.integer({ min: 0, max: 1200 }), (seconds) => {
      const fitted = shortenToFit([quick, slow], seconds);
      expect(classSeconds(fitted)).toBeLessThanOrEqual(Math.max(seconds, LEAST));
      for (const [i, one] of fitted.entries()) {
        const before = [quick, slow][i]!;
        expect(restOf(one)).toBeGreaterThanOrEqual(300);
        // While anything else can still give, the rest is whole.
        if (restOf(one) < restOf(before)) {
          const shares = one.steps.slice(0, -1).map(({ chosen }, k) => chosen!.timed.seconds / before.steps[k]!.chosen!.timed.seconds);
          for (const share of shares) expect(share).toBeLessThan(0.7);
        }
        // No dose is cut below half, but for whole breaths and five seconds.
        for (const [k, { chosen }] of one.steps.slice(0, -1).entries())
          expect(chosen!.timed.seconds).toBeGreaterThanOrEqual(0.4 * before.steps[k]!.chosen!.timed.seconds);
      }
    }),
    { numRuns: 40 },
  );
});

test('what was said of a dose goes with the dose', () => {
  const limit = { measure: 'hold', bound: '<= 30', grade: 'modify', reason: 'r', by: 'b' } as const;
  const { steps } = plan(given, { ...anybody('p'), ownLimits: [limit] });
  const said = (list: typeof steps) => list[1]!.chosen!.changes.map(sayInEnglish).join();
  expect(said(steps)).toMatch(/hold 30 s/);
  const [fitted] = shortenToFit([{ steps, breathSeconds: 5 }], 300);
  expect(said(fitted!.steps)).not.toMatch(/hold/);
  expect(fitted!.steps[1]!.chosen!.timed.holdSeconds).toBeLessThan(30);
});
