import { judge } from '../judging/judge.js';
import { factsFrom, type Facts } from '../solving/facts.js';
import { MEASURES, type Facing, type Measure } from '../body/measure.js';
import { assess } from '../screening/assess.js';
import { limitsOf, type ActiveLimit } from './active-limits.js';
import { CONDITIONS } from './all.js';
import { checkAnswers } from './check-answers.js';
import { numbers, someAnswer } from './some-answer.js';
import { isAsked, type ConditionAnswer, type Clause, type Condition } from './condition.js';

/** Many ways to answer a condition's questions, some of them left open; the first answers nothing. */
function manyAnswers(condition: Condition): ConditionAnswer[] {
  const random = numbers(20261125);
  const drawn = Array.from({ length: 6000 }, (): ConditionAnswer => {
    const answer: Record<string, unknown> = { id: condition.id };
    for (const [name, spec] of Object.entries(condition.parameters)) if (random() > 0.15) answer[name] = someAnswer(spec, random);
    return answer as ConditionAnswer;
  });
  return [{ id: condition.id }, ...drawn.filter((answer) => checkAnswers(answer).length === 0)];
}
const ANSWERS = new Map(CONDITIONS.map((condition) => [condition.id, manyAnswers(condition)]));

function schoolsOf(condition: Condition): Record<string, string>[] {
  const each = Object.entries(condition.schools).flatMap(([school, { positions }]) =>
    Object.keys(positions).map((position) => ({ [school]: position })),
  );
  return each.length > 0 ? each : [{}];
}

const ALL_FACINGS: readonly Facing[] = ['upright', 'prone', 'supine', 'left side', 'right side'];

/** A value that satisfies a clause, or one that doesn't. */
function satisfying(clause: Extract<Clause, { measure: Measure }>, holds: boolean): number {
  const { over, under, from, equals } = clause;
  if (equals !== undefined) return holds ? equals : equals + 1;
  const low = over !== undefined ? over + 1 : from;
  const high = under !== undefined ? under - 1 : undefined;
  if (holds) return low ?? high!;
  return over ?? (from !== undefined ? from - 1 : under!);
}

/** Facts in which every clause of a limit holds, or the first doesn't, with a value of its own measure. */
function factsFor({ spec }: ActiveLimit, value: number | Facing, awake: boolean): Facts {
  const values: Partial<Record<Measure, number>> = {};
  let facing: Facing = typeof value === 'number' ? 'upright' : value;
  let standing = false;
  (spec.when ?? []).forEach((clause, i) => {
    const holds = awake || i > 0;
    if ('standing' in clause) standing = clause.standing === holds;
    else if ('facing' in clause) {
      const wanted = (clause.not !== true) === holds;
      facing = wanted ? clause.facing : ALL_FACINGS.find((one) => one !== clause.facing)!;
    } else if (clause.measure !== spec.measure && (awake || values[clause.measure] === undefined))
      // Two clauses on one measure are a range: to sleep, the first alone is broken.
      values[clause.measure] = satisfying(clause, holds);
  });
  if (typeof value === 'number' && spec.measure !== 'facing') values[spec.measure] = value;
  return factsFrom(values, { facing, standing });
}

/** Just inside and just outside a bound. */
function edges({ spec }: ActiveLimit): { inside: number | Facing; outside: (number | Facing)[] } {
  const { bound } = spec;
  if ('is' in bound) return { inside: bound.is[0]!, outside: ALL_FACINGS.filter((one) => !bound.is.includes(one)) };
  const { unit } = MEASURES[spec.measure as Measure];
  const step = ['body weight', '1', '× standing', 'ratio'].includes(unit) ? 0.02 : unit === 'min' || unit === 'MET' ? 0.2 : 1;
  if ('equals' in bound) return { inside: bound.equals, outside: [bound.equals + 1] };
  return {
    inside: 'atMost' in bound ? Math.floor(bound.atMost * 100) / 100 : bound.atLeast,
    outside: [...('atMost' in bound ? [bound.atMost + step] : []), ...('atLeast' in bound ? [bound.atLeast - step] : [])],
  };
}

