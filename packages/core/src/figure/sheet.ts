import type { Figure, Shape, Tone } from './shape.js';

/** Colours of a figure on paper, for pictures outside the application. */
export const FIGURE_INK: Readonly<Record<Tone, string>> = {
  leg: '#2f3568', legFar: '#9396b4', top: '#5f66a3', topFar: '#a7abc9', skin: '#d6ab8a', skinFar: '#e3c9b4', hair: '#23223c', scarf: '#7f9c93',
  wood: '#d1ad7b', woodSide: '#b8935f', wool: '#cda39a', woolSide: '#b4857c', wall: '#e6dccb', mat: '#e2e2d2', shadow: '#cfcfbd', line: '#1f2147', outline: '#1f2147', path: '#9c3f28', beside: '#1f2147',
}; // prettier-ignore

/** A shape as SVG: filled, or drawn as a line where it has a width; an outline is both. */
export function shapeSvg({ tone, d, width }: Shape): string {
  const ink = FIGURE_INK[tone];
  return width === undefined
    ? `<path d="${d}" fill="${ink}" fill-rule="evenodd"/>`
    : `<path d="${d}" fill="${tone === 'outline' ? ink : 'none'}" fill-rule="evenodd" stroke="${ink}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
}

const ROOM = 8;
const BELOW = 6;

/** Figures side by side at one scale on one ground line, as a self-contained SVG text; sizes in cm. */
export function figureSvg(figures: readonly Figure[], apart = 16): string {
  const top = Math.min(...figures.map(({ box }) => box.top)) - ROOM;
  let at = ROOM;
  const drawn = figures.map(({ box, shapes }) => {
    const shift = at - box.left;
    at += box.right - box.left + apart;
    return `<g transform="translate(${shift.toFixed(1)} 0)">${shapes.map(shapeSvg).join('')}</g>`;
  });
  const width = at - apart + ROOM;
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 ${top.toFixed(1)} ${width.toFixed(1)} ${(BELOW - top).toFixed(1)}">${drawn.join('')}</svg>`;
}
