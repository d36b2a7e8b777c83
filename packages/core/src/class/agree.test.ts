import { library } from '../asanas/all.js';
import { cache, person, solver } from '../planning/adapt.fixture.js';
import { PersonPlanner } from '../planning/person-planner.js';
import { safeWays, wayLike } from '../planning/search.js';
import { START, type StepContext } from '../judging/step-context.js';
import { costOf } from '../plan/cost.js';
import { usualStep } from '../sequence/sequence.js';
import { agree, optionOf, type CostFor } from './agree.js';
import { solveColumn } from './column.js';

const PEOPLE = [
  ['pregnancy week=30 fetuses=1 complications=none'],
  ['seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown'],
  ['hypertension systolic=152 diastolic=95 aneurysm=no'],
  ['glaucoma'],
  ['lumbar-disc painNow=3'],
  ['osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1'],
  ['knee kind=oa painNow=2'],
  [],
].map((conditions) => new PersonPlanner(solver, person(...conditions), '2026-06-01', cache).profile);
const costFor: CostFor = (chosen) => costOf(chosen);
const LIMITS = { figures: 2, props: null };

const contextsAt = (asana: string): StepContext[] =>
  PEOPLE.map((profile) => ({ profile, step: usualStep(library.get(asana), ''), totals: START }));
const agreedAt = (contexts: readonly StepContext[]) =>
  agree(
    contexts,
    contexts.map((context) => ({ safe: safeWays(context, 1), isHeld: false })),
    costFor,
    LIMITS,
  )!;

describe.each(['balasana', 'adho-mukha-svanasana', 'uttanasana', 'paschimottanasana', 'ardha-matsyendrasana'])(
  '%s for eight people',
  (asana) => {
    const contexts = contextsAt(asana);
    const { taken, cost, open } = agreedAt(contexts);

    test('what was left unjudged costs no less than it was reckoned at, or isn’t safe', () => {
      const left = open.flatMap((offers, person) => offers.flatMap((one) => (one && !one.chosen ? [{ ...one, person }] : [])));
      expect(left.length).toBeGreaterThan(20);
      for (const { figure, cost: reckoned, person } of left)
        expect({ figure, isMore: (wayLike(contexts[person]!, figure)?.cost ?? Infinity) >= reckoned - 1e-9 }).toEqual({
          figure,
          isMore: true,
        });
    });

    test('the choice costs no more than the best of all that was offered, had all of it been judged', () => {
      const judged = open.map((offers, person) =>
        offers.flatMap((one) => {
          const way = one && wayLike(contexts[person]!, one.figure);
          return one && !way ? [] : [optionOf(way, costOf(way))];
        }),
      );
      expect(cost).toBeCloseTo(solveColumn(judged, LIMITS)!.cost, 9);
      expect(taken.reduce((sum, one) => sum + costOf(one), 0)).toBeCloseTo(cost, 9);
      expect(new Set(taken.flatMap((one) => one?.figure ?? [])).size).toBeLessThanOrEqual(LIMITS.figures);
    });
  },
);
