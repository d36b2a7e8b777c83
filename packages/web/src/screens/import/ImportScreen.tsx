import { decodeText, peopleOfFile, type FileProblem } from '@lotus-steady/core/formats';
import { MOST_IMPORTED } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { request } from '../../api/client.js';
import { hasFailed } from '../../api/failed.js';
import { peopleQuery } from '../../api/queries.js';
import { useToday } from '../../clock.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { findConditionName } from '../../parts/condition-name.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { FileProblems } from '../../parts/FileProblems.js';
import { OpenFile } from '../../parts/OpenFile.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { choicesOf, draftsOf, type Choice } from './choices.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

function toggled<T>(set: ReadonlySet<T>, one: T): ReadonlySet<T> {
  const next = new Set(set);
  if (!next.delete(one)) next.add(one);
  return next;
}

function Row({ choice, onChange }: { choice: Choice; onChange: (choice: Choice) => void }) {
  const { found, isTwice, isTaken, taken } = choice;
  return (
    <li className="px-2 py-3">
      <label className="flex items-baseline gap-2 font-semibold">
        <input type="checkbox" checked={isTaken} onChange={() => onChange({ ...choice, isTaken: !isTaken })} />
        {found.name}
        {isTwice && <span className="font-normal text-accent">{t('someone of this name is here already')}</span>}
      </label>
      <p className="pl-6 text-sm text-soft">
        {[found.where, found.age === null ? '' : t('age {age}', { age: found.age }), found.note].filter((part) => part !== '').join(' · ')}
      </p>
      {isTaken && found.conditions.length > 0 && (
        <fieldset className="mt-1 pl-6 text-sm">
          <legend className="inline">{t('These words may mean (tick what is so, and ask the rest on the person’s page):')}</legend>
          {found.conditions.map(({ id }) => (
            <label key={id} className="mr-4 inline-flex items-center gap-1.5 py-1">
              <input type="checkbox" checked={taken.has(id)} onChange={() => onChange({ ...choice, taken: toggled(taken, id) })} />
              {findConditionName(id)}
            </label>
          ))}
        </fieldset>
      )}
    </li>
  );
}

/** People of a file: what it holds is shown first, then added together, and removed again as easily. */
export function ImportScreen() {
  const people = useQuery(peopleQuery);
  const queries = useQueryClient();
  const today = useToday();
  const [name, setName] = useState('');
  const [choices, setChoices] = useState<readonly Choice[]>([]);
  const [problems, setProblems] = useState<readonly FileProblem[]>([]);
  const renew = () => queries.invalidateQueries({ queryKey: peopleQuery.queryKey });
  const bring = useMutation({
    mutationFn: () => request<{ readonly ids: readonly number[] }>('POST', 'people/import', { people: draftsOf(choices) }),
    onSuccess: renew,
  });
  const takeBack = useMutation({
    mutationFn: (ids: readonly number[]) => request('POST', 'people/take-back', { ids }),
    onSuccess: async () => {
      bring.reset();
      await renew();
    },
  });
  if (hasFailed(people))
    return <ScreenFailure title={t('Add people from a file')} error={people.error} onRetry={() => void people.refetch()} />;
  if (!people.data) return <ScreenLoading title={t('Add people from a file')} what={t('Looking up people')} />;
  const here = people.data.map((person) => person.name);
  const open = async (chosen: File) => {
    const read = peopleOfFile(decodeText(new Uint8Array(await chosen.arrayBuffer())), today);
    setName(chosen.name);
    setChoices(choicesOf(read.found, here));
    setProblems(read.problems);
    bring.reset();
    takeBack.reset();
  };
  const taken = choices.filter(({ isTaken }) => isTaken).length;
  const done = bring.data?.ids;
  return (
    <div className="mx-auto max-w-3xl">
      <PageTitle>{t('Add people from a file')}</PageTitle>
      <h1 className="text-2xl">{t('Add people from a file')}</h1>
      <p className="mb-4 text-soft">
        {t(
          'A table (CSV) with a column called name, and if you like age and notes; contacts (vCard); or a FHIR bundle. Nothing is kept before you say so. · ',
        )}
        <Link to="/people" className="underline">
          {t('back to people')}
        </Link>
      </p>
      <OpenFile
        label={name === '' ? t('Choose a file') : t('Choose another file')}
        name={t('File with people')}
        accept=".csv,.tsv,.txt,.vcf,.json"
        className={choices.length === 0 ? PRIMARY : PLAIN}
        onFile={(chosen) => void open(chosen)}
      />
      {name !== '' && <FileProblems problems={problems} />}
      {choices.length > 0 && !done && (
        <>
          <h2 className="mt-4 mb-1 text-lg">
            {tell('{count, plural, one {# person} other {# people}} in {name}', { count: choices.length, name })}
          </h2>
          <ul className="divide-y divide-rule border-y border-rule">
            {choices.map((choice, at) => (
              <Row
                key={choice.found.where}
                choice={choice}
                onChange={(next) => setChoices(choices.map((one, i) => (i === at ? next : one)))}
              />
            ))}
          </ul>
          <button
            type="button"
            className={`${PRIMARY} mt-4`}
            disabled={taken === 0 || taken > MOST_IMPORTED || bring.isPending}
            onClick={() => bring.mutate()}
          >
            {taken === 0 ? t('Nobody is ticked') : tell('Add {taken, plural, one {# person} other {# people}}', { taken })}
          </button>
          {taken > MOST_IMPORTED && (
            <p className="mt-1 text-accent">{t('At most {mostImported} at once: untick some.', { mostImported: MOST_IMPORTED })}</p>
          )}
        </>
      )}
      {bring.error && (
        <p role="alert" className="mt-3 text-accent">
          {t('Nobody was added: {reason}', { reason: explain(bring.error) })}
        </p>
      )}
      {done && (
        <div role="status" className="mt-4 rounded border border-ink bg-sheet p-4">
          <p className="font-semibold">{tell('{done, plural, one {# person is} other {# people are}} here now.', { done: done.length })}</p>
          <p>{t('Ask each what has to be asked before their first class.')}</p>
          <button type="button" className={`${PLAIN} mt-3`} disabled={takeBack.isPending} onClick={() => takeBack.mutate(done)}>
            {t('Remove all of them again')}
          </button>
        </div>
      )}
      {takeBack.error && (
        <p role="alert" className="mt-3 text-accent">
          {t('They are still here: {reason}', { reason: explain(takeBack.error) })}
        </p>
      )}
      {takeBack.isSuccess && !done && (
        <p role="status" className="mt-3">
          {t('They are removed again: nothing of them is kept.')}
        </p>
      )}
    </div>
  );
}
