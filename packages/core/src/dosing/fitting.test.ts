import fc from 'fast-check';
import { library } from '../asanas/all.js';
import type { OwnLimit } from '../conditions/own-limits.js';
import { sayInEnglish } from '../messages/message.js';
import type { Participant } from '../participants/participant.js';
import { anybody } from '../participants/participant.js';
import { person, plan, sequence } from '../planning/adapt.fixture.js';
import type { PlannedStep } from '../plan/plan.js';
import { timeOf } from '../sequence/dose.js';

const limit = (measure: OwnLimit['measure'], bound: string, grade: OwnLimit['grade'] = 'modify'): OwnLimit => ({
  measure,
  bound,
  grade,
  reason: 'for the test',
  by: 'the test',
});
const within = (...limits: readonly OwnLimit[]): Participant => ({ ...anybody('p'), ownLimits: limits });
const said = ({ chosen }: PlannedStep) => chosen!.changes.map(sayInEnglish).join('; ');

describe('time held still', () => {
  const held = (seconds: number, most: number) =>
    plan(sequence({ asana: 'utkatasana', dose: { seconds } }), within(limit('hold', `<= ${most}`))).steps[0]!;

  test('is shortened to its bound, with more rounds, at most three, so that the dose stays where it can', () => {
    expect(held(40, 20).chosen).toMatchObject({ dose: { seconds: 20, rounds: 2 }, timed: { holdSeconds: 20, seconds: 40 } });
    expect(held(120, 20).chosen).toMatchObject({ dose: { seconds: 20, rounds: 3 }, timed: { seconds: 60 } });
    expect(said(held(40, 20))).toBe('hold 20 s, 2 times');
  });

  test('is never longer than its bound, nor all together much longer than given; within the bound nothing changes', () => {
    fc.assert(
      fc.property(fc.integer({ min: 10, max: 180 }), fc.integer({ min: 5, max: 120 }), (seconds, most) => {
        const step = held(seconds, most);
        if (seconds <= most) {
          expect([step.verdict, step.chosen!.dose]).toEqual(['keep', { seconds }]);
          return;
        }
        const { dose, timed, asana } = step.chosen!;
        expect(asana.id).toBe('utkatasana');
        expect(timed.holdSeconds).toBeLessThanOrEqual(most);
        expect(dose.rounds).toBeLessThanOrEqual(3);
        expect(timed.seconds).toBeLessThan(seconds + most);
      }),
      { numRuns: 60 },
    );
  });

  test('a bound that nobody could hold to asks for another posture or none, not for a second of this one', () => {
    expect(held(40, 3).chosen?.dose.seconds ?? 40).not.toBe(3);
  });

  test('a movement is no hold: its repetitions stay', () => {
    const { steps } = plan(sequence({ asana: 'marjaryasana', dose: { repetitions: 8 } }), within(limit('hold', '<= 10')));
    expect(steps[0]).toMatchObject({ verdict: 'keep', chosen: { dose: { repetitions: 8 } } });
  });
});

describe('how fast joints go', () => {
  const catCow = (breathSeconds: number, ...limits: readonly OwnLimit[]) =>
    plan(sequence({ asana: 'marjaryasana', dose: { repetitions: 6 } }), { ...within(...limits), breathSeconds }).steps[0]!;

  test('is slowed to its bound for a quick breather, and left alone for one who breathes slowly', () => {
    const slow = limit('lumbarSpeed', '<= 12');
    expect(catCow(8, slow).verdict).toBe('keep');
    const { verdict, chosen } = catCow(4, slow);
    expect(verdict).toBe('modify');
    // Some 39 degrees there and back at 12 a second.
    expect(chosen).toMatchObject({ dose: { repetitions: 6 }, timed: { repSeconds: 7, seconds: 42 } });
    expect(said(catCow(4, slow))).toBe('slowly, 7 s each time');
  });

  test('is nothing that a hold could break', () => {
    const { steps } = plan(sequence({ asana: 'utkatasana', dose: { seconds: 20 } }), within(limit('kneeSpeedLoaded', '<= 1')));
    expect(steps[0]!.verdict).toBe('keep');
  });
});

