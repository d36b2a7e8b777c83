import { library } from '../asanas/all.js';
import { notesReader } from '../notes/read-notes.js';
import { BodySolver } from '../solving/body-solver.js';
import { LEVELS } from './clients.js';
import { levelAt, markAnswer, measuresOf, nextTask, optionsOf, type TaskProgress } from './marking.js';
import { solveTask, TRAINING_TASKS } from './tasks.js';

const solver = new BodySolver(library);
const read = notesReader(library);
const solved = new Map(TRAINING_TASKS.map((task) => [task.id, { task, ...solveTask(solver, read, task, '2026-06-01') }]));
const all = [...solved.values()];
const step = (id: string) => solved.get(id)!.step;

test('every client has steps that may stay and steps that may not', () => {
  for (const { client } of TRAINING_TASKS) {
    const verdicts = all.filter(({ task }) => task.client === client).map((one) => one.step.verdict === 'keep');
    expect([client.id, verdicts.includes(true), verdicts.includes(false)]).toEqual([client.id, true, true]);
  }
  for (const level of LEVELS) expect(TRAINING_TASKS.some((task) => task.level === level)).toBe(true);
});

// Common practice, no source: what any experienced teacher would say of them.
test.each([
  ['vera/0', false],
  ['vera/3', true],
  ['otto/1', true],
  ['otto/3', false],
  ['sunniva/0', false],
  ['sunniva/1', true],
  ['jonte/0', false],
  ['jonte/1', true],
  ['elna/1', true],
  ['elna/4', false],
  ['harald/2', true],
  ['ansgar/1', false],
])('%s may stay: %s', (id, stays) => expect(step(id).verdict === 'keep').toBe(stays));

test('among the reasons to choose from exactly one is right, and none is where the step may stay', () => {
  for (const { task, step: one } of all) {
    const options = optionsOf(task, one);
    expect(options).toHaveLength(4);
    const right = options.filter((measure) => measuresOf(one).includes(measure)).length;
    expect([task.id, right]).toEqual([task.id, measuresOf(one).length > 0 ? 1 : 0]);
  }
});

test('a miss and a false alarm are told apart', () => {
  expect(markAnswer(step('elna/1'), 'keep', null)).toBe('right');
  expect(markAnswer(step('elna/1'), 'change', 'effort')).toBe('false-alarm');
  expect(markAnswer(step('sunniva/0'), 'keep', null)).toBe('missed');
  expect(markAnswer(step('sunniva/0'), 'change', 'handLoad')).toBe('half');
  expect(markAnswer(step('sunniva/0'), 'change', 'lumbarFlexion')).toBe('right');
});

test('what is due comes first, then what is new, from easy to hard', () => {
  const now = '2026-06-10T10:00:00.000Z';
  const done = (task: string, due: string, last: TaskProgress['last'] = 'right') => ({ task, last, due });
  expect(nextTask(TRAINING_TASKS, [], now)?.level).toBe(1);
  const late = [done('otto/0', '2026-06-09T10:00:00.000Z', 'missed'), done('otto/1', '2026-06-08T10:00:00.000Z')];
  expect(nextTask(TRAINING_TASKS, late, now)?.id).toBe('otto/1');
  const first = TRAINING_TASKS.filter(({ level }) => level === 1).map(({ id }) => done(id, '2026-07-01T00:00:00.000Z'));
  expect(levelAt(TRAINING_TASKS, first)).toBe(2);
  expect(nextTask(TRAINING_TASKS, first, now)?.level).toBe(2);
  const whole = TRAINING_TASKS.map(({ id }) => done(id, '2026-07-01T00:00:00.000Z'));
  expect(nextTask(TRAINING_TASKS, whole, now)).toBeNull();
});
