import { sayInEnglish } from '../messages/message.js';
import loadHighs from 'highs';
import { library } from '../asanas/all.js';
import { usualStep, type Step } from '../sequence/sequence.js';
import { cache, person, plan, sequence, solver } from '../planning/adapt.fixture.js';
import { PersonPlanner } from './person-planner.js';
import { bestPath } from '../planning/best-path.js';
import { SIT_OUT } from '../plan/cost.js';
import { START, totalsAfter } from '../judging/step-context.js';
import type { RunningTotals } from '../plan/plan.js';
import { allWays, asProgram } from '../planning/all-ways.fixture.js';
import { safeWays } from './search.js';
import type { JudgingProfile } from '../judging/judging-profile.js';

const TODAY = '2026-06-01';
const PEOPLE = [
  ['pregnancy week=30 fetuses=1 complications=none', 'glaucoma'],
  ['hypertension systolic=152 diastolic=95 aneurysm=no'],
  ['osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1'],
  ['knee kind=oa painNow=2', 'reflux symptomsToday=1 minutesSinceMeal=240'],
];
const whoIs = (conditions: readonly string[]): JudgingProfile => new PersonPlanner(solver, person(...conditions), TODAY, cache).profile;
const stepsOf = (...ids: readonly string[]): Step[] => ids.map((id) => usualStep(library.get(id), ''));

/** Steps that stand, kneel, lie and turn upside down, in an order that makes getting from one to the next matter. */
const CLASSES = [
  ['balasana', 'tadasana', 'constructive-rest'],
  ['uttanasana', 'bhujangasana', 'anuvittasana'],
  ['savasana', 'marjaryasana', 'vrksasana'],
  ['setu-bandhasana', 'virabhadrasana-2', 'paschimottanasana'],
];

test('the way through a class costs what a general solver finds over all ways', async () => {
  const highs = await loadHighs();
  for (const conditions of PEOPLE)
    for (const ids of CLASSES) {
      const profile = whoIs(conditions);
      const steps = stepsOf(...ids);
      const { cost, bound } = bestPath(profile, steps);
      // No single step of a better way costs more than the whole of it.
      const theirs = highs.solve(asProgram([allWays(profile, steps, cost + 1e-6)], null));
      expect({ ids, cost: theirs.ObjectiveValue }).toEqual({ ids, cost: expect.closeTo(cost, 5) });
      expect(bound).toBeLessThanOrEqual(cost + 1e-9);
    }
});

test('it is never dearer than going from step to step, and proven where it says so', () => {
  for (const conditions of PEOPLE) {
    const profile = whoIs(conditions);
    const steps = CLASSES.flat().map((id) => usualStep(library.get(id), ''));
    let totals: RunningTotals = START;
    let greedy = 0;
    for (const step of steps) {
      const [way] = safeWays({ profile, step, totals }, 1);
      greedy += way?.cost ?? SIT_OUT;
      if (way) totals = totalsAfter(totals, way.ends, way.timed);
    }
    const { cost, bound, way } = bestPath(profile, steps);
    expect(cost).toBeLessThanOrEqual(greedy + 1e-9);
    expect(bound).toBeLessThanOrEqual(cost + 1e-9);
    expect(way).toHaveLength(steps.length);
  }
});

test('nobody is led to where they can’t go on from: a rest on the back that would cost the steps after it is taken otherwise', () => {
  const given = sequence(
    { asana: 'constructive-rest', dose: { minutes: 3 } },
    ...['supine-pelvic-tilt', 'marjaryasana', 'bird-dog', 'sphinx', 'savasana'].map((asana) => ({ asana })),
  );
  const { steps } = plan(given, person(...PEOPLE[0]!), { today: TODAY });
  expect(steps.map(({ verdict }) => verdict)).not.toContain('omit');
  const [rest] = steps;
  expect(rest!.chosen!.ends[0]!.level).not.toBe('supine');
  expect(sayInEnglish(rest!.ahead!)).toMatch(/closer here would be constructive rest.*; that costs more later/);
});
