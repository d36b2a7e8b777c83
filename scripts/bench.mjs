/**
 * How fast the core is, on this machine in this run: `npm run bench`. Times say little across machines;
 * the ratios beside them do.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import loadHighs from 'highs';
import {
  adapt,
  adaptClass,
  anybody,
  bestView,
  PlanningCache,
  judgeLibrary,
  library,
  measurePosture,
  readCondition,
  notesReader,
  sizeBody,
  solve,
  solveColumn,
  stepFigures,
  BodySolver,
} from '@lotus-steady/core';
import { measurePages } from './bench-pages.mjs';
import { measureScreen } from './bench-screen.mjs';
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
  const solver = new BodySolver(library, answers);
  for (const asana of library.asanas) for (const variation of asana.variations) solver.formOf(asana, variation);
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
const { sequence } = notesReader(library)(lines.join('\n'));
const person = { ...anybody('p'), conditions: [readCondition('pregnancy week=32 fetuses=1 complications=none').answer] };
const solver = new BodySolver(library, { stature: 169 });
const kept = { cache: new PlanningCache() };
const first = ms(() => adapt(solver, sequence, person, kept));
const again = Array.from({ length: 15 }, () => ms(() => adapt(solver, sequence, person, kept)));
row(`${sequence.steps.length} steps adapted for one person, new body`, first, 'ms', `${(first / unit).toFixed(0)} yardsticks`);
row('the same, body known (target: under 150 ms)', median(again), 'ms', `${(first / median(again)).toFixed(0)} times faster`);
row('the same, nobody in particular', median(Array.from({ length: 9 }, () => ms(() => adapt(solver, sequence, anybody('p'), kept)))), 'ms');

const three = {
  ...anybody('p'),
  conditions: [
    'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1',
    'hypertension systolic=150 diastolic=92 aneurysm=no',
    'reflux symptomsToday=1 minutesSinceMeal=240',
  ].map((text) => readCondition(text).answer),
};
const judged = Array.from({ length: 9 }, () => ms(() => [...judgeLibrary(solver, three, kept)]));
row(
  'verdict of the whole library, three conditions (target: under 30 ms)',
  median(judged),
  'ms',
  `${(median(judged) / unit).toFixed(1)} yardsticks`,
);

// A class: people with one or two conditions each, one body, so that what is measured is the choosing.
const KINDS = ['pregnancy week=30 fetuses=1 complications=none', 'seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown', 'hypertension systolic=152 diastolic=95 aneurysm=no', 'glaucoma', 'lumbar-disc painNow=3', 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1', 'low-back-pain weeksSinceOnset=40 worse=none legPain=no trauma=no painNow=1', 'knee kind=oa painNow=2', 'neck-pain weeksSinceOnset=40 armSymptoms=none dizzy=no painNow=1', 'migraine-headache', 'reflux symptomsToday=1 minutesSinceMeal=240', 'beginners classes=3 screen=allNo']; // prettier-ignore
// Another breath makes other people of them: nothing that was worked out for the ones before serves them.
const member = (i, run) => ({
  solver,
  participant: {
    ...anybody(`p${i}`),
    breathSeconds: 4 + run / 1000,
    conditions: [KINDS[i % 12], ...(i >= 12 && (i * 5 + 3) % 12 !== i % 12 ? [KINDS[(i * 5 + 3) % 12]] : [])].map(
      (text) => readCondition(text).answer,
    ),
  },
});
const CLASS_LINES = ['Mountain', 'Cat cow flow 6x', 'Downward dog', 'Low lunge each side', 'Warrior 2 each side', 'Triangle each side', 'Tree each side', 'forward fold', 'Cobra 3x', "Child's pose", 'Bridge 6x', 'Seated forward fold', 'Seated twist each side', 'Boat', 'Bird dog each side 4x', 'Sphinx', 'Locust 3x', 'Knees to chest', 'Supine twist each side', 'Legs up the wall 3 min']; // prettier-ignore
const classOf = (steps) =>
  notesReader(library)(Array.from({ length: steps }, (_, i) => CLASS_LINES[i % CLASS_LINES.length]).join('\n')).sequence;
let runs = 0;
const people = (count) => {
  runs++;
  return Array.from({ length: count }, (_, i) => member(i, runs));
};
adaptClass(people(24), classOf(20));
adaptClass(people(48), classOf(20));
const timed = (steps, count) =>
  median(Array.from({ length: 3 }, () => [people(count), classOf(steps)]).map(([who, what]) => ms(() => adaptClass(who, what))));
const bySteps = [15, 30, 60, 120].map((steps) => [steps, timed(steps, 12)]);
const byPeople = [6, 12, 24, 48].map((count) => [count, timed(30, count)]);
for (const [steps, took] of bySteps)
  row(`a class: ${steps} steps x 12 people, new people, postures known`, took, 'ms', `${(took / bySteps[0][1]).toFixed(1)} times 15 steps`);
for (const [count, took] of byPeople)
  row(`a class: 30 steps x ${count} people`, took, 'ms', `${(took / byPeople[0][1]).toFixed(1)} times 6 people`);

const hour = classOf(60);
const edited = (index, change) => ({ ...hour, steps: hour.steps.map((step, i) => (i === index ? { ...step, ...change } : step)) });
const movedOn = (index) => ({ ...hour, steps: hour.steps.toSpliced(index, 2, hour.steps[index + 1], hour.steps[index]) });
const moved = movedOn(20);
/** A full class and an edit of each kind, for people whom nothing that was worked out before serves. */
function fullClass() {
  const [crowd, cache] = [people(24), new PlanningCache()];
  let plan;
  const solved = ms(() => (plan = adaptClass(crowd, hour, { cache })));
  const edits = [
    ['a figure chosen for someone', hour, [{ person: 'p3', index: 22, figure: plan.plans[5].steps[22].chosen.figure }]],
    ['a dose changed', edited(12, { dose: { breaths: 2 } }), []],
    ['a step moved', moved, []],
  ].map(([what, sequence, pins]) => [what, ms(() => adaptClass(crowd, sequence, { cache, pins }))]);
  return { crowd, cache, plan, solved, edits };
}
const heldSince = (before) => {
  globalThis.gc?.();
  return (process.memoryUsage().heapUsed - before) / 1e6;
};
globalThis.gc?.();
const heapBefore = process.memoryUsage().heapUsed;
const full = fullClass();
const held = heldSince(heapBefore);
const { cache } = full;
const rounds = [full, ...Array.from({ length: 4 }, fullClass)];
const of = (value) => [median(rounds.map(value)), `the first of five ${value(full).toFixed(0)} ms`];
const [solved, firstSolved] = of((round) => round.solved);
row(
  '60 steps x 24 people, new people, postures known (target: under 1000 ms)',
  solved,
  'ms',
  `${(solved / unit).toFixed(0)} yardsticks, ${firstSolved}`,
);
row('the choice of it above its proven bound (target: told)', (100 * (full.plan.cost - full.plan.bound)) / full.plan.bound, '%');
for (const [kind, [what]] of full.edits.entries()) {
  const [took, first] = of(({ edits }) => edits[kind][1]);
  row(`the same after ${what} (target: under 50 ms)`, took, 'ms', `${(solved / took).toFixed(0)} times faster, ${first}`);
}
const { crowd: last, cache: lastCache } = rounds.at(-1);
const moves = hour.steps.slice(1).map((_, index) => ms(() => adaptClass(last, movedOn(index), { cache: lastCache })));
const within = (share) => moves.toSorted((a, b) => a - b)[Math.ceil(share * moves.length) - 1].toFixed(0);
row(
  `the same after each of ${moves.length} steps in turn moved on by one, median (target: under 50 ms)`,
  median(moves),
  'ms',
  `three quarters within ${within(0.75)} ms, nine tenths within ${within(0.9)}, all within ${within(1)}`,
);
if (globalThis.gc) row('memory that it takes (target: under 150 MB)', held, 'MB');

