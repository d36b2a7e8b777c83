const base = 'inline-flex items-center justify-center gap-2 rounded px-4 py-2 font-semibold disabled:opacity-50';
export const PRIMARY = `${base} border border-ink bg-ink text-paper hover:opacity-90`;
export const PLAIN = `${base} border border-ink hover:bg-shade`;
export const QUIET = 'inline-flex items-center gap-1.5 rounded px-2.5 py-1.5 hover:bg-shade underline underline-offset-4';
export const INPUT = 'w-full rounded border border-soft bg-sheet px-3 py-2 text-ink';
