import 'reflect-metadata';
import { join } from 'node:path';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { getConnectionToken } from '@nestjs/sequelize';
import { Sequelize } from 'sequelize-typescript';
import { firstValueFrom } from 'rxjs';
import { QueryTypes } from 'sequelize';
import request from 'supertest';
import type { StoredClass } from '@lotus-steady/requests';
import { Logger } from '@nestjs/common';
import { createApp } from './create-app.js';
import { ProblemsFilter } from './guards/problems.filter.js';
import { PlanningService } from './plans/planning.service.js';
import { demoPeople } from './demo/people.js';
import { DEMO_SEQUENCES } from './demo/sequences.js';
import { DemoService } from './demo/demo.service.js';
import { RoomService } from './room/room.service.js';
import { readSettings } from './settings.js';
import { WorkService } from './work/work.service.js';

/** Threads run what is compiled. */
const JOBS = join(process.cwd(), 'packages/server/dist/work/jobs.js');

/** Against a real MariaDB that the test script starts and throws away. */
let app: NestExpressApplication;
let database: Sequelize;
let cookie: string;

const api = () => request(app.getHttpServer());
const PERSON = { name: 'Orla Finch', body: { stature: 170 }, conditions: [{ id: 'pregnancy', week: 30, fetuses: 1, complications: ['none'], experience: 'experienced' }], props: { chair: 1 }, schools: {}, clearances: [], breathSeconds: 5, note: 'likes mornings' }; // prettier-ignore
const TEXT = '# Short\nMountain\nForward fold 5 breaths\nSavasana 5 min';

async function signIn(name: string, password: string): Promise<string> {
  const { headers } = await api().post('/api/session').send({ name, password }).expect(200);
  return (headers['set-cookie'] as unknown as string[])[0]!.split(';')[0]!;
}
async function make<T>(path: string, body: object): Promise<T> {
  const answer = await api().post(path).set('Cookie', cookie).send(body).expect(201);
  return answer.body as T;
}

beforeAll(async () => {
  if (!process.env['LOTUS_DB_PORT']) throw new Error('these tests need a database; run: npm test');
  app = await createApp(readSettings({ ...process.env, LOTUS_PORT: '0', LOTUS_DEMO: '0', LOTUS_LOG: '0' }, JOBS));
  await app.init();
  database = app.get<Sequelize>(getConnectionToken());
});
afterAll(async () => {
  for (const table of ['class_logs', 'classes', 'plans', 'sequences', 'people', 'sessions', 'teachers'])
    await database.query(`DELETE FROM ${table}`, { type: QueryTypes.DELETE });
  await app.close();
});

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
    await database.query('DELETE FROM teachers', { type: QueryTypes.DELETE });
  });
});

describe('requests that our pages don’t make', () => {
  const first = { name: 'Rue Calder', password: 'a long enough one' };
  test('a change from another site is refused', async () => {
    await api().post('/api/teachers').set('Origin', 'https://elsewhere.example').send(first).expect(403);
    await api().post('/api/teachers').set('Sec-Fetch-Site', 'cross-site').send(first).expect(403);
    await api().post('/api/session').set('Origin', 'null').send(first).expect(403);
  });
  test('a form is no JSON', async () => {
    await api().post('/api/session').type('form').send('name=Rue&password=x').expect(415);
    await api().post('/api/session').type('text').send('{"name":"Rue"}').expect(415);
  });
  test('what is no JSON, or goes too deep, is said so', async () => {
    const broken = await api().post('/api/session').type('json').send('{"name":').expect(400);
    expect(broken.body.message).toBe('The request is no JSON');
    const deep = `${'['.repeat(50_000)}${']'.repeat(50_000)}`;
    expect((await api().post('/api/session').type('json').send(deep).expect(400)).body.message).toContain('nested more than 40 deep');
    await api()
      .post('/api/session')
      .type('json')
      .send(`{"name":"${'['.repeat(100)}","password":"x"}`)
      .expect(422);
  });
  test('half a character and NUL are refused at their field', async () => {
    for (const name of ['half \ud83d', 'nul \0']) {
      const { body } = await api().post('/api/session').send({ name, password: 'x' }).expect(422);
      expect(body.problems).toMatchObject([{ field: 'name' }]);
    }
  });
  test('no answer stays in a cache', async () => {
    for (const path of ['state', 'health', 'people']) expect((await api().get(`/api/${path}`)).headers['cache-control']).toBe('no-store');
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
    await signIn('RUE CALDER', 'a long enough one');
  });

  test('tries are counted by name in the database, whatever address or process they reach', async () => {
    const tryIt = () => api().post('/api/session').send({ name: 'Tried Often', password: 'wrong one' });
    for (let i = 0; i < 10; i++) await tryIt().expect(401);
    expect((await tryIt().expect(429)).body.message).toContain('Too many tries for this name');
    await signIn('Rue Calder', 'a long enough one');
    await database.query('UPDATE sign_in_failures SET at = NOW() - INTERVAL 16 MINUTE', { type: QueryTypes.UPDATE });
    await tryIt().expect(401);
  });

  test('a session that nobody used for half a day is over', async () => {
    const own = await signIn('Rue Calder', 'a long enough one');
    await database.query('UPDATE sessions SET lastSeenAt = NOW() - INTERVAL 13 HOUR', { type: QueryTypes.UPDATE });
    await api().get('/api/session').set('Cookie', own).expect(401);
  });

  test('the password is changed by whoever knows it, and ends the other sessions', async () => {
    const [here, there] = [await signIn('Rue Calder', 'a long enough one'), await signIn('Rue Calder', 'a long enough one')];
    const put = (body: object) => api().put('/api/session/password').set('Cookie', here).send(body);
    expect((await put({ old: 'not it', password: 'seven grey pebbles' }).expect(422)).body.problems).toMatchObject([{ field: 'old' }]);
    await put({ old: 'a long enough one', password: 'aaaaaaaaaaaa' }).expect(422);
    await put({ old: 'a long enough one', password: 'seven grey pebbles' }).expect(204);
    await api().get('/api/session').set('Cookie', here).expect(200);
    await api().get('/api/session').set('Cookie', there).expect(401);
    await api()
      .put('/api/session/password')
      .set('Cookie', here)
      .send({ old: 'seven grey pebbles', password: 'a long enough one' })
      .expect(204);
  });

  test('a name is changed, but not to someone else’s', async () => {
    const own = await signIn('Rue Calder', 'a long enough one');
    await api().put('/api/session/name').set('Cookie', own).send({ name: 'Rue C.' }).expect(200);
    await api().put('/api/session/name').set('Cookie', own).send({ name: 'Rue Calder' }).expect(200);
  });

  test('a session ends when it is left', async () => {
    const own = await signIn('Rue Calder', 'a long enough one');
    await api().get('/api/session').set('Cookie', own).expect(200);
    await api().delete('/api/session').set('Cookie', own).expect(204);
    await api().get('/api/session').set('Cookie', own).expect(401);
  });

  test('neither password nor session token is in the database', async () => {
    cookie = await signIn('Rue Calder', 'a long enough one');
    const rows = JSON.stringify(
      await database.query('SELECT t.passwordHash, s.tokenHash FROM teachers t JOIN sessions s ON s.teacherId = t.id', {
        type: QueryTypes.SELECT,
      }),
    );
    expect(rows).toContain('$argon2id$');
    expect(rows).not.toContain('a long enough one');
    expect(rows).not.toContain(cookie.split('=')[1]);
  });
});

