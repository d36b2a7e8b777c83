import { PERSON, testServer } from '../server.fixture.js';

const { api, me, make, query, asOwner } = testServer('trail');

describe('the trail', () => {
  const trail = async (query = '') => (await me().get(`/api/audit${query}`).expect(200)).body as { id: number; action: string; personId: number | null; name: string | null }[]; // prettier-ignore
  test('tells what befell the account and the records, a page at a time', async () => {
    const person = await make<{ id: number; version: number }>('/api/people', { ...PERSON, name: 'Traced' });
    await me().get('/api/people').expect(200);
    await me().get('/api/people').expect(200);
    // A refused change hands out the record as it is.
    await me()
      .put(`/api/people/${person.id}`)
      .send({ ...PERSON, version: 7 })
      .expect(409);
    const [first] = await trail();
    expect(first).toMatchObject({ action: 'read', personId: person.id, name: 'Traced' });
    const own = (await trail()).filter(({ personId }) => personId === person.id).map(({ action }) => action);
    expect(own).toEqual(['read', 'list', 'create']);
    expect(new Set((await trail(`?before=${first!.id}`)).map(({ id }) => id)).has(first!.id)).toBe(false);
    const { body } = await me().get(`/api/people/${person.id}/export`).expect(200);
    expect(body.audit.length).toBe(own.length + 1);
  });
  test('only grows: the server may not change it, nor the guard on it, and its owner is stopped by the guard', async () => {
    const changes = ['DELETE FROM audit', "UPDATE audit SET action = 'x'"];
    for (const change of [...changes, 'TRUNCATE audit', 'DROP TRIGGER audit_no_update', 'CREATE TABLE another (id INT)'])
      await expect(query(change)).rejects.toThrow(/denied/);
    for (const change of changes) await expect(asOwner(change)).rejects.toThrow(/only grows/);
  });
  test('is nobody else’s', async () => {
    await api().get('/api/audit').expect(401);
    await me().get('/api/audit?before=abc').expect(400);
  });
});
