import { message } from '../messages/message.js';
import { cache, person, step, solver } from '../planning/adapt.fixture.js';
import { PersonPlanner } from '../planning/person-planner.js';
import { ClassState } from './class-state.js';
import type { ColumnLimits } from './column.js';
import { guideOf } from './guide.js';
import { PlanningCache } from '../judging/planning-cache.js';

const TODAY = '2026-06-01';
const [knee, pressure] = ['knee kind=oa painNow=2', 'hypertension systolic=152 diastolic=95 aneurysm=no'].map(
  (condition) => new PersonPlanner(solver, person(condition), TODAY, cache).profile,
) as [PersonPlanner['profile'], PersonPlanner['profile']];
const senior = new PersonPlanner(solver, person('seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown'), TODAY, cache)
  .profile;

const LIMITS: ColumnLimits = { figures: 3, props: null };
const [mountain, chair, tree, seat] = ['tadasana', 'utkatasana', 'vrksasana', 'sukhasana'].map((asana) => step({ asana })) as [
  ReturnType<typeof step>,
  ReturnType<typeof step>,
  ReturnType<typeof step>,
  ReturnType<typeof step>,
];

function through(place: ClassState, steps: readonly ReturnType<typeof step>[]): ClassState {
  return steps.reduce((at, one) => at.next(one, LIMITS).to, place);
}

test('two beginnings that leave everybody alike lead to the same place, from where nothing is asked again', () => {
  const memory = new PlanningCache();
  const start = ClassState.start([knee, pressure], memory);
  const [one, other] = [through(start, [chair, mountain]), through(start, [tree, mountain])];
  expect(one).toBe(other);
  expect(one.next(seat, LIMITS)).toBe(other.next(seat, LIMITS));
  expect(through(start, [mountain])).toBe(one);
});

test('whose last posture differs stands elsewhere', () => {
  const start = ClassState.start([knee, pressure], new PlanningCache());
  expect(through(start, [mountain, seat])).not.toBe(through(start, [seat, mountain]));
});

test('trips to the floor tell places apart for whom they count, and only for them', () => {
  const trip = [mountain, seat, mountain];
  const apart = (profile: PersonPlanner['profile']) => {
    const start = ClassState.start([profile], new PlanningCache());
    return through(start, trip) !== through(start, [...trip, seat, mountain]);
  };
  expect(apart(senior)).toBe(true);
  expect(pressure.limits.some(({ spec }) => spec.measure === 'floorTrips')).toBe(false);
  expect(apart(pressure)).toBe(false);
});

test('other limits, a choice by hand and a guide are other questions', () => {
  const start = ClassState.start([knee, pressure], new PlanningCache());
  const usual = start.next(tree, LIMITS);
  expect(start.next(tree, { figures: 1, props: null })).not.toBe(usual);
  const [led] = guideOf(knee, [tree]);
  expect(start.next(tree, LIMITS, [led!, null])).not.toBe(usual);
  const pin = { person: '1', index: 0, figure: 'vrksasana/on-the-moon' };
  const held = start.next(tree, LIMITS, [], [{ at: 0, pin }]);
  expect(held.column.refused).toEqual([{ place: 0, said: message('choice.unsafe') }]);
  expect(usual.column.refused).toEqual([]);
  expect(start.next(tree, LIMITS)).toBe(usual);
});

test('what is forgotten is worked out again, the same', () => {
  const [one, other] = [new PlanningCache(), new PlanningCache()].map((memory) => {
    const start = ClassState.start([knee, pressure], memory);
    return through(start, [chair]).next(seat, LIMITS).column;
  });
  expect(other).not.toBe(one);
  expect(other!.chosen.map((chosen) => chosen?.figure)).toEqual(one!.chosen.map((chosen) => chosen?.figure));
  expect(other!.cost).toBeCloseTo(one!.cost, 9);
});