describe('the room’s screen on another device', () => {
  const shown = { name: 'Tree', side: 'left', left: 40, elapsed: 5, running: true, breathSeconds: 5, mirrored: false, drawing: null };
  const put = (code: string, body: object, as = cookie) => api().put(`/api/room/${code}`).set('Cookie', as).send(body);
  const follow = (code: string) => firstValueFrom(app.get(RoomService).follow(code, 'a tablet'));

  test('shows what its teacher tells, to whoever has the code, and nothing else of the class', async () => {
    await api().post('/api/room').expect(401);
    const { code } = await make<{ code: string }>('/api/room', {});
    expect(code).toMatch(/^[A-HJKMNP-Z2-9]{6}$/);
    expect(await follow(code)).toBeNull();
    await put(code, { shown }).expect(204);
    expect(await follow(code.toLowerCase())).toEqual(shown);
    const refused = await put(code, { shown: { ...shown, people: ['Orla'] } }).expect(422);
    expect(refused.body.problems[0].field).toBe('shown.people');
    await put(code, { shown: { ...shown, left: -1 } }).expect(422);
    const next = await make<{ code: string }>('/api/room', {});
    await put(code, { shown }).expect(404);
    await api().get(`/api/room/${code}/events`).expect(404);
    await put(next.code, { shown }, '').expect(401);
  });

  test('codes can’t be guessed one after the other', async () => {
    const { code } = await make<{ code: string }>('/api/room', {});
    for (let i = 0; i < 25; i++) await api().get(`/api/room/NOROOM/events`);
    await api().get(`/api/room/${code}/events`).expect(429);
  });
});

describe('practice in judging', () => {
  const post = (body: object) => api().post('/api/training').set('Cookie', cookie).send(body);

  test('what was missed comes back before what was right, and is counted apart', async () => {
    const right = (await post({ task: 'vera/0', mark: 'right' }).expect(201)).body as { due: string };
    const missed = (await post({ task: 'vera/1', mark: 'missed' }).expect(201)).body as { due: string };
    expect(Date.parse(missed.due)).toBeLessThan(Date.parse(right.due));
    const again = (await post({ task: 'vera/1', mark: 'false-alarm' }).expect(201)).body as { counts: object };
    expect(again.counts).toEqual({ missed: 1, 'false-alarm': 1 });
    const { body } = await api().get('/api/training').set('Cookie', cookie).expect(200);
    expect(body.map(({ task, last }: { task: string; last: string }) => [task, last])).toEqual([['vera/0', 'right'], ['vera/1', 'false-alarm']]); // prettier-ignore
  });

  test('known answers come back later and later', async () => {
    const dues: number[] = [];
    for (let i = 0; i < 3; i++)
      dues.push(Date.parse(((await post({ task: 'otto/1', mark: 'right' }).expect(201)).body as { due: string }).due));
    expect(dues).toEqual([...dues].sort((a, b) => a - b));
  });

  test('a case of one’s own is kept, answered and removed with its answers; with a mistake none is kept', async () => {
    const plain = {
      name: 'Ines Vael',
      about: 'Thin bones.',
      level: 2,
      conditions: [{ id: 'osteoporosis', tScore: -2.8 }],
      steps: ['Plow, 1 min', 'Cat-cow, 6x'],
    };
    const cases = (path: string, body: object) => api().post(`/api/training/cases${path}`).set('Cookie', cookie).send(body);
    const { body: refused } = await cases('', { cases: [plain, { ...plain, conditions: [{ id: 'osteoporosis', tScore: 40 }] }] }).expect(
      422,
    );
    expect(JSON.stringify(refused)).toMatch(/cases\[1\]\.osteoporosis\.tScore/);
    const [kept] = (await cases('', { cases: [plain] }).expect(201)).body as { id: string }[];
    expect(kept).toEqual({ ...plain, id: kept!.id });
    await post({ task: `${kept!.id}/1`, mark: 'missed' }).expect(201);
    await post({ task: `${kept!.id}/2`, mark: 'missed' }).expect(404);
    await cases('/forget', { id: 'vera' }).expect(200);
    expect((await cases('/forget', { id: kept!.id }).expect(200)).body).toEqual([]);
    const { body: progress } = await api().get('/api/training').set('Cookie', cookie);
    expect(progress.some(({ task }: { task: string }) => task.startsWith('own-'))).toBe(false);
    await api().get('/api/training/cases').expect(401);
  });

  test('an unknown task and an unknown mark are refused, and nobody else sees any of it', async () => {
    await post({ task: 'nobody/9', mark: 'right' }).expect(404);
    await post({ task: 'vera/0', mark: 'perfect' }).expect(422);
    await api().get('/api/training').expect(401);
  });
});

