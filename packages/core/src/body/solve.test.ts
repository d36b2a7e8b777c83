import fc from 'fast-check';
import { library } from '../asanas/all.js';
import checkValues from '../../test/check-values.json';
import { sizeBody } from './anthropometry.js';
import { MEASURES, measurePosture, type Measure } from './measure.js';
import { mirrorPosture, readPosture } from './posture.js';
import { DOF_COUNT } from './skeleton.js';
import { solve } from './solve.js';
import { unknownsOf } from './unknowns.js';

const body = sizeBody();
/** Every posture of every variation, both ends of movements. */
const everything = library.asanas.flatMap(({ id, variations }) =>
  variations.flatMap(({ id: variation, posture, moves }) =>
    [posture, moves].flatMap((one) => (one ? [{ name: `${id}/${variation}`, posture: one }] : [])),
  ),
);
const postures = library.asanas.flatMap((asana) =>
  asana.variations
    .slice(0, 1)
    .flatMap(({ posture, moves }) => [
      { name: asana.id, end: 'posture' as const, posture },
      ...(moves ? [{ name: asana.id, end: 'moves' as const, posture: moves }] : []),
    ]),
);

test('a standing body stands on its soles', () => {
  const solved = solve(body, readPosture({ contacts: ['sole>floor'] }, 'test'));
  expect(solved.reached).toBe(true);
  // 40.5 thigh + 40.5 shin + 6.5 ankle above sole = 87.5 cm to the hip joints.
  expect(solved.placed.origins[0]![2]).toBeCloseTo(0.875, 3);
});

test('where a body lies is the same when it is placed anew, after many others were', () => {
  const [kept, ...others] = everything.slice(0, 220).map(({ posture }) => solve(body, posture));
  const first = kept!.placed;
  expect(kept!.placed).toBe(first);
  for (const { placed } of others) expect(placed.origins).toHaveLength(first.origins.length);
  const again = kept!.placed;
  expect(again).not.toBe(first);
  expect(again).toEqual(first);
});

test('what can’t be reached says so, with part and distance', () => {
  const solved = solve(body, readPosture({ contacts: ['sole>floor', 'crown>block@230'] }, 'test'));
  expect(solved.reached).toBe(false);
  expect(solved.warnings.join()).toMatch(/stays \d+(\.\d)? cm from its support/);
});

test('the same input gives the same output and is left as it was', () => {
  const { posture } = library.get('trikonasana').variations[0]!;
  const before = JSON.stringify(posture);
  expect(JSON.stringify(solve(body, posture).posture)).toBe(JSON.stringify(solve(body, posture).posture));
  expect(JSON.stringify(posture)).toBe(before);
});

test('every contact of every variation is met within 1 cm on the reference body', () => {
  const short = everything.flatMap(({ name, posture }) => {
    const { residualCm } = solve(body, posture);
    return residualCm > 1 ? [`${name}: ${residualCm.toFixed(1)} cm`] : [];
  });
  expect(short).toEqual([]);
});

test.each([120, 150, 190, 200])('at %i cm the contacts of the common asanas are met too', (stature) => {
  const other = sizeBody({ stature });
  const short = [
    'tadasana',
    'uttanasana',
    'adho-mukha-svanasana',
    'phalakasana',
    'all-fours',
    'savasana',
    'setu-bandhasana',
    'chair-mountain',
    'balasana',
  ].filter((id) => !solve(other, library.get(id).variations[0]!.posture).reached);
  expect(short).toEqual([]);
});

/** Limbs press against each other or the belly: the last rounds creep, and end up to a degree apart. */
const CREEPING: ReadonlySet<string> = new Set(['agnistambhasana', 'supine-bicycle']);

test('a posture done to the other side has the same measures', () => {
  fc.assert(
    fc.property(fc.constantFrom(...postures), ({ name: asana, posture }) => {
      const one = measurePosture(solve(body, posture));
      const other = measurePosture(solve(body, mirrorPosture(posture)));
      for (const [name, value] of Object.entries(one.values)) {
        const measure = name as Measure;
        const { unit } = MEASURES[measure];
        // The solver stops once a round gains little, and takes its steps from the other side; bounds are set against 1 and 0.01.
        const isShare = unit === 'body weight' || unit === '1' || unit === '× standing';
        const tolerance = CREEPING.has(asana) ? (isShare ? 0.05 : 1.5) : isShare ? 0.02 : 0.3;
        expect([measure, Math.abs(other.values[measure]! - value) < tolerance]).toEqual([measure, true]);
      }
    }),
    { numRuns: 60 },
  );
});

