import fc from 'fast-check';
import { sayInEnglish } from '../messages/message.js';
import { person, plan, sequence } from '../planning/adapt.fixture.js';
import { limitsFor } from '../planning/adapt.js';
import { factsFrom } from '../solving/facts.js';
import { findings } from '../judging/judge.js';
import { conflictsOf, conflictTold, favouredPurposes, mergeLimits } from './together.js';

const DISC = 'lumbar-disc phase=acute surgery=none';
const STENOSIS = 'spinal-stenosis walkMinutes=8 deficit=none painNow=1';
const BONES = 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1';
const FRESH_PARS = 'spondylolisthesis slipPercent=60 activePars=no age=40 painNow=1';
const limits = (...who: string[]) => limitsFor(person(...who), '2026-06-01');

describe('opposed directions', () => {
  // Acute disc with symptomatic stenosis leaves a window about the middle (common practice, no source).
  test('a disc bars rounding, a stenosis arching: the window between is shown', () => {
    const [conflict] = conflictsOf(limits(DISC, STENOSIS));
    expect(conflict).toMatchObject({ measure: 'lumbarFlexion', atLeast: -5, narrow: false });
    expect([conflict!.below.condition, conflict!.above.condition]).toEqual(['spinal-stenosis', 'lumbar-disc']);
    expect(sayInEnglish(conflictTold(conflict!))).toMatch(/Spinal stenosis bars one direction, .* the other; -5 to 15° is left\./);
  });

  test('one condition that bounds both sides is no conflict', () => expect(conflictsOf(limits(DISC))).toEqual([]));

  test('a window of less than 15 degrees asks for clearance', () => {
    const narrow = conflictsOf(limits('spinal-stenosis walkMinutes=8 deficit=none painNow=1', 'cancer phase=after boneMets=yes metSites=spine clearedByTeam=yes fatigue=0'));
    expect(narrow.map(({ narrow: is, atLeast, atMost }) => [is, atLeast, atMost])).toContainEqual([false, -5, 15]);
    const none = conflictsOf(limits('abdominal-surgery approach=open weeks=1 cleared=yes', 'neck-pain kind=myelopathy armSymptoms=none dizzy=no painNow=1', FRESH_PARS));
    for (const { narrow: is, atLeast, atMost } of none) expect(is).toBe(atMost - atLeast < 15);
    const vf = conflictsOf(limits('osteoporosis tScore=-3 vertebralFractures=1 weeksSinceFracture=104 painNow=1', 'abdominal-surgery approach=open weeks=1 cleared=yes'));
    expect(vf[0]).toMatchObject({ atLeast: -5, atMost: 15, narrow: false });
  });

  test('the plan keeps inside the window', () => {
    for (const asana of ['bhujangasana', 'uttanasana', 'balasana', 'setu-bandhasana']) {
      const [planned] = plan(sequence({ asana }), person(DISC, STENOSIS)).steps;
      const ends = planned!.chosen?.ends ?? [];
      for (const { measured } of ends) expect(Math.round(measured.values.lumbarFlexion!)).toBeGreaterThanOrEqual(-5);
    }
  });
});

describe('limits merge to the stricter', () => {
  test('of two bounds on one measure the tighter is shown, and who asks for it', () => {
    const merged = mergeLimits(limits('hypertension systolic=150 diastolic=92 controlled=no aneurysm=no', 'glaucoma severity=advanced'));
    const head = merged.filter(({ strictest: { spec } }) => spec.measure === 'headBelowHeart' && spec.when === undefined);
    expect(head[0]!.strictest.spec.bound).toEqual({ atMost: 15 });
    expect(new Set(head[0]!.by.map(({ condition }) => condition))).toEqual(new Set(['hypertension', 'glaucoma']));
  });

  test('merged limits bar exactly what all of them bar', () => {
    const all = limits(BONES, STENOSIS, 'neck-pain weeksSinceOnset=40 armSymptoms=none dizzy=no painNow=1', 'pregnancy week=30 fetuses=1 complications=none');
    const merged = mergeLimits(all).map(({ strictest }) => strictest);
    expect(merged.length).toBeLessThan(all.length);
    fc.assert(
      fc.property(
        fc.record({
          lumbarFlexion: fc.integer({ min: -40, max: 60 }), headBelowHeart: fc.integer({ min: -40, max: 40 }), bellyClosure: fc.float({ min: 0, max: 1, noNaN: true }),
          spineRotation: fc.integer({ min: 0, max: 60 }), cervicalFlexion: fc.integer({ min: -60, max: 90 }), effort: fc.integer({ min: 1, max: 5 }),
          hold: fc.integer({ min: 0, max: 120 }), support: fc.integer({ min: 0, max: 3 }), impact: fc.integer({ min: 0, max: 3 }),
        }),
        fc.constantFrom('upright' as const, 'prone' as const, 'supine' as const),
        fc.boolean(),
        (values, facing, standing) => {
          const worst = (some: typeof all) => findings(some, factsFrom(values, { facing, standing })).filter(({ value }) => value !== null).reduce((grade, one) => Math.max(grade, { avoid: 3, modify: 2, watch: 1 }[one.grade]), 0);
          expect(worst(merged)).toBe(worst(all));
        },
      ),
      { numRuns: 500 },
    );
  }); // prettier-ignore
});

test('favoured purposes of all conditions together', () => {
  const favoured = favouredPurposes([{ id: 'osteoporosis' }, { id: 'reflux' }]);
  expect(favoured.has('strengthen-back')).toBe(true);
  expect(favoured.has('stretch-side-body')).toBe(true);
});

test('every condition that asks for a change is named', () => {
  const [planned] = plan(sequence({ asana: 'sirsasana' }), person('glaucoma severity=advanced', 'neck-pain weeksSinceOnset=40 armSymptoms=none dizzy=no painNow=1', BONES)).steps; // prettier-ignore
  expect(new Set(planned!.reasons.map(({ condition }) => condition))).toEqual(new Set(['glaucoma', 'neck-pain', 'osteoporosis']));
});
