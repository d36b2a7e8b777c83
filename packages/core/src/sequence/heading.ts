/** `# Title` or `## Section`. */
export const HEADING = /^\s*(#+)\s*(.*?)\s*#*\s*$/;
/** `-- standing --`: a section, set off by the same marks on both sides. */
const FRAMED = /^\s*([-–—=~*_])\1+\s*(\p{L}.*?)\s*\1{2,}\s*$/u;

/** The title (level 1) or the section that a line marks; `null` for a line that marks none. */
export function headingOf(line: string): { readonly level: number; readonly name: string } | null {
  const heading = HEADING.exec(line);
  if (heading) return { level: heading[1]!.length, name: heading[2]! };
  const framed = FRAMED.exec(line);
  return framed ? { level: 2, name: framed[2]! } : null;
}

/** `B. On the floor`: a section, where other lines stand under each letter. */
const LETTERED = /^\s*([A-H])[.):]\s+(\p{L}[^,;\d]*?)\s*$/u;

/**
 * The sections that a text counts by letters, by their places: at least two, from A on without a gap, each with lines
 * under it. `lines` are those that hold words.
 */
export function letteredSections(lines: readonly string[]): ReadonlyMap<number, string> {
  const found = lines.flatMap((line, at) => {
    const [, letter, name] = LETTERED.exec(line) ?? [];
    return letter === undefined || name === undefined ? [] : [{ at, letter, name }];
  });
  const isCounted = found.every(({ letter }, i) => letter.charCodeAt(0) === 'A'.charCodeAt(0) + i);
  const areFilled = found.every(({ at }, i) => at + 1 < (found[i + 1]?.at ?? lines.length));
  return new Map(found.length >= 2 && isCounted && areFilled ? found.map(({ at, name }) => [at, name]) : []);
}

/** A position, maybe with what supports it, and nothing else: `Seated`, `Standing w/ chair`, `Lying (plinth or bed)`. */
const POSITION =
  /^\s*(?:on (?:the |your )?(?:back|belly|tummy|front|side|floor|mat|chair|knees)|standing|seated|sitting|lying|supine|prone|side[- ]lying|kneeling|floor|mat|wall|chair)(?: (?:work|series|poses|postures|exercises|section|part|sequence))?(?:\s*(?:w\/|with|at|on|behind|holding|in)\s+(?:(?:a|the|your)\s+)?(?:chairs?|wall|mat|floor|support|bed|plinth|stool))?\s*(?:\([^()]*\))?\s*:?\s*$/i;
/** So many positions stand above steps in a text that is parted by them, and so many lines under each. */
const POSITIONS = 2;
const LINES_UNDER = 2;

/** The sections of a text that is parted by where its steps are done, by their places; `lines` are those that hold words. */
export function positionSections(lines: readonly string[]): ReadonlyMap<number, string> {
  const found = lines.flatMap((line, at) => (POSITION.test(line) ? [at] : []));
  const areFilled = found.every((at, i) => (found[i + 1] ?? lines.length) - at > LINES_UNDER);
  return new Map(found.length >= POSITIONS && areFilled ? found.map((at) => [at, lines[at]!.replace(/\s*:\s*$/, '').trim()]) : []);
}
