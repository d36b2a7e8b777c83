import { adapt, anybody, library, readCondition, notesReader, BodySolver, type Participant, type PersonPlan } from '@lotus-steady/core';
import { FigureCache } from './figure-cache.js';
import { alike, givenStep, inSharingOrder, scoreStep } from './score-steps.js';

const solver = new BodySolver(library);
const { sequence } = notesReader(library)('Mountain\nForward fold 5 breaths\nTree, each side\nSavasana 5 min');
const someone = (id: string, ...conditions: readonly string[]): Participant => ({
  ...anybody(id),
  conditions: conditions.map((text) => readCondition(text).answer),
});
const planOf = (participant: Participant): PersonPlan => adapt(solver, sequence!, participant, { today: '2026-06-01' });

test('a step that is kept is drawn once, as it is given', () => {
  const pictures = new FigureCache();
  const steps = planOf(anybody('ann')).steps.map((step) => scoreStep(pictures, solver, step));
  expect(steps.map(({ givenName }) => givenName)).toEqual(sequence!.steps.map(({ asana }) => library.get(asana).name));
  expect(steps.every(({ adapted }) => adapted === null)).toBe(true);
  expect(steps[1]!.givenDose).toBe('5 breaths');
  expect(steps.at(-1)!).toMatchObject({ effort: 1 });
  expect(steps.at(-1)!.givenSeconds).toBeGreaterThanOrEqual(300);
});

test('a step that is changed is drawn as given and as adapted', () => {
  const pictures = new FigureCache();
  const plan = planOf(someone('bo', 'glaucoma'));
  const at = plan.steps.findIndex(({ verdict }) => verdict === 'modify' || verdict === 'substitute');
  const step = scoreStep(pictures, solver, plan.steps[at]!);
  expect(step.adapted).not.toBeNull();
  expect(step.adapted!.key).not.toBe(step.given.key);
  // The head is where the change has brought it, not where the step would have.
  const given = plan.steps[at]!.given.ends[0]!.measured.values.headBelowHeart!;
  expect(step.headBelowHeart).toBeLessThan(given);
});

test('as given it is on nobody’s body in particular', () => {
  const pictures = new FigureCache();
  const [mountain] = sequence!.steps;
  expect(givenStep(pictures, solver, mountain!)).toMatchObject({ givenName: library.get('tadasana').name, adapted: null });
});

test('people of the same limits and the same steps share a stave', () => {
  const plans = [someone('ann', 'glaucoma'), anybody('bo'), someone('cy', 'glaucoma'), anybody('di')].map(planOf);
  expect(alike(plans, ['glaucoma', '', 'glaucoma', ''])).toEqual([[0, 2], [1, 3]]); // prettier-ignore
  // The same steps under other limits are told apart: what has to be watched differs.
  expect(alike(plans, ['glaucoma', '', 'glaucoma', 'hypertension'])).toEqual([[0, 2], [1], [3]]);
  expect(alike([plans[0]!, plans[1]!], ['', ''])).toEqual([[0], [1]]);
});

test('those nearest to what is given come first, and whoever shares most with them next', () => {
  const planWith = (...figures: (string | null)[]) =>
    ({
      steps: figures.map((figure) => ({ verdict: figure ? 'modify' : 'keep', chosen: { figure: figure ?? 'plain' } })),
    }) as unknown as PersonPlan;
  const plans = [
    planWith('wall', 'chair', 'block'),
    planWith('knee', 'fist', null),
    planWith('wall', 'chair', null),
    planWith(null, null, null),
  ];
  expect(inSharingOrder([[0], [1], [2], [3]], plans)).toEqual([[3], [1], [2], [0]]);
});
