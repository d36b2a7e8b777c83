import { polygonHull } from 'd3-polygon';
import { SIDES } from '../angles.js';
import { directionOn, pointOn, segmentIndex, type PlacedBody, type Segment, type Vec3 } from '../body/skeleton.js';
import { path } from './path.js';
import { drawProps } from './props.js';
import type { Figure, Shape, Tone } from './shape.js';
import { toView, type View } from './view.js';

interface Ball {
  readonly at: Vec3;
  readonly radius: number;
}

const CIRCLE_CORNERS = 20;

/** The outline round a set of balls seen flat: the hull of their circles. */
function outline(balls: readonly Ball[], view: View): [number, number][] {
  const points = balls.flatMap(({ at, radius }): [number, number][] => {
    const [u, v] = toView(at, view);
    return Array.from({ length: CIRCLE_CORNERS }, (_, i): [number, number] => {
      const angle = (i / CIRCLE_CORNERS) * 2 * Math.PI;
      return [(u + radius * Math.cos(angle)) * 100, (v + radius * Math.sin(angle)) * 100];
    });
  });
  return polygonHull(points) ?? [];
}

interface Part {
  readonly tone: 'limb' | 'middle' | 'face' | 'hair';
  /** Each group is one convex piece; the pieces of a part are inked as one. */
  readonly pieces: readonly (readonly Ball[])[];
  /** Distance from the viewer's eye, larger is nearer. */
  readonly depth: number;
  readonly side: 'left' | 'right' | null;
}

function limbParts(placed: PlacedBody, view: View): Part[] {
  const k = placed.body.scale / 100;
  const g = placed.body.radiusScale / 100;
  const { length } = placed.body;
  const ball = (segment: Segment, local: Vec3, radius: number): Ball => ({
    at: pointOn(placed, segmentIndex(segment), local),
    radius: radius * g,
  });
  const parts: Part[] = [];
  /** Toe tips; they bend back where the ball of the foot bears with the heel up. */
  const toes = (foot: Segment): Ball => {
    const tip = ball(foot, [17 * k, 0, -5.6 * k], 0.9);
    return tip.at[2] >= tip.radius ? tip : { ...tip, at: [tip.at[0], tip.at[1], tip.radius] };
  };
  const add = (side: 'left' | 'right', nudge: number, ...pieces: Ball[][]) => {
    const all = pieces.flat();
    const depth = all.reduce((sum, { at }) => sum + toView(at, view)[2], 0) / all.length;
    parts.push({ tone: 'limb', pieces, depth: depth + nudge, side });
  };
  for (const side of SIDES) {
    const thigh: Segment = `${side}Thigh`;
    const shin: Segment = `${side}Shin`;
    const foot: Segment = `${side}Foot`;
    const out = side === 'left' ? 1 : -1;
    add(
      side,
      0,
      [ball(thigh, [0, 0, 0], 8), ball(thigh, [0, 0, -length.thigh * 0.5], 6.8), ball(shin, [0, 0, 0], 5)],
      [ball(shin, [0, 0, 0], 5), ball(shin, [-0.8 * k, 0, -length.shin * 0.3], 5), ball(foot, [0, 0, 0], 3.3)],
      [ball(shin, [-0.8 * k, 0, -length.shin * 0.3], 5), ball(shin, [0, 0, -length.shin * 0.7], 3.4), ball(foot, [0, 0, 0], 3.3)],
      [ball(foot, [0, 0, 0], 3.3), ball(foot, [-2 * k, 0, -4 * k], 2.5), ball(foot, [11 * k, 0, -5 * k], 1.5)],
      [
        ball(foot, [-2 * k, 0, -4 * k], 2.5),
        ball(foot, [11 * k, out * 1.2 * k, -5 * k], 1.5),
        ball(foot, [11 * k, -out * 1.2 * k, -5 * k], 1.5),
        toes(foot),
      ],
    );
    const upper: Segment = `${side}UpperArm`;
    const fore: Segment = `${side}Forearm`;
    const hand: Segment = `${side}Hand`;
    add(
      side,
      0.05,
      [ball(upper, [0, 0, 0], 5.2), ball(upper, [0, 0, -length.upperArm * 0.45], 4.1), ball(fore, [0, 0, 0], 3.4)],
      [ball(fore, [0, 0, 0], 3.4), ball(fore, [0, 0, -length.forearm * 0.3], 3.4), ball(hand, [0, 0, 0], 2.2)],
      [ball(hand, [0, 0, 0], 2.2), ball(hand, [0, 0, -8 * k], 2.6), ball(hand, [0, 0, -16 * k], 1.1)],
    );
  }
  return parts;
}

