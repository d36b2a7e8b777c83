import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { expect, expectAccessible, test } from './fixtures.js';

test('a practice goes home as one file that works without a network', async ({ page, context }, testInfo) => {
  await page.goto('/sequences/1/for/8/home');
  await expect(page.getByRole('heading', { name: 'At home: Slow morning' })).toBeVisible();
  await page.getByLabel('Minutes').fill('8');
  await expect(page.getByRole('listitem').filter({ hasText: 'Final rest' }).first()).toBeVisible();
  await expectAccessible(page);
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Take it along' }).click();
  const path = join(testInfo.outputDir, 'at-home.html');
  await (await downloading).saveAs(path);
  expect(readFileSync(path, 'utf8')).not.toContain('Hanno');
  const event = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Into a calendar' }).click();
  const dates = join(testInfo.outputDir, 'at-home.ics');
  await (await event).saveAs(dates);
  expect(readFileSync(dates, 'utf8')).toMatch(/BEGIN:VEVENT[\s\S]*RRULE:FREQ=WEEKLY[\s\S]*SUMMARY:At home: Slow morning/);
  await context.setOffline(true);
  const phone = await context.newPage();
  const broken: string[] = [];
  phone.on('pageerror', ({ message }) => broken.push(message));
  await phone.setViewportSize({ width: 390, height: 844 });
  await phone.goto(pathToFileURL(path).href);
  await phone.getByRole('button', { name: /^Start/ }).first().click(); // prettier-ignore
  await expect(phone.getByRole('button', { name: /^Pause/ })).toBeVisible();
  await expect(phone.locator('svg').first()).toBeVisible();
  await phone.getByRole('checkbox').first().check();
  await phone.getByLabel(/^Pain before/).first().selectOption('5'); // prettier-ignore
  await phone.getByLabel(/^Pain after/).first().selectOption('2'); // prettier-ignore
  await phone.getByLabel('Anything to tell').fill('Slept better');
  const saving = phone.waitForEvent('download');
  await phone.getByRole('button', { name: 'Save it as a file' }).click();
  const diary = join(testInfo.outputDir, 'home-diary.json');
  await (await saving).saveAs(diary);
  expect(await phone.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
  expect(broken).toEqual([]);
  await context.setOffline(false);

  await page.getByLabel('File with what was done at home').setInputFiles(diary);
  await expect(page.getByText('They write: “Slept better”')).toBeVisible();
  await page.getByRole('button', { name: 'Keep 1 day' }).click();
  await expect(page.getByText('1 day added.')).toBeVisible();
  await expect(page.getByText('kept already')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Removed again.')).toBeVisible();
});

test('a lesson for children in exact words, for their age', async ({ page }) => {
  await page.goto('/lesson');
  await page.getByLabel('About').fill('whale');
  await expect(page.getByText('The Whale Who Lost Its Song.')).toBeVisible();
  await expectAccessible(page);
  // Its shapes as cards, one after the other for the whole room.
  const cards = page.getByRole('region', { name: 'Picture cards' }).getByRole('button');
  const [first, second] = [await cards.nth(0).innerText(), await cards.nth(1).innerText()];
  await cards.first().click();
  const shown = page.getByRole('dialog');
  await expect(shown).toContainText(first);
  await page.keyboard.press('ArrowRight');
  await expect(shown).toContainText(second);
  await page.keyboard.press('Escape');
  await expect(shown).toBeHidden();
  // What a child with limits does otherwise is shut until it is asked for, and neither printed nor on a card.
  const otherwise = page.getByRole('list', { name: 'What they do otherwise' });
  await page.getByLabel('Minutes').fill('30');
  await page.getByRole('button', { name: 'Single children' }).click();
  await page.getByRole('button', { name: 'Pim Lorenz' }).click();
  await expect(otherwise.getByRole('heading', { name: 'Pim Lorenz' })).toBeVisible();
  await expect(otherwise.getByText('wrist').first()).toBeVisible();
  await expectAccessible(page);
  await page.emulateMedia({ media: 'print' });
  await expect(otherwise).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByLabel('Age').fill('5');
  await page.getByLabel('Minutes').fill('30');
  await expect(page.getByText('5 to 20')).toBeVisible();
});
