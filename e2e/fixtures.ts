import AxeBuilder from '@axe-core/playwright';
import { expect, test as base, type Page } from '@playwright/test';

/** What the browser says of an answer that is a refusal: some tests ask for one. */
const REFUSED = /^Failed to load resource/;

/** A page that has entered the demo hall, and on which nothing breaks. */
export const test = base.extend({
  page: async ({ page }, use) => {
    const broken: string[] = [];
    page.on('pageerror', ({ message }) => broken.push(message));
    page.on('console', (told) => told.type() === 'error' && !REFUSED.test(told.text()) && broken.push(told.text()));
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Look round the demo hall' }).click();
    await expect(page.getByRole('heading', { name: 'What do you teach, and to whom?' })).toBeVisible();
    await use(page);
    expect(broken).toEqual([]);
  },
});
export { expect };

export async function expectAccessible(page: Page): Promise<void> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => `${id}: ${nodes.map(({ html }) => html).join(' ')}`)).toEqual([]);
}

/** Opens what is asked of a class on its score: day, figures, whose props. */
export async function openSettings(page: Page): Promise<void> {
  await page.locator('summary').filter({ hasText: /\d{4}.*(own|hall’s) props$/ }).click(); // prettier-ignore
}

/** Opens the score of a sequence for a person by the desk. */
export async function openScore(page: Page, sequence: string, person: string): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: new RegExp(sequence) }).click();
  await page.getByRole('button', { name: new RegExp(person) }).click();
  await page.getByRole('button', { name: 'Open the score' }).click();
  await expect(page.getByRole('heading', { name: 'The class as a whole' })).toBeVisible();
}

/** Waits for the whole score: its first steps are drawn before the rest, and then give way to it. */
export async function wholeScore(page: Page): Promise<void> {
  await expect(page.getByRole('button', { name: 'Keep this class' })).toBeEnabled();
}
