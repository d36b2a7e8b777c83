import { expect, test } from './fixtures.js';

test('the library by any name, position, purpose and prop; the choices stay in the address', async ({ page }) => {
  await page.goto('/asanas');
  await expect(page.getByText('395 of 395')).toBeVisible();
  const cards = page.getByRole('main').getByRole('listitem');
  for (const name of ['vrksasana', 'Vrikshasana', 'tall pine', 'tree pose']) {
    await page.getByLabel('Find by any name').fill(name);
    await expect(cards.first()).toContainText('Tree');
  }
  await page.getByLabel('Find by any name').fill('');
  await page.getByLabel('Position').selectOption('seated-chair');
  await page.getByLabel('Good for').selectOption('mobilise-spine-rotation');
  // The one on the floor leaves once both choices have been taken in.
  await expect(page.getByRole('link', { name: /Seated twist cross-legged/ })).toBeHidden();
  await expect(page.getByRole('link', { name: /Twist on the chair/ })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Position')).toHaveValue('seated-chair');
  await page.getByLabel('Uses').selectOption('table');
  await page.getByLabel('Find by any name').fill('nothing of that');
  await expect(page.getByText('Nothing in the library fits all of that.')).toBeVisible();
});

test('what a person may do, with the number that decides', async ({ page }) => {
  await page.goto('/asanas?q=downward dog');
  await page.getByLabel('Judged for').selectOption('Ansa Kettil');
  const dog = page.getByRole('link', { name: /^Downward dog adho mukha/ });
  await expect(dog).toContainText('only when changed: Eyes below the heart');
  await page.getByLabel('only what Ansa Kettil may do as it is').check();
  await expect(dog).toBeHidden();
});

test('what anyone with a condition may do, as long as nothing else is known of it', async ({ page }) => {
  await page.goto('/asanas?q=downward dog');
  await page.getByLabel('Judged for').selectOption('Glaucoma and raised eye pressure');
  const dog = page.getByRole('link', { name: /^Downward dog adho mukha/ });
  await expect(dog).toContainText('only when changed: Eyes below the heart');
  await dog.click();
  await expect(page.getByRole('region', { name: 'Limits of Glaucoma and raised eye pressure that it goes beyond' })).toContainText(
    'Eyes below the heart',
  );
});

test('one asana: turned, mirrored, its variations side by side, and as someone’s own body does it', async ({ page }) => {
  await page.goto('/asanas/trikonasana');
  const figure = page.getByRole('img', { name: /Triangle, Plain, seen from/ });
  await expect(figure).toHaveAttribute('aria-label', /from 45 degrees/);
  await page.getByLabel('Turn it').focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  await expect(figure).toHaveAttribute('aria-label', /from 75 degrees/);
  const box = (await figure.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 100, box.y + box.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(figure).toHaveAttribute('aria-label', /from 15 degrees/);
  const before = await figure.innerHTML();
  await page.getByRole('button', { name: 'Other side' }).click();
  await expect.poll(() => figure.innerHTML()).not.toBe(before);

  await page.getByRole('button', { name: /Hand on chair seat/ }).click();
  const table = page.getByRole('region', { name: 'Measures of the variations' });
  await expect(table.getByRole('columnheader', { name: 'Hand on chair seat' })).toBeVisible();
  const setup = page.getByText(/chair, top \d+ cm high/);
  const anyone = await setup.textContent();
  await page.getByLabel('Judged for').selectOption('Hanno Vey');
  await expect(page.getByText(/Set up for Hanno Vey/)).toBeVisible();
  await page.getByRole('button', { name: /Hand on chair seat/ }).click();
  expect(await setup.textContent()).not.toBe(anyone);
});

test('short hamstrings, once measured, bring a block to the hands', async ({ page }) => {
  await page.goto('/people/8');
  await page.getByText('Measured reach').click();
  await page.getByLabel('Straight leg raised, lying').fill('70');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/asanas/uttanasana?for=8');
  await expect(page.getByText(/block, top \d+ cm high, under the fingertips/)).toBeVisible();
  await page.goto('/people/8');
  await page.getByText('Measured reach').click();
  await page.getByLabel('Straight leg raised, lying').fill('');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});
