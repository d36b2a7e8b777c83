import { createRequire } from 'node:module';
import { openSync, type Font } from 'fontkit';

const require = createRequire(import.meta.url);

interface Face {
  readonly name: string;
  readonly file: string;
  /** Written from right to left. */
  readonly isRtl?: true;
}

const at = (family: string, part: string) => require.resolve(`@fontsource/${family}/files/${family}-${part}-400-normal.woff`);

/** The shipped faces: the text's own first, then one for each script that people's names are written in. */
export const FACES: readonly Face[] = [
  { name: 'text', file: at('atkinson-hyperlegible-next', 'latin') },
  { name: 'text-ext', file: at('atkinson-hyperlegible-next', 'latin-ext') },
  ...['latin-ext', 'vietnamese', 'cyrillic', 'cyrillic-ext', 'greek', 'greek-ext'].map((part) => ({
    name: part,
    file: at('noto-sans', part),
  })),
  { name: 'devanagari', file: at('noto-sans-devanagari', 'devanagari') },
  { name: 'hebrew', file: at('noto-sans-hebrew', 'hebrew'), isRtl: true },
  { name: 'arabic', file: at('noto-sans-arabic', 'arabic'), isRtl: true },
  { name: 'han', file: at('noto-sans-sc', 'chinese-simplified') },
];

/** Opened when a character first needs them: most notes are in one face. */
const fonts = new Map<string, Font>();
function fontOf({ name, file }: Face): Font {
  const known = fonts.get(name) ?? (openSync(file) as Font);
  fonts.set(name, known);
  return known;
}

/** A part of a line in one face. */
export interface FaceRun {
  readonly face: string;
  readonly text: string;
}

/** What no shipped face holds. */
const UNKNOWN = '·';
const MARK = /^\p{M}$/u;

function faceFor(character: string, current: Face): Face | null {
  const point = character.codePointAt(0) ?? 0;
  const holds = (face: Face) => fontOf(face).hasGlyphForCodePoint(point);
  // A space, a digit or a mark goes with what it stands beside.
  if ((character === ' ' || MARK.test(character)) && holds(current)) return current;
  return FACES.find(holds) ?? null;
}

/** Words in the order in which they are set: the engine sets each from left to right, one word after another. */
function inOrder(face: Face, text: string): string {
  return face.isRtl ? text.split(' ').reverse().join(' ') : text;
}

/** A line cut into parts that one face each can write. */
export function faceRuns(line: string): FaceRun[] {
  const runs: { face: Face; text: string }[] = [];
  for (const character of line.normalize('NFC')) {
    const last = runs.at(-1);
    const face = faceFor(character, last?.face ?? FACES[0]!);
    const said = face ? character : UNKNOWN;
    const used = face ?? FACES[0]!;
    if (last && last.face === used) last.text += said;
    else runs.push({ face: used, text: said });
  }
  return runs.map(({ face, text }) => {
    // The gap behind words that run the other way stays behind them.
    const words = text.trimEnd();
    return { face: face.name, text: `${inOrder(face, words)}${text.slice(words.length)}` };
  });
}
