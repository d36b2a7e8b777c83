/** @jest-environment jsdom */
import 'reflect-metadata';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes, useLocation } from 'react-router';
import { BuildScreen } from './BuildScreen.js';

const built: unknown[] = [];
jest.mock('../../worker/core.js', () => ({
  core: {
    build: async (_people: unknown, asked: { character: string }) => {
      built.push(asked);
      return `# ${asked.character}\nMountain, 5 breaths`;
    },
    read: async () => ({ problems: [], sequence: { steps: [] }, lines: [], figures: [] }),
    readText: async () => ({ problems: [], sequence: { steps: [] }, lines: [], figures: [] }),
    fits: async () => ({ minutes: 31, people: [{ changed: 2, out: 1 }] }),
  },
}));

const WHO = { id: 4, name: 'Vesna Holt', conditionNames: [], version: 1 };
const STUDIO = { schools: {}, limits: [], timeZone: 'UTC' };

function Elsewhere() {
  return <p>at {useLocation().pathname}</p>;
}

function open() {
  const taken: string[] = [];
  globalThis.fetch = (async (path: string, { method, body }: { method: string; body?: string }) => {
    if (method === 'POST') taken.push((JSON.parse(body!) as { text: string }).text);
    const of =
      method === 'POST'
        ? { id: 77 }
        : path.endsWith('people')
          ? [WHO]
          : {
              ...WHO,
              note: '',
              body: {},
              studio: STUDIO,
              schools: {},
              ownLimits: [],
              loosened: [],
              clearances: [],
              leftOut: [],
              props: {},
            };
    return { ok: true, status: 200, headers: { get: () => 'application/json' }, json: async () => of };
  }) as unknown as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>
        <Routes>
          <Route path="/" element={<BuildScreen />} />
          <Route path="*" element={<Elsewhere />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return taken;
}

beforeEach(() => (built.length = 0));

test('three classes are built for what was chosen, and the one that is taken opens for whom it was built', async () => {
  const taken = open();
  await userEvent.click(await screen.findByRole('button', { name: /Vesna Holt/ }));
  await userEvent.click(screen.getByRole('button', { name: 'calm' }));
  await userEvent.click(screen.getByRole('button', { name: 'Build three' }));
  await waitFor(() => expect(screen.getAllByRole('region', { name: /class$/ })).toHaveLength(3));
  const classes = screen.getAllByRole('region', { name: /class$/ });
  await waitFor(() => expect(built).toHaveLength(3));
  expect(built).toEqual(expect.arrayContaining([expect.objectContaining({ purposes: ['calm'], minutes: 45, place: 'mat' })]));
  const take = within(classes[1]!).getByRole('button', { name: 'Take this one' });
  await waitFor(() => expect(take.hasAttribute('disabled')).toBe(false));
  await userEvent.click(take);
  expect(await screen.findByText('at /sequences/77/for/4')).toBeTruthy();
  expect(taken).toHaveLength(1);
});

test('a time that no class has, or a hall without its chairs, builds nothing and says why', async () => {
  open();
  const minutes = await screen.findByLabelText('How long');
  await userEvent.clear(minutes);
  await userEvent.type(minutes, '200');
  expect(screen.getByText('5 to 120 minutes')).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Build three' }).hasAttribute('disabled')).toBe(true);
  expect(built).toEqual([]);
});

test('a choice is taken back by a second tap', async () => {
  open();
  const calm = await screen.findByRole('button', { name: 'calm' });
  await userEvent.click(calm);
  expect(calm.getAttribute('aria-pressed')).toBe('true');
  await userEvent.click(calm);
  expect(calm.getAttribute('aria-pressed')).toBe('false');
});
