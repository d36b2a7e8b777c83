/** @jest-environment jsdom */
import 'reflect-metadata';
import type { Question, Told } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { QueryClient, QueryClientProvider, useQuery } from '@tanstack/react-query';
import { render, screen, waitFor, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { dropAllDrafts } from '../../drafts/drafts.js';
import { personQuery } from '../../api/queries.js';
import { DoorRow } from './DoorRow.js';

const DAY = '2026-03-02';
let decision = 'practise';
jest.mock('../../worker/core.js', () => ({
  core: {
    meaning: async () => ({
      screening: { decision, reasons: decision === 'practise' ? [] : [{ condition: 'hypertension', text: 'Pressure is too high today.' }] },
    }),
  },
}));

const PERSON = {
  id: 7,
  version: 1,
  name: 'Bero Talman',
  body: {},
  conditions: [{ id: 'hypertension', systolic: 150, diastolic: 92, controlled: 'no', aneurysm: false, asOf: DAY }],
  clearances: [],
  ownLimits: [],
  loosened: [],
  leftOut: [],
  preferences: [],
  schools: {},
  props: {},
  breathSeconds: 5,
  note: 'Has a bad marriage.',
  studio: { schools: {}, limits: [], timeZone: 'UTC' },
  updatedAt: '2026-03-02T08:00:00.000Z',
} as unknown as Person;

const heard = jest.fn<void, [Told]>();
const onAsk = jest.fn<void, [readonly Question[]]>();
let written: { conditions: Record<string, unknown>[] }[];

function Row({ asks, day }: { asks: readonly Question[]; day: string }) {
  const { data: person } = useQuery({ ...personQuery(PERSON.id), initialData: PERSON, staleTime: Infinity });
  const [isHere, setHere] = useState(false);
  const [isOpen, setOpen] = useState(false);
  const [value, setTold] = useState<Told>({});
  const tell = (next: Told) => {
    heard(next);
    setTold(next);
  };
  return (
    <ul>
      <DoorRow
        person={person}
        day={day}
        asks={asks}
        onAsk={onAsk}
        isHere={isHere}
        told={value}
        isOpen={isOpen}
        onHere={setHere}
        onOpen={setOpen}
        onTold={tell}
      />
    </ul>
  );
}

// What one test left waiting is not sent in the next.
beforeEach(() => dropAllDrafts());

function open(today = 'practise', asks: readonly Question[] = [], day = DAY) {
  decision = today;
  written = [];
  globalThis.fetch = (async (_path: string, { method, body }: { method: string; body?: string }) => {
    if (method === 'PUT') written.push(JSON.parse(body!) as (typeof written)[number]);
    return {
      ok: true,
      status: 200,
      headers: { get: () => 'application/json' },
      json: async () => (method === 'PUT' ? { ...PERSON, ...JSON.parse(body!) } : PERSON),
    };
  }) as unknown as typeof fetch;
  const client = new QueryClient({ defaultOptions: { queries: { retry: false } } });
  const { container } = render(
    <QueryClientProvider client={client}>
      <Row asks={asks} day={day} />
    </QueryClientProvider>,
  );
  return { container, isKnown: () => waitFor(() => expect(client.isFetching()).toBe(0)) };
}
const here = () => screen.getByRole('button', { name: 'Bero Talman is here' });
const choose = (group: RegExp, name: string) =>
  userEvent.click(within(screen.getByRole('group', { name: group })).getByRole('button', { name }));

test('shut, a row shows a name and no word of anybody’s health: others look on', async () => {
  const { container, isKnown } = open('clearance');
  await isKnown();
  expect(container.textContent).toBe('Bero Talman Here');
});

test('who may not practise is asked aside as soon as they are here, and it is said why', async () => {
  const { isKnown } = open('clearance');
  await isKnown();
  await userEvent.click(here());
  expect(await screen.findByText('Have a word first')).toBeTruthy();
  expect(screen.getByText('Written clearance first')).toBeTruthy();
  expect(screen.getByText('Pressure is too high today.')).toBeTruthy();
});

test('pain is two taps with its place; without pain it hurts nowhere', async () => {
  open();
  await userEvent.click(screen.getByRole('button', { name: /^Bero Talman(?! is)/ }));
  expect(screen.queryByRole('group', { name: /^Where it hurts/ })).toBeNull();
  await choose(/^Pain of Bero Talman/, '4');
  await choose(/^Where it hurts/, 'neck');
  expect(heard).toHaveBeenLastCalledWith({ pain: 4, where: 'neck' });
  await choose(/^Pain of Bero Talman/, '0');
  expect(heard).toHaveBeenLastCalledWith({ pain: 0 });
  expect(screen.queryByRole('group', { name: /^Where it hurts/ })).toBeNull();
});

test('something new is written to the record as it is there now, and nothing else of it is changed', async () => {
  open();
  await userEvent.click(screen.getByRole('button', { name: /^Bero Talman(?! is)/ }));
  await userEvent.click(screen.getByText(/Warning signs\?/));
  await userEvent.click(screen.getByRole('checkbox', { name: /headache/i }));
  await waitFor(() => expect(written).toHaveLength(1));
  const { studio: _studio, updatedAt: _updatedAt, id: _id, ...rest } = PERSON;
  const [{ id: condition }] = PERSON.conditions as [{ id: string }];
  expect(written[0]).toEqual({
    ...rest,
    conditions: [expect.objectContaining({ id: condition, systolic: 150, flags: ['severe-headache'] })],
  });
});

const TAKES_PILLS: Question = { condition: 'hypertension', parameter: 'betaBlocker' };

test('what a guest is asked is answered by one tap, stays to be answered otherwise, and is all asked then', async () => {
  const { isKnown } = open('practise', [TAKES_PILLS]);
  await isKnown();
  await userEvent.click(here());
  expect(screen.getByText('Something to ask')).toBeTruthy();
  await choose(/beta blocker/, 'yes');
  expect(screen.getByText('All asked')).toBeTruthy();
  await waitFor(() => expect(written).toHaveLength(1));
  expect(written[0]).toMatchObject({ conditions: [{ id: 'hypertension', betaBlocker: true, systolic: 150 }] });
  expect(screen.getByRole('group', { name: /beta blocker/ })).toBeTruthy();
});

test('a reading that is too old is asked again, and sent when it is typed, never the first of its figures', async () => {
  const { isKnown } = open('practise', [], '2026-03-20');
  await isKnown();
  await userEvent.click(here());
  const upper = screen.getByLabelText(/^Upper number/);
  await userEvent.type(upper, '12');
  expect(screen.getByText(/systolic is 12; expected/)).toBeTruthy();
  await userEvent.type(upper, '8');
  expect(screen.queryByText(/systolic is 12/)).toBeNull();
  await waitFor(() => expect(written).toHaveLength(1));
  expect(written[0]).toMatchObject({ conditions: [{ systolic: 128, asOf: '2026-03-20' }] });
  expect(screen.getByLabelText(/^Upper number/)).toHaveProperty('value', '128');
});

test('little energy is one tap, for the day alone, and taken back by another', async () => {
  const { isKnown } = open();
  await isKnown();
  await userEvent.click(screen.getByRole('button', { name: /^Bero Talman(?! is)/ }));
  const tired = () => screen.getByRole('button', { name: 'Little energy today' });
  await userEvent.click(tired());
  await waitFor(() => expect(written).toHaveLength(1));
  expect(written[0]).toMatchObject({ ownLimits: [{ measure: 'met', until: DAY }] });
  expect(tired().getAttribute('aria-pressed')).toBe('true');
  await userEvent.click(tired());
  expect(tired().getAttribute('aria-pressed')).toBe('false');
});

test('something new is said in their words, becomes part of the record, and what decides is asked', async () => {
  const { isKnown } = open();
  await isKnown();
  await userEvent.click(screen.getByRole('button', { name: /^Bero Talman(?! is)/ }));
  await userEvent.click(screen.getByText('Something new?'));
  await userEvent.type(screen.getByLabelText('In their words'), 'bad knees');
  await userEvent.click(screen.getByRole('button', { name: 'Knee trouble' }));
  await waitFor(() => expect(written).toHaveLength(1));
  expect(written[0]!.conditions).toMatchObject([{ id: 'hypertension' }, { id: 'knee', asOf: DAY }]);
  expect(onAsk).toHaveBeenCalledWith(expect.arrayContaining([{ condition: 'knee', parameter: 'painNow' }]));
});
