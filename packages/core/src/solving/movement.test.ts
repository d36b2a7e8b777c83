import { library } from '../asanas/all.js';
import { BodySolver } from './body-solver.js';
import { secondsAtMost, speedsOf, sweepOf } from './movement.js';

const solver = new BodySolver(library, {});
const endsOf = (asana: string) => solver.form(asana).ends;

test('a cat-cow moves the low back and the neck, a hold of one end nothing but the way to it', () => {
  const { neck, lowBack, loadedKnee } = sweepOf(endsOf('marjaryasana'));
  // Ranges of the trade: 27 to 64 degrees of the low back, 23 to 72 of the neck (common practice, no source).
  expect(lowBack).toBeGreaterThanOrEqual(27);
  expect(lowBack).toBeLessThanOrEqual(64);
  expect(neck).toBeGreaterThanOrEqual(23);
  expect(neck).toBeLessThanOrEqual(72);
  expect(loadedKnee).toBeLessThan(10);
});

test('rising from a chair bends the knees under load by about a right angle', () => {
  const { loadedKnee } = sweepOf(endsOf('sit-to-stand'));
  expect(loadedKnee).toBeGreaterThan(70);
  expect(loadedKnee).toBeLessThan(110);
});

test('reversed it is as far, in half the time twice as fast, and held it has no speed', () => {
  const ends = endsOf('marjaryasana');
  const sweep = sweepOf(ends);
  expect(sweepOf([...ends].reverse())).toEqual(sweep);
  expect(speedsOf(sweep, 2).lumbarSpeed).toBeCloseTo(2 * speedsOf(sweep, 4).lumbarSpeed);
  expect(speedsOf(sweep, Infinity)).toEqual({ neckSpeed: 0, lumbarSpeed: 0, kneeSpeedLoaded: 0 });
  expect(speedsOf(sweep, secondsAtMost(sweep.lowBack, 12)).lumbarSpeed).toBeCloseTo(12);
});

test('what is led round counts where the ends don’t tell it', () => {
  expect(sweepOf(endsOf('chair-head-circles'), 90).neck).toBe(90);
});
