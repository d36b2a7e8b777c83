import { library } from '../asanas/all.js';
import { BodySolver } from '../solving/body-solver.js';
import { bestView } from './best-view.js';
import { figureSize } from './figure-size.js';
import type { Figure } from './shape.js';
import { stepFigures } from './step-figure.js';

const solver = new BodySolver(library);
const drawn = (id: string) => {
  const form = solver.form(id);
  return stepFigures(solver, form, 'none', bestView(form));
};
const arrowOf = ({ shapes }: Figure) => shapes.filter(({ tone }) => tone === 'path');
const pointsOf = (d: string) => [...d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g)].map(([, u, v]) => [Number(u), Number(v)] as const);

test('a movement has one arrow, in its second figure, inside what the figure fills', () => {
  for (const id of ['roll-down', 'straight-leg-raise', 'arm-circles', 'chopping-wood']) {
    const [first, second] = drawn(id);
    expect(arrowOf(first!)).toEqual([]);
    const [arrow, ...more] = arrowOf(second!);
    expect(more).toEqual([]);
    for (const [u, v] of pointsOf(arrow!.d)) {
      expect(u).toBeGreaterThan(second!.box.left - 8);
      expect(u).toBeLessThan(second!.box.right + 8);
      expect(v).toBeGreaterThan(second!.box.top - 8);
    }
  }
});

test('what stays has none', () => {
  for (const id of ['tadasana', 'savasana', 'virabhadrasana-2']) for (const figure of drawn(id)) expect(arrowOf(figure)).toEqual([]);
});

test('it goes the way that the movement goes', () => {
  const ends = (id: string) => {
    const points = pointsOf(arrowOf(drawn(id)[1]!)[0]!.d);
    // The last three points are the arrow's head, its tip in the middle.
    return { from: points[0]!, to: points.at(-2)! };
  };
  const down = ends('roll-down');
  expect(down.to[1]).toBeGreaterThan(down.from[1] + 20);
  const lowered = ends('chopping-wood');
  expect(lowered.to[1]).toBeGreaterThan(lowered.from[1] + 20);
});

test('the room that a score keeps holds the arrows of all movements, but for a little', () => {
  const beyond = library.asanas.flatMap(({ id, variations }) => {
    if (!variations[0]?.moves) return [];
    const form = solver.form(id);
    const view = bestView(form);
    const { widthCm, heightCm } = figureSize(form, view);
    const second = stepFigures(solver, form, 'none', view)[1]!;
    const isAtWall = form.ends.some(({ solved }) => solved.contacts.some(({ on }) => on.kind === 'wall'));
    const own = second.box.right - second.box.left > widthCm + 18 || (!isAtWall && -second.box.top > heightCm + 12);
    return own
      ? [
          `${id}: ${(second.box.right - second.box.left).toFixed(0)} of ${widthCm.toFixed(0)}, ${(-second.box.top).toFixed(0)} of ${heightCm.toFixed(0)}`,
        ]
      : [];
  });
  expect(beyond).toEqual([]);
});
