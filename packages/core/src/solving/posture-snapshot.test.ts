import { library } from '../asanas/all.js';
import { person, sequence } from '../planning/adapt.fixture.js';
import { adapt } from '../planning/adapt.js';
import { adaptationJson } from '../planning/json.js';
import { snapshotName, type PostureSnapshot } from './posture-snapshot.js';
import { BodySolver } from './body-solver.js';

const BODY = { stature: 158, mass: 82 };
const GIVEN = sequence(
  ...['uttanasana', 'adho-mukha-svanasana', 'bhujangasana', 'paschimottanasana', 'savasana'].map((asana) => ({ asana })),
);
const WHO = person('hypertension systolic=152 diastolic=95 aneurysm=no', 'reflux symptomsToday=1 minutesSinceMeal=240');

function planOn(kept: Map<string, PostureSnapshot> | null) {
  const solver = new BodySolver(library, BODY);
  solver.kept = kept;
  return adaptationJson(GIVEN, [adapt(solver, GIVEN, WHO, { today: '2026-06-01' })]);
}

test('what was solved, written down and read again gives the same plan, and nothing is solved twice', () => {
  const first = new Map<string, PostureSnapshot>();
  const plan = planOn(first);
  expect(plan).toEqual(planOn(null));
  expect(first.size).toBeGreaterThan(20);
  const read = structuredClone(first);
  const names = [...read.keys()];
  expect(planOn(read)).toEqual(plan);
  expect([...read.keys()]).toEqual(names);
});

test('what was written down is taken as it is, not worked out again', () => {
  const solver = new BodySolver(library, BODY);
  solver.kept = new Map();
  const { posture } = library.get('tadasana').variations[0]!;
  const done = solver.posture(posture);
  const [[name, one]] = [...solver.kept] as [[string, PostureSnapshot]];
  const other = new BodySolver(library, BODY);
  other.kept = new Map([
    [name, { ...one, level: 'supine', measured: { ...one.measured, values: { ...one.measured.values, comHeight: 12 } } }],
  ]);
  expect(other.posture(posture)).toMatchObject({ level: 'supine', measured: { values: { comHeight: 12 } } });
  expect(other.posture(posture).solved.placed.origins).toEqual(done.solved.placed.origins);
});

test('a name is the same for the same, another for another, and tells nothing', () => {
  expect(snapshotName({ stature: 158 })).toBe(snapshotName({ stature: 158 }));
  expect(snapshotName({ stature: 158 })).not.toBe(snapshotName({ stature: 159 }));
  expect(snapshotName({ stature: 158 })).toMatch(/^[0-9a-f]{32}$/);
  // SHA-256 of "abc" in quotation marks, as other tools give it.
  expect(snapshotName('abc')).toBe('6cc43f858fbb763301637b5af970e2a4');
});
