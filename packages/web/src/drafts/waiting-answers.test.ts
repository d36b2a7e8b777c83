/** @jest-environment jsdom */
import 'reflect-metadata';
import type { Person } from '@lotus-steady/requests';
import { QueryClient } from '@tanstack/react-query';
import { personQuery } from '../api/queries.js';
import { dropAllDrafts, readDraft, writeDraft } from './drafts.js';
import { givenIds, newIdHere, withGivenIds } from './guest-ids.js';
import { waitingAnswers, type WaitingAnswer } from './waiting.js';
import { sendAnswers, takeAnswer, takeGuest } from './waiting-answers.js';

const DAY = '2026-03-02';
const person = (id: number) => ({ id, version: 1, name: `Person ${id}`, conditions: [{ id: 'hypertension', asOf: DAY }], ownLimits: [], studio: {}, updatedAt: '' }) as unknown as Person; // prettier-ignore
const answer = (of: number, parameter: string, value: boolean | number): WaitingAnswer => ({ person: of, condition: 'hypertension', parameter, value, day: DAY }); // prettier-ignore

/** What the server has, and how it answers: `away`, or with a status. */
let stored: Map<number, Person>;
let server: 'away' | number;
let queries: QueryClient;
const written = () => [...stored.values()].map(({ conditions }) => conditions[0]);
const shown = (id: number) => queries.getQueryData(personQuery(id).queryKey)?.conditions[0];

beforeEach(async () => {
  await dropAllDrafts();
  jest.useFakeTimers();
  stored = new Map([1, 2].map((id) => [id, person(id)]));
  server = 200;
  queries = new QueryClient();
  for (const id of [1, 2]) queries.setQueryData(personQuery(id).queryKey, person(id));
  globalThis.fetch = (async (path: string, { method, body }: RequestInit) => {
    if (server === 'away') throw new TypeError('no network');
    const id = method === 'POST' ? stored.size + 1 : Number(path.split('/').at(-1));
    const isRead = method === 'GET';
    if (method === 'POST' && server === 200) stored.set(id, { ...(JSON.parse(String(body)) as Person), id, version: 1 });
    if (method === 'PUT' && server === 200) stored.set(id, { ...person(id), ...(JSON.parse(String(body)) as Partial<Person>), version: 2 });
    const status = isRead ? 200 : server;
    const content = status === 200 ? stored.get(id) : { message: `refused with ${status}` };
    return {
      ok: status === 200,
      status,
      headers: new Headers({ 'content-type': 'application/json' }),
      json: async () => content,
    } as Response;
  }) as typeof fetch;
});
afterEach(() => jest.useRealTimers());

test('an answer counts at once, waits while the server is away, and is sent in its order when it is back', async () => {
  server = 'away';
  takeAnswer(queries, answer(1, 'aneurysm', false));
  takeAnswer(queries, answer(2, 'betaBlocker', true));
  expect([shown(1), shown(2)]).toMatchObject([{ aneurysm: false }, { betaBlocker: true }]);
  await sendAnswers(queries);
  expect(waitingAnswers().map((one) => one.person)).toEqual([1, 2]);
  server = 200;
  await jest.advanceTimersByTimeAsync(5000);
  expect(waitingAnswers()).toEqual([]);
  expect(written()).toMatchObject([{ aneurysm: false }, { betaBlocker: true }]);
});

test('of one question the last answer is sent, and once', async () => {
  for (const value of [1, 12, 128]) takeAnswer(queries, answer(1, 'systolic', value));
  expect(waitingAnswers()).toHaveLength(1);
  await jest.advanceTimersByTimeAsync(1000);
  expect([waitingAnswers(), written()[0]]).toEqual([[], expect.objectContaining({ systolic: 128 })]);
});

test('little energy holds on its day, beside what was answered, and is taken back', async () => {
  takeAnswer(queries, answer(1, 'aneurysm', false));
  for (const littleEnergy of [true, false, true]) takeAnswer(queries, { person: 1, day: DAY, littleEnergy });
  expect(waitingAnswers()).toHaveLength(2);
  await jest.advanceTimersByTimeAsync(2000);
  expect(stored.get(1)).toMatchObject({ conditions: [{ aneurysm: false }], ownLimits: [{ measure: 'met', until: DAY }] });
  takeAnswer(queries, { person: 1, day: DAY, littleEnergy: false });
  await jest.advanceTimersByTimeAsync(2000);
  expect(stored.get(1)).toMatchObject({ ownLimits: [] });
});

