/**
 * Contact sheets of the library: every asana from the side and from the front, about 40 figures a sheet.
 *   npm run figures -- --out DIR [--variations] [--only ASANA,ASANA/VARIATION]
 */
import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { drawFigure, figureSvg, library, sizeBody, solve } from '@lotus-steady/core';
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
const body = sizeBody();

const wanted = (asana, variation, place) => {
  if (only) return only.includes(`${asana.id}/${variation.id}`) || (only.includes(asana.id) && (variations || place === 0));
  return variations || place === 0;
};
const cards = library.asanas.flatMap((asana) =>
  asana.variations
    .filter((variation, place) => wanted(asana, variation, place))
    .flatMap((variation) =>
      [variation.posture, variation.moves].flatMap((posture, end) => {
        if (!posture) return [];
        const solved = solve(body, posture);
        const name = `${asana.id}${variation.id === 'plain' ? '' : ` / ${variation.id}`}${end === 1 ? ' (other end)' : ''}`;
        const picture = figureSvg(['side', 'front'].map((view) => drawFigure(solved.placed, view)));
        return [`<figure><div>${picture}</div><figcaption>${name}${solved.reached ? '' : ' - NOT REACHED'}</figcaption></figure>`];
      }),
    ),
);

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
