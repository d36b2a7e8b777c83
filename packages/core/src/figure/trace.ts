import { getKnown } from '../get-or-create.js';
import type { Raster } from './raster.js';

export type Line = readonly (readonly [number, number])[];

/** A way along the edges between cells: corners of cells, by number. */
interface Chain {
  readonly corners: readonly number[];
  readonly isClosed: boolean;
}

/**
 * Joins edges between corners to ways: lines end where others meet them; the edges of an area make rings, which
 * may touch themselves.
 */
function chainsOf(edges: readonly Edge[], isArea: boolean): Chain[] {
  const meets = new Map<number, number[]>();
  edges.forEach((edge, i) => {
    for (const corner of edge) {
      const own = meets.get(corner);
      if (own) own.push(i);
      else meets.set(corner, [i]);
    }
  });
  const used = new Uint8Array(edges.length);
  const walk = (start: number): Chain => {
    const corners = [start];
    for (let at = start; ;) {
      const next = getKnown(meets, at).find((edge) => used[edge] === 0);
      if (next === undefined) break;
      used[next] = 1;
      const [a, b] = edges[next]!;
      at = a === at ? b : a;
      corners.push(at);
      if (at === start || (!isArea && getKnown(meets, at).length !== 2)) break;
    }
    return { corners, isClosed: corners.length > 3 && corners[0] === corners.at(-1) };
  };
  const chains: Chain[] = [];
  if (!isArea)
    for (const [corner, own] of meets) if (own.length !== 2) for (const edge of own) if (used[edge] === 0) chains.push(walk(corner));
  edges.forEach(([corner], i) => {
    if (used[i] === 0) chains.push(walk(corner));
  });
  return chains;
}

/** So often each corner moves half way to the middle of its neighbours: the steps of the cells go. */
const SMOOTHINGS = 4;

function smoothed(points: readonly (readonly [number, number])[], isClosed: boolean): [number, number][] {
  let now = points.map(([x, y]): [number, number] => [x, y]);
  const last = now.length - 1;
  for (let pass = 0; pass < SMOOTHINGS; pass++)
    now = now.map((point, i): [number, number] => {
      if (!isClosed && (i === 0 || i === last)) return point;
      const before = now[i === 0 ? last : i - 1]!;
      const after = now[i === last ? 0 : i + 1]!;
      return [(before[0] + 2 * point[0] + after[0]) / 4, (before[1] + 2 * point[1] + after[1]) / 4];
    });
  return now;
}

/** Leaves out points that lie within `room` of the line without them (Douglas and Peucker, Cartographica 1973;10:112). */
function simplified(points: readonly [number, number][], room: number): [number, number][] {
  if (points.length < 3) return [...points];
  const keep = new Uint8Array(points.length);
  keep[0] = keep[points.length - 1] = 1;
  const open: [number, number][] = [[0, points.length - 1]];
  for (let next = open.pop(); next; next = open.pop()) {
    const [from, to] = next;
    const [a, b] = [points[from]!, points[to]!];
    const [dx, dy] = [b[0] - a[0], b[1] - a[1]];
    const length = Math.hypot(dx, dy);
    let [most, at] = [room, -1];
    for (let i = from + 1; i < to; i++) {
      const [px, py] = [points[i]![0] - a[0], points[i]![1] - a[1]];
      const off = length < 1e-9 ? Math.hypot(px, py) : Math.abs(px * dy - py * dx) / length;
      if (off > most) [most, at] = [off, i];
    }
    if (at < 0) continue;
    keep[at] = 1;
    open.push([from, at], [at, to]);
  }
  return points.filter((_, i) => keep[i] === 1);
}

const short = (value: number): string => {
  const text = (Math.round(value * 10) / 10).toString();
  return text.replace(/^(-?)0\./, '$1.');
};
const pair = (x: number, y: number): string => {
  const [a, b] = [short(x), short(y)];
  return b.startsWith('-') ? a + b : `${a} ${b}`;
};

/** A corner is rounded over no more than this, in cm; the cosine from which on a bend is a corner. */
const CORNER_CM = 1.6;
const CORNER = 0.8;

