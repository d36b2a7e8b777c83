import { expect, openSettings, test } from './fixtures.js';

test('a sequence is found, copied, removed and taken back', async ({ page }) => {
  await page.goto('/sequences');
  await page.getByRole('button', { name: 'Copy Backs' }).click();
  await expect(page.getByRole('heading', { name: 'Copy of Backs' })).toBeVisible();
  await page.goto('/sequences');
  const copy = page.getByRole('link', { name: /Copy of Backs/ });
  await page.getByLabel('Order').selectOption('recent');
  const listed = page.getByRole('list', { name: 'Sequences', exact: true }).getByRole('listitem');
  await expect(listed.first()).toContainText('Copy of Backs');
  const filed = page.getByRole('list', { name: 'Filed under' });
  await filed.getByRole('button', { name: 'chair' }).click();
  await expect(listed).toHaveCount(1);
  await expect(listed).toContainText('In the chair');
  await filed.getByRole('button', { name: 'chair' }).click();
  await page.getByRole('button', { name: 'Remove Copy of Backs' }).click();
  await expect(copy).toBeHidden();
  await page.getByRole('button', { name: 'Take it back' }).click();
  await expect(copy).toBeVisible();
  await page.getByRole('button', { name: 'Remove Copy of Backs' }).click();
  await expect(page.getByText('is removed')).toBeVisible();
  // Whoever leaves has decided.
  await page.getByRole('link', { name: 'People' }).click();
  await page.getByLabel('Find by name').fill('ansa');
  await expect(page.getByRole('listitem')).toHaveCount(1);
  await page.goto('/sequences');
  await expect(copy).toBeHidden();
});

test('a kept class is opened as it was, planned for another day, and removed', async ({ page }) => {
  await page.goto('/');
  const kept = page.getByRole('region', { name: 'Kept classes' });
  await kept.getByRole('link', { name: 'Slow morning', exact: true }).first().click();
  await expect(page).toHaveURL(/\/for\/\d+,\d+,\d+,\d+\?.*day=/);
  await expect(page).toHaveTitle(/score · Lotus Steady/);
  await expect(page.getByText(/Every step shows at most/)).toBeVisible();
  // Kept for today, it is the first thing on the desk.
  await openSettings(page);
  await page.getByLabel('Class on').fill(new Date().toISOString().slice(0, 10));
  await page.getByRole('button', { name: 'Keep the changes' }).click();
  await expect(page.getByRole('button', { name: /is kept/ })).toBeVisible();
  await page.goto('/');
  const today = page.getByRole('region', { name: 'Today' });
  await expect(today.getByRole('link', { name: 'Teach' })).toBeVisible();
  await kept
    .getByRole('button', { name: /Another day for the class/ })
    .first()
    .click();
  await kept.getByLabel('On', { exact: true }).fill('2027-03-04');
  await kept.getByRole('button', { name: 'Plan it for this day' }).click();
  await expect(page).toHaveURL(/day=2027-03-04/);
  await page.goto('/');
  await kept
    .getByRole('button', { name: /Remove the class/ })
    .first()
    .click();
  await kept.getByRole('button', { name: 'Remove it' }).click();
  await expect(today).toBeHidden();
});

test('a test that was taken again is drawn over time, with the line where risk begins', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: /Etta Brandvik/ }).click();
  await expect(page.getByRole('heading', { name: 'Tests and readings over time' })).toBeVisible();
  const chart = page.getByRole('img', { name: 'Timed up and go: 16.5, 15, 13 s' });
  await chart.scrollIntoViewIfNeeded();
  await expect(chart.locator('path[stroke-width="2.5"]')).toHaveAttribute('stroke', /^#/);
  await expect(page.getByText('3.5 s less than at first')).toBeVisible();
  await expect(page.getByText(/Risk from 12 s on/)).toBeVisible();
});