// The same people with bodies of their own, none of whose postures was solved before.
globalThis.gc?.();
const heapThen = process.memoryUsage().heapUsed;
const newcomers = people(24).map(({ participant }, i) => ({
  solver: Object.assign(new BodySolver(library, { stature: 150 + 1.7 * i, mass: 48 + ((17 * i) % 53) }), { kept: new Map() }),
  participant,
}));
const met = ms(() => adaptClass(newcomers, classOf(20), { cache }));
row('20 steps x 24 people, every body new', met, 'ms', `${(met / unit).toFixed(0)} yardsticks`);
if (globalThis.gc) row(`memory that ${newcomers.length} new bodies take (target: under 150 MB)`, heldSince(heapThen), 'MB');

const known = newcomers.map(({ solver: { answers, kept }, participant }) => ({
  solver: Object.assign(new BodySolver(library, answers), { kept: structuredClone(kept) }),
  participant,
}));
const reread = ms(() => adaptClass(known, classOf(20)));
row('the same another day, every posture kept', reread, 'ms', `${(met / reread).toFixed(0)} times faster`);

if (process.argv.includes('--plot')) {
  const { init } = await import('echarts');
  const chart = init(null, null, { renderer: 'svg', ssr: true, width: 760, height: 320 });
  const axis = (gridIndex, type, name, data) => ({
    gridIndex,
    type,
    name,
    nameLocation: 'middle',
    nameGap: 30,
    data,
    axisLabel: { fontSize: 12 },
  });
  const bars = (xAxisIndex, points) => ({ type: 'bar', xAxisIndex, yAxisIndex: xAxisIndex, data: points.map(([, took]) => Math.round(took)), itemStyle: { color: '#2b2d5f' }, label: { show: true, position: 'top', formatter: '{c} ms' } }); // prettier-ignore
  chart.setOption({
    animation: false,
    title: [{ text: '12 people', left: '22%', textStyle: { fontSize: 14 } }, { text: '30 steps', left: '73%', textStyle: { fontSize: 14 } }],
    grid: [{ left: 50, width: 300, top: 40, bottom: 55 }, { left: 430, width: 300, top: 40, bottom: 55 }],
    xAxis: [axis(0, 'category', 'steps', bySteps.map(([steps]) => steps)), axis(1, 'category', 'people', byPeople.map(([count]) => count))],
    yAxis: [axis(0, 'value', ''), axis(1, 'value', '')],
    series: [bars(0, bySteps), bars(1, byPeople)],
  }); // prettier-ignore
  writeFileSync(join(ROOT, 'docs/class-growth.svg'), `${chart.renderToSVGString()}\n`);
  // Its clock would keep the process alive.
  chart.dispose();
}

