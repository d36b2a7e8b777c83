import { readFileSync } from 'node:fs';
import { BadInput } from './bad-input.js';

/** @throws BadInput naming the file and why it can't be read. */
export function readText(file: string): string {
  try {
    return readFileSync(file, 'utf8');
  } catch (error) {
    throw new BadInput(`${file}: can't be read (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`);
  }
}

/** @throws BadInput naming the file and where its JSON breaks. */
export function readJson(file: string): unknown {
  const text = readText(file);
  try {
    return JSON.parse(text) as unknown;
  } catch (error) {
    throw new BadInput(`${file}: no valid JSON (${(error as Error).message})`);
  }
}
