import { parseArgs } from 'node:util';

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
  facing: { type: 'boolean' },
  json: { type: 'boolean' },
  help: { type: 'boolean', short: 'h' },
} as const;

/** The words and options of a command line. Throws a TypeError for an option that isn't known. */
export function parseOptions(args: readonly string[]) {
  return parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true, strict: true });
}

export type Options = ReturnType<typeof parseOptions>['values'];
