import 'fake-indexeddb/auto';
import { library, Studio } from '@lotus-steady/core';
import { createStore, get, keys } from 'idb-keyval';
import { Shelf } from './shelf.js';

const BODY = { stature: 158, mass: 82 };
const POSTURES = ['tadasana', 'uttanasana', 'balasana'].map((id) => library.get(id).variations[0]!.posture);

/** A body as a new visit makes it. */
async function visit(version: string, body: object = BODY) {
  const shelf = new Shelf(version);
  const studio = new Studio(library, body);
  await shelf.fill([studio]);
  return { shelf, studio };
}

beforeEach(() => new Shelf('any').clear());

test('the next visit finds what the one before has solved, to the last digit', async () => {
  const { shelf, studio } = await visit('one');
  expect(studio.kept!.size).toBe(0);
  const states = POSTURES.map((posture) => studio.posture(posture).solved.state);
  await shelf.keep([studio]);
  const again = await visit('one');
  expect(again.studio.kept!.size).toBe(POSTURES.length);
  expect(POSTURES.map((posture) => again.studio.posture(posture).solved.state)).toEqual(states);
});

test('the body that stands in for others is kept too', async () => {
  const { shelf, studio } = await visit('one');
  studio.posture(POSTURES[0]!);
  expect(studio.like!.kept!.size).toBeGreaterThan(0);
  await shelf.keep([studio]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toHaveLength(3);
});

test('another version of the core solves anew, and another body has postures of its own', async () => {
  const { shelf, studio } = await visit('one');
  studio.posture(POSTURES[0]!);
  await shelf.keep([studio]);
  expect((await visit('two')).studio.kept!.size).toBe(0);
  expect((await visit('one', { stature: 171.5 })).studio.kept!.size).toBe(0);
});

test('whoever signs out takes all of it along, and nothing that is kept can be read as a body', async () => {
  const { shelf, studio } = await visit('one');
  studio.posture(POSTURES[0]!);
  await shelf.keep([studio]);
  const names = await keys(createStore('lotus.bodies', 'bodies'));
  expect(names.join()).not.toMatch(/158|stature|mass/);
  studio.posture(POSTURES[1]!);
  // A writing that has begun is not left behind.
  await Promise.all([shelf.keep([studio]), shelf.clear()]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toEqual([]);
  expect((await visit('one')).studio.kept!.size).toBe(0);
});

test('work that a sign-out has overtaken leaves nothing; the next to sign in keeps it again', async () => {
  const { shelf, studio } = await visit('one');
  await shelf.clear();
  studio.posture(POSTURES[0]!);
  await shelf.keep([studio]);
  expect(await keys(createStore('lotus.bodies', 'bodies'))).toEqual([]);
  await shelf.fill([studio]);
  await shelf.keep([studio]);
  expect((await visit('one')).studio.kept!.size).toBe(1);
});

test('bodies that were asked for longest ago make room', async () => {
  const { shelf } = await visit('one');
  const bodies = Array.from({ length: 62 }, (_, i) => new Studio(library, { stature: 150 + i / 2 }));
  for (const studio of bodies) {
    await shelf.fill([studio]);
    studio.kept!.set('a posture', {} as never);
    await shelf.keep([studio]);
  }
  const asked = await get<Map<string, number>>('asked', createStore('lotus.bodies', 'bodies'));
  expect(asked!.size).toBe(60);
  expect((await visit('one', { stature: 150 })).studio.kept!.size).toBe(0);
  expect((await visit('one', { stature: 180.5 })).studio.kept!.size).toBe(1);
});

test('a device without a place to keep anything works everything out, and says nothing', async () => {
  const { indexedDB: before } = globalThis;
  const spy = jest.spyOn(before, 'open').mockImplementation(() => {
    throw new Error('not here');
  });
  await jest.isolateModulesAsync(async () => {
    const { Shelf: Anew } = await import('./shelf.js');
    const shelf = new Anew('one');
    const studio = new Studio(library, BODY);
    await shelf.fill([studio]);
    expect(studio.posture(POSTURES[0]!).solved.reached).toBe(true);
    await shelf.keep([studio]);
  });
  spy.mockRestore();
});

test('work on bodies finds what was kept, and what it solves is kept, also where it fails', async () => {
  const [mountain, fold] = POSTURES as [(typeof POSTURES)[number], (typeof POSTURES)[number]];
  const first = await visit('one');
  const state = await first.shelf.around([first.studio], () => first.studio.posture(mountain).solved.state);
  const failing = first.shelf.around([first.studio], () => {
    first.studio.posture(fold);
    throw new Error('stopped half-way');
  });
  await expect(failing).rejects.toThrow('stopped half-way');
  // Writing goes on behind the answer: one thing after the other.
  await first.shelf.keep([]);
  const shelf = new Shelf('one');
  const studio = new Studio(library, BODY);
  const found = await shelf.around([studio], () => [studio.kept!.size, studio.posture(mountain).solved.state] as const);
  expect(found).toEqual([2, state]);
});
