import Papa from 'papaparse';
import { answersFromWords } from '../conditions/from-words.js';
import type { ConditionAnswer } from '../conditions/condition.js';
import type { PersonJson } from '../planning/json.js';

/** A plan as CSV (RFC 4180) with a header row: a row for each step of each person. */
export function planCsv(participants: readonly PersonJson[]): string {
  const rows = participants.flatMap(({ id, steps }) =>
    steps.map(({ line, section, given, side, verdict, to, dose, seconds, reasons }) => ({
      person: id, line, section, given, side, verdict,
      asana: to?.asana ?? '', variation: to?.variation ?? '', changes: to?.changes.join('; ') ?? '', dose, seconds,
      reasons: [...new Set(reasons.map(({ text }) => text))].join(' '),
    })),
  ); // prettier-ignore
  // What begins like a formula is one to a spreadsheet.
  return Papa.unparse(rows, { escapeFormulae: true });
}

/** Somebody whom a file names. Conditions are proposed by the words of the file, and not taken unasked. */
export interface FoundPerson {
  readonly where: string;
  readonly name: string;
  readonly age: number | null;
  readonly note: string;
  readonly conditions: readonly ConditionAnswer[];
}
export interface FileProblem {
  readonly where: string;
  readonly message: string;
}

export interface FoundPeople {
  readonly found: readonly FoundPerson[];
  readonly problems: readonly FileProblem[];
}

/** Heads of columns as people write them. */
const HEADS = {
  name: /^(full ?)?names?$|^person$|^client$|^participant$/i,
  first: /^first ?names?$|^given ?names?$/i,
  last: /^(last|family) ?names?$|^surname$/i,
  age: /^age$/i,
  about: /^(conditions?|health|notes?|remarks?|about|diagnos[ei]s)$/i,
} as const;
const NAME_MOST = 80;

/** People of a CSV with a header row; its delimiter is found. Problems name the row. */
export function peopleOfCsv(text: string): FoundPeople {
  // Files of spreadsheets often begin with a byte order mark.
  const { data, meta, errors } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: false,
    transformHeader: (head) => head.trim(),
  });
  const heads = meta.fields ?? [];
  const column = (pattern: RegExp) => heads.find((head) => pattern.test(head));
  const [name, first, last, age] = [column(HEADS.name), column(HEADS.first), column(HEADS.last), column(HEADS.age)];
  const about = heads.filter((head) => HEADS.about.test(head));
  if (name === undefined && first === undefined && last === undefined)
    return {
      found: [],
      problems: [{ where: 'row 1', message: `no column of names; the heads are ${heads.join(', ') || 'empty'}, expected one called name` }],
    };
  const problems: FileProblem[] = errors
    .filter(({ type, row }) => type !== 'Delimiter' && data[row ?? 0]?.[heads[0] ?? '']?.trim() !== '')
    .map(({ row, message }) => ({ where: `row ${(row ?? 0) + 2}`, message }));
  const found = data.flatMap((row, i): FoundPerson[] => {
    const where = `row ${i + 2}`;
    if (Object.values(row).every((cell) => (cell ?? '').trim() === '')) return [];
    const called = (name ? row[name] : [first && row[first], last && row[last]].filter(Boolean).join(' '))?.trim() ?? '';
    if (called === '' || called.length > NAME_MOST) {
      problems.push({ where, message: called === '' ? 'no name' : `a name of ${called.length} letters; at most ${NAME_MOST}` });
      return [];
    }
    const told = age === undefined ? '' : row[age]?.trim();
    const years = told === '' ? null : Number(told);
    if (years !== null && !(years >= 0 && years <= 120)) problems.push({ where, message: `age is "${told}"; expected 0 to 120` });
    const note = about.map((head) => row[head]?.trim() ?? '').filter(Boolean).join('. '); // prettier-ignore
    return [
      { where, name: called, age: years !== null && years >= 0 && years <= 120 ? years : null, note, conditions: answersFromWords(note) },
    ];
  });
  return { found, problems };
}
