import { expect, test } from './fixtures.js';

test.use({ serviceWorkers: 'allow' });

test('installed, it opens without a network: the class is shown, taught, and nothing is left after signing out', async ({
  page,
  context,
}) => {
  test.setTimeout(240_000);
  // The page and all its parts are kept once the worker is ready.
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.goto('/sequences/1/for/2,3');
  await expect(page.getByRole('grid')).toBeVisible({ timeout: 90_000 });
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
  await expect(page.getByRole('grid')).toBeVisible({ timeout: 120_000 });
  await expect(page.getByText('No connection.')).toBeVisible();
  await page.getByRole('link', { name: 'Teach', exact: true }).click();
  await expect(page.getByRole('timer')).toBeVisible({ timeout: 90_000 });

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
