import { readParticipants } from './read-participants.js';

/** What is said of one participant with these fields. */
const said = (fields: object) =>
  readParticipants({ participants: [{ id: 'ann', ...fields }] }).problems.map(({ field, message }) => `${field}: ${message}`);

test('someone of whom nothing is told has the usual props and breath', () => {
  const { participants, problems } = readParticipants({ participants: [{ id: 'ann' }] });
  expect(problems).toEqual([]);
  expect(participants).toEqual([expect.objectContaining({ id: 'ann', body: {}, conditions: [], breathSeconds: 5 })]);
  expect(participants[0]!.props.block).toBeGreaterThan(0);
});

test.each([undefined, null, 7, 'ann', [], {}, { participants: {} }])('%j is no class', (raw) =>
  expect(readParticipants(raw)).toEqual({
    participants: [],
    problems: [{ field: 'participants', message: expect.stringContaining('list') }],
  }),
);

test.each([
  [null, 'participants[0].id'],
  [['ann'], 'participants[0].id'],
  [{ id: '' }, 'participants[0].id'],
  [{ body: {} }, 'participants[0].id'],
  [{ id: 'ann', body: [] }, 'participants[0].body'],
  [{ id: 'ann', conditions: 'pregnancy' }, 'participants[0].conditions'],
  [{ id: 'ann', conditions: [{ week: 30 }] }, 'participants[0].conditions'],
  [{ id: 'ann', schools: { inversions: 1 } }, 'participants[0].schools'],
  [{ id: 'ann', clearances: [{ condition: 'pregnancy', by: 'her doctor' }] }, 'participants[0].clearances'],
  [{ id: 'ann', ownLimits: [{ measure: 'hold' }] }, 'participants[0].ownLimits'],
  [{ id: 'ann', loosened: [{ limit: 'pregnancy/prg-01' }] }, 'participants[0].loosened'],
  [{ id: 'ann', breathSeconds: '5' }, 'participants[0].breathSeconds'],
])('%j is refused at %s', (one, field) => {
  const { participants, problems } = readParticipants({ participants: [one] });
  expect(participants).toEqual([]);
  expect(problems.map((problem) => problem.field)).toEqual([field]);
});

test('props are named and counted', () => {
  expect(said({ props: { block: 2 } })).toEqual([]);
  expect(said({ props: [] })).toEqual([expect.stringContaining('participants[0].props: expected an object')]);
  expect(said({ props: { brick: 1 } })).toEqual([
    expect.stringContaining('participants[0].props.brick: no prop "brick"; known are block, '),
  ]);
  for (const count of [-1, 1.5, 1000, '2', null])
    expect(said({ props: { chair: count } })).toEqual([expect.stringContaining(`chair is ${JSON.stringify(count)}`)]);
});

test('an id that is given twice, and every problem of everybody, are told at once', () => {
  const { participants, problems } = readParticipants({
    participants: [{ id: 'ann' }, { id: 'ann', props: { brick: 1 } }, { id: 'bo', conditions: [{ id: 'being-tall' }] }],
  });
  expect(participants.map(({ id }) => id)).toEqual(['ann', 'ann', 'bo']);
  expect(problems.map(({ field }) => field)).toEqual(['participants[1].props.brick', 'participants[2].being-tall', 'participants']);
});
