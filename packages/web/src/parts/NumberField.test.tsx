/** @jest-environment jsdom */
import { fireEvent, render, screen } from '@testing-library/react';
import { act, useState } from 'react';
import { setConventions } from '../theme/conventions.js';
import { NumberField } from './NumberField.js';

const heard = jest.fn<void, [number | undefined]>();

function Height({ unit }: { readonly unit: string }) {
  const [value, setValue] = useState<number | undefined>(165);
  const change = (next: number | undefined) => {
    heard(next);
    setValue(next);
  };
  return <NumberField label="Height" unit={unit} value={value} onChange={change} />;
}

afterEach(() => act(() => setConventions({ lengths: 'cm', weekBegins: 'monday' })));

test('a length is typed in inches where that was chosen, and kept in cm to a millimetre', () => {
  act(() => setConventions({ lengths: 'in', weekBegins: 'monday' }));
  render(<Height unit="cm" />);
  const field = screen.getByLabelText<HTMLInputElement>('Height');
  expect(field.value).toBe('65');
  expect(screen.getByText('in')).toBeTruthy();
  fireEvent.change(field, { target: { value: '70.5' } });
  expect(heard).toHaveBeenLastCalledWith(179.1);
  fireEvent.blur(field);
  expect(field.value).toBe('70.5');
  fireEvent.change(field, { target: { value: '' } });
  expect(heard).toHaveBeenLastCalledWith(undefined);
});

test('what is no length stays as it is', () => {
  act(() => setConventions({ lengths: 'in', weekBegins: 'monday' }));
  render(<Height unit="kg" />);
  expect(screen.getByLabelText<HTMLInputElement>('Height').value).toBe('165');
  expect(screen.getByText('kg')).toBeTruthy();
});
