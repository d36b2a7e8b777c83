import { library } from '../asanas/all.js';
import { adaptClass } from '../class/adapt-class.js';
import { readCondition } from '../conditions/check-answers.js';
import { notesReader, understood } from '../notes/read-notes.js';
import { anybody, type Participant } from '../participants/participant.js';
import { firstSideOf, personJson, takenFromBefore, type PersonJson } from '../planning/json.js';
import { BodySolver } from '../solving/body-solver.js';
import type { PastClass, StepMark } from './past-class.js';
import { proposalsOf } from './proposals.js';

const TODAY = '2026-11-26';
const sequence = understood(
  notesReader(library)('Warrior II, each side 5 breaths\nTriangle, each side 4 breaths\nBird dog, each side 4x\nCobra, 4 breaths\nCamel, 4 breaths\nSavasana, 5 min'),
); // prettier-ignore
const [WARRIOR, TRIANGLE, BIRD_DOG, COBRA, CAMEL] = [0, 1, 2, 3, 4] as const;

const past = (day: string, part: Partial<PastClass> = {}): PastClass => ({
  day, present: true, before: {}, after: {}, felt: null, marks: [], decided: [], ...part,
}); // prettier-ignore
const mark = (asana: string, kind: StepMark['mark'], side: StepMark['side'] = null, variation = 'plain'): StepMark => ({ asana, variation, side, mark: kind }); // prettier-ignore

const solver = new BodySolver(library);
const ana: Participant = anybody('ana');
const bo: Participant = { ...anybody('bo'), conditions: [readCondition('glaucoma').answer] };
const cy: Participant = anybody('cy');
const logs = new Map<Participant, readonly PastClass[]>([
  [
    ana,
    [
      past('2026-11-12', { marks: [mark('bird-dog', 'stopped'), mark('trikonasana', 'pain', 'left')] }),
      past('2026-11-19', { marks: [mark('bird-dog', 'stopped')] }),
      past('2026-11-05', { marks: [mark('trikonasana', 'pain', 'left')] }),
    ],
  ],
  [
    bo,
    [
      past('2026-11-12', { marks: [mark('ustrasana', 'fine', null, 'hands-on-low-back')] }),
      past('2026-11-19', {
        after: { pain: 6 },
        marks: [mark('ustrasana', 'fine', null, 'hands-on-low-back'), mark('bhujangasana', 'pain')],
      }),
    ],
  ],
  [cy, ['2026-11-12', '2026-11-19'].map((day) => past(day, { felt: 'better', after: { pain: 1 } }))],
]);

function planned(people: readonly Participant[]): readonly PersonJson[] {
  const members = people.map((participant) => ({ participant, solver }));
  return adaptClass(members, sequence, { today: TODAY, figures: 6 }).plans.map((plan) => personJson(plan));
}

test('what five proposals of the log ask for is what the second week differs in, and it says so', () => {
  const people = [ana, bo, cy];
  const proposed = people.map((one) => proposalsOf(logs.get(one)!, one, TODAY));
  expect(proposed.flat().map(({ kind }) => kind)).toEqual(['leave-out', 'other-side-first', 'rest-from', 'liked', 'step-up']);
  const taken = people.map((one, i): Participant => ({
    ...one,
    leftOut: proposed[i]!.flatMap(({ leaveOut }) => leaveOut ?? []),
    preferences: proposed[i]!.flatMap(({ prefer }) => prefer ?? []),
  }));
  const [first, second] = [planned(people), planned(taken)];
  const asanaOf = ([...all]: readonly PersonJson[], person: number, step: number) => all[person]!.steps[step]!.to?.asana;
  // Ana: no bird dog any more, and the triangle begins with the other side.
  expect([asanaOf(first, 0, BIRD_DOG), firstSideOf(first[0]!, TRIANGLE)]).toEqual(['bird-dog', null]);
  expect(asanaOf(second, 0, BIRD_DOG)).not.toBe('bird-dog');
  expect(firstSideOf(second[0]!, TRIANGLE)).toBe('right');
  // Bo: the cobra rests, and the camel is the one that went well.
  expect(asanaOf(first, 1, COBRA)).toBe('bhujangasana');
  expect(asanaOf(second, 1, COBRA)).not.toBe('bhujangasana');
  expect(second[1]!.steps[CAMEL]!.to).toMatchObject({ asana: 'ustrasana', variation: 'hands-on-low-back' });
  expect(first[1]!.steps[CAMEL]!.to!.variation).not.toBe('hands-on-low-back');
  // Cy: a breath more.
  expect([first, second].map((week) => week[2]!.steps[WARRIOR]!.dose)).toEqual(['5 breaths', '6 breaths']);
  // Each is told with its reason where it is taken.
  expect(second[0]!.steps[BIRD_DOG]!.reasons[0]!.text).toContain('Left out since 26 November 2026');
  expect(takenFromBefore(second[0]!, TRIANGLE)).toEqual(['Begins with the right side. Only the left side was marked, in 2 classes.']);
  expect(second[1]!.steps[COBRA]!.reasons.some(({ text }) => text.startsWith('Left out since 26 November 2026, until'))).toBe(true);
  expect(takenFromBefore(second[1]!, CAMEL)).toEqual(['Liked before, so it goes before others as good. It went well in 2 classes.']);
  expect(takenFromBefore(second[2]!, WARRIOR)).toEqual(['A little longer than given. The last 2 classes went well.']);
});
