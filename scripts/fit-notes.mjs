/**
 * Fits the reader of notes to labelled sheets: `node scripts/fit-notes.mjs` after a build. A fifth of the
 * sheets, held out by name, is never fitted to; with `--report` the shares on both are printed.
 *
 * The weights of the chain maximise the likelihood of what the labels accept, with a little shrinkage. Lines
 * that name several postures are rare, so that short neighbouring lines are joined into some more of them.
 * The certainty is fitted to what chains say of sheets that they were not fitted to, in five folds.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { library } from '@lotus-steady/core';
import { BASES } from '../packages/core/dist/asanas/asana.js';
import { certaintyOf, signsOf, SIGNS } from '../packages/core/dist/notes/certainty.js';
import { CLASS_PARTS, followers, partOf, weighChain } from '../packages/core/dist/notes/chain.js';
import { FEATURES, lineEvidence, lineText } from '../packages/core/dist/notes/evidence.js';
import { Lexicon } from '../packages/core/dist/notes/lexicon.js';
import { WordModel } from '../packages/core/dist/notes/word-model.js';
import { evidenceOf, weighLines } from '../packages/core/dist/notes/sheet.js';
import { headingOf } from '../packages/core/dist/sequence/heading.js';
import { bare, fitWords, lineExamples, numbers, phraseExamples } from './fit-words.mjs';
import { ROOT } from './prepare.mjs';

const FOLDS = 5;
const EPOCHS = 10;
const SHRINKAGE = 0.5;
/** How much a rephrased or joined line counts for the certainty: they are harder than what teachers write. */
const COPY_COUNTS = 0.1;
const BATCH = 6;
const REPHRASED_COPIES = 3;
const JOINED_COPIES = 2;

/** Where the fit begins: what words say counts, so that readings without any are left out from the first round on. */
const FIRST = {
  'step best': 3,
  'step odds': 1.5,
  'many exact': 3,
  'way best': 3,
  'repeat best': 2,
  'note best': 2,
  'heading best': 2,
  'lacking best': 3,
};

const NOTES = join(ROOT, 'packages/core/src/notes');
const { held, then, sheets: labelled } = JSON.parse(readFileSync(join(NOTES, 'labelled-notes.fixture.json'), 'utf8'));
/** Of these the words are learnt, and nothing of how a class goes: they are mostly steps. */
const { sheets: more } = JSON.parse(readFileSync(join(NOTES, 'more-notes.fixture.json'), 'utf8'));
const follows = followers(library);

function accepts(label, hypothesis) {
  if (!label) return true;
  switch (label.kind) {
    case 'step':
      return hypothesis.is === 'step' && label.ids.includes(hypothesis.asana.id);
    case 'absent':
      // What the library has learned since the sheets were labelled is right under its name.
      return (
        hypothesis.is === 'lacking' ||
        (hypothesis.is === 'step' && (label.now ? label.now.includes(hypothesis.asana.id) : !then.includes(hypothesis.asana.id)))
      );
    case 'many':
      return (
        hypothesis.is === 'many' &&
        hypothesis.parts.length === label.parts.length &&
        hypothesis.parts.every(({ found }, i) => label.parts[i].ids?.includes(found.meaning.asana.id))
      );
    default:
      return hypothesis.is === label.kind;
  }
}

function weighed({ name, text, lines, without }, lexicon) {
  const labels = new Map(lines.map((label) => [label.line, label]));
  const full = text.split('\n').map((line, i) => ({ text: line.trimEnd(), line: i + 1, heading: headingOf(line)?.name ?? null }));
  const read = weighLines(
    full.filter((line) => line.text.trim() !== '' && line.heading === null),
    null,
    without
      ? (line, surrounding) => {
          const phrase = without.get(line);
          const words = phrase === undefined ? lexicon : phraseLexicons[phrase % FOLDS];
          return lineEvidence(words, lineText(words, line), surrounding, phrase);
        }
      : evidenceOf(lexicon),
  );
  return {
    name,
    lines: read.map((line) => {
      const label = labels.get(line.line);
      const right = line.readings.map(({ hypothesis }) => accepts(label, hypothesis));
      // A line of which no reading is right teaches nothing.
      return { ...line, label, right, allowed: right.some(Boolean) ? right : right.map(() => true) };
    }),
  };
}

