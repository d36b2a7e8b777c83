import { library } from '../asanas/all.js';
import { usualStep } from '../sequence/sequence.js';
import { cache, person, solver } from '../planning/adapt.fixture.js';
import { PersonPlanner } from './person-planner.js';
import { bestPath } from '../planning/best-path.js';
import { CostToGo } from '../planning/cost-to-go.js';

const STEPS = ['tadasana', 'uttanasana', 'bhujangasana', 'balasana', 'virabhadrasana-2', 'setu-bandhasana', 'sukhasana', 'savasana'].map((id) => usualStep(library.get(id), '')); // prettier-ignore
const PEOPLE = [
  [],
  ['pregnancy week=30 fetuses=1 complications=none'],
  ['osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1', 'glaucoma'],
  ['knee kind=oa painNow=2'],
].map((conditions) => new PersonPlanner(solver, person(...conditions), '2026-06-01', cache).profile);

test('the cost to go never says more than what the rest of a class costs, from wherever it is looked at', () => {
  for (const profile of PEOPLE) {
    const costToGo = new CostToGo(profile, STEPS);
    const { way: beginnings, cost } = bestPath(profile, STEPS);
    const chosen = beginnings.map((one) => one.chosen);
    expect(costToGo.least(0)).toBeLessThanOrEqual(cost + 1e-9);
    let spent = 0;
    chosen.forEach((way, i) => {
      spent += way?.cost ?? 30;
      if (way) expect(costToGo.after(i + 1, way.ends.at(-1)!)).toBeLessThanOrEqual(cost - spent + 1e-9);
    });
    expect(costToGo.least(STEPS.length)).toBe(0);
  }
});

test('what a way costs above the least is never negative, and all of a class together no more than it costs above the cost to go', () => {
  for (const profile of PEOPLE) {
    const costToGo = new CostToGo(profile, STEPS);
    const { way: beginnings, cost } = bestPath(profile, STEPS);
    const chosen = beginnings.map((one) => one.chosen);
    const above = chosen.map((way, i) => costToGo.aboveWith(i)(way));
    for (const one of above) expect(one).toBeGreaterThanOrEqual(-1e-9);
    expect(above.reduce((sum, one) => sum + one, 0)).toBeLessThanOrEqual(cost - costToGo.least(0) + 1e-9);
  }
});

test('a sum that all that follows costs more makes no other key', () => {
  const [profile] = PEOPLE;
  const [one, other] = [new CostToGo(profile!, STEPS), new CostToGo(profile!, [...STEPS, usualStep(library.get('savasana'), '')])];
  expect(one.keyOf(0)).toBe(other.keyOf(0));
});

test('classes that end alike share the cost to go on that end, whichever was asked first', () => {
  const [profile, other] = [PEOPLE[2]!, { ...PEOPLE[2]! }];
  const longer = [usualStep(library.get('vrksasana'), ''), ...STEPS];
  // The other has asked for nothing before.
  const [after, fresh] = [new CostToGo(profile, longer), new CostToGo(other, longer)];
  for (let i = 0; i <= longer.length; i++) expect(after.least(i)).toBe(fresh.least(i));
  for (let i = 0; i < STEPS.length; i++) expect(after.keyOf(i + 1)).toBe(new CostToGo(profile, STEPS).keyOf(i));
});

test('steps that change places leave the cost to go before them as it was', () => {
  const named = (ids: readonly string[]) => ids.map((id) => usualStep(library.get(id), ''));
  const [before, swapped, after] = [
    ['tadasana', 'bhujangasana'],
    ['virabhadrasana-2', 'trikonasana'],
    ['balasana', 'savasana'],
  ];
  for (const profile of PEOPLE) {
    const [one, other] = [swapped, swapped.toReversed()].map((two) => new CostToGo(profile, named([...before!, ...two, ...after!])));
    expect(other!.least(0)).toBeCloseTo(one!.least(0), 6);
    expect(other!.keyOf(0)).toBe(one!.keyOf(0));
  }
});

test('what is too long in any place of a class costs its shortening there, or is no way at all', () => {
  const rest = { ...usualStep(library.get('savasana'), ''), dose: { seconds: 300 } };
  const cheapest = (...conditions: string[]) => {
    const { profile } = new PersonPlanner(solver, person(...conditions), '2026-06-01', cache);
    return [new CostToGo(profile, [rest]).least(0), bestPath(profile, [rest]).cost] as const;
  };
  // A minute flat on the back is allowed, then none: five are shortened, or another rest is taken. What it costs is known beforehand.
  for (const week of ['week=30', 'week=34 symptomsSupine=yes']) {
    const [least, cost] = cheapest(`pregnancy ${week} fetuses=1 complications=none`);
    expect(least).toBeGreaterThan(1);
    expect(least).toBeCloseTo(cost, 6);
  }
  expect(cheapest()).toEqual([0, 0]);
});
