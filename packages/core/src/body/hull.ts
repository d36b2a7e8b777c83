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
