import type { Figure } from '../figure/shape.js';
import { bestFigures } from '../figure/step-figure.js';
import type { PersonPlan } from '../plan/plan.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { HomePractice } from './home-practice.js';

/** The figures of a practice's steps as this body does them, by their places in it. */
export function homeFigures({ steps }: HomePractice, plan: PersonPlan, solver: BodySolver): Figure[][] {
  return steps.map(({ index }) => {
    const { chosen, step } = plan.steps[index]!;
    return chosen ? bestFigures(solver, chosen, step.side) : [];
  });
}
