import type { LimitSpec } from './condition.js';

/** What a bound lets through; everything where it is about facings. */
export function rangeOf(bound: LimitSpec['bound']): { readonly least: number; readonly most: number } {
  if ('equals' in bound) return { least: bound.equals, most: bound.equals };
  return { least: 'atLeast' in bound ? bound.atLeast : -Infinity, most: 'atMost' in bound ? bound.atMost : Infinity };
}

/** A bound as it is told: `<= 5`, `-20 to 40`, `prone or supine`. */
export function describeBound(bound: LimitSpec['bound']): string {
  if ('is' in bound) return bound.is.join(' or ');
  if ('equals' in bound) return `= ${bound.equals}`;
  if ('atLeast' in bound && 'atMost' in bound) return `${bound.atLeast} to ${bound.atMost}`;
  return 'atMost' in bound ? `<= ${bound.atMost}` : `>= ${bound.atLeast}`;
}

