import { readCondition } from '../conditions/check-answers.js';
import { findCondition } from '../conditions/all.js';
import { library } from '../asanas/all.js';
import { notesReader } from '../notes/read-notes.js';
import {
  aboutAnswers,
  casesFile,
  changedAnswers,
  checkCase,
  readCasesFile,
  readResultsFile,
  resultsFile,
  type TrainingCaseText,
} from './cases.js';
import { TRAINING_CLIENTS } from './clients.js';
import { nextTask } from './marking.js';
import { isSingleStep, tasksOf, TRAINING_TASKS } from './tasks.js';

const [vera] = TRAINING_CLIENTS;
const written: TrainingCaseText = { name: 'Ines Vael', about: 'Thin bones.', level: 2, conditions: [readCondition('osteoporosis tScore=-2.8 vertebralFractures=0').answer], steps: ['Plow, 1 min'] }; // prettier-ignore

/** 0, 0.37, 0.74 ...: the same in every run. */
function turning(): () => number {
  let i = 0;
  return () => (i++ * 0.37) % 1;
}

test('somebody’s numbers are changed, their stages stay, and the day on which they were told goes', () => {
  const random = turning();
  for (const { conditions } of TRAINING_CLIENTS)
    for (const answer of conditions) {
      const changed = changedAnswers({ ...answer, asOf: '2026-03-01' }, random);
      const { stagesOf, parameters } = findCondition(answer.id)!;
      expect(changed).not.toHaveProperty('asOf');
      const numbers = Object.keys(answer).filter((name) => parameters[name]?.kind === 'number');
      const large = numbers.filter((name) => !Number.isInteger(answer[name]) || Math.abs(answer[name] as number) > 10);
      for (const name of large) expect([answer.id, name, changed[name]]).not.toEqual([answer.id, name, answer[name]]);
      if (numbers.every((name) => name in changed)) expect([...stagesOf(changed)].sort()).toEqual([...stagesOf(answer)].sort());
    }
});

test('what a client says of themselves is told from the answers, not from anybody’s words', () =>
  expect(aboutAnswers(written.conditions)).toMatch(/^Osteoporosis.* \(Lowest T-score .*: -2.8 SD; Broken vertebrae .*: 0 fractures\)\.$/));

test('a case has a name, words, a condition and steps; each that is missing is named', () => {
  expect(checkCase(written)).toEqual([]);
  const fields = (part: Partial<TrainingCaseText>) => checkCase({ ...written, ...part }).map(({ field }) => field);
  expect(fields({ name: ' ' })).toEqual(['name']);
  expect(fields({ about: '', steps: [] })).toEqual(['about', 'steps']);
  expect(fields({ conditions: [] })).toEqual(['conditions']);
  expect(fields({ conditions: [{ id: 'osteoporosis', tScore: 40 }] })).toEqual(['osteoporosis.tScore']);
  expect(fields({ level: 7 as 1 })).toEqual(['level']);
});

test('cases go out in a file and come back as they were; a file with a mistake brings none', () => {
  expect(readCasesFile(casesFile([{ ...written, id: 'own-1' }]))).toEqual([written]);
  expect(
    readCasesFile(
      casesFile([
        { ...written, id: 'own-1' },
        { ...written, id: 'own-2', name: '' },
      ]),
    ),
  ).toMatch(/^Case 2, name/);
  expect(readCasesFile('[]')).toMatch(/no training cases/);
  expect(readCasesFile('{"kind"')).toMatch(/no JSON/);
  expect(readCasesFile('{"kind":"lotus-training-cases","cases":[{"name":"A"}]}')).toMatch(/Case 1 is not whole/);
});

test('results go out in a file and come back as they were', () => {
  const tasks = [...tasksOf({ ...written, id: 'own-1' }, true), ...TRAINING_TASKS];
  const progress = [
    { task: 'own-1/0', last: 'missed' as const, counts: { missed: 1 } },
    { task: `${vera!.id}/0`, last: 'right' as const, counts: { right: 2, half: 1 } },
    { task: 'gone/0', last: 'right' as const, counts: {} },
  ];
  expect(readResultsFile(resultsFile('Runa', tasks, progress))).toEqual({
    trainee: 'Runa',
    results: [
      { client: 'Ines Vael', step: 'Plow, 1 min', last: 'missed', counts: { missed: 1 }, isSet: true },
      { client: vera!.name, step: vera!.steps[0], last: 'right', counts: { right: 2, half: 1 }, isSet: false },
    ],
  });
  expect(readResultsFile('{"kind":"lotus-training-results","trainee":"A","results":[{"client":3}]}')).toMatch(/1 result of this file/);
});

test('what was set comes before the library’s own tasks, once', () => {
  const tasks = [...TRAINING_TASKS, ...tasksOf({ ...written, id: 'own-1', level: 3 }, true)];
  expect(nextTask(tasks, [], '2026-06-01')!.id).toBe('own-1/0');
  expect(nextTask(tasks, [{ task: 'own-1/0', last: 'right', due: '2026-07-01' }], '2026-06-01')!.level).toBe(1);
});

test('a task has to be one step', () => {
  const read = notesReader(library);
  expect(['Plow, 1 min', 'Plow then bridge then fish', 'groceries'].map((text) => isSingleStep(read, text))).toEqual([true, false, false]);
});
