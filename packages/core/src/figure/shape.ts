import type { View } from './view.js';

/** How a shape is to be inked; the screen decides the colour. */
export type Tone =
  | 'near' | 'middle' | 'far' | 'face' | 'hair' | 'wood' | 'wool' | 'woodFar' | 'line'; // prettier-ignore

export interface Shape {
  readonly tone: Tone;
  /** SVG path data in cm, y downwards, the floor at y = 0. */
  readonly d: string;
}

/** A figure as paths from back to front; the picture can't disagree with the computation behind it. */
export interface Figure {
  readonly view: View;
  readonly shapes: readonly Shape[];
  /** What the body and its props fill, in cm. */
  readonly box: { readonly left: number; readonly right: number; readonly top: number; readonly bottom: number };
}
