import { PERSON, testServer } from '../server.fixture.js';

const { me, make } = testServer('logs');

describe('logs', () => {
  const part = (personId: number, more: object = {}) => ({
    personId, present: true, before: { pain: 2 }, after: { pain: 5 }, felt: 'worse', note: '', marks: [{ asana: 'vrksasana', variation: 'plain', side: 'left', mark: 'pain' }], decided: [], ...more,
  }); // prettier-ignore
  const log = (people: readonly object[], more: object = {}) => ({
    title: 'Slow', day: '2026-06-01', startedAt: '2026-06-01T08:00:00.000Z', endedAt: '2026-06-01T08:31:00.000Z', note: '', incident: '', people, ...more,
  }); // prettier-ignore
  const put = (key: string, body: object) => me().put(`/api/logs/${key}`).send(body);

  test('are kept once a class, in the register and in everybody’s history', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Logged' });
    const { body } = await put('7.1,2.2026-06-01', log([part(id)])).expect(200);
    expect(body).toMatchObject({ version: 1, people: [{ personId: id, felt: 'worse' }] });
    const { body: register } = await me().get('/api/logs').expect(200);
    expect(register).toContainEqual({
      key: '7.1,2.2026-06-01',
      title: 'Slow',
      day: '2026-06-01',
      minutes: 31,
      present: 1,
      incident: false,
      // One person alone would be known by it.
      pain: null,
    });
    const { body: history } = await me().get(`/api/people/${id}/history`).expect(200);
    expect(history).toMatchObject([{ day: '2026-06-01', title: 'Slow', after: { pain: 5 }, marks: [{ asana: 'vrksasana' }] }]);
    const { body: exported } = await me().get(`/api/people/${id}/export`);
    expect(exported.history).toHaveLength(1);
  });

  test('of two who log the same class the second is told, with both', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Twice' });
    await put('twice', log([part(id)])).expect(200);
    const { body } = await put('twice', log([part(id, { felt: 'better' })])).expect(409);
    expect(body).toMatchObject({ yours: { people: [{ felt: 'better' }] }, theirs: { version: 1, people: [{ felt: 'worse' }] } });
    await put('twice', log([part(id, { felt: 'better' })], { version: 1 })).expect(200);
  });

  test('lose the part of whoever is erased, and nothing else', async () => {
    const one = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Stays' });
    const gone = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Goes' });
    await put('erased', log([part(one.id), part(gone.id)])).expect(200);
    await me().delete(`/api/people/${gone.id}`).expect(204);
    const { body } = await me().get('/api/logs/erased').expect(200);
    expect(body.people.map(({ personId }: { personId: number }) => personId)).toEqual([one.id]);
    // A tablet that still has both sends it again: who is here is kept.
    await put('erased', log([part(one.id), part(gone.id)], { version: 1 })).expect(200);
  });

  test.each([
    [{ after: { pain: 11 } }, /Pain goes from 0 to 10/],
    [{ felt: 'great' }, /felt/],
    [{ marks: [{ asana: 'x', variation: 'plain', side: null, mark: 'died' }] }, /mark/],
  ])('%j is refused', async (more, told) => {
    const { body } = await put('bad', log([part(1, more)])).expect(422);
    expect(JSON.stringify(body)).toMatch(told);
  });

  test('of a file come all or none, once, and go again while nobody changed them', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Brought' });
    const post = (path: string, body: object) => me().post(`/api/logs/${path}`).send(body);
    const [first, second] = ['2026-05-04', '2026-05-11'].map((day) => ({
      ...log([part(id, { harder: 'left' })], { day }),
      key: `file.${id}.${day}`,
    }));
    const known = async () => (await me().get(`/api/people/${id}/history`)).body as { day: string; harder: string }[];
    const { body: refused } = await post('import', { logs: [first, { ...second, people: [part(999_999)] }] }).expect(422);
    expect(JSON.stringify(refused)).toMatch(/logs\[1\].*not here/);
    expect(await known()).toEqual([]);
    const { body } = await post('import', { logs: [first, second] }).expect(201);
    expect((await known()).map(({ day, harder }) => [day, harder])).toEqual([['2026-05-11', 'left'], ['2026-05-04', 'left']]); // prettier-ignore
    expect(JSON.stringify((await post('import', { logs: [first] }).expect(422)).body)).toMatch(/here already/);
    await put(first!.key, { ...log([part(id)], { day: '2026-05-04' }), version: 1 }).expect(200);
    expect(JSON.stringify((await post('take-back', { keys: body.keys }).expect(409)).body)).toMatch(/Changed since: Slow, 2026-05-04/);
    expect(await known()).toHaveLength(2);
    await post('take-back', { keys: [second!.key] }).expect(204);
    expect(await known()).toHaveLength(1);
    await post('import', { logs: [{ ...first, key: '7.1,2.2026-06-01' }] }).expect(422);
  });

  test('a day at home stands in the history and in no register', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'At home' });
    const key = `home.${id}.2026-05-06`;
    const asked = (path: string) => me().get(`/api/${path}`);
    const brought = { logs: [{ ...log([part(id)], { day: '2026-05-06' }), key }] };
    await me().post('/api/logs/import').send(brought).expect(201);
    expect((await asked(`people/${id}/history`)).body).toMatchObject([{ key, atHome: true }]);
    expect(((await asked('logs')).body as { key: string }[]).map((line) => line.key)).not.toContain(key);
  });

  test('of somebody else’s people nothing is told', async () => {
    await put('others', log([part(999_999)])).expect(422);
    await me().get('/api/logs/unknown').expect(404);
    await me().get('/api/logs/a%20b').expect(400);
  });
});
