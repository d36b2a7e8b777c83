import { DETAILS, type Detail } from '../asanas/asana.js';
import { library } from '../asanas/all.js';
import { solver } from '../planning/adapt.fixture.js';
import { bestView } from './best-view.js';
import { roomForCloseUp } from './close-up.js';
import { DETAIL_SHAPES } from './detail-shapes.js';
import { drawFigure } from './draw.js';
import { figureSize } from './figure-size.js';
import { stepFigures } from './step-figure.js';

test('every detail is drawn inside its circle, by commands that can be scaled, and belongs to an asana', () => {
  for (const detail of DETAILS)
    for (const { d } of DETAIL_SHAPES[detail]) {
      expect([detail, d]).toEqual([detail, expect.stringMatching(/^(?:[MLC](?:-?[\d.]+ -?[\d.]+ ?)+|Z)+$/)]);
      // The handles of a curve stand out a little where the curve itself does not.
      for (const [, x, y] of d.matchAll(/(-?[\d.]+) (-?[\d.]+)/g))
        expect([detail, Math.hypot(Number(x) - 50, Number(y) - 50) < 55]).toEqual([detail, true]);
    }
  const shown = new Set(library.asanas.flatMap(({ variations }) => variations.map(({ detail }) => detail)));
  expect(DETAILS.filter((detail) => !shown.has(detail))).toEqual([]);
});

test('what is breathed on one seat is told apart by its close-up or the line of its breath', () => {
  const seat = solver.form('chair-mountain').ends[0]!.solved.placed;
  const plain = drawFigure(seat, 'side').shapes.length;
  const seats = library.asanas.flatMap(({ id, variations: [plainForm] }) => (plainForm && plainForm.pattern ? [id] : []));
  expect(seats.length).toBeGreaterThan(25);
  const added = seats.map((id) => {
    const form = solver.form(id);
    const { shapes } = stepFigures(solver, form, 'none', bestView(form)).at(-1)!;
    expect([id, shapes.length > plain]).toEqual([id, true]);
    const from = shapes.findIndex(({ tone, width }) => tone === 'beside' && width === 0.7);
    return shapes.slice(from).map(({ d }) => d).join(); // prettier-ignore
  });
  expect(added.filter((one, i) => added.indexOf(one) !== i)).toEqual([]);
});

/** Common practice, no source: what each of these is taught by. */
test.each<[string, Detail]>([['chandra-bhedana', 'nostril-left'], ['surya-bhedana', 'nostril-right'], ['sitali', 'tongue'], ['pursed-lip-breath', 'lips'], ['balloon-breath', 'belly'], ['trataka', 'gaze'], ['chair-chin-tuck', 'chin']])(
  '%s shows %s',
  (id, detail) => expect(library.get(id).variations[0]!.detail).toBe(detail),
); // prettier-ignore

test('whoever lies has their close-up above them, whoever sits beside them, and the figure knows its size', () => {
  const size = (id: string) => {
    const form = solver.form(id);
    const view = bestView(form);
    const bare = drawFigure(form.ends[0]!.solved.placed, view).box;
    const { box } = stepFigures(solver, form, 'none', view).at(-1)!;
    const told = figureSize(form, view);
    const room = roomForCloseUp(form.variation, form.ends.at(-1)!.solved.placed);
    return { wider: box.right - box.left - (bare.right - bare.left), higher: bare.top - box.top, told, room, box };
  };
  const lying = size('balloon-breath');
  expect(lying.wider).toBe(0);
  expect(lying.higher).toBeCloseTo(lying.room.above, 5);
  const sitting = size('ujjayi');
  expect(sitting.wider).toBeCloseTo(sitting.room.beside, 5);
  expect(sitting.higher).toBe(0);
  for (const { told, box } of [lying, sitting]) {
    expect(Math.abs(told.heightCm - (box.bottom - box.top)) / told.heightCm).toBeLessThan(0.25);
    expect(Math.abs(told.widthCm - (box.right - box.left)) / told.widthCm).toBeLessThan(0.25);
  }
});
