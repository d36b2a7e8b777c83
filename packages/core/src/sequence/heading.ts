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
