/** @jest-environment jsdom */
import 'reflect-metadata';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { Told } from './room-channel.js';
import { useRoomByCode, useRoomCode, useToldElsewhere } from './room-code.js';

jest.mock('../../worker/core.js', () => ({ core: { pair: async (key: string) => [{ key }] } }));

/** The connection of a screen that follows, as the browser makes it. */
class FakeEvents {
  static last: FakeEvents;
  static readonly CLOSED = 2;
  readyState = 1;
  onmessage: ((told: { data: string }) => void) | null = null;
  onerror: (() => void) | null = null;
  closed = false;
  constructor(readonly url: string) {
    FakeEvents.last = this;
  }
  close() {
    this.closed = true;
  }
  tell(shown: object | null) {
    act(() => this.onmessage!({ data: JSON.stringify({ shown }) }));
  }
  fail(readyState: number) {
    this.readyState = readyState;
    act(() => this.onerror!());
  }
}
Object.assign(globalThis, { EventSource: FakeEvents });

const TOLD: Told = { name: 'Tree', side: 'left', picture: 'tree', left: 30, running: true, elapsed: 10, breathSeconds: 5, mirrored: false };
const shown = (part: object = {}) => ({ ...TOLD, picture: undefined, drawing: '[{"key":"tree"}]', ...part });

let sent: { readonly path: string; readonly shown: object | null }[] = [];
/** A server that answers what is told with a status. */
function serve(status = 200) {
  sent = [];
  globalThis.fetch = (async (path: string, { body }: { body?: string }) => {
    const { shown: told } = JSON.parse(body ?? '{}') as { shown?: object | null };
    if (told !== undefined) sent.push({ path, shown: told });
    const of = path.endsWith('/room') ? { code: '4711' } : { message: 'gone' };
    return { ok: status < 400, status, headers: { get: () => 'application/json' }, json: async () => of };
  }) as unknown as typeof fetch;
}

beforeEach(() => {
  sessionStorage.clear();
  serve();
});

describe('a screen that follows', () => {
  test('asks under its code, shows what is told, and counts on by its own clock', () => {
    jest.useFakeTimers();
    const { result, unmount } = renderHook(() => useRoomByCode('47/11'));
    expect(result.current).toEqual({ shown: null, state: 'asking' });
    expect(FakeEvents.last.url).toBe('/api/room/47%2F11/events');
    FakeEvents.last.tell(shown());
    expect(result.current).toMatchObject({
      state: 'following',
      shown: { name: 'Tree', left: 30, elapsed: 10, drawing: [{ key: 'tree' }] },
    });
    act(() => jest.advanceTimersByTime(4000));
    expect(result.current.shown).toMatchObject({ left: 26, elapsed: 14 });
    // Never past the end of the step, whatever the network does.
    act(() => jest.advanceTimersByTime(60_000));
    expect(result.current.shown).toMatchObject({ left: 0, elapsed: 40 });
    unmount();
    expect(FakeEvents.last.closed).toBe(true);
    jest.useRealTimers();
  });

  test('stands still with the class', () => {
    jest.useFakeTimers();
    const { result } = renderHook(() => useRoomByCode('4711'));
    FakeEvents.last.tell(shown({ running: false }));
    act(() => jest.advanceTimersByTime(9000));
    expect(result.current.shown).toMatchObject({ left: 30, elapsed: 10 });
    jest.useRealTimers();
  });

  test('tells a lost connection from a code that there is not', () => {
    const { result } = renderHook(() => useRoomByCode('4711'));
    FakeEvents.last.fail(0);
    expect(result.current.state).toBe('away');
    FakeEvents.last.tell(null);
    expect(result.current).toEqual({ shown: null, state: 'following' });
    FakeEvents.last.fail(FakeEvents.CLOSED);
    expect(result.current.state).toBe('no such room');
  });
});

describe('the teacher’s device', () => {
  test('asks for a code once, and goes on under it after the page is loaded anew', async () => {
    const { result } = renderHook(() => useRoomCode());
    expect(result.current.code).toBeNull();
    act(() => result.current.open());
    await waitFor(() => expect(result.current.code).toBe('4711'));
    expect(renderHook(() => useRoomCode()).result.current.code).toBe('4711');
  });

  test('says when no code was to be had', async () => {
    serve(500);
    const { result } = renderHook(() => useRoomCode());
    act(() => result.current.open());
    await waitFor(() => expect(result.current.failed).toBe(true));
  });

  test('tells each change with its picture and nobody’s name, and the end', async () => {
    const room = { code: '4711', failed: false, open: () => {}, lose: () => {} };
    const { rerender, unmount } = renderHook(({ told }) => useToldElsewhere(room, told), { initialProps: { told: TOLD } });
    await waitFor(() => expect(sent).toHaveLength(1));
    expect(sent[0]).toEqual({ path: '/api/room/4711', shown: { ...shown(), picture: undefined } });
    // Seconds alone are counted over there.
    rerender({ told: { ...TOLD, left: 29, elapsed: 11 } });
    rerender({ told: { ...TOLD, side: 'right' } });
    await waitFor(() => expect(sent).toHaveLength(2));
    expect(sent[1]!.shown).toMatchObject({ side: 'right' });
    unmount();
    await waitFor(() => expect(sent.at(-1)!.shown).toBeNull());
  });

  test('gives its code up where the server knows it no more', async () => {
    serve(404);
    const lose = jest.fn();
    renderHook(() => useToldElsewhere({ code: '4711', failed: false, open: () => {}, lose }, TOLD));
    await waitFor(() => expect(lose).toHaveBeenCalled());
  });
});