// One column against a general solver, on the same random instances.
const random = (() => {
  let state = 7;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
})();
const highs = await loadHighs();
const columns = Array.from({ length: 12 }, () =>
  Array.from({ length: 16 }, () =>
    Array.from({ length: 6 }, () => ({ figure: `f${Math.floor(random() * 14)}`, cost: Math.round(random() * 90) / 10, props: new Map() })).concat({ figure: null, cost: 30, props: new Map() }),
  ),
); // prettier-ignore
function program(ways) {
  const all = ways.flatMap((own, p) => own.map((one, w) => ({ ...one, name: `x${p}_${w}` })));
  const figures = [...new Set(all.flatMap(({ figure }) => figure ?? []))];
  return ['Minimize', ` obj: ${all.map(({ cost: c, name }) => `${c} ${name}`).join(' + ')}`, 'Subject To',
    ...ways.map((own, p) => ` one${p}: ${own.map((_, w) => `x${p}_${w}`).join(' + ')} = 1`),
    ...all.flatMap(({ figure, name }) => (figure === null ? [] : [` open_${name}: ${name} - y_${figure} <= 0`])),
    ` few: ${figures.map((figure) => `y_${figure}`).join(' + ')} <= 3`, 'Binary', ` ${[...all.map(({ name }) => name), ...figures.map((figure) => `y_${figure}`)].join(' ')}`, 'End'].join('\n'); // prettier-ignore
}
const programs = columns.map(program);
const ours = ms(() => columns.forEach((column) => solveColumn(column, { figures: 3, props: null })));
let same = 0;
const general = ms(() => programs.forEach((text, i) => {
  const { ObjectiveValue } = highs.solve(text);
  if (Math.abs(ObjectiveValue - solveColumn(columns[i], { figures: 3, props: null }).cost) < 1e-6) same++;
})); // prettier-ignore
row(
  `a column of 16 people, 12 instances, ${same} with the general solver’s optimum`,
  ours / 12,
  'ms',
  `${(general / ours).toFixed(0)} times faster (target: 20)`,
);

