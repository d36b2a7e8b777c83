/** Pictures of the main views for the README, from the demo data of an application that runs: `npm run screenshots`. */
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { ROOT } from './prepare.mjs';

const address = process.env.LOTUS_ADDRESS ?? 'http://127.0.0.1:4280';
const score = (page) => page.getByRole('heading', { name: 'The class as a whole' }).waitFor({ timeout: 30_000 });
const teach = async (page) => {
  await page.getByRole('timer').waitFor({ timeout: 30_000 });
  for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: 'Start' }).click();
  await page.waitForTimeout(1500);
};
const why = async (page) => {
  await score(page);
  await page
    .getByRole('button', { name: /^Downward dog, Bero Talman/ })
    .first()
    .click();
  await page.getByText('Looking …').waitFor({ state: 'hidden', timeout: 30_000 });
};

const door = async (page) => {
  await page.getByRole('button', { name: 'Ansa Kettil is here' }).click({ timeout: 30_000 });
  await page.getByRole('button', { name: 'Bero Talman is here' }).click();
  await page.waitForTimeout(1500);
};
/** A class that was taught a little, with two marks, is noted. */
const log = async (page) => {
  await teach(page);
  await page.getByRole('button', { name: /^Cilla Marrow:/ }).click();
  for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight');
  for (let i = 0; i < 2; i++) await page.getByRole('button', { name: /^Hanno Vey:/ }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'End it and note how it was' }).click();
  await page.getByRole('heading', { name: 'For next time' }).waitFor();
  await page.waitForTimeout(2500);
};

const SHOTS = [
  { name: 'desk', path: '/' },
  { name: 'people', path: '/people' },
  {
    name: 'person',
    path: '/people/9',
    ready: (page) =>
      page.getByRole('complementary', { name: 'What this means' }).getByRole('paragraph').first().waitFor({ timeout: 30_000 }),
  },
  {
    name: 'intake',
    path: '/people/new?part=why',
    ready: async (page) => {
      await page.getByLabel('In their own words').fill('a bulging disc L4/5 since spring, high BP, wants to sleep better');
      await page.getByRole('button', { name: 'Lumbar disc herniation' }).click();
      await page.getByRole('button', { name: '4. Health' }).click();
    },
  },
  { name: 'limits', path: '/limits/osteoporosis', ready: (page) => page.getByText('Allowed as it is').waitFor({ timeout: 30_000 }) },
  { name: 'studio', path: '/studio' },
  { name: 'sequence', path: '/sequences/5', ready: (page) => page.getByText('steps understood').waitFor() },
  {
    name: 'asanas',
    path: '/asanas?for=1',
    ready: async (page) => {
      await page.getByText('only when changed').first().waitFor({ timeout: 30_000 });
      await page.waitForTimeout(1500);
    },
  },
  { name: 'asana', path: '/asanas/trikonasana?for=2', ready: (page) => page.waitForTimeout(2500) },
  { name: 'score', path: '/sequences/2/for/1', ready: score },
  { name: 'why', path: '/sequences/1/for/2', ready: why },
  {
    name: 'class',
    path: '/sequences/1/for/1,2,3,4,5,6',
    ready: async (page) => {
      await page.getByText(/Every step shows at most/).waitFor({ timeout: 120_000 });
      await page.waitForTimeout(1500);
    },
  },
  {
    name: 'build',
    path: '/sequences/build',
    ready: async (page) => {
      for (const purpose of ['calm', 'stretch hamstrings']) await page.getByRole('button', { name: purpose, exact: true }).click();
      await page.getByRole('button', { name: /Bero Talman/ }).click();
      await page.getByRole('button', { name: 'Build three' }).click();
      await page.getByRole('region', { name: 'A lively class' }).getByText('Final rest').waitFor({ timeout: 60_000 });
    },
  },
  { name: 'teach', path: '/sequences/1/for/1,2,3,4,5,6/teach', ready: teach },
  { name: 'log', path: '/sequences/1/for/1,3,8/teach', ready: log },
  { name: 'door-phone', path: '/sequences/1/for/1,2,3,4,5,6,7,8/door', ready: door, width: 390, height: 844 },
  { name: 'home', path: '/sequences/1/for/8/home', ready: (page) => page.waitForTimeout(4000) },
  { name: 'score-phone', path: '/sequences/2/for/1', ready: score, width: 390, height: 844 },
  { name: 'teach-phone', path: '/sequences/2/for/1/teach', ready: teach, width: 390, height: 844, theme: 'dark' },
];

const browser = await chromium.launch(chromiumOptions());
for (const { name, path, ready, theme = 'light', width = 1280, height = 800 } of SHOTS) {
  const context = await browser.newContext({ viewport: { width, height }, colorScheme: theme, locale: 'en-GB' });
  const page = await context.newPage();
  await page.goto(`${address}/sign-in`);
  const demo = page.getByRole('button', { name: 'Look round the demo hall' });
  await demo.waitFor();
  await demo.click();
  await page.waitForURL(`${address}/`);
  await page.goto(address + path);
  await page.getByRole('heading', { level: 1 }).first().waitFor({ timeout: 30_000 });
  const loading = page.getByRole('status').filter({ hasText: / …$/ });
  await loading.first().waitFor({ state: 'hidden', timeout: 30_000 });
  await ready?.(page);
  await page.waitForTimeout(400);
  const file = join(ROOT, 'docs/screenshots', `${name}.png`);
  await page.screenshot({ path: file });
  console.log(file);
  await context.close();
}
await browser.close();