function trunkParts(placed: PlacedBody, view: View): Part[] {
  const k = placed.body.scale / 100;
  const g = placed.body.radiusScale / 100;
  const ring = (segment: Segment, z: number, half: number, radius: number, forward = 0): Ball[] =>
    [half, -half].map((y) => ({
      at: pointOn(placed, segmentIndex(segment), [forward * k, y * k, z * k]),
      radius: radius * g,
    }));
  const rings = [
    ring('pelvis', -1, 6.5, 8.5, -1),
    ring('pelvis', 7, 6.5, 8.3),
    ring('lumbar2', 2, 5, 8, 0.5),
    ring('thoracic1', 3, 6, 8.6, 0.5),
    ring('thoracic3', 2, 7.5, 9, 0.5),
    ring('thoracic4', 3, 9, 6.2, 0),
    ring('neck1', 2, 0.5, 5),
  ];
  const pieces = rings.slice(1).map((upper, i) => [...rings[i]!, ...upper]);
  const { womb } = placed.body;
  if (womb) {
    const ball = (segment: Segment, x: number, z: number, radius: number): Ball => ({
      at: pointOn(placed, segmentIndex(segment), [x, 0, z * k]),
      radius,
    });
    pieces.push([
      ball('lumbar2', 3 * k + womb.out * 0.85, 0, 6.5 * g + womb.out * 0.2),
      ball('lumbar3', 2 * k, 4, 8 * g),
      ball('pelvis', 2 * k, 8, 8 * g),
    ]);
  }
  const depth = toView(pointOn(placed, segmentIndex('thoracic1'), [0, 0, 0]), view)[2];
  return [{ tone: 'middle', pieces, depth, side: null }];
}

function headParts(placed: PlacedBody, view: View): Part[] {
  const k = placed.body.scale / 100;
  const head = segmentIndex('head');
  const ball = (x: number, y: number, z: number, radius: number): Ball => ({
    at: pointOn(placed, head, [x * k, y * k, z * k]),
    radius: radius * k,
  });
  const neck: Part = {
    tone: 'middle',
    depth: toView(placed.origins[head]!, view)[2] - 0.01,
    side: null,
    pieces: [[{ at: pointOn(placed, segmentIndex('neck1'), [-1 * k, 0, 0]), radius: 5 * k }, ball(0, 0, 3, 4.6)]],
  };
  const face: Part = {
    tone: 'face',
    depth: toView(pointOn(placed, head, [0, 0, 7 * k]), view)[2] + 0.02,
    side: null,
    pieces: [
      [ball(0.8, 0, 8, 7.4), ball(4, 0, 1, 3.2), ball(0, 0, 4, 5.5)],
      [ball(7.4, 0, 7.5, 1.2), ball(9.2, 0, 4.4, 0.8), ball(6.2, 0, 4, 1.2)],
    ],
  };
  const faceTowards = directionOn(placed, head, [1, 0, 0]);
  const away = toView([faceTowards[0], faceTowards[1], faceTowards[2]], view)[2];
  // Seen from behind the whole head is hair; seen from the front only its crown and rim.
  const hair: Part = {
    tone: 'hair',
    depth: face.depth + (away < -0.35 ? 0.05 : away > 0.6 ? -0.005 : 0.03),
    side: null,
    pieces:
      away > 0.6
        ? [
            [ball(-2, 0, 8.5, 8.6), ball(-1, 0, 10.5, 7.6)],
            [ball(2, 3.5, 13.4, 2.6), ball(2, -3.5, 13.4, 2.6), ball(-1, 0, 13, 4)],
          ]
        : [
            [ball(-2.4, 0, 8.6, 7.4), ball(-3.8, 0, 3.6, 3.6)],
            [ball(-2.4, 0, 9.4, 7), ball(3.2, 0, 13, 3.2)],
            [ball(-9.6, 0, 6.5, 3), ball(-6.5, 0, 7.5, 3)],
          ],
  };
  return [neck, face, hair];
}

/** The figure of a placed body with its props, seen from the side (facing right) or from the front. */
export function drawFigure(placed: PlacedBody, view: View): Figure {
  const parts = [...trunkParts(placed, view), ...headParts(placed, view), ...limbParts(placed, view)];
  const middle = parts[0]!.depth;
  parts.sort((a, b) => a.depth - b.depth);
  const props = drawProps(placed, view);
  let left = Infinity;
  let right = -Infinity;
  let top = Infinity;
  const seen = (points: readonly (readonly [number, number])[]) => {
    for (const [x, y] of points) {
      left = Math.min(left, x);
      right = Math.max(right, x);
      top = Math.min(top, y);
    }
  };
  const shapes: Shape[] = parts.map((part) => {
    const outlines = part.pieces.map((piece) => outline(piece, view));
    outlines.forEach(seen);
    const tone: Tone = part.tone !== 'limb' ? part.tone : part.depth < middle - 0.02 ? 'far' : 'near';
    return { tone, d: outlines.map(path).join('') };
  });
  props.corners.forEach((corner) => seen([corner]));
  return {
    view,
    shapes: [...props.behind, ...shapes, ...props.before],
    box: { left, right, top, bottom: 0 },
  };
}
