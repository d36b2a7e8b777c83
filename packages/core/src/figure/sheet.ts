import type { Figure, Tone } from './draw.js';

/** Colours of a figure on paper, for pictures outside the application. */
const INK: Record<Tone, string> = {
  near: '#2b2f63', middle: '#3d427c', far: '#8e92bb', face: '#c9a98c', hair: '#1d1f3f', wood: '#c6a77d', wool: '#b98a84', woodFar: '#d9c7a8', line: '#6b6a75',
}; // prettier-ignore

/** The figure as a self-contained SVG text, with room round it, in cm. */
export function figureSvg(figure: Figure, room = 8): string {
  const { left, right, top } = figure.box;
  const box = [left - room, top - room, right - left + 2 * room, -top + 2 * room].map((n) => n.toFixed(1));
  const shapes = figure.shapes
    .map(({ tone, d }) => `<path d="${d}" fill="${INK[tone]}" stroke="#faf6ee" stroke-width="0.9" paint-order="stroke"/>`)
    .join('');
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box.join(' ')}"><path d="M${box[0]} 0h${box[2]}" stroke="${INK.line}" stroke-width="0.8"/>${shapes}</svg>`;
}
