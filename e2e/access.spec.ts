import { test as plain } from '@playwright/test';
import { expect, expectAccessible, openScore, test } from './fixtures.js';

plain('axe finds nothing on the sign-in page', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByRole('button', { name: 'Look round the demo hall' }).waitFor();
  await expectAccessible(page);
});

for (const theme of ['light', 'dark'] as const)
  for (const width of [1280, 390])
    test(`axe finds nothing on any screen, and nothing is cut off: ${theme}, ${width} wide`, async ({ page }) => {
      await page.evaluate((chosen) => localStorage.setItem('lotus.theme', chosen), theme);
      await page.setViewportSize({ width, height: 800 });
      const look = async () => {
        await expect(page.getByRole('status').filter({ hasText: / …$/ })).toHaveCount(0);
        await expectAccessible(page);
        // Only the score itself scrolls sideways, never the page.
        expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBeLessThanOrEqual(0);
      };
      for (const [path, heading] of [
        ['/', 'What do you teach, and to whom?'],
        ['/people', 'People'],
        ['/people/9', 'Isolde Carran'],
        ['/sequences', 'Sequences'],
        ['/sequences/1', 'Slow morning'],
        ['/sequences/build', 'Build a class'],
        ['/sequences/1/for/2,3', 'Slow morning'],
        ['/sequences/2/for/3/schools', 'Two schools side by side'],
        ['/people/import', 'Add people from a file'],
        ['/practice', 'Practise judging'],
        ['/practice/cases', 'Set and review tasks'],
        ['/asanas?q=warrior&for=1', 'Asanas'],
        ['/asanas/trikonasana?for=1', 'Triangle'],
        ['/asanas/surya-namaskara-classic', 'Sun salutation'],
        ['/people/new?part=reach', 'Someone new'],
        ['/limits', 'Limits'],
        ['/studio', 'The studio'],
        ['/limits/osteoporosis', 'Osteoporosis or osteopenia'],
      ] as const) {
        await page.goto(path);
        await expect(page.getByRole('heading', { name: heading, level: 1 })).toBeVisible();
        if (/\/for\/[\d,]+$/.test(path)) await expect(page.getByRole('grid')).toBeVisible();
        await look();
      }
      await openScore(page, 'Classical salutation', 'Ansa Kettil');
      // Opened by the keyboard: a pointer's press can go astray while the score is still being drawn.
      const fold = page.getByRole('button', { name: /^Standing forward fold, Ansa Kettil/ }).first();
      await fold.press('Enter');
      await expect(fold).toHaveAttribute('aria-expanded', 'true');
      await expect(page.getByRole('heading', { name: 'Other safe ways' })).toBeVisible();
      await look();
      await page.getByRole('link', { name: 'Teach' }).click();
      await expect(page.getByRole('timer')).toBeVisible();
      await look();
    });

test('the whole path works from the keyboard alone', async ({ page }) => {
  const press = async (name: RegExp | string) => {
    await page.getByRole('button', { name }).focus();
    await page.keyboard.press('Enter');
  };
  await press(/Classical salutation/);
  await press(/Bero Talman/);
  await press('Open the score');
  // The first steps are there to be looked at; what opens a step comes with the whole.
  await expect(page.getByRole('heading', { name: 'The class as a whole' })).toBeVisible();
  const first = page.getByRole('button', { name: /Mountain/ }).first();
  await first.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(page.getByRole('button', { name: /Standing forward fold/ }).first()).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('region', { name: 'Standing forward fold' })).toBeVisible();
  await page.keyboard.press('ArrowLeft');
  await expect(page.getByRole('region', { name: 'Standing back bend' })).toBeVisible();
});
