import type { StoredClass } from '@lotus-steady/requests';
import { PERSON, TEXT, testServer } from '../server.fixture.js';

const { me, make } = testServer('classes');

describe('classes', () => {
  const DAY = '2026-06-01';
  const WEEK = (week: number) => [{ id: 'pregnancy', week, fetuses: 1, complications: ['none'], asOf: DAY }];
  const asked = (sequenceId: number, personIds: readonly number[], more: object = {}) => ({
    sequenceId, text: TEXT, day: DAY, personIds, figures: 3, pins: [], ...more,
  }); // prettier-ignore
  const people = async (...names: string[]) => {
    const made: number[] = [];
    for (const name of names) made.push((await make<{ id: number }>('/api/people', { ...PERSON, name })).id);
    return made;
  };
  const read = async (id: number) => (await me().get(`/api/classes/${id}`).expect(200)).body as StoredClass;

  test('a class is solved here, kept with its day, text and choices, and listed', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const ids = await people('First', 'Second');
    const pins = [{ person: String(ids[1]), index: 0, figure: 'tadasana/wide-stance' }];
    const { id } = await make<{ id: number }>('/api/classes', asked(sequenceId, ids, { pins, shared: { block: 2 } }));
    const kept = await read(id);
    expect(kept).toMatchObject({
      sequenceId,
      day: DAY,
      title: 'Short',
      personIds: ids,
      figures: 3,
      shared: { block: 2 },
      pins,
      text: TEXT,
    });
    expect(kept.participants.map((one) => one.id)).toEqual(ids.map(String));
    for (const { steps } of kept.participants) expect(steps).toHaveLength(3);
    const { body: list } = await me().get('/api/classes').expect(200);
    expect(list[0]).toMatchObject({ id, personIds: ids });
    expect(list[0].participants).toBeUndefined();
    // Kept again, it stays the same class: everybody's part is worked out anew.
    const { body: again } = await me().put(`/api/classes/${id}`).send(asked(sequenceId, [ids[0]!], { day: '2026-06-08' })).expect(200); // prettier-ignore
    expect(again).toMatchObject({ id, day: '2026-06-08', personIds: [ids[0]], pins: [] });
    expect((await read(id)).participants).toHaveLength(1);
    await me()
      .put(`/api/classes/${id}`)
      .send(asked(sequenceId, [999_999]))
      .expect(404);
    expect((await read(id)).participants).toHaveLength(1);
    await me().delete(`/api/classes/${id}`).expect(204);
    await me().get(`/api/classes/${id}`).expect(404);
    await me().put(`/api/classes/${id}`).send(asked(sequenceId, ids)).expect(404);
  });

  test('it is judged for its own day: a later week is another stage', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: '# Rest\nSavasana 8 min' });
    const { id: person } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Expecting', conditions: WEEK(12) });
    const verdictOn = async (day: string) => {
      const { id } = await make<{ id: number }>('/api/classes', asked(sequenceId, [person], { day, text: '# Rest\nSavasana 8 min' }));
      return (await read(id)).participants[0]!.steps[0]!.verdict;
    };
    expect([await verdictOn('2026-06-01'), await verdictOn('2026-11-01')]).toEqual(['keep', expect.stringMatching(/modify|substitute/)]);
  });

  test('whoever is erased takes their part along; the others’ stays', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const [gone, stays] = await people('Gone', 'Stays');
    const { id } = await make<{ id: number }>('/api/classes', asked(sequenceId, [gone!, stays!]));
    await me().delete(`/api/people/${gone}`).expect(204);
    const kept = await read(id);
    expect([kept.personIds, kept.participants.map((one) => one.id)]).toEqual([[stays], [String(stays)]]);
    expect(JSON.stringify(kept)).not.toContain(`"${gone}"`);
  });

  test('an export of someone holds their plans and their part of each class, and nobody else’s', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const [one, other] = await people('Exported', 'Beside');
    await make('/api/plans', { sequenceId, personId: one });
    const { id: classId } = await make<{ id: number }>('/api/classes', asked(sequenceId, [one!, other!]));
    const { body } = await me().get(`/api/people/${one}/export`).expect(200);
    expect(body.plans).toMatchObject([{ sequenceId, personId: one }]);
    expect(body.classes).toMatchObject([{ classId, answer: { id: String(one) } }]);
  });

  test('its sequence may go; the class stays with its text', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const { id } = await make<{ id: number }>('/api/classes', asked(sequenceId, await people('Left')));
    await me().delete(`/api/sequences/${sequenceId}`).expect(204);
    expect(await read(id)).toMatchObject({ sequenceId: null, text: TEXT });
  });

  test.each([
    ['nobody', { personIds: [] }, /somebody/],
    ['someone twice', { personIds: [1, 1] }, /unique/],
    ['no day', { day: 'tomorrow' }, /On which day/],
    ['seven figures', { figures: 7 }, /figures/],
    ['a prop that there isn’t', { shared: { sofa: 1 } }, /sofa/],
    ['half a block', { shared: { block: 0.5 } }, /block/],
    ['a text that is empty', { text: ' ' }, /empty/],
  ])('%s is refused, and named', async (_what, wrong, words) => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const ids = await people('Whoever');
    const { body } = await me()
      .post('/api/classes')
      .send(asked(sequenceId, ids, wrong))
      .expect(422);
    expect(JSON.stringify(body)).toMatch(words);
  });

  test('someone else’s people can’t be put in', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    await me()
      .post('/api/classes')
      .send(asked(sequenceId, [999_999]))
      .expect(404);
  });
});
