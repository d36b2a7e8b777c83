import { expect, test } from './fixtures.js';

test.describe('a text that can’t be a sequence', () => {
  for (const [name, text, message] of [
    ['empty', '   ', 'Paste or write your sequence'],
    ['5,000 lines', 'tree\n'.repeat(5000), 'lines; expected at most 600'],
    ['binary', 'PK\u0003\u0004\u0001\u0002 data', 'this is no plain text'],
    ['a zero dose', 'mountain\ntree 0 breaths', 'line 2: 0 breaths'],
  ] as const)
    test(`${name}: a clear message, and the text stays`, async ({ page, context }) => {
      await context.grantPermissions(['clipboard-read', 'clipboard-write']);
      await page.goto('/sequences/new');
      const area = page.getByLabel('Your notes, one step a line');
      // Pasted, as a teacher would: typing thousands of lines into it is another matter.
      await page.evaluate((pasted) => navigator.clipboard.writeText(pasted), text);
      await area.focus();
      await page.keyboard.press('Control+A');
      await page.keyboard.press('Control+V');
      await expect(page.getByText(message)).toBeVisible();
      if (name !== 'empty') {
        await page.getByRole('button', { name: 'Save' }).click();
        await expect(page.getByText(/^Not saved: /)).toBeVisible();
      }
      await page.reload();
      expect((await area.inputValue()).length).toBeGreaterThanOrEqual(text.trim().length);
      await area.press('Control+A');
      await page.keyboard.press('Delete');
    });
});

test('answers out of range are told beside their field and not saved', async ({ page }) => {
  await page.goto('/people/1');
  await page.getByLabel('Height').fill('17');
  await expect(page.getByText('stature is 17; expected 80 to 230 cm')).toBeVisible();
  await page.getByLabel('Which week of pregnancy?', { exact: true }).fill('55');
  await expect(page.getByText('week is 55; expected a number from 0 to 42.8 (week)')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('alert')).toContainText('stature is 17');
  await page.getByLabel('Height').fill('168');
  await page.getByLabel('Which week of pregnancy?', { exact: true }).fill('32');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test('the upper number below the lower one', async ({ page }) => {
  await page.goto('/people/2');
  await page.getByRole('textbox', { name: 'Upper number' }).fill('80');
  await page.getByRole('textbox', { name: 'Lower number' }).fill('92');
  await expect(page.getByText('systolic 80 must be at least 15 mmHg above diastolic 92; measure again')).toBeVisible();
  await page.getByRole('textbox', { name: 'Upper number' }).fill('150');
  await expect(page.getByText('measure again')).toBeHidden();
});

test('a condition that is there is not offered twice', async ({ page }) => {
  await page.goto('/people/1');
  await page.getByLabel('Add a condition or stage of life').fill('pregnan');
  await expect(page.getByText('No condition here goes by that name')).toBeVisible();
});

test('the connection drops while saving: nothing is lost, and it is sent when it is back', async ({ page, context }) => {
  await page.goto('/sequences/4');
  const area = page.getByLabel('Your notes, one step a line');
  const before = await area.inputValue();
  await context.setOffline(true);
  await area.fill(`${before}\nMountain 3 breaths`);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/kept on this device and will be sent/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(area).toHaveValue(`${before}\nMountain 3 breaths`);
});

test('two tabs edit one sequence: the second sees both versions and decides', async ({ page, context }) => {
  const other = await context.newPage();
  for (const tab of [page, other]) await tab.goto('/sequences/6');
  const area = (tab: typeof page) => tab.getByLabel('Your notes, one step a line');
  const save = (tab: typeof page) => tab.getByRole('button', { name: 'Save' }).click();
  await area(page).fill('# From the first tab\ntree');
  await save(page);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await area(other).fill('# From the second tab\ncobra');
  await save(other);
  const conflict = other.getByRole('region', { name: 'Saved elsewhere meanwhile' });
  await expect(conflict).toContainText('# From the first tab');
  await expect(area(other)).toHaveValue('# From the second tab\ncobra');
  await other.getByRole('button', { name: 'Keep mine instead' }).click();
  await save(other);
  await expect(other.getByText('Saved', { exact: true })).toBeVisible();
});

test('an address that leads nowhere says so', async ({ page }) => {
  await page.goto('/people/999999');
  await expect(page.getByRole('alert')).toContainText('No person 999999');
  await page.goto('/nowhere');
  await expect(page.getByText('There is nothing at this address')).toBeVisible();
});
