import 'fake-indexeddb/auto';
import type { Teacher } from '@lotus-steady/requests';
import { QueryClient } from '@tanstack/react-query';
import { createStore, entries } from 'idb-keyval';
import { dropAllDrafts } from '../drafts/drafts.js';
import { dropKeptAnswers, keepAnswers, openKeptAnswers } from './kept-answers.js';

/** A store of texts as browsers have it: what it holds are its own keys. */
const hidden = (value: unknown) => ({ value, enumerable: false });
const storage: Record<string, string> = Object.create(null, {
  getItem: hidden((key: string) => storage[key] ?? null),
  setItem: hidden((key: string, value: string) => void (storage[key] = value)),
  removeItem: hidden((key: string) => void delete storage[key]),
}) as Record<string, string>;
Object.defineProperty(globalThis, 'localStorage', { value: storage, configurable: true });

const teacher = { id: 7, name: 'Imre Vandal', demo: true } as Teacher;
const NAME = 'Isolde Carran';
const keptOnDevice = () => entries(createStore('lotus-answers', 'answers'));
const settle = () => new Promise((resolve) => setTimeout(resolve, 50));

/** What a page that was there before has left on the device. */
async function leftBehind(): Promise<void> {
  const queries = new QueryClient();
  queries.setQueryData(['session'], teacher);
  await keepAnswers(queries, teacher);
  queries.setQueryData(['people', 9], { id: 9, name: NAME });
  queries.setQueryData(['score', 'of a class'], { worked: 'out here' });
  await settle();
}

afterEach(async () => {
  await dropKeptAnswers();
  await dropAllDrafts();
});

test('answers of the server are kept sealed, and are there again without it; what is worked out here is not kept', async () => {
  await leftBehind();
  const kept = await keptOnDevice();
  expect(kept.map(([place]) => place).sort()).toEqual(['["people",9]', '["session"]']);
  expect(JSON.stringify(kept)).not.toContain(NAME);

  const later = new QueryClient();
  expect(await openKeptAnswers(later)).toBe(true);
  expect(later.getQueryData(['people', 9])).toEqual({ id: 9, name: NAME });
  expect(later.getQueryData(['score', 'of a class'])).toBeUndefined();
});

test('after two weeks they are forgotten', async () => {
  await leftBehind();
  const later = new QueryClient();
  expect(await openKeptAnswers(later, Date.now() + 15 * 24 * 3600_000)).toBe(false);
  expect(await keptOnDevice()).toEqual([]);
});

test('whoever signs out leaves nothing, and the key that opened it is gone: a copy of the device tells nothing', async () => {
  await leftBehind();
  await dropAllDrafts();
  // The answers were copied before they were dropped: another key does not open them.
  const later = new QueryClient();
  expect(await openKeptAnswers(later)).toBe(false);
  expect(later.getQueryData(['people', 9])).toBeUndefined();
  await dropKeptAnswers();
  expect(await keptOnDevice()).toEqual([]);
});

test('a device on which nobody was has nothing to open', async () => {
  expect(await openKeptAnswers(new QueryClient())).toBe(false);
});