const SEPARATORS = [', ', ' to ', ' → ', ' + ', ' / ', ' then ', ', then ', ' & ', ' and ', ' > ', '; '];
/** A sheet with some of its short neighbouring lines joined into one. */
function joined(sheet, random) {
  const raw = sheet.text.split('\n');
  const labels = new Map(sheet.lines.map((label) => [label.line, label]));
  const isShort = (i) => labels.get(i + 1)?.kind === 'step' && raw[i].trim().split(/\s+/).length <= 4;
  const [text, lines] = [[], []];
  for (let i = 0; i < raw.length;) {
    let count = 1;
    if (isShort(i) && random() < 0.45)
      while (count < 4 && i + count < raw.length && isShort(i + count) && (count < 2 || random() < 0.4)) count++;
    const own = raw.slice(i, i + count).map((line, k) => (k === 0 ? line : line.replace(/^\s*(?:[-*•>]|\(?\d+[.)]|\[ \])\s*/, '').trim()));
    text.push(own.join(SEPARATORS[Math.floor(random() * SEPARATORS.length)]));
    const parts = own.flatMap((_, k) => labels.get(i + k + 1) ?? []);
    if (count > 1) lines.push({ line: text.length, kind: 'many', parts });
    else if (parts[0]) lines.push({ ...parts[0], line: text.length });
    i += count;
  }
  return { ...sheet, text: text.join('\n'), lines };
}

/** Doses and sides as teachers append them; a step is rephrased without its own. */
const TAILS = ['', '', '', ', 5 breaths', ' x6', ' 1 min', ' 8x', ', 30 s', ' 5 br', ' (10)'];
const SIDED_TAILS = ['', '', ' R/L', ', each side', ' r then l', ' ea side', ' 5 br ea'];
const byBase = new Map();
for (const asana of library.asanas) {
  const key = `${asana.base} ${asana.id.startsWith('kids-')}`;
  byBase.set(key, [...(byBase.get(key) ?? []), asana]);
}

/**
 * A sheet with its steps written in other words: phrases of the same asana, or of another one of the same
 * position, each left out of the lexicon while its line is weighed. So the fit sees what it is to meet
 * words that nobody wrote down.
 */
function rephrased(sheet, random) {
  const raw = sheet.text.split('\n');
  const without = new Map();
  const pick = (list) => list[Math.floor(random() * list.length)];
  const lines = sheet.lines.map((label) => {
    if (label.kind !== 'step') return label;
    const own = library.get(label.ids[0]);
    const asana = random() < 0.5 ? own : pick(byBase.get(`${own.base} ${own.id.startsWith('kids-')}`));
    const phrases = bare.phrasesFor(asana.id).filter(({ tags }) => tags.length === 0);
    if (phrases.length === 0) return label;
    const { phrase, text } = pick(phrases);
    const line = text + pick(asana.shown ? SIDED_TAILS : TAILS);
    raw[label.line - 1] = line;
    without.set(line, phrase);
    return { line: label.line, kind: 'step', ids: asana === own ? label.ids : [asana.id] };
  });
  return { ...sheet, text: raw.join('\n'), lines, without };
}

/** How much likelier one base position follows another than it stands anywhere, as logs, smoothed. */
function successions(sheets) {
  const pairs = BASES.map(() => BASES.map(() => 0.5));
  const all = BASES.map(() => 1);
  for (const { lines } of sheets) {
    let before = -1;
    for (const { label } of lines) {
      const named = label?.kind === 'step' ? [label] : label?.kind === 'many' ? label.parts.filter(({ ids }) => ids) : [];
      for (const { ids } of named) {
        const base = BASES.indexOf(library.get(ids[0]).base);
        all[base]++;
        if (before >= 0) pairs[before][base]++;
        before = base;
      }
    }
  }
  const total = all.reduce((a, b) => a + b);
  return pairs.map((row) => {
    const sum = row.reduce((a, b) => a + b);
    return row.map((count, k) => Math.max(-3, Math.min(3, Math.log((count + (4 * all[k]) / total) / (sum + 4) / (all[k] / total)))));
  });
}

