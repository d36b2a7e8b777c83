import fc from 'fast-check';
import { usualStep } from '../sequence/sequence.js';
import { cache, person, plan, sequence, solver } from '../planning/adapt.fixture.js';
import { otherWays } from '../planning/adapt.js';
import { PersonPlanner } from '../planning/person-planner.js';
import { givenOf } from '../candidates/candidates.js';
import { evaluate, fitKey } from '../planning/evaluation.js';
import { fit } from '../dosing/fitting.js';
import type { Finding } from '../plan/finding.js';
import { contextKey, START, sumsKey, totalsAfter, tripTold } from '../judging/step-context.js';
import type { PersonPlan, RunningTotals } from '../plan/plan.js';
import { candidateSearchFor } from '../planning/candidate-search.js';

const TODAY = '2026-06-01';
const WHO = [
  ['seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown'],
  ['pregnancy week=30 fetuses=1 complications=none'],
  ['knee kind=oa painNow=2'],
  ['hypertension systolic=152 diastolic=95 aneurysm=no', 'glaucoma'],
].map((conditions) => new PersonPlanner(solver, person(...conditions), TODAY, cache).profile);
const FORMS = ['tadasana', 'uttanasana', 'balasana', 'setu-bandhasana', 'sukhasana', 'adho-mukha-svanasana', 'savasana'].map((id) =>
  solver.form(id),
);
const STEPS = FORMS.map(({ asana }) => usualStep(asana, ''));

const places = fc.record({
  last: fc.constantFrom(null, ...FORMS.map(({ ends }) => ends[0]!)),
  supineRun: fc.constantFrom(0, 1, 2.5, 4, 12),
  unrelievedSitting: fc.constantFrom(0, 3, 20),
  minutesHeadDown: fc.constantFrom(0, 0.5, 1.5, 6),
  floorTrips: fc.nat(6),
}) satisfies fc.Arbitrary<RunningTotals>;

test('sums that no limit tells apart change nothing of how a step is judged', () => {
  let alike = 0;
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, places, (profile, at, one, other) => {
      const step = STEPS[at]!;
      const { asana, variation, ends } = FORMS[at]!;
      const contexts = [one, { ...other, last: one.last }].map((totals) => ({ profile, step, totals }));
      const [key, otherKey] = contexts.map((context) => sumsKey(context, ends));
      if (key !== otherKey) return;
      alike++;
      const given = givenOf(asana, variation);
      // Past every bound the number of the trip is told apart from all else.
      const [first, second] = contexts.map((context) => {
        const { all, hard, chosen } = evaluate(context, given, given);
        const told = (found: readonly Finding[]) => tripTold(profile, one, found);
        return { all: told(all), hard: told(hard), chosen: { ...chosen, watch: told(chosen.watch) } };
      });
      expect(second).toEqual(first);
    }),
    { numRuns: 600 },
  );
  expect(alike).toBeGreaterThan(100);
});

test('whatever went before: what is fitted is the same where its key is', () => {
  let alike = 0;
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, places, (profile, at, one, other) => {
      const { asana, variation } = FORMS[at]!;
      const given = givenOf(asana, variation);
      const contexts = [one, other].map((totals) => ({ profile, step: STEPS[at]!, totals }));
      const [key, otherKey] = contexts.map((context) => fitKey(context, FORMS[at]!.ends, null));
      if (key !== otherKey || one.last === other.last) return;
      alike++;
      // Which trip it is, is told later.
      const told = (found: readonly Finding[]) => found.map((finding) => (finding.measure === 'floorTrips' ? finding.limit : finding));
      const [first, second] = contexts.map((context) => {
        const { broken, hard, watch, ...fitted } = fit(context, given, given, null);
        return { ...fitted, broken: told(broken), hard: told(hard), watch: told(watch) };
      });
      expect(second).toEqual(first);
    }),
    { numRuns: 600 },
  );
  expect(alike).toBeGreaterThan(100);
});

test('places that are one question for a step are one for each of its postures', () => {
  let alike = 0;
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, places, (profile, at, one, other) => {
      const contexts = [one, { ...other, last: one.last }].map((totals) => ({ profile, step: STEPS[at]!, totals }));
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
  const at = (floorTrips: number) => contextKey({ profile: senior!, step: STEPS[2]!, totals: { ...START, last: standing, floorTrips } });
  expect(at(0)).toBe(at(most - 1));
  expect(at(most)).not.toBe(at(most - 1));
});

test('trips past every bound are one question, and each is told by its own number', () => {
  const up = { asana: 'tadasana' };
  const down = { asana: 'sukhasana' };
  const given = sequence(...Array.from({ length: 7 }, () => [up, down]).flat());
  const [, expecting] = WHO;
  const at = (floorTrips: number) =>
    contextKey({ profile: expecting!, step: STEPS[2]!, totals: { ...START, last: FORMS[0]!.ends[0]!, floorTrips } });
  expect(at(6)).toBe(at(4));
  expect(at(4)).not.toBe(at(3));
  const trips = (one: PersonPlan) =>
    one.steps.flatMap(({ chosen }) => chosen!.watch.flatMap(({ measure, value, by }) => (measure === 'floorTrips' ? [[value, by]] : [])));
  const who = person('pregnancy week=30 fetuses=1 complications=none');
  expect(trips(plan(given, who))).toEqual([5, 6, 7].map((trip) => [trip, trip - 4]));
  const others = otherWays(solver, who, plan(given, who), 13, 1, { today: TODAY });
  expect(others[0]!.watch).toContainEqual(expect.objectContaining({ measure: 'floorTrips', value: 7, by: 3 }));
});

test('steps in another order come to the same sum', () => {
  const minutes = [0.1, 0.2, 0.7, 1.3];
  const dog = solver.form('adho-mukha-svanasana').ends;
  const after = (order: readonly number[]) =>
    order.reduce((totals, one) => totalsAfter(totals, dog, { seconds: one * 60, holdSeconds: 0, repSeconds: null }), START);
  expect(after([...minutes].reverse()).minutesHeadDown).toBe(after(minutes).minutesHeadDown);
});

test('no way costs less than what is known of it before it is judged', () => {
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), places, (profile, at, totals) => {
      const here = candidateSearchFor(profile, FORMS[at]!).here({ profile, step: STEPS[at]!, totals });
      for (let place = 0; place < 25; place++) {
        const bounded = here.at(place, 30);
        if (!bounded) return;
        const chosen = here.safe(place, bounded);
        if (chosen) expect(here.least(place, bounded)).toBeLessThanOrEqual(chosen.cost + 1e-9);
      }
    }),
    { numRuns: 60 },
  );
});

test('what a form costs at the least is the same at whatever place it is looked at', () => {
  fc.assert(
    fc.property(fc.constantFrom(...WHO), fc.nat(STEPS.length - 1), fc.array(places, { minLength: 2, maxLength: 4 }), (profile, at, all) => {
      const search = candidateSearchFor(profile, FORMS[at]!);
      for (let place = 0; place < 12; place++) {
        const bounded = search.at(place, 30);
        if (!bounded) return;
        const { candidate } = bounded;
        const floors = all.map((totals) => evaluate({ profile, step: STEPS[at]!, totals }, candidate, search.given).chosen.minCost);
        for (const floor of floors) expect(floor).toBeCloseTo(search.minCostOf(STEPS[at]!, candidate), 9);
      }
    }),
    { numRuns: 40 },
  );
});
