/** How the class score answers to the hand in Chromium: 60 steps and 24 people, scrolled, zoomed and dragged. */
import { chromium } from '@playwright/test';
import { chromiumOptions } from './chromium.mjs';
import { onDemo } from './on-demo.mjs';

const PEOPLE = 24;
const STEPS = 60;

/** Puts the class together from the demo's people, again and again under other names; gives the score's address. */
function fillClass([people, steps, lines]) {
  const call = async (method, path, body) => {
    const answer = await fetch(`/api/${path}`, {
      method,
      ...(body && { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
    });
    if (!answer.ok) throw new Error(`${method} ${path}: ${answer.status} ${await answer.text()}`);
    return answer.json();
  };
  return (async () => {
    const listed = await call('GET', 'people');
    const known = await Promise.all(listed.map(({ id }) => call('GET', `people/${id}`)));
    const ids = known.map(({ id }) => id);
    for (let i = ids.length; i < people; i++) {
      const { id: _id, version: _version, studio: _studio, updatedAt: _updated, ...body } = known[i % known.length];
      ids.push((await call('POST', 'people', { ...body, name: `${body.name} ${i}` })).id);
    }
    const text = ['# An hour', ...Array.from({ length: steps }, (_, i) => lines[i % lines.length])].join('\n');
    const { id } = await call('POST', 'sequences', { text });
    return `/sequences/${id}/for/${ids.slice(0, people).join(',')}`;
  })();
}

/** Processor time of the longest task of the page's main thread while something is done, in ms. */
async function longestTask(browser, page, act) {
  await browser.startTracing(page, { categories: ['devtools.timeline', 'disabled-by-default-devtools.timeline', '__metadata'] });
  await act();
  const { traceEvents } = JSON.parse((await browser.stopTracing()).toString());
  const main = new Set(
    traceEvents.filter(({ name, args }) => name === 'thread_name' && args.name === 'CrRendererMain').map(({ pid, tid }) => `${pid} ${tid}`),
  );
  const tasks = traceEvents.filter(({ name, ph, pid, tid }) => name === 'RunTask' && ph === 'X' && main.has(`${pid} ${tid}`));
  if (tasks.length === 0) throw new Error('the trace holds no task');
  return { processor: Math.max(...tasks.map(({ tdur }) => tdur ?? 0)) / 1000, wall: Math.max(...tasks.map(({ dur }) => dur)) / 1000 };
}

/** From a click on a step's dose to the score that was worked out anew, in ms by the clock: the median of a few. */
async function editLatency(page) {
  await page.locator('[data-place="-1 2"]').click();
  const longer = page.getByRole('button', { name: 'Longer' });
  await longer.waitFor();
  const took = [];
  for (let i = 0; i < 7; i++) {
    await page.waitForTimeout(1000);
    const settled = page.evaluate(
      () =>
        new Promise((resolve) => {
          let from = null;
          let isBusy = false;
          document.addEventListener('click', () => (from ??= performance.now()), { capture: true, once: true });
          const observer = new MutationObserver(() => {
            const was = isBusy;
            isBusy = [...document.querySelectorAll('[role=status]')].some(({ textContent }) => textContent === 'Working it out anew …');
            if (!was || isBusy) return;
            observer.disconnect();
            resolve(performance.now() - from);
          });
          observer.observe(document.body, { childList: true, subtree: true });
        }),
    );
    await longer.click();
    took.push(await settled);
  }
  return took.sort((a, b) => a - b)[3];
}

/** From the click that opens the score of everybody in the demo, whom this browser has not met, to the first of its figures, in ms. */
async function firstSight(page) {
  await page.getByRole('button', { name: /^Slow morning/ }).click();
  const people = page.getByRole('region', { name: 'Who comes' }).getByRole('listitem').getByRole('button');
  for (const person of await people.all()) await person.click();
  const open = page.getByRole('button', { name: /^Open the score for/ });
  const seen = page.evaluate(
    () =>
      new Promise((resolve) => {
        let from = null;
        document.addEventListener('click', () => (from ??= performance.now()), { capture: true, once: true });
        const look = () => {
          if (from !== null && document.querySelector('main [role=grid] svg, main section svg path')) resolve(performance.now() - from);
          else requestAnimationFrame(look);
        };
        look();
      }),
  );
  await open.click();
  return seen;
}

/** A slow line, and a processor that is so many times slower: a cheap phone far from the mast. */
const SLOW = { kilobits: 400, delayMs: 150, processor: 4 };
const NOTES = 40;

/** A page whose line and processor are slow, with nothing in its cache. */
async function slowPage(browser, options, { processor }) {
  const context = await browser.newContext({ ...options, viewport: { width: 390, height: 844 }, serviceWorkers: 'block' });
  const page = await context.newPage();
  const devtools = await context.newCDPSession(page);
  const throughput = (SLOW.kilobits * 1000) / 8;
  await devtools.send('Network.enable');
  await devtools.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: SLOW.delayMs,
    downloadThroughput: throughput,
    uploadThroughput: throughput,
  });
  if (processor) await devtools.send('Emulation.setCPUThrottlingRate', { rate: SLOW.processor });
  await page.addInitScript(() => {
    globalThis.lotusShift = 0;
    globalThis.lotusLongest = 0;
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) if (!entry.hadRecentInput) globalThis.lotusShift += entry.value;
    }).observe({ type: 'layout-shift', buffered: true });
    new PerformanceObserver((list) => {
      for (const entry of list.getEntries()) globalThis.lotusLongest = Math.max(globalThis.lotusLongest, entry.duration);
    }).observe({ type: 'longtask', buffered: true });
  });
  return { context, page };
}

