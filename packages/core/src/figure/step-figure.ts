import { mirrorPosture } from '../body/posture.js';
import type { Chosen } from '../plan/plan.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { StepSide } from '../sequence/sequence.js';
import { drawFigure } from './draw.js';
import type { Figure } from './shape.js';
import type { View } from './view.js';

/**
 * The figures of a chosen form, one an end, turned to the side it is done on: an asana shown to the
 * right and done to the left is solved again as its mirror, so that near and far limbs are right.
 */
export function stepFigures(
  solver: BodySolver,
  chosen: Pick<Chosen, 'asana' | 'variation' | 'ends' | 'changes'>,
  side: StepSide,
  view: View,
): Figure[] {
  const { shown } = chosen.asana;
  const turn = shown !== null && (side === 'left' || side === 'right') && side !== shown.side;
  return chosen.ends.map(({ solved }) => {
    if (!turn) return drawFigure(solved.placed, view);
    return drawFigure(solver.posture(mirrorPosture(solved.posture)).solved.placed, view);
  });
}
