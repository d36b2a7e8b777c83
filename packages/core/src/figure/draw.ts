import { getOrCreate } from '../get-or-create.js';
import { directionOn, pointOn, segmentIndex, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { BONE_NUMBER, BONES, CLOTH, PAIRS } from './bones.js';
import { Raster } from './raster.js';
import { boundsOf, sceneOf, SHADOW_CM, type Bounds, type Scene } from './scene.js';
import type { Figure, Shape, Tone } from './shape.js';
import { borders, traced, type Edge, type TraceOptions } from './trace.js';
import { axesOf, eyeOf, toView, type Axes, type View } from './view.js';
import type { Ball } from './volumes.js';

/** Side of a cell in cm: finer than a finger. */
const CELL_CM = 0.6;
/** How far, in cm, an outline may run beside its cells. */
const ROOM_CM = 0.45;
/** Islands and lines that are shorter, in cm, are noise. */
const LEAST_CM = { outline: 5, line: 4 } as const;
/** Where one limb lies so much nearer to the eye than another beside it, in cm, a line stands between them. */
const JUMP_CM = 1.6;
/** Within a limb that is bent, as at the knee, more is needed. */
const BENT_JUMP_CM = 3;
/** A limb is drawn as far where the two of a pair lie apart along the line of sight for so large a share of their distance. */
const FAR_SHARE = 0.85;
const LINE_CM = { outline: 1.5, inside: 0.9, face: 0.7 } as const;
const MARGIN_CM = 3;

/** A prop takes three numbers of the grid: its upper face, its sides and its ends. */
const PROP_FACES = 3;
const FIRST_PROP = 32;
const MOST_PROPS = Math.floor((255 - FIRST_PROP) / PROP_FACES);

/** The parts that lie behind their pair's other side. */
function farBones(balls: readonly Ball[], axes: Axes): Set<number> {
  const far = new Set<number>();
  for (const sides of PAIRS) {
    const [left, right] = sides.map((bones) => {
      const own = balls.filter(({ bone }) => bones.some((name) => BONE_NUMBER[name] === bone));
      return [0, 1, 2].map((i) => own.reduce((sum, { at }) => sum + at[i]!, 0) / own.length) as Vec3;
    }) as [Vec3, Vec3];
    const apart = Math.hypot(left[0] - right[0], left[1] - right[1], left[2] - right[2]);
    const behind = toView(right, axes)[2] - toView(left, axes)[2];
    if (Math.abs(behind) < FAR_SHARE * apart) continue;
    for (const name of sides[behind > 0 ? 0 : 1]!) far.add(BONE_NUMBER[name]);
  }
  return far;
}

const isBody = (label: number): boolean => label > 0 && label < FIRST_PROP;
const LIMB_OF: readonly string[] = [
  '',
  ...BONES.map((bone) => bone.replace(/Thigh|Shin|Foot/, 'Leg').replace(/UpperArm|Forearm|Hand/, 'Arm')),
];
const CLOTH_OF: readonly string[] = ['', ...BONES.map((bone) => CLOTH[bone])];

/** Where hair or a scarf begins, a line stands in any case. */
const isCovering = (cloth: string | undefined): cloth is 'hair' | 'scarf' => cloth === 'hair' || cloth === 'scarf';

/** Whether a line stands between two parts of the body that lie side by side on the screen, so far apart in depth. */
function isParted(one: number, other: number, jump: number): boolean {
  if (one === other) return false;
  const isOneLimb = LIMB_OF[one] === LIMB_OF[other];
  if (CLOTH_OF[one] === CLOTH_OF[other]) return jump > (isOneLimb ? BENT_JUMP_CM : JUMP_CM);
  // Where a sleeve ends, and where hair begins, a line stands in any case; none where trousers meet the top.
  return isOneLimb || jump > JUMP_CM || isCovering(CLOTH_OF[one]) || isCovering(CLOTH_OF[other]);
}

/** Places on the face in cm of the reference body: two eyes, and the ends of the mouth. */
const EYES: readonly Readonly<Vec3>[] = [[8, 2.8, 8.6], [8, -2.8, 8.6]]; // prettier-ignore
const MOUTH: readonly Readonly<Vec3>[] = [[7.9, 1.1, 3.6], [7.9, -1.1, 3.6]]; // prettier-ignore
/** What lies so much before a place on the face, in cm, hides it. */
const HIDES_CM = 2.2;

function drawFace(placed: PlacedBody, axes: Axes, raster: Raster, lift: number): Shape[] {
  const head = segmentIndex('head');
  const scale = placed.body.scale / 100;
  const gaze = directionOn(placed, head, [1, 0, 0]);
  const seen = (local: Readonly<Vec3>): [number, number] | null => {
    const point = pointOn(placed, head, [local[0] * scale, local[1] * scale, local[2] * scale]).map((m) => m * 100) as Vec3;
    const [u, v, near] = toView(point, axes);
    const [column, row] = [Math.floor((u - raster.left) / raster.step), Math.floor((v - raster.top) / raster.step)];
    if (column < 0 || row < 0 || column >= raster.columns || row >= raster.rows) return null;
    const cell = row * raster.columns + column;
    return raster.labels[cell] === BONE_NUMBER.face && raster.depths[cell]! - near < HIDES_CM ? [u, v - lift] : null;
  };
  // Whoever lies on the back has their eyes closed.
  const isResting = gaze[2] > 0.8;
  const across = directionOn(placed, head, [0, 1, 0]);
  const [du, dv] = toView(across, axes);
  const parts = EYES.flatMap((eye) => {
    const at = seen(eye);
    if (!at) return [];
    const half = isResting ? 1.3 : 0.35;
    return [
      `M${(at[0] - du * half).toFixed(1)} ${(at[1] - dv * half).toFixed(1)}l${(2 * du * half || 0.1).toFixed(1)} ${(2 * dv * half).toFixed(1)}`,
    ];
  });
  const [left, right] = MOUTH.map(seen);
  if (left && right) parts.push(`M${left[0].toFixed(1)} ${left[1].toFixed(1)}L${right[0].toFixed(1)} ${right[1].toFixed(1)}`);
  return parts.length === 0 ? [] : [{ tone: 'line', d: parts.join(''), width: LINE_CM.face * (isResting ? 1 : 1.4) }];
}

/** The shadow that what lies low throws straight down. */
function drawShadow(balls: readonly Ball[], axes: Axes, bounds: Bounds, options: TraceOptions): Shape[] {
  const floor = new Raster(axes, bounds.left, bounds.top, bounds.right, bounds.bottom, 2 * CELL_CM);
  for (const { at, radius } of balls) {
    if (at[2] - radius > SHADOW_CM) continue;
    // A disc on the floor, seen from where the eye is: a ball would stand up.
    floor.disc([at[0], at[1], 0], radius * 0.95);
  }
  const edges: Edge[] = [];
  borders(floor, (_cell, _other, edge) => edges.push(edge));
  return [{ tone: 'shadow', d: traced(floor, edges, { ...options, room: 2 * options.room }) }];
}

/** The figures of placed bodies with their props, each on its mat, all on one ground. */
export function drawFigures(bodies: readonly PlacedBody[], view: View): Figure[] {
  const axes = axesOf(view);
  const scenes = bodies.map((placed) => {
    const scene = sceneOf(placed, axes);
    return { placed, scene, bounds: boundsOf(scene, axes) };
  });
  const lift = Math.max(...scenes.map(({ bounds }) => bounds.bottom));
  return scenes.map((one) => ({ eye: eyeOf(view), lift, ...drawScene(one, axes, lift) }));
}

export function drawFigure(placed: PlacedBody, view: View): Figure {
  return drawFigures([placed], view)[0]!;
}

interface Placed {
  readonly placed: PlacedBody;
  readonly scene: Scene;
  readonly bounds: Bounds;
}

/** The shapes of a scene, moved up by `lift` cm, and what they fill. */
function drawScene({ placed, scene, bounds }: Placed, axes: Axes, lift: number): Pick<Figure, 'shapes' | 'box'> {
  const raster = new Raster(axes, bounds.left - MARGIN_CM, bounds.top - MARGIN_CM, bounds.right + MARGIN_CM, bounds.bottom + MARGIN_CM, CELL_CM); // prettier-ignore
  const toneOf = new Array<Tone | null>(256).fill(null);
  const far = farBones(scene.balls, axes);
  BONES.forEach((bone, i) => {
    const cloth = CLOTH[bone];
    toneOf[i + 1] = far.has(i + 1) && !isCovering(cloth) ? `${cloth}Far` : cloth;
  });
  for (const ball of scene.balls) raster.ball(ball);
  scene.props.slice(0, MOST_PROPS).forEach(({ boxes, balls, top, sides }, i) => {
    const number = FIRST_PROP + PROP_FACES * i;
    toneOf[number] = top;
    toneOf[number + 1] = toneOf[number + 2] = sides;
    for (const box of boxes) raster.box(box, number, number + 1, number + 2);
    for (const ball of balls) raster.ball({ ...ball, bone: number });
  });

  const { labels, depths } = raster;
  const options: TraceOptions = { isArea: true, room: ROOM_CM, least: LEAST_CM.outline, lift };
  const around: Edge[] = [];
  const lines: Edge[] = [];
  const byTone = new Map<Tone, Edge[]>();
  borders(raster, (cell, other, edge) => {
    const [one, two] = [labels[cell]!, labels[other]!];
    const tones = [toneOf[one]!, toneOf[two]!];
    if (tones[0] !== tones[1]) for (const tone of tones) if (tone !== null) getOrCreate(byTone, tone, () => []).push(edge);
    if (one === 0 || two === 0) around.push(edge);
    else if (!isBody(one) || !isBody(two) || isParted(one, two, Math.abs(depths[cell]! - depths[other]!))) lines.push(edge);
  });
  const shapes: Shape[] = [];
  if (scene.mat.length > 0)
    shapes.push({
      tone: 'mat',
      d: scene.mat.map((corner, i) => { const [u, v] = toView(corner, axes); return `${i === 0 ? 'M' : 'L'}${u.toFixed(1)} ${(v - lift).toFixed(1)}`; }).join('') + 'Z', // prettier-ignore
    });
  shapes.push(...drawShadow(scene.balls, axes, bounds, options));
  // Under all tones lies the outline's own colour: what two of them leave between them is a line.
  shapes.push({ tone: 'outline', d: traced(raster, around, options), width: LINE_CM.outline });
  for (const [tone, edges] of byTone) shapes.push({ tone, d: traced(raster, edges, options) });
  shapes.push({ tone: 'line', d: traced(raster, lines, { ...options, isArea: false, least: LEAST_CM.line }), width: LINE_CM.inside });
  shapes.push(...drawFace(placed, axes, raster, lift));
  return {
    shapes: shapes.filter(({ d }) => d !== ''),
    box: { left: bounds.left, right: bounds.right, top: bounds.top - lift, bottom: bounds.bottom - lift },
  };
}
