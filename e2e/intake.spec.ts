import { expect, expectAccessible, test } from './fixtures.js';

test('two conditions taken in from the keyboard alone, left in between and taken up again', async ({ page }) => {
  await page.goto('/people/new');
  const type = async (label: string | RegExp, text: string) => {
    await page.getByLabel(label).first().focus();
    await page.keyboard.press('ControlOrMeta+A');
    await page.keyboard.type(text);
  };
  const press = async (name: string | RegExp) => {
    await page.getByRole('button', { name }).first().focus();
    await page.keyboard.press('Enter');
  };
  await type('Name', 'Runa Velt');
  await press(/^Next: Why/);
  await type('In their own words', 'a bulging disc L4/5 since spring, high BP, wants to sleep');
  await press('Lumbar disc herniation');
  await press('High blood pressure');
  await press(/^Next: Stage of life/);
  await press(/^Next: Health/);
  const meaning = page.getByRole('complementary', { name: 'What this means' });
  await expect(meaning).toContainText('No reading: treated as 140 to 159');
  await type(/^Upper number/, '150');
  await type('Lower number', '92');
  await expect(meaning).toContainText('150/92 mmHg is stage 2');
  await expect(meaning).not.toContainText('No reading');

  // Left in between: what was said is still there, at the same part.
  const there = page.url();
  await page.goto('/people');
  await page.goto(there);
  await expect(page.getByLabel(/^Upper number/)).toHaveValue('150');
  await expect(page.getByRole('button', { name: '4. Health' })).toHaveAttribute('aria-current', 'step');

  await press('Save');
  await expect(page).toHaveURL(/\/people\/\d+/);
  await expect(page.getByLabel('In their own words')).toHaveValue(/bulging disc/);
  await page.getByRole('button', { name: 'Erase …' }).click();
  await page.getByRole('button', { name: 'Erase', exact: true }).click();
});

test('only the questions that matter to what was said', async ({ page }) => {
  await page.goto('/people/new?part=conditions');
  await page.getByLabel('Add a condition or stage of life').fill('asthma');
  await page.getByRole('option', { name: /Asthma or COPD/ }).click();
  await expect(page.getByLabel('Asthma control test')).toBeHidden();
  await page.getByLabel('Asthma, COPD or both?').selectOption('asthma');
  await expect(page.getByLabel('Asthma control test')).toBeVisible();
  await expect(page.getByLabel(/^Breathlessness/)).toBeHidden();
});

test('the week of pregnancy is worked out from the due date', async ({ page }) => {
  await page.goto('/people/new?part=conditions');
  await page.getByLabel('Add a condition or stage of life').fill('pregnant');
  await page.getByRole('option', { name: /^Pregnancy/ }).click();
  const card = page.getByRole('region', { name: 'Pregnancy' });
  const due = (weeks: number) => new Date(Date.now() + weeks * 7 * 86_400_000).toISOString().slice(0, 10);
  await card.getByLabel(/Or the due date/).fill(due(12));
  await expect(card.getByLabel('Which week of pregnancy?', { exact: true })).toHaveValue('28');
  await expect(card).toContainText('Taken as: From 28 weeks');
  await card.getByLabel(/Or the due date/).fill(due(-9));
  await expect(card).toContainText('week is 49; expected a number from 0 to 42.8');
});

test('what was asked too long ago is said, and an answer today does not renew the others', async ({ page }) => {
  await page.goto('/people/2');
  const card = page.getByRole('region', { name: 'High blood pressure' });
  await expect(card).toContainText(/too old now, ask again: Upper number.*Lower number/);
  await card.getByRole('textbox', { name: 'Upper number' }).fill('134');
  await expect(card.getByRole('textbox', { name: 'Lower number' })).toHaveValue('');
  await expect(page.getByRole('complementary', { name: 'What this means' })).toContainText('No reading');
});

test('opposed directions are shown, and what is left between them', async ({ page }) => {
  await page.goto('/people/15');
  await expect(page.getByRole('complementary', { name: 'What this means' })).toContainText('-5 to 20° is left');
});

