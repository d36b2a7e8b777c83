import { bestFigures, library, BodySolver } from '@lotus-steady/core';
import { drawPair, FigureCache, smallFigure, type Shown } from './figure-cache.js';

const solver = new BodySolver(library);
const shown = (asana: string, variation: string | null = null, body = solver): Shown => body.form(asana, variation);

test('what looks the same keeps its key from one answer to the next; another body, side or pose has its own', () => {
  const pictures = new FigureCache();
  const { key } = pictures.promise(solver, shown('vrksasana'), 'left');
  expect(pictures.promise(solver, shown('vrksasana'), 'left').key).toBe(key);
  const tall = new BodySolver(library, { stature: 185 });
  const others = [
    pictures.promise(solver, shown('vrksasana'), 'right'),
    pictures.promise(solver, shown('tadasana'), 'left'),
    pictures.promise(tall, shown('vrksasana', null, tall), 'left'),
  ];
  expect(new Set([key, ...others.map((one) => one.key)]).size).toBe(4);
});

test('a promised picture is drawn when it is asked for, as it would be drawn at once', () => {
  const pictures = new FigureCache();
  const { key, widthCm } = pictures.promise(solver, shown('virabhadrasana-2'), 'left');
  const drawing = pictures.drawn(key);
  expect(drawing).toEqual(bestFigures(solver, shown('virabhadrasana-2'), 'left'));
  const { box } = drawing[0]!;
  // The room that is kept for it is about as wide.
  expect(Math.abs(widthCm / (box.right - box.left) - 1)).toBeLessThan(0.1);
});

test('the oldest promises are forgotten, and say so', () => {
  const pictures = new FigureCache(2);
  const [first, second, third] = ['tadasana', 'vrksasana', 'savasana'].map((id) => pictures.promise(solver, shown(id), 'none'));
  expect(() => pictures.drawn(first!.key)).toThrow('promised too long ago');
  for (const { key } of [second!, third!]) expect(pictures.drawn(key)).not.toHaveLength(0);
});

test('the two sides of a pair lie apart', () => {
  const { best, other } = drawPair(solver, shown('trikonasana'), 'none');
  expect(Math.abs(best[0]!.eye.azimuth - other[0]!.eye.azimuth)).toBeGreaterThan(30);
});

test('a movement has two figures, and is best known by where it leads', () => {
  const moving = library.asanas.flatMap(({ id, variations }) => (variations[0]?.moves ? [id] : []))[0]!;
  const drawing = bestFigures(solver, shown(moving), 'none');
  expect(drawing).toHaveLength(2);
  expect(smallFigure(solver, shown(moving), 'none')).toEqual(drawing[1]);
});
