import fc from 'fast-check';
import { readCondition } from '../conditions/check-answers.js';
import { checkLeftOut, leftOutOn, type LeftOut } from './left-out.js';
import { anybody, bodyOf, BREATH_RANGE, checkParticipant } from './participant.js';
import { COMMON_PROPS, PROPS, readProps } from './props-at-hand.js';

const answer = (text: string) => readCondition(text).answer;

describe('a participant', () => {
  test('who is nobody in particular is in order', () => expect(checkParticipant(anybody('p'))).toEqual([]));

  test.each([BREATH_RANGE.from - 0.1, BREATH_RANGE.to + 0.1, Number.NaN])('who breathes once in %d s is told so', (breathSeconds) =>
    expect(checkParticipant({ ...anybody('p'), breathSeconds })).toEqual([
      { field: 'breathSeconds', message: expect.stringContaining('expected 2 to 20 s') as string },
    ]),
  );

  test('every mistake is told at once, each by its field', () => {
    const problems = checkParticipant({
      ...anybody('p'),
      body: { stature: 3 },
      conditions: [{ id: 'dragon-pox' }],
      ownLimits: [{ measure: 'kneeFlexion', bound: 'a lot', grade: 'modify', reason: 'r', by: 'b' }],
      leftOut: [{ asana: '', reason: 'r', on: '2026-05-01', until: null }],
      clearances: [{ condition: 'pregnancy', by: 'Dr Ekre', on: '2026-05-01', until: '2026-04-01' }],
    });
    expect(problems.map(({ field }) => field)).toEqual([
      expect.stringMatching(/stature/), expect.stringMatching(/dragon-pox|conditions/), 'ownLimits[0]', 'leftOut[0]', 'pregnancy.until',
    ]); // prettier-ignore
  });

  test('has the body that was measured, and what their conditions make of it on a day', () => {
    const body = { stature: 168, mass: 70 };
    expect(bodyOf({ body, conditions: [] })).toBe(body);
    const pregnant = { ...answer('pregnancy week=20 fetuses=1 complications=none'), asOf: '2026-05-01' };
    expect(bodyOf({ body, conditions: [pregnant] }, '2026-05-01')).toMatchObject({ ...body, pregnancyWeek: 20 });
    // Weeks go on with the days.
    expect(bodyOf({ body, conditions: [pregnant] }, '2026-05-15').pregnancyWeek).toBe(22);
  });

  test('has the body that the answers of a condition tell, where nothing was measured; whoever is grown shares that of all', () => {
    const of = (body: object, ...conditions: string[]) => bodyOf({ body, conditions: conditions.map(answer) });
    expect(of({}, 'children age=7')).toEqual({ age: 7 });
    expect(of({}, 'seniors age=74')).toEqual({});
    expect(of({ mass: 88 }, 'larger-bodies heightCm=170 weightKg=110')).toEqual({ stature: 170, mass: 88 });
  });
});

describe('props at hand', () => {
  test('are read by name and count; a name alone is as many as are usual', () => {
    expect(readProps(' block:2, chair ,wall,')).toEqual({ props: { block: 2, chair: COMMON_PROPS.chair, wall: 1 }, problems: [] });
    expect(readProps('')).toEqual({ props: {}, problems: [] });
  });

  test('what is none, or no count, is told with what there is', () => {
    const { props, problems } = readProps('sofa, block:many, strap:1');
    expect(props).toEqual({ strap: 1 });
    expect(problems.map(({ message }) => message)).toEqual([
      expect.stringMatching(/no prop "sofa"; known are block/),
      'block:many is no count; expected 0 to 999',
    ]);
  });

  test('whatever was read is written and read the same', () => {
    const props = fc.dictionary(fc.constantFrom(...PROPS), fc.integer({ min: 0, max: 999 }), { noNullPrototype: true });
    fc.assert(
      fc.property(props, (some) => {
        const text = Object.entries(some).map(([prop, count]) => `${prop}:${count}`).join(','); // prettier-ignore
        expect(readProps(text)).toEqual({ props: some, problems: [] });
      }),
    );
  });
});

describe('what is left out', () => {
  const rest: LeftOut = { asana: 'bhujangasana', reason: 'It hurt.', on: '2026-05-01', until: '2026-05-14' };

  test('holds until its last day, that day included, and without one until it is taken back', () => {
    const on = (until: string | null, today: string | null) => leftOutOn([{ ...rest, until }], today).has('bhujangasana');
    expect([on('2026-05-14', '2026-05-14'), on('2026-05-14', '2026-05-15'), on(null, '2036-01-01'), on('2026-05-14', null)]).toEqual([
      true, false, true, true,
    ]); // prettier-ignore
  });

  test.each<[Partial<LeftOut>, RegExp]>([
    [{ asana: ' ' }, /which asana/],
    [{ reason: ' ' }, /write why/],
    [{ on: '1 May' }, /expected a day/],
    [{ until: 'soon' }, /expected a day/],
    [{ until: '2026-04-30' }, /before it was decided/],
  ])('%j is told', (part, told) =>
    expect(checkLeftOut([{ ...rest, ...part }])).toEqual([{ field: 'leftOut[0]', message: expect.stringMatching(told) as string }]),
  );
});
