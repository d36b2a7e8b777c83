import fc from 'fast-check';
import { solver } from '../planning/adapt.fixture.js';
import { breathCurve, breathWidth } from './breath-curve.js';
import { bestView } from './best-view.js';
import { stepFigures } from './step-figure.js';

/** The pieces of the added line: how far each goes on and how far it rises. */
function piecesOf(d: string): { long: number; rise: number }[] {
  return [...d.matchAll(/l(-?[\d.]+) (-?[\d.]+)/g)].map(([, long, down]) => ({ long: Number(long), rise: -Number(down) }));
}

test('a breath comes back to where it began, and each phase is as long as it lasts', () => {
  const seconds = fc.integer({ min: 1, max: 8 });
  fc.assert(
    fc.property(seconds, fc.integer({ min: 0, max: 8 }), seconds, fc.integer({ min: 0, max: 8 }), (inhale, pauseIn, out, pauseOut) => {
      const pattern = { in: inhale, pauseIn, out, pauseOut };
      const pieces = piecesOf(breathCurve(pattern, 10, 0)!.d);
      expect(pieces.reduce((sum, { rise }) => sum + rise, 0)).toBeCloseTo(0, 6);
      const phases = [inhale, pauseIn, out, pauseOut].filter((time) => time > 0);
      expect(pieces.length % phases.length).toBe(0);
      pieces.forEach(({ long }, i) => expect(long / pieces[0]!.long).toBeCloseTo(phases[i % phases.length]! / inhale, 1));
      expect(pieces.reduce((sum, { long }) => sum + long, 0)).toBeCloseTo(breathWidth(pattern), 0);
    }),
  );
});

test('breaths on the same seat are told apart by their curve; a posture has none', () => {
  const curves = ['box-breath', 'extended-exhale', 'coherent-breath', 'kapalabhati', 'ujjayi'].map((id) => {
    const form = solver.form(id);
    return stepFigures(solver, form, 'none', bestView(form))[0]!
      .shapes.at(-1)!
      .d.replace(/^M[^l]*/, '');
  });
  expect(new Set(curves).size).toBe(curves.length);
  const still = solver.form('chair-mountain');
  const [posture] = stepFigures(solver, still, 'none', 'side');
  expect(piecesOf(posture!.shapes.at(-1)!.d).filter(({ rise }) => Math.abs(rise) === 18)).toEqual([]);
});
