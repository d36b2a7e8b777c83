import fc from 'fast-check';
import { person, sequence, solver } from '../planning/adapt.fixture.js';
import { judging } from '../judging/judges.js';
import type { Participant } from '../participants/participant.js';
import { rowOf } from '../solving/facts.js';
import { BodySolver } from '../solving/body-solver.js';
import { library } from '../asanas/all.js';
import type { Step } from '../sequence/sequence.js';
import { adaptClass, type ClassOptions } from './adapt-class.js';
import { classJson } from './json.js';
import { PlanningCache } from '../judging/planning-cache.js';
import { personContextKey } from '../judging/step-context.js';

const TODAY = '2026-06-01';
const named = (id: string, ...conditions: readonly string[]): Participant => ({ ...person(...conditions), id });
const PEOPLE = [
  named('expecting', 'pregnancy week=30 fetuses=1 complications=none'),
  named('pressure', 'hypertension systolic=152 diastolic=95 aneurysm=no'),
  named('disc', 'lumbar-disc painNow=3'),
  named('bones', 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1'),
  named('same', 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1'),
];
const ASANAS = ['tadasana', 'uttanasana', 'adho-mukha-svanasana', 'paschimottanasana', 'bhujangasana', 'balasana', 'setu-bandhasana'];
const STEPS = sequence(...ASANAS.map((asana) => ({ asana })), { asana: 'savasana', dose: { minutes: 5 } });

const answer = (steps: readonly Step[], options: ClassOptions) => {
  const edited = { ...STEPS, steps };
  return classJson(edited, adaptClass(PEOPLE.map((participant) => ({ solver, participant })), edited, { today: TODAY, ...options })); // prettier-ignore
};

/** What a teacher may do next to the class: another dose, another asana, a step moved, a figure chosen, fewer figures. */
const EDIT = fc.oneof(
  fc.record({ kind: fc.constant('dose' as const), at: fc.nat(6), breaths: fc.integer({ min: 1, max: 12 }) }),
  fc.record({ kind: fc.constant('asana' as const), at: fc.nat(6), asana: fc.constantFrom(...ASANAS) }),
  fc.record({ kind: fc.constant('move' as const), at: fc.nat(6), to: fc.nat(6) }),
  fc.record({ kind: fc.constant('pin' as const), at: fc.nat(6), who: fc.nat(4), variation: fc.constantFrom('plain', 'bent-knees', 'on-the-moon') }),
  fc.record({ kind: fc.constant('figures' as const), figures: fc.integer({ min: 1, max: 4 }) }),
); // prettier-ignore

test('edit after edit, what is remembered gives the same class as working everything out anew', () => {
  fc.assert(
    fc.property(fc.array(EDIT, { minLength: 1, maxLength: 5 }), (edits) => {
      const cache = new PlanningCache();
      let steps = STEPS.steps;
      let options: ClassOptions = {};
      answer(steps, { ...options, cache });
      for (const edit of edits) {
        if (edit.kind === 'figures') options = { ...options, figures: edit.figures };
        else if (edit.kind === 'dose')
          steps = steps.map((step, i) => (i === edit.at ? { ...step, dose: { breaths: edit.breaths } } : step));
        else if (edit.kind === 'asana') steps = steps.map((step, i) => (i === edit.at ? { ...step, asana: edit.asana } : step));
        else if (edit.kind === 'move') {
          const moved = [...steps];
          moved.splice(edit.to, 0, ...moved.splice(edit.at, 1));
          steps = moved;
        } else {
          const pin = { person: PEOPLE[edit.who]!.id, index: edit.at, figure: `${steps[edit.at]!.asana}/${edit.variation}` };
          options = { ...options, pins: [...(options.pins ?? []), pin] };
        }
        expect(answer(steps, { ...options, cache })).toEqual(answer(steps, options));
      }
    }),
    { numRuns: 12, seed: 11 },
  );
});

test('two people whose way to a step is the same question share the answer; a sum that nobody’s limit looks at makes no difference', () => {
  const [step] = STEPS.steps;
  const profile = {
    id: 1,
    solver,
    limits: [],
    judges: judging([]),
    props: {},
    breathSeconds: 4,
    favoured: new Set<never>(),
    leftOut: new Map(),
    liked: new Set<string>(),
    named: new Map(),
    afterPain: null,
    longer: null,
    cache: new PlanningCache(),
    scratch: { step: rowOf({}), passage: rowOf({}) },
  };
  const totals = { last: null, supineRun: 0, unrelievedSitting: 0, minutesHeadDown: 0, floorTrips: 0 };
  const key = (more: object) => personContextKey({ profile, step: step!, totals: { ...totals, ...more } });
  expect(key({ floorTrips: 3, supineRun: 2 })).toBe(key({}));
  expect(key({ last: solver.form('tadasana').ends[0]! })).not.toBe(key({}));
  expect(personContextKey({ profile, step: { ...step!, line: 99, text: 'elsewhere' }, totals })).toBe(key({}));
  expect(personContextKey({ profile: { ...profile, id: 2 }, step: step!, totals })).not.toBe(key({}));
});

test('a choice by hand that can’t be kept is told for the step that it stands at, also where its column was worked out before', () => {
  const cache = new PlanningCache();
  const members = [{ solver, participant: named('p', 'glaucoma') }];
  const alike = sequence({ asana: 'tadasana' }, { asana: 'tadasana' }, { asana: 'tadasana' });
  const refusedAt = (index: number) =>
    adaptClass(members, alike, { cache, pins: [{ person: 'p', index, figure: 'tadasana/on-the-moon' }] }).unmet.map((pin) => pin.index);
  expect([refusedAt(1), refusedAt(2)]).toEqual([[1], [2]]);
});

test('a body that was let go and made again is not answered for by the one before', () => {
  const cache = new PlanningCache();
  const [before, again] = [new BodySolver(library), new BodySolver(library)];
  const given = sequence({ asana: 'tadasana' });
  const endOf = (body: BodySolver) =>
    adaptClass([{ solver: body, participant: person() }], given, { cache }).plans[0]!.steps[0]!.chosen!.ends[0];
  expect(endOf(before)).toBe(before.form('tadasana').ends[0]);
  expect(endOf(again)).toBe(again.form('tadasana').ends[0]);
});

test('steps that an edit leaves as they were are the same objects', () => {
  const cache = new PlanningCache();
  // Up and down so often that trips to the floor are told one by one, and more than fits into the time.
  const often = sequence(...Array.from({ length: 6 }, () => [{ asana: 'tadasana' }, { asana: 'sukhasana' }]).flat());
  const members = PEOPLE.map((participant) => ({ solver, participant }));
  const stepsOf = (steps: readonly Step[]) =>
    classJson(often, adaptClass(members, { ...often, steps }, { cache, minutes: 10 })).participants.map((one) => one.steps);
  const before = stepsOf(often.steps);
  expect(before.flat().some(({ watch, reasons }) => [...watch, ...reasons].some(({ measure }) => measure === 'floorTrips'))).toBe(true);
  const after = stepsOf(often.steps.map((step, i) => (i === 8 ? { ...step, note: 'look who tires' } : step)));
  expect(after.every((steps, who) => steps.every((step, i) => (step === before[who]![i]) === (i !== 8)))).toBe(true);
});
