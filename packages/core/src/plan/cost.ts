import type { Asana } from '../asanas/library.js';

/** Weights of the search, in units of the smallest change (common practice, no source). */
export const COST = {
  variation: 1.5, otherAsana: 0.8, pair: 0.5, substitute: 5, stepDown: 0.4, stepDownDropped: 1, placeInList: 0.2, otherBase: 1, library: 7.5, dropped: 2,
  shape: 0.03, prop: 0.15, watch: 0.2, way: 0.6, slower: 0.2, shorter: 0.4, shortenRest: 6, noHold: 0.3, notFavoured: 0.4, lessLiked: 0.5, notNamed: 9, otherLevel: 1.5, lyingDown: 2.5,
} as const; // prettier-ignore

/** Sitting a step out costs more than any way that was found. */
export const SIT_OUT = 30;

/** What a way that was chosen costs, or sitting the step out. */
export function costOf(chosen: { readonly cost: number } | null): number {
  return chosen?.cost ?? SIT_OUT;
}

export function isRest(asana: Asana): boolean {
  return asana.purposes.rest === 3;
}
