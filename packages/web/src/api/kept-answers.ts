import type { Teacher } from '@lotus-steady/requests';
import type { Query, QueryClient } from '@tanstack/react-query';
import { accountOf, openDrafts, openDraftsOf, openedVault } from '../drafts/drafts.js';
import { sessionQuery } from './queries.js';
import { clear, createStore, delMany, entries, set, type UseStore } from 'idb-keyval';

/** Answers of the server that a class is taught and logged with, by the first word of their key. */
const KEPT: ReadonlySet<unknown> = new Set(['session', 'state', 'studio', 'words', 'people', 'sequences', 'classes', 'logs']);
/** What nobody asked for so long is forgotten. */
const FORGET_MS = 14 * 24 * 3600_000;
/** The account whose answers lie on this device: a number, nothing of anybody. */
const WHOSE = 'lotus.account';

interface KeptAnswer {
  readonly key: readonly unknown[];
  /** Sealed: only the key of the account, which leaves with it, opens it. */
  readonly sealed: string;
  readonly at: number;
}

let opened: UseStore | null = null;
/** Opened when it is first needed: a page without IndexedDB keeps nothing. */
const store = (): UseStore => (opened ??= createStore('lotus-answers', 'answers'));
const hasStore = () => typeof indexedDB !== 'undefined';

/** Whether a query is of the server, and is kept on the device. */
export function isKept({ queryKey }: Pick<Query, 'queryKey'>): boolean {
  return KEPT.has(queryKey[0]);
}

/** From now on each answer is kept on this device, sealed, for as long as its account is signed in here. */
export async function keepAnswers(queries: QueryClient, teacher: Teacher): Promise<void> {
  await openDraftsOf(teacher);
  const vault = openedVault();
  if (!vault || !hasStore() || watched.has(queries)) return;
  watched.add(queries);
  localStorage.setItem(WHOSE, accountOf(teacher));
  const cache = queries.getQueryCache();
  cache.subscribe(({ type, query }) => {
    if (type === 'updated') void keep(query);
  });
  for (const query of cache.getAll()) void keep(query);
}
const watched = new WeakSet<QueryClient>();
/** When each answer was kept last: telling of it again changes nothing. */
const keptAt = new Map<string, number>();

async function keep(query: Query): Promise<void> {
  const { queryKey: key, state } = query;
  const { data, dataUpdatedAt: at } = state;
  const place = JSON.stringify(key);
  const vault = openedVault();
  if (!vault || !isKept(query) || state.status !== 'success' || keptAt.get(place) === at) return;
  keptAt.set(place, at);
  const sealed = await vault.seal(JSON.stringify(data ?? null));
  // Whoever signed out meanwhile leaves nothing.
  if (openedVault() !== vault) return;
  await set(place, { key, sealed, at } satisfies KeptAnswer, store()).catch(() => undefined);
}

/**
 * Where the server can't be reached: the answers that this device keeps of whoever is signed in here, as they were
 * then. Returns whether there are any.
 */
export async function openKeptAnswers(queries: QueryClient, now = Date.now()): Promise<boolean> {
  const whose = localStorage.getItem(WHOSE);
  if (whose === null || !hasStore()) return false;
  await openDrafts(whose);
  const vault = openedVault();
  if (!vault) return false;
  const old: string[] = [];
  for (const [place, { key, sealed, at }] of (await entries(store())) as [string, KeptAnswer][]) {
    const text = now - at > FORGET_MS ? null : await vault.unseal(sealed);
    if (text === null) old.push(place);
    else queries.setQueryData(key, JSON.parse(text), { updatedAt: at });
  }
  await delMany(old, store());
  return queries.getQueryData(sessionQuery.queryKey) !== undefined;
}

/** Nothing of anybody stays where somebody signs out. */
export async function dropKeptAnswers(): Promise<void> {
  localStorage.removeItem(WHOSE);
  keptAt.clear();
  if (hasStore()) await clear(store()).catch(() => undefined);
}
