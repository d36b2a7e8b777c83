import { library } from '../asanas/all.js';
import { readBound, type BoundText } from '../conditions/limits.js';
import { plan, person, sequence } from '../planning/adapt.fixture.js';
import { BodySolver } from '../solving/body-solver.js';
import { PLACES, type Place, type StepMark } from './past-class.js';
import { strainsOf } from './strain.js';

const solver = new BodySolver(library);
const hurt = (asana: string, variation = 'plain'): StepMark => ({ asana, variation, side: null, mark: 'pain' });

// Which way a posture strains a place: facts of the trade (common practice, no source).
test.each<[string, Place, string, string]>([
  ['uttanasana', 'low-back', 'lumbarFlexion', '<='],
  ['bhujangasana', 'low-back', 'lumbarFlexion', '>='],
  ['ardha-matsyendrasana', 'low-back', 'spineRotation', '<='],
  ['phalakasana', 'hands', 'wristExtensionLoaded', '<='],
  ['virasana', 'knees', 'kneeFlexion', '<='],
  ['urdhva-hastasana', 'shoulders', 'shoulderElevation', '<='],
  ['halasana', 'neck', 'cervicalFlexion', '<='],
  ['adho-mukha-svanasana', 'head', 'headBelowHeart', '<='],
])('%s strains the %s by %s', (asana, place, measure, way) => {
  const [strain] = strainsOf(solver, [hurt(asana)], place);
  expect(strain).toMatchObject({ asana, measure });
  expect(strain!.bound.startsWith(way)).toBe(true);
});

test('the bound stays on the easier side of what hurt, for every form and place', () => {
  let found = 0;
  for (const { id, variations } of library.asanas.filter((_, i) => i % 4 === 0))
    for (const place of PLACES)
      for (const { measure, value, bound } of strainsOf(solver, [hurt(id, variations[0]?.id)], place)) {
        const read = readBound(bound as BoundText);
        if ('atMost' in read) expect([id, measure, read.atMost < value]).toEqual([id, measure, true]);
        else if ('atLeast' in read) expect([id, measure, read.atLeast > value]).toEqual([id, measure, true]);
        else throw new Error(`${bound} is neither`);
        found++;
      }
  expect(found).toBeGreaterThan(100);
});

test('what hardly strains the place, and what didn’t hurt, tells nothing', () => {
  expect(strainsOf(solver, [hurt('savasana')], 'knees')).toEqual([]);
  expect(strainsOf(solver, [{ ...hurt('uttanasana'), mark: 'fine' }], 'low-back')).toEqual([]);
  expect(strainsOf(solver, [hurt('no-such-asana')], 'low-back')).toEqual([]);
});

test('held back for two weeks, a fold is done less far, and afterwards as before', () => {
  const { measure, bound } = strainsOf(solver, [hurt('uttanasana')], 'low-back')[0]!;
  const limit = {
    measure,
    bound,
    grade: 'modify' as const,
    reason: 'It hurt on 2026-11-25: low back.',
    by: 'the class log',
    until: '2026-12-10',
  };
  const someone = { ...person('beginners classes=50 screen=allNo'), ownLimits: [limit] };
  const verdictOn = (today: string) => plan(sequence({ asana: 'uttanasana' }), someone, { today }).steps[0]!.verdict;
  expect([verdictOn('2026-12-10'), verdictOn('2026-12-11')]).toEqual(['modify', 'keep']);
});
