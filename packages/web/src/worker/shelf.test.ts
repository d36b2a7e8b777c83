import 'fake-indexeddb/auto';
import { library, BodySolver } from '@lotus-steady/core';
import { createStore, get, keys } from 'idb-keyval';
import { PostureStore } from './posture-store.js';

const BODY = { stature: 158, mass: 82 };
const POSTURES = ['tadasana', 'uttanasana', 'balasana'].map((id) => library.get(id).variations[0]!.posture);

/** A body as a new visit makes it. */
async function visit(version: string, body: object = BODY) {
  const shelf = new PostureStore(version);
  const solver = new BodySolver(library, body);
  await shelf.fill([solver]);
  return { shelf, solver };
}

beforeEach(() => new PostureStore('any').clear());

test('the next visit finds what the one before has solved, to the last digit', async () => {
  const { shelf, solver } = await visit('one');
  expect(solver.kept!.size).toBe(0);
  const states = POSTURES.map((posture) => solver.posture(posture).solved.state);
  await shelf.keep([solver]);
  const again = await visit('one');
  expect(again.solver.kept!.size).toBe(POSTURES.length);
  expect(POSTURES.map((posture) => again.solver.posture(posture).solved.state)).toEqual(states);
});

test('the body that stands in for others is kept too', async () => {
  const { shelf, solver } = await visit('one');
  solver.posture(POSTURES[0]!);
  expect(solver.proxyBody!.kept!.size).toBeGreaterThan(0);
  await shelf.keep([solver]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toHaveLength(3);
});

test('another version of the core solves anew, and another body has postures of its own', async () => {
  const { shelf, solver } = await visit('one');
  solver.posture(POSTURES[0]!);
  await shelf.keep([solver]);
  expect((await visit('two')).solver.kept!.size).toBe(0);
  expect((await visit('one', { stature: 171.5 })).solver.kept!.size).toBe(0);
});

test('whoever signs out takes all of it along, and nothing that is kept can be read as a body', async () => {
  const { shelf, solver } = await visit('one');
  solver.posture(POSTURES[0]!);
  await shelf.keep([solver]);
  const names = await keys(createStore('lotus.bodies', 'bodies'));
  expect(names.join()).not.toMatch(/158|stature|mass/);
  solver.posture(POSTURES[1]!);
  // A writing that has begun is not left behind.
  await Promise.all([shelf.keep([solver]), shelf.clear()]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toEqual([]);
  expect((await visit('one')).solver.kept!.size).toBe(0);
});

test('work that a sign-out has overtaken leaves nothing; the next to sign in keeps it again', async () => {
  const { shelf, solver } = await visit('one');
  await shelf.clear();
  solver.posture(POSTURES[0]!);
  await shelf.keep([solver]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toEqual([]);
  await shelf.fill([solver]);
  await shelf.keep([solver]);
  expect((await visit('one')).solver.kept!.size).toBe(1);
});

test('bodies that were asked for longest ago make room', async () => {
  const { shelf } = await visit('one');
  const bodies = Array.from({ length: 62 }, (_, i) => new BodySolver(library, { stature: 150 + i / 2 }));
  for (const solver of bodies) {
    await shelf.fill([solver]);
    solver.kept!.set('a posture', {} as never);
    await shelf.keep([solver]);
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
    const shelf = new Anew('one');
    const solver = new BodySolver(library, BODY);
    await shelf.fill([solver]);
    expect(solver.posture(POSTURES[0]!).solved.reached).toBe(true);
    await shelf.keep([solver]);
  });
  spy.mockRestore();
});

test('work on bodies finds what was kept, and what it solves is kept, also where it fails', async () => {
  const [mountain, fold] = POSTURES as [(typeof POSTURES)[number], (typeof POSTURES)[number]];
  const first = await visit('one');
  const state = await first.shelf.around([first.solver], () => first.solver.posture(mountain).solved.state);
  const failing = first.shelf.around([first.solver], () => {
    first.solver.posture(fold);
    throw new Error('stopped half-way');
  });
  await expect(failing).rejects.toThrow('stopped half-way');
  // Writing goes on behind the answer: one thing after the other.
  await first.shelf.keep([]);
  const shelf = new PostureStore('one');
  const solver = new BodySolver(library, BODY);
  const found = await shelf.around([solver], () => [solver.kept!.size, solver.posture(mountain).solved.state] as const);
  expect(found).toEqual([2, state]);
});
