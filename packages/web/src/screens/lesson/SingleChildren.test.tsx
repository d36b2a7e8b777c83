/** @jest-environment jsdom */
import 'reflect-metadata';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { SingleChildren } from './SingleChildren.js';

const way = (shape: string, verdict: string, name: string | null, ...why: string[]) => ({
  shape,
  step: {
    line: shape.length,
    verdict,
    to: name === null ? null : { name, changes: [] },
    dose: '8 s',
    reasons: why.map((text) => ({ text })),
  },
});
const PLANS: Record<string, object> = {
  '1': { screening: { decision: 'practise', reasons: [] }, ways: [] },
  '2': {
    screening: { decision: 'practise', reasons: [] },
    ways: [way('Puppy Dog', 'substitute', 'Chair dog', 'Less weight on the hands.', 'Less weight on the hands.'), way('Jumping Frog', 'omit', null, 'No jumps.')],
  },
  '3': { screening: { decision: 'clearance', reasons: [{ text: 'Has a guardian agreed?' }] }, ways: [way('Puppy Dog', 'omit', null)] },
}; // prettier-ignore
jest.mock('../../worker/core.js', () => ({
  core: {
    lessonForChildren: async (_asked: unknown, people: readonly { id: string }[]) => people.map(({ id }) => ({ id, ...PLANS[id] })),
  },
}));

const CHILD = 'Children and teenagers';
const PEOPLE = [
  { id: 1, name: 'Una', conditionNames: [CHILD] },
  { id: 2, name: 'Pim', conditionNames: [CHILD, 'Wrist trouble'] },
  { id: 3, name: 'Ivo', conditionNames: [CHILD] },
  { id: 4, name: 'Grown Up', conditionNames: ['High blood pressure'] },
];

async function open(people: readonly (typeof PEOPLE)[number][]) {
  globalThis.fetch = (async (path: string) => {
    const [, id] = /people\/(\d+)$/.exec(path) ?? [];
    const record = { ...PEOPLE.find((one) => String(one.id) === id), body: {}, conditions: [], clearances: [], ownLimits: [], loosened: [], leftOut: [], preferences: [], schools: {}, props: {}, studio: { schools: {}, limits: [], timeZone: 'UTC' } }; // prettier-ignore
    return { ok: true, status: 200, headers: { get: () => 'application/json' }, json: async () => (id ? record : people) };
  }) as unknown as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter>
        <SingleChildren asked={{ age: 7, minutes: 20, space: 'mats', children: 12, theme: '' }} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  expect(screen.queryByText('Una')).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: /Single children/ }));
}

test('nobody is named before it is opened; then only children are offered', async () => {
  await open(PEOPLE);
  expect(await screen.findByRole('button', { name: 'Una' })).toBeTruthy();
  expect(screen.getByRole('button', { name: 'Pim Wrist trouble' })).toBeTruthy();
  expect(screen.queryByText('Grown Up')).toBeNull();
});

test('who joins in with everything, who does otherwise and why, and who may not practise yet', async () => {
  await open(PEOPLE);
  for (const name of ['Una', 'Pim Wrist trouble', 'Ivo']) await userEvent.click(await screen.findByRole('button', { name }));
  const heading = await screen.findByRole('heading', { name: 'Ivo' });
  const told = (name: string) => within(screen.getByRole('heading', { name }).closest('li')!);
  expect(told('Una').getByText('Joins in with everything.')).toBeTruthy();
  expect(told('Pim').getByText(/Chair dog, 8 s/)).toBeTruthy();
  // One reason is said once, and nobody is left without something to do.
  expect(told('Pim').getAllByText(/Less weight on the hands\./)).toHaveLength(1);
  expect(told('Pim').getByText(/waits in the rest shape/)).toBeTruthy();
  expect(told('Ivo').getByText('Written clearance first')).toBeTruthy();
  expect(told('Ivo').getByText('Has a guardian agreed?')).toBeTruthy();
  expect(told('Ivo').queryByText(/rest shape/)).toBeNull();
  await userEvent.click(screen.getByRole('button', { name: 'Ivo' }));
  expect(heading.isConnected).toBe(false);
});

test('where no child is kept it says how to', async () => {
  await open(PEOPLE.slice(3));
  expect((await screen.findByRole<HTMLAnchorElement>('link', { name: 'Add a child' })).getAttribute('href')).toBe('/people/new');
});
