/** @jest-environment jsdom */
import 'reflect-metadata';
import type { Person } from '@lotus-steady/requests';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { dropAllDrafts, openDrafts, readDraft } from '../../drafts/drafts.js';
import { NEW_PERSON } from './person-draft.js';
import { PersonForm } from './PersonForm.js';

jest.mock('../../parts/Thumb.js', () => ({ Thumb: () => null }));

interface Sent {
  readonly method: string;
  readonly path: string;
  readonly body: Record<string, unknown>;
}

/** The form, with a server that keeps what it is sent. */
function open(part = 'who', stored: Person | null = null) {
  const sent: Sent[] = [];
  globalThis.fetch = (async (path: string, { method, body }: { method: string; body?: string }) => {
    if (method === 'GET') return answer(path.endsWith('/studio') ? { schools: {}, limits: [], timeZone: 'UTC' } : []);
    sent.push({ method, path, body: JSON.parse(body ?? '{}') as Record<string, unknown> });
    return answer({ ...(JSON.parse(body ?? '{}') as object), id: 12, version: 2 });
  }) as unknown as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={[`/people/new?part=${part}`]}>
        <PersonForm stored={stored} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return sent;
}

function answer(of: unknown) {
  return { ok: true, status: 200, headers: { get: () => 'application/json' }, json: async () => of };
}

const press = (name: RegExp) => userEvent.click(screen.getByRole('button', { name }));

beforeEach(async () => {
  await dropAllDrafts();
  await openDrafts('own-1');
});

test('nobody is saved without a name, and it is said beside the field only once it was tried', async () => {
  const sent = open();
  expect(screen.queryByText(/name/i, { selector: '.text-accent' })).toBeNull();
  await userEvent.type(screen.getByLabelText('Age'), '44');
  await press(/^Save/);
  expect(sent).toEqual([]);
  expect(screen.getByLabelText('Name').getAttribute('aria-invalid')).toBe('true');
  await userEvent.type(screen.getByLabelText('Name'), 'Vesna Holt');
  await press(/^Save/);
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({ method: 'POST', path: '/api/people', body: { name: 'Vesna Holt', body: { age: 44 } } });
});

test('what is typed is kept on the device until it is saved; a number out of range is not sent', async () => {
  const sent = open();
  await userEvent.type(screen.getByLabelText('Name'), 'Vesna Holt');
  await userEvent.type(screen.getByLabelText('Height'), '1700');
  expect(readDraft<{ name: string }>('person.new')!.value).toMatchObject({ name: 'Vesna Holt', body: { stature: 1700 } });
  await press(/^Save/);
  expect(sent).toEqual([]);
  expect(screen.getByLabelText('Height').getAttribute('aria-invalid')).toBe('true');
});

test('a field that is emptied again is no answer', async () => {
  open();
  await userEvent.type(screen.getByLabelText('Weight'), '70');
  await userEvent.clear(screen.getByLabelText('Weight'));
  // As it was before: nothing is left to be saved.
  expect(readDraft('person.new')).toBeNull();
});

test('blankets found by trial are part of the body', async () => {
  open('reach');
  const stack = within(screen.getByRole('region', { name: 'Shoulder stand: the blankets' }));
  await userEvent.click(stack.getByRole('button', { name: '+ 5 mm' }));
  expect(readDraft<{ body: { shoulderStack: number } }>('person.new')!.value.body.shoulderStack).toBeGreaterThan(5);
});

const PREGNANT = {
  id: 4,
  version: 3,
  ...NEW_PERSON,
  name: 'Ansa Kettil',
  note: 'Likes the wall.',
  conditions: [{ id: 'pregnancy', week: 20, asOf: '2026-03-02' }],
} as unknown as Person;

test('what goes on by itself doesn’t end without a question: what was recorded and what is said now are both kept', async () => {
  const sent = open('conditions', PREGNANT);
  await userEvent.click(await screen.findByRole('button', { name: 'Remove Pregnancy' }));
  const asked = within(screen.getByRole('dialog'));
  expect(asked.getByText(/^Pregnancy: .*told on/)).toBeTruthy();
  await userEvent.click(asked.getByRole('button', { name: 'It is over: keep this as a remark' }));
  await press(/^Save/);
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]!.body).toMatchObject({
    conditions: [],
    note: expect.stringMatching(/^Likes the wall\.\n.*no longer so\. Before, Pregnancy: /),
  });
});

test('it can be left as it was, or taken out as never so', async () => {
  open('conditions', PREGNANT);
  await userEvent.click(await screen.findByRole('button', { name: 'Remove Pregnancy' }));
  await press(/^Leave it in the record/);
  expect(readDraft('person.4')).toBeNull();
  await userEvent.click(await screen.findByRole('button', { name: 'Remove Pregnancy' }));
  await press(/^It was never so/);
  expect(readDraft<{ note: string; conditions: unknown[] }>('person.4')!.value).toMatchObject({ note: 'Likes the wall.', conditions: [] });
});
