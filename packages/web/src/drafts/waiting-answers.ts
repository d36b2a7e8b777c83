import { answersOn, withEnergy, type Trial } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import type { QueryClient } from '@tanstack/react-query';
import { useSyncExternalStore } from 'react';
import { changePerson } from '../api/change-person.js';
import { ApiError } from '../api/client.js';
import { mayPass } from '../api/failed.js';
import { personQuery } from '../api/queries.js';
import { answered, type Answer } from './answer.js';
import { dropDraft, readDraft, WAITING_ANSWERS as KEY, writeDraft } from './drafts.js';

/** An answer to one question of a condition. */
interface OfCondition {
  readonly condition: string;
  readonly parameter: string;
  readonly value: Answer;
}
/** A height that was found by trial. */
interface Found {
  readonly trial: Trial;
  /** In cm; `undefined` where it is taken back. */
  readonly height: number | undefined;
}
/** What somebody said that belongs into their record, and the server hasn't got yet. */
export type WaitingAnswer = (OfCondition | { readonly littleEnergy: boolean } | { readonly newCondition: string } | Found) & {
  readonly person: number;
  /** The day it is of, as YYYY-MM-DD. */
  readonly day: string;
};

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

export function waitingAnswers(): readonly WaitingAnswer[] {
  return readDraft<readonly WaitingAnswer[]>(KEY)?.value ?? [];
}

function keep(waiting: readonly WaitingAnswer[]): void {
  if (waiting.length === 0) dropDraft(KEY);
  else writeDraft(KEY, { version: null, value: waiting });
}

/** What was asked: whoever answers it again says something else in its place. */
function questionOf(said: WaitingAnswer): string {
  if ('littleEnergy' in said) return `${said.person} energy`;
  if ('trial' in said) return `${said.person} ${said.trial}`;
  return 'newCondition' in said ? `${said.person} ${said.newCondition}` : `${said.person} ${said.condition} ${said.parameter}`;
}

/** A record with what was said. */
function withAnswer<T extends Pick<Person, 'conditions' | 'ownLimits' | 'body'>>(record: T, said: WaitingAnswer): T {
  const { day } = said;
  if ('littleEnergy' in said) return { ...record, ownLimits: withEnergy(record.ownLimits, day, said.littleEnergy) };
  if ('trial' in said) return { ...record, body: { ...record.body, [said.trial]: said.height, foundOn: day } };
  if ('newCondition' in said) {
    const id = said.newCondition;
    const isKnown = record.conditions.some((one) => one.id === id);
    return isKnown ? record : { ...record, conditions: [...record.conditions, { id, asOf: day }] };
  }
  const { condition, parameter, value } = said;
  const conditions = record.conditions.map((one) =>
    one.id === condition ? answered(answersOn(one, day).answer, parameter, value, day) : one,
  );
  return { ...record, conditions };
}

/** Shows a record with all that waits for it: what was said counts from now on. */
function show(queries: QueryClient, person: Person): void {
  const own = waitingAnswers().filter((one) => one.person === person.id);
  queries.setQueryData(personQuery(person.id).queryKey, own.reduce<Person>(withAnswer, person));
}

/** Takes an answer: it counts at once on this device, lies sealed on it, and is sent as soon as the server is there. */
export function takeAnswer(queries: QueryClient, answer: WaitingAnswer): void {
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

/** Sends what waits, in its order; what can't be sent now waits on, what is refused is told. */
export async function sendAnswers(queries: QueryClient): Promise<void> {
  if (sending) return;
  sending = true;
  for (let [next] = waitingAnswers(); next; [next] = waitingAnswers()) {
    const sent = next;
    // Another answer to the same question may have come meanwhile: that one waits on.
    const drop = () => keep(waitingAnswers().filter((one) => one !== sent));
    try {
      const person = await changePerson(sent.person, (now) => withAnswer(now, sent));
      drop();
      show(queries, person);
      void queries.invalidateQueries({ queryKey: ['people'], exact: true });
    } catch (error) {
      if (!mayWait(error)) {
        drop();
        refuse(sent.person, error instanceof Error ? error.message : String(error));
        void queries.invalidateQueries({ queryKey: personQuery(sent.person).queryKey });
      }
      break;
    }
  }
  sending = false;
  if (waitingAnswers().length > 0) sendLater(queries, RETRY_MS);
}