describe('people', () => {
  test('are kept as they were entered', async () => {
    const { id, version } = await make<{ id: number; version: number }>('/api/people', PERSON);
    const { body } = await api().get(`/api/people/${id}`).set('Cookie', cookie).expect(200);
    expect(body).toMatchObject({ ...PERSON, id, version: 1 });
    expect(version).toBe(1);
  });

  test.each([
    [{ body: { stature: 17 } }, 'stature', /stature is 17; expected 80 to 230 cm/],
    [{ conditions: [{ id: 'pregnancy', week: 55 }] }, 'pregnancy.week', /week is 55/],
    [{ conditions: [{ id: 'hypertension', systolic: 80, diastolic: 90 }] }, 'hypertension.systolic', /at least 15 mmHg above/],
    [{ conditions: [{ id: 'seniors' }, { id: 'seniors' }] }, 'seniors', /given twice/],
    [{ conditions: [{ week: 3 }] }, 'conditions', /objects with an "id"/],
    [{ props: { boat: 1 } }, 'props.boat', /no prop "boat"/],
    [{ schools: { x: 'y' } }, 'x', /no school "x"/],
    [{ name: '' }, 'name', /Write a name/],
    [{ clearances: [{ condition: 'pregnancy', by: '', on: 'soon', until: '2026-01-01' }] }, 'clearances.0.by', /Who gave/],
    [{ breathSeconds: 99 }, 'breathSeconds', /2 to 20/],
    [{ colour: 'red' }, 'colour', /should not exist/],
  ])('%j is refused at its field and nothing is stored', async (part, field, message) => {
    const before = (await api().get('/api/people').set('Cookie', cookie)).body.length;
    const { body } = await api().post('/api/people').set('Cookie', cookie).send({ ...PERSON, ...part }).expect(422); // prettier-ignore
    expect(body.problems.find((problem: { field: string }) => problem.field === field)?.message).toMatch(message);
    expect((await api().get('/api/people').set('Cookie', cookie)).body).toHaveLength(before);
  });

  test('the list says who may practise, and what stands in the way', async () => {
    await make('/api/people', { ...PERSON, name: 'Aud Nilsen', conditions: [{ id: 'pregnancy', week: 30, flags: ['bleeding'] }] });
    const { body } = await api().get('/api/people').set('Cookie', cookie).expect(200);
    expect(body.map(({ name, decision }: { name: string; decision: string }) => [name, decision])).toEqual([['Aud Nilsen', 'refer'], ['Orla Finch', 'practise']]); // prettier-ignore
    expect(body[0].news).toContainEqual(expect.stringMatching(/bleeding/i));
  });

  test('people of a file come in together or not at all, and go again while nothing was done with them', async () => {
    const post = (path: string, body: object) => api().post(`/api/people/${path}`).set('Cookie', cookie).send(body);
    const names = async () =>
      (await api().get('/api/people').set('Cookie', cookie)).body.map(({ name }: { name: string }) => name) as string[];
    const before = await names();
    const half = {
      people: [
        { ...PERSON, name: 'Ilja Fenn' },
        { ...PERSON, name: 'Sanna Roth', conditions: [{ id: 'pregnancy', week: 99 }] },
      ],
    };
    const refused = await post('import', half).expect(422);
    expect(refused.body.problems[0].field).toBe('people[1].pregnancy.week');
    expect(await names()).toEqual(before);
    await post('import', { people: [] }).expect(422);
    const people = [{ ...PERSON, name: 'Ilja Fenn' }, { ...PERSON, name: 'Sanna Roth' }]; // prettier-ignore
    const { ids } = (await post('import', { people }).expect(201)).body as { ids: number[] };
    expect(await names()).toEqual([...before, 'Ilja Fenn', 'Sanna Roth'].sort());
    await api()
      .put(`/api/people/${ids[0]}`)
      .set('Cookie', cookie)
      .send({ ...PERSON, name: 'Ilja Fenn', note: 'met', version: 1 })
      .expect(200);
    const used = await post('take-back', { ids }).expect(409);
    expect(used.body.message).toMatch(/Ilja Fenn/);
    expect(await names()).toContain('Sanna Roth');
    await post('take-back', { ids: ids.slice(1) }).expect(204);
    await api().delete(`/api/people/${ids[0]}`).set('Cookie', cookie).expect(204);
    expect(await names()).toEqual(before);
  });

  test('two tabs: the stale edit is refused with both versions, and nothing is half-saved', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Two Tabs' });
    const put = (body: object) => api().put(`/api/people/${id}`).set('Cookie', cookie).send(body);
    await put({ ...PERSON, name: 'First tab', version: 1 }).expect(200);
    const { body } = await put({ ...PERSON, name: 'Second tab', version: 1 }).expect(409);
    expect(body).toMatchObject({ yours: { name: 'Second tab' }, theirs: { name: 'First tab', version: 2 } });
    expect((await api().get(`/api/people/${id}`).set('Cookie', cookie)).body.name).toBe('First tab');
  });

  test('two saves at the same moment: one of them wins whole', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Race' });
    const answers = await Promise.all(
      ['one', 'two', 'three'].map((name) =>
        api()
          .put(`/api/people/${id}`)
          .set('Cookie', cookie)
          .send({ ...PERSON, name, version: 1 }),
      ),
    );
    expect(answers.map(({ status }) => status).sort()).toEqual([200, 409, 409]);
  });

  test('a test taken again is kept beside the first, the last of a day counts, and all go with whoever is erased', async () => {
    const seniors = (tug: number, asOf: string) => [{ id: 'seniors', age: 78, sex: 'f', tug, falls: 0, asOf }];
    const body = { ...PERSON, name: 'Tested Often' };
    const { id } = await make<{ id: number }>('/api/people', { ...body, conditions: seniors(16, '2026-01-05') });
    const again = async (version: number, tug: number, day: string) =>
      api()
        .put(`/api/people/${id}`)
        .set('Cookie', cookie)
        .send({ ...body, conditions: seniors(tug, day), version })
        .expect(200);
    await again(1, 14, '2026-03-02');
    await again(2, 13, '2026-03-02');
    const { body: lines } = await api().get(`/api/people/${id}/readings`).set('Cookie', cookie).expect(200);
    expect(lines).toMatchObject([{ parameter: 'tug', unit: 's', cutOff: { at: 12, risk: 'from' }, values: [{ day: '2026-01-05', value: 16 }, { day: '2026-03-02', value: 13 }] }]); // prettier-ignore
    const { body: exported } = await api().get(`/api/people/${id}/export`).set('Cookie', cookie).expect(200);
    expect(exported.readings).toEqual(lines);
    await api().delete(`/api/people/${id}`).set('Cookie', cookie).expect(204);
    await api().get(`/api/people/${id}/readings`).set('Cookie', cookie).expect(404);
    const [left] = await database.query<{ left: number }>(`SELECT COUNT(*) AS \`left\` FROM readings WHERE personId = ${id}`, {
      type: QueryTypes.SELECT,
    });
    expect(Number(left!.left)).toBe(0);
  });

  test('every read is in the audit trail; export and erasure are one action each', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Leaves Soon' });
    await api().get(`/api/people/${id}`).set('Cookie', cookie).expect(200);
    const { body } = await api().get(`/api/people/${id}/export`).set('Cookie', cookie).expect(200);
    expect(body.person.name).toBe('Leaves Soon');
    expect(body.audit.map(({ action }: { action: string }) => action)).toEqual(['export', 'read', 'create']);
    await api().delete(`/api/people/${id}`).set('Cookie', cookie).expect(204);
    await api().get(`/api/people/${id}`).set('Cookie', cookie).expect(404);
    const [erased] = await database.query(`SELECT action FROM audit WHERE personId = ${id} ORDER BY id DESC LIMIT 1`, {
      type: QueryTypes.SELECT,
    });
    expect(erased).toEqual({ action: 'erase' });
  });
});

