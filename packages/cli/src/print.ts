import type { Outcome } from './run.js';

/** Writes an outcome for who called, and its code for the program's end. */
export function print({ code, out, err }: Outcome): void {
  process.stdout.on('error', throwUnlessClosed);
  if (err !== '') process.stderr.write(`${err}\n`);
  if (out !== '') process.stdout.write(`${out}\n`);
  // Not process.exit: a long answer into a pipe has to be written first.
  process.exitCode = code;
}

/** Whoever reads may stop before the end, as `head` does: nothing is wrong then. */
function throwUnlessClosed(error: NodeJS.ErrnoException): void {
  if (error.code !== 'EPIPE') throw error;
}
