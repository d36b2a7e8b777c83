import { library } from '../asanas/all.js';
import { setupOf } from '../candidates/props-needed.js';
import { BodySolver } from '../solving/body-solver.js';
import { seatSetup } from './seat.js';

// How high one sits: facts of the trade (common practice, no source).
test('taller people sit higher, and so do those with stiff hips; free hips add nothing', () => {
  const height = (body: object) => seatSetup(body).seatHeight.value;
  expect(height({ stature: 185 })).toBeGreaterThan(height({ stature: 155 }));
  expect(height({ hipFlexion: 80 })).toBeGreaterThan(height({ hipFlexion: 100 }));
  expect(height({ hipFlexion: 130 })).toBe(height({}));
  expect(seatSetup({}).blankets).toMatchObject({ count: 4, each: 2.5 });
});

const seatOf = (asana: string, body: object) => {
  const solver = new BodySolver(library, body);
  const found = library.get(asana);
  const variation = found.variations.find((one) => solver.formOf(found, one).ends[0]!.solved.contacts.some(({ part, on }) => part === 'sitbone' && on.kind === 'level' && on.surface === 'blanket'))!; // prettier-ignore
  const form = solver.formOf(found, variation);
  return { item: setupOf(form.ends[0]!).find(({ trial }) => trial === 'seatHeight')!, values: form.ends[0]!.measured.values };
};

test('what was found by trial is set up, counted in blankets and sat on', () => {
  const [usual, high] = [seatOf('sukhasana', {}), seatOf('sukhasana', { seatHeight: 16 })];
  expect(usual.item.height).toBe(10);
  expect(high.item).toMatchObject({ prop: 'bolster', height: 16 });
  expect(seatOf('sukhasana', { seatHeight: 13 }).item).toMatchObject({ prop: 'blanket', count: 5, height: 13 });
  // The higher the seat, the less the hips have to bend.
  expect(high.values.hipFlexion).toBeLessThan(usual.values.hipFlexion!);
});
