import { mirrorPosture } from '../body/posture.js';
import type { Chosen } from '../plan/plan.js';
import type { BodySolver } from '../solving/body-solver.js';
import type { StepSide } from '../sequence/sequence.js';
import { drawFigure } from './draw.js';
import { figureBounds } from './scene.js';
import type { Figure } from './shape.js';
import { eyeOf, type Eye, type View } from './view.js';

/** From the side and the front both sides look alike; an eye between them goes to the other side as well. */
function mirrored({ azimuth, elevation }: Eye): Eye {
  const isBetween = azimuth % 90 > 10 && azimuth % 90 < 80;
  return { azimuth: isBetween ? 180 - azimuth : azimuth, elevation };
}

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
  const eye = turn ? mirrored(eyeOf(view)) : eyeOf(view);
  const placed = chosen.ends.map(({ solved }) => (turn ? solver.posture(mirrorPosture(solved.posture)).solved.placed : solved.placed));
  // Both ends of a movement stand on one ground.
  const below = Math.max(...placed.map((one) => figureBounds(one, eye).bottom));
  return placed.map((one) => drawFigure(one, eye, below));
}
