import { getOrCreate } from '@lotus-steady/core';
import { IntlMessageFormat } from 'intl-messageformat';
import { spoken, spokenLanguage, type Format, type Values } from './t.js';

/** Puts values into ICU messages of a language, by its tag (BCP 47): https://unicode-org.github.io/icu/userguide/format_parse/messages/ */
export function icuFormat(tag: string): Format {
  const formats = new Map<string, IntlMessageFormat>();
  return (text, values) =>
    String(getOrCreate(formats, text, () => new IntlMessageFormat(text, tag, undefined, { ignoreTag: true })).format(values));
}

const english = icuFormat('en');

/** A text that counts or chooses, an ICU message, as it is shown. */
export function tell(text: string, values: Values): string {
  return (spokenLanguage()?.format ?? english)(spoken(text), values);
}
