import { adaptClass, anybody, PlanningCache, classJson, library, readCondition, notesReader, BodySolver } from '@lotus-steady/core';
import type { ClassScore } from './answers.js';
import { Receiver, Sender } from './delta-message.js';
import { FigureCache } from './figure-cache.js';
import { packScore, unpackScore } from './score-delta.js';
import { alike, givenStep, scoreStep } from './score-steps.js';

const solver = new BodySolver(library);
const read = notesReader(library);
const members = [anybody('ann'), { ...anybody('bo'), conditions: [readCondition('glaucoma').answer] }].map((participant) => ({
  solver,
  participant,
}));
const pictures = new FigureCache();
const cache = new PlanningCache();

function scoreOf(text: string): ClassScore {
  const sequence = read(text).sequence!;
  const plan = adaptClass(members, sequence, { cache, today: '2026-06-01' });
  const staves = alike(plan.plans, ['', 'glaucoma']).map((people) => ({
    people,
    steps: plan.plans[people[0]!]!.steps.map((step) => scoreStep(pictures, solver, step)),
  }));
  return { answer: classJson(sequence, plan), given: sequence.steps.map((step) => givenStep(pictures, solver, step)), staves };
}

test('a score goes over whole, and after an edit only what has changed of it', () => {
  const [sender, receiver] = [new Sender(), new Receiver()];
  const lines = ['# Morning', 'Mountain', 'Forward fold 5 breaths', 'Tree, each side', 'Savasana 5 min'];
  const over = (score: ClassScore) => {
    const message = structuredClone(packScore(sender, score));
    return { score: unpackScore(receiver, message), fresh: message.fresh.length };
  };
  const [first, edited] = [scoreOf(lines.join('\n')), scoreOf(lines.join('\n').replace('5 breaths', '3 breaths'))];
  const [before, after] = [over(first), over(edited)];
  expect(before.score).toEqual(first);
  expect(after.score).toEqual(edited);
  // The fold as given, and of both people what they do and what is drawn of it.
  expect(before.fresh).toBe(4 * 5);
  expect(after.fresh).toBe(5);
  expect(after.score.staves[1]!.steps[0]).toBe(before.score.staves[1]!.steps[0]);
});

test('a picture that is promised no longer is promised anew', () => {
  const few = new FigureCache(1);
  const [mountain, tree] = read('Mountain\nTree').sequence!.steps;
  const first = givenStep(few, solver, mountain!);
  expect(givenStep(few, solver, mountain!)).toBe(first);
  givenStep(few, solver, tree!);
  const again = givenStep(few, solver, mountain!);
  expect(again).not.toBe(first);
  expect(few.drawn(again.given.key)).not.toHaveLength(0);
});
