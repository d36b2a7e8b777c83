/**
 * Fits the words of notes to what they mean: a log-linear model over words, pairs of neighbours and what the
 * class is like, whose weights are those of a meaning itself and those of the traits that it shares with
 * others. Maximises the likelihood of what the labels accept, with steps that shrink for weights that have
 * moved much (Duchi, Hazan, Singer, JMLR 2011;12:2121).
 */
import { library } from '@lotus-steady/core';
import { Lexicon } from '../packages/core/dist/notes/lexicon.js';
import { traitsOf } from '../packages/core/dist/notes/traits.js';
import { withoutSign, writeNumbers } from '../packages/core/dist/numbers-as-text.js';
import { meaningsOf, wordFeatures, WordModel } from '../packages/core/dist/notes/word-model.js';

const EPOCHS = 8;
const RATE = 0.2;
const LATE_RATE = 0.08;
const SHRINKAGE = 1e-4;
/** Slopes that are smaller move nothing. */
const LEAST_SLOPE = 2e-3;
/** A trait that fewer asanas have tells no more than their names. */
const LEAST_SHARED = 3;
/** A trait of so many tells nothing. */
const MOST_SHARED = 250;
/** How much a line of a sheet counts against a phrase of the phrasebook, and a phrase that may mean something else. */
const LINE_COUNTS = 2;
const AMBIGUOUS_COUNTS = 0.5;
/** Weights are kept in such steps; smaller ones than the least are dropped. */
const STEP = 0.15;
const LEAST_WEIGHT = 0.3;
const LEAST_TRAIT_WEIGHT = 0.15;

const meanings = meaningsOf(library);
const meaningNumbers = new Map(meanings.map((meaning, i) => [meaning, i]));
const traitSets = meanings.map((meaning) => {
  const asana = library.find(meaning);
  return asana ? [...traitsOf(asana)] : [];
});
const shared = new Map();
for (const traits of traitSets) for (const trait of traits) shared.set(trait, (shared.get(trait) ?? 0) + 1);
const traits = [...shared].filter(([, count]) => count >= LEAST_SHARED && count < MOST_SHARED).map(([trait]) => trait);
const traitNumbers = new Map(traits.map((trait, i) => [trait, i]));
const traitsOfMeaning = traitSets.map((own) => own.flatMap((trait) => traitNumbers.get(trait) ?? []));
const from = new Int32Array(meanings.length + 1);
traitsOfMeaning.forEach(({ length }, i) => (from[i + 1] = from[i] + length));
const traitList = Int32Array.from(traitsOfMeaning.flat());

/** A lexicon that knows no model: for the words of phrases and lines. */
export const bare = new Lexicon(
  library,
  new WordModel(library, { words: '', meanings: [], traits: [], step: 1, counts: '', targets: '', weights: '' }),
);
const stemsOf = (text) => bare.query(text).places.map(({ stem }) => stem);

/** The phrases of the phrasebook as examples, in the lexicon's order. */
export const phraseExamples = bare.allPhrases().map(({ text, meaning, tags, ambiguous }) => ({
  features: wordFeatures(stemsOf(text), tags),
  accepts: [meaning],
  counts: ambiguous ? AMBIGUOUS_COUNTS : 1,
}));

/** Weighed lines with their labels as examples; a line that names several postures is none. */
export function lineExamples(lines) {
  return lines.flatMap(({ evidence, surrounding, label }) => {
    if (!label || label.kind === 'many') return [];
    const accepts = label.kind === 'step' ? label.ids : label.kind === 'absent' ? (label.now ?? ['lacking']) : [label.kind];
    const stems = evidence.query.places.map(({ stem }) => stem);
    return [{ features: wordFeatures(stems, surrounding), accepts, counts: LINE_COUNTS }];
  });
}

/** The same numbers on every machine and in every run (a linear congruential generator). */
export function numbers(seed) {
  let at = seed;
  return () => (at = (at * 1103515245 + 12345) % 2147483648) / 2147483648;
}

