/** @jest-environment jsdom */
import type { SequenceSummary } from '@lotus-steady/requests';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { sequencesQuery } from '../../api/queries.js';
import { useRemoval } from './use-removal.js';

const BACKS = { id: 1, title: 'Backs' };
const HIPS = { id: 2, title: 'Hips' };

/** The list, with a server that removes, or refuses to. */
function open(status = 204) {
  const sent: string[] = [];
  globalThis.fetch = (async (path: string, { method }: { method: string }) => {
    sent.push(`${method} ${path}`);
    return { ok: status < 400, status, headers: { get: () => 'application/json' }, json: async () => ({ message: 'in use' }) };
  }) as unknown as typeof fetch;
  const client = new QueryClient();
  client.setQueryData(sequencesQuery.queryKey, [BACKS, HIPS] as unknown as SequenceSummary[]);
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  const hook = renderHook(() => useRemoval(), { wrapper });
  const listed = () => client.getQueryData(sequencesQuery.queryKey)!.map(({ title }) => title);
  return { ...hook, sent, listed, client };
}
/** Lets time pass, and what was asked meanwhile be answered. */
const pass = (ms: number) => act(() => jest.advanceTimersByTimeAsync(ms));

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

test('a removal can be taken back for a while: the server hears nothing of it', async () => {
  const { result, sent, listed } = open();
  act(() => result.current.remove(BACKS));
  expect(result.current.removed).toEqual(BACKS);
  await pass(7000);
  act(() => result.current.undo());
  await pass(60_000);
  expect([result.current.removed, sent, listed()]).toEqual([null, [], ['Backs', 'Hips']]);
});

test('once it is sent it stays away from the list, also before the server has answered', async () => {
  const { result, sent, listed } = open();
  act(() => result.current.remove(BACKS));
  await pass(8000);
  expect(result.current.removed).toBeNull();
  expect([sent, listed()]).toEqual([['DELETE /api/sequences/1'], ['Hips']]);
});

test('a second removal sends the first, and whoever leaves the page has decided', async () => {
  const { result, sent, unmount } = open();
  act(() => result.current.remove(BACKS));
  act(() => result.current.remove(HIPS));
  await pass(0);
  expect(sent).toEqual(['DELETE /api/sequences/1']);
  unmount();
  await pass(0);
  expect(sent).toEqual(['DELETE /api/sequences/1', 'DELETE /api/sequences/2']);
});

test('where the server refuses it is said, and the list is asked for anew', async () => {
  const { result, client } = open(409);
  const asked = jest.spyOn(client, 'invalidateQueries');
  act(() => result.current.remove(BACKS));
  await pass(8000);
  expect((result.current.error as Error).message).toBe('in use');
  expect(asked).toHaveBeenCalledWith({ queryKey: sequencesQuery.queryKey });
});
