/**
 * Everything that a fresh machine needs, then the application:
 *   npm start                    the first screen asks for the owner's account; the demo is at the next port
 *   LOTUS_DEMO=0 npm start       without the demo this time
 *   LOTUS_DEMO=never npm start   without the demo from now on; its data are removed
 *   LOTUS_PORT=5000 npm start    another address
 *   LOTUS_HOST=0.0.0.0           also for other devices; only with a proxy that speaks TLS: LOTUS_HTTPS=1
 *   npm run dev                  with hot reload
 */
import { spawn } from 'node:child_process';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { checkPort, startApplication } from './application.mjs';
import { DEMO_DATABASE, MARIADB_PACKAGES, NO_DEMO, startMariadb } from './mariadb.mjs';
import { checkNode, DATA, ensureBuilt, ensureModules, ensurePackages, ROOT } from './prepare.mjs';
import { main, say, Stop } from './say.mjs';

const USUAL_PORT = 4280;
/** The address that the applications listen on; they read it from the environment themselves. */
const host = process.env.LOTUS_HOST ?? '127.0.0.1';
const dev = process.argv.includes('--dev');

await main(async () => {
  checkNode();
  const port = Number(process.env.LOTUS_PORT ?? USUAL_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`LOTUS_PORT is "${process.env.LOTUS_PORT}"; expected a port from 1 to 65535`);
  const wish = process.env.LOTUS_DEMO ?? '1';
  if (!['0', '1', 'never'].includes(wish)) throw new Stop(`LOTUS_DEMO is "${wish}"; expected 1, 0 or never`);
  await checkPort(port);
  warnOfHost();
  ensurePackages(MARIADB_PACKAGES);
  ensureModules();
  ensureBuilt();

  const stops = [];
  let stopping = false;
  const stopAll = async (code = 0) => {
    if (stopping) return;
    stopping = true;
    say('\nStopping ...');
    for (const stop of stops.reverse()) await stop();
    process.exit(code);
  };
  process.on('SIGINT', () => void stopAll());
  process.on('SIGTERM', () => void stopAll());

  const data = process.env.LOTUS_DATA ?? DATA;
  if (wish === 'never') {
    mkdirSync(data, { recursive: true, mode: 0o700 });
    writeFileSync(join(data, NO_DEMO), 'The demo is not wanted here; remove this file to have it again.\n');
  }
  const database = await startMariadb(data);
  stops.push(database.stop);
  try {
    const common = { watch: dev, ...(dev && { web: null }) };
    const hasDemo = database.hasDemo && wish === '1' && (await isFree(port + 1));
    const start = (options) =>
      startApplication({ database, port, demo: false, ...common, ...options }).then((application) => {
        stops.push(application.stop);
        void application.ended.then((code) => !stopping && !dev && (say(`The server ended by itself (code ${code}).`), stopAll(1)));
        return application;
      });
    const demoAddress = hasDemo ? `http://${host === '127.0.0.1' ? 'localhost' : '{host}'}:${port + 1}` : '';
    const application = await start({ demoAddress });
    if (hasDemo) await start({ database: { ...database, name: DEMO_DATABASE }, port: port + 1, demo: true });
    if (dev) stops.push(...startWatchers(port));
    else
      say(
        `\n  Lotus Steady is at ${application.address.replace('127.0.0.1', 'localhost')}` +
          `${hasDemo ? `\n  The demo, with invented people, is at ${demoAddress.replace('{host}', host)}` : ''}` +
          `\n  Ctrl-C stops it; what you entered is kept in .data/\n`,
      );
  } catch (error) {
    await database.stop();
    throw error;
  }
});

/** Health data in clear over a network is everybody's: said before it happens. */
function warnOfHost() {
  if (['127.0.0.1', 'localhost', '::1'].includes(host) || process.env.LOTUS_HTTPS === '1') return;
  say(`\n  ATTENTION: LOTUS_HOST=${host} answers other devices without TLS: passwords and health data travel in clear.`);
  say('  Put a proxy that speaks TLS before it, and say so: LOTUS_HTTPS=1\n');
}

async function isFree(port) {
  try {
    await checkPort(port);
    return true;
  } catch {
    say(`Port ${port} is in use, so the demo is not started.`);
    return false;
  }
}

/** Compilers that watch, and the front's own server, which passes /api on. */
function startWatchers(port) {
  const children = [
    spawn('npx', ['tsc', '-b', '--watch', '--preserveWatchOutput', 'packages/core', 'packages/requests', 'packages/server'], {
      cwd: ROOT,
      stdio: 'inherit',
      detached: true,
    }),
    spawn('npx', ['vite', join(ROOT, 'packages/web')], {
      cwd: ROOT,
      stdio: 'inherit',
      detached: true,
      env: { ...process.env, LOTUS_API: `http://127.0.0.1:${port}` },
    }),
  ];
  return children.map((child) => () => new Promise((resolve) => (child.once('exit', resolve), process.kill(-child.pid, 'SIGTERM'))));
}
