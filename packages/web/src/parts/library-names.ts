import type { AsanaEntry } from '../worker/asana-page.js';
import { t } from '../words/t.js';

/** Names of the library's asanas by their ids, and of their forms by `asana/form`. */
export type LibraryNames = ReadonlyMap<string, string>;

export function namesOf(entries: readonly Pick<AsanaEntry, 'id' | 'name' | 'forms'>[]): LibraryNames {
  return new Map(
    entries.flatMap(({ id, name, forms }) => [
      [id, t(name)] as const,
      ...Object.entries(forms).map(([form, called]) => [`${id}/${form}`, t(called)] as const),
    ]),
  );
}

/** What a form is called; the words of its id as long as its name isn't there. */
export function formWords(names: LibraryNames | undefined, asana: string, form: string): string {
  return names?.get(`${asana}/${form}`) ?? form.replaceAll('-', ' ');
}
