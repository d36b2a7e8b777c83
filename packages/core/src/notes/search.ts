import type { Asana, Library } from '../asanas/library.js';
import { namesOf } from './lexicon.js';
import { plain, sound } from './words.js';

/** Asanas of which some name holds all these words, best first; the whole library for no words. */
export type NameSearch = (words: string) => readonly Asana[];

/** How well a name answers, the lower the better; from this on it doesn't. */
const NO_MATCH = 9;

/** Searches the names of a library as one types them: English, Sanskrit with or without diacritics, children's names. */
export function nameSearch(library: Library): NameSearch {
  const entries = library.asanas.map((asana) => {
    const names = [...namesOf(asana), asana.kids];
    return { asana, keys: names.map(plain), sounds: names.map(sound) };
  });
  return (text) => {
    const wanted = plain(text)
      .split(' ')
      .filter((word) => word !== '');
    if (wanted.length === 0) return library.asanas;
    const heard = sound(text);
    const rank = ({ keys, sounds }: (typeof entries)[number]) => {
      if (keys.includes(wanted.join(' '))) return 0;
      if (keys.some((key) => wanted.every((word) => key.includes(word)))) return keys[0]!.startsWith(wanted[0]!) ? 1 : 2;
      return heard.length > 3 && sounds.some((name) => name.includes(heard)) ? 3 : NO_MATCH;
    };
    return entries
      .map((entry) => ({ asana: entry.asana, at: rank(entry) }))
      .filter(({ at }) => at < NO_MATCH)
      .sort((a, b) => a.at - b.at)
      .map(({ asana }) => asana);
  };
}
