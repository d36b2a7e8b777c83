/** @jest-environment jsdom */
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import type { TrainingCaseText } from '@lotus-steady/core/training';
import { CaseForm } from './CaseForm.js';

jest.mock('../../worker/core.js', () => ({
  core: { unclearSteps: async (steps: readonly string[]) => steps.filter((step) => step.startsWith('Something')) },
}));

const WHO = { id: 4, name: 'Vesna Holt', conditionNames: [], version: 1 };

function open() {
  globalThis.fetch = (async (path: string) => ({
    ok: true,
    status: 200,
    headers: { get: () => 'application/json' },
    json: async () =>
      path.endsWith('people') ? [WHO] : { ...WHO, conditions: [{ id: 'pregnancy', week: 30, fetuses: 1, complications: ['none'] }] },
  })) as unknown as typeof fetch;
  const saved: TrainingCaseText[] = [];
  const onSave = (written: TrainingCaseText, onSaved: () => void) => {
    saved.push(written);
    onSaved();
  };
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <CaseForm isSaving={false} onSave={onSave} />
    </QueryClientProvider>,
  );
  return saved;
}
const field = (name: string) => screen.getByRole<HTMLInputElement | HTMLTextAreaElement>('textbox', { name });

test('a case is written, and the form is empty for the next one', async () => {
  const saved = open();
  await userEvent.type(field('Invented name'), ' Ilka ');
  await userEvent.type(field('What they say of themselves'), '30 weeks pregnant with one child');
  await userEvent.click(await screen.findByRole('button', { name: /^Add Pregnancy/ }));
  await userEvent.type(field('Steps to judge, a line each'), 'Cobra, 4 breaths{enter}{enter} Final rest, 6 min ');
  await userEvent.click(screen.getByRole('button', { name: 'Keep this case' }));
  await waitFor(() => expect(saved).toHaveLength(1));
  expect(saved[0]).toMatchObject({ name: 'Ilka', level: 1, steps: ['Cobra, 4 breaths', 'Final rest, 6 min'] });
  expect(saved[0]!.conditions).toEqual([expect.objectContaining({ id: 'pregnancy', week: 30 })]);
  for (const name of ['Invented name', 'What they say of themselves', 'Steps to judge, a line each']) expect(field(name).value).toBe('');
});

test('what is wrong is said, with the step that names none, and nothing is saved', async () => {
  const saved = open();
  await userEvent.type(field('Invented name'), 'Ilka');
  await userEvent.type(field('Steps to judge, a line each'), 'Something else');
  await userEvent.click(screen.getByRole('button', { name: 'Keep this case' }));
  expect((await screen.findByRole('alert')).textContent).toContain('“Something else” names no single step of the library');
  expect(saved).toEqual([]);
  expect(field('Invented name').value).toBe('Ilka');
});

test('somebody’s conditions are taken with other numbers, and without their name', async () => {
  const saved = open();
  await userEvent.selectOptions(await screen.findByRole('combobox', { name: /Take the conditions/ }), 'Vesna Holt');
  await screen.findByRole('button', { name: /^Not Pregnancy/ });
  await userEvent.type(field('Invented name'), 'Ilka');
  await userEvent.type(field('Steps to judge, a line each'), 'Cobra');
  await userEvent.click(screen.getByRole('button', { name: 'Keep this case' }));
  await waitFor(() => expect(saved).toHaveLength(1));
  const [{ conditions, about }] = saved as [TrainingCaseText];
  expect(conditions[0]!.week).not.toBe(30);
  expect(about).not.toContain('Vesna');
});
