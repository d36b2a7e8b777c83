import { library } from '../asanas/all.js';
import { MEASURES, type Measure } from '../body/measure.js';
import { studio } from './adapt.fixture.js';
import { factsOf, placeOf, roundedOf } from './facts.js';

const NAMES = Object.keys(MEASURES) as Measure[];

test('a measure is the same from a row that was rounded before and from what was measured', () => {
  let known = 0;
  for (const asana of library.asanas.slice(0, 60)) {
    const { ends, variation } = studio.form(asana.id);
    const facts = factsOf(ends[0]!, variation.declared);
    const { declaredRow: _, valuesRow: __, ...measured } = facts;
    for (const measure of NAMES) {
      const value = roundedOf(facts, measure, placeOf(measure));
      expect(value).toBe(roundedOf(measured, measure, placeOf(measure)));
      if (value !== undefined) known++;
    }
  }
  expect(known).toBeGreaterThan(60 * 30);
});

test('what the place adds comes first, then what is declared of the form', () => {
  const { ends, variation } = studio.form('tadasana');
  const declared = { ...variation.declared, effort: 4 as const };
  const read = (measure: Measure, here?: Partial<Record<Measure, number>>) =>
    roundedOf(factsOf(ends[0]!, declared, here), measure, placeOf(measure));
  expect(read('effort')).toBe(4);
  expect(read('effort', { effort: 2 })).toBe(2);
  expect(read('comHeight', { hold: 30.4 })).toBe(Math.round(ends[0]!.measured.values.comHeight!));
  expect(read('hold', { hold: 30.4 })).toBe(30);
  expect(read('hold')).toBeUndefined();
});
