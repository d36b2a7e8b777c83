import { readFileSync } from 'node:fs';
import { expect, expectAccessible, test } from './fixtures.js';

test('a class lived through: at the door, taught, marked, logged with the network cut, and the next plan takes it up', async ({
  page,
  context,
}) => {
  await page.goto('/sequences/2/for/3,6,8/door');
  // Three come, one of them is asked something.
  for (const name of ['Cilla Marrow', 'Folke Ordin', 'Hanno Vey']) {
    await page.getByRole('button', { name: `${name} is here` }).click();
    const done = page.getByRole('button', { name: `Done with ${name.split(' ')[0]}` });
    if (await done.isVisible()) await done.click();
  }
  await expect(page.getByRole('status').filter({ hasText: '3 of 3' })).toBeVisible();
  await page.getByRole('button', { name: /^Hanno Vey/ }).first().click(); // prettier-ignore
  await page.getByRole('group', { name: 'Pain of Hanno Vey now' }).getByRole('button', { name: '2', exact: true }).click();
  await page.getByRole('group', { name: 'Where it hurts Hanno Vey now' }).getByRole('button', { name: 'low back' }).click();
  await expectAccessible(page);
  // Somebody who wasn't expected, and a guest.
  await page.getByRole('button', { name: 'Someone else' }).click();
  await page.getByLabel('Name').fill('Juno Wick');
  await page.getByLabel('Anything to look after?').fill('bad knees');
  await expect(page.getByRole('button', { name: /knee/i }).first()).toBeVisible();
  await page.getByLabel('Anything to look after?').fill('');
  await page.getByRole('button', { name: 'Add them: nothing to look after' }).click();
  await expect(page.getByRole('status').filter({ hasText: '4 of 4' })).toBeVisible();
  // What is really in the room goes along to the plan.
  await page.getByText('Everybody has their own props').click();
  await page.getByRole('button', { name: 'Share what is in the room …' }).click();
  await expect(page.getByLabel('Chair', { exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'That’s everybody' }).click();
  await expect(page).toHaveURL(/shared=/);

  await page.getByRole('link', { name: 'Teach', exact: true }).click();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.keyboard.press(' ');
  await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
  await page.getByRole('button', { name: 'Go to a step' }).click();
  const list = page.getByRole('dialog');
  await list.getByRole('button', { name: /Standing forward fold/ }).first().click(); // prettier-ignore
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Standing forward fold');
  await expect(page.getByRole('blockquote')).toBeVisible();
  // One tap: stopped; the next: in pain.
  const tile = page.getByRole('list', { name: 'What you see of them' }).getByRole('button', { name: /^Hanno Vey/ });
  await tile.click();
  await expect(tile).toHaveAccessibleName('Hanno Vey: stopped');
  await tile.click();
  await expect(tile).toHaveAccessibleName('Hanno Vey: in pain');
  await expectAccessible(page);
  await page.waitForTimeout(1200);
  await page.reload();
  // The same step again, standing, with what was marked.
  await expect(page.getByText('You were here when you left.')).toBeVisible();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Standing forward fold');
  await expect(tile).toHaveAccessibleName('Hanno Vey: in pain');
  await page.keyboard.press('Escape');
  await page.getByRole('link', { name: 'End it and note how it was' }).click();

  await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
  const marked = page.getByRole('region', { name: 'Marked in class' });
  await expect(marked).toContainText('Standing forward fold: in pain');
  await marked.getByRole('group', { name: 'How Hanno Vey went home' }).getByRole('button', { name: 'Worse' }).click();
  await page.getByRole('button', { name: 'The 3 others felt the same' }).click();
  await expectAccessible(page);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/kept on this device and will be sent/)).toBeVisible();
  await context.setOffline(false);
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  const next = page.getByRole('region', { name: 'For next time' });
  await expect(next).toContainText('Hanno Vey: Leave out Standing forward fold until');
  // With more pain, what strained the place is held back instead of the step.
  const painAfter = marked.getByRole('group', { name: 'Pain of Hanno Vey after' });
  await marked.getByRole('button', { name: 'More about Hanno Vey' }).click();
  await painAfter.getByRole('button', { name: '7', exact: true }).click();
  await expect(marked.getByRole('group', { name: 'Where it hurts Hanno Vey' }).getByRole('button', { name: 'low back' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(next).toContainText(/Hanno Vey: Low back rounding: at most \d+° until/);
  await expectAccessible(page);
  await painAfter.getByRole('button', { name: '3', exact: true }).click();
  await expect(next).toContainText('Hanno Vey: Leave out Standing forward fold until');
  await next.getByRole('button', { name: 'Do that' }).click();
  await expect(next).toContainText('Nothing is proposed.');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();

  // The next plan says what it took from the log; it is undone on the person's page.
  await page.goto('/sequences/2/for/8');
  const fold = page.getByRole('button', { name: /^Standing forward fold, Hanno Vey: (substitute|omit)/ }).first();
  await expect(fold).toBeVisible();
  await fold.click();
  await expect(page.getByText(/Left out since .*: It hurt on/)).toBeVisible();
  await page.goto('/people/8');
  await expect(page.getByRole('region', { name: 'Their classes' }).first()).toContainText('worse');
  await page.getByRole('button', { name: 'Offer it again' }).click();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved', { exact: true })).toBeVisible();
  await page.goto('/register');
  await expect(page.getByRole('table')).toContainText('Classical salutation');
  await expectAccessible(page);

  // The log goes along as a file, and comes back where it is not here already.
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save all of them' }).click();
  const file = await (await download).path();
  const logs = JSON.parse(readFileSync(file, 'utf8')) as { classes: { day: string }[] };
  logs.classes = logs.classes.map((one) => ({ ...one, day: '2026-01-08' }));
  await page
    .getByLabel('File with logs')
    .setInputFiles({ name: 'logs.json', mimeType: 'application/json', buffer: Buffer.from(JSON.stringify(logs)) });
  await page.getByRole('button', { name: /^Add \d+ class/ }).click();
  await expect(page.getByRole('region', { name: 'Classes' })).toContainText('January');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByText('Removed again.')).toBeVisible();
  await expect(page.getByRole('region', { name: 'Classes' })).not.toContainText('January');
});

test('running late, the rest is fitted by one tap; the room’s screens follow', async ({ page, context, browser }) => {
  await page.goto('/sequences/1/for/8/teach');
  await expect(page.getByRole('timer')).toBeVisible();
  const room = await context.newPage();
  await room.goto('/room');
  await expect(room.getByRole('heading', { level: 1 })).toHaveText('Mountain');
  await expect(room.locator('body')).not.toContainText('Hanno');
  // A tablet that is signed in to nothing follows by a code.
  await page.getByLabel('Words, voice and tones').click();
  await page.getByRole('button', { name: 'A screen on another device' }).click();
  const code = await page.getByRole('status').locator('strong').last().innerText();
  const tablet = await (await browser.newContext({ baseURL: new URL(page.url()).origin })).newPage();
  await tablet.goto('/room');
  await tablet.getByLabel('On another device: type its code').fill('WRONG2');
  await tablet.getByRole('button', { name: 'Follow the class' }).click();
  await expect(tablet.getByRole('alert')).toContainText('No class is shown under this code');
  await tablet.getByLabel('On another device: type its code').fill(code.toLowerCase());
  await tablet.getByRole('button', { name: 'Follow the class' }).click();
  await expect(tablet.getByRole('heading', { level: 1 })).toHaveText('Mountain');
  await expect(tablet.getByRole('img', { name: 'Mountain' }).first()).toBeVisible();
  await page.keyboard.press('Escape');
  await page.clock.install();
  await page.reload();
  await expect(page.getByRole('timer')).toBeVisible();
  await page.keyboard.press(' ');
  await page.clock.runFor(2_000);
  await page.keyboard.press(' ');
  // An interruption of four minutes: the clocks stand, the class is late.
  await page.clock.runFor(240_000);
  const late = page.getByRole('button', { name: /min late: fit the rest/ });
  await expect(late).toBeVisible();
  const before = await page.getByTitle('Time left in the class').textContent();
  await late.click();
  await page.clock.runFor(6_000);
  await expect(late).toBeHidden();
  expect(await page.getByTitle('Time left in the class').textContent()).not.toBe(before);
  await page.keyboard.press('ArrowRight');
  await expect(room.getByRole('heading', { level: 1 })).toHaveText(/Standing sun breath/);
  await expect(tablet.getByRole('heading', { level: 1 })).toHaveText(/Standing sun breath/);
  await tablet.context().close();
});

test('in the middle of a class someone takes another way, and it stays through a reload', async ({ page }) => {
  await page.goto('/sequences/2/for/3,8/teach');
  await expect(page.getByRole('timer')).toBeVisible();
  await page.getByRole('button', { name: 'Another way for someone' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Hanno Vey' }).click();
  const way = dialog.getByRole('listitem').first();
  await expect(way).toBeVisible();
  await expectAccessible(page);
  await way.getByRole('button').click();
  await expect(dialog).toHaveCount(0);
  await expect(page.getByRole('list', { name: 'Instead' }).getByText(/Hanno Vey|Cilla Marrow/)).toBeVisible();
  await page.reload();
  await expect(page.getByRole('list', { name: 'Instead' }).getByText(/Hanno Vey|Cilla Marrow/)).toBeVisible();
});
