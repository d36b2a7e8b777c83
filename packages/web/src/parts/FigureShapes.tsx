import type { Figure } from '@lotus-steady/core';

/** The shapes of a figure inside a drawing of class `figure`, whose inks they take. */
export function FigureShapes({ figure }: { readonly figure: Figure }) {
  return figure.shapes.map(({ tone, d, width }, i) => (
    <path key={i} d={d} className={`ink-${tone}`} {...(width === undefined ? {} : { strokeWidth: width })} />
  ));
}
