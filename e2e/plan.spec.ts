import { expect, expectAccessible, openSettings, test, wholeScore } from './fixtures.js';

test('a class is edited on its score: dose, order by drag and by keys, a note, another asana; undone to the start', async ({ page }) => {
  await page.goto('/sequences/1/for/2,3');
  const grid = page.getByRole('grid');
  const given = (name: string) => grid.getByRole('button', { name: new RegExp(`^${name}, .*: change it for everybody`) });
  const order = () => grid.getByRole('button', { name: /change it for everybody/ }).evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!.split(',')[0]!)); // prettier-ignore
  await expect(given('Mountain')).toBeVisible();
  await wholeScore(page);
  // Cells are drawn a few with every frame.
  await expect(given('Tree')).toBeVisible();
  const before = await order();
  expect(before.slice(0, 4)).toEqual(['Mountain', 'Standing sun breath', 'Cat-cow', 'Downward dog']);

  await given('Cat-cow').click();
  const panel = page.getByRole('region', { name: 'Cat-cow, for everybody' });
  await panel.getByRole('button', { name: 'Longer' }).click();
  await panel.getByRole('button', { name: 'Longer' }).click();
  await expect(given('Cat-cow')).toHaveAccessibleName(/8 times/);
  await panel.getByLabel('Note to yourself').fill('slowly, eyes closed');
  await page.keyboard.press('Enter');
  await expect(grid.getByText('slowly, eyes closed')).toBeVisible();
  await panel.getByLabel('Do something else here').fill('tiger');
  await expectAccessible(page);
  await panel.getByLabel('Do something else here').fill('');

  // By keys: earlier, past two others. It stays what it is beside what stands.
  await given('Cat-cow').focus();
  await page.keyboard.press('Alt+ArrowLeft');
  await expect.poll(async () => (await order()).slice(0, 3)).toEqual(['Mountain', 'Cat-cow', 'Standing sun breath']);
  await expect(given('Cat-cow')).toBeFocused();

  // By drag: the dog to the front.
  const from = (await given('Downward dog').boundingBox())!;
  const to = (await given('Mountain').boundingBox())!;
  await page.mouse.move(from.x + 30, from.y + 60);
  await page.mouse.down();
  await page.mouse.move(to.x + 60, to.y + 60, { steps: 6 });
  await page.mouse.move(to.x + 30, to.y + 60, { steps: 3 });
  await page.mouse.up();
  await expect.poll(async () => (await order())[0]).toBe('Downward dog');

  await page.getByRole('button', { name: 'Compare' }).click();
  // The dog at the front takes its time: all doses give a little, so that the class keeps its minutes.
  await expect(page.getByRole('region', { name: 'Since you opened it' })).toContainText(/Everybody.*Cat-cow, 7 times/);
  const undo = page.getByRole('button', { name: 'Undo' });
  for (let i = 0; i < 9 && (await undo.isEnabled()); i++) await undo.click();
  // What is in sight depends on the room that the panel leaves.
  await expect.poll(async () => (await order()).slice(0, 8)).toEqual(before.slice(0, 8));
  await expect(page.getByRole('region', { name: 'Since you opened it' })).toContainText('Nothing has changed.');

  // From what is for everybody to what it is for one of them, and back to the score alone.
  await given('Tree').click();
  await expect(page.getByRole('region', { name: 'Tree, for everybody' })).toBeVisible();
  await grid.getByRole('button', { name: /^Tree, Bero Talman/ }).click();
  await expect(page.getByRole('region', { name: 'Tree, for everybody' })).toHaveCount(0);
  await expect(page.getByRole('region', { name: 'Tree', exact: true })).toBeVisible();
  await page.getByRole('region', { name: 'Tree', exact: true }).getByRole('button', { name: 'Close' }).click();
  await expect(page.getByRole('region', { name: 'Tree', exact: true })).toHaveCount(0);
});

test('a class is kept, and planned again for a later day: what changed is shown person by person', async ({ page }) => {
  await page.goto('/sequences/1/for/2,12');
  await openSettings(page);
  await page.getByLabel('Class on').fill('2026-01-07');
  const keep = page.getByRole('button', { name: 'Keep this class' });
  await expect(keep).toBeEnabled();
  await keep.click();
  await expect(page.getByRole('button', { name: 'Class is kept' })).toBeVisible();
  await page.getByRole('link', { name: 'Desk' }).click();
  const kept = page.getByRole('listitem').filter({ hasText: '7 January 2026: Slow morning, 2 people' }).first();
  await expect(kept).toBeVisible();
  await expectAccessible(page);
  await kept
    .getByRole('link', { name: /Plan it again for/ })
    .first()
    .click();
  const since = page.getByRole('region', { name: 'Since the class of 7 January 2026' });
  await expect(since).toBeVisible();
  // Half a year on, a pregnancy of eleven weeks is another stage.
  const later = new Date(Date.now() + 140 * 86_400_000).toISOString().slice(0, 10);
  await openSettings(page);
  await page.getByLabel('Class on').fill(later);
  await expect(since).toContainText('Lovis Adair');
  await expectAccessible(page);
});