describe('the studio', () => {
  const limit = { measure: 'kneeFlexion', bound: '<= 100', grade: 'modify', reason: 'Hard floors', by: 'the studio' };
  const put = (body: object) => api().put('/api/studio').set('Cookie', cookie).send(body);

  test('decides nothing until it is asked', async () => {
    expect((await api().get('/api/studio').set('Cookie', cookie)).body).toEqual({
      schools: {},
      limits: [],
      timeZone: expect.any(String),
      offsets: expect.arrayContaining([{ from: expect.any(String), minutes: expect.any(Number) }]),
    });
  });

  test('what it decides is kept, and comes with everyone in it', async () => {
    await put({ schools: { 'neck-shoulderstand': 'blankets' }, limits: [limit] }).expect(200);
    const { id } = await make<{ id: number }>('/api/people', PERSON);
    const { body } = await api().get(`/api/people/${id}`).set('Cookie', cookie);
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
    expect((await api().get('/api/studio').set('Cookie', cookie)).body.limits).toEqual([]);
  });
});

describe('limits of one person', () => {
  test('stricter and looser ones are kept with their reasons', async () => {
    const own = { measure: 'handLoad', bound: '<= 0.3', grade: 'avoid', reason: 'Sore wrists', by: 'her physiotherapist' };
    const aside = { limit: 'hypertension/hyp-07', reason: 'Agreed with her doctor', on: '2026-03-01' };
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, ownLimits: [own], loosened: [aside] });
    const { body } = await api().get(`/api/people/${id}`).set('Cookie', cookie);
    expect(body).toMatchObject({ ownLimits: [own], loosened: [aside] });
  });

  test('a side that goes first and a longer stay are kept, and two in one are refused by name', async () => {
    const first = { asana: 'trikonasana', variation: null, firstSide: 'left', reason: 'Only the right was marked.', on: '2026-03-01' };
    const longer = { asana: null, variation: null, firstSide: null, longer: 1.2, reason: 'Two good classes.', on: '2026-03-01' };
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, preferences: [first, longer] });
    const { body } = await api().get(`/api/people/${id}`).set('Cookie', cookie);
    expect(body.preferences).toEqual([first, longer]);
    const refused = await api()
      .post('/api/people')
      .set('Cookie', cookie)
      .send({ ...PERSON, preferences: [{ ...first, variation: 'plain' }] })
      .expect(422);
    expect(JSON.stringify(refused.body)).toMatch(/preferences\[0\].*one of the three/);
  });

  test('a limit that bars outright can’t be set aside', async () => {
    const loosened = [{ limit: 'pregnancy/prg-26', reason: 'She likes to jump', on: '2026-03-01' }];
    const { body } = await api()
      .post('/api/people')
      .set('Cookie', cookie)
      .send({ ...PERSON, loosened })
      .expect(422);
    expect(JSON.stringify(body)).toMatch(/bars outright/);
  });
});

