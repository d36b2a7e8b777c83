import { memoize } from '../get-or-create.js';
import { mirrorPosture, type Posture } from './posture.js';
import { ARM_DOF, DOF_COUNT, DOFS, LEG_DOF, type State } from './skeleton.js';

/** What a posture leaves open: the free numbers of a body, some of which are the same or stay 0. */
export interface Unknowns {
  readonly count: number;
  /** The unknown of each free number; -1 where it stays 0. */
  readonly of: readonly number[];
}

const EVERY: Unknowns = { count: DOF_COUNT, of: DOFS.map((_, i) => i) };

/** What leaves the middle plane. */
const ASIDE: ReadonlySet<string> = new Set(['y', 'roll', 'axial', 'lateral', 'rotation', 'neckLateral', 'neckRotation']);
const LIMB_DOFS = 6;

/** Both sides do the same and nothing leaves the middle: fewer than half of the unknowns, an eighth of the work. */
const MIRRORED: Unknowns = (() => {
  let count = 0;
  const of = DOFS.map((dof) => (ASIDE.has(dof) ? -1 : dof.includes('.') ? -2 : count++));
  for (const { left, right } of [LEG_DOF, ARM_DOF]) for (let i = 0; i < LIMB_DOFS; i++) of[left + i] = of[right + i] = count++;
  return { count, of };
})();

function textOf({ root, spine, legs, arms, contacts }: Posture): string {
  const placed = [root, spine, legs.left, legs.right, arms.left, arms.right].flatMap((group) =>
    Object.values(group).map((angle) => angle + 0),
  );
  return JSON.stringify([placed, contacts.map((contact) => JSON.stringify(contact)).sort()]);
}

const isMirrored = memoize((posture: Posture) => textOf(posture) === textOf(mirrorPosture(posture)));

export function unknownsOf(posture: Posture): Unknowns {
  return isMirrored(posture) ? MIRRORED : EVERY;
}

/** A state in which free numbers that are one unknown have their mean, and those that stay 0 are 0. */
export function folded(state: State, { count, of }: Unknowns): State {
  if (count === DOF_COUNT) return state.slice();
  const sums = new Float64Array(count);
  const counts = new Float64Array(count);
  for (let dof = 0; dof < DOF_COUNT; dof++) {
    const unknown = of[dof]!;
    if (unknown < 0) continue;
    sums[unknown]! += state[dof]!;
    counts[unknown]!++;
  }
  const even = new Float64Array(DOF_COUNT);
  for (let dof = 0; dof < DOF_COUNT; dof++) if (of[dof]! >= 0) even[dof] = sums[of[dof]!]! / counts[of[dof]!]!;
  return even;
}
