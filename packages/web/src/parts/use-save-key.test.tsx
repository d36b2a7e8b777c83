/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { SaveBar } from './SaveBar.js';

test('Ctrl S saves what is changed, from within a field too, and never opens the browser’s own dialog', () => {
  const onSave = jest.fn();
  const bar = (is: 'edited' | 'saved' | 'saving') => (
    <>
      <input aria-label="Name" />
      <SaveBar state={is === 'edited' ? { is, restored: false } : { is }} onSave={onSave} />
    </>
  );
  const { rerender } = render(bar('edited'));
  const press = (target: Element, key: string, more = {}) => fireEvent.keyDown(target, { key, ctrlKey: true, ...more });
  expect(press(screen.getByLabelText('Name'), 's')).toBe(false);
  expect(onSave).toHaveBeenCalledTimes(1);
  press(document.body, 'S', { ctrlKey: false, metaKey: true });
  expect(onSave).toHaveBeenCalledTimes(2);
  fireEvent.keyDown(document.body, { key: 's' });
  press(document.body, 's', { shiftKey: true });
  rerender(bar('saved'));
  expect(press(document.body, 's')).toBe(false);
  rerender(bar('saving'));
  press(document.body, 's');
  expect(onSave).toHaveBeenCalledTimes(2);
});
