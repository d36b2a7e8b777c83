/** @jest-environment jsdom */
import { act, renderHook } from '@testing-library/react';
import { TextEncoder } from 'node:util';
import type { ReactNode } from 'react';

// The router needs one, and this stand-in for a browser has none.
globalThis.TextEncoder ??= TextEncoder;

let pins: typeof import('./use-pins.js');
let at: (address: string) => { wrapper: (props: { children: ReactNode }) => ReactNode };
beforeAll(async () => {
  pins = await import('./use-pins.js');
  const { MemoryRouter } = await import('react-router');
  at = (address) => ({ wrapper: ({ children }) => <MemoryRouter initialEntries={[address]}>{children}</MemoryRouter> });
});
const pin = (index: number, figure = 'tadasana/plain') => ({ person: '3', index, figure });

test('choices by hand are undone and done again, without end', () => {
  const { result } = renderHook(() => pins.usePins(), at('/'));
  for (let i = 0; i < 50; i++) act(() => result.current.set([pin(i)]));
  for (let i = 0; i < 50; i++) act(() => result.current.undo());
  expect([result.current.now, result.current.canUndo]).toEqual([[], false]);
  for (let i = 0; i < 50; i++) act(() => result.current.redo());
  expect([result.current.now, result.current.canRedo]).toEqual([[pin(49)], false]);
});

test('a new choice after an undo forgets what was undone', () => {
  const { result } = renderHook(() => pins.usePins(), at('/'));
  act(() => result.current.set([pin(1)]));
  act(() => result.current.undo());
  act(() => result.current.set([pin(2)]));
  expect([result.current.now, result.current.canRedo]).toEqual([[pin(2)], false]);
});

test('undo and redo with nothing to go back to change nothing', () => {
  const { result } = renderHook(() => pins.usePins(), at('/'));
  act(() => result.current.undo());
  act(() => result.current.redo());
  expect(result.current.now).toEqual([]);
});

test('an address brings its choices; what is no choice is passed over', () => {
  const { result } = renderHook(() => pins.usePins(), at('/?chosen=3.4.tadasana/plain%20bend-knees&chosen=nonsense&figures=2'));
  expect(result.current.now).toEqual([pin(4, 'tadasana/plain bend-knees')]);
  expect(pins.readPins(new URLSearchParams('chosen=x.1.y&chosen=1.x.y&chosen=1.2.'))).toEqual([]);
});

test.each([
  ['figures=2', 2],
  ['figures=0', 3],
  ['figures=99', 3],
  ['figures=two', 3],
  ['', 3],
])('an address with "%s" asks for %i figures', (address, figures) => expect(pins.readFigures(new URLSearchParams(address))).toBe(figures));

test('what a class shares goes into an address and comes back', () => {
  const search = new URLSearchParams({ shared: pins.writeShared({ block: 8, chair: 0 }) });
  expect(pins.readShared(search)).toEqual({ block: 8, chair: 0 });
  expect(pins.readShared(new URLSearchParams())).toBeNull();
  expect(pins.readShared(new URLSearchParams('shared=boat:3,chair:2'))).toEqual({ chair: 2 });
});
