import fc from 'fast-check';
import { usualStep } from '../sequence/sequence.js';
import { person, studio } from './adapt.fixture.js';
import { Walker } from './adapt.js';
import { givenOf } from './candidates.js';
import { Evaluation } from './evaluation.js';
import { contextKey, START, sumsKey, tallyAfter } from './place.js';
import type { Tally } from './plan.js';
import { prospectsOf } from './prospects.js';

const WHO = [
  ['seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown'],
  ['pregnancy week=30 fetuses=1 complications=none'],
  ['knee kind=oa painNow=2'],
  ['hypertension systolic=152 diastolic=95 aneurysm=no', 'glaucoma'],
].map((conditions) => new Walker(studio, person(...conditions), '2026-06-01').who);
const FORMS = ['tadasana', 'uttanasana', 'balasana', 'setu-bandhasana', 'sukhasana', 'adho-mukha-svanasana', 'savasana'].map((id) =>
  studio.form(id),
);
const STEPS = FORMS.map(({ asana }) => usualStep(asana, ''));

const places = fc.record({
  last: fc.constantFrom(null, ...FORMS.map(({ ends }) => ends[0]!)),
  supineRun: fc.constantFrom(0, 1, 2.5, 4, 12),
  sittingRun: fc.constantFrom(0, 3, 20),
  headDown: fc.constantFrom(0, 0.5, 1.5, 6),
  floorTrips: fc.nat(6),
}) satisfies fc.Arbitrary<Tally>;

test('sums that no limit tells apart change nothing of how a step is judged', () => {
  let alike = 0;
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, places, (who, at, one, other) => {
      const step = STEPS[at]!;
      const { asana, variation, ends } = FORMS[at]!;
      const contexts = [one, { ...other, last: one.last }].map((tally) => ({ who, step, tally }));
      const [key, otherKey] = contexts.map((context) => sumsKey(context, ends));
      if (key !== otherKey) return;
      alike++;
      const given = givenOf(asana, variation);
      const [first, second] = contexts.map((context) => new Evaluation(context, given, given).run());
      expect(second).toEqual(first);
    }),
    { numRuns: 600 },
  );
  expect(alike).toBeGreaterThan(100);
});

test('places that are one question for a step are one for each of its postures', () => {
  let alike = 0;
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, places, (who, at, one, other) => {
      const contexts = [one, { ...other, last: one.last }].map((tally) => ({ who, step: STEPS[at]!, tally }));
      const [key, otherKey] = contexts.map(contextKey);
      if (key !== otherKey) return;
      alike++;
      const [first, second] = contexts.map((context) => sumsKey(context, FORMS[at]!.ends));
      expect(second).toBe(first);
    }),
    { numRuns: 600 },
  );
  expect(alike).toBeGreaterThan(50);
});

test('the first trips to the floor are alike, those at a bound are not', () => {
  const [senior] = WHO;
  const most = Math.min(...senior!.limits.flatMap(({ spec }) => (spec.measure === 'floorTrips' && 'atMost' in spec.bound ? [spec.bound.atMost] : []))); // prettier-ignore
  expect(most).toBeGreaterThan(0);
  const standing = FORMS[0]!.ends[0]!;
  const at = (floorTrips: number) => contextKey({ who: senior!, step: STEPS[2]!, tally: { ...START, last: standing, floorTrips } });
  expect(at(0)).toBe(at(most - 1));
  expect(at(most)).not.toBe(at(most - 1));
});

test('steps in another order come to the same sum', () => {
  const minutes = [0.1, 0.2, 0.7, 1.3];
  const dog = studio.form('adho-mukha-svanasana').ends;
  const after = (order: readonly number[]) =>
    order.reduce((tally, one) => tallyAfter(tally, dog, { seconds: one * 60, holdSeconds: 0, repSeconds: null }), START);
  expect(after([...minutes].reverse()).headDown).toBe(after(minutes).headDown);
});

test('no way costs less than what is known of it before it is judged', () => {
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, (who, at, tally) => {
      const here = prospectsOf(who, FORMS[at]!).here({ who, step: STEPS[at]!, tally });
      for (let place = 0; place < 25; place++) {
        const prospect = here.at(place, 30);
        if (!prospect) return;
        const chosen = here.safe(place, prospect);
        if (chosen) expect(here.least(place, prospect)).toBeLessThanOrEqual(chosen.cost + 1e-9);
      }
    }),
    { numRuns: 60 },
  );
});
