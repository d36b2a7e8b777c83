import { Logger } from '@nestjs/common';
import { PERSON, TEXT, testServer } from '../server.fixture.js';
import { PlanningService } from '../plans/planning.service.js';
import { ProblemsFilter } from './problems.filter.js';

const { api, me, make, provider, query } = testServer('guards');

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

describe('what doesn’t fit', () => {
  test.each(['constructor', 'toString', '__proto__', 'hasOwnProperty'])('the word %s is no key of ours', async (word) => {
    await me().get(`/api/limits/pregnancy?${word}=1`).expect(422);
    await me().get(`/api/asanas/${word}`).expect(404);
    const { id } = await make<{ id: number }>('/api/sequences', { text: `# ${word}\n${word}\ntree, ${word} rounds` });
    await me().delete(`/api/sequences/${id}`).expect(204);
    const changes = [{ conditions: [{ id: word }] }, { conditions: [{ id: 'glaucoma', [word]: 1 }] }, { props: { [word]: 1 } }, { schools: { [word]: 'x' } }, { body: { [word]: 1 } }]; // prettier-ignore
    for (const change of changes) {
      const { status, body } = await me()
        .post('/api/people')
        .send({ ...PERSON, ...change });
      // What the parser of objects drops never reaches us; what does is refused.
      expect([201, 422]).toContain(status);
      if (status === 201) {
        expect(JSON.stringify(body)).not.toContain(word);
        await me().delete(`/api/people/${body.id}`).expect(204);
      }
    }
  });

  test('what is no number of a record has nothing at it', async () => {
    for (const id of ['abc', '1.5', '-1', '99999999999', 'null']) {
      const { body } = await me().get(`/api/people/${id}`).expect(404);
      expect(body.message).toBe('There is nothing at this address');
    }
    expect((await me().get('/api/plans?person=abc').expect(400)).body.message).toContain('by their numbers');
  });

  test('a week is no day, and a clearance doesn’t end before it began', async () => {
    const clearance = { condition: 'glaucoma', by: 'Dr Brand', on: '2026-03-01', until: '2026-02-01' };
    const early = await me()
      .post('/api/people')
      .send({ ...PERSON, clearances: [clearance] })
      .expect(422);
    expect(early.body.problems).toMatchObject([{ field: 'glaucoma.until' }]);
    await me()
      .post('/api/people')
      .send({ ...PERSON, clearances: [{ ...clearance, until: '2026-W48' }] })
      .expect(422);
    const open = await make<{ id: number; clearances: unknown }>('/api/people', { ...PERSON, clearances: [{ ...clearance, until: null }] });
    expect(open.clearances).toMatchObject([{ until: null }]);
  });

  test('someone who is erased while their class is made: it is said, and nothing half-kept', async () => {
    const person = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Leaving' });
    const { id: sequenceId } = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const classes = async () => ((await me().get('/api/classes')).body as unknown[]).length;
    const before = await classes();
    const service = provider(PlanningService);
    const plan = service.plan.bind(service);
    jest.spyOn(service, 'plan').mockImplementationOnce(async (...args) => {
      const planned = await plan(...args);
      await me().delete(`/api/people/${person.id}`).expect(204);
      return planned;
    });
    const { body } = await me()
      .post('/api/classes')
      .send({ sequenceId, text: TEXT, day: '2026-03-02', personIds: [person.id], figures: 3, pins: [] })
      .expect(409);
    expect(body.message).toContain('removed meanwhile');
    expect(await classes()).toBe(before);
  });

  test('a failed write tells the log where, and nothing of whom', async () => {
    const written: string[] = [];
    const filter = new ProblemsFilter();
    jest.spyOn(Logger.prototype, 'error').mockImplementation((...said: unknown[]) => void written.push(said.join(' ')));
    const error = await query("INSERT INTO people (name) VALUES ('Secret Name')").then(
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
