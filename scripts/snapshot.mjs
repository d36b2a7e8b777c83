/**
 * Makes the terminal's program start at once: everything in one file, run until the library stands and the
 * phrasebook is learnt, kept as a snapshot of the heap beside the program. `lotus.sh` starts from it. With `--check` it
 * is an error that this Node can't make one.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { build } from 'rolldown';
import { ROOT, run } from './prepare.mjs';
import { say } from './say.mjs';

/** As `lotus.sh` starts it: room for what a short run makes, and no code optimised that is used for a second only. */
const FLAGS = ['--max-semi-space-size=64', '--min-semi-space-size=32', '--interrupt-budget=1000000'];

const DIST = join(ROOT, 'packages/cli/dist');
const bundle = join(DIST, 'lotus.cjs');

try {
  await build({
    input: join(DIST, 'snapshot.js'),
    platform: 'node',
    // Its faces stay files, which a snapshot has no way to open.
    external: ['@lotus-steady/sheets'],
    output: { file: bundle, format: 'cjs', codeSplitting: false, minify: true },
    logLevel: 'warn',
  });
  // A single letter beyond Latin-1 makes an engine keep the whole text at twice its size, in the snapshot as well.
  const text = readFileSync(bundle, 'utf8');
  writeFileSync(
    bundle,
    text.replace(/[\u0100-\uffff]/g, (letter) => `\\u${letter.charCodeAt(0).toString(16).padStart(4, '0')}`),
  );
  const blob = join(DIST, `lotus-${process.version}.blob`);
  const args = [...FLAGS, '--snapshot-blob', blob, '--build-snapshot', bundle];
  if (run(process.execPath, args, { stdio: 'ignore', env: { ...process.env, NODE_OPTIONS: '' } }) !== 0)
    throw new Error('this Node could not make one');
} catch (error) {
  // Without one the program does the same, and begins more slowly.
  say(`The terminal's program starts without a snapshot: ${error.message}.`);
  if (process.argv.includes('--check')) process.exitCode = 1;
}
