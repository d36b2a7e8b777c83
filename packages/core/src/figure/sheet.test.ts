import { solver } from '../planning/adapt.fixture.js';
import { drawFigure } from './draw.js';
import { figureSvg } from './sheet.js';

const figures = ['tadasana', 'savasana'].map((id) => drawFigure(solver.form(id).ends[0]!.solved.placed, 'side'));
const numbers = (text: string) => (text.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

test('figures stand side by side on one ground line at one scale', () => {
  const svg = figureSvg(figures);
  const [left, top, width, height] = numbers(/viewBox="([^"]*)"/.exec(svg)![1]!) as [number, number, number, number];
  const widths = figures.map(({ box }) => box.right - box.left);
  expect(left).toBe(0);
  expect(width).toBeCloseTo(8 + widths[0]! + 16 + widths[1]! + 8, 0);
  // Room above the tallest, and a little below the ground.
  expect(top).toBeCloseTo(Math.min(...figures.map(({ box }) => box.top)) - 8, 0);
  expect(top + height).toBeCloseTo(6, 0);
  const shifts = [...svg.matchAll(/translate\(([^)]*)\)/g)].map(([, by]) => numbers(by!)[0]!);
  expect(shifts[0]! + figures[0]!.box.left).toBeCloseTo(8, 0);
  expect(shifts[1]! + figures[1]!.box.left).toBeCloseTo(8 + widths[0]! + 16, 0);
});

test('a picture holds every shape and needs nothing from elsewhere', () => {
  const svg = figureSvg(figures, 30);
  expect(svg.match(/<path/g)).toHaveLength(1 + figures.reduce((sum, { shapes }) => sum + shapes.length, 0));
  expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  expect(svg).not.toMatch(/href|url\(|NaN|undefined/);
});
