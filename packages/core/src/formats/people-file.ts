import { peopleOfCsv, type FoundPeople } from './csv.js';
import { peopleOfFhir } from './fhir.js';
import { readJsonText } from './json-text.js';
import { peopleOfVcards } from './vcard.js';

/** People of a file as they are on `today`, told by what it holds: vCards, a FHIR bundle, or a table with a header row. */
export function peopleOfFile(text: string, today: string): FoundPeople {
  const start = text.replace(/^\uFEFF/, '').trimStart();
  if (start === '') return { found: [], problems: [{ where: 'line 1', message: 'the file is empty' }] };
  if (/^BEGIN:VCARD/i.test(start)) return peopleOfVcards(text, today);
  if (!start.startsWith('{')) return peopleOfCsv(text);
  return readJsonText(
    start,
    (raw) => peopleOfFhir(raw, today),
    (message): FoundPeople => ({ found: [], problems: [{ where: 'the file', message }] }),
  );
}

/** A name as it is compared: case, accents and spaces don't tell people apart. */
export function plainName(name: string): string {
  return name.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase().replace(/\s+/g, ' ').trim();
}

/** Names that come more than once, as they are written the second time. */
export function namesTwice(names: readonly string[]): string[] {
  return [...new Set(names.filter((name, i) => names.findIndex((other) => plainName(other) === plainName(name)) !== i))];
}
