import { EN, getOrCreate, sayInEnglish, speaker, type Catalogue, type Message, type Say } from '@lotus-steady/core';
import { spoken, spokenLanguage, t, type Spoken } from './t.js';

type Value = NonNullable<Message['values']>[string];

/** A message whose names, and those of messages within it, stand in the language that is spoken. */
function inLanguage({ id, values = {} }: Message): Message {
  const one = (value: string | Message) => (typeof value === 'string' ? spoken(value) : inLanguage(value));
  const valueOf = (value: Value): Value => {
    if (typeof value === 'number') return value;
    return typeof value === 'string' || 'id' in value ? one(value) : value.map(one);
  };
  return { id, values: Object.fromEntries(Object.entries(values).map(([name, value]) => [name, valueOf(value)])) };
}

const speakers = new WeakMap<Spoken, Say>();

/** The core's codes in another language: each message, and each name in it, by its English, as every other text. */
function speakerOf({ tag }: Spoken): Say {
  const words = Object.entries(EN).map(([id, english]) => [id, spoken(english)]);
  const sayWords = speaker(tag, Object.fromEntries(words) as Catalogue);
  return (said) => sayWords(inLanguage(said));
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
