import { setLanguage, type Texts } from './t.js';

/** A language besides English: its words, by the English that they stand for. `npm run texts` lists what there is to say. */
export type Language = () => Promise<{ readonly TEXTS: Texts }>;
export type Languages = Readonly<Record<string, Language>>;

/** By tag (BCP 47), each a file beside this one: `de: () => import('./de.js')`. */
export const LANGUAGES: Languages = {};

/** The first language that somebody wishes for and that there is; `null` for English. */
export function languageFor(wishes: readonly string[], languages: Languages): string | null {
  for (const wish of wishes) {
    const [main = ''] = wish.split('-');
    if (main === 'en') return null;
    const tag = [wish, main].find((one) => Object.hasOwn(languages, one));
    if (tag !== undefined) return tag;
  }
  return null;
}

/** Speaks the language that somebody wishes for, before any screen is loaded. */
export async function speakAs(wishes: readonly string[], languages: Languages = LANGUAGES): Promise<void> {
  const tag = languageFor(wishes, languages);
  if (tag === null) return;
  const [{ TEXTS }, { icuFormat }] = await Promise.all([languages[tag]!(), import('./tell.js')]);
  setLanguage({ tag, texts: TEXTS, format: icuFormat(tag) });
  document.documentElement.lang = tag;
}
