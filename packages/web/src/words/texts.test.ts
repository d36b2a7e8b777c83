import { execFileSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

test('what a language lacks is listed from its own file, whose texts are not', () => {
  const file = join(mkdtempSync(join(tmpdir(), 'words-')), 'de.ts');
  writeFileSync(file, "import type { Texts } from './t.js';\n\nexport const TEXTS: Texts = { Undo: 'Rückgängig' };\n");
  const listed = execFileSync(process.execPath, ['scripts/texts.mjs', '--missing', file], { encoding: 'utf8', maxBuffer: 2 ** 26 });
  const missing = JSON.parse(listed) as Readonly<Record<string, readonly string[]>>;
  expect(missing).toHaveProperty('Redo');
  expect(missing).not.toHaveProperty('Undo');
});
