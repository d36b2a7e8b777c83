import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startApplication } from './application.mjs';
import { freePort, startMariadb } from './mariadb.mjs';

/**
 * Runs the demo from a folder and a database of its own, for as long as something is measured on it. `work` gets its
 * address, the folder, and `later`, which takes what is to be stopped afterwards.
 */
export async function onDemo(work) {
  const folder = mkdtempSync(join(tmpdir(), 'lotus-bench-'));
  const stops = [() => rmSync(folder, { recursive: true, force: true })];
  try {
    const database = await startMariadb(folder);
    stops.push(database.stop);
    const { address, stop } = await startApplication({ database, port: await freePort(), demo: true, quiet: true });
    stops.push(stop);
    return await work({ address, folder, later: (stopped) => stops.push(stopped) });
  } finally {
    for (const stop of stops.reverse()) await stop();
  }
}
