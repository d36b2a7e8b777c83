/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { useState } from 'react';
import { useNextQuestion } from './use-next-question.js';

function Questions({ lines }: { lines: readonly number[] }) {
  const [open, setOpen] = useState(lines);
  const { list, answered } = useNextQuestion(open);
  const answer = (line: number) => {
    answered(line);
    setOpen(open.filter((one) => one !== line));
  };
  return (
    <>
      <textarea aria-label="notes" />
      <ol ref={list} tabIndex={-1} aria-label="lines">
        {open.map((line) => (
          <li key={line} data-question={line}>
            <button onClick={() => answer(line)}>line {line}</button>
          </li>
        ))}
      </ol>
    </>
  );
}

function answer(name: string) {
  const button = screen.getByRole('button', { name });
  button.focus();
  fireEvent.click(button);
  return document.activeElement;
}

test('the keyboard goes on to the next question, round to those before, and to the list when all are answered', () => {
  render(<Questions lines={[3, 5, 9]} />);
  expect(answer('line 5')).toBe(screen.getByRole('button', { name: 'line 9' }));
  expect(answer('line 9')).toBe(screen.getByRole('button', { name: 'line 3' }));
  expect(answer('line 3')).toBe(screen.getByRole('list', { name: 'lines' }));
});

test('whoever is writing stays there', () => {
  render(<Questions lines={[3, 5]} />);
  screen.getByRole('textbox').focus();
  fireEvent.click(screen.getByRole('button', { name: 'line 3' }));
  expect(document.activeElement).toBe(screen.getByRole('textbox'));
});
