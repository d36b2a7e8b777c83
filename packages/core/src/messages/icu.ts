import { parse } from '@formatjs/icu-messageformat-parser';
import { formatToParts, IntlMessageFormat, type Formatters } from 'intl-messageformat';
import { getOrCreate } from '../get-or-create.js';

/** Puts values into the text of an ICU message: https://unicode-org.github.io/icu/userguide/format_parse/messages/ */
export type IcuFormat = (text: string, values: Readonly<Record<string, string | number>>) => string;

/** English writes whole numbers below this with neither sign nor grouping. */
const GROUPED_FROM = 1000;

/** A formatter of numbers in English; the platform's own takes a phone a second to make, and is made where it is needed. */
function englishNumbers(): Intl.NumberFormat {
  let full: Intl.NumberFormat | null = null;
  const format = (value: number | bigint): string =>
    Number.isInteger(value) && value >= 0 && value < GROUPED_FROM ? String(value) : (full ??= new Intl.NumberFormat('en')).format(value);
  // A message asks nothing else of it.
  return { format } as Pick<Intl.NumberFormat, 'format'> as Intl.NumberFormat;
}

/** Makes each formatter of a kind once, by its options. */
function onceEach<Options, Formatter>(make: (options: Options | undefined) => Formatter) {
  const made = new Map<string, Formatter>();
  return (_locales: unknown, options?: Options): Formatter => getOrCreate(made, JSON.stringify(options ?? {}), () => make(options));
}

/** Formatters of a language, for all its messages. */
function formattersOf(tag: string): Formatters {
  const isEnglish = tag === 'en' || tag.startsWith('en-');
  return {
    getNumberFormat: onceEach((options?: Intl.NumberFormatOptions) =>
      isEnglish && !options ? englishNumbers() : new Intl.NumberFormat(tag, options),
    ),
    getDateTimeFormat: onceEach((options?: Intl.DateTimeFormatOptions) => new Intl.DateTimeFormat(tag, options)),
    getPluralRules: onceEach((options?: Intl.PluralRulesOptions) => new Intl.PluralRules(tag, options)),
  };
}

/**
 * Formats ICU messages in a language, by its tag (BCP 47). The library's class asks first which languages the platform
 * can write numbers in, which takes as long as to make a formatter of them; so its reader and its writer are called here.
 * @throws SyntaxError for a text that is no ICU message, Error for a value that is missing
 */
export function icuFormat(tag: string): IcuFormat {
  const formatters = formattersOf(tag);
  const messages = new Map<string, ReturnType<typeof parse>>();
  return (text, values) => {
    const message = getOrCreate(messages, text, () => parse(text, { ignoreTag: true }));
    return formatToParts<string>(message, tag, formatters, IntlMessageFormat.formats, values, undefined, text)
      .map(({ value }) => value)
      .join('');
  };
}
