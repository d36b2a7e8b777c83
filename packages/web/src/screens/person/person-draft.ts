import { anybody, checkParticipant, COMMON_PROPS, type Problem } from '@lotus-steady/core';
import type { Person } from '@lotus-steady/requests';
import { t } from '../../words/t.js';

/** A record while it is edited: all that the server keeps, without its own bookkeeping. */
export type PersonDraft = Omit<Person, 'id' | 'version' | 'updatedAt' | 'studio'>;

export const NEW_PERSON: PersonDraft = {
  name: '',
  note: '',
  body: {},
  conditions: [],
  props: COMMON_PROPS,
  schools: {},
  clearances: [],
  ownLimits: [],
  loosened: [],
  leftOut: [],
  preferences: [],
  breathSeconds: 5,
};

export function toDraft({ id: _id, version: _version, updatedAt: _updatedAt, studio: _studio, ...draft }: Person): PersonDraft {
  return draft;
}

/** Problems of a draft as it is typed; the server checks the same. */
export function checkDraft(draft: PersonDraft): Problem[] {
  const name = draft.name.trim() === '' ? [{ field: 'name', message: t('Write a name') }] : [];
  return [...name, ...checkParticipant({ ...anybody('draft'), ...draft, id: 'draft' })];
}

export function problemAt(problems: readonly Problem[], field: string): string | undefined {
  return problems.find((problem) => problem.field === field)?.message;
}
