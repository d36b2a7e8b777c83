import { PERSON, testServer } from '../server.fixture.js';

const { me, make } = testServer('studio');

describe('the studio', () => {
  const limit = { measure: 'kneeFlexion', bound: '<= 100', grade: 'modify', reason: 'Hard floors', by: 'the studio' };
  const put = (body: object) => me().put('/api/studio').send(body);

  test('decides nothing until it is asked', async () => {
    expect((await me().get('/api/studio')).body).toEqual({
      schools: {},
      limits: [],
      timeZone: expect.any(String),
      offsets: expect.arrayContaining([{ from: expect.any(String), minutes: expect.any(Number) }]),
    });
  });

  test('what it decides is kept, and comes with everyone in it', async () => {
    await put({ schools: { 'neck-shoulderstand': 'blankets' }, limits: [limit] }).expect(200);
    const { id } = await make<{ id: number }>('/api/people', PERSON);
    const { body } = await me().get(`/api/people/${id}`);
    expect(body.studio).toMatchObject({ schools: { 'neck-shoulderstand': 'blankets' }, limits: [limit] });
    await put({ schools: {}, limits: [] }).expect(200);
  });

  test.each([
    [{ schools: { 'neck-shoulderstand': 'sometimes' }, limits: [] }, /expected one of/],
    [{ schools: {}, limits: [{ ...limit, bound: 'less' }] }, /is no bound/],
    [{ schools: {}, limits: [{ ...limit, grade: 'never' }] }, /grade/],
  ])('%j is refused and nothing changes', async (body, message) => {
    const { body: answer } = await put(body).expect((response) => expect([400, 422]).toContain(response.status));
    expect(JSON.stringify(answer)).toMatch(message);
    expect((await me().get('/api/studio')).body.limits).toEqual([]);
  });
});
