import type { BreathPattern } from '../asanas/asana.js';
import type { Figure, Shape } from './shape.js';

/** Centimetres of the drawing for a second, and for a full breath's depth. */
const SECOND_CM = 3.2;
const DEPTH_CM = 18;
/** A quick breath is drawn so often that its rhythm is seen, over about so many seconds. */
const SHOWN_SECONDS = 8;
const MOST_CYCLES = 4;
const APART_CM = 9;
const LINE_CM = 1.3;
/** Room behind the line, in cm. */
const END_CM = 2;

function cyclesOf(seconds: number): number {
  return Math.min(MOST_CYCLES, Math.max(1, Math.round(SHOWN_SECONDS / seconds)));
}

function secondsOf({ in: inhale, pauseIn, out, pauseOut }: BreathPattern): number {
  return inhale + pauseIn + out + pauseOut;
}

/** How much wider a figure is with its breath beside it, in cm. */
export function breathWidth(pattern: BreathPattern): number {
  const seconds = secondsOf(pattern);
  return seconds <= 0 ? 0 : APART_CM + cyclesOf(seconds) * seconds * SECOND_CM + END_CM;
}

/**
 * A breath as a line over time, beside the figure that breathes: it rises while one breathes in, runs level while
 * one waits, and falls while one breathes out. Figures that only sit are told apart by it.
 */
export function withBreathCurve(figure: Figure, pattern: BreathPattern): Figure {
  const seconds = secondsOf(pattern);
  if (seconds <= 0) return figure;
  const { in: inhale, pauseIn, out, pauseOut } = pattern;
  const left = figure.box.right + APART_CM;
  const low = Math.min(0, figure.box.top + DEPTH_CM + 4);
  const cycle = [[inhale, -DEPTH_CM], [pauseIn, 0], [out, DEPTH_CM], [pauseOut, 0]] as const; // prettier-ignore
  const steps = cycle.filter(([time]) => time > 0).map(([time, rise]) => `l${(time * SECOND_CM).toFixed(1)} ${rise}`);
  const curve: Shape = {
    tone: 'line',
    d: `M${left.toFixed(1)} ${low.toFixed(1)}${steps.join('').repeat(cyclesOf(seconds))}`,
    width: LINE_CM,
  };
  return {
    ...figure,
    shapes: [...figure.shapes, curve],
    box: { ...figure.box, right: figure.box.right + breathWidth(pattern), top: Math.min(figure.box.top, low - DEPTH_CM - 2) },
  };
}
