import { firstValueFrom } from 'rxjs';
import { testServer } from '../server.fixture.js';
import { RoomService } from './room.service.js';

const { api, me, make, provider } = testServer('room');

describe('the room’s screen on another device', () => {
  const shown = { name: 'Tree', side: 'left', left: 40, elapsed: 5, running: true, breathSeconds: 5, mirrored: false, drawing: null };
  const put = (code: string, body: object, from = me()) => from.put(`/api/room/${code}`).send(body);
  const follow = (code: string) => firstValueFrom(provider(RoomService).follow(code, 'a tablet'));

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
    await put(next.code, { shown }, api()).expect(401);
  });

  test('codes can’t be guessed one after the other', async () => {
    const { code } = await make<{ code: string }>('/api/room', {});
    for (let i = 0; i < 25; i++) await api().get(`/api/room/NOROOM/events`);
    await api().get(`/api/room/${code}/events`).expect(429);
  });
});
