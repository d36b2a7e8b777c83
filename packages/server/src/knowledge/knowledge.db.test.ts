import { testServer } from '../server.fixture.js';

const { me } = testServer('knowledge');

describe('knowledge', () => {
  test('asanas, conditions and limits', async () => {
    expect((await me().get('/api/asanas').expect(200)).body.asanas).toHaveLength(395);
    expect((await me().get('/api/asanas/phalakasana').expect(200)).body.measured[0].measures.handLoad.unit).toBe('body weight');
    await me().get('/api/asanas/nope').expect(404);
    expect((await me().get('/api/limits/pregnancy?week=10').expect(200)).body.stages).toContain('t1');
    await me().get('/api/limits/pregnancy?week=99').expect(422);
  });

  test('the API describes itself', async () => {
    const { body } = await me().get('/api/docs-json').expect(200);
    expect(Object.keys(body.paths)).toEqual(expect.arrayContaining(['/api/people/{person}', '/api/plans', '/api/adapt']));
  });
});
