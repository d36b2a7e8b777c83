import { polygonHull } from 'd3-polygon';
import type { Loads } from './loads.js';
import type { Vec3 } from './skeleton.js';

/** Half the width in metres that a rounded part presses flat where it bears. */
const PRESSED = 0.02;

/**
 * How near the body is to tipping: distance in cm, along the floor, from the point under the centre of
 * mass to the nearest edge of the base of support. Negative when that point lies outside the base.
 * `null` when nothing bears.
 *
 * The base is the convex hull of all that bears, whatever its height: a hand on a chair seat widens it
 * like a hand on the floor. A static margin: it says nothing of sway.
 */
export function balanceMargin(centreOfMass: Vec3, loads: Loads): number | null {
  const outline = loads.contacts.flatMap(({ points }) =>
    points.flatMap(({ at }): [number, number][] => [
      [at[0] - PRESSED, at[1]],
      [at[0] + PRESSED, at[1]],
      [at[0], at[1] - PRESSED],
      [at[0], at[1] + PRESSED],
    ]),
  );
  const hull = polygonHull(outline);
  if (!hull) return null;
  return hullMargin(hull, [centreOfMass[0], centreOfMass[1]]) * 100;
}

/** Distance from a point to the nearest edge of a convex polygon, negative outside; in the input's unit. */
export function hullMargin(hull: readonly (readonly [number, number])[], point: readonly [number, number]): number {
  let turned = 0;
  const gaps = hull.map((corner, i) => {
    const next = hull[(i + 1) % hull.length]!;
    turned += corner[0] * next[1] - next[0] * corner[1];
    const edge = [next[0] - corner[0], next[1] - corner[1]] as const;
    return ((point[1] - corner[1]) * edge[0] - (point[0] - corner[0]) * edge[1]) / Math.hypot(...edge);
  });
  // Gaps count to the left of each edge, which is inside when the hull runs anticlockwise.
  return Math.min(...gaps.map((gap) => (turned > 0 ? gap : -gap)));
}
