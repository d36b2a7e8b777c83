import { DEG2RAD } from '../angles.js';
import type { Vec3 } from '../body/skeleton.js';

/**
 * Where a figure is seen from: the person's right, so that they face right; in front of them; or any
 * number of degrees on the way round, 0 being the side and 90 the front.
 */
export type View = 'side' | 'front' | number;

/** Screen place of a point: right, down and towards the eye, in the point's own unit. */
export function toView(point: Readonly<Vec3>, view: View): [number, number, number] {
  if (view === 'side') return [point[0], -point[2], -point[1]];
  if (view === 'front') return [point[1], -point[2], point[0]];
  const cos = Math.cos(view * DEG2RAD);
  const sin = Math.sin(view * DEG2RAD);
  return [cos * point[0] + sin * point[1], -point[2], sin * point[0] - cos * point[1]];
}