/** How much likelier each base position, and breathing, stands in each part of a class than anywhere: as logs, smoothed. */
function parts(sheets) {
  const counts = Array.from({ length: CLASS_PARTS }, () => [...BASES.map(() => 0), 0]);
  for (const { lines } of sheets)
    lines.forEach(({ label }, t) => {
      if (label?.kind !== 'step') return;
      const { base, pattern } = library.get(label.ids[0]);
      counts[partOf(t, lines.length)][pattern === null ? BASES.indexOf(base) : BASES.length]++;
    });
  const all = counts[0].map((_, base) => counts.reduce((sum, row) => sum + row[base], 1));
  const total = all.reduce((a, b) => a + b);
  return counts.map((row) => {
    const sum = row.reduce((a, b) => a + b);
    return row.map((count, base) => Math.log((count + (8 * all[base]) / total) / (sum + 8) / (all[base] / total)));
  });
}

/** How often each asana is written, against the average one: as logs, smoothed; labels that accept several are shared among them. */
function commonness(sheets) {
  const counts = new Map();
  for (const { lines } of sheets)
    for (const { label } of lines)
      for (const { ids } of label?.kind === 'step' ? [label] : (label?.parts ?? []))
        for (const id of ids ?? []) counts.set(id, (counts.get(id) ?? 0) + 1 / ids.length);
  const average = [...counts.values()].reduce((a, b) => a + b) / library.asanas.length;
  const log = (count) => Math.log((count + 3) / (average + 3));
  return {
    common: Object.fromEntries([...counts].sort(([a], [b]) => (a < b ? -1 : 1)).map(([id, count]) => [id, log(count)])),
    seldom: log(0),
  };
}

/** Weights of the chain by stochastic gradient ascent with running scales (Kingma and Ba, ICLR 2015). */
function fitChain(sheets, extra) {
  const habits = { after: successions(sheets), when: parts(sheets), ...commonness(sheets) };
  const random = numbers(7);
  const order = [...sheets, ...extra];
  const [weights, mean, square] = [0, 0, 0].map(() => new Float64Array(FEATURES.length));
  for (const [feature, weight] of Object.entries(FIRST)) weights[FEATURES.indexOf(feature)] = weight;
  let step = 0;
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (let i = order.length - 1; i > 0; i--) {
      const k = Math.floor(random() * (i + 1));
      [order[i], order[k]] = [order[k], order[i]];
    }
    const rate = epoch < 3 ? 0.25 : epoch < EPOCHS * 0.6 ? 0.12 : 0.04;
    for (let at = 0; at < order.length; at += BATCH) {
      step++;
      const slope = new Float64Array(FEATURES.length);
      const batch = order.slice(at, at + BATCH);
      for (const { lines } of batch) {
        const readings = lines.map((line) => line.readings);
        const free = weighChain(readings, weights, habits, follows, { expect: true });
        const right = weighChain(readings, weights, habits, follows, { expect: true, allowed: lines.map(({ allowed }) => allowed) });
        for (let k = 0; k < slope.length; k++) slope[k] += right.expected[k] - free.expected[k];
      }
      for (let k = 0; k < slope.length; k++) {
        slope[k] -= (SHRINKAGE * weights[k] * batch.length) / order.length;
        mean[k] = 0.9 * mean[k] + 0.1 * slope[k];
        square[k] = 0.98 * square[k] + 0.02 * slope[k] ** 2;
        weights[k] += (rate * (mean[k] / (1 - 0.9 ** step))) / (Math.sqrt(square[k] / (1 - 0.98 ** step)) + 1e-6);
      }
    }
  }
  return { weights, habits };
}

/** What a chain says of a sheet: for each labelled line its best reading, how likely, and whether that is right. */
function answers({ lines }, { weights, habits }) {
  const { best, likely } = weighChain(
    lines.map(({ readings }) => readings),
    weights,
    habits,
    follows,
  );
  return lines.flatMap((line, t) => {
    if (!line.label) return [];
    const { hypothesis } = line.readings[best[t]];
    return [{ line, hypothesis, signs: isPosture({ hypothesis }) ? signsOf(line, best[t], likely[t]) : null, right: line.right[best[t]] }];
  });
}

