/** How lines begin and go on around a name, in turn; none of it need fit the posture. */
const FRAMES: readonly ((name: string, next: string) => string)[] = [
  (name) => name,
  (name) => `- ${name}, 5 breaths`,
  (name) => `${name} x6 R/L`,
  (name, next) => `${name} → ${next}, 3 br`,
  (name) => `3. ${name} – 2 min (blanket under the head, if the neck asks)`,
  (name) => `${name}, each side 30 s // look who holds the breath`,
  (name, next) => `${name}, ${next}, ${name}`,
  (name) => `${name}: hands on the chair, knees soft, look ahead`,
  (name, next) => `press back to ${name} then ${next}`,
  (name) => `0.35 | ${name} | hold 3, roll up`,
  (name, next) => `no ${next} today, ${name} with a strap or xyzzy`,
  (name) => `now slowly lower the ${name} and breathe out as through a straw 1-2 min`,
];
const LINES = 20;
const SHEETS = 18;

/**
 * Sheets that hold phrases from all over the phrasebook as lines: an engine runs code slowly the first times, and the
 * first text that a teacher pastes shouldn't be what it learns on.
 */
export function rehearsalSheets(phrases: readonly string[]): string[] {
  const step = Math.max(1, Math.floor(phrases.length / (LINES * SHEETS)));
  const names = phrases.filter((_, i) => i % step === 0);
  const lines = names.map((name, i) => FRAMES[i % FRAMES.length]!(name, names[(i + 1) % names.length]!));
  return Array.from({ length: SHEETS }, (_, sheet) => lines.slice(sheet * LINES, (sheet + 1) * LINES).join('\n'));
}
