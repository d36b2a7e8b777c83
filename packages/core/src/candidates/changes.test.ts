import { library } from '../asanas/all.js';
import type { Measure } from '../body/measure.js';
import type { Posture } from '../body/posture.js';
import { sayInEnglish } from '../messages/message.js';
import { BodySolver } from '../solving/body-solver.js';
import { POSTURE_CHANGES, type Wanted } from './changes.js';

const solver = new BodySolver(library);
const postureOf = (asana: string, variation = 'plain'): Posture =>
  library.get(asana).variations.find(({ id }) => id === variation)!.posture;
const changeOf = (id: string) => POSTURE_CHANGES.find((change) => change.id === id)!;
const NOTHING: Wanted = new Map();
const wanted = (measure: Measure, atMost: number): Wanted => new Map([[measure, { atMost }]]);

/** A measure before and after a change; `null` where there is nothing to change. */
function effect(id: string, asana: string, measure: Measure, wants = NOTHING, variation = 'plain') {
  const posture = postureOf(asana, variation);
  const changed = changeOf(id).apply(posture, wants);
  if (!changed) return null;
  const value = (one: Posture) => solver.posture(one).measured.values[measure]!;
  return { before: value(posture), after: value(changed) };
}

// What teachers offer, and what it does for a body (common practice, no source).
test.each<[string, string, Measure, Wanted]>([['wider-feet', 'tadasana', 'balanceMargin', NOTHING]])(
  '%s steadies %s',
  (id, asana, measure, wants) => {
    const { before, after } = effect(id, asana, measure, wants)!;
    expect(after).toBeGreaterThan(before);
  },
);

test.each<[string, string, Measure, Wanted]>([
  ['round-less', 'uttanasana', 'lumbarFlexion', wanted('lumbarFlexion', 10)],
  ['turn-less', 'ardha-matsyendrasana', 'spineRotation', wanted('spineRotation', 20)],
  ['lean-less', 'parsva-tadasana', 'spineLateral', wanted('spineLateral', 12)],
  ['head-turn-less', 'trikonasana', 'cervicalRotation', wanted('cervicalRotation', 20)],
  ['arms-lower', 'urdhva-hastasana', 'shoulderElevation', wanted('shoulderElevation', 90)],
  ['bend-knees', 'uttanasana', 'straightLegAngle', NOTHING],
  ['shorter-stance', 'virabhadrasana-1', 'legAsymmetry', wanted('legAsymmetry', 60)],
  ['half-bend', 'utkatasana', 'kneeFlexionLoaded', NOTHING],
  ['knees-wide', 'apanasana', 'bellyClosure', NOTHING],
  ['hands-low-block', 'uttanasana', 'headBelowHeart', NOTHING],
  ['hands-high-block', 'uttanasana', 'headBelowHeart', NOTHING],
  ['hands-seat', 'adho-mukha-svanasana', 'headBelowHeart', NOTHING],
  ['hands-back', 'uttanasana', 'headBelowHeart', NOTHING],
])('%s eases %s: less %s', (id, asana, measure, wants) => {
  const { before, after } = effect(id, asana, measure, wants)!;
  expect(after).toBeLessThan(before);
});

test('the higher the hands, the higher the head and the less weight on them', () => {
  const raised = ['hands-low-block', 'hands-high-block', 'hands-seat', 'hands-back'].map(
    (id) => effect(id, 'adho-mukha-svanasana', 'headBelowHeart')!.after,
  );
  expect([...raised].sort((a, b) => b - a)).toEqual(raised);
  expect(effect('hands-seat', 'phalakasana', 'handLoad')!.after).toBeLessThan(effect('hands-seat', 'phalakasana', 'handLoad')!.before);
});

test('the more is asked of a back, the less it rounds, as far as what it leans on lets it', () => {
  for (const asana of ['chair-forward-fold', 'uttanasana', 'paschimottanasana']) {
    const eased = [10, 20, 30].map((most) => effect('round-less', asana, 'lumbarFlexion', wanted('lumbarFlexion', most)));
    const after = eased.flatMap((one) => one?.after ?? []);
    expect([...after].sort((a, b) => a - b)).toEqual(after);
    for (const one of eased) if (one) expect(one.after).toBeLessThan(one.before);
  }
});

test.each([
  ['legs-nearer', 'anjaneyasana', 5],
  ['legs-nearer', 'anjaneyasana', 15],
  ['shorter-stance', 'virabhadrasana-1', 15],
])('%s brings the leg behind of %s within %d degrees, and leaves the front leg in front', (id, asana, most) => {
  const wants = wanted('hipExtension', most);
  expect(effect(id, asana, 'hipExtension', wants)!.after).toBeLessThanOrEqual(most);
  expect(effect(id, asana, 'hipFlexion', wants)!.after).toBeGreaterThan(35);
});

test('a hand on a chair back supports whoever stands, and isn’t offered to who bends far down or sits', () => {
  expect(effect('hold-one', 'vrksasana', 'support')).toMatchObject({ before: 0, after: 1 });
  expect(effect('hold-both', 'tadasana', 'support')!.after).toBeGreaterThan(effect('hold-one', 'tadasana', 'support')!.after);
  for (const asana of ['uttanasana', 'sukhasana', 'savasana', 'adho-mukha-svanasana'])
    expect(effect('hold-one', asana, 'support')).toBeNull();
});

test('a pose that is its bend has no form without: a neck bent back to its end, a back rolled up whole', () => {
  expect(effect('round-less', 'rocking-ball', 'lumbarFlexion', wanted('lumbarFlexion', 10))).toBeNull();
  expect(effect('neck-easy', 'matsyasana', 'cervicalFlexion', wanted('cervicalFlexion', 0))).toBeNull();
});

describe('every change', () => {
  const postures = library.asanas.flatMap(({ variations }) => variations.map(({ posture }) => posture));
  const every: Wanted = new Map(
    [...new Set(POSTURE_CHANGES.flatMap(({ helps }) => helps))].map((measure) => [measure, { atMost: 5 }] as const),
  );

  test.each(POSTURE_CHANGES.map((change) => [change.id, change] as const))('%s changes nothing it is given', (_, change) => {
    let applied = 0;
    for (const posture of postures) {
      const before = JSON.stringify(posture);
      const changed = change.apply(posture, every);
      expect(JSON.stringify(posture)).toBe(before);
      if (!changed) continue;
      applied++;
      expect(JSON.stringify(changed)).not.toBe(before);
    }
    expect(applied).toBeGreaterThan(0);
  });

  test('has words, a cost and something that it helps', () => {
    for (const { id, cost, helps } of POSTURE_CHANGES) {
      expect(sayInEnglish({ id: `change.${id}` })).toMatch(/[a-z]/);
      expect(cost).toBeGreaterThan(0);
      expect(helps.length).toBeGreaterThan(0);
    }
  });
});
