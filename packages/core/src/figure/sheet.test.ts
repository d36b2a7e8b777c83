import { library } from '../asanas/all.js';
import type { BodyAnswers } from '../body/anthropometry.js';
import { bodyOf } from '../participants/participant.js';
import { person, solver } from '../planning/adapt.fixture.js';
import { BodySolver } from '../solving/body-solver.js';
import { bestView } from './best-view.js';
import { drawFigure } from './draw.js';
import { bendsOf } from './path.fixture.js';
import type { Figure } from './shape.js';
import { figureSvg } from './sheet.js';
import { stepFigures } from './step-figure.js';

const figures = ['tadasana', 'savasana'].map((id) => drawFigure(solver.form(id).ends[0]!.solved.placed, 'side'));
const numbers = (text: string) => (text.match(/-?\d+(\.\d+)?/g) ?? []).map(Number);

test('figures stand side by side on one ground at one scale', () => {
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
  expect(svg.match(/<path/g)).toHaveLength(figures.reduce((sum, { shapes }) => sum + shapes.length, 0));
  expect(svg).toMatch(/^<svg xmlns="http:\/\/www\.w3\.org\/2000\/svg"/);
  expect(svg).not.toMatch(/href|url\(|NaN|undefined/);
});

const tonesOf = (id: string, azimuth: number) =>
  new Set(drawFigure(solver.form(id).ends[0]!.solved.placed, { azimuth, elevation: 10 }).shapes.map(({ tone }) => tone));

test('a limb is far by its distance: from the side one leg of a lunge is, from the front none is', () => {
  expect(tonesOf('tadasana', 0)).not.toContain('hairFar');
  expect(tonesOf('adho-mukha-svanasana', 0)).toContain('legFar');
  expect(tonesOf('urdhva-hastasana', 86)).not.toContain('legFar');
});

test('a turn by 5 degrees changes what a figure fills by less than a seventh', () => {
  const places = ['trikonasana', 'dhanurasana', 'chair-twist', 'savasana'].map((id) => solver.form(id).ends[0]!.solved.placed);
  for (const placed of places)
    for (const azimuth of [0, 35, 70]) {
      const widths = [0, 5].map((turn) => {
        const { left, right } = drawFigure(placed, { azimuth: azimuth + turn, elevation: 12 }).box;
        return right - left;
      });
      expect(Math.abs(widths[1]! - widths[0]!) / widths[0]!).toBeLessThan(1 / 7);
    }
});

test('one in six of the library is drawn: every figure has skin, cloth and hair, is made of numbers, and is small enough to send', () => {
  const sizes = library.asanas
    .filter((_, i) => i % 6 === 0)
    .flatMap(({ id, variations }) =>
      variations.slice(0, 1).map(() => {
        const form = solver.form(id);
        const ends = stepFigures(solver, form, 'none', bestView(form));
        const [figure] = ends;
        const tones = new Set(figure!.shapes.map(({ tone }) => tone));
        for (const tone of ['skin', 'hair', 'outline'] as const) expect([id, tone, tones.has(tone)]).toEqual([id, tone, true]);
        for (const { d } of figure!.shapes) expect(d).toMatch(/^[MqlLCaZ\d.\s-]+$/);
        // The deepest of them stands on the ground line.
        expect([id, Math.abs(Math.max(...ends.map(({ box }) => box.bottom))) < 0.01]).toEqual([id, true]);
        return figure!.shapes.reduce((sum, { d }) => sum + d.length, 0);
      }),
    );
  expect(sizes.filter((size) => size > 9_500)).toEqual([]);
  expect(sizes.sort((a, b) => a - b)[Math.floor(sizes.length / 2)]).toBeLessThan(6_000);
});

/** How far a path reaches to the right, in cm: the ends of its bends. */
const reachOf = (d: string) =>
  Math.max(
    ...bendsOf(d)
      .flat()
      .map(([, , [x]]) => x),
  );

test('a belly of 38 weeks stands out in profile by what the body is given, and a heavier trunk is deeper', () => {
  const front = (answers: BodyAnswers) => {
    const { placed } = new BodySolver(library, answers).form('tadasana').ends[0]!.solved;
    return reachOf(drawFigure(placed, 'side').shapes.find(({ tone }) => tone === 'top')!.d);
  };
  const [plain, late, heavy] = [{}, { pregnancyWeek: 38 }, { mass: 110 }].map(front) as [number, number, number];
  expect(late - plain).toBeGreaterThan(5);
  expect(late - plain).toBeLessThan(15);
  expect(heavy).toBeGreaterThan(plain + 1.5);
});

test('a headscarf takes the place of hair, close up as well, and changes nothing that is measured', () => {
  const scarfed = new BodySolver(library, { headscarf: true });
  const tones = (id: string, of: BodySolver) => {
    const form = of.form(id);
    return new Set(stepFigures(of, form, 'none', bestView(form)).flatMap(({ shapes }) => shapes.map(({ tone }) => tone)));
  };
  for (const id of ['trikonasana', 'savasana', 'ujjayi']) {
    expect([id, tones(id, scarfed).has('scarf'), tones(id, scarfed).has('hair'), tones(id, solver).has('scarf')]).toEqual([
      id,
      true,
      false,
      false,
    ]);
    expect(scarfed.form(id).ends[0]!.measured.values).toEqual(solver.form(id).ends[0]!.measured.values);
  }
});

test('whoever uses a wheelchair sits in it, with two large wheels, and any other chair stays one', () => {
  const wheeled = new BodySolver(library, bodyOf(person('wheelchair-user level=T10 adHistory=no trunkControl=3 hand=full skin=intact')));
  const seat = (of: BodySolver, id: string) => drawFigure(of.form(id).ends[0]!.solved.placed, 'side');
  const wood = ({ shapes }: Figure) => shapes.some(({ tone }) => tone === 'wood');
  expect([wood(seat(wheeled, 'chair-mountain')), wood(seat(solver, 'chair-mountain'))]).toEqual([false, true]);
  expect(wood(seat(wheeled, 'chair-dog'))).toBe(true);
  const { box } = seat(wheeled, 'chair-mountain');
  // A wheel of 61 cm stands out behind a chair of 40.
  expect(seat(solver, 'chair-mountain').box.left - box.left).toBeGreaterThan(10);
});
