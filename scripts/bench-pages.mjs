/**
 * What Lighthouse says of the main screens on a phone. It is large and needed for nothing else, so that whoever wants
 * its figures installs it beside: `npm install --no-save lighthouse@12`.
 */
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { freePort } from './mariadb.mjs';
import { onDemo } from './on-demo.mjs';

const SCREENS = { desk: '/', score: '/sequences/1/for/1,2,3', teach: '/sequences/1/for/3/teach' };

async function installed() {
  try {
    return (await import('lighthouse')).default;
  } catch {
    return null;
  }
}

/** Points of 100 of each screen, by category; `null` where Lighthouse isn't installed. */
export async function measurePages() {
  const lighthouse = await installed();
  return lighthouse && onDemo((demo) => pointsOn(lighthouse, demo));
}

async function pointsOn(lighthouse, { address, folder, later }) {
  const port = await freePort();
  const { args, ...options } = chromiumOptions();
  const context = await chromium.launchPersistentContext(join(folder, 'profile'), {
    ...options,
    args: [...args, `--remote-debugging-port=${port}`],
  });
  later(() => context.close());
  const pointsOf = async (path) => {
    // Whoever is signed in stays so.
    const { lhr } = await lighthouse(address + path, { port, formFactor: 'mobile', disableStorageReset: true });
    return Object.fromEntries(Object.values(lhr.categories).map(({ id, score }) => [id, Math.round(score * 100)]));
  };
  const points = { 'sign-in': await pointsOf('/sign-in') };
  const page = await context.newPage();
  await page.goto(`${address}/sign-in`);
  await page.getByRole('button', { name: 'Look round the demo hall' }).click();
  await page.getByRole('heading', { name: 'What do you teach, and to whom?' }).waitFor();
  await page.goto('about:blank');
  for (const [screen, path] of Object.entries(SCREENS)) points[screen] = await pointsOf(path);
  return points;
}
