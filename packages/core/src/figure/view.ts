import { DEG2RAD } from '../angles.js';
import type { Vec3 } from '../body/skeleton.js';

/** Where an eye looks from, in degrees: round the person, 0 being their right (they face right) and 90 their front, and up, 90 being overhead. */
export interface Eye {
  readonly azimuth: number;
  readonly elevation: number;
}

/** Where a figure is seen from: a named place, any number of degrees on the way round, or an eye. */
export type View = 'side' | 'front' | number | Eye;

/** The floor is seen a little from above, so that it has a depth and what stands on it is told apart. */
const STANDING_ELEVATION = 10;
/** Straight from the front one foot hides the other's step. */
const FRONT = 86;

export function eyeOf(view: View): Eye {
  if (typeof view === 'object') return view;
  return { azimuth: view === 'side' ? 0 : view === 'front' ? FRONT : view, elevation: STANDING_ELEVATION };
}

/** The eye's directions in the world: to its right, down, and towards itself. */
export interface Axes {
  readonly right: Readonly<Vec3>;
  readonly down: Readonly<Vec3>;
  readonly near: Readonly<Vec3>;
}

export function axesOf(view: View): Axes {
  const { azimuth, elevation } = eyeOf(view);
  const [cos, sin] = [Math.cos(azimuth * DEG2RAD), Math.sin(azimuth * DEG2RAD)];
  const [flat, up] = [Math.cos(elevation * DEG2RAD), Math.sin(elevation * DEG2RAD)];
  return { right: [cos, sin, 0], down: [sin * up, -cos * up, -flat], near: [sin * flat, -cos * flat, up] };
}

const along = (point: Readonly<Vec3>, axis: Readonly<Vec3>): number => point[0] * axis[0] + point[1] * axis[1] + point[2] * axis[2];

/** Screen place of a point: right, down and towards the eye, in the point's own unit. */
export function toView(point: Readonly<Vec3>, view: View | Axes): [number, number, number] {
  const { right, down, near } = typeof view === 'object' && 'near' in view ? view : axesOf(view);
  return [along(point, right), along(point, down), along(point, near)];
}
