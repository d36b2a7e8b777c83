import { readFileSync, writeFileSync } from 'node:fs';
import { decodeText } from '@lotus-steady/core/formats';
import { BadInput } from './bad-input.js';

/** @throws BadInput naming the file and why it can't be read. */
export function readText(file: string): string {
  try {
    return decodeText(readFileSync(file));
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

/** Writes a file and says so. @throws BadInput naming the file and why it can't be written. */
export function written(out: string, content: string | Buffer): string {
  try {
    writeFileSync(out, content);
  } catch (error) {
    throw new BadInput(`${out}: can't be written (${(error as NodeJS.ErrnoException).code ?? 'unknown reason'})`);
  }
  return `${out}: written`;
}
