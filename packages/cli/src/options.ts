import { parseArgs } from 'node:util';
import { BadInput } from './bad-input.js';

const OPTIONS = {
  for: { type: 'string', multiple: true },
  class: { type: 'string' },
  figures: { type: 'string' },
  body: { type: 'string' },
  with: { type: 'string' },
  school: { type: 'string', multiple: true },
  minutes: { type: 'string' },
  variation: { type: 'string' },
  blanket: { type: 'string' },
  variations: { type: 'boolean' },
  all: { type: 'boolean' },
  length: { type: 'string' },
  as: { type: 'string' },
  out: { type: 'string' },
  days: { type: 'string' },
  times: { type: 'string' },
  age: { type: 'string' },
  space: { type: 'string' },
  children: { type: 'string' },
  theme: { type: 'string' },
  paper: { type: 'string' },
  large: { type: 'boolean' },
  facing: { type: 'boolean' },
  'exhale-on-effort': { type: 'boolean' },
  json: { type: 'boolean' },
  help: { type: 'boolean', short: 'h' },
} as const;

/** The words and options of a command line. Throws a TypeError for an option that isn't known. */
export function parseOptions(args: readonly string[]) {
  return parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true, strict: true });
}

export type Options = ReturnType<typeof parseOptions>['values'];

/** The one of `known` that an option names, `usual` where it is left out. @throws BadInput naming the option. */
export function oneOf<T extends string>(name: string, text: string | undefined, known: readonly T[], usual: T): T {
  if (text === undefined) return usual;
  const found = known.find((one) => one === text);
  if (!found) throw new BadInput(`--${name} is "${text}"; expected ${known.join(', ')}`);
  return found;
}

/** A whole number within a range. @throws BadInput naming the option. */
export function wholeNumber(name: string, text: string | undefined, from: number, to: number): number | undefined {
  if (text === undefined) return undefined;
  const value = Number(text);
  if (!(Number.isInteger(value) && value >= from && value <= to)) throw new BadInput(`--${name} is "${text}"; expected ${from} to ${to}`);
  return value;
}
