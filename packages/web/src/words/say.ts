import { EN, getOrCreate, sayInEnglish, speaker, type Catalogue, type Message, type Say } from '@lotus-steady/core';
import { spokenLanguage, type Spoken } from './t.js';

const speakers = new WeakMap<Spoken, Say>();

/** The core's codes in another language: each message by its English, as every other text. */
function speakerOf({ tag, texts }: Spoken): Say {
  const words = Object.entries(EN).map(([id, english]) => [id, Object.hasOwn(texts, english) ? texts[english]! : english]);
  return speaker(tag, Object.fromEntries(words) as Catalogue);
}

/** A code of the core with its values, as it is shown. */
export function say(said: Message): string {
  const language = spokenLanguage();
  return language ? getOrCreate(speakers, language, () => speakerOf(language))(said) : sayInEnglish(said);
}
