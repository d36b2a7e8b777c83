import fc from 'fast-check';
import { library } from '../asanas/all.js';
import { readCondition } from '../conditions/check-answers.js';
import { anybody, type Participant } from '../participants/participant.js';
import { BodySolver } from '../solving/body-solver.js';
import { lessonForChild, lessonSequence } from './for-child.js';
import { lessonFor, SPACES } from './lesson.js';

const TODAY = '2026-03-02';
/** Half of all children of an age are about so tall and heavy (values from memory). */
const BODIES = { 5: [110, 19], 7: [122, 24], 10: [139, 33], 14: [160, 50] } as const;
type Age = keyof typeof BODIES;
const SOLVERS = new Map(
  Object.entries(BODIES).map(([age, [stature, mass]]) => [Number(age), new BodySolver(library, { stature, mass, age: Number(age) })]),
);
const AGES = Object.keys(BODIES).map(Number) as Age[];

function child(age: Age, ...further: string[]): Participant {
  const plain = `children age=${age} hypermobile=no downSyndrome=no growthSpurt=no guardianConsent=yes touchConsent=no`;
  return { ...anybody('child'), conditions: [plain, ...further].map((text) => readCondition(text).answer) };
}

function planned(age: Age, theme: string, space: (typeof SPACES)[number], ...further: string[]) {
  const lesson = lessonFor(library, { age, minutes: age < 6 ? 20 : 30, space, theme });
  return lessonForChild(SOLVERS.get(age)!, lesson, child(age, ...further), TODAY);
}

test('a lesson asks nothing of healthy children of its age that they had better not do', () => {
  fc.assert(
    fc.property(fc.constantFrom(...AGES), fc.constantFrom(...SPACES), fc.string({ maxLength: 6 }), (age, space, theme) => {
      const { screening, ways } = planned(age, theme, space);
      expect(screening.decision).toBe('practise');
      expect(ways.map(({ shape, step }) => [shape, step.reasons])).toEqual([]);
    }),
    { numRuns: 40 },
  );
});

test('a sore wrist carries less, and every other shape stays', () => {
  const { ways } = planned(7, '', 'mats', 'wrist kind=sprain weeksSince=5 extensionFree=40 painNow=4');
  expect(ways.length).toBeGreaterThan(0);
  for (const { shape, step } of ways) {
    const { ends } = SOLVERS.get(7)!.form(step.given, step.givenVariation);
    expect([shape, Math.max(...ends.map(({ measured }) => measured.values.handLoad ?? 0))]).not.toEqual([shape, 0]);
    expect(step.reasons.every(({ limit }) => limit.startsWith('wrist/'))).toBe(true);
  }
});

test('who may not practise yet is told so, whatever the shapes', () => {
  const lesson = lessonFor(library, { age: 7, minutes: 20, space: 'mats' });
  const unasked = { ...anybody('child'), conditions: [readCondition('children age=7').answer] };
  expect(lessonForChild(SOLVERS.get(7)!, lesson, unasked, TODAY).screening).toMatchObject({
    decision: 'clearance',
    reasons: [{ text: expect.stringContaining('guardian') as string }],
  });
});

test('each shape stands in its sequence once, held as long as at a time', () => {
  const lesson = lessonFor(library, { age: 7, minutes: 20, space: 'mats' });
  const { steps } = lessonSequence(library, lesson);
  const shapes = steps.map(({ asana, variation }) => `${asana} ${variation}`);
  expect(new Set(shapes).size).toBe(shapes.length);
  for (const { steps: told } of lesson.parts)
    for (const { asana, variation, seconds, times } of told) {
      const held = steps.find((one) => one.asana === asana && one.variation === variation)!.dose;
      expect(held.seconds).toBeGreaterThan(0);
      if (times > 1) expect(held.seconds).toBe(Math.round(seconds / times));
    }
});
