const DEG2RAD = Math.PI / 180;

/** Path of a sector of a circle, in the units of its centre: from one direction to another in degrees, 0 right, 90 up. */
export function fan([x, y]: readonly [number, number], radius: number, from: number, to: number): string {
  const point = (degrees: number) =>
    `${round(x + radius * Math.cos(degrees * DEG2RAD))} ${round(y - radius * Math.sin(degrees * DEG2RAD))}`;
  const large = Math.abs(to - from) > 180 ? 1 : 0;
  // Screens count downwards: a turn to larger angles sweeps against the clock.
  const sweep = to > from ? 0 : 1;
  return `M${round(x)} ${round(y)}L${point(from)}A${radius} ${radius} 0 ${large} ${sweep} ${point(to)}Z`;
}

function round(value: number): number {
  return Math.round(value * 100) / 100;
}
