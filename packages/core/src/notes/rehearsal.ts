/** How a line goes on behind the name, in turn; none of it need fit the posture. */
const BEHIND = ['', ', 5 breaths', ' x6', ' R/L', ' - 2 min', ', each side 30 s', ' → mountain, 3 br', ' / child’s pose (blanket)'];
const LINES = 20;
const SHEETS = 15;

/**
 * Sheets that hold phrases from all over the phrasebook as lines: an engine runs code slowly the first times, and the
 * first text that a teacher pastes shouldn't be what it learns on.
 */
export function rehearsalSheets(phrases: readonly string[]): string[] {
  const step = Math.max(1, Math.floor(phrases.length / (LINES * SHEETS)));
  const lines = phrases.filter((_, i) => i % step === 0).map((phrase, i) => `${phrase}${BEHIND[i % BEHIND.length]}`);
  return Array.from({ length: SHEETS }, (_, sheet) => lines.slice(sheet * LINES, (sheet + 1) * LINES).join('\n'));
}
