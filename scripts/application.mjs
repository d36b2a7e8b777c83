import { spawn } from 'node:child_process';
import { createServer } from 'node:net';
import { join } from 'node:path';
import { databaseEnvironment } from './mariadb.mjs';
import { ROOT } from './prepare.mjs';
import { Stop } from './say.mjs';

/** @throws Stop when someone else listens on the port. */
export function checkPort(port) {
  return new Promise((resolve, reject) => {
    const probe = createServer();
    probe.once('error', ({ code }) =>
      reject(
        new Stop(
          code === 'EADDRINUSE'
            ? `port ${port} is in use; stop what listens there, or choose another: LOTUS_PORT=${port + 1} npm start`
            : `port ${port} can't be used (${code}); choose another: LOTUS_PORT=4280 npm start`,
        ),
      ),
    );
    probe.listen(port, '127.0.0.1', () => probe.close(resolve));
  });
}

/** A server that doesn't end when it is told to is ended. */
const KILL_MS = 15_000;

/** Starts the server and waits until it answers. `stop` lets running requests end. */
export async function startApplication({
  database,
  port,
  demo,
  demoAddress = '',
  web = join(ROOT, 'packages/web/dist'),
  watch = false,
  quiet = false,
}) {
  const env = {
    ...process.env,
    ...databaseEnvironment(database),
    LOTUS_PORT: String(port),
    LOTUS_DEMO: demo ? '1' : '0',
    LOTUS_DEMO_ADDRESS: demoAddress,
    LOTUS_LOG: quiet ? '0' : (process.env.LOTUS_LOG ?? '0'),
    ...(web ? { LOTUS_WEB: web } : {}),
  };
  const args = [...(watch ? ['--watch', '--watch-preserve-output'] : []), join(ROOT, 'packages/server/dist/main.js')];
  const child = spawn(process.execPath, args, { env, stdio: ['ignore', 'pipe', 'inherit'], detached: true });
  let ended = false;
  child.once('exit', () => (ended = true));
  const stop = () =>
    new Promise((resolve) => {
      if (ended) return resolve();
      child.once('exit', resolve);
      child.kill('SIGTERM');
      setTimeout(() => !ended && child.kill('SIGKILL'), KILL_MS).unref();
    });
  const address = await new Promise((resolve, reject) => {
    let text = '';
    child.stdout.on('data', (chunk) => {
      text += chunk;
      const ready = /lotus-steady ready (\S+)/.exec(text);
      if (ready) resolve(ready[1]);
      if (process.env.LOTUS_LOG === '1') process.stdout.write(chunk);
    });
    child.once('exit', (code) => reject(new Stop(`the server stopped while starting (exit code ${code}); its reason is above`)));
  });
  return { address, stop, ended: new Promise((resolve) => child.once('exit', resolve)) };
}
