import { spawn, spawnSync } from 'node:child_process';
import { randomBytes } from 'node:crypto';
import { chmodSync, closeSync, existsSync, mkdirSync, openSync, readFileSync, renameSync, rmSync, writeFileSync } from 'node:fs';
import { connect, createServer } from 'node:net';
import { tmpdir, userInfo } from 'node:os';
import { join } from 'node:path';
import { say, Stop } from './say.mjs';

export const MARIADB_PACKAGES = { mariadbd: 'mariadb-server' };
const DATABASE = 'lotus_steady';
/** Invented people live apart from real ones. */
export const DEMO_DATABASE = 'lotus_steady_demo';
/** Who makes and changes tables, and copies them. */
const OWNER = 'lotus';
/** Who works with them: the server, which is granted table by table what it needs and no more. */
const USER = 'lotus_app';
/** A file that says that the demo is gone for good. */
export const NO_DEMO = 'no-demo';
/** How a running database is reached, for a backup. */
export const CONNECTION = 'connection.json';
const MOST_DEATHS = 5;
const AGAIN_MS = 1_000;
/** By then a database that was started again has read its first statements, the password among them. */
const INIT_MS = 30_000;

/** A port on loopback that nobody uses at the moment. */
export function freePort() {
  return new Promise((resolve, reject) => {
    const server = createServer();
    server.on('error', reject);
    server.listen(0, '127.0.0.1', () => {
      const { port } = server.address();
      server.close(() => resolve(port));
    });
  });
}

function makeDataFolder(folder, temporary) {
  const tables = join(folder, 'mariadb');
  if (existsSync(join(tables, 'lotus-made'))) return tables;
  if (existsSync(tables))
    throw new Stop(`${tables} is half-made (it was not created to the end); move it away, then start again: mv ${tables} ${tables}.old`);
  // Made under another name first, so that an interrupted first start leaves nothing that looks whole.
  const making = `${tables}.making`;
  rmSync(making, { recursive: true, force: true });
  mkdirSync(making, { recursive: true });
  const folders = [`--datadir=${making}`, `--tmpdir=${temporary}`];
  const args = ['--no-defaults', ...folders, '--auth-root-authentication-method=socket', '--skip-test-db', `--user=${userInfo().username}`];
  const { status, stderr } = spawnSync('mariadb-install-db', args, { encoding: 'utf8' });
  if (status !== 0) throw new Stop(`mariadb-install-db failed: ${(stderr ?? '').trim().split('\n').at(-1)}`);
  writeFileSync(join(making, 'lotus-made'), `${new Date().toISOString()}\n`);
  renameSync(making, tables);
  return tables;
}

/** Whether a process is a database that runs: after a restart of the machine its number may be anybody's. */
function isDatabase(pid) {
  try {
    return /mariadbd|mysqld/.test(readFileSync(`/proc/${pid}/comm`, 'utf8'));
  } catch {
    return false;
  }
}

function answers(port) {
  return new Promise((resolve) => {
    const socket = connect({ host: '127.0.0.1', port });
    socket.once('data', () => (socket.destroy(), resolve(true)));
    socket.once('error', () => resolve(false));
    socket.setTimeout(1000, () => (socket.destroy(), resolve(false)));
  });
}

/**
 * A MariaDB of our own on loopback: its data under `folder`, its own socket, a password that is new at
 * every start and known to nobody else for each of its two users. `stop` waits until all is written.
 */