test('the note for a clinician is a PDF, and that it was made is in the audit trail', async () => {
  const { id } = await make<{ id: number }>('/api/people', PERSON);
  const { body, headers } = await api().get(`/api/people/${id}/note`).set('Cookie', cookie).buffer(true).expect(200);
  expect(headers['content-type']).toBe('application/pdf');
  expect(
    Buffer.from(body as Buffer)
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const { body: exported } = await api().get(`/api/people/${id}/export`).set('Cookie', cookie);
  expect(exported.audit.map(({ action }: { action: string }) => action)).toContain('note');
});

describe('sequences', () => {
  test('are read, kept and listed by their title', async () => {
    const { id, title } = await make<{ id: number; title: string }>('/api/sequences', { text: TEXT });
    expect(title).toBe('Short');
    const { body } = await api().get('/api/sequences').set('Cookie', cookie).expect(200);
    expect(body).toContainEqual(expect.objectContaining({ id, title: 'Short', steps: 3, unknown: 0 }));
  });

  test.each([
    ['', /empty/],
    ['\u0001binary', /no plain text/],
    ['tree\n'.repeat(5000), /lines; expected at most/],
    ['tree 0 breaths', /line 1: 0 breaths/],
  ])('%# a text that can’t be one is refused', async (text, message) => {
    const { body } = await api().post('/api/sequences').set('Cookie', cookie).send({ text }).expect(422);
    expect(body.message).toMatch(message);
  });

  test('a stale edit is refused with both versions', async () => {
    const { id } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const put = (text: string, version: number) => api().put(`/api/sequences/${id}`).set('Cookie', cookie).send({ text, version });
    await put('# One\ntree', 1).expect(200);
    const { body } = await put('# Two\ntree', 1).expect(409);
    expect(body).toMatchObject({ yours: { text: '# Two\ntree' }, theirs: { text: '# One\ntree', version: 2 } });
  });
});

describe('plans', () => {
  test('are adapted here and kept with the versions that made them', async () => {
    const person = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Planned' });
    const sequence = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const plan = await make<{ id: number }>('/api/plans', { sequenceId: sequence.id, personId: person.id });
    const { body } = await api().get(`/api/plans/${plan.id}`).set('Cookie', cookie).expect(200);
    expect(body).toMatchObject({
      sequenceVersion: 1,
      personVersion: 1,
      libraryVersion: expect.any(String),
      answer: { contract: 1, title: 'Short' },
    });
    expect(body.answer.participants[0].steps.map(({ verdict }: { verdict: string }) => verdict)).toEqual(['keep', 'modify', 'modify']);
    expect((await api().get(`/api/plans?sequence=${sequence.id}&person=${person.id}`).set('Cookie', cookie)).body).toHaveLength(1);
  });

  test('the terminal’s adapt through HTTP gives the same objects', async () => {
    const { body } = await api().post('/api/adapt').set('Cookie', cookie).send({ text: TEXT, class: { participants: [{ id: 'a' }] } }).expect(200); // prettier-ignore
    expect(body).toMatchObject({ contract: 1, participants: [{ id: 'a' }], columns: [{ line: 2, distinct: 1 }, { line: 3, distinct: 1 }, { line: 4, distinct: 1 }] }); // prettier-ignore
    await api().post('/api/adapt').set('Cookie', cookie).send({ text: TEXT, class: {} }).expect(422);
  });

  test('so do cues, a practice for home and a lesson', async () => {
    const { body: cues } = await api().post('/api/cues').set('Cookie', cookie).send({ text: TEXT, length: 'short' }).expect(200);
    expect(cues).toMatchObject({ contract: 1, cues: expect.arrayContaining([expect.objectContaining({ line: 2, at: 0 })]) as object[] });
    const { body: home } = await api().post('/api/home').set('Cookie', cookie).send({ text: TEXT, minutes: 10, days: 3 }).expect(200);
    expect(home).toMatchObject({ contract: 1, days: ['monday', 'wednesday', 'friday'] });
    await api().post('/api/home').set('Cookie', cookie).send({ text: TEXT, minutes: 90 }).expect(422);
    const { body: lesson } = await api().get('/api/lesson?age=7&minutes=20').set('Cookie', cookie).expect(200);
    expect(lesson).toMatchObject({ contract: 1, age: 7 });
    await api().get('/api/lesson?age=5&minutes=30').set('Cookie', cookie).expect(422);
  });

  test('a practice for home and a lesson are printed on A4 or Letter, in large letters too', async () => {
    const person = await make<{ id: number }>('/api/people', PERSON);
    const sequence = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const pdfOf = async (path: string) => {
      const { body, headers } = await api().get(path).set('Cookie', cookie).buffer(true).expect(200);
      expect(headers['content-type']).toBe('application/pdf');
      return Buffer.from(body as Buffer).toString('latin1');
    };
    const home = `/api/people/${person.id}/home/${sequence.id}`;
    expect(await pdfOf(`${home}?minutes=10&days=3`)).toMatch(/^%PDF-[\s\S]*\[0 0 595\.28 841\.89\]/);
    expect(await pdfOf(`${home}?minutes=10&paper=LETTER&large=1`)).toMatch(/\[0 0 612 792\]/);
    expect(await pdfOf('/api/lesson/sheet?age=7&minutes=20&paper=LETTER')).toMatch(/\[0 0 612 792\]/);
    await api().get(`${home}?minutes=90`).set('Cookie', cookie).expect(422);
    await api().get(`${home}?minutes=10&paper=A0`).set('Cookie', cookie).expect(422);
    await api().get('/api/lesson/sheet?age=3&minutes=20').set('Cookie', cookie).expect(422);
    await api().get(`/api/people/999999/home/${sequence.id}?minutes=10`).set('Cookie', cookie).expect(404);
  });
});

describe('logs', () => {
  const part = (personId: number, more: object = {}) => ({
    personId, present: true, before: { pain: 2 }, after: { pain: 5 }, felt: 'worse', note: '', marks: [{ asana: 'vrksasana', variation: 'plain', side: 'left', mark: 'pain' }], decided: [], ...more,
  }); // prettier-ignore
  const log = (people: readonly object[], more: object = {}) => ({
    title: 'Slow', day: '2026-06-01', startedAt: '2026-06-01T08:00:00.000Z', endedAt: '2026-06-01T08:31:00.000Z', note: '', incident: '', people, ...more,
  }); // prettier-ignore
  const put = (key: string, body: object) => api().put(`/api/logs/${key}`).set('Cookie', cookie).send(body);

  test('are kept once a class, in the register and in everybody’s history', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Logged' });
    const { body } = await put('7.1,2.2026-06-01', log([part(id)])).expect(200);
    expect(body).toMatchObject({ version: 1, people: [{ personId: id, felt: 'worse' }] });
    const { body: register } = await api().get('/api/logs').set('Cookie', cookie).expect(200);
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
    const { body: history } = await api().get(`/api/people/${id}/history`).set('Cookie', cookie).expect(200);
    expect(history).toMatchObject([{ day: '2026-06-01', title: 'Slow', after: { pain: 5 }, marks: [{ asana: 'vrksasana' }] }]);
    const { body: exported } = await api().get(`/api/people/${id}/export`).set('Cookie', cookie);
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
    await api().delete(`/api/people/${gone.id}`).set('Cookie', cookie).expect(204);
    const { body } = await api().get('/api/logs/erased').set('Cookie', cookie).expect(200);
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
    const post = (path: string, body: object) => api().post(`/api/logs/${path}`).set('Cookie', cookie).send(body);
    const [first, second] = ['2026-05-04', '2026-05-11'].map((day) => ({
      ...log([part(id, { harder: 'left' })], { day }),
      key: `file.${id}.${day}`,
    }));
    const known = async () =>
      (await api().get(`/api/people/${id}/history`).set('Cookie', cookie)).body as { day: string; harder: string }[];
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
    const asked = (path: string) => api().get(`/api/${path}`).set('Cookie', cookie);
    const brought = { logs: [{ ...log([part(id)], { day: '2026-05-06' }), key }] };
    await api().post('/api/logs/import').set('Cookie', cookie).send(brought).expect(201);
    expect((await asked(`people/${id}/history`)).body).toMatchObject([{ key, atHome: true }]);
    expect(((await asked('logs')).body as { key: string }[]).map((line) => line.key)).not.toContain(key);
  });

  test('of somebody else’s people nothing is told', async () => {
    await put('others', log([part(999_999)])).expect(422);
    await api().get('/api/logs/unknown').set('Cookie', cookie).expect(404);
    await api().get('/api/logs/a%20b').set('Cookie', cookie).expect(400);
  });
});

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
  const read = async (id: number) => (await api().get(`/api/classes/${id}`).set('Cookie', cookie).expect(200)).body as StoredClass;

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
    const { body: list } = await api().get('/api/classes').set('Cookie', cookie).expect(200);
    expect(list[0]).toMatchObject({ id, personIds: ids });
    expect(list[0].participants).toBeUndefined();
    // Kept again, it stays the same class: everybody's part is worked out anew.
    const { body: again } = await api().put(`/api/classes/${id}`).set('Cookie', cookie).send(asked(sequenceId, [ids[0]!], { day: '2026-06-08' })).expect(200); // prettier-ignore
    expect(again).toMatchObject({ id, day: '2026-06-08', personIds: [ids[0]], pins: [] });
    expect((await read(id)).participants).toHaveLength(1);
    await api()
      .put(`/api/classes/${id}`)
      .set('Cookie', cookie)
      .send(asked(sequenceId, [999_999]))
      .expect(404);
    expect((await read(id)).participants).toHaveLength(1);
    await api().delete(`/api/classes/${id}`).set('Cookie', cookie).expect(204);
    await api().get(`/api/classes/${id}`).set('Cookie', cookie).expect(404);
    await api().put(`/api/classes/${id}`).set('Cookie', cookie).send(asked(sequenceId, ids)).expect(404);
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
    await api().delete(`/api/people/${gone}`).set('Cookie', cookie).expect(204);
    const kept = await read(id);
    expect([kept.personIds, kept.participants.map((one) => one.id)]).toEqual([[stays], [String(stays)]]);
    expect(JSON.stringify(kept)).not.toContain(`"${gone}"`);
  });

  test('an export of someone holds their plans and their part of each class, and nobody else’s', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const [one, other] = await people('Exported', 'Beside');
    await make('/api/plans', { sequenceId, personId: one });
    const { id: classId } = await make<{ id: number }>('/api/classes', asked(sequenceId, [one!, other!]));
    const { body } = await api().get(`/api/people/${one}/export`).set('Cookie', cookie).expect(200);
    expect(body.plans).toMatchObject([{ sequenceId, personId: one }]);
    expect(body.classes).toMatchObject([{ classId, answer: { id: String(one) } }]);
  });

  test('its sequence may go; the class stays with its text', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const { id } = await make<{ id: number }>('/api/classes', asked(sequenceId, await people('Left')));
    await api().delete(`/api/sequences/${sequenceId}`).set('Cookie', cookie).expect(204);
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
    const { body } = await api()
      .post('/api/classes')
      .set('Cookie', cookie)
      .send(asked(sequenceId, ids, wrong))
      .expect(422);
    expect(JSON.stringify(body)).toMatch(words);
  });

  test('someone else’s people can’t be put in', async () => {
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    await api()
      .post('/api/classes')
      .set('Cookie', cookie)
      .send(asked(sequenceId, [999_999]))
      .expect(404);
  });
});

