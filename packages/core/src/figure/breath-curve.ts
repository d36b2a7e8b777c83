import type { BreathPattern } from '../asanas/asana.js';
import type { Shape } from './shape.js';

/** Centimetres of the drawing for a second, and for a full breath's depth. */
const SECOND_CM = 3.2;
export const BREATH_DEPTH_CM = 18;
/** A quick breath is drawn so often that its rhythm is seen, over about so many seconds. */
const SHOWN_SECONDS = 8;
const MOST_CYCLES = 4;
const LINE_CM = 1.3;

function cyclesOf(seconds: number): number {
  return Math.min(MOST_CYCLES, Math.max(1, Math.round(SHOWN_SECONDS / seconds)));
}

function secondsOf({ in: inhale, pauseIn, out, pauseOut }: BreathPattern): number {
  return inhale + pauseIn + out + pauseOut;
}

/** How long the line of a breath is, in cm; 0 where nothing is counted. */
export function breathWidth(pattern: BreathPattern): number {
  const seconds = secondsOf(pattern);
  return seconds <= 0 ? 0 : cyclesOf(seconds) * seconds * SECOND_CM;
}

/**
 * A breath as a line over time that begins at `left` and `low`, in cm: it rises while one breathes in, runs level
 * while one waits, and falls while one breathes out. `null` where nothing is counted.
 */
export function breathCurve(pattern: BreathPattern, left: number, low: number): Shape | null {
  const seconds = secondsOf(pattern);
  if (seconds <= 0) return null;
  const { in: inhale, pauseIn, out, pauseOut } = pattern;
  const cycle = [[inhale, -BREATH_DEPTH_CM], [pauseIn, 0], [out, BREATH_DEPTH_CM], [pauseOut, 0]] as const; // prettier-ignore
  const steps = cycle.filter(([time]) => time > 0).map(([time, rise]) => `l${(time * SECOND_CM).toFixed(1)} ${rise}`);
  return { tone: 'beside', d: `M${left.toFixed(1)} ${low.toFixed(1)}${steps.join('').repeat(cyclesOf(seconds))}`, width: LINE_CM };
}
