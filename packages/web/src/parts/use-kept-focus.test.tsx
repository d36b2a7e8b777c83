/** @jest-environment jsdom */
import { act, fireEvent, render, screen } from '@testing-library/react';
import { useRef, useState } from 'react';
import { useKeptFocus } from './use-kept-focus.js';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

function Rows({ rows }: { rows: readonly string[] }) {
  const main = useRef<HTMLElement>(null);
  const [left, setLeft] = useState(rows);
  useKeptFocus(main);
  return (
    <main ref={main} tabIndex={-1}>
      <h1>Rows</h1>
      <ul>
        {left.map((row) => (
          <li key={row}>
            <input aria-label={`note on ${row}`} />
            <button onClick={() => setTimeout(() => setLeft((all) => all.filter((one) => one !== row)), 500)}>{row}</button>
          </li>
        ))}
      </ul>
    </main>
  );
}

/** The control that is focused once a row has been removed, which takes half a second. */
function remove(name: string): string | null {
  const button = screen.getByRole('button', { name });
  button.focus();
  fireEvent.click(button);
  act(() => void jest.advanceTimersByTime(500));
  jest.advanceTimersByTime(500);
  return document.activeElement!.tagName === 'MAIN' ? 'main' : document.activeElement!.textContent;
}

test('a row that goes with its button leaves the keyboard at the next one, at the last, and at the page when none is left', () => {
  render(<Rows rows={['one', 'two', 'three']} />);
  expect(remove('two')).toBe('three');
  expect(remove('three')).toBe('one');
  expect(remove('one')).toBe('main');
});

test('whoever has gone on meanwhile stays there', () => {
  render(<Rows rows={['one', 'two']} />);
  const button = screen.getByRole('button', { name: 'one' });
  button.focus();
  fireEvent.click(button);
  const field = screen.getByRole('textbox', { name: 'note on two' });
  field.focus();
  act(() => void jest.advanceTimersByTime(5_000));
  expect(document.activeElement).toBe(field);
});