// Notes: a sheet of 60 lines as teachers write them, read for the first time and with a key typed into each line.
const { sheets } = JSON.parse(readFileSync(join(ROOT, 'packages/core/src/notes/labelled-notes.fixture.json'), 'utf8'));
const written = sheets.flatMap(({ text }) => text.split('\n').filter((line) => line.trim() !== ''));
const sheetOf = (from) => written.slice(from, from + 60).join('\n');
const read = notesReader(library);
row(
  'the reader of notes made ready',
  ms(() => read('Mountain')),
  'ms',
);
// As the editor does while its page is still empty.
row(
  'and rehearsed, while the page waits for a text',
  ms(() => {
    for (const _ of read.rehearse());
  }),
  'ms',
);
const firstReadings = [60, 120, 180, 240, 300, 360, 420].map((from) => ms(() => read(sheetOf(from))));
row(
  '60 lines of notes read for the first time (target: 60 ms)',
  median(firstReadings),
  'ms',
  `${(median(firstReadings) / unit).toFixed(1)} yardsticks`,
);
const typed = sheetOf(60).split('\n');
const keys = typed.map((line, i) => ms(() => read(typed.map((one, k) => (k === i ? `${one} a` : one)).join('\n'))));
row(
  'the same after a key typed into one line (target: 8 ms)',
  median(keys),
  'ms',
  `${(median(firstReadings) / median(keys)).toFixed(0)} times faster`,
);
const worst = [
  'a, b, c, '.repeat(55),
  'x'.repeat(500),
  '1 2 3 4 5 '.repeat(50),
  'knees hands feet on the wall and '.repeat(15),
  'qwrtp zxcvb plmkn '.repeat(27),
];
row('the worst of lines with 500 characters (target: 20 ms)', Math.max(...worst.map((line) => ms(() => read(line.slice(0, 500))))), 'ms');
const long = (lines) =>
  written
    .slice(0, lines)
    .map((line, i) => `${line} ${i}`)
    .join('\n');
const [short, longer] = [ms(() => read(long(150))), ms(() => read(long(600)))];
row('600 lines instead of 150', longer, 'ms', `${(longer / short).toFixed(1)} times as long (linear: 4)`);

// Figures: each from where it is best seen, as a score asks for them.
const anySolver = new BodySolver(library);
const forms = library.asanas.filter(({ variations }, i) => variations.length > 0 && i % 6 === 0).map(({ id }) => anySolver.form(id));
const drawAll = () => forms.map((form) => stepFigures(anySolver, form, 'none', bestView(form))[0]);
const drawn = drawAll();
const drawing = ms(drawAll) / forms.length;
row('a figure drawn', drawing, 'ms', `${(drawing / unit).toFixed(1)} yardsticks`);
const sizes = drawn.map(({ shapes }) => shapes.reduce((sum, { d }) => sum + d.length, 0) / 1024);
row('the paths of a figure (target: 6 kB)', median(sizes), 'kB', `the largest ${Math.max(...sizes).toFixed(1)} kB`);

const assets = join(ROOT, 'packages/web/dist/assets');
const page = readFileSync(join(ROOT, 'packages/web/dist/index.html'), 'utf8');
const firstLoad = readdirSync(assets).filter((file) => file.endsWith('.js') && page.includes(file));
const kilobytes = firstLoad.reduce((sum, file) => sum + gzipSync(readFileSync(join(assets, file))).length, 0) / 1024;
row('JavaScript of the first load, gzipped (target: under 300 kB)', kilobytes, 'kB', firstLoad.join(' '));

const { sight, tasks, edit, slow } = await measureScreen(CLASS_LINES);
row('first sight of a score of twelve people whom a browser has not met (target: 1 s)', sight / 1000, 's');
for (const { what, processor, wall } of tasks)
  row(`${what} at 60 steps x 24 people in Chromium, longest task (under 50 ms)`, processor, 'ms', `${wall.toFixed(0)} ms by the clock`);
row(
  'a dose changed at 60 steps x 24 people in Chromium, until the new score is there',
  edit,
  'ms',
  `${(edit / unit).toFixed(0)} yardsticks`,
);
row('the first text on 400 kbit/s (target: 2 s)', slow.text / 1000, 's');
row(
  'the desk on 400 kbit/s with an empty cache (target: 6 s)',
  slow.desk / 1000,
  's',
  `its parts jump by ${slow.shift.toFixed(3)} (good: under 0.1)`,
);
row('the longest task while 40 lines are pasted, a four times slower processor (target: 50 ms)', slow.pasted, 'ms');

const pages = await measurePages();
if (!pages) console.log('Lighthouse is not installed: see scripts/bench-pages.mjs.');
for (const [screen, { performance: fast, ...others }] of Object.entries(pages ?? {}))
  row(`Lighthouse on a phone, ${screen}: performance (target: 90)`, fast, 'of 100', Object.entries(others).map((pair) => pair.join(' ')).join(', ')); // prettier-ignore