test('a posture that is the same on both sides stays so', () => {
  const even = postures.filter(({ posture }) => JSON.stringify(mirrorPosture(posture).legs) === JSON.stringify(posture.legs));
  let count = 0;
  for (const { posture } of even) {
    const { legs, arms, root, spine } = solve(body, posture).posture;
    if (unknownsOf(posture).count === DOF_COUNT) continue;
    count++;
    expect([legs.left, arms.left]).toEqual([legs.right, arms.right]);
    expect([root.roll, root.axial, spine.lateral, spine.rotation, spine.neckLateral, spine.neckRotation]).toEqual([0, 0, 0, 0, 0, 0]);
  }
  expect(count).toBeGreaterThan(100);
});

test('mirroring twice is where it started', () => {
  for (const { posture } of postures) expect(mirrorPosture(mirrorPosture(posture))).toEqual(posture);
});

type Check = Readonly<Record<'trunk' | 'headBelowHeart' | 'pelvisAboveHeart' | 'comHeight' | 'balanceMargin', number | undefined>>;
const MEASURE: Readonly<Record<keyof Check, Measure>> = {
  trunk: 'trunkPitch',
  headBelowHeart: 'headBelowHeart',
  pelvisAboveHeart: 'pelvisAboveHeart',
  comHeight: 'comHeight',
  balanceMargin: 'balanceMargin',
};

/** Where the solved body differs from the values that the library was written with, and why. */
const EXPLAINED: Readonly<Record<string, string>> = {
  'niralamba-sarvangasana': 'The written posture hovers; solved, its shoulders and head come to the floor and the legs follow.',
  karnapidasana: 'The knees come to the floor, which tips the trunk further over.',
  'rocking-ball': 'It rolls: the written end is one moment of many.',
  apanasana: 'The low back rounds as far as knees at the chest ask; it was written with a straight one.',
  malasana: 'Balanced over the soles, nearer their front edge.',
  mandukasana: 'The insteps come to the floor, which lowers the hips.',
  'prasarita-padottanasana': 'The hips go back until the feet carry and the hands only rest; they reach less far ahead.',
  sphinx: 'The elbows lie further ahead than it was written with, so the chest is lower.',
  'ashtanga-namaskara': 'The chin comes to the floor by a straighter neck, so the eyes stay level with the heart.',
  'sit-to-stand': 'Leant by 28 degrees the weight already comes over feet that are drawn back, and the belly has room.',
  'pincha-mayurasana': 'Balanced over the forearms by a straighter line.',
};

test('trunk within 5 degrees, heights within 4 cm of the values that the postures were written with', () => {
  let compared = 0;
  const off = postures.flatMap(({ name, end, posture }) => {
    const check = (checkValues as unknown as Record<string, Partial<Record<'posture' | 'moves', Check>>>)[name]?.[end];
    if (!check) return [];
    const { values } = measurePosture(solve(body, posture));
    compared++;
    return (Object.keys(MEASURE) as (keyof Check)[]).flatMap((key) => {
      const wanted = check[key];
      const got = values[MEASURE[key]];
      // A margin that turned out larger only stands more safely; the edges of a sole are drawn differently.
      if (wanted === undefined || got === undefined || (key === 'balanceMargin' && got > wanted)) return [];
      const tolerance = key === 'trunk' ? 5.5 : 4.5;
      return Math.abs(got - wanted) <= tolerance ? [] : [{ name, text: `${name} ${end} ${key}: ${got.toFixed(1)} instead of ${wanted}` }];
    });
  });
  expect(off.flatMap(({ name, text }) => (name in EXPLAINED ? [] : text))).toEqual([]);
  // No excuse that nothing needs any longer.
  expect(Object.keys(EXPLAINED).filter((name) => off.every((one) => one.name !== name))).toEqual([]);
  expect(compared).toBeGreaterThan(250);
});

// A contact that a variation took over by mistake drags the body away from the angles that are written beside it.
test('what a variation says is what is shown: contacts move no shoulder, elbow, hip or trunk far from its angles', () => {
  const far = library.asanas.flatMap(({ id, variations }) =>
    variations.flatMap(({ id: variation, posture, moves }) =>
      [posture, moves].flatMap((one) => {
        if (!one) return [];
        const shown = solve(body, one).posture;
        const turns = (['left', 'right'] as const).flatMap((side) => [
          ['shoulder', one.arms[side].shoulder, shown.arms[side].shoulder, 60] as const,
          ['elbow', one.arms[side].elbow, shown.arms[side].elbow, 60] as const,
          ['hip', one.legs[side].hipFlexion, shown.legs[side].hipFlexion, 45] as const,
        ]);
        return [...turns, ['trunk', one.root.pitch, shown.root.pitch, 45] as const]
          .filter(([, said, is, most]) => Math.abs(is - said) > most)
          .map(([joint, said, is]) => `${id}/${variation}: ${joint} ${said} becomes ${is.toFixed(0)}`);
      }),
    ),
  );
  expect(far).toEqual([]);
});
