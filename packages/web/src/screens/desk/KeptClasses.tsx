import type { ClassSummary } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useDeferredValue, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { request } from '../../api/client.js';
import { classesQuery } from '../../api/queries.js';
import { today } from '../../clock.js';
import { INPUT, PLAIN, PRIMARY } from '../../parts/button-styles.js';
import { explain } from '../../parts/Failure.js';
import { dayWords } from '../../parts/words.js';
import { againAddress, doorAddress, keptAddress, nextDay, teachAddress } from '../score/class-address.js';
import { t } from '../../words/t.js';
import { tell } from '../../words/tell.js';

const MOST_KEPT = 8;

/** Kept classes whose sequence is still there, the latest first. */
function useKept(): readonly ClassSummary[] {
  const { data } = useQuery(classesQuery);
  return (useDeferredValue(data) ?? []).filter(({ sequenceId }) => sequenceId !== null);
}

/** What is taught today comes first: opened, or begun, with one click. */
export function TodaysClasses() {
  const kept = useKept().filter(({ day }) => day === today());
  if (kept.length === 0) return null;
  return (
    <section aria-labelledby="today" className="mb-6 rounded border border-ink bg-sheet p-4">
      <h2 id="today" className="text-lg">
        {t('Today')}
      </h2>
      <ul className="mt-2 space-y-3">
        {kept.map((one) => (
          <li key={one.id} className="flex flex-wrap items-center gap-x-6 gap-y-2">
            <span className="grow">
              <span className="font-semibold">{one.title}</span>,{' '}
              {tell('{count, plural, one {# person} other {# people}}', { count: one.personIds.length })}
            </span>
            <Link to={doorAddress(one)} className={PRIMARY}>
              {t('Who is here?')}
            </Link>
            <Link to={teachAddress(one)} className={PLAIN}>
              {t('Teach')}
            </Link>
            <Link to={keptAddress(one)} className={PLAIN}>
              {t('Look it over')}
            </Link>
          </li>
        ))}
      </ul>
    </section>
  );
}

/** Classes that were kept: opened as they were, planned for another day, or removed. */
export function KeptClasses() {
  const kept = useKept().slice(0, MOST_KEPT);
  if (kept.length === 0) return null;
  return (
    <section aria-labelledby="kept" className="mb-5 rounded border border-rule bg-sheet p-4">
      <h2 id="kept" className="text-base">
        {t('Kept classes')}
      </h2>
      <ul className="mt-2 space-y-2">
        {kept.map((one) => (
          <KeptClass key={one.id} kept={one} />
        ))}
      </ul>
    </section>
  );
}

function KeptClass({ kept }: { kept: ClassSummary }) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  const next = nextDay(kept.day, today());
  const [otherDay, setOtherDay] = useState<string | null>(null);
  const [isAsked, setIsAsked] = useState(false);
  const remove = useMutation({
    mutationFn: () => request('DELETE', `classes/${kept.id}`),
    onSuccess: () => queries.invalidateQueries({ queryKey: classesQuery.queryKey }),
  });
  const name = t('{title} on {day}', { title: kept.title, day: dayWords(kept.day) });
  return (
    <li>
      <div className="flex flex-wrap items-baseline gap-x-5 gap-y-1">
        <span className="grow">
          {dayWords(kept.day)}:{' '}
          <Link to={keptAddress(kept)} className="underline">
            {kept.title}
          </Link>
          , {tell('{count, plural, one {# person} other {# people}}', { count: kept.personIds.length })}
        </span>
        <Link to={againAddress(kept, next)} className="underline">
          {t('Plan it again for {day}', { day: dayWords(next) })}
        </Link>
        <button
          type="button"
          className="underline"
          aria-label={t('Another day for the class of {day}', { day: dayWords(kept.day) })}
          aria-expanded={otherDay !== null}
          onClick={() => setOtherDay(otherDay === null ? next : null)}
        >
          {t('Another day')}
        </button>
        <button
          type="button"
          className="underline"
          aria-label={t('Remove the class of {day}', { day: dayWords(kept.day) })}
          aria-expanded={isAsked}
          onClick={() => setIsAsked(!isAsked)}
        >
          {t('Remove')}
        </button>
      </div>
      {otherDay !== null && (
        <form
          className="mt-2 flex flex-wrap items-center gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            void navigate(againAddress(kept, otherDay));
          }}
        >
          <label className="flex items-center gap-2">
            {t('On')}
            <input type="date" required value={otherDay} onChange={({ target }) => setOtherDay(target.value)} className={INPUT} />
          </label>
          <button type="submit" className={PLAIN}>
            {t('Plan it for this day')}
          </button>
        </form>
      )}
      {isAsked && (
        <p className="mt-2 flex flex-wrap items-center gap-3">
          {t('Remove {name}, with everybody’s part of it?', { name })}
          <button type="button" className={PLAIN} disabled={remove.isPending} onClick={() => remove.mutate()}>
            {t('Remove it')}
          </button>
          <button type="button" className="underline" onClick={() => setIsAsked(false)}>
            {t('Keep it')}
          </button>
        </p>
      )}
      {remove.isError && (
        <p role="alert" className="text-accent">
          {explain(remove.error)}
        </p>
      )}
    </li>
  );
}
