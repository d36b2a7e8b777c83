/** @jest-environment jsdom */
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { PrintPdf } from './PrintPdf.js';

const link = () => new URL(screen.getByRole<HTMLAnchorElement>('link', { name: 'PDF' }).href);

test('the sheet is asked for as it stands on the screen, on the paper and in the letters that were chosen', async () => {
  const language = jest.spyOn(navigator, 'language', 'get').mockReturnValue('en-US');
  render(<PrintPdf path="lesson/sheet" asked={{ age: 7, theme: '', children: undefined }} name="Lesson" />);
  expect(link().pathname).toBe('/api/lesson/sheet');
  expect(Object.fromEntries(link().searchParams)).toEqual({ age: '7', paper: 'LETTER', large: '0' });
  await userEvent.selectOptions(screen.getByLabelText('Paper'), 'A4');
  await userEvent.click(screen.getByLabelText('Large print'));
  expect(Object.fromEntries(link().searchParams)).toEqual({ age: '7', paper: 'A4', large: '1' });
  expect(screen.getByRole<HTMLAnchorElement>('link').download).toBe('Lesson.pdf');
  language.mockRestore();
});