export async function startMariadb(folder) {
  mkdirSync(folder, { recursive: true, mode: 0o700 });
  // Health data lies in it: nobody else on this machine reads it, also where the folder is older than this rule.
  chmodSync(folder, 0o700);
  // A MariaDB that starts clears the temporary tables out of its folder, also those of another one that runs.
  const temporary = join(folder, 'tmp');
  mkdirSync(temporary, { recursive: true });
  const tables = makeDataFolder(folder, temporary);
  const pidFile = join(folder, 'mariadb.pid');
  if (existsSync(pidFile)) {
    const pid = Number(readFileSync(pidFile, 'utf8'));
    if (isDatabase(pid))
      throw new Stop(`the database of ${folder} runs already (process ${pid}); stop the other npm start first, or: kill ${pid}`);
  }
  const port = await freePort();
  const [ownerPassword, password] = [randomBytes(24).toString('hex'), randomBytes(24).toString('hex')];
  const owner = { user: OWNER, password: ownerPassword };
  // A socket's path may hold about 100 characters, so it lies in the temporary folder.
  const socket = join(tmpdir(), `lotus-${process.pid}-${port}.sock`);
  const init = join(folder, 'init.sql');
  const hasDemo = !existsSync(join(folder, NO_DEMO));
  const sql = [
    ...(hasDemo ? [] : [`DROP DATABASE IF EXISTS ${DEMO_DATABASE};`]),
    ...[DATABASE, ...(hasDemo ? [DEMO_DATABASE] : [])].map((name) => `CREATE DATABASE IF NOT EXISTS ${name} CHARACTER SET utf8mb4;`),
    `CREATE OR REPLACE USER '${OWNER}'@'127.0.0.1' IDENTIFIED BY '${ownerPassword}';`,
    // Tests make databases beside it, under names that begin alike.
    `GRANT ALL ON \`${DATABASE.replace('_', '\\_')}%\`.* TO '${OWNER}'@'127.0.0.1' WITH GRANT OPTION;`,
    // What it was granted outlives a database that is started again under a running server.
    `CREATE USER IF NOT EXISTS '${USER}'@'127.0.0.1';`,
    `ALTER USER '${USER}'@'127.0.0.1' IDENTIFIED BY '${password}';`,
    '',
  ].join('\n');
  const log = join(folder, 'mariadb.log');
  const args = [
    '--no-defaults',
    `--datadir=${tables}`,
    `--tmpdir=${temporary}`,
    `--socket=${socket}`,
    `--port=${port}`,
    '--bind-address=127.0.0.1',
    `--pid-file=${pidFile}`,
    `--init-file=${init}`,
    '--skip-name-resolve',
    '--innodb-buffer-pool-size=64M',
    `--user=${userInfo().username}`,
  ];
  let server;
  let ended = false;
  let stopping = false;
  let deaths = 0;
  const start = () => {
    ended = false;
    writeFileSync(init, sql, { mode: 0o600 });
    const out = openSync(log, 'a', 0o600);
    // Detached: Ctrl-C reaches this script alone, which then stops things in their order.
    server = spawn('mariadbd', args, { stdio: ['ignore', out, out], detached: true });
    closeSync(out);
    server.once('exit', () => {
      ended = true;
      if (stopping || !running) return;
      // A database that dies is started again, with the same password; one that keeps dying is told.
      if (++deaths > MOST_DEATHS) return say(`The database died ${deaths} times; see ${log}`);
      say('The database ended by itself and is started again.');
      setTimeout(() => {
        if (stopping) return;
        start();
        tell();
        setTimeout(() => rmSync(init, { force: true }), INIT_MS).unref();
      }, AGAIN_MS);
    });
  };
  let running = false;
  const connection = join(folder, CONNECTION);
  // For a backup while it runs; whoever reads this file can read the tables as well.
  const tell = () => writeFileSync(connection, JSON.stringify({ port, ...owner, pid: server.pid }), { mode: 0o600 });
  start();
  const stop = () =>
    new Promise((resolve) => {
      stopping = true;
      rmSync(connection, { force: true });
      if (ended) return resolve();
      server.once('exit', resolve);
      server.kill('SIGTERM');
    });
  for (let tries = 0; !(await answers(port)); tries++) {
    if (ended)
      throw new Stop(`mariadbd stopped at once; its last words: ${readFileSync(log, 'utf8').trim().split('\n').at(-1)} (all in ${log})`);
    if (tries > 300) {
      await stop();
      throw new Stop(`mariadbd did not answer within a minute; see ${log}`);
    }
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  rmSync(init);
  running = true;
  tell();
  return { port, ...owner, app: { user: USER, password }, name: DATABASE, hasDemo, stop };
}

/** The environment in which the server finds this database, or another of the same server. */
export function databaseEnvironment({ port, user, password, app, name }) {
  return {
    LOTUS_DB_PORT: String(port),
    LOTUS_DB_NAME: name,
    LOTUS_DB_OWNER: user,
    LOTUS_DB_OWNER_PASSWORD: password,
    LOTUS_DB_USER: app.user,
    LOTUS_DB_PASSWORD: app.password,
  };
}
