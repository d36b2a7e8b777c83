import { answersOn, withEnergy, type Trial } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { answered, type Answer } from './answer.js';
import { readDraft, WAITING_ANSWERS } from './drafts.js';

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
/** What somebody said that belongs into their record, and the server hasn't got yet; of a guest who is new, the record itself. */
export type WaitingAnswer = (
  OfCondition | { readonly guest: Person } | { readonly littleEnergy: boolean } | { readonly newCondition: string } | Found
) & {
  readonly person: number;
  /** The day it is of, as YYYY-MM-DD. */
  readonly day: string;
};

export function waitingAnswers(): readonly WaitingAnswer[] {
  return readDraft<readonly WaitingAnswer[]>(WAITING_ANSWERS)?.value ?? [];
}

/** A record with what was said. */
export function withAnswer<T extends Pick<Person, 'conditions' | 'ownLimits' | 'body'>>(record: T, said: WaitingAnswer): T {
  const { day } = said;
  if ('guest' in said) return record;
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

/** The record of a guest whom the server doesn't know yet, with what they said since; `null` where nobody waits under this id. */
export function guestHere(id: number): Person | null {
  const own = waitingAnswers().filter(({ person }) => person === id);
  const guest = own.find((said) => 'guest' in said)?.guest;
  return guest ? own.reduce<Person>(withAnswer, guest) : null;
}