describe('breath', () => {
  test('is held no longer than is allowed, and flows where it may not be held', () => {
    const given = sequence({ asana: 'tadasana', dose: { breaths: 5 }, retention: 8 });
    const atMost = (seconds: number) => plan(given, within(limit('breathRetention', `<= ${seconds}`))).steps[0]!;
    expect([atMost(10), atMost(4), atMost(0)].map(({ chosen }) => chosen!.retention)).toEqual([8, 4, 0]);
    expect([atMost(10), atMost(4), atMost(0)].map(({ verdict }) => verdict)).toEqual(['keep', 'modify', 'modify']);
    expect(said(atMost(4))).toMatch(/4 s/);
  });

  test('a practice that is its pauses isn’t done without them: it becomes another one', () => {
    const { steps } = plan(sequence({ asana: 'box-breath', dose: { minutes: 2 } }), within(limit('breathRetention', '= 0', 'avoid')));
    expect(steps[0]!.chosen).toMatchObject({ variation: { as: 'equal-breath' }, retention: 0 });
  });

  test('of whoever breathes fast a movement is led slower where that is asked for', () => {
    const fast = { ...within(limit('repSeconds', '>= 6')), breathSeconds: 3 };
    const [step] = plan(sequence({ asana: 'marjaryasana', dose: { repetitions: 6 } }), fast).steps;
    expect(step!.chosen).toMatchObject({ asana: { id: 'marjaryasana' }, timed: { repSeconds: 6, seconds: 36 } });
    expect(said(step!)).toMatch(/6 s/);
  });
});

describe('minutes that add up', () => {
  test('of two steps on the back the second gets what the first leaves', () => {
    const { steps } = plan(
      sequence({ asana: 'apanasana', dose: { minutes: 3 } }, { asana: 'apanasana', dose: { minutes: 3 } }),
      within(limit('supineRun', '<= 4')),
    );
    expect(steps.map(({ chosen }) => chosen!.timed.seconds)).toEqual([180, 60]);
    expect(said(steps[1]!)).toMatch(/no longer than 60 s/);
  });

  test('a rest isn’t cut while it can be had another way: it turns on its side, as long as before', () => {
    const { chosen } = plan(sequence({ asana: 'savasana', dose: { minutes: 8 } }), within(limit('supineRun', '<= 3'))).steps[0]!;
    expect(chosen).toMatchObject({ asana: { id: 'savasana' }, timed: { seconds: 480 } });
    expect(chosen!.ends.every(({ measured }) => measured.facing !== 'supine')).toBe(true);
  });

  test('standing still ends with its minutes, and sitting with its own', () => {
    const standing = plan(sequence({ asana: 'tadasana', dose: { minutes: 4 } }), within(limit('standingRun', '<= 2'))).steps[0]!;
    expect(standing.chosen!.timed.holdSeconds).toBeLessThanOrEqual(120);
    const sitting = plan(sequence({ asana: 'sukhasana', dose: { minutes: 10 } }), within(limit('unrelievedSitting', '<= 5'))).steps[0]!;
    expect(sitting.chosen!.timed.seconds).toBeLessThanOrEqual(300);
  });
});

describe('what was before', () => {
  const given = sequence({ asana: 'utkatasana', dose: { breaths: 6 } }, { asana: 'savasana', dose: { minutes: 5 } });

  test('pain that was worse the next day takes from all effort, and nothing from the rest', () => {
    const worse = person('low-back-pain painNow=2 painNextDay=worse weeksSinceOnset=40 worse=none legPain=no trauma=no');
    const same = person('low-back-pain painNow=2 painNextDay=same weeksSinceOnset=40 worse=none legPain=no trauma=no');
    const seconds = (who: Participant) => plan(given, who).steps.map(({ chosen }) => chosen!.timed.seconds);
    const [less, usual] = [seconds(worse), seconds(same)];
    expect(less[0]!).toBeLessThan(usual[0]!);
    expect(less[1]).toBe(usual[1]);
  });

  test('what went well is held longer, by the share that was decided, within every limit', () => {
    const longer = { asana: null, variation: null, firstSide: null, longer: 1.5, reason: 'It went well.', on: '2026-05-01' };
    const [effort, rest] = plan(given, { ...anybody('p'), preferences: [longer] }).steps;
    expect([effort!.chosen!.dose, effort!.chosen!.isLonger]).toEqual([{ breaths: 9 }, true]);
    expect([rest!.chosen!.dose, rest!.chosen!.isLonger]).toEqual([{ minutes: 5 }, false]);
    const bounded = plan(given, { ...within(limit('hold', '<= 30')), preferences: [longer] }).steps[0]!.chosen!;
    expect([bounded.timed.holdSeconds <= 30, bounded.isLonger]).toEqual([true, false]);
  });
});

test('the time that is told of a step is the time of its dose', () => {
  const doses = [{ breaths: 4 }, { seconds: 35 }, { minutes: 2 }, { repetitions: 5, rounds: 2 }] as const;
  for (const asana of ['vrksasana', 'marjaryasana', 'balasana', 'bhramari'])
    for (const dose of doses) {
      const { chosen } = plan(sequence({ asana, dose }), anybody('p')).steps[0]!;
      const { movesWhen, neverStill } = library.get(asana);
      const rhythm = { movesWhen, neverStill, pattern: chosen!.variation.pattern };
      expect([asana, chosen!.timed]).toEqual([asana, timeOf(rhythm, dose, 'none', 5)]);
    }
});
