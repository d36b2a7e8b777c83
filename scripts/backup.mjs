/**
 * A copy of everything that was entered, in one file that only its owner reads:
 *   npm run backup                    into .data/backups/, also while the application runs
 *   npm run backup -- --to FILE
 *   npm run restore -- FILE           puts it back; the application has to be stopped, and what is there now is copied first
 */
import { spawn } from 'node:child_process';
import { createReadStream, createWriteStream, existsSync, mkdirSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { dirname, join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { createGunzip, createGzip } from 'node:zlib';
import { CONNECTION, startMariadb } from './mariadb.mjs';
import { DATA } from './prepare.mjs';
import { main, say, Stop } from './say.mjs';

const END = '-- Dump completed';
const SCRATCH = 'lotus_steady_restoring';

const folder = process.env.LOTUS_DATA ?? DATA;

/** Where a client of MariaDB is told the password without the process list showing it. */
function client(program, { port, user, password }, args) {
  return spawn(program, ['--no-defaults', '--host=127.0.0.1', `--port=${port}`, `--user=${user}`, ...args], {
    env: { ...process.env, MYSQL_PWD: password },
    stdio: ['pipe', 'pipe', 'pipe'],
  });
}

function ended(child, what) {
  let words = '';
  child.stderr.on('data', (chunk) => (words += chunk));
  return new Promise((done, fail) =>
    child.once('close', (code) => (code === 0 ? done() : fail(new Stop(`${what} failed: ${words.trim().split('\n').at(-1)}`)))),
  );
}

/** The database as it runs, or started for the while. */
async function reach(mayRun) {
  const file = join(folder, CONNECTION);
  const running = existsSync(file) ? JSON.parse(readFileSync(file, 'utf8')) : null;
  const isAlive = running !== null && existsSync(`/proc/${running.pid}`);
  if (isAlive && !mayRun) throw new Stop('the application runs; stop it first (Ctrl-C where it was started)');
  if (isAlive) return { ...running, name: 'lotus_steady', stop: async () => undefined };
  return startMariadb(folder);
}

async function dump(database, to) {
  mkdirSync(dirname(to), { recursive: true, mode: 0o700 });
  const making = `${to}.making`;
  const child = client('mariadb-dump', database, ['--single-transaction', '--triggers', '--no-tablespaces', database.name]);
  const end = ended(child, 'mariadb-dump');
  await Promise.all([pipeline(child.stdout, createGzip(), createWriteStream(making, { mode: 0o600 })), end]);
  // Only a copy that was written to its end gets its name.
  renameSync(making, to);
}

/** @throws Stop for a file that is no copy, or not a whole one. */
async function check(file) {
  if (!existsSync(file)) throw new Stop(`${file} does not exist`);
  let tail = '';
  await pipeline(createReadStream(file), createGunzip(), async (chunks) => {
    for await (const chunk of chunks) tail = (tail + chunk.toString('latin1')).slice(-400);
  }).catch(() => {
    throw new Stop(`${file} can’t be read; is it a copy that npm run backup made?`);
  });
  if (!tail.includes(END)) throw new Stop(`${file} is not whole: its end is missing`);
}

async function statement(database, sql) {
  const child = client('mariadb', database, ['--batch', '--skip-column-names', '-e', sql]);
  let text = '';
  child.stdout.on('data', (chunk) => (text += chunk));
  await ended(child, 'mariadb');
  return text;
}

async function load(database, file, into) {
  await statement(database, `DROP DATABASE IF EXISTS ${into}; CREATE DATABASE ${into} CHARACTER SET utf8mb4;`);
  const child = client('mariadb', database, [into]);
  const end = ended(child, 'mariadb');
  await Promise.all([pipeline(createReadStream(file), createGunzip(), child.stdin), end]);
}

function copyName() {
  return join(folder, 'backups', `lotus-${new Date().toISOString().slice(0, 19).replaceAll(':', '')}.sql.gz`);
}

async function backup(to) {
  const database = await reach(true);
  try {
    await dump(database, to);
  } finally {
    await database.stop();
  }
  say(`Copied to ${to}. It holds health data in clear: keep it where only you can read it.`);
}

async function restore(file) {
  await check(file);
  const database = await reach(false);
  try {
    // Loaded beside it first: what is there stays until the copy is known to be good.
    await load(database, file, SCRATCH);
    const tables = (await statement(database, `SHOW TABLES FROM ${SCRATCH}`)).split('\n');
    for (const table of ['teachers', 'people', 'sequences', 'SequelizeMeta'])
      if (!tables.includes(table)) throw new Stop(`${file} holds no table "${table}"; nothing was changed`);
    const before = copyName();
    await dump(database, before);
    await load(database, file, database.name);
    say(`Put back from ${file}. What was there before is in ${before}.`);
  } finally {
    await statement(database, `DROP DATABASE IF EXISTS ${SCRATCH}`).catch(() => undefined);
    await database.stop();
  }
}

await main(async () => {
  const [command, ...rest] = process.argv.slice(2);
  if (command === 'restore') {
    if (rest.length !== 1) throw new Stop('name the copy, as in: npm run restore -- .data/backups/lotus-2026-03-01T180000.sql.gz');
    return restore(resolve(rest[0]));
  }
  const at = rest.indexOf('--to');
  if (at >= 0 && rest[at + 1] === undefined) throw new Stop('say where to, as in: npm run backup -- --to /mnt/safe/lotus.sql.gz');
  const to = at >= 0 ? resolve(rest[at + 1]) : copyName();
  if (existsSync(to)) throw new Stop(`${to} is there already; name another file`);
  rmSync(`${to}.making`, { force: true });
  return backup(to);
});
