import type { Vec3 } from '../body/skeleton.js';

/** From the person's right, so that they face right; or from in front of them. */
export type View = 'side' | 'front';

/** Screen place of a point: right, down and towards the eye, in the point's own unit. */
export function toView(point: Readonly<Vec3>, view: View): [number, number, number] {
  return view === 'side' ? [point[0], -point[2], -point[1]] : [point[1], -point[2], point[0]];
}