test('a class is built from nothing, taken, and opens for its people', async ({ page }) => {
  await page.goto('/sequences');
  await page.getByRole('link', { name: 'Build one' }).click();
  await page.getByRole('button', { name: 'calm', exact: true }).click();
  await page.getByRole('button', { name: /Bero Talman/ }).click();
  await page.getByRole('button', { name: /Cilla Marrow/ }).click();
  await page.getByLabel('How long').fill('3');
  await expect(page.getByRole('button', { name: 'Build three' })).toBeDisabled();
  await page.getByLabel('How long').fill('20');
  // What the room has is told, and goes along to the class; chairs for all of them would be needed on chairs.
  await page.getByText('Everybody has their own props').click();
  await page.getByRole('button', { name: /Share what is in the room/ }).click();
  await page.getByLabel('Chair', { exact: true }).fill('1');
  await page.getByLabel('Where').selectOption('chair');
  await expect(page.getByText('the room has 1 for 2')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Build three' })).toBeDisabled();
  await page.getByLabel('Where').selectOption('mat');
  await page.getByRole('button', { name: 'Build three' }).click();
  for (const character of ['gentle', 'steady', 'lively'])
    await expect(page.getByRole('region', { name: `A ${character} class` })).toContainText('Final rest');
  await expectAccessible(page);
  await page.getByRole('region', { name: 'A gentle class' }).getByRole('button', { name: 'Take this one' }).click();
  await expect(page.getByRole('heading', { name: 'Calm, gentle' })).toBeVisible();
  await expect(page.getByRole('grid')).toBeVisible();
  await openSettings(page);
  await expect(page.getByText('The class shares what is in the room')).toBeVisible();
  await expect(page.getByLabel('Chair', { exact: true })).toHaveValue('1');
});

test('a section is kept as a block and joined in elsewhere; an earlier text is there to go back to', async ({ page }) => {
  await page.goto('/sequences/new');
  const text = page.getByLabel('Your notes, one step a line');
  await text.fill('# Seams\n## Opening\nMountain, 5 breaths\n## End\nSavasana 6 min');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page).toHaveURL(/sequences\/\d+$/);
  await page.getByText('Blocks', { exact: true }).click();
  await page.getByRole('listitem').filter({ hasText: /^Opening/ }).getByRole('button', { name: 'Keep as a block' }).click(); // prettier-ignore
  await expect(page.getByRole('button', { name: 'Kept', exact: true })).toBeVisible();
  await page.getByLabel('Join in').selectOption({ label: 'Opening' });
  await page.getByLabel('After').selectOption({ label: 'Opening' });
  await page.getByRole('button', { name: 'Join', exact: true }).click();
  await expect(text).toHaveValue(/Mountain, 5 breaths\n+## Opening\nMountain, 5 breaths\n+## End/);
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByText('Earlier texts', { exact: true }).click();
  await page.getByRole('button', { name: 'Go back to it' }).click();
  await expect(text).toHaveValue('# Seams\n## Opening\nMountain, 5 breaths\n## End\nSavasana 6 min');
});

test('steps change places inside their section where the teacher lets them; undo takes it back', async ({ page }) => {
  const text =
    '# Up and down\nWarrior 2, each side\nBridge, 5 breaths\nTree, each side\nKnees to chest\nTriangle, each side\nSavasana, 5 min';
  const { id } = (await (await page.request.post('/api/sequences', { data: { text } })).json()) as { id: number };
  await page.goto(`/sequences/${id}/for/5,8`);
  const given = page.getByRole('grid').getByRole('button', { name: /change it for everybody/ });
  const order = () => given.evaluateAll((all) => all.map((one) => one.getAttribute('aria-label')!.split(',')[0]!));
  const before = ['Warrior II', 'Bridge', 'Tree', 'Knees to chest', 'Triangle', 'Final rest'];
  await expect.poll(order).toEqual(before);
  await page.getByRole('button', { name: 'Better order' }).click();
  await expect(page.getByText(/^Moved: /)).toBeVisible();
  await expect.poll(order).not.toEqual(before);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(order).toEqual(before);
});
