/**
 * How fast the core is, on this machine in this run: `npm run bench`. Times say little across machines;
 * the ratios beside them do.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { adapt, anybody, library, measurePosture, readCondition, sequenceReader, sizeBody, solve, Studio } from '@lotus-steady/core';
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

const body = sizeBody({ stature: 172, mass: 70 });
const postures = library.asanas.flatMap(({ variations }) =>
  variations.flatMap(({ posture, moves }) => (moves ? [posture, moves] : [posture])),
);
const cold = ms(() => postures.forEach((posture) => measurePosture(solve(body, posture))));
const warm = ms(() => postures.forEach((posture) => measurePosture(solve(body, posture))));
const single = median(postures.map((posture) => ms(() => solve(body, posture))));
row(`every variation solved and measured (${postures.length}), first time`, cold, 'ms', `${(cold / unit).toFixed(0)} yardsticks`);
row('the same again, compiled code', warm, 'ms', `${(cold / warm).toFixed(2)} times faster`);
row('postures solved and measured', (postures.length / warm) * 1000, 'a second');
row('one posture solved, median', single, 'ms', `${(single / unit).toFixed(2)} yardsticks`);

const lines = ['Sun salutation x3', 'boat', 'triangle', 'warrior 2', 'tree', 'bridge', 'shoulder stand', 'plough', 'fish', 'camel', 'cobra', 'locust', 'bow', 'seated forward fold', 'head to knee', 'seated twist', 'happy baby', 'supine twist', 'savasana 10 min']; // prettier-ignore
const { sequence } = sequenceReader(library)(lines.join('\n'));
const person = { ...anybody('p'), conditions: [readCondition('pregnancy week=32 fetuses=1 complications=none').answer] };
const studio = new Studio(library);
const first = ms(() => adapt(studio, sequence, person));
const again = Array.from({ length: 9 }, () => ms(() => adapt(studio, sequence, person)));
row(`${sequence.steps.length} steps adapted for one person, new body`, first, 'ms', `${(first / unit).toFixed(0)} yardsticks`);
row('the same, body known (target: under 150 ms)', median(again), 'ms', `${(first / median(again)).toFixed(0)} times faster`);
row('the same, nobody in particular', median(Array.from({ length: 9 }, () => ms(() => adapt(studio, sequence, anybody('p'))))), 'ms');

const assets = join(ROOT, 'packages/web/dist/assets');
const page = readFileSync(join(ROOT, 'packages/web/dist/index.html'), 'utf8');
const firstLoad = readdirSync(assets).filter((file) => file.endsWith('.js') && page.includes(file));
const kilobytes = firstLoad.reduce((sum, file) => sum + gzipSync(readFileSync(join(assets, file))).length, 0) / 1024;
row('JavaScript of the first load, gzipped (target: under 300 kB)', kilobytes, 'kB', firstLoad.join(' '));
