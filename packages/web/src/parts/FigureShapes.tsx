import type { Figure } from '@lotus-steady/core';
import { memo } from 'react';

interface Props {
  readonly figure: Figure;
  /** Only what is drawn in this tone. */
  readonly only?: Figure['shapes'][number]['tone'];
}

/** The shapes of a figure inside a drawing of class `figure`, whose inks they take; drawn again only where they differ. */
export const FigureShapes = memo(function FigureShapes({ figure, only }: Props) {
  const shapes = only === undefined ? figure.shapes : figure.shapes.filter(({ tone }) => tone === only);
  return shapes.map(({ tone, d, width }, i) => (
    <path key={i} d={d} className={`ink-${tone}`} {...(width === undefined ? {} : { strokeWidth: width })} />
  ));
});
