/** What a column of a pasted table holds, by its head: the posture, a side, props, a dose, or a dose in a unit of its own. */
interface Column {
  readonly head: RegExp;
  readonly is: 'posture' | 'side' | 'props' | 'dose';
  readonly unit?: string;
}
const COLUMNS: readonly Column[] = [
  { head: /^(?:poses?|asanas?|postures?|exercises?|movements?|names?|activity|what|steps?)$/i, is: 'posture' },
  { head: /^(?:sides?|r\/l|l\/r)$/i, is: 'side' },
  { head: /^(?:min|mins|minutes|duration|length|time)\b/i, is: 'dose', unit: 'm' },
  { head: /^(?:s|sec|secs|seconds)\b/i, is: 'dose', unit: 's' },
  { head: /^(?:breaths?|br)\b/i, is: 'dose', unit: 'b' },
  { head: /^(?:reps?|repetitions?|times|x)\b/i, is: 'dose', unit: 'x' },
  { head: /^(?:props?|equipment|set[- ]?up|support|notes?|comments?)\b/i, is: 'props' },
  { head: /^(?:dose|dosage|amount|hold|counts?|how (?:long|many|often))\b/i, is: 'dose' },
];

interface Cell {
  readonly from: number;
  readonly text: string;
}

function cellsOf(line: string, separator: string): Cell[] {
  const cells: Cell[] = [];
  let from = 0;
  for (const text of line.split(separator)) {
    cells.push({ from, text });
    from += text.length + 1;
  }
  return cells;
}

/** From one minute of the class to another, or a time of day: no dose. */
const CLOCK = /^\s*\d+\s*(?:[:.h]\s*\d{2}|[-–—])/;
const NUMBER = /^\s*\d{1,3}\s*$/;
/** A remark that tells how the posture is done, by a prop, a place or a number. */
const TELLS =
  /\d|(?<!\p{L})(?:blocks?|bricks?|bolsters?|blankets?|pads?|cushions?|pillows?|straps?|belts?|chairs?|stools?|towels?|balls?|walls?|each|both)(?!\p{L})/iu;

function isRead({ is }: Column, text: string): boolean {
  if (text.trim() === '') return false;
  if (is === 'dose') return !CLOCK.test(text);
  return is !== 'props' || TELLS.test(text);
}

/** One row with all but its posture, side and dose blanked. */
function readsOf(line: string, separator: string, columns: readonly (Column | undefined)[]): string {
  const reads = [...' '.repeat(line.length + 1)];
  let isFirst = true;
  cellsOf(line, separator).forEach(({ from, text }, i) => {
    const column = columns[i];
    if (!column || !isRead(column, text)) return;
    if (!isFirst) reads[from - 1] = separator;
    isFirst = false;
    [...text].forEach((letter, at) => (reads[from + at] = letter));
    // A number alone is of the unit in the head, whose letter stands behind it.
    if (column.unit !== undefined && NUMBER.test(text)) reads[from + text.trimEnd().length] = column.unit;
  });
  return reads.join('').trimEnd();
}

const SEPARATORS = ['|', '\t'] as const;

/**
 * Rows of a table, by their places in `lines`, as they are read: all but the columns of postures, sides and doses is
 * blank, so that places in what is read are places in the line. A table is told by a row of heads, one of postures among
 * them, parted by strokes or tabs.
 */
export function tableRows(lines: readonly string[]): ReadonlyMap<number, string> {
  const rows = new Map<number, string>();
  let table: { separator: string; columns: (Column | undefined)[] } | null = null;
  lines.forEach((line, at) => {
    if (table && line.includes(table.separator)) {
      rows.set(at, readsOf(line, table.separator, table.columns));
      return;
    }
    table = null;
    for (const separator of SEPARATORS) {
      const heads = cellsOf(line, separator);
      const columns = heads.map(({ text }) => COLUMNS.find(({ head }) => head.test(text.trim())));
      if (heads.length >= 2 && columns.some((column) => column?.is === 'posture')) table = { separator, columns };
    }
  });
  return rows;
}
