/** How large the figures are, from the whole class to one step: pixels of one centimetre. */
export const ZOOMS = [0.26, 0.4, 0.56, 0.72] as const;

/** One person's score has room for larger ones. */
export function usualZoom(people: number): 1 | 2 {
  return people === 1 ? 2 : 1;
}
