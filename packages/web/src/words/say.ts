import { EN, getOrCreate, sayInEnglish, speaker, type Catalogue, type Message, type Say } from '@lotus-steady/core';
import { spoken, spokenLanguage, t, type Spoken } from './t.js';

const speakers = new WeakMap<Spoken, Say>();

/** The core's codes in another language: each message, and each name in it, by its English, as every other text. */
function speakerOf({ tag }: Spoken): Say {
  const words = Object.entries(EN).map(([id, english]) => [id, spoken(english)]);
  const sayWords = speaker(tag, Object.fromEntries(words) as Catalogue);
  const inLanguage = (value: NonNullable<Message['values']>[string]) => (typeof value === 'string' ? spoken(value) : value);
  return ({ id, values = {} }) =>
    sayWords({ id, values: Object.fromEntries(Object.entries(values).map(([name, value]) => [name, inLanguage(value)])) });
}

/** A code of the core with its values, as it is shown. */
export function say(said: Message): string {
  const language = spokenLanguage();
  return language ? getOrCreate(speakers, language, () => speakerOf(language))(said) : sayInEnglish(said);
}

/** A sentence of the library as it is shown, by its code where it is put together. */
export function sentence({ text, said }: { readonly text: string; readonly said?: Message }): string {
  return said ? say(said) : t(text);
}
