import { PERSON, TEACHER, testServer } from '../server.fixture.js';

const { me, signIn, make, query, rows } = testServer('people');

describe('people', () => {
  test('are kept as they were entered', async () => {
    const { id, version } = await make<{ id: number; version: number }>('/api/people', PERSON);
    const { body } = await me().get(`/api/people/${id}`).expect(200);
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
    const before = (await me().get('/api/people')).body.length;
    const { body } = await me().post('/api/people').send({ ...PERSON, ...part }).expect(422); // prettier-ignore
    expect(body.problems.find((problem: { field: string }) => problem.field === field)?.message).toMatch(message);
    expect((await me().get('/api/people')).body).toHaveLength(before);
  });

  test('the list says who may practise, and what stands in the way', async () => {
    await make('/api/people', { ...PERSON, name: 'Aud Nilsen', conditions: [{ id: 'pregnancy', week: 30, flags: ['bleeding'] }] });
    const { body } = await me().get('/api/people').expect(200);
    expect(body.map(({ name, decision }: { name: string; decision: string }) => [name, decision])).toEqual([['Aud Nilsen', 'refer'], ['Orla Finch', 'practise']]); // prettier-ignore
    expect(body[0].news).toContainEqual(expect.stringMatching(/bleeding/i));
  });

  test('people of a file come in together or not at all, and go again while nothing was done with them', async () => {
    const post = (path: string, body: object) => me().post(`/api/people/${path}`).send(body);
    const names = async () => (await me().get('/api/people')).body.map(({ name }: { name: string }) => name) as string[];
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
    await me()
      .put(`/api/people/${ids[0]}`)
      .send({ ...PERSON, name: 'Ilja Fenn', note: 'met', version: 1 })
      .expect(200);
    const used = await post('take-back', { ids }).expect(409);
    expect(used.body.message).toMatch(/Ilja Fenn/);
    expect(await names()).toContain('Sanna Roth');
    await post('take-back', { ids: ids.slice(1) }).expect(204);
    await me().delete(`/api/people/${ids[0]}`).expect(204);
    expect(await names()).toEqual(before);
  });

  test('two tabs: the stale edit is refused with both versions, and nothing is half-saved', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Two Tabs' });
    const put = (body: object) => me().put(`/api/people/${id}`).send(body);
    await put({ ...PERSON, name: 'First tab', version: 1 }).expect(200);
    const { body } = await put({ ...PERSON, name: 'Second tab', version: 1 }).expect(409);
    expect(body).toMatchObject({ yours: { name: 'Second tab' }, theirs: { name: 'First tab', version: 2 } });
    expect((await me().get(`/api/people/${id}`)).body.name).toBe('First tab');
  });

  test('two saves at the same moment: one of them wins whole', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Race' });
    const answers = await Promise.all(
      ['one', 'two', 'three'].map((name) =>
        me()
          .put(`/api/people/${id}`)
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
      me()
        .put(`/api/people/${id}`)
        .send({ ...body, conditions: seniors(tug, day), version })
        .expect(200);
    await again(1, 14, '2026-03-02');
    await again(2, 13, '2026-03-02');
    const { body: lines } = await me().get(`/api/people/${id}/readings`).expect(200);
    expect(lines).toMatchObject([{ parameter: 'tug', unit: 's', cutOff: { at: 12, risk: 'from' }, values: [{ day: '2026-01-05', value: 16 }, { day: '2026-03-02', value: 13 }] }]); // prettier-ignore
    const { body: exported } = await me().get(`/api/people/${id}/export`).expect(200);
    expect(exported.readings).toEqual(lines);
    await me().delete(`/api/people/${id}`).expect(204);
    await me().get(`/api/people/${id}/readings`).expect(404);
    const [left] = await rows<{ left: number }>(`SELECT COUNT(*) AS \`left\` FROM readings WHERE personId = ${id}`);
    expect(Number(left!.left)).toBe(0);
  });

  test('every read is in the audit trail; export and erasure are one action each', async () => {
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Leaves Soon' });
    await me().get(`/api/people/${id}`).expect(200);
    const { body } = await me().get(`/api/people/${id}/export`).expect(200);
    expect(body.person.name).toBe('Leaves Soon');
    expect(body.audit.map(({ action }: { action: string }) => action)).toEqual(['export', 'read', 'create']);
    await me().delete(`/api/people/${id}`).expect(204);
    await me().get(`/api/people/${id}`).expect(404);
    const [erased] = await rows(`SELECT action FROM audit WHERE personId = ${id} ORDER BY id DESC LIMIT 1`);
    expect(erased).toEqual({ action: 'erase' });
  });
});

