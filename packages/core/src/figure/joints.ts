import { segmentIndex, type PlacedBody, type Segment } from '../body/skeleton.js';
import type { Figure } from './shape.js';
import { toView } from './view.js';

const JOINTS = {
  neck: 'neck1', upperBack: 'thoracic2', lowBack: 'lumbar1', shoulder: 'rightUpperArm', hip: 'rightThigh', knee: 'rightShin', ankle: 'rightFoot',
} as const satisfies Record<string, Segment>; // prettier-ignore
export type Joint = keyof typeof JOINTS;

/** Where the joints of the near side lie in a figure's own drawing, in cm. */
export function jointPoints(placed: PlacedBody, { eye, lift }: Pick<Figure, 'eye' | 'lift'>): Record<Joint, readonly [number, number]> {
  return Object.fromEntries(
    Object.entries(JOINTS).map(([joint, segment]) => {
      const [x, y] = toView(placed.origins[segmentIndex(segment)]!, eye);
      return [joint, [x * 100, y * 100 - lift] as const];
    }),
  ) as unknown as Record<Joint, readonly [number, number]>;
}
