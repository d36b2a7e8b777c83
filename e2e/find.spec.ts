import { expect, expectAccessible, test } from './fixtures.js';

test('anything is found by a few letters, and the keys are shown', async ({ page }) => {
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
  await expect(page.getByText('only when changed').first()).toBeVisible({ timeout: 60_000 });
});

test('a class on paper: the sheet has every step, and the score prints all its columns', async ({ page }) => {
  await page.goto('/sequences/1/for/2,3');
  await expect(page.getByText(/Every step shows/)).toBeVisible({ timeout: 60_000 });
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('table')).toContainText('Final rest');
  await expect(page.getByRole('button', { name: 'Undo' })).toBeHidden();
  await page.emulateMedia({ media: 'screen' });
  await page.getByRole('link', { name: 'Sheet' }).click();
  await expect(page.getByRole('button', { name: 'Print' })).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Bring:')).toBeVisible();
  await expect(page.getByRole('article')).toContainText('Bero Talman');
  await page.getByLabel('with names').uncheck();
  await expect(page.getByRole('article')).not.toContainText('Bero Talman');
  await expectAccessible(page);
});
