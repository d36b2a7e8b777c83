import fc from 'fast-check';
import { library } from '../asanas/all.js';
import { usualStep } from '../sequence/sequence.js';
import { cache, person, solver } from '../planning/adapt.fixture.js';
import { PersonPlanner } from './person-planner.js';
import { stepByStep, wayTo, type Beginning } from '../planning/beginning.js';
import { bestPath } from '../planning/best-path.js';
import { nearPath } from '../planning/near-path.js';

const WHO = [
  ['pregnancy week=30 fetuses=1 complications=none', 'glaucoma'],
  ['lumbar-disc phase=acute surgery=none'],
  ['hypertension systolic=152 diastolic=95 aneurysm=no', 'knee kind=oa painNow=2'],
].map((conditions) => new PersonPlanner(solver, person(...conditions), '2026-06-01', cache).profile);
const STEPS = ['balasana', 'tadasana', 'constructive-rest', 'uttanasana', 'marjaryasana', 'vrksasana', 'supine-twist-knees-together', 'tadasana'].map((id) =>
  usualStep(library.get(id), ''),
); // prettier-ignore

const told = (way: readonly Beginning[]) => way.map(({ chosen }) => chosen && `${chosen.figure} ${chosen.timed.seconds} s`);

test('whatever was asked before, the way is the one that whoever was never asked would find', () => {
  // All of it sitting: how long the last of it may be hangs on the minutes before, which cost nothing.
  const sitting = fc.constantFrom(1, 2, 6).map((minutes) => ({ ...usualStep(library.get('sukhasana'), ''), dose: { minutes } }));
  const disc = new PersonPlanner(solver, person('lumbar-disc phase=acute surgery=none'), '2026-06-01', cache).profile;
  const lengths = new Set<string>();
  fc.assert(
    fc.property(fc.array(sitting, { minLength: 2, maxLength: 3 }), (steps) => {
      const [known, anew] = [nearPath(disc, steps), nearPath({ ...disc }, steps)];
      expect(told(known)).toEqual(told(anew));
      expect(known.at(-1)!.cost).toBeCloseTo(anew.at(-1)!.cost, 9);
      lengths.add(told(known).at(-1)!);
    }),
    { numRuns: 40, seed: 5 },
  );
  expect(lengths.size).toBeGreaterThan(3);
});

test('it is dearer than the best way by nothing or little, and never dearer than going from step to step', () => {
  for (const profile of WHO) {
    const [near, best, closest] = [nearPath(profile, STEPS).at(-1)!, bestPath(profile, STEPS), stepByStep(profile, STEPS)];
    expect(wayTo(near)).toHaveLength(STEPS.length);
    expect(near.cost).toBeGreaterThanOrEqual(best.bound - 1e-9);
    expect(near.cost).toBeLessThanOrEqual(closest.cost + 1e-9);
    // Found with little looking: within a twentieth of what is proven here.
    expect(near.cost).toBeLessThanOrEqual(1.05 * best.bound);
  }
});

test('a class of no steps has a way of none', () => expect(nearPath(WHO[0]!, [])).toEqual([]));
