import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

/** A page that has entered the demo hall. */
export const test = base.extend({
  page: async ({ page }, use) => {
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Look round the demo hall' }).click();
    await expect(page.getByRole('heading', { name: 'What do you teach, and to whom?' })).toBeVisible();
    await use(page);
  },
});
export { expect };

export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)).toEqual([]);
}

/** Opens the score of a sequence for a person by the desk. */
export async function openScore(page: Page, sequence: string, person: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: new RegExp(sequence) }).click();
  await page.getByRole('button', { name: new RegExp(person) }).click();
  await page.getByRole('button', { name: 'Open the score' }).click();
  await expect(page.getByRole('heading', { name: 'The class as a whole' })).toBeVisible({ timeout: 30_000 });
}
