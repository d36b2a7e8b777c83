import { library, Studio } from '@lotus-steady/core';
import { draw, Pictures, smallFigure, type Shown } from './pictures.js';

const studio = new Studio(library);
const shown = (asana: string, variation: string | null = null, body = studio): Shown => ({ ...body.form(asana, variation), changes: [] });

test('what looks the same keeps its key from one answer to the next; another body, side or pose has its own', () => {
  const pictures = new Pictures();
  const { key } = pictures.promise(studio, shown('vrksasana'), 'left');
  expect(pictures.promise(studio, shown('vrksasana'), 'left').key).toBe(key);
  const tall = new Studio(library, { stature: 185 });
  const others = [
    pictures.promise(studio, shown('vrksasana'), 'right'),
    pictures.promise(studio, shown('tadasana'), 'left'),
    pictures.promise(tall, shown('vrksasana', null, tall), 'left'),
  ];
  expect(new Set([key, ...others.map((one) => one.key)]).size).toBe(4);
});

test('a promised picture is drawn when it is asked for, as it would be drawn at once', () => {
  const pictures = new Pictures();
  const { key, widthCm } = pictures.promise(studio, shown('virabhadrasana-2'), 'left');
  const drawing = pictures.drawn(key);
  expect(drawing).toEqual(draw(studio, shown('virabhadrasana-2'), 'left'));
  const { box } = drawing[drawing.best][0]!;
  // The room that is kept for it is about as wide: the skin's outline is a little wider than its joints.
  expect(Math.abs(widthCm / (box.right - box.left) - 1)).toBeLessThan(0.1);
});

test('the oldest promises are forgotten, and say so', () => {
  const pictures = new Pictures(2);
  const [first, second, third] = ['tadasana', 'vrksasana', 'savasana'].map((id) => pictures.promise(studio, shown(id), 'none'));
  expect(() => pictures.drawn(first!.key)).toThrow('promised too long ago');
  for (const { key } of [second!, third!]) expect(pictures.drawn(key).side).not.toHaveLength(0);
});

test('a wide stance shows more from the front, a fold from the side', () => {
  expect(draw(studio, shown('virabhadrasana-2'), 'none').best).toBe('front');
  expect(draw(studio, shown('uttanasana'), 'none').best).toBe('side');
});

test('a movement has two figures, and is best known by where it leads', () => {
  const moving = library.asanas.flatMap(({ id, variations }) => (variations[0]?.moves ? [id] : []))[0]!;
  const drawing = draw(studio, shown(moving), 'none');
  expect(drawing.side).toHaveLength(2);
  expect(smallFigure(studio, shown(moving), 'none')).toEqual(drawing[drawing.best][1]);
});
