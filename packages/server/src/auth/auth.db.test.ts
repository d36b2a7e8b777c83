import { TEACHER, TEXT, testServer } from '../server.fixture.js';

const { api, me, signIn, enter, query, rows } = testServer('auth', { account: false });

describe('before anyone has an account', () => {
  test('the installation says that it needs one, and everything else is closed', async () => {
    expect((await api().get('/api/state').expect(200)).body).toEqual({ needsTeacher: true, demo: false, demoAddress: null });
    await api().get('/api/people').expect(401);
    await api().get('/api/sequences/1').expect(401);
    await api().post('/api/adapt').send({ text: TEXT }).expect(401);
    await api().post('/api/session/demo').expect(404);
  });

  test('health needs no account', async () => {
    expect((await api().get('/api/health').expect(200)).body.ok).toBe(true);
  });

  test('a short password is refused at its field', async () => {
    const { body } = await api().post('/api/teachers').send({ name: 'Rue', password: 'short' }).expect(422);
    expect(body.problems).toEqual([{ field: 'password', message: expect.stringContaining('at least 10') }]);
    const easy = await api().post('/api/teachers').send({ name: 'Rue', password: 'aaaaaaaaaa' }).expect(422);
    expect(easy.body.problems).toEqual([{ field: 'password', message: expect.stringContaining('soon guessed') }]);
  });

  test.each(['   ', 'Rue\u202Eedlac', 'Rue\u0007', ''])('%j is no name', async (name) => {
    const { body } = await api().post('/api/teachers').send({ name, password: 'a long enough one' }).expect(422);
    expect(body.problems).toMatchObject([{ field: 'name' }]);
  });

  test('what the API takes is not told', async () => {
    for (const path of ['docs', 'docs-json', 'docs-yaml']) await api().get(`/api/${path}`).expect(401);
  });

  test('two first accounts at the same moment: one is made', async () => {
    const answers = await Promise.all(
      ['Rue Calder', 'Someone Else'].map((name) => api().post('/api/teachers').send({ name, password: 'a long enough one' })),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
    await query('DELETE FROM teachers');
  });
});

describe('signing in', () => {
  test('the first account is made once and opens a session', async () => {
    const { headers, body } = await api().post('/api/teachers').send({ name: 'Rue Calder', password: 'a long enough one' }).expect(201);
    expect(body).toMatchObject({ name: 'Rue Calder', demo: false });
    expect((headers['set-cookie'] as unknown as string[])[0]).toMatch(/HttpOnly; SameSite=Strict/);
    await api().post('/api/teachers').send({ name: 'Second', password: 'a long enough one' }).expect(409);
  });

  test('name and password are wrong together', async () => {
    const wrong = await api().post('/api/session').send({ name: 'Rue Calder', password: 'not it at all' }).expect(401);
    const unknown = await api().post('/api/session').send({ name: 'Nobody', password: 'not it at all' }).expect(401);
    expect(wrong.body.message).toBe(unknown.body.message);
  });

  test('accents count, capitals don’t', async () => {
    await api().post('/api/session').send({ name: 'Rué Calder', password: 'a long enough one' }).expect(401);
    await signIn({ ...TEACHER, name: 'RUE CALDER' });
  });

  test('tries are counted by name in the database, whatever address or process they reach', async () => {
    const tryIt = () => api().post('/api/session').send({ name: 'Tried Often', password: 'wrong one' });
    for (let i = 0; i < 10; i++) await tryIt().expect(401);
    expect((await tryIt().expect(429)).body.message).toContain('Too many tries for this name');
    await signIn();
    await query('UPDATE sign_in_failures SET at = NOW() - INTERVAL 16 MINUTE');
    await tryIt().expect(401);
  });

  test('a session that nobody used for half a day is over', async () => {
    const own = await signIn();
    await query('UPDATE sessions SET lastSeenAt = NOW() - INTERVAL 13 HOUR');
    await me(own).get('/api/session').expect(401);
  });

  test('the password is changed by whoever knows it, and ends the other sessions', async () => {
    const [here, there] = [await signIn(), await signIn()];
    const put = (body: object) => me(here).put('/api/session/password').send(body);
    expect((await put({ old: 'not it', password: 'seven grey pebbles' }).expect(422)).body.problems).toMatchObject([{ field: 'old' }]);
    await put({ old: 'a long enough one', password: 'aaaaaaaaaaaa' }).expect(422);
    await put({ old: 'a long enough one', password: 'seven grey pebbles' }).expect(204);
    await me(here).get('/api/session').expect(200);
    await me(there).get('/api/session').expect(401);
    await me(here).put('/api/session/password').send({ old: 'seven grey pebbles', password: 'a long enough one' }).expect(204);
  });

  test('a name is changed, but not to someone else’s', async () => {
    const own = await signIn();
    await me(own).put('/api/session/name').send({ name: 'Rue C.' }).expect(200);
    await me(own).put('/api/session/name').send({ name: 'Rue Calder' }).expect(200);
  });

  test('a session ends when it is left', async () => {
    const own = await signIn();
    await me(own).get('/api/session').expect(200);
    await me(own).delete('/api/session').expect(204);
    await me(own).get('/api/session').expect(401);
  });

  test('neither password nor session token is in the database', async () => {
    const cookie = await enter();
    const kept = JSON.stringify(await rows('SELECT t.passwordHash, s.tokenHash FROM teachers t JOIN sessions s ON s.teacherId = t.id'));
    expect(kept).toContain('$argon2id$');
    expect(kept).not.toContain('a long enough one');
    expect(kept).not.toContain(cookie.split('=')[1]);
  });
});
