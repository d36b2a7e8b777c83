import type { IcuFormat } from '@lotus-steady/core';

/** The words of a language by the English that they stand for. */
export type Texts = Readonly<Record<string, string>>;
export type Values = Readonly<Record<string, string | number>>;

/** A language besides English. */
export interface Spoken {
  /** As BCP 47 has it. */
  readonly tag: string;
  readonly texts: Texts;
  readonly format: IcuFormat;
}

/** English needs nothing but its names replaced: whoever comes in waits for no formatter. */
const named: IcuFormat = (text, values) => text.replace(/\{(\w+)\}/g, (whole, name: string) => String(values[name] ?? whole));

let language: Spoken | null = null;

/** Says everything from here on in another language, or in English; screens hold words from when they are loaded, so it comes first. */
export function setLanguage(next: Spoken | null): void {
  language = next;
}

/** The language that is spoken; `null` for English. */
export function spokenLanguage(): Spoken | null {
  return language;
}

/** What stands for an English text in the language that is spoken; the English where that has nothing for it. */
export function spoken(text: string): string {
  return language && Object.hasOwn(language.texts, text) ? language.texts[text]! : text;
}

/** A text as it is shown, with its `{names}` replaced. A text with a plural or a choice in it is said by `tell`. */
export function t(text: string, values?: Values): string {
  return values ? (language?.format ?? named)(spoken(text), values) : spoken(text);
}

/** Marks a text that is said later, by `t`: of what is loaded before the language is known. */
export function later<Text extends string>(text: Text): Text {
  return text;
}
