import type { Outcome } from './run.js';

/** Writes an outcome for who called, and its code for the program's end. */
export function print({ code, out, err }: Outcome): void {
  if (err !== '') process.stderr.write(`${err}\n`);
  if (out !== '') process.stdout.write(`${out}\n`);
  // Not process.exit: a long answer into a pipe has to be written first.
  process.exitCode = code;
}
