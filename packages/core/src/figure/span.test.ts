import { BodySolver } from '../solving/body-solver.js';
import { library } from '../asanas/all.js';
import { figureHeight, figureSpan } from './span.js';
import { stepFigures } from './step-figure.js';

test('how wide a figure is told to be without drawing it is how wide it is drawn, within 20 cm, in 19 of 20', () => {
  const solver = new BodySolver(library);
  const off = library.asanas.flatMap(({ id, variations }) =>
    variations.slice(0, 1).flatMap(() => {
      const form = solver.form(id);
      return (['side', 'front'] as const).map((view) => {
        const boxes = stepFigures(solver, { ...form, changes: [] }, 'none', view).map(({ box }) => box);
        const drawn = Math.max(...boxes.map(({ right }) => right)) - Math.min(...boxes.map(({ left }) => left));
        return Math.abs(figureSpan(form.ends, view) - drawn);
      });
    }),
  );
  expect(off.length).toBeGreaterThan(500);
  expect(off.filter((cm) => cm > 20).length / off.length).toBeLessThan(0.05);
});

test('how high a figure is told to be is how high it is drawn, within 12 cm, in 19 of 20; a wall is left to go on', () => {
  const solver = new BodySolver(library);
  const off = library.asanas.flatMap(({ id, base, variations }) =>
    (base === 'standing-wall' ? [] : variations.slice(0, 1)).map(() => {
      const form = solver.form(id);
      const drawn = Math.max(...stepFigures(solver, { ...form, changes: [] }, 'none', 'side').map(({ box }) => -box.top));
      return Math.abs(figureHeight(form.ends) - drawn);
    }),
  );
  expect(off.length).toBeGreaterThan(250);
  expect(off.filter((cm) => cm > 12).length / off.length).toBeLessThan(0.05);
});
