import { icuFormat } from '@lotus-steady/core';
import { spoken, spokenLanguage, type Values } from './t.js';

export { icuFormat };

const english = icuFormat('en');

/** A text that counts or chooses, an ICU message, as it is shown. */
export function tell(text: string, values: Values): string {
  return (spokenLanguage()?.format ?? english)(spoken(text), values);
}
