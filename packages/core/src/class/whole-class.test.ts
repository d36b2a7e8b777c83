import loadHighs from 'highs';
import { library } from '../asanas/all.js';
import { allWaysTogether, asProgram } from '../planning/all-ways.fixture.js';
import { cache, person, sequence, solver } from '../planning/adapt.fixture.js';
import { PersonPlanner } from '../planning/person-planner.js';
import { adaptClass } from './adapt-class.js';

const TODAY = '2026-06-01';
const PEOPLE = [
  ['hypertension systolic=152 diastolic=95 aneurysm=no'],
  ['osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1'],
  ['knee kind=oa painNow=2'],
  ['glaucoma'],
  [],
  ['lumbar-disc painNow=3'],
];

/** Small classes whose ways a general solver can look at all together, each with so many figures a step. */
const CLASSES: readonly (readonly [figures: number, people: readonly number[], ids: readonly string[]])[] = [
  [2, [0, 1], ['balasana', 'tadasana']],
  [2, [0, 3, 4], ['balasana', 'tadasana']],
  [1, [2, 3], ['uttanasana', 'bhujangasana', 'tadasana']],
  [1, [4, 5], ['uttanasana', 'bhujangasana', 'tadasana']],
  [1, [1, 4], ['uttanasana', 'bhujangasana', 'tadasana']],
  [1, [2, 3], ['marjaryasana', 'vrksasana']],
  [2, [0, 3, 4], ['marjaryasana', 'vrksasana']],
  [1, [2, 3], ['vrksasana', 'bhujangasana']],
  [1, [2, 3], ['tadasana', 'sphinx', 'uttanasana']],
  [1, [4, 5], ['tadasana', 'sphinx', 'uttanasana']],
  [2, [0, 1], ['tadasana', 'sphinx', 'uttanasana']],
];

test.each(CLASSES)(
  '%s figures a step for %s on %s: the whole class costs what a general solver finds over all ways',
  async (figures, who, ids) => {
    const highs = await loadHighs();
    const members = who.map((at) => ({ solver, participant: { ...person(...PEOPLE[at]!), id: `p${at}` } }));
    const given = sequence(...ids.map((asana) => ({ asana, dose: library.get(asana).dose })));
    const { cost, bound } = adaptClass(members, given, { figures, today: TODAY });
    // No single step of a cheaper class costs more than all of this one.
    const people = members.map(({ participant }) => new PersonPlanner(solver, participant, TODAY, cache).profile);
    const everybody = allWaysTogether(people, given.steps, cost + 1e-6);
    const { ObjectiveValue } = highs.solve(asProgram(everybody, figures));
    expect(cost).toBeCloseTo(ObjectiveValue, 5);
    expect(bound).toBeLessThanOrEqual(ObjectiveValue + 1e-5);
  },
);
