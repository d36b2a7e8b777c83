import { CONDITIONS, schoolMatters } from '@lotus-steady/core';
import type { Studio, StudioAnswer } from '@lotus-steady/requests';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { Link } from 'react-router';
import { request } from '../../api/client.js';
import { studioQuery } from '../../api/queries.js';
import { explain, ScreenFailure } from '../../parts/Failure.js';
import { ScreenLoading } from '../../parts/Loading.js';
import { OwnLimits } from '../../parts/OwnLimits.js';
import { SelectField } from '../../parts/SelectField.js';
import { SchoolSelect } from '../../parts/SchoolSelect.js';
import { hasFailed } from '../../api/failed.js';
import { PageTitle } from '../../parts/PageTitle.js';
import { t } from '../../words/t.js';

/** What the studio decides for everyone: positions where practitioners disagree, and limits of its own. Every change is kept at once. */
export function StudioScreen() {
  const studio = useQuery(studioQuery);
  const queries = useQueryClient();
  const keep = useMutation({
    mutationFn: ({ schools, limits, timeZone }: Studio) => request<StudioAnswer>('PUT', 'studio', { schools, limits, timeZone }),
    onSuccess: async (kept) => {
      queries.setQueryData(studioQuery.queryKey, kept);
      // What people may do follows from it.
      await Promise.all(['people', 'score', 'verdicts'].map((key) => queries.invalidateQueries({ queryKey: [key] })));
    },
  });
  if (hasFailed(studio)) return <ScreenFailure title={t('The studio')} error={studio.error} onRetry={() => void studio.refetch()} />;
  if (studio.data === undefined) return <ScreenLoading title={t('The studio')} what={t('Opening the studio')} />;
  const { schools, limits, timeZone } = studio.data;
  return (
    <>
      <PageTitle>{t('The studio')}</PageTitle>
      <h1 className="mb-1 text-2xl">{t('The studio')}</h1>
      <p className="max-w-prose text-soft">
        {t('For everyone who practises here; a person’s own record may decide otherwise where practitioners disagree. ')}
        <Link to="/words" className="underline">
          {t('Our words for postures')}
        </Link>{' '}
        {t('have a page of their own.')}
      </p>
      <p role="status" className="my-3 text-sm">
        {keep.isPending && t('Keeping …')}
        {keep.isSuccess && t('Kept')}
        {keep.isError && t('Not kept: {reason}', { reason: explain(keep.error) })}
      </p>
      <section aria-labelledby="day" className="mb-8">
        <h2 id="day" className="mb-2 text-lg">
          {t('Our day')}
        </h2>
        <div className="max-w-xs">
          <SelectField label={t('Time zone')} value={timeZone} onChange={(next) => keep.mutate({ ...studio.data, timeZone: next })}>
            {[...new Set([timeZone, 'UTC', ...Intl.supportedValuesOf('timeZone')])].map((zone) => (
              <option key={zone} value={zone}>
                {zone.replaceAll('_', ' ')}
              </option>
            ))}
          </SelectField>
        </div>
        <p className="mt-1 text-sm text-soft">{t('By it a new day begins: what someone told today, and how long a clearance holds.')}</p>
      </section>
      <section aria-labelledby="own" className="mb-8">
        <h2 id="own" className="mb-2 text-lg">
          {t('Limits of our own')}
        </h2>
        <OwnLimits limits={limits} by={t('the studio')} onChange={(next) => keep.mutate({ ...studio.data, limits: next })} />
      </section>
      <section aria-labelledby="schools">
        <h2 id="schools" className="mb-2 text-lg">
          {t('Where practitioners disagree')}
        </h2>
        <p className="mb-3 text-sm text-soft">{t('Only where a limit depends on it; all positions stand on the condition’s page.')}</p>
        <div className="grid gap-5 sm:grid-cols-2 lg:grid-cols-3">
          {CONDITIONS.flatMap((condition) =>
            Object.entries(condition.schools)
              .filter(([id]) => schoolMatters(condition, id))
              .map(([id, school]) => (
                <div key={id}>
                  <SchoolSelect
                    id={id}
                    school={school}
                    label={`${condition.name}: ${school.name.toLowerCase()}`}
                    mark="default"
                    chosen={schools}
                    onChange={(next) => keep.mutate({ ...studio.data, schools: next })}
                  />
                  <p className="mt-1 text-sm text-soft">{school.because}</p>
                </div>
              )),
          )}
        </div>
      </section>
    </>
  );
}
