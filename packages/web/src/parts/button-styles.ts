const base = 'inline-flex items-center justify-center gap-2 rounded px-4 py-2 font-semibold disabled:opacity-50';
export const PRIMARY = `${base} border border-ink bg-ink text-paper hover:opacity-90`;
export const PLAIN = `${base} border border-ink hover:bg-shade`;
export const QUIET = 'inline-flex items-center gap-1.5 rounded px-2.5 py-1.5 hover:bg-shade underline underline-offset-4';
/** One of a row of tools. */
export const TOOL =
  'inline-flex shrink-0 items-center gap-1.5 rounded border border-ink px-2.5 py-1 font-semibold hover:bg-shade disabled:opacity-50 aria-pressed:bg-shade';
/** A bar that fills, in the inks of the page. */
export const BAR =
  'appearance-none overflow-hidden rounded bg-shade [&::-webkit-progress-bar]:bg-shade [&::-webkit-progress-value]:bg-ink [&::-moz-progress-bar]:bg-ink';
export const INPUT = 'w-full rounded border border-soft bg-sheet px-3 py-2 text-ink';
