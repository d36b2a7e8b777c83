/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { ApiError, Unreachable } from '../api/client.js';
import { dropAllDrafts, openDrafts, readDraft, unsaved, writeDraft } from './drafts.js';
import { writeHistory } from './history.js';
import { useSaved } from './use-saved.js';

interface Answer {
  readonly text: string;
  readonly version: number;
}

function setUp(send: (text: string, version: number | null) => Promise<Answer>) {
  const client = new QueryClient();
  const wrapper = ({ children }: { children: ReactNode }) => <QueryClientProvider client={client}>{children}</QueryClientProvider>;
  return renderHook(
    () => useSaved<string, Answer>({ key: 'k', version: 1, value: 'old', send, read: ({ text }) => text, invalidate: [] }),
    { wrapper },
  );
}

beforeEach(async () => {
  await dropAllDrafts();
  await openDrafts('own-1');
});

test('what is typed is kept on this device until the server has it', async () => {
  const { result } = setUp(async (text, version) => ({ text, version: (version ?? 0) + 1 }));
  act(() => result.current.change('new'));
  expect(readDraft('k')).toEqual({ version: 1, value: 'new' });
  expect(result.current.state).toEqual({ is: 'edited', restored: false });
  act(() => result.current.save());
  await waitFor(() => expect(result.current.state).toEqual({ is: 'saved' }));
  expect(readDraft('k')).toBeNull();
});

test('what was left unsaved is there again next time', () => {
  writeDraft('k', { version: 1, value: 'half a thought' });
  const { result } = setUp(() => Promise.reject(new Error('never')));
  expect(result.current.value).toBe('half a thought');
  expect(result.current.state).toEqual({ is: 'edited', restored: true });
});

test('a server that is away: the save waits, nothing is lost, and it is sent again', async () => {
  let away = true;
  const { result } = setUp(async (text) => {
    if (away) throw new Unreachable('Failed to fetch');
    return { text, version: 2 };
  });
  act(() => result.current.change('new'));
  act(() => result.current.save());
  await waitFor(() => expect(result.current.state).toEqual({ is: 'waiting' }));
  expect(readDraft('k')).toEqual({ version: 1, value: 'new' });
  away = false;
  act(() => window.dispatchEvent(new Event('online')) as unknown as void);
  await waitFor(() => expect(result.current.state).toEqual({ is: 'saved' }));
});

test('saved elsewhere meanwhile: refused with both versions; one’s own may be put on top', async () => {
  const sent: (number | null)[] = [];
  const { result } = setUp(async (text, version) => {
    sent.push(version);
    if (version === 1) throw new ApiError(409, 'changed', [], { theirs: { text: 'theirs', version: 4 } });
    return { text, version: 5 };
  });
  act(() => result.current.change('mine'));
  act(() => result.current.save());
  await waitFor(() => expect(result.current.state.is).toBe('conflict'));
  expect(readDraft('k')?.value).toBe('mine');
  act(() => result.current.takeOver('mine', 4));
  act(() => result.current.save());
  await waitFor(() => expect(result.current.state.is).toBe('saved'));
  expect(sent).toEqual([1, 4]);
});

test('typing goes on while it saves: what came later is not lost', async () => {
  let answer: (value: Answer) => void = () => undefined;
  const { result } = setUp(() => new Promise((resolve) => (answer = resolve)));
  act(() => result.current.change('one'));
  act(() => result.current.save());
  await waitFor(() => expect(result.current.state.is).toBe('saving'));
  act(() => result.current.change('one two'));
  act(() => answer({ text: 'one', version: 2 }));
  await waitFor(() => expect(result.current.state).toMatchObject({ is: 'edited' }));
  expect(readDraft('k')).toEqual({ version: 2, value: 'one two' });
});

test('drafts leave this device with whoever signs out, and nobody else is shown them', async () => {
  writeDraft('person.new', { version: null, value: { name: 'Orla' } });
  writeDraft('sequence.3', { version: 1, value: 'x' });
  expect(unsaved()).toEqual(['A person’s record that is new', 'A sequence']);
  await openDrafts('own-2');
  expect([readDraft('sequence.3'), unsaved()]).toEqual([null, []]);
  localStorage.setItem('other', 'stays');
  localStorage.setItem('lotus.draft.own-2.k', 'left by an older version, in clear');
  await dropAllDrafts();
  expect(Object.keys(localStorage)).toEqual(['other']);
});

describe('undo and redo', () => {
  const saves = async (text: string, version: number | null) => ({ text, version: (version ?? 0) + 1 });
  beforeEach(() => jest.useFakeTimers({ doNotFake: ['queueMicrotask', 'setTimeout', 'setInterval'] }));
  afterEach(() => jest.useRealTimers());
  const typed = (result: ReturnType<typeof setUp>['result'], ...texts: string[]) =>
    texts.forEach((text) => act(() => result.current.change(text)));
  const pause = () => jest.setSystemTime(Date.now() + 2000);

  test('what is typed without a pause is undone as one; back at what was saved nothing is unsaved', () => {
    const { result } = setUp(saves);
    typed(result, 'n', 'ne', 'new');
    pause();
    typed(result, 'newer');
    act(() => result.current.steps.undo());
    expect(result.current.value).toBe('new');
    act(() => result.current.steps.undo());
    expect([result.current.value, result.current.state, readDraft('k')]).toEqual(['old', { is: 'saved' }, null]);
    act(() => result.current.steps.redo());
    expect([result.current.value, result.current.state]).toEqual(['new', { is: 'edited', restored: false }]);
    expect(unsaved()).toHaveLength(1);
  });

  test('it goes on after a save and after a reload', async () => {
    const { result } = setUp(saves);
    typed(result, 'new');
    act(() => result.current.save());
    await waitFor(() => expect(result.current.state).toEqual({ is: 'saved' }));
    act(() => result.current.steps.undo());
    expect([result.current.value, result.current.state.is]).toEqual(['old', 'edited']);
    const { result: again } = setUp(saves);
    expect(again.current.steps.canRedo).toBe(true);
    act(() => again.current.steps.redo());
    expect(again.current.value).toBe('new');
  });

  test('changes are discarded at once, and that is undone as well', () => {
    const { result } = setUp(saves);
    typed(result, 'new');
    act(() => result.current.steps.discard());
    expect([result.current.value, result.current.state, result.current.steps.canDiscard]).toEqual(['old', { is: 'saved' }, false]);
    act(() => result.current.steps.undo());
    expect(result.current.value).toBe('new');
  });

  test('of another value than the one that was left nothing is undone', () => {
    writeHistory('k', { past: ['older'], now: 'elsewhere', future: [] });
    expect(setUp(saves).result.current.steps.canUndo).toBe(false);
  });
});
