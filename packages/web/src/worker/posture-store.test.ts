import 'fake-indexeddb/auto';
import { library, BodySolver } from '@lotus-steady/core';
import { createStore, get, keys } from 'idb-keyval';
import { PostureStore } from './posture-store.js';

const BODY = { stature: 158, mass: 82 };
const POSTURES = ['tadasana', 'uttanasana', 'balasana'].map((id) => library.get(id).variations[0]!.posture);

/** A body as a new visit makes it. */
async function visit(version: string, body: object = BODY) {
  const store = new PostureStore(version);
  const solver = new BodySolver(library, body);
  await store.fill([solver]);
  return { store, solver };
}

beforeEach(() => new PostureStore('any').clear());

test('the next visit finds what the one before has solved, to the last digit', async () => {
  const { store, solver } = await visit('one');
  expect(solver.kept!.size).toBe(0);
  const states = POSTURES.map((posture) => solver.posture(posture).solved.state);
  await store.keep([solver]);
  const again = await visit('one');
  expect(again.solver.kept!.size).toBe(POSTURES.length);
  expect(POSTURES.map((posture) => again.solver.posture(posture).solved.state)).toEqual(states);
});

test('another version of the core solves anew, and another body has postures of its own', async () => {
  const { store, solver } = await visit('one');
  solver.posture(POSTURES[0]!);
  await store.keep([solver]);
  expect((await visit('two')).solver.kept!.size).toBe(0);
  expect((await visit('one', { stature: 171.5 })).solver.kept!.size).toBe(0);
});

test('whoever signs out takes all of it along, and nothing that is kept can be read as a body', async () => {
  const { store, solver } = await visit('one');
  solver.posture(POSTURES[0]!);
  await store.keep([solver]);
  const names = await keys(createStore('lotus.bodies', 'bodies'));
  expect(names.join()).not.toMatch(/158|stature|mass/);
  solver.posture(POSTURES[1]!);
  // A writing that has begun is not left behind.
  await Promise.all([store.keep([solver]), store.clear()]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toEqual([]);
  expect((await visit('one')).solver.kept!.size).toBe(0);
});

test('work that a sign-out has overtaken leaves nothing; the next to sign in keeps it again', async () => {
  const { store, solver } = await visit('one');
  await store.clear();
  solver.posture(POSTURES[0]!);
  await store.keep([solver]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toEqual([]);
  await store.fill([solver]);
  await store.keep([solver]);
  expect((await visit('one')).solver.kept!.size).toBe(1);
});

test('bodies that were asked for longest ago make room', async () => {
  const { store } = await visit('one');
  const bodies = Array.from({ length: 62 }, (_, i) => new BodySolver(library, { stature: 150 + i / 2 }));
  for (const solver of bodies) {
    await store.fill([solver]);
    solver.kept!.set('a posture', {} as never);
    await store.keep([solver]);
  }
  const asked = await get<Map<string, number>>('asked', createStore('lotus.bodies', 'bodies'));
  expect(asked!.size).toBe(60);
  expect((await visit('one', { stature: 150 })).solver.kept!.size).toBe(0);
  expect((await visit('one', { stature: 180.5 })).solver.kept!.size).toBe(1);
});

test('a device without a place to keep anything works everything out, and says nothing', async () => {
  const { indexedDB: before } = globalThis;
  const spy = jest.spyOn(before, 'open').mockImplementation(() => {
    throw new Error('not here');
  });
  await jest.isolateModulesAsync(async () => {
    const { PostureStore: Anew } = await import('./posture-store.js');
    const store = new Anew('one');
    const solver = new BodySolver(library, BODY);
    await store.fill([solver]);
    expect(solver.posture(POSTURES[0]!).solved.reached).toBe(true);
    await store.keep([solver]);
  });
  spy.mockRestore();
});

test('work on bodies finds what was kept, and what it solves is kept, also where it fails', async () => {
  const [mountain, fold] = POSTURES as [(typeof POSTURES)[number], (typeof POSTURES)[number]];
  const first = await visit('one');
  const state = await first.store.around([first.solver], () => first.solver.posture(mountain).solved.state);
  const failing = first.store.around([first.solver], () => {
    first.solver.posture(fold);
    throw new Error('stopped half-way');
  });
  await expect(failing).rejects.toThrow('stopped half-way');
  // Writing goes on behind the answer: one thing after the other.
  await first.store.keep([]);
  const store = new PostureStore('one');
  const solver = new BodySolver(library, BODY);
  const found = await store.around([solver], () => [solver.kept!.size, solver.posture(mountain).solved.state] as const);
  expect(found).toEqual([2, state]);
});