test('nothing is called untitled: a sequence without a title has the name of its first steps', async () => {
  const made = await make<{ id: number; title: string }>('/api/sequences', { text: 'Mountain\nTree each side\nSavasana 5 min' });
  expect(made.title).toBe('Mountain, Tree …');
  await api().delete(`/api/sequences/${made.id}`).set('Cookie', cookie).expect(204);
});

describe('earlier texts of a sequence', () => {
  test('stay, the latest first, and go with it', async () => {
    const { id } = await make<{ id: number }>('/api/sequences', { text: '# A\ntree' });
    const put = (text: string, version: number) => api().put(`/api/sequences/${id}`).set('Cookie', cookie).send({ text, version });
    await put('# B\ntree', 1).expect(200);
    await put('# C\ntree', 2).expect(200);
    await put('# D\ntree', 2).expect(409);
    const { body } = await api().get(`/api/sequences/${id}/versions`).set('Cookie', cookie).expect(200);
    expect(body).toMatchObject([{ version: 2, text: '# B\ntree' }, { version: 1, text: '# A\ntree' }]); // prettier-ignore
    await api().delete(`/api/sequences/${id}`).set('Cookie', cookie).expect(204);
    await api().get(`/api/sequences/${id}/versions`).set('Cookie', cookie).expect(404);
  });
});

test('one record that can’t be judged any more doesn’t close the list of people', async () => {
  const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Old Record' });
  await database.query('UPDATE people SET conditions = ? WHERE id = ?', {
    replacements: [JSON.stringify([{ id: 'a-condition-of-yesterday' }]), id],
    type: QueryTypes.UPDATE,
  });
  const { body } = await api().get('/api/people').set('Cookie', cookie).expect(200);
  const old = (body as { id: number; decision: string; news: string[] }[]).find((one) => one.id === id);
  expect(old).toMatchObject({ decision: 'clearance', news: [expect.stringContaining('a-condition-of-yesterday')] });
  await api().delete(`/api/people/${id}`).set('Cookie', cookie).expect(204);
});

