import { parse } from 'vcard4';
import { answersFromWords } from '../conditions/from-words.js';
import { yearsOn } from '../day.js';
import type { FileProblem, FoundPeople, FoundPerson } from './csv.js';

interface Property {
  readonly value?: unknown;
}
interface Card {
  getProperty(name: string): readonly Property[];
}

/** Lines that this reader needs as RFC 6350 writes them: ended by CR LF, of version 4. Older cards name a name alike. */
function normalised(card: string): string {
  return `${card
    .replace(/\r?\n/g, '\r\n')
    .replace(/^VERSION:(2\.1|3\.0)/m, 'VERSION:4.0')
    .trim()}\r\n`;
}

function textOf(card: Card, name: string): string {
  const [first] = card.getProperty(name);
  const value = first?.value;
  return typeof value === 'string'
    ? value
        .replaceAll(/\\n/g, ' ')
        .replaceAll(/\\([,;\\])/g, '$1')
        .trim()
    : '';
}

/** A birthday in the basic or the extended form; some cards leave the year out. */
function bornOf(birthday: string): string | null {
  const [, year, month, day] = /^(\d{4})-?(\d{2})?-?(\d{2})?(?:T.*)?$/.exec(birthday) ?? [];
  return year === undefined ? null : [year, month, day].filter((part) => part !== undefined).join('-');
}

/** People of vCards (RFC 6350) as they are on `today`: a name, and age and note where they are told. */
export function peopleOfVcards(text: string, today: string): FoundPeople {
  const cards = text.replace(/^\uFEFF/, '').match(/BEGIN:VCARD[\s\S]*?END:VCARD/gi) ?? [];
  if (cards.length === 0) return { found: [], problems: [{ where: 'line 1', message: 'no vCard; expected BEGIN:VCARD' }] };
  const problems: FileProblem[] = [];
  const found = cards.flatMap((card, i): FoundPerson[] => {
    const where = `card ${i + 1}`;
    if (!/^(?:\w+\.)?FN[;:]./im.test(card)) {
      problems.push({ where, message: 'no name (FN)' });
      return [];
    }
    try {
      const read = parse(normalised(card)) as unknown as Card;
      const name = textOf(read, 'FN');
      const note = card.includes('NOTE') ? textOf(read, 'NOTE') : '';
      const birthday = /^BDAY[^:\n]*:(.*)$/im.exec(card)?.[1]?.trim() ?? '';
      return [{ where, name, age: yearsOn(bornOf(birthday), today), note, conditions: answersFromWords(note) }];
    } catch (error) {
      problems.push({ where, message: error instanceof Error ? error.message : String(error) });
      return [];
    }
  });
  return { found, problems };
}