const isPosture = ({ hypothesis: { is } }) => is === 'step' || is === 'many';

/** Solves a small system of equations by Gauss and Jordan. */
function solved(matrix, vector) {
  const rows = matrix.map((row, i) => [...row, vector[i]]);
  rows.forEach((_, i) => {
    const pivot = rows.slice(i).reduce((best, row, k) => (Math.abs(row[i]) > Math.abs(rows[best][i]) ? i + k : best), i);
    [rows[i], rows[pivot]] = [rows[pivot], rows[i]];
    rows.forEach((row, k) => {
      if (k === i) return;
      const share = row[i] / rows[i][i];
      for (let j = i; j < row.length; j++) row[j] -= share * rows[i][j];
    });
  });
  return rows.map((row, i) => row.at(-1) / row[i]);
}

/** A logistic model over the signs, by Newton's method with a little shrinkage. */
function fitCertainty(lines) {
  const rows = lines.filter(isPosture).map(({ signs, right, counts = 1 }) => ({ signs, right: Number(right), counts }));
  let weights = SIGNS.map(() => 0);
  for (let round = 0; round < 30; round++) {
    const slope = weights.map((weight) => -weight);
    const curve = SIGNS.map((_, i) => SIGNS.map((_sign, k) => (i === k ? 1 : 0)));
    for (const { signs, right, counts } of rows) {
      const share = certaintyOf(signs, weights);
      signs.forEach((sign, i) => {
        slope[i] += counts * (right - share) * sign;
        signs.forEach((other, k) => (curve[i][k] += counts * share * (1 - share) * sign * other));
      });
    }
    const step = solved(curve, slope);
    weights = weights.map((weight, i) => weight + step[i]);
  }
  return weights;
}

const began = performance.now();
const passed = (since) => `${((performance.now() - since) / 1000).toFixed(0)} s`;

/**
 * What words mean is fitted before the rest and to the same sheets. So each sheet is weighed by a model that
 * has not met it, and each rephrased line by one that has not met its phrase: the rest learns how far such a
 * model is to be trusted.
 */
const isHeld = ({ name }) => held.includes(name);
const examplesOf = new Map(labelled.map((sheet) => [sheet.name, lineExamples(weighed(sheet, bare).lines)]));
const foldOf = new Map(labelled.filter((sheet) => !isHeld(sheet)).map(({ name }, i) => [name, i % FOLDS]));
const moreExamples = more.flatMap((sheet) => lineExamples(weighed(sheet, bare).lines));
const wordsFitted = (sheets, phrases) => fitWords([...phrases, ...moreExamples, ...sheets.flatMap((name) => examplesOf.get(name))]);
const lexiconFitted = (sheets, phrases) => new Lexicon(library, new WordModel(library, wordsFitted(sheets, phrases)));
const seen = [...foldOf.keys()];
const eachFold = Array.from({ length: FOLDS }, (_, fold) => fold);
const sheetLexicons = eachFold.map((fold) =>
  lexiconFitted(
    seen.filter((name) => foldOf.get(name) !== fold),
    phraseExamples,
  ),
);
const phraseLexicons = eachFold.map((fold) =>
  lexiconFitted(
    seen,
    phraseExamples.filter((_, i) => i % FOLDS !== fold),
  ),
);
const table = wordsFitted(seen, phraseExamples);
const whole = new Lexicon(library, new WordModel(library, table));
const lexiconOf = (name) => (foldOf.has(name) ? sheetLexicons[foldOf.get(name)] : whole);
console.error(`words fitted in ${passed(began)}`);

const all = labelled.map((sheet) => weighed(sheet, lexiconOf(sheet.name)));
const train = all.filter((sheet) => !isHeld(sheet));
const random = numbers(11);
const extraOf = new Map(
  labelled.map((sheet) => [
    sheet.name,
    [
      ...Array.from({ length: JOINED_COPIES }, () => weighed(joined(sheet, random), lexiconOf(sheet.name))),
      ...Array.from({ length: REPHRASED_COPIES }, () => ({
        ...weighed(rephrased(sheet, random), lexiconOf(sheet.name)),
        isRephrased: true,
      })),
    ],
  ]),
);
console.error(`weighed in ${passed(began)}`);
const withExtra = (sheets) =>
  fitChain(
    sheets,
    sheets.flatMap(({ name }) => extraOf.get(name)),
  );