test('a position where practitioners disagree is chosen in the record, and changes its limits', async ({ page }) => {
  await page.goto('/people/new?part=conditions');
  await page.getByLabel('Add a condition or stage of life').fill('neck pain');
  await page.getByRole('option', { name: /^Neck pain/ }).click();
  const meaning = page.getByRole('complementary', { name: 'What this means' });
  await meaning.getByText(/^Not at all/).click();
  await expect(meaning).toContainText('Weight on the neck at most 5 %');
  await page.getByText(/Where practitioners disagree/).click();
  await page.getByLabel('Shoulder stand').selectOption('blankets');
  await expect(meaning).not.toContainText('Weight on the neck at most 5 %');
});

test('the desk says what has changed since people were asked', async ({ page }) => {
  await page.goto('/');
  const before = page.getByRole('region', { name: 'Before class' });
  await expect(before).toContainText('After birth: now in the stage “to 12 weeks, after the check”');
  await expect(before).toContainText('Hip replacement: the written clearance ends on');
  await expect(before).toContainText('too old, ask again: upper number');
});

test('a condition’s page: what is barred, on the body, in the library, two stages side by side', async ({ page }) => {
  await page.goto('/limits');
  await page.getByLabel('Find by plain words').fill('brittle bones');
  await page.getByRole('link', { name: /Osteoporosis/ }).click();
  await expect(page.getByRole('rowheader', { name: /^Low back rounding/ }).first()).toBeVisible();
  await expect(page.getByRole('img', { name: /seen from the side: .*Low back rounding -30 to 20 degrees/ })).toBeVisible();
  await expect(page.getByRole('region', { name: 'In the library' })).toContainText('Cat-cow');

  await page.goto('/limits/pregnancy');
  await page.getByRole('button', { name: 'Compare with another stage' }).click();
  for (const [stage, week] of [['First', '10'], ['Second', '30']] as const) await page.getByRole('region', { name: stage }).getByLabel('Which week of pregnancy?', { exact: true }).fill(week); // prettier-ignore
  const back = page.getByRole('row', { name: /Flat on the back without a break/ }).first();
  await expect(back).toContainText('–');
  await expect(back).toContainText('at most 1 min');
  await expect(page.getByText(/^Allowed in the first, not in the second:/)).toContainText('Final rest');
});

test('a condition’s page says what is done instead', async ({ page }) => {
  await page.goto('/limits/hypertension');
  const item = page
    .getByRole('region', { name: 'Done instead' })
    .getByRole('listitem')
    .filter({ hasText: /^Headstand →/ });
  await expect(item).toContainText('Bolster ramp rest');
});