describe('the studio’s own words', () => {
  const hedgehog = { text: 'hedgehog', means: { is: 'asana', asana: 'balasana', variation: null }, since: '2026-06-01' };
  const put = (words: readonly object[]) => api().put('/api/words').set('Cookie', cookie).send({ words });
  const list = async () => (await api().get('/api/words').set('Cookie', cookie).expect(200)).body as { text: string; means: unknown }[];

  test('are kept once each, changed, and forgotten', async () => {
    await put([hedgehog, { ...hedgehog, text: 'notices', means: { is: 'note' } }]).expect(200);
    expect((await list()).map(({ text }) => text)).toEqual(['hedgehog', 'notices']);
    await put([{ ...hedgehog, text: 'Hedgehog, 5 breaths', means: { is: 'asana', asana: 'apanasana', variation: null } }]).expect(200);
    expect(await list()).toMatchObject([{ means: { asana: 'apanasana' } }, { means: { is: 'note' } }]);
    await api().post('/api/words/forget').set('Cookie', cookie).send({ text: 'HEDGEHOG' }).expect(200);
    await api().post('/api/words/forget').set('Cookie', cookie).send({ text: 'never kept' }).expect(200);
    expect((await list()).map(({ text }) => text)).toEqual(['notices']);
  });

  test('are what a text is read with', async () => {
    await put([hedgehog]).expect(200);
    const { body } = await api()
      .post('/api/adapt')
      .set('Cookie', cookie)
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

describe('knowledge', () => {
  test('asanas, conditions and limits', async () => {
    expect((await api().get('/api/asanas').set('Cookie', cookie).expect(200)).body.asanas).toHaveLength(395);
    expect((await api().get('/api/asanas/phalakasana').set('Cookie', cookie).expect(200)).body.measured[0].measures.handLoad.unit).toBe(
      'body weight',
    );
    await api().get('/api/asanas/nope').set('Cookie', cookie).expect(404);
    expect((await api().get('/api/limits/pregnancy?week=10').set('Cookie', cookie).expect(200)).body.stages).toContain('t1');
    await api().get('/api/limits/pregnancy?week=99').set('Cookie', cookie).expect(422);
  });

  test('the API describes itself', async () => {
    const { body } = await api().get('/api/docs-json').set('Cookie', cookie).expect(200);
    expect(Object.keys(body.paths)).toEqual(expect.arrayContaining(['/api/people/{person}', '/api/plans', '/api/adapt']));
  });
});

describe('what doesn’t fit', () => {
  test.each(['constructor', 'toString', '__proto__', 'hasOwnProperty'])('the word %s is no key of ours', async (word) => {
    await api().get(`/api/limits/pregnancy?${word}=1`).set('Cookie', cookie).expect(422);
    await api().get(`/api/asanas/${word}`).set('Cookie', cookie).expect(404);
    const { id } = await make<{ id: number }>('/api/sequences', { text: `# ${word}\n${word}\ntree, ${word} rounds` });
    await api().delete(`/api/sequences/${id}`).set('Cookie', cookie).expect(204);
    const changes = [{ conditions: [{ id: word }] }, { conditions: [{ id: 'glaucoma', [word]: 1 }] }, { props: { [word]: 1 } }, { schools: { [word]: 'x' } }, { body: { [word]: 1 } }]; // prettier-ignore
    for (const change of changes) {
      const { status, body } = await api()
        .post('/api/people')
        .set('Cookie', cookie)
        .send({ ...PERSON, ...change });
      // What the parser of objects drops never reaches us; what does is refused.
      expect([201, 422]).toContain(status);
      if (status === 201) {
        expect(JSON.stringify(body)).not.toContain(word);
        await api().delete(`/api/people/${body.id}`).set('Cookie', cookie).expect(204);
      }
    }
  });

  test('what is no number of a record has nothing at it', async () => {
    for (const id of ['abc', '1.5', '-1', '99999999999', 'null']) {
      const { body } = await api().get(`/api/people/${id}`).set('Cookie', cookie).expect(404);
      expect(body.message).toBe('There is nothing at this address');
    }
    expect((await api().get('/api/plans?person=abc').set('Cookie', cookie).expect(400)).body.message).toContain('by their numbers');
  });

  test('a week is no day, and a clearance doesn’t end before it began', async () => {
    const clearance = { condition: 'glaucoma', by: 'Dr Brand', on: '2026-03-01', until: '2026-02-01' };
    const early = await api()
      .post('/api/people')
      .set('Cookie', cookie)
      .send({ ...PERSON, clearances: [clearance] })
      .expect(422);
    expect(early.body.problems).toMatchObject([{ field: 'glaucoma.until' }]);
    await api()
      .post('/api/people')
      .set('Cookie', cookie)
      .send({ ...PERSON, clearances: [{ ...clearance, until: '2026-W48' }] })
      .expect(422);
    const open = await make<{ id: number; clearances: unknown }>('/api/people', { ...PERSON, clearances: [{ ...clearance, until: null }] });
    expect(open.clearances).toMatchObject([{ until: null }]);
  });

  test('someone who is erased while their class is made: it is said, and nothing half-kept', async () => {
    const person = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Leaving' });
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const classes = async () => ((await api().get('/api/classes').set('Cookie', cookie)).body as unknown[]).length;
    const before = await classes();
    const service = app.get(PlanningService);
    const plan = service.plan.bind(service);
    jest.spyOn(service, 'plan').mockImplementationOnce(async (...args) => {
      const planned = await plan(...args);
      await api().delete(`/api/people/${person.id}`).set('Cookie', cookie).expect(204);
      return planned;
    });
    const { body } = await api()
      .post('/api/classes')
      .set('Cookie', cookie)
      .send({ sequenceId, text: TEXT, day: '2026-03-02', personIds: [person.id], figures: 3, pins: [] })
      .expect(409);
    expect(body.message).toContain('removed meanwhile');
    expect(await classes()).toBe(before);
  });

  test('a failed write tells the log where, and nothing of whom', async () => {
    const written: string[] = [];
    const filter = new ProblemsFilter();
    jest.spyOn(Logger.prototype, 'error').mockImplementation((...said: unknown[]) => void written.push(said.join(' ')));
    const error = await database.query("INSERT INTO people (name) VALUES ('Secret Name')", { type: QueryTypes.INSERT }).then(
      () => null,
      (problem: unknown) => problem,
    );
    const response = { headersSent: false, set: () => response, status: () => response, json: () => undefined };
    filter.catch(error, { switchToHttp: () => ({ getResponse: () => response }) } as never);
    jest.restoreAllMocks();
    expect(written.join()).toMatch(/DatabaseError|Error/);
    expect(written.join()).not.toContain('Secret Name');
  });
});

describe('the trail', () => {
  const trail = async (query = '') => (await api().get(`/api/audit${query}`).set('Cookie', cookie).expect(200)).body as { id: number; action: string; personId: number | null; name: string | null }[]; // prettier-ignore
  test('tells what befell the account and the records, a page at a time', async () => {
    const person = await make<{ id: number; version: number }>('/api/people', { ...PERSON, name: 'Traced' });
    await api().get('/api/people').set('Cookie', cookie).expect(200);
    await api().get('/api/people').set('Cookie', cookie).expect(200);
    // A refused change hands out the record as it is.
    await api()
      .put(`/api/people/${person.id}`)
      .set('Cookie', cookie)
      .send({ ...PERSON, version: 7 })
      .expect(409);
    const [first] = await trail();
    expect(first).toMatchObject({ action: 'read', personId: person.id, name: 'Traced' });
    const own = (await trail()).filter(({ personId }) => personId === person.id).map(({ action }) => action);
    expect(own).toEqual(['read', 'list', 'create']);
    expect(new Set((await trail(`?before=${first!.id}`)).map(({ id }) => id)).has(first!.id)).toBe(false);
    const { body } = await api().get(`/api/people/${person.id}/export`).set('Cookie', cookie).expect(200);
    expect(body.audit.length).toBe(own.length + 1);
  });
  test('only grows: the server may not change it, nor the guard on it, and its owner is stopped by the guard', async () => {
    const changes = ['DELETE FROM audit', "UPDATE audit SET action = 'x'"];
    for (const change of [...changes, 'TRUNCATE audit', 'DROP TRIGGER audit_no_update', 'CREATE TABLE another (id INT)'])
      await expect(database.query(change, { type: QueryTypes.RAW })).rejects.toThrow(/denied/);
    const { name, host, port, owner } = readSettings({ ...process.env, LOTUS_PORT: '0' }, JOBS).database;
    const asOwner = new Sequelize(name, owner.name, owner.password, { dialect: 'mariadb', host, port, logging: false });
    for (const change of changes) await expect(asOwner.query(change, { type: QueryTypes.RAW })).rejects.toThrow(/only grows/);
    await asOwner.close();
  });
  test('is nobody else’s', async () => {
    await api().get('/api/audit').expect(401);
    await api().get('/api/audit?before=abc').set('Cookie', cookie).expect(400);
  });
});

describe('another teacher', () => {
  test('sees nothing of it, not even that it exists', async () => {
    const person = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Private' });
    await database.query(
      "INSERT INTO teachers (name, passwordHash, demo, createdAt, updatedAt) SELECT 'Other', passwordHash, 0, NOW(), NOW() FROM teachers LIMIT 1",
      { type: QueryTypes.INSERT },
    );
    const other = await signIn('Other', 'a long enough one');
    await api().get(`/api/people/${person.id}`).set('Cookie', other).expect(404);
    await api().get(`/api/people/${person.id}/readings`).set('Cookie', other).expect(404);
    await api().delete(`/api/people/${person.id}`).set('Cookie', other).expect(404);
    expect((await api().get('/api/people').set('Cookie', other)).body).toEqual([]);
  });
});

describe('the demo', () => {
  test('is not loaded over someone’s own data', async () => {
    await app.get(DemoService).loadOnce();
    expect((await api().get('/api/state')).body.demo).toBe(false);
  });

  test('has sixteen people and six sequences that are wholly understood', async () => {
    const people = demoPeople('2026-03-02');
    expect(people).toHaveLength(16);
    expect(DEMO_SEQUENCES).toHaveLength(6);
    for (const person of people) await make('/api/people', person);
    for (const text of DEMO_SEQUENCES) await make('/api/sequences', { text });
    const { body } = await api().get('/api/sequences').set('Cookie', cookie);
    expect(body.filter(({ unknown }: { unknown: number }) => unknown > 0)).toEqual([]);
  });
});

describe('work that takes long', () => {
  const LONG = [
    'Warrior I each side',
    'Triangle each side',
    'Tree each side',
    'Camel',
    'Pigeon each side',
    'Shoulder stand',
    'Savasana 5 min',
  ].join('\n');
  const body = (stature: number) => ({
    text: LONG,
    class: {
      participants: [1, 2, 3, 4, 5, 6].map((i) => ({ id: `p${i}`, body: { stature: stature + i }, conditions: [{ id: 'low-back-pain' }] })),
    },
  });
  test('others are answered meanwhile', async () => {
    const slow = api()
      .post('/api/adapt')
      .set('Cookie', cookie)
      .send(body(150))
      .then(({ status }) => status);
    const waits: number[] = [];
    const begun = performance.now();
    let isDone = false;
    void slow.then(() => (isDone = true));
    while (!isDone) {
      const from = performance.now();
      await api().get('/api/health').expect(200);
      waits.push(performance.now() - from);
      await new Promise((resolve) => setTimeout(resolve, 20));
    }
    expect(await slow).toBe(200);
    expect(waits.length).toBeGreaterThan(2);
    // Work in the same thread would hold up the others for its whole length.
    expect(waits.sort((a, b) => a - b)[Math.floor(waits.length / 2)]).toBeLessThan((performance.now() - begun) / 4);
  }, 60_000);

  test('one teacher can’t keep everybody waiting', async () => {
    // The work is held until it is let go, so that what waits doesn't depend on how fast requests come in.
    const { pool } = app.get(WorkService) as unknown as { pool: { run: (...work: unknown[]) => Promise<unknown> } };
    const held: (() => void)[] = [];
    const now = pool.run.bind(pool);
    const run = jest.spyOn(pool, 'run').mockImplementation((...work) => new Promise((resolve) => held.push(() => resolve(now(...work)))));
    const ask = () => api().post('/api/adapt').set('Cookie', cookie).send({ text: TEXT });
    const most = Array.from({ length: 8 }, () => ask().then(({ status }) => status));
    while (held.length < 8) await new Promise((resolve) => setTimeout(resolve, 10));
    const refused = await ask();
    const meanwhile = await api().get('/api/people').set('Cookie', cookie);
    run.mockRestore();
    for (const letGo of held) letGo();
    expect([refused.status, meanwhile.status]).toEqual([429, 200]);
    expect(refused.headers['retry-after']).toBeDefined();
    expect(await Promise.all(most)).toEqual(Array(8).fill(200));
    await ask().expect(200);
  }, 60_000);
});
