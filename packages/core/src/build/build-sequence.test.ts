import { givenSeconds } from '../planning/adapt.js';
import { person, solver } from '../planning/adapt.fixture.js';
import { library } from '../asanas/all.js';
import type { Purpose } from '../asanas/purposes.js';
import { adaptClass } from '../class/adapt-class.js';
import { reviewOf } from '../review/review.js';
import { notesReader } from '../notes/read-notes.js';
import { buildSequence, CHARACTERS, missingChairs, type BuildAsked } from './build-sequence.js';

const read = notesReader(library);
const TODAY = '2026-06-01';
const members = (...conditions: readonly string[]) =>
  conditions.map((condition, i) => ({ solver, participant: { ...person(condition), id: `p${i}` } }));
const built = (asked: Partial<BuildAsked>, who = members()) => {
  const text = buildSequence(solver, read, who, { purposes: [], minutes: 30, place: 'mat', character: 'steady', today: TODAY, ...asked });
  return { text, sequence: read(text).sequence! };
};

describe.each([
  ['half an hour of hamstrings on the mat', { purposes: ['stretch-hamstrings'] }, []],
  ['a lively hour', { minutes: 60, character: 'lively', purposes: ['strengthen-legs', 'balance'] }, []],
  ['twenty gentle minutes on a chair', { minutes: 20, place: 'chair', character: 'gentle', purposes: ['mobilise-shoulders'] }, []],
  [
    'three quarters of an hour for three conditions',
    { minutes: 45, purposes: ['calm', 'open-hips'] },
    ['pregnancy week=30 fetuses=1 complications=none', 'hypertension systolic=152 diastolic=95 aneurysm=no', 'lumbar-disc painNow=3'],
  ],
] satisfies readonly [string, Partial<BuildAsked>, string[]][])('%s', (_what, asked: Partial<BuildAsked>, conditions) => {
  const { text, sequence } = built(asked, members(...conditions));
  const minutes = asked.minutes ?? 30;

  test('is understood line by line, ends in a rest and takes its minutes', () => {
    expect(sequence.unknown).toEqual([]);
    expect(library.get(sequence.steps.at(-1)!.asana).purposes.rest).toBe(3);
    const seconds = givenSeconds(solver, { ...sequence, minutes: null });
    expect(Math.abs(seconds / 60 - minutes)).toBeLessThan(0.06 * minutes + 1);
  });

  test('is whole: the rules of the review find nothing', () => expect(reviewOf(solver, sequence).findings).toEqual([]));

  test('serves what it is for more than a round of everything does', () => {
    const served = (one: typeof sequence, purposes: readonly Purpose[]) =>
      one.steps.reduce(
        (sum, { asana }) => sum + purposes.reduce((all, purpose) => all + (library.get(asana).purposes[purpose] ?? 0), 0),
        0,
      );
    const purposes = asked.purposes ?? [];
    const plain = built({ ...asked, purposes: [] }, members(...conditions)).sequence;
    expect(served(sequence, purposes)).toBeGreaterThan(served(plain, purposes));
  });

  test('stays in its place, and the same is asked for gives the same', () => {
    if (asked.place === 'chair')
      for (const { asana } of sequence.steps)
        expect([asana, library.get(asana).base]).toEqual([asana, expect.stringMatching(/chair|supine/)]);
    expect(built(asked, members(...conditions)).text).toBe(text);
  });
});

test('built for people it costs them less to adapt than built for nobody', () => {
  const who = members('pregnancy week=30 fetuses=1 complications=none', 'osteoporosis tScore=-2.8 vertebralFractures=0 painNow=1');
  const asked = { purposes: ['stretch-hamstrings', 'stretch-back'] as const, minutes: 30 };
  const costOf = (text: string) => {
    const { sequence } = read(text);
    return adaptClass(who, sequence!, { today: TODAY, figures: 24 }).cost / sequence!.steps.length;
  };
  expect(costOf(built(asked, who).text)).toBeLessThan(costOf(built(asked).text));
});

test.each(CHARACTERS)('a %s class that is built for one person is given to them nearly as it is', (character) => {
  const who = members('pregnancy week=32 experience=experienced fetuses=1 complications=none');
  const { sequence } = built({ purposes: ['calm'], minutes: 45, character }, who);
  const changed = adaptClass(who, sequence, { today: TODAY }).plans[0]!.steps.filter(({ verdict }) => verdict !== 'keep');
  expect(changed.length).toBeLessThan(0.15 * sequence.steps.length);
  // She doesn't end on her back.
  expect(sequence.steps.at(-1)!.asana).toBe('savasana-side');
});

describe('props in the room', () => {
  const who = members(
    'seniors age=78 sex=f tug=13 tandem=7 falls=0 injuriousFall=no bone=unknown',
    'low-back-pain weeksSinceOnset=40 worse=none legPain=no trauma=no painNow=1',
    'knee kind=oa painNow=2',
    'hypertension systolic=152 diastolic=95 aneurysm=no',
  );
  const purposes = ['stretch-hamstrings', 'open-hips'] as const;

  test('a class that is built for a room without any is one that this room can do', () => {
    const props = {};
    const costIn = (text: string) => {
      const { sequence } = read(text);
      return adaptClass(who, sequence!, { today: TODAY, props }).cost / sequence!.steps.length;
    };
    const blind = built({ purposes }, who).text;
    const text = built({ purposes, props }, who).text;
    expect(text).not.toBe(blind);
    expect(costIn(text)).toBeLessThan(costIn(blind));
  });

  test('a class on chairs asks for a chair for everybody', () => {
    expect(() => built({ place: 'chair', props: { chair: 2 } }, who)).toThrow('the room has 2 for 4');
    expect(missingChairs({ chair: 4 }, 4)).toBeNull();
    expect(missingChairs(null, 4)).toBeNull();
  });
});

test('characters differ: a lively class takes more effort than a gentle one', () => {
  const effort = CHARACTERS.map((character) => {
    const { steps } = built({ character }).sequence;
    return steps.reduce((sum, { asana }) => sum + solver.form(asana).variation.declared.effort, 0) / steps.length;
  });
  expect(effort[0]).toBeLessThan(effort[2]!);
});

test.each([0, 4, 121, Number.NaN])('%d minutes are refused with what is expected', (minutes) =>
  expect(() => built({ minutes })).toThrow(/expected 5 to 120/),
);