test('a condition that is new is added before its answers, once', async () => {
  for (let i = 0; i < 2; i++) takeAnswer(queries, { person: 1, day: DAY, newCondition: 'knee' });
  takeAnswer(queries, { person: 1, day: DAY, condition: 'knee', parameter: 'painNow', value: 4 });
  await jest.advanceTimersByTimeAsync(2000);
  expect(stored.get(1)?.conditions).toEqual([
    { id: 'hypertension', asOf: DAY },
    { id: 'knee', asOf: DAY, painNow: 4 },
  ]);
});

test('what somebody else wrote meanwhile stays beside it', async () => {
  stored.set(1, { ...person(1), note: 'written elsewhere' });
  takeAnswer(queries, answer(1, 'aneurysm', true));
  await jest.advanceTimersByTimeAsync(1000);
  expect(stored.get(1)).toMatchObject({ note: 'written elsewhere', conditions: [{ aneurysm: true }] });
});

test.each([409, 429, 500, 401])('after %i it waits on', async (status) => {
  server = status;
  takeAnswer(queries, answer(1, 'aneurysm', true));
  await jest.advanceTimersByTimeAsync(1000);
  expect(waitingAnswers()).toHaveLength(1);
});

test('what is refused no longer waits, and holds up nothing behind it', async () => {
  server = 422;
  takeAnswer(queries, answer(1, 'aneurysm', true));
  await jest.advanceTimersByTimeAsync(1000);
  expect([waitingAnswers(), written()[0]]).toEqual([[], { id: 'hypertension', asOf: DAY }]);
  server = 200;
  takeAnswer(queries, answer(2, 'aneurysm', false));
  await jest.advanceTimersByTimeAsync(1000);
  expect(written()[1]).toMatchObject({ aneurysm: false });
});

test('of what is refused another answer that came meanwhile waits on, and so does everybody else’s', async () => {
  server = 422;
  takeAnswer(queries, answer(1, 'aneurysm', true));
  takeAnswer(queries, answer(2, 'betaBlocker', true));
  const sent = sendAnswers(queries);
  takeAnswer(queries, answer(1, 'aneurysm', false));
  await sent;
  expect(waitingAnswers()).toMatchObject([
    { person: 2, parameter: 'betaBlocker' },
    { person: 1, value: false },
  ]);
});

test('a guest who comes without a network counts at once, and has what they said when the server gives them an id', async () => {
  server = 'away';
  const here = newIdHere();
  takeGuest(queries, { ...person(here), conditions: [] }, DAY);
  takeAnswer(queries, { person: here, day: DAY, newCondition: 'glaucoma' });
  writeDraft(`door.4.1,${here}`, { version: null, value: { added: [here], told: { [here]: { pain: 3 } } } });
  await jest.advanceTimersByTimeAsync(5000);
  expect(waitingAnswers()).toHaveLength(2);
  expect((await queries.fetchQuery(personQuery(here))).conditions).toMatchObject([{ id: 'glaucoma' }]);
  expect(withGivenIds(`/sequences/4/for/1,${here}/door`)).toBe(`/sequences/4/for/1,${here}/door`);
  server = 200;
  await jest.advanceTimersByTimeAsync(9000);
  expect(waitingAnswers()).toEqual([]);
  expect(givenIds()).toEqual({ [here]: 3 });
  expect(stored.get(3)?.conditions).toMatchObject([{ id: 'glaucoma' }]);
  expect(readDraft('door.4.1,3')?.value).toEqual({ added: [3], told: { 3: { pain: 3 } } });
  expect(withGivenIds(`/sequences/4/for/1,${here}/door?here=${here}`)).toBe('/sequences/4/for/1,3/door?here=3');
  takeAnswer(queries, { person: here, day: DAY, littleEnergy: true });
  await jest.advanceTimersByTimeAsync(2000);
  expect(stored.get(3)).toMatchObject({ ownLimits: [{ measure: 'met' }] });
  // Whoever still has the address of before finds them.
  expect((await queries.fetchQuery(personQuery(here))).id).toBe(here);
});

test('a guest whom the server refuses stays, is told, and holds up nobody', async () => {
  server = 422;
  const here = newIdHere();
  takeGuest(queries, { ...person(here), conditions: [] }, DAY);
  await jest.advanceTimersByTimeAsync(5000);
  server = 200;
  takeAnswer(queries, answer(2, 'aneurysm', false));
  await jest.advanceTimersByTimeAsync(1000);
  expect(written()[1]).toMatchObject({ aneurysm: false });
  expect(waitingAnswers()).toMatchObject([{ person: here }]);
  expect((await queries.fetchQuery(personQuery(here))).id).toBe(here);
});
