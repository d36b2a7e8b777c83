/**
 * The text with the name in one line replaced: dose, side and bullet of the line stay as they were
 * written. `line` counts from 1.
 */
export function replaceName(text: string, line: number, name: string): string {
  return text
    .split('\n')
    .map((full, i) => {
      if (i + 1 !== line) return full;
      const bullet = /^\s*(?:[-*+•–]|\(?\d{1,3}[.):])\s+/.exec(full)?.[0] ?? '';
      const rest = full.slice(bullet.length);
      // What follows the first comma, dash, bracket or number is dose, side or prop.
      const tail = /(?:\s*[,;|([]|\s[-–—]\s|\s+(?=[x×]?\d)).*$/.exec(rest)?.[0] ?? '';
      return `${bullet}${name}${tail}`;
    })
    .join('\n');
}
