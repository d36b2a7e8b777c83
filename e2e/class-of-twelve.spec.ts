import type { Locator, Page } from '@playwright/test';
import { expect, test } from './fixtures.js';

/** How a control is reached and pressed, and what has been done so far. */
interface Hand {
  readonly press: (target: Locator) => Promise<void>;
  readonly done: () => { readonly presses: number; readonly keys: number };
}

/** Seconds of the keystroke-level model (Card et al., CACM 1980;23:396): thinking of what to press, pointing at it, one key of somebody who types as most do. */
const [THINKING, POINTING, KEY] = [1.35, 1.1, 0.28] as const;

const MOST_TABS = 80;

/** Tab after Tab until the control has the focus, as somebody without a mouse goes. */
function byKeyboard(page: Page): Hand {
  let [presses, keys] = [0, 0];
  return {
    done: () => ({ presses, keys }),
    press: async (target) => {
      await expect(target).toBeVisible();
      for (let tabs = 0; !(await target.evaluate((element) => element === document.activeElement)); tabs++) {
        if (tabs > MOST_TABS) throw new Error(`${String(target)} is not reached by Tab`);
        await page.keyboard.press('Tab');
        keys++;
      }
      await page.keyboard.press('Enter');
      keys++;
      presses++;
    },
  };
}

function byTouch(): Hand {
  let presses = 0;
  return {
    done: () => ({ presses, keys: 0 }),
    press: async (target) => {
      await target.tap();
      presses++;
    },
  };
}

/** Twelve people in three minutes at the door, and a minute for the log. */
const MOST_SECONDS = { door: 180, log: 60 } as const;

type Done = ReturnType<Hand['done']>;
function secondsBetween(from: Done, to: Done, kind: 'keyboard' | 'touch'): number {
  const [presses, keys] = [to.presses - from.presses, to.keys - from.keys];
  return Math.round(presses * (kind === 'touch' ? THINKING + POINTING : THINKING) + keys * KEY);
}

const TWELVE = Array.from({ length: 12 }, (_, i) => i + 1).join(',');

for (const kind of ['keyboard', 'touch'] as const)
  test.describe(`a class of twelve by ${kind}`, () => {
    test.use({ serviceWorkers: 'allow', ...(kind === 'touch' && { viewport: { width: 390, height: 844 }, hasTouch: true }) });

    test('is lived through from the door to the log, with the network cut in each', async ({ page, context }, testInfo) => {
      const { press, done } = kind === 'touch' ? byTouch() : byKeyboard(page);
      const sequence = kind === 'touch' ? 1 : 2;
      await page.evaluate(() => navigator.serviceWorker.ready);
      await page.goto(`/sequences/${sequence}/for/${TWELVE}/door`);
      const here = page.getByRole('button', { name: /is here$/ });
      await expect(here).toHaveCount(12);

      const atDoor = done();
      for (const [i, button] of (await here.all()).entries()) {
        if (i === 6) await context.setOffline(true);
        await press(button);
        const asked = page.getByRole('button', { name: /^Done with / });
        if (!(await asked.isVisible())) continue;
        // Whoever is asked something tells their pain as well.
        await press(page.getByRole('group', { name: /^Pain of .* now$/ }).getByRole('button', { name: '2', exact: true }));
        await press(asked);
      }
      await expect(page.getByRole('status').filter({ hasText: '12 of 12' })).toBeVisible();
      await context.setOffline(false);
      await press(page.getByRole('button', { name: 'That’s everybody' }));
      const door = secondsBetween(atDoor, done(), kind);

      await press(page.getByRole('link', { name: 'Teach', exact: true }));
      await expect(page.getByRole('timer')).toBeVisible();
      await press(page.getByRole('button', { name: 'Start' }).first());
      await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
      await press(page.getByRole('button', { name: 'Next' }).first());
      const step = await page.getByRole('heading', { level: 1 }).innerText();
      // In a hold the network goes, and the tablet with it; both come back.
      await context.setOffline(true);
      const tile = page.getByRole('list', { name: 'What you see of them' }).getByRole('button').first();
      await press(tile);
      await expect(tile).toHaveAccessibleName(/: stopped$/);
      await page.waitForTimeout(1200);
      await page.reload();
      await expect(page.getByText('You were here when you left.')).toBeVisible();
      await expect(page.getByRole('heading', { level: 1 })).toHaveText(step);
      await expect(tile).toHaveAccessibleName(/: stopped$/);
      await context.setOffline(false);
      await press(page.getByRole('button', { name: /^(Go on|Start)$/ }).first());
      await expect(page.getByRole('button', { name: 'Pause' })).toBeVisible();
      await page.keyboard.press('Escape');
      await press(page.getByRole('link', { name: 'End it and note how it was' }));

      await expect(page.getByRole('heading', { name: 'How was it?' })).toBeVisible();
      const atLog = done();
      await context.setOffline(true);
      const went = page.getByRole('group', { name: /^How .* went home$/ });
      await press(went.nth(0).getByRole('button', { name: 'Worse' }));
      await press(went.nth(1).getByRole('button', { name: 'Better' }));
      await press(page.getByRole('button', { name: 'The 10 others felt the same' }));
      await press(page.getByRole('button', { name: 'Save', exact: true }));
      const log = secondsBetween(atLog, done(), kind);
      await expect(page.getByText(/kept on this device and will be sent/)).toBeVisible();
      await context.setOffline(false);
      await expect(page.getByText('Saved', { exact: true })).toBeVisible();

      testInfo.annotations.push({ type: kind, description: `door ${door} s; log ${log} s` });
      expect(door).toBeLessThanOrEqual(MOST_SECONDS.door);
      expect(log).toBeLessThanOrEqual(MOST_SECONDS.log);
    });
  });
