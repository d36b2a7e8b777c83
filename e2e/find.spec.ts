import { readFileSync } from 'node:fs';
import { expect, expectAccessible, test } from './fixtures.js';

test('letters typed before the field is there are not lost', async ({ page }) => {
  await expect(page.getByRole('heading', { name: 'What do you teach, and to whom?' })).toBeVisible();
  await page.keyboard.press('Control+k');
  await page.keyboard.type('add a per');
  await expect(page.getByRole('combobox', { name: 'Find anything' })).toHaveValue('add a per');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/people\/new$/);
  // Saved by its key from within a field.
  await page.getByLabel('Name').fill('Somebody Quick');
  await page.getByLabel('Name').press('Control+s');
  await expect(page).toHaveURL(/\/people\/\d+$/);
});

test('anything is found by a few letters, and the keys are shown', async ({ page }) => {
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await page.keyboard.press('Control+k');
  const field = page.getByRole('combobox', { name: 'Find anything' });
  await expect(field).toBeFocused();
  await field.fill('isolde');
  await expect(page.getByRole('option', { name: /Isolde Carran/ })).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Isolde Carran' })).toBeVisible();
  // The keyboard goes on at the beginning of the new screen.
  await expect(page.locator('main')).toBeFocused();
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Ctrl Z');
  await page.getByRole('link', { name: 'How it all goes' }).click();
  await expect(page.getByRole('heading', { name: 'How it goes' })).toBeVisible();
  await expectAccessible(page);
});

test('the library is judged for somebody told of in words', async ({ page }) => {
  await page.goto('/asanas');
  await page.getByLabel('Or in words').fill('thirty flying carpets');
  await expect(page.getByText('No condition here goes by these words.')).toBeVisible();
  await page.getByLabel('Or in words').fill('30 weeks pregnant');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/for=30\+weeks\+pregnant/);
  await expect(page.getByText('only when changed').first()).toBeVisible();
});

test('a class on paper: the sheet has every step, and the score prints all its columns', async ({ page }) => {
  await page.goto('/sequences/1/for/2,3');
  await expect(page.getByText(/Every step shows/)).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('table')).toContainText('Final rest');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible();
  await expect(page.getByText('Bring:')).toBeVisible();
  await expect(page.getByRole('article')).toContainText('Bero Talman');
  await page.getByLabel('with names').uncheck();
  await expect(page.getByRole('article')).not.toContainText('Bero Talman');
  await expectAccessible(page);
  for (const [what, holds] of [
    ['Chapters (WebVTT)', /^WEBVTT\n\n1\n00:00:00/],
    ['Plans and requests (FHIR R4)', /"resourceType": "Bundle"/],
    ['Sequence (JSON)', /lotus-steady\/sequence-1/],
  ] as const) {
    await page.getByRole('button', { name: 'Take along' }).click();
    const download = page.waitForEvent('download');
    await page.getByRole('menuitem', { name: what }).click();
    const text = readFileSync(await (await download).path(), 'utf8');
    expect(text).toMatch(holds);
    expect(text).not.toContain('Bero Talman');
  }
});

test('judging is practised on invented people: a miss is told with its reason and source, and counted', async ({ page }) => {
  await page.goto('/practice');
  await expect(page.getByText('Vera Holt')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: 'Missed: it can’t stay.' })).toBeFocused();
  await expect(page.getByText(/Nothing may press the womb/)).toBeVisible();
  await expect(page.getByText(/1 missed, 0 too careful/)).toBeVisible();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Change it' }).click();
  await page.getByRole('button', { name: 'I don’t know' }).click();
  await expect(page.getByRole('heading', { name: /half right|More careful than needed/ })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/2 of \d+ tasks seen · 0 right, \d half right, 1 missed/)).toBeVisible();
});

test('a case is written from somebody’s conditions, comes first in practice, and its results are reviewed', async ({ page }, testInfo) => {
  await page.goto('/practice/cases');
  await page.getByLabel(/Take the conditions of someone here/).selectOption({ label: 'Isolde Carran' });
  const about = page.getByLabel('What they say of themselves');
  await expect(about).toHaveValue(/Seniors/);
  await page.getByLabel('Invented name').fill('Ylva Brandt');
  await page.getByLabel('Steps to judge, a line each').fill('Headstand, 1 min\nflibber the wug');
  await page.getByRole('button', { name: 'Keep this case' }).click();
  await expect(page.getByRole('alert')).toContainText('“flibber the wug” names no single step');
  await page.getByLabel('Steps to judge, a line each').fill('Headstand, 1 min');
  await page.getByRole('button', { name: 'Keep this case' }).click();
  await expect(page.getByRole('button', { name: 'Remove the case Ylva Brandt' })).toBeVisible();
  await page.getByRole('link', { name: 'practice', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Ylva Brandt' })).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('heading', { name: 'Missed: it can’t stay.' })).toBeFocused();
  await page.getByRole('link', { name: 'set and review tasks' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Hand over my results' }).click();
  const file = testInfo.outputPath('results.json');
  await (await download).saveAs(file);
  await page.getByLabel('File with results').setInputFiles(file);
  await expect(page.getByRole('region', { name: 'Their answers' })).toContainText('Ylva Brandt');
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Remove the case Ylva Brandt' }).click();
  await expect(page.getByText('No case is here yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('button', { name: 'Remove the case Ylva Brandt' })).toBeVisible();
  await page.getByRole('button', { name: 'Remove the case Ylva Brandt' }).click();
});
