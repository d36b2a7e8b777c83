import { library } from '../../asanas/all.js';
import { wordsOf } from '../words.js';
import { PHRASEBOOK } from './all.js';

/** The phrases of one way, as their words are compared; those for one kind of class or uncertain ones are left out. */
function certain(phrases: string): string[] {
  return phrases
    .split(';')
    .filter((phrase) => phrase.trim() !== '' && !/[@?]/.test(phrase))
    .map((phrase) => wordsOf(phrase).map(({ stem }) => stem).join(' ')); // prettier-ignore
}

const entries = Object.entries(PHRASEBOOK).map(([asana, ways]) => [asana, ways] as const);

test.each(entries)('%s: whoever writes a variation’s own words means no plain way', (_, { plain = '', not: _others, ...variations }) => {
  const ofPlain = new Set(certain(plain));
  for (const phrases of Object.values(variations)) expect(certain(phrases).filter((phrase) => ofPlain.has(phrase))).toEqual([]);
});

test('every asana is written somehow, and every entry is one of the library’s', () => {
  expect(Object.keys(PHRASEBOOK).sort()).toEqual(library.asanas.map(({ id }) => id).sort());
});
