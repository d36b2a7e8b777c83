/** @jest-environment jsdom */
import 'reflect-metadata';
import { readLetter } from '@lotus-steady/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { answersWith, Letter } from './Letter.js';

// The same core, without a thread of its own.
jest.mock('../../worker/core.js', () => ({ core: { letter: async (text: string) => readLetter(text) } }));

test('what is ticked is taken, the rest and the letter are not', async () => {
  const onTake = jest.fn();
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Letter conditions={[{ id: 'osteoporosis', tScore: -2 }]} onTake={onTake} />
    </QueryClientProvider>,
  );
  const user = userEvent.setup();
  await user.click(screen.getByText('From a letter or report'));
  await user.click(screen.getByLabelText(/Paste its text/));
  await user.paste('Osteoporosis, T-score -2.8. Glaucoma. No asthma.');
  await screen.findByText(/Lowest T-score.*: -2.8 SD/);
  screen.getByText(/Asthma.*denied/);
  const take = screen.getByRole<HTMLButtonElement>('button', { name: 'Take in what is ticked' });
  expect(take.disabled).toBe(true);
  await user.click(screen.getByRole('checkbox', { name: /Osteoporosis/ }));
  await user.click(take);
  expect(onTake).toHaveBeenCalledWith([{ id: 'osteoporosis', tScore: -2.8 }]);
  expect(screen.getByLabelText<HTMLTextAreaElement>(/Paste its text/).value).toBe('');
});

test('answers that a letter doesn’t give stay', () =>
  expect(answersWith([{ id: 'knee', painNow: 4 }, { id: 'asthma-copd' }], [{ id: 'knee', flexionLimit: 100 }])).toEqual([
    { id: 'knee', painNow: 4, flexionLimit: 100 },
    { id: 'asthma-copd' },
  ]));
