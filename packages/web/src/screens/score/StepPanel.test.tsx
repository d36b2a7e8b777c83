/** @jest-environment jsdom */
import type { StepJson } from '@lotus-steady/core';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { fireEvent, render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { ScoreStep } from '../../worker/score-steps.js';
import { StepPanel, type OwnEdit } from './StepPanel.js';

jest.mock('../../worker/queries.js', () => ({
  findQuery: (words: string) => ({
    queryKey: ['find', words],
    queryFn: () => [{ id: 'balasana', name: 'Child’s pose' }].filter(({ name }) => name.toLowerCase().includes(words.toLowerCase())),
  }),
  pictureQuery: (key: string) => ({ queryKey: ['picture', key], queryFn: () => null }),
  pairQuery: (key: string) => ({ queryKey: ['pair', key], queryFn: () => null }),
}));
// jsdom lays nothing out.
Element.prototype.scrollIntoView = () => undefined;

const GIVEN = { given: { key: 'tree', widthCm: 50, heightCm: 170 }, givenName: 'Tree', givenDose: '5 breaths' } as ScoreStep;

function open(over: { readonly step?: Partial<StepJson>; readonly index?: number; readonly count?: number } = {}) {
  const edits: OwnEdit[] = [];
  let closed = 0;
  render(
    <QueryClientProvider client={new QueryClient()}>
      <StepPanel
        given={GIVEN}
        step={{ ...over.step } as StepJson}
        index={over.index ?? 1}
        count={over.count ?? 3}
        onEdit={(edit) => edits.push(edit)}
        onClose={() => closed++}
      />
    </QueryClientProvider>,
  );
  return { edits, closed: () => closed };
}

test('each button is one edit, and Escape closes', async () => {
  const { edits, closed } = open();
  for (const name of ['Shorter', 'Longer', 'Earlier', 'Later', 'Take it out']) await userEvent.click(screen.getByRole('button', { name }));
  expect(edits).toEqual([{ do: 'dose', by: -1 }, { do: 'dose', by: 1 }, { do: 'move', to: 0 }, { do: 'move', to: 2 }, { do: 'remove' }]);
  fireEvent.keyDown(screen.getByRole('region', { name: 'Tree, for everybody' }), { key: 'Escape' });
  expect(closed()).toBe(1);
});

test('the first step goes no earlier, the last no later, and the only one stays', () => {
  open({ index: 0, count: 1 });
  for (const name of ['Earlier', 'Later', 'Take it out'])
    expect(screen.getByRole<HTMLButtonElement>('button', { name }).disabled).toBe(true);
});

test('a note is kept once, when it is left, and only where it has changed', async () => {
  const { edits } = open({ step: { note: 'watch the knee' } });
  const note = screen.getByLabelText('Note to yourself');
  fireEvent.blur(note);
  expect(edits).toEqual([]);
  await userEvent.type(note, 's{Enter}');
  expect(edits).toEqual([{ do: 'note', note: 'watch the knees' }]);
});

test('another asana is found by its name; a step of a salutation can only be added to', async () => {
  const { edits } = open();
  await userEvent.type(screen.getByLabelText('Do something else here'), 'child');
  await userEvent.click(await screen.findByRole('button', { name: 'Child’s pose' }));
  expect(edits).toEqual([{ do: 'name', name: 'Child’s pose' }]);
});

test('a step of a salutation isn’t replaced by itself', () => {
  open({ step: { of: 'surya-namaskara-classic' } as Partial<StepJson> });
  expect(screen.queryByLabelText('Do something else here')).toBeNull();
  expect(screen.getByText(/its steps change together/)).toBeTruthy();
});
