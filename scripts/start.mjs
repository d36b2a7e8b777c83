/**
 * Everything that a fresh machine needs, then the application:
 *   npm start                    with demo data in a new installation
 *   LOTUS_DEMO=0 npm start       an empty installation asks for the first teacher's account
 *   LOTUS_PORT=5000 npm start    another address
 *   npm run dev                  with hot reload
 */
import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { checkPort, startApplication } from './application.mjs';
import { MARIADB_PACKAGES, startMariadb } from './mariadb.mjs';
import { checkNode, DATA, ensureBuilt, ensureModules, ensurePackages, ROOT } from './prepare.mjs';
import { main, say, Stop } from './say.mjs';

const USUAL_PORT = 4280;
const dev = process.argv.includes('--dev');

await main(async () => {
  checkNode();
  const port = Number(process.env.LOTUS_PORT ?? USUAL_PORT);
  if (!Number.isInteger(port) || port < 1 || port > 65535)
    throw new Stop(`LOTUS_PORT is "${process.env.LOTUS_PORT}"; expected a port from 1 to 65535`);
  await checkPort(port);
  ensurePackages(MARIADB_PACKAGES);
  ensureModules();
  ensureBuilt();

  const stops = [];
  let stopping = false;
  const stopAll = async () => {
    if (stopping) return;
    stopping = true;
    say('\nStopping ...');
    for (const stop of stops.reverse()) await stop();
    process.exit(0);
  };
  process.on('SIGINT', stopAll);
  process.on('SIGTERM', stopAll);

  const database = await startMariadb(process.env.LOTUS_DATA ?? DATA);
  stops.push(database.stop);
  try {
    const demo = process.env.LOTUS_DEMO !== '0';
    const application = await startApplication({ database, port, demo, watch: dev, ...(dev && { web: null }) });
    stops.push(application.stop);
    if (dev) stops.push(...startWatchers(port));
    else
      say(
        `\n  Lotus Steady is at ${application.address.replace('127.0.0.1', 'localhost')}\n  Ctrl-C stops it; what you entered is kept in .data/\n`,
      );
    void application.ended.then(() => !stopping && !dev && stopAll());
  } catch (error) {
    await database.stop();
    throw error;
  }
});

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
