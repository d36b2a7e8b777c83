import type { Detail } from '../asanas/asana.js';
import type { Shape, Tone } from './shape.js';

/**
 * What a detail shows, drawn by hand in a square of 100 x 100 whose circle it fills. Paths hold only absolute `M`, `L`,
 * `C` and `Z`, so that they can be scaled.
 */
type Drawn = readonly Shape[];

const LINE = { outline: 3, inside: 2.4, path: 3.4 } as const;

const filled = (tone: Tone, d: string): Drawn => [
  { tone, d },
  { tone: 'line', d, width: LINE.outline },
];
const line = (d: string): Shape => ({ tone: 'line', d, width: LINE.inside });

/** A way that something goes, with its head at the end. */
function arrow(d: string): Shape {
  const numbers = Array.from(d.matchAll(/-?\d+(?:\.\d+)?/g), ([number]) => Number(number));
  const [fromX, fromY, x, y] = numbers.slice(-4) as [number, number, number, number];
  const angle = Math.atan2(y - fromY, x - fromX);
  const barb = (turn: number) => `${(x - 9 * Math.cos(angle + turn)).toFixed(1)} ${(y - 9 * Math.sin(angle + turn)).toFixed(1)}`;
  return { tone: 'path', d: `${d}M${barb(0.55)}L${x} ${y}L${barb(-0.55)}`, width: LINE.path };
}
/** A trace without an end, as of a sound or of what was before. */
const trace = (d: string): Shape => ({ tone: 'path', d, width: LINE.path });

/** A head from its right, in three parts so that what is at the mouth can differ. */
const profile = (mouth = 'L61 60L62 63L60 65L61 68'): Drawn => [
  ...filled('skin', `M23 90C24 81 20 76 17 66C12 48 17 24 36 21C50 19 57 27 57 38C57 42 59 45 61 48L67 55C68 57 66 58 62 58${mouth}C59 71 61 74 59 78C56 83 49 82 43 80L45 91Z`),
  ...filled('hair', 'M19 68C8 46 14 20 36 17C50 16 58 23 58 34C47 34 38 38 35 47C33 54 27 58 24 66Z'),
  ...filled('hair', 'M18 34C10 38 3 31 7 24C11 16 22 19 23 26Z'),
]; // prettier-ignore
const closedEye = line('M48 44C50 46 53 46 55 44');
const openEye = line('M49 43L54 43M52 42L52 45');

const face = (eyes: string): Drawn => [
  ...filled('hair', 'M21 50C17 22 32 10 50 10C68 10 83 22 79 50Z'),
  ...filled('skin', 'M25 46C25 30 36 26 50 26C64 26 75 30 75 46C75 68 66 84 50 86C34 84 25 68 25 46Z'),
  line(eyes),
  line('M48 44L46 58C46 61 54 61 54 58M44 72C47 74 53 74 56 72'),
];
const EYES_CLOSED = 'M33 45C36 48 41 48 43 45M57 45C59 48 64 48 67 45';

/** Two fingers beside the nose, on the person's left (the right of the picture) or right. */
const fingerAtNose = (side: 'left' | 'right'): Drawn => {
  const at = (x: number) => (side === 'left' ? x : 100 - x);
  return filled('skinFar', `M${at(56)} 55C${at(53)} 58 ${at(54)} 63 ${at(58)} 63L${at(74)} 76L${at(84)} 70L${at(66)} 58C${at(62)} 54 ${at(59)} 53 ${at(56)} 55Z`);
}; // prettier-ignore