describe('limits of one person', () => {
  test('stricter and looser ones are kept with their reasons', async () => {
    const own = { measure: 'handLoad', bound: '<= 0.3', grade: 'avoid', reason: 'Sore wrists', by: 'her physiotherapist' };
    const aside = { limit: 'hypertension/hyp-07', reason: 'Agreed with her doctor', on: '2026-03-01' };
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, ownLimits: [own], loosened: [aside] });
    const { body } = await me().get(`/api/people/${id}`);
    expect(body).toMatchObject({ ownLimits: [own], loosened: [aside] });
  });

  test('a side that goes first and a longer stay are kept, and two in one are refused by name', async () => {
    const first = { asana: 'trikonasana', variation: null, firstSide: 'left', reason: 'Only the right was marked.', on: '2026-03-01' };
    const longer = { asana: null, variation: null, firstSide: null, longer: 1.2, reason: 'Two good classes.', on: '2026-03-01' };
    const { id } = await make<{ id: number }>('/api/people', { ...PERSON, preferences: [first, longer] });
    const { body } = await me().get(`/api/people/${id}`);
    expect(body.preferences).toEqual([first, longer]);
    const refused = await me()
      .post('/api/people')
      .send({ ...PERSON, preferences: [{ ...first, variation: 'plain' }] })
      .expect(422);
    expect(JSON.stringify(refused.body)).toMatch(/preferences\[0\].*one of the three/);
  });

  test('a limit that bars outright can’t be set aside', async () => {
    const loosened = [{ limit: 'pregnancy/prg-26', reason: 'She likes to jump', on: '2026-03-01' }];
    const { body } = await me()
      .post('/api/people')
      .send({ ...PERSON, loosened })
      .expect(422);
    expect(JSON.stringify(body)).toMatch(/bars outright/);
  });
});

test('the note for a clinician is a PDF, and that it was made is in the audit trail', async () => {
  const { id } = await make<{ id: number }>('/api/people', PERSON);
  const { body, headers } = await me().get(`/api/people/${id}/note`).buffer(true).expect(200);
  expect(headers['content-type']).toBe('application/pdf');
  expect(
    Buffer.from(body as Buffer)
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
  const { body: exported } = await me().get(`/api/people/${id}/export`);
  expect(exported.audit.map(({ action }: { action: string }) => action)).toContain('note');
});

test('one record that can’t be judged any more doesn’t close the list of people', async () => {
  const { id } = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Old Record' });
  await query('UPDATE people SET conditions = ? WHERE id = ?', [JSON.stringify([{ id: 'a-condition-of-yesterday' }]), id]);
  const { body } = await me().get('/api/people').expect(200);
  const old = (body as { id: number; decision: string; news: string[] }[]).find((one) => one.id === id);
  expect(old).toMatchObject({ decision: 'clearance', news: [expect.stringContaining('a-condition-of-yesterday')] });
  await me().delete(`/api/people/${id}`).expect(204);
});

describe('another teacher', () => {
  test('sees nothing of it, not even that it exists', async () => {
    const person = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Private' });
    await query(
      "INSERT INTO teachers (name, passwordHash, demo, createdAt, updatedAt) SELECT 'Other', passwordHash, 0, NOW(), NOW() FROM teachers LIMIT 1",
    );
    const other = await signIn({ ...TEACHER, name: 'Other' });
    await me(other).get(`/api/people/${person.id}`).expect(404);
    await me(other).get(`/api/people/${person.id}/readings`).expect(404);
    await me(other).delete(`/api/people/${person.id}`).expect(404);
    expect((await me(other).get('/api/people')).body).toEqual([]);
  });
});
