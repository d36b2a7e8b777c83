import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { Link } from 'react-router';
import { peopleQuery } from '../../api/queries.js';
import { PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { FindField, holds } from '../../parts/FindField.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { DecisionWord } from '../../parts/Verdict.js';
import { hasFailed } from '../../api/failed.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

export function PeopleScreen() {
  const people = useQuery(peopleQuery);
  const [wanted, setWanted] = useState('');
  if (hasFailed(people)) return <ScreenFailure title={t('People')} error={people.error} onRetry={() => void people.refetch()} />;
  if (people.data === undefined) return <ScreenLoading title={t('People')} what={t('Looking up people')} />;
  const shown = people.data.filter(({ name }) => holds(name, wanted));
  return (
    <>
      <div className="mb-4 flex flex-wrap items-end justify-between gap-3">
        <PageTitle>{t('People')}</PageTitle>
        <h1 className="text-2xl">{t('People')}</h1>
        <div className="flex flex-wrap gap-2">
          <Link to="/people/import" className={PLAIN}>
            {t('From a file')}
          </Link>
          <Link to="/people/new" className={PRIMARY}>
            {t('Add a person')}
          </Link>
        </div>
      </div>
      <FindField label={t('Find by name')} of={people.data.length} value={wanted} onChange={setWanted} />
      {people.data.length === 0 && (
        <p className="text-soft">{t('Nobody is here yet. Add the first person: a name, and what you know of their health.')}</p>
      )}
      <ul className="divide-y divide-rule border-y border-rule">
        {shown.map(({ id, name, conditionNames, decision }) => (
          <li key={id}>
            <Link to={`/people/${id}`} className="grid gap-x-4 px-2 py-2.5 hover:bg-shade sm:grid-cols-[14rem_1fr_14rem]">
              <span className="font-semibold">{name}</span>
              <span className="text-soft">{conditionNames.join(', ') || t('Nothing to watch')}</span>
              <span className="text-sm">
                <DecisionWord decision={decision} />
              </span>
            </Link>
          </li>
        ))}
      </ul>
      {shown.length === 0 && people.data.length > 0 && (
        <p className="mt-3 text-soft">{t('Nobody’s name contains “{wanted}”.', { wanted })}</p>
      )}
    </>
  );
}
