import { draftOf, historyWith, inOrder, restTheSame, withPart, withPlace, withScale } from './log-draft.js';

const run = {
  beat: 3, left: 0, startedAt: '2026-11-25T08:30:00.000Z', endedAt: '2026-11-25T08:49:00.000Z', fits: [], told: { 2: { pain: 4 } },
  marks: [{ personId: 2, index: 1, asana: 'bird-dog', variation: 'plain', side: 'left', mark: 'stopped' }],
} as const; // prettier-ignore
const draft = draftOf('Backs', '2026-11-25', [1, 2], run);

test('a class that was taught brings its marks, its times and what was told at the door; nobody is filled in', () => {
  expect(draft).toMatchObject({ startedAt: run.startedAt, endedAt: run.endedAt });
  expect(draft.people).toMatchObject([
    { personId: 1, present: true, felt: null, marks: [], before: {} },
    { personId: 2, felt: null, marks: [{ asana: 'bird-dog', side: 'left', mark: 'stopped' }], before: { pain: 4 } },
  ]);
  expect(draft.people[1]!.marks[0]).not.toHaveProperty('index');
});

test('the rest felt the same: only who was there, was not asked and was not marked', () => {
  const three = { ...draft, people: [...draft.people, { ...draft.people[0]!, personId: 3 }, { ...draft.people[0]!, personId: 4 }] };
  const asked = withPart(withPart(three, 1, { felt: 'worse' }), 3, { present: false });
  expect(restTheSame(asked).people.map(({ felt }) => felt)).toEqual(['worse', null, null, 'same']);
});

test('who was marked comes first, a mark of fine is none', () => {
  const fine = withPart(draft, 1, { marks: [{ asana: 'x', variation: 'plain', side: null, mark: 'fine' }] });
  expect(inOrder(fine.people).marked.map(({ personId }) => personId)).toEqual([2]);
  expect(inOrder(fine.people).others.map(({ personId }) => personId)).toEqual([1]);
});

test('the class that is being noted stands in place of what was kept of it', () => {
  const kept = [
    { ...draft.people[1]!, key: 'now', day: '2026-11-25', felt: 'better' as const },
    { ...draft.people[1]!, key: 'before', day: '2026-11-18' },
  ];
  const all = historyWith(kept, 'now', '2026-11-25', draft.people[1]!);
  expect(all.map(({ day, felt }) => [day, felt])).toEqual([['2026-11-18', null], ['2026-11-25', null]]); // prettier-ignore
});

test('a scale is told, changed and taken back; the others stay', () => {
  expect(withScale({ pain: 4 }, 'ease', '7')).toEqual({ pain: 4, ease: 7 });
  expect(withScale({ pain: 4, ease: 7 }, 'ease', '0')).toEqual({ pain: 4, ease: 0 });
  expect(withScale({ pain: 4, ease: 7 }, 'ease', '')).toEqual({ pain: 4 });
});

test('where it hurts stands beside the scales: asked, changed and taken back by itself', () => {
  const told = withPlace({ pain: 4 }, 'knees');
  expect(told).toEqual({ pain: 4, where: 'knees' });
  expect(withPlace(told, 'feet')).toEqual({ pain: 4, where: 'feet' });
  expect(withPlace(told, undefined)).toEqual({ pain: 4 });
  expect(withScale(told, 'pain', '6')).toEqual({ pain: 6, where: 'knees' });
  expect(withScale(told, 'pain', '0')).toEqual({ pain: 0 });
  expect(withScale(told, 'pain', '')).toEqual({});
  expect(withScale(told, 'ease', '5')).toEqual({ pain: 4, ease: 5, where: 'knees' });
});