/** Fits the model to examples; returns its table. */
export function fitWords(examples) {
  const words = [...new Set(examples.flatMap(({ features }) => features))].sort();
  const wordNumbers = new Map(words.map((word, i) => [word, i]));
  const [M, T] = [meanings.length, traits.length];
  const [own, byTrait] = [new Float32Array(words.length * M), new Float32Array(words.length * T)];
  const [ownMoved, traitMoved] = [new Float32Array(own.length), new Float32Array(byTrait.length)];
  const rows = examples
    .map(({ features, accepts, counts }) => ({
      x: Int32Array.from(features, (feature) => wordNumbers.get(feature)),
      y: Int32Array.from(accepts.filter((meaning) => meaningNumbers.has(meaning)).map((meaning) => meaningNumbers.get(meaning))),
      counts,
    }))
    .filter(({ x, y }) => x.length > 0 && y.length > 0);
  const random = numbers(1);
  const [sums, slope] = [new Float64Array(M), new Float64Array(M)];
  const [traitSums, traitSlope] = [new Float64Array(T), new Float64Array(T)];
  for (let epoch = 0; epoch < EPOCHS; epoch++) {
    for (let i = rows.length - 1; i > 0; i--) {
      const k = Math.floor(random() * (i + 1));
      [rows[i], rows[k]] = [rows[k], rows[i]];
    }
    const rate = epoch < EPOCHS * 0.6 ? RATE : LATE_RATE;
    for (const { x, y, counts } of rows) {
      const scale = 1 / Math.sqrt(x.length);
      sums.fill(0);
      traitSums.fill(0);
      for (let j = 0; j < x.length; j++) {
        for (let m = 0, at = x[j] * M; m < M; m++, at++) sums[m] += own[at];
        for (let t = 0, at = x[j] * T; t < T; t++, at++) traitSums[t] += byTrait[at];
      }
      let most = -Infinity;
      for (let m = 0; m < M; m++) {
        let sum = sums[m];
        for (let k = from[m]; k < from[m + 1]; k++) sum += traitSums[traitList[k]];
        sums[m] = sum * scale;
        most = Math.max(most, sums[m]);
      }
      let [total, right] = [0, 0];
      for (let m = 0; m < M; m++) total += slope[m] = Math.exp(sums[m] - most);
      for (let k = 0; k < y.length; k++) right += slope[y[k]];
      const wanted = Array.from(y, (m) => slope[m] / right);
      for (let m = 0; m < M; m++) slope[m] = -slope[m] / total;
      for (let k = 0; k < y.length; k++) slope[y[k]] += wanted[k];
      traitSlope.fill(0);
      const weight = counts * scale;
      for (let m = 0; m < M; m++) {
        if (Math.abs(slope[m]) < LEAST_SLOPE) continue;
        for (let k = from[m]; k < from[m + 1]; k++) traitSlope[traitList[k]] += slope[m];
        for (let j = 0; j < x.length; j++) {
          const at = x[j] * M + m;
          const change = weight * slope[m] - SHRINKAGE * own[at];
          ownMoved[at] += change * change;
          own[at] += (rate * change) / Math.sqrt(ownMoved[at] + 0.01);
        }
      }
      for (let t = 0; t < T; t++) {
        if (Math.abs(traitSlope[t]) < LEAST_SLOPE) continue;
        for (let j = 0; j < x.length; j++) {
          const at = x[j] * T + t;
          const change = weight * traitSlope[t] - SHRINKAGE * byTrait[at];
          traitMoved[at] += change * change;
          byTrait[at] += (rate * change) / Math.sqrt(traitMoved[at] + 0.1);
        }
      }
    }
  }
  return tableOf(words, own, byTrait);
}

/** The weights as the reader keeps them: in steps, without the small ones. */
function tableOf(words, own, byTrait) {
  const [M, T] = [meanings.length, traits.length];
  const [kept, counts, targets, weights] = [[], [], [], []];
  const steps = (weight, least) => (Math.abs(weight) < least ? 0 : Math.max(-127, Math.min(127, Math.round(weight / STEP))));
  const add = (list, from, least) => {
    let [before, count] = [0, 0];
    list.forEach((_, number) => {
      const weight = steps(from[number], least);
      if (weight === 0) return;
      targets.push(number - before);
      weights.push(withoutSign(weight));
      before = number;
      count++;
    });
    return count;
  };
  words.forEach((word, w) => {
    const meant = add(meanings, own.subarray(w * M, (w + 1) * M), LEAST_WEIGHT);
    const like = add(traits, byTrait.subarray(w * T, (w + 1) * T), LEAST_TRAIT_WEIGHT);
    if (meant + like === 0) return;
    kept.push(word);
    counts.push(meant, like);
  });
  const [asCounts, asTargets, asWeights] = [counts, targets, weights].map(writeNumbers);
  return { words: kept.join('\n'), meanings, traits, step: STEP, counts: asCounts, targets: asTargets, weights: asWeights };
}
