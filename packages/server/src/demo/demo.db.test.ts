import { testServer } from '../server.fixture.js';
import { DemoService } from './demo.service.js';
import { demoPeople } from './people.js';
import { DEMO_SEQUENCES } from './sequences.js';

const { api, me, make, provider } = testServer('demo');

describe('the demo', () => {
  test('is not loaded over someone’s own data', async () => {
    await provider(DemoService).loadOnce();
    expect((await api().get('/api/state')).body.demo).toBe(false);
  });

  test('has sixteen people and six sequences that are wholly understood', async () => {
    const people = demoPeople('2026-03-02');
    expect(people).toHaveLength(16);
    expect(DEMO_SEQUENCES).toHaveLength(6);
    for (const person of people) await make('/api/people', person);
    for (const text of DEMO_SEQUENCES) await make('/api/sequences', { text });
    const { body } = await me().get('/api/sequences');
    expect(body.filter(({ unknown }: { unknown: number }) => unknown > 0)).toEqual([]);
  });
});
