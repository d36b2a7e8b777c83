import type { Person } from '@lotus-steady/requests';
import type { QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { changePerson } from '../api/change-person.js';
import { ApiError, request } from '../api/client.js';
import { mayPass } from '../api/failed.js';
import { personQuery } from '../api/queries.js';
import { dropDraft, WAITING_ANSWERS as KEY, writeDraft } from './drafts.js';
import { givenIds, giveId } from './guest-ids.js';
import { waitingAnswers, withAnswer, type WaitingAnswer } from './waiting.js';

/** What is typed in one go is sent as one. */
const PAUSE_MS = 600;
const RETRY_MS = 4000;

/** What the server refused, by person: it is told beside them, and no longer waits. */
let refused: ReadonlyMap<number, string> = new Map();
const listeners = new Set<() => void>();
let timer: ReturnType<typeof setTimeout> | undefined;
let sending = false;

function refuse(person: number, text: string | null): void {
  const next = new Map(refused);
  if (text === null) next.delete(person);
  else next.set(person, text);
  refused = next;
  for (const tell of listeners) tell();
}

/** Why an answer of somebody was not kept; `null` while nothing was refused. */
export function useRefused(person: number): string | null {
  return useSyncExternalStore(
    (tell) => {
      listeners.add(tell);
      return () => listeners.delete(tell);
    },
    () => refused.get(person) ?? null,
  );
}

function keep(waiting: readonly WaitingAnswer[]): void {
  if (waiting.length === 0) dropDraft(KEY);
  else writeDraft(KEY, { version: null, value: waiting });
}

/** What was asked: whoever answers it again says something else in its place. */
function questionOf(said: WaitingAnswer): string {
  if ('guest' in said) return `${said.person} guest`;
  if ('littleEnergy' in said) return `${said.person} energy`;
  if ('trial' in said) return `${said.person} ${said.trial}`;
  return 'newCondition' in said ? `${said.person} ${said.newCondition}` : `${said.person} ${said.condition} ${said.parameter}`;
}

/** Shows a record with all that waits for it: what was said counts from now on. */
function show(queries: QueryClient, person: Person): void {
  const own = waitingAnswers().filter((one) => one.person === person.id);
  queries.setQueryData(personQuery(person.id).queryKey, own.reduce<Person>(withAnswer, person));
}

/** Takes a guest in whom the server can't be told of now: their record counts at once on this device, and is sent first. */
export function takeGuest(queries: QueryClient, guest: Person, day: string): void {
  keep([...waitingAnswers(), { person: guest.id, day, guest }]);
  show(queries, guest);
  sendLater(queries, RETRY_MS);
}

/** Takes an answer: it counts at once on this device, lies sealed on it, and is sent as soon as the server is there. */
export function takeAnswer(queries: QueryClient, said: WaitingAnswer): void {
  // What is open may not have heard yet of the id that the server gave.
  const answer = { ...said, person: givenIds()[said.person] ?? said.person };
  keep([...waitingAnswers().filter((one) => questionOf(one) !== questionOf(answer)), answer]);
  refuse(answer.person, null);
  const known = queries.getQueryData(personQuery(answer.person).queryKey);
  if (known) show(queries, known);
  sendLater(queries, PAUSE_MS);
}

function sendLater(queries: QueryClient, ms: number): void {
  clearTimeout(timer);
  timer = setTimeout(() => void sendAnswers(queries), ms);
}

/** Whether sent again it may be taken: the server is away or busy, or somebody else wrote in between. */
function mayWait(error: unknown): boolean {
  return mayPass(error) || (error instanceof ApiError && [409, 429].includes(error.status));
}

/** Guests whom the server refused: they stay on this device with all that they said, and hold up nobody. */
const refusedGuests = new Set<number>();

function nextWaiting(): WaitingAnswer | undefined {
  return waitingAnswers().find(({ person }) => !refusedGuests.has(person));
}

/** Sends one of what waits; returns the record that comes of it. */
async function send(sent: WaitingAnswer, drop: () => void): Promise<Person> {
  if (!('guest' in sent)) {
    const person = await changePerson(sent.person, (now) => withAnswer(now, sent));
    drop();
    return person;
  }
  const { id: here, version: _version, studio: _studio, updatedAt: _updatedAt, ...record } = sent.guest;
  const person = await request<Person>('POST', 'people', record);
  drop();
  giveId(here, person.id);
  return person;
}

/** Sends what waits, in its order; what can't be sent now waits on, what is refused is told. */
export async function sendAnswers(queries: QueryClient): Promise<void> {
  if (sending) return;
  sending = true;
  for (let next = nextWaiting(); next; next = nextWaiting()) {
    const sent = next;
    // Another answer to the same question may have come meanwhile: that one waits on.
    const drop = () => keep(waitingAnswers().filter((one) => one !== sent));
    try {
      show(queries, await send(sent, drop));
      void queries.invalidateQueries({ queryKey: ['people'], exact: true });
    } catch (error) {
      if (!mayWait(error)) {
        refuse(sent.person, error instanceof Error ? error.message : String(error));
        if ('guest' in sent) refusedGuests.add(sent.person);
        else {
          drop();
          void queries.invalidateQueries({ queryKey: personQuery(sent.person).queryKey });
        }
      }
      break;
    }
  }
  sending = false;
  if (nextWaiting()) sendLater(queries, RETRY_MS);
}
