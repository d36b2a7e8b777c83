import { polygonHull } from 'd3-polygon';
import { hullMargin } from './hull.js';
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