test('a limit is set aside with a reason, another is added: both are in the record', async ({ page }) => {
  await page.goto('/people/1');
  const meaning = page.getByRole('complementary', { name: 'What this means' });
  await meaning.getByText(/^Only when changed/).click();
  await meaning.getByRole('button', { name: /^Set aside: Trunk twist/ }).click();
  await page.getByLabel(/^Why is “Trunk twist at most \d+° \(Pregnancy\)” set aside/).fill('Her midwife practises it with her');
  await page.getByRole('button', { name: 'Set it aside' }).click();
  await expect(meaning.getByRole('button', { name: /^Set aside: Trunk twist/ })).toBeHidden();
  const own = page.getByRole('group', { name: 'Add a limit' });
  await own.getByLabel('What').selectOption('handLoad');
  await own.getByLabel('Number').fill('0.3');
  await own.getByLabel('Why').fill('Sore wrists');
  await own.getByLabel('Who said so').fill('her physiotherapist');
  await expect(own.getByText(/^This bars \d+ asanas/)).toBeVisible();
  await own.getByRole('button', { name: 'Add this limit' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByText(/Sore wrists \(her physiotherapist\)/).first()).toBeVisible();
  await page.getByRole('button', { name: 'Hold to it again' }).click();
  await page.getByRole('button', { name: 'Remove', exact: true }).last().click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
});

test('what the studio decides holds for everyone in it', async ({ page }) => {
  await page.goto('/studio');
  await page.getByLabel('Neck pain: shoulder stand').selectOption('blankets');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Neck pain: shoulder stand')).toHaveValue('blankets');
  await page.getByLabel('Neck pain: shoulder stand').selectOption('none');
  await expect(page.getByText('Kept', { exact: true })).toBeVisible();
});

test('people of a file are shown first, added together, and removed again in one action', async ({ page }) => {
  await page.goto('/people');
  await page.getByRole('link', { name: 'From a file' }).click();
  await expect(page.getByRole('heading', { name: 'Add people from a file', level: 1 })).toBeVisible();
  const file = {
    name: 'people.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('Name;Age;Notes\nRuna Velt;71;bad knees\nansa kettil;;\nTove Brandt;abc;'),
  };
  await page.getByLabel('File with people').setInputFiles(file);
  await expect(page.getByText('row 4: age is "abc"')).toBeVisible();
  await expect(page.getByRole('checkbox', { name: /ansa kettil/ })).not.toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'Knee trouble' })).not.toBeChecked();
  await page.getByRole('checkbox', { name: 'Knee trouble' }).check();
  await expectAccessible(page);
  await page.getByRole('button', { name: 'Add 2 people' }).click();
  await expect(page.getByText('2 people are here now.')).toBeVisible();
  await page.getByRole('button', { name: 'Remove all of them again' }).click();
  await expect(page.getByText('They are removed again')).toBeVisible();
  await page.goto('/people');
  await expect(page.getByRole('link', { name: /Isolde Carran/ })).toBeVisible();
  await expect(page.getByRole('link', { name: /Runa Velt/ })).toHaveCount(0);
});

test('a letter proposes what it names, and only what is ticked is taken', async ({ page }) => {
  await page.goto('/people/new?part=conditions');
  await page.getByText('From a letter or report').click();
  await page
    .getByLabel(/Paste its text/)
    .fill('Osteoporosis, T-score of -2.8 at the spine. Hypertension, 150/92. No history of glaucoma. Her mother had a stroke.');
  const proposed = page.getByRole('group', { name: 'Tick what is so' });
  await expect(proposed.getByRole('checkbox')).toHaveCount(2);
  await expect(page.getByText(/Glaucoma.*, denied/)).toBeVisible();
  await expect(page.getByText(/Stroke.*told of the family/)).toBeVisible();
  await expectAccessible(page);
  await proposed.getByRole('checkbox', { name: /Osteoporosis/ }).check();
  await page.getByRole('button', { name: 'Take in what is ticked' }).click();
  await expect(page.getByLabel(/^Lowest T-score/)).toHaveValue('-2.8');
  await expect(page.getByLabel(/^Upper number/)).toHaveCount(0);
});

test('changes of a record are undone and done again, by key and after a reload, or discarded', async ({ page }) => {
  await page.goto('/people/8');
  const weight = page.getByLabel('Weight');
  const before = await weight.inputValue();
  await weight.fill('91');
  await page.getByRole('heading', { level: 1 }).click();
  await page.keyboard.press('ControlOrMeta+z');
  await expect(weight).toHaveValue(before);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.keyboard.press('ControlOrMeta+Shift+z');
  await expect(weight).toHaveValue('91');
  // The steps back are sealed after a pause.
  await expect.poll(() => page.evaluate(() => Object.keys(localStorage).some((key) => key.includes('history.person')))).toBe(true);
  await page.reload();
  await expect(weight).toHaveValue('91');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(weight).toHaveValue(before);
  await page.getByRole('button', { name: 'Redo' }).click();
  await expect(page.getByText('Not saved yet')).toBeVisible();
  await page.getByRole('button', { name: 'Discard changes' }).click();
  await expect(weight).toHaveValue(before);
  await expect(page.getByRole('button', { name: 'Discard changes' })).toHaveCount(0);
});
