import { library } from '../asanas/all.js';
import { BASES } from '../asanas/asana.js';
import { followers, leadsTo, weighChain, type Habits } from './chain.js';
import { FEATURES, type Evidence, type Feature, type Reading } from './evidence.js';

const NONE: Evidence = { features: [], values: [] };
const at = (feature: Feature) => FEATURES.indexOf(feature);
function step(id: string, value: number): Reading {
  const asana = library.get(id);
  return {
    hypothesis: { is: 'step', asana, variation: null, found: null },
    ends: { first: asana.base, last: asana.base },
    own: { features: [at('step best')], values: [value] },
    around: NONE,
  };
}
const note = (value: number): Reading => ({
  hypothesis: { is: 'note' },
  ends: null,
  own: { features: [at('note best')], values: [value] },
  around: NONE,
});

const habits: Habits = {
  after: BASES.map((_, i) => BASES.map((_other, k) => (i === k ? 0.9 : -0.4 + 0.05 * ((i * 3 + k) % 7)))),
  when: Array.from({ length: 5 }, (_, part) => Array.from({ length: BASES.length + 1 }, (_base, i) => 0.1 * ((part + i) % 3) - 0.1)),
  common: { tadasana: 0.7, savasana: 0.9 },
  seldom: -0.3,
};
const weights = new Float64Array(FEATURES.length);
for (const [feature, weight] of [
  ['step best', 1.3], ['note best', 1.1], ['next to', 0.8], ['same asana', -0.9], ['follows', 0.6], ['from nowhere', -0.2], ['common', 0.5], ['when', 0.4],
] as const) weights[at(feature)] = weight; // prettier-ignore

const lines: readonly (readonly Reading[])[] = [
  [step('tadasana', 0.9), step('chair-mountain', 0.6), note(0.4)],
  [step('uttanasana', 0.5), step('paschimottanasana', 0.6), note(0.7)],
  [step('adho-mukha-svanasana', 0.8), step('wall-dog', 0.7), note(0.1)],
  [step('savasana', 0.5), step('balasana', 0.5), step('adho-mukha-svanasana', 0.3), note(0.6)],
];
const follows = followers(library);

/** The score of one choice of readings for all lines, written out: the model without its recursions. */
function scoreOf(choice: readonly number[]): number {
  let score = 0;
  let base = -1;
  choice.forEach((r, t) => {
    const reading = lines[t]![r]!;
    const weigh = (feature: Feature, value: number) => (score += weights[at(feature)]! * value);
    reading.own.features.forEach((feature, k) => (score += weights[feature]! * reading.own.values[k]!));
    if (reading.hypothesis.is !== 'step') return;
    const { asana } = reading.hypothesis;
    const here = BASES.indexOf(asana.base);
    weigh('common', habits.common[asana.id] ?? habits.seldom);
    weigh('when', habits.when[Math.floor((t * 5) / lines.length)]![here]!);
    if (base < 0) weigh('from nowhere', 1);
    else weigh('next to', habits.after[base]![here]!);
    const before = t > 0 ? lines[t - 1]![choice[t - 1]!]!.hypothesis : null;
    if (before?.is === 'step') {
      if (before.asana === asana) weigh('same asana', 1);
      else if (follows.get(before.asana.id)?.has(asana.id)) weigh('follows', 1);
    }
    base = here;
  });
  return score;
}

function choices(t = 0): number[][] {
  if (t === lines.length) return [[]];
  return lines[t]!.flatMap((_, r) => choices(t + 1).map((rest) => [r, ...rest]));
}

describe('all lines weighed together, against every choice written out', () => {
  const all = choices().map((choice) => ({ choice, weight: Math.exp(scoreOf(choice)) }));
  const sum = all.reduce((total, { weight }) => total + weight, 0);
  const { best, likely, logZ } = weighChain(lines, weights, habits, follows);

  test('the sum over all of them', () => expect(logZ).toBeCloseTo(Math.log(sum), 9));

  test('the likeliest of them', () => {
    const [first] = [...all].sort((a, b) => b.weight - a.weight);
    expect(best).toEqual(first!.choice);
  });

  test('how likely each reading is', () => {
    for (const [t, shares] of likely.entries())
      for (const [r, share] of shares.entries()) {
        const those = all.filter(({ choice }) => choice[t] === r).reduce((total, { weight }) => total + weight, 0);
        expect(share).toBeCloseTo(those / sum, 9);
      }
  });

  test('the expected features are the slope of the sum: a small step in each weight', () => {
    const { expected } = weighChain(lines, weights, habits, follows, { expect: true });
    for (const feature of ['step best', 'note best', 'next to', 'follows', 'from nowhere', 'common', 'when'] as const) {
      const nudged = Float64Array.from(weights);
      nudged[at(feature)]! += 1e-5;
      const slope = (weighChain(lines, nudged, habits, follows).logZ - logZ) / 1e-5;
      expect(expected![at(feature)]).toBeCloseTo(slope, 4);
    }
  });

  test('only what is allowed', () => {
    const allowed = lines.map((readings) => readings.map((_, r) => r === 0));
    expect(weighChain(lines, weights, habits, follows, { allowed }).logZ).toBeCloseTo(scoreOf([0, 0, 0, 0]), 9);
  });
});

test('no line, no path', () => expect(weighChain([], weights, habits, follows)).toMatchObject({ best: [], likely: [] }));

test('a way up ends on the feet or on a chair, never lying', () => {
  expect(leadsTo('roll-up', 'standing')).toBe(true);
  expect(leadsTo('roll-up', 'supine')).toBe(false);
  expect(leadsTo('roll-to-side', 'supine')).toBe(true);
});
