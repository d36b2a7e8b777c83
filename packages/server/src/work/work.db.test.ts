import { TEXT, testServer } from '../server.fixture.js';
import { WorkService } from './work.service.js';

const { api, me, provider } = testServer('work');

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
    const slow = me()
      .post('/api/adapt')
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
    const { pool } = provider(WorkService) as unknown as { pool: { run: (...work: unknown[]) => Promise<unknown> } };
    const held: (() => void)[] = [];
    const now = pool.run.bind(pool);
    const run = jest.spyOn(pool, 'run').mockImplementation((...work) => new Promise((resolve) => held.push(() => resolve(now(...work)))));
    const ask = () => me().post('/api/adapt').send({ text: TEXT });
    const most = Array.from({ length: 8 }, () => ask().then(({ status }) => status));
    while (held.length < 8) await new Promise((resolve) => setTimeout(resolve, 10));
    const refused = await ask();
    const meanwhile = await me().get('/api/people');
    run.mockRestore();
    for (const letGo of held) letGo();
    expect([refused.status, meanwhile.status]).toEqual([429, 200]);
    expect(refused.headers['retry-after']).toBeDefined();
    expect(await Promise.all(most)).toEqual(Array(8).fill(200));
    await ask().expect(200);
  }, 60_000);
});
