import { person, plan, sequence } from '../planning/adapt.fixture.js';
import { adaptationJson } from '../planning/json.js';
import { CONDITIONS } from '../conditions/all.js';
import { library } from './all.js';
import { namedConditions } from '../conditions/search.js';
import { asides, asidesFor, saidCues } from './cues.js';

test('every cue is either said or told to the teacher, in the order of the library', () => {
  for (const asana of library.asanas) {
    const [said, told] = [saidCues(asana), asides(asana)];
    expect([...said, ...told].sort()).toEqual([...asana.cues].sort());
    expect(asana.cues.filter((cue) => said.includes(cue))).toEqual(said);
  }
});

test('what is said names nobody’s condition as a reason to leave it out (common practice, no source)', () => {
  const told = library.asanas.flatMap(asides);
  expect(told).toContain('Not with osteoporosis, acute disc trouble or uncontrolled blood pressure.');
  expect(told.length).toBeGreaterThan(40);
  const said = library.asanas.flatMap(saidCues);
  // Words of conditions' names that no part of the body shares.
  const everyday = /^(shoulder|trouble|practises|operation|teenagers|children|beginner|wheelchair|stiff|raised|pressure|pelvic|weight|bleeding|illness|heartbeat|narrowed|arteries|attention|disorder|disease|widespread|around|thinner|irregular|injury|memory|eating|sleeping|transplant)$/i;
  const names = CONDITIONS.flatMap(({ name }) => name.split(/[^a-z]+/i)).filter((word) => word.length >= 6 && !everyday.test(word));
  expect(names).toEqual(expect.arrayContaining(['Glaucoma', 'Pregnancy', 'Osteoporosis', 'Epilepsy', 'Arthritis', 'trauma']));
  expect(said.filter((cue) => names.some((name) => new RegExp(`\\b${name}`, 'i').test(cue)))).toEqual([]);
});

test('what sounds like it and isn’t is said', () => {
  expect(saidCues({ cues: ['Not a contest: 60 degrees is fine.', 'No breath holding.', 'Never pull.'] })).toHaveLength(3);
  expect(saidCues({ cues: ['Leave it out with any knee complaint.', 'Skip after dislocation.'] })).toEqual([]);
});

test('an adaptation gives only what is said', () => {
  const given = sequence({ asana: 'uttanasana' });
  const [step] = adaptationJson(given, [plan(given, person('seniors age=70 sex=f tug=9 tandem=20 falls=0 injuriousFall=no bone=none'))]).participants[0]!.steps; // prettier-ignore
  expect(step!.cues.length).toBeGreaterThan(0);
  expect(step!.cues.join()).not.toMatch(/Not with/);
});

test('an aside is for those whom it speaks of', () => {
  const told = ['Not with osteoporosis, acute disc trouble or uncontrolled blood pressure.', 'Not for therapeutic groups.', 'Small in late pregnancy.'];
  expect(asidesFor(told, ['pregnancy'])).toEqual(told.slice(1));
  expect(asidesFor(told, ['lumbar-disc', 'wrist'])).toEqual(told.slice(0, 2));
  expect(asidesFor(told, [])).toEqual([told[1]]);
});

test('whom an aside names by a condition’s own words is told it', () => {
  for (const aside of library.asanas.flatMap(asides))
    for (const { id } of namedConditions(aside)) expect([aside, id, asidesFor([aside], [id])]).toEqual([aside, id, [aside]]);
});

test('every condition that asides speak of is one of ours', () => {
  const told = library.asanas.flatMap(asides);
  const reached = CONDITIONS.map(({ id }) => id).filter((id) => asidesFor(told, [id]).length > asidesFor(told, []).length);
  expect(reached.length).toBeGreaterThan(25);
});
