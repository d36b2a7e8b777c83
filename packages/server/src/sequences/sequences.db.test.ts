import { TEXT, testServer } from '../server.fixture.js';

const { me, make } = testServer('sequences');

describe('sequences', () => {
  test('are read, kept and listed by their title', async () => {
    const { id, title } = await make<{ id: number; title: string }>('/api/sequences', { text: TEXT });
    expect(title).toBe('Short');
    const { body } = await me().get('/api/sequences').expect(200);
    expect(body).toContainEqual(expect.objectContaining({ id, title: 'Short', steps: 3, unknown: 0 }));
  });

  test.each([
    ['', /empty/],
    ['\u0001binary', /no plain text/],
    ['tree\n'.repeat(5000), /lines; expected at most/],
    ['tree 0 breaths', /line 1: 0 breaths/],
  ])('%# a text that can’t be one is refused', async (text, message) => {
    const { body } = await me().post('/api/sequences').send({ text }).expect(422);
    expect(body.message).toMatch(message);
  });

  test('a stale edit is refused with both versions', async () => {
    const { id } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const put = (text: string, version: number) => me().put(`/api/sequences/${id}`).send({ text, version });
    await put('# One\ntree', 1).expect(200);
    const { body } = await put('# Two\ntree', 1).expect(409);
    expect(body).toMatchObject({ yours: { text: '# Two\ntree' }, theirs: { text: '# One\ntree', version: 2 } });
  });
});

test('nothing is called untitled: a sequence without a title has the name of its first steps', async () => {
  const made = await make<{ id: number; title: string }>('/api/sequences', { text: 'Mountain\nTree each side\nSavasana 5 min' });
  expect(made.title).toBe('Mountain, Tree …');
  await me().delete(`/api/sequences/${made.id}`).expect(204);
});

describe('earlier texts of a sequence', () => {
  test('stay, the latest first, and go with it', async () => {
    const { id } = await make<{ id: number }>('/api/sequences', { text: '# A\ntree' });
    const put = (text: string, version: number) => me().put(`/api/sequences/${id}`).send({ text, version });
    await put('# B\ntree', 1).expect(200);
    await put('# C\ntree', 2).expect(200);
    await put('# D\ntree', 2).expect(409);
    const { body } = await me().get(`/api/sequences/${id}/versions`).expect(200);
    expect(body).toMatchObject([{ version: 2, text: '# B\ntree' }, { version: 1, text: '# A\ntree' }]); // prettier-ignore
    await me().delete(`/api/sequences/${id}`).expect(204);
    await me().get(`/api/sequences/${id}/versions`).expect(404);
  });
});
