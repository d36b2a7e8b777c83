import { MEASURES, PROPS, type AsanaVerdict, type Measure } from '@lotus-steady/core';
import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useDeferredValue, useId } from 'react';
import { Link, useSearchParams } from 'react-router';
import { personQuery } from '../../api/queries.js';
import { INPUT } from '../../parts/button-styles.js';
import { Failure } from '../../parts/Failure.js';
import { Loading } from '../../parts/Loading.js';
import { PersonSelect } from '../../parts/PersonSelect.js';
import { Thumb } from '../../parts/Thumb.js';
import { words } from '../../parts/words.js';
import { findQuery, verdictsQuery } from '../../worker/queries.js';

const VERDICT_WORDS = { keep: 'allowed', watch: 'with care', change: 'only when changed' } as const;
const MARKS = { keep: '○', watch: '◐', change: '●' } as const;

function Select({
  label,
  value,
  options,
  onChange,
}: {
  label: string;
  value: string;
  options: readonly string[];
  onChange: (value: string) => void;
}) {
  const id = useId();
  return (
    <div>
      <label htmlFor={id} className="mb-1 block text-sm font-semibold">
        {label}
      </label>
      <select id={id} value={value} onChange={(event) => onChange(event.target.value)} className={INPUT}>
        <option value="">any</option>
        {options.map((option) => (
          <option key={option} value={option}>
            {words(option)}
          </option>
        ))}
      </select>
    </div>
  );
}

function because({ by }: AsanaVerdict): string {
  if (!by) return '';
  const label = by.measure === 'facing' ? 'Position' : by.measure === 'props' ? 'Props' : MEASURES[by.measure as Measure].label;
  return `: ${label} ${by.value ?? 'not known'} ${by.unit === '1' ? '' : by.unit}`;
}

/** The whole library: by any name, position, purpose or prop, and what of it a person may do. The choices live in the address. */
export function AsanasScreen() {
  const [search, setSearch] = useSearchParams();
  const get = (key: string) => search.get(key) ?? '';
  const set = (key: string, value: string) => {
    // The address itself, not what was last drawn: two choices in quick succession both count.
    const next = new URLSearchParams(window.location.search);
    if (value === '') next.delete(key);
    else next.set(key, value);
    setSearch(next, { replace: true });
  };
  const text = useDeferredValue(get('q'));
  const found = useQuery({ ...findQuery(text), placeholderData: keepPreviousData });
  const everything = useQuery(findQuery(''));
  const personId = get('for') === '' ? null : Number(get('for'));
  const person = useQuery({ ...personQuery(personId ?? 0), enabled: personId !== null });
  const verdicts = useQuery(verdictsQuery(personId === null ? undefined : person.data));
  const searchId = useId();

  const failed = [found, person, verdicts].find(({ isError }) => isError);
  if (failed) return <Failure error={failed.error} onRetry={() => void failed.refetch()} />;
  if (!found.data || !everything.data) return <Loading what="Opening the library" />;
  const verdictOf = new Map(verdicts.data?.map((verdict) => [verdict.asana, verdict]));
  const options = (of: 'base' | 'purposes') => [...new Set(everything.data.flatMap((entry) => entry[of]))].sort();
  const shown = found.data.filter(
    ({ id, base, purposes, props }) =>
      (get('base') === '' || base === get('base')) &&
      (get('purpose') === '' || (purposes as readonly string[]).includes(get('purpose'))) &&
      (get('prop') === '' || (props as readonly string[]).includes(get('prop'))) &&
      (get('safe') === '' || verdictOf.get(id)?.verdict !== 'change'),
  );
  return (
    <>
      <h1 className="mb-4 text-2xl">Asanas</h1>
      <div className="grid gap-4 sm:grid-cols-2 lg:grid-cols-5">
        <div>
          <label htmlFor={searchId} className="mb-1 block text-sm font-semibold">
            Find by any name
          </label>
          <input
            id={searchId}
            type="search"
            value={get('q')}
            onChange={(event) => set('q', event.target.value)}
            placeholder="tree, vrksasana, willow …"
            className={INPUT}
          />
        </div>
        <Select label="Position" value={get('base')} options={options('base')} onChange={(value) => set('base', value)} />
        <Select label="Good for" value={get('purpose')} options={options('purposes')} onChange={(value) => set('purpose', value)} />
        <Select label="Uses" value={get('prop')} options={PROPS} onChange={(value) => set('prop', value)} />
        <PersonSelect label="Judged for" value={personId} onChange={(value) => set('for', value === null ? '' : String(value))} />
      </div>
      {personId !== null && (
        <label className="mt-3 inline-flex items-center gap-2">
          <input
            type="checkbox"
            className="size-4 accent-[var(--ink)]"
            checked={get('safe') !== ''}
            onChange={(event) => set('safe', event.target.checked ? '1' : '')}
          />
          only what {person.data?.name ?? 'they'} may do as it is
        </label>
      )}
      <p role="status" className="my-3 text-sm text-soft">
        {shown.length} of {everything.data.length}
        {personId !== null && verdicts.isPending && ', judging …'}
      </p>
      {shown.length === 0 && <p>Nothing in the library fits all of that.</p>}
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3 lg:grid-cols-5 xl:grid-cols-6">
        {shown.map(({ id, name, iast }) => {
          const verdict = verdictOf.get(id);
          return (
            <li key={id} className="[content-visibility:auto] [contain-intrinsic-size:auto_11rem]">
              <Link
                to={`/asanas/${id}${personId === null ? '' : `?for=${personId}`}`}
                className="flex h-full flex-col rounded border border-rule bg-sheet p-3 hover:border-ink"
              >
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
        })}
      </ul>
    </>
  );
}
