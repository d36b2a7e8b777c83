import { person, plan, sequence, solver } from '../planning/adapt.fixture.js';
import { ON_THE_WAY, roundMeasure, type OnTheWay } from '../body/measure.js';
import { measureIndex } from '../solving/facts.js';
import { keepsWithin, passageInto, passageOf, passageOnward, passedRow, type Passage } from './passage.js';

/** Lowest and highest values by name. */
function extremes({ least, most }: Passage) {
  const byName = (values: readonly number[]) =>
    Object.fromEntries(ON_THE_WAY.map((measure, place) => [measure, values[place]])) as Record<OnTheWay, number>;
  return { least: byName(least), most: byName(most) };
}

const end = (id: string, variation: string | null = null) => solver.form(id, variation).ends[0]!;
const standing = end('tadasana');
const lying = end('makarasana');

test('a fold down passes through the fold: rounder and lower than either end', () => {
  const { most } = extremes(passageOf(solver, standing, lying, 'fold-down'));
  const fold = end('uttanasana').measured.values;
  expect(most.lumbarFlexion).toBeCloseTo(fold.lumbarFlexion!, 0);
  expect(most.headBelowHeart).toBeGreaterThanOrEqual(fold.headBelowHeart! - 1);
  expect(most.lumbarFlexion).toBeGreaterThan(Math.max(standing.measured.values.lumbarFlexion!, lying.measured.values.lumbarFlexion!));
});

test('a split squat keeps the back long and the head up', () => {
  const { most } = extremes(passageOf(solver, standing, lying, 'split-squat'));
  expect(most.lumbarFlexion).toBeLessThan(15);
  expect(most.headBelowHeart).toBeLessThan(10);
  expect(most.kneeFlexion).toBeGreaterThan(70);
});

test('sitting straight up from the back works the belly wall and rounds; over the side doesn’t', () => {
  const [flat, seat] = [end('savasana'), end('sukhasana')];
  const up = extremes(passageOf(solver, flat, seat, 'sit-up'));
  const over = extremes(passageOf(solver, flat, seat, 'roll-to-side'));
  expect(up.most.lumbarFlexion).toBeGreaterThanOrEqual(over.most.lumbarFlexion! - 5);
  expect(over.most.spineRotation).toBeLessThan(30);
});

test('on a way that leads through nothing else, nothing is passed beyond its ends', () => {
  const [from, to] = [standing, end('urdhva-hastasana')];
  const { most, least } = extremes(passageOf(solver, from, to, 'step-back'));
  for (const measure of ['lumbarFlexion', 'thoracicFlexion', 'hipFlexion'] as const) {
    const ends = [from, to].map(({ measured }) => measured.values[measure]!);
    expect(most[measure]).toBeLessThanOrEqual(Math.max(...ends) + 0.01);
    expect(least[measure]).toBeGreaterThanOrEqual(Math.min(...ends) - 0.01);
  }
});

test('the way back is the way there', () => {
  const there = extremes(passageOf(solver, standing, lying, 'fold-down'));
  const back = extremes(passageOf(solver, lying, standing, 'fold-up'));
  expect(back.most.lumbarFlexion).toBeCloseTo(there.most.lumbarFlexion!, 0);
});

test('what is passed through is told to a degree, by its measure', () => {
  const { most } = passageOf(solver, standing, lying, 'squat-down');
  const row = passedRow(most);
  for (const [place, measure] of ON_THE_WAY.entries()) expect(row[measureIndex(measure)]).toBe(roundMeasure(measure, most[place]!));
  expect(row[measureIndex('hold')]).toBeNaN();
});

test('a way keeps within bounds that it just reaches, and not within nearer ones', () => {
  const passage = passageOf(solver, standing, lying, 'squat-down');
  const knee = Math.round(extremes(passage).most.kneeFlexion);
  const bound = (most: number) => [{ measure: 'kneeFlexion', least: -Infinity, most }] as const;
  expect(keepsWithin(passage, bound(knee))).toBe(true);
  expect(keepsWithin(passage, bound(knee - 1))).toBe(false);
  expect(keepsWithin(passage, [{ measure: 'kneeFlexion', least: knee, most: Infinity }])).toBe(false);
});

test('a way keeps within bounds where both of its parts do', () => {
  const [flat, seat] = [end('savasana'), end('sukhasana')];
  const ways = [[standing, lying, 'fold-down'], [standing, lying, 'squat-down'], [flat, seat, 'sit-up'], [flat, seat, 'roll-to-side']] as const; // prettier-ignore
  const seen = new Set<string>();
  for (const [from, to, way] of ways) {
    const parts = [passageInto(solver, from, way), passageOnward(solver, way, to)];
    const whole = passageOf(solver, from, to, way);
    for (const measure of ON_THE_WAY)
      for (const most of [0, 5, 15, 30, 60, 90, 120]) {
        const bounds = [{ measure, least: -Infinity, most }];
        const kept = parts.map((part) => keepsWithin(part, bounds));
        expect(keepsWithin(whole, bounds)).toBe(kept.every(Boolean));
        seen.add(kept.join());
      }
  }
  expect(seen.size).toBe(4);
});

test('a barred way is replaced, and the pose at its end stays', () => {
  const { steps } = plan(sequence({ asana: 'tadasana' }, { asana: 'sphinx' }), person('lumbar-disc phase=acute surgery=none'));
  expect(steps[1]!.chosen).toMatchObject({ ways: ['split-squat'] });
  expect(steps[1]!.chosen!.asana.id).toBe('sphinx');
});
