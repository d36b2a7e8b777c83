import { expect, test } from './fixtures.js';

test.use({ serviceWorkers: 'allow' });

test('installed, it opens without a network: the class is shown, taught, and nothing is left after signing out', async ({
  page,
  context,
}) => {
  // The page and all its parts are kept once the worker is ready.
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/sequences/1/for/2,3');
  await expect(page.getByRole('grid')).toBeVisible();
  const keptOf = () =>
    page.evaluate(
      () =>
        new Promise<number>((resolve) => {
          const asked = indexedDB.open('lotus-answers');
          asked.onsuccess = () => {
            const database = asked.result;
            if (!database.objectStoreNames.contains('answers')) return resolve(0);
            const count = database.transaction('answers').objectStore('answers').count();
            count.onsuccess = () => resolve(count.result);
          };
        }),
    );
  await expect.poll(keptOf).toBeGreaterThan(3);

  await context.setOffline(true);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Slow morning', level: 1 })).toBeVisible();
  await expect(page.getByRole('grid')).toBeVisible();
  await expect(page.getByText('No connection.')).toBeVisible();
  await page.getByRole('link', { name: 'Teach', exact: true }).click();
  await expect(page.getByRole('timer')).toBeVisible();

  await context.setOffline(false);
  await page.goto('/');
  await expect(page.getByText('No connection.')).toBeHidden();
  await page.getByRole('button', { name: 'Sign out' }).click();
  const sure = page.getByRole('button', { name: /^Sign out/ }).last();
  if (await sure.isVisible().catch(() => false)) await sure.click().catch(() => undefined);
  await expect(page).toHaveURL(/sign-in/);
  expect(await keptOf()).toBe(0);
  await context.setOffline(true);
  await page.goto('/people').catch(() => undefined);
  await expect(page.getByText('Bero Talman')).toBeHidden();
  await context.setOffline(false);
});

test('a guest who comes without a network is judged and taught at once, and is in the records when it is back', async ({
  page,
  context,
}) => {
  await page.evaluate(() => navigator.serviceWorker.ready);
  // Cilla Marrow (glaucoma) is expected.
  await page.goto('/sequences/5/for/3/door');
  await page.getByRole('button', { name: 'Cilla Marrow is here' }).click();
  await page.getByRole('button', { name: 'Someone else' }).click();
  await context.setOffline(true);
  await page.getByLabel('Name').fill('Sunna Reel');
  await page.getByLabel('Anything to look after? In their words').fill('period');
  await page.getByRole('button', { name: 'Menstruation' }).click();
  await page.getByRole('button', { name: 'Add them, and ask what decides' }).click();
  await expect(page.getByRole('status').filter({ hasText: '2 of 2' })).toBeVisible();
  await page.getByRole('button', { name: 'That’s everybody' }).click();
  // Worked out on the device, for both.
  await expect(page.getByRole('rowheader', { name: /Sunna Reel/ })).toBeVisible();
  const here = page.url();
  expect(here).toMatch(/for\/3,\d{13}/);
  await page.getByRole('link', { name: 'Teach' }).click();
  await page.getByRole('button', { name: 'Start' }).click();
  for (let i = 0; i < 2; i++) await page.keyboard.press('ArrowRight');
  await page.getByRole('button', { name: /^Sunna Reel:/ }).click();
  const step = await page.getByRole('heading', { level: 1 }).textContent();

  await context.setOffline(false);
  // The server gives an id, and the class goes on where it was, with the mark.
  await expect(page).toHaveURL(/for\/3,\d{1,6}\/teach/);
  await expect(page.getByRole('heading', { level: 1 })).toHaveText(step ?? '');
  await expect(page.getByRole('button', { name: /^Sunna Reel: stopped/ })).toBeVisible();
  // Whoever goes back to the address of before comes to the same class.
  await page.goto(here);
  await expect(page).toHaveURL(/for\/3,\d{1,6}/);
  await page.goto('/people');
  await expect(page.getByRole('link', { name: 'Sunna Reel' })).toBeVisible();
});
