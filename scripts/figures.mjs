/**
 * Contact sheets of the library, about 40 figures a sheet: every asana from where it is best seen, or from the side
 * and the front with `--both`. `--blind` leaves the names out and shuffles: who knows yoga tells what each figure is,
 * and `names.txt` has the answers.
 *   npm run figures -- --out DIR [--variations] [--only ASANA,ASANA/VARIATION] [--both] [--blind]
 */
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { BodySolver, bestView, drawFigure, figureSvg, library, stepFigures } from '@lotus-steady/core';
import { chromiumOptions } from './chromium.mjs';

const PER_SHEET = 40;

function option(name) {
  const at = process.argv.indexOf(name);
  return at < 0 ? null : (process.argv[at + 1] ?? '');
}

const out = option('--out');
if (!out) {
  console.error('figures: say where to put the sheets, as in: npm run figures -- --out /tmp/sheets');
  process.exit(2);
}
mkdirSync(out, { recursive: true });
const only = option('--only')?.split(',');
const variations = process.argv.includes('--variations');
const solver = new BodySolver(library);
const isBlind = process.argv.includes('--blind');
const isBoth = process.argv.includes('--both');

const wanted = (asana, variation, place) => {
  if (only) return only.includes(`${asana.id}/${variation.id}`) || (only.includes(asana.id) && (variations || place === 0));
  return variations || place === 0;
};
/** The same order with every run, and none that tells anything. */
function shuffled(list) {
  let seed = 7;
  return list
    .map((one) => ({ one, at: (seed = (seed * 48271) % 2147483647) }))
    .sort((a, b) => a.at - b.at)
    .map(({ one }) => one);
}

const forms = library.asanas.flatMap((asana) =>
  asana.variations.filter((variation, place) => wanted(asana, variation, place)).map((variation) => solver.form(asana.id, variation.id)),
);
const shown = isBlind ? shuffled(forms) : forms;
const nameOf = ({ asana, variation }) => `${asana.id}${variation.id === 'plain' ? '' : ` / ${variation.id}`}`;
const cards = shown.map((form, i) => {
  const figures = isBoth
    ? form.ends.flatMap(({ solved }) => ['side', 'front'].map((view) => drawFigure(solved.placed, view)))
    : stepFigures(solver, form, 'none', bestView(form));
  const reached = form.ends.every(({ solved }) => solved.reached);
  const caption = isBlind ? String(i + 1) : `${nameOf(form)}${reached ? '' : ' - NOT REACHED'}`;
  return `<figure><div>${figureSvg(figures)}</div><figcaption>${caption}</figcaption></figure>`;
});
if (isBlind) writeFileSync(join(out, 'names.txt'), shown.map((form, i) => `${i + 1} ${nameOf(form)}\n`).join(''));

const browser = await chromium.launch(chromiumOptions());
const page = await browser.newPage({ viewport: { width: 1600, height: 1150 } });
for (let from = 0, sheet = 1; from < cards.length; from += PER_SHEET, sheet++) {
  await page.setContent(`<style>
    body { margin: 0; background: #faf6ee; font: 11px sans-serif; display: grid; grid-template-columns: repeat(8, 1fr); gap: 4px; }
    figure { margin: 0; border: 1px solid #e3dccb; height: 224px; display: flex; flex-direction: column; }
    figure div { display: flex; flex: 1; min-height: 0; align-items: end; } svg { width: 100%; height: 100%; }
    figcaption { text-align: center; padding: 2px; }
  </style>${cards.slice(from, from + PER_SHEET).join('')}`);
  const file = join(out, `sheet-${String(sheet).padStart(2, '0')}.png`);
  await page.screenshot({ path: file });
  console.log(file);
}
await browser.close();
