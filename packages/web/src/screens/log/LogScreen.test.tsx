/** @jest-environment jsdom */
import 'reflect-metadata';
import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, Route, Routes } from 'react-router';
import { dropAllDrafts, openDrafts } from '../../drafts/drafts.js';
import { readRun, runKey, tellRun } from '../teach/class-run.js';
import { LogScreen } from './LogScreen.js';

jest.mock('../../parts/Thumb.js', () => ({ Thumb: () => null }));
jest.mock('../../worker/core.js', () => ({ core: { strains: async () => [], asanas: async () => [] } }));

const RUN = runKey(1, [2, 12], '2026-02-04');
const PEOPLE = new Map([
  [2, 'Vesna Holt'],
  [12, 'Ilja Brand'],
]);
const part = (personId: number) => ({
  personId,
  present: true,
  before: {},
  after: {},
  felt: 'same',
  harder: null,
  note: '',
  marks: [],
  decided: [],
});
const LOG = { key: RUN.slice(6), title: 'Backs', day: '2026-02-04', startedAt: null, endedAt: null, note: '', incident: '', version: 1 };

interface Sent {
  readonly version?: number;
  readonly note: string;
  readonly people: readonly { readonly personId: number; readonly felt: string | null }[];
}

/** The log of a class of two; those who are erased are nobody's record any more. */
function open({ log = null, erased = [] }: { log?: object | null; erased?: number[] } = {}) {
  const sent: Sent[] = [];
  let conflict: object | null = null;
  globalThis.fetch = (async (path: string, { method, body }: { method: string; body?: string }) => {
    if (method === 'PUT') {
      if (conflict) {
        const theirs = conflict;
        conflict = null;
        return answer({ message: 'meanwhile', theirs }, 409);
      }
      sent.push(JSON.parse(body!) as Sent);
      return answer({ ...LOG, ...(JSON.parse(body!) as object), version: 2 });
    }
    if (path.endsWith('/sequences/1')) return answer({ id: 1, title: 'Backs', text: 'Mountain', tags: [], version: 1 });
    if (path.includes('/logs/')) return log ? answer(log) : answer({ message: 'none' }, 404);
    if (path.endsWith('/history')) return answer([]);
    const id = Number(/people\/(\d+)$/.exec(path)?.[1]);
    return PEOPLE.has(id) && !erased.includes(id) ? answer({ id, name: PEOPLE.get(id), body: {}, conditions: [], leftOut: [], preferences: [], ownLimits: [] }) : answer({ message: `No person ${id}` }, 404); // prettier-ignore
  }) as unknown as typeof fetch;
  render(
    <QueryClientProvider client={new QueryClient({ defaultOptions: { queries: { retry: false } } })}>
      <MemoryRouter initialEntries={['/sequences/1/for/2,12/log?day=2026-02-04']}>
        <Routes>
          <Route path="/sequences/:sequence/for/:person/log" element={<LogScreen />} />
        </Routes>
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return {
    sent,
    logElsewhere: (note: string) => {
      conflict = { ...LOG, note, version: 5, people: [part(2), part(12)] };
    },
  };
}

function answer(of: object, status = 200) {
  return { ok: status < 400, status, headers: { get: () => 'application/json' }, json: async () => of };
}

const press = (name: string | RegExp) => userEvent.click(screen.getByRole('button', { name }));
const note = () => screen.getByLabelText<HTMLTextAreaElement>('About the class');

beforeEach(async () => {
  await dropAllDrafts();
  await openDrafts('own-1');
});

test('a class where nothing stood out is noted with two clicks, and what the device kept of it is gone then', async () => {
  tellRun(RUN, { 2: { pain: 3 } });
  const { sent } = open();
  await screen.findByText('Vesna Holt');
  await press('All felt the same');
  await press('Save');
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]!.people.map(({ personId, felt }) => [personId, felt])).toEqual([
    [2, 'same'],
    [12, 'same'],
  ]);
  await waitFor(() => expect(readRun(RUN)).toBeNull());
});

test('the log of a class opens when somebody of it was erased, and shows who is left', async () => {
  open({ log: { ...LOG, people: [part(2)] }, erased: [12] });
  expect(await screen.findByText('Vesna Holt')).toBeTruthy();
  expect(screen.queryByText('Ilja Brand')).toBeNull();
  expect(screen.getByText(/1 came/)).toBeTruthy();
});

test('who is not known where a class is still to be noted, is said', async () => {
  open({ erased: [12] });
  expect(await screen.findByText(/No person 12/)).toBeTruthy();
});

test('logged elsewhere meanwhile: theirs is taken, or mine goes on from its version; neither is lost unasked', async () => {
  const { sent, logElsewhere } = open({ log: { ...LOG, people: [part(2), part(12)] } });
  await screen.findByText('Vesna Holt');
  await userEvent.type(note(), 'quiet');
  logElsewhere('theirs');
  await press('Save');
  await screen.findByText('This class was logged elsewhere meanwhile');
  expect(note().value).toBe('quiet');
  await press('Keep mine instead');
  await press('Save');
  await waitFor(() => expect(sent).toHaveLength(1));
  expect(sent[0]).toMatchObject({ note: 'quiet', version: 5 });
  await userEvent.type(note(), ' and warm');
  logElsewhere('theirs');
  await press('Save');
  await screen.findByText('This class was logged elsewhere meanwhile');
  await press('Go on from that one');
  expect(note().value).toBe('theirs');
  expect(sent).toHaveLength(1);
});
