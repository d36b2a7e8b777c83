import type { PrintOptions, Sheet } from '@lotus-steady/core/sheets';
import { BadInput } from './bad-input.js';
import { written } from './files.js';
import { oneOf, type Options } from './options.js';

const PAPERS = ['a4', 'letter'] as const;

/** Writes a sheet as a PDF where a command line asks for it. @throws BadInput where it names no file. */
export async function printSheet(command: string, sheet: () => Sheet, { out, paper, large = false }: Options): Promise<string> {
  if (out === undefined) throw new BadInput(`${command}: a PDF is no text; name its file with --out FILE`);
  const print: PrintOptions = { paper: oneOf('paper', paper, PAPERS, 'a4') === 'letter' ? 'LETTER' : 'A4', large };
  // Its faces are large: only who asks for a PDF waits for them.
  const { sheetPdf } = await import('@lotus-steady/sheets');
  return written(out, await sheetPdf(sheet(), print));
}
