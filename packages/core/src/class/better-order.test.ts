import { library } from '../asanas/all.js';
import { person, solver } from '../planning/adapt.fixture.js';
import { reviewOf } from '../review/review.js';
import { notesReader } from '../notes/read-notes.js';
import { adaptClass } from './adapt-class.js';
import { betterOrder } from './better-order.js';

const read = notesReader(library);
const members = [
  { solver, participant: { ...person('seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown'), id: 'senior' } },
  { solver, participant: { ...person('knee kind=oa painNow=2'), id: 'knee' } },
];
const TODAY = '2026-06-01';

function better(text: string) {
  const steps = betterOrder(solver, read, members, text, { today: TODAY });
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
const costOf = (text: string) => adaptClass(members, read(text).sequence!, { today: TODAY }).cost;
const linesOf = (text: string) => text.split('\n').slice(1).sort();

const UP_AND_DOWN = ['# Up and down', '## Main', 'Warrior 2, each side', 'Bridge, 5 breaths', 'Tree, each side', 'Knees to chest', 'Triangle, each side', '## Rest', 'Savasana, 5 min'].join('\n'); // prettier-ignore

test('what stands and what lies is put together inside its section, and costs the class less', () => {
  const found = better(UP_AND_DOWN)!;
  expect(costOf(found.text)).toBeLessThan(costOf(UP_AND_DOWN));
  expect(linesOf(found.text)).toEqual(linesOf(UP_AND_DOWN));
  const levels = read(found.text).sequence!.steps.map(({ asana }) => solver.form(asana).ends[0]!.level === 'up');
  expect(levels).toEqual([true, true, true, false, false, false]);
  expect(found.moved.length).toBeGreaterThan(0);
  const faults = (text: string) => reviewOf(solver, read(text).sequence!).findings.filter(({ rule }) => rule !== 'trips').length;
  expect(faults(found.text)).toBeLessThanOrEqual(faults(UP_AND_DOWN));
});

test('sections, salutations and the rest stay where they are; where nothing is spared, nothing is moved', () => {
  expect(better(['# In order', 'Mountain', 'Tree, each side', 'Bridge', 'Knees to chest', 'Savasana, 5 min'].join('\n'))).toBeNull();
  expect(
    better(['# Apart', '## A', 'Bridge', '## B', 'Tree, each side', '## C', 'Knees to chest', 'Savasana, 5 min'].join('\n')),
  ).toBeNull();
});

test('figures chosen by hand go with their steps', () => {
  const steps = read(UP_AND_DOWN).sequence!.steps;
  const index = steps.findIndex(({ asana }) => asana === 'setu-bandhasana');
  const pins = [{ person: 'knee', index, figure: 'setu-bandhasana/plain' }];
  const run = betterOrder(solver, read, members, UP_AND_DOWN, { today: TODAY, pins });
  let answer = run.next();
  while (!answer.done) answer = run.next();
  const [pin] = answer.value!.pins;
  expect(read(answer.value!.text).sequence!.steps[pin!.index]!.asana).toBe('setu-bandhasana');
});
