import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { existsSync, mkdtempSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** The scripts as they are run by hand, on a database of their own. */
const folder = mkdtempSync(join(tmpdir(), 'lotus-backup-'));
const env = { ...process.env, LOTUS_DATA: folder };
const COPY = join(folder, 'copy.sql.gz');

function script(...args: string[]): { code: number | null; said: string } {
  const { status, stdout, stderr } = spawnSync('node', ['scripts/backup.mjs', ...args], { env, encoding: 'utf8' });
  return { code: status, said: `${stdout}${stderr}` };
}

/** A database that runs until it is told to stop, migrated, with a teacher in it. */
const HOLD = `
  import { startMariadb, databaseEnvironment } from './scripts/mariadb.mjs';
  import { startApplication } from './scripts/application.mjs';
  const database = await startMariadb(process.env.LOTUS_DATA);
  const application = await startApplication({ database, port: 0, demo: false, web: null, quiet: true });
  console.log('ready ' + application.address);
  process.on('SIGTERM', async () => { await application.stop(); await database.stop(); process.exit(0); });
`;
async function hold(): Promise<{ address: string; child: ChildProcess; stop: () => Promise<void> }> {
  const child = spawn('node', ['--input-type=module', '-e', HOLD], { env, stdio: ['ignore', 'pipe', 'inherit'] });
  const address = await new Promise<string>((resolve, reject) => {
    let text = '';
    child.stdout.on('data', (chunk: Buffer) => {
      text += chunk.toString();
      const ready = /ready (\S+)/.exec(text);
      if (ready) resolve(ready[1]!);
    });
    child.once('exit', () => reject(new Error(text)));
  });
  return { address, child, stop: () => new Promise((resolve) => (child.once('exit', () => resolve()), child.kill('SIGTERM'))) };
}
const account = { name: 'Rue Calder', password: 'a long enough one' };
const post = (address: string, path: string) =>
  fetch(`${address}/api/${path}`, { method: 'POST', headers: { 'content-type': 'application/json' }, body: JSON.stringify(account) });

afterAll(() => rmSync(folder, { recursive: true, force: true }));

test('what was entered is copied, lost, and put back', async () => {
  let running = await hold();
  expect((await post(running.address, 'teachers')).status).toBe(201);
  // Also while the application runs.
  expect(script('backup', '--to', COPY)).toMatchObject({ code: 0, said: expect.stringContaining('health data in clear') });
  expect(statSync(COPY).mode & 0o077).toBe(0);
  expect(script('backup', '--to', COPY)).toMatchObject({ code: 1, said: expect.stringContaining('there already') });
  expect(script('restore', COPY)).toMatchObject({ code: 1, said: expect.stringContaining('stop it first') });

  // A database that dies comes back by itself, under the server that still runs.
  const { pid } = JSON.parse(readFileSync(join(folder, 'connection.json'), 'utf8')) as { pid: number };
  process.kill(pid, 'SIGKILL');
  const health = async () => (await fetch(`${running.address}/api/health`)).status;
  const answered: number[] = [];
  for (let tries = 0; tries < 60 && answered.at(-1) !== 200; tries++) {
    await new Promise((resolve) => setTimeout(resolve, 500));
    answered.push(await health().catch(() => 0));
  }
  expect(answered.at(-1)).toBe(200);
  // It is copied as before: what is told of it speaks of the new process.
  expect(script('backup', '--to', join(folder, 'later.sql.gz'))).toMatchObject({ code: 0 });
  await running.stop();
  expect(existsSync(join(folder, 'connection.json'))).toBe(false);
  expect(statSync(folder).mode & 0o077).toBe(0);

  rmSync(join(folder, 'mariadb'), { recursive: true });
  expect(script('restore', COPY)).toMatchObject({ code: 0 });
  running = await hold();
  expect((await post(running.address, 'session')).status).toBe(200);
  await running.stop();

  const broken = join(folder, 'broken.sql.gz');
  writeFileSync(broken, readFileSync(COPY).subarray(0, 400));
  expect(script('restore', broken)).toMatchObject({ code: 1, said: expect.stringMatching(/can’t be read|not whole/) });
  expect(script('restore', join(folder, 'none.gz'))).toMatchObject({ code: 1, said: expect.stringContaining('does not exist') });
}, 180_000);
