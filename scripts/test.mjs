/** All checks: lint, types, boundaries, Jest and Playwright, against a MariaDB that is thrown away afterwards. */
import { spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startApplication } from './application.mjs';
import { databaseEnvironment, freePort, MARIADB_PACKAGES, startMariadb } from './mariadb.mjs';
import { checkNode, ensureBuilt, ensureModules, ensurePackages, ROOT } from './prepare.mjs';
import { main, say } from './say.mjs';

const counts = { passed: 0, failed: 0, skipped: 0 };

function check(name, command, args, env = {}) {
  say(`\n== ${name}`);
  const { status } = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } });
  return status === 0;
}

/** A check without counts of its own, which counts as one; it may run beside another, so what it says is told when it is done. */
function once(name, command, args) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: ROOT, stdio: ['ignore', 'pipe', 'pipe'] });
    let said = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (chunk) => (said += chunk));
    const end = (passed) => {
      say(`\n== ${name}`);
      process.stdout.write(said);
      counts[passed ? 'passed' : 'failed']++;
      resolve();
    };
    child.once('error', (error) => ((said += `${error.message}\n`), end(false)));
    child.once('close', (code) => end(code === 0));
  });
}

/** What has no counts of its own. Types are written first: lint reads them, on one processor, and the others leave it another. */
async function checkCode() {
  await once('types', 'npm', ['run', '--silent', 'types']);
  const others = async () => {
    await once('boundaries', 'npm', ['run', '--silent', 'boundaries']);
    await once('snapshot of the terminal', 'node', ['scripts/snapshot.mjs', '--check']);
    await once('knowledge page', 'node', ['scripts/knowledge.mjs', '--check']);
    await once('texts of the screens', 'node', ['scripts/texts.mjs', '--check']);
  };
  await Promise.all([once('lint', 'npm', ['run', '--silent', 'lint']), others()]);
}

function add(file, read) {
  let report;
  try {
    report = read(JSON.parse(readFileSync(file, 'utf8')));
  } catch {
    // A runner that wrote no report has not run.
    report = { passed: 0, failed: 1, skipped: 0 };
  }
  for (const key of Object.keys(counts)) counts[key] += report[key];
  return report;
}

await main(async () => {
  checkNode();
  ensurePackages({ ...MARIADB_PACKAGES, chromium: 'chromium' });
  ensureModules();
  ensureBuilt();
  await checkCode();

  const folder = mkdtempSync(join(tmpdir(), 'lotus-test-'));
  const unitDatabase = await startMariadb(join(folder, 'unit'));
  try {
    const report = join(folder, 'jest.json');
    const passed = check('unit', 'npx', ['jest', '--json', `--outputFile=${report}`], databaseEnvironment(unitDatabase));
    const { failed } = add(report, ({ numPassedTests, numFailedTests, numPendingTests, numRuntimeErrorTestSuites }) => ({
      passed: numPassedTests,
      failed: numFailedTests + numRuntimeErrorTestSuites,
      skipped: numPendingTests,
    }));
    if (!passed && failed === 0) counts.failed++;
  } finally {
    await unitDatabase.stop();
  }

  const database = await startMariadb(join(folder, 'e2e'));
  let application = null;
  try {
    application = await startApplication({ database, port: await freePort(), demo: true, quiet: true });
    const report = join(folder, 'playwright.json');
    const passed = check('end to end', 'npx', ['playwright', 'test'], {
      LOTUS_ADDRESS: application.address,
      PLAYWRIGHT_JSON_OUTPUT_NAME: report,
    });
    const { failed } = add(report, ({ stats }) => ({
      passed: stats.expected + stats.flaky,
      failed: stats.unexpected,
      skipped: stats.skipped,
    }));
    if (!passed && failed === 0) counts.failed++;
  } finally {
    await application?.stop();
    await database.stop();
    rmSync(folder, { recursive: true, force: true });
  }
  say(`\n${counts.passed} passed, ${counts.failed} failed, ${counts.skipped} skipped`);
  process.exitCode = counts.failed > 0 ? 1 : 0;
});
