import type { Figure } from '../figure/shape.js';

/** A figure with what is said of it. */
export interface Captioned {
  readonly figures: readonly Figure[];
  readonly caption: string;
}

export type SheetBlock =
  | { readonly is: 'heading' | 'text'; readonly text: string }
  | { readonly is: 'table'; readonly head: readonly string[]; readonly rows: readonly (readonly string[])[] }
  /** A step: what all do, and beside it what some do instead. It is not parted by the end of a page. */
  | {
      readonly is: 'step';
      readonly title: string;
      readonly lines: readonly string[];
      readonly figures: readonly Figure[];
      readonly others: readonly Captioned[];
    };

/** What stands on paper, in order. Who draws it chooses faces, sizes and pages. */
export interface Sheet {
  readonly title: string;
  readonly blocks: readonly SheetBlock[];
  /** Said at the end of the whole. */
  readonly foot: string;
}

/** Papers that a sheet fits on. */
export const PAPERS = ['A4', 'LETTER'] as const;
export type Paper = (typeof PAPERS)[number];

/** How a sheet is printed. */
export interface PrintOptions {
  readonly paper?: Paper;
  /** For eyes that need larger letters and figures. */
  readonly large?: boolean;
}
