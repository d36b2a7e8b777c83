import fc from 'fast-check';
import { bendsOf, type Point } from './path.fixture.js';
import { Raster } from './raster.js';
import { borders, traced, type Edge } from './trace.js';
import { axesOf, toView } from './view.js';

const SIDE = axesOf({ azimuth: 0, elevation: 0 });
const AREA = { isArea: true, room: 0.2, least: 2, lift: 0 };

const cross = (a: Point, b: Point): number => a[0] * b[1] - b[0] * a[1];

/** By the shoelace formula, with the parabola's segment beyond each chord: two thirds of its triangle (Archimedes). */
function areaOf(ring: readonly (readonly [Point, Point, Point])[]): number {
  const sum = ring.reduce((total, [from, corner, to]) => {
    const triangle = cross([corner[0] - from[0], corner[1] - from[1]], [to[0] - from[0], to[1] - from[1]]);
    return total + cross(from, to) + (2 / 3) * triangle;
  }, 0);
  return Math.abs(sum) / 2;
}

function outlineOf(raster: Raster): string {
  const edges: Edge[] = [];
  borders(raster, (_cell, _other, edge) => edges.push(edge));
  return traced(raster, edges, AREA);
}

test('the outline of a ball is a circle: by its area, its radius is right within 4 mm', () => {
  fc.assert(
    fc.property(fc.double({ min: 6, max: 20, noNaN: true }), fc.double({ min: -3, max: 3, noNaN: true }), (radius, at) => {
      const raster = new Raster(SIDE, -30, -30, 30, 30, 0.6);
      raster.ball({ at: [at, 0, 0], radius, bone: 1 });
      const rings = bendsOf(outlineOf(raster));
      expect(rings).toHaveLength(1);
      expect(Math.abs(Math.sqrt(areaOf(rings[0]!) / Math.PI) - radius)).toBeLessThan(0.4);
    }),
    { numRuns: 300 },
  );
});

test('what is nearer hides what lies behind, whichever is drawn first', () => {
  // Seen from the right, y grows away from the eye.
  const [near, far] = [{ at: [0, -10, 0] as [number, number, number], radius: 5, bone: 1 }, { at: [4, 10, 0] as [number, number, number], radius: 5, bone: 2 }]; // prettier-ignore
  const pictures = [[near, far], [far, near]].map((balls) => {
    const raster = new Raster(SIDE, -20, -20, 20, 20, 0.5);
    for (const ball of balls) raster.ball(ball);
    return [...raster.labels];
  }); // prettier-ignore
  expect(pictures[0]).toEqual(pictures[1]);
  const count = (bone: number) => pictures[0]!.filter((label) => label === bone).length * 0.25;
  expect(count(1)).toBeCloseTo(Math.PI * 25, -1);
  expect(count(2)).toBeLessThan(count(1) * 0.6);
});

test('a box shows its upper face to an eye above it, and that face is as large as it looks', () => {
  for (const elevation of [10, 40, 80]) {
    const raster = new Raster(axesOf({ azimuth: 0, elevation }), -40, -60, 40, 60, 0.4);
    raster.box({ from: [-10, -8, 0], size: [20, 16, 12] }, 1, 2, 3);
    const cells = (label: number) => [...raster.labels].filter((one) => one === label).length * 0.16;
    // 20 x 16 cm seen from above, 20 x 12 cm seen from the side; the ends are seen edge-on.
    expect(Math.abs(cells(1) - 320 * Math.sin((elevation * Math.PI) / 180))).toBeLessThan(12);
    expect(Math.abs(cells(2) - 240 * Math.cos((elevation * Math.PI) / 180))).toBeLessThan(12);
    expect(cells(3)).toBeLessThan(12);
  }
});

test('the axes of an eye are at right angles and of length 1: nothing is stretched', () => {
  fc.assert(
    fc.property(fc.integer({ min: -360, max: 360 }), fc.integer({ min: 0, max: 90 }), (azimuth, elevation) => {
      const { right, down, near } = axesOf({ azimuth, elevation });
      const dot = (a: readonly number[], b: readonly number[]) => a.reduce((sum, one, i) => sum + one * b[i]!, 0);
      for (const axis of [right, down, near]) expect(dot(axis, axis)).toBeCloseTo(1, 9);
      for (const [a, b] of [[right, down], [right, near], [down, near]] as const) expect(dot(a, b)).toBeCloseTo(0, 9); // prettier-ignore
    }),
  );
});

test('from the right a person faces right, from the front their left hand is on the right, from above what is near the floor is far', () => {
  expect(toView([1, 0, 0], 'side')[0]).toBeCloseTo(1, 9);
  expect(toView([0, 1, 0], 'front')[0]).toBeGreaterThan(0.99);
  const above = { azimuth: 0, elevation: 90 };
  expect(toView([0, 0, 1], above)[2]).toBeGreaterThan(toView([0, 0, 0], above)[2]);
});
