/** One action on the text of a sequence. Lines count from 1; `after: 0` is the very beginning. */
export type Repair = { readonly label: string } & (
  | { readonly do: 'insert'; readonly after: number; readonly text: string }
  | { readonly do: 'move'; readonly line: number; readonly after: number }
  | { readonly do: 'both-sides'; readonly line: number }
  | { readonly do: 'dose'; readonly line: number; readonly dose: string }
);

const BULLET = /^\s*(?:[-*+•–]|\(?\d{1,3}[.):])\s+/;
const SIDE = /[,;|–-]?\s*\(?\b(?:on the |to the )?(?:left|right|l|r)\b(?: side| leg| foot| hand)?(?: forward| back)?\)?/i;
const DOSE = /[,;|–-]?\s*\b\d+(?:\s*-\s*\d+)?\s*(?:breaths?|min(?:utes?)?|s|sec(?:onds?)?|rounds?|reps?|x)\b/i;

/** The text with a repair carried out; a bullet of the lines around is taken over. */
export function repairText(text: string, repair: Repair): string {
  const lines = text.split('\n');
  switch (repair.do) {
    case 'insert': {
      const bullet = BULLET.exec(lines[repair.after - 1] ?? '')?.[0];
      // A numbered list would count wrongly: its new line goes without a number.
      const before = bullet && !/\d/.test(bullet) ? bullet : '';
      return [...lines.slice(0, repair.after), `${before}${repair.text}`, ...lines.slice(repair.after)].join('\n');
    }
    case 'move': {
      const [moved] = lines.splice(repair.line - 1, 1);
      lines.splice(repair.after, 0, moved!);
      return lines.join('\n');
    }
    case 'both-sides': {
      const line = lines[repair.line - 1]!;
      lines[repair.line - 1] = `${line.replace(SIDE, '').trimEnd()}, each side`;
      return lines.join('\n');
    }
    case 'dose': {
      const line = lines[repair.line - 1]!;
      lines[repair.line - 1] = `${line.replace(DOSE, '').trimEnd()}, ${repair.dose}`;
      return lines.join('\n');
    }
  }
}
