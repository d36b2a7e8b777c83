import type { Vec3 } from '../body/skeleton.js';
import type { Ball } from './volumes.js';
import { toView, type Axes } from './view.js';

/** A box on a level base, in cm: its least corner and its size along its own length, width and height, turned about its first corner. */
export interface Solid {
  readonly from: Readonly<Vec3>;
  readonly size: Readonly<Vec3>;
}

/** Nothing is nearer than this, in cm. */
const NOWHERE = -1e9;

/** A picture as cells: what each shows, and how near to the eye that is. What is nearer hides what lies behind, cell by cell. */
export class Raster {
  readonly columns: number;
  readonly rows: number;
  readonly labels: Uint8Array;
  readonly depths: Float32Array;

  /** `left`, `top`: the first cell's corner on the screen; all in cm, `step` the side of a cell. */
  constructor(
    private readonly axes: Axes,
    readonly left: number,
    readonly top: number,
    right: number,
    bottom: number,
    readonly step: number,
  ) {
    this.columns = Math.max(1, Math.ceil((right - left) / step));
    this.rows = Math.max(1, Math.ceil((bottom - top) / step));
    this.labels = new Uint8Array(this.columns * this.rows);
    this.depths = new Float32Array(this.columns * this.rows).fill(NOWHERE);
  }

  ball({ at, radius, bone }: Ball): void {
    const { columns, rows, step, labels, depths } = this;
    const [u, v, near] = toView(at, this.axes);
    const [x, y, r] = [(u - this.left) / step - 0.5, (v - this.top) / step - 0.5, radius / step];
    const [from, to] = [Math.max(0, Math.ceil(y - r)), Math.min(rows - 1, Math.floor(y + r))];
    for (let row = from; row <= to; row++) {
      const dy = row - y;
      const half = Math.sqrt(r * r - dy * dy);
      const end = Math.min(columns - 1, Math.floor(x + half));
      for (let column = Math.max(0, Math.ceil(x - half)); column <= end; column++) {
        const dx = column - x;
        const depth = near + step * Math.sqrt(Math.max(0, r * r - dy * dy - dx * dx));
        const cell = row * columns + column;
        if (depth > depths[cell]!) {
          depths[cell] = depth;
          labels[cell] = bone;
        }
      }
    }
  }

  /** A level disc on the floor, in cm. */
  disc(at: Readonly<Vec3>, radius: number): void {
    const { right, down } = this.axes;
    const [u, v] = toView(at, this.axes);
    // The disc is an ellipse on the screen, flat in the direction that the floor goes away in.
    const flat = Math.hypot(down[0], down[1]);
    const { columns, rows, step } = this;
    const half = radius * Math.max(flat, 0.05);
    for (let row = Math.max(0, Math.floor((v - half - this.top) / step)); row <= Math.min(rows - 1, (v + half - this.top) / step); row++) {
      const dy = (this.top + (row + 0.5) * step - v) / half;
      if (Math.abs(dy) > 1) continue;
      const reach = radius * Math.hypot(right[0], right[1]) * Math.sqrt(1 - dy * dy);
      const from = Math.max(0, Math.ceil((u - reach - this.left) / step - 0.5));
      const to = Math.min(columns - 1, Math.floor((u + reach - this.left) / step - 0.5));
      for (let column = from; column <= to; column++) this.labels[row * columns + column] = 1;
    }
  }

  /** A box by its faces: `top` for the upper one, `sides` for the others, `ends` for those across its length. */
  box({ from, size }: Solid, top: number, sides: number, ends = sides): void {
    const { right, down, near } = this.axes;
    const corners = [0, 1].flatMap((x) =>
      [0, 1].flatMap((y) => [0, 1].map((z) => toView([from[0] + x * size[0], from[1] + y * size[1], from[2] + z * size[2]], this.axes))),
    );
    const { columns, rows, step } = this;
    const cells = (values: number[], first: number, most: number): [number, number] => [
      Math.max(0, Math.floor((Math.min(...values) - first) / step)),
      Math.min(most - 1, Math.ceil((Math.max(...values) - first) / step)),
    ];
    const [fromColumn, toColumn] = cells(corners.map(([u]) => u), this.left, columns); // prettier-ignore
    const [fromRow, toRow] = cells(corners.map(([, v]) => v), this.top, rows); // prettier-ignore
    for (let row = fromRow; row <= toRow; row++)
      for (let column = fromColumn; column <= toColumn; column++) {
        const [u, v] = [this.left + (column + 0.5) * step, this.top + (row + 0.5) * step];
        // The line of sight through this cell, cut by the three pairs of faces.
        let [enters, leaves, face] = [-Infinity, Infinity, 0];
        for (let axis = 0; axis < 3; axis++) {
          const start = u * right[axis]! + v * down[axis]!;
          const slope = near[axis]!;
          if (Math.abs(slope) < 1e-9) {
            if (start < from[axis]! || start > from[axis]! + size[axis]!) leaves = -Infinity;
            continue;
          }
          const [a, b] = [(from[axis]! - start) / slope, (from[axis]! + size[axis]! - start) / slope];
          enters = Math.max(enters, Math.min(a, b));
          if (Math.max(a, b) < leaves) {
            leaves = Math.max(a, b);
            face = axis;
          }
        }
        const cell = row * columns + column;
        if (leaves < enters || leaves <= this.depths[cell]!) continue;
        this.depths[cell] = leaves;
        this.labels[cell] = face === 2 ? top : face === 1 ? sides : ends;
      }
  }
}
