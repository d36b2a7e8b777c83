export type Point = readonly [number, number];

/** The bends of every ring of a path, each by where it begins, the corner it rounds and where it ends. */
export function bendsOf(d: string): [Point, Point, Point][][] {
  return d.split('M').slice(1).map((ring) => {
    const [start, ...bends] = ring.replace('Z', '').split('q');
    const numbers = (text: string) => (text.match(/-?\d*\.?\d+/g) ?? []).map(Number);
    let at = numbers(start!) as unknown as Point;
    return bends.map((bend): [Point, Point, Point] => {
      const [cx, cy, dx, dy] = numbers(bend) as [number, number, number, number];
      const from = at;
      at = [from[0] + dx, from[1] + dy];
      return [from, [from[0] + cx, from[1] + cy], at];
    });
  }); // prettier-ignore
}
