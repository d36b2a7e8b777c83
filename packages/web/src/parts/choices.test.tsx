/** @jest-environment jsdom */
import { fireEvent, render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import type { Place } from '@lotus-steady/core';
import { Chip } from './Chip.js';
import { Choices, POINTS } from './Choices.js';
import { Drop } from './Drop.js';
import { FindField, holds } from './FindField.js';
import { PlaceChoices } from './PlaceChoices.js';
import { UndoButtons } from './UndoButtons.js';

const chosen = () =>
  screen.getAllByRole('button').filter((button) => button.getAttribute('aria-pressed') === 'true').map(({ textContent }) => textContent); // prettier-ignore

test('one of a few: another takes its place, the same takes it back', async () => {
  function Pain() {
    const [value, setValue] = useState<number | null>(null);
    return <Choices label="Pain" options={POINTS} value={value} onChange={setValue} />;
  }
  render(<Pain />);
  expect(within(screen.getByRole('group', { name: 'Pain' })).getAllByRole('button')).toHaveLength(11);
  await userEvent.click(screen.getByRole('button', { name: '3' }));
  expect(chosen()).toEqual(['3']);
  await userEvent.click(screen.getByRole('button', { name: '7' }));
  expect(chosen()).toEqual(['7']);
  await userEvent.click(screen.getByRole('button', { name: '7' }));
  expect(chosen()).toEqual([]);
});

test('where it hurts is one place, by keyboard as well', async () => {
  function Where() {
    const [value, setValue] = useState<Place | undefined>(undefined);
    return <PlaceChoices label="Where" value={value} onChange={setValue} />;
  }
  render(<Where />);
  await userEvent.click(screen.getByRole('button', { name: 'low back' }));
  await userEvent.tab();
  await userEvent.keyboard(' ');
  expect(chosen()).toEqual(['belly']);
  await userEvent.keyboard(' ');
  expect(chosen()).toEqual([]);
});

test('a chip says what it is and whether it is taken', async () => {
  const turned = jest.fn();
  render(<Chip label="Pim" note="Wrist" pressed onTurn={turned} />);
  const chip = screen.getByRole('button', { name: 'Pim Wrist' });
  expect(chip.getAttribute('aria-pressed')).toBe('true');
  await userEvent.click(chip);
  expect(turned).toHaveBeenCalledTimes(1);
});

describe('looking in a list', () => {
  test('is offered where it is long', () => {
    const { container, rerender } = render(<FindField label="Find" of={8} value="" onChange={jest.fn()} />);
    expect(container.childElementCount).toBe(0);
    rerender(<FindField label="Find" of={9} value="" onChange={jest.fn()} />);
    expect(screen.getByRole('searchbox', { name: 'Find' })).toBeTruthy();
  });

  test.each([
    ['Maret Østby', 'ost', false],
    ['Zoë Ångström', 'zoe', true],
    ['Zoë Ångström', ' ANG ', true],
    ['Slow morning', '', true],
    ['Slow morning', 'evening', false],
  ])('%s holds "%s": %s', (text, wanted, found) => expect(holds(text, wanted)).toBe(found));
});

test('what opens below its button is closed by Escape, and nothing behind it hears of it', () => {
  const heard = jest.fn();
  window.addEventListener('keydown', heard);
  render(
    <Drop button="More" buttonClass="" panelClass="" label="More of it">
      <button type="button">Inside</button>
    </Drop>,
  );
  const details = document.querySelector('details')!;
  details.open = true;
  fireEvent.keyDown(screen.getByRole('button', { name: 'Inside' }), { key: 'Escape' });
  expect([details.open, heard.mock.calls.length]).toEqual([false, 0]);
  expect(document.activeElement).toBe(document.querySelector('summary'));
  // Shut already: Escape is for whoever is behind.
  fireEvent.keyDown(document.querySelector('summary')!, { key: 'Escape' });
  expect(heard).toHaveBeenCalledTimes(1);
  window.removeEventListener('keydown', heard);
});

test('a step back and forth by keys, but not while something is written, which has steps of its own', () => {
  const [undo, redo] = [jest.fn(), jest.fn()];
  render(
    <>
      <UndoButtons canUndo canRedo={false} undo={undo} redo={redo} />
      <input aria-label="Note" />
    </>,
  );
  fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true });
  fireEvent.keyDown(document.body, { key: 'Z', metaKey: true, shiftKey: true });
  fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true, altKey: true });
  fireEvent.keyDown(screen.getByLabelText('Note'), { key: 'z', ctrlKey: true });
  expect([undo.mock.calls.length, redo.mock.calls.length]).toEqual([1, 1]);
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Redo' }).disabled).toBe(true);
});
