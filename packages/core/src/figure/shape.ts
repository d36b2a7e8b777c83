import type { Eye } from './view.js';

/** How a shape is to be inked; the screen decides the colour. `Far` is the limb of a pair that lies behind, `path` the way of a movement, `beside` a line that lies on the paper and not on cloth or skin. */
export const TONES = [
  'leg', 'legFar', 'top', 'topFar', 'skin', 'skinFar', 'hair', 'scarf', 'wood', 'woodSide', 'wool', 'woolSide', 'wall', 'mat', 'shadow', 'line', 'outline', 'path', 'beside',
] as const; // prettier-ignore
export type Tone = (typeof TONES)[number];

export interface Shape {
  readonly tone: Tone;
  /** SVG path data in cm, y downwards, the foremost part of the floor that is drawn at y = 0; filled by the even-odd rule. */
  readonly d: string;
  /** Of a line, and of an outline, which is filled as well: how wide it is drawn, in cm. */
  readonly width?: number;
}

/** A figure as paths from back to front; the picture can't disagree with the computation behind it. */
export interface Figure {
  readonly eye: Eye;
  /** How much higher everything is drawn than where the eye sees it, in cm, so that it stands on y = 0. */
  readonly lift: number;
  readonly shapes: readonly Shape[];
  /** What the body, its props and its mat fill, in cm. */
  readonly box: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
}
