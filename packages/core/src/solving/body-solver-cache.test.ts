import { library } from '../asanas/all.js';
import { BodySolverCache } from './body-solver-cache.js';

test('a body stays as long as it is among the last that were asked for', () => {
  const solvers = new BodySolverCache(library, 2);
  const tall = solvers.of({ stature: 190 });
  const short = solvers.of({ stature: 150 });
  expect(solvers.of({ stature: 190 })).toBe(tall);
  solvers.of({ stature: 170 });
  // The tall one was asked for after the short one, so the short one made room.
  expect(solvers.of({ stature: 190 })).toBe(tall);
  expect(solvers.of({ stature: 150 })).not.toBe(short);
});
