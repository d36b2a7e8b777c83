/** What figures may look like on this device; the first of each is the usual one. Colours stand in `styles.css`. */
export const FIGURE_LOOKS = {
  skin: ['tan', 'fair', 'brown', 'dark', 'deep'],
  hair: ['black', 'brown', 'grey', 'fair', 'red'],
  clothes: ['blue', 'green', 'plum', 'plain'],
} as const;
export type LookPart = keyof typeof FIGURE_LOOKS;
export type FigureLook = { readonly [Part in LookPart]: (typeof FIGURE_LOOKS)[Part][number] };

const KEY = 'lotus.figures';
const PARTS = Object.keys(FIGURE_LOOKS) as LookPart[];

/** What is kept, part by part; whatever is no look any longer is the usual one. */
export function currentLook(): FigureLook {
  const kept = new URLSearchParams(localStorage.getItem(KEY) ?? '');
  const of = <Part extends LookPart>(part: Part) =>
    ((FIGURE_LOOKS[part] as readonly string[]).find((one) => one === kept.get(part)) ?? FIGURE_LOOKS[part][0]) as FigureLook[Part];
  return { skin: of('skin'), hair: of('hair'), clothes: of('clothes') };
}

function show(look: FigureLook): void {
  for (const part of PARTS) document.documentElement.dataset[part] = look[part];
}

export function setLook(look: FigureLook): void {
  localStorage.setItem(KEY, new URLSearchParams({ ...look }).toString());
  show(look);
}

export function startLook(): void {
  show(currentLook());
}
