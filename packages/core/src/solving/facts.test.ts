import { library } from '../asanas/all.js';
import { MEASURES, roundMeasure, type Measure } from '../body/measure.js';
import { BodySolver } from './body-solver.js';
import { declaredFacts, declaredValues, factsFrom, factsOf, measureIndex, rowOf, valueAt, type Values } from './facts.js';

const solver = new BodySolver(library);
const NAMES = Object.keys(MEASURES) as Measure[];

test('a measure of a posture in a form is what was declared of it or what was measured, as it is set against bounds', () => {
  let known = 0;
  for (const asana of library.asanas.slice(0, 60)) {
    const { ends, variation } = solver.form(asana.id);
    const facts = factsOf(ends[0]!, variation.declared);
    const values = { ...ends[0]!.measured.values, ...declaredValues(variation.declared) };
    for (const measure of NAMES) {
      const raw = values[measure];
      expect(valueAt(facts, measureIndex(measure))).toBe(raw === undefined ? NaN : roundMeasure(measure, raw));
      if (raw !== undefined) known++;
    }
  }
  expect(known).toBeGreaterThan(60 * 30);
});

test('what the place adds comes first, then what is declared of the form', () => {
  const { ends, variation } = solver.form('tadasana');
  const declared = { ...variation.declared, effort: 4 as const };
  const read = (measure: Measure, here: Values = {}) => valueAt(factsOf(ends[0]!, declared, rowOf(here)), measureIndex(measure));
  expect(read('effort')).toBe(4);
  expect(read('effort', { effort: 2 })).toBe(2);
  expect(read('comHeight', { hold: 30.4 })).toBe(Math.round(ends[0]!.measured.values.comHeight!));
  expect(read('hold', { hold: 30.4 })).toBe(30);
  expect(read('hold')).toBeNaN();
  expect(valueAt(declaredFacts(declared), measureIndex('effort'))).toBe(4);
});

test('of numbers alone nothing is known of facing or standing', () => {
  expect(factsFrom({ hold: 20 })).toMatchObject({ facing: null, standing: false });
});
