import type { BreathPattern, Detail } from '../asanas/asana.js';
import type { Variation } from '../asanas/library.js';
import type { BodyPart } from '../body/contact.js';
import { pointOn, segmentIndex, type PlacedBody, type Vec3 } from '../body/skeleton.js';
import { SIDES } from '../angles.js';
import { BREATH_DEPTH_CM, breathCurve, breathWidth } from './breath-curve.js';
import { DETAIL_SHAPES } from './detail-shapes.js';
import { partPlace } from './part-place.js';
import type { Figure, Shape } from './shape.js';
import { toView, type Axes } from './view.js';

/** Radius of a close-up, and its room from the figure and from the line of the breath below it, in cm. */
const RADIUS_CM = 28;
const APART_CM = 8;
const BELOW_CM = 6;
const LINE_CM = { ring: 1.1, leader: 0.7 } as const;
/** What a close-up is of is ringed on the figure, at this radius. */
const SOURCE_CM = 4.5;
/** A detail's square is 100 wide. */
const SQUARE = 100;
/** Where the nose is on the head of the reference body, in m. */
const NOSE: Vec3 = [0.09, 0, 0.06];

/** The part of the body that each detail is of, where it is not the face. */
const PART_OF: Readonly<Partial<Record<Detail, BodyPart>>> = {
  belly: 'belly', 'belly-in': 'belly', 'drawn-up': 'belly', ribs: 'ribs', 'three-parts': 'ribs', heart: 'chest', 'pelvic-floor': 'pelvis', seat: 'pelvis',
  'pelvis-rolls': 'pelvis', 'pelvis-rolls-lying': 'pelvis', squeeze: 'knee', shoulders: 'shoulder', hand: 'fingertips', toes: 'ball', ankle: 'ball', 'toes-up-and-down': 'ball', heel: 'heel',
}; // prettier-ignore

const circle = (x: number, y: number, radius: number): string =>
  `M${(x - radius).toFixed(1)} ${y.toFixed(1)}a${radius} ${radius} 0 1 1 ${2 * radius} 0a${radius} ${radius} 0 1 1 ${-2 * radius} 0Z`;

/** A path of absolute commands, scaled and moved. */
function movedPath(d: string, scale: number, x: number, y: number): string {
  return d.replace(
    /(-?[\d.]+) (-?[\d.]+)/g,
    (_, u: string, v: string) => `${(x + Number(u) * scale).toFixed(1)} ${(y + Number(v) * scale).toFixed(1)}`,
  );
}

function nosePlace(placed: PlacedBody): Vec3 {
  const own = NOSE.map((metres) => metres * placed.body.scale) as Vec3;
  return pointOn(placed, segmentIndex('head'), own).map((metres) => metres * 100) as Vec3;
}

/** Where on the picture the part is, on the side that is nearer to the close-up, in cm. */
function sourceOf(placed: PlacedBody, detail: Detail, axes: Axes, lift: number): readonly [number, number] {
  const part = PART_OF[detail];
  const seen = (part ? SIDES.map((side) => partPlace(placed, part, side)) : [nosePlace(placed)]).map((place) => toView(place, axes));
  const [u, v] = seen.reduce((one, other) => (other[0] > one[0] ? other : one));
  return [u, v - lift];
}

type Shown = Pick<Variation, 'detail' | 'pattern'>;

/** Whoever lies leaves room above them, and none beside: no joint is higher than this, in m. */
const LOW_M = 0.6;
function isLow({ origins }: PlacedBody): boolean {
  return origins.every(([, , z]) => z < LOW_M);
}

const closeWidth = (detail: Detail | null): number => (detail === null ? 0 : 2 * RADIUS_CM);
const lineWidth = (pattern: BreathPattern | null): number => (pattern === null ? 0 : breathWidth(pattern));

/** How much wider and higher a figure becomes at least, in cm, with its close-up and the line of its breath. */
export function roomForCloseUp(
  { detail, pattern }: Shown,
  placed: PlacedBody,
): { readonly beside: number; readonly above: number; readonly height: number } {
  const [close, breath] = [closeWidth(detail), lineWidth(pattern)];
  if (close + breath === 0) return { beside: 0, above: 0, height: 0 };
  if (isLow(placed)) return { beside: 0, above: BELOW_CM + Math.max(close, breath > 0 ? BREATH_DEPTH_CM : 0), height: 0 };
  return { beside: APART_CM + Math.max(close, breath), above: 0, height: close + (breath > 0 ? BELOW_CM + BREATH_DEPTH_CM : 0) };
}

/**
 * A figure with what is too small in it, close up in a circle that is led to its place, and with the line of its
 * breath: figures that only sit or lie are told apart by them. They stand beside whoever is upright and above whoever
 * lies.
 */
export function withCloseUp(figure: Figure, shown: Shown, placed: PlacedBody, axes: Axes): Figure {
  const { detail, pattern } = shown;
  const { beside, above, height } = roomForCloseUp(shown, placed);
  if (beside + above === 0) return figure;
  const { box } = figure;
  const top = above > 0 ? box.top - above : Math.min(box.top, -height);
  const left = above > 0 ? Math.max(box.left, box.right - closeWidth(detail)) : box.right + APART_CM;
  const shapes: Shape[] = [];
  if (detail !== null) {
    const [x, y] = [left + RADIUS_CM, top + RADIUS_CM];
    const [u, v] = sourceOf(placed, detail, axes, figure.lift);
    const away = Math.hypot(x - u, y - v);
    const on = (from: number): string => `${(u + ((x - u) * from) / away).toFixed(1)} ${(v + ((y - v) * from) / away).toFixed(1)}`;
    const scale = (2 * RADIUS_CM) / SQUARE;
    shapes.push(
      { tone: 'beside', d: `${circle(u, v, SOURCE_CM)}M${on(SOURCE_CM)}L${on(away - RADIUS_CM)}`, width: LINE_CM.leader },
      { tone: 'mat', d: circle(x, y, RADIUS_CM) },
      ...DETAIL_SHAPES[detail].map((shape) => ({
        ...shape,
        tone: shape.tone === 'hair' && placed.body.shown.headscarf ? 'scarf' : shape.tone,
        d: movedPath(shape.d, scale, x - RADIUS_CM, y - RADIUS_CM),
        ...(shape.width !== undefined && { width: Number((shape.width * scale).toFixed(2)) }),
      })),
      { tone: 'beside', d: circle(x, y, RADIUS_CM), width: LINE_CM.ring },
    );
  }
  const [lineLeft, low] = above > 0 ? [left - APART_CM - lineWidth(pattern), box.top - BELOW_CM] : [left, top + height];
  const breath = pattern && breathCurve(pattern, lineLeft, low);
  if (breath) shapes.push(breath);
  return {
    ...figure,
    shapes: [...figure.shapes, ...shapes],
    box: { ...box, left: Math.min(box.left, lineLeft), right: box.right + beside, top },
  };
}
