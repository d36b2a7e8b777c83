/** @jest-environment jsdom */
import 'reflect-metadata';
import type { Question } from '@lotus-steady/core';
import type { PersonDraft } from '../person/person-draft.js';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { Guest } from './Guest.js';

let sent: PersonDraft[];
const taken = jest.fn<void, [number, readonly Question[]]>();

function open() {
  sent = [];
  taken.mockClear();
  globalThis.fetch = (async (_: string, { body }: RequestInit) => {
    sent.push(JSON.parse(String(body)) as PersonDraft);
    return {
      ok: true,
      status: 201,
      headers: new Headers({ 'content-type': 'application/json' }),
      json: async () => ({ id: 40 }),
    } as Response;
  }) as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <Guest name="Juno Wick" day="2026-03-02" onTake={taken} />
    </QueryClientProvider>,
  );
  return userEvent.setup();
}
const words = () => screen.getByLabelText('Anything to look after? In their words');

test('a guest without anything is added by name', async () => {
  const user = open();
  await user.click(screen.getByRole('button', { name: 'Add them: nothing to look after' }));
  expect(sent).toMatchObject([{ name: 'Juno Wick', note: '', conditions: [] }]);
  await waitFor(() => expect(taken).toHaveBeenCalledWith(40, []));
});

test('what they say is found by plain words and chosen by a tap', async () => {
  const user = open();
  await user.type(words(), 'high bp');
  await user.click(screen.getByRole('button', { name: 'High blood pressure' }));
  expect(words()).toHaveProperty('value', '');
  await user.click(screen.getByRole('button', { name: 'Add them, and ask what decides' }));
  expect(sent).toMatchObject([{ conditions: [{ id: 'hypertension' }], note: '' }]);
  await waitFor(() => expect(taken).toHaveBeenCalledTimes(1));
  // The questions that decide go along.
  expect(taken.mock.calls[0]![1].map(({ parameter }) => parameter)).toEqual(expect.arrayContaining(['systolic', 'diastolic']));
});

test('what stands for no condition is kept as a remark, and nobody is told that nothing is to look after', async () => {
  const user = open();
  await user.type(words(), 'afraid of dogs');
  expect(screen.queryByRole('button', { name: /nothing to look after/ })).toBeNull();
  await user.click(screen.getByRole('button', { name: 'Add them with this as a remark: nothing is checked' }));
  expect(sent).toMatchObject([{ conditions: [], note: 'afraid of dogs' }]);
});
