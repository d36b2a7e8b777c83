import { parseISO } from 'date-fns';
import { dayInWords, isDay } from '../day.js';
import { getOrCreate } from '../get-or-create.js';
import { EN } from './en.js';
import { icuFormat, type IcuFormat } from './icu.js';

export type MessageId = keyof typeof EN;
/** The words of a language. */
export type Catalogue = Readonly<Record<MessageId, string>>;

type Value = string | number | Message | readonly (string | Message)[];

/**
 * Something to be said: what, and with which values. Messages within it are said in the same language; a list is joined
 * by commas; a day, as YYYY-MM-DD, is said as people say it.
 */
export interface Message {
  readonly id: MessageId;
  readonly values?: Readonly<Record<string, Value>>;
}

export function message(id: MessageId, values?: Message['values']): Message {
  return values ? { id, values } : { id };
}

/** Whether something that was kept as data is a message of this catalogue. */
export function isMessage(value: object): value is Message {
  return (
    'id' in value &&
    typeof value.id === 'string' &&
    Object.hasOwn(EN, value.id) &&
    Object.keys(value).every((key) => key === 'id' || key === 'values')
  );
}

export type Say = (said: Message) => string;

/** A message that only names its values: a formatter, dear to make, would do no more. */
const NAMES_ONLY = /^[^'{}]*(?:\{\w+\}[^'{}]*)*$/;

type Format = (values: Parameters<IcuFormat>[1]) => string;

function formatOf(text: string, icu: IcuFormat): Format {
  if (NAMES_ONLY.test(text)) return (values) => text.replace(/\{(\w+)\}/g, (whole, name: string) => String(values[name] ?? whole));
  return (values) => icu(text, values);
}

/** Says messages in a language, by its tag (BCP 47) and its catalogue. */
export function speaker(language: string, catalogue: Catalogue): Say {
  const icu = icuFormat(language);
  const formats = new Map<MessageId, Format>();
  // English names a day before its month, which the formatter does the other way round.
  const dayOf = (day: string) => (language === 'en' ? dayInWords(day) : icu('{day, date, long}', { day: parseISO(day).getTime() }));
  const valueOf = (value: Value): string | number => {
    if (typeof value !== 'object') return isDay(value) ? dayOf(value) : value;
    return 'id' in value ? say(value) : value.map(valueOf).join(', ');
  };
  const say: Say = ({ id, values = {} }) => {
    const format = getOrCreate(formats, id, () => formatOf(catalogue[id], icu));
    return format(Object.fromEntries(Object.entries(values).map(([name, value]) => [name, valueOf(value)])));
  };
  return say;
}

export const sayInEnglish = speaker('en', EN);