describe.each(CONDITIONS.map((condition) => [condition.id, condition] as const))('%s', (_id, condition) => {
  const answers = ANSWERS.get(condition.id)!;

  test('every stage is reached by some answers', () => {
    const reached = new Set(answers.flatMap((answer) => condition.stagesOf(answer)));
    expect(Object.keys(condition.stages).filter((stage) => !reached.has(stage))).toEqual([]);
  });

  test('no stage comes up that has no name', () => {
    const reached = new Set(answers.flatMap((answer) => condition.stagesOf(answer)));
    expect([...reached].filter((stage) => !(stage in condition.stages))).toEqual([]);
  });

  test('every limit is awake for some answers, and one of a stage or school is asleep for others', () => {
    const awake = new Map<string, number>();
    const schools = schoolsOf(condition);
    const ways = answers.slice(0, 600).flatMap((answer) => schools.map((choice) => limitsOf(condition, answer, choice)));
    for (const limits of ways) for (const { id } of limits) awake.set(id, (awake.get(id) ?? 0) + 1);
    const late = condition.limits.filter(({ id }) => !awake.has(`${condition.id}/${id}`));
    const rest = answers.slice(600).map((answer) => new Set(limitsOf(condition, answer).map(({ id }) => id)));
    expect(late.filter(({ id }) => !rest.some((ids) => ids.has(`${condition.id}/${id}`))).map(({ id }) => id)).toEqual([]);
    // A stage that all answers share is no stage; several stages together may well cover everybody.
    const always = condition.limits.filter(({ id, stages }) => {
      if (stages?.length !== 1 || awake.get(`${condition.id}/${id}`) !== ways.length) return false;
      return rest.every((ids) => ids.has(`${condition.id}/${id}`));
    });
    expect(always.map(({ id }) => id)).toEqual([]);
  });

  test('every limit fires just outside its bound, is silent just inside, and sleeps when its clause does not hold', () => {
    const wrong: string[] = [];
    for (const spec of condition.limits) {
      const limit: ActiveLimit = { condition: condition.id, id: `${condition.id}/${spec.id}`, spec };
      const { inside, outside } = edges(limit);
      for (const value of outside) {
        // A clause on the measure itself leaves nothing to break beyond it.
        if (judge(limit, factsFor(limit, value, true))?.is !== 'broken') wrong.push(`${spec.id} is silent at ${value}`);
      }
      if (judge(limit, factsFor(limit, inside, true))?.is !== 'met') wrong.push(`${spec.id} fires at ${inside}`);
      if (spec.when && spec.when.length > 0 && judge(limit, factsFor(limit, outside[0]!, false)) !== null) wrong.push(`${spec.id} does not sleep`);
    }
    expect(wrong).toEqual([]);
  });

  test('every limit says why and where it comes from', () => {
    for (const { id, reason, source } of condition.limits) expect([id, reason.length > 3, source.length > 0]).toEqual([id, true, true]);
  });

  test('nothing answered: a plan can be made, and what was assumed or is missing is said', () => {
    const { limits, screening } = assess({ conditions: [{ id: condition.id }], clearances: [], schools: {}, ownLimits: [], loosened: [] }, null);
    // Menopause is no illness: without a complaint it holds nothing back.
    if (condition.id !== 'menopause') expect(limits.length).toBeGreaterThan(0);
    const asked = Object.entries(condition.parameters).filter(([name, spec]) => isAsked(condition, name, {}) && !('default' in spec));
    // What menstruation asks is a matter of comfort: leaving it open holds nothing back.
    if (asked.length > 0 && condition.id !== 'menstruation')
      expect([...screening.reasons, ...screening.notes].length).toBeGreaterThan(0);
  });

  test('a question that waits for another waits for one that exists, and for answers that it can have', () => {
    for (const [name, { onlyIf = {} }] of Object.entries(condition.parameters)) {
      for (const [other, values] of Object.entries(onlyIf)) {
        const spec = condition.parameters[other];
        const can: readonly unknown[] = spec?.kind === 'yesno' ? [true, false] : spec && 'options' in spec ? [...spec.options, 'none'] : [];
        expect([name, other, values.filter((value) => !can.includes(value))]).toEqual([name, other, []]);
      }
    }
  });

  test('default answers pass their own check', () => {
    const defaults = Object.fromEntries(Object.entries(condition.parameters).flatMap(([name, spec]) => ('default' in spec && spec.default !== undefined ? [[name, spec.default]] : []))); // prettier-ignore
    expect(checkAnswers({ id: condition.id, ...defaults } as ConditionAnswer)).toEqual([]);
  });
});

test('71 conditions and groups, with no fewer rows than the 979 of their tables', () => {
  expect(CONDITIONS).toHaveLength(71);
  const rows = new Set(CONDITIONS.flatMap(({ limits }) => limits.flatMap(({ id }) => /^[a-z]+-\d+/.exec(id)?.[0] ?? [])));
  expect(rows.size).toBeGreaterThanOrEqual(979);
});

test('ids of schools are not shared between conditions', () => {
  const ids = CONDITIONS.flatMap(({ schools }) => Object.keys(schools));
  expect(new Set(ids).size).toBe(ids.length);
});
