/** What sort of change a variation is; each has sentences that lead into it. */
export const OPTION_KINDS = [
  'skip-and-rest', 'breathe-freely', 'eyes-open', 'lie-on-the-side', 'sit-instead', 'chair', 'wall', 'hands-higher', 'smaller-range',
  'shorter-hold', 'lie-down-instead', 'stand-instead', 'prop', 'arms-rest', 'soft-knees', 'knees-down', 'more-room', 'other-way', 'more',
] as const; // prettier-ignore
export type OptionKind = (typeof OPTION_KINDS)[number];

/**
 * What is said for one form of an asana. `{side}` stands for the worked side as the asana's `shown` defines it, `{other}`
 * for the opposite one. Common practice of teaching, no source.
 */
export interface SpokenForm {
  /** Two to four lines that lead in, in the order in which the body moves. */
  readonly in: readonly string[];
  /** Said after "Breathe in," and "Breathe out,": the two ends of a movement, or small intentions of a stay. */
  readonly breath: { readonly inhale: string; readonly exhale: string };
  /** Its in-breath moves against weight: those who breathe out with effort turn the two round. */
  readonly liftsOnInhale?: true;
  /** For the stay, the most useful first. */
  readonly hold: readonly string[];
  readonly feel: string;
  readonly notFeel: string;
  /** When and how to leave the shape. */
  readonly stop: string;
  readonly out: readonly string[];
  /** One line for people who know the shape, or for a second round. */
  readonly short: string;
  /** Up to four key words. */
  readonly words: readonly string[];
}

/** Where a variation's words differ: a key that is written replaces the plain one, in `breath` each phase by itself. */
export interface SpokenVariation extends Partial<Omit<SpokenForm, 'breath'>> {
  readonly kind: OptionKind;
  /** The difference in a line or two, said after a lead-in. */
  readonly change: string;
  readonly breath?: Partial<SpokenForm['breath']>;
}

export interface SpokenAsana extends SpokenForm {
  readonly vary?: Readonly<Record<string, SpokenVariation>>;
}

/** By the asana's id. */
export type SpokenLines = Readonly<Record<string, SpokenAsana>>;
