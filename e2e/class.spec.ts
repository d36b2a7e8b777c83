import type { Page } from '@playwright/test';
import { expect, expectAccessible, openSettings, test, wholeScore } from './fixtures.js';

test('a class of four: at most three figures a step, a choice by hand, undone and kept over a reload', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /Slow morning/ }).click();
  for (const name of ['Ansa Kettil', 'Bero Talman', 'Isolde Carran', 'Hanno Vey']) await page.getByRole('button', { name }).click();
  await page.getByRole('button', { name: 'Open the score for 4' }).click();
  await expect(page.getByText(/Every step shows at most 3 figures/)).toBeVisible();
  const grid = page.getByRole('grid', { name: 'Slow morning, adapted for 4 people' });

  // One staff for each, empty where a step is kept, whoever shares most next to each other; the arrows go from step to step and from person to person.
  const mountain = grid.getByRole('button', { name: /^Mountain, Hanno Vey/ });
  await expect(mountain).toHaveAccessibleName(/keep/);
  await mountain.focus();
  // All at once, as a key held down: none is lost on a place that isn't drawn yet.
  await mountain.evaluate((element) => {
    for (const key of ['ArrowRight', 'ArrowRight', 'ArrowRight', 'ArrowDown']) {
      element.dispatchEvent(new KeyboardEvent('keydown', { key, bubbles: true }));
    }
  });
  const dog = grid.getByRole('button', { name: /^Downward dog, Bero Talman/ });
  await expect(dog).toBeFocused();
  await page.keyboard.press('Enter');
  const why = page.getByRole('region', { name: 'Downward dog' });
  await expect(why.getByRole('heading', { name: 'Why it is not kept' })).toBeVisible();
  await expectAccessible(page);

  const before = await dog.getAttribute('aria-label');
  await why.getByRole('button', { name: /^Take / }).last().click(); // prettier-ignore
  await expect(why.getByText('Chosen by hand.')).toBeVisible();
  await expect(dog).not.toHaveAccessibleName(before!);
  await expect(page).toHaveURL(/chosen=/);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(dog).toHaveAccessibleName(before!);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(dog).not.toHaveAccessibleName(before!);
  const chosen = await dog.getAttribute('aria-label');
  await page.reload();
  await expect(dog).toHaveAccessibleName(chosen!);

  // One figure for all: said, and no step shows a second.
  await openSettings(page);
  await page.getByLabel('Different figures a step, at most').selectOption('1');
  await expect(page.getByText('Every step shows at most 1 figure.')).toBeVisible();
  await expect(grid.getByText('2 figures')).toHaveCount(0);

  await page.getByLabel('Different figures a step, at most').selectOption('3');
  // A room without chairs: nobody is given one.
  await page.getByText('Everybody has their own props').click();
  await page.getByRole('button', { name: 'Share what is in the room …' }).click();
  await page.getByLabel('Chair', { exact: true }).fill('0');
  await expect(page).toHaveURL(/shared=.*chair(:|%3A)0/);
  await expect(page.getByText('Working it out anew …')).toBeHidden();
  await expect(grid.getByRole('button', { name: /hands on a chair/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Everybody’s own' }).click();
  // A pedal pressed the moment the clock is on the screen counts.
  await page.evaluate(() => {
    new MutationObserver((_, observer) => {
      if (!document.querySelector('[role=timer]')) return;
      observer.disconnect();
      for (let i = 0; i < 3; i++) window.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowRight' }));
    }).observe(document.body, { childList: true, subtree: true });
  });
  await page.getByRole('link', { name: 'Teach', exact: true }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await expect(page.getByRole('list', { name: 'Instead' })).toContainText('Bero Talman');
  await expectAccessible(page);
  await page.keyboard.press('Escape');
  await expect(grid).toBeVisible();
});

test('what a sequence lacks is said, and mended by one action each', async ({ page }) => {
  await page.goto('/sequences/new');
  const text = page.getByLabel('Your notes, one step a line');
  await text.fill('# Short\nMountain, 5 breaths\nCat cow flow 20x\nWarrior II, right, 5 breaths\nStanding twist, each side 5 breaths');
  const list = page.getByRole('list', { name: 'To be put right' });
  await expect(list).toContainText('Warrior II: more on the right than on the left.');
  await page.getByRole('button', { name: 'Do it on both sides' }).click();
  await expect(text).toHaveValue(/Warrior II, each side, 5 breaths/);
  await page.getByRole('button', { name: 'Add Standing side bend' }).click();
  await page.getByRole('button', { name: /^Add \d+ minutes of rest/ }).click();
  await expect(page.getByText('Both sides, all directions, counterposes and rest are there.')).toBeVisible();
  await expectAccessible(page);
});

test('the place of the keyboard is not lost when it is scrolled out of sight', async ({ page }) => {
  await page.setViewportSize({ width: 640, height: 700 });
  await page.goto('/sequences/1/for/2,3');
  const grid = page.getByRole('grid');
  const given = (name: string) => grid.getByRole('button', { name: new RegExp(`^${name}, .*: change it for everybody`) });
  await expect(given('Mountain')).toBeVisible();
  await wholeScore(page);
  await given('Mountain').focus();
  await grid.evaluate((element) => element.scrollTo(element.scrollWidth, element.scrollHeight));
  await expect(given('Final rest')).toBeVisible();
  await expect(given('Mountain')).toBeFocused();
  await page.keyboard.press('ArrowRight');
  await expect(given('Standing sun breath')).toBeFocused();
});

/** How much is kept on this device of bodies whose postures were solved; the application has made the place for it. */
function keptBodies(page: Page): Promise<number> {
  return page.evaluate(
    () =>
      new Promise<number>((resolve, reject) => {
        const opening = indexedDB.open('lotus.bodies');
        opening.onerror = () => reject(opening.error!);
        opening.onsuccess = () => {
          const keys = opening.result.transaction('bodies').objectStore('bodies').getAllKeys();
          keys.onsuccess = () => resolve(keys.result.length);
          opening.result.close();
        };
      }),
  );
}

test('the first steps of a class are looked at while the others are worked out', async ({ page }) => {
  await page.goto('/sequences/1/for/1,2,3,4,5,6,7,8,9,10,11,12');
  await expect(page.getByRole('status').filter({ hasText: 'the rest is being checked' })).toBeVisible();
  const mountain = page.getByRole('grid').getByRole('button', { name: /^Mountain, .*: change it for everybody/ });
  await expect(mountain).toBeVisible();
  await expect(page.getByRole('link', { name: 'Teach' })).toBeHidden();
  await mountain.click();
  await expect(page.getByRole('link', { name: 'Teach' })).toBeVisible();
  await expect(page.getByRole('status').filter({ hasText: 'the rest is being checked' })).toBeHidden();
  // The step that was opened among them is open, and the keyboard is where it was.
  await expect(page.getByRole('heading', { name: 'Mountain' })).toBeVisible();
  await expect(mountain).toBeFocused();
});

test('a class that is opened again looks the same; what was kept of its bodies leaves with whoever signs out', async ({ page }) => {
  await page.goto('/sequences/1/for/1,2,3');
  const summary = page.getByText(/Every step shows at most/);
  await expect(summary).toBeVisible();
  const grid = page.getByRole('grid');
  // Each step of each person with what becomes of it; which of them are drawn, hangs on what is in sight.
  const cells = async () => {
    const labels = await grid.getByRole('button').evaluateAll((all) => all.map((one) => one.getAttribute('aria-label') ?? ''));
    return new Map(labels.map((label) => label.split(': ') as [string, string]));
  };
  await expect.poll(async () => (await cells()).size).toBeGreaterThan(30);
  const before = await cells();
  await expect.poll(() => keptBodies(page)).toBeGreaterThan(3);
  await page.reload();
  await expect(summary).toBeVisible();
  await expect.poll(async () => [...(await cells()).keys()].filter((cell) => before.has(cell)).length).toBeGreaterThan(30);
  for (const [cell, outcome] of await cells()) if (before.has(cell)) expect(`${cell}: ${outcome}`).toBe(`${cell}: ${before.get(cell)}`);
  await page.getByRole('button', { name: 'Sign out' }).click();
  await expect(page.getByRole('button', { name: 'Look round the demo hall' })).toBeVisible();
  await expect.poll(() => keptBodies(page)).toBe(0);
});

test('choices that can’t be kept are said, and given back to the search by one action that can be undone', async ({ page }) => {
  await page.goto('/');
  await page.getByRole('button', { name: /Slow morning/ }).click();
  for (const name of ['Ansa Kettil', 'Bero Talman']) await page.getByRole('button', { name }).click();
  await page.getByRole('button', { name: 'Open the score for 2' }).click();
  const found = page.getByText(/Every step shows at most 3 figures/);
  await expect(found).toBeVisible();
  // An address from another day: one choice for somebody who isn't here, one for a step that is gone.
  const [, whose] = /for\/(\d+),/.exec(page.url())!;
  await page.goto(`${page.url()}?chosen=99999.7.vrksasana/plain&chosen=${whose}.80.vrksasana/plain`);
  await expect(found).toBeVisible();
  const said = page.getByRole('alert');
  await expect(said).toContainText('Someone else, Tree: The person for whom this was chosen isn’t in the class.');
  await expect(said).toContainText('Ansa Kettil: There is no step 81 in this class.');
  await said.getByRole('button', { name: 'Leave this to the search' }).click();
  await expect(said).toHaveCount(0);
  expect(page.url()).not.toContain('chosen=');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(said).toContainText('no step 81');
});
