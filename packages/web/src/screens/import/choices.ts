import type { FoundPerson } from '@lotus-steady/core/formats';
import { plainName } from '@lotus-steady/core/formats';
import { NEW_PERSON, type PersonDraft } from '../person/person-draft.js';
import { t } from '../../words/t.js';

/** Somebody of a file, with what the teacher has decided so far. */
export interface Choice {
  readonly found: FoundPerson;
  /** Somebody of this name is here already, or stands above in the file. */
  readonly isTwice: boolean;
  readonly isTaken: boolean;
  /** Conditions that the words of the file may mean, by their ids: taken only where the teacher says so. */
  readonly taken: ReadonlySet<string>;
}

/** Everybody who isn't here yet is taken in, and none of what the file only seems to say of them. */
export function choicesOf(found: readonly FoundPerson[], here: readonly string[]): Choice[] {
  const names = new Set(here.map(plainName));
  return found.map((person) => {
    const name = plainName(person.name);
    const isTwice = names.has(name);
    names.add(name);
    return { found: person, isTwice, isTaken: !isTwice, taken: new Set() };
  });
}

/** What the server is asked to keep of those who are taken. */
export function draftsOf(choices: readonly Choice[]): PersonDraft[] {
  return choices
    .filter(({ isTaken }) => isTaken)
    .map(({ found, taken }) => ({
      ...NEW_PERSON,
      name: found.name,
      note: [found.age === null ? '' : t('Age {age}.', { age: found.age }), found.note].filter((part) => part !== '').join(' '),
      conditions: found.conditions.filter(({ id }) => taken.has(id)),
    }));
}
