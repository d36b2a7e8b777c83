import { expect, expectAccessible, test } from './fixtures.js';

/** What the device keeps of unsaved work, as anybody who opens the browser could read it. */
const keptHere = () => Object.entries(localStorage).filter(([key]) => key.startsWith('lotus.draft.'));

test('unsaved work is sealed on the device, shown before signing out, and gone with it', async ({ page }) => {
  await page.goto('/sequences/new');
  await page.getByRole('textbox').first().fill('Mountain, 5 breaths for Zelda Quist');
  // What was typed, and the steps back from it.
  await expect.poll(() => page.evaluate(keptHere)).toHaveLength(2);
  expect(JSON.stringify(await page.evaluate(keptHere))).not.toContain('Zelda');
  // It is there again after a reload: the key stays with whoever is signed in.
  await page.reload();
  await expect(page.getByText('Zelda Quist').first()).toBeVisible();

  await page.getByRole('button', { name: 'Sign out' }).click();
  const dialog = page.getByRole('dialog', { name: 'Not everything is saved' });
  await expect(dialog).toContainText('A sequence that is new');
  await expectAccessible(page);
  await dialog.getByRole('button', { name: 'Stay and save it' }).click();
  await expect(page.getByText('Zelda Quist').first()).toBeVisible();
  await page.getByRole('button', { name: 'Sign out' }).click();
  await dialog.getByRole('button', { name: 'Sign out and lose it' }).click();
  await expect(page.getByRole('button', { name: 'Look round the demo hall' })).toBeVisible();
  expect(await page.evaluate(keptHere)).toEqual([]);
});

test('signing out works without the server, which is told as soon as it can be', async ({ page, context }) => {
  await page.goto('/people');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  const deletes: string[] = [];
  await context.route('**/api/session', (route) => {
    if (route.request().method() !== 'DELETE') return route.fallback();
    deletes.push('asked');
    return deletes.length === 1 ? route.abort() : route.fallback();
  });
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page).toHaveURL(/sign-in/);
  // Whoever comes next doesn't get in by the address, and the session is closed meanwhile.
  await page.goto('/people');
  await expect(page).toHaveURL(/sign-in/);
  expect(deletes.length).toBeGreaterThan(1);
  expect((await context.request.get('/api/session')).status()).toBe(401);
});

test('a session that ends at work: signed in again in place, nothing is lost', async ({ page, context }) => {
  await page.goto('/sequences/new');
  const text = page.getByRole('textbox').first();
  await text.fill('# In place\nMountain, 5 breaths\nTree, each side');
  const cookies = await context.cookies();
  await context.clearCookies();
  await page.getByRole('button', { name: /^Save/ }).click();
  const dialog = page.getByRole('dialog', { name: 'Sign in again' });
  await expect(dialog.getByRole('button', { name: 'Go on' })).toBeVisible();
  await expectAccessible(page);
  expect(cookies.length).toBeGreaterThan(0);
  await dialog.getByRole('button', { name: 'Go on' }).click();
  await expect(dialog).toBeHidden();
  // What waited is sent.
  await expect(page).toHaveURL(/\/sequences\/\d+/);
  await expect(page.getByText('In place').first()).toBeVisible();
});

test('the way to sign in keeps the whole address', async ({ page, context }) => {
  await context.clearCookies();
  await page.goto('/asanas?for=1');
  await expect(page).toHaveURL(/sign-in\?to=%2Fasanas%3Ffor%3D1/);
  await page.getByRole('button', { name: 'Look round the demo hall' }).click();
  await expect(page).toHaveURL(/\/asanas\?for=1/);
});

test('while teaching, a server that makes mistakes takes nothing off the screen', async ({ page, context }) => {
  await page.goto('/sequences/2/for/1/teach');
  await expect(page.getByRole('timer')).toBeVisible();
  for (let i = 0; i < 3; i++) await page.keyboard.press('ArrowRight');
  const step = await page.getByRole('heading', { level: 1 }).first().textContent();
  await context.route('**/api/**', (route) => route.fulfill({ status: 500, json: { statusCode: 500, message: 'broken' } }));
  // As after a look at another tab.
  await page.evaluate(() => window.dispatchEvent(new Event('focus')));
  await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
  await page.waitForTimeout(1500);
  expect(await page.getByRole('heading', { level: 1 }).first().textContent()).toBe(step);
  await expect(page.getByText('could not be shown')).toHaveCount(0);
});

test('the account page: the trail tells of this sign-in', async ({ page }) => {
  await page.goto('/account');
  await expect(page.getByText('has no password')).toBeVisible();
  await expectAccessible(page);
  await page.getByRole('link', { name: 'The trail' }).click();
  await expect(page.getByRole('heading', { name: 'The trail' })).toBeVisible();
  await expect(page.getByRole('cell').first()).toBeVisible();
  await expectAccessible(page);
});
