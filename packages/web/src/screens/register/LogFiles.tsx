import { logFile, plainName, readLogFile, type FileProblem, type LoggedClass } from '@lotus-steady/core/formats';
import { fileLogKey, type ClassLog, type PersonSummary, type RegisterLine } from '@lotus-steady/requests';
import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { request } from '../../api/client.js';
import { today } from '../../clock.js';
import { registerQuery } from '../../api/queries.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { BroughtLogs, useBroughtLogs } from '../../parts/BroughtLogs.js';
import { download } from '../../parts/download.js';
import { explain } from '../../parts/Failure.js';
import { FileProblems } from '../../parts/FileProblems.js';
import { OpenFile } from '../../parts/OpenFile.js';
import { dayWords } from '../../parts/words.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

/** A class of a file, with whom of it somebody here is. */
export interface FoundLog {
  readonly logged: LoggedClass;
  readonly key: string;
  readonly people: readonly { readonly personId: number; readonly at: number }[];
  /** Names that nobody here goes by, or several do. */
  readonly unknown: readonly string[];
  readonly isHere: boolean;
}

/** Finds the people of a file's classes by their names. */
export function foundLogs(
  classes: readonly LoggedClass[],
  people: readonly Pick<PersonSummary, 'id' | 'name'>[],
  here: readonly string[],
): FoundLog[] {
  const keys = new Set(here);
  return classes.map((logged): FoundLog => {
    const found: { personId: number; at: number }[] = [];
    const unknown: string[] = [];
    logged.people.forEach(({ name }, at) => {
      const same = people.filter((person) => plainName(person.name) === plainName(name));
      if (same.length === 1) found.push({ personId: same[0]!.id, at });
      else unknown.push(name);
    });
    const key = fileLogKey(found.map(({ personId }) => personId), logged.day); // prettier-ignore
    const isHere = keys.has(key);
    keys.add(key);
    return { logged, key, people: found, unknown, isHere };
  });
}

/** A log as a file holds it: everybody by name. */
export function loggedOf(
  { title, day, startedAt, endedAt, note, incident, people }: ClassLog,
  nameOf: (id: number) => string,
): LoggedClass {
  return {
    title, day, startedAt, endedAt, note, incident,
    people: people.map(({ personId, present, before, after, felt, harder = null, note: own, marks }) => ({
      name: nameOf(personId), present, before, after, felt, harder, note: own, marks,
    })),
  }; // prettier-ignore
}

interface Props {
  readonly register: readonly RegisterLine[];
  readonly people: readonly PersonSummary[];
}

/** Logs taken along as a file, and those of a file: shown first, added together, and removed again as easily. */
export function LogFiles({ register, people }: Props) {
  const queries = useQueryClient();
  const [found, setFound] = useState<readonly FoundLog[]>([]);
  const [problems, setProblems] = useState<readonly FileProblem[]>([]);
  const renew = () => queries.invalidateQueries({ queryKey: registerQuery.queryKey });
  const save = useMutation({
    mutationFn: async () => {
      const logs: ClassLog[] = [];
      for (const { key } of register) logs.push(await request<ClassLog>('GET', `logs/${encodeURIComponent(key)}`));
      const names = new Map(people.map(({ id, name }) => [id, name]));
      return JSON.stringify(logFile(logs.map((log) => loggedOf(log, (id) => names.get(id) ?? 'somebody'))), null, 2);
    },
    onSuccess: (text) => download('class-logs.json', text, 'application/json'),
  });
  const usable = found.filter(({ people: who, isHere }) => who.length > 0 && !isHere);
  const logs = useBroughtLogs(renew, () => setFound([]));
  const bring = () =>
    logs.bring.mutate(
      usable.map(({ logged: { people: own, ...log }, key, people: who }) => ({
        ...log,
        key,
        people: who.map(({ personId, at }) => {
          const { name: _name, ...part } = own[at]!;
          return { ...part, personId, decided: [] };
        }),
      })),
    );
  const open = async (chosen: File) => {
    const read = readLogFile(await chosen.text(), today());
    setFound(foundLogs(read.found, people, register.map(({ key }) => key))); // prettier-ignore
    setProblems(read.problems);
    logs.forget();
  };
  const done = logs.bring.data?.keys;
  return (
    <section aria-labelledby="log-files" className="mt-8">
      <h2 id="log-files" className="mb-2 text-lg">
        {t('Logs as a file')}
      </h2>
      <div className="flex flex-wrap gap-2">
        <button type="button" className={PLAIN} disabled={register.length === 0 || save.isPending} onClick={() => save.mutate()}>
          {t('Save all of them')}
        </button>
        <OpenFile
          label={t('Add from a file …')}
          name={t('File with logs')}
          accept=".json,application/json"
          onFile={(chosen) => void open(chosen)}
        />
      </div>
      {save.isError && (
        <p role="alert" className="mt-2 text-accent">
          {explain(save.error)}
        </p>
      )}
      <FileProblems problems={problems} />
      {found.length > 0 && !done && (
        <>
          <ul className="mt-3 max-w-3xl divide-y divide-rule rounded border border-rule bg-sheet">
            {found.map(({ logged: { title, day }, people: who, unknown, isHere }, i) => (
              <li key={i} className="px-3 py-2">
                <strong>{title}</strong>, {dayWords(day)}: {tell('{count, plural, one {# person} other {# people}}', { count: who.length })}
                {isHere && <span className="block text-sm text-soft">{t('Here already: not added again.')}</span>}
                {unknown.length > 0 && (
                  <span className="block text-sm text-soft">
                    {t('Nobody here, so left out: {unknown}', { unknown: unknown.join(', ') })}
                  </span>
                )}
              </li>
            ))}
          </ul>
          <button type="button" className={`${PRIMARY} mt-3`} disabled={usable.length === 0 || logs.bring.isPending} onClick={bring}>
            {tell('Add {usable, plural, one {# class} other {# classes}}', { usable: usable.length })}
          </button>
        </>
      )}
      <BroughtLogs logs={logs} said={(count) => tell('{count, plural, one {# class} other {# classes}} added.', { count })} />
    </section>
  );
}
