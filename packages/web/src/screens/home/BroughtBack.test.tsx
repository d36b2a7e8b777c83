/** @jest-environment jsdom */
import 'reflect-metadata';

import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { dayWords } from '../../parts/words.js';
import { BroughtBack } from './BroughtBack.js';

interface Kept {
  readonly key: string;
  readonly day: string;
  readonly people: readonly { readonly before: object; readonly after: object; readonly note: string }[];
}

/** A server that keeps days at home; it already has those that are given. */
function open(kept: string[] = []) {
  const sent: Kept[][] = [];
  globalThis.fetch = (async (path: string, { method, body }: { method: string; body?: string }) => {
    const asked = JSON.parse(body ?? '{}') as { logs?: Kept[]; keys?: string[] };
    if (method === 'GET') return answer(kept.map((key) => ({ key, day: key.slice(-10), present: true, before: {}, after: {}, marks: [] })));
    if (path.endsWith('take-back')) {
      kept = kept.filter((key) => !asked.keys!.includes(key));
      return answer({});
    }
    sent.push(asked.logs!);
    kept = [...kept, ...asked.logs!.map(({ key }) => key)];
    return answer({ keys: asked.logs!.map(({ key }) => key) });
  }) as unknown as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <BroughtBack person={4} title="At home: Backs" today="2026-03-14" />
    </QueryClientProvider>,
  );
  return sent;
}

function answer(of: unknown) {
  return { ok: true, status: 200, headers: { get: () => 'application/json' }, json: async () => of };
}

const bring = (file: object) =>
  userEvent.upload(
    screen.getByLabelText('File with what was done at home'),
    Object.assign(new File([], 'at-home.json', { type: 'application/json' }), { text: async () => JSON.stringify(file) }),
  );
const DIARY = {
  $schema: 'lotus-steady/home-diary-1',
  version: 1,
  title: 'At home: Backs',
  note: 'Slept better',
  days: [
    { day: '2026-03-12', before: 5, after: 3 },
    { day: '2026-02-20', before: null, after: null },
  ],
};

test('days ticked from paper are kept one for one, with the pain that was told', async () => {
  const sent = open();
  await userEvent.click(screen.getByLabelText(`Done on ${dayWords('2026-03-13')}`));
  await userEvent.selectOptions(screen.getByLabelText(`Pain after on ${dayWords('2026-03-11')}`), '2');
  await userEvent.click(screen.getByRole('button', { name: 'Keep 2 days' }));
  await screen.findByText(/2 days added/);
  expect(sent[0]!.map(({ day, people: [own] }) => [day, own!.before, own!.after])).toEqual([
    ['2026-03-13', {}, {}],
    ['2026-03-11', {}, { pain: 2 }],
  ]);
});

test('a day that is kept already can’t be kept twice', async () => {
  open(['home.4.2026-03-13']);
  expect(await screen.findByText('kept already')).toBeTruthy();
  expect(screen.queryByLabelText(`Done on ${dayWords('2026-03-13')}`)).toBeNull();
  expect(screen.getByLabelText(`Done on ${dayWords('2026-03-12')}`)).toBeTruthy();
});

test('the file that they bring back fills the days, also older ones; what they write stands once; all of it can be undone', async () => {
  const sent = open();
  await bring(DIARY);
  expect(await screen.findByText('They write: “Slept better”')).toBeTruthy();
  expect(screen.getByLabelText<HTMLSelectElement>(`Pain before on ${dayWords('2026-03-12')}`).value).toBe('5');
  expect(screen.getByLabelText<HTMLInputElement>(`Done on ${dayWords('2026-02-20')}`).checked).toBe(true);
  await userEvent.click(screen.getByRole('button', { name: 'Keep 2 days' }));
  await screen.findByText(/2 days added/);
  expect(sent[0]!.map(({ people: [own] }) => own!.note)).toEqual(['Slept better', '']);
  await waitFor(() => expect(screen.getAllByText('kept already')).toHaveLength(2));
  await userEvent.click(screen.getByRole('button', { name: 'Undo' }));
  await screen.findByText('Removed again.');
  await waitFor(() => expect(screen.queryByText('kept already')).toBeNull());
});

test('a file of something else, or with a day that is yet to come, is refused with the reason; nothing of it is taken', async () => {
  open();
  await bring({ title: 'a recipe' });
  expect(await screen.findByText(/no diary/)).toBeTruthy();
  await bring({ ...DIARY, days: [...DIARY.days, { day: '2026-03-15' }] });
  expect(await screen.findByText(/2026-03-15 is yet to come/)).toBeTruthy();
  expect(screen.getByLabelText<HTMLInputElement>(`Done on ${dayWords('2026-03-12')}`).checked).toBe(false);
  expect(screen.getByRole<HTMLButtonElement>('button', { name: 'Keep' }).disabled).toBe(true);
});