/** A trunk from its right: shoulder above, seat below, belly to the right. */
const trunkSide: Drawn = [
  ...filled('leg', 'M34 74C28 86 38 93 54 93L76 91L91 77L62 74Z'),
  ...filled('top', 'M36 10C28 26 38 44 36 58C34 66 33 70 34 76L62 76C66 66 64 58 61 50C58 42 62 34 61 24C60 16 56 10 52 8Z'),
];
const trunkFront: Drawn = [
  ...filled('leg', 'M30 76L70 76L74 92L26 92Z'),
  ...filled('top', 'M40 8L60 8C68 12 76 13 78 20L72 42C68 56 68 66 70 78L30 78C32 66 32 56 28 42L22 20C24 13 32 12 40 8Z'),
];
const hollowTrunk: Drawn = [
  ...filled('leg', 'M34 74C28 86 38 93 54 93L76 91L91 77L62 74Z'),
  ...filled('top', 'M36 10C28 26 38 44 36 58C34 66 33 70 34 76L62 76C64 70 58 66 52 60C46 52 52 44 60 38C64 32 60 16 52 8Z'),
];
/** Lying on the back, head to the left. */
const lyingTrunk: Drawn = [
  line('M6 74L94 74'),
  ...filled('leg', 'M56 44C66 46 76 36 84 22L95 34C90 54 80 70 66 73L54 73Z'),
  ...filled('top', 'M8 46C20 40 36 44 46 42C52 41 56 42 60 46L60 72C50 74 44 66 36 66C26 66 20 73 8 72Z'),
];
const knees: Drawn = [
  ...filled('leg', 'M12 22C22 14 36 18 38 30C40 44 34 62 34 86L18 86C18 62 6 40 12 22Z'),
  ...filled('leg', 'M88 22C78 14 64 18 62 30C60 44 66 62 66 86L82 86C82 62 94 40 88 22Z'),
  ...filled('wool', 'M40 26C46 22 54 22 60 26C63 36 63 44 60 52C54 56 46 56 40 52C37 44 37 36 40 26Z'),
];
const hand: Drawn = [
  ...filled('skin', 'M36 92L34 70C26 64 18 56 14 48C13 43 18 42 21 46L33 56L29 26C29 21 35 20 37 25L42 46L43 16C43 11 50 11 50 16L52 46L58 20C60 15 66 17 65 22L61 50L71 32C74 28 79 31 77 36L66 66L63 92Z'),
]; // prettier-ignore
const foot = filled('skin', 'M22 12L44 12L46 44C54 54 72 58 84 68C90 74 86 80 78 80L30 80C18 78 16 66 20 56Z');

const waves = trace('M72 56C76 60 76 68 72 72M80 51C86 58 86 70 80 77');

