import { testServer } from '../server.fixture.js';

const { api, me } = testServer('words');

describe('the studio’s own words', () => {
  const hedgehog = { text: 'hedgehog', means: { is: 'asana', asana: 'balasana', variation: null }, since: '2026-06-01' };
  const put = (words: readonly object[]) => me().put('/api/words').send({ words });
  const list = async () => (await me().get('/api/words').expect(200)).body as { text: string; means: unknown }[];

  test('are kept once each, changed, and forgotten', async () => {
    await put([hedgehog, { ...hedgehog, text: 'notices', means: { is: 'note' } }]).expect(200);
    expect((await list()).map(({ text }) => text)).toEqual(['hedgehog', 'notices']);
    await put([{ ...hedgehog, text: 'Hedgehog, 5 breaths', means: { is: 'asana', asana: 'apanasana', variation: null } }]).expect(200);
    expect(await list()).toMatchObject([{ means: { asana: 'apanasana' } }, { means: { is: 'note' } }]);
    await me().post('/api/words/forget').send({ text: 'HEDGEHOG' }).expect(200);
    await me().post('/api/words/forget').send({ text: 'never kept' }).expect(200);
    expect((await list()).map(({ text }) => text)).toEqual(['notices']);
  });

  test('are what a text is read with', async () => {
    await put([hedgehog]).expect(200);
    const { body } = await me()
      .post('/api/adapt')
      .send({ text: 'mountain\nhedgehog\nsavasana', class: { participants: [{ id: 'a' }] } })
      .expect(200);
    expect(JSON.stringify(body)).toContain('balasana');
  });

  test('one that can’t be taken keeps all of them out, and is named', async () => {
    const before = await list();
    const { body } = await put([
      { ...hedgehog, text: 'good one' },
      { ...hedgehog, text: '5 breaths' },
    ]).expect(422);
    expect(body.problems).toEqual([{ field: 'words[1]', message: expect.stringContaining('holds no word') }]);
    await put([{ ...hedgehog, means: { is: 'asana', asana: 'nothing-like-it', variation: null } }]).expect(422);
    expect(await list()).toEqual(before);
  });

  test('are nobody else’s business', async () => {
    await api().get('/api/words').expect(401);
    await api()
      .put('/api/words')
      .send({ words: [hedgehog] })
      .expect(401);
  });
});