const fitting = performance.now();
const folds = Array.from({ length: FOLDS }, (_, fold) => withExtra(train.filter((_sheet, i) => i % FOLDS !== fold)));
console.error(`folds in ${passed(fitting)}`);
const unseen = train.flatMap((sheet, i) => answers(sheet, folds[i % FOLDS]));
const unseenCopies = train.flatMap((sheet, i) =>
  extraOf
    .get(sheet.name)
    .flatMap((copy) =>
      answers(copy, folds[i % FOLDS]).filter(({ line }) => line.label.kind === 'many' || (copy.isRephrased && line.label.kind === 'step')),
    ),
);
const certainty = fitCertainty([...unseen, ...unseenCopies.map((one) => ({ ...one, counts: COPY_COUNTS }))]);
const model = withExtra(train);

function report(name, lines) {
  const right = lines.filter((one) => one.right).length;
  console.log(`${name}: ${lines.length} lines, ${((100 * right) / lines.length).toFixed(1)} % right where nothing may be asked`);
  const postures = lines.filter(isPosture).map((one) => ({ ...one, sure: certaintyOf(one.signs, certainty) }));
  for (const limit of [0.6, 0.65, 0.7, 0.75, 0.8, 0.85, 0.9, 0.95]) {
    const sure = postures.filter((one) => one.sure >= limit);
    const wrong = sure.filter((one) => !one.right).length;
    console.log(
      `  sure from ${limit}: ${sure.length} of ${postures.length} postures, ${wrong} wrong = ${((100 * wrong) / lines.length).toFixed(2)} % of all lines`,
    );
  }
  if (process.argv.includes('--errors'))
    for (const { line, hypothesis, sure } of postures.filter((one) => !one.right).sort((a, b) => b.sure - a.sure))
      console.log(
        `  ${sure.toFixed(3)} ${line.label.kind} ${JSON.stringify(line.text)} => ${hypothesis.asana?.id ?? hypothesis.parts.map(({ found }) => found.meaning.asana.id).join(' + ')}; ${(line.label.ids ?? line.label.parts?.map(({ ids }) => ids?.[0]) ?? []).join(' / ')}`,
      );
}
report('unseen in five folds', unseen);
if (process.argv.includes('--report')) {
  const errors = process.argv.indexOf('--errors');
  if (errors >= 0) process.argv.splice(errors, 1);
  report(
    'held out',
    all.filter(isHeld).flatMap((sheet) => answers(sheet, model)),
  );
}

const rounded = (value) => Number(value.toFixed(3));
const rows = (table) => table.map((row) => `      [${row.map(rounded).join(', ')}],`).join('\n');
writeFileSync(
  join(NOTES, 'weights.ts'),
  `import type { Weights } from './chain.js';

// Made by scripts/fit-notes.mjs; not to be edited by hand.
export const WEIGHTS: Weights = {
  features: {
${FEATURES.map((feature, k) => `    '${feature}': ${rounded(model.weights[k])},`).join('\n')}
  },
  habits: {
    after: [
${rows(model.habits.after)}
    ],
    when: [
${rows(model.habits.when)}
    ],
    common: {
${Object.entries(model.habits.common)
  .map(([id, log]) => `      '${id}': ${rounded(log)},`)
  .join('\n')}
    },
    seldom: ${rounded(model.habits.seldom)},
  },
};

/** Weights of the signs of certainty, in the order of \`SIGNS\`. */
export const CERTAINTY: readonly number[] = [${certainty.map(rounded).join(', ')}];
`,
);
writeFileSync(
  join(NOTES, 'word-table.ts'),
  `import type { WordTable } from './word-model.js';

// Made by scripts/fit-notes.mjs; not to be edited by hand.
export const WORD_TABLE: WordTable = ${JSON.stringify(table)};
`,
);
