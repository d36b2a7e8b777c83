import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { say, Stop } from './say.mjs';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
export const DATA = join(ROOT, '.data');

export function run(command, args, options = {}) {
  const { status, error } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (error) throw new Stop(`${command} can't be run (${error.code}); install it and try again`);
  return status ?? 1;
}

export function checkNode() {
  const wanted = JSON.parse(readFileSync(join(ROOT, 'package.json'), 'utf8')).engines.node.replace('>=', '');
  const number = (version) => version.split('.').reduce((sum, part) => sum * 1000 + Number(part), 0);
  if (number(process.versions.node) < number(wanted))
    throw new Stop(`this is Node ${process.versions.node}; install Node ${wanted} or newer and try again`);
}

function has(program) {
  return ['/usr/bin', '/usr/sbin', '/usr/local/bin', '/usr/local/sbin', ...(process.env.PATH ?? '').split(':')].some((folder) =>
    existsSync(join(folder, program)),
  );
}

/** Debian packages by the program that each brings. As root they are installed; otherwise the command is told. */
export function ensurePackages(needed) {
  const missing = Object.entries(needed)
    .filter(([program]) => !has(program))
    .map(([, name]) => name);
  if (missing.length === 0) return;
  const command = `apt-get install -y --no-install-recommends ${missing.join(' ')}`;
  if (process.getuid?.() !== 0) throw new Stop(`${missing.join(' and ')} missing; run: sudo apt-get update && sudo ${command}`);
  say(`Installing ${missing.join(', ')} ...`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  const quiet = { env, stdio: ['ignore', 'ignore', 'inherit'] };
  run('apt-get', ['update', '-q'], quiet);
  if (run('apt-get', command.split(' ').slice(1), quiet) !== 0)
    throw new Stop(`${missing.join(', ')} could not be installed; try by hand: apt-get update && ${command}`);
}

function newest(folder) {
  let time = 0;
  for (const entry of readdirSync(folder, { withFileTypes: true })) {
    if (entry.name === 'dist' || entry.name === 'node_modules' || entry.name.startsWith('.')) continue;
    const path = join(folder, entry.name);
    time = Math.max(time, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }
  return time;
}

/** Node packages as the lock file says; nothing is done where they are there already. */
export function ensureModules() {
  const installed = join(ROOT, 'node_modules', '.package-lock.json');
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync(join(ROOT, 'package-lock.json')).mtimeMs) return;
  say('Installing node packages ...');
  if (run('npm', ['ci', '--no-audit', '--no-fund', '--loglevel=error']) !== 0)
    throw new Stop('npm ci failed (see above); is the package registry reachable?');
}

/** Builds what changed since it was built last. */
export function ensureBuilt() {
  const stamp = join(DATA, 'built');
  const outputs = ['core', 'requests', 'sheets', 'cli', 'server', 'web'].map((name) => join(ROOT, 'packages', name, 'dist'));
  if (existsSync(stamp) && outputs.every(existsSync) && statSync(stamp).mtimeMs > newest(join(ROOT, 'packages'))) return;
  say('Building ...');
  const time = new Date();
  if (run('npm', ['run', '--silent', 'build'], { stdio: ['ignore', 'ignore', 'inherit'] }) !== 0)
    throw new Stop('the build failed (see above)');
  mkdirSync(DATA, { recursive: true });
  writeFileSync(stamp, `${time.toISOString()}\n`);
}
