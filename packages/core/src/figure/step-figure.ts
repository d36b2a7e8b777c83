import { mirrorPosture } from '../body/posture.js';
import type { Chosen } from '../plan/plan.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { StepSide } from '../sequence/sequence.js';
import { bestView, isTurned } from './best-view.js';
import { withCloseUp } from './close-up.js';
import { drawFigures } from './draw.js';
import type { Figure } from './shape.js';
import { withMovementArrow } from './movement-arrow.js';
import { axesOf, type View } from './view.js';

/**
 * The figures of a chosen form, one an end, turned to the side it is done on: an asana shown to the
 * right and done to the left is solved again as its mirror, so that near and far limbs are right.
 */
export function stepFigures(
  solver: BodySolver,
  chosen: Pick<Chosen, 'asana' | 'variation' | 'ends'>,
  side: StepSide,
  view: View,
): Figure[] {
  const turn = isTurned(chosen.asana, side);
  const placed = chosen.ends.map(({ solved }) => (turn ? solver.posture(mirrorPosture(solved.posture)).solved.placed : solved.placed));
  const axes = axesOf(view);
  const drawn = drawFigures(placed, view);
  // What is seen close up is what moves: it stands beside the last, for both ends.
  const figures = chosen.variation.detail === null ? withMovementArrow(drawn, placed, axes) : drawn;
  return figures.map((figure, i) => (i < figures.length - 1 ? figure : withCloseUp(figure, chosen.variation, placed[i]!, axes)));
}

/** The figures of a chosen form, one an end, from where it is best seen. */
export function bestFigures(solver: BodySolver, chosen: Pick<Chosen, 'asana' | 'variation' | 'ends'>, side: StepSide): Figure[] {
  return stepFigures(solver, chosen, side, bestView(chosen, side));
}
