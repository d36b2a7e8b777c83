import { PERSON, TEXT, testServer } from '../server.fixture.js';

const { me, make } = testServer('plans');

describe('plans', () => {
  test('are adapted here and kept with the versions that made them', async () => {
    const person = await make<{ id: number }>('/api/people', { ...PERSON, name: 'Planned' });
    const sequence = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const plan = await make<{ id: number }>('/api/plans', { sequenceId: sequence.id, personId: person.id });
    const { body } = await me().get(`/api/plans/${plan.id}`).expect(200);
    expect(body).toMatchObject({
      sequenceVersion: 1,
      personVersion: 1,
      libraryVersion: expect.any(String),
      answer: { contract: 1, title: 'Short' },
    });
    expect(body.answer.participants[0].steps.map(({ verdict }: { verdict: string }) => verdict)).toEqual(['keep', 'modify', 'modify']);
    expect((await me().get(`/api/plans?sequence=${sequence.id}&person=${person.id}`)).body).toHaveLength(1);
  });

  test('the terminal’s adapt through HTTP gives the same objects', async () => {
    const { body } = await me().post('/api/adapt').send({ text: TEXT, class: { participants: [{ id: 'a' }] } }).expect(200); // prettier-ignore
    expect(body).toMatchObject({ contract: 1, participants: [{ id: 'a' }], columns: [{ line: 2, distinct: 1 }, { line: 3, distinct: 1 }, { line: 4, distinct: 1 }] }); // prettier-ignore
    await me().post('/api/adapt').send({ text: TEXT, class: {} }).expect(422);
  });

  test('so do cues, a practice for home and a lesson', async () => {
    const { body: cues } = await me().post('/api/cues').send({ text: TEXT, length: 'short' }).expect(200);
    expect(cues).toMatchObject({ contract: 1, cues: expect.arrayContaining([expect.objectContaining({ line: 2, at: 0 })]) as object[] });
    const { body: home } = await me().post('/api/home').send({ text: TEXT, minutes: 10, days: 3 }).expect(200);
    expect(home).toMatchObject({ contract: 1, days: ['monday', 'wednesday', 'friday'] });
    await me().post('/api/home').send({ text: TEXT, minutes: 90 }).expect(422);
    const { body: lesson } = await me().get('/api/lesson?age=7&minutes=20').expect(200);
    expect(lesson).toMatchObject({ contract: 1, age: 7 });
    await me().get('/api/lesson?age=5&minutes=30').expect(422);
  });

  test('a practice for home and a lesson are printed on A4 or Letter, in large letters too', async () => {
    const person = await make<{ id: number }>('/api/people', PERSON);
    const sequence = await make<{ id: number }>('/api/sequences', { text: TEXT });
    const pdfOf = async (path: string) => {
      const { body, headers } = await me().get(path).buffer(true).expect(200);
      expect(headers['content-type']).toBe('application/pdf');
      return Buffer.from(body as Buffer).toString('latin1');
    };
    const home = `/api/people/${person.id}/home/${sequence.id}`;
    expect(await pdfOf(`${home}?minutes=10&days=3`)).toMatch(/^%PDF-[\s\S]*\[0 0 595\.28 841\.89\]/);
    expect(await pdfOf(`${home}?minutes=10&paper=LETTER&large=1`)).toMatch(/\[0 0 612 792\]/);
    expect(await pdfOf('/api/lesson/sheet?age=7&minutes=20&paper=LETTER')).toMatch(/\[0 0 612 792\]/);
    await me().get(`${home}?minutes=90`).expect(422);
    await me().get(`${home}?minutes=10&paper=A0`).expect(422);
    await me().get('/api/lesson/sheet?age=3&minutes=20').expect(422);
    await me().get(`/api/people/999999/home/${sequence.id}?minutes=10`).expect(404);
  });
});
