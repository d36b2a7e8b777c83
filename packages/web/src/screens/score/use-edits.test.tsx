/** @jest-environment jsdom */
import type { Pin, StepEdit } from '@lotus-steady/core';
import { act, renderHook } from '@testing-library/react';
import type { ReactNode } from 'react';
import { dropAllDrafts } from '../../drafts/drafts.js';

// The router needs one, and this stand-in for a browser has none.

/** The worker's part: a removed step's line goes, and with it the choices for it. */
const edited = jest.fn(async (text: string, pins: readonly Pin[], { index }: StepEdit) => ({
  text: text.split(' ').filter((_, i) => i !== index).join(' '),
  pins: pins.filter((pin) => pin.index !== index),
  index,
})); // prettier-ignore
jest.mock('../../worker/core.js', () => ({ core: { edited: (...args: Parameters<typeof edited>) => edited(...args) } }));

let useEdits: typeof import('./use-edits.js').useEdits;
beforeEach(() => dropAllDrafts());

let opened: (address?: string, keep?: (text: string) => void) => { current: ReturnType<typeof useEdits> };
beforeAll(async () => {
  ({ useEdits } = await import('./use-edits.js'));
  const { MemoryRouter } = await import('react-router');
  opened = (address = '/', keep = () => undefined) =>
    renderHook(() => useEdits('1.3', 'a b c d', keep), {
      wrapper: ({ children }: { children: ReactNode }) => <MemoryRouter initialEntries={[address]}>{children}</MemoryRouter>,
    }).result;
});
const pin = (index: number, figure = 'tadasana/plain') => ({ person: '3', index, figure });

test('choices by hand are undone and done again, without end', () => {
  const edits = opened();
  for (let i = 0; i < 50; i++) act(() => edits.current.setPins([pin(i)]));
  for (let i = 0; i < 50; i++) act(() => edits.current.undo());
  expect([edits.current.now.pins, edits.current.canUndo]).toEqual([[], false]);
  for (let i = 0; i < 50; i++) act(() => edits.current.redo());
  expect([edits.current.now.pins, edits.current.canRedo]).toEqual([[pin(49)], false]);
});

test('a new choice after an undo forgets what was undone', () => {
  const edits = opened();
  act(() => edits.current.setPins([pin(1)]));
  act(() => edits.current.undo());
  act(() => edits.current.setPins([pin(2)]));
  expect([edits.current.now.pins, edits.current.canRedo]).toEqual([[pin(2)], false]);
});

test('undo and redo with nothing to go back to change nothing', () => {
  const edits = opened();
  act(() => edits.current.undo());
  act(() => edits.current.redo());
  expect(edits.current.now).toEqual({ text: 'a b c d', pins: [] });
});

test('an edit takes the text and the choices along, is kept, and both come back together', async () => {
  const keep = jest.fn();
  const edits = opened('/?chosen=3.1.tadasana/plain&chosen=3.2.balasana/plain', keep);
  await act(() => edits.current.edit({ do: 'remove', index: 1 }));
  expect(edits.current.now).toEqual({ text: 'a c d', pins: [pin(2, 'balasana/plain')] });
  expect(keep.mock.calls).toEqual([['a c d']]);
  act(() => edits.current.undo());
  expect(edits.current.now).toEqual({ text: 'a b c d', pins: [pin(1), pin(2, 'balasana/plain')] });
  expect(keep).toHaveBeenLastCalledWith('a b c d');
});

test('two edits at once follow each other: neither is lost', async () => {
  const edits = opened();
  await act(() => Promise.all([edits.current.edit({ do: 'remove', index: 0 }), edits.current.edit({ do: 'remove', index: 0 })]));
  expect(edits.current.now.text).toBe('c d');
});

test('an edit that changes nothing is no step back', async () => {
  edited.mockResolvedValueOnce({ text: 'a b c d', pins: [], index: 0 });
  const edits = opened();
  await act(() => edits.current.edit({ do: 'dose', index: 0, by: -1 }));
  expect(edits.current.canUndo).toBe(false);
});

test('who comes back from teaching undoes what was done before', () => {
  const before = opened();
  act(() => before.current.setPins([pin(1)]));
  const back = opened('/?chosen=3.1.tadasana/plain');
  expect(back.current.canUndo).toBe(true);
  act(() => back.current.undo());
  expect(back.current.now.pins).toEqual([]);
  // Another score, and one that was changed meanwhile, begin anew.
  expect(opened('/?chosen=3.2.balasana/plain').current.canUndo).toBe(false);
});
