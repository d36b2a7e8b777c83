import type { Solid } from './raster.js';
import type { Tone } from './shape.js';
import type { Ball } from './volumes.js';

/** A prop in the room, in cm: boxes with a tone for the face above and one for the others, or balls for what is round. */
export interface DrawnProp {
  readonly boxes: readonly Solid[];
  readonly balls: readonly Omit<Ball, 'bone'>[];
  readonly top: Tone;
  readonly sides: Tone;
}
