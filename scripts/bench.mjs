/**
 * How fast the core is, on this machine in this run: `npm run bench`. Times say little across machines;
 * the ratios beside them do.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import {
  adapt,
  anybody,
  judgeLibrary,
  library,
  measurePosture,
  readCondition,
  sequenceReader,
  sizeBody,
  solve,
  Studio,
} from '@lotus-steady/core';
import { ROOT } from './prepare.mjs';

function ms(run) {
  const start = performance.now();
  run();
  return performance.now() - start;
}
function median(values) {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.floor(sorted.length / 2)];
}
function row(name, value, unit, ratio = '') {
  console.log(`${name.padEnd(58)} ${value.toFixed(value < 10 ? 2 : 0).padStart(9)} ${unit.padEnd(12)} ${ratio}`);
}

/** The yardstick: a fixed piece of plain arithmetic, so that runs on different machines can be set side by side. */
function yardstick() {
  let sum = 0;
  for (let i = 1; i < 2_000_000; i++) sum += Math.sqrt(i) / (1 + (i % 7));
  return sum;
}
yardstick();
const unit = median(Array.from({ length: 9 }, () => ms(yardstick)));
row('yardstick (2 million square roots)', unit, 'ms', '= 1');

const postures = library.asanas.flatMap(({ variations }) =>
  variations.flatMap(({ posture, moves }) => (moves ? [posture, moves] : [posture])),
);
/** Every variation as one body does it; equal postures are solved once. */
function wholeLibrary(answers) {
  const studio = new Studio(library, answers);
  for (const asana of library.asanas) for (const variation of asana.variations) studio.formOf(asana, variation);
}
const cold = ms(() => wholeLibrary({ stature: 172, mass: 70 }));
const warm = median([151, 163, 180, 191, 168].map((stature) => ms(() => wholeLibrary({ stature }))));
const body = sizeBody({ stature: 175 });
const single = median(postures.map((posture) => ms(() => solve(body, posture))));
const both = median(postures.map((posture) => ms(() => measurePosture(solve(body, posture)))));
row(
  `every variation for a new body (${postures.length} postures), code not yet compiled`,
  cold,
  'ms',
  `${(cold / unit).toFixed(0)} yardsticks`,
);
row('the same for the next new body (target: under 2000 ms)', warm, 'ms', `${(cold / warm).toFixed(2)} times faster`);
row('one posture solved, median (target: under 1 ms)', single, 'ms', `${(single / unit).toFixed(2)} yardsticks`);
row('one posture solved and measured, median', both, 'ms', `${(both / single).toFixed(2)} times the solving`);

const lines = ['Sun salutation x3', 'boat', 'triangle', 'warrior 2', 'tree', 'bridge', 'shoulder stand', 'plough', 'fish', 'camel', 'cobra', 'locust', 'bow', 'seated forward fold', 'head to knee', 'seated twist', 'happy baby', 'supine twist', 'savasana 10 min']; // prettier-ignore
const { sequence } = sequenceReader(library)(lines.join('\n'));
const person = { ...anybody('p'), conditions: [readCondition('pregnancy week=32 fetuses=1 complications=none').answer] };
const studio = new Studio(library, { stature: 169 });
const first = ms(() => adapt(studio, sequence, person));
const again = Array.from({ length: 15 }, () => ms(() => adapt(studio, sequence, person)));
row(`${sequence.steps.length} steps adapted for one person, new body`, first, 'ms', `${(first / unit).toFixed(0)} yardsticks`);
row('the same, body known (target: under 150 ms)', median(again), 'ms', `${(first / median(again)).toFixed(0)} times faster`);
row('the same, nobody in particular', median(Array.from({ length: 9 }, () => ms(() => adapt(studio, sequence, anybody('p'))))), 'ms');

const three = {
  ...anybody('p'),
  conditions: [
    'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1',
    'hypertension systolic=150 diastolic=92 aneurysm=no',
    'reflux symptomsToday=1 minutesSinceMeal=240',
  ].map((text) => readCondition(text).answer),
};
const judged = Array.from({ length: 9 }, () => ms(() => [...judgeLibrary(studio, three)]));
row(
  'verdict of the whole library, three conditions (target: under 30 ms)',
  median(judged),
  'ms',
  `${(median(judged) / unit).toFixed(1)} yardsticks`,
);

const assets = join(ROOT, 'packages/web/dist/assets');
const page = readFileSync(join(ROOT, 'packages/web/dist/index.html'), 'utf8');
const firstLoad = readdirSync(assets).filter((file) => file.endsWith('.js') && page.includes(file));
const kilobytes = firstLoad.reduce((sum, file) => sum + gzipSync(readFileSync(join(assets, file))).length, 0) / 1024;
row('JavaScript of the first load, gzipped (target: under 300 kB)', kilobytes, 'kB', firstLoad.join(' '));
