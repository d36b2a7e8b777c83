import { message } from '../messages/message.js';
import { person, sequence, solver } from '../planning/adapt.fixture.js';
import { adapt, limitsFor, otherWays } from '../planning/adapt.js';
import { findings } from '../judging/judge.js';
import type { Participant } from '../participants/participant.js';
import type { Chosen } from '../plan/plan.js';
import { propsOf } from '../candidates/props-needed.js';
import { declaredValues, factsFrom } from '../solving/facts.js';
import { adaptClass, adaptingClass, inRoom, type ClassOptions } from './adapt-class.js';
import { classJson } from './json.js';

const TODAY = '2026-06-01';
const named = (id: string, ...conditions: readonly string[]): Participant => ({ ...person(...conditions), id });
const PEOPLE = [
  named('expecting', 'pregnancy week=30 fetuses=1 complications=none'),
  named('elder', 'seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown'),
  named('pressure', 'hypertension systolic=152 diastolic=95 aneurysm=no'),
  named('eyes', 'glaucoma'),
  named('disc', 'lumbar-disc painNow=3'),
  named('bones', 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1'),
  named('free'),
];
const CLASS = sequence(
  { asana: 'tadasana' },
  { asana: 'uttanasana' },
  { asana: 'virabhadrasana-2', side: 'both' },
  { asana: 'adho-mukha-svanasana' },
  { asana: 'paschimottanasana' },
  { asana: 'supine-twist-knees-together', side: 'both' },
  { asana: 'savasana', dose: { minutes: 8 } },
);
const adapted = (people: readonly Participant[], options: ClassOptions = {}) =>
  adaptClass(
    people.map((participant) => ({ solver, participant })),
    CLASS,
    { today: TODAY, ...options },
  );

describe('seven people with different conditions in one class', () => {
  const three = adapted(PEOPLE);

  test('show at most three figures in any step; without that they would show more', () => {
    expect(Math.max(...three.columns.map(({ distinct }) => distinct))).toBeLessThanOrEqual(3);
    const free = adapted(PEOPLE, { figures: 24 });
    expect(Math.max(...free.columns.map(({ distinct }) => distinct))).toBeGreaterThan(3);
    expect(three.cost).toBeGreaterThan(free.cost);
  });

  test('nobody’s limit is traded for it: every chosen posture keeps all that are more than a caution', () => {
    three.plans.forEach((one, i) => {
      const limits = limitsFor(PEOPLE[i]!, TODAY).filter(({ spec }) => spec.grade !== 'watch');
      for (const { chosen, step } of one.steps)
        for (const { measured } of chosen?.ends ?? []) {
          const { values, facing, standing } = measured;
          const broken = findings(limits, factsFrom({ ...values, ...declaredValues(chosen!.declared), impact: 0 }, { facing, standing }));
          // What the place in the class adds is not known here.
          expect([one.id, step.asana, broken.filter(({ value }) => value !== null)]).toEqual([one.id, step.asana, []]);
        }
    });
  });

  test('whoever gives way is told why; whoever doesn’t is not', () => {
    const giving = three.plans.flatMap(({ steps }) => steps.filter(({ together }) => together !== null));
    expect(giving.length).toBeGreaterThan(0);
    for (const { together } of giving) expect(together).toEqual(message('why.together', { figures: 3 }));
    expect(three.plans[0]!.steps[0]!.together).toBeNull();
  });

  test('the same input gives the same plan, step by step', () => {
    const steps = adaptingClass(
      PEOPLE.map((participant) => ({ solver, participant })),
      CLASS,
      { today: TODAY },
    );
    const seen: number[] = [];
    let result = steps.next();
    for (; !result.done; result = steps.next()) seen.push(result.value);
    expect(seen).toEqual([1, 2, 3, 4, 5, 6, 7]);
    expect(JSON.stringify(classJson(CLASS, result.value))).toBe(JSON.stringify(classJson(CLASS, three)));
  });

  test('one figure for all is possible, at a price that is told', () => {
    const one = adapted(PEOPLE, { figures: 1 });
    expect(one.columns.every(({ distinct }) => distinct <= 1)).toBe(true);
    expect(one.cost).toBeGreaterThan(three.cost);
    expect(classJson(CLASS, one).choice).toMatchObject({ bestInEachStep: true });
    expect(one.bound).toBeLessThanOrEqual(one.cost);
  });
});

test('a class of one is that person’s own plan', () => {
  const [one] = adapted([PEOPLE[0]!]).plans;
  expect(JSON.stringify(one)).toBe(JSON.stringify(adapt(solver, CLASS, PEOPLE[0]!, { today: TODAY })));
});

test('two chairs for a class are shared: no step needs a third', () => {
  const chairs = (options: ClassOptions) =>
    CLASS.steps.map((_, i) =>
      adaptedSteps(options).reduce((sum, { steps }) => {
        const chosen = steps[i]!.chosen;
        return sum + (chosen ? (propsOf(chosen.ends[0]!.solved.posture).get('chair') ?? 0) : 0);
      }, 0),
    );
  const adaptedSteps = (options: ClassOptions) => adapted(PEOPLE, options).plans;
  const shared = { chair: 2, block: 8, blanket: 20, bolster: 6, wall: 99, strap: 9, cushion: 9, table: 0 };
  expect(Math.max(...chairs({}))).toBeGreaterThan(2);
  expect(Math.max(...chairs({ props: shared }))).toBeLessThanOrEqual(2);
});

test('in a room without any props nobody is given one, and no other way that is offered needs one', () => {
  const { plans } = adapted(PEOPLE, { props: {} });
  const needs = (ways: readonly (Chosen | null)[]) => ways.flatMap((way) => (way ? [...propsOf(way.ends[0]!.solved.posture).keys()] : []));
  const [member] = inRoom([{ solver, participant: PEOPLE[0]! }], {});
  for (const [i, { steps }] of plans.entries()) expect([i, needs(steps.map(({ chosen }) => chosen))]).toEqual([i, []]);
  CLASS.steps.forEach((_, i) => expect(needs(otherWays(solver, member!.participant, plans[0]!, i, 4, { today: TODAY }))).toEqual([]));
});

test('other ways of a step are asked for where the class has led someone: what was chosen there is among them at its cost', () => {
  const { plans } = adapted(PEOPLE, { figures: 1 });
  const found = plans.flatMap(({ steps }, i) =>
    steps.flatMap(({ chosen }, at) => {
      const same =
        chosen && otherWays(solver, PEOPLE[i]!, plans[i]!, at, 30, { today: TODAY }).find(({ figure }) => figure === chosen.figure);
      return same ? [same.cost - chosen.cost] : [];
    }),
  );
  expect(found.length).toBeGreaterThanOrEqual(30);
  for (const apart of found) expect(apart).toBeCloseTo(0, 9);
});

describe('a figure chosen by hand', () => {
  const pin = (id: string, index: number, figure: string) => ({ person: id, index, figure });

  test('is kept where it is safe', () => {
    const { plans, unmet } = adapted(PEOPLE, { pins: [pin('free', 3, 'adho-mukha-svanasana/bent-knees')] });
    expect(unmet).toEqual([]);
    expect(plans.at(-1)!.steps[3]!).toMatchObject({
      verdict: 'modify',
      together: null,
      ahead: null,
      chosen: { figure: 'adho-mukha-svanasana/bent-knees' },
    });
  });

  test('is refused where it isn’t, and said', () => {
    const { plans, unmet } = adapted(PEOPLE, { pins: [pin('expecting', 1, 'uttanasana/plain')] });
    expect(unmet).toMatchObject([{ person: 'expecting', index: 1, said: message('choice.unsafe') }]);
    expect(plans[0]!.steps[1]!.chosen!.figure).not.toBe('uttanasana/plain');
  });

  test('contradicts another where the class may show one figure only: the first is kept, the second said', () => {
    const { unmet, columns } = adapted(PEOPLE, {
      figures: 1,
      pins: [pin('free', 0, 'tadasana/plain'), pin('disc', 0, 'tadasana/wide-stance')],
    });
    expect(unmet).toMatchObject([{ person: 'disc', said: message('choice.does-not-fit', { figures: 1 }) }]);
    expect(columns[0]!.distinct).toBe(1);
  });

  test('for someone who isn’t there, for no step, or of what doesn’t exist, is said and changes nothing', () => {
    const given = adapted(PEOPLE.slice(5));
    const { unmet, plans } = adapted(PEOPLE.slice(5), {
      pins: [pin('nobody', 0, 'tadasana/plain'), pin('free', 99, 'tadasana/plain'), pin('free', 0, 'tadasana/on-the-moon')],
    });
    expect(unmet).toEqual([
      { ...pin('free', 0, 'tadasana/on-the-moon'), said: message('choice.unsafe') },
      { ...pin('nobody', 0, 'tadasana/plain'), said: message('choice.nobody') },
      { ...pin('free', 99, 'tadasana/plain'), said: message('choice.no-step', { step: 100 }) },
    ]);
    expect(plans[0]!.steps.map(({ chosen }) => chosen?.figure)).toEqual(given.plans[0]!.steps.map(({ chosen }) => chosen?.figure));
  });
});

test('a class fits its minutes together: everybody waits for the longest, and the last rest is never cut below five', () => {
  const short = adapted(PEOPLE, { minutes: 12 });
  const long = adapted(PEOPLE, { minutes: 25 });
  expect(short.seconds).toBeLessThan(long.seconds);
  for (const { plans } of [short, long])
    for (const { steps } of plans) expect(steps.at(-1)!.chosen?.timed.seconds ?? 300).toBeGreaterThanOrEqual(300);
  const rest = (one: typeof short) => one.plans.map(({ steps }) => steps.at(-1)!.seconds);
  rest(short).forEach((seconds, i) => expect(seconds).toBeLessThanOrEqual(rest(long)[i]!));
});
