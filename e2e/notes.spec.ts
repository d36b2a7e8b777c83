import { expect, expectAccessible, test } from './fixtures.js';

const AREA = 'Your notes, one step a line';

test('a line of several is put on a line for each, and back', async ({ page }) => {
  await page.goto('/sequences/new');
  const area = page.getByLabel(AREA);
  await area.fill('Tuesday flow\nMountain\nlunge roll → tree dance\nSavasana 5 min');
  const choice = page.getByRole('group', { name: /lunge roll/ });
  await choice.getByRole('button').first().focus();
  await page.keyboard.press('s');
  await expect(page.getByText('Put on 2 lines.')).toBeVisible();
  await expect(area).toHaveValue('Tuesday flow\nMountain\nlunge roll\ntree dance\nSavasana 5 min');
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(area).toHaveValue('Tuesday flow\nMountain\nlunge roll → tree dance\nSavasana 5 min');
});

test('doses below their postures go up to them together, and back', async ({ page }) => {
  await page.goto('/sequences/new');
  const area = page.getByLabel(AREA);
  const below = 'Tuesday flow\nTree\n  look at one point\n  each side\nSavasana\n8 min';
  await area.fill(below);
  const choice = page.getByRole('group', { name: /8 min/ });
  await choice.getByRole('button').first().focus();
  await page.keyboard.press('j');
  await expect(page.getByText('2 lines put behind an earlier one.')).toBeVisible();
  await expect(area).toHaveValue('Tuesday flow\nTree, each side\n  look at one point\nSavasana, 8 min');
  await expect(page.getByText('2 steps understood')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Understood as' })).toBeFocused();
  await page.getByRole('status').getByRole('button', { name: 'Undo' }).click();
  await expect(area).toHaveValue(below);
});

test('each line says what was understood: ways, repeats, notes and what is asked', async ({ page }) => {
  await page.goto('/sequences/new');
  await page
    .getByLabel(AREA)
    .fill('Back care, week 3\nCat and cow, 8 times\nroll to the side and sit up\nTree, right, 5 breaths\nother side');
  const lines = page.getByRole('listitem');
  await expect(lines.filter({ hasText: 'Back care' })).toContainText('The title');
  await expect(lines.filter({ hasText: 'The way to what follows' })).toContainText('roll to the side and sit up');
  await expect(lines.filter({ hasText: 'other side' })).toContainText('Again: 1 step');
  await expectAccessible(page);
});
