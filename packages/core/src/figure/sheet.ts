import type { Figure, Tone } from './shape.js';

/** Colours of a figure on paper, for pictures outside the application. */
export const FIGURE_INK: Readonly<Record<Tone, string>> = {
  near: '#2b2f63', middle: '#3d427c', far: '#8e92bb', face: '#c9a98c', hair: '#1d1f3f', wood: '#c6a77d', wool: '#b98a84', woodFar: '#d9c7a8', line: '#6b6a75',
}; // prettier-ignore

const ROOM = 8;
const BELOW = 6;

/** Figures side by side at one scale on one ground line, as a self-contained SVG text; sizes in cm. */
export function figureSvg(figures: readonly Figure[], apart = 16): string {
  const top = Math.min(...figures.map(({ box }) => box.top)) - ROOM;
  let at = ROOM;
  const drawn = figures.map(({ box, shapes }) => {
    const shift = at - box.left;
    at += box.right - box.left + apart;
    const paths = shapes.map(
      ({ tone, d }) => `<path d="${d}" fill="${FIGURE_INK[tone]}" stroke="#faf6ee" stroke-width="0.9" paint-order="stroke"/>`,
    );
    return `<g transform="translate(${shift.toFixed(1)} 0)">${paths.join('')}</g>`;
  });
  const width = at - apart + ROOM;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 ${top.toFixed(1)} ${width.toFixed(1)} ${(BELOW - top).toFixed(1)}"><path d="M0 0h${width.toFixed(1)}" stroke="${FIGURE_INK.line}" stroke-width="0.8"/>${drawn.join('')}</svg>`;
}
