import { testServer } from '../server.fixture.js';

const { api, me } = testServer('training');

describe('practice in judging', () => {
  const post = (body: object) => me().post('/api/training').send(body);

  test('what was missed comes back before what was right, and is counted apart', async () => {
    const right = (await post({ task: 'vera/0', mark: 'right' }).expect(201)).body as { due: string };
    const missed = (await post({ task: 'vera/1', mark: 'missed' }).expect(201)).body as { due: string };
    expect(Date.parse(missed.due)).toBeLessThan(Date.parse(right.due));
    const again = (await post({ task: 'vera/1', mark: 'false-alarm' }).expect(201)).body as { counts: object };
    expect(again.counts).toEqual({ missed: 1, 'false-alarm': 1 });
    const { body } = await me().get('/api/training').expect(200);
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
    const cases = (path: string, body: object) => me().post(`/api/training/cases${path}`).send(body);
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
    const { body: progress } = await me().get('/api/training');
    expect(progress.some(({ task }: { task: string }) => task.startsWith('own-'))).toBe(false);
    await api().get('/api/training/cases').expect(401);
  });

  test('an unknown task and an unknown mark are refused, and nobody else sees any of it', async () => {
    await post({ task: 'nobody/9', mark: 'right' }).expect(404);
    await post({ task: 'vera/0', mark: 'perfect' }).expect(422);
    await api().get('/api/training').expect(401);
  });
});