const firstText = (page) => page.evaluate(() => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? performance.now());

/** The first text, the desk and how far it jumped on a slow line; the longest task while 40 lines are pasted on a slow processor. */
async function slowLine(browser, address) {
  const first = await slowPage(browser, { baseURL: address }, { processor: false });
  await first.page.goto('/sign-in');
  const enter = first.page.getByRole('button', { name: 'Look round the demo hall' });
  await enter.waitFor();
  const text = await firstText(first.page);
  await enter.click();
  await first.page.getByRole('heading', { name: 'What do you teach, and to whom?' }).waitFor();
  const storageState = await first.context.storageState();
  await first.context.close();
  // Whoever is signed in and comes back with an empty cache.
  const desk = await slowPage(browser, { baseURL: address, storageState }, { processor: false });
  const from = Date.now();
  await desk.page.goto('/', { waitUntil: 'commit' });
  await desk.page.getByRole('heading', { name: 'What do you teach, and to whom?' }).waitFor();
  await desk.page.getByRole('link', { name: 'Slow morning' }).first().waitFor();
  const deskMs = Date.now() - from;
  const shift = await desk.page.evaluate(() => globalThis.lotusShift);
  await desk.context.close();
  const notes = await slowPage(browser, { baseURL: address, storageState }, { processor: true });
  await notes.page.goto('/sequences/new');
  const field = notes.page.getByRole('textbox').first();
  await field.waitFor();
  // Reading has come down the slow line.
  await field.fill('Tree');
  await notes.page.getByText('1 step understood').waitFor({ timeout: 120_000 });
  const lines = Array.from(
    { length: NOTES },
    (_, i) => ['Cat cow 6x', 'Downward dog 5 breaths', 'Tree each side', 'something quite unknown'][i % 4],
  ).join('\n');
  // As a teacher does it: text that a script puts in is laid out in another, slower way.
  await notes.context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await notes.page.evaluate((text) => globalThis.navigator.clipboard.writeText(text), lines);
  await field.fill('');
  await notes.page.waitForTimeout(1500);
  await notes.page.evaluate(() => (globalThis.lotusLongest = 0));
  await notes.page.keyboard.press('Control+V');
  await notes.page.getByText(/\d\d steps understood/).waitFor({ timeout: 60_000 });
  await notes.page.waitForTimeout(8000);
  const pasted = await notes.page.evaluate(() => globalThis.lotusLongest);
  await notes.context.close();
  return { text, desk: deskMs, shift, pasted };
}

/**
 * Longest tasks of the page's main thread by what was done meanwhile: processor time, and time by the clock, in ms;
 * how long an edit takes, and a first sight of a score. `lines` are repeated until the class is long enough.
 */
export function measureScreen(lines) {
  return onDemo(async ({ address, later }) => {
    const browser = await chromium.launch(chromiumOptions());
    later(() => browser.close());
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: address });
    await page.goto('/sign-in');
    await page.getByRole('button', { name: 'Look round the demo hall' }).click();
    await page.getByRole('heading', { name: 'What do you teach, and to whom?' }).waitFor();
    const sight = await firstSight(page);
    await page.getByRole('grid').waitFor({ timeout: 240_000 });
    await page.goto(await page.evaluate(fillClass, [PEOPLE, STEPS, lines]));
    await page.getByRole('grid').waitFor({ timeout: 240_000 });
    await page.waitForTimeout(3000);
    const staves = page.getByRole('grid').first();
    const box = await staves.boundingBox();
    const scroll = async () => {
      await page.mouse.move(box.x + 500, 500);
      for (let i = 0; i < 30; i++) await page.mouse.wheel(i % 3 === 0 ? 0 : 400, i % 3 === 0 ? 250 : 0);
      await page.waitForTimeout(500);
    };
    const zoom = async () => {
      for (const name of ['Larger', 'Larger', 'Smaller', 'Smaller', 'Smaller'])
        await page
          .getByRole('button', { name })
          .click()
          .then(() => page.waitForTimeout(300));
    };
    const drag = async () => {
      const step = page.locator('[data-place="-1 2"]');
      const at = await step.boundingBox();
      await page.mouse.move(at.x + at.width / 2, at.y + at.height / 2);
      await page.mouse.down();
      for (let i = 1; i <= 40; i++) await page.mouse.move(at.x + at.width / 2 + 8 * i, at.y + at.height / 2, { steps: 2 });
      await page.mouse.up();
      await page.waitForTimeout(1500);
    };
    const found = [];
    // A jump to the other end and back draws everything in sight anew.
    const jump = async () => {
      for (const key of ['End', 'Home']) {
        await page.locator('[data-place][tabindex="0"]').press(key);
        await page.waitForTimeout(1500);
      }
    };
    const acts = { 'jumping to the end and back': jump, scrolling: scroll, zooming: zoom, 'dragging a step': drag };
    for (const [what, act] of Object.entries(acts)) {
      await staves.evaluate((grid) => grid.scrollTo(0, 0));
      await page.waitForTimeout(2000);
      found.push({ what, ...(await longestTask(browser, page, act)) });
    }
    const edit = await editLatency(page);
    return { sight, tasks: found, edit, slow: await slowLine(browser, address) };
  });
}
