import { useToday } from '../../clock.js';
import { PROPS, type AsanaVerdict } from '@lotus-steady/core';
import { amount } from '../../parts/amounts.js';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { memo, useDeferredValue, useId, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { INPUT } from '../../parts/button-styles.js';
import { ScreenFailure } from '../../parts/Failure.js';
import { measureLabel } from '../../parts/limit-words.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { SelectField } from '../../parts/SelectField.js';
import { Thumb } from '../../parts/Thumb.js';
import { useForWhom } from '../../parts/use-for-whom.js';
import { useGrowing } from '../../parts/use-growing.js';
import { WhomSelect } from '../../parts/WhomSelect.js';
import { words } from '../../parts/words.js';
import type { AsanaEntry } from '../../worker/asana-page.js';
import { findQuery, verdictsQuery } from '../../worker/queries.js';
import { hasFailed } from '../../api/failed.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

const VERDICT_WORDS = { keep: 'allowed', watch: t('with care'), change: t('only when changed') } as const;
const MARKS = { keep: '○', watch: '◐', change: '●' } as const;

interface FilterProps {
  readonly label: string;
  readonly value: string;
  readonly options: readonly string[];
  readonly onChange: (value: string) => void;
}

function Filter({ options, ...field }: FilterProps) {
  return (
    <SelectField {...field}>
      <option value="">{t('any')}</option>
      {options.map((option) => (
        <option key={option} value={option}>
          {words(option)}
        </option>
      ))}
    </SelectField>
  );
}

function because({ by }: AsanaVerdict): string {
  if (!by) return '';
  return `: ${measureLabel(by.measure)} ${amount(by.value, by.unit)}`;
}

const Card = memo(function Card({ entry, verdict, suffix }: { entry: AsanaEntry; verdict: AsanaVerdict | undefined; suffix: string }) {
  const { id, name, iast } = entry;
  return (
    <li className="[content-visibility:auto] [contain-intrinsic-size:auto_11rem]">
      <Link to={`/asanas/${id}${suffix}`} className="flex h-full flex-col rounded border border-rule bg-sheet p-3 hover:border-ink">
        <Thumb id={id} className="h-24" />
        <span className="mt-2 leading-tight font-semibold">{name}</span>
        {iast && <span className="text-sm leading-tight text-soft italic">{iast}</span>}
        {verdict && (
          <span className="mt-auto pt-1 text-sm leading-tight">
            {MARKS[verdict.verdict]} {VERDICT_WORDS[verdict.verdict]}
            <span className="text-soft">{because(verdict)}</span>
          </span>
        )}
      </Link>
    </li>
  );
});

/** The whole library: by any name, position, purpose or prop, and what of it a person, or anyone with a condition, may do. The choices live in the address. */
export function AsanasScreen() {
  const [search, setSearch] = useSearchParams();
  // A choice reaches the address a moment later; until then it is shown, and the next one builds on it.
  const [underway, setUnderway] = useState<URLSearchParams | null>(null);
  if (underway !== null && underway.toString() === search.toString()) setUnderway(null);
  const now = underway ?? search;
  const get = (key: string) => now.get(key) ?? '';
  const set = (key: string, value: string) => {
    const next = new URLSearchParams(now);
    if (value === '') next.delete(key);
    else next.set(key, value);
    setUnderway(next);
    setSearch(next, { replace: true });
  };
  const text = useDeferredValue(get('q'));
  const found = useQuery({ ...findQuery(text), placeholderData: keepPreviousData });
  const everything = useQuery(findQuery(''));
  const { whom, query: person } = useForWhom(get('for'));
  const verdicts = useQuery(verdictsQuery(whom?.participant, useToday()));
  // Deferred, so that hundreds of cards take their verdicts in slices.
  const judged = useDeferredValue(verdicts.data);
  const searchId = useId();
  const verdictOf = new Map(judged?.map((verdict) => [verdict.asana, verdict]));
  const shown = (found.data ?? []).filter(
    ({ id, base, purposes, props }) =>
      (get('base') === '' || base === get('base')) &&
      (get('purpose') === '' || (purposes as readonly string[]).includes(get('purpose'))) &&
      (get('prop') === '' || (props as readonly string[]).includes(get('prop'))) &&
      (get('safe') === '' || verdictOf.get(id)?.verdict !== 'change'),
  );
  const drawn = useGrowing(shown.length);

  const failed = [found, person, verdicts].find(hasFailed);
  if (failed) return <ScreenFailure title={t('Asanas')} error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!found.data || !everything.data) return <ScreenLoading title={t('Asanas')} what={t('Opening the library')} />;
  const suffix = get('for') === '' ? '' : `?for=${get('for')}`;
  const options = (of: 'base' | 'purposes') => [...new Set(everything.data.flatMap((entry) => entry[of]))].sort();
  return (
    <>
      <PageTitle>{t('Asanas')}</PageTitle>
      <h1 className="mb-4 text-2xl">{t('Asanas')}</h1>
      <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-5">
        <div>
          <label htmlFor={searchId} className="mb-1 block text-sm font-semibold">
            {t('Find by any name')}
          </label>
          <input
            id={searchId}
            type="search"
            value={get('q')}
            onChange={(event) => set('q', event.target.value)}
            placeholder={t('tree, vrksasana, willow …')}
            className={INPUT}
          />
        </div>
        <Filter label={t('Position')} value={get('base')} options={options('base')} onChange={(value) => set('base', value)} />
        <Filter label={t('Good for')} value={get('purpose')} options={options('purposes')} onChange={(value) => set('purpose', value)} />
        <Filter label={t('Uses')} value={get('prop')} options={PROPS} onChange={(value) => set('prop', value)} />
        <WhomSelect value={get('for')} onChange={(value) => set('for', value)} />
      </div>
      {whom && (
        <label className="mt-3 inline-flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--ink)]"
            checked={get('safe') !== ''}
            onChange={(event) => set('safe', event.target.checked ? '1' : '')}
          />
          {t('only what {name}', {
            name: whom.isPerson ? t('{name} may do as it is', { name: whom.name }) : t('may be done as it is: {name}', { name: whom.name }),
          })}
        </label>
      )}
      <p role="status" className="my-3 text-sm text-soft">
        {t('{shown} of {data}', { shown: shown.length, data: everything.data.length })}
        {get('for') !== '' && verdicts.isPending && ` ${t('Judging …')}`}
      </p>
      {shown.length === 0 && <p>{t('Nothing in the library fits all of that.')}</p>}
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-5 xl:grid-cols-6">
        {shown.slice(0, drawn).map((entry) => (
          <Card key={entry.id} entry={entry} verdict={verdictOf.get(entry.id)} suffix={suffix} />
        ))}
      </ul>
    </>
  );
}