/** The points of a line with others close by its sharp corners, so that long edges stay straight up to them. */
function withCorners(points: readonly [number, number][], isClosed: boolean): [number, number][] {
  const count = points.length;
  return points.flatMap((point, i): [number, number][] => {
    if (!isClosed && (i === 0 || i === count - 1)) return [point];
    const [before, after] = [points[(i + count - 1) % count]!, points[(i + 1) % count]!];
    const [inX, inY, outX, outY] = [point[0] - before[0], point[1] - before[1], after[0] - point[0], after[1] - point[1]];
    const [length, next] = [Math.hypot(inX, inY), Math.hypot(outX, outY)];
    if (inX * outX + inY * outY > CORNER * length * next) return [point];
    const at = (dx: number, dy: number, long: number): [number, number][] =>
      long > 3 * CORNER_CM ? [[point[0] + (dx / long) * CORNER_CM, point[1] + (dy / long) * CORNER_CM]] : [];
    return [...at(-inX, -inY, length), point, ...at(outX, outY, next)];
  });
}

/** SVG path data through the middles of a line's pieces, its corners rounded. Relative: short numbers. */
function curve(line: readonly [number, number][], isClosed: boolean): string {
  const points = withCorners(line, isClosed);
  const round = (value: number) => Math.round(value * 10) / 10;
  const middle = (a: readonly [number, number], b: readonly [number, number]): [number, number] => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];
  const count = points.length;
  const start = isClosed ? middle(points[count - 1]!, points[0]!) : points[0]!;
  let at: [number, number] = [round(start[0]), round(start[1])];
  let d = `M${pair(at[0], at[1])}`;
  const bend = (through: readonly [number, number], to: readonly [number, number]) => {
    const [tx, ty] = [round(through[0] - at[0]), round(through[1] - at[1])];
    const [x, y] = [round(to[0] - at[0]), round(to[1] - at[1])];
    d += `q${pair(tx, ty)}${x < 0 ? '' : ' '}${pair(x, y)}`;
    at = [round(at[0] + x), round(at[1] + y)];
  };
  if (isClosed) {
    points.forEach((point, i) => bend(point, middle(point, points[(i + 1) % count]!)));
    return `${d}Z`;
  }
  if (count === 2) return `${d}l${pair(points[1]![0] - at[0], points[1]![1] - at[1])}`;
  for (let i = 1; i < count - 1; i++) bend(points[i]!, i === count - 2 ? points[count - 1]! : middle(points[i]!, points[i + 1]!));
  return d;
}

export interface TraceOptions {
  /** Whether the edges surround something that is filled. */
  readonly isArea: boolean;
  /** How far, in cm, a line may run beside its cells. */
  readonly room: number;
  /** Lines and rings that are shorter, in cm, are left out. */
  readonly least: number;
  /** Moved up by so much, in cm. */
  readonly lift: number;
}

/** An edge between two cells, by the numbers of its corners. */
export type Edge = readonly [number, number];

/** Tells of every pair of neighbours that show different things, with the edge between them. */
export function borders({ columns, rows, labels }: Raster, visit: (cell: number, other: number, edge: Edge) => void): void {
  const wide = columns + 1;
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const cell = row * columns + column;
      const label = labels[cell]!;
      const corner = row * wide + column;
      if (column + 1 < columns && labels[cell + 1] !== label) visit(cell, cell + 1, [corner + 1, corner + 1 + wide]);
      if (row + 1 < rows && labels[cell + columns] !== label) visit(cell, cell + columns, [corner + wide, corner + wide + 1]);
    }
}

/** Edges as one path of smooth lines. */
export function traced({ columns, left, top, step }: Raster, edges: readonly Edge[], { isArea, room, least, lift }: TraceOptions): string {
  const wide = columns + 1;
  return chainsOf(edges, isArea)
    .filter(({ corners }) => corners.length * step >= least)
    .map(({ corners, isClosed }) => {
      const points = (isClosed ? corners.slice(1) : corners).map((corner): [number, number] => [
        left + (corner % wide) * step,
        top + Math.floor(corner / wide) * step - lift,
      ]);
      const line = smoothed(points, isClosed);
      if (!isClosed) return curve(simplified(line, room), false);
      // A ring is simplified as two halves.
      const half = Math.floor(line.length / 2);
      const ring = [...simplified(line.slice(0, half + 1), room), ...simplified([...line.slice(half), line[0]!], room).slice(1, -1)];
      return ring.length < 3 ? '' : curve(ring, true);
    })
    .join('');
}