/** The drawing of each detail. */
export const DETAIL_SHAPES: Readonly<Record<Detail, Drawn>> = {
  nose: [...profile(), closedEye, arrow('M90 74C82 74 74 70 70 63'), arrow('M72 56C80 58 86 62 91 66')],
  'nostrils-in-turn': [...face(EYES_CLOSED), ...fingerAtNose('right'), arrow('M60 93C60 84 59 74 56 66'), arrow('M64 62C72 68 75 76 75 86')],
  'nostril-left': [...face(EYES_CLOSED), ...fingerAtNose('right'), arrow('M66 92C66 84 62 72 57 65')],
  'nostril-right': [...face(EYES_CLOSED), ...fingerAtNose('left'), arrow('M34 92C34 84 38 72 43 65')],
  lips: [...profile('L61 60L66 61L67 64L66 67L61 68'), closedEye, arrow('M72 64L92 64'), trace('M74 58L84 55M74 70L84 73')],
  tongue: [...profile('L60 60L60 67L61 68'), ...filled('wool', 'M60 61L74 62C78 63 78 68 74 68L60 67Z'), closedEye, arrow('M94 65L82 65')],
  teeth: [...profile('L62 60L58 61L58 67L62 68'), ...filled('mat', 'M58 61L63 61L63 67L58 67Z'), closedEye, arrow('M92 64L70 64')],
  roar: [...profile('L61 59L52 62L52 69L60 70'), ...filled('wool', 'M53 66C60 64 66 68 65 76C64 80 60 79 60 76C60 73 57 70 53 70Z'), openEye, arrow('M70 66L92 72')],
  hum: [...profile(), closedEye, ...filled('skinFar', 'M17 86C18 80 20 74 24 66L30 54C32 49 38 51 37 56L34 66C37 68 38 72 36 76L32 93Z'), waves],
  hiss: [...profile('L62 60L58 62L58 66L62 67'), closedEye, trace('M66 64C70 58 74 70 78 64C82 58 86 70 91 64')],
  feather: [...profile('L61 60L66 61L67 64L66 67L61 68'), openEye, ...filled('mat', 'M78 44C88 46 92 58 84 70L78 78L80 68C74 60 74 50 78 44Z'), line('M80 48L80 72'), trace('M71 64L76 64')],
  voice: [...profile('L61 59L54 62L54 68L60 70'), closedEye, waves],
  throat: [...profile(), closedEye, trace('M30 82C34 79 38 85 42 82M28 88C33 85 38 91 44 88'), arrow('M72 58C80 59 86 63 91 68')],
  sigh: [...profile('L61 59L54 62L54 68L60 70'), closedEye, arrow('M66 66C74 66 82 72 88 82'), trace('M68 60C76 60 84 63 90 68')],
  gaze: [...profile(), openEye, trace('M60 43L66 43M70 43L76 43'), ...filled('wool', 'M86 32C92 40 92 48 86 48C80 48 80 40 86 32Z'), ...filled('mat', 'M82 52L90 52L90 78L82 78Z')],
  eyes: [...face('M31 45C35 39 41 39 45 45C41 50 35 50 31 45ZM55 45C59 39 65 39 69 45C65 50 59 50 55 45ZM41 44L43 45L41 46ZM65 44L67 45L65 46Z'), arrow('M34 35C48 28 62 30 68 36')],
  chin: [...profile(), openEye, arrow('M92 66L68 66'), arrow('M30 24C30 16 30 12 30 6')],
  belly: [...trunkSide, trace('M61 44C76 50 78 68 63 75'), arrow('M54 60L90 60')],
  'belly-in': [...trunkSide, arrow('M90 60L70 60'), arrow('M86 70L68 68')],
  'drawn-up': [...hollowTrunk, arrow('M82 58L62 54'), arrow('M46 68L46 34')],
  ribs: [...trunkFront, line('M32 40C40 36 46 40 48 44M68 40C60 36 54 40 52 44M33 50C40 46 46 50 48 54M67 50C60 46 54 50 52 54'), arrow('M24 46L8 46'), arrow('M76 46L92 46')],
  'three-parts': [...trunkFront, line('M34 62C44 68 56 68 66 62M32 44C44 50 56 50 68 44M28 26C42 32 58 32 72 26'), arrow('M50 74L50 18')],
  'pelvic-floor': [...trunkFront, trace('M36 86C44 92 56 92 64 86'), arrow('M50 84L50 60')],
  heart: [...trunkFront, ...filled('wool', 'M50 50C36 40 38 28 45 28C48 28 50 31 50 34C50 31 52 28 55 28C62 28 64 40 50 50Z'), trace('M34 30C30 36 30 44 34 50M66 30C70 36 70 44 66 50')],
  hand: [...hand, arrow('M24 92L22 76C12 68 6 56 6 46C8 34 20 36 26 42')],
  toes: [...foot, line('M72 62C74 66 74 72 70 78M62 57C65 63 65 72 62 80'), arrow('M88 66C92 58 90 48 84 42')],
  'toes-up-and-down': [...foot, arrow('M92 62C94 48 90 40 82 32'), arrow('M86 72C88 77 87 80 83 84')],
  heel: [...foot, arrow('M60 90L28 90')],
  squeeze: [...knees, arrow('M6 40L30 40'), arrow('M94 40L70 40')],
  seat: [...filled('leg', 'M22 16C14 34 12 54 20 70C28 82 44 80 50 70C56 80 72 82 80 70C88 54 86 34 78 16Z'), line('M50 36L50 70'), arrow('M8 58L34 58'), arrow('M92 58L66 58')],
  'pelvis-rolls': [...trunkSide, arrow('M22 58C14 70 16 86 30 92'), arrow('M70 66C72 58 72 50 70 42')],
  'pelvis-rolls-lying': [...lyingTrunk, arrow('M40 84C50 90 60 88 66 80'), arrow('M62 36C54 28 44 28 38 34')],
  shoulders: [
    ...filled('skin', 'M44 40L44 52L56 52L56 40Z'),
    ...filled('hair', 'M36 28C34 12 42 6 50 6C58 6 66 12 64 28Z'),
    ...filled('skin', 'M38 26C40 18 60 18 62 26C62 36 57 43 50 43C43 43 38 36 38 26Z'),
    ...filled('top', 'M6 74C8 56 20 46 34 46L44 52L56 52L66 46C80 46 92 56 94 74L84 86L16 86Z'),
    arrow('M20 44L20 24'),
    arrow('M80 44L80 24'),
  ],
  'turns-of-the-head': [...face(EYES_CLOSED), arrow('M14 70C22 92 70 98 86 74')],
  ankle: [...foot, arrow('M78 50C90 52 92 82 78 86C66 89 58 87 55 82')],
}; // prettier-ignore
