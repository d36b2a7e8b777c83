import fc from 'fast-check';
import { person, sequence, solver } from '../planning/adapt.fixture.js';
import { adapt } from '../planning/adapt.js';
import type { Participant } from '../participants/participant.js';
import type { PersonPlan } from '../plan/plan.js';
import { COMMON_PROPS, PROPS, type PropsAtHand } from '../participants/props-at-hand.js';

const TODAY = '2026-06-01';
const CONDITIONS = [
  'pregnancy week=30 fetuses=1 complications=none',
  'hypertension systolic=152 diastolic=95 aneurysm=no',
  'glaucoma',
  'lumbar-disc painNow=3',
  'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1',
  'knee kind=oa painNow=2',
  'wrist painNow=3',
  'beginners classes=3 screen=allNo',
];
const ASANAS = [
  'uttanasana', 'adho-mukha-svanasana', 'trikonasana', 'virabhadrasana-2', 'vrksasana', 'paschimottanasana', 'bhujangasana', 'ustrasana',
  'sarvangasana', 'halasana', 'phalakasana', 'balasana', 'savasana', 'setu-bandhasana', 'navasana', 'utkatasana',
]; // prettier-ignore
const SOME = fc.uniqueArray(fc.constantFrom(...CONDITIONS), { maxLength: 3 });
const ASANA = fc.constantFrom(...ASANAS);

const one = (asana: string, participant: Participant) => adapt(solver, sequence({ asana }), participant, { today: TODAY }).steps[0]!;
const costOf = ({ chosen }: PersonPlan['steps'][number]) => chosen?.cost ?? Infinity;

test('one condition more never makes a barred thing allowed', () => {
  fc.assert(
    fc.property(ASANA, SOME, fc.constantFrom(...CONDITIONS), (asana, some, more) => {
      const before = one(asana, person(...some));
      if (before.verdict === 'keep') return;
      const after = one(asana, person(...new Set([...some, more])));
      expect([asana, some, more, after.verdict]).not.toEqual([asana, some, more, 'keep']);
    }),
    { numRuns: 120, seed: 21 },
  );
});

test('one prop more never makes the way dearer', () => {
  const props = fc.uniqueArray(fc.constantFrom(...PROPS), { maxLength: 7 });
  fc.assert(
    fc.property(ASANA, SOME, props, fc.constantFrom(...PROPS), (asana, some, have, more) => {
      const at = (names: readonly (typeof PROPS)[number][]): PropsAtHand =>
        Object.fromEntries(names.map((name) => [name, COMMON_PROPS[name] ?? 1]));
      const cost = (names: readonly (typeof PROPS)[number][]) => costOf(one(asana, { ...person(...some), props: at(names) }));
      expect(cost([...new Set([...have, more])])).toBeLessThanOrEqual(cost(have) + 1e-9);
    }),
    { numRuns: 120, seed: 22 },
  );
});

test('more minutes never shorten the rest, nor any step', () => {
  const steps = sequence(...ASANAS.slice(0, 8).map((asana) => ({ asana })), { asana: 'savasana', dose: { minutes: 8 } });
  fc.assert(
    fc.property(SOME, fc.integer({ min: 1, max: 30 }), fc.integer({ min: 0, max: 20 }), (some, minutes, more) => {
      const secondsIn = (time: number) =>
        adapt(solver, steps, person(...some), { today: TODAY, minutes: time }).steps.map(({ seconds }) => seconds);
      const [short, long] = [secondsIn(minutes), secondsIn(minutes + more)];
      short.forEach((seconds, i) => expect(seconds).toBeLessThanOrEqual(long[i]! + 1e-9));
    }),
    { numRuns: 60, seed: 23 },
  );
});
